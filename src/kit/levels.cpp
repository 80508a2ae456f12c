#include "kit/levels.h"

#include <algorithm>

#include "kit/pieces.h"
#include "kit/solids.h"
#include "level/level_kinds.h"

namespace rook::kit {

Result<level::AddedLevel> addLevel(const level::Project& project, const level::NewLevel& wish) {
    if (!level::traitsOf(wish.kind).isOfPieces || !project.kits.empty())
        return level::addLevel(project, wish);
    level::Project with = project;
    with.kits = std::vector<level::Kit>{plainKit("kit", "Kit")};
    return level::addLevel(with, wish);
}

std::vector<int> piecesCutOffBy(const level::Project& project, const level::Level& level,
                                const CellRect& frame) {
    const level::Kit* kit = project.kitOf(level);
    std::vector<int> ids;
    for (const level::PlacedPiece& placed : level.pieces) {
        const level::Piece* piece = kit ? kit->find(placed.piece) : nullptr;
        const CellRect place =
            piece ? boundsOf(*piece, placed) : CellRect{placed.at.x, placed.at.y, 1, 1};
        if (!frame.contains(place)) ids.push_back(placed.id);
    }
    for (const level::Solid& solid : level.solids)
        if (!frame.contains(boundsOf(solid))) ids.push_back(solid.id);
    std::sort(ids.begin(), ids.end());
    return ids;
}

Result<level::LevelEdit> resizeBoard(const level::Project& project, const level::Level& level,
                                     const CellRect& frame) {
    auto edit = level::resizeBoard(level, frame);
    if (!edit || (level.pieces.empty() && level.solids.empty())) return edit;
    const std::vector<int> cut = piecesCutOffBy(project, level, frame);
    const auto isCut = [&](const auto& thing) {
        return std::binary_search(cut.begin(), cut.end(), thing.id);
    };
    edit->level.solids.edit([&](auto& solids) {
        std::erase_if(solids, isCut);
        for (level::Solid& solid : solids) {
            solid.x = solid.x - Rational(frame.x);
            solid.y = solid.y - Rational(frame.y);
        }
    });
    edit->level.pieces.edit([&](auto& pieces) {
        std::erase_if(pieces, isCut);
        for (level::PlacedPiece& placed : pieces) {
            placed.at.x -= frame.x;
            placed.at.y -= frame.y;
        }
    });
    return edit;
}

}  // namespace rook::kit
