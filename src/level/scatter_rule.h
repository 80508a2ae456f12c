#pragma once
/// Rules by which tiles or things are strewn over a level, anew whenever its masses change.

#include <string>
#include <vector>

#include "base/id.h"
#include "level/tile.h"

namespace rook::level {

struct ScatterRule {
    std::string name;  ///< what people read
    bool isOn = true;
    Ground where = Ground::OnTop;
    std::string matter;  ///< name; of the surface or, inside, of the cell; open air: of nothing
    std::vector<Tile> tiles;   ///< one of them each time, by chance
    std::string layer;         ///< name of the layer that they lie on; empty = the masses
    KindId kind;               ///< strewn instead of tiles; empty = tiles are
    std::string lays;          ///< name of the matter that is laid instead; empty = none is
    int share = 20;            ///< % of the cells where it may lie, 0 to 100
    int count = 0;             ///< in each zone, or the level if it has none; 0 = by the share
    int distance = 0;          ///< least number of cells between two, across and down, 0 to 64
    KindId awayFrom;           ///< a kind; empty = anything that is placed
    int awayCells = 0;         ///< least number of cells to those; 0 = they do not matter; to 64
    bool onlyReached = false;  ///< only where a body can be
    int patch = 0;             ///< grows in patches of about so many cells, 0 to 256; 0 = anywhere
    int seed = 1;
    UnknownKeys unknown;
    bool operator==(const ScatterRule&) const = default;
};
inline constexpr int maxScatterRules = 64;
inline constexpr int maxScatterTiles = 64;

}  // namespace rook::level
