// Every number of a project the user may know better, in one table that screens, files and command line
// share.
#pragma once

#include "core/base/result.h"
#include "core/geometry/layers.h"
#include "core/material/pairing.h"

#include <functional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace vitrail {

/// The choices of settings; their names in files and in the CLI stand in the table of all_settings(), in this
/// order.
enum class LayerOrder { optimal, as_assigned };
enum class PurgeTo { as_machine, ejected, tower, skirt };
enum class IntoInfill { no, yes, peaks }; ///< peaks: only what a slim tower has no room for
enum class TowerKind { block, stepped, split };
enum class LoadingAim { waste, time, handling, blend };
enum class SupportStyle { none, columns, tree };
enum class AtNight {
    come,
    wait
}; ///< what falls due then: somebody gets up, or the printer waits until morning
enum class Turns { none, half, quarter, eighth };
/// ISO 4217; none: amounts stand without one.
enum class Currency {
    none,
    EUR,
    USD,
    GBP,
    CHF,
    SEK,
    NOK,
    DKK,
    PLN,
    CZK,
    HUF,
    RON,
    CAD,
    AUD,
    NZD,
    JPY,
    CNY,
    INR,
    BRL,
    MXN,
    ZAR
};

struct Settings {
    double layer_mm = 0.2;
    double first_layer_mm = 0.2;
    std::vector<LayerBand> layer_bands = {}; ///< by height, none over another; "layer.bands" in files
    double line_width_mm = 0.4;
    int walls = 2;
    int top_skins = 4;
    int bottom_skins = 3;
    bool skins_at_borders = false;
    double infill_pct = 15;
    int copies = 1;
    double spacing_mm = 5;
    Turns arrange_turns = Turns::quarter;
    double margin_mm = 0;
    double enough_pct = 2;
    double delta_e = 2;
    LayerOrder order = LayerOrder::optimal;
    double dead_mm3 = 0;   ///< 0: the machine's
    double mixing_mm3 = 0; ///< 0: the machine's
    PurgeTo purge_to = PurgeTo::as_machine;
    IntoInfill purge_infill = IntoInfill::no;
    bool purge_support = false;
    int skirt_loops = 3;
    double skirt_gap_mm = 3;
    TowerKind tower_shape = TowerKind::block;
    bool ooze_wall = false;
    double ooze_gap_mm = 2;
    LoadingAim aim = LoadingAim::waste;
    double blend_pct = 50;
    double start_hour = 20;
    double night_from = 22;
    double night_to = 7;
    double similar_delta_e = 6;
    double small_mm3 = 60;
    double joint_min = 3;
    double tower_width_mm = 0; ///< 0: as small as it can be
    double tower_infill_pct = 15;
    double slenderness_limit = 8;
    double speed_mm_s = 0;             ///< 0: the machine's
    double first_layer_speed_mm_s = 0; ///< 0: the machine's
    double min_layer_s = 6;
    double hand_wait_s = 0;
    AtNight at_night = AtNight::come;
    double between_plates_min = 10;
    int times = 1;
    bool by_itself = false;
    double alarm_min = 10;
    double correct_time = 1, correct_grams = 1;
    Currency currency = Currency::none;
    double attended_per_h = 0;
    double printer_per_h = 0.5;
    double hands_worth_g = 3;
    bool lettering_two_jobs = false;
    BuildSheet sheet = BuildSheet::smooth;
    bool release_coat = false;
    SupportStyle support = SupportStyle::none;
    bool support_on_piece = true;
    double support_angle_deg = 50;
    double support_bridge_mm = 10;
    double support_least_mm2 = 0.5;
    double support_beside_mm = 0.6;
    int support_gap_layers = 1;
    double support_density_pct = 15;
    int interface_layers = 3;
    double interface_density_pct = 100;
    int interface_below = 0;
    int interface_align = 0;
    double interface_least_mm2 = 0;
    double tool_mm = 3;
    double same_min_cm2 = 1.5;
    double release_min_cm2 = 0.15;
    double soluble_min_cm2 = 0.03;
    double unreached_times = 3;
    double soak_start_h = 2;
    double soak_h_cm3 = 1;
    double water_cm3 = 5;
    // Thresholds of the checks.
    double check_thin_share_pct = 2;
    double check_stroke_mm = 0; ///< 0: the line width
    double check_gap_mm = 0.05;
    double check_tall = 6;
    double check_lug_lines = 4;
    double check_groove_mm = 0;
    double check_margin_pct = 10;

    bool operator==(const Settings&) const = default;
};

/// A field of Settings, of whatever type, as a number: a choice by its place among the choices, no and yes as
/// 0 and 1.
class SettingField {
public:
    template <class T>
    SettingField(T Settings::*field) // so that the table can be written down
        : get_([field](const Settings& s) { return static_cast<double>(s.*field); }),
          set_([field](Settings& s, double v) { s.*field = static_cast<T>(v); }) {}
    SettingField(bool Settings::*field)
        : get_([field](const Settings& s) { return s.*field ? 1.0 : 0.0; }),
          set_([field](Settings& s, double v) { s.*field = v != 0; }) {}
    double of(const Settings& s) const { return get_(s); }
    /// `v` as set_setting() lets it pass: in range, and whole where the setting is.
    void set(Settings& s, double v) const { set_(s, v); }

private:
    std::function<double(const Settings&)> get_;
    std::function<void(Settings&, double)> set_;
};

/// What a setting is about; to_string() gives its heading.
enum class Subject {
    print,
    plate,
    purge,
    carrying,
    nozzles,
    presence,
    money,
    support,
    removal,
    after,
    sheet,
    suggestions,
    checks
};
inline constexpr int kSubjects = static_cast<int>(Subject::checks) + 1;
const char* to_string(Subject s);

struct SettingInfo {
    const char* key;   ///< as in project files and `--set`
    const char* label; ///< as on screen, once it is translated; so unit, choices, words and why
    const char* unit;
    SettingField field;
    double min, max;
    int decimals;
    std::vector<const char*> choices; ///< named values 0, 1, …; empty for numbers
    const char* why;                  ///< what it is for and where its default comes from
    std::vector<std::pair<const char*, double>> words = {}; ///< words that stand for numbers

    Subject subject() const; ///< by its key
};

const std::vector<SettingInfo>& all_settings();
/// The currency's code, empty where there is none.
const char* currency_code(const Settings& s);
/// An amount of money, with the currency.
Number money(const Settings& s, double amount);

/// Null where there is none. Keys of old still name what they have become part of.
const SettingInfo* find_setting(std::string_view key);
/// The checks had an angle of their own once; it is support.angle now.
/// The setting that is a text: heights of layers of their own, "0.1:12..20 0.28:30..60", each with from where
/// to where, mm.
inline constexpr const char* kLayerBands = "layer.bands";
std::string layer_bands_text(std::span<const LayerBand> bands);
Result<std::vector<LayerBand>> parse_layer_bands(std::string_view text);

inline constexpr const char* kRetiredOverhang = "check.overhang";

/// The value as text: a number with '.' as decimal sign, or the name of the choice.
std::string setting_text(const Settings& s, const SettingInfo& info);

/// Sets one setting from text. Error when the key is unknown or the value is not a number in range.
Status set_setting(Settings& s, std::string_view key, std::string_view text);

} // namespace vitrail
