#include "puzzle/search.h"

#include <algorithm>
#include <atomic>
#include <thread>

namespace rook::puzzle {

namespace {

constexpr std::size_t statesInABatch = 2048;
constexpr std::size_t successorsInABatch = 16384;
constexpr std::uint64_t greatestCount = std::uint64_t{1} << 63;

std::uint64_t sumOf(std::uint64_t a, std::uint64_t b) {
    return a >= greatestCount - std::min(b, greatestCount) ? greatestCount : a + b;
}

}  // namespace

/// Runs one job at a time beside its owner. Batches take less than a millisecond: both look often
/// for a while before they sleep.
class Search::Helper {
public:
    Helper() : m_thread([this] { work(); }) {}
    ~Helper() {
        wait();
        tell(State::Over);
        m_thread.join();
    }
    Helper(const Helper&) = delete;
    Helper& operator=(const Helper&) = delete;
    void start(std::function<void()> job) {
        m_job = std::move(job);
        tell(State::Busy);
    }
    void wait() { awaitOtherThan(State::Busy); }

private:
    enum class State : int { Idle, Busy, Over };

    void work() {
        while (awaitOtherThan(State::Idle) == State::Busy) {
            m_job();
            tell(State::Idle);
        }
    }
    void tell(State state) {
        m_state.store(state, std::memory_order_release);
        m_state.notify_one();
    }
    State awaitOtherThan(State state) {
        for (int looks = 1; looks <= 4096; ++looks) {
            const State now = m_state.load(std::memory_order_acquire);
            if (now != state) return now;
            if (looks % 64 == 0) std::this_thread::yield();
        }
        m_state.wait(state, std::memory_order_acquire);
        return m_state.load(std::memory_order_acquire);
    }

    std::atomic<State> m_state{State::Idle};
    std::function<void()> m_job;
    std::thread m_thread;  // last: it uses the others
};

Search::Search(const play::Board& board, const play::State& from, const SolveOptions& options)
    : m_options(options),
      m_expander(makeExpander(board, options.isDistinct)),
      m_store(m_expander->words(), static_cast<std::size_t>(options.mostStates) + 1),
      m_index(m_store,
              m_expander->hashesExactly() &&
                  options.mostStates + 1 < std::uint64_t{1} << StateIndex::exactNumberBits) {
    m_keepsWays = !m_expander->isReversible() && !options.stopsAtGoal;
    const std::vector<Word> first = m_expander->packed(from);
    (void)m_index.findOrAdd(first, m_expander->hashOf(first), 0);
    m_store.add(first);
    m_parents.push_back(0);
    m_isGoal.push_back(play::isMet(board, from) ? 1 : 0);
    m_levelEnds.push_back(1);
    if (m_isGoal[0] == 0) return;
    m_goal = 0;
    m_goalDepth = 0;
}

Search::~Search() = default;

std::uint64_t Search::bytes() const {
    return m_store.bytes() + m_index.bytes() + m_parents.bytes() + m_isGoal.bytes() +
           m_isAlive.bytes() + m_ways.bytes() + m_wayCounts.bytes();
}

std::optional<std::size_t> Search::find(PackedState state) const {
    const std::uint32_t found = m_index.find(state, m_expander->hashOf(state));
    if (found == StateIndex::none) return std::nullopt;
    return found;
}

int Search::depthOf(std::size_t n) const {
    return static_cast<int>(std::upper_bound(m_levelEnds.begin(), m_levelEnds.end(), n) -
                            m_levelEnds.begin());
}

void Search::expand(Batch& batch) {
    batch.successors.clear();
    const std::size_t wanted = batch.last;
    for (batch.last = batch.first; batch.last < wanted; ++batch.last) {
        if (isStopped() || batch.successors.size() >= successorsInABatch) return;
        const std::size_t before = batch.successors.size();
        if (batch.isGoal[batch.last - batch.first] == 0)
            m_expander->expand(m_store.at(batch.last), batch.successors);
        batch.successors.counts.push_back(
            static_cast<std::uint32_t>(batch.successors.size() - before));
    }
}

/// Takes in what a batch found, in its order.
void Search::add(const Batch& batch) {
    constexpr std::size_t ahead = 12, nearer = 6;
    const Successors& all = batch.successors;
    std::size_t n = 0;
    for (std::size_t parent = batch.first; parent < batch.last; ++parent) {
        if (parent == m_levelEnd) endLevel();
        const std::uint32_t count = all.counts[parent - batch.first];
        if (m_keepsWays) m_wayCounts.push_back(count);
        for (std::uint32_t i = 0; i < count; ++i, ++n) {
            if (n + ahead < all.size()) m_index.prefetch(all.hash(n + ahead));
            if (n + nearer < all.size()) m_index.prefetchState(all.hash(n + nearer));
            addOne(batch, n, parent);
        }
    }
}

void Search::addOne(const Batch& batch, std::size_t n, std::size_t parent) {
    const auto next = static_cast<std::uint32_t>(m_store.count());
    const PackedState state = batch.successors.at(n);
    const std::uint32_t number = m_index.findOrAdd(state, batch.successors.hash(n), next);
    if (m_keepsWays) m_ways.push_back(number);
    if (number != next) return;
    m_store.add(state);
    m_parents.push_back(static_cast<std::uint32_t>(parent));
    m_isGoal.push_back(batch.successors.isGoal(n) ? 1 : 0);
    if (!batch.successors.isGoal(n) || m_goal) return;
    m_goal = next;
    m_goalDepth = static_cast<int>(m_levelEnds.size());
}

/// The last state of a level was expanded; the next one begins.
void Search::endLevel() {
    m_levelEnds.push_back(m_store.count());
    m_levelEnd = m_store.count();
}

std::uint64_t Search::countSequences() {
    if (m_goalDepth <= 0) return m_goal ? 1 : 0;
    if (static_cast<int>(m_levelEnds.size()) <= m_goalDepth) return 0;
    GrowingList<std::uint64_t> sequences;
    for (std::size_t n = 0; n < m_levelEnds[static_cast<std::size_t>(m_goalDepth)]; ++n)
        sequences.push_back(n == 0 ? 1 : 0);
    Successors successors;
    std::size_t way = 0, n = 0;
    for (int depth = 0; depth < m_goalDepth; ++depth) {
        const std::size_t end = m_levelEnds[static_cast<std::size_t>(depth)];
        for (; n < end; ++n) {
            if (n % 4096 == 0 && isStopped()) return 0;
            const auto count = [&](std::uint32_t next) {
                // Of the next level: by one move more.
                if (next >= end) sequences[next] = sumOf(sequences[next], sequences[n]);
            };
            if (m_keepsWays) {
                for (std::uint32_t i = 0; i < m_wayCounts[n]; ++i)
                    count(m_ways[way++]);
                continue;
            }
            successors.clear();
            if (m_isGoal[n] == 0) m_expander->expand(m_store.at(n), successors);
            for (std::size_t i = 0; i < successors.size(); ++i)
                count(m_index.find(successors.at(i), successors.hash(i)));
        }
    }
    std::uint64_t all = 0;
    for (; n < sequences.size(); ++n)
        if (m_isGoal[n] != 0) all = sumOf(all, sequences[n]);
    return all;
}

/// Makes room for so many more states; false if there is none within the limits.
bool Search::mayGoOn(std::size_t more) {
    if (m_store.count() >= m_options.mostStates) return false;
    if (m_keepsWays && bytes() > m_options.mostBytes / 4 * 3) {
        // What follows can be asked for again.
        m_keepsWays = false;
        m_ways = {};
        m_wayCounts = {};
    }
    if (bytes() > m_options.mostBytes) return false;
    if (m_index.reserve(more, m_options.cancel)) return true;
    m_isCancelled = true;
    return false;
}

void Search::run() {
    Batch now, then;
    std::unique_ptr<Helper> helper;
    if (m_options.usesTwoThreads) helper = std::make_unique<Helper>();
    const auto setUp = [&](Batch& batch) {
        batch.first = m_expanded;
        batch.last = std::min(m_store.count(), m_expanded + statesInABatch);
        batch.isGoal.clear();
        for (std::size_t n = batch.first; n < batch.last; ++n)
            batch.isGoal.push_back(m_isGoal[n]);
        return batch.first < batch.last;
    };
    std::uint64_t told = 0;
    bool hasNow = setUp(now);
    if (hasNow) expand(now);
    while (hasNow) {
        m_isCancelled = m_isCancelled || isStopped();
        if (m_isCancelled || (m_options.stopsAtGoal && m_goal)) return;
        m_expanded = now.last;
        if (!mayGoOn(now.successors.size())) return;
        // The next states are expanded while what follows from these is taken in.
        const bool hasThen = setUp(then);
        const bool isBeside = hasThen && helper && then.last - then.first >= 64;
        if (isBeside) helper->start([&] { expand(then); });
        add(now);
        if (isBeside) helper->wait();
        hasNow = hasThen || setUp(then);
        if (hasNow && !isBeside) {
            (void)setUp(then);
            expand(then);
        }
        std::swap(now, then);
        if (m_options.progress && m_store.count() >= told + 50'000) {
            told = m_store.count();
            m_options.progress(told, static_cast<int>(m_levelEnds.size()));
        }
    }
    m_isWhole = true;
}

bool Search::findDead() {
    const std::size_t count = m_store.count();
    // Where moves can be taken back, one gets from each state to the start, and on to the goal.
    const bool isAll = m_goal && m_expander->isReversible();
    for (std::size_t n = 0; n < count; ++n)
        m_isAlive.push_back(isAll ? char{1} : m_isGoal[n]);
    if (!m_goal || isAll) return true;
    bool hasChanged = true, isBackwards = true;
    while (hasChanged) {
        hasChanged = false;
        const bool isDone = m_keepsWays ? sweep(isBackwards, hasChanged) : sweepAnew(hasChanged);
        if (!isDone) return false;
        isBackwards = !isBackwards;
    }
    return m_isAlive.size() == count;
}

/// States one after the other: alive is what leads to one that is.
bool Search::sweep(bool isBackwards, bool& hasChanged) {
    const std::size_t count = m_store.count();
    std::size_t way = isBackwards ? m_ways.size() : 0;
    for (std::size_t n = 0; n < count; ++n) {
        if (n % 4096 == 0 && isStopped()) return false;
        const std::size_t state = isBackwards ? count - 1 - n : n;
        const std::uint32_t ways = m_wayCounts[state];
        if (isBackwards) way -= ways;
        for (std::uint32_t i = 0; i < ways && m_isAlive[state] == 0; ++i) {
            if (m_isAlive[m_ways[way + i]] == 0) continue;
            m_isAlive[state] = 1;
            hasChanged = true;
        }
        if (!isBackwards) way += ways;
    }
    return true;
}

bool Search::sweepAnew(bool& hasChanged) {
    Successors successors;
    for (std::size_t state = m_store.count(); state-- > 0;) {
        if (isStopped()) return false;
        if (m_isAlive[state] != 0) continue;
        successors.clear();
        m_expander->expand(m_store.at(state), successors);
        for (std::size_t i = 0; i < successors.size() && m_isAlive[state] == 0; ++i) {
            const std::uint32_t next = m_index.find(successors.at(i), successors.hash(i));
            if (m_isAlive[next] == 0) continue;
            m_isAlive[state] = 1;
            hasChanged = true;
        }
    }
    return true;
}

void Search::forgetWays() {
    m_ways = {};
    m_wayCounts = {};
    m_parents = {};
    m_isGoal = {};
}

}  // namespace rook::puzzle
