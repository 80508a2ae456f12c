#include "kit/gates_detail.h"
#include "level/cast_edits.h"

namespace rook::kit {

using level::Entity;
using level::Role;

Gates::Gates(const level::Project& project, const level::Level& level, const WalkGraph& graph,
             const std::set<std::string>& told)
    : m_gains(graph.patches().size(), 0),
      m_needs(graph.patches().size(), 0),
      m_isShut(graph.patches().size(), 0) {
    addGains(project, level, graph, told);
    for (const Entity& entity : level.entities) {
        if (!level::mayBeShut(project.roleOf(entity))) continue;
        Held needs = 0;
        bool isShutForGood = false;
        for (const EntityId& id : whatOpens(project, level, entity)) {
            const Held bit = bitOf(id.text);
            isShutForGood = isShutForGood || bit == 0;
            needs |= bit;
        }
        if (needs == 0 && !isShutForGood) continue;
        const CellRect cells = toCells(entity.box, level.cellSize);
        for (int y = cells.y; y < cells.bottom(); ++y)
            for (int x = cells.x; x < cells.right(); ++x)
                for (const int patch : graph.patchesAt({{x, y}, entity.storey})) {
                    m_needs[static_cast<std::size_t>(patch)] |= needs;
                    if (isShutForGood) m_isShut[static_cast<std::size_t>(patch)] = 1;
                }
    }
}

void Gates::addGains(const level::Project& project, const level::Level& level,
                     const WalkGraph& graph, const std::set<std::string>& told) {
    std::set<std::string> wanted = told;
    for (const Entity& entity : level.entities)
        if (level::mayBeShut(project.roleOf(entity)))
            for (const EntityId& id : whatOpens(project, level, entity))
                wanted.insert(id.text);
    for (const Entity& entity : level.entities) {
        const Role role = project.roleOf(entity);
        const bool isGain = role == Role::Key || role == Role::Switch || role == Role::Pickup;
        if (!isGain || !wanted.contains(entity.id.text)) continue;
        if (m_bits.size() == 64) {
            m_isWhole = false;
            continue;
        }
        const int bit = static_cast<int>(m_bits.size());
        m_bits.emplace(entity.id.text, bit);
        const int patch = graph.patchUnder(level, entity);
        if (patch >= 0) m_gains[static_cast<std::size_t>(patch)] |= Held{1} << bit;
    }
}

}  // namespace rook::kit
