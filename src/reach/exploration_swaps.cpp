/// Profiles that are swapped at will: from one set of held things to its twin.

#include "reach/exploration.h"

namespace rook::reach {

/// Who stands may swap: the tick is a stay, at whose end the other profile is in force. Rows at a
/// time; whoever has no floor then falls.
void Exploration::swapFrom(const Set& set) {
    const CollisionMaps& from = set.sweep->collision();
    Set& twin = m_sets[indexOf(set.held ^ runtime::swappedBit)];
    const CollisionMaps& to = twin.sweep->collision();
    const bool needsFloor = !to.tables().fromAbove;
    const int words = to.maps().live.wordsPerRow();
    std::vector<Word> standing(static_cast<std::size_t>(words));
    std::vector<Word> falling(standing);
    twin.sweep->beginSwap();
    for (int y = 0; y < from.maps().live.height(); ++y) {
        const Word* known = set.sweep->known(Layers::standing, y);
        if (!known) continue;
        const Word* floor = to.maps().floor.row(y);
        Word anyFalls = 0;
        for (int i = 0; i < words; ++i) {
            const auto at = static_cast<std::size_t>(i);
            const Word bits = known[i] & to.open(y)[i];
            standing[at] = needsFloor ? bits & floor[i] : bits;
            anyFalls |= falling[at] = bits & ~standing[at];
        }
        twin.sweep->seed(Layers::standing, y, standing.data(), {0, words});
        if (anyFalls != 0) twin.sweep->seed(to.layers().fall(), y, falling.data(), {0, words});
    }
    if (!twin.sweep->isBusy()) return;
    twin.isDone = false;
    twin.nextGain = 0;
}

Move Exploration::swapBefore(const State& at) const {
    State before{0, Layers::standing, at.x, at.y};
    while (m_sets[before.set].held != (m_sets[at.set].held ^ runtime::swappedBit))
        ++before.set;
    return {before, {0, 0, runtime::swapButton}};
}

}  // namespace rook::reach
