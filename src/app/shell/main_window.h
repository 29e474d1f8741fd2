// SPDX-License-Identifier: GPL-3.0-or-later
// One window for one instrument: the workpiece along the top of every page, the stages down the left.
#pragma once

#include "app/parts/jobs.h"
#include "app/parts/style.h"
#include "app/shell/book_controller.h"
#include "core/instrument/whole.h"
#include "io/plan_json.h"
#include "text/units.h"

#include <QMainWindow>
#include <functional>
#include <memory>
#include <vector>

class QAction;
class QListWidget;
class QMenu;
class QStackedWidget;

namespace dowel::app {

class ComparePage;
class CorrectPage;
struct LikeWanted;
class FinishPage;
class Guide;
class ListenPage;
class MessageBar;
class OpenBench;
class PlanBench;
class Questions;
class ShopDrawer;
class ShopPage;
class FirstSteps;
class StageList;

class MainWindow : public QMainWindow
{
    Q_OBJECT

public:
    enum Stage { Blank, Edge, Target, Layout, Drill, Listen, Correct, Finish, Logbook };

    /// folder: where the shop's workbooks lie; empty for the user's own.
    /// time must outlive the window.
    explicit MainWindow(std::unique_ptr<Questions> questions, QString folder = QString(), TimeSource& time = systemTime());
    ~MainWindow() override;

    /// Opens a workbook for work; trouble is told in the window and leaves what was open. opened() tells when that is done.
    void openBook(const QString& path);
    /// Makes a practice blank in a folder under the next free name and opens it.
    void newPractice(const QString& folder);
    /// Likewise of any family, laid out for it, with the wood and the room that are asked for.
    void practise(Family family, const PracticeEntry& with);
    [[nodiscard]] Document* document() const { return m_books.document(); }
    [[nodiscard]] ListenPage* listenPage() const;
    [[nodiscard]] CorrectPage* correctPage() const;
    [[nodiscard]] FinishPage* finishPage() const;
    /// The design of the instrument that is open; one must be.
    [[nodiscard]] Plan& plan();
    void goTo(Stage stage);
    /// A bare tube under a name of its own, in the shop's folder, opened at its first stage.
    void beginNew(Family family, const QString& name);
    /// The shop; the instrument that is open stays open.
    void showShop();
    void setLook(Style::Look look);
    void setInches(bool inches);
    void setFahrenheit(bool fahrenheit);

Q_SIGNALS:
    void opened(bool whether);
    /// Another window is to be made that speaks it.
    void languageChosen();

protected:
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void buildMenus();
    void buildWorkbookMenu(QMenu* workbook);
    void buildViewMenu(QMenu* view);
    /// Adds an entry of a menu; needsBook: usable while a workbook is open.
    template <typename Function>
    QAction* act(QMenu* menu, const QString& text, const QKeySequence& keys, Function function, bool needsBook);
    void buildShop();
    void beginFrom(io::PlanKept plan, const QString& name);
    void bindBooks();
    void takeEarlierPlan();
    void beginLike(const LikeWanted& what);
    /// One in each key that is asked for, all or none.
    void beginFamily(const LikeWanted& what);
    void showRecent();
    /// What showed the workbook goes.
    void letGoOfBenches();
    /// In turns, the last of which says opened().
    void makePages();
    /// Writes down what is there from here on, asking first where what was heard would count no more.
    void build(const Instrument& there);
    void takeLastBack();
    /// What was taken back last, where nothing was done since.
    void bringBack();
    /// After an entry was taken back or brought back: what stands on it is shown anew.
    void followTurn(bool plan, bool built);
    void takeBackNewest();
    void sayTitle();
    void showStage(int stage);
    void refreshStages();
    void openAsked();
    void newFromSpec();
    void exportAsked(const QString& format, const QString& suffix);
    void showGuide();
    void showShopMemory();
    void showDrawer();
    /// What is in the drawer goes to what is on the bench.
    void handOutDrawer();
    void keepReamers(const std::vector<Reamer>& reamers);
    /// Of the instrument as it is now, full size.
    void writeTemplate();
    void speakFromNowOn(const QString& language);
    void tellPositionsFrom(Origin origin);
    void beginPlanBench();
    [[nodiscard]] PlanBench& planBench();
    Style::Look m_look; ///< first: widgets that are made before it is applied keep the fonts of the desktop
    TimeSource* m_time;
    BookController m_books;
    Jobs m_jobs;
    std::unique_ptr<Questions> m_questions;
    QString m_folder;
    ShopDrawer* m_drawer = nullptr;
    ShopPage* m_shop = nullptr;
    ComparePage* m_compare = nullptr;
    PlanBench* m_planBench = nullptr;
    PlanBench* m_planBegun = nullptr; ///< half made
    OpenBench* m_bench = nullptr;
    QStackedWidget* m_whole;
    QWidget* m_desk;
    QStackedWidget* m_benches;
    StageList* m_stages = nullptr;
    FirstSteps* m_firstSteps = nullptr;
    MessageBar* m_messages;
    bool m_ready = false; ///< all pages of the workbook are there
    QList<QAction*> m_needBook;
    QMenu* m_recent = nullptr;
    Guide* m_guide = nullptr;
    QAction* m_inches = nullptr;
    QAction* m_fahrenheit = nullptr;
    QAction* m_darkAction = nullptr;
    QAction* m_contrastAction = nullptr;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

} // namespace dowel::app
