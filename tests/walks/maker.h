// SPDX-License-Identifier: GPL-3.0-or-later
// A maker at the bench: acts of the work by mouse and key in the real window, counted. What the wood really sounds is the
// simulated player's secret; readings are typed as another meter shows them.
#pragma once

#include "app/design/plan.h"
#include "app/parts/length_field.h"
#include "core/base/random.h"
#include "core/tuning/pitch.h"
#include "gui/gui_support.h"
#include "player/player.h"
#include "support/fixtures.h"

#include <QAction>
#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDialog>
#include <QDoubleSpinBox>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTableWidget>
#include <cmath>
#include <map>

namespace dowel::walks {

class Maker
{
public:
    /// wood: which piece of wood it is; the same number is the same wood.
    explicit Maker(std::uint64_t wood) : m_desk(false), m_wood({wood, room(), 30.0}), m_hand(wood * 31 + 7) {}

    [[nodiscard]] gui::Desk& desk() { return m_desk; }
    /// Clicks, keys and typed figures; readings are counted apart, which are played and not typed where there is a microphone.
    [[nodiscard]] int acts() const { return m_acts; }
    [[nodiscard]] int readings() const { return m_readings; }
    [[nodiscard]] const QString& trouble() const { return m_trouble; }

    bool begins(Family family, const char* name)
    {
        m_acts += 3; // the family, the name, Start
        return m_desk.begins(family, QString::fromLatin1(name)) || fails(QStringLiteral("begins"));
    }
    void goes(Qt::Key stage)
    {
        const auto there = static_cast<app::MainWindow::Stage>(stage - Qt::Key_1);
        if (m_desk.find<QListWidget>("stages")->currentRow() == static_cast<int>(there))
            return;
        ++m_acts;
        m_desk.window().goTo(there);
    }
    void clicks(const char* button)
    {
        ++m_acts;
        m_desk.click(button);
    }
    void chooses(const char* box, const QVariant& data)
    {
        ++m_acts;
        auto* b = m_desk.find<QComboBox>(box);
        const int index = b->findData(data);
        if (index < 0)
            fails(QStringLiteral("%1 does not offer %2").arg(QLatin1String(box), data.toString()));
        b->setCurrentIndex(index);
        Q_EMIT b->activated(index);
    }
    void types(const char* field, const QString& text)
    {
        ++m_acts;
        auto* f = m_desk.window().findChild<QLineEdit*>(QLatin1String(field));
        if (f == nullptr)
            return void(fails(QLatin1String(field)));
        f->setFocus();
        f->selectAll();
        QTest::keyClicks(f, text);
        QTest::keyClick(f, Qt::Key_Return);
    }
    /// An entry of the menus, by its key.
    bool picks(const QKeySequence& key)
    {
        ++m_acts;
        const auto actions = m_desk.window().findChildren<QAction*>();
        const auto found = std::find_if(actions.begin(), actions.end(),
                                        [&](const QAction* a) { return a->shortcut() == key && a->isEnabled(); });
        if (found == actions.end())
            return fails(key.toString() + QStringLiteral(" is in no menu"));
        (*found)->trigger();
        return true;
    }
    void ticks(const char* box)
    {
        ++m_acts;
        m_desk.find<QCheckBox>(box)->click();
    }
    /// From here on by the inch, as its rule and calipers have it.
    void worksInInches()
    {
        ++m_acts;
        m_inches = true;
        m_desk.window().setInches(true);
    }
    /// What is in the drawer, by its markings, before anything is begun.
    bool fillsTheDrawer(const QString& markings)
    {
        if (!waitFor([] { return app::Jobs::runningInAll() == 0; }))
            return fails(QStringLiteral("never idle"));
        clicks("drawerButton");
        auto* dialog = m_desk.find<QDialog>("drawerDialog");
        if (!waitFor([&] { return dialog->isVisible(); }))
            return fails(QStringLiteral("no drawer"));
        auto* typed = dialog->findChild<QLineEdit*>(QStringLiteral("drawerTyped"));
        typed->setFocus();
        QTest::keyClicks(typed, markings);
        QTest::keyClick(typed, Qt::Key_Return);
        m_acts += 2;
        QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("drawerSave")), Qt::LeftButton);
        return waitFor([] { return app::Jobs::runningInAll() == 0; }) || fails(QStringLiteral("drawer not kept"));
    }
    /// The bore at its stations, position and diameter in millimetres, pasted as from a table.
    void measuresBore(const QString& rows)
    {
        ++m_acts;
        QApplication::clipboard()->setText(rows);
        m_desk.click("blankPasteStations");
    }
    /// What the tube of the plan sounds before any hole, in hertz; 0 where it does not.
    [[nodiscard]] double blowsBare() const
    {
        const Blank& blank = m_desk.window().plan().blank();
        InstrumentSpec spec = blank.spec;
        Fingering open = spec.fingerings.front();
        open.closed.clear();
        spec.holes.clear();
        spec.fingerings = {open};
        const auto tube = Instrument::make(std::move(spec));
        const auto hz = tube ? m_wood.truth(*tube, open, room()) : Result<Hertz>(tube.error());
        return hz ? hz->hertz() : 0.0;
    }
    bool laysOut()
    {
        goes(Qt::Key_4);
        clicks("layoutGo");
        const bool done = waitFor([this] { return !m_desk.window().plan().busy(); });
        return (done && m_desk.window().plan().layout().has_value()) || fails(m_desk.window().plan().trouble());
    }
    /// Every step of the order of work is ticked, then the holes are drilled.
    bool worksThroughTheOrder()
    {
        goes(Qt::Key_5);
        auto* steps = m_desk.find<QListWidget>("drillSteps");
        if (!waitFor([&] { return steps->count() > 3; }))
            return fails(QStringLiteral("no order of work"));
        for (int i = 0; i < steps->count(); ++i)
            m_read += steps->item(i)->text() + QLatin1Char('\n');
        // Ticked at the end of each sitting, a few steps long.
        constexpr int sitting = 5;
        for (int last = std::min(sitting, steps->count()) - 1;; last = std::min(last + sitting, steps->count() - 1)) {
            ++m_acts;
            steps->setFocus();
            steps->setCurrentRow(last);
            QTest::keyClick(steps, Qt::Key_Space, Qt::ShiftModifier);
            if (last == steps->count() - 1)
                break;
        }
        if (m_desk.window().plan().done().size() != static_cast<std::size_t>(steps->count()))
            return fails(QStringLiteral("steps left unticked"));
        clicks("drillMake");
        return (gui::opens(m_desk.window()) && m_desk.idle()) || fails(QStringLiteral("drills"));
    }
    /// What the order of work said.
    [[nodiscard]] const QString& read() const { return m_read; }

    /// Every fingering once.
    bool listensOnce()
    {
        return (waitFor([this] { return m_desk.idle(); }) && listens()) || fails(QStringLiteral("listens"));
    }
    /// Listens and cuts as advised until the work is at its end.
    bool tunes()
    {
        constexpr int longest = 120;
        for (int guard = 0; guard < longest; ++guard) {
            if (!m_desk.idle())
                return fails(QStringLiteral("never idle"));
            if (!m_desk.window().listenPage()->pending().empty() && !listens())
                return false;
            goes(Qt::Key_7);
            if (!waitFor([this] { return m_desk.idle() && m_desk.document().recommendation().has_value(); }))
                return fails(QStringLiteral("no advice"));
            const Advice advice = m_desk.document().recommendation()->advice;
            if (advice.state == AdviceState::Finished)
                return true;
            if (advice.state == AdviceState::Stop)
                return fails(QStringLiteral("stopped: %1").arg(m_desk.find<QLabel>("cardWhy")->text()));
            if (advice.state == AdviceState::MakeCut && !cuts(advice.steps.front().cut))
                return false;
        }
        return fails(QStringLiteral("no end"));
    }
    /// Work of one's own, with the size the calipers show; what else its dialog asks for by the names of its fields.
    bool logsOwn(const QString& work, const QString& size, const std::map<const char*, QString>& more = {})
    {
        goes(Qt::Key_7);
        if (!waitFor([this] { return m_desk.idle() && m_desk.window().findChild<QDialog*>(ownDialog()) == nullptr; }) ||
            !picks(QKeySequence(Qt::ControlModifier | Qt::Key_W)) ||
            !waitFor([this] { return m_desk.window().findChild<QDialog*>(ownDialog()) != nullptr; }))
            return fails(QStringLiteral("no dialog for own work"));
        auto* what = m_desk.find<QComboBox>("ownWhat");
        const int row = what->findText(work);
        if (row < 0)
            return fails(work + QStringLiteral(" is not offered"));
        what->setCurrentIndex(row);
        ++m_acts;
        std::map<const char*, QString> typed = more;
        if (!size.isEmpty())
            typed.emplace("ownSize", size);
        for (const auto& [field, text] : typed) {
            ++m_acts;
            QTest::keyClicks(m_desk.find<QLineEdit>(field), text);
        }
        const auto before = m_desk.document().book()->cuts().size();
        clicks("ownKeep");
        return waitFor([&] { return m_desk.document().book()->cuts().size() > before && m_desk.idle(); }) ||
               fails(work + QStringLiteral(" not kept: ") + m_desk.find<QLabel>("ownTrouble")->text());
    }
    /// By how many tolerances the worst note that counts is off, by the hidden truth.
    [[nodiscard]] double worst() const
    {
        const auto book = m_desk.window().document()->book();
        double worst = 0.0;
        for (const Fingering& f : book->present().spec().fingerings)
            if (f.weight > 0.0)
                worst = std::max(worst, std::abs(truth(book->present(), f)) / f.tolerance.cents());
        return worst;
    }
    /// Cents over a note that the hidden wood sounds with a slide's face so far from the edge, in the air it is played in.
    [[nodiscard]] double slideOff(const std::string& note, double face_mm) const
    {
        InstrumentSpec spec = m_desk.window().document()->book()->present().spec();
        const auto wanted = equalTempered(note, spec.tuning.a4);
        spec.bore = boreEndingAt(std::move(spec.bore), Metres::fromMillimetres(face_mm));
        const Fingering one = spec.fingerings.front();
        const Temperature air = spec.tuning.playedAt;
        const auto pipe = Instrument::make(std::move(spec));
        const auto hz = pipe ? m_wood.truth(*pipe, one, air) : Result<Hertz>(pipe.error());
        return hz && wanted ? 1200.0 * std::log2(hz->hertz() / wanted->hertz()) : 1200.0;
    }
    /// Chooses a recipe, begins it, and writes the passport.
    bool finishes(const char* passport)
    {
        goes(Qt::Key_8);
        clicks("finishBegin");
        if (!waitFor([this] { return m_desk.find<QTableWidget>("finishWorks")->rowCount() > 0; }))
            return fails(QStringLiteral("no finish"));
        m_desk.answers().files << m_desk.file(passport);
        clicks("finishPassport");
        auto* dialog = m_desk.window().findChild<QDialog*>(QStringLiteral("passportDialog"));
        if (dialog == nullptr)
            return fails(QStringLiteral("no passport"));
        auto* file = dialog->findChild<QPushButton*>(QStringLiteral("passportFile"));
        if (!waitFor([&] { return file->isEnabled(); }))
            return fails(QStringLiteral("no passport to write"));
        ++m_acts;
        QTest::mouseClick(file, Qt::LeftButton);
        const bool written =
            waitFor([&] { return m_desk.window().findChild<QDialog*>(QStringLiteral("passportDialog")) == nullptr; }) &&
            QFileInfo(m_desk.file(passport)).size() > 1000;
        return written || fails(QStringLiteral("no passport written"));
    }

private:
    static QString ownDialog() { return QStringLiteral("ownWorkDialog"); }
    static Temperature room() { return Temperature::fromCelsius(21.0); }
    bool fails(const QString& why)
    {
        if (m_trouble.isEmpty())
            m_trouble = why;
        return false;
    }
    /// Cents over the target, in the air the instrument is meant for.
    [[nodiscard]] double truth(const Instrument& present, const Fingering& f) const
    {
        const auto hz = m_wood.truth(present, f, present.spec().tuning.playedAt);
        return hz ? 1200.0 * std::log2(hz->hertz() / f.target.hertz()) : 1200.0;
    }
    bool listens()
    {
        goes(Qt::Key_6);
        const auto asked = m_desk.window().listenPage()->pending();
        const auto book = m_desk.document().book();
        const auto before = m_desk.readings();
        ++m_acts;
        m_desk.click("typeReadingsButton");
        auto* table = m_desk.window().findChild<QTableWidget*>(QStringLiteral("numbersTable"));
        if (table == nullptr)
            return fails(QStringLiteral("no table for readings"));
        const auto& fingerings = book->present().spec().fingerings;
        for (std::size_t i = 0; i < fingerings.size(); ++i) {
            if (std::find(asked.begin(), asked.end(), fingerings[i].id) == asked.end())
                continue;
            const auto hz = m_wood.truth(book->present(), fingerings[i], room());
            if (!hz)
                return fails(QString::fromStdString(fingerings[i].id.text) + QStringLiteral(" does not sound"));
            constexpr double repeats_cents = 0.8;
            const double played = hz->hertz() * std::exp2(repeats_cents * m_hand.normal() / 1200.0);
            ++m_readings;
            table->item(static_cast<int>(i), 2)->setText(QString::number(played, 'f', 2));
        }
        m_desk.window().findChild<QDoubleSpinBox*>(QStringLiteral("numbersSpread"))->setValue(1.0);
        clicks("numbersKeep");
        return waitFor([&] { return m_desk.readings() >= before + asked.size() && !m_desk.document().busy(); }) ||
               fails(QStringLiteral("readings not kept"));
    }
    bool cuts(const Cut& cut)
    {
        const auto before = m_desk.document().book()->cuts().size();
        const double slip = m_hand.uniform(-0.03, 0.05);
        const double size = wantedSize(cut).millimetres() + (std::holds_alternative<TrimFoot>(cut) ? -slip : slip);
        auto* calipers = m_desk.find<QLineEdit>("calipers");
        if (!waitFor([&] { return calipers->isVisible() && calipers->isEnabled(); }))
            return fails(QStringLiteral("nowhere to log the cut"));
        m_acts += 2;
        calipers->setFocus();
        calipers->selectAll();
        constexpr double inch_mm = 25.4;
        QTest::keyClicks(calipers, m_inches ? QString::number(size / inch_mm, 'f', 4) : QString::number(size, 'f', 2));
        QTest::keyClick(calipers, Qt::Key_Return);
        return waitFor([&] { return m_desk.document().book()->cuts().size() > before; }) ||
               fails(QStringLiteral("cut not kept: ") + m_desk.message());
    }

    mutable gui::Desk m_desk;
    player::SimulatedPlayer m_wood;
    Random m_hand;
    int m_acts = 0;
    int m_readings = 0;
    bool m_inches = false;
    QString m_read;
    QString m_trouble;
};

} // namespace dowel::walks
