#include "reach/layers.h"

#include "base/assert.h"

namespace rook::reach {

using runtime::Ability;
using runtime::Body;
using runtime::Stance;

int Layers::add(LayerSort sort) {
    Layer layer;
    layer.sort = sort;
    m_layers.push_back(layer);
    return count() - 1;
}

/// Adds the first phases of a table, each like `layer` but for its phase.
void Layers::addFlight(const runtime::PhaseTable& table, Layer layer, int phases) {
    for (int p = 0; p < phases; ++p) {
        layer.phase = p;
        layer.dx = table.dx[static_cast<std::size_t>(p)];
        layer.dy = table.dy[static_cast<std::size_t>(p)];
        m_layers.push_back(layer);
    }
}

Layers::Layers(const runtime::MotionTables& tables, const runtime::Parts& parts,
               runtime::AbilitySet abilities, bool climbs, bool swims, int profile)
    : m_phases(static_cast<int>(tables.dx.size())) {
    const auto has = [&](Ability ability) { return (abilities & setOf(ability)) != 0; };
    add(LayerSort::Standing);
    if (tables.fromAbove) return;
    if (climbs) {
        m_climbing = add(LayerSort::Climbing);
        m_gripLadder = add(LayerSort::GripLadder);
    }
    if (swims) {
        m_swimming = add(LayerSort::Swimming);
        m_gripLiquid = add(LayerSort::GripLiquid);
    }
    if (has(Ability::WallJump)) m_pushTicks = tables.wallPushTicks;
    if (has(Ability::AirJump)) m_airJumps = tables.airJumps;
    if (has(Ability::Coyote)) m_coyoteTicks = tables.coyoteTicks;

    m_firstSprung = count();
    for (std::size_t i = 0; i < parts.springs.size(); ++i)
        m_layers[static_cast<std::size_t>(add(LayerSort::Sprung))].spring = static_cast<int>(i);
    for (std::size_t i = 0; i < 2 * parts.springs.size(); ++i) {
        const runtime::Spring& spring = parts.springs[i / 2];
        const runtime::PhaseTable& table = spring.flight(profile, i % 2 == 0);
        Layer layer;
        layer.table = static_cast<int>(i) + 1;
        layer.airJumps = m_airJumps;
        m_firstOfTable.push_back(count());
        addFlight(table, layer, static_cast<int>(table.dx.size()));
    }
    m_firstCoyote = count();
    int phase = tables.topPhase;
    for (int left = m_coyoteTicks; left > 0; --left) {
        Layer layer;
        layer.phase = phase;
        layer.dx = tables.dx[static_cast<std::size_t>(phase)];
        layer.dy = tables.dy[static_cast<std::size_t>(phase)];
        layer.airJumps = m_airJumps;
        layer.coyoteTicks = left;
        m_layers.push_back(layer);
        phase = tables.phaseAfter(phase);
    }
    m_firstOwn = count();
    for (int left = m_airJumps; left >= 0; --left) {
        Layer layer;
        layer.airJumps = left;
        for (const int push : {1, -1}) {
            layer.push = push;
            addFlight(tables, layer, m_pushTicks);
        }
        layer.push = 0;
        addFlight(tables, layer, m_phases);
    }
    m_jump = own(m_airJumps, 0, 0);
    m_fall = own(m_airJumps, 0, tables.topPhase);
    m_walkOff = m_coyoteTicks > 0 ? m_firstCoyote : m_fall;
    linkOwn(tables, has(Ability::ShortHop));
    linkSprings(parts, profile);
    for (Layer& layer : m_layers)
        if (layer.sort == LayerSort::Air && layer.phase != 0)
            linkJumps(layer, has(Ability::WallJump));
    markPassed();
}

void Layers::markPassed() {
    // More ticks between notes hold less, but find again what came there by another batch.
    constexpr int mostTicks = 12;
    std::vector<int> ways(m_layers.size(), 0);
    for (const Layer& layer : m_layers) {
        if (layer.next >= 0) ++ways[static_cast<std::size_t>(layer.next)];
        for (const int to : {layer.hop, layer.bump})
            if (to >= 0) ways[static_cast<std::size_t>(to)] = 2;
    }
    std::vector<int> ticks(m_layers.size(), 0);  // since the last note
    for (int i = 0; i < count(); ++i) {
        const int next = (*this)[i].next;
        if (next <= i || next == m_fall || ways[static_cast<std::size_t>(next)] != 1) continue;
        Layer& to = m_layers[static_cast<std::size_t>(next)];
        const int after = ticks[static_cast<std::size_t>(i)] + 1;
        if (to.takesNoTick() || after >= mostTicks) continue;
        to.isPassed = true;
        ticks[static_cast<std::size_t>(next)] = after;
    }
}

/// The layer of the body's own table; a push ends with its phases.
int Layers::own(int airJumps, int push, int phase) const {
    const int group = 2 * m_pushTicks + m_phases;
    const int at = m_firstOwn + (m_airJumps - airJumps) * group;
    if (push != 0 && phase < m_pushTicks) return at + (push > 0 ? 0 : m_pushTicks) + phase;
    return at + 2 * m_pushTicks + phase;
}

void Layers::linkOwn(const runtime::MotionTables& tables, bool hasShortHop) {
    for (int i = m_firstCoyote; i < count(); ++i) {
        Layer& layer = m_layers[static_cast<std::size_t>(i)];
        const int after = tables.phaseAfter(layer.phase);
        layer.next = layer.coyoteTicks > 1 ? i + 1 : own(layer.airJumps, layer.push, after);
        layer.bump = own(layer.airJumps, 0, tables.topPhase);
        const int hop = hasShortHop ? tables.phaseAfterLettingGo(layer.phase) : -1;
        if (hop >= 0) layer.hop = own(layer.airJumps, 0, hop);
    }
}

void Layers::linkSprings(const runtime::Parts& parts, int profile) {
    for (std::size_t i = 0; i < m_firstOfTable.size(); ++i) {
        const runtime::Spring& spring = parts.springs[i / 2];
        const runtime::PhaseTable& table = spring.flight(profile, i % 2 == 0);
        for (int p = 0; p < static_cast<int>(table.dx.size()); ++p) {
            Layer& layer = m_layers[static_cast<std::size_t>(m_firstOfTable[i] + p)];
            layer.shove = p < table.topPhase ? spring.pushDx : 0;
            layer.next = m_firstOfTable[i] + table.phaseAfter(p);
            layer.bump = m_fall;
        }
    }
}

void Layers::linkJumps(Layer& layer, bool hasWallJump) const {
    if (layer.coyoteTicks > 0) {
        layer.coyoteJump = m_jump;
        return;
    }
    if (hasWallJump) {
        if (layer.push <= 0) layer.wallJumpRight = own(layer.airJumps, 1, 0);
        if (layer.push >= 0) layer.wallJumpLeft = own(layer.airJumps, -1, 0);
    }
    if (layer.airJumps > 0) layer.airJump = own(layer.airJumps - 1, 0, 0);
}

int Layers::layerOf(const Body& body) const {
    switch (body.stance) {
        case Stance::Standing:
            return standing;
        case Stance::Climbing:
            return m_climbing;
        case Stance::Swimming:
            return m_swimming;
        case Stance::Sprung:
            return sprung(body.spring);
        case Stance::Airborne:
            if (body.table > 0) return jump(body.table) + body.phase;
            if (body.coyoteTicks > 0) return m_firstCoyote + m_coyoteTicks - body.coyoteTicks;
            return own(body.airJumps, body.push, body.phase);
        case Stance::Ended:
            break;
    }
    ROOK_ASSERT(false, "a body that has ended has no layer");
    return -1;
}

Body Layers::bodyOf(int index, int x, int y) const {
    const Layer& layer = (*this)[index];
    Body body;
    body.x = x;
    body.y = y;
    switch (layer.sort) {
        case LayerSort::Standing:
            body.stance = Stance::Standing;
            break;
        case LayerSort::Climbing:
            body.stance = Stance::Climbing;
            break;
        case LayerSort::Swimming:
            body.stance = Stance::Swimming;
            break;
        case LayerSort::Sprung:
            body.stance = Stance::Sprung;
            body.spring = layer.spring;
            break;
        case LayerSort::GripLadder:
        case LayerSort::GripLiquid:
        case LayerSort::Air:
            body.phase = layer.phase;
            body.table = layer.table;
            body.airJumps = layer.airJumps;
            body.coyoteTicks = layer.coyoteTicks;
            body.push = layer.push;
            break;
    }
    return body;
}

}  // namespace rook::reach
