#include "window_fixture.h"

#include "app/parts/device_link.h"
#include "app/run/file_page.h"
#include "app/run/printer_page.h"
#include "app/run/rehearse_page.h"
#include "app/run/run_bench.h"
#include "app/run/run_store.h"
#include "core/run/sketch_gcode.h"
#include "formats/files.h"
#include "formats/place_clock.h"

#include <QCheckBox>
#include <QComboBox>
#include <QListWidget>
#include <QMessageBox>
#include <QProcess>

#include <QRegularExpression>
#include <QSettings>
#include <QSignalSpy>
#include <QSpinBox>
#include <QTableWidget>
#include <QTcpServer>
#include <QTcpSocket>

using namespace vitrail;
using namespace vitrail::test;

/// A night rehearsed on the simulated printer, and a printer on a line; all in the real window, over real
/// sockets.
class TestRehearsalWindow : public WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() {
        qputenv("TZ", "Europe/Berlin");
        ::tzset();
        prepare();
    }
    void init() {
        begin();
        QSettings().remove("printer");
        window_->runs()->set_clock([] { return *parse_instant("2026-12-05T13:00:00Z", {}); }); // 14:00 there
        window_->runs()->set_tell([](const QString&, const QString&) {});
    }
    void cleanup() { end(); }
    void somebody_is_always_there();
    void nobody_at_night();
    void done_step_by_step();
    void moods_are_told();
    void nothing_real_is_rehearsed_with();
    void a_file_is_rehearsed();
    void a_printer_is_looked_at();
    void a_print_is_sent_and_followed();
    void a_broken_line_loses_nothing();
    void a_printer_that_starts_anew();

private:
    RunBench* bench() { return window_->run_bench(); }
    RehearsePage* page() { return bench()->rehearsal(); }
    PrinterPage* printer() { return bench()->printer(); }
    QString label(const char* name) { return find<QLabel>(name)->text(); }
    void show_bench(RunBench::Page at, double start_hour = 15) {
        Project p = stack("ABCA", 2);
        p.name = "Evening";
        p.settings.first_layer_mm = p.settings.layer_mm = 0.4;
        p.settings.min_layer_s = 600; // twenty layers: 3 h 20
        p.settings.start_hour = start_hour;
        show_project(std::move(p));
        window_->choose_bench(MainWindow::kRun);
        bench()->show_page(at);
        wait_for_studies();
    }
    void rehearse(int who, int seconds = 1) {
        find<QComboBox>("rehearse_who")->setCurrentIndex(who);
        find<QSpinBox>("rehearse_seconds")->setValue(seconds);
        press("rehearse_begin");
        QTRY_VERIFY_WITH_TIMEOUT(page()->rehearsal() != nullptr, 10000);
    }
    void to_its_end() { QTRY_VERIFY_WITH_TIMEOUT(!page()->running(), 30000); }
    QString went(int row) { return find<QTableWidget>("rehearse_steps")->item(row, 2)->text(); }
    QString said() {
        QStringList out;
        auto* list = find<QListWidget>("printer_log");
        for (int i = 0; i < list->count(); ++i)
            out << list->item(i)->text();
        return out.join('\n');
    }
    /// Starts a simulated printer; its address.
    QString start_printer(QProcess& process, QStringList arguments) {
        process.start(QCoreApplication::applicationDirPath() + "/vitrail-printer", arguments);
        QString out;
        for (int i = 0; i < 50 && !out.contains('\n'); ++i) {
            process.waitForReadyRead(100);
            out += QString::fromUtf8(process.readAllStandardOutput());
        }
        static const QRegularExpression port("port (\\d+)"), terminal("terminal (\\S+)");
        terminal_ = terminal.match(out).captured(1);
        return "localhost:" + port.match(out).captured(1);
    }
    QString terminal_; ///< of the printer that was started, where it has one
    /// A toolpath file in which nothing takes long.
    QString short_file() {
        const QString path = dir_->filePath("short.gcode");
        const Project& p = document()->planned_project();
        (void)write_file(path.toStdString(), sketch_gcode(p, *document()->plan()));
        bench()->file()->read(path);
        [&] { QTRY_VERIFY_WITH_TIMEOUT(!bench()->file()->working(), 10000); }();
        return path;
    }
    void confirm(bool yes) {
        QTimer::singleShot(150, this, [yes] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            QVERIFY(box);
            QVERIFY(box->text().contains(QString::fromUtf8("°C")));
            QVERIFY(box->informativeText().contains("bed clear"));
            yes ? box->findChild<QPushButton*>("printer_confirm")->click() : box->reject();
        });
    }
};

void TestRehearsalWindow::somebody_is_always_there() {
    show_bench(RunBench::kRehearse);
    QCOMPARE(find<QTableWidget>("rehearse_steps")->rowCount(), 3);
    QVERIFY(find<QTableWidget>("rehearse_steps")->item(0, 3)->text().contains("stands until"));
    check_names(bench());
    rehearse(1);
    to_its_end();
    QVERIFY2(label("rehearse_score").contains("3 of 3 right"), qPrintable(label("rehearse_score")));
    QVERIFY(label("rehearse_consequences").contains("as planned"));
    QVERIFY(went(0).contains("right"));
    QCOMPARE(view()->layer(), document()->plan()->grid.count);
}

void TestRehearsalWindow::nobody_at_night() {
    show_bench(RunBench::kRehearse, 21); // the first swap is due before ten, the others at night
    rehearse(2);
    to_its_end();
    const RehearsalOutcome out = page()->rehearsal()->outcome();
    QVERIFY(out.missed > 0);
    QVERIFY(label("rehearse_consequences").contains("later"));
    QVERIFY(label("rehearse_consequences").contains("Never leave a first use alone"));
    QVERIFY(went(out.steps[1].is == StepResult::Is::missed ? 1 : 2).contains("missed"));
}

/// Put in by pressing the letters; one of them wrong, one late.
void TestRehearsalWindow::done_step_by_step() {
    show_bench(RunBench::kRehearse);
    rehearse(0);
    QTRY_VERIFY_WITH_TIMEOUT(page()->rehearsal()->asks().has_value(), 20000);
    QTRY_VERIFY(label("rehearse_asks").contains("B"));
    QVERIFY(label("rehearse_says").contains("stands"));
    press("rehearse_put_B");
    QTRY_VERIFY_WITH_TIMEOUT(went(0).contains("right"), 10000);
    QTRY_VERIFY_WITH_TIMEOUT(page()->rehearsal()->asks().has_value(), 20000);
    const double asked_s = page()->rehearsal()->clock_s();
    QTRY_VERIFY(find<QPushButton>("rehearse_absent")->isEnabled());
    press("rehearse_absent"); // half an hour
    QTRY_VERIFY_WITH_TIMEOUT(page()->rehearsal()->clock_s() > asked_s + 1790, 5000);
    press("rehearse_put_C");
    QTRY_VERIFY_WITH_TIMEOUT(went(1).contains("stood"), 10000);
    QTRY_VERIFY_WITH_TIMEOUT(page()->rehearsal()->asks().has_value(), 20000);
    press("rehearse_put_B"); // A was meant
    to_its_end();
    QVERIFY(went(2).contains("was put in"));
    QVERIFY(label("rehearse_score").contains("1 of 3"));
    QVERIFY(label("rehearse_consequences").contains("came out in B"));
    // Stopped half-way.
    rehearse(0, 60);
    press("rehearse_stop");
    QVERIFY(!page()->running());
    QVERIFY(window_->messages()->text().contains("stopped"));
}

void TestRehearsalWindow::moods_are_told() {
    show_bench(RunBench::kRehearse);
    find<QComboBox>("rehearse_mood")->setCurrentIndex(4); // it starts anew
    rehearse(1);
    to_its_end();
    QVERIFY(label("rehearse_consequences").contains("started anew"));
    find<QComboBox>("rehearse_mood")->setCurrentIndex(2); // lines arrive damaged
    rehearse(1);
    to_its_end();
    QVERIFY(label("rehearse_score").contains("3 of 3"));
    QVERIFY(label("rehearse_consequences").contains("nothing was lost"));
}

void TestRehearsalWindow::nothing_real_is_rehearsed_with() {
    show_bench(RunBench::kRehearse);
    QTcpServer server;
    QVERIFY(server.listen(QHostAddress::LocalHost));
    QByteArray heard;
    connect(&server, &QTcpServer::newConnection, this, [&] {
        QTcpSocket* s = server.nextPendingConnection();
        connect(s, &QTcpSocket::readyRead, s, [&heard, s] {
            heard += s->readAll();
            if (heard.contains("M115"))
                s->write("FIRMWARE_NAME:Somebody's MACHINE_TYPE:x\nok\n");
        });
    });
    find<QComboBox>("rehearse_where")->setEditText(QStringLiteral("localhost:%1").arg(server.serverPort()));
    find<QSpinBox>("rehearse_seconds")->setValue(1);
    press("rehearse_begin");
    QTRY_VERIFY_WITH_TIMEOUT(window_->messages()->text().contains("real printer"), 10000);
    QCOMPARE(heard, QByteArray("M115\n")); // and not a line more
    // Nobody there.
    const QString address = QStringLiteral("localhost:%1").arg(server.serverPort());
    server.close();
    find<QComboBox>("rehearse_where")->setEditText(address);
    press("rehearse_begin");
    QTRY_VERIFY_WITH_TIMEOUT(window_->messages()->text().contains("no line"), 10000);
}

void TestRehearsalWindow::a_file_is_rehearsed() {
    show_bench(RunBench::kFile);
    short_file();
    bench()->show_page(RunBench::kRehearse);
    auto* what = find<QComboBox>("rehearse_what");
    QTRY_COMPARE(what->count(), 2);
    what->setCurrentIndex(1);
    wait_for_studies();
    rehearse(1);
    to_its_end();
    QVERIFY2(label("rehearse_score").contains("3 of 3 right"), qPrintable(label("rehearse_consequences")));
}

void TestRehearsalWindow::a_printer_is_looked_at() {
    show_bench(RunBench::kPrinter);
    const QString file = short_file();
    QProcess process;
    const QString address = start_printer(process, {"--speed", "300", "--card", file, "--print"});
    check_names(bench());
    printer()->connect_to("nowhere");
    QVERIFY(said().contains("HOST:PORT"));
    printer()->connect_to(address);
    QTRY_VERIFY_WITH_TIMEOUT(label("printer_who").contains("simulated"), 5000);
    QTRY_VERIFY_WITH_TIMEOUT(label("printer_does").contains("card"), 10000);
    QTRY_VERIFY_WITH_TIMEOUT(label("printer_height").contains("layer"), 20000);
    QVERIFY(label("printer_heat").contains("nozzle"));
    QVERIFY(view()->layer() >= 1);
    press("printer_connect"); // hangs up
    QTRY_VERIFY(label("printer_who").contains("not connected"));
    printer()->connect_to(terminal_); // the same over a serial port
    QTRY_VERIFY_WITH_TIMEOUT(label("printer_who").contains("simulated"), 5000);
    printer()->hang_up();
    process.kill();
    process.waitForFinished();
}

void TestRehearsalWindow::a_print_is_sent_and_followed() {
    show_bench(RunBench::kPrinter);
    short_file();
    QProcess process;
    const QString address = start_printer(process, {"--speed", "3000", "--no-terminal"});
    printer()->connect_to(address);
    QTRY_VERIFY_WITH_TIMEOUT(label("printer_who").contains("simulated"), 5000);
    confirm(false);
    press("printer_print");
    QVERIFY(!printer()->printing()); // nothing without a yes
    QSignalSpy answers(printer()->findChild<DeviceLink*>(), &DeviceLink::came);
    QTRY_VERIFY(!answers.isEmpty());
    QCOMPARE(printer()->says().heat->nozzle_target_c, 0.0);
    find<QCheckBox>("printer_follow")->click();
    QCOMPARE(int(window_->runs()->runs().size()), 1);
    confirm(true);
    press("printer_print");
    QVERIFY(printer()->printing());
    for (int swaps = 0; swaps < 3; ++swaps) {
        QTRY_VERIFY_WITH_TIMEOUT(find<QPushButton>("printer_swapped")->isVisible(), 20000);
        QVERIFY(label("printer_does").contains("waits"));
        press("printer_swapped");
        QTRY_VERIFY_WITH_TIMEOUT(!find<QPushButton>("printer_swapped")->isVisible(), 10000);
    }
    QTRY_VERIFY_WITH_TIMEOUT(!printer()->printing(), 30000);
    QVERIFY(said().contains("sent and done"));
    const Run& run = window_->runs()->runs().front();
    const auto count = [&](RunEvent::What what) {
        return std::count_if(run.events.begin(), run.events.end(),
                             [&](const RunEvent& e) { return e.what == what; });
    };
    QCOMPARE(count(RunEvent::What::done), 3);
    QVERIFY(count(RunEvent::What::layer) > 2);
    QCOMPARE(count(RunEvent::What::finished), 1);
    process.kill();
    process.waitForFinished();
}

/// Vitrail goes away in the middle, and comes back: the printer says which line it wants.
void TestRehearsalWindow::a_broken_line_loses_nothing() {
    show_bench(RunBench::kPrinter);
    short_file();
    QProcess process;
    const QString address = start_printer(process, {"--speed", "1500", "--no-terminal"});
    printer()->connect_to(address);
    QTRY_VERIFY_WITH_TIMEOUT(label("printer_who").contains("simulated"), 5000);
    confirm(true);
    press("printer_print");
    QTRY_VERIFY_WITH_TIMEOUT(label("printer_height").contains("layer"), 20000);
    printer()->hang_up(); // as if it was killed: nothing is tidied up
    QVERIFY(find<QPushButton>("printer_resume")->isVisible());
    QVERIFY(label("printer_job").contains("broken off"));
    printer()->connect_to(address);
    QTRY_VERIFY_WITH_TIMEOUT(label("printer_who").contains("simulated"), 5000);
    confirm(true);
    press("printer_resume");
    QVERIFY(printer()->printing());
    for (int swaps = 0; swaps < 3; ++swaps) {
        QTRY_VERIFY_WITH_TIMEOUT(find<QPushButton>("printer_swapped")->isVisible(), 30000);
        press("printer_swapped");
        QTRY_VERIFY_WITH_TIMEOUT(!find<QPushButton>("printer_swapped")->isVisible(), 10000);
    }
    QTRY_VERIFY_WITH_TIMEOUT(!printer()->printing(), 40000);
    QVERIFY(said().contains("sent and done"));
    QVERIFY(!find<QPushButton>("printer_resume")->isVisible());
    process.kill();
    process.waitForFinished();
}

void TestRehearsalWindow::a_printer_that_starts_anew() {
    show_bench(RunBench::kPrinter);
    short_file();
    QProcess process;
    const QString address =
        start_printer(process, {"--speed", "2000", "--no-terminal", "--resets", "1500", "--seed", "3"});
    printer()->connect_to(address);
    QTRY_VERIFY_WITH_TIMEOUT(label("printer_who").contains("simulated"), 5000);
    confirm(true);
    press("printer_print");
    QTRY_VERIFY_WITH_TIMEOUT(!printer()->printing(), 20000);
    QVERIFY(said().contains("lost its position"));
    QVERIFY(window_->messages()->text().contains("started anew"));
    process.kill();
    process.waitForFinished();
    QTRY_VERIFY_WITH_TIMEOUT(said().contains("hung up") || said().contains("broken"), 5000);
}

VITRAIL_TEST(TestRehearsalWindow)
#include "test_rehearsal_window.moc"
