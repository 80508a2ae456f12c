#include "level/tracks.h"

#include <algorithm>
#include <cstdlib>
#include <numeric>

namespace rook::level {

namespace {

__extension__ using Wide = __int128;

/// One leg of a round, after the wait at its first point. Times are in parts of a tick, as many a
/// tick as `Round::parts` says.
struct Leg {
    PxPoint from;
    PxPoint to;
    int wait = 0;             ///< ticks
    std::int64_t length = 0;  ///< the larger of |dx| and |dy|, px
    std::int64_t begins = 0;  ///< parts, its wait included
    std::int64_t goes = 0;    ///< parts that the way takes
};

int waitAt(const Track& track, std::size_t point) {
    return point < track.waits.size() ? track.waits[point] : 0;
}

/// Which point each corner of the closed way is: 0 = the mover's own corner.
std::vector<std::size_t> pointsOf(const Track& track) {
    std::vector<std::size_t> points(track.points.size() + 1);
    std::iota(points.begin(), points.end(), std::size_t{0});
    for (std::size_t i = track.points.size(); !track.isRound && i-- > 0;)
        points.push_back(i);
    if (track.isRound || points.size() == 1) points.push_back(0);
    return points;
}

std::vector<Leg> legsOf(const Track& track, PxPoint corner) {
    const std::vector<PxPoint> way = trackOf(track, corner);
    const std::vector<std::size_t> points = pointsOf(track);
    std::vector<Leg> legs;
    for (std::size_t i = 1; i < way.size(); ++i) {
        Leg leg{way[i - 1], way[i], waitAt(track, points[i - 1])};
        leg.length = std::max(std::abs(leg.to.x - leg.from.x), std::abs(leg.to.y - leg.from.y));
        legs.push_back(leg);
    }
    return legs;
}

std::int64_t ticksAtPace(std::int64_t length, Decimal pace) {
    return (length * 1000 + pace.thousandths - 1) / pace.thousandths;
}

std::int64_t lengthOf(const std::vector<Leg>& legs) {
    return std::accumulate(legs.begin(), legs.end(), std::int64_t{0},
                           [](std::int64_t sum, const Leg& leg) { return sum + leg.length; });
}

/// Sets when each leg begins and how long it takes; gives the parts of a tick.
std::int64_t timeLegs(std::vector<Leg>& legs, const Track& track) {
    const bool hasPace = track.pace.thousandths > 0;
    const std::int64_t length = lengthOf(legs);
    const std::int64_t parts = hasPace || length == 0 ? 1 : length;
    const std::int64_t moving = periodOf(track) - waitsOf(track);
    std::int64_t now = 0;
    for (Leg& leg : legs) {
        leg.begins = now;
        leg.goes = hasPace ? ticksAtPace(leg.length, track.pace) : leg.length * moving;
        now += leg.wait * parts + leg.goes;
    }
    return parts;
}

/// The corner at a share `done / all` of the leg, by each axis cut towards zero.
PxPoint cornerAt(const Leg& leg, std::int64_t done, std::int64_t all, Ease ease) {
    const std::int64_t divisor = std::gcd(done, all);
    Wide share = done / divisor, whole = all / divisor;
    if (ease == Ease::Smooth) {
        share = share * share * (3 * whole - 2 * share);
        whole = whole * whole * whole;
    }
    const auto along = [&](int from, int to) {
        return from + static_cast<int>(Wide(to - from) * share / whole);
    };
    return {along(leg.from.x, leg.to.x), along(leg.from.y, leg.to.y)};
}

}  // namespace

std::int64_t waitsOf(const Track& track) {
    const std::vector<std::size_t> points = pointsOf(track);
    std::int64_t sum = 0;
    for (std::size_t i = 0; i + 1 < points.size(); ++i)
        sum += waitAt(track, points[i]);
    return sum;
}

std::int64_t periodOf(const Track& track) {
    if (track.pace.thousandths == 0) return track.periodTicks;
    std::int64_t ticks = waitsOf(track);
    for (const Leg& leg : legsOf(track, {}))
        ticks += ticksAtPace(leg.length, track.pace);
    return std::max<std::int64_t>(1, ticks);
}

bool isPlain(const Track& track) {
    const bool waits =
        std::any_of(track.waits.begin(), track.waits.end(), [](int ticks) { return ticks > 0; });
    if (waits || track.pace.thousandths > 0 || track.ease != Ease::Linear) return false;
    const std::vector<PxPoint> way = trackOf(track, {});
    for (std::size_t i = 1; i < way.size(); ++i)
        if (way[i].x != way[i - 1].x && way[i].y != way[i - 1].y) return false;
    return true;
}

runtime::Mover moverOf(const Track& track, const PxRect& box) {
    runtime::Mover mover;
    mover.width = box.width;
    mover.height = box.height;
    for (const PxPoint& corner : trackOf(track, {box.x, box.y}))
        mover.track.emplace_back(corner.x, corner.y);
    mover.periodTicks = static_cast<int>(periodOf(track));
    if (isPlain(track)) return mover;
    std::vector<Leg> legs = legsOf(track, {box.x, box.y});
    const std::int64_t parts = timeLegs(legs, track);
    std::size_t at = 0;
    mover.way.reserve(static_cast<std::size_t>(mover.periodTicks));
    for (std::int64_t tick = 0; tick < mover.periodTicks; ++tick) {
        const std::int64_t now = tick * parts;
        while (at + 1 < legs.size() && now >= legs[at + 1].begins)
            ++at;
        const Leg& leg = legs[at];
        const std::int64_t gone = now - leg.begins - leg.wait * parts;
        const PxPoint corner = gone <= 0 || leg.goes == 0
                                   ? leg.from
                                   : cornerAt(leg, std::min(gone, leg.goes), leg.goes, track.ease);
        mover.way.emplace_back(corner.x, corner.y);
    }
    return mover;
}

runtime::Formation formationOf(const Project& project, const Entity& entity) {
    const level::Formation& data = entity.data.formation;
    const Kind* member = project.findKind(data.member);
    const int width = member ? member->width : entity.box.width;
    const int height = member ? member->height : entity.box.height;
    runtime::Formation formation;
    formation.middle = {entity.box.x + (entity.box.width - width) / 2,
                        entity.box.y + (entity.box.height - height) / 2, width, height};
    formation.shape = static_cast<runtime::FormationShape>(data.shape);
    formation.count = data.count;
    formation.gaps = data.gaps;
    formation.distance = data.distance;
    formation.columns = data.columns;
    formation.arcDegrees = data.arcDegrees;
    formation.periodTicks = data.periodTicks;
    formation.isClockwise = data.isClockwise;
    formation.shiftX = data.shift.x;
    formation.shiftY = data.shift.y;
    return formation;
}

}  // namespace rook::level
