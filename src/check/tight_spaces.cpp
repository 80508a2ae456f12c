#include <algorithm>

#include "check/audit_detail.h"
#include "collide/components.h"
#include "reach/solver.h"

namespace rook::check {

namespace {

using collide::BitPart;
using collide::BitRun;
using collide::partsOf;
using level::Behaviour;

/// a and not b, word by word. Requires: same size.
BitMap without(const BitMap& a, const BitMap& b) {
    BitMap result = a;
    for (int y = 0; y < a.height(); ++y)
        for (int i = 0; i < a.wordsPerRow(); ++i)
            result.row(y)[i] &= ~b.row(y)[i];
    return result;
}

class Spaces {
public:
    Spaces(const level::Project& project, const level::Level& level,
           const motion::StepTables& tables, const std::atomic<bool>* cancel)
        : m_project(project), m_level(level), m_tables(tables), m_cancel(cancel) {}

    std::vector<TightSpace> find() {
        for (const auto step : {&Spaces::makeMaps, &Spaces::makeBody, &Spaces::makeOpen}) {
            if (isCancelled()) return {};
            (this->*step)();
        }
        std::vector<TightSpace> gaps;
        std::vector<TightSpace> pockets;
        for (const BitPart& part : partsOf(without(m_open, m_covered))) {
            if (isCancelled()) return {};
            const int mouths = mouthsOf(part);
            if (mouths == 1 || !isWorthTelling(part)) continue;
            (mouths == 0 ? pockets : gaps).push_back(spaceOf(part.runs, 1, 1, mouths == 0));
        }
        if (isCancelled()) return {};
        addRooms(pockets);
        gaps.insert(gaps.end(), pockets.begin(), pockets.end());
        return gaps;
    }

private:
    [[nodiscard]] bool isCancelled() const { return m_cancel && *m_cancel; }

    void makeMaps() {
        m_maps = collide::makePxMaps(frameOf(m_level), level::LevelCells(m_project, m_level),
                                     m_tables.body, {});
    }
    void makeBody() { m_body = collide::makeBodyMaps(m_maps, m_tables.body); }
    void makeOpen() {
        m_covered = m_body.free;
        m_covered.spreadRight(m_tables.body.bodyWidth);
        m_covered.spreadDown(m_tables.body.bodyHeight);
        const PxRect bounds = m_level.boundsPx();
        m_open = BitMap(m_maps.solid.width(), m_maps.solid.height());
        for (int y = 0; y < bounds.height; ++y)
            m_open.setRun(y + m_maps.top, m_maps.left, m_maps.left + bounds.width);
        m_open = without(without(m_open, m_maps.solid), m_maps.deadly);
        const bool liquidKills =
            m_tables.body.fromAbove && !m_tables.body.has(level::Ability::Swim);
        if (liquidKills && m_maps.liquid.width() > 0) m_open = without(m_open, m_maps.liquid);
    }

    /// The px that a body can be at and that touch the part, counted by what hangs together.
    [[nodiscard]] int mouthsOf(const BitPart& part) const {
        const PxRect around = part.bounds.grown(2);
        BitMap touched(around.width, around.height);
        for (const BitRun& run : part.runs)
            for (int y = run.y - 1; y <= run.y + 1; ++y)
                for (int x = run.x - 1; x <= run.x + run.count; ++x)
                    if (m_covered.test(x, y)) touched.set(x - around.x, y - around.y);
        return static_cast<int>(partsOf(touched).size());
    }
    /// Half a cell fits into it.
    [[nodiscard]] bool isWorthTelling(const BitPart& part) const {
        const int width = std::max(1, m_level.cellSize.width / 2);
        const int height = std::max(1, m_level.cellSize.height / 2);
        // What is not of the part, spread: where a box of that size fits, it is not met.
        BitMap outside(part.bounds.width, part.bounds.height);
        for (int y = 0; y < outside.height(); ++y)
            outside.setRun(y, 0, outside.width());
        BitMap inside(outside.width(), outside.height());
        for (const BitRun& run : part.runs)
            inside.setRun(run.y - part.bounds.y, run.x - part.bounds.x,
                          run.x - part.bounds.x + run.count);
        outside = without(outside, inside);
        outside.spreadLeft(width);
        outside.spreadUp(height);
        for (int y = 0; y + height <= outside.height(); ++y)
            for (int x = 0; x + width <= outside.width(); ++x)
                if (!outside.test(x, y)) return true;
        return false;
    }
    /// Runs of px, or of corners of a box of that size, as a space.
    [[nodiscard]] TightSpace spaceOf(const std::vector<BitRun>& runs, int width, int height,
                                     bool isPocket) const {
        TightSpace space;
        space.isPocket = isPocket;
        PxRect bounds;
        for (const BitRun& run : runs)
            bounds = bounds.united(
                {run.x - m_maps.left, run.y - m_maps.top, run.count - 1 + width, height});
        space.bounds = bounds;
        BitMap filled(bounds.width, bounds.height);
        for (const BitRun& run : runs)
            filled.setRun(run.y - m_maps.top - bounds.y, run.x - m_maps.left - bounds.x,
                          run.x - m_maps.left - bounds.x + run.count);
        filled.spreadRight(width);
        filled.spreadDown(height);
        space.cells = wholeCells(bounds, filled);
        return space;
    }
    /// Open cells of the bounds all of whose px are filled.
    [[nodiscard]] level::CellRegion wholeCells(const PxRect& bounds, const BitMap& filled) const {
        std::vector<level::CellRun> runs;
        const CellRect cells =
            toCells(bounds, m_level.cellSize).intersected(m_level.cells.bounds());
        for (int y = cells.y; y < cells.bottom(); ++y)
            for (int x = cells.x; x < cells.right(); ++x) {
                const PxRect px = toPx(CellRect{x, y, 1, 1}, m_level.cellSize);
                bool isWhole = !isSolidCell(m_project, m_level, x, y);
                for (int j = 0; isWhole && j < px.height; ++j)
                    for (int i = 0; isWhole && i < px.width; ++i)
                        isWhole = filled.test(px.x + i - bounds.x, px.y + j - bounds.y);
                if (isWhole) runs.push_back({y, x, 1});
            }
        return level::CellRegion(std::move(runs));
    }

    /// Rooms that a body fits in but that have no way to where it begins.
    void addRooms(std::vector<TightSpace>& pockets) const {
        const auto start = startCorner();
        const std::vector<BitPart> rooms = partsOf(m_body.free);
        const auto holds = [&](const BitPart& room, PxPoint corner) {
            const int x = corner.x + m_body.left;
            const int y = corner.y + m_body.top;
            return std::any_of(room.runs.begin(), room.runs.end(), [&](const BitRun& run) {
                return run.y == y && run.x <= x && x < run.x + run.count;
            });
        };
        const auto own =
            std::max_element(rooms.begin(), rooms.end(), [&](const BitPart& a, const BitPart& b) {
                const bool isStartA = start && holds(a, *start);
                const bool isStartB = start && holds(b, *start);
                return isStartA != isStartB ? isStartB : a.bits < b.bits;
            });
        const int width = m_tables.body.bodyWidth;
        const int height = m_tables.body.bodyHeight;
        for (auto room = rooms.begin(); room != rooms.end(); ++room) {
            if (room == own) continue;
            TightSpace space = spaceOf(room->runs, width, height, true);
            const bool isInLevel = !space.bounds.intersected(m_level.boundsPx()).isEmpty();
            if (isInLevel && !isBegunIn(space.bounds)) pockets.push_back(std::move(space));
        }
    }
    [[nodiscard]] std::optional<PxPoint> startCorner() const {
        for (const level::Entity& e : m_level.entities)
            if (m_project.roleOf(e) == level::Role::Spawn) {
                reach::Problem problem;
                problem.tables = m_tables.body;
                problem.start = e.box;
                return reach::startOf(problem);
            }
        return std::nullopt;
    }
    /// Some way in begins there.
    [[nodiscard]] bool isBegunIn(const PxRect& bounds) const {
        return std::any_of(m_level.entities.begin(), m_level.entities.end(), [&](const auto& e) {
            const level::Role role = m_project.roleOf(e);
            return (role == level::Role::Spawn || role == level::Role::Entry) &&
                   bounds.overlaps(e.box);
        });
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const motion::StepTables& m_tables;
    const std::atomic<bool>* m_cancel;
    collide::PxMaps m_maps;
    collide::BodyMaps m_body;
    BitMap m_covered;  ///< px that some body at a free place covers
    BitMap m_open;     ///< px of the level that are neither solid nor deadly
};

}  // namespace

std::vector<TightSpace> tightSpaces(const level::Project& project, const level::Level& level,
                                    const motion::StepTables& tables,
                                    const std::atomic<bool>* cancel) {
    return Spaces(project, level, tables, cancel).find();
}

bool isSolidCell(const level::Project& project, const level::Level& level, int x, int y,
                 bool outside) {
    if (!level.cells.bounds().contains(CellPoint{x, y})) return outside;
    return project.behaviourOf(level.cells.at(x, y)) == Behaviour::Solid;
}

}  // namespace rook::check
