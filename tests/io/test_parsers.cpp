// SPDX-License-Identifier: GPL-3.0-or-later
// The fuzzers' seeds, every find of theirs, and a few thousand changes of each, through every parser: none crashes, hangs, or
// reads back otherwise than it was written. Under the sanitizers' preset this is what fuzz/ is for in a minute.
#include "core/base/random.h"
#include "fuzz/parsers.h"
#include "support/test_main.h"

#include <QDir>
#include <QFile>
#include <QTest>

using namespace dowel;

class TestParsers : public QObject
{
    Q_OBJECT

    static QByteArrayList filesIn(const QString& folder)
    {
        QByteArrayList all;
        const QDir dir(folder);
        for (const QString& name : dir.entryList(QDir::Files)) {
            QFile f(dir.filePath(name));
            if (f.open(QIODevice::ReadOnly))
                all << f.readAll();
        }
        return all;
    }
    /// One to eight bytes changed, taken out or doubled.
    static QByteArray changed(QByteArray bytes, Random& random)
    {
        const int times = 1 + static_cast<int>(random.next() % 8U);
        for (int i = 0; i < times && !bytes.isEmpty(); ++i) {
            const auto at = static_cast<qsizetype>(random.next() % static_cast<std::uint64_t>(bytes.size()));
            switch (random.next() % 4U) {
            case 0: bytes[at] = static_cast<char>(random.next()); break;
            case 1: bytes.remove(at, 1 + static_cast<qsizetype>(random.next() % 16U)); break;
            case 2: bytes.insert(at, bytes.mid(at, static_cast<qsizetype>(random.next() % 64U))); break;
            default: bytes[at] = static_cast<char>(bytes[at] ^ (1 << (random.next() % 8U)));
            }
        }
        return bytes;
    }

private Q_SLOTS:
    void seedsFindsAndChangesOfThem_data()
    {
        QTest::addColumn<int>("index");
        for (int i = 0; i < static_cast<int>(std::size(fuzzing::parsers)); ++i)
            QTest::newRow(fuzzing::parsers[i].name) << i;
    }
    void seedsFindsAndChangesOfThem()
    {
        QFETCH(int, index);
        const fuzzing::Parser& parser = fuzzing::parsers[index];
        const QString root = QStringLiteral(DOWEL_FUZZING);
        const QString name = QString::fromLatin1(parser.name);
        const QByteArrayList seeds = filesIn(root + QStringLiteral("/seeds/") + name);
        QVERIFY(!seeds.isEmpty());
        const auto read = [&](const QByteArray& bytes) {
            parser.read({bytes.constData(), static_cast<std::size_t>(bytes.size())});
        };
        for (const QByteArray& bytes : seeds + filesIn(root + QStringLiteral("/finds/") + name))
            read(bytes);
        Random random(static_cast<std::uint64_t>(index) + 1);
        const bool file = name == QLatin1String("workbook"); // on disk and synced
        const int times = file ? 60 : 1500;
        for (int i = 0; i < times; ++i)
            read(changed(seeds[static_cast<qsizetype>(random.next() % static_cast<std::uint64_t>(seeds.size()))], random));
    }
};

DOWEL_TEST(TestParsers)
#include "test_parsers.moc"
