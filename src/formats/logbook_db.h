// The logbook in the user's database, beside the shelf: one row a print, written as one transaction.
#pragma once

#include "core/logbook/learn.h"
#include "formats/shelf_db.h"

#include <map>
#include <vector>

namespace vitrail {

/// What is kept of a print besides its record.
struct PrintExtras {
    std::string plan;    ///< its report as JSON; empty: none
    std::string picture; ///< PNG; empty: none
};

/// By start. A row that cannot be read is left out and stays where it is; `damaged` counts them.
Result<std::vector<PrintRecord>> read_prints(ShelfDb& db, int* damaged = nullptr);
/// Small pictures of all prints that have one, by id: PNG.
Result<std::map<std::string, std::string>> read_pictures(ShelfDb& db);
Status write_pictures(ShelfDb& db, const std::map<std::string, std::string>& pictures);
Result<PrintExtras> read_extras(ShelfDb& db, const std::string& id);
/// Adds it, or puts it in the place of the one with its id; without extras those that are there stay.
Status write_print(ShelfDb& db, const PrintRecord& record, const PrintExtras* extras = nullptr);
/// All of them or none.
Status write_prints(ShelfDb& db, const std::vector<PrintRecord>& records);
Status remove_print(ShelfDb& db, const std::string& id);
Status write_photograph(ShelfDb& db, const std::string& id, const std::string& name,
                        const std::string& picture);
Result<std::string> read_photograph(ShelfDb& db, const std::string& id, const std::string& name);
/// Takes out photographs that no print speaks of.
Status sweep_photographs(ShelfDb& db, const std::vector<PrintRecord>& records);
/// Factors that are switched off.
Result<std::vector<FactorKey>> read_off(ShelfDb& db);
Status write_off(ShelfDb& db, const std::vector<FactorKey>& off);

} // namespace vitrail
