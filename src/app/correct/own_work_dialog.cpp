// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/own_work_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "session/cut_entries.h"
#include "text/errors.h"
#include "text/sentences.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace dowel::app {

OwnWorkDialog::OwnWorkDialog(Document& document, text::LengthUnit unit, const std::optional<HoleId>& hole, QWidget* parent)
    : QDialog(parent),
      m_document(&document),
      m_unit(unit),
      m_works(worksOn(document.book()->present())),
      m_what(form::box(this, "ownWhat", tr("Work done"))),
      m_recorded(form::words(this, "ownRecorded")),
      m_how(form::box(this, "ownHow", tr("Size given as"))),
      m_size(new QLineEdit(this)),
      m_sizeWords(new QLabel(tr("&Size"), this)),
      m_mouth(new QLineEdit(this)),
      m_mouthWords(new QLabel(tr("&Mouth diameter"), this)),
      m_shape(form::box(this, "ownShape", tr("Shape"))),
      m_trouble(form::words(this, "ownTrouble"))
{
    setObjectName(QStringLiteral("ownWorkDialog"));
    setWindowTitle(tr("Log own work"));
    setMinimumWidth(460);
    for (Cut& work : m_works)
        if (auto* foot = std::get_if<PutOnFoot>(&work))
            foot->piece.emplace();                   // one to be typed
    if (document.book()->present().spec().footPiece) // it can be taken off, too
        m_works.emplace_back(PutOnFoot{});
    // What can be done to one hole stands together, from the foot upwards; then what is done to the tube.
    const auto& holes = document.book()->present().spec().holes;
    std::stable_sort(m_works.begin(), m_works.end(), [&holes](const Cut& a, const Cut& b) {
        const auto place = [&holes](const Cut& c) {
            const auto id = holeOf(c);
            return std::find_if(holes.begin(), holes.end(), [&](const Hole& h) { return h.id == id; });
        };
        return place(a) < place(b);
    });
    for (const Cut& work : m_works)
        m_what->addItem(text::work(work, m_unit));
    const auto first = std::find_if(m_works.begin(), m_works.end(), [&](const Cut& c) { return hole && holeOf(c) == hole; });
    m_what->setCurrentIndex(first == m_works.end() ? 0 : static_cast<int>(first - m_works.begin()));
    m_how->addItems({tr("new size"), tr("change")});
    m_shape->addItems({tr("cone"), tr("cylinder")});
    for (QComboBox* b : {m_what, m_how, m_shape})
        b->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    m_size->setObjectName(QStringLiteral("ownSize"));
    m_size->setAccessibleName(tr("Caliper reading"));
    m_mouth->setObjectName(QStringLiteral("ownMouth"));
    m_mouth->setAccessibleName(tr("Mouth diameter"));
    for (QLineEdit* line : {m_size, m_mouth})
        line->setMaxLength(24);
    auto* words = form::words(this, "ownWords", true);
    words->setText(tr("Logged as a cut without advice; the notes it moves are heard again before further advice. Wax in a hole "
                      "counts as filling."));
    m_trouble->setVisible(false);
    auto* typed = new QHBoxLayout;
    typed->setSpacing(Style::grid);
    typed->addWidget(m_how);
    typed->addWidget(m_size, 1);
    auto* fields = new QFormLayout;
    fields->setHorizontalSpacing(2 * Style::grid);
    fields->setVerticalSpacing(Style::grid);
    fields->addRow(tr("&Size of"), m_what);
    fields->addRow(tr("Recorded size"), m_recorded);
    auto* wide = new QHBoxLayout;
    wide->setSpacing(Style::grid);
    wide->addWidget(m_mouth, 1);
    wide->addWidget(m_shape);
    m_sizeWords->setBuddy(m_size);
    m_mouthWords->setBuddy(m_mouth);
    fields->addRow(m_sizeWords, typed);
    fields->addRow(m_mouthWords, wide);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addLayout(fields);
    column->addWidget(m_trouble);
    column->addWidget(words);
    column->addLayout(form::answers(this, "ownCancel", "ownKeep", tr("Log work")));
    connect(m_what, &QComboBox::currentIndexChanged, this, &OwnWorkDialog::showRecorded);
    showRecorded();
    m_size->setFocus();
}

const Cut& OwnWorkDialog::chosen() const
{
    return m_works[static_cast<std::size_t>(std::max(0, m_what->currentIndex()))];
}

void OwnWorkDialog::showRecorded()
{
    const auto* foot = std::get_if<PutOnFoot>(&chosen());
    const auto& on = m_document->book()->present().spec().footPiece;
    const bool off = foot != nullptr && on && !foot->piece;
    m_recorded->setText(foot == nullptr ? text::length(wantedSize(chosen()), m_unit)
                        : on ? tr("%1 long, mouth %2").arg(text::length(on->length, m_unit), text::length(on->mouth, m_unit))
                             : tr("no foot piece"));
    m_how->setVisible(foot == nullptr);
    for (QWidget* w : std::initializer_list<QWidget*>{m_size, m_sizeWords})
        w->setVisible(!off);
    for (QWidget* w : std::initializer_list<QWidget*>{m_mouth, m_mouthWords, m_shape})
        w->setVisible(foot != nullptr && !off);
    m_sizeWords->setText(foot == nullptr ? tr("&Size") : tr("&Length"));
    m_size->clear();
    m_mouth->clear();
}

Result<FootPiece> OwnWorkDialog::piece() const
{
    const auto length = DOWEL_TRY(text::parseLength(m_size->text(), m_unit));
    const auto mouth = DOWEL_TRY(text::parseLength(m_mouth->text(), m_unit));
    return FootPiece{length, mouth, m_shape->currentIndex() == 0};
}

Result<Cut> OwnWorkDialog::typed() const
{
    if (std::holds_alternative<PutOnFoot>(chosen())) {
        if (m_mouth->isHidden())
            return Cut{PutOnFoot{}};
        const auto on = piece();
        return on ? Result<Cut>(PutOnFoot{*on}) : Result<Cut>(on.error());
    }
    const auto to = size();
    return to ? Result<Cut>(withSize(chosen(), *to)) : Result<Cut>(to.error());
}

Result<Metres> OwnWorkDialog::size() const
{
    auto typed = text::parseLength(m_size->text(), m_unit);
    if (!typed || m_how->currentIndex() == 0)
        return typed;
    // By so much more of what the work does: a hole wider, the tube shorter, a filled hole narrower.
    const bool less = factsOf(chosen()).size == CutFacts::Size::Shrinks;
    return less ? wantedSize(chosen()) - *typed : wantedSize(chosen()) + *typed;
}

void OwnWorkDialog::refuse(const Error& error)
{
    m_trouble->setText(text::sentence(error, m_unit));
    m_trouble->setVisible(true);
    m_size->setFocus();
    m_size->selectAll();
}

void OwnWorkDialog::accept()
{
    const auto cut = typed();
    if (!cut)
        return refuse(cut.error());
    const auto entry = session::ownCutEntry(*m_document->book(), *cut);
    if (!entry)
        return refuse(entry.error());
    if (const auto ok = m_document->book()->checkNew(*entry); !ok)
        return refuse(ok.error());
    m_document->recordOwnCut(*cut);
    QDialog::accept();
}

} // namespace dowel::app

#include "moc_own_work_dialog.cpp"
