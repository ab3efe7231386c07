// Keeps libraries that read and write numbers by the C locale from following the desktop's.
#pragma once

#include <locale.h>

namespace vitrail {

/// As long as it lives, this thread's numbers have '.' as decimal sign, whatever the locale (POSIX
/// uselocale).
class PlainNumbers {
public:
    PlainNumbers() : before_(::uselocale(plain())) {}
    ~PlainNumbers() { ::uselocale(before_); }
    PlainNumbers(const PlainNumbers&) = delete;
    PlainNumbers& operator=(const PlainNumbers&) = delete;

private:
    /// Made once, kept until the program ends.
    static locale_t plain() {
        static const locale_t utf8 = ::newlocale(LC_ALL_MASK, "C.UTF-8", nullptr);
        static const locale_t made = utf8 ? utf8 : ::newlocale(LC_ALL_MASK, "C", nullptr);
        return made;
    }

    locale_t before_;
};

} // namespace vitrail
