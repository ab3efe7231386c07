// Many test classes in one program: each says its name, and the program runs the one it is told to.
#pragma once

#include <QObject>

#include <functional>
#include <string>
#include <vector>

namespace vitrail::test {

struct TestClass {
    std::string name;
    std::function<QObject*()> make;
};

inline std::vector<TestClass>& test_classes() {
    static std::vector<TestClass> all;
    return all;
}

struct Registered {
    Registered(const char* name, std::function<QObject*()> make) {
        test_classes().push_back({name, std::move(make)});
    }
};

} // namespace vitrail::test

/// Stands at the end of a test file, before its .moc.
#define VITRAIL_TEST(Class)                                                                                  \
    static const vitrail::test::Registered registered_##Class(#Class, []() -> QObject* { return new Class; });
