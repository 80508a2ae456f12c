#include "check/project_fixes.h"

#include <algorithm>
#include <functional>
#include <set>

#include "level/tile_edits.h"

namespace rook::check {

using namespace level;

namespace {

/// What a fix sees beside the board.
struct Around {
    const Project& project;
    const AssetFacts& facts;

    [[nodiscard]] bool hasTheme(const std::string& theme) const {
        return theme.empty() || std::any_of(project.swatches.begin(), project.swatches.end(),
                                            [&](const auto& each) { return each->theme == theme; });
    }
};

void takeThemesAway(const Around& around, Level& level) {
    if (!around.hasTheme(level.theme)) level.theme.clear();
    level.zones.edit([&](std::vector<Zone>& zones) {
        for (Zone& zone : zones)
            if (!around.hasTheme(zone.theme)) zone.theme.clear();
    });
}

void takePicturesAway(const Around& around, Level& level) {
    if (!around.project.findBackdrop(level.backdrop)) level.backdrop.clear();
}

/// The later ones of a name get the next number that is free.
void numberLayers(const Around&, Level& level) {
    std::set<std::string> taken;
    for (const TileLayer& layer : level.layers)
        taken.insert(layer.name);
    level.layers.edit([&](std::vector<TileLayer>& layers) {
        std::set<std::string> seen;
        for (TileLayer& layer : layers) {
            if (seen.insert(layer.name).second) continue;
            const std::string stem = layer.name;
            for (int n = 2; taken.contains(layer.name); ++n)
                layer.name = stem + " " + std::to_string(n);
            taken.insert(layer.name);
            seen.insert(layer.name);
        }
    });
}

void addLayers(const Around&, Level& level) {
    for (const ScatterRule& rule : level.scatter.items()) {
        const bool isThere =
            rule.layer.empty() ||
            std::any_of(level.layers.begin(), level.layers.end(),
                        [&](const TileLayer& layer) { return layer.name == rule.layer; });
        if (isThere) continue;
        const auto added = addLayer(level, false, rule.layer);
        if (!added) return;
        level.layers = added->level.layers;
    }
}

void forgetBlocks(const Around&, Level& level) {
    level.laid.edit([&](std::vector<LaidBlock>& laid) {
        std::erase_if(laid, [&](const LaidBlock& each) {
            return !level.cells.bounds().contains(each.place);
        });
    });
}

/// Times that overlap become one.
void joinTimes(const Around&, Level& level) {
    level.entities.edit([](auto& entities) {
        for (Entity& entity : entities) {
            if (!entity.data.timetable) continue;
            auto& on = entity.data.timetable->on;
            std::sort(on.begin(), on.end());
            auto joined = on;
            joined.clear();
            for (const auto& each : on) {
                if (!joined.empty() && each.first < joined.back().second)
                    joined.back().second = std::max(joined.back().second, each.second);
                else
                    joined.push_back(each);
            }
            on = std::move(joined);
        }
    });
}

void clearTilesBeyond(const Around& around, Level& level) {
    std::vector<std::optional<int>> counts;
    for (const Sheet& sheet : around.project.sheets)
        counts.push_back(tileCountOf(sheet, around.facts));
    const auto clear = [&](Grid<Tile>& grid) {
        for (int y = 0; y < grid.height(); ++y)
            for (int x = 0; x < grid.width(); ++x) {
                const Tile tile = grid.at(x, y);
                if (!tile.isShown() || std::size_t(tile.sheet()) >= counts.size()) continue;
                const auto count = counts[std::size_t(tile.sheet())];
                if (count && tile.number() >= *count) grid.set(x, y, Tile());
            }
    };
    clear(level.tiles);
    level.layers.edit([&](std::vector<TileLayer>& layers) {
        for (TileLayer& layer : layers)
            clear(layer.tiles);
    });
}

void nameByItsId(const Around&, Level& level) {
    if (level.title.empty()) level.title = level.id.text;
}

struct BoardFix {
    std::string_view name;
    std::string_view words;
    void (*mend)(const Around&, Level&);
};
constexpr BoardFix boardFixes[] = {
    {"theme-unknown", "Take unknown themes away", takeThemesAway},
    {"backdrop-unknown", "Take the pictures away", takePicturesAway},
    {"layer-twice", "Number the layers", numberLayers},
    {"layer-unknown", "Add the layer", addLayers},
    {"block-outside", "Forget the block", forgetBlocks},
    {"timetable-overlaps", "Join the times", joinTimes},
    {"tile-beyond-sheet", "Clear those cells", clearTilesBeyond},
    {"title-empty", "Name it by its id", nameByItsId},
};

/// Null for findings that are about no board, or have no fix.
const BoardFix* boardFixOf(const ProjectFinding& finding) {
    const bool isBoard =
        finding.where.starts_with("levels/") || finding.where.starts_with("swatches/");
    const auto found =
        std::find_if(std::begin(boardFixes), std::end(boardFixes),
                     [&](const BoardFix& each) { return each.name == finding.name; });
    return isBoard && found != std::end(boardFixes) ? &*found : nullptr;
}

/// Null if the project has no board in that file.
std::shared_ptr<const Level> boardIn(const Project& project, const std::string& file) {
    for (const auto& [folder, boards] :
         {std::pair("levels/", &project.levels), std::pair("swatches/", &project.swatches)})
        for (const auto& board : *boards)
            if (folder + board->id.text + ".json" == file) return board;
    return nullptr;
}

}  // namespace

std::string_view fixWordsOf(const ProjectFinding& finding) {
    const BoardFix* fix = boardFixOf(finding);
    return fix ? fix->words : std::string_view();
}

Result<ProjectEdit> fixOf(const Project& project, const AssetFacts& facts,
                          const ProjectFinding& finding) {
    const BoardFix* fix = boardFixOf(finding);
    const auto board = fix ? boardIn(project, finding.where) : nullptr;
    if (board) {
        Level mended = *board;
        fix->mend({project, facts}, mended);
        if (!(mended == *board))
            return ProjectEdit{project.withLevel(std::move(mended)), std::string(fix->words)};
    }
    return fail(ErrorKind::NotApplicable, "What was found is no longer there", finding.where,
                "Look at the findings anew");
}

}  // namespace rook::check
