// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that killing the program at any moment loses nothing it had acknowledged: fifty SIGKILLs at random moments while
// takes and cuts are recorded, each time reopened and checked. DOWEL_KILLS=1000 kills that often instead.
#include "core/base/random.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <QProcess>
#include <QTemporaryDir>
#include <csignal>

using namespace dowel;

namespace {

/// Lets the victim go on for a while: the sum is nobody's, and how long it takes does not matter.
void spin(int turns)
{
    volatile int sum = 0;
    for (int i = 0; i < turns; ++i)
        sum = sum + 1;
}

} // namespace

class TestKill : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void killsLoseNothingAcknowledged()
    {
        QTemporaryDir dir;
        Random random(50);
        const int rounds = qEnvironmentVariableIsSet("DOWEL_KILLS") ? qEnvironmentVariableIntValue("DOWEL_KILLS") : 50;
        QString path;
        qint64 acknowledged = 0;
        qint64 all = 0;
        int caughtWorking = 0;
        for (int round = 0; round < rounds; ++round) {
            constexpr int ofOne = 50; // or opening it would be most of what is killed
            if (round % ofOne == 0) {
                path = dir.filePath(QStringLiteral("victim%1.dowel").arg(round));
                VERIFY_OK(Store::create(path.toStdString(), fixtures::whistle()));
                all += acknowledged;
                acknowledged = 0;
            }
            QProcess victim;
            victim.start(QStringLiteral(DOWEL_VICTIM), {path});
            QVERIFY(victim.waitForStarted(-1));
            // Anywhere from before the file is open, or while it certainly records.
            if (round % 2 == 1)
                for (int entries = static_cast<int>(random.uniform(1.0, 12.0)); entries > 0; --entries)
                    QVERIFY(victim.waitForReadyRead(-1));
            spin(static_cast<int>(random.uniform(0.0, 2e7)));
            ::kill(static_cast<pid_t>(victim.processId()), SIGKILL);
            QVERIFY(victim.waitForFinished(-1));
            QCOMPARE(victim.exitStatus(), QProcess::CrashExit); // it was at work, not ended by an error
            const auto lines = victim.readAllStandardOutput().split('\n');
            for (const QByteArray& line : lines.mid(0, lines.size() - 1)) // the last line may be cut short
                acknowledged = std::max(acknowledged, line.toLongLong());
            caughtWorking += lines.size() > 1 ? 1 : 0;

            const auto store = Store::open(path.toStdString(), Store::Mode::Work);
            VERIFY_OK(store);
            const auto& entries = store->book().entries();
            QVERIFY(static_cast<qint64>(entries.size()) >= acknowledged);
            for (std::size_t i = 0; i < entries.size(); ++i)
                QCOMPARE(entries[i].id.number, static_cast<std::int64_t>(i + 1));
            if (round % 10 == 9)
                VERIFY_OK(store->verify()); // every recording's checksum
        }
        all += acknowledged;
        qInfo("%lld entries acknowledged, %d of %d kills in the middle of recording", static_cast<long long>(all), caughtWorking,
              rounds);
        QVERIFY(all > 50);
        QVERIFY(caughtWorking > rounds * 2 / 5);
    }
};

DOWEL_TEST(TestKill)
#include "test_kill.moc"
