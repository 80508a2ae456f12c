#include "file/zone_json_detail.h"

#include <set>

#include "base/limits.h"
#include "file/described_detail.h"

namespace rook::file {

using namespace level;

namespace {

Json zoneJson(const Zone& zone) {
    Json json = {{"id", zone.id.text},
                 {"name", zone.name},
                 {"at", {zone.place.x, zone.place.y}},
                 {"size", {zone.place.width, zone.place.height}}};
    if (zone.camera)
        json["camera"] = {{"left", zone.camera->x},
                          {"top", zone.camera->y},
                          {"right", zone.camera->right()},
                          {"bottom", zone.camera->bottom()}};
    if (!zone.theme.empty()) json["theme"] = zone.theme;
    if (!zone.music.empty()) json["music"] = zone.music;
    if (!zone.onEnter.empty()) json["onEnter"] = zone.onEnter;
    if (!zone.onLeave.empty()) json["onLeave"] = zone.onLeave;
    appendUnknown(json, zone.unknown);
    return json;
}

std::vector<std::string> readTexts(ObjectReader& reader, const char* key) {
    std::vector<std::string> texts;
    reader.forEach(key, 64, [&](const Json& item, const std::string& where) {
        if (!item.is_string())
            failReading(ErrorKind::WrongType, "A message is text", where, "Put it in quotes");
        texts.push_back(item.get<std::string>());
    });
    return texts;
}

Zone readZone(ObjectReader& reader) {
    Zone zone;
    zone.id = {reader.plainName("id")};
    zone.name = reader.text("name", zone.id.text);
    const auto [x, y] = reader.pair("at", -limits::maxBoardCells, limits::maxBoardCells - 1);
    const auto [width, height] = reader.pair("size", 1, limits::maxBoardCells);
    zone.place = {x, y, width, height};
    if (reader.has("camera")) {
        ObjectReader camera = reader.object("camera");
        const int most = limits::maxCoordinatePx;
        const int left = camera.integer("left", -most, most);
        const int top = camera.integer("top", -most, most);
        zone.camera = {left, top, camera.integer("right", left + 1, most) - left,
                       camera.integer("bottom", top + 1, most) - top};
    }
    zone.theme = reader.text("theme", "");
    zone.music = reader.text("music", "");
    zone.onEnter = readTexts(reader, "onEnter");
    zone.onLeave = readTexts(reader, "onLeave");
    zone.unknown = reader.unknown();
    return zone;
}

Json tileJson(const Project& project, Tile tile) {
    const int flip = (tile.isMirrored() ? 1 : 0) + (tile.isUpsideDown() ? 2 : 0);
    Json json = {{"sheet", project.sheets[static_cast<std::size_t>(tile.sheet())].name},
                 {"tile", tile.number() + 1}};
    if (flip != 0) json["flip"] = flip;
    return json;
}

Tile readTile(ObjectReader& reader, const Project& project) {
    const std::string name = reader.text("sheet");
    const auto sheet = project.sheetIndex(name);
    if (!sheet)
        failReading(ErrorKind::BadReference, "There is no sheet \"" + name + "\"",
                    reader.whereOf("sheet"), "Add it to the sheets or use another");
    const int number = reader.integer("tile", 1, 65536) - 1;
    const int flip = reader.integer("flip", 0, 3, 0);
    return {*sheet, number, (flip & 1) != 0, (flip & 2) != 0};
}

/// Tiles are named by their sheets, which the project knows.
class RuleWriter : public FieldWriter<ScatterRule> {
public:
    RuleWriter(Json& json, const ScatterRule& rule, const Project& project)
        : FieldWriter(json, rule), m_project(project) {}

    using FieldWriter::operator();
    void operator()(const char* key, std::vector<Tile> ScatterRule::*member, const FieldRule&) {
        if ((m_value.*member).empty()) return;
        Json tiles = Json::array();
        for (const Tile tile : m_value.*member)
            tiles.push_back(tileJson(m_project, tile));
        m_json[key] = std::move(tiles);
    }

private:
    const Project& m_project;
};

class RuleReader : public FieldReader<ScatterRule> {
public:
    RuleReader(ObjectReader& reader, ScatterRule& rule, const Project& project)
        : FieldReader(reader, rule), m_project(project) {}

    using FieldReader::operator();
    void operator()(const char* key, std::vector<Tile> ScatterRule::*member, const FieldRule&) {
        m_reader.forEachObject(key, maxScatterTiles, [&](ObjectReader& item) {
            (m_value.*member).push_back(readTile(item, m_project));
        });
    }

private:
    const Project& m_project;
};

Json ruleJson(const Project& project, const ScatterRule& rule) {
    Json json = Json::object();
    Description<ScatterRule>::each(RuleWriter(json, rule, project));
    appendUnknown(json, rule.unknown);
    return json;
}

ScatterRule readRule(ObjectReader& reader, const Project& project) {
    ScatterRule rule;
    Description<ScatterRule>::each(RuleReader(reader, rule, project));
    rule.unknown = reader.unknown();
    return rule;
}

}  // namespace

void writeZones(JsonLines& lines, const Level& level) {
    std::vector<std::string> rows;
    for (const Zone& zone : level.zones)
        rows.push_back(compactText(zoneJson(zone)));
    if (!rows.empty()) lines.list("zones", rows);
}

void readZones(ObjectReader& reader, Level& level) {
    std::vector<Zone> zones;
    std::set<std::string> ids;
    reader.forEachObject("zones", maxZones, [&](ObjectReader& item) {
        Zone zone = readZone(item);
        if (!ids.insert(zone.id.text).second)
            failReading(ErrorKind::BadReference, "\"" + zone.id.text + "\" is there twice",
                        item.where(), "Rename one of them");
        zone.place = zone.place.intersected(level.cells.bounds());
        if (zone.place.isEmpty())
            failReading(ErrorKind::OutOfRange, "This zone lies outside the level", item.where(),
                        "Move it in, or take it out");
        zones.push_back(std::move(zone));
    });
    level.zones = std::move(zones);
}

void writeScatter(JsonLines& lines, const Project& project, const Level& level) {
    std::vector<std::string> rows;
    for (const ScatterRule& rule : level.scatter)
        rows.push_back(compactText(ruleJson(project, rule)));
    if (!rows.empty()) lines.list("scatter", rows);
}

void readScatter(ObjectReader& reader, const Project& project, Level& level) {
    std::vector<ScatterRule> rules;
    reader.forEachObject("scatter", maxScatterRules,
                         [&](ObjectReader& item) { rules.push_back(readRule(item, project)); });
    level.scatter = std::move(rules);
}

}  // namespace rook::file
