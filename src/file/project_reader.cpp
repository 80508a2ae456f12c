#include <set>

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/kit_file.h"
#include "file/kit_json_detail.h"
#include "file/matter_text.h"
#include "file/png.h"
#include "file/project_file.h"
#include "file/project_parts_detail.h"
#include "file/sketch_json_detail.h"
#include "file/skin_json_detail.h"
#include "file/zone_json_detail.h"
#include "level/forms.h"

namespace rook::file {

namespace {

using namespace level;

void checkUnique(std::set<std::string>& names, const std::string& name, const std::string& where) {
    if (!names.insert(name).second) {
        failReading(ErrorKind::BadReference, "\"" + name + "\" is there twice", where,
                    "Rename one of them");
    }
}

/// Tiles are counted from 1 in files.
TileAnimation readAnimation(ObjectReader& reader) {
    TileAnimation animation;
    animation.tile = reader.integer("tile", 1, 65536) - 1;
    animation.ticks = reader.integer("ticks", 1, maxFrameTicks);
    reader.forEach("frames", maxFrames, [&](const Json& item, const std::string& where) {
        const std::int64_t number =
            item.is_number_integer() ? item.get<std::int64_t>() : std::int64_t{0};
        if (number < 1 || number > 65536)
            failReading(ErrorKind::OutOfRange, "A tile's number from 1 to 65,536 is wanted here",
                        where, "Mend it");
        animation.frames.push_back(static_cast<int>(number) - 1);
    });
    if (animation.frames.size() < 2)
        failReading(ErrorKind::OutOfRange, "An animation has two frames at least",
                    reader.whereOf("frames"), "Add one, or take the animation out");
    return animation;
}

Sheet readSheet(ObjectReader& reader) {
    Sheet sheet;
    sheet.name = reader.plainName("name");
    sheet.path = reader.text("path");
    const auto [width, height] = reader.pair("tile", 1, limits::maxCellPx);
    sheet.tile = {width, height};
    sheet.columns = reader.integer("columns", 1, 65536);
    reader.forEachObject("animations", 65536, [&](ObjectReader& item) {
        sheet.animations.push_back(readAnimation(item));
        const TileAnimation& added = sheet.animations.back();
        if (sheet.animationOf(added.tile) != &added)
            failReading(ErrorKind::OutOfRange, "A tile is animated twice", item.where(),
                        "Take one of them out");
    });
    std::set<int> noted;
    reader.forEachObject("notes", 65536, [&](ObjectReader& item) {
        TileNote note;
        note.tile = item.integer("tile", 1, 65536) - 1;
        note.name = item.text("name", "");
        if (item.has("form")) note.form = item.named<Form>("form");
        if (!noted.insert(note.tile).second)
            failReading(ErrorKind::OutOfRange, "A tile has two notes", item.where(),
                        "Take one of them out");
        sheet.notes.push_back(std::move(note));
    });
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
    matter.tile = reader.integer("tile", 0, 65536, 0);
    matter.form = reader.named<Form>("form", Form::Full);
    if (!canTake(matter.behaviour, matter.form)) {
        failReading(ErrorKind::NotApplicable, "This matter cannot be laid in that form",
                    reader.whereOf("form"), "Use full, lower-half or upper-half");
    }
    reader.forEach("joins", limits::maxMatters, [&](const Json& item, const std::string& where) {
        if (!item.is_string())
            failReading(ErrorKind::WrongType, "The name of a matter is wanted here", where,
                        "Mend it");
        matter.joins.push_back(item.get<std::string>());
    });
    std::set<std::string> fields;
    reader.forEachObject("fields", 256, [&](ObjectReader& item) {
        matter.fields.push_back(readNamedValue(item));
        checkUnique(fields, matter.fields.back().first, item.where());
    });
    matter.unknown = reader.unknown();
    return matter;
}

MotionProfile readProfile(ObjectReader& reader) {
    MotionProfile p = readDescribed<MotionProfile>(reader);
    p.unknown = reader.unknown();
    return p;
}

// Long because it reads each key of the project in the order of its format.
Project readProject(const Json& json, const std::string& name, BoardIds& boards) {
    ObjectReader reader(json, name);
    readHeader(reader, "rookplot-project");
    Project project;
    project.name = reader.text("name");
    std::set<std::string> names;
    std::vector<Sheet> sheets;
    reader.forEachObject("sheets", maxSheets, [&](ObjectReader& item) {
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
    for (std::size_t i = 1; i < project.matters.size(); ++i)
        for (const std::string& joined : project.matters[i].joins)
            if (!project.findMatter(joined)) {
                failReading(ErrorKind::BadReference, "There is no matter \"" + joined + "\"",
                            reader.whereOf("matters") + "[" + std::to_string(i - 1) + "].joins",
                            "Leave it out");
            }
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
    std::vector<Block> blocks;
    reader.forEachObject("blocks", limits::maxBlocks, [&](ObjectReader& item) {
        blocks.push_back(readBlock(item, project));
        checkUnique(names, blocks.back().name, item.where());
    });
    project.blocks = std::move(blocks);
    names.clear();
    std::vector<Backdrop> backdrops;
    reader.forEachObject("backdrops", 4096, [&](ObjectReader& item) {
        backdrops.push_back(readBackdrop(item));
        checkUnique(names, backdrops.back().name, item.where());
    });
    project.backdrops = std::move(backdrops);
    names.clear();
    project.zoneBudget = reader.integer("zoneBudget", 0, limits::maxEntities, 0);
    project.writesMembers = reader.boolean("writesMembers", false);
    project.comfortLimit = reader.integer("comfortLimit", 0, 60, 0);
    // Levels and swatches share their names.
    const auto readIds = [&](const char* key, std::vector<std::string>& ids) {
        reader.forEach(key, limits::maxLevels, [&](const Json& item, const std::string& where) {
            if (!item.is_string() || !isPlainName(item.get<std::string>()))
                failReading(ErrorKind::WrongType, "The id of a board is wanted here", where,
                            "Mend it");
            ids.push_back(item.get<std::string>());
            checkUnique(names, ids.back(), where);
        });
    };
    readIds("order", boards.order);
    readIds("swatches", boards.swatches);
    readIds("kits", boards.kits);
    project.unknown = reader.unknown();
    return project;
}

runtime::Edges readEdges(ObjectReader reader) {
    using runtime::EdgeRule;
    const runtime::Edges usual;
    return {reader.named<EdgeRule>("left", usual.left),
            reader.named<EdgeRule>("right", usual.right), reader.named<EdgeRule>("top", usual.top),
            reader.named<EdgeRule>("bottom", usual.bottom)};
}

Level readLevel(const Project& project, const Json& json, const std::string& name) {
    ObjectReader reader(json, name);
    readHeader(reader, "rookplot-board");
    Level level;
    level.id = {reader.plainName("id")};
    level.title = reader.text("title", level.id.text);
    level.kind = reader.named<LevelKind>("kind", LevelKind::Side);
    ObjectReader cell = reader.object("cell");
    level.cellSize.width = cell.integer("width", 1, limits::maxCellPx);
    level.cellSize.height = cell.integer("height", 1, limits::maxCellPx);
    ObjectReader size = reader.object("size");
    const int columns = size.integer("columns", 1, limits::maxBoardCells);
    const int rows = size.integer("rows", 1, limits::maxBoardCells);
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
    readMatterRows(reader, project, level.cells, &level.legend);
    std::vector<Entity> entities;
    std::set<std::string> ids;
    reader.forEachObject("entities", limits::maxEntities, [&](ObjectReader& item) {
        entities.push_back(readEntity(item, project));
        checkUnique(ids, entities.back().id.text, item.where());
    });
    level.entities = std::move(entities);
    readPieces(reader, project, level);
    readZones(reader, level);
    readSkin(reader, project, level);
    std::vector<LaidBlock> laid;
    reader.forEachObject("laid", limits::maxEntities,
                         [&](ObjectReader& item) { laid.push_back(readLaid(item)); });
    level.laid = std::move(laid);
    std::vector<KeptRun> runs;
    std::set<std::string> runNames;
    reader.forEachObject("runs", limits::maxKeptRuns, [&](ObjectReader& item) {
        runs.push_back(readKeptRun(item));
        checkUnique(runNames, runs.back().name, item.where());
    });
    level.runs = std::move(runs);
    if (reader.has("proof")) {
        ObjectReader proof = reader.object("proof");
        level.proof = readKeptRun(proof);
    }
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

Result<Level> openBoard(Storage& storage, const Path& folder, const Project& project,
                        const std::string& where, const std::string& id) {
    const std::string name = where + "/" + id + ".json";
    const auto path = pathInside(folder, name);
    if (!path) return fail(path.error());
    const auto text = storage.read(*path, limits::maxTextBytes);
    if (!text) return fail(text.error());
    auto board = readLevelText(project, *text, name);
    if (board && board->id.text != id)
        return fail(ErrorKind::BadReference, "The level calls itself \"" + board->id.text + "\"",
                    name, "Give it the id of its file name");
    return board;
}

Result<void> openKits(Storage& storage, const Path& folder, Project& project,
                      const std::vector<std::string>& names) {
    std::vector<Kit> kits;
    for (const std::string& id : names) {
        const std::string name = "kits/" + id + ".json";
        const auto path = pathInside(folder, name);
        if (!path) return fail(path.error());
        const auto text = storage.read(*path, limits::maxTextBytes);
        if (!text) return fail(text.error());
        auto kit = readKitText(*text, name);
        if (!kit) return fail(kit.error());
        if (kit->name != id)
            return fail(ErrorKind::BadReference, "The kit calls itself \"" + kit->name + "\"", name,
                        "Give it the name of its file");
        kits.push_back(std::move(*kit));
    }
    project.kits = std::move(kits);
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
                                BoardIds& boards) {
    return guarded(text, name, [&](const Json& json) { return readProject(json, name, boards); });
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
    BoardIds boards;
    auto project = readProjectText(*text, main, boards);
    if (!project) return project;
    for (const Sheet& sheet : project->sheets)
        if (const auto fine = checkSheet(storage, folder, sheet); !fine) return fail(fine.error());
    if (const auto opened = openKits(storage, folder, *project, boards.kits); !opened)
        return fail(opened.error());
    for (const std::string& id : boards.swatches) {
        auto swatch = openBoard(storage, folder, *project, "swatches", id);
        if (!swatch) return fail(swatch.error());
        project->swatches.push_back(std::make_shared<const Level>(std::move(*swatch)));
    }
    for (const std::string& id : boards.order) {
        auto level = openBoard(storage, folder, *project, "levels", id);
        if (!level) return fail(level.error());
        if (const auto loaded = loadUnderlay(storage, folder, *level); !loaded)
            return fail(loaded.error());
        project->levels.push_back(std::make_shared<const Level>(std::move(*level)));
    }
    return project;
}

}  // namespace rook::file
