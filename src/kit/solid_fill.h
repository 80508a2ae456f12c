#pragma once
/// Pieces in the place of solids: which fit, and what is left over.

#include "kit/solid_edits.h"

namespace rook::kit {

/// What pieces could stand for of a solid.
struct SolidFilling {
    int solid = 0;                    ///< id
    std::vector<PlacedPiece> pieces;  ///< that fit, with id 0
    std::vector<Solid> rest;          ///< boxes that would be left of it, with id 0
    int modules = 0;                  ///< modules of all storeys that it fills
    int covered = 0;                  ///< those that the pieces cover
    std::string reason;               ///< why it is not covered wholly; empty if it is

    /// Something of it is replaced.
    [[nodiscard]] bool isSome() const { return !pieces.empty(); }
};

/// By module and storey: full boxes take blocks for whole storeys, and floors of just their height
/// for what is lower; rooms take floors with walls where the room has walls and with ports where an
/// opening goes through one; wedges and stairs take ramps and stairs that rise alike. A full box
/// may be filled in part, all others wholly or not at all. Larger pieces come first, then those
/// with more ports to the inside. Where pieces stand already nothing is put. Cost: pieces of the
/// kit times modules.
[[nodiscard]] SolidFilling fillingOf(const Kit& kit, const PlacedIndex& index, const Solid& solid);
/// "12 pieces fit, for all of it", "8 pieces fit, for 8 of 9 modules: ...".
[[nodiscard]] std::string wordsOf(const SolidFilling& filling);
/// Puts the pieces that fit in the place of the solids, as one step. Errors: NotApplicable with the
/// first reason if nothing fits.
[[nodiscard]] Result<level::LevelEdit> fillWithPieces(const Kit& kit, const level::Level& level,
                                                      const std::vector<int>& ids);

}  // namespace rook::kit
