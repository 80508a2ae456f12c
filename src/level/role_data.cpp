#include "level/role_data.h"

#include <string>

#include "level/tracks.h"

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
    if (track.points.size() > maxTrackPoints) return "A track has at most 64 points";
    if (track.pace.thousandths < 0 || track.pace.thousandths > maxMoverPace)
        return "The pace of a track is 0 to 64 px a tick";
    if (track.waits.size() > track.points.size() + 1)
        return "A track has one wait a point at most, that of its corner first";
    const std::int64_t period = periodOf(track);
    if (period < 1 || period > maxPeriodTicks) return "The period of a track is 1 to 36000 ticks";
    if (track.pace.thousandths == 0 && waitsOf(track) > 0 && waitsOf(track) >= period)
        return "The period of a track is longer than its waits together";
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

std::optional<std::string> flawOf(const Thrower& thrower) {
    if (thrower.first < 0 || thrower.first >= thrower.everyTicks)
        return "The first shot of a thrower is made before the second: within its period";
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
    if (auto flaw = flawOf(data.thrower)) return flaw;
    if (data.letter.size() > 1 ||
        (!data.letter.empty() && (data.letter[0] < 'A' || data.letter[0] > 'Z')))
        return "A key's letter is one of A to Z, and not \"" + data.letter + "\"";
    if (data.door.manner == DoorManner::ForATime && data.door.ticks < 1)
        return "A door that opens for a time does so for 1 tick at least";
    return data.timetable ? flawOf(*data.timetable) : std::nullopt;
}

}  // namespace rook::level
