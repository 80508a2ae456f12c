/// Profiles that are swapped at will: from one set of held things to its twin.

#include "reach/exploration.h"

namespace rook::reach {

/// Who stands may swap: the tick is a stay, at whose end the other profile is in force.
void Exploration::swapFrom(const Set& set) {
    Set& twin = m_sets[indexOf(set.held ^ runtime::swappedBit)];
    twin.sweep->beginSwap();
    seedFrom(set, Layers::standing, twin, Layers::standing,
             !twin.sweep->collision().tables().fromAbove);
    wake(twin);
}

Move Exploration::swapBefore(const State& at) const {
    State before{0, Layers::standing, at.x, at.y};
    while (m_sets[before.set].held != (m_sets[at.set].held ^ runtime::swappedBit))
        ++before.set;
    return {before, {0, 0, runtime::swapButton}};
}

}  // namespace rook::reach
