#include "devices/rehearse.h"

namespace vitrail {

void rehearse(Rehearsal& rehearsal, SimPrinter& printer, const Progress& progress) {
    std::string to_printer = rehearsal.begin(), from_printer;
    int silent = 0;
    for (std::int64_t n = 0; !progress.stopped(); ++n) {
        from_printer = printer.take(to_printer);
        if (from_printer.empty()) {
            const double next = printer.next_s();
            if (next >= 0)
                from_printer = printer.pass(next);
        }
        to_printer = rehearsal.take(from_printer);
        silent = from_printer.empty() && to_printer.empty() ? silent + 1 : 0;
        if (silent > 3 && printer.next_s() < 0) { // something was lost on the way
            if (rehearsal.over() || silent > 100)
                return;
            to_printer = rehearsal.again();
        }
        if (n % 4096 == 0 && rehearsal.script().layer_line.size() > 0)
            progress.at(static_cast<double>(rehearsal.layer()) /
                        static_cast<double>(rehearsal.script().layer_line.size()));
    }
}

} // namespace vitrail
