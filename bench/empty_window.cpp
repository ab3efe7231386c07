// The least a window with OpenGL can be: what Vitrail's start is measured against.
#include <QApplication>
#include <QMainWindow>
#include <QOpenGLWidget>

#include <cstdlib>

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    QMainWindow window;
    auto* view = new QOpenGLWidget;
    window.setCentralWidget(view);
    window.resize(1280, 800);
    QObject::connect(view, &QOpenGLWidget::frameSwapped, &app, [] { std::quick_exit(0); });
    window.show();
    return QApplication::exec();
}
