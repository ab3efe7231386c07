#include "app/shell/session.h"

#include "app/document/document.h"
#include "app/document/logbook_store.h"
#include "app/document/recovery.h"
#include "app/document/shelf_store.h"
#include "app/document/view_state.h"
#include "app/run/run_store.h"

namespace vitrail {

namespace {

std::shared_ptr<Stores> shared_stores() {
    static std::weak_ptr<Stores> last;
    auto stores = last.lock();
    if (!stores)
        last = stores = std::make_shared<Stores>();
    return stores;
}

} // namespace

Stores::Stores()
    : shelf(std::make_unique<ShelfStore>()), logbook(std::make_unique<LogbookStore>()),
      runs(std::make_unique<RunStore>()) {}
Stores::~Stores() = default;

Session::Session()
    : stores(shared_stores()), document(std::make_unique<Document>()), view(std::make_unique<ViewState>()),
      recovery(std::make_unique<Recovery>(document.get())) {}
Session::~Session() = default;

} // namespace vitrail
