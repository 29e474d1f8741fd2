// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/main_window.h"

#include "app/design/plan.h"
#include "app/design/plan_bench.h"
#include "app/document/shop_drawer.h"
#include "app/document/shop_settings.h"
#include "app/listen/listen_page.h"
#include "app/parts/language.h"
#include "app/parts/message_bar.h"
#include "app/parts/modal.h"
#include "app/parts/pages.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "app/parts/turns.h"
#include "app/shell/beginnings.h"
#include "app/shell/first_steps.h"
#include "app/shell/guide.h"
#include "app/shell/open_bench.h"
#include "app/shell/stage_list.h"
#include "app/shop/compare_page.h"
#include "app/shop/drawer_dialog.h"
#include "app/shop/like_dialog.h"
#include "app/shop/shop_memory_dialog.h"
#include "app/shop/shop_page.h"
#include "draw/template_files.h"
#include "io/spec_json.h"
#include "io/whole_file.h"
#include "session/finder.h"
#include "session/history.h"
#include "session/plausible.h"
#include "text/errors.h"
#include "text/sentences.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDateTime>
#include <QDialog>
#include <QDragEnterEvent>
#include <QFile>
#include <QFileInfo>
#include <QLabel>
#include <QListWidget>
#include <QMenu>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QScrollArea>
#include <QSettings>
#include <QStackedWidget>
#include <QStandardPaths>
#include <QTimer>
#include <QVBoxLayout>
#include <utility>

namespace dowel::app {

namespace {

Style::Look applyChosenLook()
{
    const QSettings settings;
    const auto look = settings.value(QStringLiteral("contrast"), false).toBool() ? Style::Look::Contrast
                      : settings.value(QStringLiteral("dark"), false).toBool()   ? Style::Look::Dark
                                                                                 : Style::Look::Light;
    Style(look).apply();
    return look;
}

} // namespace

MainWindow::MainWindow(std::unique_ptr<Questions> questions, QString folder, TimeSource& time)
    : m_look(applyChosenLook()),
      m_time(&time),
      m_books(time, *this),
      m_questions(std::move(questions)),
      m_folder(folder.isEmpty() ? workbooksFolder() : std::move(folder)),
      m_whole(new Pages(this)),
      m_desk(new QWidget(this)),
      m_benches(new Pages(m_desk)),
      m_stages(new StageList(m_desk)),
      m_firstSteps(new FirstSteps(m_desk)),
      m_messages(new MessageBar(time, this))
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
    bindBooks();
    buildShop();
    m_whole->addWidget(m_desk);
    connect(m_stages, &QListWidget::currentRowChanged, this, &MainWindow::showStage);
    auto* desk = new QHBoxLayout(m_desk);
    desk->setContentsMargins(0, 0, 0, 0);
    desk->setSpacing(0);
    auto* left = new QVBoxLayout;
    left->setSpacing(0);
    left->addWidget(m_stages, 1);
    left->addWidget(m_firstSteps);
    desk->addLayout(left);
    desk->addWidget(m_benches, 1);
    setFahrenheit(QSettings().value(QStringLiteral("fahrenheit"), false).toBool());
    setInches(QSettings().value(QStringLiteral("inches"), false).toBool());
    m_darkAction->setChecked(m_look == Style::Look::Dark);
    m_contrastAction->setChecked(m_look == Style::Look::Contrast);
    for (QAction* a : m_needBook)
        a->setEnabled(false);
    m_shop->refresh();
    takeEarlierPlan();
}

MainWindow::~MainWindow()
{
    hide(); // a field that loses the focus tells what was typed in it, while the plan and the document are there to take it
    if (Plan* design = m_books.plan())
        design->flush(); // the document waits for what is on its way to the disk
}

void MainWindow::bindBooks()
{
    connect(&m_books, &BookController::trouble, this, [this](const Error& e) { m_messages->trouble(text::sentence(e, m_unit)); });
    connect(&m_books, &BookController::failedToOpen, this, [this] { Q_EMIT opened(false); });
    connect(&m_books, &BookController::closing, this, [this] {
        letGoOfBenches();
        m_stages->setCurrentRow(-1);
        m_whole->setCurrentWidget(m_shop);
        setWindowTitle(tr("Dowel"));
    });
    connect(&m_books, &BookController::planMade, this, [this] {
        connect(m_books.plan(), &Plan::changed, this, [this] {
            m_messages->clearTrouble();
            refreshStages();
        });
    });
    connect(&m_books, &BookController::adopted, this, [this] {
        connect(document(), &Document::built, this, [this] {
            // Other holes, other fingerings: the pages that hear and cut begin anew on them.
            m_benches->removeWidget(m_bench);
            m_bench->deleteLater(); // in a turn of its own
            makePages();
            if (m_planBench != nullptr)
                m_planBench->setThere(session::fullyOut(*document()->book()));
        });
        connect(document(), &Document::recommendationChanged, this, [this] {
            if (m_planBench != nullptr)
                m_planBench->setHeard(document()->heard(), session::fullyOut(*document()->book()));
        });
        handOutDrawer();
        makePages();
    });
}

ListenPage* MainWindow::listenPage() const
{
    return m_bench == nullptr ? nullptr : m_bench->listen();
}

CorrectPage* MainWindow::correctPage() const
{
    return m_bench == nullptr ? nullptr : m_bench->correct();
}

FinishPage* MainWindow::finishPage() const
{
    return m_bench == nullptr ? nullptr : m_bench->finish();
}

void MainWindow::buildShop()
{
    m_drawer = new ShopDrawer(m_folder, this);
    connect(m_drawer, &ShopDrawer::changed, this, &MainWindow::handOutDrawer);
    connect(m_drawer, &ShopDrawer::failed, m_messages, &MessageBar::trouble);
    m_shop = new ShopPage(m_folder, *m_time, this);
    connect(m_shop, &ShopPage::openAsked, this, [this](const QString& path) { openBook(path); });
    connect(m_shop, &ShopPage::beginAsked, this, &MainWindow::beginNew);
    connect(m_shop, &ShopPage::existingAsked, this, [this](Family family, const QString& name) {
        beginNew(family, name);
        m_messages->news(tr("Type the bore here, the edge on Sounding edge, then the holes under Drill, As built."));
    });
    connect(m_shop, &ShopPage::likeAsked, this, &MainWindow::beginLike);
    connect(m_shop, &ShopPage::practiceAsked, this, &MainWindow::practise);
    connect(m_shop, &ShopPage::fileAsked, this, &MainWindow::openAsked);
    connect(m_shop, &ShopPage::specificationAsked, this, &MainWindow::newFromSpec);
    connect(m_shop, &ShopPage::modelAsked, this, [this] {
        const QString path = m_questions->fileToOpen(this, tr("The model"), tr("Workbooks and specifications (*.dowel *.json)"));
        if (!path.isEmpty())
            m_shop->likeFile(path);
    });
    connect(m_shop, &ShopPage::failed, this, [this](const QString& s) { m_messages->trouble(s); });
    connect(m_shop, &ShopPage::folderAsked, this, [this] {
        const QString folder = m_questions->folderToUse(this, tr("Workbook folder"), m_folder);
        if (folder.isEmpty())
            return;
        m_folder = folder;
        chooseWorkbooksFolder(folder);
        m_shop->setFolder(folder);
        m_drawer->useFolder(folder);
    });
    connect(m_shop, &ShopPage::drawerAsked, this, &MainWindow::showDrawer);
    connect(m_shop, &ShopPage::movingAway, this, [this](const QString& path) {
        if (m_books.has(path) && m_books.mayLeave())
            m_books.close();
    });
    m_whole->addWidget(m_shop);
    m_compare = new ComparePage(this);
    connect(m_shop, &ShopPage::compareAsked, this, [this](const QStringList& paths) {
        m_compare->show(paths);
        m_whole->setCurrentWidget(m_compare);
    });
    connect(m_compare, &ComparePage::backAsked, this, &MainWindow::showShop);
    connect(m_compare, &ComparePage::nextAsked, this, &MainWindow::beginFrom);
    connect(m_compare, &ComparePage::failed, this, [this](const QString& s) { m_messages->trouble(s); });
    m_whole->addWidget(m_compare);
}

void MainWindow::showShop()
{
    if (Plan* design = m_books.plan())
        design->flush();
    if (ListenPage* listen = listenPage())
        listen->setHandsFree(false);
    m_whole->setCurrentWidget(m_shop);
    m_shop->refresh();
}

void MainWindow::writeTemplate()
{
    const QString path =
        m_questions->fileToWrite(this, tr("Template"), QStringLiteral("template.pdf"), QStringLiteral("*.pdf *.svg *.dxf"));
    if (path.isEmpty())
        return;
    m_jobs.run(
        [to = path.toStdString(), present = session::fullyOut(*document()->book()), heard = document()->heard(),
         unit = m_unit](const Cancel&) -> Status {
            const SheetWishes wishes{.origin = rememberedOrigin(), .inchRuler = unit == text::LengthUnit::Inches};
            const draw::Template drawn{
                session::sheetsOf(present, present, wishes, heard == nullptr ? nullptr : &heard->posterior()),
                text::TemplateWords(unit), present.spec().name};
            if (to.ends_with(".svg") || to.ends_with(".dxf"))
                return io::writeFileWhole(to, to.ends_with(".svg") ? draw::templateSvg(drawn) : draw::templateDxf(drawn));
            const auto pdf = draw::templatePdf(drawn, draw::paperHere());
            return pdf ? io::writeFileWhole(to, *pdf) : Status(pdf.error());
        },
        [this, path](const Status& done) {
            if (!done)
                m_messages->trouble(text::sentence(done.error(), m_unit));
            else
                m_messages->news(tr("Saved %1.").arg(path));
        });
}

void MainWindow::showShopMemory()
{
    m_jobs.run(
        [path = shopMemoryPath().toStdString()](const Cancel&) -> Result<std::shared_ptr<ShopMemory>> {
            auto memory = DOWEL_TRY(ShopMemory::open(path));
            return std::make_shared<ShopMemory>(std::move(memory));
        },
        [this](const Result<std::shared_ptr<ShopMemory>>& memory) {
            if (!memory)
                return m_messages->trouble(text::sentence(memory.error(), m_unit));
            auto* dialog = new ShopMemoryDialog(*memory, this);
            dialog->setAttribute(Qt::WA_DeleteOnClose);
            dialog->open();
        });
}

void MainWindow::showDrawer()
{
    auto* dialog = new DrawerDialog(*m_drawer, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

void MainWindow::keepReamers(const std::vector<Reamer>& reamers)
{
    BitDrawer drawer = m_drawer->drawer();
    drawer.reamers = reamers;
    m_drawer->keep(std::move(drawer));
}

void MainWindow::handOutDrawer()
{
    if (document() == nullptr)
        return;
    document()->setDrawer(m_drawer->drawer());
    connect(m_books.plan(), &Plan::reamersTyped, this, &MainWindow::keepReamers, Qt::UniqueConnection);
    m_books.plan()->setDrawer(m_drawer->drawer(), !document()->book()->sounds());
}

void MainWindow::showGuide()
{
    if (m_guide == nullptr)
        m_guide = new Guide(this);
    if (m_guide->isVisible())
        return m_guide->hide();
    static const char* const chapters[] = {"blank",  "edge",    "target", "layout", "drill",
                                           "listen", "correct", "finish", "logbook"};
    const int stage = m_stages->currentRow();
    const bool atWork = m_whole->currentWidget() == m_desk && stage >= 0;
    m_guide->openAt(QLatin1String(atWork ? chapters[stage] : "shop"));
}

void MainWindow::openBook(const QString& path)
{
    if (m_books.has(path)) { // it is on the bench already
        m_whole->setCurrentWidget(m_desk);
        refreshStages();
        Q_EMIT opened(true);
        return;
    }
    m_books.open([path = path.toStdString()](const Cancel& cancel) { return Store::open(path, Store::Mode::Work, cancel); });
}

void MainWindow::newPractice(const QString& folder)
{
    m_books.open([folder](const Cancel&) { return begunPractice(folder); });
}

void MainWindow::practise(Family family, const PracticeEntry& with)
{
    if (family != Family::Whistle)
        m_messages->news(tr("The holes are being laid out…"));
    m_books.open([folder = m_folder, family, with](const Cancel&) { return begunPractice(folder, family, with); });
}

void MainWindow::showRecent()
{
    m_recent->clear();
    for (const QString& path : BookController::recent()) {
        QAction* a = m_recent->addAction(QFileInfo(path).completeBaseName());
        a->setToolTip(path);
        connect(a, &QAction::triggered, this, [this, path] { openBook(path); });
    }
    if (m_recent->isEmpty())
        m_recent->addAction(tr("None yet"))->setEnabled(false);
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
    m_jobs.run(
        [spec = spec.toStdString()](const Cancel&) {
            auto instrument = io::readSpecFile(spec);
            const Status meant = instrument ? session::checkMeant(*instrument) : Status(Done{});
            return meant ? std::move(instrument) : Result<Instrument>(meant.error());
        },
        [this, spec](const Result<Instrument>& instrument) {
            if (!instrument)
                return m_messages->trouble(text::sentence(instrument.error(), m_unit));
            const QString path =
                m_questions->fileToWrite(this, tr("New workbook"), QFileInfo(spec).completeBaseName() + QStringLiteral(".dowel"),
                                         tr("Workbooks (*.dowel)"));
            if (!path.isEmpty())
                m_books.open([path = path.toStdString(), instrument = *instrument](const Cancel&) {
                    return Store::create(path, instrument);
                });
        });
}

void MainWindow::exportAsked(const QString& format, const QString& suffix)
{
    const QString to =
        m_questions->fileToWrite(this, tr("Export"), QFileInfo(document()->path()).completeBaseName() + QLatin1Char('.') + suffix,
                                 QStringLiteral("*.") + suffix);
    if (!to.isEmpty())
        document()->exportTo(to, format);
}

void MainWindow::closeEvent(QCloseEvent* event)
{
    if (document() != nullptr && document()->keeping() > 0) { // what was played is kept first
        event->ignore();
        m_messages->news(tr("Saving the last take; the window closes afterwards."));
        document()->afterThat([this] { close(); });
        return;
    }
    event->setAccepted(m_books.mayLeave());
}

void MainWindow::letGoOfBenches()
{
    for (QWidget* bench : {static_cast<QWidget*>(m_bench), static_cast<QWidget*>(m_planBench)})
        if (bench != nullptr) {
            m_benches->removeWidget(bench);
            delete bench;
        }
    m_bench = nullptr;
    delete std::exchange(m_planBegun, nullptr);
    m_planBench = nullptr;
    m_ready = false;
    for (QAction* a : m_needBook)
        a->setEnabled(false);
}

void MainWindow::makePages()
{
    m_ready = false;
    for (QAction* a : m_needBook)
        a->setEnabled(false);
    m_bench = new OpenBench(*document(), *m_books.plan(), *m_questions, *m_messages, m_benches);
    connect(m_bench, &OpenBench::pageAsked, this,
            [this](OpenBench::Page page) { goTo(static_cast<Stage>(Listen + static_cast<int>(page))); });
    connect(m_bench, &OpenBench::drillAsked, this, [this] { goTo(Drill); });
    connect(m_bench, &OpenBench::followed, this, [this] {
        sayTitle();
        refreshStages();
    });
    auto steps = m_bench->making([this] {
        m_benches->addWidget(m_bench);
        m_whole->setCurrentWidget(m_desk);
    });
    steps.insert(steps.end(), {[this] {
                                   m_messages->hide();
                                   setInches(m_unit == text::LengthUnit::Inches);
                               },
                               [this] { beginPlanBench(); }, [this] { (void)planBench(); },
                               [this] {
                                   m_ready = true;
                                   for (QAction* a : m_needBook)
                                       a->setEnabled(true);
                                   goTo(document()->book()->sounds() ? Listen : plan().layout() ? Layout : Blank);
                                   Q_EMIT opened(true);
                               }});
    inTurns(m_bench, std::move(steps));
}

void MainWindow::sayTitle()
{
    setWindowTitle(tr("%1 – Dowel").arg(QString::fromStdString(document()->book()->specified().spec().name)));
}

Plan& MainWindow::plan()
{
    return *m_books.plan();
}

void MainWindow::beginPlanBench()
{
    if (m_planBegun == nullptr && m_planBench == nullptr)
        m_planBegun = new PlanBench(plan(), *m_questions, m_benches);
}

PlanBench& MainWindow::planBench()
{
    if (m_planBench == nullptr) {
        beginPlanBench();
        m_planBench = std::exchange(m_planBegun, nullptr);
        m_planBench->complete();
        m_planBench->setUnit(m_unit);
        if (document()->book()->sounds())
            m_planBench->setThere(document()->book()->present());
        m_planBench->setHeard(document()->heard(), session::fullyOut(*document()->book()));
        m_benches->addWidget(m_planBench);
        connect(m_planBench, &PlanBench::failed, this, [this](const QString& s) { m_messages->trouble(s); });
        connect(m_planBench, &PlanBench::told, this, [this](const QString& s) { m_messages->news(s); });
        connect(m_planBench, &PlanBench::built, this, &MainWindow::build);
    }
    return *m_planBench;
}

void MainWindow::beginNew(Family family, const QString& name)
{
    beginFrom(Plan::usual(family), name);
}

void MainWindow::beginLike(const LikeWanted& what)
{
    if (what.keys.size() > 1)
        return beginFamily(what);
    m_messages->news(tr("The holes are being laid out…"));
    m_books.open([what, folder = m_folder](const Cancel&) { return begunLike(folder, what); });
}

void MainWindow::beginFamily(const LikeWanted& what)
{
    m_messages->news(tr("%n instrument(s) are being laid out…", nullptr, static_cast<int>(what.keys.size())));
    m_jobs.run([what, folder = m_folder](const Cancel& cancel) { return begunFamily(folder, what, cancel); },
               [this, count = what.keys.size()](const Status& made) {
                   if (!made)
                       return m_messages->trouble(text::sentence(made.error(), m_unit));
                   m_messages->news(tr("%n instrument(s) laid out, each in its own workbook.", nullptr, static_cast<int>(count)));
                   m_shop->refresh();
               });
}

void MainWindow::takeEarlierPlan()
{
    // Versions before 0.11.0 kept one plan beside the workbooks; it becomes a workbook as every other.
    QStringList places{m_folder, QStandardPaths::writableLocation(QStandardPaths::AppDataLocation)};
    places.removeDuplicates();
    for (const QString& place : std::as_const(places)) {
        const QString path = place + QStringLiteral("/plan.json");
        if (!QFileInfo::exists(path))
            continue;
        m_jobs.run([path, folder = m_folder](const Cancel&) { return begunFromEarlier(folder, path); },
                   [this](const Result<QString>& name) {
                       if (!name)
                           return m_messages->trouble(text::sentence(name.error(), m_unit));
                       m_messages->news(tr("The plan of an earlier version was converted to a workbook: %1.").arg(*name));
                       m_shop->refresh();
                   });
    }
}

void MainWindow::beginFrom(io::PlanKept plan, const QString& name)
{
    m_books.open([folder = m_folder, name, plan = std::move(plan)](const Cancel&) { return begun(folder, name, plan); });
}

void MainWindow::build(const Instrument& there)
{
    const auto book = document()->book();
    if (book->sounds() && (!book->readings().empty() || !book->cuts().empty())) {
        Modal box(new QMessageBox(QMessageBox::NoIcon, tr("Start over from these measures?"),
                                  tr("Earlier readings and cuts stay in the logbook but no longer count; work continues from the "
                                     "measures you typed. To correct a single size, use Measure again."),
                                  QMessageBox::NoButton, this));
        box->setObjectName(QStringLiteral("buildBox"));
        auto* yes = box->addButton(tr("Start over"), QMessageBox::AcceptRole);
        box->setDefaultButton(box->addButton(tr("Cancel"), QMessageBox::RejectRole));
        if (!box.exec() || box->clickedButton() != yes)
            return;
    }
    // What was ticked off goes into the logbook with the time it was done.
    QStringList notes;
    for (const auto& d : plan().done())
        notes << tr("Drilling, %1: done %2")
                     .arg(QString::fromStdString(d.step), QDateTime::fromString(QString::fromStdString(d.at), Qt::ISODate)
                                                              .toLocalTime()
                                                              .toString(QStringLiteral("yyyy-MM-dd HH:mm")));
    if (!notes.isEmpty())
        plan().clearDone();
    plan().flush();
    InstrumentSpec spec = there.spec();
    spec.name = book->present().spec().name; // it may have been renamed meanwhile
    if (const auto named = Instrument::make(std::move(spec)))
        document()->build(*named, notes);
}

void MainWindow::takeLastBack()
{
    plan().flush(); // what was changed and not kept yet is the last entry
    document()->afterThat([this] { takeBackNewest(); });
}

void MainWindow::takeBackNewest()
{
    const auto book = document()->book();
    const auto turn = session::lastToTakeBack(*book);
    if (turn.kind == session::TurnBack::Kind::ACut)
        return m_messages->trouble(
            tr("The last entry is a cut, and a cut cannot be undone. If the entry is wrong, set it aside in the logbook."));
    if (turn.kind == session::TurnBack::Kind::Nothing)
        return m_messages->news(tr("Nothing to undo."));
    const QString words = text::logLine(*turn.entry, *book, m_unit);
    document()->setAside(turn.setAside->id, tr("undone"), [this, words, ofPlan = turn.ofPlan(), ofBuilt = turn.ofBuilt()] {
        followTurn(ofPlan, ofBuilt);
        m_messages->news(tr("Undone: %1").arg(words));
    });
}

void MainWindow::bringBack()
{
    plan().flush(); // what was changed since is newer than what was taken back
    document()->afterThat([this] {
        const auto book = document()->book();
        const auto turn = session::lastToBringBack(*book);
        if (turn.kind == session::TurnBack::Kind::Nothing)
            return m_messages->news(tr("Nothing to redo."));
        const QString words = text::logLine(*turn.entry, *book, m_unit);
        document()->setAside(turn.setAside->id, tr("redone"), [this, words, ofPlan = turn.ofPlan(), ofBuilt = turn.ofBuilt()] {
            followTurn(ofPlan, ofBuilt);
            m_messages->news(tr("Redone: %1").arg(words));
        });
    });
}

void MainWindow::followTurn(bool ofPlan, bool ofBuilt)
{
    if (ofPlan)
        m_books.takePlan();
    if (ofBuilt)
        Q_EMIT document()->built();
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
    if (!m_ready) // the list of stages asks for one as soon as it is seen
        return;
    if (stage < Listen) {
        PlanBench& bench = planBench();
        m_benches->setCurrentWidget(&bench);
        bench.showPage(stage);
        refreshStages();
        return;
    }
    plan().flush();
    m_benches->setCurrentWidget(m_bench);
    m_bench->showPage(static_cast<OpenBench::Page>(stage - Listen));
}

void MainWindow::refreshStages()
{
    const ListenPage* listen = listenPage();
    const bool open = document() != nullptr && listen != nullptr;
    if (m_books.plan() != nullptr)
        m_books.plan()->setDrilled(document() != nullptr && document()->book()->sounds());
    m_stages->sayPlan(m_books.plan(), document() != nullptr && document()->book()->sounds());
    if (open && correctPage() != nullptr)
        m_stages->sayBook(*document(), listen->pending().size());
    m_stages->fit();
    m_firstSteps->setFixedWidth(m_stages->minimumWidth());
    const auto recommendation = open ? document()->recommendation() : std::nullopt;
    m_firstSteps->follow(open ? document()->book().get() : nullptr, recommendation ? &recommendation->advice : nullptr,
                         open ? listen->pending().size() : 0, m_desk->height() - m_stages->wholeHeight());
}

void MainWindow::resizeEvent(QResizeEvent* event)
{
    QMainWindow::resizeEvent(event);
    if (m_ready) // whether the first steps have room
        refreshStages();
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
    if (document() == nullptr)
        return m_messages->trouble(tr("Open a workbook before dropping recordings."));
    goTo(Listen);
    document()->readFiles(paths);
}

void MainWindow::setInches(bool inches)
{
    m_unit = inches ? text::LengthUnit::Inches : text::LengthUnit::Millimetres;
    m_inches->setChecked(inches);
    QSettings().setValue(QStringLiteral("inches"), inches);
    m_shop->setUnit(m_unit);
    if (document() != nullptr) {
        plan().setUnit(m_unit);
        document()->setUnit(m_unit);
    }
    if (m_planBench != nullptr)
        m_planBench->setUnit(m_unit);
    if (m_bench != nullptr)
        m_bench->setUnit(m_unit);
}

void MainWindow::setFahrenheit(bool fahrenheit)
{
    m_fahrenheit->setChecked(fahrenheit);
    QSettings().setValue(QStringLiteral("fahrenheit"), fahrenheit);
    text::speakFahrenheit(fahrenheit);
    setInches(m_unit == text::LengthUnit::Inches); // whatever tells lengths tells temperatures
}

void MainWindow::tellPositionsFrom(Origin origin)
{
    rememberOrigin(origin);
    if (Plan* design = m_books.plan())
        design->setOrigin(origin);
}

void MainWindow::setLook(Style::Look look)
{
    m_darkAction->setChecked(look == Style::Look::Dark);
    m_contrastAction->setChecked(look == Style::Look::Contrast);
    QSettings().setValue(QStringLiteral("dark"), look == Style::Look::Dark);
    QSettings().setValue(QStringLiteral("contrast"), look == Style::Look::Contrast);
    Style(look).apply();
    update();
}

} // namespace dowel::app

#include "moc_main_window.cpp"
