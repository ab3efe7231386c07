// The window: tally above, bench rail at the left, the bench, the ribbon below.
#pragma once

#include "formats/export.h"

#include <QMainWindow>

#include <memory>
#include <optional>

class QAction;
class QActionGroup;
class QMenu;
class QUndoGroup;

namespace vitrail {

class BenchRail;
class BenchStack;
class ChangesBench;
class Document;
class MessageBar;
class PaletteBench;
class PictureBench;
class PieceBench;
class PlateBench;
class ProgressStrip;
class PurgeBench;
class Recovery;
class Ribbon;
class ShelfStore;
class LogbookBench;
class LogbookStore;
struct Machine;
class RunBench;
struct Run;
class RunStore;
class SupportsBench;
class Tally;
struct Session;
class VariantsBench;
class TourBar;
class ViewState;
class Welcome;

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    enum Bench { kPicture, kPiece, kPalette, kSupports, kPlate, kChanges, kPurge, kVariants, kRun, kLogbook };
    /// On a session of its own, or around one that another window shows by now.
    explicit MainWindow(std::shared_ptr<Session> session = {});
    ~MainWindow() override;

    Document* document() { return document_; }
    ViewState* view() { return view_; }
    PieceBench* piece_bench() { return piece_; }
    /// The others are made when they are first asked for.
    PictureBench* picture_bench();
    PaletteBench* palette_bench();
    SupportsBench* supports_bench();
    PlateBench* plate_bench();
    ChangesBench* changes_bench();
    PurgeBench* purge_bench();
    VariantsBench* variants_bench();
    RunBench* run_bench();
    LogbookBench* logbook_bench();
    ShelfStore* shelf() { return shelf_; }
    LogbookStore* logbook() { return logbook_store_; }
    RunStore* runs() { return runs_; }
    Ribbon* ribbon() { return ribbon_; }
    MessageBar* messages() { return messages_; }

    /// Projects are opened, models are added.
    void open_files(const QStringList& paths);
    void choose_bench(Bench bench);
    /// What an empty window offers; any bench, or a project that is opened, takes its place.
    void show_welcome();
    void begin_tour();
    /// Another window, with a project of its own; it deletes itself when it is closed.
    MainWindow* open_window();
    /// Speaks that language from now on, and remembers it; empty: the desktop's. All windows are made anew
    /// around their projects.
    static void speak(const QString& code);
    /// Offers what a killed session left behind.
    void offer_recovery();
    /// Follows runs that an earlier session began, and says so.
    void find_runs();

protected:
    void closeEvent(QCloseEvent*) override;
    void changeEvent(QEvent*) override;
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;

private:
    template <class T, class F>
    T* made(T*& bench, Bench place, F make);
    void make_bench(Bench place);
    void fill_rail();
    /// Opens the guide at what the part of the window with the focus belongs to.
    void show_guide();
    void show_run();
    void show_step(int step);
    void log_print();
    std::optional<Run> last_run() const;
    void make_menus();
    void make_file_menu();
    void make_edit_menu();
    void make_view_menu();
    void make_help_menu();
    void follow_document();
    void place_on_screen();
    void share_histories();
    MainWindow* successor();
    void make_letters();
    void refresh_title();
    void refresh_progress();
    void remember(const QString& path);
    void fill_recent();
    void ask_open();
    void ask_add();
    void ask_add_piece();
    void ask_picture();
    void take_picture(const QString& path);
    void add_picture_actions(QMenu* file);
    void offer_pictures(QWidget* bench);
    void ask_export(bool stl, ExportBy by = ExportBy::filament);
    void edit_machine();
    void describe_printer();
    void use_machine(const Machine& machine);
    void show_owned_machines();
    void save(std::function<void()> then = {});
    void ask_save_as(std::function<void()> then = {});
    void discard_then(std::function<void()> then);

    std::shared_ptr<Session> session_;
    Document* document_;
    ViewState* view_;
    Recovery* recovery_;
    Tally* tally_;
    BenchRail* rail_;
    BenchStack* benches_;
    PieceBench* piece_;
    PictureBench* picture_ = nullptr;
    PaletteBench* palette_ = nullptr;
    SupportsBench* supports_ = nullptr;
    PlateBench* plate_ = nullptr;
    ChangesBench* changes_ = nullptr;
    PurgeBench* purge_ = nullptr;
    VariantsBench* variants_ = nullptr;
    RunBench* run_ = nullptr;
    LogbookBench* logbook_ = nullptr;
    ShelfStore* shelf_;
    QUndoGroup* undo_;
    Ribbon* ribbon_;
    RunStore* runs_;
    LogbookStore* logbook_store_;
    Welcome* welcome_ = nullptr;
    TourBar* tour_;
    MessageBar* messages_;
    ProgressStrip* progress_;
    QMenu* recent_ = nullptr;
    QAction *picture_layer_ = nullptr, *picture_bed_ = nullptr;
    bool closing_ = false, to_first_change_ = false;
};

} // namespace vitrail
