// SPDX-License-Identifier: GPL-3.0-or-later
// Proves readings on recorded instruments: notes of the TimGM6mb General MIDI sound font (Debian timgm6mb-soundfont), as
// fluidsynth renders them, against a second library's reading of the same samples (aubio 0.4, yinfast and yinfft) and
// against the median of three textbook methods, each finer than that library's scatter.
#include "core/hearing/analyse.h"
#include "io/audio_file.h"
#include "support/compare.h"
#include "support/consensus.h"
#include "support/detector.h"
#include "support/long_run.h"
#include "support/test_main.h"

#include <QFile>
#include <QProcess>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <algorithm>

using namespace dowel;

namespace {

constexpr const char* soundFont = "/usr/share/sounds/sf2/TimGM6mb.sf2";

/// A standard MIDI file, format 0: one note of two seconds on one programme.
QByteArray midi(int programme, int key)
{
    QByteArray track;
    track += QByteArray::fromHex("00FF510307A120"); // 120 to the minute
    track += QByteArray("\x00\xC0", 2) + static_cast<char>(programme);
    track += QByteArray("\x00\x90", 2) + static_cast<char>(key) + static_cast<char>(100);
    track += QByteArray::fromHex("8F00") + static_cast<char>(0x80) + static_cast<char>(key) + static_cast<char>(0); // 1920 ticks
    track += QByteArray::fromHex("83 60 FF2F00");
    QByteArray file("MThd");
    file += QByteArray::fromHex("00000006000000010 1E0");
    file += "MTrk";
    const auto n = static_cast<quint32>(track.size());
    for (int shift = 24; shift >= 0; shift -= 8)
        file += static_cast<char>((n >> shift) & 0xFFU);
    return file + track;
}

} // namespace

class TestRecorded : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void recordedWindInstrumentsAreReadAsASecondLibraryReadsThem()
    {
        if (!QFile::exists(QString::fromLatin1(soundFont)) ||
            QStandardPaths::findExecutable(QStringLiteral("fluidsynth")).isEmpty())
            QSKIP("fluidsynth or the sound font is not installed (scripts/packages.txt names both)");
        QTemporaryDir dir;
        // General MIDI programmes, counted from 0: piccolo, flute, recorder, whistle, ocarina.
        std::vector<double> off;
        std::vector<double> fine;
        int refused = 0;
        for (const int programme : {72, 73, 74, 78, 79})
            for (const int key : longRun() ? std::vector<int>{69, 72, 76, 79, 84} : std::vector<int>{69, 76, 84}) {
                QFile file(dir.filePath(QStringLiteral("note.mid")));
                QVERIFY(file.open(QIODevice::WriteOnly));
                file.write(midi(programme, key));
                file.close();
                const QString wav = dir.filePath(QStringLiteral("note.wav"));
                QFile::remove(wav);
                QProcess synth;
                synth.start(QStringLiteral("fluidsynth"),
                            {QStringLiteral("-ni"), QStringLiteral("-q"), QStringLiteral("-R"), QStringLiteral("0"),
                             QStringLiteral("-C"), QStringLiteral("0"), QStringLiteral("-r"), QStringLiteral("48000"),
                             QStringLiteral("-F"), wav, QString::fromLatin1(soundFont), file.fileName()});
                QVERIFY(synth.waitForFinished(-1));
                const auto samples = io::readAudioFile(wav.toStdString());
                VERIFY_OK(samples);
                const auto a = analyse(*samples, std::nullopt);
                if (a.notes.empty()) { // more breath than tone: refused with a reason, not guessed
                    QVERIFY(!a.rejected.empty());
                    ++refused;
                    continue;
                }
                const HeardNote& n =
                    *std::max_element(a.notes.begin(), a.notes.end(),
                                      [](const HeardNote& x, const HeardNote& y) { return x.end - x.start < y.end - y.start; });
                constexpr uint_t window = 4096;
                const double one = fixtures::detected("yinfast", *samples, n, window);
                const double two = fixtures::detected("yinfft", *samples, n, window);
                // The key itself, by equal temperament on ISO 16's 440 Hz. One patch of the font sounds elsewhere than its
                // keys; there the second library must say the same.
                const double equal = 440.0 * std::exp2((key - 69) / 12.0);
                const auto near = [&](double f) {
                    return f > 0.0 && std::abs(1200.0 * std::log2(n.pitch.hertz() / f)) < 50.0;
                };
                const QString which = QStringLiteral("programme %1, key %2: %3 Hz, the other %4 and %5")
                                          .arg(programme)
                                          .arg(key)
                                          .arg(n.pitch.hertz())
                                          .arg(one)
                                          .arg(two);
                QVERIFY2(near(equal) || near(one) || near(two), qPrintable(which));
                // Never an octave or a twelfth too high, whatever anybody else says: nothing sounds between the partials.
                const auto part = std::span<const float>(samples->values)
                                      .subspan(static_cast<std::size_t>(n.start.seconds() * samples->rate_Hz),
                                               static_cast<std::size_t>((n.end - n.start).seconds() * samples->rate_Hz));
                const auto level = [&](double f) {
                    return 20.0 * std::log10(std::abs(fixtures::consensus::at(part, samples->rate_Hz, f)) + 1e-12);
                };
                const double own = std::max(level(n.pitch.hertz()), level(2.0 * n.pitch.hertz()));
                for (const double share : {0.5, 1.5, 1.0 / 3.0, 2.0 / 3.0})
                    QVERIFY2(level(share * n.pitch.hertz()) < own - 20.0, qPrintable(which));
                const auto agreed = fixtures::consensusOn(*samples, n, n.pitch.hertz());
                const double away = std::abs(1200.0 * std::log2(n.pitch.hertz() / agreed.hertz));
                fine.push_back(away);
                // Where the two do not agree with each other they say nothing.
                if (one > 0.0 && two > 0.0 && std::abs(1200.0 * std::log2(one / two)) < 2.0)
                    off.push_back(std::abs(1200.0 * std::log2(n.pitch.hertz() / std::sqrt(one * two))));
            }
        std::sort(off.begin(), off.end());
        QVERIFY2(refused <= 3, qPrintable(QString::number(refused)));
        QVERIFY2(off.size() >= (longRun() ? 12U : 7U), qPrintable(QString::number(off.size())));
        qInfo("%zu notes, against the second library: median %.3f, 95 %% below %.3f, worst %.3f cent", off.size(),
              off[off.size() / 2], off[off.size() * 95 / 100], off.back());
        std::sort(fine.begin(), fine.end());
        qInfo("%zu notes, against the consensus: median %.4f, 95 %% below %.3f, worst %.3f cent", fine.size(),
              fine[fine.size() / 2], fine[fine.size() * 95 / 100], fine.back());
        QVERIFY(fine[fine.size() / 2] < 0.1);
        QVERIFY(fine[fine.size() * 95 / 100] < 1.0);
        QVERIFY(off[off.size() / 2] < 0.5);
        QVERIFY(off[off.size() * 9 / 10] < 3.0); // a player's vibrato is weighed differently by a median
    }
};

DOWEL_TEST(TestRecorded)
#include "test_recorded.moc"
