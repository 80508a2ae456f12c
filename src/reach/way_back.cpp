/// Walking back through the order of discovery: from a state to the one that it was found from, and
/// the input between them, as the stepper has it.

#include "base/assert.h"
#include "reach/exploration.h"

namespace rook::reach {

using runtime::Body;
using runtime::Input;

namespace {

bool isFoundBefore(const DiscoveryLog& log, int step, int layer, int x, int y) {
    const int found = log.stepOf(layer, y, x);
    return found >= 0 && found < step;
}

/// The button that leads from a layer with bodies into one that takes no tick; none for a hold that
/// is held already.
unsigned buttonInto(const Layer& into, const Layer& from) {
    if (into.sort != LayerSort::Air) {
        const bool holds = from.sort == LayerSort::Climbing || from.sort == LayerSort::Swimming;
        return holds ? 0u : unsigned(runtime::takeHoldButton);
    }
    if (from.sort == LayerSort::Sprung)
        return into.table % 2 == 1 ? 0u : unsigned(runtime::letGoButton);
    return runtime::jumpButton;
}

}  // namespace

bool Exploration::isRun(const CollisionMaps& collision, int y, int from, int to) const {
    // Whoever walks from there stood there, on floor or on a mover.
    const int first = from < to ? from + 1 : to;
    const int last = from < to ? to : from - 1;
    for (int x = first; x <= last; ++x) {
        const Word bit = Word{1} << (x % BitMap::wordBits);
        if ((collision.open(y)[x / BitMap::wordBits] & bit) == 0 ||
            !collision.maps().floor.test(x, y))
            return false;
    }
    return true;
}

bool Exploration::isWalk(const State& from, const Move& move) const {
    return from.layer == Layers::standing && move.input.buttons == 0 && from.set == move.state.set;
}

/// A walk along the floor, from the nearest place that was known before.
std::optional<Move> Exploration::walkBefore(const Set& set, std::size_t index, int step, int y,
                                            const State& at) const {
    const CollisionMaps& collision = set.sweep->collision();
    for (int distance = 1; distance < collision.maps().live.width(); ++distance)
        for (const int x : {at.x - distance, at.x + distance})
            if (isFoundBefore(*set.log, step, Layers::standing, x, y) &&
                isRun(collision, y, x, at.x))
                return Move{{index, Layers::standing, x, y}, {at.x - x, 0, 0}};
    return std::nullopt;
}

Move Exploration::moveBefore(const Set& set, std::size_t index, int step, const State& at,
                             int lastWish) const {
    const CollisionMaps& collision = set.sweep->collision();
    const Layers& layers = collision.layers();
    const DiscoveryLog::Row row = set.log->sourceOf(step);
    const Body wanted = bodyOf(at);
    if (row.layer == Layers::standing && at.layer == Layers::standing && at.y == row.y)
        if (const auto walk = walkBefore(set, index, step, row.y, at)) return *walk;

    const runtime::MotionTables& freely = m_mapSets.freely();
    const runtime::MotionTables& tables = runtime::tablesOf(freely, collision.profile());
    const Layer& source = layers[row.layer];
    const int farthest = std::max({1, source.dx + std::abs(source.shove),
                                   layers.gripLadder() >= 0 ? tables.climb[0] : 0,
                                   layers.gripLiquid() >= 0 ? tables.swim[0] : 0});
    // Places are tried from the one that the wish of the tick after leads from: it makes calm runs.
    std::vector<int> places;
    for (int x = at.x - farthest; x <= at.x + farthest; ++x)
        if (isFoundBefore(*set.log, step, row.layer, x, row.y)) places.push_back(x);
    std::stable_sort(places.begin(), places.end(), [&](int a, int b) {
        return std::abs(at.x - a - lastWish) < std::abs(at.x - b - lastWish);
    });
    for (const int x : places) {
        State before{index, row.layer, x, row.y};
        std::optional<unsigned> button;
        if (source.takesNoTick()) {
            before.layer = set.log->sourceOf(set.log->stepOf(row.layer, row.y, x)).layer;
            button = buttonInto(source, layers[before.layer]);
        }
        const Body body = bodyOf(before);
        for (const Input& input : inputsOf(body, freely, collision)) {
            if (button && input.buttons != *button) continue;
            Body next = body;
            runtime::step(collision, freely, next, input);
            if (isSame(next, wanted)) return {before, input};
        }
    }
    ROOK_ASSERT(false, "what is found is found by a tick of the stepper");
    return {};
}

std::vector<Move> Exploration::wayTo(const State& last) const {
    std::vector<Move> way{{last, {}}};
    int lastWish = 0;
    for (;;) {
        const State at = way.back().state;
        const Set& set = m_sets[at.set];
        const int step = set.log->stepOf(at.layer, at.y, at.x);
        Move back;
        const auto mover = step > 0 ? set.log->sourceOf(step).mover() : std::nullopt;
        // What was given to a set that had run before has a step, too.
        const auto origin = set.origins.find(keyOf(at.layer, at.x, at.y));
        if (origin != set.origins.end()) {
            back = origin->second;
        } else if (mover == DiscoveryLog::bySwap) {
            back = swapBefore(at);
        } else if (mover) {
            const auto& from = set.boarded.at(static_cast<std::size_t>(*mover));
            if (!from) return {};
            back = {*from, {}, *mover};
        } else if (step > 0) {
            back = moveBefore(set, at.set, step, at, lastWish);
        } else {
            break;
        }
        way.back().input = back.input;
        way.back().ride = back.ride;
        way.back().leg = back.leg;
        lastWish = back.input.dx;
        way.push_back({back.state, {}});
    }
    std::reverse(way.begin(), way.end());
    return way;
}

}  // namespace rook::reach
