#pragma once
/// Several test classes in one program: reading the headers once for a folder is most of the time
/// that its tests take to compile.

#include <QtTest>
#include <functional>
#include <vector>

namespace rook::testing {

struct KnownTest {
    const char* name;
    std::function<int(const QStringList& arguments)> run;
};

/// All tests of this program, in the order in which its files were compiled.
std::vector<KnownTest>& knownTests();

/// Makes a test class known before main begins.
template <class Test>
bool makeKnown(const char* name) {
    knownTests().push_back({name, [](const QStringList& arguments) {
                                Test test;
                                return QTest::qExec(&test, arguments);
                            }});
    return true;
}

}  // namespace rook::testing

/// Once a test file, after its functions and inside its namespace.
#define ROOK_TEST(Class) \
    [[maybe_unused]] static const bool isKnown = rook::testing::makeKnown<Class>(#Class);
