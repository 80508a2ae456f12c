#include "reach/rides.h"

#include <set>

namespace rook::reach {

namespace {

/// The same of a mover that goes by a way: across, then down, from tick to tick; what goes on in
/// one direction is one leg, and none is told twice.
template <typename Leg>
void forEachRide(const runtime::Mover& mover, Leg&& leg) {
    using Corner = std::pair<int, int>;
    std::set<std::pair<Corner, Corner>> told;
    Corner from = mover.way.front(), to = from;
    const auto end = [&] {
        if (told.insert({std::min(from, to), std::max(from, to)}).second) leg(from, to);
    };
    const auto go = [&](const Corner& next) {
        const auto signOf = [](int px) { return px > 0 ? 1 : px < 0 ? -1 : 0; };
        const auto wayOf = [&](const Corner& a, const Corner& b) {
            return std::pair(signOf(b.first - a.first), signOf(b.second - a.second));
        };
        if (next == to) return;
        if (from != to && wayOf(from, to) != wayOf(to, next)) {
            end();
            from = to;
        }
        to = next;
    };
    for (std::size_t i = 1; i <= mover.way.size(); ++i) {
        const Corner& next = mover.way[i % mover.way.size()];
        go({next.first, to.second});
        go(next);
    }
    end();
}

/// Calls `visit` with the box that the mover sweeps on each leg of its track, in level px.
template <typename Visit>
void forEachLeg(const runtime::Mover& mover, Visit&& visit) {
    const auto leg = [&](const std::pair<int, int>& a, const std::pair<int, int>& b) {
        const int left = std::min(a.first, b.first);
        const int top = std::min(a.second, b.second);
        visit(PxRect{left, top, std::max(a.first, b.first) - left + mover.width,
                     std::max(a.second, b.second) - top + mover.height});
    };
    if (!mover.way.empty()) return forEachRide(mover, leg);
    if (mover.track.size() == 1) leg(mover.track.front(), mover.track.front());
    for (std::size_t i = 1; i < mover.track.size(); ++i)
        leg(mover.track[i - 1], mover.track[i]);
}

}  // namespace

std::vector<PxRect> ridesOn(const CollisionMaps& collision, const runtime::Mover& mover) {
    std::vector<PxRect> places;
    const BodyMaps& maps = collision.maps();
    const int width = collision.tables().bodyWidth;
    const int height = collision.tables().bodyHeight;
    forEachLeg(mover, [&](const PxRect& leg) {
        const PxRect at{leg.x - width + 1 + maps.left, leg.y - height + maps.top,
                        leg.width + width - 1, leg.height - mover.height + 1};
        const PxRect within = at.intersected({0, 0, maps.live.width(), maps.live.height()});
        if (!within.isEmpty()) places.push_back(within);
    });
    return places;
}

std::vector<PxRect> restsOn(const CollisionMaps& collision, const runtime::Mover& mover) {
    const BodyMaps& maps = collision.maps();
    const int width = collision.tables().bodyWidth;
    std::set<std::pair<int, int>> corners;
    for (int tick = 0; tick < mover.periodTicks; ++tick) {
        const runtime::Box at = mover.at(tick);
        corners.insert({at.y, at.x});
    }
    std::vector<PxRect> places;
    for (const auto& [y, x] : corners) {
        const PxRect at{x - width + 1 + maps.left, y - collision.tables().bodyHeight + maps.top,
                        mover.width + width - 1, 1};
        const PxRect within = at.intersected({0, 0, maps.live.width(), maps.live.height()});
        if (within.isEmpty()) continue;
        // Corners come in order: those that overlap make one run.
        if (!places.empty() && places.back().y == within.y && places.back().right() >= within.x)
            places.back().width = within.right() - places.back().x;
        else
            places.push_back(within);
    }
    return places;
}

std::vector<PxRect> edgesOf(const CollisionMaps& collision, const runtime::Mover& mover) {
    std::vector<PxRect> places;
    const BodyMaps& maps = collision.maps();
    forEachLeg(mover, [&](const PxRect& leg) {
        const int y = leg.y - collision.tables().bodyHeight + maps.top;
        const int width = leg.width - mover.width + 1;
        const int height = leg.height - mover.height + 1;
        for (const int x : {leg.x - collision.tables().bodyWidth, leg.x + mover.width}) {
            const PxRect at{x + maps.left, y, width, height};
            places.push_back(at.intersected({0, 0, maps.live.width(), maps.live.height()}));
        }
    });
    return places;
}

Problem awayFromMovers(Problem problem) {
    for (const runtime::Mover& mover : problem.parts.movers) {
        // A body that stands on it has its lowest px row just above the mover.
        forEachLeg(mover, [&](const PxRect& leg) {
            problem.parts.closed.push_back(
                {leg.x, leg.y - 1, leg.width, leg.height - mover.height + 1});
        });
    }
    problem.parts.movers.clear();
    return problem;
}

}  // namespace rook::reach
