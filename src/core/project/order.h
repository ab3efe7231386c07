// An order: what is wanted, how many of it, by when. It is cut into plates by core/plate.
#pragma once

#include <optional>
#include <string>
#include <vector>

namespace vitrail {

/// What an order is cut into plates for.
enum class OrderAim {
    waste,   ///< grams thrown away
    hours,   ///< hours of the machines
    trips,   ///< how often somebody must come
    money,   ///< filament, hours of the machines, one's own
    earliest ///< everything finished as early as can be
};
inline constexpr int kOrderAims = 5;
const char* to_string(OrderAim aim);

/// So many of a piece.
struct OrderItem {
    std::string piece; ///< of this project; empty: all of the project in `file`
    std::string file;  ///< a project file, by its path from this project's folder; empty: this project
    int count = 1;     ///< 1 … kMostPlaced
    std::string due;   ///< "2026-12-05T10:00" on the clock of where it is printed; empty: whenever
    bool for_sale = false;
    double price = 0;    ///< of one, in the project's currency
    int together = 0;    ///< items of the same number are printed on the same plates; 0: as it comes
    bool by_day = false; ///< no plate with it runs at night
    bool operator==(const OrderItem&) const = default;
};

struct Order {
    std::vector<OrderItem> items;
    OrderAim aim = OrderAim::waste;
    /// when the first plate can begin, as OrderItem::due; empty: on day 0 at settings.start_hour
    std::string start;
    std::vector<std::string> machines; ///< ids of those it may be printed on besides the project's
    bool operator==(const Order&) const = default;
};

} // namespace vitrail
