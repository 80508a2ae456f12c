#include "reach/repair.h"

#include <bit>

namespace rook::reach {

namespace {

WordRange united(WordRange a, WordRange b) {
    if (a.isEmpty()) return b;
    if (b.isEmpty()) return a;
    return {std::min(a.from, b.from), std::max(a.to, b.to)};
}

bool isIn(WordRange words, int word) {
    return word >= words.from && word < words.to;
}

/// How far the states of one layer get when a sweep processes them once. A jump and a hold that is
/// taken are layers of their own, at the same place.
Stride strideOfSweep(const Layer& layer, const runtime::MotionTables& own,
                     const CollisionMaps& collision) {
    const runtime::MotionTables& freely = runtime::tablesOf(own, collision.profile());
    Stride stride;
    const int hold = std::max(collision.layers().gripLadder() >= 0 ? freely.climb[0] : 0,
                              collision.layers().gripLiquid() >= 0 ? freely.swim[0] : 0);
    switch (layer.sort) {
        case LayerSort::Standing:
            stride.addAllWays(std::max({1, freely.stepUp, hold}));
            break;
        case LayerSort::GripLadder:
        case LayerSort::GripLiquid:
            stride.addAllWays(std::max(1, hold));
            break;
        case LayerSort::Air:
            stride.add(layer.dx + std::abs(layer.shove), layer.dy);
            break;
        case LayerSort::Climbing:
        case LayerSort::Swimming:
        case LayerSort::Sprung:
            break;
    }
    return stride;
}

}  // namespace

Repair::Repair(Exploration::Set& set, const Probes& probes, const runtime::MotionTables& freely,
               const PxRect& changed)
    : m_set(set),
      m_sweep(*set.sweep),
      m_probes(probes),
      m_log(*set.log),
      m_collision(set.sweep->collision()),
      m_changed(changed),
      m_words(m_collision.maps().live.wordsPerRow()),
      m_rows(m_collision.maps().live.height()),
      m_stepsBefore(m_log.stepCount()),
      m_suspects(static_cast<std::size_t>(m_stepsBefore) + 1),
      m_awake(static_cast<std::size_t>(m_rows) *
              static_cast<std::size_t>(m_collision.layers().count())),
      m_bits(static_cast<std::size_t>(m_words) + 2) {
    for (int i = 0; i < m_collision.layers().count(); ++i) {
        Stride one = strideOfSweep(layer(i), freely, m_collision);
        const Stride tick = strideOf(layer(i), freely, m_collision);
        m_farthestTick.add(tick.sideways + 1, tick.down + 1);
        m_farthestTick.add(tick.sideways + 1, -tick.up - 1);
        // Walls, floors and steps are looked at one px beyond.
        one.sideways += 1;
        one.up += 1;
        one.down += 1;
        m_strides.push_back(one);
        m_farthest.add(one.sideways, one.down);
        m_farthest.add(one.sideways, -one.up);
    }
}

WordRange Repair::wordsAt(int left, int right) const {
    return {std::clamp(floorDivide(left, BitMap::wordBits), 0, m_words),
            std::clamp(floorDivide(right - 1, BitMap::wordBits) + 1, 0, m_words)};
}

WordRange Repair::widened(WordRange words) const {
    const int by = (m_farthest.sideways + BitMap::wordBits - 1) / BitMap::wordBits;
    return {std::max(0, words.from - by), std::min(m_words, words.to + by)};
}

WordRange Repair::around(int word, Word bits) const {
    const int px = m_farthest.sideways;
    if (px >= BitMap::wordBits) return widened({word, word + 1});
    const bool isLow = (bits & ((Word{1} << px) - 1)) != 0;
    const bool isHigh = px > 0 && (bits >> (BitMap::wordBits - px)) != 0;
    return {std::max(0, word - (isLow ? 1 : 0)), std::min(m_words, word + 1 + (isHigh ? 1 : 0))};
}

void Repair::suspect(int step, WordRange words, bool hasLostSource) {
    bool isAny = false;
    m_log.forEachFound(step, [&](int, int, const DiscoveryLog::Note& note) {
        isAny = isAny || (note.bits != 0 && isIn(words, note.word));
    });
    if (!isAny) return;
    Suspect& known = m_suspects[static_cast<std::size_t>(step)];
    if (known.words.isEmpty()) m_queue.push(step);
    known.words = united(known.words, words);
    known.hasLostSource = known.hasLostSource || hasLostSource;
}

void Repair::suspectStepsFrom(int index, int y, int after, WordRange words) {
    // A walk goes as far as the floor does.
    if (index == Layers::standing) words = all();
    m_log.forEachStepFrom(index, y, [&](int step) {
        if (step > after) suspect(step, words, after > 0);
    });
}

bool Repair::findLost() {
    for (int i = 0; i < m_collision.layers().count(); ++i) {
        const Stride& far = stride(i);
        const WordRange words =
            wordsAt(m_changed.x - 2 * far.sideways, m_changed.right() + 2 * far.sideways);
        for (int y = std::max(0, m_changed.y - far.down);
             y < std::min(m_rows, m_changed.bottom() + far.up); ++y)
            suspectStepsFrom(i, y, 0, words);
    }
    // Trying a step again costs about as much as the step.
    for (int left = m_stepsBefore / 8 + 200; !m_queue.empty(); m_queue.pop()) {
        if (--left < 0) return false;
        const int step = m_queue.top();
        tryAgain(step, m_suspects[static_cast<std::size_t>(step)]);
    }
    wakeWhatMattered();
    return m_awakeCount < m_stepsBefore / 5 + 200;
}

void Repair::wakeWhatMattered() {
    for (int i = 0; i < m_collision.layers().count(); ++i) {
        const Stride& far = stride(i);
        wake(i, m_changed.y - far.down, m_changed.bottom() + far.up,
             wordsAt(m_changed.x - far.sideways, m_changed.right() + far.sideways));
    }
    for (const auto& [row, words] : m_lost)
        wakeWhatLeadsTo(row, words);
}

bool Repair::looksAtChange(int index, const Word* bits) const {
    if (index == Layers::standing) return true;
    const int left = std::max(0, m_changed.x - stride(index).sideways);
    const int right = m_changed.right() + stride(index).sideways;
    const WordRange words = wordsAt(left, right);
    for (int i = words.from; i < words.to; ++i) {
        Word near = bits[i];
        if (left > i * BitMap::wordBits) near &= ~Word{0} << (left - i * BitMap::wordBits);
        const int end = right - i * BitMap::wordBits;
        if (end < BitMap::wordBits) near &= (Word{1} << end) - 1;
        if (near != 0) return true;
    }
    return false;
}

Sweep& Repair::probeOf(int step) const {
    const auto ridden = std::count_if(m_set.rides.begin(), m_set.rides.end(),
                                      [&](const auto& ride) { return ride.first < step; });
    return *m_probes[std::min(static_cast<std::size_t>(ridden), m_probes.size() - 1)];
}

void Repair::tryAgain(int step, const Suspect& suspect) {
    Sweep& probe = probeOf(step);
    const WordRange words = suspect.words;
    const DiscoveryLog::Row from = m_log.sourceOf(step);
    WordRange sources = from.layer == Layers::standing ? all() : WordRange{};
    m_log.forEachFound(step, [&](int, int, const DiscoveryLog::Note& note) {
        if (isIn(words, note.word) && note.bits != 0)
            sources = united(sources, around(note.word, note.bits));
    });
    Word* bits = m_bits.data() + 1;
    std::fill(bits + sources.from, bits + sources.to, 0);
    m_log.forEachOfRow(from.layer, from.y, step, [&](const DiscoveryLog::Note& note) {
        if (isIn(sources, note.word)) bits[note.word] |= note.bits;
    });
    if (!suspect.hasLostSource && !looksAtChange(from.layer, bits)) return;
    probe.tryOut(from.layer, from.y, bits, sources);
    m_log.forEachFound(step, [&](int to, int y, DiscoveryLog::Note& note) {
        if (!isIn(words, note.word)) return;
        const Word* found = probe.known(to, y);
        const Word lost = note.bits & ~(found ? found[note.word] : 0);
        if (lost == 0) return;
        note.bits &= ~lost;
        if (!layer(to).takesNoTick()) m_statesLost += std::popcount(lost);
        m_sweep.takeBack(to, y, note.word, lost);
        const WordRange at = around(note.word, lost);
        WordRange& known = m_lost[{to, y}];
        known = united(known, at);
        m_lostWords.push_back({to, y, note.word, lost});
        suspectStepsFrom(to, y, step, at);
    });
    probe.forget(from.layer, from.y);
}

void Repair::wake(int index, int top, int bottom, WordRange words) {
    for (int y = std::max(0, top); y < std::min(m_rows, bottom); ++y) {
        if (!m_sweep.known(index, y)) continue;
        WordRange& awake = m_awake[static_cast<std::size_t>(index * m_rows + y)];
        if (awake.isEmpty()) ++m_awakeCount;
        awake = united(awake, words);
    }
}

Completion Repair::runAwake() {
    for (std::size_t i = 0; m_awakeCount > 0 && i < m_awake.size(); ++i) {
        if (m_awake[i].isEmpty()) continue;
        const auto row = static_cast<int>(i);
        m_sweep.wake(row / m_rows, row % m_rows, m_awake[i]);
        m_awake[i] = {};
        --m_awakeCount;
    }
    return m_sweep.run();
}

bool Repair::leadsTo(const Layer& from, int to) const {
    if (from.sort != LayerSort::Air || layer(to).sort != LayerSort::Air) return true;
    for (const int next : {from.next, from.hop, from.bump, from.coyoteJump, from.wallJumpRight,
                           from.wallJumpLeft, from.airJump})
        if (next == to) return true;
    return false;
}

void Repair::wakeWhatLeadsTo(const RowKey& row, WordRange words) {
    for (int i = 0; i < m_collision.layers().count(); ++i)
        if (leadsTo(layer(i), row.first))
            wake(i, row.second - stride(i).down, row.second + stride(i).up + 1, words);
}

Completion Repair::mend() {
    noteNear({m_changed.x - m_farthest.sideways, m_changed.y - m_farthest.up - m_farthest.down,
              m_changed.width + 2 * m_farthest.sideways,
              m_changed.height + 2 * (m_farthest.up + m_farthest.down)});
    for (const LostWord& lost : m_lostWords)
        for (int y = lost.y - stride(lost.layer).up; y <= lost.y + stride(lost.layer).down; ++y)
            noteNear(y, lost.word, lost.bits);
    forgetPassed();
    const Completion completion = runAwake();
    return completion == Completion::Complete ? markPassedAnew() : completion;
}

void Repair::noteNear(int y, int word, Word bits) {
    if (y < 0 || y >= m_rows || word < 0 || word >= m_words) return;
    Word around = bits;
    Word before = 0;
    Word behind = 0;
    for (int px = 1; px <= m_farthest.sideways; ++px) {
        if (px >= BitMap::wordBits) {
            // Wider than a word: whole words, all there are within reach.
            for (int i = -(px / BitMap::wordBits) - 1; i <= px / BitMap::wordBits + 1; ++i)
                if (word + i >= 0 && word + i < m_words) m_near[{y, word + i}] = ~Word{0};
            continue;
        }
        around |= (bits << px) | (bits >> px);
        before |= bits << (BitMap::wordBits - px);
        behind |= bits >> (BitMap::wordBits - px);
    }
    m_near[{y, word}] |= around;
    if (before != 0 && word > 0) m_near[{y, word - 1}] |= before;
    if (behind != 0 && word + 1 < m_words) m_near[{y, word + 1}] |= behind;
}

void Repair::noteNear(const PxRect& places) {
    const PxRect inside = places.intersected({0, 0, m_words * BitMap::wordBits, m_rows});
    if (inside.isEmpty()) return;
    BitMap row(m_words * BitMap::wordBits, 1);
    row.setRun(0, inside.x, inside.right());
    for (int word = inside.x / BitMap::wordBits; word <= (inside.right() - 1) / BitMap::wordBits;
         ++word)
        for (int y = inside.y; y < inside.bottom(); ++y)
            noteNear(y, word, row.row(0)[word]);
}

void Repair::forgetPassed() {
    BitMap& visited = m_sweep.visitedPlaces();
    for (const auto& [at, near] : m_near) {
        const auto [y, word] = at;
        Word seen = 0;
        for (int i = 0; i < m_collision.layers().count(); ++i)
            if (const Word* known = m_sweep.known(i, y)) seen |= known[word];
        const Word passed = visited.row(y)[word] & ~seen & near;
        if (passed == 0) continue;
        visited.row(y)[word] &= ~passed;
        m_passed.push_back({y, word, passed});
    }
}

/// What was processed again has marked most of them; others tell by which ticks they are passed.
Completion Repair::markPassedAnew() {
    const BitMap& visited = m_sweep.visited();
    for (const Passed& passed : m_passed) {
        if ((passed.bits & ~visited.row(passed.y)[passed.word]) == 0) continue;
        for (int i = 0; i < m_collision.layers().count(); ++i)
            wake(i, passed.y - stride(i).down, passed.y + stride(i).up + 1,
                 i == Layers::standing ? all() : around(passed.word, passed.bits));
    }
    return runAwake();
}

std::int64_t Repair::statesMore() const {
    std::int64_t more = -m_statesLost;
    for (int step = m_stepsBefore + 1; step <= m_log.stepCount(); ++step)
        m_log.forEachFound(step, [&](int to, int, const DiscoveryLog::Note& note) {
            if (!layer(to).takesNoTick()) more += std::popcount(note.bits);
        });
    return more;
}

bool Repair::touches(const PxRect& positions) const {
    const PxRect near{positions.x - m_farthestTick.sideways, positions.y - m_farthestTick.down,
                      positions.width + 2 * m_farthestTick.sideways,
                      positions.height + m_farthestTick.up + m_farthestTick.down};
    const WordRange words = wordsAt(near.x, near.right());
    const auto isNear = [&](int y, WordRange at) {
        return y >= near.y && y < near.bottom() && at.from < words.to && words.from < at.to;
    };
    if (near.overlaps({m_changed.x - m_farthestTick.sideways, m_changed.y - m_farthestTick.up,
                       m_changed.width + 2 * m_farthestTick.sideways,
                       m_changed.height + m_farthestTick.up + m_farthestTick.down}))
        return true;
    for (const auto& [row, at] : m_lost)
        if (isNear(row.second, at)) return true;
    bool isAny = false;
    for (int step = m_stepsBefore + 1; step <= m_log.stepCount() && !isAny; ++step)
        m_log.forEachFound(step, [&](int, int y, const DiscoveryLog::Note& note) {
            isAny = isAny || isNear(y, {note.word, note.word + 1});
        });
    return isAny;
}

}  // namespace rook::reach
