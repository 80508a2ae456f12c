#pragma once
/// Puzzles the plain way: states as lists of numbers in a set, moves by the words of
/// docs/puzzle.md, nothing packed. What it says is compared with the solver.

#include <list>
#include <map>
#include <set>

#include "puzzle/board.h"

namespace rook::plain {

namespace play = runtime::puzzle;

struct State {
    std::vector<int> at;
    std::vector<std::vector<int>> stacks;
    std::vector<int> isOpen;
    int isPut = 0;
    std::vector<long long> tallies;

    /// Equal counters in rising order, if `groups` says which are equal.
    [[nodiscard]] std::vector<long long> key(const std::vector<int>& groups) const {
        std::vector<int> places = at;
        std::map<int, std::vector<int>> ofGroup;
        for (std::size_t i = 0; i < at.size(); ++i)
            ofGroup[groups[i]].push_back(at[i]);
        for (auto& [group, list] : ofGroup)
            std::sort(list.begin(), list.end());
        for (std::size_t i = at.size(); i-- > 0;) {
            places[i] = ofGroup[groups[i]].back();
            ofGroup[groups[i]].pop_back();
        }
        std::vector<long long> key(places.begin(), places.end());
        for (const auto& stack : stacks) {
            key.push_back(-1);
            key.insert(key.end(), stack.begin(), stack.end());
        }
        key.insert(key.end(), isOpen.begin(), isOpen.end());
        key.push_back(isPut);
        key.insert(key.end(), tallies.begin(), tallies.end());
        return key;
    }
};

class Game {
public:
    explicit Game(const play::Board& board) : m_board(board) {}

    [[nodiscard]] State start() const {
        State state;
        for (const auto& counter : m_board.counters)
            state.at.push_back(counter.slot);
        for (const auto& slot : m_board.slotList)
            state.stacks.emplace_back(slot.stack.begin(), slot.stack.end());
        state.isOpen.assign(m_board.slotList.size(), 0);
        state.tallies.assign(m_board.tallies.begin(), m_board.tallies.end());
        return state;
    }

    [[nodiscard]] bool isMet(const State& state) const {
        using play::Rule;
        if (m_board.rule == Rule::Slide) {
            for (const auto& goal : m_board.goals)
                if (state.at[goal.counter] < 0 || !goal.marked[state.at[goal.counter]])
                    return false;
            return true;
        }
        if (m_board.rule == Rule::Push) {
            std::set<int> held;
            for (std::size_t i = 0; i < state.at.size(); ++i)
                if (m_board.counters[i].isPushed && m_board.fits[i]) held.insert(state.at[i]);
            for (const int target : m_board.targets)
                if (!held.count(target)) return false;
            return true;
        }
        if (m_board.rule == Rule::Pour) {
            std::multiset<int> colors;
            for (std::size_t i = 0; i < state.stacks.size(); ++i) {
                if (!isPlain(state, int(i)) || state.stacks[i].empty()) continue;
                const std::set<int> own(state.stacks[i].begin(), state.stacks[i].end());
                if (own.size() > 1) return false;
                colors.insert(*own.begin());
            }
            return std::set<int>(colors.begin(), colors.end()).size() == colors.size();
        }
        return state.tallies[m_board.goalTally] >= m_board.goalCount;
    }

    /// All that follow, a state for each move.
    [[nodiscard]] std::vector<State> next(const State& state) const {
        std::vector<State> found;
        if (isMet(state)) return found;
        if (m_board.rule == play::Rule::Slide) slide(state, found);
        if (m_board.rule == play::Rule::Push) push(state, found);
        if (m_board.rule == play::Rule::Pour) pour(state, found);
        if (m_board.rule == play::Rule::Gather) gather(state, found);
        return found;
    }

    void settle(State& state, int slot) const {
        std::list<int> waiting{slot};
        while (!waiting.empty()) {
            const int s = waiting.front();
            waiting.pop_front();
            auto& stack = state.stacks[s];
            if (stack.empty()) continue;
            const int k = stack.back();
            if (run(stack) >= int(m_board.collect)) {
                state.tallies[m_board.goalTally] += run(stack);
                for (int n = run(stack); n > 0; --n)
                    stack.pop_back();
                waiting.push_back(s);
                continue;
            }
            int with = -1;
            for (const int n : m_board.slotList[s].next)
                if (with < 0 && isPlain(state, n) && !state.stacks[n].empty() &&
                    state.stacks[n].back() == k)
                    with = n;
            if (with < 0) continue;
            const auto isPure = [&](int n) {
                return run(state.stacks[n]) == int(state.stacks[n].size());
            };
            int taker = s, giver = with;
            if (isPure(s) == isPure(with)) {
                if (run(state.stacks[with]) > run(stack)) std::swap(taker, giver);
            } else if (isPure(with)) {
                std::swap(taker, giver);
            }
            for (int n = run(state.stacks[giver]); n > 0; --n) {
                state.stacks[giver].pop_back();
                state.stacks[taker].push_back(k);
            }
            waiting.push_back(taker);
            waiting.push_back(giver);
        }
    }

private:
    [[nodiscard]] bool isPlain(const State& state, int slot) const {
        return slot >= 0 &&
               (m_board.slotList[slot].state == play::SlotState::Plain || state.isOpen[slot]);
    }
    static int run(const std::vector<int>& stack) {
        int count = 0;
        for (auto at = stack.rbegin(); at != stack.rend() && *at == stack.back(); ++at)
            ++count;
        return count;
    }
    [[nodiscard]] std::set<int> under(std::size_t counter, int first) const {
        std::set<int> places;
        for (const auto& [dx, dy] : m_board.counters[counter].cells) {
            if (m_board.counters[counter].cells.size() == 1) return {first};
            const int x = first % m_board.columns + dx, y = first / m_board.columns + dy;
            places.insert(x < 0 || y < 0 || x >= m_board.columns || y >= m_board.rows
                              ? -1
                              : y * m_board.columns + x);
        }
        return places;
    }
    [[nodiscard]] bool fits(const State& state, std::size_t counter, int first) const {
        if (first < 0) return false;
        for (const int slot : under(counter, first)) {
            if (!isPlain(state, slot)) return false;
            for (std::size_t other = 0; other < state.at.size(); ++other)
                if (other != counter && state.at[other] >= 0 &&
                    under(other, state.at[other]).count(slot))
                    return false;
        }
        return true;
    }
    void slide(const State& state, std::vector<State>& found) const {
        for (std::size_t i = 0; i < state.at.size(); ++i)
            for (int d = 0; d < m_board.directions && state.at[i] >= 0; ++d) {
                if (!(m_board.counters[i].slides & 1u << d)) continue;
                State next = state;
                do {
                    const int to = m_board.slotList[next.at[i]].next[d];
                    if (!fits(state, i, to)) break;
                    next.at[i] = to;
                    found.push_back(next);
                } while (m_board.slidesFar);
            }
    }
    [[nodiscard]] int who(const State& state, int slot) const {
        for (std::size_t i = 0; i < state.at.size(); ++i)
            if (state.at[i] == slot) return int(i);
        return -1;
    }
    void push(const State& state, std::vector<State>& found) const {
        for (std::size_t i = 0; i < state.at.size(); ++i)
            for (int d = 0; d < m_board.directions; ++d) {
                if (state.at[i] < 0 || !m_board.counters[i].pushes) continue;
                const int to = m_board.slotList[state.at[i]].next[d];
                if (!isPlain(state, to)) continue;
                State next = state;
                if (const int other = who(state, to); other >= 0) {
                    const int beyond = m_board.slotList[to].next[d];
                    if (!m_board.counters[other].isPushed || !isPlain(state, beyond) ||
                        who(state, beyond) >= 0)
                        continue;
                    next.at[other] = beyond;
                }
                next.at[i] = to;
                found.push_back(next);
            }
    }
    void pour(const State& state, std::vector<State>& found) const {
        const int count = int(state.stacks.size());
        for (int a = 0; a < count; ++a)
            for (int b = 0; b < count; ++b) {
                if (a == b || !isPlain(state, a) || !isPlain(state, b)) continue;
                const auto& next = m_board.slotList[a].next;
                if (m_board.isOnlyNear && std::count(next.begin(), next.end(), b) == 0) continue;
                State after = state;
                auto &from = after.stacks[a], &to = after.stacks[b];
                if (from.empty() || (!to.empty() && to.back() != from.back())) continue;
                const int color = from.back();
                bool isMoved = false;
                while (!from.empty() && from.back() == color && to.size() < m_board.capacity) {
                    from.pop_back();
                    to.push_back(color);
                    isMoved = true;
                }
                if (isMoved) found.push_back(after);
            }
    }
    void gather(const State& state, std::vector<State>& found) const {
        const int count = int(state.stacks.size());
        for (int s = 0; s < count && state.isPut < int(m_board.queue.size()); ++s) {
            if (!isPlain(state, s) || !state.stacks[s].empty()) continue;
            State after = state;
            const auto& put = m_board.queue[after.isPut++];
            after.stacks[s].assign(put.begin(), put.end());
            settle(after, s);
            found.push_back(after);
        }
        for (int s = 0; s < count; ++s) {
            const auto& slot = m_board.slotList[s];
            if (slot.state != play::SlotState::Locked || state.isOpen[s] ||
                state.tallies[slot.tally] < slot.price)
                continue;
            State after = state;
            after.tallies[slot.tally] -= slot.price;
            after.isOpen[s] = 1;
            settle(after, s);
            found.push_back(after);
        }
    }

    const play::Board& m_board;
};

struct Answer {
    bool isWhole = true;
    int least = -1;
    std::size_t states = 0;
    std::size_t dead = 0;
    unsigned long long sequences = 0;
};

/// `groups`: a number for each counter; those of one number stand for each other.
inline Answer search(const play::Board& board, const std::vector<int>& groups, std::size_t most) {
    const Game game(board);
    std::map<std::vector<long long>, std::size_t> known;
    std::vector<State> states{game.start()};
    std::vector<std::vector<std::size_t>> before(1);
    std::vector<int> depth{0};
    std::vector<unsigned long long> ways{1};
    known[states[0].key(groups)] = 0;
    Answer answer;
    std::vector<std::size_t> goals;
    for (std::size_t n = 0; n < states.size(); ++n) {
        if (states.size() > most) {
            answer.isWhole = false;
            return answer;
        }
        if (game.isMet(states[n])) goals.push_back(n);
        for (const State& next : game.next(states[n])) {
            const auto [place, isNew] = known.try_emplace(next.key(groups), states.size());
            const std::size_t to = place->second;
            if (isNew) {
                states.push_back(next);
                before.emplace_back();
                depth.push_back(depth[n] + 1);
                ways.push_back(0);
            }
            before[to].push_back(n);
            if (depth[to] == depth[n] + 1) ways[to] += ways[n];
        }
    }
    answer.states = states.size();
    if (!goals.empty()) answer.least = depth[goals[0]];
    std::set<std::size_t> alive(goals.begin(), goals.end());
    std::list<std::size_t> waiting(goals.begin(), goals.end());
    for (const std::size_t goal : goals)
        if (depth[goal] == answer.least) answer.sequences += ways[goal];
    while (!waiting.empty()) {
        const std::size_t to = waiting.front();
        waiting.pop_front();
        for (const std::size_t from : before[to])
            if (alive.insert(from).second) waiting.push_back(from);
    }
    answer.dead = states.size() - alive.size();
    return answer;
}

}  // namespace rook::plain
