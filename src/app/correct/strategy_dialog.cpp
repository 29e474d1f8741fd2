// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/strategy_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/sentences.h"
#include "text/units.h"

#include <QButtonGroup>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QRadioButton>
#include <QSlider>
#include <QVBoxLayout>
#include <cmath>
#include <tuple>

namespace dowel::app {

StrategyDialog::StrategyDialog(const TuningStrategy& strategy, QWidget* parent)
    : QDialog(parent), m_even(new QSlider(Qt::Horizontal, this)), m_evenWords(form::words(this, "schoolEvenWords"))
{
    setObjectName(QStringLiteral("schoolDialog"));
    setWindowTitle(tr("Tuning strategy"));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(3 * Style::grid);
    grid->setVerticalSpacing(Style::grid);
    int row = 0;
    const auto pair = [&](const QString& usual, const QString& other, const char* name, bool chosen) {
        auto* group = new QButtonGroup(this);
        auto* a = new QRadioButton(usual, this);
        auto* b = new QRadioButton(other, this);
        a->setObjectName(QLatin1String(name) + QStringLiteral("Usual"));
        b->setObjectName(QLatin1String(name));
        group->addButton(a);
        group->addButton(b);
        (chosen ? b : a)->setChecked(true);
        grid->addWidget(a, row, 0);
        grid->addWidget(b, row++, 1);
        return b;
    };
    m_footFirst =
        pair(tr("&Holes first, the foot last"), tr("&Foot first, then the holes"), "schoolFootFirst", strategy.footFirst);
    m_oneSize = pair(tr("&Graded hole sizes"), tr("&One hole size, as far as pitch allows"), "schoolOneSize", strategy.oneSize);
    m_lowRegister =
        pair(tr("&All registers equally"), tr("&First register has priority"), "schoolLowRegister", strategy.lowRegister);
    auto* group = new QButtonGroup(this);
    auto* efforts = new QHBoxLayout;
    efforts->setSpacing(3 * Style::grid);
    const std::tuple<Effort, const char*, QString> howFar[] = {{Effort::Quick, "schoolQuick", tr("&Few rounds")},
                                                               {Effort::Usual, "schoolUsual", tr("&Usual work")},
                                                               {Effort::Best, "schoolBest", tr("As &good as possible")}};
    for (const auto& [effort, name, label] : howFar) {
        auto* b = new QRadioButton(label, this);
        b->setObjectName(QLatin1String(name));
        b->setChecked(strategy.effort == effort);
        group->addButton(b, static_cast<int>(effort));
        efforts->addWidget(b);
    }
    efforts->addStretch(1);
    m_efforts = group;
    auto* words = form::words(this, "schoolWords", true);
    words->setText(tr(
        "Holes first, graded sizes and all registers keep the most wood for the longest. With priority for the first register, "
        "higher notes count a tenth and get twice the tolerance. With few rounds a cut must gain eight points of the chance that "
        "all are in tune and no wood is taken after six listenings; as good as possible goes on for a single point."));
    auto* even = new QLabel(tr("&Even timbre"), this);
    even->setBuddy(m_even);
    m_even->setObjectName(QStringLiteral("schoolEven"));
    m_even->setAccessibleName(tr("Weight of even timbre against pitch in per cent"));
    m_even->setRange(0, 100);
    m_even->setSingleStep(5);
    m_even->setPageStep(20);
    const auto say = [this](int percent) {
        m_evenWords->setText(
            percent == 0
                ? tr("0 %: pitch only")
                : tr("%1 %: a 10 % difference in cutoff between neighbouring holes weighs as much as a note %2 tolerances off",
                     "per cent, tolerances")
                      .arg(percent)
                      .arg(text::number(0.015 * percent, 2)));
    };
    connect(m_even, &QSlider::valueChanged, this, say);
    m_even->setValue(static_cast<int>(std::lround(100.0 * strategy.evenTimbre)));
    say(m_even->value());
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addLayout(grid);
    column->addLayout(efforts);
    column->addWidget(words);
    column->addWidget(even);
    column->addWidget(m_even);
    column->addWidget(m_evenWords);
    column->addStretch(1);
    column->addLayout(form::answers(this, "schoolCancel", "schoolKeep", tr("Apply")));
    constexpr int wide = 560;
    resize(wide, column->totalHeightForWidth(wide) + 2 * Style::grid);
}

TuningStrategy StrategyDialog::strategy() const
{
    return {m_footFirst->isChecked(), m_oneSize->isChecked(), m_lowRegister->isChecked(), m_even->value() / 100.0,
            static_cast<Effort>(m_efforts->checkedId())};
}

} // namespace dowel::app

#include "moc_strategy_dialog.cpp"
