// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shop/shop_memory_dialog.h"

#include "app/document/shop_settings.h"
#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"
#include "text/names.h"
#include "text/units.h"

#include <QCheckBox>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QSettings>
#include <QTableWidget>
#include <QVBoxLayout>
#include <cmath>

namespace dowel::app {

namespace {

/// One shared unknown in words: what it is, and how its mean and spread are written.
struct Line
{
    Shared which;
    QString what;
    double scale; ///< from the unknown to what is shown; 0 for a logarithm shown as per cent
    QString unit;
};

QString shown(double mean, double sd, const Line& line)
{
    const bool percent = line.scale == 0.0;
    const double m = percent ? 100.0 * (std::exp(mean) - 1.0) : mean * line.scale;
    const double s = percent ? 100.0 * sd : sd * line.scale;
    const bool none = std::abs(m) < 0.05;
    return ShopMemoryDialog::tr("%1 ± %2 %3", "mean, spread, unit")
        .arg(none ? QStringLiteral("0.0") : text::cents(m))
        .arg(text::number(s, 1))
        .arg(line.unit);
}

} // namespace

ShopMemoryDialog::ShopMemoryDialog(std::shared_ptr<ShopMemory> memory, QWidget* parent)
    : QDialog(parent),
      m_memory(std::move(memory)),
      m_use(new QCheckBox(tr("&Use for new instruments"), this)),
      m_words(form::words(this, "shopWords")),
      m_table(form::table(this, "shopTable", tr("Instruments remembered"),
                          {tr("instrument"), tr("family"), tr("readings"), tr("last heard")})),
      m_learntWords(form::words(this, "shopLearntWords")),
      m_learnt(form::table(this, "shopLearnt", tr("What is learnt"), {tr("parameter"), tr("before"), tr("for the next")})),
      m_forget(form::button(this, "forgetButton", tr("Forget selected"))),
      m_forgetAll(form::button(this, "forgetAllButton", tr("Forget all")))
{
    setObjectName(QStringLiteral("shopMemoryDialog"));
    setWindowTitle(tr("Shop memory"));
    resize(760, 640);
    m_use->setObjectName(QStringLiteral("useShopMemory"));
    m_use->setAccessibleName(tr("Use the shop memory"));
    m_use->setChecked(usesShopMemory());
    m_words->setText(tr("Your embouchure, breath and way of cutting holes carry over between instruments. Estimates from earlier "
                        "instruments are the starting point for the next of the same family; its own readings count for more. "
                        "Practice blanks are not remembered."));
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setFocusPolicy(Qt::StrongFocus);
    m_learnt->horizontalHeader()->setSectionResizeMode(0, QHeaderView::ResizeToContents);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(Style::grid);
    buttons->addWidget(m_forget);
    buttons->addWidget(m_forgetAll);
    buttons->addStretch(1);
    auto* close = form::button(this, "shopClose", tr("Close"), true);
    buttons->addWidget(close);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(Style::grid);
    column->addWidget(m_words);
    column->addWidget(m_use);
    column->addWidget(m_table, 1);
    column->addWidget(m_learntWords);
    column->addWidget(m_learnt, 2);
    column->addLayout(buttons);
    connect(m_use, &QCheckBox::toggled, this, [](bool on) { QSettings().setValue(QStringLiteral("shopMemory"), on); });
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    connect(m_table, &QTableWidget::currentCellChanged, this, &ShopMemoryDialog::showLearnt);
    connect(m_forget, &QPushButton::clicked, this, [this] {
        const int row = m_table->currentRow();
        if (row >= 0 && row < static_cast<int>(m_known.all.size()))
            refresh([book = m_known.all[static_cast<std::size_t>(row)].book](ShopMemory& at) { return at.forget(book); });
    });
    connect(m_forgetAll, &QPushButton::clicked, this, [this] { refresh([](ShopMemory& at) { return at.forgetAll(); }); });
    refresh();
}

void ShopMemoryDialog::refresh(std::function<Status(ShopMemory&)> change)
{
    m_forget->setEnabled(false);
    m_forgetAll->setEnabled(false);
    m_jobs.run(
        [memory = m_memory, change = std::move(change)](const Cancel&) -> Result<Known> {
            if (change)
                DOWEL_TRY(change(*memory));
            auto all = DOWEL_TRY(memory->all());
            Known known{std::move(all), {}};
            for (const Remembered& r : known.all)
                if (!known.learnt.contains(r.family))
                    known.learnt.emplace(r.family, memory->priorsFor(r.family, {}));
            return known;
        },
        [this](const Result<Known>& known) { fill(known); });
}

void ShopMemoryDialog::fill(const Result<Known>& known)
{
    if (known)
        m_known = *known;
    else
        m_words->setText(text::sentence(known.error()));
    const auto& all = m_known.all;
    m_table->setRowCount(static_cast<int>(all.size()));
    for (std::size_t i = 0; i < all.size(); ++i) {
        const Remembered& r = all[i];
        const QString name = r.name.empty() ? tr("unnamed") : QString::fromStdString(r.name);
        form::row(m_table, static_cast<int>(i),
                  {name, text::familyWord(r.family), QString::number(r.readings), QString::fromStdString(r.at).left(10)});
    }
    m_forget->setEnabled(!all.empty());
    m_forgetAll->setEnabled(!all.empty());
    if (!all.empty() && m_table->currentRow() < 0)
        m_table->setCurrentCell(0, 0);
    showLearnt();
}

void ShopMemoryDialog::showLearnt()
{
    const int row = m_table->currentRow();
    const bool any = row >= 0 && row < static_cast<int>(m_known.all.size());
    m_learnt->setVisible(any);
    if (!any) {
        m_learntWords->setText(tr("Nothing is remembered yet. A workbook is remembered once every note has been heard."));
        return;
    }
    const Family family = m_known.all[static_cast<std::size_t>(row)].family;
    const Result<Priors>& learnt = m_known.learnt.at(family);
    if (!learnt || !learnt->shared) {
        m_learntWords->setText(learnt ? QString() : text::sentence(learnt.error()));
        return;
    }
    m_learntWords->setText(tr("Starting values for the next %1:", "family").arg(text::familyWord(family)));
    const SharedEstimate before = sharedOf(Priors{}, family);
    const QString percent = QStringLiteral("%");
    const QString cents = tr("cents");
    const Line lines[] = {{Shared::Warmth, tr("air in the tube, between room and breath"), 100.0, percent},
                          {Shared::MouthLog, tr("end correction at the sounding edge"), 0.0, percent},
                          {Shared::HoleEnd, tr("end correction of the holes"), 0.0, percent},
                          {Shared::Neighbours, tr("interaction of open holes"), 1.0, tr("times")},
                          {Shared::HoleGain, tr("effect of opening a hole"), 0.0, percent},
                          {Shared::WallLoss, tr("wall losses"), 0.0, percent},
                          {Shared::UndercutGain, tr("reach of an undercut"), 0.0, percent},
                          {Shared::Blow1, tr("blowing, first register"), 1.0, cents},
                          {Shared::Blow2, tr("blowing, second register"), 1.0, cents},
                          {Shared::BlowSlope, tr("blowing, per octave"), 1.0, cents}};
    m_learnt->setRowCount(static_cast<int>(std::size(lines)));
    int at = 0;
    for (const Line& l : lines) {
        const auto i = static_cast<Eigen::Index>(l.which);
        form::row(m_learnt, at++,
                  {l.what, shown(before.mean[i], std::sqrt(before.covariance(i, i)), l),
                   shown(learnt->shared->mean[i], std::sqrt(learnt->shared->covariance(i, i)), l)});
    }
}

} // namespace dowel::app

#include "moc_shop_memory_dialog.cpp"
