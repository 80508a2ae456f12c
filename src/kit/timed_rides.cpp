/// Movers on boards of pieces: who gets onto them and off again.

#include <algorithm>

#include "kit/timed_walk.h"
#include "kit/walk_graph.h"

namespace rook::kit {

using level::Side;

namespace {

Side sideOf(int dx, int dy) {
    return dx > 0 ? Side::Right : dx < 0 ? Side::Left : dy > 0 ? Side::Down : Side::Up;
}
/// Whole and downwards, also below 0.
int wholeOf(long long top, long long bottom) {
    return static_cast<int>(top >= 0 ? top / bottom : -((-top + bottom - 1) / bottom));
}
bool isWithin(const runtime::Box& box, const std::array<long long, 2>& point) {
    return point[0] >= 12LL * box.x && point[0] < 12LL * (box.x + box.width) &&
           point[1] >= 12LL * box.y && point[1] < 12LL * (box.y + box.height);
}

}  // namespace

void TimedWalk::addRides(const level::Project& project, const level::Level& level,
                         const WalkGraph& graph) {
    if (m_clock.decks.empty()) return;
    const Kit& kit = *project.kitOf(level);
    m_stepUp = level::exact(kit.body.stepUp);
    m_drop = level::exact(kit.body.drop);
    for (const Deck& deck : m_clock.decks) {
        const auto places = [](int length, int cell) {
            return std::max(1, Stands::across * length / cell);
        };
        Ride ride{places(deck.way.width, m_cell.width), places(deck.way.height, m_cell.height),
                  m_stands.count() + m_rideCount, level::exact(kit.storey) * Rational(deck.storey)};
        m_rideCount += ride.columns * ride.rows;
        m_rides.push_back(ride);
    }
    for (std::size_t i = 0; i < graph.patches().size(); ++i) {
        const Patch& patch = graph.patches()[i];
        unsigned open = 0;
        for (const Side side : level::allSides)
            if (graph.isOpen(static_cast<int>(i), side)) open |= 1u << static_cast<int>(side);
        m_surfaces.push_back({patch.low, patch.high, open});
        m_patchesIn[{patch.spot.at.x, patch.spot.at.y}].push_back(static_cast<int>(i));
    }
}

/// Cost: the places on movers, the period and the things.
void TimedWalk::harmRides(const std::atomic<bool>* cancel) {
    for (int i = 0; i < m_rideCount; ++i) {
        if (cancel && *cancel) {
            m_clock.problem = "cancelled";
            return;
        }
        const int place = m_stands.count() + i;
        const auto spot = static_cast<std::size_t>(spotOf(place));
        const int storey = deckAt(place)->storey;
        for (int tick = 0; tick < m_periods[spot]; ++tick) {
            const auto point = pointOf(place, tick);
            const long long x = point[0], y = point[1];
            const bool isHit =
                std::any_of(m_clock.things.begin(), m_clock.things.end(), [&](const auto& thing) {
                    if (thing.storey != storey || !thing.way.isThere(tick)) return false;
                    const runtime::Box box = thing.way.at(tick);
                    return x + 2LL * m_cell.width > 12LL * box.x &&
                           x - 2LL * m_cell.width < 12LL * (box.x + box.width) &&
                           y + 2LL * m_cell.height > 12LL * box.y &&
                           y - 2LL * m_cell.height < 12LL * (box.y + box.height);
                });
            if (isHit) m_clear[static_cast<std::size_t>(m_firsts[spot] + tick)] = 0;
        }
    }
}

std::size_t TimedWalk::rideOf(int place) const {
    const auto after = std::find_if(m_rides.begin(), m_rides.end(),
                                    [&](const Ride& ride) { return ride.first > place; });
    return static_cast<std::size_t>(after - m_rides.begin()) - 1;
}

const Deck* TimedWalk::deckAt(int place) const {
    return place < m_stands.count() ? nullptr : &m_clock.decks[rideOf(place)];
}

/// Twelfths of a px.
std::array<long long, 2> TimedWalk::pointOf(int place, long long tick) const {
    if (place < m_stands.count()) {
        const CellPoint at = m_stands.at(place);
        return {(2LL * at.x + 1) * m_cell.width, (2LL * at.y + 1) * m_cell.height};
    }
    const std::size_t index = rideOf(place);
    const Ride& ride = m_rides[index];
    const runtime::Box box = m_clock.decks[index].way.at(tick);
    const int own = place - ride.first;
    return {12LL * box.x + (2LL * (own % ride.columns) + 1) * m_cell.width,
            12LL * box.y + (2LL * (own / ride.columns) + 1) * m_cell.height};
}

std::array<double, 2> TimedWalk::middleOf(int place, long long tick) const {
    if (place < m_stands.count()) {
        const CellPoint at = m_stands.at(place);
        return {at.x + 0.5, at.y + 0.5};
    }
    const auto [x, y] = pointOf(place, tick);
    return {static_cast<double>(x) / (2.0 * m_cell.width),
            static_cast<double>(y) / (2.0 * m_cell.height)};
}

CellPoint TimedWalk::moduleOfRide(int state) const {
    const auto [x, y] = pointOf(placeOf(state), tickOf(state));
    return {wholeOf(x, 12LL * m_cell.width), wholeOf(y, 12LL * m_cell.height)};
}

/// Of each mover that ever comes by the place that a step from there leads to.
void TimedWalk::addBoardings(Leaving& leaving, int stand, int dx, int dy) const {
    if (m_rides.empty() || (dx != 0 && dy != 0)) return;
    const Surface& surface = m_surfaces[static_cast<std::size_t>(m_stands.patchOf(stand))];
    if (((surface.open >> static_cast<int>(sideOf(dx, dy))) & 1u) == 0) return;
    const auto [x, y] = pointOf(stand, 0);
    const std::array<long long, 2> point{x + 2LL * dx * m_cell.width, y + 2LL * dy * m_cell.height};
    for (std::size_t i = 0; i < m_rides.size(); ++i) {
        const runtime::Way& way = m_clock.decks[i].way;
        const bool isHigh =
            m_rides[i].ground - surface.low > m_stepUp || surface.high - m_rides[i].ground > m_drop;
        const bool comesBy =
            std::any_of(way.corners.begin(), way.corners.end(), [&](const auto& at) {
                return isWithin({at.first, at.second, way.width, way.height}, point);
            });
        if (comesBy && !isHigh) leaving.boardings.push_back({stand, dx, dy, static_cast<int>(i)});
    }
}

/// The place on a mover, other than `but`, over which a point is in that tick, come to from a
/// surface between those heights; -1 if there is none.
int TimedWalk::board(const std::array<long long, 2>& point, const Rational& low,
                     const Rational& high, long long tick, int but) const {
    for (std::size_t i = 0; i < m_rides.size(); ++i) {
        const Ride& ride = m_rides[i];
        const runtime::Box box = m_clock.decks[i].way.at(tick);
        if (static_cast<int>(i) == but || !isWithin(box, point)) continue;
        if (ride.ground - low > m_stepUp || high - ride.ground > m_drop) continue;
        const int column =
            std::min(ride.columns - 1, wholeOf(point[0] - 12LL * box.x, 2LL * m_cell.width));
        const int row =
            std::min(ride.rows - 1, wholeOf(point[1] - 12LL * box.y, 2LL * m_cell.height));
        return ride.first + row * ride.columns + column;
    }
    return -1;
}

/// The place on the highest surface there that is neither too high nor too low, come to over the
/// side of it that lies against the way; -1 if there is none.
int TimedWalk::land(const std::array<long long, 2>& point, const Ride& ride, Side side) const {
    const CellPoint at{wholeOf(point[0], 2LL * m_cell.width),
                       wholeOf(point[1], 2LL * m_cell.height)};
    const auto found =
        m_patchesIn.find({wholeOf(at.x, Stands::across), wholeOf(at.y, Stands::across)});
    int best = -1;
    if (found == m_patchesIn.end()) return best;
    for (const int patch : found->second) {
        const Surface& surface = m_surfaces[static_cast<std::size_t>(patch)];
        const int stand = m_stands.on(patch, at);
        if (stand < 0 || ((surface.open >> static_cast<int>(opposite(side))) & 1u) == 0) continue;
        if (surface.high - ride.ground > m_stepUp || ride.ground - surface.low > m_drop) continue;
        if (best < 0 ||
            surface.high > m_surfaces[static_cast<std::size_t>(m_stands.patchOf(best))].high)
            best = stand;
    }
    return best;
}

int TimedWalk::beside(int place, int dx, int dy, long long tick) const {
    if (dx == 0 && dy == 0) return place;
    const bool isAslant = dx != 0 && dy != 0;
    const long long end = tick + ticksOfStep(dx, dy);
    if (place < m_stands.count()) {
        const int stand = m_stands.beside(place, dx, dy);
        if (stand >= 0 || isAslant || m_rides.empty()) return stand;
        const Surface& surface = m_surfaces[static_cast<std::size_t>(m_stands.patchOf(place))];
        if (((surface.open >> static_cast<int>(sideOf(dx, dy))) & 1u) == 0) return -1;
        const auto [x, y] = pointOf(place, tick);
        return board({x + 2LL * dx * m_cell.width, y + 2LL * dy * m_cell.height}, surface.low,
                     surface.high, end, -1);
    }
    const std::size_t index = rideOf(place);
    const Ride& ride = m_rides[index];
    const int column = (place - ride.first) % ride.columns + dx;
    const int row = (place - ride.first) / ride.columns + dy;
    if (column >= 0 && row >= 0 && column < ride.columns && row < ride.rows)
        return ride.first + row * ride.columns + column;
    if (isAslant) return -1;
    auto [x, y] = pointOf(place, end);
    const std::array<long long, 2> point{x + 2LL * dx * m_cell.width, y + 2LL * dy * m_cell.height};
    if (const int stand = land(point, ride, sideOf(dx, dy)); stand >= 0) return stand;
    return board(point, ride.ground, ride.ground, end, static_cast<int>(index));
}

}  // namespace rook::kit
