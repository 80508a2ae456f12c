#include "puzzle/expander.h"

#include <algorithm>
#include <cstring>
#include <functional>

namespace rook::puzzle {

void Successors::add(PackedState state, bool isMet) {
    std::copy(state.begin(), state.end(), grow(state.size()));
    endState(isMet);
}

namespace {

/// Counters on plain slots. Those of one group stand for each other: their places are kept in
/// rising order. Parked ones are left out. `Place`: a plain slot, counted among them; a packed
/// state is the places of all, one after the other.
template <typename Place>
class CounterExpander : public Expander {
public:
    CounterExpander(const play::Board& board, bool isDistinct) : m_board(board) {
        m_placeOf.assign(board.slotList.size(), -1);
        for (std::size_t i = 0; i < board.slotList.size(); ++i) {
            if (board.slotList[i].state != play::SlotState::Plain) continue;
            m_placeOf[i] = static_cast<int>(m_slotOf.size());
            m_slotOf.push_back(static_cast<int>(i));
        }
        group(isDistinct);
        m_words = static_cast<int>((m_counters.size() * sizeof(Place) + 3) / 4);
        m_words = std::max(m_words, 1);
        m_places.resize(static_cast<std::size_t>(m_words) * perWord);
        m_next.resize(m_places.size());
        m_owner.assign(m_slotOf.size(), 0);
        std::uint64_t states = 1;
        for (std::size_t i = 0; i < m_counters.size() && m_hashesExactly; ++i) {
            m_factors.push_back(states);
            states *= m_slotOf.size();
            m_hashesExactly = states <= mostExact;
        }
    }
    int words() const override { return m_words; }
    bool hashesExactly() const override { return m_hashesExactly; }
    std::uint64_t hashOf(PackedState state) const override {
        if (!m_hashesExactly) return puzzle::hashOf(state);
        std::uint64_t number = 0;
        for (std::size_t i = 0; i < m_counters.size(); ++i)
            number += m_factors[i] * placeIn(state, i);
        return spread(number);
    }
    std::vector<Word> packed(const play::State& state) const override {
        std::vector<Place> places;
        for (const int counter : m_counters)
            places.push_back(static_cast<Place>(
                m_placeOf[static_cast<std::size_t>(state.at[static_cast<std::size_t>(counter)])]));
        for (const Group& group : m_groups)
            std::sort(places.begin() + group.first, places.begin() + group.last);
        std::vector<Word> words(static_cast<std::size_t>(m_words));
        std::memcpy(words.data(), places.data(), places.size() * sizeof(Place));
        return words;
    }
    int groups() const override { return static_cast<int>(m_groups.size()); }
    int groupOf(int counter) const override {
        for (std::size_t i = 0; i < m_counters.size(); ++i)
            if (m_counters[i] == counter) return m_group[i];
        return -1;
    }
    void forEachPlace(PackedState state,
                      const std::function<void(int, int)>& visit) const override {
        for (std::size_t i = 0; i < m_counters.size(); ++i)
            visit(m_group[i], m_slotOf[placeIn(state, i)]);
    }

protected:
    [[nodiscard]] Place placeIn(PackedState state, std::size_t i) const {
        Place place = 0;
        std::memcpy(&place, reinterpret_cast<const char*>(state.data()) + i * sizeof(Place),
                    sizeof(Place));
        return place;
    }
    void unpack(PackedState state) {
        for (std::size_t w = 0; w < state.size(); ++w)
            std::memcpy(&m_places[w * perWord], &state[w], sizeof(Word));
        beginNext();
    }
    /// The next state begins as the one that is expanded. Word by word: no call for a few bytes.
    void beginNext() {
        for (std::size_t i = 0; i < m_places.size(); i += perWord)
            std::memcpy(&m_next[i], &m_places[i], sizeof(Word));
    }
    /// Puts the place of counter `i` where it belongs in its group.
    void sink(std::size_t i) {
        const Group& group = m_groups[static_cast<std::size_t>(m_group[i])];
        const auto first = static_cast<std::size_t>(group.first);
        const auto last = static_cast<std::size_t>(group.last);
        for (; i > first && m_next[i] < m_next[i - 1]; --i)
            std::swap(m_next[i], m_next[i - 1]);
        for (; i + 1 < last && m_next[i] > m_next[i + 1]; ++i)
            std::swap(m_next[i], m_next[i + 1]);
    }
    void emit(Successors& successors, bool isMet) {
        Word* words = successors.grow(static_cast<std::size_t>(m_words));
        for (std::size_t i = 0; i < m_next.size(); i += perWord)
            std::memcpy(words++, &m_next[i], sizeof(Word));
        if (!m_hashesExactly) return successors.endState(isMet);
        std::uint64_t number = 0;
        for (std::size_t i = 0; i < m_factors.size(); ++i)
            number += m_factors[i] * m_next[i];
        successors.endState(isMet, spread(number));
    }
    [[nodiscard]] const play::Counter& counter(std::size_t i) const {
        return m_board.counters[static_cast<std::size_t>(m_counters[i])];
    }

    const play::Board& m_board;
    std::vector<int> m_placeOf;  ///< of a slot; -1 = not plain
    std::vector<int> m_slotOf;
    std::vector<int> m_counters;  ///< in the order of groups; the i-th stands at `m_places[i]`
    std::vector<int> m_group;     ///< of the i-th
    /// As listed: the order in which moves are told.
    std::vector<std::size_t> m_order;
    struct Group {
        int first;
        int last;
    };
    std::vector<Group> m_groups;
    static constexpr std::size_t perWord = sizeof(Word) / sizeof(Place);
    std::vector<Place> m_places;           ///< of the state that is expanded; whole words
    std::vector<Place> m_next;             ///< of one that follows
    std::vector<std::uint64_t> m_factors;  ///< by which places make the number of a state
    std::vector<std::uint16_t> m_owner;  ///< of each place: 1 + who stands there; 0 between states
    int m_words = 1;

private:
    /// Bits of a hash that tell states apart, where all of them do.
    static constexpr int exactBits = 64 - StateIndex::exactNumberBits;
    static constexpr std::uint64_t mostExact = std::uint64_t{1} << exactBits;
    /// The number of a state, of `exactBits`, mixed so that no two come to the same: odd factors
    /// and shifts to the right can be undone. In the upper bits.
    static std::uint64_t spread(std::uint64_t number) {
        constexpr std::uint64_t mask = mostExact - 1;
        number = (number ^ number >> 20) * 0x9e3779b97f4a7c15ULL & mask;
        number = (number ^ number >> 19) * 0xbf58476d1ce4e5b9ULL & mask;
        return (number ^ number >> 21) << StateIndex::exactNumberBits;
    }
    bool m_hashesExactly = true;

    void group(bool isDistinct) {
        const auto isNamed = [&](int i) {
            return std::any_of(m_board.goals.begin(), m_board.goals.end(),
                               [&](const play::SlideGoal& goal) { return goal.counter == i; });
        };
        const int count = static_cast<int>(m_board.counters.size());
        std::vector<char> isDone(m_board.counters.size(), 0);
        for (int i = 0; i < count; ++i) {
            const play::Counter& one = m_board.counters[static_cast<std::size_t>(i)];
            if (one.slot < 0 || isDone[static_cast<std::size_t>(i)] != 0) continue;
            const int first = static_cast<int>(m_counters.size());
            const bool isAlone = isDistinct || isNamed(i);
            for (int j = i; j < (isAlone ? i + 1 : count); ++j) {
                const play::Counter& other = m_board.counters[static_cast<std::size_t>(j)];
                if (other.slot < 0 || other.kind != one.kind || other.turn != one.turn ||
                    (j != i && isNamed(j)))
                    continue;
                isDone[static_cast<std::size_t>(j)] = 1;
                m_counters.push_back(j);
                m_group.push_back(static_cast<int>(m_groups.size()));
            }
            m_groups.push_back({first, static_cast<int>(m_counters.size())});
        }
        m_order.resize(m_counters.size());
        for (std::size_t i = 0; i < m_order.size(); ++i)
            m_order[i] = i;
        std::sort(m_order.begin(), m_order.end(),
                  [&](std::size_t a, std::size_t b) { return m_counters[a] < m_counters[b]; });
    }
};

template <typename Place>
class SlideExpander final : public CounterExpander<Place> {
    using Base = CounterExpander<Place>;
    using Base::beginNext, Base::unpack;
    using Base::m_board, Base::m_placeOf, Base::m_slotOf, Base::counter, Base::emit, Base::sink;
    using Base::m_places, Base::m_next, Base::m_owner, Base::m_order, Base::m_counters,
        Base::m_group;

public:
    SlideExpander(const play::Board& board, bool isDistinct) : Base(board, isDistinct) {
        const std::size_t places = m_slotOf.size();
        m_covers.resize(m_counters.size());
        m_ways.resize(m_counters.size());
        m_isGoal.assign(m_counters.size(), std::vector<char>());
        const play::State start = play::beginning(board);
        for (std::size_t i = 0; i < m_counters.size(); ++i) {
            // Those of one group have one table.
            if (i > 0 && m_group[i] == m_group[i - 1]) {
                m_covers[i] = m_covers[i - 1];
                m_ways[i] = m_ways[i - 1];
                continue;
            }
            Covers covers(places);
            for (std::size_t place = 0; place < places; ++place)
                for (const int slot :
                     play::detail::covered(board, start, counter(i), m_slotOf[place]))
                    covers[place].push_back(
                        static_cast<Place>(m_placeOf[static_cast<std::size_t>(slot)]));
            std::vector<std::vector<int>> ways;
            for (int direction = 0; direction < board.directions; ++direction) {
                std::vector<int> to(places, -1);
                for (std::size_t place = 0; place < places; ++place) {
                    const int slot = play::detail::nextOf(board, m_slotOf[place], direction);
                    const int next = slot < 0 ? -1 : m_placeOf[static_cast<std::size_t>(slot)];
                    if (next >= 0 && !covers[static_cast<std::size_t>(next)].empty())
                        to[place] = next;
                }
                ways.push_back(std::move(to));
            }
            m_covers[i] = std::make_shared<const Covers>(std::move(covers));
            m_ways[i] = std::make_shared<const Ways>(std::move(ways));
        }
        for (const play::SlideGoal& goal : board.goals) {
            const auto at = std::find(m_counters.begin(), m_counters.end(), goal.counter);
            if (at == m_counters.end()) {
                m_isNeverMet = true;
                continue;
            }
            std::vector<char>& met = m_isGoal[static_cast<std::size_t>(at - m_counters.begin())];
            if (met.empty()) met.assign(places, 1);
            for (std::size_t place = 0; place < places; ++place)
                if (goal.marked[static_cast<std::size_t>(m_slotOf[place])] == 0) met[place] = 0;
        }
    }
    bool isReversible() const override { return true; }
    void expand(PackedState state, Successors& successors) override {
        unpack(state);
        int missing = m_isNeverMet ? 1 : 0;
        for (std::size_t i = 0; i < m_counters.size(); ++i) {
            missing += isMissing(i, m_places[i]);
            for (const Place place : (*m_covers[i])[m_places[i]])
                m_owner[place] = static_cast<std::uint16_t>(i + 1);
        }
        for (const std::size_t i : m_order)
            slide(i, missing - isMissing(i, m_places[i]), successors);
        for (std::size_t i = 0; i < m_counters.size(); ++i)
            for (const Place place : (*m_covers[i])[m_places[i]])
                m_owner[place] = 0;
    }

private:
    using Covers = std::vector<std::vector<Place>>;
    using Ways = std::vector<std::vector<int>>;
    [[nodiscard]] int isMissing(std::size_t i, std::size_t place) const {
        return !m_isGoal[i].empty() && m_isGoal[i][place] == 0 ? 1 : 0;
    }
    [[nodiscard]] bool hasRoom(std::size_t i, std::size_t place) const {
        for (const Place covered : (*m_covers[i])[place])
            if (m_owner[covered] != 0 && m_owner[covered] != i + 1) return false;
        return true;
    }
    void slide(std::size_t i, int othersMissing, Successors& successors) {
        const std::uint32_t slides = counter(i).slides;
        for (std::size_t direction = 0; direction < m_ways[i]->size(); ++direction) {
            if (!(slides >> direction & 1)) continue;
            const std::vector<int>& ways = (*m_ways[i])[direction];
            int at = m_places[i];
            do {
                at = ways[static_cast<std::size_t>(at)];
                if (at < 0 || !hasRoom(i, static_cast<std::size_t>(at))) break;
                beginNext();
                m_next[i] = static_cast<Place>(at);
                sink(i);
                emit(successors, othersMissing + isMissing(i, static_cast<std::size_t>(at)) == 0);
            } while (m_board.slidesFar);
        }
    }

    std::vector<std::shared_ptr<const Covers>> m_covers;  ///< of the i-th, by its place
    std::vector<std::shared_ptr<const Ways>> m_ways;      ///< by direction and place; -1 = none
    std::vector<std::vector<char>> m_isGoal;              ///< by place; empty = it is not named
    bool m_isNeverMet = false;
};

template <typename Place>
class PushExpander final : public CounterExpander<Place> {
    using Base = CounterExpander<Place>;
    using Base::beginNext, Base::unpack;
    using Base::m_board, Base::m_placeOf, Base::m_slotOf, Base::counter, Base::emit, Base::m_groups;
    using Base::m_places, Base::m_next, Base::m_owner, Base::m_order, Base::m_counters,
        Base::m_group;

public:
    PushExpander(const play::Board& board, bool isDistinct) : Base(board, isDistinct) {
        const std::size_t places = m_slotOf.size();
        m_isTarget.assign(places, 0);
        for (const int slot : board.targets)
            if (const int place = m_placeOf[static_cast<std::size_t>(slot)]; place >= 0)
                m_isTarget[static_cast<std::size_t>(place)] = 1;
        m_ways.assign(static_cast<std::size_t>(board.directions), std::vector<int>(places, -1));
        for (int direction = 0; direction < board.directions; ++direction)
            for (std::size_t place = 0; place < places; ++place) {
                const int slot = play::detail::nextOf(board, m_slotOf[place], direction);
                if (slot >= 0)
                    m_ways[static_cast<std::size_t>(direction)][place] =
                        m_placeOf[static_cast<std::size_t>(slot)];
            }
        for (std::size_t i = 0; i < m_counters.size(); ++i) {
            m_isPushed.push_back(counter(i).isPushed ? 1 : 0);
            m_fits.push_back(counter(i).isPushed &&
                                     board.fits[static_cast<std::size_t>(m_counters[i])] != 0
                                 ? 1
                                 : 0);
        }
        for (const std::size_t i : m_order)
            if (counter(i).pushes) m_pushers.push_back(i);
    }
    void expand(PackedState state, Successors& successors) override {
        unpack(state);
        int filled = 0;
        for (std::size_t i = 0; i < m_counters.size(); ++i) {
            m_owner[m_places[i]] = static_cast<std::uint16_t>(i + 1);
            filled += worth(i, m_places[i]);
        }
        for (const std::size_t i : m_pushers)
            for (const std::vector<int>& ways : m_ways)
                push(i, ways, filled, successors);
        for (std::size_t i = 0; i < m_counters.size(); ++i)
            m_owner[m_places[i]] = 0;
    }

private:
    [[nodiscard]] int worth(std::size_t i, std::size_t place) const {
        return m_fits[i] & m_isTarget[place];
    }
    void push(std::size_t i, const std::vector<int>& ways, int filled, Successors& successors) {
        const int to = ways[m_places[i]];
        if (to < 0) return;
        const std::size_t owner = m_owner[static_cast<std::size_t>(to)];
        int beyond = -1;
        if (owner != 0) {
            if (m_isPushed[owner - 1] == 0) return;
            beyond = ways[static_cast<std::size_t>(to)];
            if (beyond < 0 || m_owner[static_cast<std::size_t>(beyond)] != 0) return;
        }
        beginNext();
        filled += worth(i, static_cast<std::size_t>(to)) - worth(i, m_places[i]);
        m_next[i] = static_cast<Place>(to);
        if (owner != 0) {
            const std::size_t j = owner - 1;
            filled +=
                worth(j, static_cast<std::size_t>(beyond)) - worth(j, static_cast<std::size_t>(to));
            m_next[j] = static_cast<Place>(beyond);
            settle(j);
        }
        settle(i);
        emit(successors, filled == static_cast<int>(m_board.targets.size()));
    }
    /// Of a step that moves two of one group, each place finds its own again.
    void settle(std::size_t i) {
        const auto& group = m_groups[static_cast<std::size_t>(m_group[i])];
        Place* const first = m_next.data() + group.first;
        Place* const last = m_next.data() + group.last;
        // Two at most are not in their order.
        for (Place* one = first + 1; one < last; ++one)
            for (Place* at = one; at > first && *at < at[-1]; --at)
                std::swap(*at, at[-1]);
    }

    std::vector<std::vector<int>> m_ways;  ///< by direction and place; -1 = not plain
    std::vector<char> m_isTarget;
    std::vector<char> m_isPushed;
    std::vector<char> m_fits;
    std::vector<std::size_t> m_pushers;
};

}  // namespace

std::unique_ptr<Expander> makeExpander(const play::Board& board, bool isDistinct) {
    if (board.isOfStacks()) return makeStackExpander(board);
    const bool isSmall = board.slotList.size() <= 256;
    if (board.rule == play::Rule::Push) {
        if (isSmall) return std::make_unique<PushExpander<std::uint8_t>>(board, isDistinct);
        return std::make_unique<PushExpander<std::uint16_t>>(board, isDistinct);
    }
    if (isSmall) return std::make_unique<SlideExpander<std::uint8_t>>(board, isDistinct);
    return std::make_unique<SlideExpander<std::uint16_t>>(board, isDistinct);
}

}  // namespace rook::puzzle
