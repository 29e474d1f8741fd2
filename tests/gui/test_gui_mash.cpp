// SPDX-License-Identifier: GPL-3.0-or-later
// Every dialog that the window offers, opened and hit by keys, buttons, closing and another workbook in many orders: nothing
// crashes, and the window is there afterwards. Under AddressSanitizer it proves that no dialog is used once it is gone.
#include "gui/gui_support.h"
#include "support/long_run.h"
#include "support/test_main.h"

#include <QAction>
#include <QDialog>
#include <QEventLoop>
#include <QMenu>
#include <QMenuBar>

using namespace dowel;
using gui::Desk;

namespace {

/// What a hurried hand does to the dialog in front.
enum class Hit { Escape, Return, Print, Close, Nested, OtherBook };

QDialog* inFront()
{
    if (auto* modal = qobject_cast<QDialog*>(QApplication::activeModalWidget()))
        return modal;
    for (QWidget* w : QApplication::topLevelWidgets())
        if (auto* dialog = qobject_cast<QDialog*>(w); dialog != nullptr && dialog->isVisible())
            return dialog;
    return nullptr;
}

QPushButton* opener(QWidget* in)
{
    for (QPushButton* b : in->findChildren<QPushButton*>())
        if (b->isVisible() && b->isEnabled() && b->text().endsWith(QChar(0x2026)))
            return b;
    return nullptr;
}

/// Hits whatever dialog is in front, in an order, from the event loop, for as long as one is there; at last it is closed.
class Masher
{
public:
    Masher(Desk& desk, std::vector<Hit> order) : m_desk(&desk), m_order(std::move(order))
    {
        QObject::connect(&m_timer, &QTimer::timeout, qApp, [this] { turn(); });
        m_timer.start(0);
    }
    int hits = 0;
    int seen = 0;
    void again() { m_turn = 0; }

private:
    void turn()
    {
        QDialog* dialog = inFront();
        if (dialog == nullptr)
            return;
        if (dialog != m_last) {
            ++seen;
            m_last = dialog;
        }
        constexpr std::size_t patience = 12; // then it is closed whatever it says
        if (m_turn >= patience) {
            dialog->close();
            if (dialog == inFront())
                dialog->reject();
            return;
        }
        const Hit hit = m_order[m_turn++ % m_order.size()];
        ++hits;
        QWidget* at = dialog->focusWidget() == nullptr ? dialog : dialog->focusWidget();
        switch (hit) {
        case Hit::Escape: QTest::keyClick(at, Qt::Key_Escape); break;
        case Hit::Return: QTest::keyClick(at, Qt::Key_Return); break;
        case Hit::Print: QTest::keyClick(at, Qt::Key_P, Qt::ControlModifier); break;
        case Hit::Close: dialog->close(); break;
        case Hit::Nested:
            if (QPushButton* b = opener(dialog))
                QTest::mouseClick(b, Qt::LeftButton);
            break;
        case Hit::OtherBook: // a file manager hands one over while the dialog stands
            m_desk->window().newPractice(m_desk->file("."));
            break;
        }
    }
    Desk* m_desk;
    std::vector<Hit> m_order;
    QTimer m_timer;
    std::size_t m_turn = 0;
    QPointer<QDialog> m_last;
};

/// All that opens something, by name: menu entries and the buttons of a page.
std::vector<QAction*> menuOpeners(app::MainWindow& window)
{
    std::vector<QAction*> all;
    for (QAction* a : window.findChildren<QAction*>())
        if (a->isEnabled() && a->isVisible() && a->text().endsWith(QChar(0x2026)))
            all.push_back(a);
    return all;
}

} // namespace

class TestGuiMash : public gui::WindowTest
{
    Q_OBJECT

    static void turns(Desk& desk)
    {
        for (int i = 0; i < 30; ++i)
            QCoreApplication::processEvents();
        desk.settle();
    }

private Q_SLOTS:
    void dialogsStandWhateverHitsThem_data()
    {
        QTest::addColumn<QList<int>>("order");
        using H = Hit;
        const std::vector<std::vector<Hit>> orders{
            {H::Nested, H::Escape, H::Return, H::Print, H::Close},
            {H::Print, H::Close, H::Nested, H::Return, H::Escape},
            {H::Return, H::Nested, H::OtherBook, H::Return, H::Escape},
            {H::OtherBook, H::Return, H::Print, H::Close},
            {H::Escape, H::Escape, H::Return, H::Return},
            {H::Close, H::Nested, H::Close, H::Return},
            {H::Nested, H::Nested, H::Close, H::Escape},
            {H::Return, H::Print, H::Escape, H::Nested, H::OtherBook, H::Close},
        };
        const std::size_t count = longRun() ? orders.size() : 3;
        for (std::size_t i = 0; i < count; ++i) {
            QList<int> order;
            for (const Hit h : orders[i])
                order << static_cast<int>(h);
            QTest::addRow("order %d", static_cast<int>(i + 1)) << order;
        }
    }
    void dialogsStandWhateverHitsThem()
    {
        QFETCH(QList<int>, order);
        std::vector<Hit> hits;
        for (const int h : order)
            hits.push_back(static_cast<Hit>(h));
        Desk desk;
        QVERIFY(desk.hearAll());
        Masher masher(desk, hits);
        const auto whereverItLeads = [&](const std::function<void()>& open) {
            masher.again();
            open();
            turns(desk);
            QVERIFY2(waitFor([] { return inFront() == nullptr; }), "a dialog stays");
            turns(desk);
            QVERIFY(desk.window().isVisible());
            QVERIFY(desk.window().document() != nullptr);
        };
        int opened = 0;
        for (int stage = app::MainWindow::Blank; stage <= app::MainWindow::Logbook; ++stage) {
            desk.window().goTo(static_cast<app::MainWindow::Stage>(stage));
            turns(desk);
            QStringList names;
            for (QPushButton* b : desk.window().findChildren<QPushButton*>())
                if (b->isVisible() && b->isEnabled() && b->text().endsWith(QChar(0x2026)) && !b->objectName().isEmpty())
                    names << b->objectName();
            for (const QString& name : names) {
                desk.window().goTo(static_cast<app::MainWindow::Stage>(stage));
                turns(desk);
                auto* b = desk.window().findChild<QPushButton*>(name); // made anew where another workbook came
                if (b == nullptr || !b->isVisible() || !b->isEnabled())
                    continue;
                ++opened;
                whereverItLeads([&] { QTest::mouseClick(b, Qt::LeftButton); });
            }
        }
        const std::size_t entries = menuOpeners(desk.window()).size();
        for (std::size_t i = 0; i < entries; ++i) {
            const auto all = menuOpeners(desk.window());
            if (i >= all.size())
                break;
            ++opened;
            whereverItLeads([&] { all[i]->trigger(); });
        }
        qInfo("%d ways in, %d dialogs, %d hits", opened, masher.seen, masher.hits);
        QVERIFY(opened > 20);
        QVERIFY(masher.seen > 10);
        // Whatever was typed and confirmed on the way, what is kept is whole.
        desk.settle();
        const gui::OutsideTheWindow outside;
        VERIFY_OK(Store::open(desk.document().path().toStdString(), Store::Mode::Look)->verify());
    }
};

DOWEL_TEST(TestGuiMash)
#include "test_gui_mash.moc"
