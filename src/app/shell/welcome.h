// What an empty window offers: ways to begin, demo projects to try, projects to go on with.
#pragma once

#include <QWidget>

class QListWidget;
class QListWidgetItem;

namespace vitrail {

class Document;

/// Where the demo projects lie: beside the installed program, or in the source tree it was built from; empty
/// where there are none.
QString demo_folder();

class Welcome : public QWidget {
    Q_OBJECT
public:
    explicit Welcome(Document* document, QWidget* parent = nullptr);
    /// Reads the lists anew; pictures follow.
    void show_projects(const QStringList& recent);

Q_SIGNALS:
    void wants_model();
    void wants_picture();
    void wants_order();
    void wants_project();
    void wants_machine();
    void wants_tour();
    void wants_demo(const QString& path); ///< as a project that is nobody's file yet
    void wants_recent(const QString& path);

private:
    QListWidget* make_list(const char* name, const QString& spoken);
    void fill(QListWidget* list, const QStringList& paths);

    Document* document_;
    QListWidget *demos_, *recent_;
    QWidget* nothing_recent_;
};

} // namespace vitrail
