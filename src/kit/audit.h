#pragma once
/// Holds a kit level to its kit: do the pieces meet, exactly?

#include <map>
#include <string>
#include <vector>

#include "kit/placed.h"

namespace rook::kit {

enum class FaultSort : unsigned char {
    UnknownPiece,
    OpenPort,
    PortHeight,
    PortProfile,
    Gap,
    Overlap,
    Duplicate,
    OffModule,
    PieceSize,
    PivotOff,
    RampEnd,
    Headroom,
    TurnNotAllowed,
    SharedFace,  ///< what overlaps shows two faces in one plane
    SolidFlaw,
};

struct Fault {
    FaultSort sort = FaultSort::OpenPort;
    std::vector<int> pieces;  ///< ids of placed ones, that it is about, the first to be mended
    CellRect place;           ///< modules of the board
    int storey = 0;
    std::string sentence;
    std::string fix{};  ///< as a button says it; empty if there is none
    bool operator==(const Fault&) const = default;
};

struct Counts {
    std::map<std::string, int> uses;  ///< by piece of the kit, 0 for those never used
    int pieces = 0;                   ///< placed
    int distinct = 0;                 ///< that the level costs
    int solids = 0;                   ///< that pieces are still to be made for
    bool operator==(const Counts&) const = default;
};

struct Audit {
    std::vector<Fault> faults;  ///< by storey, row and column
    Counts counts;
};

/// All lengths are compared as exact fractions. Solids are held to each other and to the pieces:
/// what overlaps, and gaps beside each other that are narrower than the kit's finest part.
/// Cost: the cells and ports of all pieces, and the modules of all solids.
[[nodiscard]] Audit auditOf(const Kit& kit, const level::Level& level);
[[nodiscard]] Audit auditOf(const Kit& kit, const level::Level& level, const PlacedIndex& index);

/// A length for people: "0.03", and as a fraction where three places do not hold it: "1/3".
[[nodiscard]] std::string lengthText(const Rational& length);

}  // namespace rook::kit
