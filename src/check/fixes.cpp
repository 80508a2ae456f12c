#include "check/fixes.h"

#include <algorithm>

#include "cast/behaviour.h"
#include "check/audit.h"
#include "check/audit_detail.h"
#include "check/why_not.h"
#include "kit/laying.h"
#include "level/clips.h"

namespace rook::check {

namespace {

using level::Cell;
using level::CellRegion;
using level::LevelEdit;
using level::MatterId;

Result<LevelEdit> goneMeanwhile(const level::Level& level) {
    return fail(ErrorKind::NotApplicable, "What was found is no longer there", level.title,
                "Look at the findings anew");
}

/// The solid matter that most of the cells around the region are of.
std::optional<MatterId> matterAround(const level::Project& project, const level::Level& level,
                                     const CellRegion& region) {
    std::vector<int> counts(project.matters.size(), 0);
    for (const level::CellRun& run : region.runs())
        for (int y = run.y - 1; y <= run.y + 1; ++y)
            for (int x = run.x - 1; x <= run.x + run.count; ++x)
                if (isSolidCell(project, level, x, y))
                    ++counts[level.cells.at(x, y).matter().index];
    const auto most = std::max_element(counts.begin(), counts.end());
    if (most == counts.end() || *most == 0) return std::nullopt;
    return MatterId{static_cast<std::uint16_t>(most - counts.begin())};
}

Result<LevelEdit> fill(const level::Project& project, const level::Level& level,
                       const CellRegion& region, const std::string& name) {
    const auto matter = matterAround(project, level, region);
    if (!matter || region.isEmpty()) return goneMeanwhile(level);
    LevelEdit edit = layCells(project, level, region, Cell(*matter), "Fill");
    edit.name = name;
    return edit;
}

CellRect cellsOf(const level::Level& level, const Finding& finding) {
    return toCells(finding.place, level.cellSize).intersected(level.cells.bounds());
}

}  // namespace

namespace fixes {

Result<LevelEdit> fixOfKit(const level::Project& project, const level::Level& level,
                           const Finding& finding) {
    const level::Kit* kit = project.kitOf(level);
    const bool isThere =
        kit && !finding.pieces.empty() &&
        std::any_of(level.pieces.begin(), level.pieces.end(),
                    [&](const auto& placed) { return placed.id == finding.pieces[0]; });
    if (!isThere) return goneMeanwhile(level);
    const std::vector<int> first{finding.pieces[0]};
    if (finding.kind == FindingKind::KitOffModule) return kit::setStraight(*kit, level, first);
    if (finding.kind == FindingKind::KitDuplicate) return kit::remove(*kit, level, first);
    return kit::closePorts(*kit, level, first);
}

Result<LevelEdit> fillSpace(const level::Project& project, const level::Level& level,
                            const Finding& finding) {
    const level::MotionProfile* profile = project.profileOf(level);
    const auto tables = profile ? motion::makeStepTables(*profile, level.cellSize)
                                : fail(ErrorKind::Missing, "There is no motion profile",
                                       level.title, "Add one to rookplot.json");
    if (!tables) return fail(tables.error());
    for (const TightSpace& space : tightSpaces(project, level, *tables))
        if (space.bounds == finding.place)
            return fill(project, level, space.cells,
                        space.isPocket ? "Fill a pocket" : "Fill a gap");
    return goneMeanwhile(level);
}

/// Lays the lower of the two open cells of a two by two.
Result<LevelEdit> joinCorners(const level::Project& project, const level::Level& level,
                              const Finding& finding) {
    const CellRect cells = cellsOf(level, finding);
    int solid = 0;
    for (int y = cells.y; y < cells.bottom(); ++y)
        for (int x = cells.x; x < cells.right(); ++x)
            solid += isSolidCell(project, level, x, y) ? 1 : 0;
    if (solid != 2) return goneMeanwhile(level);
    for (int y = cells.bottom() - 1; y >= cells.y; --y)
        for (int x = cells.x; x < cells.right(); ++x)
            if (!isSolidCell(project, level, x, y, true))
                return fill(project, level, CellRegion(CellRect{x, y, 1, 1}), "Join two corners");
    return goneMeanwhile(level);
}

Result<LevelEdit> makeOneWay(const level::Project& project, const level::Level& level,
                             const Finding& finding) {
    const CellRect cells = cellsOf(level, finding);
    MatterId oneWay;
    for (std::size_t i = 1; i < project.matters.size() && oneWay.index == 0; ++i)
        if (project.matters[i].behaviour == level::Behaviour::OneWay)
            oneWay.index = static_cast<std::uint16_t>(i);
    if (oneWay.index == 0) return goneMeanwhile(level);
    // Its upper row becomes one-way, what is below it open.
    LevelEdit edit{level, "Make a ledge one-way", cells};
    for (int y = cells.y; y < cells.bottom(); ++y)
        for (int x = cells.x; x < cells.right(); ++x)
            if (isSolidCell(project, level, x, y))
                edit.level.cells.set(x, y, y == cells.y ? Cell(oneWay) : Cell());
    if (edit.level == level) return goneMeanwhile(level);
    return edit;
}

/// The edge that the fix names becomes a wall.
Result<LevelEdit> closeEdge(const level::Project&, const level::Level& level,
                            const Finding& finding) {
    const std::string& fix = finding.fix;
    LevelEdit edit{level, fix, level.cells.bounds()};
    auto& edges = edit.level.edges;
    const bool isLeft = fix.find("left") != std::string::npos;
    const bool isRight = fix.find("right") != std::string::npos;
    (isLeft ? edges.left : isRight ? edges.right : edges.top) = runtime::EdgeRule::Wall;
    return edit;
}

/// Takes what lies before the cells off the layers in front, locked ones too.
Result<LevelEdit> clearInFront(const level::Project&, const level::Level& level,
                               const Finding& finding) {
    const CellRect cells = cellsOf(level, finding);
    LevelEdit edit{level, "Clear what hides it", cells};
    edit.level.layers.edit([&](auto& layers) {
        for (level::TileLayer& layer : layers)
            if (layer.isFront && layer.isExported) {
                layer.tiles.fillRect(cells, level::Tile());
                layer.cells.fillRect(cells, Cell());
            }
    });
    return edit;
}

/// To where its kind's standing rule holds.
Result<LevelEdit> setDown(const level::Project& project, const level::Level& level,
                          const Finding& finding) {
    const level::Entity* entity = findEntity(level, finding.entity);
    const level::Kind* kind = entity ? project.findKind(entity->kind) : nullptr;
    if (!kind) return goneMeanwhile(level);
    level::Entity moved = *entity;
    moved.box = cast::dropped(project, level, *kind, entity->box);
    return changeEntity(level, moved, "Set " + entity->id.text + " down");
}

Result<LevelEdit> coverOpening(const level::Project& project, const level::Level& level,
                               const Finding& finding) {
    const level::Entity* exit = findEntity(level, finding.entity);
    if (!exit) return goneMeanwhile(level);
    const CellRect stands = toCells(exit->box, level.cellSize);
    const auto isOpen = [&](int y) {
        for (int x = stands.x; x < stands.right(); ++x)
            if (isSolidCell(project, level, x, y)) return false;
        return y >= 0 && y < level.cells.height();
    };
    int top = stands.y;
    int bottom = stands.bottom() - 1;
    while (isOpen(top - 1))
        --top;
    while (isOpen(bottom + 1))
        ++bottom;
    level::Entity covering = *exit;
    const int foot = std::max(exit->box.bottom(), (bottom + 1) * level.cellSize.height);
    covering.box.y = std::min(exit->box.y, top * level.cellSize.height);
    covering.box.height = foot - covering.box.y;
    if (covering.box == exit->box) return goneMeanwhile(level);
    return changeEntity(level, covering, "Let " + exit->id.text + " cover the opening");
}

Result<LevelEdit> eraseCell(const level::Project& project, const level::Level& level,
                            const Finding& finding) {
    const CellRect cells = cellsOf(level, finding);
    if (!isSolidCell(project, level, cells.x, cells.y)) return goneMeanwhile(level);
    return layCells(project, level, CellRegion(cells), Cell(), "Erase");
}

Result<LevelEdit> makeBottomDeadly(const level::Project&, const level::Level& level,
                                   const Finding&) {
    LevelEdit edit{level, "Make the bottom deadly", level.cells.bounds()};
    edit.level.edges.bottom = runtime::EdgeRule::Deadly;
    return edit;
}

Result<LevelEdit> markSecret(const level::Project&, const level::Level& level,
                             const Finding& finding) {
    const CellRect cells = cellsOf(level, finding);
    LevelEdit edit{level, "Mark a secret", cells};
    edit.level.secrets.edit([&](auto& list) { list.push_back(cells); });
    return edit;
}

Result<LevelEdit> layLedge(const level::Project& project, const level::Level& level,
                           const Finding& finding) {
    return check::layLedge(project, level, finding);
}

}  // namespace fixes

}  // namespace rook::check
