// SPDX-License-Identifier: GPL-3.0-or-later
// One program a room holds all its test classes; each registers itself by its name, and CTest runs each by that name.
//   tests_store test_kill [Qt Test's own arguments]
#pragma once

#include <QTest>
#include <memory>
#include <string>
#include <vector>

namespace dowel {

struct TestClass
{
    std::string name;
    std::unique_ptr<QObject> (*make)();
};
std::vector<TestClass>& testClasses();

template <class Test> bool registerTest(const char* file)
{
    std::string name(file); // tests/store/test_kill.cpp -> test_kill
    name = name.substr(name.find_last_of('/') + 1);
    name = name.substr(0, name.find_last_of('.'));
    testClasses().push_back({name, []() -> std::unique_ptr<QObject> {
                                 return std::make_unique<Test>();
                             }});
    return true;
}

} // namespace dowel

#define DOWEL_TEST(Test) [[maybe_unused]] static const bool registered##Test = dowel::registerTest<Test>(__FILE__);
