#include <set>

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/entity_json.h"
#include "file/json_text.h"
#include "file/kit_file.h"
#include "file/kit_json_detail.h"
#include "file/matter_text.h"
#include "file/project_file.h"
#include "file/project_parts_detail.h"
#include "file/sketch_json_detail.h"
#include "file/skin_json_detail.h"
#include "file/zone_json_detail.h"

namespace rook::file {

namespace {

using namespace level;

Json matterJson(const Matter& matter) {
    Json json = {{"name", matter.name},
                 {"title", matter.title},
                 {"behaviour", nameOf(matter.behaviour)},
                 {"glyph", matter.glyph},
                 {"color", matter.color}};
    if (!matter.sheet.empty()) json["sheet"] = matter.sheet;
    if (matter.tile != 0) json["tile"] = matter.tile;
    if (matter.form != Form::Full) json["form"] = nameOf(matter.form);
    if (!matter.joins.empty()) json["joins"] = matter.joins;
    if (!matter.fields.empty()) {
        Json fields = Json::array();
        for (const NamedValue& field : matter.fields)
            fields.push_back(namedValueJson(field));
        json["fields"] = std::move(fields);
    }
    appendUnknown(json, matter.unknown);
    return json;
}

Json sheetJson(const Sheet& sheet) {
    Json json = {{"name", sheet.name},
                 {"path", sheet.path},
                 {"tile", {sheet.tile.width, sheet.tile.height}},
                 {"columns", sheet.columns}};
    if (!sheet.animations.empty()) json["animations"] = animationsJson(sheet.animations);
    if (!sheet.notes.empty()) {
        Json notes = Json::array();
        for (const TileNote& note : sheet.notes) {
            Json each = {{"tile", note.tile + 1}};
            if (!note.name.empty()) each["name"] = note.name;
            if (note.form) each["form"] = nameOf(*note.form);
            notes.push_back(std::move(each));
        }
        json["notes"] = std::move(notes);
    }
    appendUnknown(json, sheet.unknown);
    return json;
}

Json profileJson(const MotionProfile& p) {
    Json json = describedJson(p);
    appendUnknown(json, p.unknown);
    return json;
}

template <typename List, typename ToJson>
std::vector<std::string> linesOf(const List& list, ToJson&& toJson) {
    std::vector<std::string> lines;
    for (const auto& item : list)
        lines.push_back(compactText(toJson(item)));
    return lines;
}

}  // namespace

std::string projectText(const Project& project) {
    JsonLines lines;
    lines.member("format", "rookplot-project");
    lines.member("version", 1);
    lines.member("name", project.name);
    lines.list("sheets", linesOf(project.sheets, sheetJson));
    std::vector<std::string> matters = linesOf(project.matters, matterJson);
    matters.erase(matters.begin());  // open is built in
    lines.list("matters", matters);
    lines.list("kinds", linesOf(project.kinds, kindJson));
    lines.list("motion", linesOf(project.profiles, profileJson));
    if (!project.parts.empty()) lines.list("parts", linesOf(project.parts, partJson));
    if (!project.blocks.empty())
        lines.list("blocks", linesOf(project.blocks, [&](const Block& block) {
                       return blockJson(project, block);
                   }));
    if (!project.backdrops.empty())
        lines.list("backdrops", linesOf(project.backdrops, backdropJson));
    if (!project.kits.empty())
        lines.list("kits", linesOf(project.kits, [](const Kit& kit) { return Json(kit.name); }));
    if (!project.swatches.empty())
        lines.list("swatches",
                   linesOf(project.swatches, [](const auto& each) { return Json(each->id.text); }));
    if (project.zoneBudget != 0) lines.member("zoneBudget", project.zoneBudget);
    if (project.writesMembers) lines.member("writesMembers", true);
    if (project.comfortLimit != 0) lines.member("comfortLimit", project.comfortLimit);
    lines.list("order",
               linesOf(project.levels, [](const auto& level) { return Json(level->id.text); }));
    appendUnknown(lines, project.unknown);
    return lines.take();
}

std::string levelText(const Project& project, const Level& level) {
    JsonLines lines;
    writeLevelHead(lines, "rookplot-board", level);
    if (!level.profile.empty()) lines.member("motion", level.profile);
    if (!level.message.empty()) lines.member("message", level.message);
    const auto legend = legendOf(project, level);
    std::vector<std::string> rows;
    if (needsRuns(level, legend)) {
        rows = runRows(project, level.cells);
    } else {
        Json names = Json::object();
        for (const LegendEntry& entry : legend)
            names[entry.glyph] = cellName(project, entry.cell);
        lines.member("legend", names);
        rows = drawnRows(level.cells, legend);
    }
    for (std::string& row : rows)
        row = jsonString(row);
    lines.list("matter", rows);
    lines.list("entities",
               linesOf(level.entities, [&](const Entity& e) { return entityJson(project, e); }));
    if (!level.kit.empty()) lines.member("kit", level.kit);
    if (!level.pieces.empty()) lines.list("pieces", linesOf(level.pieces, placedPieceJson));
    writeZones(lines, level);
    writeSkin(lines, project, level);
    if (!level.laid.empty()) lines.list("laid", linesOf(level.laid, laidJson));
    if (!level.runs.empty()) lines.list("runs", linesOf(level.runs, keptRunJson));
    if (level.proof) lines.member("proof", keptRunJson(*level.proof));
    writeSketch(lines, level.sketch);
    appendUnknown(lines, level.unknown);
    return lines.take();
}

namespace {

Result<void> writePicture(Storage& storage, const Path& folder, const Underlay& underlay) {
    const auto path = pathInside(folder, underlay.path);
    if (!path) return fail(path.error());
    if (const auto made = storage.makeFolder(path->parent_path()); !made) return made;
    return writeWhole(storage, *path, *underlay.picture.bytes);
}

}  // namespace

std::vector<std::string> imagesOf(const Project& project) {
    std::set<std::string> images;
    for (const Sheet& sheet : project.sheets)
        images.insert(sheet.path);
    for (const Backdrop& backdrop : project.backdrops)
        for (const Picture& picture : backdrop.pictures)
            images.insert(picture.path);
    for (const Kit& kit : project.kits)
        for (const Piece& piece : kit.pieces)
            if (!piece.model.empty()) images.insert(piece.model);
    return {images.begin(), images.end()};
}

Result<void> copySheets(Storage& storage, const Path& from, const Path& to,
                        const Project& project) {
    for (const std::string& image : imagesOf(project)) {
        const auto source = pathInside(from, image);
        if (!source) return fail(source.error());
        const auto target = pathInside(to, image);
        if (!target) return fail(target.error());
        const auto bytes = storage.read(*source, limits::maxImageBytes);
        if (!bytes) return fail(bytes.error());
        if (const auto made = storage.makeFolder(target->parent_path()); !made) return made;
        if (const auto written = writeWhole(storage, *target, *bytes); !written) return written;
    }
    return {};
}

Result<void> saveProject(Storage& storage, const Path& folder, const Project& project,
                         const Project* lastSaved) {
    if (const auto made = storage.makeFolder(folder / "levels"); !made) return made;
    const Path swatches = folder / "swatches";
    if (!project.swatches.empty())
        if (const auto made = storage.makeFolder(swatches); !made) return made;
    for (const auto& swatch : project.swatches) {
        const auto former = lastSaved ? lastSaved->findLevel(swatch->id) : nullptr;
        if (former && *former == *swatch && lastSaved->matters == project.matters) continue;
        const auto written = writeWhole(storage, swatches / (swatch->id.text + ".json"),
                                        levelText(project, *swatch));
        if (!written) return written;
    }
    if (!project.kits.empty())
        if (const auto made = storage.makeFolder(folder / "kits"); !made) return made;
    for (const Kit& kit : project.kits) {
        const Kit* former = lastSaved ? lastSaved->findKit(kit.name) : nullptr;
        if (former && *former == kit) continue;
        const auto written =
            writeWhole(storage, folder / "kits" / (kit.name + ".json"), kitText(kit));
        if (!written) return written;
    }
    for (const auto& level : project.levels) {
        const auto former = lastSaved ? lastSaved->findLevel(level->id) : nullptr;
        const auto& underlay = level->sketch.underlay;
        const bool hasPicture = underlay && underlay->picture.bytes;
        const bool isWritten = hasPicture && former && former->sketch.underlay &&
                               former->sketch.underlay->path == underlay->path &&
                               former->sketch.underlay->picture == underlay->picture;
        if (hasPicture && !isWritten)
            if (const auto written = writePicture(storage, folder, *underlay); !written)
                return written;
        if (former && (former == level || *former == *level) &&
            lastSaved->matters == project.matters)
            continue;
        const auto written = writeWhole(storage, folder / "levels" / (level->id.text + ".json"),
                                        levelText(project, *level));
        if (!written) return written;
    }
    return writeWhole(storage, folder / "rookplot.json", projectText(project));
}

Project newProject(const std::string& name) {
    const auto matter = [](const char* id, const char* title, Behaviour behaviour,
                           const char* glyph, const char* color) {
        Matter m;
        m.name = id;
        m.title = title;
        m.behaviour = behaviour;
        m.glyph = glyph;
        m.color = color;
        return m;
    };
    const auto kind = [](const char* id, const char* title, Role role, int width, int height,
                         const char* color) {
        Kind k;
        k.id = {id};
        k.title = title;
        k.role = role;
        k.width = width;
        k.height = height;
        k.color = color;
        k.atMost = role == Role::Spawn ? 1 : 0;
        return k;
    };
    Project project;
    project.name = name;
    project.matters.edit([&](auto& list) {
        list.push_back(matter("stone", "Stone", Behaviour::Solid, "#", "#59646c"));
        list.push_back(matter("plank", "Plank", Behaviour::OneWay, "=", "#8a6a45"));
        list.push_back(matter("spikes", "Spikes", Behaviour::Deadly, "^", "#c8402a"));
        list.push_back(matter("decor", "Decor", Behaviour::Open, "'", "#6f8f6a"));
    });
    project.kinds =
        std::vector<Kind>{kind("player", "Player", Role::Spawn, 12, 22, "#e4e2d8"),
                          kind("exit", "Exit", Role::Exit, 16, 32, "#3fb8a4"),
                          kind("checkpoint", "Checkpoint", Role::Checkpoint, 8, 32, "#98a2a9"),
                          kind("pickup", "Pickup", Role::Pickup, 8, 8, "#e0a63a"),
                          kind("key", "Key", Role::Key, 8, 8, "#e0a63a"),
                          kind("switch", "Switch", Role::Switch, 8, 8, "#c487bc"),
                          kind("door", "Door", Role::Door, 8, 48, "#8a6a45"),
                          kind("hazard", "Hazard", Role::Hazard, 16, 16, "#f0705a"),
                          kind("spring", "Spring", Role::Spring, 16, 8, "#c487bc"),
                          kind("mover", "Mover", Role::Mover, 48, 8, "#c487bc")};
    MotionProfile profile;
    profile.name = "player";
    project.profiles = std::vector<MotionProfile>{profile};
    Level level;
    level.id = {"level-1"};
    level.title = "Level 1";
    project.levels.push_back(std::make_shared<const Level>(std::move(level)));
    return project;
}

}  // namespace rook::file
