#include "app/document/document.h"
#include "app/document/recovery.h"
#include "app/shell/main_window.h"
#include "app/shell/message_bar.h"
#include "app/theme/theme.h"

#include "formats/model.h"

#include "support.h"

#include <QApplication>
#include <QDir>
#include <QProcess>
#include <QPushButton>
#include <QStandardPaths>
#include <QTemporaryDir>

#include <signal.h>

using namespace vitrail;
using namespace vitrail::test;

/// What was not saved survives a kill of the real program.
class TestRecovery : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase();
    void killed_session_is_offered_and_restored();
    void clean_end_leaves_nothing();
    void a_running_session_is_left_alone();
};

namespace {

QStringList copies() {
    return QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/recovery")
        .entryList(QDir::Dirs | QDir::NoDotAndDotDot);
}

} // namespace

void TestRecovery::initTestCase() {
    // The same names as the program, so that both look into the same folder; HOME is the test run's own.
    static QTemporaryDir home;
    qputenv("XDG_DATA_HOME", home.filePath("data").toLocal8Bit());
    qputenv("XDG_CONFIG_HOME", home.filePath("config").toLocal8Bit());
    qputenv("VITRAIL_AUTOSAVE_MS", "50");
    QApplication::setOrganizationName("vitrail");
    QApplication::setApplicationName("vitrail");
    apply_theme(*qApp, ThemeChoice::dark);
}

void TestRecovery::killed_session_is_offered_and_restored() {
    // A model given on the command line is an unsaved project.
    QTemporaryDir dir;
    QFile f(dir.filePath("cube.stl"));
    const std::string bytes = write_stl(solids::box(0, 0, 0, 10, 10, 4), "cube");
    QVERIFY(f.open(QIODevice::WriteOnly) && f.write(bytes.data(), qint64(bytes.size())) > 0);
    f.close();
    QProcess app;
    app.start(VITRAIL_APP, {f.fileName()});
    QVERIFY(app.waitForStarted());
    QTRY_COMPARE_WITH_TIMEOUT(copies().size(), 1, 20000);
    QTRY_VERIFY(QFile::exists(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) +
                              "/recovery/" + copies().front() + "/index.json")); // whole
    ::kill(pid_t(app.processId()), SIGKILL);
    QVERIFY(app.waitForFinished());

    MainWindow window;
    window.show();
    window.offer_recovery();
    QTRY_VERIFY(window.messages()->text().contains("before"));
    QTest::mouseClick(window.findChild<QPushButton*>("message_action"), Qt::LeftButton);
    QTRY_COMPARE(window.document()->project().pieces[0].parts.size(), std::size_t{1});
    QVERIFY(window.document()->modified()); // no file holds it yet
    QCOMPARE(window.document()->project().pieces[0].parts[0].name, std::string("cube"));
    QTRY_VERIFY(!window.document()->planning());
    QTRY_COMPARE(copies().size(), 1); // ours now, in case this one is killed too
}

void TestRecovery::clean_end_leaves_nothing() {
    QTRY_COMPARE(copies().size(), 0);
    {
        MainWindow window;
        window.document()->edit("name", [](Project& p) { p.name = "x"; });
        QTRY_COMPARE(copies().size(), 1);
    }
    QCOMPARE(copies().size(), 0);
    MainWindow window;
    window.show();
    window.offer_recovery();
    QCOMPARE(window.messages()->text(), QString());
}

void TestRecovery::a_running_session_is_left_alone() {
    MainWindow first;
    first.document()->edit("name", [](Project& p) { p.name = "x"; });
    QTRY_COMPARE(copies().size(), 1);
    MainWindow second;
    second.show();
    second.offer_recovery();
    QCOMPARE(second.messages()->text(), QString());
}

VITRAIL_TEST(TestRecovery)
#include "test_recovery.moc"
