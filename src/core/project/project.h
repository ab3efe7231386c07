// The project: what is printed, in which filaments, on which machine. A value: copies share meshes and are
// cheap.
#pragma once

#include "core/base/result.h"
#include "core/base/value.h"
#include "core/geometry/mesh.h"
#include "core/machine/machine.h"
#include "core/material/filament.h"
#include "core/patch/paint.h"
#include "core/project/order.h"
#include "core/project/picture.h"
#include "core/project/settings.h"
#include "core/project/variant.h"

#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace vitrail {

struct MadeLayers;

/// A model file as it was imported; kept whole in the project archive.
struct ModelFile {
    std::string name; ///< file name without folder
    std::shared_ptr<const std::string> bytes;
    double scale = 1; ///< what its bodies were multiplied by, because the file was read in the wrong unit
};

/// What is painted about support, as numbers in Part::support_paint.
enum class SupportWish : PatchNumber { none = kUnpainted, keep_free = 1, hold = 2 };
inline constexpr int kSupportWishes = 2;

/// A painted patch: surface of a part, to the depth of walls and skins, in a filament of its own.
struct Patch {
    std::string name;  ///< unique within the part
    char filament = 0; ///< letter; 0: none yet, it is planned in the part's
    bool operator==(const Patch&) const = default;
};

/// A separate body of a piece. All parts of a piece share one origin.
struct Part {
    std::string name; ///< unique in the project
    std::shared_ptr<const Mesh> mesh;
    std::shared_ptr<const MadeLayers> made; ///< of a body that was made in layers, for as long as the mesh is
                                            ///< that body's; null: it is sliced
    int model = 0;                          ///< index into Project::models; −1: made from the picture
    int object = 0;                         ///< which body of that file, or of the picture
    std::optional<Srgb> file_colour;
    char filament = 0; ///< letter; 0: none yet
    std::vector<Patch> patches;
    std::shared_ptr<const Paint> paint; ///< which surface belongs to which patch; null: nothing is painted
    /// faces to keep free of support or to hold; null: nothing is painted
    std::shared_ptr<const Paint> support_paint;
    /// The mesh is no longer that body of the file (split, joined or cut), so the archive keeps it.
    bool own_mesh = false;
    /// A second piece whose colours do not matter: it is printed from purge, as far as there is any.
    bool takes_purge = false;
    /// A base that is filed off afterwards.
    bool sacrificial = false;

    VITRAIL_VALUE(Part)
};

/// The user wants a filament on a nozzle.
struct Pin {
    char filament = 'A';
    int nozzle = 0; ///< index into Machine::nozzles
    bool operator==(const Pin&) const = default;
};

/// What the user knows better about the purge between two filaments.
struct PairPurge {
    char from = 'A', to = 'B';
    double mm3 = 0;      ///< the volume; 0: as computed
    double delta_e = 0;  ///< clean at this level; 0: the filament's or the project's
    bool locked = false; ///< the volume stays whatever else changes
    std::string reason;  ///< why it is locked
    bool operator==(const PairPurge&) const = default;
};

/// A spool that is in the machine already.
struct InMachine {
    char filament = 'A';
    int toolhead = 0;
    bool operator==(const InMachine&) const = default;
};

/// When the user means to put a filament in: the n-th time it is put into a slot during the print.
struct RefillChoice {
    char filament = 'A';
    int nth = 1;
    int layer = 1;
    bool operator==(const RefillChoice&) const = default;
};

/// Measured on a calibration strip, as typed: letters or #rrggbb, a level, and a value in the sheet's unit.
struct TypedReading {
    std::string from, to, delta_e, value;
    bool operator==(const TypedReading&) const = default;
};
struct ReadingSheet {
    int unit = 0;          ///< a ReadingUnit
    double flow_mm3_s = 5; ///< for readings in seconds
    std::vector<TypedReading> rows;
    bool operator==(const ReadingSheet&) const = default;
};

/// What a proposal that was taken saved by its plans: before it less after it. Negative: it cost that.
struct Saving {
    std::string code; ///< of the proposal
    double waste_g = 0, time_s = 0, cost = 0;
    bool operator==(const Saving&) const = default;
};

/// A check that is off in this project, and why.
struct Waiver {
    std::string code, reason;
    bool operator==(const Waiver&) const = default;
};

/// A range of heights of a part in a filament of its own. Takes the layers whose middle lies in it. Where
/// bands of one part overlap, the later one wins.
struct Band {
    std::string part;
    double z0_mm = 0, z1_mm = 0; ///< above the bed
    char filament = 'A';
    bool operator==(const Band&) const = default;
};

/// One thing to print. It is sliced by itself, in its own coordinates; where it stands is the plate's
/// business.
struct Piece {
    std::string name; ///< unique in the project
    std::vector<Part> parts;
    std::vector<Band> bands;
    /// How it has been turned from its files' position. The parts' meshes are turned already.
    Rotation pose = kNoRotation;
    int count = 1; ///< of it on the plate, for each of settings.copies

    VITRAIL_VALUE(Piece)
};

/// Where one of a piece stands.
struct Placement {
    std::string piece;
    int nth = 1; ///< of that piece, from 1
    /// middle of its box, turned as it stands, from the front left corner of the bed
    double x_mm = 0, y_mm = 0;
    double turn_deg = 0; ///< about Z, counter-clockwise from above, 0 … 360
    bool operator==(const Placement&) const = default;
};

struct Project {
    std::string name;
    Machine machine;
    std::vector<Filament> filaments;
    std::vector<ModelFile> models;
    /// files of the archive this version does not use, by full name; kept
    std::vector<ModelFile> other_files;
    std::optional<Picture> picture; ///< one of the pieces is made from it
    std::vector<Piece> pieces{1};   ///< never none: that of a new project has no parts yet
    std::vector<Placement> pinned;  ///< by hand; what is not here is arranged around them
    std::vector<Waiver> waivers;
    std::vector<Saving> taken; ///< proposals, oldest first; what they saved is for the logbook
    std::vector<Pin> pins;
    std::vector<PairPurge> pair_purges;
    std::vector<InMachine> in_machine;
    std::vector<RefillChoice> refill_choices;
    ReadingSheet readings;       ///< not part of any calibration yet
    char support_filament = 0;   ///< letter; 0: whichever of the piece's own a layer is printed in anyway
    char interface_filament = 0; ///< letter; 0: as the support
    std::string print_first;     ///< letters: the first of them that a layer has is printed first there
    Settings settings;
    std::string start_date; ///< "2026-12-05": the day on which it starts at settings.start_hour, on the clock
                            ///< of the place; empty: not settled
    Order order;
    std::vector<Variant> variants;
    std::string variant; ///< the one it was last kept as or made from; may have changed since. Empty: none
    std::vector<Asked> asked;     ///< oldest first
    std::optional<Origin> origin; ///< of a job; none: it is nobody's
    /// The project file as it was read, so that keys this version does not know survive a round trip.
    std::shared_ptr<const std::string> as_read;

    VITRAIL_VALUE(Project)
};

/// The letters that Vitrail deals out: A…Z.
inline constexpr int kMostFilaments = 26;
/// More pieces than that stand on no plate.
inline constexpr int kMostPlaced = 10000;

/// Index of the filament with that letter, or −1.
int find_filament(const Project& p, char letter);
/// Index of the piece with that name, or −1.
int find_piece(const Project& p, const std::string& name);
/// Index of the part with that name in its piece, or −1.
int find_part(const Piece& piece, const std::string& name);
/// Which piece a part is of, and which of its parts; −1 where no piece has one of that name.
struct PartAt {
    int piece = -1, part = -1;
    bool operator==(const PartAt&) const = default;
};
PartAt find_part(const Project& p, const std::string& name);
/// Changes the part with that name, if there is one.
void change_part(Project& p, const std::string& name, const std::function<void(Piece&, Part&)>& change);
/// The first letter no filament has, or 0 when all are taken.
char free_letter(const Project& p);
/// `name`, or `name-2`, `name-3`, … when it is taken.
std::string free_part_name(const Project& p, const std::string& name);
std::string free_piece_name(const Project& p, const std::string& name);
std::string free_variant_name(const Project& p, const std::string& name);
/// Index of the variant with that name, or −1.
int find_variant(const Project& p, const std::string& name);
/// Keeps the project as it stands under a name; one of that name is replaced.
void keep_variant(Project& p, const std::string& name);
/// Makes a variant the project; all variants, what was asked about them, and the order stay.
void use_variant(Project& p, int variant);
void remove_variant(Project& p, int variant);
void rename_variant(Project& p, int variant, const std::string& name);

/// Whether there is anything to print.
bool has_parts(const Project& p);
/// How many of that piece the plate has, at most kMostPlaced + 1.
int count_of(const Project& p, const Piece& piece);
/// Pieces on the plate, all together.
int count_of_all(const Project& p);
/// Box around all parts of a piece.
Bounds bounds(const Piece& piece);

/// Takes a piece out, and what is pinned of it. The last one leaves an empty one behind.
void remove_piece(Project& p, int piece);
/// Gives a piece another name, `name` or one like it that is free, and what is pinned of it with it.
void rename_piece(Project& p, int piece, const std::string& name);
/// Puts one of a piece where the user wants it.
void pin(Project& p, const Placement& where);
/// Leaves it to be arranged again.
void unpin(Project& p, const std::string& piece, int nth);

/// Letter of the filament of a part at height z above the bed: the last band that holds z, else the part's
/// own.
char filament_at(const Piece& piece, int part, double z_mm);

/// Gives the whole part a filament and drops the bands of that part.
void assign_part(Piece& piece, int part, char letter);
/// Gives z0…z1 of a part a filament. Bands it covers whole are dropped.
void assign_band(Piece& piece, int part, double z0_mm, double z1_mm, char letter);
/// What the user said about a pair, or null.
const PairPurge* pair_purge(const Project& p, char from, char to);
/// The entry of a pair, made when there is none yet.
PairPurge& pair_purge_of(Project& p, char from, char to);
/// Pins a filament to a nozzle; −1: lets go of it.
void pin(Project& p, char letter, int nozzle);
/// Exchanges the machine; pins and spools in it that the new one has no place for are dropped. Where all
/// nozzles get another diameter, lines and layers follow: the line's width in proportion, layers no thinner
/// than a quarter and no thicker than three quarters of it (common practice, no source); dead and mixing
/// volume scale with its cross-section anyway. Returns what changed so, in words; empty where nothing did.
Message set_machine(Project& p, Machine machine);

/// What a picture depends on of its filaments: letters, colours and transmission distances of those it uses;
/// "" without a picture.
std::string tints_text(const Project& p);
/// Whether the picture was made for the filaments and layers that the project has.
bool picture_is_current(const Project& p);

/// Takes a filament out and gives what it had to `heir` (0: nothing).
void remove_filament(Project& p, char letter, char heir);

} // namespace vitrail
