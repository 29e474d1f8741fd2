// SPDX-License-Identifier: GPL-3.0-or-later
// Proves a whole session without hands, through the road a microphone takes: fourteen notes, one overblown on purpose, one
// wrong fingering, one too noisy; then what a device that vanishes leaves behind.
#include "app/listen/far_view.h"
#include "app/listen/listener.h"
#include "app/parts/cue.h"
#include "core/base/random.h"
#include "core/hearing/analyse.h"
#include "core/tuning/pitch.h"
#include "gui/gui_support.h"

#include "player/player.h"
#include "support/test_main.h"

#include <QAudioFormat>
#include <QComboBox>
#include <QMediaDevices>
#include <set>

using namespace dowel;
using gui::Desk;

namespace {

/// The practice blank's own player, with what the test wants to go wrong.
std::unique_ptr<app::PlayerSource> performer(app::Document& document,
                                             std::function<void(const FingeringId&, int, FingeringId&, bool&)> trouble)
{
    auto source = std::make_unique<app::PlayerSource>(
        [&document, trouble = std::move(trouble)](const FingeringId& id, int attempt) -> app::PlayerSource::Work {
            FingeringId played = id;
            bool noisy = false;
            trouble(id, attempt, played, noisy);
            return [book = document.book(), room = document.room(), played, attempt, noisy]() -> Result<Samples> {
                const auto entry = book->practice();
                const player::SimulatedPlayer p({entry->seed, room, entry->noise_dB});
                auto take = p.play(book->present(), *book->present().find(played), static_cast<std::uint64_t>(attempt));
                if (!take)
                    return take.error();
                if (noisy) {
                    Random r(7);
                    for (float& s : take->samples.values)
                        s = static_cast<float>(0.15 * r.normal()) + 0.02F * s;
                }
                return std::move(take->samples);
            };
        },
        document.time());
    return source;
}

/// A device that goes away in mid-take.
class Vanishing : public app::SoundSource
{
public:
    bool start(Sink sink) override
    {
        m_sink = std::move(sink);
        return true;
    }
    void stop() override { m_sink = nullptr; }
    [[nodiscard]] double rate() const override { return 44100.0; }
    [[nodiscard]] ReadingSource kind() const override { return ReadingSource::Microphone; }
    [[nodiscard]] bool started() const { return m_sink != nullptr; }
    void give(const Samples& s) { m_sink(s.values); }
    void vanish() { Q_EMIT failed(QStringLiteral("The bench microphone is gone.")); }

private:
    Sink m_sink;
};

} // namespace

class TestGuiHandsFree : public gui::WindowTest
{
    Q_OBJECT

private Q_SLOTS:
    void beatsAreCountedBeforeEachFingering()
    {
        Desk desk;
        const auto actions = desk.window().findChildren<QAction*>();
        const auto count = std::find_if(actions.begin(), actions.end(),
                                        [](const QAction* a) { return a->text() == QLatin1String("&Count in when hands-free"); });
        QVERIFY(count != actions.end());
        (*count)->trigger();
        QVERIFY(QSettings().value(QStringLiteral("countIn")).toBool());
        auto* page = desk.find<app::ListenPage>("listenPage");
        page->handIn(performer(desk.document(), [](const FingeringId&, int, FingeringId&, bool&) {}));
        page->showFar();
        std::vector<int> beats;
        std::size_t takenBefore = 0;
        QStringList words;
        connect(&page->listener(), &app::Listener::beat, this, [&](int left) {
            beats.push_back(left);
            takenBefore = beats.size() <= 3 ? desk.readings() : takenBefore;
            for (QWidget* top : QApplication::topLevelWidgets())
                if (const QString folder = qEnvironmentVariable("DOWEL_LOOK");
                    top->objectName() == QLatin1String("farView") && !folder.isEmpty() && left == 2)
                    top->grab().save(folder + QStringLiteral("/count-in.png"));
        });
        connect(&page->listener(), &app::Listener::heardChanged, this, [&] {
            if (page->listener().heard().ear == session::Ear::Counting && words.size() < 6)
                words << desk.find<QLabel>("listenWords")->text();
            words.removeDuplicates();
        });
        desk.key(Qt::Key_H);
        QVERIFY(desk.playsUntil([&] { return desk.readings() >= 2; }));
        page->setHandsFree(false);
        QVERIFY2(beats.size() >= 6, qPrintable(QString::number(beats.size())));
        for (std::size_t i = 0; i < 6; ++i)
            QCOMPARE(beats[i], 3 - static_cast<int>(i % 3));
        QCOMPARE(takenBefore, std::size_t(0));
        QCOMPARE(words, QStringList({QStringLiteral("D5 in 3…"), QStringLiteral("D5 in 2…"), QStringLiteral("D5 in 1…"),
                                     QStringLiteral("E5 in 3…"), QStringLiteral("E5 in 2…"), QStringLiteral("E5 in 1…")}));
        page->showFar(); // away again
        (*count)->trigger();
    }
    void aWholeSessionIsHeardWithoutHands()
    {
        Desk desk;
        auto* page = desk.find<app::ListenPage>("listenPage");
        // B5 is overblown at first, A5 is fingered wrongly, G5 comes with a compressor next door.
        page->handIn(performer(desk.document(), [](const FingeringId& id, int attempt, FingeringId& played, bool& noisy) {
            if (attempt > 0)
                return;
            if (id.text == "B5")
                played = {"B6"};
            if (id.text == "A5")
                played = {"F#5"};
            noisy = id.text == "G5";
        }));
        std::set<session::Ear> seen;
        std::set<std::string> named;
        QString offered;
        connect(&page->listener(), &app::Listener::heardChanged, this, [&] {
            const auto& h = page->listener().heard();
            seen.insert(h.ear);
            if (h.other && h.steady >= 1.0)
                named.insert(h.other->text);
            if (desk.find<QPushButton>("keepOtherButton")->isVisible())
                offered = desk.find<QPushButton>("keepOtherButton")->text();
        });
        desk.key(Qt::Key_H);
        QVERIFY(page->listener().running());
        // The player tries again where it was told that the note was wrong, as a person would.
        FingeringId last;
        std::chrono::milliseconds since{};
        constexpr std::chrono::seconds patience(12);
        QVERIFY(desk.playsUntil([&] {
            if (!page->listener().running())
                return true;
            if (!(*page->asked() == last)) {
                last = *page->asked();
                since = desk.time().elapsed();
            } else if (desk.time().elapsed() - since > patience) {
                page->listener().askAgain();
                since = desk.time().elapsed();
            }
            return false;
        }));
        QVERIFY(desk.idle());
        // The record: every note once, each what was asked, nothing of what went wrong.
        const auto book = desk.document().book();
        QCOMPARE(book->readings().size(), std::size_t(14));
        std::set<std::string> heard;
        for (const PlacedReading& r : book->readings()) {
            heard.insert(r.reading->fingering.text);
            QVERIFY(r.reading->hasTake && r.reading->source == ReadingSource::Player);
            const player::SimulatedPlayer p({book->practice()->seed, desk.document().room(), book->practice()->noise_dB});
            const auto truth = p.truth(book->present(), *book->present().find(r.reading->fingering), desk.document().room());
            VERIFY_NEAR(centsBetween(r.reading->pitch, *truth).cents(), 0.0, 8.0);
        }
        QCOMPARE(heard.size(), std::size_t(14));
        QVERIFY(seen.count(session::Ear::Overblown) == 1 && seen.count(session::Ear::Wrong) == 1 &&
                seen.count(session::Ear::Noise) == 1 && seen.count(session::Ear::Taken) == 1);
        QVERIFY(named.count("B6") == 1 && named.count("F#5") == 1);
        QVERIFY(offered.contains(QLatin1String("K")));
    }
    void anOverblownNoteIsKeptAsWhatItIsByAKey()
    {
        Desk desk;
        auto* page = desk.find<app::ListenPage>("listenPage");
        page->handIn(performer(desk.document(), [](const FingeringId&, int, FingeringId& played, bool&) { played = {"D6"}; }));
        desk.key(Qt::Key_H);
        QCOMPARE(page->asked()->text, std::string("D5"));
        auto* keep = desk.find<QPushButton>("keepOtherButton");
        QVERIFY(desk.playsUntil([&] { return keep->isVisible(); }));
        desk.key(Qt::Key_K);
        QVERIFY(waitFor([&] { return desk.readings() == 1; }));
        QCOMPARE(desk.document().book()->readings().front().reading->fingering.text, std::string("D6"));
        desk.key(Qt::Key_H);
        QVERIFY(!page->listener().running());
    }
    void aDeviceThatVanishesLosesNothing()
    {
        Desk desk;
        auto* page = desk.find<app::ListenPage>("listenPage");
        auto made = std::make_unique<Vanishing>();
        Vanishing* device = made.get();
        page->handIn(std::move(made));
        desk.key(Qt::Key_H);
        QVERIFY(page->listener().running());
        EVENTUALLY(device->started()); // as soon as it is known where the notes are expected
        device->give(Samples{std::vector<float>(44100, 0.0F), 44100.0});
        device->vanish();
        QVERIFY(!page->listener().running());
        QVERIFY(!desk.find<QPushButton>("handsFreeButton")->isChecked());
        QVERIFY(desk.message().contains(QLatin1String("gone")));
        desk.key(Qt::Key_Space); // the other roads still work
        QVERIFY(waitFor([&] { return desk.readings() == 1; }));
    }
    void theReferenceToneIsTheOneThatIsMeant()
    {
        // Read back by the estimator: 442 Hz in sixteen bits.
        const QByteArray data = app::Cue::tone(442.0, 1.0, 48000);
        Samples s;
        for (qsizetype i = 0; i + 1 < data.size(); i += 2)
            s.values.push_back(
                static_cast<float>(static_cast<qint16>(static_cast<uchar>(data[i]) | (static_cast<uchar>(data[i + 1]) << 8))) /
                32768.0F);
        const auto note = measuredPart(s, Seconds::fromSeconds(0.1), Seconds::fromSeconds(0.9));
        QVERIFY(note);
        VERIFY_NEAR(note->pitch.hertz(), 442.0, 0.001);
        // Without a loudspeaker it is said, not swallowed.
        Desk desk;
        if (QMediaDevices::defaultAudioOutput().isNull()) {
            desk.click("referenceButton");
            QVERIFY(desk.message().contains(QLatin1String("loudspeaker")));
        }
    }
    void theFarViewFollowsAndEnds()
    {
        Desk desk;
        auto* page = desk.find<app::ListenPage>("listenPage");
        page->showFar();
        const auto far = [] {
            for (QWidget* w : QApplication::topLevelWidgets())
                if (auto* f = qobject_cast<app::FarView*>(w))
                    return f;
            return static_cast<app::FarView*>(nullptr);
        };
        QVERIFY(far() != nullptr && far()->isVisible());
        const auto asked = page->asked();
        QTest::keyClick(far(), Qt::Key_PageDown); // what a pedal sends
        QVERIFY(page->asked() != asked);
        QTest::keyClick(far(), Qt::Key_PageUp);
        QVERIFY(page->asked() == asked);
        QTest::keyClick(far(), Qt::Key_Escape);
        desk.settle();
        QVERIFY(far() == nullptr);
        page->showFar();
        QVERIFY(far() != nullptr);
        page->showFar();
        desk.settle();
        QVERIFY(far() == nullptr);
    }
    void whatADeviceDeliversBecomesMono_data()
    {
        QTest::addColumn<int>("format");
        QTest::addColumn<int>("channels");
        for (const int channels : {1, 2})
            for (const auto f : {QAudioFormat::UInt8, QAudioFormat::Int16, QAudioFormat::Int32, QAudioFormat::Float})
                QTest::addRow("format %d, %d channels", static_cast<int>(f), channels) << static_cast<int>(f) << channels;
    }
    void whatADeviceDeliversBecomesMono()
    {
        QFETCH(int, format);
        QFETCH(int, channels);
        QAudioFormat f;
        f.setSampleRate(48000);
        f.setChannelCount(channels);
        f.setSampleFormat(static_cast<QAudioFormat::SampleFormat>(format));
        std::vector<float> got;
        app::MonoSink sink(f, [&](std::span<const float> s) { got.insert(got.end(), s.begin(), s.end()); });
        QByteArray data;
        const auto put = [&](double v) { // a ramp of known values in the device's own numbers
            switch (f.sampleFormat()) {
            case QAudioFormat::UInt8:
                data.append(static_cast<char>(static_cast<unsigned char>(std::lround(128.0 + 127.0 * v))));
                break;
            case QAudioFormat::Int16: {
                const auto s = static_cast<qint16>(std::lround(32767.0 * v));
                data.append(reinterpret_cast<const char*>(&s), 2);
                break;
            }
            case QAudioFormat::Int32: {
                const auto s = static_cast<qint32>(std::lround(2147483647.0 * v));
                data.append(reinterpret_cast<const char*>(&s), 4);
                break;
            }
            default: {
                const auto s = static_cast<float>(v);
                data.append(reinterpret_cast<const char*>(&s), 4);
            }
            }
        };
        constexpr int frames = 500;
        for (int i = 0; i < frames; ++i)
            for (int c = 0; c < channels; ++c)
                put((i - 250) / 500.0 + (channels == 2 ? (c == 0 ? 0.1 : -0.1) : 0.0)); // the mean is the ramp
        // In pieces that cut samples in two.
        for (qsizetype at = 0; at < data.size(); at += 77)
            sink.write(data.mid(at, 77));
        QCOMPARE(got.size(), std::size_t(frames));
        for (int i = 0; i < frames; ++i)
            VERIFY_NEAR(static_cast<double>(got[static_cast<std::size_t>(i)]), (i - 250) / 500.0,
                        0.015); // eight bits are that coarse
    }
};

DOWEL_TEST(TestGuiHandsFree)
#include "test_gui_hands_free.moc"
