#include "reach/sweep_detail.h"

namespace rook::reach {

namespace {

bool isAny(const Word* bits, WordRange range) {
    Word any = 0;
    for (int i = range.from; i < range.to; ++i)
        any |= bits[i];
    return any != 0;
}

/// Bits that move by one px: to the right (towards higher x) or to the left.
Word movedRight(const Word* row, int i) {
    return (row[i] << 1) | (row[i - 1] >> 63);
}
Word movedLeft(const Word* row, int i) {
    return (row[i] >> 1) | (row[i + 1] << 63);
}

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

std::optional<BodyMaps> mapsOf(const Problem& problem, const Limits& limits) {
    const std::int64_t bits = collide::mapBits(problem.frame, problem.tables);
    // While body maps are made, nine maps stand side by side.
    if (static_cast<std::uint64_t>(bits) / 8 * 9 > limits.maxBytes) return std::nullopt;
    BodyMaps maps = collide::makeBodyMaps(
        collide::makePxMaps(problem.frame, *problem.cells, problem.tables, problem.deadlyBoxes),
        problem.tables.bodyWidth, problem.tables.bodyHeight);
    // Seen from above, a body stands wherever it lives.
    if (problem.tables.fromAbove) maps.floor = maps.live;
    return maps;
}

Sweep::Sweep(const Problem& problem, const Limits& limits, const BodyMaps& maps, DiscoveryLog* log)
    : m_tables(problem.tables),
      m_limits(limits),
      m_maps(maps),
      m_log(log),
      m_words(maps.live.wordsPerRow()),
      m_mapBytes(6 * maps.live.byteCount()),
      m_standing(m_arena, m_words, maps.live.height(), log, 0),
      m_visited(maps.live.width(), maps.live.height()),
      m_standable(m_words),
      m_current(m_words),
      m_moved(m_words),
      m_next(m_words),
      m_scratch(m_words),
      m_scratch2(m_words) {
    for (std::size_t p = 0; p < m_tables.dx.size(); ++p)
        m_phases.emplace_back(m_arena, m_words, maps.live.height(), log, static_cast<int>(p) + 1);
    m_canWalk = *std::max_element(m_tables.walk.begin(), m_tables.walk.end()) > 0;
}

void Sweep::start(int x, int y) {
    m_visited.set(x, y);
    Word* row = m_current.row();
    row[x / 64] = Word{1} << (x % 64);
    const WordRange range{x / 64, x / 64 + 1};
    if (m_maps.floor.test(x, y))
        m_standing.add(y, row, range);
    else
        phase(m_tables.topPhase).add(y, row, range);
}

Completion Sweep::run() {
    const int last = static_cast<int>(m_phases.size());
    for (bool isBusy = true; isBusy;) {
        isBusy = false;
        if (!drainStanding(isBusy)) return m_stopped;
        for (int p = 0; p < last; ++p)
            if (!drainPhase(p, isBusy)) return m_stopped;
    }
    return Completion::Complete;
}

void Sweep::moveTo(Reached& reached) {
    reached.standing = BitMap(m_visited.width(), m_visited.height());
    for (int y = 0; y < m_visited.height(); ++y)
        if (const Word* row = m_standing.known(y))
            std::copy(row, row + m_words, reached.standing.row(y));
    reached.bytes = byteCount();
    reached.visited = std::move(m_visited);
}

bool Sweep::mayGoOn() {
    if (m_limits.cancel && m_limits.cancel->load(std::memory_order_relaxed)) {
        m_stopped = Completion::Cancelled;
        return false;
    }
    if (byteCount() > m_limits.maxBytes) {
        m_stopped = Completion::OutOfMemory;
        return false;
    }
    return true;
}

bool Sweep::drainStanding(bool& isBusy) {
    while (m_standing.isPending()) {
        isBusy = true;
        for (const int y : m_standing.takePending()) {
            if (!mayGoOn()) return false;
            stand(y);
        }
    }
    return true;
}

bool Sweep::drainPhase(int p, bool& isBusy) {
    if (!phase(p).isPending()) return true;
    isBusy = true;
    for (const int y : phase(p).takePending()) {
        if (!mayGoOn()) return false;
        fly(p, y);
    }
    return true;
}

void Sweep::stand(int y) {
    Word* bits = m_current.row();
    clear(bits, {0, m_words});  // the flood may leave the fresh range
    WordRange range = m_standing.takeFresh(y, bits);
    if (m_canWalk) {
        Word* standable = m_standable.row();
        const Word* live = m_maps.live.row(y);
        const Word* floor = m_maps.floor.row(y);
        for (int i = 0; i < m_words; ++i)
            standable[i] = live[i] & floor[i];
        range = floodRuns(bits, standable, m_words, range);
        if (m_log) m_log->beginStep(0, y);
        m_standing.addProcessed(y, bits, range);
        markVisited(y, bits, range);
        if (m_log) m_log->beginStep(0, y);
        if (m_tables.fromAbove) return stepUpright(y, bits, range);
        walkOff<true>(y, bits, widened(range, 1));
        walkOff<false>(y, bits, widened(range, 1));
    }
    if (m_tables.fromAbove) return;
    if (m_log && !m_canWalk) m_log->beginStep(0, y);
    phase(0).add(y, bits, range);
    if (m_tables.dropThrough) {
        Word* dropped = m_next.row();
        const Word* below = m_maps.live.row(y + 1);
        for (int i = range.from; i < range.to; ++i)
            dropped[i] = bits[i] & below[i];
        markVisited(y + 1, dropped, range);
        phase(m_tables.topPhase).add(y + 1, dropped, range);
    }
}

void Sweep::stepUpright(int y, const Word* bits, WordRange range) {
    Word* moved = m_next.row();
    for (const int to : {y - 1, y + 1}) {
        if (to < 0 || to >= m_maps.live.height()) continue;
        const Word* live = m_maps.live.row(to);
        for (int i = range.from; i < range.to; ++i)
            moved[i] = bits[i] & live[i];
        markVisited(to, moved, range);
        m_standing.add(to, moved, range);
    }
}

template <bool toTheRight>
void Sweep::walkOff(int y, const Word* bits, WordRange range) {
    const auto moved = [](const Word* row, int i) {
        return toTheRight ? movedRight(row, i) : movedLeft(row, i);
    };
    const Word* live = m_maps.live.row(y);
    const Word* free = m_maps.free.row(y);
    const Word* floor = m_maps.floor.row(y);
    Word* falling = m_moved.row();  // live there, no floor
    Word* climbing = m_next.row();  // stopped by something solid; bits stay at the source
    for (int i = range.from; i < range.to; ++i) {
        const Word next = moved(bits, i);
        falling[i] = next & live[i] & ~floor[i];
    }
    clear(climbing, range);
    Word* blocked = m_scratch.row();
    clear(blocked, range);
    for (int i = range.from; i < range.to; ++i)
        blocked[i] = ~free[i];
    for (int i = range.from; i < range.to; ++i)
        climbing[i] = bits[i] & (toTheRight ? movedLeft(blocked, i) : movedRight(blocked, i));
    markVisited(y, falling, range);
    stepsDown(y, falling, range);
    if (isAny(climbing, range)) stepsUp<toTheRight>(y, climbing, range);
}

void Sweep::stepsDown(int y, Word* falling, WordRange range) {
    if (!isAny(falling, range)) return;
    Word* going = m_scratch.row();
    Word* landed = m_scratch2.row();
    std::copy(falling + range.from, falling + range.to, going + range.from);
    for (int k = 1; k <= m_tables.stepUp && y + k < m_maps.live.height(); ++k) {
        const Word* live = m_maps.live.row(y + k);
        const Word* floor = m_maps.floor.row(y + k);
        for (int i = range.from; i < range.to; ++i) {
            going[i] &= live[i];
            landed[i] = going[i] & floor[i];
            going[i] &= ~floor[i];
            falling[i] &= ~landed[i];
        }
        if (!isAny(landed, range)) continue;
        for (int passed = 1; passed <= k; ++passed)
            markVisited(y + passed, landed, range);
        m_standing.add(y + k, landed, range);
    }
    phase(m_tables.topPhase).add(y, falling, range);
}

template <bool toTheRight>
void Sweep::stepsUp(int y, Word* climbing, WordRange range) {
    Word* landed = m_scratch.row();
    clear(landed, range);
    Word* sources = m_scratch2.row();
    for (int k = 1; k <= m_tables.stepUp && k <= y; ++k) {
        const Word* live = m_maps.live.row(y - k);
        const Word* floor = m_maps.floor.row(y - k);
        for (int i = range.from; i < range.to; ++i)
            climbing[i] &= live[i];
        for (int i = range.from; i < range.to; ++i) {
            landed[i] = (toTheRight ? movedRight(climbing, i) : movedLeft(climbing, i)) & live[i] &
                        floor[i];
        }
        if (!isAny(landed, range)) continue;
        for (int i = range.from; i < range.to; ++i)
            sources[i] = toTheRight ? movedLeft(landed, i) : movedRight(landed, i);
        for (int passed = 1; passed <= k; ++passed)
            markVisited(y - passed, sources, range);
        markVisited(y - k, landed, range);
        m_standing.add(y - k, landed, range);
        for (int i = range.from; i < range.to; ++i)
            climbing[i] &= ~sources[i];
    }
}

void Sweep::fly(int p, int y) {
    Word* current = m_current.row();
    const int dx = m_tables.dx[static_cast<std::size_t>(p)];
    const int dy = m_tables.dy[static_cast<std::size_t>(p)];
    const WordRange range = widened(phase(p).freshRange(y), (dx + 63) / 64);
    clear(current, range);
    phase(p).takeFresh(y, current);
    if (m_log) m_log->beginStep(p + 1, y);
    if (dx > 0) {
        spread<true>(y, dx, range);
        spread<false>(y, dx, range);
        Word* right = m_scratch.row();
        Word* left = m_scratch2.row();
        for (int i = range.from; i < range.to; ++i)
            current[i] |= right[i] | left[i];
        markVisited(y, current, range);
    }
    const bool hasEnded = dy > 0 ? fall(y, dy, current, range) : rise(y, -dy, current, range);
    if (hasEnded) return;
    const int end = y + dy;
    phase(m_tables.phaseAfter(p)).add(end, current, range);
    if (const int hop = m_tables.phaseAfterLettingGo(p); hop >= 0)
        phase(hop).add(end, current, range);
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
    const Word* live = m_maps.live.row(y);
    for (int step = 0; step < dx; ++step) {
        for (int i = range.from; i < range.to; ++i) {
            to[i] = (toTheRight ? movedRight(from, i) : movedLeft(from, i)) & live[i];
            sum[i] |= to[i];
        }
        std::swap(from, to);
    }
}

bool Sweep::fall(int y, int dy, Word* current, WordRange range) {
    Word* landed = m_moved.row();
    for (int step = 0; step < dy; ++step, ++y) {
        const Word* floor = m_maps.floor.row(y);
        const Word* below = m_maps.live.row(y + 1);
        Word anyLanded = 0;
        Word anyLeft = 0;
        for (int i = range.from; i < range.to; ++i) {
            landed[i] = current[i] & floor[i];
            anyLanded |= landed[i];
            current[i] &= ~floor[i] & below[i];
            anyLeft |= current[i];
        }
        if (anyLanded) m_standing.add(y, landed, range);
        if (!anyLeft) return true;
        markVisited(y + 1, current, range);
    }
    return false;
}

bool Sweep::rise(int y, int dy, Word* current, WordRange range) {
    Word* bumped = m_moved.row();
    for (int step = 0; step < dy; ++step, --y) {
        const Word* free = m_maps.free.row(y - 1);
        const Word* above = m_maps.live.row(y - 1);
        Word anyBumped = 0;
        Word anyLeft = 0;
        for (int i = range.from; i < range.to; ++i) {
            bumped[i] = current[i] & ~free[i];
            anyBumped |= bumped[i];
            current[i] &= above[i];
            anyLeft |= current[i];
        }
        if (anyBumped) phase(m_tables.topPhase).add(y, bumped, range);
        if (!anyLeft) return true;
        markVisited(y - 1, current, range);
    }
    return false;
}

void Sweep::markVisited(int y, const Word* bits, WordRange range) {
    Word* row = m_visited.row(y);
    for (int i = range.from; i < range.to; ++i)
        row[i] |= bits[i];
}

WordRange Sweep::widened(WordRange range, int by) const {
    return {std::max(0, range.from - by), std::min(m_words, range.to + by)};
}

void Sweep::clear(Word* row, WordRange range) {
    std::fill(row + range.from - 1, row + range.to + 1, 0);
}

void Sweep::seed(int layer, int y, const Word* bits, WordRange range) {
    markVisited(y, bits, range);
    (layer == 0 ? m_standing : phase(layer - 1)).add(y, bits, range);
}

std::size_t Sweep::byteCount() const {
    return m_mapBytes + m_arena.byteCount() + (m_log ? m_log->byteCount() : 0);
}

}  // namespace rook::reach
