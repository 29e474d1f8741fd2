// SPDX-License-Identifier: GPL-3.0-or-later
// The disk fails under an open window: it is said in a message that stays, nothing that was heard or cut is lost, and it is
// saved when it can be; nobody leaves it behind unasked.
#include "gui/gui_support.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <QDir>
#include <QFile>
#include <QMessageBox>
#include <csignal>
#include <sys/resource.h>

using namespace dowel;
using gui::Desk;

namespace {

/// Nothing may be written beyond so many bytes of a file, as on a full disk.
class FullDisk
{
public:
    explicit FullDisk(rlim_t bytes)
    {
        std::signal(SIGXFSZ, SIG_IGN); // the write itself fails then
        ::getrlimit(RLIMIT_FSIZE, &m_before);
        const rlimit now{bytes, m_before.rlim_max};
        ::setrlimit(RLIMIT_FSIZE, &now);
    }
    ~FullDisk() { ::setrlimit(RLIMIT_FSIZE, &m_before); }
    FullDisk(const FullDisk&) = delete;
    FullDisk& operator=(const FullDisk&) = delete;
    FullDisk(FullDisk&&) = delete;
    FullDisk& operator=(FullDisk&&) = delete;

private:
    rlimit m_before{};
};

/// Presses a button of the next message box, by its words.
void answer(const QString& words, bool& asked)
{
    gui::whenDialogOpens([words, &asked](QWidget* dialog) {
        auto* box = qobject_cast<QMessageBox*>(dialog);
        if (box == nullptr)
            return;
        asked = box->objectName() == QLatin1String("unsavedBox");
        for (QAbstractButton* b : box->buttons())
            if (b->text() == words)
                QTest::mouseClick(b, Qt::LeftButton);
    });
}

} // namespace

class TestGuiFaults : public gui::WindowTest
{
    Q_OBJECT

    static std::size_t onDisk(const QString& path)
    {
        const auto store = Store::open(path.toStdString(), Store::Mode::Look);
        return store && store->verify() ? store->book().readings().size() : std::size_t(-1);
    }

private Q_SLOTS:
    void aFolderThatVanishesLosesNothing()
    {
        Desk desk;
        app::Document& document = desk.document();
        const QString path = document.path();
        QVERIFY(waitFor([&] { return !desk.window().listenPage()->pending().empty() && !document.busy(); }));
        QVERIFY(QFile::rename(path, path + QStringLiteral(".away")));
        desk.key(Qt::Key_Space);
        QVERIFY(waitFor([&] { return document.waiting() == 1; }));
        QVERIFY2(desk.message().contains(QLatin1String("Nothing is lost")), qPrintable(desk.message()));
        // What comes after it waits behind it, and the message stays.
        document.note(QStringLiteral("the stick fell out"));
        QVERIFY(waitFor([&] { return document.waiting() == 2; }));
        QVERIFY(desk.message().contains(QLatin1String("Nothing is lost")));
        QCOMPARE(desk.readings(), std::size_t(0)); // not taken for kept
        // Nobody leaves it behind unasked.
        bool asked = false;
        answer(QStringLiteral("Cancel"), asked);
        QVERIFY(!desk.window().close());
        QVERIFY(asked && desk.window().isVisible());
        asked = false;
        answer(QStringLiteral("Cancel"), asked);
        desk.window().newPractice(QFileInfo(path).path() + QStringLiteral("/elsewhere"));
        QVERIFY(asked && &desk.document() == &document && document.waiting() == 2);
        QVERIFY(!QFileInfo::exists(QFileInfo(path).path() + QStringLiteral("/elsewhere")));
        QVERIFY(QFile::rename(path + QStringLiteral(".away"), path));
        document.trySavingAgain();
        QVERIFY(waitFor([&] { return document.waiting() == 0 && !document.busy(); }));
        QCOMPARE(desk.readings(), std::size_t(1));
        QCOMPARE(onDisk(path), std::size_t(1));
        QVERIFY(desk.window().close());
    }
    void anotherFileInItsPlaceIsNotWrittenTo()
    {
        Desk desk;
        app::Document& document = desk.document();
        const QString path = document.path();
        QVERIFY(waitFor([&] { return !desk.window().listenPage()->pending().empty() && !document.busy(); }));
        QVERIFY(QFile::copy(path, path + QStringLiteral(".other")));
        QVERIFY(QFile::rename(path, path + QStringLiteral(".away")) && QFile::rename(path + QStringLiteral(".other"), path));
        desk.key(Qt::Key_Space);
        QVERIFY(waitFor([&] { return document.waiting() == 1; }));
        QCOMPARE(onDisk(path), std::size_t(0));
        bool asked = false;
        answer(QStringLiteral("Discard"), asked);
        QVERIFY(desk.window().close());
        QVERIFY(asked);
    }
    void aTakeThatIsBeingKeptIsNotLostByClosingTheWindow()
    {
        Desk desk;
        app::Document& document = desk.document();
        const QString path = document.path();
        QVERIFY(waitFor([&] { return !desk.window().listenPage()->pending().empty() && !document.busy(); }));
        desk.key(Qt::Key_Space);
        QVERIFY(document.keeping() > 0);
        QVERIFY(!desk.window().close()); // first it is kept
        QVERIFY(waitFor([&] { return !desk.window().isVisible(); }));
        QCOMPARE(onDisk(path), std::size_t(1));
    }
    void aTakeThatIsBeingKeptIsNotLostByOpeningAnother()
    {
        Desk desk;
        const QString path = desk.document().path();
        QVERIFY(waitFor([&] { return !desk.window().listenPage()->pending().empty() && !desk.document().busy(); }));
        desk.key(Qt::Key_Space);
        QVERIFY(desk.document().keeping() > 0);
        desk.window().newPractice(QFileInfo(path).path());
        QVERIFY(gui::opens(desk.window()));
        QVERIFY(desk.document().path() != path);
        QCOMPARE(onDisk(path), std::size_t(1));
    }
    void aFullDiskIsSaidAndWaitedFor()
    {
        Desk desk;
        app::Document& document = desk.document();
        const QString path = document.path();
        QVERIFY(waitFor([&] { return !desk.window().listenPage()->pending().empty() && !document.busy(); }));
        {
            const FullDisk full(static_cast<rlim_t>(QFile(path).size()) + 4096);
            desk.key(Qt::Key_Space);
            QVERIFY(waitFor([&] { return document.waiting() == 1; }));
            QVERIFY2(desk.message().contains(QLatin1String("Nothing is lost")), qPrintable(desk.message()));
            QCOMPARE(onDisk(path), std::size_t(0)); // as it was
        }
        desk.time().advance(std::chrono::seconds(6));
        QVERIFY(waitFor([&] { return document.waiting() == 0 && !document.busy(); })); // by itself
        QCOMPARE(onDisk(path), std::size_t(1));
    }
};

DOWEL_TEST(TestGuiFaults)
#include "test_gui_faults.moc"
