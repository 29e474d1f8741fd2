// SPDX-License-Identifier: GPL-3.0-or-later
// The real main window on a fresh practice blank in a folder of its own, driven by mouse and key.
#pragma once

#include "app/correct/correct_page.h"
#include "app/listen/listen_page.h"
#include "app/listen/listener.h"
#include "app/parts/language.h"
#include "app/parts/picture.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "app/shell/main_window.h"
#include "support/compare.h"
#include "support/hand_time.h"
#include "support/waiting.h"
#include "support/window_test.h"

#include <QComboBox>
#include <QDeadlineTimer>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QSignalSpy>
#include <QTableView>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <QTranslator>

namespace dowel::gui {

/// Answers file questions that a test announced; one that nobody announced fails the test.
class Answers : public app::Questions
{
public:
    QStringList files;
    int unexpected = 0;
    QString fileToOpen(QWidget* /*parent*/, const QString& /*caption*/, const QString& /*filter*/) override { return take(); }
    QString fileToWrite(QWidget* /*parent*/, const QString& /*caption*/, const QString& /*suggestion*/,
                        const QString& /*filter*/) override
    {
        return take();
    }
    QString folderToUse(QWidget* /*parent*/, const QString& /*caption*/, const QString& /*now*/) override { return take(); }

private:
    QString take()
    {
        if (files.isEmpty()) {
            ++unexpected;
            return {};
        }
        return files.takeFirst();
    }
};

/// Whether what was asked to be opened is opened, or refused where it should not be.
inline bool opens(app::MainWindow& window, bool wanted = true)
{
    QSignalSpy spy(&window, &app::MainWindow::opened);
    return waitFor([&] { return spy.count() > 0; }) && spy.front().front().toBool() == wanted;
}

/// Hands the next modal dialog over as soon as it is there, while the test stands in the act that opens it.
template <class Act> void whenDialogOpens(Act act)
{
    auto* look = new QTimer(qApp);
    QObject::connect(look, &QTimer::timeout, qApp, [look, act = std::move(act)] {
        QWidget* dialog = QApplication::activeModalWidget();
        if (dialog == nullptr)
            return;
        look->stop();
        look->deleteLater();
        act(dialog);
    });
    look->start(0);
}

class Desk
{
public:
    /// also: words that are asked for before those of the language.
    explicit Desk(bool practice = true, const QString& language = QStringLiteral("en"), QTranslator* also = nullptr)
    {
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, m_dir.path());
        qputenv("XDG_DATA_HOME", m_dir.path().toUtf8()); // a shop memory of its own
        app::Style::loadFonts();
        app::Picture::makeAccessible();
        app::speak(language);
        if (also != nullptr)
            QCoreApplication::installTranslator(also);
        auto answers = std::make_unique<Answers>();
        m_answers = answers.get();
        m_window = std::make_unique<app::MainWindow>(std::move(answers), m_dir.path(), m_time);
        m_window->show();
        if (practice) {
            m_window->newPractice(m_dir.path());
            (void)opens(*m_window);
        }
        (void)QTest::qWaitForWindowExposed(m_window.get(), longestWait_ms);
        m_window->activateWindow();
    }
    app::MainWindow& window() { return *m_window; }
    app::Document& document() { return *m_window->document(); }
    Answers& answers() { return *m_answers; }
    HandTime& time() { return m_time; }
    /// What works ends, what glides arrives, what is to be deleted is gone. Half a second of the window's time.
    void settle()
    {
        for (int turn = 0; turn < 2; ++turn) {
            (void)waitFor([] { return app::Jobs::runningInAll() == 0; });
            m_time.advance(std::chrono::milliseconds(250));
            QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
            QCoreApplication::processEvents();
        }
    }
    /// The window's time goes on, as fast as this machine works, until something is so; it stands still while work is done
    /// that a player would not notice.
    template <class Condition> [[nodiscard]] bool playsUntil(Condition condition)
    {
        const QDeadlineTimer hangs(longestWait_ms);
        const app::Listener& listener = m_window->listenPage()->listener();
        while (!condition()) {
            if (hangs.hasExpired())
                return false;
            if (!document().busy() && !listener.preparing())
                m_time.advance(std::chrono::milliseconds(10));
            QCoreApplication::processEvents();
        }
        return true;
    }
    [[nodiscard]] QString file(const char* name) const { return m_dir.filePath(QString::fromLatin1(name)); }
    template <class W> W* find(const char* name)
    {
        auto* w = m_window->findChild<W*>(QString::fromLatin1(name));
        Q_ASSERT(w != nullptr);
        return w;
    }
    [[nodiscard]] QString message()
    {
        auto* bar = m_window->findChild<QWidget*>(QStringLiteral("messageBar"));
        return bar->isVisible() ? m_window->findChild<QLabel*>(QStringLiteral("messageText"))->text() : QString();
    }
    /// A key as the user presses it: to whatever has the focus.
    void key(Qt::Key k, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        QWidget* to = QApplication::focusWidget();
        QTest::keyClick(to == nullptr ? m_window.get() : to, k, modifiers);
    }
    /// Begins a bare tube in the shop, as a user does: its name typed, its family chosen.
    bool begins(Family family = Family::Whistle, const QString& name = QStringLiteral("Pipe on trial"))
    {
        auto* box = find<QComboBox>("newFamily");
        box->setCurrentIndex(box->findData(static_cast<int>(family)));
        auto* field = find<QLineEdit>("newName");
        field->setFocus();
        QTest::keyClicks(field, name);
        QSignalSpy spy(m_window.get(), &app::MainWindow::opened);
        QTest::keyClick(field, Qt::Key_Return);
        return waitFor([&] { return spy.count() > 0; }) && spy.front().front().toBool();
    }
    /// Puts another instrument on the bench and then this one again, as next time.
    bool takesUpAgain(const QString& path)
    {
        m_window->newPractice(m_dir.path());
        if (!opens(*m_window))
            return false;
        m_window->openBook(path);
        return opens(*m_window);
    }
    void click(const char* button) { QTest::mouseClick(find<QPushButton>(button), Qt::LeftButton); }
    bool idle()
    {
        return waitFor([this] { return !document().busy(); });
    }
    std::size_t readings() { return document().book()->readings().size(); }
    /// Sounds everything that is asked for, by the space bar.
    bool hearAll()
    {
        while (!m_window->listenPage()->pending().empty()) {
            const auto before = readings();
            key(Qt::Key_Space);
            if (!waitFor([&] { return readings() > before && !document().busy(); }))
                return false;
        }
        return true;
    }

private:
    QTemporaryDir m_dir;
    HandTime m_time;
    std::unique_ptr<app::MainWindow> m_window;
    Answers* m_answers = nullptr;
};

} // namespace dowel::gui
