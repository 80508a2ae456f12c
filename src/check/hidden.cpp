/// What lies in front and hides what must be seen.

#include "check/look.h"
#include "skin/dressing.h"

namespace rook::check {

namespace {

using level::Role;

bool mustBeSeen(Role role) {
    switch (role) {
        case Role::Exit:
        case Role::Checkpoint:
        case Role::Pickup:
        case Role::Key:
        case Role::Switch:
        case Role::Door:
        case Role::Hazard:
        case Role::Foe:
        case Role::Mover:
        case Role::Spring:
        case Role::Thrower:
            return true;
        case Role::Spawn:
        case Role::Entry:
        case Role::Trigger:
        case Role::Formation:
        case Role::Prop:
        case Role::TurnMark:
        case Role::Counter:
            break;
    }
    return false;
}

/// How much of a cell is covered by layers in front, 0 to 1, and by which most.
double coverAt(const level::Level& level, const skin::TilingRules& tilingRules,
               const skin::Opacity& opacity, int x, int y, std::string& name) {
    double seen = 1;
    double most = 0;
    for (const level::TileLayer& layer : level.layers) {
        const bool isEmpty = layer.tiles.width() == 0 && layer.cells.width() == 0;
        if (!layer.isFront || !layer.isExported || isEmpty) continue;
        const level::Tile tile = skin::dressLayer(tilingRules, level, layer, {x, y, 1, 1}).at(x, y);
        const double share = opacity.of(tile).value_or(0) * layer.opacity / 10000.0;
        seen *= 1 - share;
        if (share > most) name = layer.name;
        most = std::max(most, share);
    }
    return 1 - seen;
}

}  // namespace

std::vector<Finding> hiddenFindings(const level::Project& project, const level::Level& level,
                                    const reach::Answer& answer, const skin::Opacity& opacity) {
    std::vector<Finding> findings;
    const CellSize cell = level.cellSize;
    const skin::TilingRules tilingRules = skin::TilingRules::of(project, level);
    for (const level::Entity& entity : level.entities) {
        if (!mustBeSeen(project.roleOf(entity)) || entity.box.isEmpty()) continue;
        // The nearest way past a thing is a body away from it.
        if (!answer.onCells().reached.meets(entity.box.grown(answer.onCells().tables.bodyHeight),
                                            answer.onCells().tables))
            continue;
        const CellRect cells = toCells(entity.box, cell);
        double covered = 0;
        std::string name;
        for (int y = cells.y; y < cells.bottom(); ++y)
            for (int x = cells.x; x < cells.right(); ++x) {
                const PxRect part = toPx(CellRect{x, y, 1, 1}, cell).intersected(entity.box);
                covered += double(part.area()) * coverAt(level, tilingRules, opacity, x, y, name);
            }
        const auto percent = static_cast<int>(100 * covered / double(entity.box.area()));
        if (percent < hiddenFrom) continue;
        Finding finding;
        finding.kind = FindingKind::HiddenInFront;
        finding.severity = Severity::Doubt;
        finding.level = level.id;
        finding.entity = entity.id;
        finding.place = entity.box;
        finding.sentence = entity.id.text + " is hidden by the layer " + name + ": " +
                           std::to_string(percent) + " % of it is covered";
        finding.fix = "Clear what hides it";
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace rook::check
