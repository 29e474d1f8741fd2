// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that every example that ships can be read, laid out again and opened.
#include "core/tuning/pitch.h"
#include "io/layout_json.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <QDir>
#include <map>
#include <set>

using namespace dowel;

class TestExamples : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void everyFamilyHasOne_data()
    {
        QTest::addColumn<QString>("base");
        for (const Family f : {Family::Whistle, Family::Recorder, Family::TwoChamber, Family::Flute, Family::Fife,
                               Family::Stopped, Family::Slide, Family::Reed, Family::Horn}) {
            const std::string name(familyName(f));
            QTest::newRow(name.c_str()) << QStringLiteral(DOWEL_EXAMPLES "/") + QString::fromStdString(name);
        }
    }
    void everyFamilyHasOne()
    {
        QFETCH(QString, base);
        const auto asked = io::readLayoutFile((base + QStringLiteral(".blank.json")).toStdString());
        VERIFY_OK(asked);
        QVERIFY(std::holds_alternative<Blank>(asked->from));
        const auto laid = layOut(std::get<Blank>(asked->from), asked->wishes, false);
        VERIFY_OK(laid);
        auto store = Store::open((base + QStringLiteral(".dowel")).toStdString(), Store::Mode::Look);
        VERIFY_OK(store);
        VERIFY_OK(store->verify());
        const auto& made = store->book().specified().spec();
        QCOMPARE(made.holes.size(), laid->start.spec().holes.size());
        for (std::size_t i = 0; i < made.holes.size(); ++i) // what the model lays out today it laid out then
            VERIFY_NEAR(made.holes[i].at.millimetres(), laid->start.spec().holes[i].at.millimetres(), 1.0);
    }
    void theFinishedOneHasItsWholeHistory()
    {
        auto store = Store::open(DOWEL_EXAMPLES "/finished.dowel", Store::Mode::Look);
        VERIFY_OK(store);
        VERIFY_OK(store->verify());
        const Workbook& book = store->book();
        std::map<std::string_view, int> kinds;
        std::set<std::string> days;
        for (const Entry& e : book.entries()) {
            ++kinds[factsOf(e.body).word];
            days.insert(e.at.substr(0, 10));
            if (std::holds_alternative<PhotoEntry>(e.body))
                QVERIFY(store->take(e.id).ok());
        }
        for (const char* kind : {"plan", "built", "reading", "cut", "advice", "note", "photo", "finish"})
            QVERIFY2(kinds[kind] > 0, kind);
        QVERIFY2(kinds["reading"] > 30 && kinds["cut"] > 5 && days.size() > 8, qPrintable(QString::number(days.size())));
        // In tune by what was last heard, give or take what the finish moved, which Finish tells.
        std::map<std::string, double> last;
        for (const PlacedReading& r : book.readings())
            if (const Fingering* f = book.present().find(r.reading->fingering))
                last[f->id.text] = std::abs(centsBetween(r.reading->pitch, f->target).cents()) / f->tolerance.cents();
        for (const auto& [note, tolerances] : last)
            QVERIFY2(tolerances < 2.5, note.c_str());
    }
};

DOWEL_TEST(TestExamples)
#include "test_examples.moc"
