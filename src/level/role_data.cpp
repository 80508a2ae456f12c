#include "level/role_data.h"

#include <string>

namespace rook::level {

std::vector<PxPoint> trackOf(const Track& track, PxPoint corner) {
    std::vector<PxPoint> way{corner};
    for (const PxPoint& point : track.points)
        way.push_back({corner.x + point.x, corner.y + point.y});
    if (track.isRound) {
        way.push_back(corner);
    } else {
        for (std::size_t i = way.size() - 1; i-- > 0;)
            way.push_back(way[i]);
    }
    if (way.size() == 1) way.push_back(corner);
    return way;
}

std::optional<std::string> flawOf(const Track& track) {
    if (track.points.size() > 64) return "A track has at most 64 points";
    if (track.periodTicks < 1 || track.periodTicks > maxPeriodTicks)
        return "The period of a track is 1 to 36000 ticks";
    const std::vector<PxPoint> way = trackOf(track, {0, 0});
    for (std::size_t i = 1; i < way.size(); ++i)
        if (way[i].x != way[i - 1].x && way[i].y != way[i - 1].y)
            return "The legs of a track go straight across or straight up and down";
    return std::nullopt;
}

std::optional<std::string> flawOf(const Formation& formation) {
    const auto isIn = [](int value, int low, int high) { return value >= low && value <= high; };
    if (!isIn(formation.count, 1, maxFormation) || !isIn(formation.columns, 1, maxFormation))
        return "A formation has 1 to " + std::to_string(maxFormation) + " places";
    if (!isIn(formation.distance, 0, 4096)) return "The distance of a formation is 0 to 4,096 px";
    if (!isIn(formation.arcDegrees, 1, 360)) return "An arc has 1 to 360 degrees";
    if (!isIn(formation.periodTicks, 0, maxPeriodTicks))
        return "The period of a formation is 0 to 36,000 ticks";
    for (const int gap : formation.gaps)
        if (!isIn(gap, 0, formation.count - 1)) return "A gap of a formation is one of its places";
    return std::nullopt;
}

std::optional<std::string> flawOf(const runtime::Timetable& times) {
    if (times.periodTicks < 1 || times.periodTicks > maxPeriodTicks)
        return "The period of a timetable is 1 to 36000 ticks";
    for (const auto& [from, to] : times.on)
        if (from < 0 || from >= to || to > times.periodTicks)
            return "A timetable is on from a tick to a later one of its period";
    return std::nullopt;
}

std::optional<std::string> flawOf(const RoleData& data) {
    if (auto flaw = flawOf(data.track)) return flaw;
    if (auto flaw = flawOf(data.formation)) return flaw;
    if (data.letter.size() > 1 ||
        (!data.letter.empty() && (data.letter[0] < 'A' || data.letter[0] > 'Z')))
        return "A key's letter is one of A to Z, and not \"" + data.letter + "\"";
    return data.timetable ? flawOf(*data.timetable) : std::nullopt;
}

}  // namespace rook::level
