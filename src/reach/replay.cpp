#include "reach/replay.h"

namespace rook::reach {

using runtime::Body;
using runtime::Input;
using runtime::Stance;

namespace {

constexpr int mostStays = 32;  // the tables repeat after 16 ticks

bool mayWait(const Body& body) {
    return body.stance == Stance::Standing || body.stance == Stance::Climbing ||
           body.stance == Stance::Swimming;
}

bool isStraight(const Input& input) {
    return input.dx == 0 || input.dy == 0;
}

bool goesOn(const Input& a, const Input& b) {
    return a.dx * b.dx >= 0 && a.dy * b.dy >= 0 && (a.dx == 0 ? b.dx == 0 : b.dy == 0);
}

}  // namespace

Replay::Replay(const Problem& problem) : Replay(problem, Body{}) {
    m_body = runtime::bodyAt(level::boxOf(*problem.start), m_world, problem.tables);
    m_run.bodies.front() = m_body;
}

Replay::Replay(const Problem& problem, const Body& from)
    : m_problem(problem),
      m_parts(fixedParts(problem.parts)),
      m_world(problem.frame, *problem.cells, problem.tables, m_parts),
      m_body(from) {
    m_run.bodies.push_back(m_body);
}

void Replay::append(const Input& input) {
    runtime::step(m_world, m_problem.tables, m_body, input);
    m_run.inputs.push_back(input);
    m_run.bodies.push_back(m_body);
}

bool Replay::follow(const std::vector<Move>& way, const Exploration& exploration) {
    for (std::size_t i = 1; i < way.size(); ++i) {
        const State& from = way[i - 1].state;
        Move move = way[i];
        if (move.leg >= 0) {
            if (!followLeg(exploration.legTo(move.leg))) return false;
            if (!isSame(m_body, exploration.bodyOf(move.state))) return false;
        } else if (exploration.isWalk(from, move) && isStraight(move.input)) {
            // Px that go on in one direction make one walk.
            while (i + 1 < way.size() && way[i + 1].leg < 0 &&
                   exploration.isWalk(move.state, way[i + 1]) &&
                   goesOn(move.input, way[i + 1].input)) {
                ++i;
                move = {way[i].state,
                        {move.input.dx + way[i].input.dx, move.input.dy + way[i].input.dy, 0}};
            }
            if (!walk(exploration.bodyOf(move.state), move.input.dx, move.input.dy)) return false;
        } else if (!make(move.input, exploration.bodyOf(move.state))) {
            return false;
        }
    }
    return true;
}

bool Replay::followLeg(const std::vector<TimedBody>& leg) {
    for (const TimedBody& each : leg) {
        const bool isFirst = each.before < 0;
        if (isFirst && !make(each.input, each.body)) return false;
        for (int wait = 0; wait < each.waits; ++wait)
            append({});
        if (!isFirst) append(each.input);
        if (!isSame(m_body, each.body)) return false;
    }
    return true;
}

/// Walks, as far as the walk table lets it in each tick.
bool Replay::walk(const Body& wanted, int dx, int dy) {
    for (int stays = 0; !isSame(m_body, wanted) && stays < mostStays;) {
        const int most = runtime::tablesOf(m_problem.tables, m_world.profileOf(m_body.held))
                             .walk[static_cast<std::size_t>(m_body.tick % 16)];
        const int x = std::clamp(dx, -most, most);
        const int y = dx != 0 ? 0 : std::clamp(dy, -most, most);
        stays = x == 0 && y == 0 ? stays + 1 : 0;
        append({x, y, 0});
        if (m_body.stance == Stance::Ended) return false;
        dx -= x;
        dy -= y;
    }
    return isSame(m_body, wanted);
}

/// One tick, after as many stays as it takes.
bool Replay::make(const Input& input, const Body& wanted) {
    for (int stays = 0; stays < mostStays; ++stays) {
        Input tried = input;
        const bool holds = m_body.stance == Stance::Climbing || m_body.stance == Stance::Swimming;
        if (holds) tried.buttons &= ~unsigned(runtime::takeHoldButton);
        Body next = m_body;
        runtime::step(m_world, m_problem.tables, next, tried);
        if (isSame(next, wanted)) {
            append(tried);
            return true;
        }
        if (mayWait(m_body))
            append({});
        else if (input.buttons & runtime::takeHoldButton)
            append({0, 0, runtime::takeHoldButton});  // it can wait there
        else
            return false;
        if (m_body.stance == Stance::Ended) return false;
    }
    return false;
}

bool Replay::finish(const Move& last, const PxRect& goal) {
    for (int stays = 0; stays < mostStays; ++stays) {
        Body next = m_body;
        bool isMet = false;
        runtime::step(m_world, m_problem.tables, next, last.input, [&](int x, int y) {
            isMet = isMet || meetsBox(goal, x, y, m_problem.tables);
        });
        if (isMet || !mayWait(m_body)) {
            append(last.input);
            return isMet;
        }
        append({});
    }
    return false;
}

}  // namespace rook::reach
