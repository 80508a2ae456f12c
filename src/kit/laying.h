#pragma once
/// Many pieces at once: rows, paths, rooms, and ends for what is open. Pieces of one module and one
/// storey are chosen by their ports and walls.

#include "kit/edits.h"

namespace rook::kit {

/// The same piece side by side from one module to another, across or down, whichever is longer.
[[nodiscard]] std::vector<PlacedPiece> rowOf(const Piece& piece, CellPoint from, CellPoint to,
                                             int storey, int turn);
/// Places such a row. Errors: as `place`.
[[nodiscard]] Result<level::LevelEdit> layRow(const Kit& kit, const level::Level& level,
                                              const Piece& piece, CellPoint from, CellPoint to,
                                              int storey, int turn);

/// A path of modules, each beside the one before: straight pieces, bends, tees and crossings are
/// chosen by which sides it leaves them, of the profile of `like`; where it crosses pieces of that
/// profile they are exchanged for ones with more sides, and where it ends beside an open port it
/// joins; where it begins or ends in the wall of a room, that becomes a door frame. Errors:
/// NotApplicable if the kit lacks such a piece, or something else is in the way.
[[nodiscard]] Result<level::LevelEdit> layPath(const Kit& kit, const level::Level& level,
                                               const Piece& like,
                                               const std::vector<CellPoint>& path, int storey);

/// Fills a region with floors, walls and corners: walls on its outline, ports of the profile of
/// `like` inside; and a door frame where a port from outside looks in. What was there goes. Errors:
/// NotApplicable if the kit lacks such a piece.
[[nodiscard]] Result<level::LevelEdit> fillRoom(const Kit& kit, const level::Level& level,
                                                const Piece& like, const level::CellRegion& region,
                                                int storey);

/// The region, and the rooms that have a module in it: all modules with a port of the profile of
/// `like` that hang together with one of it. So a room is extended by what is drawn over it.
[[nodiscard]] level::CellRegion withRooms(const Kit& kit, const level::Level& level,
                                          const PlacedIndex& index, const Piece& like,
                                          const level::CellRegion& region, int storey);

/// Puts a piece of one port to each port that is open and has room for it; only to those of `ids`
/// if there are any. Errors: NotApplicable if nothing could be closed.
[[nodiscard]] Result<level::LevelEdit> closePorts(const Kit& kit, const level::Level& level,
                                                  const std::vector<int>& ids);

}  // namespace rook::kit
