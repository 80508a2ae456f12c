#pragma once
/// Solves one level again and again while it is drawn: what an edit of a few cells cannot change is
/// kept from the time before.

#include <memory>

#include "reach/solver.h"

namespace rook::reach {

enum class Riding;

/// Threads: one at a time.
class Resolver {
public:
    Resolver();
    ~Resolver();
    Resolver(const Resolver&) = delete;
    Resolver& operator=(const Resolver&) = delete;

    /// The same as reach::solve, state for state. Where only cells of a small region changed since
    /// `prepare` or the last answer that was mended, only what that can make a difference to is
    /// found again; else the whole is solved, and another `prepare` is needed.
    [[nodiscard]] Reached solve(const Problem& problem, const Limits& limits = {},
                                Extent extent = Extent::All);
    /// As reach::addWhatMayBe, after `solve` of the same problem.
    void addWhatMayBe(const Problem& problem, const Limits& limits, Reached& reached);
    /// Makes ready for edits of that problem. Does nothing if it is, if something lasts for a time,
    /// or if it would hold more than a quarter of the limit, or three with rides. Cost: a solve,
    /// and half of one; twice that with rides.
    void prepare(const Problem& problem, const Limits& limits = {});
    [[nodiscard]] bool isPreparedFor(const Problem& problem) const;
    /// True if the last answer was mended and not made anew.
    [[nodiscard]] bool wasMended() const { return m_wasMended; }

private:
    struct Kept;
    [[nodiscard]] bool mend(Kept& kept, const CellRect& cells, const Limits& limits) const;

    [[nodiscard]] bool mendOrDrop(std::unique_ptr<Kept>& kept, const Problem& problem,
                                  const Limits& limits) const;
    [[nodiscard]] static std::unique_ptr<Kept> keep(const Problem& problem, const Limits& limits,
                                                    Riding riding);

    std::unique_ptr<Kept> m_kept;  ///< of the problem without movers, if there are some
    std::unique_ptr<Kept> m_most;  ///< with rides
    bool m_wasMended = false;
};

}  // namespace rook::reach
