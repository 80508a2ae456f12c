#include "kit/walk_graph.h"

#include <algorithm>

#include "kit/paced_run.h"
#include "kit/surveying_detail.h"

namespace rook::kit {

PxPoint boxMiddle(const level::Entity& entity) {
    return {entity.box.x + entity.box.width / 2, entity.box.y + entity.box.height / 2};
}

Spot spotOf(const level::Level& level, const level::Entity& entity) {
    return {toCell(boxMiddle(entity), level.cellSize), entity.storey};
}

std::array<double, 2> Patch::middle() const {
    const ExactRect all = place();
    return {(all.left.toDouble() + all.right.toDouble()) / 2,
            (all.top.toDouble() + all.bottom.toDouble()) / 2};
}

ExactRect Patch::place() const {
    if (!part.isEmpty()) return part;
    return {spot.at.x, spot.at.y, spot.at.x + 1, spot.at.y + 1};
}

WalkGraph::WalkGraph(const Kit& kit, const level::Level& level, const PlacedIndex& index) {
    Surveying(kit, level, index, *this).run();
}

WalkGraph::WalkGraph(const level::Project& project, const level::Level& level,
                     const PlacedIndex& index, const std::atomic<bool>* cancel)
    : WalkGraph(*project.kitOf(level), level, index) {
    const bool hasMovers = std::any_of(
        level.entities.begin(), level.entities.end(),
        [&](const level::Entity& entity) { return project.roleOf(entity) == level::Role::Mover; });
    if (hasMovers) Surveying(*project.kitOf(level), level, index, *this).findOpenSides();
    m_timed = TimedWalk::of(project, level, *this, cancel);
}

int WalkGraph::stateUnder(const level::Level& level, const level::Entity& entity) const {
    if (!m_timed) return patchUnder(level, entity);
    if (!problem().empty()) return -1;
    const int stand = standUnder(*this, level, entity);
    return stand < 0 ? -1 : m_timed->stateAt(stand, 0);
}

std::vector<int> WalkGraph::patchesOf(const std::vector<int>& states) const {
    std::vector<int> patches;
    for (const int state : states) {
        const int patch = patchOf(state);
        if (patch >= 0 && (patches.empty() || patches.back() != patch)) patches.push_back(patch);
    }
    return patches;
}

int WalkGraph::stateCount() const {
    return m_timed ? m_timed->stateCount() : static_cast<int>(m_patches.size());
}

int WalkGraph::patchOf(int state) const {
    return m_timed ? m_timed->patchOf(state) : state;
}

bool WalkGraph::isCalm(int state) const {
    return !m_timed || m_timed->isCalm(state);
}

void WalkGraph::statesAfter(int state, std::vector<int>& after) const {
    if (m_timed)
        m_timed->statesAfter(state, after);
    else
        after = next(state);
}

std::string WalkGraph::problem() const {
    return m_timed ? m_timed->problem() : "";
}

bool WalkGraph::isWhole() const {
    return !m_timed || m_timed->isWhole();
}

CellPoint WalkGraph::moduleOf(int state) const {
    const int patch = patchOf(state);
    if (patch < 0) return m_timed->moduleOfRide(state);
    return m_patches[static_cast<std::size_t>(patch)].spot.at;
}

int WalkGraph::patchAt(const Spot& spot) const {
    const auto found = m_bySpot.find(spot);
    return found == m_bySpot.end() ? -1 : found->second;
}

std::vector<int> WalkGraph::patchesAt(const Spot& spot) const {
    std::vector<int> found;
    const auto split = m_split.find({spot.at, 0});
    if (split == m_split.end()) {
        if (const int patch = patchAt(spot); patch >= 0) found.push_back(patch);
        return found;
    }
    for (const auto& part : split->second.patches)
        for (const int patch : part)
            if (m_patches[static_cast<std::size_t>(patch)].spot == spot) found.push_back(patch);
    return found;
}

int WalkGraph::patchUnder(const ExactPoint& place, int storey) const {
    const CellPoint at{static_cast<int>(place.x.floor()), static_cast<int>(place.y.floor())};
    const auto found = m_split.find({at, 0});
    if (found == m_split.end()) return patchAt({at, storey});
    const Split& split = found->second;
    const auto partOf = [](const std::vector<Rational>& borders, const Rational& value) {
        std::size_t part = 0;
        while (part + 2 < borders.size() && borders[part + 1] <= value)
            ++part;
        return part;
    };
    const std::size_t part =
        partOf(split.rows, place.y) * split.across() + partOf(split.columns, place.x);
    int lowest = -1;
    for (const int patch : split.patches[part]) {
        const Patch& each = m_patches[static_cast<std::size_t>(patch)];
        if (each.spot.storey != storey) continue;
        if (lowest < 0 || each.low < m_patches[static_cast<std::size_t>(lowest)].low)
            lowest = patch;
    }
    return lowest;
}

int WalkGraph::patchUnder(const level::Level& level, const level::Entity& entity) const {
    return patchUnder(inModules(level, boxMiddle(entity)), entity.storey);
}

ExactPoint inModules(const level::Level& level, PxPoint px) {
    return {Rational(px.x, level.cellSize.width), Rational(px.y, level.cellSize.height)};
}

std::vector<Spot> modulesOf(const WalkGraph& graph, const std::vector<int>& way) {
    std::vector<Spot> modules;
    for (const int patch : way) {
        const Spot& spot = graph.patches()[static_cast<std::size_t>(patch)].spot;
        if (modules.empty() || !(modules.back() == spot)) modules.push_back(spot);
    }
    return modules;
}

}  // namespace rook::kit
