#include "paint/words.h"

#include <QCoreApplication>
#include <QLocale>

namespace vitrail {

namespace {

/// The context of core's and formats' messages in the catalogues; scripts/list-messages puts them there.
constexpr const char* kContext = "core";

/// What the installed translators and the locale make of it.
struct Translated : Language {
    std::string sentence(const Message& m) const override {
        const QString said =
            QCoreApplication::translate(kContext, m.text, m.many, m.many ? static_cast<int>(m.count) : -1);
        return m.many && said == QLatin1String(m.text)
                   ? Language::sentence(m)
                   : said.toStdString(); // not translated: English has plurals too
    }
    std::string number(const Number& n) const override {
        return vitrail::number(n.value, n.decimals).toStdString();
    }
    std::string code() const override { return QLocale::languageToCode(QLocale().language()).toStdString(); }
};

} // namespace

const Language& window_language() {
    static const Translated language;
    return language;
}

QString words(const Message& message) {
    return QString::fromStdString(in_words(message, Translated()));
}

QString words(const char* term) {
    return *term ? words(Message{term, nullptr, 0, {}}) : QString();
}

namespace {

QString written(double value, char format, int precision) {
    QLocale locale;
    locale.setNumberOptions(locale.numberOptions() | QLocale::OmitGroupSeparator);
    return locale.toString(value, format, precision);
}

} // namespace

QString number(double value, int decimals) {
    return written(value, 'f', decimals);
}

QString money_text(const Settings& settings, double amount) {
    return words(say("{}", money(settings, amount)));
}

QString number(double value) {
    return written(value, 'g', 6);
}

} // namespace vitrail
