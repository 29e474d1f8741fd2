// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/main_window.h"

#include "app/correct/correct_page.h"
#include "app/correct/sensitivity_card.h"
#include "app/correct/try_card.h"
#include "app/design/plan.h"
#include "app/design/plan_bench.h"
#include "app/document/shop_drawer.h"
#include "app/document/shop_settings.h"
#include "app/finish/finish_page.h"
#include "app/listen/listen_page.h"
#include "app/logbook/logbook_page.h"
#include "app/parts/language.h"
#include "app/parts/message_bar.h"
#include "app/parts/modal.h"
#include "app/parts/pages.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "app/parts/workpiece.h"
#include "app/shell/beginnings.h"
#include "app/shell/first_steps.h"
#include "app/shell/guide.h"
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
    if (m_plan)
        m_plan->flush(); // the document waits for what is on its way to the disk
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
        if (m_document && QFileInfo(m_document->path()) == QFileInfo(path) && mayLeave())
            closeBook();
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
    if (m_plan)
        m_plan->flush();
    if (m_listen != nullptr)
        m_listen->setHandsFree(false);
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
        [to = path.toStdString(), present = m_document->book()->present()](const Cancel&) -> Status {
            const TemplateSheet sheet = session::sheetOf(present, present);
            if (to.ends_with(".svg") || to.ends_with(".dxf"))
                return io::writeFileWhole(to, to.ends_with(".svg") ? draw::templateSvg(sheet, present.spec().name)
                                                                   : draw::templateDxf(sheet));
            const auto pdf = draw::templatePdf(sheet, present.spec().name, draw::paperHere());
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
            auto memory = ShopMemory::open(path);
            if (!memory)
                return memory.error();
            return std::make_shared<ShopMemory>(std::move(*memory));
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

void MainWindow::handOutDrawer()
{
    if (m_document)
        m_document->setDrawer(m_drawer->drawer());
    if (m_plan && m_document)
        m_plan->setDrawer(m_drawer->drawer(), !m_document->book()->sounds());
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

void MainWindow::open(std::function<Result<Store>(const Cancel&)> how)
{
    if (m_document && m_document->keeping() > 0)
        return m_document->afterThat([this, how = std::move(how)] { open(how); });
    if (!mayLeave()) {
        Q_EMIT opened(false);
        return;
    }
    m_jobs.run(
        [how = std::move(how)](const Cancel& cancel) -> Result<std::shared_ptr<Store>> {
            auto store = how(cancel);
            if (!store)
                return store.error();
            return std::make_shared<Store>(std::move(*store));
        },
        [this](const Result<std::shared_ptr<Store>>& store) {
            if (store && mayLeave()) // what could not be saved meanwhile
                return adopt(std::move(**store));
            if (!store)
                m_messages->trouble(text::sentence(store.error(), m_unit));
            Q_EMIT opened(false);
        });
}

void MainWindow::openBook(const QString& path)
{
    if (m_document && QFileInfo(m_document->path()) == QFileInfo(path)) { // it is on the bench already
        m_whole->setCurrentWidget(m_desk);
        refreshStages();
        Q_EMIT opened(true);
        return;
    }
    open([path = path.toStdString()](const Cancel& cancel) { return Store::open(path, Store::Mode::Work, cancel); });
}

void MainWindow::newPractice(const QString& folder)
{
    open([folder](const Cancel&) { return begunPractice(folder); });
}

void MainWindow::practise(Family family, const PracticeEntry& with)
{
    if (family != Family::Whistle)
        m_messages->news(tr("The holes are being laid out…"));
    open([folder = m_folder, family, with](const Cancel&) { return begunPractice(folder, family, with); });
}

void MainWindow::showRecent()
{
    m_recent->clear();
    for (const QString& path : QSettings().value(QStringLiteral("recent")).toStringList()) {
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
                open([path = path.toStdString(), instrument = *instrument](const Cancel&) {
                    return Store::create(path, instrument);
                });
        });
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
    Modal box(new QMessageBox(QMessageBox::NoIcon, tr("Not saved yet"),
                              tr("%n entry/entries of this workbook could not be saved yet and will be lost if you leave now.",
                                 nullptr, static_cast<int>(m_document->waiting())),
                              QMessageBox::NoButton, this));
    box->setObjectName(QStringLiteral("unsavedBox"));
    auto* again = box->addButton(tr("Try again"), QMessageBox::AcceptRole);
    auto* without = box->addButton(tr("Discard"), QMessageBox::DestructiveRole);
    box->addButton(tr("Cancel"), QMessageBox::RejectRole);
    box->setDefaultButton(again);
    if (!box.exec())
        return false;
    if (box->clickedButton() == again)
        m_document->trySavingAgain();
    return box->clickedButton() == without;
}

void MainWindow::closeEvent(QCloseEvent* event)
{
    if (m_document && m_document->keeping() > 0) { // what was played is kept first
        event->ignore();
        m_messages->news(tr("Saving the last take; the window closes afterwards."));
        m_document->afterThat([this] { close(); });
        return;
    }
    event->setAccepted(mayLeave());
}

void MainWindow::closeBook()
{
    if (m_plan)
        m_plan->flush();
    for (QWidget* bench : {m_bench, static_cast<QWidget*>(m_planBench)})
        if (bench != nullptr) {
            m_benches->removeWidget(bench);
            delete bench;
        }
    m_bench = nullptr;
    delete std::exchange(m_planBegun, nullptr);
    m_planBench = nullptr;
    letGoOfPages();
    m_plan.reset();
    m_document.reset();
    m_stages->setCurrentRow(-1);
    m_whole->setCurrentWidget(m_shop);
    setWindowTitle(tr("Dowel"));
}

void MainWindow::adopt(Store store)
{
    closeBook();
    m_document = std::make_unique<Document>(std::move(store), *m_time);
    connect(m_document.get(), &Document::built, this, [this] {
        // Other holes, other fingerings: the pages that hear and cut begin anew on them.
        m_benches->removeWidget(m_bench);
        m_bench->deleteLater(); // in a turn of its own
        makePages();
        if (m_planBench != nullptr)
            m_planBench->setThere(m_document->book()->present());
    });
    QSettings settings;
    QStringList recent = settings.value(QStringLiteral("recent")).toStringList();
    recent.removeAll(m_document->path());
    recent.prepend(m_document->path());
    constexpr int most = 8;
    settings.setValue(QStringLiteral("recent"), recent.mid(0, most));
    takePlan();
    handOutDrawer();
    makePages();
}

void MainWindow::takePlan()
{
    const auto book = m_document->book();
    const std::string* kept = book->plan();
    auto plan = kept == nullptr ? Result<io::PlanKept>(io::planOf(book->present())) : io::planFromText(*kept);
    if (!plan) {
        m_messages->trouble(text::sentence(plan.error(), m_unit));
        plan = io::planOf(book->present());
    }
    if (m_plan) {
        m_plan->restore(std::move(*plan));
        return;
    }
    m_plan = std::make_unique<Plan>(std::move(*plan), *m_time);
    connect(m_plan.get(), &Plan::worthKeeping, m_document.get(), [this] { m_document->keepPlan(m_plan->text()); });
    connect(m_plan.get(), &Plan::changed, this, [this] {
        m_messages->clearTrouble();
        refreshStages();
    });
}

void MainWindow::inTurns(std::vector<std::function<void()>> steps)
{
    if (steps.empty())
        return;
    QTimer::singleShot(0, m_bench, [this, steps = std::move(steps)]() mutable {
        const auto step = std::move(steps.front());
        steps.erase(steps.begin());
        step();
        inTurns(std::move(steps));
    });
}

void MainWindow::letGoOfPages()
{
    m_ready = false;
    m_pages = nullptr;
    m_listen = nullptr;
    m_correct = nullptr;
    m_finish = nullptr;
    m_logbook = nullptr;
    m_nothing = nullptr;
    m_workpiece = nullptr;
    for (QAction* a : m_needBook)
        a->setEnabled(false);
}

void MainWindow::makePages()
{
    letGoOfPages();
    m_bench = new QWidget(m_benches);
    m_bench->hide();
    // A page made or laid out is a turn of the event loop each: together they would be felt.
    inTurns({[this] {
                 m_workpiece = new Workpiece(m_bench);
                 m_pages = new Pages(m_bench);
                 m_listen = new ListenPage(*m_document, *m_questions, m_pages);
                 m_listen->setSpoken(QSettings().value(QStringLiteral("spoken"), false).toBool());
                 m_listen->setCountIn(QSettings().value(QStringLiteral("countIn"), false).toBool());
                 m_listen->hide();
             },
             [this] {
                 m_correct = new CorrectPage(*m_document, m_pages);
                 m_correct->hide();
             },
             [this] {
                 m_finish = new FinishPage(*m_document, *m_questions, m_pages);
                 m_finish->hide();
             },
             [this] {
                 m_logbook = new LogbookPage(*m_document, *m_questions, m_pages);
                 m_logbook->hide();
                 makeNothingPage();
                 bindDocument();
             },
             [this] { showBench(); }, [this] { m_pages->addWidget(m_listen); },
             [this] {
                 m_pages->addWidget(m_correct);
                 m_pages->addWidget(m_finish);
                 m_pages->addWidget(m_logbook);
                 m_pages->addWidget(m_nothing);
                 m_messages->hide();
                 setWindowTitle(tr("%1 – Dowel").arg(QString::fromStdString(m_document->book()->specified().spec().name)));
                 setInches(m_unit == text::LengthUnit::Inches);
                 refreshStages();
             },
             [this] { beginPlanBench(); }, [this] { (void)planBench(); },
             [this] {
                 m_ready = true;
                 for (QAction* a : m_needBook)
                     a->setEnabled(true);
                 goTo(m_document->book()->sounds() ? Listen : m_plan->layout() ? Layout : Blank);
                 Q_EMIT opened(true);
             }});
}

void MainWindow::makeNothingPage()
{
    m_nothing = new QWidget(m_pages);
    m_nothing->setObjectName(QStringLiteral("nothingPage"));
    m_nothing->hide();
    auto* words = new QLabel(tr("There is nothing to play yet. Lay out and drill the holes, or type existing ones under Drill, "
                                "As built; then continue here."),
                             m_nothing);
    words->setWordWrap(true);
    auto* column = new QVBoxLayout(m_nothing);
    column->setContentsMargins(4 * Style::grid, 4 * Style::grid, 4 * Style::grid, 4 * Style::grid);
    column->addWidget(words);
    auto* drill = new QPushButton(tr("Go to &Drill"), m_nothing);
    drill->setObjectName(QStringLiteral("nothingDrill"));
    drill->setAccessibleName(tr("Go to Drill"));
    connect(drill, &QPushButton::clicked, this, [this] { goTo(Drill); });
    column->addWidget(drill, 0, Qt::AlignLeft);
    column->addStretch(1);
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
}

void MainWindow::bindDocument()
{
    // In the bench's name: with it they go.
    connect(m_document.get(), &Document::failed, m_bench, [this](const QString& s) { m_messages->trouble(s); });
    connect(m_document.get(), &Document::told, m_bench, [this](const QString& s) { m_messages->news(s); });
    connect(m_document.get(), &Document::readingKept, m_messages, [this] { m_messages->clearTrouble(); });
    connect(m_document.get(), &Document::cutKept, m_bench, [this] {
        m_messages->clearTrouble();
        m_document->think();
    });
    const auto follow = [this] {
        setWindowTitle(tr("%1 – Dowel").arg(QString::fromStdString(m_document->book()->specified().spec().name)));
        refreshWorkpiece();
        refreshStages();
    };
    connect(m_document.get(), &Document::changed, m_bench, follow);
    connect(m_document.get(), &Document::recommendationChanged, m_bench, follow);
    connect(m_listen, &ListenPage::askedChanged, this, follow);
    connect(m_listen, &ListenPage::failed, this, [this](const QString& s) { m_messages->trouble(s); });
    connect(m_listen, &ListenPage::told, this, [this](const QString& s) { m_messages->news(s); });
    connect(m_listen, &ListenPage::roundFinished, this, [this] { goTo(Correct); });
    connect(m_finish, &FinishPage::failed, this, [this](const QString& s) { m_messages->trouble(s); });
    connect(m_finish, &FinishPage::told, this, [this](const QString& s) { m_messages->news(s); });
    connect(m_finish, &FinishPage::measureAsked, this, [this] { m_correct->measureAgain(); });
    connect(m_correct, &CorrectPage::workChanged, this, &MainWindow::refreshWorkpiece);
    connect(m_workpiece, &Workpiece::dragged, &m_correct->tryCard(), &TryCard::resize);
    connect(m_workpiece, &Workpiece::dragStarted, this, [this] { m_correct->holdScale(true); });
    connect(m_workpiece, &Workpiece::dragEnded, this, [this] { m_correct->holdScale(false); });
    connect(m_correct, &CorrectPage::listenAsked, this, [this] { goTo(Listen); });
}

Plan& MainWindow::plan()
{
    return *m_plan;
}

void MainWindow::beginPlanBench()
{
    if (m_planBegun == nullptr && m_planBench == nullptr)
        m_planBegun = new PlanBench(*m_plan, *m_questions, m_benches);
}

PlanBench& MainWindow::planBench()
{
    if (m_planBench == nullptr) {
        beginPlanBench();
        m_planBench = std::exchange(m_planBegun, nullptr);
        m_planBench->complete();
        m_planBench->setUnit(m_unit);
        if (m_document->book()->sounds())
            m_planBench->setThere(m_document->book()->present());
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
    open([what, folder = m_folder](const Cancel&) { return begunLike(folder, what); });
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
    open([folder = m_folder, name, plan = std::move(plan)](const Cancel&) { return begun(folder, name, plan); });
}

void MainWindow::build(const Instrument& there)
{
    const auto book = m_document->book();
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
    for (const auto& d : m_plan->done())
        notes << tr("Drilling, %1: done %2")
                     .arg(QString::fromStdString(d.step), QDateTime::fromString(QString::fromStdString(d.at), Qt::ISODate)
                                                              .toLocalTime()
                                                              .toString(QStringLiteral("yyyy-MM-dd HH:mm")));
    if (!notes.isEmpty())
        m_plan->clearDone();
    m_plan->flush();
    InstrumentSpec spec = there.spec();
    spec.name = book->present().spec().name; // it may have been renamed meanwhile
    if (const auto named = Instrument::make(std::move(spec)))
        m_document->build(*named, notes);
}

void MainWindow::takeLastBack()
{
    m_plan->flush(); // what was changed and not kept yet is the last entry
    m_document->afterThat([this] { takeBackNewest(); });
}

void MainWindow::takeBackNewest()
{
    const auto book = m_document->book();
    for (auto it = book->entries().rbegin(); it != book->entries().rend(); ++it) {
        if (!factsOf(it->body).ofTheMaker || book->isSetAside(it->id))
            continue;
        if (std::holds_alternative<CutEntry>(it->body))
            return m_messages->trouble(
                tr("The last entry is a cut, and a cut cannot be undone. If the entry is wrong, set it aside in the logbook."));
        const bool wasPlan = std::holds_alternative<PlanEntry>(it->body);
        const bool wasBuilt = std::holds_alternative<BuiltEntry>(it->body);
        if (wasPlan && book->entries().front().id == it->id)
            break; // what it was begun with
        const QString words = text::logLine(*it, *book, m_unit);
        m_document->setAside(it->id, tr("undone"), [this, words, wasPlan, wasBuilt] {
            followTurn(wasPlan, wasBuilt);
            m_messages->news(tr("Undone: %1").arg(words));
        });
        return;
    }
    m_messages->news(tr("Nothing to undo."));
}

void MainWindow::bringBack()
{
    m_plan->flush(); // what was changed since is newer than what was taken back
    m_document->afterThat([this] {
        const auto book = m_document->book();
        const Entry* aside = book->lastSetAside();
        if (aside == nullptr)
            return m_messages->news(tr("Nothing to redo."));
        const Entry* target = book->entry(std::get<SetAsideEntry>(aside->body).entry);
        const QString words = text::logLine(*target, *book, m_unit);
        const bool isPlan = std::holds_alternative<PlanEntry>(target->body);
        const bool isBuilt = std::holds_alternative<BuiltEntry>(target->body);
        m_document->setAside(aside->id, tr("redone"), [this, words, isPlan, isBuilt] {
            followTurn(isPlan, isBuilt);
            m_messages->news(tr("Redone: %1").arg(words));
        });
    });
}

void MainWindow::followTurn(bool plan, bool built)
{
    if (plan)
        takePlan();
    if (built)
        Q_EMIT m_document->built();
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
    m_plan->flush();
    m_benches->setCurrentWidget(m_bench);
    if (stage != Logbook && !m_document->book()->sounds()) {
        m_pages->setCurrentWidget(m_nothing);
        refreshWorkpiece();
        return;
    }
    m_pages->setCurrentIndex(stage - Listen);
    if (stage != Listen)
        m_listen->setHandsFree(false); // nothing listens where nobody sees it
    if (stage == Listen) {
        m_listen->setFocus();
    } else if (stage == Correct) {
        if (!m_document->recommendation() && !m_document->busy())
            m_document->think();
        m_correct->takeFocus();
    }
    refreshWorkpiece();
}

void MainWindow::refreshWorkpiece()
{
    if (!m_document->book()->sounds()) {
        const auto planned = m_plan->drawn();
        m_workpiece->setInstrument(planned ? *planned : m_document->book()->present());
        return;
    }
    m_workpiece->setInstrument(m_document->book()->present());
    const bool listening = m_pages->currentWidget() == m_listen;
    const bool correcting = m_pages->currentWidget() == m_correct;
    const auto face = m_correct->face();
    const bool trying = correcting && face == CorrectPage::Face::TryIt && m_document->recommendation();
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
    m_stages->sayPlan(m_plan.get(), m_document && m_document->book()->sounds());
    if (m_document && m_correct != nullptr)
        m_stages->sayBook(*m_document, m_listen->pending().size());
    m_stages->fit();
    m_firstSteps->setFixedWidth(m_stages->minimumWidth());
    const bool open = m_document && m_listen != nullptr;
    const auto recommendation = open ? m_document->recommendation() : std::nullopt;
    m_firstSteps->follow(open ? m_document->book().get() : nullptr, recommendation ? &recommendation->advice : nullptr,
                         open ? m_listen->pending().size() : 0, m_desk->height() - m_stages->wholeHeight());
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
    if (!m_document)
        return m_messages->trouble(tr("Open a workbook before dropping recordings."));
    goTo(Listen);
    m_document->readFiles(paths);
}

void MainWindow::setInches(bool inches)
{
    m_unit = inches ? text::LengthUnit::Inches : text::LengthUnit::Millimetres;
    m_inches->setChecked(inches);
    QSettings().setValue(QStringLiteral("inches"), inches);
    if (m_plan != nullptr)
        m_plan->setUnit(m_unit);
    if (m_document != nullptr)
        m_document->setUnit(m_unit);
    if (m_planBench != nullptr)
        m_planBench->setUnit(m_unit);
    if (m_correct == nullptr || m_logbook == nullptr)
        return;
    m_workpiece->setUnit(m_unit);
    m_correct->setUnit(m_unit);
    m_finish->setUnit(m_unit);
    m_logbook->setUnit(m_unit);
}

void MainWindow::tellPositionsFrom(Origin origin)
{
    rememberOrigin(origin);
    if (m_plan)
        m_plan->setOrigin(origin);
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
