#pragma once
/// Rooms by number: of exact sizes, with a ceiling, with doors, and hallways that find their way.

#include "kit/laying.h"

namespace rook::kit {

/// What a room is to be like; names of pieces that are empty are chosen.
struct RoomWish {
    CellPoint corner;
    int width = 4, depth = 3;  ///< modules
    int storeys = 1;           ///< that it is high
    int storey = 0;            ///< of its floor
    std::string wall, corners, ceiling;
    bool hasCeiling = false;
};
/// Floors, walls and corners as `fillRoom`, of the pieces that are wished where they can stand
/// there; walls without a floor on the storeys above; floors of the storey over it as a ceiling, a
/// piece without ports before others. Errors: as `fillRoom`; NotApplicable if the kit has no walls
/// without a floor for more than one storey, or nothing for a ceiling.
[[nodiscard]] Result<level::LevelEdit> layRoom(const Kit& kit, const level::Level& level,
                                               const Piece& like, const RoomWish& wish);

/// Opens the wall of a room's module on that side: a door frame in its place, and one in the wall
/// that stands against it from the other side. Errors: NotApplicable if there is no wall, or the
/// kit has no such door frame.
[[nodiscard]] Result<level::LevelEdit> openWall(const Kit& kit, const level::Level& level,
                                                CellPoint at, Side side, int storey);
/// The side of a module that a place in it is nearest to, if a wall of a piece stands there.
[[nodiscard]] std::optional<Side> wallNear(const Kit& kit, const level::Level& level,
                                           const PlacedIndex& index, const ExactPoint& place,
                                           int storey);

/// A shortest way of modules from one to another round all that stands on the storey, with the
/// fewest bends; the ends may be taken. Empty if there is none. Dijkstra's algorithm (1959) over
/// modules and directions. Cost: the board's modules.
[[nodiscard]] std::vector<CellPoint> wayRound(const level::Level& level, const PlacedIndex& index,
                                              CellPoint from, CellPoint to, int storey);
/// A hallway along a way: as `layPath` for one module, for more a room so wide along it, with doors
/// at both ends. Errors: as `layPath` and `fillRoom`; NotApplicable if something is in its way.
[[nodiscard]] Result<level::LevelEdit> layHallway(const Kit& kit, const level::Level& level,
                                                  const Piece& like, const Piece& floor,
                                                  const std::vector<CellPoint>& way, int width,
                                                  int storey);
/// Copies of a room so many modules away, joined with it by a hallway between the nearest modules
/// of the sides that face each other. Errors: as `duplicate` and `layHallway`; NotApplicable if no
/// way leads there.
[[nodiscard]] Result<level::LevelEdit> duplicateJoined(const Kit& kit, const level::Level& level,
                                                       const std::vector<int>& ids, int dx, int dy,
                                                       const Piece& like, const Piece& floor,
                                                       int width);

/// What paths are laid of, where no piece is wished: the first of one module that leads straight on
/// and has another profile than floors; null if there is none.
[[nodiscard]] const Piece* hallOf(const Kit& kit);
/// What rooms of a kit can be floored, walled and covered with: pieces of one module with no wall,
/// one, or two that meet, and ports of one profile to all other sides.
enum class RoomPart { Floor, Wall, Corner, Ceiling };
[[nodiscard]] std::vector<const Piece*> piecesFor(const Kit& kit, RoomPart part);

}  // namespace rook::kit
