#include "check/project_findings.h"

#include <algorithm>
#include <map>
#include <set>

#include "check/game_findings.h"
#include "check/unknown_keys.h"
#include "level/bundle_size.h"

namespace rook::check {

using namespace level;

namespace {

constexpr std::size_t mostOfOneSort = 50;
constexpr std::size_t longestTitle = 120;  ///< bytes; what is longer fits into no list
constexpr const char* projectFile = "rookplot.json";

std::string quoted(const std::string& text) {
    return "\"" + text + "\"";
}

class ProjectCheck {
public:
    ProjectCheck(const Project& project, const AssetFacts& facts)
        : m_project(project), m_facts(facts) {}

    std::vector<ProjectFinding> run() {
        assets();
        glyphs();
        tiles();
        themes();
        titles();
        for (const auto& level : m_project.levels)
            board(*level, fileOf(level->id));
        for (const auto& swatch : m_project.swatches)
            board(*swatch, "swatches/" + swatch->id.text + ".json");
        for (ProjectFinding& finding : gameFindings(m_project))
            add(finding.severity, finding.name, finding.sentence, finding.where);
        for (ProjectFinding& finding : unknownKeyFindings(m_project))
            add(finding.severity, finding.name, finding.sentence, finding.where);
        std::stable_sort(m_findings.begin(), m_findings.end(),
                         [](const auto& a, const auto& b) { return a.severity < b.severity; });
        return std::move(m_findings);
    }

private:
    void add(Severity severity, const std::string& name, std::string sentence,
             const std::string& where) {
        if (++m_counts[name] > mostOfOneSort) return;
        m_findings.push_back({name, severity, std::move(sentence), where});
    }

    void assets() {
        for (const auto& [path, fact] : m_facts.files)
            if (!fact.problem.empty()) add(Severity::Error, "asset-unreadable", fact.problem, path);
        for (const std::string& file : m_facts.levelsLeftOut)
            add(Severity::Doubt, "level-left-out",
                "The order of play leaves this level out: it is neither opened nor exported", file);
    }

    void glyphs() {
        std::map<std::string, std::string> known;
        for (std::size_t i = 1; i < m_project.matters.size(); ++i) {
            const Matter& matter = m_project.matters[i];
            if (matter.glyph.empty()) continue;
            const auto [other, isNew] = known.emplace(matter.glyph, matter.title);
            if (!isNew)
                add(Severity::Doubt, "glyph-twice",
                    other->second + " and " + matter.title + " are drawn by the same character, " +
                        quoted(matter.glyph) + ", in texts of levels",
                    projectFile);
        }
    }

    /// `number` counts from 1; 0 is none.
    void tileOf(const std::string& sheetName, int number, const std::string& whose) {
        const Sheet* sheet = m_project.findSheet(sheetName);
        const auto count = sheet ? tileCountOf(*sheet, m_facts) : std::nullopt;
        if (count && number > *count)
            add(Severity::Doubt, "tile-beyond-sheet",
                whose + " shows tile " + std::to_string(number) + " of " + sheetName +
                    ", which has " + std::to_string(*count),
                projectFile);
    }
    void tiles() {
        for (const Matter& matter : m_project.matters)
            tileOf(matter.sheet, matter.tile, matter.title);
        for (const Kind& kind : m_project.kinds)
            tileOf(kind.sheet, kind.tile, kind.title);
        for (const Sheet& sheet : m_project.sheets) {
            for (const TileAnimation& animation : sheet.animations)
                for (const int frame : animation.frames)
                    tileOf(sheet.name, frame + 1,
                           "A frame of tile " + std::to_string(animation.tile + 1));
            for (const TileNote& note : sheet.notes)
                tileOf(sheet.name, note.tile + 1, "The note " + quoted(note.name));
        }
    }

    void themes() {
        for (const auto& swatch : m_project.swatches)
            m_themes.insert(swatch->theme);
        m_themes.insert("");
    }
    void theme(const std::string& name, const std::string& whose, const std::string& where) {
        if (!m_themes.contains(name))
            add(Severity::Doubt, "theme-unknown",
                whose + " is of the theme " + quoted(name) + ", and no swatch is", where);
    }

    void titles() {
        title(m_project.name, "The project", projectFile);
        for (const auto& level : m_project.levels)
            title(level->title, "The level " + level->id.text, fileOf(level->id));
    }
    void title(const std::string& text, const std::string& whose, const std::string& where) {
        if (text.empty()) add(Severity::Doubt, "title-empty", whose + " has no title", where);
        if (text.size() > longestTitle)
            add(Severity::Doubt, "title-long",
                whose + " has a title of " + std::to_string(text.size()) + " bytes", where);
    }

    void board(const Level& level, const std::string& where) {
        theme(level.theme, "The board", where);
        for (const Zone& zone : level.zones)
            theme(zone.theme, "The zone " + zone.name, where);
        if (!level.backdrop.empty() && !m_project.findBackdrop(level.backdrop))
            add(Severity::Doubt, "backdrop-unknown",
                "There are no pictures " + quoted(level.backdrop) + " to stand behind it", where);
        std::set<std::string> layers;
        for (const TileLayer& layer : level.layers)
            if (!layers.insert(layer.name).second)
                add(Severity::Doubt, "layer-twice", "Two layers are called " + quoted(layer.name),
                    where);
        for (const ScatterRule& rule : level.scatter)
            if (!rule.layer.empty() && !layers.contains(rule.layer))
                add(Severity::Doubt, "layer-unknown",
                    "The rule " + quoted(rule.name) + " strews onto a layer " + quoted(rule.layer) +
                        ", which the board does not have",
                    where);
        for (const LaidBlock& laid : level.laid)
            if (!level.cells.bounds().contains(laid.place))
                add(Severity::Doubt, "block-outside",
                    "The block " + quoted(laid.block) + " is said to lie beyond the board", where);
        timetables(level, where);
        boardTiles(level, where);
        if (const auto problem = problemOfBundle(level))
            add(Severity::Error, "too-large-to-export", *problem, where);
    }

    void timetables(const Level& level, const std::string& where) {
        for (const Entity& entity : level.entities) {
            if (!entity.data.timetable) continue;
            auto on = entity.data.timetable->on;
            std::sort(on.begin(), on.end());
            for (std::size_t i = 1; i < on.size(); ++i)
                if (on[i].first < on[i - 1].second) {
                    add(Severity::Doubt, "timetable-overlaps",
                        entity.id.text + " is on from tick " + std::to_string(on[i].first) +
                            " while it is on already",
                        where);
                    break;
                }
        }
    }

    /// One finding a sheet and board.
    void boardTiles(const Level& level, const std::string& where) {
        std::vector<std::optional<int>> counts;
        for (const Sheet& sheet : m_project.sheets)
            counts.push_back(tileCountOf(sheet, m_facts));
        std::map<int, int> beyond;  // sheet: cells
        const auto look = [&](const Grid<Tile>& grid) {
            for (int y = 0; y < grid.height(); ++y)
                grid.forEachRunOfRow(y, [&](int, int count, const Tile* run) {
                    for (int i = 0; i < count; ++i)
                        if (run[i].isShown() && std::size_t(run[i].sheet()) < counts.size() &&
                            counts[std::size_t(run[i].sheet())] &&
                            run[i].number() >= *counts[std::size_t(run[i].sheet())])
                            ++beyond[run[i].sheet()];
                });
        };
        look(level.tiles);
        for (const TileLayer& layer : level.layers)
            look(layer.tiles);
        for (const auto& [sheet, cells] : beyond)
            add(Severity::Doubt, "tile-beyond-sheet",
                std::to_string(cells) + (cells == 1 ? " cell shows" : " cells show") +
                    " tiles that " + m_project.sheets[std::size_t(sheet)].name + " does not have",
                where);
    }

    const Project& m_project;
    const AssetFacts& m_facts;
    std::set<std::string> m_themes;
    std::map<std::string, std::size_t> m_counts;
    std::vector<ProjectFinding> m_findings;
};

}  // namespace

std::vector<ProjectFinding> projectFindings(const Project& project, const AssetFacts& facts) {
    return ProjectCheck(project, facts).run();
}

std::optional<int> tileCountOf(const Sheet& sheet, const AssetFacts& facts) {
    const auto fact = facts.files.find(sheet.path);
    if (fact == facts.files.end() || fact->second.height == 0) return std::nullopt;
    return fact->second.height / sheet.tile.height * sheet.columns;
}

std::size_t openCount(const std::vector<ProjectFinding>& findings) {
    return static_cast<std::size_t>(std::count_if(
        findings.begin(), findings.end(),
        [](const ProjectFinding& finding) { return finding.severity != Severity::Note; }));
}

}  // namespace rook::check
