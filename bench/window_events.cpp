// Drives the real window with a big model and prints, for each thing done, the event that kept the window's
// thread longest: name, tab, milliseconds of that thread, tab, who got the event. What the OpenGL driver
// draws, and the context it makes when a view is first shown, are left out: they are the machine's, and here
// often software.
#include "bench.h"

#include "app/document/document.h"
#include "app/document/shelf_store.h"
#include "app/document/view_state.h"
#include "app/piece/piece_bench.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "app/view3d/view3d.h"
#include "formats/machine_file.h"

#include <QAbstractButton>
#include <QAction>
#include <QApplication>
#include <QMetaEnum>
#include <QMouseEvent>
#include <QTabBar>
#include <QTemporaryDir>
#include <QTest>
#include <QThread>
#include <QUndoStack>

#include <cstdio>
#include <ctime>

using namespace vitrail;

namespace {

double thread_ms() {
    timespec t;
    clock_gettime(CLOCK_THREAD_CPUTIME_ID, &t);
    return static_cast<double>(t.tv_sec) * 1e3 + static_cast<double>(t.tv_nsec) / 1e6;
}

class Watched : public QApplication {
public:
    using QApplication::QApplication;
    double longest = 0;
    QByteArray who;

    bool notify(QObject* to, QEvent* e) override {
        if (QThread::currentThread() != thread())
            return QApplication::notify(to, e);
        const QEvent::Type type = e->type();
        if (qobject_cast<View3d*>(to) &&
            (type == QEvent::Paint || type == QEvent::Resize || type == QEvent::UpdateRequest))
            return true;
        const bool makes_context = qobject_cast<View3d*>(to) && type == QEvent::Show;
        const QByteArray name = to->metaObject()->className();
        inner_.push_back(0);
        const double before = thread_ms();
        const bool done = QApplication::notify(to, e);
        const double all = thread_ms() - before, own = all - inner_.back();
        inner_.pop_back();
        if (!inner_.empty())
            inner_.back() += all;
        if (own > longest && !makes_context) {
            longest = own;
            who = name + " " + QMetaEnum::fromType<QEvent::Type>().valueToKey(type);
        }
        return done;
    }

private:
    std::vector<double> inner_; ///< of each event being handled, what the events within it took
};

class Sitting {
public:
    Sitting(Watched& app, MainWindow& window) : app_(app), window_(window) {}

    template <class Act>
    void act(const QString& name, Act what) {
        settle();
        app_.longest = 0;
        what();
        settle();
        std::printf("%s\t%.1f\t%s\n", qPrintable(name), app_.longest, app_.who.constData());
        std::fflush(stdout);
    }
    void settle() {
        for (int i = 0; i < 2; ++i) {
            QTest::qWait(50);
            while (window_.document()->planning() || window_.document()->busy_with_files())
                QTest::qWait(20);
        }
    }

private:
    Watched& app_;
    MainWindow& window_;
};

Project big_project() {
    Project p;
    p.name = "torus";
    p.machine = *find_machine("feeder-4");
    const Srgb colours[] = {{0x1f, 0x3a, 0x63}, {0xe8, 0xb2, 0x4a}, {0xf2, 0xf2, 0xea}, {0x14, 0x14, 0x14}};
    for (int i = 0; i < 4; ++i)
        p.filaments.push_back(make_filament(static_cast<char>('A' + i), Material::PLA, colours[i]));
    Part part;
    part.name = "torus";
    part.mesh = std::make_shared<Mesh>(bench::bumpy_torus(1000, 500));
    part.filament = 'A';
    const double tall = double(part.mesh->bounds.max.z) - part.mesh->bounds.min.z;
    p.pieces[0].parts = {std::move(part)};
    p.settings.layer_mm = p.settings.first_layer_mm = tall / 500;
    p.settings.support = SupportStyle::columns;
    for (int i = 0; i < 12; ++i)
        p.pieces[0].bands.push_back(
            {"torus", tall * i / 12 + 3, tall * i / 12 + 7, static_cast<char>('B' + i % 3)});
    return p;
}

} // namespace

int main(int argc, char** argv) {
    Watched app(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("vitrail-bench"));
    QApplication::setApplicationName(QStringLiteral("vitrail-bench"));
    QTemporaryDir dir;
    qputenv("VITRAIL_SHELF", dir.filePath(QStringLiteral("shelf.sqlite")).toUtf8());
    apply_theme(app, ThemeChoice::dark);
    MainWindow window;
    window.resize(1280, 800);
    window.show();
    (void)QTest::qWaitForWindowActive(&window);
    Sitting session(app, window);
    Document* document = window.document();
    const auto recolour = [&](Project& p) {
        p.pieces[0].bands[3].filament = p.pieces[0].bands[3].filament == 'B' ? 'C' : 'B';
    };
    session.act(QStringLiteral("open, to the plan"), [&] { document->reset(big_project(), {}); });
    for (int bench = 1; bench <= 6; ++bench) {
        session.act(QStringLiteral("bench %1").arg(bench),
                    [&] { window.findChild<QAction*>(QStringLiteral("bench_%1").arg(bench))->trigger(); });
        for (QTabBar* tabs : window.findChildren<QTabBar*>())
            for (int i = 1; tabs->isVisible() && i < tabs->count(); ++i)
                session.act(tabs->tabText(i),
                            [&] { QTest::mouseClick(tabs, Qt::LeftButton, {}, tabs->tabRect(i).center()); });
        session.act(QStringLiteral("recolour a band on bench %1").arg(bench),
                    [&] { document->edit(QStringLiteral("recolour"), recolour); });
    }
    window.findChild<QAction*>(QStringLiteral("bench_1"))->trigger();
    session.act(QStringLiteral("through the layers"), [&] {
        for (int layer = 1; layer <= 500; layer += 7) {
            window.view()->set_layer(layer);
            QCoreApplication::processEvents();
        }
    });
    // Painted: a stroke of the brush over what faces the viewer, an area filled, both taken back.
    window.findChild<QAction*>(QStringLiteral("bench_2"))->trigger();
    View3d* piece = window.piece_bench()->view3d();
    const auto tool = [&](const char* name) {
        session.act(QString::fromLatin1(name), [&] {
            for (QAbstractButton* b : window.findChildren<QAbstractButton*>(QString::fromLatin1(name)))
                if (b->isVisible()) // supports are painted with tools of the same names
                    b->click();
        });
    };
    tool("tool_brush");
    QPoint
        at; // of the surface; what lies under a point is looked for in a tree that is made in the background
    const bool found = QTest::qWaitFor(
        [&] {
            for (int x = 0; x < piece->width(); x += 10)
                if (at = QPoint(x, piece->height() / 2); piece->touch_at(at))
                    return true;
            return false;
        },
        20000);
    if (!found)
        return 1;
    session.act(QStringLiteral("a stroke"), [&] {
        QTest::mousePress(piece, Qt::LeftButton, {}, at);
        for (int i = 1; i <= 60; ++i) {
            const QPointF to = at + QPoint(i / 2, -i);
            QMouseEvent move(QEvent::MouseMove, to, piece->mapToGlobal(to), Qt::NoButton, Qt::LeftButton, {});
            QCoreApplication::sendEvent(piece, &move);
            QCoreApplication::processEvents();
        }
        QTest::mouseRelease(piece, Qt::LeftButton, {}, at + QPoint(30, -60));
        QTest::keyClick(&window, Qt::Key_C);
    });
    tool("tool_fill");
    const auto steps = [&] { return document->undo_stack()->count(); };
    bool filled = false;
    session.act(QStringLiteral("a fill"), [&, before = steps()] {
        filled = QTest::qWaitFor(
            [&] { // the areas between creases are looked for in the background
                QTest::mouseClick(piece, Qt::LeftButton, {}, at + QPoint(10, 20));
                return steps() > before;
            },
            20000);
        QTest::keyClick(&window, Qt::Key_D);
    });
    if (!filled || document->project().pieces[0].parts[0].patches.empty())
        return 1; // nothing was painted
    session.act(QStringLiteral("undo"),
                [&] { window.findChild<QAction*>(QStringLiteral("undo"))->trigger(); });
    session.act(QStringLiteral("redo"),
                [&] { window.findChild<QAction*>(QStringLiteral("redo"))->trigger(); });
    session.act(QStringLiteral("save"),
                [&] { document->save(dir.filePath(QStringLiteral("torus.vitrail"))); });
    session.act(QStringLiteral("open what was saved"),
                [&] { document->open(dir.filePath(QStringLiteral("torus.vitrail"))); });
    session.act(QStringLiteral("another colour"), [&] {
        document->edit(QStringLiteral("colour"), [](Project& p) { p.filaments[1].colour = {200, 40, 40}; });
    });
    session.act(QStringLiteral("another layer height"), [&] {
        document->edit(QStringLiteral("layers"), [](Project& p) { p.settings.layer_mm *= 1.1; });
    });
    return 0;
}
