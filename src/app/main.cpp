// vitrail [FILES]: opens a project, or starts one from model files.
#include "app/shell/main_window.h"
#include "app/theme/theme.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QSettings>
#include <QTranslator>

int main(int argc, char** argv) {
    using namespace vitrail;
    QApplication app(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("vitrail"));
    QApplication::setApplicationName(QStringLiteral("vitrail"));
    QApplication::setApplicationDisplayName(QStringLiteral("Vitrail"));
    QApplication::setApplicationVersion(QStringLiteral("0.1.0"));
    QApplication::setDesktopFileName(QStringLiteral("vitrail"));
    QCommandLineParser parser;
    parser.setApplicationDescription(QApplication::translate("main", "Plans multicolour prints."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("files"), QApplication::translate("main", "A project, or model files"), QStringLiteral("[files...]"));
    parser.process(app);

    const QString theme = QSettings().value(QStringLiteral("theme"), QStringLiteral("desktop")).toString();
    apply_theme(app, theme == QLatin1String("dark") ? ThemeChoice::dark : theme == QLatin1String("light") ? ThemeChoice::light : ThemeChoice::desktop);
    MainWindow window;
    window.show();
    if (!parser.positionalArguments().isEmpty())
        window.open_files(parser.positionalArguments());
    window.offer_recovery();
    return QApplication::exec();
}
