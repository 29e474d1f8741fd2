// SPDX-License-Identifier: GPL-3.0-or-later
// Proves sound files: WAV and FLAC give back what was put in, channels are averaged, and what is empty, cut off or no
// sound at all is refused in words.
#include "core/base/random.h"
#include "core/hearing/analyse.h"
#include "io/audio_file.h"
#include "io/fenced_decoder.h"
#include "support/compare.h"
#include "support/long_run.h"
#include "support/test_main.h"
#include "support/tones.h"

#include <QFile>
#include <QTemporaryDir>
#include <atomic>
#include <cstdlib>
#include <sndfile.h>

using namespace dowel;

class TestAudioFile : public QObject
{
    Q_OBJECT

    QTemporaryDir m_dir;
    std::string path(const char* name) const { return m_dir.filePath(QString::fromLatin1(name)).toStdString(); }

    void write(const char* name, const QByteArray& bytes) const
    {
        QFile f(QString::fromStdString(path(name)));
        if (!f.open(QIODevice::WriteOnly) || f.write(bytes) != bytes.size())
            qFatal("%s", name);
    }
    static QByteArray bytesOf(const std::string& path)
    {
        QFile f(QString::fromStdString(path));
        return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
    }
    std::string ogg(const char* name, int format) const
    {
        const Samples s = tones::constantTone(587.0, 0.5, 30.0, 1, 44100.0);
        SF_INFO info{};
        info.samplerate = 44100;
        info.channels = 1;
        info.format = format;
        SNDFILE* file = sf_open(path(name).c_str(), SFM_WRITE, &info);
        if (file == nullptr)
            qFatal("%s", sf_strerror(nullptr));
        sf_writef_float(file, s.values.data(), static_cast<sf_count_t>(s.values.size()));
        sf_close(file);
        return path(name);
    }

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
    void whatIsLouderThanFullScaleIsKeptAsItWas()
    {
        Samples s = tones::constantTone(587.0, 1.5, 30.0, 3);
        for (float& v : s.values)
            v *= 4.0F;
        const auto flac = io::flacOf(s);
        VERIFY_OK(flac);
        const auto back = io::samplesOfFlac(*flac);
        VERIFY_OK(back);
        double worst = 0.0;
        for (std::size_t i = 0; i < s.values.size(); ++i)
            worst = std::max(worst, static_cast<double>(std::abs(back->values[i] - s.values[i])));
        QVERIFY2(worst < 4e-6, qPrintable(QString::number(worst))); // a few steps of 24 bits, as loud as it is
        const Analysis heard = analyse(s, {}, {}, {});
        const Analysis kept = analyse(*back, {}, {}, {});
        QCOMPARE(heard.notes.size(), std::size_t(1));
        QCOMPARE(kept.notes.size(), std::size_t(1));
        VERIFY_NEAR(1200.0 * std::log2(kept.notes[0].pitch / heard.notes[0].pitch), 0.0, 1e-3);
        VERIFY_NEAR(kept.notes[0].level_dB, heard.notes[0].level_dB, 1e-3);
        for (std::size_t k = 0; k < 5; ++k)
            VERIFY_NEAR(kept.notes[0].partials_dB[k], heard.notes[0].partials_dB[k], 1e-2);
    }
    void everyKindIsReadAndItsCutOffEndIsSeen()
    {
        const Samples s = tones::constantTone(587.0, 0.5, 30.0, 1, 44100.0);
        const std::pair<const char*, int> kinds[] = {
            {"a.aiff", SF_FORMAT_AIFF | SF_FORMAT_PCM_16}, {"a.au", SF_FORMAT_AU | SF_FORMAT_PCM_16},
            {"a.w64", SF_FORMAT_W64 | SF_FORMAT_PCM_24},   {"a.rf64", SF_FORMAT_RF64 | SF_FORMAT_FLOAT},
            {"a.wav", SF_FORMAT_WAV | SF_FORMAT_FLOAT},    {"v.ogg", SF_FORMAT_OGG | SF_FORMAT_VORBIS}};
        for (const auto& [name, format] : kinds) {
            SF_INFO info{};
            info.samplerate = 44100;
            info.channels = 1;
            info.format = format;
            SNDFILE* file = sf_open(path(name).c_str(), SFM_WRITE, &info);
            QVERIFY2(file != nullptr, name);
            sf_writef_float(file, s.values.data(), static_cast<sf_count_t>(s.values.size()));
            sf_close(file);
            const auto back = io::readAudioFile(path(name));
            VERIFY_OK(back);
            QCOMPARE(back->values.size(), s.values.size());
            const QByteArray bytes = bytesOf(path(name));
            for (const int percent : {20, 60, 95}) {
                write("cut", bytes.left(bytes.size() * percent / 100));
                const auto cut = io::readAudioFile(path("cut"));
                QVERIFY2(!cut, name);
                QCOMPARE(cut.error().code, ErrorCode::BadAudio);
            }
        }
        // What the library would take for something by itself is refused by name.
        write("a.voc", QByteArray("Creative Voice File\x1a\x1a\0\x0a\x01\x29\x11", 26) + QByteArray(2000, 'x'));
        QVERIFY(io::readAudioFile(path("a.voc")).error().fact.id == FactId::NoSoundFile);
    }
    void anOggThatLiesHarmsNobody()
    {
        // The headers of a Vorbis stream changed byte by byte, among them the sizes of its code books: it is read or refused, and
        // this process is there afterwards.
        const QByteArray bytes = bytesOf(ogg("good.ogg", SF_FORMAT_OGG | SF_FORMAT_VORBIS));
        Random random(7);
        int refused = 0;
        const int most = longRun() ? 3000 : 60;
        for (int i = 0; i < most; ++i) {
            QByteArray evil = bytes;
            const qsizetype header = std::min<qsizetype>(evil.size(), 4200);
            for (int k = 0; k < 1 + i % 4; ++k)
                evil[static_cast<qsizetype>(random.uniform(0.0, static_cast<double>(header)))] =
                    static_cast<char>(random.uniform(-128.0, 127.0));
            write("evil.ogg", evil);
            const auto r = io::readAudioFile(path("evil.ogg"));
            refused += r ? 0 : 1;
            QVERIFY(r || r.error().code == ErrorCode::BadAudio);
        }
        QVERIFY(refused > 0);
        VERIFY_OK(io::readAudioFile(path("good.ogg")));
    }
    void aDecoderThatWantsTheWorldGetsNoMoreThanItsShare()
    {
        // In the other process: all memory, all time, a crash, and none of it here.
        const auto outcome = [](const std::function<void(const io::FencedDecoder::Sink&)>& work) {
            io::FencedDecoder::Bounds bounds;
            bounds.memory_bytes = std::size_t{64} << 20U;
            bounds.processor_s = 1;
            const auto decoder = io::FencedDecoder::start("x.ogg", work, bounds);
            return decoder ? ErrorCode::Internal : decoder.error().code;
        };
        QCOMPARE(outcome([](const auto&) {
                     std::vector<std::vector<char>> all;
                     for (;;)
                         all.emplace_back(std::size_t{8} << 20U, 'x');
                 }),
                 ErrorCode::BadAudio);
        QCOMPARE(outcome([](const auto&) {
                     for (std::atomic<int> i = 0;; ++i) {
                     }
                 }),
                 ErrorCode::BadAudio);
        QCOMPARE(outcome([](const auto&) { std::abort(); }), ErrorCode::BadAudio);
        // And a good one gives what it has, also where it dies later.
        auto half = io::FencedDecoder::start("x.ogg",
                                             [](const io::FencedDecoder::Sink& sink) {
                                                 (void)sink.head({48000, 1, 1000});
                                                 (void)sink.samples(std::vector<float>(400, 0.25F));
                                                 std::abort();
                                             },
                                             {});
        VERIFY_OK(half);
        QCOMPARE(half->head().frames, std::int64_t(1000));
        std::vector<float> values;
        const auto first = half->next(400, values);
        VERIFY_OK(first);
        QVERIFY(*first == 400 && values[399] == 0.25F);
        QVERIFY(!half->next(400, values));
    }
    void threeHoursAreRefusedWithTheRemedy()
    {
        const Samples hours{std::vector<float>(3 * 3600 * 8000, 0.0F), 8000.0};
        VERIFY_OK(io::writeAudioFile(path("hours.flac"), hours));
        const auto s = io::readAudioFile(path("hours.flac"));
        QVERIFY(!s);
        QCOMPARE(s.error().code, ErrorCode::BadAudio);
        QVERIFY(s.error().fact.id == FactId::LongerThanMinutes);
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
        // In a workbook there is FLAC and nothing else, by how it begins: no other decoder is ever asked.
        const auto oggBytes = bytesOf(ogg("kept.ogg", SF_FORMAT_OGG | SF_FORMAT_VORBIS));
        QVERIFY(!io::samplesOfFlac({oggBytes.begin(), oggBytes.end()}));
        QVERIFY(!io::samplesOfFlac({1, 2, 3}));
        QVERIFY(!io::writeAudioFile("/no/such/folder/a.wav", s));
    }
};

DOWEL_TEST(TestAudioFile)
#include "test_audio_file.moc"
