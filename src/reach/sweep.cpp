#include "base/assert.h"
#include "reach/sweep_detail.h"

namespace rook::reach {

namespace {

int mostOf(const runtime::PaceTable& table) {
    return *std::max_element(table.begin(), table.end());
}

}  // namespace

Sweep::Sweep(const CollisionMaps& collision, const Limits& limits, DiscoveryLog* log)
    : m_collision(collision),
      m_tables(collision.tables()),
      m_maps(collision.maps()),
      m_layers(collision.layers()),
      m_limits(limits),
      m_log(log),
      m_words(m_maps.live.wordsPerRow()),
      m_walkPx(mostOf(m_tables.walk)),
      m_climbPx(mostOf(m_tables.climb)),
      m_swimPx(mostOf(m_tables.swim)),
      m_visited(m_maps.live.width(), m_maps.live.height()),
      m_standable(m_words),
      m_current(m_words),
      m_moved(m_words),
      m_next(m_words),
      m_scratch(m_words),
      m_scratch2(m_words),
      m_hold(m_words),
      m_product(m_words),
      m_riders(m_words) {
    m_rows.reserve(static_cast<std::size_t>(m_layers.count()));
    for (int i = 0; i < m_layers.count(); ++i)
        m_rows.emplace_back(m_arena, m_words, m_maps.live.height(), log, i);
}

void Sweep::start(const runtime::Body& body) {
    const int x = body.x + m_maps.left;
    const int y = body.y + m_maps.top;
    Word* row = m_current.row();
    clear(row, {0, m_words});
    row[x / 64] = Word{1} << (x % 64);
    markVisited(y, row, {x / 64, x / 64 + 1});
    rows(m_layers.layerOf(body)).add(y, row, {x / 64, x / 64 + 1});
}

void Sweep::seed(int layer, int y, const Word* bits, WordRange range) {
    markVisited(y, bits, range);
    rows(layer).add(y, bits, range);
}

void Sweep::beginRide(int mover, const std::vector<PxRect>& edges) {
    m_hasRides = true;
    if (m_rideEdges.width() == 0) m_rideEdges = BitMap(m_maps.live.width(), m_maps.live.height());
    for (const PxRect& at : edges)
        for (int y = at.y; y < at.bottom(); ++y)
            m_rideEdges.setRun(y, at.x, at.right());
    if (m_log) m_log->beginRide(mover);
}

void Sweep::passFlights(const std::vector<PxRect>& notedAt) {
    ROOK_ASSERT(!m_log, "ways back lead through every state");
    m_passes = true;
    if (notedAt.empty()) return;
    m_noted.resize(static_cast<std::size_t>(m_maps.live.height()));
    for (const PxRect& at : notedAt)
        for (int y = at.y; y < at.bottom() && at.width > 0; ++y)
            m_noted[static_cast<std::size_t>(y)].push_back({at.x / 64, wordsFor(at.right())});
}

Completion Sweep::run() {
    for (bool isBusy = true; isBusy;) {
        isBusy = false;
        for (int i = 0; i < m_layers.count(); ++i)
            if (!drain(i, isBusy)) return m_stopped;
    }
    return m_isMet ? Completion::Met : Completion::Complete;
}

void Sweep::tryOut(int index, int y, const Word* bits, WordRange range) {
    rows(index).add(y, bits, range);
    while (rows(index).isFresh(y))
        process(index, y);
}

void Sweep::forget(int index, int y) {
    for (int i = 0; i < m_layers.count(); ++i)
        rows(i).forget(i == index ? y : -1);
}

bool Sweep::mayGoOn() {
    if (m_isMet) {
        m_stopped = Completion::Met;
        return false;
    }
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

bool Sweep::drain(int index, bool& isBusy) {
    // Standing, holds and springs are done to the end, as they feed themselves; a flight goes on to
    // the next layer.
    const bool isAir = layer(index).sort == LayerSort::Air;
    while (rows(index).isPending()) {
        isBusy = true;
        const std::vector<int> pending = rows(index).takePending();
        for (std::size_t i = 0; i < pending.size(); ++i) {
            const int y = pending[i];
            if (i + 6 < pending.size()) rows(index).willLookAt(pending[i + 6]);
            if (i + 3 < pending.size()) rows(index).willTake(pending[i + 3]);
            while (rows(index).isFresh(y)) {
                if (!mayGoOn()) return false;
                process(index, y);
            }
        }
        if (isAir) break;
    }
    return true;
}

void Sweep::process(int index, int y) {
    switch (layer(index).sort) {
        case LayerSort::Standing:
            return stand(y);
        case LayerSort::Climbing:
        case LayerSort::Swimming:
            return letGoOrJump(index, y);
        case LayerSort::Sprung:
            return beThrown(index, y);
        case LayerSort::GripLadder:
        case LayerSort::GripLiquid:
            return grip(index, y);
        case LayerSort::Air:
            return fly(index, y);
    }
}

void Sweep::lookForGoal(const BitMap* goals, int y, const Word* bits, WordRange range) {
    if (!goals) return;
    const Word* row = goals->row(y);
    for (int i = range.from; i < range.to; ++i)
        m_isMet = m_isMet || (row[i] & bits[i]) != 0;
}

void Sweep::markVisited(int y, const Word* bits, WordRange range) {
    orInto(m_visited.row(y) + range.from, bits + range.from, range.to - range.from);
    lookForGoal(m_stopAt.visited, y, bits, range);
}

void Sweep::beginStep(int layer, int y) {
    if (m_log) m_log->beginStep(layer, y);
}

WordRange Sweep::widened(WordRange range, int by) const {
    return {std::max(0, range.from - by), std::min(m_words, range.to + by)};
}

WordRange Sweep::spannedBy(Word* bits, WordRange range, int px) const {
    WordRange span = widened(range, wordsFor(px));
    if (px < 64) {
        if ((bits[range.from] & ((Word{1} << px) - 1)) == 0) span.from = range.from;
        if (px == 0 || (bits[range.to - 1] >> (64 - px)) == 0) span.to = range.to;
    }
    for (int i = span.from - 1; i < range.from; ++i)
        bits[i] = 0;
    for (int i = range.to; i <= span.to; ++i)
        bits[i] = 0;
    return span;
}

void Sweep::clear(Word* row, WordRange range) {
    std::fill(row + range.from - 1, row + range.to + 1, 0);
}

std::size_t Sweep::byteCount() const {
    const std::size_t rowCount = m_rows.size() * static_cast<std::size_t>(m_visited.height());
    return m_collision.byteCount() + m_visited.byteCount() + m_arena.byteCount() +
           rowCount * StateRows::bytesPerRow() + (m_log ? m_log->byteCount() : 0);
}

std::int64_t Sweep::stateCount() const {
    std::int64_t sum = 0;
    for (int i = 0; i < m_layers.count(); ++i) {
        if (layer(i).takesNoTick()) continue;
        for (int y = 0; y < m_maps.live.height(); ++y)
            if (const Word* row = known(i, y)) sum += countBits(row, m_words);
    }
    return sum;
}

}  // namespace rook::reach
