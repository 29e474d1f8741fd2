// SPDX-License-Identifier: GPL-3.0-or-later
// DOWEL_TEST_APPLICATION: what the room's tests need, QCoreApplication, QGuiApplication or QApplication.
#include "support/test_main.h"

#include DOWEL_TEST_APPLICATION_HEADER
#include <cstdio>
#include <cstring>

namespace dowel {

std::vector<TestClass>& testClasses()
{
    static std::vector<TestClass> all;
    return all;
}

} // namespace dowel

namespace {

/// A class as Qt Test runs it.
int run(const dowel::TestClass& test, int argc, char** argv)
{
    return QTest::qExec(test.make().get(), argc, argv);
}

int runTwice(const dowel::TestClass& test, const char* program)
{
    const auto object = test.make();
    QStringList functions;
    const QMetaObject* meta = object->metaObject();
    for (int i = meta->methodCount() - 1; i >= 0; --i) {
        const QMetaMethod m = meta->method(i);
        const QString name = QString::fromLatin1(m.name());
        static const QStringList own{QStringLiteral("init"), QStringLiteral("cleanup"), QStringLiteral("initTestCase"),
                                     QStringLiteral("cleanupTestCase")};
        if (m.methodType() == QMetaMethod::Slot && m.access() == QMetaMethod::Private && m.parameterCount() == 0 &&
            !own.contains(name) && !name.endsWith(QLatin1String("_data")))
            functions << name;
    }
    const QStringList once{QString::fromLocal8Bit(program)};
    return QTest::qExec(test.make().get(), once) + QTest::qExec(test.make().get(), once + functions);
}

} // namespace

int main(int argc, char** argv)
{
    DOWEL_TEST_APPLICATION application(argc, argv);
    if (argc < 2) {
        for (const auto& t : dowel::testClasses())
            std::printf("%s\n", t.name.c_str());
        return 0;
    }
    const std::string wanted = argv[1];
    for (const auto& t : dowel::testClasses()) {
        if (t.name != wanted)
            continue;
        if (argc == 3 && std::strcmp(argv[2], "--twice") == 0)
            return runTwice(t, argv[0]);
        argv[1] = argv[0];
        return run(t, argc - 1, argv + 1);
    }
    std::fprintf(stderr, "%s: no such test\n", wanted.c_str());
    return 2;
}
