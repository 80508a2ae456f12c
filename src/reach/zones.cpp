#include "reach/zones.h"

#include <algorithm>
#include <map>
#include <set>
#include <tuple>

namespace rook::reach {

namespace {

constexpr int respawnReach = 256;  // px

/// The place of the first zone that holds a px; -1 if none does.
int zoneAtPx(const level::Level& level, PxPoint px) {
    const CellPoint cell = toCell(px, level.cellSize);
    for (std::size_t i = 0; i < level.zones.size(); ++i)
        if (level.zones[i].place.contains(cell)) return static_cast<int>(i);
    return -1;
}

class Borders {
public:
    Borders(const level::Level& level, const Answer& answer)
        : m_level(level),
          m_reached(answer.onCells().reached),
          m_halfWidth(answer.onCells().tables.bodyWidth / 2),
          m_halfHeight(answer.onCells().tables.bodyHeight / 2) {}

    [[nodiscard]] std::vector<Crossing> run() {
        for (std::size_t i = 0; i < m_level.zones.size(); ++i) {
            const PxRect place = toPx(m_level.zones[i].place, m_level.cellSize);
            // Inner px of each border, along it, and the step that leaves.
            walk(int(i), {place.x, place.y}, {0, 1}, place.height, {-1, 0});
            walk(int(i), {place.right() - 1, place.y}, {0, 1}, place.height, {1, 0});
            walk(int(i), {place.x, place.y}, {1, 0}, place.width, {0, -1});
            walk(int(i), {place.x, place.bottom() - 1}, {1, 0}, place.width, {0, 1});
        }
        std::vector<Crossing> crossings = stretches();
        for (Crossing& crossing : crossings)
            crossing.respawn = respawnOf(crossing);
        return crossings;
    }

private:
    [[nodiscard]] bool isMiddle(PxPoint px) const {
        return m_reached.isVisited({px.x - m_halfWidth, px.y - m_halfHeight});
    }
    void walk(int zone, PxPoint from, PxPoint along, int length, PxPoint out) {
        for (int i = 0; i < length; ++i) {
            const PxPoint inner{from.x + i * along.x, from.y + i * along.y};
            const PxPoint outer{inner.x + out.x, inner.y + out.y};
            if (zoneAtPx(m_level, inner) != zone || !isMiddle(inner) || !isMiddle(outer)) continue;
            const int to = zoneAtPx(m_level, outer);
            if (to < 0 || to == zone) continue;
            // Of zones that overlap, the border may be that of one of them alone.
            note(zone, to, outer, along.x != 0);
            note(to, zone, inner, along.x != 0);
        }
    }
    void note(int from, int to, PxPoint px, bool isAcross) {
        m_met[{from, to, isAcross, isAcross ? px.y : px.x}].insert(isAcross ? px.x : px.y);
    }
    /// Px beside one another are one crossing.
    [[nodiscard]] std::vector<Crossing> stretches() const {
        std::vector<Crossing> crossings;
        for (const auto& [border, places] : m_met) {
            const auto& [from, to, isAcross, line] = border;
            int last = 0;
            bool isFirst = true;
            for (const int at : places) {
                if (isFirst || at != last + 1) {
                    Crossing crossing;
                    crossing.from = m_level.zones[std::size_t(from)].id;
                    crossing.to = m_level.zones[std::size_t(to)].id;
                    crossings.push_back(std::move(crossing));
                }
                isFirst = false;
                last = at;
                const PxRect px = isAcross ? PxRect{at, line, 1, 1} : PxRect{line, at, 1, 1};
                crossings.back().place = crossings.back().place.united(px);
            }
        }
        return crossings;
    }
    /// The nearest place in the zone where a body stands, by the way across and down.
    [[nodiscard]] std::optional<PxPoint> respawnOf(const Crossing& crossing) const {
        const PxRect near = crossing.place.grown(respawnReach);
        std::optional<PxPoint> best;
        int least = 0;
        for (int y = near.y; y < near.bottom(); ++y)
            for (int x = near.x; x < near.right(); ++x) {
                const PxPoint corner{x - m_halfWidth, y - m_halfHeight};
                if (!m_reached.standing.test(corner.x + m_reached.left, corner.y + m_reached.top))
                    continue;
                const int zone = zoneAtPx(m_level, {x, y});
                if (zone < 0 || m_level.zones[std::size_t(zone)].id != crossing.to) continue;
                const int far =
                    std::max({crossing.place.x - x, x - crossing.place.right() + 1, 0}) +
                    std::max({crossing.place.y - y, y - crossing.place.bottom() + 1, 0});
                if (best && far >= least) continue;
                best = corner;
                least = far;
            }
        return best;
    }

    const level::Level& m_level;
    const Reached& m_reached;
    int m_halfWidth;
    int m_halfHeight;
    /// By zones, the way that the border runs, and where it is: the px along it.
    std::map<std::tuple<int, int, bool, int>, std::set<int>> m_met;
};

}  // namespace

std::vector<Crossing> crossingsOf(const level::Level& level, const Answer& answer) {
    if (level.zones.size() < 2 || answer.onCells().reached.visited.height() == 0) return {};
    return Borders(level, answer).run();
}

std::vector<Crossing> withNeeds(const level::Project& project, const level::Level& level,
                                std::vector<Crossing> crossings, const Limits& limits) {
    const level::MotionProfile* profile = project.profileOf(level);
    if (crossings.empty() || !profile) return crossings;
    for (const level::Ability ability : profile->abilities) {
        QueryOptions options;
        options.taken = setOf(ability);
        const auto query = queryOf(project, level, options);
        if (!query || (limits.cancel && *limits.cancel)) return crossings;
        const Answer without = answer(*query, limits);
        if (without.onCells().reached.completion != Completion::Complete) continue;
        const std::vector<Crossing> left = crossingsOf(level, without);
        for (Crossing& crossing : crossings) {
            const bool isLeft = std::any_of(left.begin(), left.end(), [&](const Crossing& other) {
                return other.from == crossing.from && other.to == crossing.to &&
                       other.place.overlaps(crossing.place);
            });
            if (!isLeft) crossing.needs |= setOf(ability);
        }
    }
    return crossings;
}

const level::Zone* zoneOf(const level::Level& level, const runtime::MotionTables& tables,
                          PxPoint corner) {
    const int zone =
        zoneAtPx(level, {corner.x + tables.bodyWidth / 2, corner.y + tables.bodyHeight / 2});
    return zone < 0 ? nullptr : &level.zones[std::size_t(zone)];
}

}  // namespace rook::reach
