#include "core/base/message.h"

#include "core/base/numbers.h"

#include <fmt/args.h>
#include <fmt/format.h>

#include <algorithm>

namespace vitrail {

namespace {

Message row(List::Kind kind, std::vector<Message> messages) {
    List list{kind, {}};
    for (Message& m : messages)
        if (!m.empty())
            list.items.emplace_back(std::move(m));
    return list.items.empty() ? Message{} : say("{}", std::move(list));
}

std::string in_words(const List& list, const Language& language) {
    const auto between = [&](std::size_t i) -> std::string {
        switch (list.kind) {
        case List::Kind::and_last:
            return i + 1 == list.items.size() ? in_words(say(" and "), language) : ", ";
        case List::Kind::then:
            return in_words(say(", then "), language);
        case List::Kind::clauses:
            return "; ";
        case List::Kind::sentences:
            return " ";
        default:
            return ", ";
        }
    };
    std::string text;
    for (std::size_t i = 0; i < list.items.size(); ++i)
        text += (i ? between(i) : std::string()) + in_words(list.items[i], language);
    return text;
}

struct Writer {
    const Language& language;

    std::string operator()(const std::string& text) const { return text; }
    std::string operator()(long long n) const { return std::to_string(n); }
    std::string operator()(const Number& n) const {
        return language.number(n) + (*n.unit ? " " : "") + n.unit;
    }
    std::string operator()(const Name& name) const {
        return in_words(say("\u201c{}\u201d", name.text), language);
    }
    std::string operator()(const Duration& d) const { return duration(d.seconds); }
    std::string operator()(const Message& m) const { return in_words(m, language); }
    std::string operator()(const List& list) const { return in_words(list, language); }
};

} // namespace

Argument::Argument(std::string text) : value(std::move(text)) {}
Argument::Argument(char letter) : value(std::string(1, letter)) {}
Argument::Argument(long long n) : value(n) {}
Argument::Argument(Number n) : value(n) {}
Argument::Argument(Name name) : value(std::move(name)) {}
Argument::Argument(Duration d) : value(d) {}
Argument::Argument(Message m) : value(std::move(m)) {}
Argument::Argument(List list) : value(std::move(list)) {}
Argument::Argument(const Argument&) = default;
Argument::Argument(Argument&&) noexcept = default;
Argument& Argument::operator=(const Argument&) = default;
Argument& Argument::operator=(Argument&&) noexcept = default;
Argument::~Argument() = default;

Message make_message(const char* text, const char* many, long long count,
                     std::initializer_list<Argument> arguments) {
    return {text, many, count, arguments};
}

Message sentences(std::vector<Message> messages) {
    return row(List::Kind::sentences, std::move(messages));
}

Message listed(std::vector<Message> messages) {
    return row(List::Kind::commas, std::move(messages));
}

Message clauses(std::vector<Message> messages) {
    return row(List::Kind::clauses, std::move(messages));
}

std::string Language::sentence(const Message& m) const {
    return m.many && m.count != 1 ? m.many : m.text;
}

std::string Language::number(const Number& n) const {
    return fmt::format("{:.{}f}", n.value, n.decimals);
}

std::string in_words(const Argument& argument, const Language& language) {
    return std::visit(Writer{language}, argument.value);
}

std::string in_words(const Message& m, const Language& language) {
    fmt::dynamic_format_arg_store<fmt::format_context> arguments;
    for (const Argument& a : m.arguments)
        arguments.push_back(in_words(a, language));
    try {
        return fmt::vformat(language.sentence(m), arguments);
    } catch (const fmt::format_error&) {
        return fmt::vformat(Language().sentence(m), arguments);
    }
}

std::string english(const Message& message) {
    return in_words(message, Language());
}

} // namespace vitrail
