#include "game/puzzle_winning.h"

namespace rook::game {

Winning winningOfPuzzle(const level::Project& project, const level::Level& level,
                        const reach::Limits& limits) {
    Winning winning;
    WayOut way;
    const auto query = reach::queryOf(project, level);
    if (query) {
        const reach::Answer answer = reach::answer(*query, limits);
        switch (answer.verdict.kind) {
            case reach::VerdictKind::Solved:
                way.can = Decided::Yes;
                break;
            case reach::VerdictKind::NotSolved:
                way.can = Decided::No;
                way.why = "it cannot be solved: " + answer.verdict.reason;
                break;
            case reach::VerdictKind::NoRule:
                way.why = "it has no rule, and nothing is to be solved";
                break;
            default:
                way.why = answer.verdict.reason;
        }
    } else {
        way.why = query.error().what;
    }
    winning.can = way.can;
    winning.why = way.why;
    winning.ways.push_back(std::move(way));
    return winning;
}

}  // namespace rook::game
