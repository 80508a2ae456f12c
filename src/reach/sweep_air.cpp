#include "reach/sweep_detail.h"

namespace rook::reach {

void Sweep::beThrown(int index, int y) {
    Word* bits = m_current.row();
    const WordRange range = rows(index).freshRange(y);
    clear(bits, range);
    rows(index).takeFresh(y, bits);
    beginStep(index, y);
    const int spring = layer(index).spring;
    rows(m_layers.jump(2 * spring + 1)).add(y, bits, range);
    rows(m_layers.jump(2 * spring + 2)).add(y, bits, range);
    holdFromAir(y, bits, range);
}

void Sweep::fly(int index, int y) {
    const Layer& from = layer(index);
    const int end = y + from.dy;
    rows(from.next).willLookAt(end);
    const WordRange fresh = rows(index).takeFresh(y, m_current.row());
    rows(from.next).willAddTo(end, fresh.from);
    if (from.hop >= 0) rows(from.hop).willAddTo(end, fresh.from);
    for (Flight flight{index, y, fresh}; !flight.range.isEmpty();)
        flight = flyATick(flight);
}

Sweep::Flight Sweep::flyATick(const Flight& flight) {
    const int y = flight.y;
    const Layer& from = layer(flight.layer);
    Word* const current = m_current.row();
    const int end = y + from.dy;
    const WordRange range = spannedBy(current, flight.range, from.dx + std::abs(from.shove));
    beginStep(flight.layer, y);
    if (from.phase != 0) {
        holdFromAir(y, current, flight.range);
        jumpInTheAir(from, y, current, flight.range);
    }
    if (from.push != 0) {
        force(y, from.push * from.dx, range);
    } else {
        if (from.shove != 0) force(y, from.shove, range);
        if (from.dx > 0) {
            spreadBoth(current + range.from, m_collision.open(y) + range.from,
                       m_scratch.row() + range.from, m_scratch2.row() + range.from, from.dx,
                       range.to - range.from);
            markVisited(y, current, range);
        }
    }
    const bool hasEnded =
        from.dy > 0 ? fall(y, from.dy, current, range) : rise(from, y, -from.dy, current, range);
    if (hasEnded) return {};
    takeThrown(end, current, range, m_maps.floor.row(end));
    if (from.hop >= 0) rows(from.hop).add(end, current, range);
    if (m_passes && layer(from.next).isPassed) {
        noteNear(from.next, end, range);
        return {from.next, end, trimmed(current, range)};
    }
    rows(from.next).add(end, current, range);
    return {};
}

/// Those that are where each state is wanted end their flight here.
void Sweep::noteNear(int layer, int y, WordRange range) {
    if (m_noted.empty()) return;
    Word* const current = m_current.row();
    for (const WordRange& noted : m_noted[static_cast<std::size_t>(y)]) {
        const WordRange part{std::max(range.from, noted.from), std::min(range.to, noted.to)};
        if (part.isEmpty()) continue;
        rows(layer).add(y, current, part);
        std::fill(current + part.from, current + part.to, 0);
    }
}

void Sweep::jumpInTheAir(const Layer& from, int y, const Word* bits, WordRange range) {
    if (from.coyoteJump >= 0) {
        rows(from.coyoteJump).add(y, bits, range);
        return;
    }
    Word* rest = m_next.row();
    std::copy(bits + range.from, bits + range.to, rest + range.from);
    if (from.wallJumpRight >= 0 || from.wallJumpLeft >= 0) {
        Word* blocked = m_scratch.row();
        const Word* free = m_maps.free.row(y);
        const WordRange around = widened(range, 1);
        clear(blocked, around);
        for (int i = around.from; i < around.to; ++i)
            blocked[i] = ~free[i];
        Word* off = m_moved.row();
        const auto jumpOff = [&](int to, auto&& wallBeside) {
            if (to < 0) return;
            for (int i = range.from; i < range.to; ++i)
                off[i] = bits[i] & wallBeside(i);
            for (int i = range.from; i < range.to; ++i)
                rest[i] &= ~off[i];
            rows(to).add(y, off, range);
        };
        jumpOff(from.wallJumpRight, [&](int i) { return movedRight(blocked, i); });
        jumpOff(from.wallJumpLeft, [&](int i) { return movedLeft(blocked, i); });
    }
    if (from.airJump >= 0) rows(from.airJump).add(y, rest, range);
}

void Sweep::force(int y, int px, WordRange range) {
    Word* current = m_current.row();
    Word* blocked = m_scratch.row();  // at the place before
    Word* going = m_moved.row();
    const Word* free = m_maps.free.row(y);
    const Word* open = m_collision.open(y);
    const bool toTheRight = px > 0;
    clear(going, range);
    for (int step = 0; step < std::abs(px); ++step) {
        Word* solid = m_next.row();
        clear(solid, range);
        for (int i = range.from; i < range.to; ++i)
            solid[i] = ~free[i];
        for (int i = range.from; i < range.to; ++i) {
            blocked[i] = current[i] & (toTheRight ? movedLeft(solid, i) : movedRight(solid, i));
            going[i] = current[i] & ~blocked[i];
        }
        for (int i = range.from; i < range.to; ++i)
            current[i] =
                blocked[i] | ((toTheRight ? movedRight(going, i) : movedLeft(going, i)) & open[i]);
        markVisited(y, current, range);
    }
}

bool Sweep::fall(int y, int dy, Word* current, WordRange range) {
    Word* landed = m_moved.row() + range.from;
    for (const int end = y + dy; y < end;) {
        takeThrown(y, current, range, m_maps.floor.row(y));
        const FlightRows rows{m_maps.floor.row(y) + range.from, 0,
                              m_collision.open(y + 1) + range.from,
                              m_visited.row(y + 1) + range.from, m_words};
        const int px = m_collision.hasSprings() ? 1 : end - y;
        const FlightSteps steps =
            flyOn(current + range.from, rows, landed, px, range.to - range.from);
        lookForGoals(y + 1, y + steps.count, range);
        y += steps.count;
        if (steps.isStopped) this->rows(Layers::standing).add(y - 1, m_moved.row(), range);
        if (!steps.isAnyLeft) return true;
    }
    return false;
}

bool Sweep::rise(const Layer& from, int y, int dy, Word* current, WordRange range) {
    Word* bumped = m_moved.row() + range.from;
    for (const int end = y - dy; y > end;) {
        const FlightRows rows{m_maps.free.row(y - 1) + range.from, ~Word{0},
                              m_collision.open(y - 1) + range.from,
                              m_visited.row(y - 1) + range.from, -m_words};
        const FlightSteps steps =
            flyOn(current + range.from, rows, bumped, y - end, range.to - range.from);
        lookForGoals(y - steps.count, y - 1, range);
        y -= steps.count;
        if (steps.isStopped) endInAir(from.bump, y + 1, m_moved.row(), range);
        if (!steps.isAnyLeft) return true;
    }
    return false;
}

void Sweep::endInAir(int layer, int y, Word* bits, WordRange range) {
    takeThrown(y, bits, range, m_maps.floor.row(y));
    rows(layer).add(y, bits, range);
}

void Sweep::takeThrown(int y, Word* bits, WordRange range, const Word* floor) {
    const auto* springs = m_collision.springsUnder(y);
    if (!springs) return;
    Word* thrown = m_product.row();
    for (const CollisionMaps::SpringRun& run : *springs) {
        BitMap mask(m_maps.live.width(), 1);
        mask.setRun(0, run.from, run.to);
        for (int i = range.from; i < range.to; ++i) {
            thrown[i] = bits[i] & mask.row(0)[i] & ~floor[i];
            bits[i] &= ~thrown[i];
        }
        rows(m_layers.sprung(run.spring)).add(y, thrown, range);
    }
}

}  // namespace rook::reach
