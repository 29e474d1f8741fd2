// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/own_work_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "core/instrument/whole.h"
#include "core/shop/stock.h"
#include "session/cut_entries.h"
#include "text/errors.h"
#include "text/names.h"
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
      m_what(form::box(this, "ownWhat", tr("Work done"))),
      m_recorded(form::words(this, "ownRecorded")),
      m_how(form::box(this, "ownHow", tr("Size given as"))),
      m_size(new QLineEdit(this)),
      m_sizeWords(new QLabel(tr("&Size"), this)),
      m_mouth(new QLineEdit(this)),
      m_mouthWords(new QLabel(tr("&Mouth diameter"), this)),
      m_shape(form::box(this, "ownShape", tr("Shape"))),
      m_stretchFrom(new QLineEdit(this)),
      m_stretchTo(new QLineEdit(this)),
      m_stretchWords(new QLabel(this)),
      m_stretchAnd(new QLabel(tr("to", "a place"), this)),
      m_end(form::box(this, "ownEnd", tr("End the reamer went in at"))),
      m_trouble(form::words(this, "ownTrouble"))
{
    setObjectName(QStringLiteral("ownWorkDialog"));
    setWindowTitle(tr("Log own work"));
    setMinimumWidth(460);
    addChoices(hole);
    m_how->addItems({tr("new size"), tr("change")});
    m_shape->addItems({tr("cone"), tr("cylinder")});
    m_end->addItem(tr("from the foot"), static_cast<int>(From::Foot));
    m_end->addItem(tr("from the head"), static_cast<int>(From::Head));
    m_stretchFrom->setObjectName(QStringLiteral("ownFrom"));
    m_stretchFrom->setAccessibleName(tr("Upper end of the stretch"));
    m_stretchTo->setObjectName(QStringLiteral("ownTo"));
    m_stretchTo->setAccessibleName(tr("Lower end of the stretch"));
    m_stretchWords->setText(
        tr("Reamed, %1", "from the lip").arg(text::originName(Origin::Edge, document.book()->present().spec())));
    for (QComboBox* b : {m_what, m_how, m_shape, m_end})
        b->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    m_size->setObjectName(QStringLiteral("ownSize"));
    m_size->setAccessibleName(tr("Caliper reading"));
    m_mouth->setObjectName(QStringLiteral("ownMouth"));
    m_mouth->setAccessibleName(tr("Mouth diameter"));
    for (QLineEdit* line : {m_size, m_mouth, m_stretchFrom, m_stretchTo})
        line->setMaxLength(24);
    auto* words = form::words(this, "ownWords", true);
    words->setText(tr("Logged as a cut without advice; the notes it moves are heard again before further advice. Wax in a hole "
                      "counts as filling."));
    m_trouble->setVisible(false);
    auto* typed = new QHBoxLayout;
    typed->setSpacing(Style::grid);
    typed->addWidget(m_how);
    typed->addWidget(m_size, 1);
    typed->addWidget(m_end);
    auto* fields = new QFormLayout;
    fields->setHorizontalSpacing(2 * Style::grid);
    fields->setVerticalSpacing(Style::grid);
    fields->addRow(tr("&Work"), m_what);
    fields->addRow(tr("Recorded size"), m_recorded);
    auto* wide = new QHBoxLayout;
    wide->setSpacing(Style::grid);
    wide->addWidget(m_mouth, 1);
    wide->addWidget(m_shape);
    auto* places = new QHBoxLayout;
    places->setSpacing(Style::grid);
    places->addWidget(m_stretchFrom, 1);
    places->addWidget(m_stretchAnd);
    places->addWidget(m_stretchTo, 1);
    fields->addRow(m_stretchWords, places);
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

void OwnWorkDialog::addChoices(const std::optional<HoleId>& hole)
{
    const Instrument& there = m_document->book()->present();
    for (Cut& work : worksOn(there)) {
        if (auto* foot = std::get_if<PutOnFoot>(&work))
            foot->piece.emplace(); // one to be typed
        m_works.push_back({std::move(work)});
    }
    if (there.spec().footPiece) // it can be taken off, too
        m_works.push_back({PutOnFoot{}});
    m_works.push_back({Ream{Metres{}, there.length(), *presentSize(there, Ream{Metres{}, there.length(), {}})}});
    for (const Reamer& reamer : m_document->drawer().reamers)
        m_works.push_back({ReamTaper{}, reamer});
    // What can be done to one hole stands together, from the foot upwards; then what is done to the tube.
    const auto& holes = there.spec().holes;
    std::stable_sort(m_works.begin(), m_works.end(), [&holes](const Choice& a, const Choice& b) {
        const auto place = [&holes](const Cut& c) {
            const auto id = holeOf(c);
            return std::find_if(holes.begin(), holes.end(), [&](const Hole& h) { return h.id == id; });
        };
        return place(a.work) < place(b.work);
    });
    for (const Choice& c : m_works)
        m_what->addItem(c.reamer ? tr("Ream with %1", "a reamer").arg(QString::fromStdString(c.reamer->name))
                        : std::holds_alternative<Ream>(c.work) ? tr("Ream a stretch of the bore")
                                                               : text::work(c.work, m_unit));
    const auto first =
        std::find_if(m_works.begin(), m_works.end(), [&](const Choice& c) { return hole && holeOf(c.work) == hole; });
    m_what->setCurrentIndex(first == m_works.end() ? 0 : static_cast<int>(first - m_works.begin()));
}

const OwnWorkDialog::Choice& OwnWorkDialog::chosen() const
{
    return m_works[static_cast<std::size_t>(std::max(0, m_what->currentIndex()))];
}

void OwnWorkDialog::showRecorded()
{
    const auto* foot = std::get_if<PutOnFoot>(&chosen().work);
    const bool reamed = std::holds_alternative<Ream>(chosen().work);
    const bool byReamer = chosen().reamer.has_value();
    const auto& on = m_document->book()->present().spec().footPiece;
    const bool off = foot != nullptr && on && !foot->piece;
    m_recorded->setText(foot == nullptr
                            ? byReamer ? tr("narrowest bore %1")
                                             .arg(text::length(*presentSize(m_document->book()->present(),
                                                                            Ream{{}, m_document->book()->present().length(), {}}),
                                                               m_unit))
                                       : text::length(wantedSize(chosen().work), m_unit)
                        : on ? tr("%1 long, mouth %2").arg(text::length(on->length, m_unit), text::length(on->mouth, m_unit))
                             : tr("no foot piece"));
    m_how->setVisible(foot == nullptr && !reamed && !byReamer);
    for (QWidget* w : std::initializer_list<QWidget*>{m_size, m_sizeWords})
        w->setVisible(!off);
    for (QWidget* w : std::initializer_list<QWidget*>{m_mouth, m_mouthWords, m_shape})
        w->setVisible(foot != nullptr && !off);
    for (QWidget* w : std::initializer_list<QWidget*>{m_stretchFrom, m_stretchTo, m_stretchWords, m_stretchAnd})
        w->setVisible(reamed);
    m_end->setVisible(byReamer);
    m_sizeWords->setText(byReamer ? tr("&Tip in by") : reamed ? tr("&Diameter") : foot == nullptr ? tr("&Size") : tr("&Length"));
    m_size->clear();
    m_mouth->clear();
}

Result<FootPiece> OwnWorkDialog::piece() const
{
    const auto length = DOWEL_TRY(text::parseLength(m_size->text(), m_unit));
    const auto mouth = DOWEL_TRY(text::parseLength(m_mouth->text(), m_unit));
    return FootPiece{length, mouth, m_shape->currentIndex() == 0};
}

Result<Ream> OwnWorkDialog::stretch() const
{
    const auto from = DOWEL_TRY(text::parseLength(m_stretchFrom->text(), m_unit));
    const auto to = DOWEL_TRY(text::parseLength(m_stretchTo->text(), m_unit));
    const auto wide = DOWEL_TRY(text::parseLength(m_size->text(), m_unit));
    return Ream{from, to, wide};
}

Result<std::vector<Cut>> OwnWorkDialog::typed() const
{
    const Choice& c = chosen();
    if (c.reamer) {
        const auto deep = DOWEL_TRY(text::parseLength(m_size->text(), m_unit));
        const auto tapers =
            DOWEL_TRY(reamings(m_document->book()->present(), *c.reamer, static_cast<From>(m_end->currentData().toInt()), deep));
        return std::vector<Cut>(tapers.begin(), tapers.end());
    }
    if (std::holds_alternative<Ream>(c.work)) {
        const auto ream = DOWEL_TRY(stretch());
        return std::vector<Cut>{ream};
    }
    if (std::holds_alternative<PutOnFoot>(c.work)) {
        if (m_mouth->isHidden())
            return std::vector<Cut>{PutOnFoot{}};
        const auto on = DOWEL_TRY(piece());
        return std::vector<Cut>{PutOnFoot{on}};
    }
    const auto to = DOWEL_TRY(size());
    return std::vector<Cut>{withSize(c.work, to)};
}

Result<Metres> OwnWorkDialog::size() const
{
    auto typed = text::parseLength(m_size->text(), m_unit);
    if (!typed || m_how->currentIndex() == 0)
        return typed;
    // By so much more of what the work does: a hole wider, the tube shorter, a filled hole narrower.
    const bool less = factsOf(chosen().work).size == CutFacts::Size::Shrinks;
    return less ? wantedSize(chosen().work) - *typed : wantedSize(chosen().work) + *typed;
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
    const auto cuts = typed();
    if (!cuts)
        return refuse(cuts.error());
    const auto entries = session::ownCutEntries(*m_document->book(), *cuts);
    if (!entries)
        return refuse(entries.error());
    if (const auto ok = m_document->book()->checkNew(entries->front()); !ok)
        return refuse(ok.error());
    m_document->recordOwnWork(*cuts);
    QDialog::accept();
}

} // namespace dowel::app

#include "moc_own_work_dialog.cpp"
