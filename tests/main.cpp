/// Runs the test class that is named first, with what Qt Test's own options say; all of them when
/// none is named.

#include <cstdio>

#include "registry.h"
#ifdef ROOK_TEST_WINDOW
#include <QApplication>
using Application = QApplication;
#else
using Application = QCoreApplication;
#endif

std::vector<rook::testing::KnownTest>& rook::testing::knownTests() {
    static std::vector<KnownTest> tests;
    return tests;
}

int main(int argc, char** argv) {
    const Application application(argc, argv);
    QStringList arguments = application.arguments();
    const bool isNamed = arguments.size() > 1 && !arguments[1].startsWith(u'-');
    const QString name = isNamed ? arguments.takeAt(1) : QString();
    int failures = 0;
    bool isFound = false;
    for (const rook::testing::KnownTest& test : rook::testing::knownTests()) {
        if (isNamed && name != QLatin1String(test.name)) continue;
        isFound = true;
        failures += test.run(arguments);
    }
    if (isFound) return failures;
    std::fprintf(stderr, "There is no test class '%s' here. The classes are:\n", qPrintable(name));
    for (const rook::testing::KnownTest& test : rook::testing::knownTests())
        std::fprintf(stderr, "  %s\n", test.name);
    return 2;
}
