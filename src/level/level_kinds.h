#pragma once
/// What a kind of level decides outside its own folder: one row a kind. What it decides for
/// painting and walking stands in app/board/level_kind_face.

#include "base/geometry.h"
#include "level/names.h"

namespace rook::level {

struct LevelKindTraits {
    bool isOfPieces = false;    ///< modular pieces on storeys; else cells of matter
    bool hasGravity = false;    ///< bodies fall and jump; else they walk in four directions
    CellSize usualCell{};       ///< px, of a new level; 0 x 0 = as in the level beside it
    int usualColumns = 60;      ///< cells, of a new level
    int usualRows = 34;         ///< cells, of a new level
    const char* newLevel = "";  ///< name of the edit that makes one
    bool isOfSlots = false;     ///< a board of slots and a rule; nobody walks there
};

/// Cost: none. Requires: a kind that levels can be of.
[[nodiscard]] const LevelKindTraits& traitsOf(LevelKind kind);

}  // namespace rook::level
