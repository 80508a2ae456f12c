#pragma once
/// Pieces of one flat module, as rooms and paths are laid of. Private to kit/.

#include <set>

#include "kit/laying.h"

namespace rook::kit {

[[nodiscard]] constexpr unsigned bitOf(Side side) {
    return 1u << static_cast<int>(side);
}

/// A piece of one flat module in one turn: which sides have ports, which walls.
struct Tile {
    const Piece* piece = nullptr;
    int turn = 0;
    unsigned ports = 0;
    unsigned walls = 0;
};

/// All pieces of one module whose ports have one of the profiles and lie on the ground, turned in
/// every way that they may.
[[nodiscard]] std::vector<Tile> tilesOf(const Kit& kit, const std::set<std::string>& profiles);
[[nodiscard]] std::set<std::string> allProfiles(const Kit& kit);
/// The profile of the port on a side of a turned tile; empty if there is none.
[[nodiscard]] std::string profileOn(const Tile& tile, Side side);
/// A tile like `former`, but with doors to those sides, of one of the profiles: a wall of a room
/// becomes a door frame.
[[nodiscard]] const Tile* withDoors(const std::vector<Tile>& tiles, const Tile& former,
                                    unsigned doors, const std::set<std::string>& profiles);
[[nodiscard]] PlacedPiece placedTile(const Tile& tile, CellPoint at, int storey);
/// Takes some pieces away and places others, as one step.
[[nodiscard]] Result<level::LevelEdit> exchange(const Kit& kit, const level::Level& level,
                                                const std::vector<int>& leaving,
                                                std::vector<PlacedPiece> coming,
                                                const std::string& name);
/// As `fillRoom`, with pieces that are wished before others where they can stand.
[[nodiscard]] Result<level::LevelEdit> fillRoomWith(const Kit& kit, const level::Level& level,
                                                    const Piece& like,
                                                    const level::CellRegion& region, int storey,
                                                    const std::vector<std::string>& wished);

}  // namespace rook::kit
