// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that killing the program at any moment loses nothing it had acknowledged: fifty SIGKILLs at random moments while
// takes and cuts are recorded, each time reopened and checked. DOWEL_KILLS=1000 kills that often instead.
#include "core/base/random.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/fixtures.h"

#include <QElapsedTimer>
#include <QProcess>
#include <QTemporaryDir>
#include <csignal>

using namespace dowel;

class TestKill : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void killsLoseNothingAcknowledged()
    {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("victim.dowel"));
        VERIFY_OK(Store::create(path.toStdString(), fixtures::whistle()));
        Random random(50);
        const int rounds = qEnvironmentVariableIsSet("DOWEL_KILLS") ? qEnvironmentVariableIntValue("DOWEL_KILLS") : 50;
        qint64 acknowledged = 0;
        int caughtWorking = 0;
        for (int round = 0; round < rounds; ++round) {
            QProcess victim;
            victim.start(QStringLiteral(DOWEL_VICTIM), {path});
            QVERIFY(victim.waitForStarted());
            // Anywhere from before the file is open to well into the recording.
            const int wait_ms = static_cast<int>(random.uniform(1.0, 120.0));
            QElapsedTimer timer;
            timer.start();
            while (timer.elapsed() < wait_ms)
                victim.waitForReadyRead(std::max(1, wait_ms - static_cast<int>(timer.elapsed())));
            ::kill(static_cast<pid_t>(victim.processId()), SIGKILL);
            QVERIFY(victim.waitForFinished());
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
        qInfo("%lld entries acknowledged, %d of %d kills in the middle of recording", static_cast<long long>(acknowledged),
              caughtWorking, rounds);
        QVERIFY(acknowledged > 50);
        QVERIFY(caughtWorking > rounds * 2 / 5);
    }
};

QTEST_APPLESS_MAIN(TestKill)
#include "test_kill.moc"
