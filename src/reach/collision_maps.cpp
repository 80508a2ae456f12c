#include "reach/collision_maps.h"

#include "motion/paces.h"

namespace rook::reach {

runtime::Parts fixedParts(const runtime::Parts& parts) {
    runtime::Parts fixed = parts;
    for (const runtime::TimedHazard& hazard : parts.timed)
        if (hazard.times.isAlwaysOn()) fixed.deadly.push_back(hazard.box);
    fixed.timed.clear();
    fixed.movers.clear();
    return fixed;
}

CollisionMaps::CollisionMaps(const Problem& problem, const runtime::Parts& parts,
                             const collide::PxMaps& px, runtime::HeldSet held)
    : m_own(&problem.tables),
      m_parts(&parts),
      m_world(problem.frame, *problem.cells, problem.tables, parts),
      m_held(held),
      m_profile(m_world.profileOf(held)),
      m_tables(&runtime::tablesOf(problem.tables, m_profile)),
      m_abilities(m_world.abilitiesWith(held)),
      m_maps(collide::makeBodyMaps(px, problem.tables, parts, held, m_abilities)),
      m_layers(*m_tables, parts, m_abilities, m_maps.ladder.width() > 0, m_maps.liquid.width() > 0,
               m_profile),
      m_mayRide(!problem.parts.movers.empty()) {
    findNear();
    for (std::size_t i = 0; i < parts.gains.size(); ++i) {
        if (((held >> i) & 1u) && !parts.gains[i].isTimed()) continue;
        if (!m_hasGains) m_open = m_maps.live;
        m_hasGains = true;
    }
    if (m_hasGains) closeGains(0, m_maps.live.height());
    if (parts.springs.empty() || problem.tables.fromAbove) return;
    m_springs.resize(static_cast<std::size_t>(m_maps.live.height()));
    for (std::size_t i = 0; i < parts.springs.size(); ++i) {
        const runtime::Box& box = parts.springs[i].box;
        const int y = box.y - problem.tables.bodyHeight + m_maps.top;
        if (y < 0 || y >= m_maps.live.height()) continue;
        const int from = std::max(0, box.x - problem.tables.bodyWidth + 1 + m_maps.left);
        const int to = std::min(m_maps.live.width(), box.x + box.width + m_maps.left);
        if (from < to)
            m_springs[static_cast<std::size_t>(y)].push_back({static_cast<int>(i), from, to});
    }
}

PxRect CollisionMaps::positionsAt(const runtime::Box& box) const {
    const PxRect all{0, 0, m_maps.live.width(), m_maps.live.height()};
    return PxRect{box.x - m_tables->bodyWidth + 1 + m_maps.left,
                  box.y - m_tables->bodyHeight + 1 + m_maps.top,
                  box.width + m_tables->bodyWidth - 1, box.height + m_tables->bodyHeight - 1}
        .intersected(all);
}

std::optional<PxRect> CollisionMaps::patch(const collide::MapPatch& cells) {
    const auto changed = cells.applyTo(m_maps, m_held, m_abilities);
    if (!changed || !m_hasGains) return changed;
    for (int y = changed->y; y < changed->bottom(); ++y)
        std::copy_n(m_maps.live.row(y), m_maps.live.wordsPerRow(), m_open.row(y));
    closeGains(changed->y, changed->bottom());
    return changed;
}

PxRect CollisionMaps::farthestWith(const runtime::Gain& gain) const {
    const PxRect all{0, 0, m_maps.live.width(), m_maps.live.height()};
    if (m_mayRide) return all;
    const motion::MostPaces most = motion::mostPaces(*m_own, *m_parts);
    const PxRect met = positionsAt(gain.box);
    const auto px = [&](int pace, int limit) {
        return static_cast<int>(
            std::min<std::int64_t>(limit, static_cast<std::int64_t>(pace) * gain.lastsTicks));
    };
    const int dx = px(most.across, all.width);
    const int dy = px(most.down, all.height);
    return PxRect{met.x - dx, met.y - dy, met.width + 2 * dx, met.height + 2 * dy}.intersected(all);
}

void CollisionMaps::findNear() {
    for (std::size_t i = 0; i < m_parts->gains.size(); ++i) {
        const runtime::Gain& gain = m_parts->gains[i];
        if (((m_held >> i) & 1u) == 0 || gain.lastsTicks == 0) continue;
        BitMap near(m_maps.live.width(), m_maps.live.height());
        const auto add = [&](const PxRect& at) {
            for (int y = at.y; y < at.bottom(); ++y)
                near.setRun(y, at.x, at.right());
        };
        add(farthestWith(gain));
        for (const runtime::Door& door : m_parts->doors)
            if ((door.needs >> i) & 1u) add(positionsAt(door.box));
        if (m_near.width() > 0)
            for (int y = 0; y < near.height(); ++y)
                for (int w = 0; w < near.wordsPerRow(); ++w)
                    near.row(y)[w] &= m_near.row(y)[w];
        m_near = std::move(near);
    }
}

void CollisionMaps::closeGains(int top, int bottom) {
    for (int y = top; m_near.width() > 0 && y < bottom; ++y)
        for (int w = 0; w < m_near.wordsPerRow(); ++w)
            m_open.row(y)[w] &= m_near.row(y)[w];
    for (std::size_t i = 0; i < m_parts->gains.size(); ++i) {
        const runtime::Gain& gain = m_parts->gains[i];
        if ((m_held >> i) & 1u) {
            if (gain.isLocal()) closeAllBut(positionsAt(gain.keeps), top, bottom);
            continue;
        }
        if (gain.isShutting) {
            if ((m_held & gain.after) == gain.after)
                closeAllBut(positionsAt(gain.box), top, bottom);
            continue;
        }
        if (gain.wantsUse) continue;  // one may pass without
        const PxRect at = positionsAt(gain.box);
        for (int y = std::max(top, at.y); y < std::min(bottom, at.bottom()); ++y)
            m_open.clearRun(y, at.x, at.right());
    }
}

void CollisionMaps::closeAllBut(const PxRect& kept, int top, int bottom) {
    for (int y = top; y < bottom; ++y) {
        const bool isIn = y >= kept.y && y < kept.bottom();
        m_open.clearRun(y, 0, isIn ? kept.x : m_open.width());
        if (isIn) m_open.clearRun(y, kept.right(), m_open.width());
    }
}

std::size_t CollisionMaps::byteCount() const {
    return m_maps.free.byteCount() + m_maps.live.byteCount() + m_maps.floor.byteCount() +
           m_maps.ladder.byteCount() + m_maps.ladderTop.byteCount() + m_maps.holdFloor.byteCount() +
           m_maps.liquid.byteCount() + m_open.byteCount();
}

CollisionMapSets::CollisionMapSets(const Problem& problem)
    : m_problem(&problem),
      m_parts(fixedParts(problem.parts)),
      m_freely(problem.tables),
      m_px(collide::makePxMaps(problem.frame, *problem.cells, problem.tables, m_parts)) {
    const auto free = [](runtime::MotionTables& tables) {
        for (runtime::PaceTable* table :
             {&tables.walk, &tables.climb, &tables.swim, &tables.diagonal})
            table->fill(*std::max_element(table->begin(), table->end()));
    };
    free(m_freely);
    for (runtime::MotionTables& each : m_freely.others)
        free(each);
}

bool CollisionMapSets::fit(const Problem& problem, const Limits& limits) {
    const std::int64_t bits = collide::mapBits(problem.frame, problem.tables, problem.parts);
    // While body maps are made, twelve maps stand side by side.
    return static_cast<std::uint64_t>(bits) / 8 * 12 <= limits.maxBytes;
}

const CollisionMaps& CollisionMapSets::of(runtime::HeldSet held) {
    std::unique_ptr<CollisionMaps>& collision = m_mapSets[held];
    if (!collision) collision = std::make_unique<CollisionMaps>(*m_problem, m_parts, m_px, held);
    return *collision;
}

std::optional<std::map<runtime::HeldSet, PxRect>> CollisionMapSets::patch(const CellRect& cells) {
    const collide::MapPatch made(m_problem->frame, *m_problem->cells, m_problem->tables, m_parts,
                                 cells);
    if (!made.applyTo(m_px)) return std::nullopt;
    std::map<runtime::HeldSet, PxRect> changed;
    for (const auto& [held, collision] : m_mapSets) {
        const auto at = collision->patch(made);
        if (!at) return std::nullopt;
        changed[held] = *at;
    }
    return changed;
}

}  // namespace rook::reach
