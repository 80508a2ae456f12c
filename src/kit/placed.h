#pragma once
/// What a placed piece comes to: its cells, ports and borders in modules of the board.

#include <unordered_map>
#include <vector>

#include "level/project.h"

namespace rook::kit {

using level::Kit;
using level::Piece;
using level::PlacedPiece;
using level::Side;

/// A module of the board on one storey.
struct Spot {
    CellPoint at;
    int storey = 0;
    bool operator==(const Spot&) const = default;
};
struct SpotHash {
    std::size_t operator()(const Spot& spot) const {
        const auto key = (static_cast<std::uint64_t>(static_cast<std::uint32_t>(spot.at.x)) << 32 |
                          static_cast<std::uint32_t>(spot.at.y)) *
                             0x9e3779b97f4a7c15u +
                         static_cast<std::uint64_t>(spot.storey) * 0xc2b2ae3d27d4eb4fu;
        return static_cast<std::size_t>(key ^ (key >> 29));
    }
};

/// A cell of a placed piece: where it is on the board, and which cell of the piece.
struct PlacedCell {
    Spot spot;
    std::size_t cell = 0;
    Side up = Side::Right;  ///< of a ramp, on the board
    unsigned walls = 0;     ///< by `Side` on the board
};

/// A port of a placed piece. Its height is units above the ground of storey 0.
struct PlacedPort {
    CellPoint at;
    Side side = Side::Right;
    Rational height;
    std::size_t port = 0;  ///< of the piece
};

/// The storey that a height belongs to: from a quarter of a storey below its ground on.
[[nodiscard]] int storeyOf(const Kit& kit, const Rational& height);

[[nodiscard]] std::vector<PlacedCell> cellsOf(const Piece& piece, const PlacedPiece& placed);
[[nodiscard]] std::vector<PlacedPort> portsOf(const Kit& kit, const Piece& piece,
                                              const PlacedPiece& placed);
/// Modules of the board that it covers, whatever its storeys.
[[nodiscard]] CellRect boundsOf(const Piece& piece, const PlacedPiece& placed);
/// Modules by which its cells stand out on that side of the board: what its model measures too
/// much, below 0 for too little; 0 for blocks.
[[nodiscard]] Rational overOn(const Kit& kit, const Piece& piece, const PlacedPiece& placed,
                              Side side);
/// Where its pivot is on the board, modules.
struct ExactPoint {
    Rational x, y;
    bool operator==(const ExactPoint&) const = default;
};
[[nodiscard]] ExactPoint pivotOf(const Piece& piece, const PlacedPiece& placed);

/// How high a surface is at the two ends of one border of its module, units above its storey's
/// ground: first the end that comes first clockwise.
struct Heights {
    Rational from, to;
};
[[nodiscard]] Heights heightsAt(const level::PieceCell& cell, Side up, Side side);

/// The edge of a module, named by the module right or below of it, so that both sides name it
/// alike.
struct Edge {
    CellPoint at;
    bool isUpright = false;  ///< the left border of `at`, else its upper one
    bool operator==(const Edge&) const = default;
};
[[nodiscard]] Edge edgeOf(CellPoint cell, Side side);

/// Which pieces stand where: a hash of modules. Building it costs the cells of all pieces; a
/// query costs what it finds.
class PlacedIndex {
public:
    PlacedIndex() = default;
    PlacedIndex(const Kit& kit, const level::Level& level);

    /// Brings an index of `before` in line with `after`: what differs in place, and what was
    /// appended; anything else is built anew. Cost: what differs, and a look at all places.
    void follow(const Kit& kit, const ChunkedVector<PlacedPiece>& before,
                const level::Level& after);
    /// One more piece, in that place of the level's pieces. Cost: its cells and ports.
    void add(const Kit& kit, const Piece& piece, const PlacedPiece& placed, std::size_t index);

    struct Tenant {
        std::size_t placed = 0;  ///< of the level's pieces
        std::size_t cell = 0;    ///< of the piece's cells
        Side up = Side::Right;
        unsigned walls = 0;
    };
    /// Those in a module; empty if there is none. Good as long as the index.
    [[nodiscard]] const std::vector<Tenant>& at(const Spot& spot) const;

    struct PortAt {
        std::size_t placed = 0;
        PlacedPort port;
    };
    /// The ports on an edge, of all heights, from both sides.
    [[nodiscard]] const std::vector<PortAt>& portsOn(const Edge& edge) const;
    /// Storeys that have a piece: 0 to before this one.
    [[nodiscard]] int storeyCount() const { return m_storeys; }

private:
    struct EdgeHash {
        std::size_t operator()(const Edge& edge) const {
            return SpotHash()({edge.at, edge.isUpright ? 1 : 0});
        }
    };
    void forget(const Kit& kit, const Piece& piece, const PlacedPiece& placed, std::size_t index);

    std::unordered_map<Spot, std::vector<Tenant>, SpotHash> m_spots;
    std::unordered_map<Edge, std::vector<PortAt>, EdgeHash> m_ports;
    int m_storeys = 0;
};

/// How two ports on one edge, from either side, come to each other.
enum class Meeting { Apart, Joined, OtherHeight, OtherProfile };
/// Apart if they are half a storey or more from each other in height.
[[nodiscard]] Meeting meetingOf(const Kit& kit, const level::Port& a, const Rational& heightA,
                                const level::Port& b, const Rational& heightB);

}  // namespace rook::kit
