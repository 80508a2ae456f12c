#include "file/text_files.h"

#include "base/limits.h"
#include "file/hash.h"
#include "file/kit_file.h"
#include "file/overlaid_files.h"
#include "file/project_file.h"
#include "file/read_folder_detail.h"

namespace rook::file {

using namespace level;

namespace {

class FilesMaker {
public:
    FilesMaker(const Project& project, const FormerFiles& former)
        : m_project(project),
          m_former(former),
          m_hasSameNames(former.project && haveSameNames(*former.project, project)) {}

    TextFiles make() {
        add("rookplot.json", projectText(m_project));
        for (const auto& level : m_project.levels)
            addBoard(pathOf(*level, false), level);
        for (const auto& swatch : m_project.swatches)
            addBoard(pathOf(*swatch, true), swatch);
        for (const Kit& kit : m_project.kits) {
            const Kit* before = m_former.project ? m_former.project->findKit(kit.name) : nullptr;
            if (!before || !(*before == kit) || !take(pathOf(kit))) add(pathOf(kit), kitText(kit));
        }
        return std::move(m_files);
    }

private:
    void addBoard(const std::string& path, const std::shared_ptr<const Level>& board) {
        const auto before = m_former.project ? m_former.project->findLevel(board->id) : nullptr;
        if (before != board || !m_hasSameNames || !take(path))
            add(path, levelText(m_project, *board));
        board->sketch.forEachUnderlay([&](const Underlay& underlay) {
            if (!underlay.picture.bytes) return;
            const Underlay* former = before ? before->sketch.underlayOn(underlay.storey) : nullptr;
            const bool isFormer = former && former->path == underlay.path &&
                                  former->picture.bytes == underlay.picture.bytes;
            if (!isFormer || !take(underlay.path)) add(underlay.path, *underlay.picture.bytes);
        });
    }
    void add(const std::string& path, std::string bytes) {
        const std::size_t size = bytes.size();
        std::string fingerprint = sha256(bytes);
        m_files[path] = {std::move(fingerprint),
                         std::make_shared<const std::string>(std::move(bytes)), size};
    }
    bool take(const std::string& path) {
        const auto found = m_former.files->find(path);
        if (found == m_former.files->end()) return false;
        m_files[path] = found->second;
        return true;
    }

    const Project& m_project;
    const FormerFiles& m_former;
    bool m_hasSameNames;
    TextFiles m_files;
};

/// Notes what each file inside a folder held when it was read.
class NotingFiles final : public Storage {
public:
    NotingFiles(Storage& storage, Path folder, FileStates& states)
        : m_storage(storage), m_folder(std::move(folder)), m_states(states) {}

    Result<std::string> read(const Path& path, std::size_t maxBytes) override {
        auto bytes = m_storage.read(path, maxBytes);
        const Path inner = path.lexically_relative(m_folder);
        if (bytes && !inner.empty() && *inner.begin() != ".." && *inner.begin() != ".rookplot")
            m_states[inner.string()] = sha256(*bytes);
        return bytes;
    }
    bool exists(const Path& path) override { return m_storage.exists(path); }
    Result<void> writeNew(const Path& path, const std::string& bytes, const Path& like) override {
        return m_storage.writeNew(path, bytes, like);
    }
    Result<void> flushFolder(const Path& path) override { return m_storage.flushFolder(path); }
    Result<void> rename(const Path& from, const Path& to) override {
        return m_storage.rename(from, to);
    }
    Result<void> exchange(const Path& a, const Path& b) override {
        return m_storage.exchange(a, b);
    }
    Result<void> makeFolder(const Path& path) override { return m_storage.makeFolder(path); }
    Result<void> makeNewFolder(const Path& path) override { return m_storage.makeNewFolder(path); }
    Result<void> remove(const Path& path) override { return m_storage.remove(path); }
    Result<std::shared_ptr<void>> hold(const Path& path) override { return m_storage.hold(path); }

private:
    Storage& m_storage;
    Path m_folder;
    FileStates& m_states;
};

}  // namespace

std::string pathOf(const Level& level, bool isSwatch) {
    return (isSwatch ? "swatches/" : "levels/") + level.id.text + ".json";
}

std::string pathOf(const Kit& kit) {
    return "kits/" + kit.name + ".json";
}

bool haveSameNames(const Project& a, const Project& b) {
    // Levels name matters, sheets and kinds, and leave out what their kinds say.
    return a.matters == b.matters && a.sheets == b.sheets && a.kinds == b.kinds;
}

TextFiles textFilesOf(const Project& project, const FormerFiles& former) {
    return FilesMaker(project, former).make();
}

namespace {

/// True if a file is the same in both.
bool isSame(const TextFiles& now, const TextFiles& before, const std::string& path) {
    const auto a = now.find(path), b = before.find(path);
    return a != now.end() && b != before.end() && a->second.sha256 == b->second.sha256;
}

/// True if a board, which is there, says the same in both, and the picture under it is the same.
bool isSameBoard(const TextFiles& now, const TextFiles& before, const std::string& path,
                 const Level& board) {
    bool isAll = isSame(now, before, path);
    board.sketch.forEachUnderlay([&](const Underlay& underlay) {
        const bool hasPicture = now.contains(underlay.path) || before.contains(underlay.path);
        isAll = isAll && (!hasPicture || isSame(now, before, underlay.path));
    });
    return isAll;
}

/// The former value with the boards read anew that have another text: most steps of a history
/// differ from the next by one of them. None if anything else differs.
std::optional<Result<Project>> readBoards(OverlaidFiles& files, const Path& folder,
                                          const TextFiles& texts, const FormerFiles& former) {
    if (!isSame(texts, *former.files, "rookplot.json")) return std::nullopt;
    for (const Kit& kit : former.project->kits)
        if (!isSame(texts, *former.files, pathOf(kit))) return std::nullopt;
    Project project = *former.project;
    for (auto* boards : {&project.levels, &project.swatches})
        for (auto& board : *boards) {
            const std::string path = pathOf(*board, boards == &project.swatches);
            if (isSameBoard(texts, *former.files, path, *board)) continue;
            auto read = readBoardFile(files, folder, project, path);
            if (!read) return fail(read.error());
            board = std::make_shared<const Level>(std::move(*read));
        }
    return project;
}

}  // namespace

Result<Project> readTextFiles(Storage& storage, const Path& folder, const TextFiles& files,
                              const FormerFiles& former) {
    OverlaidFiles overlaid(storage, folder);
    for (const auto& [path, file] : files)
        overlaid.set(path, *file.bytes);
    if (former.project)
        if (auto read = readBoards(overlaid, folder, files, former)) return std::move(*read);
    return readFolder(overlaid, folder, [&](const std::string& path, const Project& project) {
        std::shared_ptr<const Level> none;
        if (!former.project || !haveSameNames(*former.project, project)) return none;
        for (const auto* boards : {&former.project->levels, &former.project->swatches})
            for (const auto& board : *boards)
                if (pathOf(*board, boards == &former.project->swatches) == path)
                    return isSameBoard(files, *former.files, path, *board) ? board : none;
        return none;
    });
}

Result<Project> openProject(Storage& storage, const Path& folder, FileStates& states) {
    states.clear();
    NotingFiles noting(storage, folder, states);
    return openProject(noting, folder);
}

namespace {

/// Empty if it cannot be read.
std::string stateOf(Storage& storage, const Path& folder, const std::string& path) {
    const auto place = pathInside(folder, path);
    if (!place) return {};
    const auto bytes = storage.read(*place, limits::maxImageBytes);
    return bytes ? sha256(*bytes) : std::string();
}

}  // namespace

std::vector<std::string> changedFiles(Storage& storage, const Path& folder,
                                      const FileStates& states) {
    std::vector<std::string> changed;
    for (const auto& [path, state] : states)
        if (stateOf(storage, folder, path) != state) changed.push_back(path);
    return changed;
}

void noteStates(Storage& storage, const Path& folder, FileStates& states) {
    for (auto& [path, state] : states)
        state = stateOf(storage, folder, path);
    std::erase_if(states, [](const auto& each) { return each.second.empty(); });
}

}  // namespace rook::file
