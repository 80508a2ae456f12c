#include "file/bundle.h"
#include "file/roster_table.h"

#include <sys/stat.h>

#include <algorithm>
#include <atomic>
#include <mutex>
#include <thread>

#include "base/limits.h"
#include "file/hash.h"
#include "file/json_text.h"
#include "file/model_file.h"
#include "file/project_file.h"
#include "level/bundle_size.h"

namespace rook::file {

namespace {

std::string manifestText(const std::vector<WrittenFile>& files) {
    JsonLines lines;
    lines.member("format", "rookplot-manifest");
    lines.member("version", 1);
    lines.member("program", "Rook Plot " ROOK_VERSION);
    std::vector<std::string> items;
    for (const WrittenFile& file : files)
        items.push_back(
            compactText({{"path", file.path}, {"sha256", file.sha256}, {"bytes", file.bytes}}));
    lines.list("files", items);
    return lines.take();
}

/// The relative paths that the bundle in `target` says are its own; nothing if there is no folder.
Result<std::vector<std::string>> formerFiles(Storage& storage, const Path& target) {
    std::error_code problem;
    if (!std::filesystem::exists(target, problem)) return std::vector<std::string>{};
    const bool isFolder = std::filesystem::is_directory(target, problem);
    if (isFolder && std::filesystem::is_empty(target, problem)) return std::vector<std::string>{};
    const auto refusal =
        fail(ErrorKind::NotApplicable, "The place to export to holds something that is no export",
             target.string(), "Choose an empty or a new folder");
    if (!isFolder) return refusal;
    const auto text = storage.read(target / manifestName, limits::maxTextBytes);
    if (!text) return refusal;
    const auto json = parseJson(*text, manifestName);
    if (!json || !json->is_object() || json->value("format", "") != "rookplot-manifest" ||
        !json->contains("files") || !(*json)["files"].is_array())
        return refusal;
    std::vector<std::string> paths{manifestName};
    for (const Json& file : (*json)["files"])
        if (file.is_object() && file.contains("path") && file["path"].is_string())
            paths.push_back(file["path"].get<std::string>());
    return paths;
}

/// Copies what stands in `target` beyond the former bundle, so that nothing foreign is lost.
Result<void> keepForeignFiles(const Path& target, const Path& staging,
                              const std::vector<std::string>& former) {
    namespace fs = std::filesystem;
    std::error_code problem;
    if (!fs::exists(target, problem)) return {};
    for (auto it = fs::recursive_directory_iterator(target, problem);
         !problem && it != fs::recursive_directory_iterator(); it.increment(problem)) {
        const Path relative = it->path().lexically_relative(target);
        if (it->is_directory(problem) && !it->is_symlink(problem)) {
            // A folder of the former bundle, which is empty without its files, goes with them.
            if (fs::is_empty(it->path(), problem))
                fs::create_directories(staging / relative, problem);
            continue;
        }
        if (std::find(former.begin(), former.end(), relative.generic_string()) != former.end() ||
            fs::exists(staging / relative, problem))
            continue;
        fs::create_directories((staging / relative).parent_path(), problem);
        fs::copy(it->path(), staging / relative, fs::copy_options::copy_symlinks, problem);
    }
    if (problem) {
        return fail(ErrorKind::WriteFailed,
                    "A file of yours in the export folder cannot be kept: " + problem.message(),
                    target.string(), "Export to another folder");
    }
    return {};
}

/// Each file with the mode of the former one.
Result<std::vector<WrittenFile>> writeStaged(Storage& storage, const Path& staging,
                                             const Path& former,
                                             const std::map<std::string, std::string>& files) {
    std::vector<WrittenFile> written;
    for (const auto& [path, bytes] : files) {
        if (const auto made = storage.makeFolder((staging / path).parent_path()); !made)
            return fail(made.error());
        if (const auto done = storage.writeNew(staging / path, bytes, former / path); !done)
            return fail(done.error());
        written.push_back({path, bytes.size(), sha256(bytes)});
    }
    const std::string manifest = manifestText(written);
    if (const auto done = storage.writeNew(staging / manifestName, manifest, former / manifestName);
        !done)
        return fail(done.error());
    written.push_back({manifestName, manifest.size(), sha256(manifest)});
    return written;
}

}  // namespace

Result<Images> imagesOfSheets(const level::Project& project,
                              const std::map<std::string, std::string>& sheets) {
    Images images;
    for (const level::Sheet& sheet : project.sheets) {
        const auto bytes = sheets.find(sheet.path);
        if (bytes == sheets.end()) continue;
        auto image = readPng(bytes->second, sheet.path);
        if (!image) return fail(image.error());
        images[sheet.path] = std::move(*image);
    }
    return images;
}

namespace {

/// Where no picture of the project lies.
std::string cutPathOf(const level::Level& level, const std::map<std::string, std::string>& sheets) {
    std::string folder = "cut";
    while (sheets.contains(folder + "/" + level.id.text + ".png"))
        folder += "-tiles";
    return folder + "/" + level.id.text + ".png";
}

using Files = std::map<std::string, std::string>;

/// What a bundle holds of one level.
Result<Files> filesOfLevel(const level::Project& project, const level::Level& level,
                           const Images& images, const Files& sheets) {
    Files files;
    const std::string cutPath = cutPathOf(level, sheets);
    auto baked = bakedLevel(project, level, images, cutPath);
    if (!baked) return fail(baked.error());
    files["levels/" + level.id.text + ".level.json"] = std::move(baked->text);
    if (baked->cutTiles.width > 0) files[cutPath] = writePng(baked->cutTiles);
    const level::Kit* kit = level.kind == level::LevelKind::Kit ? project.kitOf(level) : nullptr;
    if (!kit) return files;
    std::map<std::string, kit::Mesh> meshes;
    for (const level::Piece& piece : kit->pieces) {
        const auto model = sheets.find(piece.model);
        if (model == sheets.end()) continue;
        auto mesh = readModel(diskStorage(), {}, piece.model, model->second);
        if (!mesh) return fail(mesh.error());
        meshes[piece.name] = std::move(*mesh);
    }
    files["levels/" + level.id.text + ".glb"] = kitLevelGlb(project, *kit, level, meshes);
    return files;
}

/// Does so many jobs on this thread and another one, each once; none any more after one gave false.
template <typename Job>
void doOnTwo(std::size_t count, Job&& job) {
    std::atomic<std::size_t> next{0};
    std::atomic<bool> isOver{false};
    const auto work = [&] {
        for (std::size_t i = next++; i < count && !isOver; i = next++)
            if (!job(i)) isOver = true;
    };
    std::optional<std::jthread> other;
    if (count > 1) other.emplace(work);
    work();
}

}  // namespace

Result<std::map<std::string, std::string>> bundleFiles(
    const level::Project& project, const std::map<std::string, std::string>& sheets,
    const GoesOn& goesOn, Solved* solved) {
    const auto images = imagesOfSheets(project, sheets);
    if (!images) return fail(images.error());
    for (const auto& level : project.levels)
        if (const auto problem = level::problemOfBundle(*level))
            return fail(ErrorKind::OutOfRange, *problem, level->id.text, {});
    const auto pictures = solved ? solved->levels.pictures(sheets) : nullptr;
    const auto filesOf = [&](const std::shared_ptr<const level::Level>& level) -> Result<Files> {
        if (!solved) return filesOfLevel(project, *level, *images, sheets);
        if (auto known = solved->levels.find(project, *level, pictures)) return std::move(*known);
        auto files = filesOfLevel(project, *level, *images, sheets);
        if (files) solved->levels.keep(project, level, pictures, *files);
        return files;
    };
    // The game is proven beside its levels, which it solves anew.
    const std::size_t levels = project.levels.size();
    std::vector<std::optional<Result<Files>>> made(levels);
    std::optional<std::string> campaign;
    std::mutex asking;
    doOnTwo(levels + 1, [&](std::size_t i) {
        if (i == 0) {
            campaign = campaignText(
                project, game::proveGame(project, {}, solved ? &solved->winning : nullptr));
            return true;
        }
        made[i - 1] = filesOf(project.levels[i - 1]);
        const std::lock_guard lock(asking);
        return made[i - 1]->has_value() && (!goesOn || goesOn());
    });
    Files files = sheets;
    for (const auto& each : made)
        if (each && !*each) return fail(each->error());
    for (auto& each : made) {
        if (!each) return fail(ErrorKind::NotApplicable, "The export was cancelled", "", "");
        for (auto& [path, bytes] : **each)
            files[path] = std::move(bytes);
    }
    if (!campaign) return fail(ErrorKind::NotApplicable, "The export was cancelled", "", "");
    files["campaign.json"] = std::move(*campaign);
    files["placements.csv"] = placementsText(project);
    files.merge(rosterFiles(project));
    for (const char* name : {"campaign", "level", "manifest"}) {
        const std::string file = std::string("rookplot-") + name + ".schema.json";
        files["schema/" + file] = schemas().at(file);
    }
    return files;
}

namespace {

/// Where a target is, links followed: what it leads to is replaced, and the link stays.
Result<Path> placeOfTarget(const Path& target) {
    std::error_code problem;
    Path place = std::filesystem::absolute(target, problem).lexically_normal();
    std::error_code missing;  // which a new folder is
    if (!problem && std::filesystem::is_symlink(place, missing))
        place = std::filesystem::canonical(place, problem);
    if (problem || target.empty())
        return fail(ErrorKind::NotApplicable, "This is no folder to export to", target.string(),
                    "Name an empty or a new folder");
    return realPath(place.has_filename() ? place : place.parent_path());
}

/// A new folder is for all to read, one that replaces another as that one is.
void keepMode(const Path& former, const Path& made) {
    struct stat info {};
    const bool isThere = ::stat(former.c_str(), &info) == 0;
    (void)!::chmod(made.c_str(), isThere ? info.st_mode & 07777 : 0755);
}

}  // namespace

std::string manifestOf(const std::map<std::string, std::string>& files) {
    std::vector<WrittenFile> list;
    for (const auto& [path, bytes] : files)
        list.push_back({path, bytes.size(), sha256(bytes)});
    return manifestText(list);
}

Result<std::map<std::string, std::string>> sheetBytes(Storage& storage,
                                                      const level::Project& project,
                                                      const Path& projectFolder) {
    std::map<std::string, std::string> sheets;
    for (const std::string& image : imagesOf(project)) {
        const auto path = pathInside(projectFolder, image);
        if (!path) return fail(path.error());
        auto bytes = storage.read(*path, limits::maxImageBytes);
        if (!bytes) return fail(bytes.error());
        sheets[image] = std::move(*bytes);
    }
    return sheets;
}

Result<void> mayTakeBundle(Storage& storage, const Path& target) {
    const auto place = placeOfTarget(target);
    if (!place) return fail(place.error());
    if (const auto former = formerFiles(storage, *place); !former) return fail(former.error());
    return {};
}

Result<std::vector<WrittenFile>> exportBundle(Storage& storage, const level::Project& project,
                                              const Path& projectFolder, const Path& target) {
    // Before all the work.
    if (const auto may = mayTakeBundle(storage, target); !may) return fail(may.error());
    const auto sheets = sheetBytes(storage, project, projectFolder);
    if (!sheets) return fail(sheets.error());
    const auto files = bundleFiles(project, *sheets);
    if (!files) return fail(files.error());
    return writeBundle(storage, *files, target);
}

Result<std::vector<WrittenFile>> writeBundle(Storage& storage,
                                             const std::map<std::string, std::string>& files,
                                             const Path& target) {
    const auto place = placeOfTarget(target);
    if (!place) return fail(place.error());
    const Path& folder = *place;
    const auto former = formerFiles(storage, folder);
    if (!former) return fail(former.error());

    // Beside the place, so that both can be exchanged; by a name that nothing has.
    const Path staging = folder.parent_path() / freshName("." + folder.filename().string() + ".");
    if (const auto made = storage.makeFolder(folder.parent_path()); !made)
        return fail(made.error());
    if (const auto made = storage.makeNewFolder(staging); !made) return fail(made.error());
    keepMode(folder, staging);
    auto written = writeStaged(storage, staging, folder, files);
    Result<void> outcome;
    if (!written) outcome = fail(written.error());
    if (outcome) outcome = keepForeignFiles(folder, staging, *former);
    if (outcome) {
        outcome = storage.exists(folder) ? storage.exchange(staging, folder)
                                         : storage.rename(staging, folder);
    }
    // After the exchange this is the former bundle; after a failure, what was half written.
    const Result<void> cleared = storage.remove(staging);
    if (!outcome) return fail(outcome.error());
    if (!cleared) return fail(cleared.error());
    return written;
}

}  // namespace rook::file
