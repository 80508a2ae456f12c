#include "reach/same_problem.h"

#include <algorithm>
#include <tuple>

namespace rook::reach {

namespace {

template <typename T, typename Equal>
bool areSame(const std::vector<T>& a, const std::vector<T>& b, Equal&& equal) {
    return std::equal(a.begin(), a.end(), b.begin(), b.end(), equal);
}

auto tied(const runtime::Box& box) {
    return std::tie(box.x, box.y, box.width, box.height);
}
auto tied(const runtime::PhaseTable& table) {
    return std::tie(table.dx, table.dy, table.loopFrom, table.topPhase);
}
auto tied(const runtime::Frame& frame) {
    return std::tie(frame.columns, frame.rows, frame.cellWidth, frame.cellHeight, frame.edges);
}

bool isSameMotion(const runtime::MotionTables& a, const runtime::MotionTables& b) {
    const auto all = [](const runtime::MotionTables& t) {
        return std::tuple_cat(
            tied(t), std::tie(t.bodyWidth, t.bodyHeight, t.abilities, t.walk, t.climb, t.swim,
                              t.stepUp, t.coyoteTicks, t.airJumps, t.wallPushTicks, t.fromAbove,
                              t.diagonal, t.hasEvenDiagonal, t.swapsWith));
    };
    return all(a) == all(b) && areSame(a.others, b.others, isSameMotion);
}

bool areSameParts(const runtime::Parts& a, const runtime::Parts& b) {
    return areSame(a.deadly, b.deadly,
                   [](const auto& x, const auto& y) { return tied(x) == tied(y); }) &&
           areSame(a.closed, b.closed,
                   [](const auto& x, const auto& y) { return tied(x) == tied(y); }) &&
           areSame(a.gains, b.gains,
                   [](const auto& x, const auto& y) {
                       return tied(x.box) == tied(y.box) && x.grants == y.grants &&
                              x.takes == y.takes && x.lastsTicks == y.lastsTicks &&
                              tied(x.keeps) == tied(y.keeps) && x.movesAs == y.movesAs &&
                              x.wantsUse == y.wantsUse && x.isShutting == y.isShutting &&
                              x.after == y.after;
                   }) &&
           areSame(a.doors, b.doors,
                   [](const auto& x, const auto& y) {
                       return tied(x.box) == tied(y.box) && x.needs == y.needs &&
                              x.isShutForGood == y.isShutForGood && x.shutBy == y.shutBy;
                   }) &&
           areSame(a.springs, b.springs,
                   [](const auto& x, const auto& y) {
                       return tied(x.box) == tied(y.box) && tied(x.high) == tied(y.high) &&
                              tied(x.low) == tied(y.low) && x.pushDx == y.pushDx &&
                              areSame(x.others, y.others, [](const auto& p, const auto& q) {
                                  return tied(p.first) == tied(q.first) &&
                                         tied(p.second) == tied(q.second);
                              });
                   }) &&
           areSame(a.movers, b.movers,
                   [](const auto& x, const auto& y) {
                       return x.width == y.width && x.height == y.height && x.track == y.track &&
                              x.periodTicks == y.periodTicks && x.way == y.way;
                   }) &&
           areSame(a.timed, b.timed, [](const auto& x, const auto& y) {
               return tied(x.box) == tied(y.box) && x.times == y.times &&
                      x.canBeBeaten == y.canBeBeaten;
           });
}

}  // namespace

bool isSameButForCells(const Problem& a, const Problem& b) {
    return a.start == b.start && tied(a.frame) == tied(b.frame) &&
           isSameMotion(a.tables, b.tables) && areSameParts(a.parts, b.parts);
}

CellRect changedCells(const Problem& a, const Problem& b) {
    CellRect changed;
    for (int row = 0; row < b.frame.rows; ++row) {
        for (int column = 0; column < b.frame.columns; ++column) {
            const runtime::CellShape x = a.cells->at(column, row);
            const runtime::CellShape y = b.cells->at(column, row);
            if (x.behaviour != y.behaviour || x.form != y.form)
                changed = changed.united({column, row, 1, 1});
        }
    }
    return changed;
}

}  // namespace rook::reach
