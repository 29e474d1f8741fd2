// SPDX-License-Identifier: GPL-3.0-or-later
// Proves sound files: WAV and FLAC give back what was put in, channels are averaged, and what is empty, cut off or no
// sound at all is refused in words.
#include "io/audio_file.h"
#include "support/compare.h"
#include "support/test_main.h"
#include "support/tones.h"

#include <QFile>
#include <QTemporaryDir>

using namespace dowel;

class TestAudioFile : public QObject
{
    Q_OBJECT

    QTemporaryDir m_dir;
    std::string path(const char* name) const { return m_dir.filePath(QString::fromLatin1(name)).toStdString(); }

private Q_SLOTS:
    void wavAndFlacGiveBackWhatWasPutIn()
    {
        const Samples s = tones::constantTone(587.0, 0.3, 30.0, 1, 44100.0);
        for (const char* name : {"a.wav", "a.flac"}) {
            VERIFY_OK(io::writeAudioFile(path(name), s));
            const auto back = io::readAudioFile(path(name));
            VERIFY_OK(back);
            QCOMPARE(back->values.size(), s.values.size());
            VERIFY_NEAR(back->rate_Hz, 44100.0, 0.0);
            double worst = 0.0;
            for (std::size_t i = 0; i < s.values.size(); ++i)
                worst = std::max(worst, static_cast<double>(std::abs(back->values[i] - s.values[i])));
            QVERIFY(worst < 2.5e-7); // two steps of 24 bits
        }
        const auto flac = io::flacOf(s);
        VERIFY_OK(flac);
        QVERIFY(std::equal(flac->begin(), flac->begin() + 4, "fLaC")); // RFC 9639: the stream marker
        const auto back = io::samplesOfFlac(*flac);
        VERIFY_OK(back);
        QCOMPARE(back->values.size(), s.values.size());
    }
    void threeHoursAreRefusedWithTheRemedy()
    {
        const Samples hours{std::vector<float>(3 * 3600 * 8000, 0.0F), 8000.0};
        VERIFY_OK(io::writeAudioFile(path("hours.flac"), hours));
        const auto s = io::readAudioFile(path("hours.flac"));
        QVERIFY(!s);
        QCOMPARE(s.error().code, ErrorCode::BadAudio);
        QVERIFY(s.error().facts.find("cut it into takes") != std::string::npos);
    }
    void stereoIsAveraged()
    {
        // A canonical 16-bit stereo WAV by hand: left 0.5, right -0.25.
        QByteArray wav("RIFF\0\0\0\0WAVEfmt \x10\0\0\0\x01\0\x02\0\x80\xbb\0\0\0\xee\x02\0\x04\0\x10\0data\0\0\0\0", 44);
        for (int i = 0; i < 100; ++i)
            wav.append("\x00\x40\x00\xe0", 4);
        const auto put = [&](int at, quint32 v) {
            for (int k = 0; k < 4; ++k)
                wav[at + k] = static_cast<char>(v >> (8 * k) & 0xFFU);
        };
        put(4, static_cast<quint32>(wav.size()) - 8);
        put(40, 400);
        QFile file(QString::fromStdString(path("stereo.wav")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(wav);
        file.close();
        const auto s = io::readAudioFile(path("stereo.wav"));
        VERIFY_OK(s);
        QCOMPARE(s->values.size(), std::size_t(100));
        VERIFY_NEAR(s->values[50], 0.125, 1e-6);
        VERIFY_NEAR(s->rate_Hz, 48000.0, 0.0);
    }
    void whatCannotBeReadIsRefused()
    {
        const auto write = [&](const char* name, const QByteArray& bytes) {
            QFile f(QString::fromStdString(path(name)));
            QVERIFY(f.open(QIODevice::WriteOnly));
            f.write(bytes);
        };
        QCOMPARE(io::readAudioFile(path("nothing.wav")).error().code, ErrorCode::Unreadable);
        write("empty.wav", {});
        QCOMPARE(io::readAudioFile(path("empty.wav")).error().code, ErrorCode::BadAudio);
        write("text.wav", "this is no sound at all, only words and more words");
        QCOMPARE(io::readAudioFile(path("text.wav")).error().code, ErrorCode::BadAudio);
        const Samples s = tones::constantTone(587.0, 0.5, 30.0, 1);
        for (const char* name : {"whole.wav", "whole.flac"}) {
            VERIFY_OK(io::writeAudioFile(path(name), s));
            QFile whole(QString::fromStdString(path(name)));
            QVERIFY(whole.open(QIODevice::ReadOnly));
            const QByteArray bytes = whole.readAll();
            for (const int percent : {1, 30, 90}) {
                const std::string cut = path(name) + ".cut" + (QByteArray(name).endsWith("flac") ? ".flac" : ".wav");
                QFile f(QString::fromStdString(cut));
                QVERIFY(f.open(QIODevice::WriteOnly));
                f.write(bytes.left(bytes.size() * percent / 100));
                f.close();
                const auto r = io::readAudioFile(cut);
                QVERIFY2(!r, cut.c_str());
                QCOMPARE(r.error().code, ErrorCode::BadAudio);
            }
        }
        Samples none;
        QVERIFY(!io::flacOf(none));
        QVERIFY(!io::samplesOfFlac({1, 2, 3}));
        QVERIFY(!io::writeAudioFile("/no/such/folder/a.wav", s));
    }
};

DOWEL_TEST(TestAudioFile)
#include "test_audio_file.moc"
