#pragma once
/// What everything in lantern is drawn with: colours, boxes, sheets, and what is in sight.

#include <cstdio>
#include <map>

#include "lantern_screen.hpp"
#include "lantern_text.hpp"
#include "rook_camera.hpp"
#include "rook_play.hpp"

namespace lantern {

using namespace rook::runtime;

inline Color colorOf(const std::string& text, Color standard) {
    unsigned value = 0;
    if (text.size() != 7 || std::sscanf(text.c_str(), "#%06x", &value) != 1) return standard;
    return {Uint8(value >> 16), Uint8((value >> 8) & 0xff), Uint8(value & 0xff)};
}

class Canvas {
public:
    /// All must outlive it.
    Canvas(SDL_Renderer* renderer, std::string folder, const CampaignPlay& play)

        : m_screen(renderer), m_renderer(renderer), m_folder(std::move(folder)), m_play(play) {}
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

    void fill(const SDL_Rect& box, Color tone, int alpha) { m_screen.fill(box, tone, alpha); }
    void outline(const Box& box, Color tone) {
        m_screen.frame(SDL_Rect{box.x - m_camera.left, box.y - m_camera.top, box.width, box.height},
                       tone);
    }

    const Sheet& sheet(const std::string& path) {
        const auto found = m_sheets.find(path);
        if (found != m_sheets.end()) return found->second;
        return m_sheets.emplace(path, loadSheet(m_renderer, m_folder + "/" + path)).first->second;
    }

    Screen m_screen;
    SDL_Renderer* m_renderer;
    std::string m_folder;
    const CampaignPlay& m_play;
    Camera m_camera;
    std::map<std::string, Sheet> m_sheets;
    Words m_words;
};

}  // namespace lantern
