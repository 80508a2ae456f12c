#pragma once
/// Loads what Rook Plot exports: campaign.json and levels/<id>.level.json. C++17, nlohmann-json,
/// and rook_motion.hpp beside this file; nothing else.
///
///     auto campaign = rook::runtime::loadCampaign("bundle");
///     auto level = rook::runtime::loadLevel("bundle", campaign.levels[0].file);
///     rook::runtime::World world = level.world();
///     rook::runtime::Body body = level.start(world, "");
///     rook::runtime::step(world, level.motion, body, {1, 0, rook::runtime::jumpButton});
///
/// All functions throw `LoadError` with one sentence that says what, where and what to do. Files
/// are not trusted: sizes, ranges and references are checked before memory is taken.

#include <cstdint>
#include <fstream>
#include <nlohmann/json.hpp>
#include <sstream>
#include <stdexcept>
#include <string>
#include <vector>

#include "rook_motion.hpp"

namespace rook::runtime {

class LoadError : public std::runtime_error {
public:
    using std::runtime_error::runtime_error;
};

struct Layer {
    std::string name;
    std::string role;
    std::string sheet;  ///< relative to the bundle
    int tileWidth = 16;
    int tileHeight = 16;
    int columns = 1;                      ///< tiles in one row of the sheet
    std::vector<std::vector<int>> tiles;  ///< rows; 0 = empty, n = tile n - 1 of the sheet
};

struct Target {
    std::string level;  ///< empty = the end
    std::string entry;
};

struct Entity {
    std::string id;
    std::string kind;
    std::string role;
    Box box;
    std::string facing;
    nlohmann::json fields;
    Target to;             ///< exits only
    nlohmann::json whole;  ///< the entity as it stands in the file
};

struct Level : CellSource {
    std::string id;
    std::string title;
    std::string kind;
    std::string message;
    std::string backgroundColor;
    Frame frame;
    std::vector<Layer> layers;
    std::vector<std::string> matterNames;
    std::vector<Behaviour> behaviours;
    std::vector<std::uint16_t> cells;  ///< matter of each cell, row by row
    std::vector<Form> forms;           ///< form of each cell, row by row
    std::vector<Entity> entities;
    MotionTables motion;
    std::vector<std::string> abilities;
    int coyoteTicks = 0;
    int airJumps = 0;
    bool hasMovers = false;

    CellShape at(int column, int row) const override {
        const std::size_t i =
            static_cast<std::size_t>(row) * static_cast<std::size_t>(frame.columns) +
            static_cast<std::size_t>(column);
        return {behaviours[cells[i]], forms[i]};
    }
    /// The world of this level; it refers to the level, which must outlive it and stay in place.
    World world() const {
        std::vector<Box> deadly;
        for (const Entity& entity : entities)
            if (entity.role == "hazard" && !entity.whole.contains("timetable"))
                deadly.push_back(entity.box);
        return World(frame, *this, motion, std::move(deadly));
    }
    /// The spawn or entry of that id, else the first spawn; null if there is none.
    const Entity* startEntity(const std::string& name) const {
        for (const Entity& entity : entities)
            if (!name.empty() && entity.id == name &&
                (entity.role == "spawn" || entity.role == "entry"))
                return &entity;
        for (const Entity& entity : entities)
            if (entity.role == "spawn") return &entity;
        return nullptr;
    }
    /// A body at that start; ended if there is none or it has no room.
    Body start(const World& world, const std::string& name) const {
        const Entity* entity = startEntity(name);
        if (entity) return bodyAt(entity->box, world, motion);
        Body body;
        body.stance = Stance::Ended;
        return body;
    }
};

struct CampaignLevel {
    std::string id;
    std::string title;
    std::string file;  ///< relative to the bundle
    std::string message;
    std::string next;  ///< id of the level that follows; empty = none
    std::vector<std::pair<std::string, Target>> exits;  ///< by entity id, resolved
};

struct Campaign {
    std::string name;
    std::vector<CampaignLevel> levels;

    const CampaignLevel* find(const std::string& id) const {
        for (const CampaignLevel& level : levels)
            if (level.id == id) return &level;
        return nullptr;
    }
};

namespace detail {

using nlohmann::json;

[[noreturn]] inline void fail(const std::string& what, const std::string& where) {
    throw LoadError(what + " (" + where + "). Export the level again.");
}

inline const json& member(const json& object, const char* key, const std::string& where) {
    if (!object.is_object()) fail("An object is wanted here", where);
    const auto found = object.find(key);
    if (found == object.end()) fail(std::string("The key \"") + key + "\" is missing", where);
    return *found;
}

inline std::string text(const json& object, const char* key, const std::string& where) {
    const json& value = member(object, key, where);
    if (!value.is_string()) fail("A text is wanted here", where + "." + key);
    return value.get<std::string>();
}

inline int whole(const json& value, int low, int high, const std::string& where) {
    if (!value.is_number_integer()) fail("A whole number is wanted here", where);
    const bool isHuge = value.is_number_unsigned() && value.get<std::uint64_t>() > 0x7fffffffu;
    const std::int64_t number = isHuge ? 0x80000000LL : value.get<std::int64_t>();
    if (number < low || number > high) {
        fail("The number " + value.dump() + " is out of its range, " + std::to_string(low) +
                 " to " + std::to_string(high),
             where);
    }
    return static_cast<int>(number);
}

inline int whole(const json& object, const char* key, int low, int high, const std::string& where) {
    return whole(member(object, key, where), low, high, where + "." + key);
}

inline const json& list(const json& object, const char* key, const std::string& where) {
    const json& value = member(object, key, where);
    if (!value.is_array()) fail("A list is wanted here", where + "." + key);
    return value;
}

inline std::string item(const std::string& where, const char* key, std::size_t index) {
    return where + "." + key + "[" + std::to_string(index) + "]";
}

inline void header(const json& object, const char* format, const std::string& where) {
    if (text(object, "format", where) != format)
        fail(std::string("The format is not ") + format, where);
    if (whole(object, "version", 1, 0x7fffffff, where) > 1)
        fail("The version is newer than this loader, which reads 1", where);
}

template <typename E, std::size_t count>
E named(const std::string& name, const std::array<std::string_view, count>& names,
        const std::string& where) {
    for (std::size_t i = 0; i < count; ++i)
        if (name == names[i]) return static_cast<E>(i);
    fail("\"" + name + "\" is not known here", where);
}

inline Behaviour behaviour(const std::string& name, const std::string& where) {
    return named<Behaviour>(name, behaviourNames, where);
}

inline Form form(const std::string& name, const std::string& where) {
    return named<Form>(name, formNames, where);
}

/// An edge that is not said is a wall, at the bottom deadly.
inline EdgeRule edge(const json& edges, const char* key, EdgeRule standard,
                     const std::string& where) {
    if (!edges.is_object()) fail("An object is wanted here", where);
    if (!edges.contains(key)) return standard;
    return named<EdgeRule>(text(edges, key, where), edgeRuleNames, where + "." + key);
}

/// Calls `take(x, y, number)` for each number of a list of rows.
template <typename Take>
void rows(const json& object, const char* key, int columns, int rowCount, int high,
          const std::string& where, Take&& take) {
    const json& all = list(object, key, where);
    if (all.size() != static_cast<std::size_t>(rowCount))
        fail("There are " + std::to_string(all.size()) + " rows and should be " +
                 std::to_string(rowCount),
             where + "." + key);
    for (int y = 0; y < rowCount; ++y) {
        const json& row = all[static_cast<std::size_t>(y)];
        const std::string place = item(where, key, static_cast<std::size_t>(y));
        if (!row.is_array() || row.size() != static_cast<std::size_t>(columns))
            fail("The row should have " + std::to_string(columns) + " numbers", place);
        for (int x = 0; x < columns; ++x)
            take(x, y, whole(row[static_cast<std::size_t>(x)], 0, high, place));
    }
}

inline void readMatter(const json& file, Level& level, const std::string& name) {
    const std::string where = name + ": matter";
    const json& matter = member(file, "matter", name);
    for (const json& value : list(matter, "names", where)) {
        if (!value.is_string()) fail("A text is wanted here", where + ".names");
        level.matterNames.push_back(value.get<std::string>());
    }
    for (const json& value : list(matter, "behaviours", where)) {
        if (!value.is_string()) fail("A text is wanted here", where + ".behaviours");
        level.behaviours.push_back(behaviour(value.get<std::string>(), where + ".behaviours"));
    }
    const std::size_t matterCount = level.behaviours.size();
    if (matterCount == 0 || matterCount > 4096 || matterCount != level.matterNames.size())
        fail("There should be as many names as behaviours, 1 to 4096", where);
    std::vector<Form> forms;
    for (const json& value : list(matter, "formNames", where)) {
        if (!value.is_string()) fail("A text is wanted here", where + ".formNames");
        forms.push_back(form(value.get<std::string>(), where + ".formNames"));
    }
    if (forms.empty()) fail("There are no forms", where + ".formNames");
    const int columns = level.frame.columns;
    const int rowCount = level.frame.rows;
    rows(matter, "cells", columns, rowCount, static_cast<int>(matterCount) - 1, where,
         [&](int, int, int n) { level.cells.push_back(static_cast<std::uint16_t>(n)); });
    rows(matter, "forms", columns, rowCount, static_cast<int>(forms.size()) - 1, where,
         [&](int, int, int n) { level.forms.push_back(forms[static_cast<std::size_t>(n)]); });
    for (std::size_t i = 0; i < level.cells.size(); ++i) {
        if (level.behaviours[level.cells[i]] == Behaviour::OneWay &&
            level.forms[i] > Form::UpperHalf) {
            fail("One-way matter takes the forms full, lower-half and upper-half only",
                 item(where, "forms", i / static_cast<std::size_t>(columns)));
        }
    }
}

inline std::vector<int> numbers(const json& object, const char* key, int low, int high,
                                std::size_t most, const std::string& where) {
    const json& all = list(object, key, where);
    if (all.size() > most)
        fail("The list has more than " + std::to_string(most) + " numbers", where + "." + key);
    std::vector<int> out;
    for (const json& value : all)
        out.push_back(whole(value, low, high, where + "." + key));
    return out;
}

inline void readMotion(const json& file, Level& level, const std::string& name) {
    const std::string where = name + ": motion";
    const json& motion = member(file, "motion", name);
    MotionTables& tables = level.motion;
    const json& body = member(motion, "body", where);
    tables.bodyWidth = whole(body, "width", 1, 512, where + ".body");
    tables.bodyHeight = whole(body, "height", 1, 512, where + ".body");
    for (const json& value : list(motion, "abilities", where)) {
        if (!value.is_string()) fail("A text is wanted here", where + ".abilities");
        level.abilities.push_back(value.get<std::string>());
        if (level.abilities.back() == "short-hop") tables.shortHop = true;
        if (level.abilities.back() == "drop-through") tables.dropThrough = true;
        if (level.abilities.back() == "swim") tables.swims = true;
    }
    const int far = 1 << 16;  // px in one tick; no profile in range comes near it
    tables.dx = numbers(motion, "dx", 0, far, 4096, where);
    tables.dy = numbers(motion, "dy", -far, far, 4096, where);
    if (tables.dx.empty() || tables.dx.size() != tables.dy.size())
        fail("dx and dy should be equally long, 1 to 4096 numbers", where);
    const int last = static_cast<int>(tables.dx.size()) - 1;
    tables.loopFrom = whole(motion, "loopFrom", 0, last, where);
    tables.topPhase = whole(motion, "topPhase", 0, last, where);
    const std::vector<int> walk = numbers(motion, "walk", 0, far, 16, where);
    if (walk.size() != 16) fail("walk should hold 16 numbers", where + ".walk");
    std::copy(walk.begin(), walk.end(), tables.walk.begin());
    tables.stepUp = whole(motion, "stepUp", 0, 512, where);
    level.coyoteTicks = whole(motion, "coyoteTicks", 0, 1 << 20, where);
    level.airJumps = whole(motion, "airJumps", 0, 3, where);
}

inline Target target(const json& object, const std::string& where) {
    if (object.is_null()) return {};
    return {text(object, "level", where), text(object, "entry", where)};
}

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
    if (value.contains("to")) entity.to = target(value["to"], where + ".to");
    entity.whole = value;
    return entity;
}

inline Layer readLayer(const json& value, const Level& level, const std::string& where) {
    Layer layer;
    layer.name = text(value, "name", where);
    layer.role = text(value, "role", where);
    layer.sheet = text(value, "sheet", where);
    const std::vector<int> tile = numbers(value, "tile", 1, 16384, 2, where);
    if (tile.size() != 2) fail("tile should hold width and height", where);
    layer.tileWidth = tile[0];
    layer.tileHeight = tile[1];
    layer.columns = whole(value, "columns", 1, 65536, where);
    layer.tiles.assign(static_cast<std::size_t>(level.frame.rows), {});
    rows(value, "tiles", level.frame.columns, level.frame.rows, 65536, where,
         [&](int, int y, int n) { layer.tiles[static_cast<std::size_t>(y)].push_back(n); });
    return layer;
}

inline json parsed(const std::string& path) {
    std::ifstream file(path, std::ios::binary);
    if (!file) throw LoadError("The file cannot be read (" + path + "). Export the bundle again.");
    std::ostringstream bytes;
    bytes << file.rdbuf();
    try {
        return json::parse(bytes.str());
    } catch (const json::exception& problem) {
        throw LoadError("The file is not valid JSON (" + path + "): " + problem.what());
    }
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
    level.hasMovers = file.contains("movers") && !file["movers"].empty();
    return level;
}

inline Campaign readCampaign(const nlohmann::json& file, const std::string& name) {
    using namespace detail;
    header(file, "rookplot-campaign", name);
    Campaign campaign;
    campaign.name = text(file, "name", name);
    const nlohmann::json& levels = list(file, "levels", name);
    for (std::size_t i = 0; i < levels.size(); ++i) {
        const std::string where = item(name + ": ", "levels", i);
        CampaignLevel level;
        level.id = text(levels[i], "id", where);
        level.title = text(levels[i], "title", where);
        level.file = text(levels[i], "file", where);
        level.message = text(levels[i], "message", where);
        const nlohmann::json& next = member(levels[i], "next", where);
        if (!next.is_null()) level.next = text(levels[i], "next", where);
        for (const nlohmann::json& exit : list(levels[i], "exits", where))
            level.exits.emplace_back(text(exit, "id", where),
                                     target(member(exit, "to", where), where + ".exits"));
        campaign.levels.push_back(std::move(level));
    }
    return campaign;
}

/// `folder` is the bundle.
inline Campaign loadCampaign(const std::string& folder) {
    return readCampaign(detail::parsed(folder + "/campaign.json"), "campaign.json");
}

/// `file` as the campaign says it.
inline Level loadLevel(const std::string& folder, const std::string& file) {
    if (file.find("..") != std::string::npos || file.empty() || file[0] == '/')
        detail::fail("The path leaves the bundle", file);
    return readLevel(detail::parsed(folder + "/" + file), file);
}

}  // namespace rook::runtime
