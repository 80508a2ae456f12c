#pragma once
/// Kits: modular pieces of one scale, with the faces by which they join.
///
/// Lengths in plan are modules: one module is one cell of a kit board. Heights are units above the
/// ground of a storey. A piece is drawn in its turn 0; its cells begin at (0, 0). Turns are quarter
/// turns clockwise as the plan is seen, y down.

#include <array>
#include <optional>
#include <string>
#include <vector>

#include "base/geometry.h"
#include "base/rational.h"
#include "base/shared_vector.h"
#include "level/decimal.h"
#include "level/fields.h"
#include "level/names.h"

namespace rook::level {

[[nodiscard]] constexpr Side turned(Side side, int turn) {
    return static_cast<Side>((static_cast<int>(side) + turn) & 3);
}
[[nodiscard]] constexpr Side opposite(Side side) {
    return turned(side, 2);
}
/// The cell on that side.
[[nodiscard]] constexpr CellPoint beside(CellPoint cell, Side side) {
    constexpr int dx[] = {1, 0, -1, 0};
    constexpr int dy[] = {0, 1, 0, -1};
    return {cell.x + dx[static_cast<int>(side)], cell.y + dy[static_cast<int>(side)]};
}

/// One module of a piece on one of its storeys.
struct PieceCell {
    CellPoint at;
    int storey = 0;                           ///< of the piece, from 0
    SurfaceSort surface = SurfaceSort::Flat;  ///< block: filled up, nothing walks there
    Decimal height{0};      ///< units above the storey's ground: flat, or the lower end
    Decimal rise{0};        ///< units from the lower end to the upper one
    Side up = Side::Right;  ///< the way that a ramp or stairs rise
    unsigned walls = 0;     ///< one bit a `Side`: a face that blocks, a storey high
    bool operator==(const PieceCell&) const = default;
};

/// A face by which a piece joins another one.
struct Port {
    CellPoint cell;
    Side side = Side::Right;
    Decimal height{0};  ///< units above the ground of the piece's lowest storey
    std::string profile;
    bool isFlipped = false;  ///< its shape is the mirror image of the profile's
    bool operator==(const Port&) const = default;
};

/// What an imported model measures, beside what it should.
struct Measure {
    Decimal width, depth, height;  ///< units
    /// Units by which each side, in turn 0, stands out over the footprint; below 0: short of it.
    std::array<Decimal, 4> over{};
    Decimal pivotX, pivotY;  ///< units by which its pivot is off the piece's
    bool operator==(const Measure&) const = default;
};

struct Piece {
    std::string name;  ///< a plain name, unique in the kit
    std::string title;
    std::string tags;  ///< words apart by commas
    std::string color = "#8a94a0";
    std::vector<PieceCell> cells;  ///< at least one; one for each place and storey at most
    int pivotX = 0;                ///< half modules from the footprint's corner
    int pivotY = 0;
    unsigned turns = 0b1111;  ///< one bit a quarter turn that is allowed
    std::vector<Port> ports;
    std::string model;               ///< path in the project folder; empty = blocks
    std::optional<Measure> measure;  ///< of a model that was kept as it is
    std::string variants;            ///< pieces of one name stand for each other by the seed
    UnknownKeys unknown;
    bool operator==(const Piece&) const = default;

    [[nodiscard]] bool mayTurn(int turn) const { return (turns >> (turn & 3)) & 1u; }
    /// Modules across and down in turn 0, and storeys.
    [[nodiscard]] CellRect bounds() const;
    [[nodiscard]] int storeys() const;
};

/// Which profile fits another one.
struct ProfileFit {
    std::string with;
    bool isMirrored = false;  ///< only if just one of the two is flipped
    bool operator==(const ProfileFit&) const = default;
};
struct PortProfile {
    std::string name;  ///< a plain name, unique in the kit
    std::vector<ProfileFit> fits;
    bool operator==(const PortProfile&) const = default;
};

/// The body that walks a kit level, in units.
struct KitBody {
    Decimal height{1800};
    Decimal stepUp{400};
    Decimal drop{1000};
    bool operator==(const KitBody&) const = default;
};

struct Kit {
    std::string name;  ///< a plain name, unique in the project
    std::string title;
    Decimal width{4000};   ///< units of one module across, above 0
    Decimal depth{4000};   ///< units of one module down, above 0
    Decimal storey{3000};  ///< units from one storey's ground to the next, above 0
    Decimal slab{200};     ///< units below a floor that it is thick
    int fraction = 4;      ///< Shift places in such parts of a module, 1 to 1000
    KitBody body;
    std::vector<PortProfile> profiles;
    std::vector<Piece> pieces;
    UnknownKeys unknown;
    bool operator==(const Kit&) const = default;

    [[nodiscard]] const Piece* find(const std::string& piece) const;
    /// Symmetric: it is enough that one of the two profiles names the other.
    [[nodiscard]] bool fit(const Port& a, const Port& b) const;
};

/// A piece where it was put.
struct PlacedPiece {
    int id = 0;         ///< above 0, unique in the level
    std::string piece;  ///< of the level's kit
    CellPoint at;       ///< upper left module of the turned footprint
    int storey = 0;
    int turn = 0;         ///< quarter turns, 0 to 3
    Rational offX, offY;  ///< modules that it is off, above -1 and below 1
    UnknownKeys unknown;
    bool operator==(const PlacedPiece&) const = default;
};
inline constexpr int maxPieces = 100'000;
inline constexpr int maxStoreys = 64;
inline constexpr int maxPieceModules = 64;  ///< across, down
inline constexpr int maxKitFraction = 1000;

[[nodiscard]] inline Rational exact(Decimal value) {
    return {value.thousandths, 1000};
}

/// A cell of a piece as it lies after that turn, from the turned footprint's corner.
[[nodiscard]] CellPoint turnedCell(const CellRect& bounds, CellPoint cell, int turn);

/// A sentence if the piece breaks a rule: no cells, two in one place, a port that no cell has on
/// its border, a ramp that does not rise, numbers out of range.
[[nodiscard]] std::optional<std::string> flawOf(const Piece& piece);
/// Likewise; names that are there twice, profiles that are not there.
[[nodiscard]] std::optional<std::string> flawOf(const Kit& kit);

}  // namespace rook::level
