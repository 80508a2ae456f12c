#include "app/steps/skin/skin_tools.h"

#include "app/steps/skin/skin_options.h"
#include "app/tools/cell_laying.h"
#include "app/tools/cell_options.h"
#include "app/tools/cell_select.h"
#include "app/ui/words.h"
#include "level/tile_edits.h"
#include "skin/dressing.h"

namespace rook::app {

namespace {

using level::CellRegion;

/// Sets the tiles in hand on the layer in hand, lays a matter there, or gives cells back to the
/// dressing.
class TileInk final : public CellInk {
public:
    Laid proposed(const ToolInput&, const Covered& covered) override {
        return {covered.region(), covered.gesture.size()};
    }

    Laid lay(const ToolInput& input, const Covered& covered) override {
        Laid laid{withMirrors(input, covered.region()), covered.gesture.size()};
        const Grid<level::Tile>& tiles = input.options->of<TilesInHand>().tiles;
        const auto& matter = input.options->of<SkinOptions>().layerMatter;
        const CellRect bounds = covered.region().bounds();
        const CellPoint origin =
            covered.gesture.followsALine() ? covered.first : CellPoint{bounds.x, bounds.y};
        const int layer = layerInHand(*input.options, *input.level);
        const bool isOnLayer = layer != level::onMasses;
        if (isOnLayer && input.level->layers[std::size_t(layer)].isLocked)
            laid.error = {ErrorKind::NotApplicable, "This layer is locked",
                          input.level->layers[std::size_t(layer)].name, "Unlock it in the margin"};
        else if (isOnLayer && matter && !covered.isErasing)
            laid.edit = layOnLayer(*input.level, laid.shown, level::Cell(*matter), layer);
        else
            laid.edit = covered.isErasing || tiles.at(0, 0).isNone()
                            ? clearTiles(*input.level, laid.shown, layer)
                            : setTiles(*input.level, laid.shown, tiles, origin, layer);
        return laid;
    }

    QString label(const ToolInput& input, const QString& size, bool isErasing) const override {
        bool isGivenBack = isErasing || input.options->of<TilesInHand>().tiles.at(0, 0).isNone();
        const int layer = layerInHand(*input.options, *input.level);
        if (layer == level::onMasses)
            return isGivenBack ? tr("dress %1 anew").arg(size) : tr("%1 by hand").arg(size);
        const auto name = QString::fromStdString(input.level->layers[std::size_t(layer)].name);
        if (input.options->of<SkinOptions>().layerMatter) isGivenBack = isErasing;
        return (isGivenBack ? tr("clear %1 of %2") : tr("%1 on %2")).arg(size, name);
    }

    /// What is seen there, dressed or by hand.
    ToolOutcome pick(const ToolInput& input, const CellRect& rect) const override {
        const skin::Dressed dressed = skin::dress(*input.tilingRules, *input.level, rect);
        const int layer = layerInHand(*input.options, *input.level);
        Grid<level::Tile> tiles(rect.width, rect.height);
        for (int y = 0; y < rect.height; ++y)
            for (int x = 0; x < rect.width; ++x) {
                const CellPoint at{rect.x + x, rect.y + y};
                const level::Tile tile = layer == level::onMasses
                                             ? dressed.at(at.x, at.y)
                                             : input.level->layers[std::size_t(layer)].tiles.at(
                                                   at.x, at.y, level::Tile());
                tiles.set(x, y, tile.isNone() ? level::Tile::blank() : tile);
            }
        ToolOutcome outcome;
        outcome.change<TilesInHand>(input, [&](TilesInHand& hand) {
            hand.tiles = tiles;
            hand.tilesFrom.emplace(input.level->id, rect);
        });
        return outcome;
    }
};

class SkinSelect final : public CellSelect {
    level::LevelEdit moved(const ToolInput& input, const CellRegion& region, int dx,
                           int dy) const override {
        return moveTiles(*input.level, region, dx, dy, layerInHand(*input.options, *input.level));
    }
};

}  // namespace

std::unique_ptr<Tool> makeTileBrush() {
    return makeLayingTool(makeBrushGesture(), std::make_unique<TileInk>());
}
std::unique_ptr<Tool> makeTileLine() {
    return makeLayingTool(makeLineGesture(), std::make_unique<TileInk>());
}
std::unique_ptr<Tool> makeTileBox() {
    return makeLayingTool(makeBoxGesture(), std::make_unique<TileInk>());
}
std::unique_ptr<Tool> makeTileFill() {
    return makeLayingTool(makeFillGesture(), std::make_unique<TileInk>());
}
std::unique_ptr<Tool> makeSkinSelect() {
    return std::make_unique<SkinSelect>();
}

}  // namespace rook::app
