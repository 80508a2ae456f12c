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

/// What is reached in it is reached whatever movers do.
Problem sureOf(const Problem& problem) {
    return hasRides(problem) ? awayFromMovers(problem) : problem;
}

/// The problem with cells that can be exchanged.
Problem withCells(Problem problem, const std::shared_ptr<ExchangedCells>& cells) {
    problem.cells = cells;
    return problem;
}

}  // namespace

struct Resolver::Kept {
    Kept(const Problem& asked, const Limits& limits, Riding riding)
        : cells(std::make_shared<ExchangedCells>(asked.cells)),
          problem(withCells(asked, cells)),
          mapSets(problem),
          exploration(mapSets, limits, true, riding) {}

    std::shared_ptr<ExchangedCells> cells;
    Problem problem;
    CollisionMapSets mapSets;
    Exploration exploration;
    Limits noLimits;
    std::map<std::size_t, Probes> probes;  ///< by set
    int stepsAtFirst = 0;
    std::int64_t states = 0;

    [[nodiscard]] bool isLike(const Problem& asked) const {
        return isSameButForCells(problem, asked);
    }
    /// What is tried again and finds nothing stays in the log: now and then it begins anew.
    [[nodiscard]] bool isShort() const { return stepCount() <= 2 * stepsAtFirst + 1000; }
    /// Probes for the rides of a set, made as they are needed.
    [[nodiscard]] const Probes& probesOf(std::size_t index) {
        const Exploration::Set& set = exploration.set(index);
        Probes& list = probes[index];
        std::vector<std::size_t> ridden;
        for (const auto& [step, mover] : set.rides)
            if (std::find(ridden.begin(), ridden.end(), mover) == ridden.end())
                ridden.push_back(mover);
        while (list.size() <= ridden.size()) {
            list.push_back(std::make_unique<Sweep>(set.sweep->collision(), noLimits));
            for (std::size_t i = 0; i + 1 < list.size(); ++i)
                list.back()->beginRide(
                    static_cast<int>(ridden[i]),
                    edgesOf(set.sweep->collision(), problem.parts.movers[ridden[i]]));
        }
        return list;
    }

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
    const auto changed = kept.mapSets.patch(cells);
    if (!changed) return false;
    for (std::size_t i = 0; i < exploration.setCount(); ++i) {
        Exploration::Set& set = exploration.set(i);
        const CollisionMaps& collision = set.sweep->collision();
        const PxRect& at = changed->at(set.held);
        if (at.isEmpty()) continue;
        // The start may stand otherwise, or not at all.
        const PxPoint start = *startOf(kept.problem);
        const PxPoint first{start.x + collision.maps().left, start.y + collision.maps().top};
        if (at.grown(2).contains(first)) return false;
        if (!set.rides.empty() && exploration.mattersToRides(set, at)) return false;
        Repair repair(set, kept.probesOf(i), kept.mapSets.freely(), at);
        if (!repair.findLost() || repair.mend() != Completion::Complete) return false;
        if (!exploration.rideAgain(set)) return false;
        kept.states += repair.statesMore();
        for (std::size_t n = 0; n < collision.parts().gains.size(); ++n) {
            const runtime::Gain& gain = collision.parts().gains[n];
            const bool isHeld = ((set.held >> n) & 1u) != 0;
            if (isHeld && !gain.isLocal()) continue;
            if (repair.touches(collision.positionsAt(isHeld ? gain.keeps : gain.box)))
                return false;  // others may be gained or lost, or in another way
        }
    }
    return true;
}

bool Resolver::isPreparedFor(const Problem& problem) const {
    return m_kept && m_kept->isLike(sureOf(problem)) && (!hasRides(problem) || m_most) &&
           changedCells(m_kept->problem, problem).isEmpty();
}

/// Mends what is kept, if it is worth it; of no use any more, and gone, if that is not possible.
bool Resolver::mendOrDrop(std::unique_ptr<Kept>& kept, const Problem& problem,
                          const Limits& limits) const {
    if (!kept) return false;
    const CellRect cells = changedCells(kept->problem, problem);
    if (cells.area() > mostCells || !kept->isShort()) return false;
    kept->cells->exchange(problem.cells);
    if (cells.isEmpty() || mend(*kept, cells, limits)) return true;
    kept.reset();
    return false;
}

Reached Resolver::solve(const Problem& problem, const Limits& limits, Extent extent) {
    m_wasMended = false;
    const Problem sure = sureOf(problem);
    const bool isLike = m_kept && m_kept->isLike(sure);
    if (!isLike || !mendOrDrop(m_kept, problem, limits))
        return reach::solve(problem, limits, extent);
    Reached reached =
        reachedBy(m_kept->mapSets, m_kept->exploration, Completion::Complete, m_kept->states);
    reached.isOnlySure = hasRides(problem);
    m_wasMended = true;
    if (extent == Extent::All) addWhatMayBe(problem, limits, reached);
    return reached;
}

void Resolver::addWhatMayBe(const Problem& problem, const Limits& limits, Reached& reached) {
    if (!reached.isOnlySure) return;
    const bool isLike = m_most && m_most->isLike(problem);
    if (isLike && mendOrDrop(m_most, problem, limits)) {
        reached.isOnlySure = false;
        return addByMovers(reached, m_most->exploration);
    }
    m_wasMended = false;
    reach::addWhatMayBe(problem, limits, reached);
}

std::unique_ptr<Resolver::Kept> Resolver::keep(const Problem& problem, const Limits& limits,
                                               Riding riding) {
    auto kept = std::make_unique<Kept>(problem, limits, riding);
    if (!kept->exploration.start() || kept->exploration.hasMetAtOnce()) return nullptr;
    if (kept->exploration.run() != Completion::Complete) return nullptr;
    kept->stepsAtFirst = kept->stepCount();
    kept->states = kept->exploration.stateCount();
    return kept;
}

void Resolver::prepare(const Problem& problem, const Limits& limits) {
    const bool cannotBeMended = hasTimed(problem) || runtime::canSwap(problem.tables);
    if (isPreparedFor(problem) || cannotBeMended || !CollisionMapSets::fit(problem, limits)) return;
    Limits quarter = limits;
    quarter.maxBytes /= 4;
    Limits half = limits;
    half.maxBytes /= 2;
    const Problem sure = sureOf(problem);
    const auto isReady = [&](const std::unique_ptr<Kept>& kept, const Problem& asked) {
        return kept && kept->isLike(asked) && changedCells(kept->problem, asked).isEmpty();
    };
    if (!isReady(m_kept, sure)) m_kept = keep(sure, quarter, Riding::No);
    if (!hasRides(problem) || !m_kept)
        m_most.reset();
    else if (!isReady(m_most, problem))
        m_most = keep(problem, half, Riding::Yes);
}

}  // namespace rook::reach
