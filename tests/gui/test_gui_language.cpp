// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that every page speaks the language chosen: through a language half as long again that marks what was translated no
// English is left and nothing is clipped; the same in German; and the translations are complete and up to date.
#include "app/design/plan.h"
#include "app/listen/timbre_picture.h"
#include "app/parts/language.h"
#include "gui/gui_support.h"
#include "support/long_run.h"
#include "support/test_main.h"

#include <QAbstractButton>
#include <QActionGroup>
#include <QComboBox>
#include <QDialog>
#include <QGroupBox>
#include <QHeaderView>
#include <QLineEdit>
#include <QMenuBar>
#include <QProcess>
#include <QRegularExpression>
#include <QScrollArea>
#include <QTableView>
#include <QTranslator>
#include <QXmlStreamReader>
#include <functional>

using namespace dowel;
using gui::Desk;

namespace {

/// Puts every text between marks, half as long again.
class Pseudo : public QTranslator
{
public:
    [[nodiscard]] QString translate(const char* /*context*/, const char* source, const char* /*remark*/, int /*n*/) const override
    {
        const QString text = QString::fromUtf8(source);
        if (text.startsWith(QLatin1Char('<'))) // the help, which is scrolled
            return QStringLiteral("<p>⟦") + text;
        static const QRegularExpression place(QStringLiteral("%(\\d|n)|&"));
        const qsizetype words = QString(text).remove(place).section(QLatin1Char('\n'), 0, 0).size();
        QString more;
        for (qsizetype i = 0; i < words / 2; ++i) // in words that can be wrapped
            more += i % 8 == 0 ? QLatin1Char(' ') : QLatin1Char('o');
        return QStringLiteral("⟦") + text + (words < 2 ? QString() : more) + QStringLiteral("⟧");
    }
    [[nodiscard]] bool isEmpty() const override { return false; }
};

/// A text on the screen and the room it has.
struct Shown
{
    QString where;
    QString text;
    bool clipped = false;
};

QString plain(QString text)
{
    static const QRegularExpression tag(QStringLiteral("<[^>]*>"));
    return text.remove(tag).trimmed();
}

bool fits(const QFontMetrics& metrics, const QString& text, int width)
{
    const auto lines = text.split(QLatin1Char('\n'));
    return std::all_of(lines.begin(), lines.end(), [&](const QString& line) { return metrics.horizontalAdvance(line) <= width; });
}

bool cellIsClipped(const QTableView& table, const QModelIndex& index)
{
    const int width = table.columnWidth(index.column());
    if (table.sizeHintForIndex(index).width() <= width + 1)
        return false;
    constexpr int margins = 14;
    const QRect wrapped =
        table.fontMetrics().boundingRect(QRect(0, 0, width - margins, 1000), Qt::TextWordWrap, index.data().toString());
    return !table.wordWrap() || wrapped.height() > table.rowHeight(index.row()) || wrapped.width() > width - margins;
}

/// Words of a list that wraps them need more lines than they have.
bool lineIsClipped(const QListView& list, const QModelIndex& index)
{
    const QRect there = list.visualRect(index);
    if (!list.wordWrap() || there.isEmpty())
        return false;
    const bool ticked = index.data(Qt::CheckStateRole).isValid();
    const int beside = 2 * list.style()->pixelMetric(QStyle::PM_FocusFrameHMargin) + 4 +
                       (ticked ? list.style()->pixelMetric(QStyle::PM_IndicatorWidth) + 14 : 0);
    const QRect wrapped =
        list.fontMetrics().boundingRect(QRect(0, 0, there.width() - beside, 1000), Qt::TextWordWrap, index.data().toString());
    return wrapped.height() > there.height() + 1;
}

void addView(std::vector<Shown>& all, const QAbstractItemView* view, const QString& where)
{
    const QAbstractItemModel* model = view->model();
    const auto* table = qobject_cast<const QTableView*>(view);
    for (int row = 0; model != nullptr && row < model->rowCount(); ++row)
        for (int column = 0; column < model->columnCount(); ++column) {
            const QModelIndex index = model->index(row, column);
            if (table != nullptr && (table->isColumnHidden(column) || table->isRowHidden(row)))
                continue;
            const auto* list = qobject_cast<const QListView*>(view);
            all.push_back(
                {where, index.data().toString(),
                 (table != nullptr && cellIsClipped(*table, index)) || (list != nullptr && lineIsClipped(*list, index))});
        }
    if (table == nullptr || !table->horizontalHeader()->isVisible())
        return;
    for (int column = 0; column < model->columnCount(); ++column) {
        if (table->isColumnHidden(column))
            continue;
        const QString text = model->headerData(column, Qt::Horizontal).toString();
        all.push_back({where + QStringLiteral(" header"), text,
                       !fits(table->horizontalHeader()->fontMetrics(), text, table->columnWidth(column))});
    }
}

/// Everything that can be read on a window now.
std::vector<Shown> shownOn(const QWidget& window)
{
    std::vector<Shown> all;
    for (const QWidget* w : window.findChildren<QWidget*>()) {
        if (!w->isVisible() || w->size().isEmpty())
            continue;
        const QString where = QString::fromLatin1(w->metaObject()->className()) + QLatin1Char(' ') + w->objectName();
        if (const auto* label = qobject_cast<const QLabel*>(w); label != nullptr && !label->text().isEmpty()) {
            const bool clipped = label->wordWrap() ? label->heightForWidth(label->width()) > label->height() + 1
                                                   : label->sizeHint().width() > label->width() + 1;
            all.push_back({where, plain(label->text()), clipped});
        } else if (const auto* button = qobject_cast<const QAbstractButton*>(w)) {
            all.push_back({where, button->text(), !button->text().isEmpty() && button->sizeHint().width() > button->width() + 1});
        } else if (const auto* box = qobject_cast<const QComboBox*>(w)) {
            constexpr int arrow = 28;
            all.push_back({where, box->currentText(), !fits(box->fontMetrics(), box->currentText(), box->width() - arrow)});
        } else if (const auto* view = qobject_cast<const QAbstractItemView*>(w);
                   view != nullptr && qobject_cast<const QHeaderView*>(w) == nullptr) {
            addView(all, view, where);
        }
        all.push_back({where + QStringLiteral(" tip"), plain(w->toolTip())});
        all.push_back({where + QStringLiteral(" spoken"), w->accessibleName()});
    }
    for (const QAction* a : window.findChildren<QAction*>())
        all.push_back({QStringLiteral("action"), a->text()});
    return all;
}

/// Pages that ask for more room than the screen that is promised has; where one does, the window grows out of it.
QStringList tooLarge(const QWidget& window, QSize least)
{
    QStringList found;
    const QSize asked = window.minimumSizeHint();
    if (asked.width() <= least.width() && asked.height() <= least.height())
        return found;
    for (const QWidget* w : window.findChildren<QWidget*>())
        if (w->objectName().endsWith(QLatin1String("Page")))
            found << QStringLiteral("%1 asks for %2 x %3")
                         .arg(w->objectName())
                         .arg(w->minimumSizeHint().width())
                         .arg(w->minimumSizeHint().height());
    return {QStringLiteral("the window asks for %1 x %2: %3")
                .arg(asked.width())
                .arg(asked.height())
                .arg(found.join(QStringLiteral(", ")))};
}

/// Words of four letters and more.
/// A path is no sentence.
bool isPath(const QString& text)
{
    return text.startsWith(QLatin1Char('/'));
}

bool hasWords(const QString& text)
{
    static const QRegularExpression word(QStringLiteral("[A-Za-z]{4,}"));
    return word.match(text).hasMatch();
}

/// To be looked at by eye: DOWEL_LOOK=FOLDER leaves a picture of every page there, DOWEL_LOOK_AS=dark or contrast in that look.
void keepPicture(QWidget& window, const char* language, const char* when)
{
    static int number = 0;
    const QString folder = qEnvironmentVariable("DOWEL_LOOK");
    if (!folder.isEmpty())
        window.grab().save(QStringLiteral("%1/%2-%3-%4.png")
                               .arg(folder, QLatin1String(language))
                               .arg(++number, 2, 10, QLatin1Char('0'))
                               .arg(QLatin1String(when)));
}

/// Calls see() on every page of the plan and on a workbook's before anything is heard.
template <class See> void walkBefore(Desk& desk, QSize size, See see)
{
    desk.window().resize(size);
    if (const QByteArray look = qgetenv("DOWEL_LOOK_AS"); !look.isEmpty())
        desk.window().setLook(look == "dark" ? app::Style::Look::Dark : app::Style::Look::Contrast);
    see(desk.window(), "empty shop");
    QVERIFY(desk.begins());
    for (const auto stage : {app::MainWindow::Listen, app::MainWindow::Logbook}) {
        desk.window().goTo(stage);
        desk.settle();
        see(desk.window(), "not drilled");
    }
    for (const Family family : {Family::Whistle, Family::Flute, Family::Reed}) {
        desk.window().plan().begin(family);
        for (const auto stage : {app::MainWindow::Blank, app::MainWindow::Edge, app::MainWindow::Target, app::MainWindow::Layout,
                                 app::MainWindow::Drill}) {
            desk.window().goTo(stage);
            desk.settle();
            see(desk.window(), "plan, nothing laid out");
        }
    }
    desk.window().plan().begin(Family::Fife);
    desk.window().plan().layOut();
    QVERIFY(waitFor([&] { return !desk.window().plan().busy(); }));
    for (const auto stage : {app::MainWindow::Layout, app::MainWindow::Drill}) {
        desk.window().goTo(stage);
        desk.settle();
        see(desk.window(), "plan, laid out");
    }
    desk.click("drillThereFace");
    see(desk.window(), "what is there");
    desk.window().showShop();
    QVERIFY(waitFor([&] { return desk.find<QListWidget>("shopList")->count() == 1; }));
    see(desk.window(), "shop");
    desk.click("practiceButton");
    QVERIFY(gui::opens(desk.window()));
    for (const auto stage : {app::MainWindow::Listen, app::MainWindow::Correct, app::MainWindow::Logbook}) {
        desk.window().goTo(stage);
        QVERIFY(desk.idle());
        desk.settle();
        see(desk.window(), "nothing heard");
    }
}

/// Calls see() on every page, the plan's and the workbook's, heard and not, and on the dialogs that can be opened without harm.
template <class See> void walk(Desk& desk, int width, See see)
{
    walkBefore(desk, {width, 800}, see);
    desk.window().goTo(app::MainWindow::Listen);
    QVERIFY(desk.hearAll());
    QVERIFY(desk.idle());
    for (const char* face : {"timbreFace", "trendFace", "pitchFace"}) {
        desk.click(face);
        auto* timbre = desk.find<app::TimbrePicture>("timbrePicture");
        QVERIFY(waitFor([&] { return !timbre->isVisible() || timbre->partCount() > 0; }));
        desk.settle();
        see(desk.window(), face);
    }
    desk.window().goTo(app::MainWindow::Correct);
    for (const char* face : {"faceNextCut", "faceSensitivity", "faceTryIt", "faceRegisters", "faceOutcome"}) {
        desk.click(face);
        desk.settle();
        see(desk.window(), face);
    }
    const std::pair<const char*, std::function<void()>> dialogs[] = {{"wantedDialog",
                                                                      [&] {
                                                                          desk.window().correctPage()->changeWanted();
                                                                      }},
                                                                     {"ownWorkDialog",
                                                                      [&] {
                                                                          desk.window().correctPage()->recordOwnWork();
                                                                      }},
                                                                     {"measureDialog",
                                                                      [&] {
                                                                          desk.window().correctPage()->measureAgain();
                                                                      }},
                                                                     {"schoolDialog",
                                                                      [&] {
                                                                          desk.window().correctPage()->chooseStrategy();
                                                                      }},
                                                                     {"numbersDialog", [&] {
                                                                          desk.window().listenPage()->typeReadings();
                                                                      }}};
    for (const auto& [name, open] : dialogs) {
        open();
        desk.settle();
        auto* dialog = desk.find<QDialog>(name);
        see(*dialog, name);
        dialog->close();
    }
    desk.window().goTo(app::MainWindow::Finish);
    desk.settle();
    see(desk.window(), "finish, not begun");
    desk.click("finishBegin");
    desk.settle();
    see(desk.window(), "finish");
    desk.click("finishPassport");
    desk.settle();
    auto* passport = desk.find<QDialog>("passportDialog");
    see(*passport, "passportDialog");
    passport->close();
    desk.window().goTo(app::MainWindow::Blank);
    desk.click("blankStock");
    desk.settle();
    auto* stock = desk.find<QDialog>("stockDialog");
    for (const char* face : {"stockPlankFace", "stockTurningFace", "stockJointsFace", "stockSawFace", "stockReamersFace"}) {
        QTest::mouseClick(stock->findChild<QPushButton*>(QLatin1String(face)), Qt::LeftButton);
        desk.settle();
        see(*stock, face);
    }
    stock->close();
    desk.click("blankBores");
    auto* bores = desk.find<QDialog>("boresDialog");
    QVERIFY(waitFor([&] { return bores->findChild<QPushButton*>(QStringLiteral("boresTake"))->isEnabled(); }));
    see(*bores, "boresDialog");
    bores->close();
    desk.window().goTo(app::MainWindow::Layout);
    if (!desk.window().plan().layout())
        desk.click("layoutGo");
    QVERIFY(waitFor([&] { return desk.find<QPushButton>("layoutVary")->isEnabled(); }));
    desk.click("layoutVary");
    desk.settle();
    auto* vary = desk.find<QDialog>("variationDialog");
    see(*vary, "variationDialog");
    vary->close();
    desk.window().goTo(app::MainWindow::Logbook);
    see(desk.window(), "logbook");
    desk.window().activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(&desk.window(), longestWait_ms));
    desk.key(Qt::Key_F1);
    desk.settle();
    auto* guide = desk.find<QDialog>("guide");
    see(*guide, "guide");
    guide->hide();
}

/// Context, source and remark of every message of a translation, and whether it is finished.
QMap<QString, bool> messagesOf(const QString& path)
{
    QMap<QString, bool> all;
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return all;
    QXmlStreamReader xml(&file);
    QString context;
    QString source;
    QString remark;
    while (!xml.atEnd()) {
        if (!xml.readNextStartElement())
            continue;
        if (xml.name() == QLatin1String("name"))
            context = xml.readElementText();
        else if (xml.name() == QLatin1String("message"))
            remark.clear();
        else if (xml.name() == QLatin1String("source"))
            source = xml.readElementText();
        else if (xml.name() == QLatin1String("comment"))
            remark = xml.readElementText();
        else if (xml.name() == QLatin1String("translation"))
            all[context + QLatin1Char('|') + source + QLatin1Char('|') + remark] =
                !xml.attributes().hasAttribute(QLatin1String("type"));
    }
    return all;
}

} // namespace

class TestGuiLanguage : public gui::WindowTest
{
    Q_OBJECT

private Q_SLOTS:
    void noEnglishIsLeftAndNothingIsClippedInALongerLanguage()
    {
        Pseudo pseudo;
        QStringList complaints;
        {
            Desk desk(false, QStringLiteral("en"), &pseudo);
            walk(desk, 2000, [&](QWidget& page, const char* when) {
                keepPicture(page, "longer", when);
                complaints << tooLarge(page, {2000, 800}); // nobody speaks it; a real one must fit as German does
                for (const Shown& s : shownOn(page)) {
                    if (hasWords(s.text) && !isPath(s.text) && !s.text.contains(QStringLiteral("⟦")))
                        complaints << QStringLiteral("%1, %2 is not translated: %3").arg(QLatin1String(when), s.where, s.text);
                    if (s.clipped)
                        complaints << QStringLiteral("%1, %2 is clipped: %3").arg(QLatin1String(when), s.where, s.text);
                }
            });
        }
        QCoreApplication::removeTranslator(&pseudo);
        complaints.removeDuplicates();
        QVERIFY2(complaints.isEmpty(), qPrintable(complaints.join(QLatin1Char('\n'))));
    }
    void everyPageFitsTheScreen_data()
    {
        QTest::addColumn<QString>("language");
        QTest::newRow("en") << QStringLiteral("en");
        QTest::newRow("de") << QStringLiteral("de");
    }
    void everyPageFitsTheScreen()
    {
        QFETCH(QString, language);
        // In English the whole instrument is made in inches and degrees Fahrenheit: no millimetre and no Celsius is in sight.
        static const QRegularExpression metric(QStringLiteral("\\bmm\\b|illimet|°C|elsius"));
        const bool inches = language == QLatin1String("en");
        QStringList complaints;
        {
            Desk desk(false, language);
            desk.window().setInches(inches);
            desk.window().setFahrenheit(inches);
            walk(desk, 1280, [&](QWidget& page, const char* when) {
                keepPicture(page, language.toLatin1().constData(), when);
                complaints << tooLarge(page, {1280, 680});
                const bool manual = QLatin1String(when) == QLatin1String("guide");
                for (const Shown& s : shownOn(page)) {
                    if (s.clipped)
                        complaints << QStringLiteral("%1, %2 is clipped: %3").arg(QLatin1String(when), s.where, s.text);
                    if (inches && !manual && metric.match(s.text).hasMatch())
                        complaints << QStringLiteral("%1, %2 is metric: %3").arg(QLatin1String(when), s.where, s.text);
                }
                for (const auto* field : page.findChildren<QLineEdit*>())
                    if (inches && field->isVisible() && metric.match(field->text() + field->placeholderText()).hasMatch())
                        complaints << QStringLiteral("%1, %2 is metric: %3")
                                          .arg(QLatin1String(when), field->objectName(),
                                               field->text() + field->placeholderText());
            });
            desk.window().setInches(false);
            desk.window().setFahrenheit(false);
            // Notes and numbers as the language has them: in German B is H, and a comma stands before the tenths.
            const bool german = language == QLatin1String("de");
            auto* table = desk.find<QTableView>("readingTable");
            QStringList notes;
            for (int row = 0; row < table->model()->rowCount(); ++row)
                notes << table->model()->index(row, 0).data().toString();
            for (const char* note : german ? std::array{"H5", "Fis5"} : std::array{"B5", "F#5"})
                QVERIFY2(notes.contains(QLatin1String(note)), qPrintable(notes.join(QLatin1Char(' '))));
            QCOMPARE(table->model()->index(0, 2).data().toString().contains(QLatin1Char(',')), german);
        }
        app::speak(QStringLiteral("en"));
        complaints.removeDuplicates();
        QVERIFY2(complaints.isEmpty(), qPrintable(complaints.join(QLatin1Char('\n'))));
    }
    void nothingIsClippedInLargerType_data()
    {
        QTest::addColumn<int>("percent");
        for (const int percent : {125, 150, 200})
            QTest::addRow("%d", percent) << percent;
    }
    void nothingIsClippedInLargerType()
    {
        // On a desktop that asks for it everything grows with the type: the same page, that much larger.
        QFETCH(int, percent);
        if (percent != 200)
            DOWEL_LONG_ONLY();
        const double times = percent / 100.0;
        app::Style::setTextScale(times);
        QStringList complaints;
        {
            Desk desk(false);
            walkBefore(desk, QSizeF(1280.0 * times, 800.0 * times).toSize(), [&](QWidget& page, const char* when) {
                keepPicture(page, QByteArray::number(percent).constData(), when);
                complaints << tooLarge(page, QSizeF(1280.0 * times, 680.0 * times).toSize());
                for (const Shown& s : shownOn(page))
                    if (s.clipped)
                        complaints << QStringLiteral("%1, %2 is clipped: %3").arg(QLatin1String(when), s.where, s.text);
            });
        }
        app::Style::setTextScale(1.0);
        complaints.removeDuplicates();
        QVERIFY2(complaints.isEmpty(), qPrintable(complaints.join(QLatin1Char('\n'))));
    }
    void theLanguageIsTheDesktopsOrTheOneChosen()
    {
        QCOMPARE(app::languageFor({}, {QStringLiteral("de-AT"), QStringLiteral("en-GB")}), QStringLiteral("de"));
        QCOMPARE(app::languageFor({}, {QStringLiteral("fr-FR"), QStringLiteral("de-DE")}), QStringLiteral("de"));
        QCOMPARE(app::languageFor({}, {QStringLiteral("fr-FR")}), QStringLiteral("en"));
        QCOMPARE(app::languageFor({}, {}), QStringLiteral("en"));
        QCOMPARE(app::languageFor(QStringLiteral("de"), {QStringLiteral("en-US")}), QStringLiteral("de"));
        QCOMPARE(app::languageFor(QStringLiteral("tlh"), {QStringLiteral("en-US")}), QStringLiteral("en"));
        Desk desk;
        QSignalSpy chosen(&desk.window(), &app::MainWindow::languageChosen);
        const auto actions = desk.window().findChildren<QAction*>();
        const auto german =
            std::find_if(actions.begin(), actions.end(), [](const QAction* a) { return a->text() == QLatin1String("&German"); });
        QVERIFY(german != actions.end());
        (*german)->trigger();
        QCOMPARE(chosen.count(), 1);
        QCOMPARE(app::chosenLanguage(), QStringLiteral("de"));
        (*german)->trigger(); // it speaks that already
        QCOMPARE(chosen.count(), 1);
        app::chooseLanguage({});
    }
    void theTranslationsAreCompleteAndUpToDate()
    {
        QTemporaryDir folder;
        QProcess update;
        update.start(QStringLiteral(DOWEL_SOURCE "/scripts/translations"), {folder.path()});
        QVERIFY(update.waitForFinished(-1));
        QCOMPARE(update.exitCode(), 0);
        for (const char* language : {"de", "en"}) {
            const QString name = QStringLiteral("/dowel_%1.ts").arg(QLatin1String(language));
            const auto now = messagesOf(folder.path() + name);
            const auto kept = messagesOf(QStringLiteral(DOWEL_SOURCE "/translations") + name);
            QVERIFY(now.size() >= 10);
            QStringList trouble;
            for (auto it = now.begin(); it != now.end(); ++it)
                if (!kept.contains(it.key()))
                    trouble << QStringLiteral("not translated: ") + it.key();
            for (auto it = kept.begin(); it != kept.end(); ++it)
                if (!it.value() || !now.contains(it.key()))
                    trouble << (it.value() ? QStringLiteral("nobody says: ") : QStringLiteral("unfinished: ")) + it.key();
            QVERIFY2(trouble.isEmpty(),
                     qPrintable(trouble.join(QLatin1Char('\n')) + QStringLiteral("\nRun scripts/translations.")));
        }
    }
};

DOWEL_TEST(TestGuiLanguage)
#include "test_gui_language.moc"
