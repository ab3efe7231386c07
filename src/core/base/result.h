// A value, or the reason there is none.
#pragma once

#include "core/base/message.h"

#include <utility>
#include <variant>

namespace vitrail {

/// Something the user can cause: one sentence that says what is wrong, where, and what to do about it.
struct Error {
    Message message;
};

/// Either a T or an Error. Test with `if (r)`, read with `*r`; `error()` only when the test fails.
template <class T>
class [[nodiscard]] Result {
public:
    Result(T value) : state_(std::in_place_index<0>, std::move(value)) {}
    Result(Error error) : state_(std::in_place_index<1>, std::move(error)) {}

    explicit operator bool() const { return state_.index() == 0; }
    T& operator*() { return std::get<0>(state_); }
    const T& operator*() const { return std::get<0>(state_); }
    T* operator->() { return &std::get<0>(state_); }
    const T* operator->() const { return &std::get<0>(state_); }
    const Error& error() const { return std::get<1>(state_); }

private:
    std::variant<T, Error> state_;
};

/// For actions without a value of their own.
struct Done {};
using Status = Result<Done>;

} // namespace vitrail
