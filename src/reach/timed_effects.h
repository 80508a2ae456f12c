#pragma once
/// What is held for a time only: doors that shut again, abilities that wear off. Private to reach/.
///
/// Rows of bits have no clock, so there are two solves, as with movers. In one, what lasts for a
/// time may be over after any tick: it is above all that can happen, and what it does not reach is
/// out of reach. In the other a body that has begun to hold such a thing is followed tick by tick,
/// breadth first, with its time running (a *leg*), until all of it is over; there it goes back into
/// the rows. Whatever that reaches is a run. What is between the two is not decided.

#include <array>
#include <map>
#include <vector>

#include "reach/collision_maps.h"

namespace rook::reach {

enum class TimedEffects {
    InTime,   ///< followed tick by tick: all that is found is a run
    Anytime,  ///< over when it pleases: nothing that can happen is missing. Without a log
};

[[nodiscard]] inline bool hasTimed(const Problem& problem) {
    return std::any_of(problem.parts.gains.begin(), problem.parts.gains.end(),
                       [](const runtime::Gain& gain) { return gain.lastsTicks > 0; });
}
/// The gains that last for a time.
[[nodiscard]] runtime::HeldSet timedOf(const runtime::Parts& parts);

/// The problem's tables with what can be walked, climbed and swum in every tick.
[[nodiscard]] runtime::MotionTables slowlyOf(const runtime::MotionTables& tables);

/// Bodies between two ticks, told apart by all but their time.
class KnownBodies {
public:
    /// False if it was known. `x`, `y`: places of the maps.
    bool add(const CollisionMaps& collision, int layer, int x, int y);

private:
    std::map<std::pair<runtime::HeldSet, int>, BitMap> m_maps;
};

/// A few of the inputs that may make a difference: as far as possible, one px, and none.
class FewInputs {
public:
    [[nodiscard]] const std::vector<runtime::Input>& of(const CollisionMaps& collision,
                                                        const runtime::MotionTables& tables,
                                                        int layer);

private:
    std::map<std::pair<runtime::HeldSet, int>, std::vector<runtime::Input>> m_inputs;
};

}  // namespace rook::reach
