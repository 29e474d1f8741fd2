// SPDX-License-Identifier: GPL-3.0-or-later
// What is done to dowel-cli from outside: files in the way, hostile input, numbers beyond reason, an answer nobody can read.
// Nothing is destroyed, nothing crashes, and the answer names the place and the remedy.
#include "cli_bench.h"
#include "io/audio_file.h"
#include "io/json_reader.h"
#include "io/spec_json.h"
#include "io/whole_file.h"
#include "store/shop_memory.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/fixtures.h"
#include "support/test_main.h"
#include "support/tones.h"

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <algorithm>
#include <functional>
#include <sstream>
#include <sys/stat.h>
#include <thread>

using namespace dowel;
using io::Json;

class TestHardened : public QObject, private CliBench
{
    Q_OBJECT

    static QByteArray contentOf(const std::string& path)
    {
        QFile f(QString::fromStdString(path));
        return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
    }
    std::string book(InstrumentSpec spec = fixtures::whistleSpec())
    {
        const std::string path = place(".dowel");
        const auto made = Instrument::make(std::move(spec));
        if (!made || !Store::create(path, *made))
            qFatal("no workbook");
        return path;
    }
    std::string specFile(const InstrumentSpec& spec)
    {
        return write("spec.json", QByteArray::fromStdString(io::specText(*Instrument::make(spec))));
    }
    /// What stands in the folder, hidden files and all.
    QStringList entries() const { return QDir(folder()).entryList(QDir::Files | QDir::Hidden | QDir::System); }

private Q_SLOTS:
    void exportLeavesWhatItMustNotReplace()
    {
        const std::string path = book();
        const std::string other = book();
        const std::string copy = write("not named so", contentOf(other)); // a workbook by what it is
        const std::string target = write("target.txt", "mine");
        const std::string link = place("link");
        QVERIFY(QFile::link(QString::fromStdString(target), QString::fromStdString(link)));
        const std::string pipe = place("pipe");
        QCOMPARE(::mkfifo(pipe.c_str(), 0600), 0);
        for (const std::string& out : {path, other, copy, link, pipe, folder().toStdString(), std::string("/dev/null")})
            for (const char* as : {"spec", "json", "csv", "svg", "dxf", "pdf", "ics"}) {
                const QByteArray before = out == pipe ? QByteArray() : contentOf(out);
                const Answer a = run({"export", path, "--as", as, "--out", out});
                QCOMPARE(a.status, 1);
                QCOMPARE(a.code(), std::string("refused"));
                QVERIFY(a.words.find(out) != std::string::npos);
                QVERIFY(out == pipe || contentOf(out) == before);
            }
        QCOMPARE(contentOf(target), QByteArray("mine"));
        QVERIFY(QFileInfo(QString::fromStdString(link)).isSymLink());
        VERIFY_OK(Store::open(path, Store::Mode::Look)->verify());
        // A plain file is replaced, with its rights, and nothing is left beside it.
        QVERIFY(QFile::setPermissions(QString::fromStdString(target), QFile::ReadOwner | QFile::WriteOwner));
        const auto before = entries();
        QCOMPARE(run({"export", path, "--as", "csv", "--out", target}).status, 0);
        QVERIFY(contentOf(target).startsWith("id,at,"));
        QVERIFY(!(QFile::permissions(QString::fromStdString(target)) & QFile::ReadOther));
        QCOMPARE(entries(), before);
    }
    void exportsToOneNameNeverMix()
    {
        const std::string path = book();
        const std::string out = place("same.txt");
        const std::vector<std::string> kinds{"spec", "json", "csv"};
        std::vector<QByteArray> whole;
        for (const auto& as : kinds) {
            QCOMPARE(run({"export", path, "--as", as, "--out", out}).status, 0);
            whole.push_back(contentOf(out));
        }
        std::vector<std::thread> writers;
        for (const auto& as : kinds)
            writers.emplace_back([&path, &out, as] {
                for (int i = 0; i < 40; ++i)
                    (void)run({"export", path, "--as", as, "--out", out});
            });
        int looked = 0;
        for (int i = 0; i < 200; ++i, ++looked)
            QVERIFY(std::find(whole.begin(), whole.end(), contentOf(out)) != whole.end());
        for (auto& w : writers)
            w.join();
        QVERIFY(std::find(whole.begin(), whole.end(), contentOf(out)) != whole.end());
    }
    void nestingAndDoubleKeysAreRefused()
    {
        const QByteArray deep = QByteArray(70000, '[') + QByteArray(70000, ']');
        const std::string path = book();
        const std::string file = write("deep.json", deep);
        const std::string within = write("within.json", "{\"kind\": " + deep + "}");
        for (const auto& f : {file, within})
            for (const auto& arguments : std::vector<std::vector<std::string>>{{"predict", f},
                                                                               {"layout", f},
                                                                               {"create", place(".dowel"), "--spec", f},
                                                                               {"measure", path, "--session", f},
                                                                               {"cut", path, "--step", f}}) {
                const Answer a = run(arguments);
                QCOMPARE(a.status, 1);
                QCOMPARE(a.code(), std::string("bad_syntax"));
            }
        const Answer twice =
            run({"cut", path, "--step", write("twice.json", R"({"kind": "trim_foot", "length_mm": 270, "length_mm": 200})")});
        QCOMPARE(twice.code(), std::string("bad_syntax"));
        QVERIFY(twice.words.find("length_mm") != std::string::npos);
        QVERIFY(Store::open(path, Store::Mode::Look)->book().entries().empty());
    }
    void whatCannotBeStoredLeavesNothing()
    {
        const auto change = [](auto edit) {
            Json spec = Json::parse(io::specText(fixtures::whistle()));
            edit(spec);
            return QByteArray::fromStdString(spec.dump());
        };
        const std::vector<QByteArray> specs{
            change([](Json& s) {
                s["tools"] = {{"step_mm", 1e-10}};
            }),
            change([](Json& s) {
                s["tools"]["bits_mm"] = {1e-10, 5.0};
            }),
            change([](Json& s) {
                s["limits"] = {{"hole_max_mm", 1e-10}};
            }),
            change([](Json& s) {
                s["bore"].insert(s["bore"].begin() + 1, Json{{"at_mm", 1e-10}, {"diameter_mm", 12.7}});
            })};
        for (const auto& spec : specs) {
            const std::string file = write("tiny.json", spec);
            const std::string path = place(".dowel");
            const auto before = entries();
            const Answer a = run({"create", path, "--spec", file, "--practice", "5"});
            QCOMPARE(a.status, 1);
            QVERIFY(a.code() == "bad_value" || a.code() == "bad_geometry");
            QCOMPARE(entries(), before);
        }
        const std::string file = specFile(fixtures::whistleSpec());
        for (const char* seed : {"-1", "18446744073709551616", "9007199254740993", "1.5", "", "7x"}) {
            const Answer a = run({"create", place(".dowel"), "--spec", file, "--practice=" + std::string(seed)});
            QVERIFY2(a.status != 0, seed);
        }
        const std::string good = place(".dowel");
        QCOMPARE(run({"create", good, "--spec", file, "--practice", "9007199254740992"}).status, 0);
        QCOMPARE(Store::open(good, Store::Mode::Look)->book().practice()->seed, std::uint64_t{9007199254740992});
    }
    void soundThatCannotBeIsRefusedAtItsHeader()
    {
        QByteArray wav("RIFF\0\0\0\0WAVEfmt \x10\0\0\0\x01\0\x01\0\0\0\0\0\0\0\0\0\x02\0\x10\0data\0\0\0\0", 44);
        wav.append(20000, '\x11');
        const auto put = [&](int at, quint32 v) {
            for (int k = 0; k < 4; ++k)
                wav[at + k] = static_cast<char>(v >> (8 * k) & 0xFFU);
        };
        put(4, static_cast<quint32>(wav.size() - 8));
        put(40, 20000);
        for (const quint32 rate : {1U, 7999U, 192001U, 2147483647U}) {
            put(24, rate);
            put(28, rate * 2U);
            const Answer a = run({"analyse", write("rate.wav", wav)});
            QCOMPARE(a.code(), std::string("bad_audio"));
            QVERIFY(a.words.find("8000 to 192000") != std::string::npos || rate > 2000000000U);
        }
    }
    void aLongRecordingIsHeardInPieces()
    {
        // A note a minute and a half in, across nothing; one on either side of the first cut.
        Samples all{{}, 16000.0};
        const auto quiet = [&](double s) {
            all.values.resize(all.values.size() + static_cast<std::size_t>(s * all.rate_Hz));
        };
        std::vector<double> at;
        for (const double pause : {2.0, 40.0, 5.0, 43.0, 30.0}) {
            quiet(pause);
            at.push_back(all.duration().seconds());
            const Samples tone = tones::constantTone(587.0, 1.5, 30.0, 1);
            for (std::size_t i = 0; i * 3 < tone.values.size(); ++i) // to a third of the rate
                all.values.push_back(tone.values[i * 3]);
        }
        quiet(1.0);
        const std::string path = place("long.flac");
        VERIFY_OK(io::writeAudioFile(path, all));
        const Json notes = run({"analyse", path}).json["notes"];
        QCOMPARE(notes.size(), at.size());
        for (std::size_t i = 0; i < at.size(); ++i) {
            VERIFY_NEAR(notes[i]["start_s"].get<double>(), at[i], 0.3);
            VERIFY_NEAR(1200.0 * std::log2(notes[i]["hz"].get<double>() / 587.0), 0.0, 0.5);
        }
    }
    void nothingWrittenOutIsTakenForAnInstruction()
    {
        InstrumentSpec spec = fixtures::whistleSpec();
        const std::string evil = "=cmd|' /C calc'!A0\nEND:VEVENT\r\nBEGIN:VEVENT\x1b[31m \xc3\xa4";
        spec.name = evil;
        spec.holes[0].id.text = "h1\n0\nSECTION";
        for (Fingering& f : spec.fingerings)
            for (HoleId& id : f.closed)
                id.text = id.text == "h1" ? spec.holes[0].id.text : id.text;
        const std::string path = book(spec);
        VERIFY_OK(Store::open(path, Store::Mode::Work)->append(NoteEntry{"=1+1"}));
        VERIFY_OK(Store::open(path, Store::Mode::Work)->append(NoteEntry{"\t@SUM(A1)"}));
        const auto written = [&](const char* as) {
            const std::string out = place(as);
            if (run({"export", path, "--as", as, "--out", out}).status != 0)
                qFatal("%s", as);
            return contentOf(out);
        };
        const QByteArray csv = written("csv");
        QVERIFY(csv.contains(",'=1+1,") && !csv.contains(",=") && !csv.contains("\"\t"));
        // DXF: pairs of lines, a group code and its value; every code is a number and every letter ASCII.
        const QList<QByteArray> lines = written("dxf").split('\n');
        for (qsizetype i = 0; i + 1 < lines.size(); i += 2) {
            bool number = false;
            (void)lines[i].trimmed().toInt(&number);
            QVERIFY2(number, lines[i].constData());
        }
        for (const QByteArray& line : lines)
            QVERIFY(std::all_of(line.begin(), line.end(), [](char c) { return c >= ' ' && c < 127; }));
        // iCalendar (RFC 5545): a line ends in CR LF, and nowhere else is there a control character.
        const QByteArray ics = written("ics");
        QCOMPARE(ics.count("BEGIN:VEVENT\r\n"), ics.count("END:VEVENT\r\n"));
        QByteArray rest = ics;
        rest.replace("\r\n", "");
        QVERIFY(std::none_of(rest.begin(), rest.end(), [](char c) { return (c >= 0 && c < ' ') || c == 127; }));
        const QByteArray svg = written("svg");
        QVERIFY(!svg.contains('\x1b'));
        // On a terminal neither.
        const Answer a = run({"measure", path, "--fingering", "D5\x1b]0;title\x07", "--take", "/no\x1b[2J.wav"});
        QVERIFY(std::none_of(a.words.begin(), a.words.end(), [](char c) { return c == '\x1b' || c == '\x07'; }));
    }
    void whatIsOutOfReasonIsRefusedInWords_data()
    {
        QTest::addColumn<QStringList>("arguments");
        QTest::addColumn<int>("status");
        QTest::addColumn<QString>("word");
        const auto row = [](const char* name, std::initializer_list<const char*> arguments, int status, const char* word) {
            QStringList list;
            for (const char* a : arguments)
                list << QString::fromUtf8(a);
            QTest::newRow(name) << list << status << QString::fromUtf8(word);
        };
        row("unknown command", {"dance"}, 2, "\"dance\" is no command");
        row("cold", {"measure", "BOOK", "--fingering", "D5", "--take", "TAKE", "--celsius", "-300"}, 1, "Celsius");
        row("no number", {"measure", "BOOK", "--fingering", "D5", "--take", "TAKE", "--celsius", "nan"}, 2, "is no number");
        row("nothing", {"measure", "BOOK", "--fingering", "D5", "--take", "TAKE", "--celsius", ""}, 2, "is no number");
        row("comma", {"measure", "BOOK", "--fingering", "D5", "--take", "TAKE", "--celsius", "21,5"}, 2, "is no number");
        row("within", {"fingerings", "BOOK", "--note", "D5", "--within", "nan"}, 2, "is no number");
        row("no chart", {"fingerings", "BARE", "--note", "D5"}, 1, "chart");
        row("beyond the notes", {"marks", "SLIDE", "--from", "C9", "--to", "B9"}, 0, "");
        row("no such note", {"marks", "SLIDE", "--from", "C♭0"}, 1, "C♭0");
        row("nor this", {"marks", "SLIDE", "--to", "B#9"}, 1, "B#9");
        row("from above to", {"marks", "SLIDE", "--from", "G4", "--to", "D4"}, 1, "lower note");
        row("itself", {"compare", "SAME", "SAME"}, 1, "same piece of wood");
        row("centimetres", {"create", "NEW", "--spec", "CENTIMETRES"}, 1, "millimetres");
        row("two notes, one fingering", {"create", "NEW", "--spec", "TWICE"}, 1, "fingered");
        row("effort", {"advise", "BOOK", "--effort", "heroic"}, 2, "heroic");
        row("no bit", {"advise", "BOOK", "--drawer", "DRAWER"}, 1, "#999");
        row("reamer that narrows", {"advise", "BOOK", "--drawer", "BENT"}, 1, "bent");
        row("predict cold", {"predict", "BOOK", "--celsius", "-300"}, 1, "Celsius");
        row("predict no number", {"predict", "BOOK", "--celsius", "nan"}, 2, "is no number");
        row("session cold", {"measure", "BOOK", "--session", "COLD"}, 1, "Celsius");
        row("hole", {"cut", "BOOK", "--step", "H99"}, 1, "No hole is called h99");
        row("folder as a take", {"analyse", "FOLDER"}, 1, "it is a folder");
        row("folder as a workbook", {"check", "FOLDER"}, 1, "is a folder");
        row("folder as a specification", {"predict", "FOLDER"}, 1, "it is a folder");
        row("pipe as a specification", {"predict", "PIPE"}, 1, "is no plain file");
        row("pipe as a take", {"analyse", "PIPE"}, 1, "no plain file");
        row("pipe as a workbook", {"check", "PIPE"}, 1, "no plain file");
        row("expect", {"analyse", "TAKE", "--expect", "nan"}, 2, "is no number");
        row("expect nothing", {"analyse", "TAKE", "--expect", "-3"}, 1, "must be above 0");
        row("many readings", {"measure", "BOOK", "--session", "MANY"}, 1, "at most 5000");
        row("many fingerings", {"predict", "FINGERINGS"}, 1, "at most 400");
    }
    void whatIsOutOfReasonIsRefusedInWords()
    {
        QFETCH(QStringList, arguments);
        QFETCH(int, status);
        QFETCH(QString, word);
        std::string same;
        std::vector<std::string> asked;
        for (const QString& a : arguments) {
            std::string s = a.toStdString();
            if (s == "BOOK")
                s = book();
            else if (s == "TAKE") {
                s = place("t.wav");
                VERIFY_OK(io::writeAudioFile(s, tones::withSilence(tones::constantTone(587.0, 1.0, 25.0, 1), 0.2, 0.2)));
            } else if (s == "COLD")
                s = write("c.json", R"({"celsius": -300, "readings": [{"fingering": "D5", "hz": 587}]})");
            else if (s == "H99")
                s = write("h.json", R"({"kind": "enlarge", "hole": "h99", "diameter_mm": 7})");
            else if (s == "BARE") {
                InstrumentSpec bare = fixtures::whistleSpec();
                bare.fingerings.clear();
                s = book(bare);
            } else if (s == "SLIDE")
                s = std::string(DOWEL_EXAMPLES) + "/slide.dowel";
            else if (s == "SAME")
                s = same.empty() ? same = book() : same;
            else if (s == "NEW")
                s = place("new.dowel");
            else if (s == "CENTIMETRES") {
                Json spec = Json::parse(io::specText(fixtures::whistle()));
                const std::function<void(Json&)> shrink = [&](Json& at) {
                    for (auto& [key, value] : at.items())
                        if (value.is_structured())
                            shrink(value);
                        else if (value.is_number() && QByteArray::fromStdString(key).endsWith("_mm") && key != "step_mm")
                            value = value.get<double>() / 10.0;
                };
                spec.erase("tools");
                spec.erase("limits");
                shrink(spec);
                s = write("cm.json", QByteArray::fromStdString(spec.dump()));
            } else if (s == "TWICE") {
                Json spec = Json::parse(io::specText(fixtures::whistle()));
                spec["fingerings"][1]["closed"] = spec["fingerings"][0]["closed"];
                s = write("twice.json", QByteArray::fromStdString(spec.dump()));
            } else if (s == "DRAWER")
                s = write("drawer.json", Json{{"bits", {"4 mm", "#999"}}, {"tools", {"file"}}}.dump());
            else if (s == "BENT")
                s = write("bent.json", R"({"bits": [], "tools": ["file"], "reamers": [{"name": "bent", "shape": [
                                          {"from_tip_mm": 0, "diameter_mm": 9}, {"from_tip_mm": 40, "diameter_mm": 8}]}]})");
            else if (s == "FOLDER")
                s = folder().toStdString();
            else if (s == "PIPE") {
                s = place("p.dowel");
                QCOMPARE(::mkfifo(s.c_str(), 0600), 0);
            } else if (s == "MANY") {
                Json many{{"celsius", 20.0}, {"readings", Json::array()}};
                for (int i = 0; i < 5001; ++i)
                    many["readings"].push_back({{"fingering", "D5"}, {"hz", 587.0}});
                s = write("m.json", QByteArray::fromStdString(many.dump()));
            } else if (s == "FINGERINGS") {
                Json spec = Json::parse(io::specText(fixtures::whistle()));
                for (int i = 0; i < 20000; ++i) {
                    Json f = spec["fingerings"][0];
                    f["id"] = "x" + std::to_string(i);
                    spec["fingerings"].push_back(f);
                }
                s = write("f.json", QByteArray::fromStdString(spec.dump()));
            }
            asked.push_back(s);
        }
        const Answer a = run(asked);
        QCOMPARE(a.status, status);
        QVERIFY2(QString::fromStdString(a.words).contains(word), a.words.c_str());
        QVERIFY(status == 0 || (a.json.contains("error") && a.code() != "internal"));
    }
    void whatCameMeanwhileIsNotReplaced()
    {
        // Where nothing stood nothing may be replaced: the file comes while the other one is being written.
        const std::string out = place("late.csv");
        const auto late = [&] {
            return io::writeNewFile(out, [&](const std::string& beside) -> Status {
                write("x", "y");
                QFile other(QString::fromStdString(out));
                if (!other.open(QIODevice::WriteOnly) || other.write("mine") != 4)
                    qFatal("other");
                return io::writeNewFile(beside, "theirs");
            });
        };
        QCOMPARE(late().error().code, ErrorCode::Exists);
        QCOMPARE(contentOf(out), QByteArray("mine"));
        // What may only be read stays, also for who could write it all the same.
        const std::string kept = write("kept.txt", "mine");
        QVERIFY(QFile::setPermissions(QString::fromStdString(kept), QFile::ReadOwner | QFile::ReadGroup));
        const Answer a = run({"export", book(), "--as", "csv", "--out", kept});
        QCOMPARE(a.status, 1);
        QCOMPARE(a.code(), std::string("refused"));
        QCOMPARE(contentOf(kept), QByteArray("mine"));
        // Whose rights a program would run with is not handed on.
        const std::string set = write("set.txt", "mine");
        QCOMPARE(::chmod(set.c_str(), 06755), 0);
        QCOMPARE(run({"export", book(), "--as", "csv", "--out", set}).status, 0);
        struct stat there
        {
        };
        QCOMPARE(::stat(set.c_str(), &there), 0);
        QCOMPARE(there.st_mode & 07777U, 0755U);
        // No export is taken for the rest of a workbook's write.
        for (const char* ending : {"-journal", "-wal", "-shm"}) {
            const std::string named = place("b.dowel") + ending;
            QCOMPARE(run({"export", book(), "--as", "csv", "--out", named}).code(), std::string("refused"));
            QVERIFY(!QFile::exists(QString::fromStdString(named)));
        }
    }
    void anAnswerHoldsNoControlCharacter()
    {
        // C1 controls (ISO 6429) drive a terminal as well as C0 do.
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.name = "a\xC2\x9B"
                    "31m b\x7F c\x01";
        std::ostringstream out;
        std::ostringstream err;
        const std::string file = place("s.json");
        QCOMPARE(run({"export", book(spec), "--as", "spec", "--out", file}).status, 0);
        QCOMPARE(cli::run({"amend", book(), "--entry", write("n.json", Json{{"name", spec.name}}.dump())}, out, err), 0);
        const std::string said = out.str();
        for (std::size_t i = 0; i < said.size(); ++i) {
            const auto c = static_cast<unsigned char>(said[i]);
            QVERIFY(c == '\n' || (c >= 0x20U && c != 0x7FU));
            QVERIFY(c != 0xC2U || static_cast<unsigned char>(said[i + 1]) >= 0xA0U);
        }
        QCOMPARE(Json::parse(said)["spec"]["name"].get<std::string>(), spec.name); // and still says the same
        // HTML holds neither (HTML, 13.2.3.5: control characters and noncharacters are errors).
        spec.name = "a\x01 b\xEF\xBF\xBE"
                    " c\xC2\x85";
        const std::string html = place("p.html");
        QCOMPARE(run({"report", book(spec), "--out", html}).status, 0);
        for (const QChar c : QString::fromUtf8(contentOf(html)))
            QVERIFY(c == QLatin1Char('\n') || c == QLatin1Char('\t') ||
                    (c.category() != QChar::Other_Control && c.unicode() < 0xFFFE));
    }
    void aReportLeavesNothingBehindAndTellsNoTimeZone()
    {
        QTemporaryDir scratch;
        const std::string path = book();
        const std::string pdf = place("p.pdf");
        QProcess program;
        QProcessEnvironment elsewhere = QProcessEnvironment::systemEnvironment();
        elsewhere.remove(QStringLiteral("XDG_RUNTIME_DIR"));
        elsewhere.insert(QStringLiteral("TMPDIR"), scratch.path());
        elsewhere.insert(QStringLiteral("TZ"), QStringLiteral("XYZ-5:45"));
        elsewhere.insert(QStringLiteral("LC_ALL"), QStringLiteral("de_DE.UTF-8"));
        program.setProcessEnvironment(elsewhere);
        program.start(QStringLiteral(DOWEL_CLI), {QStringLiteral("report"), QString::fromStdString(path), QStringLiteral("--out"),
                                                  QString::fromStdString(pdf)});
        QVERIFY(program.waitForFinished(-1));
        QCOMPARE(program.exitCode(), 0);
        QVERIFY2(QDir(scratch.path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot).isEmpty(),
                 qPrintable(QDir(scratch.path()).entryList(QDir::AllEntries | QDir::NoDotAndDotDot).join(QLatin1Char(' '))));
        const QByteArray bytes = contentOf(pdf);
        const auto at = bytes.indexOf("/CreationDate (D:");
        QVERIFY(at > 0);
        QCOMPARE(bytes.at(at + 17 + 14), ')'); // right after the seconds (ISO 32000-1, 7.9.4)
        QVERIFY(!bytes.contains("+05'45'"));
        QVERIFY(bytes.contains("%%EOF"));
    }
    void advice12SaysWhatItWillComeTo()
    {
        // The contract's version 1.2: what following it will come to, why it stops, and what can be taken back.
        const Answer quick = run({"advise", book(), "--effort", "quick"});
        QCOMPARE(quick.status, 0);
        const Json& expected = quick.json["expected"];
        QVERIFY(expected["chance_all_within_at_the_end"].get<double>() >= 0.0);
        QVERIFY(expected["rounds"].get<double>() >= 0.0 && expected["cuts"].get<double>() >= 0.0);
        const std::string path = std::string(DOWEL_EXAMPLES) + "/flute.dowel";
        const std::string copy = place("flute.dowel");
        QVERIFY(QFile::copy(QString::fromStdString(path), QString::fromStdString(copy)));
        Json session{{"celsius", 20.0}, {"readings", Json::array()}};
        const Json before = run({"predict", copy}).json["notes"];
        for (const Json& n : before)
            session["readings"].push_back(
                {{"fingering", n["fingering"]}, {"hz", n["hz"].get<double>() * 0.9935}, {"sd_cents", 1.0}});
        QCOMPARE(run({"measure", copy, "--session", write("s.json", session.dump())}).status, 0);
        const std::string drawer = write(
            "d.json", Json{{"bits", {"5 mm", "1/4", "#1", "F", "9/32", "5/16", "8.5 mm", "3/8"}}, {"tools", {"knife"}}}.dump());
        const Answer a = run({"advise", copy, "--drawer", drawer});
        QCOMPARE(a.status, 0);
        QCOMPARE(a.json["state"].get<std::string>(), std::string("cut"));
        for (const Json& step : a.json["steps"]) {
            QCOMPARE(step.contains("reversible"), step["kind"] == "move_stopper");
            const std::string tool = step["tool"].get<std::string>();
            if (step["kind"] == "enlarge")
                QVERIFY2(tool == "knife" || tool.ends_with(" bit"), tool.c_str());
        }
        QVERIFY(a.json["expected"]["cuts"].get<double>() > 0.0);
        // Asked twice it is one piece of advice.
        const auto entries = run({"check", copy}).json["entries"];
        QCOMPARE(run({"advise", copy, "--drawer", drawer}).status, 0);
        QVERIFY(run({"check", copy}).json["entries"] == entries);
        // What advise tells of the present shape predict tells as well.
        const Json predicted = run({"predict", copy}).json["notes"];
        for (const Json& f : a.json["steps"][0]["forecast"])
            for (const Json& n : predicted)
                if (n["fingering"] == f["fingering"])
                    VERIFY_NEAR(n["cents"].get<double>(), f["now_cents"].get<double>(), 0.01);
    }
    void holesThatWereCutIntoEachOtherAreRecorded()
    {
        // What the calipers say is what is there: a cut that was made is taken, and work goes on from it.
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.holes[1].at = spec.holes[2].at + fixtures::mm(7.0);
        const std::string path = book(spec);
        const Answer cut =
            run({"cut", path, "--step", write("c.json", R"({"kind": "enlarge", "hole": "h3", "diameter_mm": 9.0})")});
        QVERIFY2(cut.status == 0, cut.words.c_str());
        QCOMPARE(run({"check", path}).status, 0);
        QCOMPARE(run({"predict", path}).status, 0);
        QCOMPARE(run({"advise", path}).status, 0);
    }
    void calipersThatReadALittleLessAreBelieved()
    {
        // Two readings of one window differ; a cut that was made is recorded (common practice, no source: how well either
        // repeats).
        const std::string path = book();
        const auto window = std::get<Duct>(fixtures::whistleSpec().excitation).windowLength.millimetres();
        const auto cutUp = [&](double length_mm) {
            return run(
                {"cut", path, "--step", write("w.json", Json{{"kind", "cut_up"}, {"window_length_mm", length_mm}}.dump())});
        };
        QCOMPARE(cutUp(window - 0.12).status, 0);
        QCOMPARE(cutUp(window - 0.6).code(), std::string("not_removable"));
        const auto hole = fixtures::whistleSpec().holes.front();
        const auto enlarge = [&](double by_mm) {
            const Json step{{"kind", "enlarge"}, {"hole", hole.id.text}, {"diameter_mm", hole.diameter.millimetres() + by_mm}};
            return run({"cut", path, "--step", write("e.json", step.dump())});
        };
        QCOMPARE(enlarge(-0.08).status, 0);
        QCOMPARE(enlarge(-0.4).code(), std::string("not_removable"));
    }
    void aWorkbookIsKnownInAnyCaseOfLetters()
    {
        const std::string path = book();
        const std::string shouted = (folder() + QLatin1Char('/') + QStringLiteral("LOUD.DOWEL")).toStdString();
        QVERIFY(QFile::copy(QString::fromStdString(path), QString::fromStdString(shouted)));
        QCOMPARE(run({"predict", shouted}).status, 0);
    }
    void anAnswerNobodyGotIsAFailure()
    {
        const std::string path = book();
        QProcess p;
        p.setStandardOutputFile(QStringLiteral("/dev/full"));
        p.start(QStringLiteral(DOWEL_CLI), {QStringLiteral("check"), QString::fromStdString(path)});
        QVERIFY(p.waitForFinished(-1));
        QCOMPARE(p.exitCode(), 1);
        QVERIFY(p.readAllStandardError().contains("could not be written"));
    }
    void aPageIsDrawnWithoutTheDisplayThatIsAskedFor()
    {
        const std::string path = book();
        QProcess p;
        auto environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("QT_QPA_PLATFORM"), QStringLiteral("xcb"));
        environment.remove(QStringLiteral("DISPLAY"));
        p.setProcessEnvironment(environment);
        // A name of bytes that are no UTF-8 is the name it is written under.
        const QByteArray out = folder().toUtf8() + "/caf\xe9.pdf";
        p.start(QStringLiteral("/bin/sh"),
                {QStringLiteral("-c"), QStringLiteral("exec \"$0\" export \"$1\" --as pdf --out \"$2/caf$(printf '\\351').pdf\""),
                 QStringLiteral(DOWEL_CLI), QString::fromStdString(path), folder()});
        QVERIFY(p.waitForFinished(-1));
        QCOMPARE(p.exitCode(), 0);
        struct stat there
        {
        };
        QCOMPARE(::stat(out.constData(), &there), 0);
        QVERIFY(there.st_size > 2000);
    }
    void aShopMemoryBegunBySeveralAtOnceIsOne()
    {
        for (int round = 0; round < 20; ++round) {
            const std::string path = place("memory.dowelshop");
            std::vector<std::thread> threads;
            std::vector<std::string> troubles(6);
            for (std::size_t k = 0; k < troubles.size(); ++k)
                threads.emplace_back([&path, &troubles, k] {
                    const auto opened = ShopMemory::open(path);
                    troubles[k] = opened ? "" : told(opened.error());
                });
            for (auto& t : threads)
                t.join();
            for (const auto& trouble : troubles)
                QCOMPARE(trouble, std::string());
        }
        // A workbook is none, and stays what it is.
        const std::string path = book();
        const QByteArray before = contentOf(path);
        QVERIFY(!ShopMemory::open(path));
        QVERIFY(contentOf(path) == before);
    }
};

DOWEL_TEST(TestHardened)
#include "test_hardened.moc"
