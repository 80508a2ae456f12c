#pragma once
/// Loads what Rook Plot exports: campaign.json and levels/<id>.level.json. C++17, nlohmann-json,
/// and the headers beside this file; nothing else.
///
///     auto campaign = rook::runtime::loadCampaign("bundle");
///     auto level = rook::runtime::loadLevel("bundle", campaign.levels[0].file);
///     rook::runtime::World world = level.world();
///     rook::runtime::Body body = level.start(world, "");
///     rook::runtime::step(world, level.motion, body, {1, 0, rook::runtime::jumpButton});
///
/// All functions throw `LoadError` with one sentence that says what, where and what to do. Files
/// are not trusted: sizes, ranges and references are checked before memory is taken.

#include <algorithm>
#include <fstream>
#include <string>
#include <vector>

#include "rook_board.hpp"
#include "rook_campaign.hpp"
#include "rook_level_parts.hpp"

namespace rook::runtime {

namespace detail {

inline Entity readEntity(const json& value, const std::string& where) {
    const int far = 16384 * 512;
    Entity entity;
    entity.id = text(value, "id", where);
    entity.kind = text(value, "kind", where);
    entity.role = text(value, "role", where);
    entity.box = {whole(value, "x", -far, far, where), whole(value, "y", -far, far, where),
                  whole(value, "width", 1, far, where), whole(value, "height", 1, far, where)};
    if (value.contains("facing")) entity.facing = text(value, "facing", where);
    if (value.contains("fields")) entity.fields = value["fields"];
    if (value.contains("to")) {
        entity.to = target(value["to"], where + ".to");
        entity.transition = readTransition(value["to"], where + ".to");
    }
    entity.whole = value;
    return entity;
}

inline std::vector<std::string> textsOf(const json& value, const char* key,
                                        const std::string& where) {
    std::vector<std::string> texts;
    if (!value.contains(key)) return texts;
    for (const json& each : list(value, key, where)) {
        if (!each.is_string()) fail("A text is wanted here", where + "." + key);
        texts.push_back(each.get<std::string>());
    }
    return texts;
}

inline Zone readZone(const json& value, const std::string& where) {
    constexpr int most = 1 << 26;
    Zone zone;
    zone.id = text(value, "id", where);
    zone.name = text(value, "name", where);
    zone.box = {whole(value, "x", -most, most, where), whole(value, "y", -most, most, where),
                whole(value, "width", 1, most, where), whole(value, "height", 1, most, where)};
    const json& camera = member(value, "camera", where);
    const int left = whole(camera, "left", -most, most, where + ".camera");
    const int top = whole(camera, "top", -most, most, where + ".camera");
    zone.camera = {left, top, whole(camera, "right", left + 1, most, where + ".camera") - left,
                   whole(camera, "bottom", top + 1, most, where + ".camera") - top};
    if (value.contains("theme")) zone.theme = text(value, "theme", where);
    if (value.contains("music")) zone.music = text(value, "music", where);
    if (value.contains("entries"))
        for (const json& entry : list(value, "entries", where))
            zone.entries.push_back({whole(entry, "x", -most, most, where + ".entries"),
                                    whole(entry, "y", -most, most, where + ".entries"),
                                    text(entry, "from", where + ".entries")});
    zone.neighbours = textsOf(value, "neighbours", where);
    zone.onEnter = textsOf(value, "onEnter", where);
    zone.onLeave = textsOf(value, "onLeave", where);
    zone.transition = readTransition(value, where);
    zone.whole = value;
    return zone;
}

template <typename E>
E oneOf(const json& value, const char* key, const std::vector<std::string>& names,
        const std::string& where) {
    const std::string name = text(value, key, where);
    for (std::size_t i = 0; i < names.size(); ++i)
        if (names[i] == name) return static_cast<E>(i);
    fail("\"" + name + "\" is not known here", where + "." + key);
}

/// The way of a foe as it was written.
inline PatrolWay readWay(const json& value, const Box& box, const std::string& where) {
    PatrolWay way;
    way.corners = readCorners(value, "way", where);
    if (way.corners.empty() || way.corners.size() > maxPatrolTicks + 1)
        fail("A way has 1 to 36,001 corners", where + ".way");
    const int last = static_cast<int>(way.corners.size()) - 1;
    way.loopFrom = static_cast<std::size_t>(whole(value, "loopFrom", 0, last, where));
    way.width = box.width;
    way.height = box.height;
    way.canBeBeaten = true;
    return way;
}

/// The way of a foe that has one; simulated, where it was not written.
inline void readFoe(const json& value, std::size_t entity, const std::vector<Box>& doors,
                    Level& level, const std::string& where) {
    const json& data = member(value, "patrol", where);
    Patrol patrol;
    patrol.box = level.entities[entity].box;
    patrol.gait = oneOf<Gait>(data, "gait", {"still", "walks", "hangs", "flies"}, where);
    patrol.pace = paceOf(std::llround(numberOf(data, "speed", 0.5, where) * 1000));
    patrol.startsLeft = level.entities[entity].facing == "left";
    patrol.turnsAtEdges = !data.contains("turnsAtEdges") || data["turnsAtEdges"] == true;
    if (data.contains("turnsAt"))
        patrol.turnsAt = numbers(data, "turnsAt", -(1 << 26), 1 << 26, 64, where);
    if (patrol.gait == Gait::Flies) {
        patrol.track = readMover(value, where);
        patrol.track.width = patrol.box.width;
        patrol.track.height = patrol.box.height;
    }
    // Who stands still by a timetable is among the hazards.
    if (patrol.gait == Gait::Still && value.contains("timetable")) return;
    if (value.contains("loopFrom")) {
        level.foes.push_back({entity, readWay(value, patrol.box, where)});
        return;
    }
    for (const Entity& each : level.entities)
        if (each.role == "turn-mark") patrol.marks.push_back(each.box);
    level.foes.push_back({entity, patrolOf(level.frame, level, level.motion, patrol, doors)});
}

/// Simulates what a thrower throws.
inline void readThrower(const json& value, std::size_t entity, const std::vector<Box>& doors,
                        Level& level, const std::string& where) {
    const json& data = member(value, "thrower", where);
    const json& shot = member(data, "shot", where + ".thrower");
    const std::string at = where + ".thrower.shot";
    Thrower thrower;
    thrower.box = level.entities[entity].box;
    thrower.everyTicks = whole(data, "every", 1, 36000, where + ".thrower");
    thrower.first = whole(data, "first", 0, thrower.everyTicks - 1, where + ".thrower");
    thrower.shotWidth = whole(shot, "width", 1, 512, at);
    thrower.shotHeight = whole(shot, "height", 1, 512, at);
    thrower.lifeTicks = whole(shot, "life", 1, 3600, at);
    const auto pace = [&](const char* key) {
        const double px = numberOf(shot, key, 0, at);
        if (px < -64 || px > 64) fail("A shot goes at most 64 px a tick", at + "." + key);
        return static_cast<int>(std::llround(px * 1000));
    };
    thrower.dx = pace("dx");
    thrower.dy = pace("dy");
    for (Way& way : shotsOf(level.frame, level, thrower, doors))
        level.shots.push_back({entity, std::move(way)});
}

inline void readFormation(const json& value, std::size_t entity, Level& level,
                          const std::string& where) {
    const json& data = member(value, "formation", where);
    Group group;
    group.entity = entity;
    group.member = text(data, "member", where);
    group.memberRole = text(data, "memberRole", where);
    Formation& formation = group.formation;
    const Box& box = level.entities[entity].box;
    const int width = whole(data, "memberWidth", 1, 4096, where);
    const int height = whole(data, "memberHeight", 1, 4096, where);
    formation.middle = {box.x + (box.width - width) / 2, box.y + (box.height - height) / 2, width,
                        height};
    formation.shape = oneOf<FormationShape>(data, "shape", {"ring", "arc", "line", "grid"}, where);
    formation.count = whole(data, "count", 1, 256, where);
    formation.distance = whole(data, "distance", 0, 4096, where);
    formation.periodTicks = whole(data, "periodTicks", 0, 36000, where);
    if (data.contains("columns")) formation.columns = whole(data, "columns", 1, 256, where);
    if (data.contains("arcDegrees"))
        formation.arcDegrees = whole(data, "arcDegrees", 1, 360, where);
    formation.isClockwise = !data.contains("clockwise") || data["clockwise"] == true;
    if (data.contains("gaps")) formation.gaps = numbers(data, "gaps", 0, 255, 256, where);
    if (data.contains("shift")) {
        const std::vector<int> shift = numbers(data, "shift", -(1 << 26), 1 << 26, 2, where);
        if (shift.size() != 2) fail("shift should hold two numbers", where);
        formation.shiftX = shift[0];
        formation.shiftY = shift[1];
    }
    level.formations.push_back(std::move(group));
}

/// Brackets inside brackets, at most: nlohmann-json copies and frees values as deep as they go.
constexpr int maxDepth = 64;
/// What a bundle's file may be long, bytes.
constexpr std::streamoff maxFileBytes = std::streamoff{1} << 29;

inline bool isTooDeep(const std::string& text) {
    int depth = 0;
    bool isInString = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (isInString && c == '\\')
            ++i;
        else if (c == '"')
            isInString = !isInString;
        else if (!isInString && (c == '[' || c == '{') && ++depth > maxDepth)
            return true;
        else if (!isInString && (c == ']' || c == '}'))
            --depth;
    }
    return false;
}

/// The line of a byte, which counts from 1.
inline std::string lineOf(const std::string& text, std::size_t byte) {
    const std::size_t at = std::min(byte > 0 ? byte - 1 : 0, text.size());
    const auto end = text.begin() + static_cast<std::ptrdiff_t>(at);
    return std::to_string(1 + std::count(text.begin(), end, '\n'));
}

/// `name` stands in messages.
inline json parsedText(const std::string& text, const std::string& name) {
    if (isTooDeep(text)) fail("The file is nested deeper than 64 levels", name);
    try {
        return json::parse(text);
    } catch (const json::parse_error& problem) {
        fail("The file is not valid JSON", name + ":" + lineOf(text, problem.byte));
    } catch (const json::exception&) {
        fail("The file holds a number that is too large", name);
    }
}

inline json parsed(const std::string& path) {
    std::ifstream file(path, std::ios::binary | std::ios::ate);
    const std::streamoff size = file ? static_cast<std::streamoff>(file.tellg()) : -1;
    if (size < 0)
        throw LoadError("The file cannot be read (" + path + "). Export the bundle again.");
    if (size > maxFileBytes) fail("The file is longer than 512 MiB", path);
    std::string text(static_cast<std::size_t>(size), '\0');
    file.seekg(0);
    file.read(&text[0], size);
    return parsedText(text, path);
}

/// Of the entity of that id among those of the level.
inline std::size_t placeOf(const Level& level, const std::string& id, const std::string& where) {
    for (std::size_t i = 0; i < level.entities.size(); ++i)
        if (level.entities[i].id == id) return i;
    fail("There is no entity \"" + id + "\"", where);
}

/// What the game carries, as far as the level is concerned: "carried": {"granted", "assumed"}.
inline void readCarried(const json& file, Level& level, const std::string& name) {
    level.listed = level.motion.abilities;
    for (const Gain& gain : level.parts.gains)
        level.grants.push_back(gain.grants);
    if (!file.contains("carried")) return;
    const json& carried = file["carried"];
    const auto abilities = [&](const char* key) {
        const std::string where = name + ": carried." + key;
        list(carried, key, name + ": carried");
        return readGrants(carried[key], where);
    };
    level.carried = {abilities("granted"), abilities("assumed")};
    level.beginWith(level.carried.inHand);
}

}  // namespace detail

/// `name` stands in messages.
inline Level readLevel(const nlohmann::json& file, const std::string& name) {
    using namespace detail;
    Level level;
    header(file, "rookplot-level", name);
    level.id = text(file, "id", name);
    level.title = text(file, "title", name);
    level.kind = text(file, "kind", name);
    level.motion.fromAbove = level.kind == "above";
    if (file.contains("message")) level.message = text(file, "message", name);
    if (file.contains("background") && file["background"].contains("color"))
        level.backgroundColor = text(file["background"], "color", name + ": background");
    if (file.contains("background") && file["background"].contains("below"))
        level.backgroundBelow = text(file["background"], "below", name + ": background");
    const nlohmann::json& cell = member(file, "cell", name);
    const nlohmann::json& size = member(file, "size", name);
    level.frame.cellWidth = whole(cell, "width", 1, 512, name + ": cell");
    level.frame.cellHeight = whole(cell, "height", 1, 512, name + ": cell");
    level.frame.columns = whole(size, "columns", 1, 16384, name + ": size");
    level.frame.rows = whole(size, "rows", 1, 16384, name + ": size");
    if (file.contains("edges")) {
        const nlohmann::json& edges = file["edges"];
        const std::string where = name + ": edges";
        const Edges standard;
        level.frame.edges = {
            edge(edges, "left", standard.left, where), edge(edges, "right", standard.right, where),
            edge(edges, "top", standard.top, where), edge(edges, "bottom", standard.bottom, where)};
    }
    readMatter(file, level, name);
    readMotion(file, level, name);
    const nlohmann::json& entities = list(file, "entities", name);
    for (std::size_t i = 0; i < entities.size(); ++i)
        level.entities.push_back(readEntity(entities[i], item(name + ": ", "entities", i)));
    if (file.contains("layers")) {
        const nlohmann::json& layers = list(file, "layers", name);
        for (std::size_t i = 0; i < layers.size(); ++i)
            level.layers.push_back(readLayer(layers[i], level, item(name + ": ", "layers", i)));
    }
    if (file.contains("zones")) {
        const nlohmann::json& zones = list(file, "zones", name);
        for (std::size_t i = 0; i < zones.size(); ++i)
            level.zones.push_back(readZone(zones[i], item(name + ": ", "zones", i)));
    }
    if (file.contains("pictures")) {
        const nlohmann::json& pictures = list(file, "pictures", name);
        for (std::size_t i = 0; i < pictures.size(); ++i)
            level.pictures.push_back(readPicture(pictures[i], item(name + ": ", "pictures", i)));
    }
    readParts(file, level, name);
    if (file.contains("kit")) level.kit = readKitPlan(file, name);
    if (file.contains("puzzle") && !file["puzzle"].is_null())
        level.puzzle = readPuzzle(file["puzzle"], name + ": puzzle");
    if (file.contains("movers")) {
        const nlohmann::json& movers = list(file, "movers", name);
        for (std::size_t i = 0; i < movers.size(); ++i) {
            const std::string where = item(name + ": ", "movers", i);
            level.parts.movers.push_back(readMover(movers[i], where));
            level.moverEntities.push_back(placeOf(level, text(movers[i], "id", where), where));
        }
    }
    std::vector<Box> doors;
    for (const Entity& each : level.entities)
        if (each.role == "door") doors.push_back(each.box);
    for (std::size_t i = 0; i < level.entities.size(); ++i) {
        const std::string where = item(name + ": ", "entities", i);
        if (entities[i].contains("patrol")) readFoe(entities[i], i, doors, level, where);
        if (entities[i].contains("thrower")) readThrower(entities[i], i, doors, level, where);
        if (entities[i].contains("formation")) readFormation(entities[i], i, level, where);
    }
    readProof(file, level, name);
    readCarried(file, level, name);
    if (file.contains("arrives")) level.arrivesAtAny = text(file, "arrives", name) == "any";
    level.texts = readTexts(file, name);
    for (const char* key : {"goals", "onDeath"})
        if (file.contains(key)) level.file[key] = file[key];
    return level;
}

/// `folder` is the bundle.
inline Campaign loadCampaign(const std::string& folder) {
    return readCampaign(detail::parsed(folder + "/campaign.json"), "campaign.json");
}

/// `file` as the campaign says it.
inline Level loadLevel(const std::string& folder, const std::string& file) {
    return readLevel(detail::parsed(folder + "/" + detail::pathInside(file, "campaign.json")),
                     file);
}

}  // namespace rook::runtime
