#include <cmath>
#include <map>
#include <set>

#include "base/limits.h"
#include "file/matter_text.h"
#include "file/object_reader_detail.h"
#include "file/png.h"
#include "file/project_file.h"
#include "file/sketch_json_detail.h"

namespace rook::file {

namespace {

using namespace level;

void checkUnique(std::set<std::string>& names, const std::string& name, const std::string& where) {
    if (!names.insert(name).second) {
        failReading(ErrorKind::BadReference, "\"" + name + "\" is there twice", where,
                    "Rename one of them");
    }
}

/// Decimals of at most three places, exactly.
Decimal decimal(ObjectReader& reader, const std::string& key, Decimal standard) {
    if (!reader.has(key)) return standard;
    const Json& value = reader.get(key);
    if (!value.is_number())
        failReading(ErrorKind::WrongType, "A number is wanted here", reader.whereOf(key),
                    "Mend it");
    const double thousandths = value.get<double>() * 1000;
    const double rounded = std::round(thousandths);
    if (std::abs(rounded) > 1e12 ||
        std::abs(thousandths - rounded) > 1e-6 * std::max(1.0, std::abs(rounded))) {
        failReading(ErrorKind::OutOfRange, "The number " + value.dump() + " has too many places",
                    reader.whereOf(key), "Use at most three decimal places");
    }
    return {static_cast<std::int64_t>(rounded)};
}

std::string sheetName(ObjectReader& reader, const Project& project) {
    const std::string name = reader.text("sheet", "");
    if (!name.empty() && !project.findSheet(name)) {
        failReading(ErrorKind::BadReference, "There is no sheet \"" + name + "\"",
                    reader.whereOf("sheet"), "Add it to the sheets or use another");
    }
    return name;
}

Sheet readSheet(ObjectReader& reader) {
    Sheet sheet;
    sheet.name = reader.plainName("name");
    sheet.path = reader.text("path");
    const auto [width, height] = reader.pair("tile", 1, limits::maxCellPx);
    sheet.tile = {width, height};
    sheet.columns = reader.whole("columns", 1, 65536);
    sheet.unknown = reader.unknown();
    return sheet;
}

Matter readMatter(ObjectReader& reader, const Project& project) {
    Matter matter;
    matter.name = reader.plainName("name");
    matter.title = reader.text("title", matter.name);
    matter.behaviour = reader.named<Behaviour>("behaviour");
    matter.glyph = reader.text("glyph", "");
    if (charactersOf(matter.glyph).size() > 1) {
        failReading(ErrorKind::OutOfRange, "A glyph is one character", reader.whereOf("glyph"),
                    "Leave one");
    }
    matter.color = reader.color("color", matter.color);
    matter.sheet = sheetName(reader, project);
    matter.tile = reader.whole("tile", 0, 65536, 0);
    matter.unknown = reader.unknown();
    return matter;
}

FieldValue readFieldValue(FieldType type, const Json& value, const std::string& where) {
    switch (type) {
        case FieldType::WholeNumber:
            if (value.is_number_integer()) return value.get<std::int64_t>();
            break;
        case FieldType::Text:
            if (value.is_string()) return value.get<std::string>();
            break;
        case FieldType::YesNo:
            if (value.is_boolean()) return value.get<bool>();
            break;
    }
    failReading(ErrorKind::WrongType, "The value " + value.dump() + " is not of the field's type",
                where, "Give one of the type that the kind says");
}

FieldDefinition readField(ObjectReader& reader) {
    FieldDefinition field;
    field.name = reader.plainName("name");
    field.type = reader.named<FieldType>("type");
    switch (field.type) {
        case FieldType::WholeNumber:
            field.standard = std::int64_t{0};
            break;
        case FieldType::Text:
            field.standard = std::string();
            break;
        case FieldType::YesNo:
            field.standard = false;
            break;
    }
    if (reader.has("standard"))
        field.standard =
            readFieldValue(field.type, reader.get("standard"), reader.whereOf("standard"));
    field.unknown = reader.unknown();
    return field;
}

Kind readKind(ObjectReader& reader, const Project& project) {
    Kind kind;
    kind.id = {reader.plainName("id")};
    kind.title = reader.text("title", kind.id.text);
    kind.role = reader.named<Role>("role");
    const auto [width, height] = reader.pair("box", 1, limits::maxCoordinatePx);
    kind.width = width;
    kind.height = height;
    kind.color = reader.color("color", kind.color);
    kind.sheet = sheetName(reader, project);
    kind.tile = reader.whole("tile", 0, 65536, 0);
    kind.atMost = reader.whole("atMost", 0, limits::maxEntities, 0);
    reader.forEachObject("fields", 256,
                         [&](ObjectReader& item) { kind.fields.push_back(readField(item)); });
    kind.unknown = reader.unknown();
    return kind;
}

MotionProfile readProfile(ObjectReader& reader) {
    MotionProfile p;
    p.name = reader.plainName("name");
    const auto [width, height] = reader.pair("body", 1, 512);
    p.bodyWidth = width;
    p.bodyHeight = height;
    p.run = decimal(reader, "run", p.run);
    p.climb = decimal(reader, "climb", p.climb);
    p.swim = decimal(reader, "swim", p.swim);
    p.greatestFall = decimal(reader, "greatestFall", p.greatestFall);
    p.jumpHeight = decimal(reader, "jumpHeight", p.jumpHeight);
    p.timeToTop = decimal(reader, "timeToTop", p.timeToTop);
    p.fallFactor = decimal(reader, "fallFactor", p.fallFactor);
    p.coyoteMs = decimal(reader, "coyoteMs", p.coyoteMs);
    p.wallPush = reader.whole("wallPush", 0, 4096, p.wallPush);
    p.stepUp = reader.whole("stepUp", 0, 512, p.stepUp);
    p.airJumps = reader.whole("airJumps", 0, 3, p.airJumps);
    p.marginPx = reader.whole("marginPx", 0, 512, p.marginPx);
    p.abilities.clear();
    reader.forEach("abilities", abilityCount, [&](const Json& item, const std::string& where) {
        const auto ability =
            item.is_string() ? fromName<Ability>(item.get<std::string>()) : std::nullopt;
        if (ability) {
            if (!p.has(*ability)) p.abilities.push_back(*ability);
            return;
        }
        failReading(ErrorKind::BadReference, "There is no ability " + item.dump(), where,
                    "Use one of: " + std::string(allNames<Ability>()));
    });
    p.unknown = reader.unknown();
    return p;
}

Project readProject(const Json& json, const std::string& name, std::vector<std::string>& order) {
    ObjectReader reader(json, name);
    readHeader(reader, "rookplot-project");
    Project project;
    project.name = reader.text("name");
    std::set<std::string> names;
    std::vector<Sheet> sheets;
    reader.forEachObject("sheets", 4096, [&](ObjectReader& item) {
        sheets.push_back(readSheet(item));
        checkUnique(names, sheets.back().name, item.where());
    });
    project.sheets = std::move(sheets);
    names = {"open"};
    project.matters.edit([&](auto& list) {
        reader.forEachObject("matters", limits::maxMatters - 1, [&](ObjectReader& item) {
            list.push_back(readMatter(item, project));
            checkUnique(names, list.back().name, item.where());
        });
    });
    names.clear();
    std::vector<Kind> kinds;
    reader.forEachObject("kinds", 4096, [&](ObjectReader& item) {
        kinds.push_back(readKind(item, project));
        checkUnique(names, kinds.back().id.text, item.where());
    });
    project.kinds = std::move(kinds);
    names.clear();
    std::vector<MotionProfile> profiles;
    reader.forEachObject("motion", 256, [&](ObjectReader& item) {
        profiles.push_back(readProfile(item));
        checkUnique(names, profiles.back().name, item.where());
    });
    project.profiles = std::move(profiles);
    names.clear();
    std::vector<PartMatch> parts;
    reader.forEachObject("parts", 4096, [&](ObjectReader& item) {
        parts.push_back(readPart(item, project));
        checkUnique(names, parts.back().part, item.where());
    });
    project.parts = std::move(parts);
    names.clear();
    reader.forEach("order", limits::maxLevels, [&](const Json& item, const std::string& where) {
        if (!item.is_string() || !isPlainName(item.get<std::string>()))
            failReading(ErrorKind::WrongType, "A level's id is wanted here", where, "Mend it");
        order.push_back(item.get<std::string>());
        checkUnique(names, order.back(), where);
    });
    project.unknown = reader.unknown();
    return project;
}

runtime::Edges readEdges(ObjectReader reader) {
    using runtime::EdgeRule;
    const runtime::Edges standard;
    return {reader.named<EdgeRule>("left", standard.left),
            reader.named<EdgeRule>("right", standard.right),
            reader.named<EdgeRule>("top", standard.top),
            reader.named<EdgeRule>("bottom", standard.bottom)};
}

Entity readEntity(ObjectReader& reader, const Project& project) {
    Entity entity;
    entity.id = {reader.plainName("id")};
    entity.kind = {reader.plainName("kind")};
    const Kind* kind = project.findKind(entity.kind);
    if (!kind) {
        failReading(ErrorKind::BadReference, "There is no kind \"" + entity.kind.text + "\"",
                    reader.whereOf("kind"), "Add it to the kinds in rookplot.json or use another");
    }
    const int most = limits::maxCoordinatePx;
    entity.box.x = reader.whole("x", -most, most);
    entity.box.y = reader.whole("y", -most, most);
    entity.box.width = reader.whole("width", 1, most, kind->width);
    entity.box.height = reader.whole("height", 1, most, kind->height);
    entity.facing = reader.named<Facing>("facing", Facing::Right);
    if (reader.has("to")) {
        ObjectReader to = reader.object("to");
        entity.to.level = {to.text("level", "")};
        entity.to.entry = {to.text("entry", "")};
    }
    if (reader.has("fields")) {
        ObjectReader fields = reader.object("fields");
        for (const FieldDefinition& definition : kind->fields) {
            if (!fields.has(definition.name)) continue;
            entity.fields.emplace_back(definition.name,
                                       readFieldValue(definition.type, fields.get(definition.name),
                                                      fields.whereOf(definition.name)));
        }
        entity.unknownFields = fields.unknown();
    }
    entity.unknown = reader.unknown();
    return entity;
}

template <typename T>
T orThrow(Result<T> result) {
    if (!result) throw ReadFailure{result.error()};
    if constexpr (!std::is_void_v<T>) return std::move(*result);
}

void readMatterRows(ObjectReader& reader, const Project& project, Level& level) {
    std::map<std::string, Cell> legend;
    if (reader.has("legend")) {
        const std::string where = reader.whereOf("legend");
        for (const auto& [glyph, value] : reader.get("legend").items()) {
            if (!value.is_string() || charactersOf(glyph).size() != 1) {
                failReading(ErrorKind::WrongType, "A legend gives one character a matter", where,
                            "Write \"#\": \"stone\"");
            }
            const Cell cell = orThrow(cellOfName(project, value.get<std::string>(), where));
            legend[glyph] = cell;
            level.legend.push_back({glyph, cell});
        }
    }
    int y = 0;
    const std::string where = reader.whereOf("matter");
    reader.forEach("matter", limits::maxBoardCells, [&](const Json& item, const std::string&) {
        if (!item.is_string())
            failReading(ErrorKind::WrongType, "Rows of matter are texts", where,
                        "Put them in quotes");
        if (y >= level.cells.height()) {
            ++y;
            return;
        }
        const std::string& row = item.get_ref<const std::string&>();
        if (legend.empty())
            orThrow(readRunRow(project, row, y, level.cells, where));
        else
            orThrow(readDrawnRow(row, legend, y, level.cells, where));
        ++y;
    });
    if (y != level.cells.height()) {
        failReading(ErrorKind::OutOfRange,
                    "There are " + std::to_string(y) + " rows and should be " +
                        std::to_string(level.cells.height()),
                    where, "Make them as many as size.rows");
    }
}

Level readLevel(const Project& project, const Json& json, const std::string& name) {
    ObjectReader reader(json, name);
    readHeader(reader, "rookplot-board");
    Level level;
    level.id = {reader.plainName("id")};
    level.title = reader.text("title", level.id.text);
    level.kind = reader.named<LevelKind>("kind", LevelKind::Side);
    ObjectReader cell = reader.object("cell");
    level.cellSize.width = cell.whole("width", 1, limits::maxCellPx);
    level.cellSize.height = cell.whole("height", 1, limits::maxCellPx);
    ObjectReader size = reader.object("size");
    const int columns = size.whole("columns", 1, limits::maxBoardCells);
    const int rows = size.whole("rows", 1, limits::maxBoardCells);
    level.cells = Grid<Cell>(columns, rows);
    if (reader.has("edges")) level.edges = readEdges(reader.object("edges"));
    if (reader.has("background")) {
        ObjectReader background = reader.object("background");
        level.background = background.color("color", level.background);
    }
    level.profile = reader.text("motion", "");
    const bool hasProfile = level.profile.empty() || project.profileOf(level);
    if (!hasProfile) {
        failReading(ErrorKind::BadReference, "There is no motion profile \"" + level.profile + "\"",
                    reader.whereOf("motion"), "Add it to rookplot.json or use another");
    }
    level.message = reader.text("message", "");
    readMatterRows(reader, project, level);
    std::vector<Entity> entities;
    std::set<std::string> ids;
    reader.forEachObject("entities", limits::maxEntities, [&](ObjectReader& item) {
        entities.push_back(readEntity(item, project));
        checkUnique(ids, entities.back().id.text, item.where());
    });
    level.entities = std::move(entities);
    if (reader.has("sketch")) level.sketch = readSketch(reader.object("sketch"));
    level.unknown = reader.unknown();
    return level;
}

/// Runs a reading function and turns what it throws into an error.
template <typename Read>
auto guarded(const std::string& text, const std::string& name, Read&& read)
    -> Result<decltype(read(Json()))> {
    const auto json = parseJson(text, name);
    if (!json) return fail(json.error());
    try {
        return read(*json);
    } catch (const ReadFailure& failure) {
        return fail(failure.error);
    }
}

Result<void> checkSheet(Storage& storage, const Path& folder, const Sheet& sheet) {
    const auto path = pathInside(folder, sheet.path);
    if (!path) return fail(path.error());
    const auto bytes = storage.read(*path, limits::maxImageBytes);
    if (!bytes) return fail(bytes.error());
    const auto size = pngSize(*bytes, sheet.path);
    if (!size) return fail(size.error());
    if (sheet.columns * sheet.tile.width > size->width || sheet.tile.height > size->height) {
        return fail(ErrorKind::OutOfRange,
                    "The sheet " + sheet.name + " is " + std::to_string(size->width) +
                        " px wide, too small for " + std::to_string(sheet.columns) +
                        " tiles in a row",
                    sheet.path, "Correct its tile size or columns in rookplot.json");
    }
    return {};
}

/// A picture that is gone is a finding, and no reason to keep a project shut; a path that leaves
/// the folder is one.
Result<void> loadUnderlay(Storage& storage, const Path& folder, Level& level) {
    if (!level.sketch.underlay) return {};
    const auto path = pathInside(folder, level.sketch.underlay->path);
    if (!path) return fail(path.error());
    auto bytes = storage.read(*path, limits::maxImageBytes);
    if (bytes)
        level.sketch.underlay->picture.bytes =
            std::make_shared<const std::string>(std::move(*bytes));
    return {};
}

}  // namespace

Result<Project> readProjectText(const std::string& text, const std::string& name,
                                std::vector<std::string>& order) {
    return guarded(text, name, [&](const Json& json) { return readProject(json, name, order); });
}

Result<Level> readLevelText(const Project& project, const std::string& text,
                            const std::string& name) {
    return guarded(text, name, [&](const Json& json) { return readLevel(project, json, name); });
}

Result<Project> openProject(Storage& storage, const Path& folder) {
    const std::string main = "rookplot.json";
    const auto text = storage.read(folder / main, limits::maxTextBytes);
    if (!text) {
        if (text.error().kind != ErrorKind::Missing) return fail(text.error());
        return fail(ErrorKind::Missing, "This folder holds no project: rookplot.json is not there",
                    folder.string(), "Choose a project folder, or make one with rookplot new");
    }
    std::vector<std::string> order;
    auto project = readProjectText(*text, main, order);
    if (!project) return project;
    for (const Sheet& sheet : project->sheets)
        if (const auto fine = checkSheet(storage, folder, sheet); !fine) return fail(fine.error());
    for (const std::string& id : order) {
        const std::string name = "levels/" + id + ".json";
        const auto path = pathInside(folder, name);
        if (!path) return fail(path.error());
        const auto levelText = storage.read(*path, limits::maxTextBytes);
        if (!levelText) return fail(levelText.error());
        auto level = readLevelText(*project, *levelText, name);
        if (!level) return fail(level.error());
        if (level->id.text != id) {
            return fail(ErrorKind::BadReference,
                        "The level calls itself \"" + level->id.text + "\"", name,
                        "Give it the id of its file name");
        }
        if (const auto loaded = loadUnderlay(storage, folder, *level); !loaded)
            return fail(loaded.error());
        project->levels.push_back(std::make_shared<const Level>(std::move(*level)));
    }
    return project;
}

}  // namespace rook::file
