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
    Word* current = m_current.row();
    const WordRange fresh = rows(index).freshRange(y);
    const WordRange range = widened(fresh, wordsFor(from.dx) + wordsFor(std::abs(from.shove)));
    clear(current, range);
    rows(index).takeFresh(y, current);
    beginStep(index, y);
    if (from.phase != 0) {
        holdFromAir(y, current, fresh);
        jumpInTheAir(from, y, current, fresh);
    }
    if (from.push != 0) {
        force(y, from.push * from.dx, range);
    } else {
        if (from.shove != 0) force(y, from.shove, range);
        if (from.dx > 0) {
            spread<true>(y, from.dx, range);
            spread<false>(y, from.dx, range);
            const Word* right = m_scratch.row();
            const Word* left = m_scratch2.row();
            for (int i = range.from; i < range.to; ++i)
                current[i] |= right[i] | left[i];
            markVisited(y, current, range);
        }
    }
    const bool hasEnded =
        from.dy > 0 ? fall(y, from.dy, current, range) : rise(from, y, -from.dy, current, range);
    if (hasEnded) return;
    const int end = y + from.dy;
    takeThrown(end, current, range);
    rows(from.next).add(end, current, range);
    if (from.hop >= 0) rows(from.hop).add(end, current, range);
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
    const Word* open = m_ground.open(y);
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

template <bool toTheRight>
void Sweep::spread(int y, int dx, WordRange range) {
    Word* sum = toTheRight ? m_scratch.row() : m_scratch2.row();
    Word* from = m_moved.row();
    Word* to = m_next.row();
    clear(from, range);
    clear(to, range);
    clear(sum, range);
    const Word* current = m_current.row();
    std::copy(current + range.from, current + range.to, from + range.from);
    const Word* open = m_ground.open(y);
    for (int step = 0; step < dx; ++step) {
        const int n = range.to - range.from;
        (toTheRight ? spreadRight : spreadLeft)(from + range.from, open + range.from,
                                                to + range.from, sum + range.from, n);
        std::swap(from, to);
    }
}

bool Sweep::fall(int y, int dy, Word* current, WordRange range) {
    Word* landed = m_moved.row();
    for (int step = 0; step < dy; ++step, ++y) {
        const Word* floor = m_maps.floor.row(y);
        const Word* below = m_ground.open(y + 1);
        const int n = range.to - range.from;
        if (splitByFloor(current + range.from, floor + range.from, landed + range.from, n))
            rows(Layers::standing).add(y, landed, range);
        takeThrown(y, current, range);
        if (!keepIn(current + range.from, below + range.from, n)) return true;
        markVisited(y + 1, current, range);
    }
    return false;
}

bool Sweep::rise(const Layer& from, int y, int dy, Word* current, WordRange range) {
    Word* bumped = m_moved.row();
    for (int step = 0; step < dy; ++step, --y) {
        const Word* free = m_maps.free.row(y - 1);
        const Word* above = m_ground.open(y - 1);
        const int n = range.to - range.from;
        Word anyBumped = 0;
        for (int i = range.from; i < range.to; ++i) {
            bumped[i] = current[i] & ~free[i];
            anyBumped |= bumped[i];
        }
        if (anyBumped) endInAir(from.bump, y, bumped, range);
        if (!keepIn(current + range.from, above + range.from, n)) return true;
        markVisited(y - 1, current, range);
    }
    return false;
}

void Sweep::endInAir(int layer, int y, Word* bits, WordRange range) {
    takeThrown(y, bits, range);
    rows(layer).add(y, bits, range);
}

void Sweep::takeThrown(int y, Word* bits, WordRange range) {
    const auto* springs = m_ground.springsUnder(y);
    if (!springs) return;
    const Word* floor = m_maps.floor.row(y);
    Word* thrown = m_product.row();
    for (const Ground::SpringRun& run : *springs) {
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
