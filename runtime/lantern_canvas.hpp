#pragma once
/// What everything in lantern is drawn with: colours, boxes, sheets, and what is in sight.

#include <cstdio>
#include <map>

#include "lantern_text.hpp"
#include "rook_camera.hpp"
#include "rook_play.hpp"

namespace lantern {

using namespace rook::runtime;

struct Color {
    Uint8 r = 0, g = 0, b = 0;
};

inline Color colorOf(const std::string& text, Color standard) {
    unsigned value = 0;
    if (text.size() != 7 || std::sscanf(text.c_str(), "#%06x", &value) != 1) return standard;
    return {Uint8(value >> 16), Uint8((value >> 8) & 0xff), Uint8(value & 0xff)};
}

class Canvas {
public:
    /// All must outlive it.
    Canvas(SDL_Renderer* renderer, std::string folder, const CampaignPlay& play)
        : m_renderer(renderer), m_folder(std::move(folder)), m_play(play) {}
    /// Sheets are read anew.
    void forgetSheets() { m_sheets.clear(); }

protected:
    struct Cells {
        int left = 0, top = 0, right = 0, bottom = 0;
    };
    [[nodiscard]] const Stage& stage() const { return m_play.stage(); }
    [[nodiscard]] Box bodyBox() const {
        return {stage().body.x, stage().body.y, stage().level->motion.bodyWidth,
                stage().level->motion.bodyHeight};
    }
    [[nodiscard]] Cells cellsInSight(const Frame& frame) const {
        return {std::max(0, m_camera.left / frame.cellWidth),
                std::max(0, m_camera.top / frame.cellHeight),
                std::min(frame.columns, (m_camera.left + m_camera.width) / frame.cellWidth + 1),
                std::min(frame.rows, (m_camera.top + m_camera.height) / frame.cellHeight + 1)};
    }
    [[nodiscard]] bool isInSight(const Box& box) const {
        return overlaps(box, {m_camera.left - 64, m_camera.top - 64, m_camera.width + 128,
                              m_camera.height + 128});
    }

    void fill(const SDL_Rect& box, Color tone, Uint8 alpha) {
        SDL_SetRenderDrawBlendMode(m_renderer, SDL_BLENDMODE_BLEND);
        SDL_SetRenderDrawColor(m_renderer, tone.r, tone.g, tone.b, alpha);
        SDL_RenderFillRect(m_renderer, &box);
    }
    void outline(const Box& box, Color tone) {
        SDL_SetRenderDrawColor(m_renderer, tone.r, tone.g, tone.b, 255);
        const SDL_Rect rect{box.x - m_camera.left, box.y - m_camera.top, box.width, box.height};
        SDL_RenderDrawRect(m_renderer, &rect);
    }

    SDL_Texture* sheet(const std::string& path) {
        const auto [slot, isNew] = m_sheets.try_emplace(path);
        if (isNew) slot->second = loadTexture(m_renderer, m_folder + "/" + path);
        return slot->second.get();
    }

    SDL_Renderer* m_renderer;
    std::string m_folder;
    const CampaignPlay& m_play;
    Camera m_camera;
    std::map<std::string, Texture> m_sheets;
    Words m_words;
};

}  // namespace lantern
