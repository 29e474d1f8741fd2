// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the window around the pages: the empty start, opening and refusing files, a second window, units, dark, export,
// and that every control has a name for assistive technology and can be reached.
#include "gui/gui_support.h"
#include "io/spec_json.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <QAbstractButton>
#include <QAbstractSpinBox>
#include <QDialog>
#include <QFile>
#include <QHeaderView>
#include <QScrollBar>
#include <QTextBrowser>

using namespace dowel;
using gui::Desk;

class TestGuiWindow : public gui::WindowTest
{
    Q_OBJECT

private Q_SLOTS:
    void theHelpIsWholeOnASmallScreen()
    {
        Desk desk;
        desk.key(Qt::Key_F1);
        const QSize size = desk.find<QDialog>("guide")->size();
        QVERIFY(size.isValid() && size.height() <= 680 && size.width() <= 1280); // of a small laptop
    }
    void anEmptyStartSaysWhatToDo()
    {
        Desk desk(false);
        QVERIFY(desk.find<QPushButton>("practiceButton")->isVisible());
        QVERIFY(desk.find<QPushButton>("openButton")->isVisible());
        QCOMPARE(desk.window().document(), nullptr);
    }
    void aSpecificationBecomesAWorkbook()
    {
        Desk desk(false);
        const QString spec = desk.file("spec.json");
        QFile f(spec);
        QVERIFY(f.open(QIODevice::WriteOnly));
        f.write(QByteArray::fromStdString(io::specText(fixtures::whistle())));
        f.close();
        desk.answers().files = {spec, desk.file("new.dowel")};
        desk.click("newButton");
        QVERIFY(gui::opens(desk.window()));
        QCOMPARE(desk.window().windowTitle(), QStringLiteral("Test whistle – Dowel"));
        QVERIFY(!desk.find<QPushButton>("soundButton")->isVisible()); // no simulated player blows the user's own instrument
        QVERIFY(QFile::exists(desk.file("new.dowel")));
    }
    void badFilesAreRefusedInThePage()
    {
        Desk desk(false);
        QFile f(desk.file("words.dowel"));
        QVERIFY(f.open(QIODevice::WriteOnly));
        f.write("only words");
        f.close();
        desk.answers().files = {f.fileName()};
        desk.click("openButton");
        QTRY_VERIFY2_WITH_TIMEOUT(desk.message().contains(QLatin1String("no Dowel workbook")), qPrintable(desk.message()),
                                  longestWait_ms);
        desk.click("messageClose");
        QVERIFY(desk.message().isEmpty());
        QFile spec(desk.file("bad.json"));
        QVERIFY(spec.open(QIODevice::WriteOnly));
        spec.write(R"({"format": "dowel-instrument", "colour": 1})");
        spec.close();
        desk.answers().files = {spec.fileName()};
        desk.click("newButton");
        EVENTUALLY(!desk.message().isEmpty());
        QVERIFY2(!desk.message().contains(QLatin1Char('/')), qPrintable(desk.message())); // told in words, not as a file has it
        QCOMPARE(desk.answers().unexpected, 0);
    }
    void aSecondWindowIsToldSo()
    {
        Desk desk;
        app::MainWindow second(std::make_unique<gui::Answers>());
        second.openBook(desk.document().path());
        QVERIFY(gui::opens(second, false));
        QVERIFY(second.document() == nullptr);
        QVERIFY(second.findChild<QLabel*>(QStringLiteral("messageText"))->text().contains(QLatin1String("another window")));
    }
    void stagesChangeByKey()
    {
        Desk desk;
        auto* stages = desk.find<QListWidget>("stages");
        QCOMPARE(stages->currentRow(), static_cast<int>(app::MainWindow::Listen));
        desk.key(Qt::Key_9, Qt::ControlModifier);
        QCOMPARE(stages->currentRow(), static_cast<int>(app::MainWindow::Logbook));
        desk.key(Qt::Key_7, Qt::ControlModifier);
        QCOMPARE(stages->currentRow(), static_cast<int>(app::MainWindow::Correct));
        QVERIFY(desk.idle());
        desk.key(Qt::Key_6, Qt::ControlModifier);
        QCOMPARE(stages->currentRow(), static_cast<int>(app::MainWindow::Listen));
    }
    void inchesAndDarkAreRemembered()
    {
        Desk desk;
        desk.key(Qt::Key_I, Qt::ControlModifier);
        QVERIFY(desk.find<QWidget>("workpiece")->accessibleDescription().contains(QLatin1String(" in")));
        desk.key(Qt::Key_D, Qt::ControlModifier);
        QVERIFY(app::Style::current().dark());
        app::MainWindow again(std::make_unique<gui::Answers>());
        QVERIFY(app::Style::current().dark());
        desk.window().setLook(app::Style::Look::Light);
        desk.window().setInches(false);
    }
    void exportAndCopyAreWrittenAndSaid()
    {
        Desk desk;
        desk.document().exportTo(desk.file("out.csv"), QStringLiteral("csv"));
        QVERIFY(desk.idle());
        QVERIFY(desk.message().contains(QLatin1String("out.csv")));
        desk.document().copyTo(desk.file("copy.dowel"));
        QVERIFY(desk.idle());
        QVERIFY(Store::open(desk.file("copy.dowel").toStdString(), Store::Mode::Look).ok());
        desk.document().copyTo(desk.file("copy.dowel"));
        QVERIFY(desk.idle());
        QVERIFY(desk.message().contains(QLatin1String("not overwritten")));
    }
    void everyControlHasANameAndAnObjectName()
    {
        Desk desk;
        QStringList nameless;
        const auto widgets = desk.window().findChildren<QWidget*>();
        int looked = 0;
        for (QWidget* w : widgets) {
            const bool acts = qobject_cast<QAbstractButton*>(w) || qobject_cast<QLineEdit*>(w) ||
                              qobject_cast<QAbstractItemView*>(w) || qobject_cast<QAbstractSpinBox*>(w);
            const bool inner = w->objectName().startsWith(QLatin1String("qt_")) ||
                               (w->parentWidget() && qobject_cast<QAbstractSpinBox*>(w->parentWidget())) ||
                               QByteArray(w->metaObject()->className()).startsWith("QTableCorner") ||
                               qobject_cast<QHeaderView*>(w);
            if (!acts || inner)
                continue;
            ++looked;
            if (w->accessibleName().isEmpty() || w->objectName().isEmpty())
                nameless << QString::fromLatin1(w->metaObject()->className()) + QLatin1Char(' ') + w->objectName();
        }
        QVERIFY(looked > 10);
        QVERIFY2(nameless.isEmpty(), qPrintable(nameless.join(QStringLiteral(", "))));
        for (const char* picture : {"workpiece", "tuningPicture", "takeStrip", "fingeringCard"})
            QVERIFY2(!desk.find<QWidget>(picture)->accessibleName().isEmpty(), picture);
    }
    void nothingIsCutOffAt1280By800()
    {
        Desk desk;
        desk.window().resize(1280, 800);
        desk.settle();
        QVERIFY(desk.window().minimumSizeHint().width() <= 1280);
        QVERIFY(desk.window().minimumSizeHint().height() <= 800);
        for (QPushButton* b : desk.window().findChildren<QPushButton*>())
            if (b->isVisible())
                QVERIFY2(b->width() >= b->sizeHint().width(), qPrintable(b->objectName()));
    }
    void everyWidgetHasTheProgramsFont()
    {
        // As on a desktop: the program comes to a font that is not its own.
        QApplication::setFont(QFont(QStringLiteral("DejaVu Sans"), 8));
        Desk desk;
        for (const QLabel* label : desk.window().findChildren<QLabel*>())
            QVERIFY2(label->font().family() == app::Style::body().family(), qPrintable(label->objectName() + label->text()));
    }
    void theGuideOpensAtTheStageAndIsSearched()
    {
        Desk desk;
        desk.key(Qt::Key_7, Qt::ControlModifier);
        desk.key(Qt::Key_F1);
        auto* guide = desk.find<QDialog>("guide");
        QVERIFY(QTest::qWaitForWindowExposed(guide, longestWait_ms));
        auto* text = guide->findChild<QTextBrowser*>(QStringLiteral("guideText"));
        auto* search = guide->findChild<QLineEdit*>(QStringLiteral("guideSearch"));
        QVERIFY(text->verticalScrollBar()->value() > 0); // at Correct, not at the shop
        const QString whole = text->toPlainText();
        for (const char* stage :
             {"Blank", "Sounding edge", "Target", "Layout", "Drill", "Listen", "Correct", "Finish", "Logbook"})
            QVERIFY2(whole.contains(QLatin1String(stage)), stage);
        QTest::keyClicks(search, QStringLiteral("CHIMNEY"));
        QVERIFY(text->toPlainText().contains(QStringLiteral("depth of a hole")));
        QVERIFY(text->toPlainText().size() < whole.size());
        QVERIFY(!text->toPlainText().contains(QStringLiteral("Tuning strategy")));
        QTest::keyClicks(search, QStringLiteral(" of gold"));
        QCOMPARE(text->toPlainText(), QStringLiteral("The guide has nothing on that."));
        QTest::keyClick(search, Qt::Key_F1); // there and back
        EVENTUALLY(!guide->isVisible());
        // It stays beside the work and does not hold it up.
        const auto actions = desk.window().findChildren<QAction*>();
        const auto help = std::find_if(actions.begin(), actions.end(), [](const QAction* action) {
            return action->shortcut() == QKeySequence(QKeySequence::HelpContents);
        });
        QVERIFY(help != actions.end());
        (*help)->trigger();
        EVENTUALLY(guide->isVisible());
        QVERIFY(!guide->isModal());
        QCOMPARE(text->toPlainText(), whole);
    }
};

DOWEL_TEST(TestGuiWindow)
#include "test_gui_window.moc"
