#include "app/theme/language.h"

#include <QApplication>
#include <QDir>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>

namespace vitrail {

namespace {

QString& spoken() {
    static QString code = QStringLiteral("en");
    return code;
}

QLocale::Language of(const QString& code) {
    return QLocale(code).language();
}

} // namespace

QStringList languages() {
    QStringList out{QStringLiteral("en")};
    for (const QString& file : QDir(QStringLiteral(":/translations"))
                                   .entryList({QStringLiteral("vitrail_*.qm")}, QDir::Files, QDir::Name))
        if (const QString code = file.section(QLatin1Char('_'), 1).section(QLatin1Char('.'), 0, 0);
            !out.contains(code))
            out << code;
    return out;
}

QString language_name(const QString& code) {
    if (code == QLatin1String("en"))
        return QStringLiteral("English"); // whose country does not matter
    const QString name = QLocale(code).nativeLanguageName();
    return name.left(1).toUpper() + name.mid(1);
}

QString language() {
    return spoken();
}

void apply_language(const QString& code) {
    static QTranslator ours, qts;
    const QLocale system = QLocale::system();
    QString chosen = QStringLiteral("en");
    for (const QString& known : languages())
        if (code.isEmpty() ? of(known) == system.language() : known == code)
            chosen = known;
    QLocale locale =
        code.isEmpty() || of(chosen) == system.language() ? system : QLocale(of(chosen), system.territory());
    // Numbers come without marks between thousands: 0.1 typed under a decimal comma must not become 1
    // (manners.h).
    locale.setNumberOptions(QLocale::OmitGroupSeparator | QLocale::RejectGroupSeparator);
    QLocale::setDefault(locale);
    spoken() = chosen;
    QCoreApplication::removeTranslator(&ours);
    QCoreApplication::removeTranslator(&qts);
    // English has a file too: its plurals.
    if (ours.load(QStringLiteral(":/translations/vitrail_") + chosen))
        QCoreApplication::installTranslator(&ours);
    if (qts.load(QStringLiteral("qtbase_") + chosen, QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        QCoreApplication::installTranslator(&qts);
}

} // namespace vitrail
