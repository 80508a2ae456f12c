#include "reach/answer_after.h"

#include "reach/puzzle_answer.h"
#include "reach/same_problem.h"

namespace rook::reach {

bool isUnnoticed(const Query& was, const Answer& former, const Query& now) {
    if (was.board || now.board || was.puzzle || now.puzzle) return false;
    const Problem& a = was.problem;
    const Problem& b = now.problem;
    if (former.onCells().reached.completion != Completion::Complete ||
        !former.onCells().reached.startIsLive || former.onCells().reached.isOnlySure ||
        was.notSolved != now.notSolved || !isSameButForCells(a, b))
        return false;
    const int around = b.tables.stepUp + 2;
    for (int row = 0; row < b.frame.rows; ++row) {
        for (int column = 0; column < b.frame.columns; ++column) {
            const runtime::CellShape x = a.cells->at(column, row);
            const runtime::CellShape y = b.cells->at(column, row);
            if (x.behaviour == y.behaviour && x.form == y.form) continue;
            const PxRect near = PxRect{column * b.frame.cellWidth, row * b.frame.cellHeight,
                                       b.frame.cellWidth, b.frame.cellHeight}
                                    .grown(around);
            if (former.onCells().reached.meets(near, b.tables) ||
                former.onCells().reached.mayMeetByMovers(near, b.tables))
                return false;
        }
    }
    return true;
}

Answer answerAfter(const Query& was, const Answer& former, const Query& now, const Limits& limits,
                   Resolver* resolver) {
    if (was.puzzle && now.puzzle && isSamePuzzle(*was.puzzle, *now.puzzle) && former.onPuzzle() &&
        former.onPuzzle()->solution.verdict != puzzle::Solution::Verdict::Cancelled) {
        Answer carried = former;
        carried.by = AnsweredBy::Carrying;
        return carried;
    }
    if (!isUnnoticed(was, former, now)) return answer(now, limits, resolver, Extent::Sure);
    Answer carried = answerFrom(now, former.onCells().reached, limits);
    carried.by = AnsweredBy::Carrying;
    return carried;
}

}  // namespace rook::reach
