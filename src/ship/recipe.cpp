/// Layouts of a game's own: a Lua script of the project, run in a child process call by call.

#include "base/limits.h"
#include "base/printable.h"
#include "file/bundle.h"
#include "file/json_text.h"
#include "level/target_edits.h"
#include "ship/making_detail.h"
#include "ship/recipe_child.h"

namespace rook::ship {

namespace {

using file::Json;

constexpr std::size_t maxFiles = 20000;
constexpr std::size_t maxBytes = 512u << 20;

/// Numbers of tiles as the target wants them: from 0 or 1, what stands for none, flips in the
/// numbers or beside them.
void renumber(Json& layer, const level::TargetOptions& options) {
    const Json flips = layer.contains("flips") ? layer["flips"] : Json();
    Json none = 0;
    if (options.emptyTile == level::EmptyTile::MinusOne) none = -1;
    if (options.emptyTile == level::EmptyTile::Null) none = nullptr;
    const bool isInBits = options.flips == level::FlipForm::HighBits && flips.is_array();
    Json& rows = layer["tiles"];
    for (std::size_t y = 0; y < rows.size(); ++y)
        for (std::size_t x = 0; x < rows[y].size(); ++x) {
            Json& tile = rows[y][x];
            const auto number = tile.get<std::int64_t>();
            if (number == 0) {
                tile = none;
                continue;
            }
            std::int64_t next = number - 1 + options.firstTile;
            if (isInBits) next |= flips[y][x].get<std::int64_t>() << flipShift;
            tile = next;
        }
    if (isInBits) layer.erase("flips");
}

void asOneList(Json& rows) {
    Json list = Json::array();
    for (Json& row : rows)
        for (Json& item : row)
            list.push_back(std::move(item));
    rows = std::move(list);
}

/// Members of formations among the entities, each of the kind that it is.
void addMembers(Json& level) {
    Json all = Json::array();
    for (Json& entity : level["entities"]) {
        const Json formation = entity.value("formation", Json::object());
        const Json members = formation.value("members", Json());
        const Json kind = formation.value("member", Json());
        const std::string of = entity.value("id", "");
        all.push_back(std::move(entity));
        if (!members.is_array()) continue;
        for (const Json& member : members) {
            Json one = member;
            one["kind"] = kind;
            one["memberOf"] = of;
            if (const auto way = member.find("way"); way != member.end() && !way->empty()) {
                one["x"] = (*way)[0][0];
                one["y"] = (*way)[0][1];
            }
            all.push_back(std::move(one));
        }
    }
    level["entities"] = std::move(all);
}

/// The tables that a recipe gets: those of the bundle, said as the target wants.
void suit(Json& level, const level::TargetOptions& options) {
    if (level.contains("layers"))
        for (Json& layer : level["layers"]) {
            renumber(layer, options);
            if (options.tileRows == level::TileRows::Rows) continue;
            asOneList(layer["tiles"]);
            if (layer.contains("flips")) asOneList(layer["flips"]);
        }
    if (level.contains("collision")) {
        if (options.collision == level::CollisionForm::None) level.erase("collision");
        if (options.collision == level::CollisionForm::Merged) level["collision"].erase("outlines");
        if (options.collision == level::CollisionForm::Outlines) level["collision"].erase("solids");
    }
    if (options.hasMembers) addMembers(level);
}

/// Adds what one call gave. Errors: UnsafePath; NotApplicable for a path that is taken.
Result<void> take(Files& files, Files&& added, const std::string& where) {
    for (auto& each : added) {
        const std::string& path = each.first;
        std::string& bytes = each.second;
        const auto refuse = [&](const char* what) {
            return fail(ErrorKind::UnsafePath, std::string("The recipe's path ") + what,
                        where + ": " + printableLine(path),
                        "Use plain names, as levels/intake.csv");
        };
        if (path.empty() || path.size() > 200) return refuse("is empty or very long");
        if (path != printableLine(path)) return refuse("has characters that are no letters");
        if (path.front() == '/' || path.find('\\') != std::string::npos ||
            path.find("//") != std::string::npos)
            return refuse("leads out of the target's folder");
        for (const auto& part : file::Path(path))
            if (part.empty() || part.string().front() == '.')
                return refuse("has a part that is empty or begins with a dot");
        if (!files.emplace(path, std::move(bytes)).second)
            return fail(ErrorKind::NotApplicable, "Two calls of the recipe write the same file",
                        where + ": " + path, "Put the level's id into the path");
        if (files.size() > maxFiles)
            return fail(ErrorKind::OutOfRange, "The recipe writes more than 20,000 files", where,
                        "Write fewer");
    }
    return {};
}

class Cook {
public:
    /// `baked` are the files of a bundle.
    Cook(const Making& making, std::string script, Files baked)
        : m_making(making),
          m_name(making.target.options.recipe),
          m_script(std::move(script)),
          m_files(std::move(baked)) {}

    Result<Made> cook(const level::Project& project) {
        Made made;
        bool hasLevels = false;
        for (const auto& level : project.levels) {
            const auto baked = m_files.find("levels/" + level->id.text + ".level.json");
            if (baked == m_files.end()) continue;
            auto data = file::parseJson(baked->second, baked->first);
            if (!data) return fail(data.error());
            suit(*data, m_making.target.options);
            const auto called = call("level", *data, ", level " + level->id.text, made.files);
            if (!called) return fail(called.error());
            hasLevels = hasLevels || *called;
        }
        const auto campaign = file::parseJson(m_files.at("campaign.json"), "campaign.json");
        if (!campaign) return fail(campaign.error());
        const auto called = call("game", *campaign, ", the game", made.files);
        if (!called) return fail(called.error());
        if (!hasLevels && !*called)
            return fail(ErrorKind::NotApplicable,
                        "The recipe has neither a function level nor a function game", m_name,
                        "Write one of them; docs/ship.md says how");
        return made;
    }

private:
    /// False if the script does not have the function.
    Result<bool> call(const char* function, const Json& data, const std::string& of,
                      Files& files) const {
        const std::string where = m_name + of;
        const Json request = {{"script", m_script},
                              {"name", m_name},
                              {"call", function},
                              {"of", where + ": "},
                              {"data", data}};
        auto answer = runChild(request.dump());
        if (!answer) return fail(answer.error());
        if (!answer->hasFunction) return false;
        if (!answer->problem.empty())
            return fail(ErrorKind::NotApplicable, answer->problem, {}, "Mend the recipe");
        if (const auto taken = ship::take(files, std::move(answer->files), where); !taken)
            return fail(taken.error());
        std::size_t bytes = 0;
        for (const auto& each : files)
            bytes += each.second.size();
        if (bytes > maxBytes)
            return fail(ErrorKind::OutOfRange, "The recipe writes more than 512 MiB", where,
                        "Write less");
        return true;
    }

    const Making& m_making;
    std::string m_name;
    std::string m_script;
    Files m_files;
};

}  // namespace

Result<Made> detail::makeByRecipe(const Making& making) {
    const std::string& path = making.target.options.recipe;
    if (path.empty())
        return fail(ErrorKind::BadReference,
                    "The target " + making.target.name + " names no recipe", "targets",
                    "Choose a script below recipes/");
    const auto place = file::pathInside(making.folder, path);
    if (!place) return fail(place.error());
    auto script = making.storage.read(*place, std::size_t{1} << 20);
    if (!script) return fail(script.error());
    level::Project project = making.project;
    project.levels = level::levelsOf(making.project, making.target);
    project.bundle.isPacked = false;  // tables are plain
    auto sheets = file::sheetBytes(making.storage, project, making.folder);
    if (!sheets) return fail(sheets.error());
    auto files = file::bundleFiles(project, *sheets, [&] { return making.goesOn(); });
    if (!files) return fail(files.error());
    return Cook(making, std::move(*script), std::move(*files)).cook(project);
}

}  // namespace rook::ship
