#include "core/project/digest.h"

#include <fmt/format.h>

#include <cstring>

namespace vitrail {

namespace {

class Fnv {
public:
    void bytes(const void* data, std::size_t n) {
        const auto* p = static_cast<const unsigned char*>(data);
        for (std::size_t i = 0; i < n; ++i)
            value_ = (value_ ^ p[i]) * 0x100000001b3ull;
    }
    void text(const std::string& s) {
        bytes(s.data(), s.size());
        whole(static_cast<long long>(s.size()));
    }
    void whole(long long v) { bytes(&v, sizeof v); }
    /// In whole millionths, so that a turn and back changes nothing.
    void number(double v) { whole(std::llround(v * 1e6)); }
    std::string hex() const { return fmt::format("{:016x}", value_); }

private:
    std::uint64_t value_ = 0xcbf29ce484222325ull;
};

void add_paint(Fnv& h, const std::shared_ptr<const Paint>& paint) {
    h.whole(paint != nullptr);
    if (!paint)
        return;
    for (const PatchNumber p : paint->patch)
        h.whole(p);
    h.whole(static_cast<long long>(paint->cut.size()));
}

void add_part(Fnv& h, const Part& part) {
    h.text(part.name);
    h.whole(part.filament);
    h.whole(part.takes_purge);
    h.whole(part.sacrificial);
    for (const Vec3& v : part.mesh->vertices)
        for (const float x : {v.x, v.y, v.z})
            h.whole(std::llround(double(x) * 1e4)); // 0.1 µm
    for (const Triangle& t : part.mesh->triangles)
        for (const auto i : t)
            h.whole(i);
    for (const Patch& p : part.patches)
        h.whole(p.filament);
    add_paint(h, part.paint);
    add_paint(h, part.support_paint);
}

} // namespace

std::string digest(const Project& p) {
    Fnv h;
    for (const Piece& piece : p.pieces) {
        h.text(piece.name);
        h.whole(piece.count);
        for (const Part& part : piece.parts)
            add_part(h, part);
        for (const Band& b : piece.bands) {
            h.text(b.part);
            h.number(b.z0_mm);
            h.number(b.z1_mm);
            h.whole(b.filament);
        }
    }
    for (const Placement& x : p.pinned) {
        h.text(x.piece);
        h.whole(x.nth);
        for (const double v : {x.x_mm, x.y_mm, x.turn_deg})
            h.number(v);
    }
    for (const Filament& f : p.filaments) {
        h.whole(f.letter);
        h.text(f.name);
        h.text(facts(f.material).id);
        h.text(to_hex(f.colour));
        for (const double v : {f.td_mm, f.diameter_mm, f.density_g_cm3, f.delta_e})
            h.number(v);
    }
    for (const SettingInfo& s : all_settings())
        h.number(s.field.of(p.settings));
    h.text(p.machine.id);
    h.number(p.machine.bed_x_mm);
    h.number(p.machine.bed_y_mm);
    for (const Nozzle& n : p.machine.nozzles)
        h.number(n.diameter_mm);
    return h.hex();
}

} // namespace vitrail
