#include "reader_targets.h"

#include "check/project_findings.h"
#include "file/baked_import.h"
#include "file/bundle.h"
#include "file/kept_work.h"
#include "file/kind_file.h"
#include "file/kit_file.h"
#include "file/model_file.h"
#include "file/placements.h"
#include "file/png.h"
#include "file/project_file.h"
#include "file/repair.h"
#include "file/save_set.h"
#include "file/text_grid.h"
#include "memory_files.h"
#include "rook_runtime.hpp"
#include "ship/grid_reading.h"

namespace rook::fuzz {

namespace {

const file::Path home = "/rook-plot-nowhere/project";

/// What levels are read with.
const level::Project& plainProject() {
    static const level::Project project = file::newProject("Plain");
    return project;
}

void roundTrip(const level::Project& project, const level::Level& level) {
    const std::string text = file::levelText(project, level);
    const auto again = file::readLevelText(project, text, "levels/again.json");
    require(again.has_value(), "a level that was written can be read");
    require(file::levelText(project, *again) == text, "a level that was read is written the same");
}

/// What is exported can be loaded by games.
void exportAndLoad(const level::Project& project) {
    const auto bundle = file::bundleFiles(project, {});
    if (!bundle) return;
    try {
        const auto campaign = runtime::readCampaign(
            runtime::detail::parsedText(bundle->at("campaign.json"), "campaign.json"),
            "campaign.json");
        for (const runtime::CampaignLevel& level : campaign.levels)
            (void)runtime::readLevel(
                runtime::detail::parsedText(bundle->at(level.file), level.file), level.file);
    } catch (const runtime::LoadError& error) {
        require(false, error.what());
    }
}

/// What was read becomes levels that can be written.
void takeBoards(const Result<ship::GridReading>& reading) {
    if (!reading || reading->boards.size() > 20) return;
    for (const auto& board : reading->boards)
        if (board.cells.width() * board.cells.height() > 40'000) return;
    const auto added = ship::addBoards(plainProject(), *reading, {}, "fuzz");
    require(added.has_value(), "boards that were read can be added");
    for (const auto& level : added->edit.project.levels)
        roundTrip(added->edit.project, *level);
}

}  // namespace

void readProject(Bytes bytes) {
    MemoryFiles disk;
    const std::string text = textOf(bytes);
    std::size_t at = text.find("## ");
    while (at != std::string::npos) {
        const std::size_t name = at + 3;
        const std::size_t line = std::min(text.find('\n', name), text.size());
        at = text.find("\n## ", line);
        const std::string path = text.substr(name, line - name);
        if (!path.empty() && path.find('\0') == std::string::npos)
            disk.files[home / path] =
                line < text.size() ? text.substr(line + 1, at - line - 1) : std::string();
        if (at != std::string::npos) ++at;
    }
    const auto project = file::openProject(disk, home);
    if (!project) {
        require(!project.error().sentence().empty(), "an error says something");
        (void)file::openRepaired(disk, home).has_value();
        return;
    }
    (void)check::projectFindings(*project, {});
    MemoryFiles other = disk;
    require(file::saveProject(other, home, *project).has_value(), "what was opened can be saved");
    const auto again = file::openProject(other, home);
    require(again.has_value(), "what was saved can be opened");
    require(file::projectText(*again) == file::projectText(*project), "and says the same");
    std::int64_t cells = 0;
    for (const auto& level : project->levels)
        cells += std::int64_t{level->cells.width()} * level->cells.height();
    if (cells < 40'000 && !project->levels.empty()) exportAndLoad(*project);
}

void readLevel(Bytes bytes) {
    const auto level = file::readLevelText(plainProject(), textOf(bytes), "levels/fuzz.json");
    if (level) roundTrip(plainProject(), *level);
}

void readSwatch(Bytes bytes) {
    // With sheets, so that tiles are read, too.
    static const level::Project project = [] {
        level::Project made = file::newProject("Dressed");
        level::Sheet sheet;
        sheet.name = "masses";
        sheet.path = "sheets/masses.png";
        sheet.columns = 16;
        made.sheets = std::vector<level::Sheet>{sheet};
        return made;
    }();
    const auto swatch = file::readLevelText(project, textOf(bytes), "swatches/fuzz.json");
    if (swatch) roundTrip(project, *swatch);
}

void readKit(Bytes bytes) {
    const auto kit = file::readKitText(textOf(bytes), "kits/fuzz.json");
    if (!kit) return;
    const std::string text = file::kitText(*kit);
    const auto again = file::readKitText(text, "kits/again.json");
    require(again.has_value() && file::kitText(*again) == text, "a kit is written as it was read");
}

void readKinds(Bytes bytes) {
    const auto kinds = file::kindsOfText(textOf(bytes), "kinds.json", plainProject());
    if (!kinds) return;
    level::Project project = plainProject();
    project.kinds = *kinds;
    const std::string text = file::kindsText(project);
    require(file::kindsOfText(text, "again.json", plainProject()).has_value(),
            "kinds that were written can be read");
}

void readBundle(Bytes bytes) {
    // Taken back into a project, it is a level that can be written.
    if (const auto taken = file::readBakedLevel(plainProject(), textOf(bytes), "fuzz.json");
        taken && taken->level.cells.width() * taken->level.cells.height() < 40'000)
        roundTrip(plainProject(), taken->level);
    try {
        const auto json = runtime::detail::parsedText(textOf(bytes), "fuzz.json");
        if (json.is_object() && json.contains("levels")) {
            (void)runtime::readCampaign(json, "fuzz.json");
            return;
        }
        const runtime::Level level = runtime::readLevel(json, "fuzz.json");
        if (level.cells.size() > 40'000) return;
        const runtime::World world = level.world();
        runtime::Body body = level.start(world, "");
        for (int tick = 0; tick < 200; ++tick)
            runtime::step(world, level.motion, body, {256, 0, tick % 40 < 20 ? 1u : 0u});
    } catch (const runtime::LoadError& error) {
        require(*error.what() != '\0', "an error says something");
    }
}

void readGlb(Bytes bytes) {
    MemoryFiles none;
    (void)file::readModel(none, home, "fuzz.glb", textOf(bytes)).has_value();
    (void)file::readModel(none, home, "fuzz.gltf", textOf(bytes)).has_value();
}

void readObj(Bytes bytes) {
    MemoryFiles none;
    (void)file::readModel(none, home, "fuzz.obj", textOf(bytes)).has_value();
}

void readPng(Bytes bytes) {
    const auto size = file::pngSize(textOf(bytes), "fuzz.png");
    // Large ones are fine, and slow to decode by the thousand.
    if (!size || std::int64_t{size->width} * size->height > 1 << 20) return;
    takeBoards(ship::readImageMap(plainProject(), textOf(bytes), "fuzz.png", {}));
    const auto picture = file::readPng(textOf(bytes), "fuzz.png");
    if (!picture) return;
    const auto again = file::readPng(file::writePng(*picture), "again.png");
    require(again && again->rgba == picture->rgba, "a picture is written as it was read");
}

void readTextGrid(Bytes bytes) {
    const level::Level& level = *plainProject().levels[0];
    const auto clip = file::clipOfText(plainProject(), level, textOf(bytes));
    if (clip) (void)file::textOfClip(plainProject(), *clip);
    takeBoards(ship::readTextGrid(plainProject(), textOf(bytes), "fuzz.txt", {}));
}

void readLegend(Bytes bytes) {
    const auto legend = ship::readLegend(plainProject(), textOf(bytes), "legend.json");
    if (!legend) return;
    ship::Signs signs;
    for (const auto& [sign, meaning] : *legend)
        signs[meaning] = sign;
    require(ship::readLegend(plainProject(), ship::legendText(plainProject(), signs), "again")
                .has_value(),
            "a legend that was written can be read");
}

void readCsv(Bytes bytes) {
    (void)file::csvRows(textOf(bytes), "fuzz.csv").has_value();
    static const level::Project project = [] {
        level::Project made = plainProject();
        level::Level level = *made.levels[0];
        level::Entity key;
        key.id = {"key-1"};
        key.kind = {"key"};
        key.box = {16, 16, 8, 8};
        level.entities = std::vector<level::Entity>{key};
        return made.withLevel(level);
    }();
    (void)file::readPlacements(textOf(bytes), "fuzz.csv", project).has_value();
}

void readJournal(Bytes bytes) {
    MemoryFiles disk;
    disk.files[home / ".rookplot/journal"] = textOf(bytes);
    disk.files[home / ".rookplot/save-0123456789abcdef/0"] = "what was staged";
    (void)file::finishSave(disk, home).has_value();
    for (const auto& [path, text] : disk.files) {
        const file::Path inner = path.lexically_relative(home);
        require(!inner.empty() && *inner.begin() != "..", "nothing outside was written");
    }
}

void readKept(Bytes bytes) {
    MemoryFiles disk;
    disk.files[home / ".rookplot/kept/index.json"] = textOf(bytes);
    for (const auto& [path, part] : file::textFilesOf(plainProject()))
        disk.files[home / ".rookplot/kept/parts" / part.sha256] = *part.bytes;
    const auto kept = file::readKeptWork(disk, home / ".rookplot/kept", home);
    if (kept && *kept) (*kept)->history.checkInvariants();
}

}  // namespace rook::fuzz
