#include <set>

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/hash.h"
#include "file/kit_file.h"
#include "file/project_file.h"
#include "file/save_set.h"
#include "file/text_files.h"

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

/// What a save is compared with: files whose text follows from values that are as they were are
/// left alone, if they are still there.
class FormerProject {
public:
    FormerProject(Storage& storage, const Path& folder, const Project& project,
                  const Project* lastSaved)
        : m_storage(storage),
          m_folder(folder),
          m_former(lastSaved),
          m_hasSameNames(lastSaved && haveSameNames(*lastSaved, project)) {}
    [[nodiscard]] bool has(const std::string& path, const Level& level) const {
        const auto former = m_hasSameNames ? m_former->findLevel(level.id) : nullptr;
        return former && (former.get() == &level || *former == level) && isThere(path);
    }
    [[nodiscard]] bool has(const std::string& path, const Kit& kit) const {
        const Kit* former = m_former ? m_former->findKit(kit.name) : nullptr;
        return former && *former == kit && isThere(path);
    }
    [[nodiscard]] bool has(const LevelId& level, const Underlay& underlay) const {
        const auto former = m_former ? m_former->findLevel(level) : nullptr;
        const Underlay* shown = former ? former->sketch.underlayOn(underlay.storey) : nullptr;
        return shown && shown->path == underlay.path && shown->picture == underlay.picture &&
               isThere(underlay.path);
    }

private:
    [[nodiscard]] bool isThere(const std::string& path) const {
        return m_storage.exists(m_folder / path);
    }

    Storage& m_storage;
    const Path& m_folder;
    const Project* m_former;
    bool m_hasSameNames;
};

/// Adds a text if it could be read again.
Result<void> addText(SaveSet& files, const std::string& path, std::string text) {
    if (text.size() > limits::maxTextBytes)
        return fail(ErrorKind::OutOfRange,
                    "This would be " + std::to_string(text.size() >> 20) +
                        " MB, and more than 64 MiB are not read again: nothing was saved",
                    path, "Make it smaller, or two of it");
    files.add(path, std::move(text));
    return {};
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
        const auto bytes = storage.read(*source, limits::maxImageBytes);
        if (!bytes) return fail(bytes.error());
        if (const auto written = writeInside(storage, to, image, *bytes); !written) return written;
    }
    return {};
}

Result<void> saveProject(Storage& storage, const Path& folder, const Project& project,
                         const Project* lastSaved, FileStates* states) {
    if (const auto made = storage.makeFolder(folder); !made) return made;
    const FormerProject former(storage, folder, project, lastSaved);
    SaveSet files(storage, folder);
    for (const auto* boards : {&project.swatches, &project.levels})
        for (const auto& board : *boards) {
            const std::string path = pathOf(*board, boards == &project.swatches);
            board->sketch.forEachUnderlay([&](const Underlay& underlay) {
                if (underlay.picture.bytes && !former.has(board->id, underlay))
                    files.add(underlay.path, *underlay.picture.bytes);
            });
            if (former.has(path, *board)) continue;
            if (const auto added = addText(files, path, levelText(project, *board)); !added)
                return added;
        }
    for (const Kit& kit : project.kits) {
        const std::string path = pathOf(kit);
        if (former.has(path, kit)) continue;
        if (const auto added = addText(files, path, kitText(kit)); !added) return added;
    }
    if (const auto added = addText(files, "rookplot.json", projectText(project)); !added)
        return added;
    const auto done = files.commit();
    if (done && states)
        for (const auto& [path, bytes] : files.files())
            (*states)[path] = sha256(bytes);
    return done;
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
