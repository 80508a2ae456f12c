#pragma once
/// Where a piece comes to lie, and what it would join there.

#include <optional>

#include "kit/placed.h"

namespace rook::kit {

/// A face by which two pieces come to each other, or do not.
struct Contact {
    CellPoint at;  ///< of the piece that is looked at
    Side side = Side::Right;
    Meeting meeting = Meeting::Joined;
    std::size_t other = 0;  ///< of the level's pieces
};

struct Proposal {
    PlacedPiece placed;  ///< with id 0
    std::vector<Contact> contacts;
    bool isFree = true;      ///< overlaps nothing, and lies on the board
    bool hasJoined = false;  ///< it was drawn to an open port

    [[nodiscard]] int joinedCount() const;
    [[nodiscard]] int refusedCount() const;
};

/// Where it lies already: what it joins and what it overlaps. A placed piece of the same id does
/// not count. Cost: its cells and ports.
[[nodiscard]] Proposal judged(const Kit& kit, const level::Level& level, const PlacedIndex& index,
                              const Piece& piece, const PlacedPiece& placed);

/// The place of a piece at a pointer, px of the level. Of the ports within `reachPx` of the pointer
/// that nothing joins yet, that one is taken that most of the piece's ports fit then, the wished
/// turn and the nearest port before others; the piece turns for it as far as it may. The piece or
/// the one that it joins is on that storey: so one goes on where a ramp leads to. Without such a
/// port its middle goes to the pointer, in whole modules or, if `fraction` > 1, in such parts of
/// one. Cost: the ports nearby times the ports of the piece.
[[nodiscard]] Proposal proposedAt(const Kit& kit, const level::Level& level,
                                  const PlacedIndex& index, const Piece& piece, PxPoint pointer,
                                  int storey, int turn, int reachPx, int fraction = 1);

/// A port of the level that nothing joins.
struct OpenPort {
    std::size_t placed = 0;
    PlacedPort port;
};
/// Ports of a level that nothing joins. Cost: all ports.
[[nodiscard]] std::vector<OpenPort> openPorts(const Kit& kit, const level::Level& level,
                                              const PlacedIndex& index);
[[nodiscard]] bool isOpen(const Kit& kit, const level::Level& level, const PlacedIndex& index,
                          std::size_t placed, const PlacedPort& port);

/// "joins Hallway 3", "does not fit Floor 2: half a unit higher": for the label at the pointer.
[[nodiscard]] std::string wordsOf(const Kit& kit, const level::Level& level,
                                  const Proposal& proposal);

}  // namespace rook::kit
