// SPDX-License-Identifier: GPL-3.0-or-later
// The main window's menus: what every entry is called, by which keys it is reached, and what it does.
#include "app/correct/correct_page.h"
#include "app/document/document.h"
#include "app/finish/finish_page.h"
#include "app/listen/listen_page.h"
#include "app/listen/voice.h"
#include "app/parts/language.h"
#include "app/parts/questions.h"
#include "app/shell/first_steps.h"
#include "app/shell/main_window.h"

#include <QActionGroup>
#include <QMenu>
#include <QMenuBar>
#include <QSettings>
#include <utility>

namespace dowel::app {

template <typename Function>
QAction* MainWindow::act(QMenu* menu, const QString& text, const QKeySequence& keys, Function function, bool needsBook)
{
    auto* a = menu->addAction(text);
    a->setShortcut(keys);
    connect(a, &QAction::triggered, this, function);
    if (needsBook)
        m_needBook << a;
    return a;
}

void MainWindow::buildMenus()
{
    buildWorkbookMenu(menuBar()->addMenu(tr("&Workbook")));
    auto* stage = menuBar()->addMenu(tr("&Stage"));
    const std::pair<QString, Stage> stages[] = {
        {tr("&Blank"), Blank},     {tr("&Sounding edge"), Edge}, {tr("&Target"), Target},
        {tr("La&yout"), Layout},   {tr("&Drill"), Drill},        {tr("&Listen"), Listen},
        {tr("&Correct"), Correct}, {tr("&Finish"), Finish},      {tr("L&ogbook"), Logbook}};
    int number = 1;
    for (const auto& [text, s] : stages)
        act(
            stage, text, QKeySequence(QStringLiteral("Ctrl+%1").arg(number++)), [this, s = s] { goTo(s); }, true);
    buildViewMenu(menuBar()->addMenu(tr("&View")));
    auto* help = menuBar()->addMenu(tr("&Help"));
    act(
        help, tr("&How to work with Dowel"), QKeySequence::HelpContents, [this] { showGuide(); }, false);
    act(
        help, tr("&First steps"), QKeySequence(),
        [this] {
            FirstSteps::bringBack();
            if (document() != nullptr && document()->book()->practice())
                refreshStages();
            else
                newPractice(m_folder);
        },
        false);
}

void MainWindow::buildWorkbookMenu(QMenu* workbook)
{
    act(
        workbook, tr("S&hop"), QKeySequence(QStringLiteral("Ctrl+0")), [this] { showShop(); }, false);
    act(
        workbook, tr("New &practice blank"), QKeySequence(), [this] { newPractice(m_folder); }, false);
    act(
        workbook, tr("&New from a specification…"), QKeySequence::New, [this] { newFromSpec(); }, false);
    act(
        workbook, tr("&Open…"), QKeySequence::Open, [this] { openAsked(); }, false);
    m_recent = workbook->addMenu(tr("&Recent"));
    connect(m_recent, &QMenu::aboutToShow, this, &MainWindow::showRecent);
    workbook->addSeparator();
    act(
        workbook, tr("Save a &copy…"), QKeySequence::SaveAs,
        [this] {
            const QString to = m_questions->fileToWrite(this, tr("Save a copy"), QString(), tr("Workbooks (*.dowel)"));
            if (!to.isEmpty())
                document()->copyTo(to);
        },
        true);
    act(
        workbook, tr("Export the record as ta&ble…"), QKeySequence(),
        [this] { exportAsked(QStringLiteral("csv"), QStringLiteral("csv")); }, true);
    act(
        workbook, tr("Export the record as &JSON…"), QKeySequence(),
        [this] { exportAsked(QStringLiteral("json"), QStringLiteral("json")); }, true);
    act(
        workbook, tr("Export the &specification…"), QKeySequence(),
        [this] { exportAsked(QStringLiteral("spec"), QStringLiteral("json")); }, true);
    act(
        workbook, tr("Te&mplate as built…"), QKeySequence(), [this] { writeTemplate(); }, true);
    act(
        workbook, tr("Passpor&t…"), QKeySequence::Print, [this] { finishPage()->passport(); }, true);
    workbook->addSeparator();
    act(
        workbook, tr("&Undo last entry"), QKeySequence::Undo, [this] { takeLastBack(); }, true);
    act(
        workbook, tr("&Redo"), QKeySequence(QStringLiteral("Ctrl+Shift+Z")), [this] { bringBack(); }, true);
    act(
        workbook, tr("Type rea&dings…"), QKeySequence(QStringLiteral("Ctrl+T")), [this] { listenPage()->typeReadings(); }, true);
    act(
        workbook, tr("Log o&wn work…"), QKeySequence(QStringLiteral("Ctrl+W")), [this] { correctPage()->recordOwnWork(); }, true);
    act(
        workbook, tr("Edit tar&get and tools…"), QKeySequence(), [this] { correctPage()->changeWanted(); }, true);
    act(
        workbook, tr("Measure a&gain…"), QKeySequence(), [this] { correctPage()->measureAgain(); }, true);
    act(
        workbook, tr("Tool dra&wer…"), QKeySequence(), [this] { showDrawer(); }, false);
    act(
        workbook, tr("Shop &memory…"), QKeySequence(), [this] { showShopMemory(); }, false);
    workbook->addSeparator();
    act(
        workbook, tr("&Quit"), QKeySequence::Quit, [this] { close(); }, false);
}

void MainWindow::buildViewMenu(QMenu* view)
{
    m_inches = act(
        view, tr("&Inches"), QKeySequence(QStringLiteral("Ctrl+I")), [this](bool on) { setInches(on); }, false);
    m_inches->setCheckable(true);
    m_fahrenheit = act(
        view, tr("Degrees &Fahrenheit"), {}, [this](bool on) { setFahrenheit(on); }, false);
    m_fahrenheit->setObjectName(QStringLiteral("viewFahrenheit"));
    m_fahrenheit->setCheckable(true);
    m_darkAction = act(
        view, tr("&Dark"), QKeySequence(QStringLiteral("Ctrl+D")),
        [this](bool on) { setLook(on ? Style::Look::Dark : Style::Look::Light); }, false);
    m_darkAction->setCheckable(true);
    m_contrastAction = act(
        view, tr("High &contrast"), QKeySequence(QStringLiteral("Ctrl+Shift+D")),
        [this](bool on) { setLook(on ? Style::Look::Contrast : Style::Look::Light); }, false);
    m_contrastAction->setCheckable(true);

    auto* origins = view->addMenu(tr("&Positions"));
    auto* oneOrigin = new QActionGroup(this);
    const std::pair<QString, Origin> counted[] = {{tr("from the &foot"), Origin::Foot},
                                                  {tr("from the &lip or embouchure hole"), Origin::Edge},
                                                  {tr("from the &top end"), Origin::Top}};
    for (const auto& [name, origin] : counted) {
        auto* a = act(
            origins, name, QKeySequence(), [this, from = origin] { tellPositionsFrom(from); }, false);
        a->setCheckable(true);
        oneOrigin->addAction(a);
    }
    connect(origins, &QMenu::aboutToShow, this, [oneOrigin] { // also chosen where positions are typed
        oneOrigin->actions()[static_cast<int>(rememberedOrigin())]->setChecked(true);
    });
    auto* languages = view->addMenu(tr("&Language"));
    auto* oneOf = new QActionGroup(this);
    const std::pair<QString, const char*> spoken[] = {
        {tr("&Desktop language"), ""}, {tr("&English"), "en"}, {tr("&German"), "de"}};
    for (const auto& [name, code] : spoken) {
        auto* a = act(
            languages, name, QKeySequence(), [this, code = QString::fromLatin1(code)] { speakFromNowOn(code); }, false);
        a->setCheckable(true);
        a->setChecked(chosenLanguage() == QLatin1String(code));
        oneOf->addAction(a);
    }
    // Ways of listening that are remembered.
    const auto kept = [this, view](const QString& text, const char* key, const QString& tip, void (ListenPage::*set)(bool)) {
        auto* a = act(
            view, text, QKeySequence(),
            [this, key, set](bool on) {
                QSettings().setValue(QLatin1String(key), on);
                if (ListenPage* listen = listenPage())
                    (listen->*set)(on);
            },
            false);
        a->setCheckable(true);
        a->setChecked(QSettings().value(QLatin1String(key), false).toBool());
        a->setToolTip(tip);
        return a;
    };
    auto* voice = kept(tr("&Speak fingerings"), "spoken", tr("The desktop's voice reads out each requested fingering."),
                       &ListenPage::setSpoken);
    voice->setEnabled(hasVoice());
    voice->setChecked(hasVoice() && voice->isChecked());
    kept(tr("&Count in when hands-free"), "countIn",
         tr("Gives three beats before each note; sound before the last beat is ignored."), &ListenPage::setCountIn);
    act(
        view, tr("&Across the room"), QKeySequence(Qt::Key_F11), [this] { listenPage()->showFar(); }, true);
}

void MainWindow::speakFromNowOn(const QString& language)
{
    if (language == chosenLanguage() || !m_books.mayLeave())
        return;
    chooseLanguage(language);
    Q_EMIT languageChosen();
}

} // namespace dowel::app
