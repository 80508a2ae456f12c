#pragma once
/// New levels and other sizes of levels, with what pieces need.

#include "level/board_size.h"
#include "level/running_order.h"

namespace rook::kit {

/// As `level::addLevel`; a project that has no kit gets a plain one for a level of pieces.
[[nodiscard]] Result<level::AddedLevel> addLevel(const level::Project& project,
                                                 const level::NewLevel& wish);

/// Pieces that would be cut off by a new frame of the board: those of which a module lies outside,
/// and those that the kit does not have, if their corner does.
[[nodiscard]] std::vector<int> piecesCutOffBy(const level::Project& project,
                                              const level::Level& level, const CellRect& frame);
/// As `level::resizeBoard`; pieces keep their places on the ground, too.
[[nodiscard]] Result<level::LevelEdit> resizeBoard(const level::Project& project,
                                                   const level::Level& level,
                                                   const CellRect& frame);

}  // namespace rook::kit
