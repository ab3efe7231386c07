// The logbook as JSON and CSV: in and out, and for the database.
#pragma once

#include "core/base/result.h"
#include "core/base/zone.h"
#include "core/logbook/learn.h"
#include "formats/json_fwd.h"

namespace vitrail {

Json record_to_json(const PrintRecord& record);
Result<PrintRecord> record_from_text(const std::string& json);

/// Prints with small pictures.
struct LogbookFile {
    std::vector<PrintRecord> prints;
    std::map<std::string, std::string> pictures; ///< by print's id: PNG
};
/// Schema "vitrail.logbook/1": prints[], pictures{}: name → base64; prints that look alike share theirs.
std::string logbook_to_json(const LogbookFile& book);
/// RFC 4180: a header and one line a print; for each quantity foretold and real, s or g.
std::string logbook_to_csv(const std::vector<PrintRecord>& records);
/// Either, told apart by the first character. Errors say which print or line, and what.
Result<LogbookFile> logbook_from_text(const std::string& text);

/// What is kept of the plan beside a record: its report, and all settings.
std::string plan_snapshot(const Project& project, const Plan& plan);

/// "printing|hand-swap||0.4|", the other way round, and what `vitrail-cli log teach --json` says: factors[]
/// with belief, samples, drift.
std::string factor_key_text(const FactorKey& key);
std::optional<FactorKey> factor_key_of(const std::string& text);
Json factors_report(const std::vector<Factor>& factors, const std::vector<PrintRecord>& records,
                    const Zone& zone);
Json score_report(const Score& score);
/// Schema "vitrail.outlook/1": for hours and grams foretold, likely, low, high (80 %), and from how many
/// prints.
Json outlook_report(const Outlook& outlook);

} // namespace vitrail
