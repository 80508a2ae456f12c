#include "level/zone_edits.h"

#include <algorithm>
#include <charconv>

namespace rook::level {

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
    if (like && like->camera) {
        const PxRect from = toPx(like->place, level.cellSize);
        const PxRect to = toPx(inside, level.cellSize);
        zone.camera = PxRect{to.x + like->camera->x - from.x, to.y + like->camera->y - from.y,
                             to.width + like->camera->width - from.width,
                             to.height + like->camera->height - from.height};
        if (zone.camera->isEmpty()) zone.camera.reset();
    }
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

PxRect cameraOf(const Level& level, const Zone& zone) {
    return zone.camera.value_or(toPx(zone.place, level.cellSize));
}

}  // namespace rook::level
