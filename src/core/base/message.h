// What the program says: sentences and names with typed values in them. They are put into words where they
// are read: in English for files and the command line, through the translator in the window. Nothing is glued
// to a sentence.
#pragma once

#include <initializer_list>
#include <string>
#include <variant>
#include <vector>

namespace vitrail {

struct Argument;

struct Message {
    /// English, with {} where the arguments go in order, or {0}, {1} …; a translation is found by it
    const char* text = "";
    const char* many = nullptr; ///< the same for any count but 1; null: nothing is counted
    long long count = 0;
    std::vector<Argument> arguments;

    bool empty() const { return !*text; }
};

/// A value with so many decimals, and its unit's symbol where the sentence does not hold it.
struct Number {
    double value = 0;
    int decimals = 0;
    const char* unit = "";
};
inline Number num(double value, int decimals = 1, const char* unit = "") {
    return {value, decimals, unit};
}
inline Number mm(double value, int decimals = 2) {
    return {value, decimals, "mm"};
}

/// What somebody has named; it is written between quotation marks.
struct Name {
    std::string text;
};

struct Duration {
    double seconds = 0;
};

/// Several things in a row.
struct List {
    enum class Kind {
        commas,    ///< one, two, three
        and_last,  ///< one, two and three
        then,      ///< one, then two, then three
        clauses,   ///< one; two; three
        sentences, ///< whole sentences, one after the other
    };
    Kind kind = Kind::commas;
    std::vector<Argument> items;
};

/// A text is written as it stands: a letter, a file's name, a code.
struct Argument {
    std::variant<std::string, long long, Number, Name, Duration, Message, List> value;

    Argument(std::string text);
    Argument(char letter);
    Argument(int n) : Argument(static_cast<long long>(n)) {}
    Argument(long n) : Argument(static_cast<long long>(n)) {}
    Argument(long long n);
    Argument(std::size_t n) : Argument(static_cast<long long>(n)) {}
    Argument(Number n);
    Argument(Name name);
    Argument(Duration d);
    Argument(Message m);
    Argument(List list);
    Argument(const char*) = delete; ///< words belong into a message; symbols are a std::string

    Argument(const Argument&);
    Argument(Argument&&) noexcept;
    Argument& operator=(const Argument&);
    Argument& operator=(Argument&&) noexcept;
    ~Argument();
};

/// Marks words of a table for the translators; Message{…} says them.
constexpr const char* term(const char* text) {
    return text;
}

/// What say() and counted() come to; compiled once, whatever the arguments.
Message make_message(const char* text, const char* many, long long count,
                     std::initializer_list<Argument> arguments);

/// say("Layer {} is {} thick.", 3, mm(0.2))
template <class... Arguments>
Message say(const char* text, Arguments&&... arguments) {
    return make_message(text, nullptr, 0, {Argument(std::forward<Arguments>(arguments))...});
}

/// counted("{} swap", "{} swaps", n): the count is the first argument.
template <class... Arguments>
Message counted(const char* one, const char* many, long long n, Arguments&&... arguments) {
    return make_message(one, many, n, {Argument(n), Argument(std::forward<Arguments>(arguments))...});
}

/// Whole sentences, one after the other. Empty ones are left out.
Message sentences(std::vector<Message> messages);
/// The same, parted by commas.
Message listed(std::vector<Message> messages);
/// The same, parted by semicolons.
Message clauses(std::vector<Message> messages);

/// A way of putting messages into words. This one is English, with decimal points.
struct Language {
    virtual ~Language() = default;
    virtual std::string
    sentence(const Message& message) const;            ///< its text, with the places for the arguments
    virtual std::string number(const Number& n) const; ///< without the unit
    virtual std::string code() const {
        return "en";
    } ///< ISO 639-1, for pages that say in which language they are
};

/// A text whose places do not fit its arguments (a faulty translation) gives way to the English one.
std::string in_words(const Message& message, const Language& language);
std::string in_words(const Argument& argument, const Language& language);

/// As files and the command line have it.
std::string english(const Message& message);

} // namespace vitrail
