#include "reach/resolver.h"

#include "reach/repair.h"
#include "reach/same_problem.h"

namespace rook::reach {

/// Cells that can be exchanged while maps refer to them.
class ExchangedCells final : public runtime::CellSource {
public:
    explicit ExchangedCells(std::shared_ptr<const runtime::CellSource> cells)
        : m_cells(std::move(cells)) {}
    void exchange(std::shared_ptr<const runtime::CellSource> cells) { m_cells = std::move(cells); }
    [[nodiscard]] runtime::CellShape at(int column, int row) const override {
        return m_cells->at(column, row);
    }

private:
    std::shared_ptr<const runtime::CellSource> m_cells;
};

namespace {

/// Edits of larger regions are solved whole.
constexpr int mostCells = 256;

/// The problem with cells that can be exchanged.
Problem withCells(Problem problem, const std::shared_ptr<ExchangedCells>& cells) {
    problem.cells = cells;
    return problem;
}

}  // namespace

struct Resolver::Kept {
    explicit Kept(const Problem& asked, const Limits& limits)
        : cells(std::make_shared<ExchangedCells>(asked.cells)),
          problem(withCells(asked, cells)),
          grounds(problem),
          exploration(grounds, limits, true) {}

    std::shared_ptr<ExchangedCells> cells;
    Problem problem;
    Grounds grounds;
    Exploration exploration;
    Limits noLimits;
    std::map<std::size_t, std::unique_ptr<Sweep>> probes;  ///< by set
    int stepsAtFirst = 0;
    std::int64_t states = 0;

    [[nodiscard]] int stepCount() const {
        int sum = 0;
        for (std::size_t i = 0; i < exploration.setCount(); ++i)
            sum += exploration.set(i).log->stepCount();
        return sum;
    }
};

Resolver::Resolver() = default;
Resolver::~Resolver() = default;

bool Resolver::mend(Kept& kept, const CellRect& cells, const Limits& limits) const {
    Exploration& exploration = kept.exploration;
    exploration.setLimits(limits);
    const auto changed = kept.grounds.patch(cells);
    if (!changed) return false;
    for (std::size_t i = 0; i < exploration.setCount(); ++i) {
        Exploration::Set& set = exploration.set(i);
        const Ground& ground = set.sweep->ground();
        const PxRect& at = changed->at(set.held);
        if (at.isEmpty()) continue;
        // The start may stand otherwise, or not at all.
        const PxPoint start = *startOf(kept.problem);
        const PxPoint first{start.x + ground.maps().left, start.y + ground.maps().top};
        if (at.grown(2).contains(first)) return false;
        std::unique_ptr<Sweep>& probe = kept.probes[i];
        if (!probe) probe = std::make_unique<Sweep>(ground, kept.noLimits);
        Repair repair(set, *probe, kept.grounds.freely(), at);
        if (!repair.findLost() || repair.mend() != Completion::Complete) return false;
        kept.states += repair.statesMore();
        for (std::size_t n = 0; n < ground.parts().gains.size(); ++n) {
            const runtime::Gain& gain = ground.parts().gains[n];
            const bool isHeld = ((set.held >> n) & 1u) != 0;
            if (isHeld && !gain.isLocal()) continue;
            if (repair.touches(ground.positionsAt(isHeld ? gain.keeps : gain.box)))
                return false;  // others may be gained or lost, or in another way
        }
    }
    return true;
}

bool Resolver::isPreparedFor(const Problem& problem) const {
    return m_kept && isSameButForCells(m_kept->problem, problem) &&
           changedCells(m_kept->problem, problem).isEmpty();
}

Reached Resolver::solve(const Problem& problem, const Limits& limits) {
    m_wasMended = false;
    if (!m_kept || !isSameButForCells(m_kept->problem, problem))
        return reach::solve(problem, limits);
    const CellRect cells = changedCells(m_kept->problem, problem);
    // What is tried again and finds nothing stays in the log: now and then it begins anew.
    const bool isShort = m_kept->stepCount() <= 2 * m_kept->stepsAtFirst + 1000;
    if (cells.area() <= mostCells && isShort) {
        m_kept->cells->exchange(problem.cells);
        if (cells.isEmpty() || mend(*m_kept, cells, limits)) {
            m_wasMended = true;
            return reachedBy(m_kept->grounds, m_kept->exploration, Completion::Complete,
                             m_kept->states);
        }
        m_kept.reset();
    }
    return reach::solve(problem, limits);
}

void Resolver::prepare(const Problem& problem, const Limits& limits) {
    if (isPreparedFor(problem) || hasRides(problem) || hasTimed(problem) ||
        !Grounds::fit(problem, limits))
        return;
    Limits quarter = limits;
    quarter.maxBytes /= 4;
    auto kept = std::make_unique<Kept>(problem, quarter);
    if (!kept->exploration.start() || kept->exploration.hasMetAtOnce()) return;
    if (kept->exploration.run() != Completion::Complete) return;
    kept->stepsAtFirst = kept->stepCount();
    kept->states = kept->exploration.stateCount();
    m_kept = std::move(kept);
}

}  // namespace rook::reach
