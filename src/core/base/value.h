// Large values whose copying is compiled once. What C++ makes by itself it makes in every file that copies,
// moves or drops one, vectors within vectors and all: for a project a third of the window's machine code.
#pragma once

/// In the struct, after its members.
#define VITRAIL_VALUE(T)                                                                                     \
    T();                                                                                                     \
    T(const T&);                                                                                             \
    T(T&&) noexcept;                                                                                         \
    T& operator=(const T&);                                                                                  \
    T& operator=(T&&) noexcept;                                                                              \
    ~T();

/// In one .cpp.
#define VITRAIL_VALUE_MADE_HERE(T)                                                                           \
    T::T() = default;                                                                                        \
    T::T(const T&) = default;                                                                                \
    T::T(T&&) noexcept = default;                                                                            \
    T& T::operator=(const T&) = default;                                                                     \
    T& T::operator=(T&&) noexcept = default;                                                                 \
    T::~T() = default;
