/// Puzzle levels: what is asked, and what solving comes to. Nobody walks there.

#include <algorithm>
#include <chrono>

#include "reach/puzzle_answer.h"

namespace rook::reach {

namespace {

/// "1,234,567".
std::string grouped(std::uint64_t number) {
    std::string text = std::to_string(number);
    for (std::size_t at = text.size(); at > 3;) {
        at -= 3;
        text.insert(at, ",");
    }
    return text;
}

}  // namespace

Query puzzleQueryOf(const level::Project& project, const level::Level& level) {
    Query query;
    query.problem.frame = frameOf(level);
    query.problem.cells = std::make_shared<level::LevelCells>(project, level);
    PuzzleBoard asked;
    auto board = puzzle::boardOf(project, level);
    if (board)
        asked.board = std::move(*board);
    else
        asked.flaw = board.error().what;
    query.puzzle = std::make_shared<const PuzzleBoard>(std::move(asked));
    return query;
}

bool isSamePuzzle(const PuzzleBoard& a, const PuzzleBoard& b) {
    return a.flaw == b.flaw && a.board == b.board;
}

Answer answerOfPuzzle(const Query& query, const Limits& limits) {
    const auto begin = std::chrono::steady_clock::now();
    const PuzzleBoard& asked = *query.puzzle;
    auto found = std::make_shared<PuzzleAnswer>();
    found->board = std::shared_ptr<const puzzle::play::Board>(query.puzzle, &asked.board);
    Answer answer;
    Verdict& verdict = answer.verdict;
    if (!asked.flaw.empty()) {
        verdict.kind = VerdictKind::NotDecided;
        verdict.reason = asked.flaw;
    } else if (asked.board.rule == puzzle::play::Rule::None) {
        verdict.kind = VerdictKind::NoRule;
    } else {
        puzzle::SolveOptions options;
        options.mostStates = limits.mostPuzzleStates;
        options.mostBytes = std::min<std::uint64_t>(options.mostBytes, limits.maxBytes);
        options.cancel = limits.cancel;
        found->solution = puzzle::solve(asked.board, options);
        const puzzle::Solution& solution = found->solution;
        using Verdicts = puzzle::Solution::Verdict;
        verdict.least = solution.least;
        switch (solution.verdict) {
            case Verdicts::Solved:
                verdict.kind = VerdictKind::Solved;
                break;
            case Verdicts::Impossible:
                verdict.kind = VerdictKind::NotSolved;
                verdict.reason = "all " + grouped(solution.states) +
                                 (solution.states == 1 ? " state was" : " states were") + " seen";
                break;
            case Verdicts::NotDecided:
                verdict.kind = VerdictKind::NotDecided;
                verdict.reason = "no solution among " + grouped(solution.states) +
                                 " states, up to " + std::to_string(solution.depth) + " moves";
                break;
            case Verdicts::Cancelled:
                verdict.kind = VerdictKind::NotDecided;
                verdict.reason = "it was cancelled";
                break;
        }
    }
    answer.found = std::shared_ptr<const PuzzleAnswer>(std::move(found));
    answer.milliseconds =
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count();
    return answer;
}

}  // namespace rook::reach
