// SPDX-License-Identifier: GPL-3.0-or-later
// The power fails between any two things that the disk is told while readings, recordings and cuts are kept: whatever of the
// unsynced writes survives, the workbook opens, is whole, and has every entry that was accepted before.
#include "io/record_json.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/recording_disk.h"
#include "support/test_main.h"

#include <QFile>
#include <QTemporaryDir>

using namespace dowel;

namespace {

disk::Bytes bytesOf(const QString& path)
{
    QFile f(path);
    if (!f.open(QIODevice::ReadOnly))
        qFatal("cannot read %s", qPrintable(path));
    const QByteArray all = f.readAll();
    return {all.begin(), all.end()};
}

void put(const QString& path, const disk::Bytes& bytes)
{
    QFile f(path);
    if (!f.open(QIODevice::WriteOnly) ||
        f.write(reinterpret_cast<const char*>(bytes.data()), std::ssize(bytes)) != std::ssize(bytes))
        qFatal("cannot write %s", qPrintable(path));
}

/// As many bytes as a recording of some seconds, none like another.
Store::Flac longTake(std::size_t bytes)
{
    Store::Flac take(bytes);
    for (std::size_t i = 0; i < bytes; ++i)
        take[i] = static_cast<unsigned char>(i * 2654435761U >> 13U);
    return take;
}

} // namespace

class TestPowerCut : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void whatWasAcceptedIsThere()
    {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("book.dowel"));
        VERIFY_OK(Store::create(path.toStdString(), fixtures::whistle()));
        const std::map<std::string, disk::Bytes> before{{"book.dowel", bytesOf(path)}};

        struct Accepted
        {
            std::size_t acts;
            std::size_t entries;
        };
        std::vector<Accepted> accepted{{0, 0}};
        std::vector<disk::Act> acts;
        std::vector<std::string> bodies;
        {
            const disk::Recording recording(dir.path().toStdString());
            auto store = Store::open(path.toStdString(), Store::Mode::Work);
            VERIFY_OK(store);
            const auto keep = [&](std::vector<Store::NewEntry> entries) {
                VERIFY_OK(store->append(entries));
                accepted.push_back({recording.acts().size(), store->book().entries().size()});
            };
            keep({{fixtures::fullReading(true), longTake(40000)}});
            keep({{NoteEntry{"a dry day"}, {}}});
            keep({{fixtures::fullReading(false), {}}, {fixtures::fullReading(true), longTake(9000)}}); // together or not at all
            keep({{fixtures::fullAdvice(), {}}});
            keep({{fixtures::fullCut(), {}}});
            acts = recording.acts();
            for (const Entry& e : store->book().entries())
                bodies.push_back(io::bodyText(e.body));
        }
        QVERIFY(acts.size() > 40); // it was listened to
        QCOMPARE(accepted.size(), std::size_t(6));

        int cuts = 0;
        for (std::size_t at = 0; at <= acts.size(); ++at)
            for (const auto survives :
                 {disk::Survives::Nothing, disk::Survives::Everything, disk::Survives::Some, disk::Survives::SomeTorn}) {
                ++cuts;
                QTemporaryDir after;
                for (const auto& [name, bytes] :
                     disk::afterPowerCut(before, acts, at, survives, static_cast<std::uint64_t>(cuts)))
                    put(after.filePath(QString::fromStdString(name)), bytes);
                const QByteArray where = "power cut after act " + QByteArray::number(static_cast<qsizetype>(at)) + ", kind " +
                                         QByteArray::number(static_cast<int>(survives));
                const auto opened = Store::open(after.filePath(QStringLiteral("book.dowel")).toStdString(), Store::Mode::Work);
                QVERIFY2(opened, (where + ": " + (opened ? "" : told(opened.error()).c_str())).constData());
                const auto& entries = opened->book().entries();
                std::size_t due = 0;
                std::vector<std::size_t> wholes; // where one append ended and the next began
                for (const Accepted& a : accepted) {
                    wholes.push_back(a.entries);
                    if (a.acts <= at)
                        due = a.entries;
                }
                QVERIFY2(entries.size() >= due, where.constData());
                QVERIFY2(std::find(wholes.begin(), wholes.end(), entries.size()) != wholes.end(), where.constData());
                for (std::size_t i = 0; i < entries.size(); ++i)
                    QVERIFY2(io::bodyText(entries[i].body) == bodies[i], where.constData());
                QVERIFY2(opened->verify(), where.constData());
            }
        qInfo("%d power cuts over %d acts: nothing accepted was lost", cuts, static_cast<int>(acts.size()));
    }
    void theRecordedDiskIsAsTheRealOne()
    {
        // All that was told, told again, gives the file that lies there: the simulated cuts are cuts of this disk.
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("book.dowel"));
        VERIFY_OK(Store::create(path.toStdString(), fixtures::whistle()));
        const std::map<std::string, disk::Bytes> before{{"book.dowel", bytesOf(path)}};
        std::vector<disk::Act> acts;
        {
            const disk::Recording recording(dir.path().toStdString());
            auto store = Store::open(path.toStdString(), Store::Mode::Work);
            VERIFY_OK(store);
            VERIFY_OK(store->append(fixtures::fullReading(true), longTake(20000)));
            acts = recording.acts();
        }
        const auto left = disk::afterPowerCut(before, acts, acts.size(), disk::Survives::Nothing, 1);
        QCOMPARE(left.size(), std::size_t(1));
        QVERIFY(left.at("book.dowel") == bytesOf(path));
    }
};

DOWEL_TEST(TestPowerCut)
#include "test_power_cut.moc"
