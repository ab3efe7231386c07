// The user guide beside the work: contents, pages, a search. Also what asks the window what something is.
#pragma once

#include "paint/guide.h"

#include <QMainWindow>

class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace vitrail {

class GuideWindow : public QMainWindow {
    Q_OBJECT
public:
    explicit GuideWindow(QWidget* parent = nullptr);
    /// "purge.html", or "terms.html#tower".
    void show_page(const QString& link);
    void search(const QString& words);
    QTextBrowser* browser() { return browser_; }

    /// The one there is, made when it is first asked for and shown in front; it belongs to the window that
    /// asks.
    static GuideWindow* shown_by(QWidget* asking);

protected:
    void changeEvent(QEvent*) override;

private:
    void read();
    void mark_contents(const QString& file);
    void save_html();

    std::vector<GuidePage> pages_;
    QListWidget* contents_;
    QLineEdit* search_;
    QTextBrowser* browser_;
};

} // namespace vitrail
