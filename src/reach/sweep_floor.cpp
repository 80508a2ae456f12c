#include "reach/sweep_detail.h"

namespace rook::reach {

namespace {

/// Floods `row` along the runs of bits of `along` that it touches, both ways, over the whole row
/// (Kogge and Stone's parallel prefix, 1973, in each word, carried from word to word).
WordRange floodRuns(Word* row, const Word* along, int words, WordRange range) {
    const auto floodWord = [](Word seed, Word mask) {
        Word up = seed & mask;
        Word down = up;
        Word upMask = mask;
        Word downMask = mask;
        for (int shift = 1; shift < 64; shift *= 2) {
            up |= upMask & (up << shift);
            upMask &= upMask << shift;
            down |= downMask & (down >> shift);
            downMask &= downMask >> shift;
        }
        return up | down;
    };
    // Runs may leave the range: walk right, then left, for as long as something is carried.
    int i = range.from;
    for (; i < words; ++i) {
        const Word carried = i > 0 ? (row[i - 1] >> 63) & along[i] : 0;
        if (i >= range.to && carried == 0) break;
        row[i] = floodWord(row[i] | carried, along[i]) | row[i];
    }
    const int to = i;
    int from = to;
    for (i = to - 1; i >= 0; --i) {
        const Word carried = i + 1 < words ? (row[i + 1] << 63) & along[i] : 0;
        if (i < range.from && carried == 0) break;
        if (carried & ~row[i]) row[i] |= floodWord(row[i] | carried, along[i]);
        from = i;
    }
    return {from, to};
}

}  // namespace

void Sweep::stand(int y) {
    Word* bits = m_current.row();
    clear(bits, {0, m_words});  // the flood may leave the fresh range
    WordRange range = rows(Layers::standing).takeFresh(y, bits);
    beginStep(Layers::standing, y);
    lookForGoal(m_stopAt.standing, y, bits, range);
    if (m_walkPx > 0) {
        Word* standable = m_standable.row();
        const Word* open = m_collision.open(y);
        const Word* floor = m_maps.floor.row(y);
        for (int i = 0; i < m_words; ++i)
            standable[i] = open[i] & floor[i];
        if (m_hasRides) range = boardFloor(bits, range);
        range = floodRuns(bits, standable, m_words, range);
        lookForGoal(m_stopAt.standing, y, bits, range);
        rows(Layers::standing).addProcessed(y, bits, range);
        markVisited(y, bits, range);
        beginStep(Layers::standing, y);
        if (m_tables.fromAbove) return stepUpright(y, bits, range);
        if (m_hasRides) walkOffMovers(y, bits, widened(range, 1));
        walkOff<true>(y, m_hasRides ? m_standable.row() : bits, widened(range, 1));
        walkOff<false>(y, m_hasRides ? m_standable.row() : bits, widened(range, 1));
    }
    if (m_tables.fromAbove) return;
    rows(m_layers.jump(0)).add(y, bits, range);
    if (m_collision.has(runtime::Ability::DropThrough)) drop(y, bits, range);
    holdFromFloor(y, bits, range);
}

/// Off a mover, by one px, onto the floor beside it.
WordRange Sweep::boardFloor(Word* bits, WordRange range) {
    const WordRange around = widened(range, 1);
    const Word* standable = m_standable.row();
    Word* beside = m_scratch.row();
    clear(beside, around);
    for (int i = around.from; i < around.to; ++i)
        beside[i] = (movedRight(bits, i) | movedLeft(bits, i)) & standable[i];
    for (int i = around.from; i < around.to; ++i)
        bits[i] |= beside[i];
    return around;
}

void Sweep::drop(int y, const Word* bits, WordRange range) {
    Word* dropped = m_next.row();
    const Word* below = m_collision.open(y + 1);
    for (int i = range.from; i < range.to; ++i)
        dropped[i] = bits[i] & below[i];
    markVisited(y + 1, dropped, range);
    endInAir(m_layers.fall(), y + 1, dropped, range);
}

void Sweep::stepUpright(int y, const Word* bits, WordRange range) {
    Word* moved = m_next.row();
    for (const int to : {y - 1, y + 1}) {
        if (to < 0 || to >= m_maps.live.height()) continue;
        const Word* open = m_collision.open(to);
        for (int i = range.from; i < range.to; ++i)
            moved[i] = bits[i] & open[i];
        markVisited(to, moved, range);
        rows(Layers::standing).add(to, moved, range);
    }
}

/// Who walks on a mover stays on it up to its edge. Leaves in m_standable who stands on the floor.
void Sweep::walkOffMovers(int y, Word* bits, WordRange range) {
    const Word* floor = m_maps.floor.row(y);
    Word* onFloor = m_standable.row();
    Word* riding = m_riders.row();
    clear(riding, {0, m_words});
    clear(onFloor, {0, m_words});
    for (int i = range.from; i < range.to; ++i) {
        onFloor[i] = bits[i] & floor[i];
        riding[i] = bits[i] & ~floor[i];
    }
    if (!isAny(riding, range)) return;
    walkOff<true>(y, riding, range, m_rideEdges.row(y));
    walkOff<false>(y, riding, range, m_rideEdges.row(y));
}

template <bool toTheRight>
void Sweep::walkOff(int y, const Word* bits, WordRange range, const Word* edges) {
    const Word* open = m_collision.open(y);
    const Word* free = m_maps.free.row(y);
    const Word* floor = m_maps.floor.row(y);
    Word* falling = m_moved.row();  // open there, no floor
    Word* climbing = m_next.row();  // stopped by something solid; bits stay at the source
    for (int i = range.from; i < range.to; ++i)
        falling[i] = movedTo<toTheRight>(bits, i) & open[i] & ~floor[i];
    for (int i = range.from; edges && i < range.to; ++i)
        falling[i] &= edges[i];
    clear(climbing, range);
    Word* blocked = m_scratch.row();
    clear(blocked, range);
    for (int i = range.from; i < range.to; ++i)
        blocked[i] = ~free[i];
    for (int i = range.from; i < range.to; ++i)
        climbing[i] = bits[i] & movedTo<!toTheRight>(blocked, i);
    markVisited(y, falling, range);
    if (isAny(falling, range)) stepsDown(y, falling, range);
    if (isAny(climbing, range)) stepsUp<toTheRight>(y, climbing, range);
}

void Sweep::stepsDown(int y, Word* falling, WordRange range) {
    Word* going = m_scratch.row();
    Word* landed = m_scratch2.row();
    Word* gaining = m_hold.row();  // meets on its way what could be gained
    std::copy(falling + range.from, falling + range.to, going + range.from);
    clear(gaining, range);
    for (int k = 1; k <= m_tables.stepUp && y + k < m_maps.live.height(); ++k) {
        const Word* live = m_maps.live.row(y + k);
        const Word* open = m_collision.open(y + k);
        const Word* floor = m_maps.floor.row(y + k);
        for (int i = range.from; i < range.to; ++i) {
            going[i] &= live[i];
            gaining[i] |= going[i] & ~open[i];
            landed[i] = going[i] & floor[i];
            going[i] &= ~floor[i];
            falling[i] &= ~landed[i];
            landed[i] &= ~gaining[i];
        }
        if (!isAny(landed, range)) continue;
        for (int passed = 1; passed <= k; ++passed)
            markVisited(y + passed, landed, range);
        rows(Layers::standing).add(y + k, landed, range);
    }
    endInAir(m_layers.walkOff(), y, falling, range);
}

template <bool toTheRight>
void Sweep::stepsUp(int y, Word* climbing, WordRange range) {
    Word* landed = m_scratch.row();
    Word* sources = m_scratch2.row();
    Word* gaining = m_hold.row();  // at the source
    clear(landed, range);
    clear(sources, range);
    clear(gaining, range);
    for (int k = 1; k <= m_tables.stepUp && k <= y; ++k) {
        const Word* live = m_maps.live.row(y - k);
        const Word* open = m_collision.open(y - k);
        const Word* floor = m_maps.floor.row(y - k);
        for (int i = range.from; i < range.to; ++i) {
            climbing[i] &= live[i];
            gaining[i] |= climbing[i] & ~open[i];
        }
        for (int i = range.from; i < range.to; ++i)
            landed[i] = movedTo<toTheRight>(climbing, i) & live[i] & floor[i];
        if (!isAny(landed, range)) continue;
        for (int i = range.from; i < range.to; ++i)
            sources[i] = movedTo<!toTheRight>(landed, i);
        for (int i = range.from; i < range.to; ++i)
            climbing[i] &= ~sources[i];
        if (m_collision.hasGains()) {
            for (int i = range.from; i < range.to; ++i)
                landed[i] &= open[i] & ~movedTo<toTheRight>(gaining, i);
            for (int i = range.from; i < range.to; ++i)
                sources[i] = movedTo<!toTheRight>(landed, i);
        }
        for (int passed = 1; passed <= k; ++passed)
            markVisited(y - passed, sources, range);
        markVisited(y - k, landed, range);
        rows(Layers::standing).add(y - k, landed, range);
    }
}

}  // namespace rook::reach
