// PROGRAM CLASS [QTEST OPTIONS]: runs one class of tests. Without a class: lists them.
#include "registry.h"

#ifdef VITRAIL_TEST_WIDGETS
#include <QApplication>
using TestApplication = QApplication;
#else
#include <QCoreApplication>
using TestApplication = QCoreApplication;
#endif
#include <QTest>

#ifdef __SANITIZE_THREAD__
#include <tbb/global_control.h>
#endif

#include <clocale>
#include <cstdio>
#include <memory>

int main(int argc, char** argv) {
    using vitrail::test::TestClass;
#ifdef VITRAIL_TEST_WIDGETS
    QCoreApplication::setAttribute(Qt::AA_Use96Dpi);
#endif
    TestApplication app(argc, argv);
#ifdef __SANITIZE_THREAD__
    // The library was built without the sanitizer, which sees races where its loops hand work over. Our own
    // threads are what is looked at.
    const tbb::global_control one(tbb::global_control::max_allowed_parallelism, 1);
#endif
    // As in scripts/test-environment; VITRAIL_PLAIN_LOCALE=1 runs a test by hand without it.
    if (qEnvironmentVariableIsEmpty("VITRAIL_PLAIN_LOCALE") &&
        std::localeconv()->decimal_point != std::string(",")) {
        std::fputs(
            "The tests run under a locale with a decimal comma, which is not there. Use ./run-tests.\n",
            stderr);
        return 1;
    }
    for (const TestClass& c : vitrail::test::test_classes())
        if (argc > 1 && c.name == argv[1]) {
            argv[1] = argv[0];
            const std::unique_ptr<QObject> tests(c.make());
            return QTest::qExec(tests.get(), argc - 1, argv + 1);
        }
    for (const TestClass& c : vitrail::test::test_classes())
        std::puts(c.name.c_str());
    return 1;
}
