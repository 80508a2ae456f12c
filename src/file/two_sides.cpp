#include "file/two_sides.h"

#include <algorithm>
#include <set>

#include "file/hash.h"
#include "file/json_text.h"
#include "file/project_file.h"

namespace rook::file {

using namespace level;

namespace {

using Sort = ChangedPart::Sort;
constexpr const char* restPath = "rookplot.json";

const Level* levelOf(const std::vector<std::shared_ptr<const Level>>& boards,
                     const std::string& path, bool isSwatch) {
    for (const auto& board : boards)
        if (pathOf(*board, isSwatch) == path) return board.get();
    return nullptr;
}

/// The paths of all boards and kits of the three values, in the order of mine, then theirs.
struct Paths {
    std::vector<std::pair<std::string, Sort>> list;
    std::set<std::string> known;

    void add(const Project& project) {
        for (const auto& level : project.levels)
            add(pathOf(*level, false), Sort::Level);
        for (const auto& swatch : project.swatches)
            add(pathOf(*swatch, true), Sort::Swatch);
        for (const Kit& kit : project.kits)
            add(pathOf(kit), Sort::Kit);
    }
    void add(const std::string& path, Sort sort) {
        if (known.insert(path).second) list.emplace_back(path, sort);
    }
};

/// Whether a part of one value is another one than in the other value, and how.
struct Change {
    bool isThere = false;
    bool isOther = false;
    LevelDifference difference;
};

Change changeOf(const Project& from, const Project& to, const std::string& path, Sort sort) {
    if (sort == Sort::Kit) {
        const auto kitOf = [&](const Project& project) -> const Kit* {
            for (const Kit& kit : project.kits)
                if (pathOf(kit) == path) return &kit;
            return nullptr;
        };
        const Kit *a = kitOf(from), *b = kitOf(to);
        return {b != nullptr, !a || !b ? a != b : !(*a == *b), {}};
    }
    const bool isSwatch = sort == Sort::Swatch;
    const Level* a = levelOf(isSwatch ? from.swatches : from.levels, path, isSwatch);
    const Level* b = levelOf(isSwatch ? to.swatches : to.levels, path, isSwatch);
    if (!a || !b) return {b != nullptr, a != b, {}};
    const LevelDifference difference = differenceOf(from, *a, to, *b);
    return {true, !difference.isNone(), difference};
}

std::string titleOf(const Project& mine, const Project& theirs, const std::string& path,
                    Sort sort) {
    for (const Project* project : {&mine, &theirs}) {
        if (sort == Sort::Kit) {
            for (const Kit& kit : project->kits)
                if (pathOf(kit) == path) return kit.title.empty() ? kit.name : kit.title;
            continue;
        }
        const bool isSwatch = sort == Sort::Swatch;
        const auto* level = levelOf(isSwatch ? project->swatches : project->levels, path, isSwatch);
        if (level) return level->title.empty() ? level->id.text : level->title;
    }
    return {};
}

}  // namespace

std::vector<ChangedPart> changedParts(const Project& saved, const Project& mine,
                                      const Project& theirs) {
    Paths paths;
    for (const Project* project : {&mine, &theirs, &saved})
        paths.add(*project);
    std::stable_sort(paths.list.begin(), paths.list.end(),
                     [](const auto& a, const auto& b) { return a.second < b.second; });
    std::vector<ChangedPart> parts;
    for (const auto& [path, sort] : paths.list) {
        const Change ours = changeOf(saved, mine, path, sort);
        const Change other = changeOf(saved, theirs, path, sort);
        if (!ours.isOther && !other.isOther) continue;
        if (ours.isOther && other.isOther && !changeOf(mine, theirs, path, sort).isOther) continue;
        parts.push_back({path, sort, titleOf(mine, theirs, path, sort), ours.isOther, other.isOther,
                         ours.isThere, other.isThere, ours.difference, other.difference});
    }
    const bool isMine = !haveSameRest(saved, mine), isTheirs = !haveSameRest(saved, theirs);
    if ((isMine || isTheirs) && !(isMine && isTheirs && haveSameRest(mine, theirs)))
        parts.push_back({restPath, Sort::Rest, {}, isMine, isTheirs, true, true, {}, {}});
    return parts;
}

namespace {

/// An id that neither side has.
LevelId freshId(const Project& mine, const Project& theirs, const LevelId& id) {
    for (int number = 1;; ++number) {
        const std::string ending = number == 1 ? "-mine" : "-mine-" + std::to_string(number);
        const LevelId fresh{id.text.substr(0, 64 - ending.size()) + ending};
        if (!mine.findLevel(fresh) && !theirs.findLevel(fresh)) return fresh;
    }
}

/// Puts files of two values together.
class Joiner {
public:
    Joiner(const Project& mine, const Project& theirs)
        : m_mine(mine),
          m_theirs(theirs),
          m_mineFiles(textFilesOf(mine)),
          m_theirFiles(textFilesOf(theirs)),
          m_files(m_mineFiles) {
        for (const auto& [path, file] : m_theirFiles)
            m_files.try_emplace(path, file);
        m_order = mergedOrder(idsIn(mine.levels), idsIn(theirs.levels));
    }

    void take(const ChangedPart& part, Whose side) {
        if (part.sort == Sort::Rest) m_isRestTheirs = side == Whose::Theirs;
        const auto& files = side == Whose::Mine ? m_mineFiles : m_theirFiles;
        const auto found = files.find(part.path);
        if (found != files.end())
            m_files[part.path] = found->second;
        else
            m_files.erase(part.path);
        if (side == Whose::Both) takeMineBeside(part);
    }

    [[nodiscard]] const TextFiles& mineFiles() const { return m_mineFiles; }
    TextFiles files() {
        const auto& rest = (m_isRestTheirs ? m_theirFiles : m_mineFiles).at(restPath);
        // It is a text of ours: it can be read.
        Json json = Json::parse(*rest.bytes);
        const Project& one = m_isRestTheirs ? m_theirs : m_mine;
        const Project& other = m_isRestTheirs ? m_mine : m_theirs;
        json["order"] = idsOf("levels/", mergedOrder(idsIn(one.levels), m_order));
        json["swatches"] =
            idsOf("swatches/", mergedOrder(idsIn(one.swatches), idsIn(other.swatches)));
        json["kits"] = idsOf("kits/", mergedOrder(namesOf(one.kits), namesOf(other.kits)));
        set(restPath, json.dump());
        return m_files;
    }

private:
    static std::vector<std::string> idsIn(const std::vector<std::shared_ptr<const Level>>& boards) {
        std::vector<std::string> ids;
        for (const auto& board : boards)
            ids.push_back(board->id.text);
        return ids;
    }
    static std::vector<std::string> namesOf(const SharedVector<Kit>& kits) {
        std::vector<std::string> names;
        for (const Kit& kit : kits)
            names.push_back(kit.name);
        return names;
    }
    /// Those of `wanted` in its order; what only `others` has stands behind its neighbour there.
    static std::vector<std::string> mergedOrder(std::vector<std::string> wanted,
                                                const std::vector<std::string>& others) {
        for (std::size_t i = 0; i < others.size(); ++i) {
            if (std::find(wanted.begin(), wanted.end(), others[i]) != wanted.end()) continue;
            const auto before =
                i == 0 ? wanted.end() : std::find(wanted.begin(), wanted.end(), others[i - 1]);
            wanted.insert(before == wanted.end() ? wanted.begin() : before + 1, others[i]);
        }
        return wanted;
    }
    void takeMineBeside(const ChangedPart& part) {
        const Level* mine = levelOf(m_mine.levels, part.path, false);
        if (part.sort != Sort::Level || !mine) return;
        Level copy = *mine;
        copy.id = freshId(m_mine, m_theirs, mine->id);
        copy.title += " (mine)";
        set(pathOf(copy, false), levelText(m_mine, copy));
        const auto at = std::find(m_order.begin(), m_order.end(), mine->id.text);
        m_order.insert(at == m_order.end() ? at : at + 1, copy.id.text);
    }
    void set(const std::string& path, std::string bytes) {
        const std::size_t size = bytes.size();
        std::string fingerprint = sha256(bytes);
        m_files[path] = {std::move(fingerprint),
                         std::make_shared<const std::string>(std::move(bytes)), size};
    }
    /// Those of which there is a file.
    [[nodiscard]] Json idsOf(const std::string& folder,
                             const std::vector<std::string>& order) const {
        Json ids = Json::array();
        for (const std::string& id : order)
            if (m_files.contains(folder + id + ".json")) ids.push_back(id);
        return ids;
    }

    const Project& m_mine;
    const Project& m_theirs;
    TextFiles m_mineFiles, m_theirFiles, m_files;
    std::vector<std::string> m_order;
    bool m_isRestTheirs = false;
};

}  // namespace

Result<Project> joinSides(Storage& storage, const Path& folder, const Project& saved,
                          const Project& mine, const Project& theirs,
                          const std::map<std::string, Whose>& choices) {
    Joiner joiner(mine, theirs);
    for (const ChangedPart& part : changedParts(saved, mine, theirs)) {
        const auto choice = choices.find(part.path);
        const Whose side = choice != choices.end() ? choice->second : Whose::Mine;
        const bool isLevel = part.sort == Sort::Level;
        if (!part.isConflict())
            joiner.take(part, part.isMine ? Whose::Mine : Whose::Theirs);
        else
            joiner.take(part, side == Whose::Both && !isLevel ? Whose::Mine : side);
    }
    return readTextFiles(storage, folder, joiner.files(), {&mine, &joiner.mineFiles()});
}

}  // namespace rook::file
