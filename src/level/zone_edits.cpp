#include "level/zone_edits.h"

#include <algorithm>
#include <charconv>

namespace rook::level {

namespace {

/// The camera of a zone as it would lie at another place; none if it has none, or nothing is left.
std::optional<PxRect> cameraLike(const Zone& zone, const CellRect& place, CellSize cell) {
    if (!zone.camera) return std::nullopt;
    const PxRect from = toPx(zone.place, cell);
    const PxRect to = toPx(place, cell);
    const PxRect camera{to.x + zone.camera->x - from.x, to.y + zone.camera->y - from.y,
                        to.width + zone.camera->width - from.width,
                        to.height + zone.camera->height - from.height};
    return camera.isEmpty() ? std::nullopt : std::optional(camera);
}

}  // namespace

ZoneId freshZoneId(const Level& level) {
    int greatest = 0;
    for (const Zone& zone : level.zones) {
        if (!zone.id.text.starts_with("zone-")) continue;
        int number = 0;
        const char* end = zone.id.text.data() + zone.id.text.size();
        const auto read = std::from_chars(zone.id.text.data() + 5, end, number);
        if (read.ec == std::errc{} && read.ptr == end) greatest = std::max(greatest, number);
    }
    return {"zone-" + std::to_string(greatest + 1)};
}

const Zone* findZone(const Level& level, const ZoneId& id) {
    for (const Zone& zone : level.zones)
        if (zone.id == id) return &zone;
    return nullptr;
}

const Zone* zoneAt(const Level& level, CellPoint cell) {
    for (const Zone& zone : level.zones)
        if (zone.place.contains(cell)) return &zone;
    return nullptr;
}

Result<LevelEdit> addZone(const Level& level, const CellRect& place, const Zone* like) {
    const CellRect inside = place.intersected(level.cells.bounds());
    if (inside.isEmpty())
        return fail(ErrorKind::OutOfRange, "A zone lies inside the level", level.title,
                    "Draw it over the board");
    if (level.zones.size() >= maxZones)
        return fail(ErrorKind::OutOfRange, "A level has at most 4,096 zones", level.title,
                    "Remove one of them");
    Zone zone;
    if (like) zone = *like;
    if (like) zone.camera = cameraLike(*like, inside, level.cellSize);
    zone.id = freshZoneId(level);
    zone.name = "zone " + zone.id.text.substr(5);
    zone.place = inside;
    LevelEdit edit{level, "Add " + zone.name, inside};
    edit.level.zones.edit([&](auto& list) { list.push_back(zone); });
    return edit;
}

Result<LevelEdit> changeZone(const Level& level, const Zone& zone, const std::string& name) {
    const Zone* former = findZone(level, zone.id);
    if (!former)
        return fail(ErrorKind::BadReference, "There is no zone " + zone.id.text, level.title,
                    "Choose one of the level's");
    Zone changed = zone;
    changed.place = zone.place.intersected(level.cells.bounds());
    if (changed.place.isEmpty())
        return fail(ErrorKind::OutOfRange, "A zone lies inside the level", level.title,
                    "Leave a part of it on the board");
    LevelEdit edit{level, name, former->place.united(changed.place)};
    edit.level.zones.edit([&](auto& list) {
        for (Zone& slot : list)
            if (slot.id == zone.id) slot = changed;
    });
    return edit;
}

LevelEdit removeZone(const Level& level, const ZoneId& id) {
    const Zone* zone = findZone(level, id);
    LevelEdit edit{level, zone ? "Remove " + zone->name : "", zone ? zone->place : CellRect()};
    edit.level.zones.edit(
        [&](auto& list) { std::erase_if(list, [&](const Zone& each) { return each.id == id; }); });
    return edit;
}

Result<LevelEdit> setZones(const Level& level, const std::vector<CellRect>& places,
                           const Zone* like) {
    LevelEdit edit{level, {}, level.cells.bounds()};
    edit.level.zones = std::vector<Zone>();
    for (const CellRect& place : places) {
        auto next = addZone(edit.level, place, like);
        if (!next) return next;
        edit.level = std::move(next->level);
    }
    edit.name = "Make " + std::to_string(places.size()) + (places.size() == 1 ? " zone" : " zones");
    return edit;
}

LevelEdit setUpAlike(const Level& level, const ZoneId& like) {
    const Zone model = *findZone(level, like);
    LevelEdit edit{level, "Set up all zones alike", level.cells.bounds()};
    edit.level.zones.edit([&](auto& list) {
        for (Zone& zone : list) {
            if (zone.id == model.id) continue;
            zone.theme = model.theme;
            zone.music = model.music;
            zone.onEnter = model.onEnter;
            zone.onLeave = model.onLeave;
            zone.transition = model.transition;
            zone.camera = cameraLike(model, zone.place, level.cellSize);
        }
    });
    return edit;
}

std::vector<CellRect> screensOf(const Level& level, int columns, int rows) {
    const CellRect all = level.cells.bounds();
    const int across = std::max(1, all.width / std::max(1, columns));
    const int down = std::max(1, all.height / std::max(1, rows));
    std::vector<CellRect> places;
    for (int y = 0; y < down; ++y)
        for (int x = 0; x < across; ++x) {
            const int left = all.width * x / across, right = all.width * (x + 1) / across;
            const int top = all.height * y / down, bottom = all.height * (y + 1) / down;
            places.push_back({left, top, right - left, bottom - top});
        }
    return places;
}

PxRect cameraOf(const Level& level, const Zone& zone) {
    return zone.camera.value_or(toPx(zone.place, level.cellSize));
}

}  // namespace rook::level
