// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/main_window.h"

#include "app/correct/correct_page.h"
#include "app/correct/sensitivity_card.h"
#include "app/correct/try_card.h"
#include "app/design/plan.h"
#include "app/design/plan_bench.h"
#include "app/document/shop_settings.h"
#include "app/listen/listen_page.h"
#include "app/logbook/logbook_page.h"
#include "app/parts/language.h"
#include "app/parts/message_bar.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "app/parts/workpiece.h"
#include "app/shop/shop_memory_dialog.h"
#include "io/spec_json.h"
#include "text/errors.h"

#include <QActionGroup>
#include <QApplication>
#include <QCloseEvent>
#include <QDateTime>
#include <QDialog>
#include <QDir>
#include <QDragEnterEvent>
#include <QFile>
#include <QFileInfo>
#include <QGridLayout>
#include <QLabel>
#include <QListWidget>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QScrollArea>
#include <QSettings>
#include <QStackedWidget>
#include <QStandardPaths>
#include <QTimer>
#include <QVBoxLayout>

namespace dowel::app {

namespace {
constexpr std::uint64_t demoSeed = 10;
}

QString workbooksFolder()
{
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
}

MainWindow::MainWindow(std::unique_ptr<Questions> questions, QString folder)
    : m_questions(std::move(questions)),
      m_folder(folder.isEmpty() ? workbooksFolder() : std::move(folder)),
      m_whole(new QStackedWidget(this)),
      m_desk(new QWidget(this)),
      m_benches(new QStackedWidget(m_desk)),
      m_stages(new QListWidget(m_desk)),
      m_messages(new MessageBar(this))
{
    setObjectName(QStringLiteral("mainWindow"));
    setWindowTitle(tr("Dowel"));
    resize(1280, 800);
    setAcceptDrops(true);
    buildMenus();
    auto* centre = new QWidget(this);
    centre->setObjectName(QStringLiteral("page"));
    auto* column = new QVBoxLayout(centre);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(m_whole, 1);
    column->addWidget(m_messages);
    setCentralWidget(centre);
    m_whole->addWidget(startPage());
    m_whole->addWidget(m_desk);
    m_stages->setObjectName(QStringLiteral("stages"));
    m_stages->setAccessibleName(tr("Stages of the work"));
    m_stages->setFixedWidth(176);
    m_stages->setTextElideMode(Qt::ElideNone);
    m_stages->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_stages->addItems(
        {tr("Blank"), tr("Sounding edge"), tr("Target"), tr("Layout"), tr("Drill"), tr("Listen"), tr("Correct"), tr("Logbook")});
    connect(m_stages, &QListWidget::currentRowChanged, this, &MainWindow::showStage);
    auto* desk = new QHBoxLayout(m_desk);
    desk->setContentsMargins(0, 0, 0, 0);
    desk->setSpacing(0);
    desk->addWidget(m_stages);
    desk->addWidget(m_benches, 1);
    const QSettings settings;
    setInches(settings.value(QStringLiteral("inches"), false).toBool());
    setDark(settings.value(QStringLiteral("dark"), false).toBool());
    for (QAction* a : m_needBook)
        a->setEnabled(false);
}

MainWindow::~MainWindow() = default;

QWidget* MainWindow::startPage()
{
    auto* page = new QWidget(this);
    page->setObjectName(QStringLiteral("startPage"));
    auto* title = new QLabel(tr("Which wood is on the bench?"), page);
    title->setFont(Style::head());
    auto* words =
        new QLabel(tr("A workbook holds one instrument: its measures, everything heard and everything cut.\n"
                      "A practice blank is a whistle in D that the simulated player blows; nothing can be spoilt there."),
                   page);
    words->setProperty("quiet", true);
    words->setWordWrap(true);
    auto* practice = new QPushButton(tr("Start a &practice blank"), page);
    practice->setObjectName(QStringLiteral("practiceButton"));
    practice->setProperty("main", true);
    connect(practice, &QPushButton::clicked, this, [this] { newPractice(m_folder); });
    auto* open = new QPushButton(tr("&Open a workbook…"), page);
    open->setObjectName(QStringLiteral("openButton"));
    connect(open, &QPushButton::clicked, this, &MainWindow::openAsked);
    auto* fresh = new QPushButton(tr("New from a &specification…"), page);
    fresh->setObjectName(QStringLiteral("newButton"));
    connect(fresh, &QPushButton::clicked, this, &MainWindow::newFromSpec);
    auto* plan = new QPushButton(tr("Plan a &new instrument"), page);
    plan->setObjectName(QStringLiteral("planButton"));
    connect(plan, &QPushButton::clicked, this, [this] { goTo(Blank); });
    auto* buttons = new QGridLayout;
    buttons->setSpacing(2 * Style::grid);
    int place = 0;
    for (QPushButton* b : {practice, plan, open, fresh}) {
        b->setAccessibleName(QString(b->text()).remove(QLatin1Char('&')));
        buttons->addWidget(b, place / 2, place % 2);
        ++place;
    }
    buttons->setColumnStretch(2, 1);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(12 * Style::grid, 0, 12 * Style::grid, 0);
    column->setSpacing(3 * Style::grid);
    column->addStretch(2);
    column->addWidget(title);
    column->addWidget(words);
    column->addLayout(buttons);
    column->addStretch(3);
    return page;
}

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
    const std::pair<QString, Stage> stages[] = {{tr("&Blank"), Blank},     {tr("&Sounding edge"), Edge}, {tr("&Target"), Target},
                                                {tr("La&yout"), Layout},   {tr("&Drill"), Drill},        {tr("&Listen"), Listen},
                                                {tr("&Correct"), Correct}, {tr("L&ogbook"), Logbook}};
    int number = 1;
    for (const auto& [text, s] : stages)
        act(
            stage, text, QKeySequence(QStringLiteral("Ctrl+%1").arg(number++)), [this, s = s] { goTo(s); }, s >= Listen);
    buildViewMenu(menuBar()->addMenu(tr("&View")));
    auto* help = menuBar()->addMenu(tr("&Help"));
    act(
        help, tr("&How to work with Dowel"), QKeySequence::HelpContents, [this] { showWalk(); }, false);
}

void MainWindow::buildWorkbookMenu(QMenu* workbook)
{
    act(
        workbook, tr("New &practice blank"), QKeySequence(), [this] { newPractice(m_folder); }, false);
    act(
        workbook, tr("&New from a specification…"), QKeySequence::New, [this] { newFromSpec(); }, false);
    act(
        workbook, tr("&Open…"), QKeySequence::Open, [this] { openAsked(); }, false);
    workbook->addSeparator();
    act(
        workbook, tr("&Copy to…"), QKeySequence::SaveAs,
        [this] {
            const QString to = m_questions->fileToWrite(this, tr("Copy the workbook"), QString(), tr("Workbooks (*.dowel)"));
            if (!to.isEmpty())
                m_document->copyTo(to);
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
    workbook->addSeparator();
    act(
        workbook, tr("Type rea&dings…"), QKeySequence(QStringLiteral("Ctrl+T")), [this] { m_listen->typeReadings(); }, true);
    act(
        workbook, tr("Work of your o&wn…"), QKeySequence(QStringLiteral("Ctrl+W")), [this] { m_correct->recordOwnWork(); }, true);
    act(
        workbook, tr("Change what is wan&ted…"), QKeySequence(), [this] { m_correct->changeWanted(); }, true);
    act(
        workbook, tr("Measure a&gain…"), QKeySequence(), [this] { m_correct->measureAgain(); }, true);
    act(
        workbook, tr("Shop &memory…"), QKeySequence(), [this] { showShopMemory(); }, false);
    workbook->addSeparator();
    act(
        workbook, tr("&Quit"), QKeySequence::Quit, [this] { close(); }, false);
}

void MainWindow::buildViewMenu(QMenu* view)
{
    m_inches = act(
        view, tr("Sizes in &inches"), QKeySequence(QStringLiteral("Ctrl+I")), [this](bool on) { setInches(on); }, false);
    m_inches->setCheckable(true);
    m_darkAction = act(
        view, tr("&Dark"), QKeySequence(QStringLiteral("Ctrl+D")), [this](bool on) { setDark(on); }, false);
    m_darkAction->setCheckable(true);

    auto* languages = view->addMenu(tr("&Language"));
    auto* oneOf = new QActionGroup(this);
    const std::pair<QString, const char*> spoken[] = {{tr("As the &desktop"), ""}, {tr("&English"), "en"}, {tr("&German"), "de"}};
    for (const auto& [name, code] : spoken) {
        auto* a = act(
            languages, name, QKeySequence(), [this, code = QString::fromLatin1(code)] { speakFromNowOn(code); }, false);
        a->setCheckable(true);
        a->setChecked(chosenLanguage() == QLatin1String(code));
        oneOf->addAction(a);
    }
    act(
        view, tr("&Across the room"), QKeySequence(Qt::Key_F11), [this] { m_listen->showFar(); }, true);
}

void MainWindow::speakFromNowOn(const QString& language)
{
    if (language == chosenLanguage() || !mayLeave())
        return;
    chooseLanguage(language);
    Q_EMIT languageChosen();
}

void MainWindow::showShopMemory()
{
    auto memory = ShopMemory::open(shopMemoryPath().toStdString());
    if (!memory) {
        m_messages->trouble(text::sentence(memory.error()));
        return;
    }
    auto* dialog = new ShopMemoryDialog(std::move(*memory), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

void MainWindow::showWalk()
{
    QDialog box(this);
    box.setObjectName(QStringLiteral("walk"));
    box.setWindowTitle(tr("How to work with Dowel"));
    auto* words = new QLabel(&box);
    words->setTextFormat(Qt::RichText);
    words->setWordWrap(true);
    words->setAlignment(Qt::AlignTop);
    words->setText(tr(
        "<p><b>Blank, Sounding edge, Target, Layout, Drill</b> plan an instrument before there is anything to hear and end in a "
        "workbook. "
        "Nothing "
        "there touches a workbook that is open.</p>"
        "<p><b>Target</b>: click the holes of a fingering to change it. <b>Layout</b>: <i>Copy an instrument</i> carries a "
        "measured one over to your bore and key; where notes stay out of tolerance it says what would help, and <i>Do so</i> "
        "takes "
        "it over. <b>Drill</b>: what is ticked off stands in the logbook afterwards.</p>"
        "<p><b>Listen.</b> Finger the note that is asked, then <b>Space</b>. The reading is kept at once, with its recording. "
        "<b>Backspace</b> takes it back, <b>Enter</b> goes on. <b>H</b> listens without hands: a note that is steady for a "
        "second is "
        "taken and the next one comes up; <b>F11</b> shows it across the room. <b>P</b> opens the newest take; <i>Timbre</i> "
        "shows how every note sounds, <i>Trend</i> how that has changed.</p>"
        "<p><b>Correct.</b> When all is heard, the card says which cut comes next, how far and with what. Cut exactly so far, "
        "measure with calipers, type what they say, <b>Enter</b>. Dowel says when to listen again. Where the readings do not fit "
        "the measures it says so first; <i>Measure again</i> corrects a size. <i>Plan otherwise</i> chooses how the plan goes "
        "about it. In the menu <i>Workbook</i>: work of your own, readings of another meter, and what is wanted otherwise.</p>"
        "<p><b>Moves</b>, beside the next cut: the cents that a tenth of a millimetre is worth at every hole, the foot "
        "and along the bore, register by register. <b>Try it</b>: drag a hole, the foot or the stopper on the workpiece and see "
        "every note move; nothing of it is kept. <b>Registers</b>: how wide the octaves or twelfths are and which work narrows "
        "or widens them. "
        "<b>Outcome</b>: what was forecast beside what came.</p>"
        "<p>Filled signs are what sounds now, outlines what the next cut will do. A disc is within tolerance, a triangle "
        "points the way the note is off. The bar through a sign is one standard deviation.</p>"
        "<p><b>Logbook.</b> Nothing is erased; a wrong entry is set aside there.</p>"
        "<p>Ctrl+1 to 8 change the stage; Ctrl+I changes between millimetres and inches.</p>"));
    // Whole at any size of the screen: the words scroll, the dialog does not outgrow it.
    auto* area = new QScrollArea(&box);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setWidget(words);
    auto* close = new QPushButton(tr("&Close"), &box);
    close->setDefault(true);
    connect(close, &QPushButton::clicked, &box, &QDialog::accept);
    auto* column = new QVBoxLayout(&box);
    column->setContentsMargins(3 * Style::grid, 2 * Style::grid, 3 * Style::grid, 2 * Style::grid);
    column->addWidget(area, 1);
    column->addWidget(close, 0, Qt::AlignRight);
    constexpr QSize roomy(860, 600);
    box.resize(roomy.boundedTo(size()));
    box.exec();
}

void MainWindow::open(std::function<Result<Store>()> how)
{
    if (!mayLeave()) {
        Q_EMIT opened(false);
        return;
    }
    m_jobs.run(
        [how = std::move(how)](const Cancel&) -> Result<std::shared_ptr<Store>> {
            auto store = how();
            if (!store)
                return store.error();
            return std::make_shared<Store>(std::move(*store));
        },
        [this](const Result<std::shared_ptr<Store>>& store) {
            if (store && mayLeave()) // what could not be saved meanwhile
                return adopt(std::move(**store));
            if (!store)
                m_messages->trouble(text::sentence(store.error()));
            Q_EMIT opened(false);
        });
}

void MainWindow::openBook(const QString& path)
{
    open([path = path.toStdString()] { return Store::open(path, Store::Mode::Work); });
}

void MainWindow::newPractice(const QString& folder)
{
    open([folder]() -> Result<Store> {
        QDir().mkpath(folder);
        QString path;
        for (int n = 1; path.isEmpty() || QFileInfo::exists(path); ++n)
            path = folder + QStringLiteral("/practice-whistle-%1.dowel").arg(n);
        QFile file(QStringLiteral(":/demo/whistle-d.json"));
        const bool there = file.open(QIODevice::ReadOnly);
        const auto spec = io::specFromText(there ? file.readAll().toStdString() : std::string(), "demo");
        if (!spec)
            return spec.error();
        const PracticeEntry practice{demoSeed, Temperature::fromCelsius(21.0), 24.0};
        return Store::create(path.toStdString(), *spec, practice);
    });
}

void MainWindow::openAsked()
{
    const QString path = m_questions->fileToOpen(this, tr("Open a workbook"), tr("Workbooks (*.dowel)"));
    if (!path.isEmpty())
        openBook(path);
}

void MainWindow::newFromSpec()
{
    const QString spec = m_questions->fileToOpen(this, tr("Specification of the instrument"), tr("Specifications (*.json)"));
    if (spec.isEmpty())
        return;
    const auto instrument = io::readSpecFile(spec.toStdString());
    if (!instrument)
        return m_messages->trouble(text::sentence(instrument.error()));
    const QString path = m_questions->fileToWrite(
        this, tr("New workbook"), QFileInfo(spec).completeBaseName() + QStringLiteral(".dowel"), tr("Workbooks (*.dowel)"));
    if (!path.isEmpty())
        open([path = path.toStdString(), instrument = *instrument] { return Store::create(path, instrument); });
}

void MainWindow::exportAsked(const QString& format, const QString& suffix)
{
    const QString to =
        m_questions->fileToWrite(this, tr("Export"), QFileInfo(m_document->path()).completeBaseName() + QLatin1Char('.') + suffix,
                                 QStringLiteral("*.") + suffix);
    if (!to.isEmpty())
        m_document->exportTo(to, format);
}

bool MainWindow::mayLeave()
{
    if (!m_document || m_document->waiting() == 0)
        return true;
    QMessageBox box(
        QMessageBox::NoIcon, tr("Not saved yet"),
        tr("%n entry/entries of this workbook could not be written to the disk yet. They are lost where it is left now.", nullptr,
           static_cast<int>(m_document->waiting())),
        QMessageBox::NoButton, this);
    box.setObjectName(QStringLiteral("unsavedBox"));
    auto* again = box.addButton(tr("Try again"), QMessageBox::AcceptRole);
    auto* without = box.addButton(tr("Give them up"), QMessageBox::DestructiveRole);
    box.addButton(tr("Stay"), QMessageBox::RejectRole);
    box.setDefaultButton(again);
    box.exec();
    if (box.clickedButton() == again)
        m_document->trySavingAgain();
    return box.clickedButton() == without;
}

void MainWindow::closeEvent(QCloseEvent* event)
{
    event->setAccepted(mayLeave());
}

void MainWindow::adopt(Store store)
{
    if (m_bench != nullptr) {
        m_benches->removeWidget(m_bench);
        delete m_bench;
    }
    m_document = std::make_unique<Document>(std::move(store));
    m_bench = new QWidget(this);
    m_workpiece = new Workpiece(m_bench);
    m_pages = new QStackedWidget(m_bench);
    m_listen = new ListenPage(*m_document, *m_questions, m_pages);
    m_correct = new CorrectPage(*m_document, m_pages);
    m_logbook = new LogbookPage(*m_document, m_pages);
    m_pages->addWidget(m_listen);
    for (QWidget* later : std::initializer_list<QWidget*>{m_correct, m_logbook})
        later->hide();
    bindDocument();
    for (QAction* a : m_needBook)
        a->setEnabled(true);
    // Pages that are made and pages that are laid out are a turn of the event loop each: together they would be felt.
    QTimer::singleShot(0, m_bench, [this] { showBench(); });
}

void MainWindow::showBench()
{
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    auto* line = new QFrame(m_bench);
    line->setFixedHeight(1);
    line->setAutoFillBackground(true);
    line->setObjectName(QStringLiteral("hairline"));
    right->addWidget(m_workpiece);
    right->addWidget(line);
    right->addWidget(m_pages, 1);
    right->setContentsMargins(0, 0, 0, 0);
    m_bench->setLayout(right);
    m_benches->addWidget(m_bench);
    m_whole->setCurrentWidget(m_desk);
    QTimer::singleShot(0, m_bench, [this] {
        m_pages->addWidget(m_correct);
        m_pages->addWidget(m_logbook);
        m_messages->hide();
        setWindowTitle(tr("%1 – Dowel").arg(QString::fromStdString(m_document->book()->specified().spec().name)));
        setInches(m_unit == text::LengthUnit::Inches);
        refreshStages();
        goTo(Listen);
        Q_EMIT opened(true);
    });
}

void MainWindow::bindDocument()
{
    connect(m_document.get(), &Document::failed, this, [this](const QString& s) { m_messages->trouble(s); });
    connect(m_document.get(), &Document::told, this, [this](const QString& s) { m_messages->news(s); });
    connect(m_document.get(), &Document::readingKept, m_messages, [this] { m_messages->clearTrouble(); });
    connect(m_document.get(), &Document::cutKept, this, [this] {
        m_messages->clearTrouble();
        m_document->think();
    });
    const auto follow = [this] {
        setWindowTitle(tr("%1 – Dowel").arg(QString::fromStdString(m_document->book()->specified().spec().name)));
        refreshWorkpiece();
        refreshStages();
    };
    connect(m_document.get(), &Document::changed, this, follow);
    connect(m_document.get(), &Document::counselChanged, this, follow);
    connect(m_listen, &ListenPage::askedChanged, this, follow);
    connect(m_listen, &ListenPage::failed, this, [this](const QString& s) { m_messages->trouble(s); });
    connect(m_listen, &ListenPage::told, this, [this](const QString& s) { m_messages->news(s); });
    connect(m_listen, &ListenPage::roundFinished, this, [this] { goTo(Correct); });
    connect(m_correct, &CorrectPage::workChanged, this, &MainWindow::refreshWorkpiece);
    connect(m_workpiece, &Workpiece::dragged, &m_correct->tryCard(), &TryCard::resize);
    connect(m_workpiece, &Workpiece::dragStarted, this, [this] { m_correct->holdScale(true); });
    connect(m_workpiece, &Workpiece::dragEnded, this, [this] { m_correct->holdScale(false); });
    connect(m_correct, &CorrectPage::listenAsked, this, [this] { goTo(Listen); });
}

Plan& MainWindow::plan()
{
    return planBench().plan();
}

PlanBench& MainWindow::planBench()
{
    if (m_planBench == nullptr) {
        QDir().mkpath(m_folder);
        m_plan = std::make_unique<Plan>(m_folder + QStringLiteral("/plan.json"));
        m_planBench = new PlanBench(*m_plan, *m_questions, m_benches);
        m_planBench->setUnit(m_unit);
        m_benches->addWidget(m_planBench);
        connect(m_planBench, &PlanBench::failed, this, [this](const QString& s) { m_messages->trouble(s); });
        connect(m_planBench, &PlanBench::told, this, [this](const QString& s) { m_messages->news(s); });
        connect(m_planBench, &PlanBench::workbookAsked, this, &MainWindow::makeWorkbook);
        connect(m_plan.get(), &Plan::changed, this, [this] {
            m_messages->clearTrouble();
            refreshStages();
        });
    }
    return *m_planBench;
}

void MainWindow::makeWorkbook()
{
    const auto& layout = plan().layout();
    if (!layout)
        return;
    const QString name = QString::fromStdString(std::string(familyName(layout->start.spec().family)));
    QString path;
    for (int n = 1; path.isEmpty() || QFileInfo::exists(path); ++n)
        path = m_folder + QStringLiteral("/%1-%2.dowel").arg(name).arg(n);
    // What was ticked off goes into the logbook with the time it was done.
    std::vector<std::string> notes;
    for (const auto& d : plan().done())
        notes.push_back(tr("Drilling, %1: done %2")
                            .arg(QString::fromStdString(d.step), QDateTime::fromString(QString::fromStdString(d.at), Qt::ISODate)
                                                                     .toLocalTime()
                                                                     .toString(QStringLiteral("yyyy-MM-dd HH:mm")))
                            .toStdString());
    const auto tell = [this, path](bool made) {
        if (!made)
            return;
        plan().clearDone();
        m_messages->news(tr("The workbook is %1.").arg(path));
    };
    connect(this, &MainWindow::opened, this, tell, Qt::SingleShotConnection);
    open([path = path.toStdString(), start = layout->start, notes]() -> Result<Store> {
        auto store = Store::create(path, start);
        if (!store)
            return store.error();
        std::vector<Store::NewEntry> entries;
        for (const auto& n : notes)
            entries.push_back({NoteEntry{n}, {}});
        if (!entries.empty())
            if (const auto ok = store->append(entries); !ok)
                return ok.error();
        return store;
    });
}

void MainWindow::goTo(Stage stage)
{
    m_whole->setCurrentWidget(m_desk);
    refreshStages();
    if (m_stages->currentRow() == stage)
        showStage(stage); // another bench may have been in front
    else
        m_stages->setCurrentRow(stage);
}

void MainWindow::showStage(int stage)
{
    if (stage < 0)
        return;
    if (stage < Listen) {
        PlanBench& bench = planBench();
        m_benches->setCurrentWidget(&bench);
        bench.showPage(stage);
        refreshStages();
        return;
    }
    if (!m_document)
        return;
    m_benches->setCurrentWidget(m_bench);
    m_pages->setCurrentIndex(stage - Listen);
    if (stage != Listen)
        m_listen->setHandsFree(false); // nothing listens where nobody sees it
    if (stage == Listen) {
        m_listen->setFocus();
    } else if (stage == Correct) {
        if (!m_document->counsel() && !m_document->busy())
            m_document->think();
        m_correct->takeFocus();
    }
    refreshWorkpiece();
}

void MainWindow::refreshWorkpiece()
{
    m_workpiece->setInstrument(m_document->book()->present());
    const bool listening = m_pages->currentWidget() == m_listen;
    const bool correcting = m_pages->currentWidget() == m_correct;
    const auto face = m_correct->face();
    const bool trying = correcting && face == CorrectPage::Face::TryIt && m_document->counsel();
    m_workpiece->setBench(trying ? std::optional(m_document->book()->present()) : std::nullopt);
    if (trying)
        m_workpiece->setInstrument(m_correct->tryCard().tried());
    m_workpiece->setSensitivities(correcting && face == CorrectPage::Face::Sensitivity ? m_correct->sensitivity().shown()
                                                                                       : std::vector<RegisterSensitivity>());
    m_workpiece->setFingering(listening ? m_listen->asked() : std::nullopt);
    m_workpiece->setGhost(correcting && face == CorrectPage::Face::NextCut ? m_correct->proposed() : std::nullopt);
}

void MainWindow::refreshStages()
{
    sayPlanStages();
    sayBookStages();
    constexpr int narrowest = 176;
    constexpr int padding = 6;
    m_stages->setFixedWidth(std::max(narrowest, m_stages->sizeHintForColumn(0) + padding));
}

void MainWindow::sayPlanStages()
{
    const QString planned = !m_plan ? tr("nothing planned") : m_plan->layout() ? tr("laid out") : tr("a plan");
    m_stages->item(Blank)->setText(tr("Blank\n%1").arg(m_plan ? text::noteName(m_plan->target().lowest) : planned));
    m_stages->item(Edge)->setText(tr("Sounding edge\nvoicing"));
    m_stages->item(Target)->setText(
        m_plan ? tr("Target\n%n note(s)", nullptr, static_cast<int>(m_plan->blank().spec.fingerings.size()))
               : tr("Target\n%1").arg(planned));
    m_stages->item(Layout)->setText(m_plan && m_plan->layout()
                                        ? tr("Layout\n%n hole(s)", nullptr, static_cast<int>(m_plan->blank().holeCount))
                                        : tr("Layout\nnot yet"));
    m_stages->item(Drill)->setText(m_plan && m_plan->layout() ? tr("Drill\nready") : tr("Drill\nlay out first"));
}

void MainWindow::sayBookStages()
{
    for (const Stage s : {Listen, Correct, Logbook}) {
        auto* item = m_stages->item(s);
        item->setFlags(m_document ? item->flags() | Qt::ItemIsEnabled : item->flags() & ~Qt::ItemIsEnabled);
    }
    if (!m_document) {
        m_stages->item(Listen)->setText(tr("Listen\nno workbook yet"));
        m_stages->item(Correct)->setText(tr("Correct\nno workbook yet"));
        m_stages->item(Logbook)->setText(tr("Logbook\nno workbook yet"));
        return;
    }
    const auto book = m_document->book();
    const auto notes = book->present().spec().fingerings.size();
    const auto pending = m_listen->pending().size();
    m_stages->item(Listen)->setText(pending == 0 ? tr("Listen\nnothing asked for")
                                                 : tr("Listen\n%1 of %2 to hear").arg(pending).arg(notes));
    QString correct = tr("Correct\nlisten first");
    if (const auto& c = m_document->counsel()) {
        switch (c->advice.state) {
        case AdviceState::Measure: correct = tr("Correct\nlisten first"); break;
        case AdviceState::MakeCut: correct = tr("Correct\na cut is ready"); break;
        case AdviceState::Finished: correct = tr("Correct\ndone"); break;
        case AdviceState::Stop: correct = tr("Correct\nstop"); break;
        }
    } else if (m_document->busy()) {
        correct = tr("Correct\nthinking");
    }
    m_stages->item(Correct)->setText(correct);
    m_stages->item(Logbook)->setText(tr("Logbook\n%n cut(s)", nullptr, static_cast<int>(book->cuts().size())));
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event)
{
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event)
{
    QStringList paths;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile())
            paths << url.toLocalFile();
    if (paths.isEmpty())
        return;
    event->acceptProposedAction();
    if (paths.size() == 1 && paths.front().endsWith(QLatin1String(".dowel"))) {
        openBook(paths.front());
        return;
    }
    if (!m_document)
        return m_messages->trouble(tr("Open a workbook first; then recordings can be dropped on it."));
    goTo(Listen);
    m_document->readFiles(paths);
}

void MainWindow::setInches(bool inches)
{
    m_unit = inches ? text::LengthUnit::Inches : text::LengthUnit::Millimetres;
    m_inches->setChecked(inches);
    QSettings().setValue(QStringLiteral("inches"), inches);
    if (m_planBench != nullptr)
        m_planBench->setUnit(m_unit);
    if (m_bench == nullptr)
        return;
    m_workpiece->setUnit(m_unit);
    m_correct->setUnit(m_unit);
    m_logbook->setUnit(m_unit);
}

void MainWindow::setDark(bool dark)
{
    m_darkAction->setChecked(dark);
    QSettings().setValue(QStringLiteral("dark"), dark);
    Style(dark).apply();
    update();
}

} // namespace dowel::app
