// vitrail [FILES]: opens a project, or starts one from model files.
#include "app/document/document.h"
#include "app/piece/piece_bench.h"
#include "app/shell/main_window.h"
#include "app/theme/desktop.h"
#include "app/theme/language.h"
#include "app/theme/theme.h"
#include "app/view3d/view3d.h"
#include "version.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QSettings>
#include <QTimer>

#include <cstdlib>

int main(int argc, char** argv) {
    using namespace vitrail;
    QApplication app(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("vitrail"));
    QApplication::setApplicationName(QStringLiteral("vitrail"));
    QApplication::setApplicationDisplayName(QStringLiteral("Vitrail"));
    QApplication::setApplicationVersion(QStringLiteral(VITRAIL_VERSION));
    QApplication::setDesktopFileName(QStringLiteral("vitrail"));
    apply_language(QSettings().value(QStringLiteral("language")).toString());
    QCommandLineParser parser;
    parser.setApplicationDescription(QApplication::translate("main", "Plans multicolour prints."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("files"),
                                 QApplication::translate("main", "A project, or model files"),
                                 QStringLiteral("[files...]"));
    QCommandLineOption exit_at_first_frame(
        QStringLiteral("exit-at-first-frame"),
        QApplication::translate("main", "Quit once the piece has been painted (for benchmarks)"));
    exit_at_first_frame.setFlags(QCommandLineOption::HiddenFromHelp);
    parser.addOption(exit_at_first_frame);
    parser.process(app);

    QApplication::setWindowIcon(QIcon(QStringLiteral(":/vitrail.svg")));
    apply_theme(app, theme_choice());
    QObject::connect(&DesktopWishes::instance(), &DesktopWishes::changed, &app,
                     [&app] { apply_theme(app, theme_choice()); });
    DesktopWishes::instance().ask();
    // A window deletes itself when it is closed, or when another takes its place in another language.
    MainWindow& window = *new MainWindow;
    window.setAttribute(Qt::WA_DeleteOnClose);
    // The file is read while the window is made ready, so that the first frame shows it.
    if (!parser.positionalArguments().isEmpty())
        window.open_files(parser.positionalArguments());
    else
        window.show_welcome();
    window.show();
    if (View3d* piece = parser.isSet(exit_at_first_frame) ? window.piece_bench()->view3d() : nullptr)
        QObject::connect(piece, &QOpenGLWidget::frameSwapped, &window, [&window] {
            if (has_parts(window.document()->project()))
                std::quick_exit(0); // what is measured ends here
        });
    else if (parser.isSet(exit_at_first_frame)) // without OpenGL: once there is a plan to show
        QObject::connect(window.document(), &Document::plan_changed, &app,
                         [] { QTimer::singleShot(0, qApp, &QApplication::quit); });
    window.offer_recovery();
    window.find_runs();
    return QApplication::exec();
}
