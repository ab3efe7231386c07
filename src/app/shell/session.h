// What outlives a window: the project and what is kept beside it. A window can be made anew around it, in
// another language.
#pragma once

#include <memory>

namespace vitrail {

class Document;
class LogbookStore;
class Recovery;
class RunStore;
class ShelfStore;
class ViewState;

/// What all windows of the program share.
struct Stores {
    Stores();
    ~Stores();
    std::unique_ptr<ShelfStore> shelf;
    std::unique_ptr<LogbookStore> logbook;
    std::unique_ptr<RunStore> runs;
};

/// What belongs to one project and the window that shows it.
struct Session {
    /// The stores are those of the other sessions, if there is one.
    Session();
    ~Session();
    std::shared_ptr<Stores> stores;
    std::unique_ptr<Document> document;
    std::unique_ptr<ViewState> view;
    std::unique_ptr<Recovery> recovery;
};

} // namespace vitrail
