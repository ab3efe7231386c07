// Keeps libraries that read and write numbers by the C locale from following the desktop's.
#pragma once

#include <locale.h>

namespace vitrail {

/// As long as it lives, this thread's numbers have '.' as decimal sign, whatever the locale (POSIX uselocale).
class PlainNumbers {
public:
    PlainNumbers() : plain_(::newlocale(LC_ALL_MASK, "C.UTF-8", nullptr)) {
        if (!plain_)
            plain_ = ::newlocale(LC_ALL_MASK, "C", nullptr);
        before_ = ::uselocale(plain_);
    }
    ~PlainNumbers() {
        ::uselocale(before_);
        ::freelocale(plain_);
    }
    PlainNumbers(const PlainNumbers&) = delete;
    PlainNumbers& operator=(const PlainNumbers&) = delete;

private:
    locale_t plain_, before_;
};

} // namespace vitrail
