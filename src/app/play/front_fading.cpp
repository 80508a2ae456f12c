#include "app/play/front_fading.h"

#include "level/boxes.h"
#include "rook_shown.hpp"

namespace rook::app {

namespace {

constexpr int ticksBeforeBodies = 9;

bool isBeyond(const std::optional<level::FadeLine>& line, const PxRect& body) {
    if (!line) return false;
    // The sides are named in the same order there, after none at all.
    const runtime::FadeLine beyond{runtime::FadeLine::Beyond(int(line->beyond) + 1), line->at,
                                   line->ticks};
    return beyond.isPassedBy(level::boxOf(body));
}

bool hides(const level::TileLayer& layer, const CellRect& cells) {
    for (int y = cells.y; y < cells.bottom(); ++y)
        for (int x = cells.x; x < cells.right(); ++x)
            if (layer.tiles.at(x, y, level::Tile()).isShown() ||
                !layer.cells.at(x, y, level::Cell()).isOpen())
                return true;
    return false;
}

}  // namespace

void FrontFading::follow(const level::Project& project, const level::Level& level,
                         const PxRect& body) {
    const CellRect cells = toCells(body, level.cellSize);
    m_layers.resize(level.layers.size(), 1);
    for (std::size_t i = 0; i < level.layers.size(); ++i) {
        const level::TileLayer& layer = level.layers[i];
        if (!layer.isFront || (!layer.fades && !layer.fadeLine)) continue;
        const bool isFaint = isBeyond(layer.fadeLine, body) || (layer.fades && hides(layer, cells));
        m_layers[i] = runtime::fadedOn(m_layers[i], isFaint,
                                       layer.fadeLine ? layer.fadeLine->ticks : ticksBeforeBodies);
    }
    const level::Backdrop* backdrop = project.findBackdrop(level.backdrop);
    m_pictures.resize(backdrop ? backdrop->pictures.size() : 0, 1);
    for (std::size_t i = 0; i < m_pictures.size(); ++i)
        if (const auto& line = backdrop->pictures[i].fadeLine)
            m_pictures[i] = runtime::fadedOn(m_pictures[i], isBeyond(line, body), line->ticks);
}

}  // namespace rook::app
