#include <set>

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/kit_file.h"
#include "file/overlaid_files.h"
#include "file/png.h"
#include "file/project_file.h"
#include "file/read_folder_detail.h"
#include "file/save_set.h"

namespace rook::file {

namespace {

using namespace level;

Project readProject(const Json& json, const std::string& name, BoardIds& boards) {
    ObjectReader reader(json, name);
    readHeader(reader, "rookplot-project");
    // Parts of the project name others that stand before them, so it is its own context.
    Project project;
    FileContext context{&project};
    context.boards = &boards;
    readInto(reader, context, project);
    return project;
}

Level readLevel(const Project& project, const Json& json, const std::string& name) {
    ObjectReader reader(json, name);
    readHeader(reader, "rookplot-board");
    std::set<int> marks;
    FileContext context{&project};
    context.marks = &marks;
    return readDescribed<Level>(reader, context);
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
    Result<void> result;
    level.sketch.forEachUnderlay([&](const Underlay& underlay) {
        if (level.sketch.underlayOn(underlay.storey) != &underlay)
            result = fail(ErrorKind::OutOfRange, "Two pictures lie under one storey", level.title,
                          "Take one of them out of underlay and upperUnderlays");
    });
    level.sketch.changeUnderlays([&](Underlay& underlay) {
        const auto path = pathInside(folder, underlay.path);
        if (!path) {
            if (result) result = fail(path.error());
            return;
        }
        auto bytes = storage.read(*path, limits::maxImageBytes);
        if (bytes) underlay.picture.bytes = std::make_shared<const std::string>(std::move(*bytes));
    });
    return result;
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

Result<Level> readBoardFile(Storage& storage, const Path& folder, const Project& project,
                            const std::string& name) {
    const auto path = pathInside(folder, name);
    if (!path) return fail(path.error());
    const auto text = storage.read(*path, limits::maxTextBytes);
    if (!text) return fail(text.error());
    auto board = readLevelText(project, *text, name);
    if (!board) return board;
    if (board->id.text != Path(name).stem().string())
        return fail(ErrorKind::BadReference, "The level calls itself \"" + board->id.text + "\"",
                    name, "Give it the id of its file name");
    if (const auto loaded = loadUnderlay(storage, folder, *board); !loaded)
        return fail(loaded.error());
    return board;
}

Result<Project> readFolder(Storage& storage, const Path& folder, const HaveBoard& haveBoard) {
    const std::string main = "rookplot.json";
    const auto path = pathInside(folder, main);
    if (!path) return fail(path.error());
    const auto text = storage.read(*path, limits::maxTextBytes);
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
    const auto open = [&](const std::string& where, const std::vector<std::string>& ids,
                          auto& list) -> Result<void> {
        for (const std::string& id : ids) {
            const std::string name = where + "/" + id + ".json";
            auto board = haveBoard(name, *project);
            if (!board) {
                auto read = readBoardFile(storage, folder, *project, name);
                if (!read) return fail(read.error());
                board = std::make_shared<const Level>(std::move(*read));
            }
            list.push_back(std::move(board));
        }
        return {};
    };
    if (const auto opened = open("swatches", boards.swatches, project->swatches); !opened)
        return fail(opened.error());
    if (const auto opened = open("levels", boards.order, project->levels); !opened)
        return fail(opened.error());
    return project;
}

Result<Project> openProject(Storage& storage, const Path& folder) {
    const HaveBoard readsAll = [](const auto&, const auto&) { return nullptr; };
    const auto pending = pendingFiles(storage, folder);
    if (!pending) return fail(pending.error());
    const auto finished = finishSave(storage, folder);
    if (finished || pending->empty()) return readFolder(storage, folder, readsAll);
    OverlaidFiles files(storage, folder);
    for (const auto& [path, bytes] : *pending)
        files.set(path, bytes);
    return readFolder(files, folder, readsAll);
}

}  // namespace rook::file
