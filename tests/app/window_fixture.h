// What tests of the real window share: a window on a clean home, and ways to use and read it.
#pragma once

#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/shelf_store.h"
#include "app/document/study.h"
#include "app/document/view_state.h"
#include "app/piece/piece_bench.h"
#include "app/shell/main_window.h"
#include "app/shell/message_bar.h"
#include "app/theme/theme.h"
#include "app/view3d/view3d.h"
#include "formats/archive.h"
#include "paint/make_picture.h"

#include "support.h"

#include <QAction>
#include <QApplication>
#include <QComboBox>
#include <QDialog>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>
#include <QTemporaryDir>
#include <QTimer>
#include <QToolButton>
#include <QTreeView>

namespace vitrail::test {

/// Answers the next modal dialog (or menu).
template <class F>
void in_next_dialog(F act) {
    auto* timer = new QTimer(qApp);
    timer->setObjectName("next_dialog");
    QObject::connect(timer, &QTimer::timeout, timer, [timer, act] {
        if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget())) {
            timer->setObjectName({}); // it came
            timer->deleteLater();
            timer->stop();
            act(dialog);
        }
    });
    timer->start(20);
}

/// Keys reach an active window only, and without a window manager a dialog that ends may leave none.
inline void see_to_focus() {
    if (QApplication::activeWindow() || QApplication::activeModalWidget())
        return;
    for (QWidget* w : QApplication::topLevelWidgets())
        if (w->isVisible() && qobject_cast<MainWindow*>(w)) {
            w->activateWindow();
            QVERIFY(QTest::qWaitForWindowActive(w));
            return;
        }
}

/// Types a file's name, or a folder's, into the file dialog that comes next.
inline void choose_in_next_dialog(const QString& path) {
    QCoreApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
    in_next_dialog([path](QDialog* d) {
        auto* files = qobject_cast<QFileDialog*>(d);
        QVERIFY(files);
        files->findChild<QLineEdit*>("fileNameEdit")->setText(path);
        QMetaObject::invokeMethod(files, "accept", Qt::QueuedConnection);
    });
}

class WindowFixture : public QObject {
    Q_OBJECT
public:
    static void prepare() {
        QApplication::setOrganizationName("vitrail-test");
        QApplication::setApplicationName(
            QStringLiteral("vitrail-test-%1")
                .arg(QCoreApplication::applicationPid())); // classes run side by side, and each remembers for
                                                           // itself
        QSettings().clear();
        apply_theme(*qApp, ThemeChoice::dark);
    }
    static bool runs_now(std::initializer_list<QByteArray> functions) {
        return std::find(functions.begin(), functions.end(), QTest::currentTestFunction()) != functions.end();
    }
    /// Drawn by software, the piece takes half of a test's time, as every repaint goes through OpenGL with
    /// it: it is drawn where a test looks at it, and the others see the window as it is without OpenGL.
    void begin(bool draws_the_piece = false) {
        qputenv("VITRAIL_NO_OPENGL", draws_the_piece ? "0" : "1");
        dir_ = std::make_unique<QTemporaryDir>();
        qputenv("VITRAIL_SHELF", dir_->filePath("shelf.sqlite").toUtf8());
        window_ = std::make_unique<MainWindow>();
        window_->show();
        QVERIFY(QTest::qWaitForWindowExposed(window_.get()));
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    }
    void end() {
        const auto never_came = qApp->findChildren<QTimer*>("next_dialog");
        qDeleteAll(never_came);
        window_.reset();
        QVERIFY2(never_came.isEmpty(), "a dialog that was waited for never came");
    }
    void wait_for_plan() {
        QTRY_VERIFY_WITH_TIMEOUT(!window_->document()->planning() && !window_->document()->busy_with_files(),
                                 30000);
        QCoreApplication::processEvents();
    }
    /// What views work out by themselves is there, too.
    void wait_for_studies() {
        wait_for_plan();
        QTRY_VERIFY_WITH_TIMEOUT(!studies_are_due() && !document()->background()->busy(), 60000);
        QCoreApplication::processEvents();
    }
    bool studies_are_due() {
        const auto studies = window_->findChildren<Study*>();
        return std::any_of(studies.begin(), studies.end(), [](Study* s) { return s->due(); });
    }
    void open(const QString& path) {
        window_->open_files({path});
        wait_for_plan();
        QVERIFY(window_->document()->plan());
    }
    void open_demo(const char* name) {
        open(QString::fromStdString(source_file(std::string("demo/") + name)));
    }
    /// A project of ours, as if it had been opened.
    void show_project(Project p) {
        window_->document()->reset(std::move(p), {});
        wait_for_plan();
    }
    /// The demo's rose window at a third of its size: all its kinds of films, a ninth of the work.
    static Result<Project> small_rose_window() {
        auto p = load_project(source_file("demo/rose-window.vitrail"));
        if (!p)
            return p;
        p->picture->width_mm = 30;
        return picture_made(std::move(*p));
    }
    const Project& project() { return window_->document()->project(); }
    Document* document() { return window_->document(); }
    ViewState* view() { return window_->view(); }
    template <class T>
    T* find(const char* name) {
        // Benches have parts of the same name: the one that is seen.
        const QList<T*> all = window_->findChildren<T*>(name);
        for (T* w : all)
            if (w->isVisible())
                return w;
        if (all.isEmpty())
            qWarning("there is no %s", name);
        return all.value(0);
    }
    void press(const char* button) { QTest::mouseClick(find<QAbstractButton>(button), Qt::LeftButton); }
    /// A button that is pressed by its key goes down, and up a moment later.
    void wait_for_buttons() {
        QTRY_VERIFY([this] {
            const auto all = window_->findChildren<QAbstractButton*>();
            return std::none_of(all.begin(), all.end(), [](QAbstractButton* b) { return b->isDown(); });
        }());
    }
    void key(Qt::Key k, Qt::KeyboardModifiers m = {}) {
        see_to_focus();
        QTest::keyClick(window_.get(), k, m);
    }
    void undo() {
        window_->findChild<QAction*>("undo")->trigger();
        wait_for_plan();
    }
    /// What can be focused says its name to a screen reader.
    void check_names(QWidget* page) {
        for (QWidget* w : page->findChildren<QWidget*>()) {
            if (!w->isVisible() || w->focusPolicy() == Qt::NoFocus || qobject_cast<QLineEdit*>(w) ||
                w->inherits("QTabBar") || w->inherits("QAbstractScrollArea") == false)
                continue;
            if (w->inherits("QTableView") || w->inherits("QListView") || w->inherits("QTreeView"))
                QVERIFY2(!w->accessibleName().isEmpty(), qPrintable(w->objectName()));
        }
        for (auto* b : page->findChildren<QAbstractButton*>())
            if (b->isVisible() && b->focusPolicy() != Qt::NoFocus)
                QVERIFY2(!b->text().isEmpty() || !b->accessibleName().isEmpty(), qPrintable(b->objectName()));
        for (auto* c : page->findChildren<QComboBox*>())
            if (c->isVisible())
                QVERIFY2(!c->accessibleName().isEmpty(), qPrintable(c->objectName()));
    }
    View3d* piece() { return window_->piece_bench()->view3d(); }

    std::unique_ptr<MainWindow> window_;
    std::unique_ptr<QTemporaryDir> dir_;
};

} // namespace vitrail::test
