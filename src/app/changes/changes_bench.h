// Changes: the changes themselves, who sits on which nozzle and in which slot, printing by hand, and fewer
// changes.
#pragma once

#include <QWidget>

#include <functional>
#include <vector>

namespace vitrail {

class BenchPages;
struct Machine;
class Document;
class NozzlesPage;
class ViewState;

class ChangesBench : public QWidget {
    Q_OBJECT
public:
    enum Page { kOrder, kNozzles, kByHand, kFewer };
    ChangesBench(Document* document, ViewState* view, std::function<std::vector<Machine>()> owned,
                 QWidget* parent = nullptr);
    void show_page(Page page);
    NozzlesPage* nozzles_page() { return nozzles_; }

Q_SIGNALS:
    void said(const QString& message);
    void wants_machine_editor();

private:
    BenchPages* pages_;
    NozzlesPage* nozzles_;
};

} // namespace vitrail
