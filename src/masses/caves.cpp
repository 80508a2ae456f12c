#include "masses/caves.h"

#include <algorithm>

#include "base/bit_map.h"

namespace rook::masses {

namespace {

using level::CellRegion;
using level::CellRun;

class Cave {
public:
    Cave(const CellRegion& area, const CaveSettings& settings, const std::atomic<bool>* cancel)
        : m_area(area),
          m_bounds(area.bounds()),
          m_settings(settings),
          m_cancel(cancel),
          m_inside(m_bounds.width, m_bounds.height),
          m_solid(m_bounds.width, m_bounds.height) {
        for (const CellRun& run : area.runs())
            m_inside.setRun(run.y - m_bounds.y, run.x - m_bounds.x, run.x - m_bounds.x + run.count);
    }

    std::optional<CellRegion> grow() {
        fillWithNoise();
        const BitMap border = borderCells();
        sealWith(border);
        for (int pass = 0; pass < std::clamp(m_settings.smoothing, 0, 16); ++pass)
            smooth();
        sealWith(border);
        if (m_settings.keepsOneRoom) keepLargestRoom();
        if (isCancelled()) return std::nullopt;
        return solidRegion();
    }

private:
    [[nodiscard]] bool isCancelled() const { return m_cancel && *m_cancel; }

    void fillWithNoise() {
        const NoiseField noise(m_settings.noise);
        const double threshold = m_settings.threshold / 100.0;
        for (const CellRun& run : m_area.runs()) {
            if (isCancelled()) return;
            for (int x = run.x; x < run.x + run.count; ++x)
                if (noise.at(x, run.y) >= threshold)
                    m_solid.set(x - m_bounds.x, run.y - m_bounds.y);
        }
    }

    /// Cells of the area with one outside it within `border` steps of a king.
    [[nodiscard]] BitMap borderCells() const {
        const int thickness = std::clamp(m_settings.border, 0, 64);
        BitMap border(m_bounds.width, m_bounds.height);
        if (thickness == 0) return border;
        // What is outside, on a map that is larger by the border all round, spread by it.
        BitMap outside(m_bounds.width + 2 * thickness, m_bounds.height + 2 * thickness);
        for (int y = 0; y < outside.height(); ++y)
            for (int x = 0; x < outside.width(); ++x)
                if (!m_inside.test(x - thickness, y - thickness)) outside.set(x, y);
        outside.spreadRight(2 * thickness + 1);
        outside.spreadDown(2 * thickness + 1);
        for (int y = 0; y < m_bounds.height; ++y)
            for (int x = 0; x < m_bounds.width; ++x)
                if (m_inside.test(x, y) && outside.test(x + 2 * thickness, y + 2 * thickness))
                    border.set(x, y);
        return border;
    }

    void sealWith(const BitMap& border) {
        for (int y = 0; y < m_bounds.height; ++y)
            for (int word = 0; word < m_solid.wordsPerRow(); ++word)
                m_solid.row(y)[word] |= border.row(y)[word];
    }

    void smooth() {
        BitMap next(m_bounds.width, m_bounds.height);
        for (int y = 0; y < m_bounds.height; ++y) {
            if (isCancelled()) return;
            for (int x = 0; x < m_bounds.width; ++x)
                if (m_inside.test(x, y) && solidAround(x, y) >= 5) next.set(x, y);
        }
        m_solid = std::move(next);
    }
    [[nodiscard]] int solidAround(int x, int y) const {
        int count = 0;
        for (int dy = -1; dy <= 1; ++dy)
            for (int dx = -1; dx <= 1; ++dx)
                count += !m_inside.test(x + dx, y + dy) || m_solid.test(x + dx, y + dy) ? 1 : 0;
        return count;
    }

    [[nodiscard]] bool isOpen(int x, int y) const {
        return m_inside.test(x, y) && !m_solid.test(x, y);
    }

    void keepLargestRoom() {
        BitMap seen(m_bounds.width, m_bounds.height);
        std::vector<CellPoint> largest;
        for (int y = 0; y < m_bounds.height && !isCancelled(); ++y)
            for (int x = 0; x < m_bounds.width; ++x) {
                if (!isOpen(x, y) || seen.test(x, y)) continue;
                std::vector<CellPoint> room = roomAt({x, y}, seen);
                if (room.size() > largest.size()) largest.swap(room);
                for (const CellPoint cell : room)
                    m_solid.set(cell.x, cell.y);
            }
    }
    [[nodiscard]] std::vector<CellPoint> roomAt(CellPoint seed, BitMap& seen) const {
        std::vector<CellPoint> room{seed};
        seen.set(seed.x, seed.y);
        for (std::size_t i = 0; i < room.size(); ++i) {
            const CellPoint at = room[i];
            for (const CellPoint next : {CellPoint{at.x - 1, at.y}, CellPoint{at.x + 1, at.y},
                                         CellPoint{at.x, at.y - 1}, CellPoint{at.x, at.y + 1}}) {
                if (!isOpen(next.x, next.y) || seen.test(next.x, next.y)) continue;
                seen.set(next.x, next.y);
                room.push_back(next);
            }
        }
        return room;
    }

    [[nodiscard]] CellRegion solidRegion() const {
        std::vector<CellRun> runs;
        for (int y = 0; y < m_bounds.height; ++y)
            for (int x = 0; x < m_bounds.width; ++x) {
                if (!m_solid.test(x, y)) continue;
                const int first = x;
                while (m_solid.test(x + 1, y))
                    ++x;
                runs.push_back({y + m_bounds.y, first + m_bounds.x, x + 1 - first});
            }
        return CellRegion(std::move(runs));
    }

    const CellRegion& m_area;
    CellRect m_bounds;
    const CaveSettings& m_settings;
    const std::atomic<bool>* m_cancel;
    BitMap m_inside;
    BitMap m_solid;
};

}  // namespace

std::optional<CellRegion> growCave(const CellRegion& area, const CaveSettings& settings,
                                   const std::atomic<bool>* cancel) {
    return Cave(area, settings, cancel).grow();
}

std::optional<level::LevelEdit> layCave(const level::Project& project, const level::Level& level,
                                        const CellRegion& area, const CaveSettings& settings,
                                        level::MatterId matter, const std::atomic<bool>* cancel) {
    const CellRegion inside = area.clipped(level.cells.bounds());
    const auto solid = growCave(inside, settings, cancel);
    if (!solid) return std::nullopt;
    level::LevelEdit edit = layCells(project, level, inside, level::Cell(), "Lay");
    edit.level = layCells(project, edit.level, *solid, level::Cell(matter), "Lay").level;
    edit.name = "Grow a cave of " + level::cellCountText(inside.cellCount());
    return edit;
}

}  // namespace rook::masses
