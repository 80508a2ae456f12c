#include "reach/sweep_detail.h"

namespace rook::reach {

void Sweep::holdFromFloor(int y, const Word* bits, WordRange range) {
    const bool climbs = m_layers.gripLadder() >= 0;
    const bool swims = m_layers.gripLiquid() >= 0;
    if (!climbs && !swims) return;
    // The row that is processed may be overwritten below.
    std::vector<Word> kept(bits + range.from, bits + range.to);
    const auto each = [&](Word* target, auto&& mask) {
        clear(target, range);
        Word any = 0;
        for (int i = range.from; i < range.to; ++i)
            any |= target[i] = kept[static_cast<std::size_t>(i - range.from)] & mask(i);
        return any != 0;
    };
    Word* some = m_next.row();
    const Word* ladder = climbs ? m_maps.ladder.row(y) : nullptr;
    const Word* top = climbs ? m_maps.ladderTop.row(y) : nullptr;
    if (climbs) {
        if (each(some, [&](int i) { return ladder[i]; }))
            rows(m_layers.gripLadder()).add(y, some, range);
        if (each(m_current.row(), [&](int i) { return top[i] & ~ladder[i]; }))
            descendFromTop(y, m_current.row(), range);
    }
    if (!swims) return;
    const Word* liquid = m_maps.liquid.row(y);
    const auto noLadder = [&](int i) { return climbs ? ~ladder[i] : ~Word{0}; };
    const auto noTop = [&](int i) { return climbs ? ~top[i] : ~Word{0}; };
    if (each(some, [&](int i) { return liquid[i] & noLadder(i) & noTop(i); }))
        rows(m_layers.gripLiquid()).add(y, some, range);
    if (each(m_current.row(), [&](int i) { return liquid[i] & noLadder(i) & ~noTop(i); }))
        moveHolding(false, y, m_current.row(), range, true);
}

void Sweep::holdFromAir(int y, const Word* bits, WordRange range) {
    const bool climbs = m_layers.gripLadder() >= 0;
    Word* some = m_next.row();
    if (climbs) {
        const Word* ladder = m_maps.ladder.row(y);
        for (int i = range.from; i < range.to; ++i)
            some[i] = bits[i] & ladder[i];
        rows(m_layers.gripLadder()).add(y, some, range);
    }
    if (m_layers.gripLiquid() < 0) return;
    const Word* liquid = m_maps.liquid.row(y);
    for (int i = range.from; i < range.to; ++i)
        some[i] = bits[i] & liquid[i] & (climbs ? ~m_maps.ladder.row(y)[i] : ~Word{0});
    rows(m_layers.gripLiquid()).add(y, some, range);
}

void Sweep::letGoOrJump(int index, int y) {
    Word* bits = m_current.row();
    const WordRange range = rows(index).freshRange(y);
    clear(bits, range);
    rows(index).takeFresh(y, bits);
    beginStep(index, y);
    const bool isLadder = layer(index).sort == LayerSort::Climbing;
    rows(isLadder ? m_layers.gripLadder() : m_layers.gripLiquid()).add(y, bits, range);
    rows(m_layers.jump(0)).add(y, bits, range);
    endInAir(m_layers.fall(), y, bits, range);
}

void Sweep::grip(int index, int y) {
    Word* bits = m_current.row();
    const bool isLadder = layer(index).sort == LayerSort::GripLadder;
    const WordRange range = rows(index).freshRange(y);
    clear(bits, range);
    rows(index).takeFresh(y, bits);
    beginStep(index, y);
    moveHolding(isLadder, y, bits, range, false);
}

void Sweep::moveHolding(bool isLadder, int y, const Word* source, WordRange range,
                        bool noPlainDown) {
    const int most = isLadder ? m_climbPx : m_swimPx;
    const BitMap& map = isLadder ? m_maps.ladder : m_maps.liquid;
    const WordRange narrow = range;
    range = widened(range, wordsFor(most));
    Buffer kept(m_words);
    Word* bits = kept.row();
    std::copy(source + narrow.from, source + narrow.to, bits + narrow.from);

    // sideways[i]: where 1 to i px sideways lead; those behind the last are like the last.
    std::vector<Buffer> sideways(1, Buffer(m_words));
    Buffer right(kept), left(kept), moved(m_words);
    for (int i = 1; i <= most; ++i) {
        Buffer sum(sideways.back());
        const Word* open = m_collision.open(y);
        const Word* held = map.row(y);
        const auto go = [&](Buffer& at, auto&& to) {
            for (int k = range.from; k < range.to; ++k) {
                moved.row()[k] = to(at.row(), k) & open[k] & held[k];
                sum.row()[k] |= moved.row()[k];
            }
            std::swap(at, moved);
        };
        go(right, movedRight);
        go(left, movedLeft);
        const bool isNew = !std::equal(sum.row() + range.from, sum.row() + range.to,
                                       sideways.back().row() + range.from);
        if (!isNew && !isAny(right.row(), range) && !isAny(left.row(), range)) break;
        sideways.push_back(std::move(sum));
    }
    const auto after = [&](int px) {
        return sideways[std::min(static_cast<std::size_t>(px), sideways.size() - 1)].row();
    };
    // Who wishes to go sideways and cannot.
    Buffer blocked(m_words);
    if (noPlainDown && most > 0) {
        Buffer held(m_words);
        for (int i = 0; i < m_words; ++i)
            held.row()[i] = m_maps.live.row(y)[i] & map.row(y)[i];
        for (int i = range.from; i < range.to; ++i)
            blocked.row()[i] = bits[i] & ~(movedRight(held.row(), i) & movedLeft(held.row(), i));
    }

    Word* ends = m_moved.row();
    const auto endAt = [&](int row, auto&& bitsOf) {
        clear(ends, range);
        for (int i = range.from; i < range.to; ++i)
            ends[i] = bitsOf(i);
        if (!isAny(ends, range)) return;
        markVisited(row, ends, range);
        endHolding(isLadder, row, ends, range);
    };
    endAt(y, [&](int i) { return bits[i] | after(most)[i]; });
    Buffer product(m_words);
    Word* way = product.row();
    for (const int direction : {-1, 1}) {
        std::fill(way + range.from, way + range.to, ~Word{0});
        for (int j = 1; j <= most && isAny(way, range); ++j) {
            const int row = y + direction * j;
            if (row < 0 || row >= m_maps.live.height()) break;
            const Word* open = m_collision.open(row);
            const Word* held = map.row(row);
            const Word* to = after(most - j);
            if (isLadder && direction < 0) {
                const Word* floor = m_maps.floor.row(row);
                Word* off = m_scratch.row();
                for (int i = range.from; i < range.to; ++i)
                    off[i] = (bits[i] | to[i]) & way[i] & open[i] & ~held[i] & floor[i];
                markVisited(row, off, range);
                rows(Layers::standing).add(row, off, range);
            }
            for (int i = range.from; i < range.to; ++i)
                way[i] &= open[i] & held[i];
            if (noPlainDown && direction > 0) {
                if (j < most)
                    endAt(row, [&](int i) { return (blocked.row()[i] | to[i]) & way[i]; });
            } else {
                endAt(row, [&](int i) { return (bits[i] | to[i]) & way[i]; });
            }
        }
    }
}

void Sweep::descendFromTop(int y, const Word* source, WordRange range) {
    Buffer going(m_words);
    std::copy(source + range.from, source + range.to, going.row() + range.from);
    for (int j = 1; j <= m_climbPx && y + j < m_maps.live.height(); ++j) {
        const Word* open = m_collision.open(y + j);
        const Word* ladder = m_maps.ladder.row(y + j);
        for (int i = range.from; i < range.to; ++i)
            going.row()[i] &= open[i] & (j > 1 ? ladder[i] : ~Word{0});
        if (!isAny(going.row(), range)) return;
        markVisited(y + j, going.row(), range);
        Word* ends = m_moved.row();
        std::copy(going.row() + range.from, going.row() + range.to, ends + range.from);
        endHolding(true, y + j, ends, range);
    }
}

void Sweep::endHolding(bool isLadder, int y, Word* bits, WordRange range) {
    const Word* floor = m_maps.holdFloor.row(y);
    Word* landed = m_scratch2.row();
    for (int i = range.from; i < range.to; ++i) {
        landed[i] = bits[i] & floor[i];
        bits[i] &= ~landed[i];
    }
    rows(Layers::standing).add(y, landed, range);
    takeThrown(y, bits, range, floor);
    rows(isLadder ? m_layers.climbing() : m_layers.swimming()).add(y, bits, range);
}

}  // namespace rook::reach
