#include <set>

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/kit_file.h"
#include "file/project_file.h"

namespace rook::file {

using namespace level;

std::string projectText(const Project& project) {
    JsonLines lines;
    lines.member("format", "rookplot-project");
    lines.member("version", 1);
    writeDescribed(lines, FileContext{&project}, project);
    return lines.take();
}

std::string levelText(const Project& project, const Level& level) {
    JsonLines lines;
    lines.member("format", "rookplot-board");
    lines.member("version", 1);
    writeDescribed(lines, FileContext{&project}, level);
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
