#pragma once
/// Solves one level again and again while it is drawn: what an edit of a few cells cannot change is
/// kept from the time before.

#include <memory>

#include "reach/solver.h"

namespace rook::reach {

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
    [[nodiscard]] Reached solve(const Problem& problem, const Limits& limits = {});
    /// Makes ready for edits of that problem. Does nothing if it is, if there are movers to ride,
    /// or if it would hold more than a quarter of the limit. Cost: a solve, and half of one.
    void prepare(const Problem& problem, const Limits& limits = {});
    [[nodiscard]] bool isPreparedFor(const Problem& problem) const;
    /// True if the last answer was mended and not made anew.
    [[nodiscard]] bool wasMended() const { return m_wasMended; }

private:
    struct Kept;
    [[nodiscard]] bool mend(Kept& kept, const CellRect& cells, const Limits& limits) const;

    std::unique_ptr<Kept> m_kept;
    bool m_wasMended = false;
};

}  // namespace rook::reach
