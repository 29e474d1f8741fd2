// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that every example that ships can be read, laid out again and opened.
#include "io/layout_json.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <QDir>

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
};

DOWEL_TEST(TestExamples)
#include "test_examples.moc"
