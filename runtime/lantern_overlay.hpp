#pragma once
/// What is hidden from players, over the level, when one asks for it.

#include "lantern_canvas.hpp"

namespace lantern {

class OverlayCanvas : public Canvas {
public:
    using Canvas::Canvas;

protected:
    /// Colliders, the body with its phase, zones, cameras, and the ways of what goes about.
    void drawOverlay() {
        const Level& level = *stage().level;
        const Frame& frame = level.frame;
        const Cells sight = cellsInSight(frame);
        SDL_SetRenderDrawBlendMode(m_renderer, SDL_BLENDMODE_BLEND);
        for (int row = sight.top; row < sight.bottom; ++row)
            for (int column = sight.left; column < sight.right; ++column)
                drawCollider(column, row);
        for (const Zone& zone : level.zones) {
            outline(zone.box, {120, 160, 220});
            outline(zone.camera, {70, 90, 140});
        }
        SDL_SetRenderDrawColor(m_renderer, 240, 112, 90, 255);
        for (const Way& way : level.ways())
            for (std::size_t i = 0; i < way.corners.size(); i += 4)
                SDL_RenderDrawPoint(m_renderer,
                                    way.corners[i].first + way.width / 2 - m_camera.left,
                                    way.corners[i].second + way.height / 2 - m_camera.top);
        for (const Gain& gain : level.parts.gains)
            outline(gain.box, {224, 166, 58});
        outline(bodyBox(), {255, 255, 255});
        const Body& body = stage().body;
        const char* stances[] = {"standing", "in the air", "climbing",
                                 "swimming", "sprung",     "ended"};
        std::string held;
        for (std::size_t i = 0; i < level.gainIds.size(); ++i)
            if (((body.held >> i) & 1u) != 0) held += " " + level.gainIds[i];
        const std::string text = std::to_string(body.x) + ", " + std::to_string(body.y) + "  " +
                                 stances[static_cast<std::size_t>(body.stance)] + "  phase " +
                                 std::to_string(body.phase) + "  table " +
                                 std::to_string(body.table) + "  tick " +
                                 std::to_string(body.tick) + (held.empty() ? "" : "  holds" + held);
        fill({0, m_camera.height - 16, m_camera.width, 16}, {16, 22, 28}, 200);
        m_words.draw(m_renderer, text, 6, m_camera.height - 14, {240, 236, 220, 255});
    }

private:
    void drawCollider(int column, int row) {
        const Level& level = *stage().level;
        const CellShape shape = level.at(column, row);
        if (shape.behaviour == Behaviour::Open) return;
        const Color tone = shape.behaviour == Behaviour::Solid    ? Color{140, 200, 255}
                           : shape.behaviour == Behaviour::Deadly ? Color{255, 96, 70}
                                                                  : Color{150, 230, 170};
        const Frame& frame = level.frame;
        SDL_SetRenderDrawColor(m_renderer, tone.r, tone.g, tone.b, 90);
        for (int j = 0; j < frame.cellHeight; ++j) {
            const auto part = formRow(shape.form, j, frame.cellWidth, frame.cellHeight);
            if (part.from == part.to) continue;
            const SDL_Rect line{column * frame.cellWidth + part.from - m_camera.left,
                                row * frame.cellHeight + j - m_camera.top, part.to - part.from, 1};
            SDL_RenderFillRect(m_renderer, &line);
        }
    }
};

}  // namespace lantern
