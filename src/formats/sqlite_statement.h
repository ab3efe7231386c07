// SQLite's statements with an end of their own. For those who keep something in the user's database.
#pragma once

#include "core/base/result.h"

#include <sqlite3.h>

#include <cstdint>
#include <string>

namespace vitrail {

/// Prepared, bound in order, stepped through.
class Statement {
public:
    Statement(sqlite3* db, const char* sql) { sqlite3_prepare_v2(db, sql, -1, &s_, nullptr); }
    ~Statement() { sqlite3_finalize(s_); }
    Statement(const Statement&) = delete;
    explicit operator bool() const { return s_; }
    Statement& text(const std::string& v) {
        sqlite3_bind_text(s_, ++bound_, v.data(), static_cast<int>(v.size()), SQLITE_TRANSIENT);
        return *this;
    }
    Statement& number(double v) {
        sqlite3_bind_double(s_, ++bound_, v);
        return *this;
    }
    Statement& whole(std::int64_t v) {
        sqlite3_bind_int64(s_, ++bound_, v);
        return *this;
    }
    Statement& bytes(const std::string& v) {
        sqlite3_bind_blob(s_, ++bound_, v.data(), static_cast<int>(v.size()), SQLITE_TRANSIENT);
        return *this;
    }
    int step() { return s_ ? sqlite3_step(s_) : SQLITE_ERROR; }
    std::string text_at(int c) const {
        const auto* t = reinterpret_cast<const char*>(sqlite3_column_text(s_, c));
        return t ? std::string(t, static_cast<std::size_t>(sqlite3_column_bytes(s_, c))) : std::string();
    }
    double number_at(int c) const { return sqlite3_column_double(s_, c); }
    int whole_at(int c) const { return sqlite3_column_int(s_, c); }
    std::string bytes_at(int c) const {
        const auto* t = static_cast<const char*>(sqlite3_column_blob(s_, c));
        return t ? std::string(t, static_cast<std::size_t>(sqlite3_column_bytes(s_, c))) : std::string();
    }

private:
    sqlite3_stmt* s_ = nullptr;
    int bound_ = 0;
};

inline bool run(sqlite3* db, const char* sql) {
    return sqlite3_exec(db, sql, nullptr, nullptr, nullptr) == SQLITE_OK;
}

/// `what` with a place for the reason.
inline Error failed(sqlite3* db, const char* what) {
    return Error{say(what, std::string(sqlite3_errmsg(db)))};
}

} // namespace vitrail
