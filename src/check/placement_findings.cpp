#include "check/finding.h"

namespace rook::check {

namespace {

/// True if every cell that the box touches is solid and full.
bool isBuried(const level::Project& project, const level::Level& level, const PxRect& box) {
    const CellRect cells = toCells(box, level.cellSize).intersected(level.cells.bounds());
    for (int y = cells.y; y < cells.bottom(); ++y) {
        for (int x = cells.x; x < cells.right(); ++x) {
            const level::Cell cell = level.cells.at(x, y);
            if (project.behaviourOf(cell) != level::Behaviour::Solid ||
                cell.form() != level::Form::Full)
                return false;
        }
    }
    return !cells.isEmpty();
}

}  // namespace

std::vector<Finding> placementFindings(const level::Project& project, const level::Level& level) {
    std::vector<Finding> findings;
    for (const level::Entity& entity : level.entities) {
        const level::Kind* kind = project.findKind(entity.kind);
        // The middle of a formation may lie anywhere, and a turn mark may overlap the floor.
        const bool isAnywhere =
            kind && (kind->role == level::Role::Prop || kind->role == level::Role::Formation ||
                     kind->role == level::Role::TurnMark);
        if (!kind || isAnywhere || !isBuried(project, level, entity.box)) continue;
        findings.push_back({FindingKind::EntityInStone, Severity::Doubt, level.id,
                            kind->title + " " + entity.id.text + " is buried in solid matter",
                            entity.id, entity.box});
    }
    return findings;
}

}  // namespace rook::check
