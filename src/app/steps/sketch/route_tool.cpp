#include <cmath>

#include "app/painting/sketch_painter.h"
#include "app/steps/sketch/sketch_options.h"
#include "app/steps/sketch/sketch_tools.h"
#include "app/ui/words.h"
#include "level/names.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

using level::Route;

enum class RouteState { Resting, Adding, MovingPoint, SlidingBead, OnLine, Bending, Framing };

/// Lays the route in hand. A click on paper goes on to there; a click on the line hangs a bead on
/// it, a drag bends it; points and beads are dragged, and the right button takes them away.
class RouteTool final : public Tool {
public:
    ToolOutcome press(const ToolInput& input) override {
        m_start = input.px;
        m_route = routeInHand(input) >= 0
                      ? input.level->sketch.routes[std::size_t(routeInHand(input))]
                      : Route();
        const auto bead = beadAt(m_route, input.px, input.scale);
        const auto point = wayPointAt(m_route, input.px, input.scale);
        if (input.isErasing) return takeAway(input, bead, point);
        if (input.options->of<SketchOptions>().drawsRegion && input.selection->bead) {
            m_index = *input.selection->bead;
            setState(RouteState::Framing);
            return drag(input);
        }
        if (bead) return chosen(RouteState::SlidingBead, *bead, {}, bead);
        if (point) return chosen(RouteState::MovingPoint, *point, point, {});
        if (const auto other = otherRouteAt(input); other && !isOnLine(input)) {
            ToolOutcome outcome;
            outcome.change<SketchOptions>(input, [&](SketchOptions& o) { o.route = *other; });
            outcome.selection = Selection{};
            return outcome;
        }
        if (isOnLine(input)) {
            setState(RouteState::OnLine);
            m_index = nearestPlace(m_route, input.px)->leg;
            return {};
        }
        setState(RouteState::Adding);
        return add(input);
    }
    ToolOutcome drag(const ToolInput& input) override {
        switch (m_state) {
            case RouteState::Resting:
                return {};
            case RouteState::Adding:
                return add(input);
            case RouteState::MovingPoint:
                return hasMoved(input) ? movePoint(input, m_route, m_index) : ToolOutcome{};
            case RouteState::SlidingBead:
                return hasMoved(input) ? slideBead(input) : ToolOutcome{};
            case RouteState::OnLine:
                if (!hasMoved(input)) return {};
                setState(RouteState::Bending);
                return drag(input);
            case RouteState::Bending:
                return movePoint(input, withWayPoint(m_route, m_index, input.px), m_index + 1);
            case RouteState::Framing:
                return frame(input, false);
        }
        return {};
    }
    ToolOutcome release(const ToolInput& input) override {
        ToolOutcome outcome = drag(input);
        if (m_state == RouteState::OnLine) outcome = hangBead(input);
        if (m_state == RouteState::Framing) outcome = frame(input, true);
        outcome.isDone = m_state != RouteState::Resting;
        setState(RouteState::Resting);
        return outcome;
    }
    void hover(const ToolInput& input) override {
        m_preview = {};
        if (input.options->of<SketchOptions>().drawsRegion)
            m_preview.label = tr("drag the bead's region");
        if (routeInHand(input) < 0) return;
        const Route& route = input.level->sketch.routes[std::size_t(routeInHand(input))];
        const auto place = nearestPlace(route, input.px);
        const bool isNear = place && place->distancePx <= 6 / input.scale;
        if (isNear && !beadAt(route, input.px, input.scale) &&
            !wayPointAt(route, input.px, input.scale))
            m_preview.label =
                tr("click: %1 · drag: bend")
                    .arg(beadName(input.options->of<SketchOptions>().beadSort).toLower());
    }
    void cancel() override { setState(RouteState::Resting); }
    const ToolPreview& preview() const override { return m_preview; }

private:
    [[nodiscard]] bool hasMoved(const ToolInput& input) const {
        return std::hypot(input.px.x - m_start.x, input.px.y - m_start.y) * input.scale > 4;
    }
    [[nodiscard]] bool isOnLine(const ToolInput& input) const {
        const auto place = nearestPlace(m_route, input.px);
        return place && place->distancePx <= 6 / input.scale;
    }
    static std::optional<int> otherRouteAt(const ToolInput& input) {
        const auto& routes = input.level->sketch.routes;
        for (std::size_t i = 0; i < routes.size(); ++i) {
            const auto place = nearestPlace(routes[i], input.px);
            if (int(i) != routeInHand(input) && place && place->distancePx <= 6 / input.scale)
                return int(i);
        }
        return std::nullopt;
    }
    ToolOutcome chosen(RouteState state, int index, std::optional<int> point,
                       std::optional<int> bead) {
        setState(state);
        m_index = index;
        ToolOutcome outcome;
        outcome.selection = Selection{};
        outcome.selection->wayPoint = point;
        outcome.selection->bead = bead;
        return outcome;
    }
    /// A point that is level with, or right above, the one before if Shift is held.
    [[nodiscard]] PxPoint placed(const ToolInput& input, const Route& route, int index) const {
        PxPoint at = sketchSnapped(input, input.px);
        if (input.isStraight && index > 0)
            at = straightPx(route.points[std::size_t(index) - 1], at);
        return at;
    }
    ToolOutcome add(const ToolInput& input) {
        ToolOutcome outcome;
        Route next = m_route;
        const int index = int(next.points.size());
        next.points.push_back(placed(input, next, index));
        const std::size_t count = input.level->sketch.routes.size();
        if (routeInHand(input) < 0) {
            next.name = count == 0 ? "Main" : "Side " + std::to_string(count);
            outcome.edit = addRoute(*input.level, next);
            outcome.change<SketchOptions>(input, [&](SketchOptions& o) { o.route = int(count); });
        } else {
            outcome.edit =
                changeRoute(*input.level, routeInHand(input), next, "Lead " + next.name + " on");
        }
        outcome.selection = Selection{};
        outcome.selection->wayPoint = index;
        m_preview.label = tr("way point %1, %2 cells")
                              .arg(index + 1)
                              .arg(lengthInCells(next, input.level->cellSize), 0, 'f', 1);
        return outcome;
    }
    ToolOutcome movePoint(const ToolInput& input, Route next, int index) {
        next.points[std::size_t(index)] = placed(input, next, index);
        ToolOutcome outcome;
        outcome.edit = changeRoute(*input.level, routeInHand(input), next, "Bend " + next.name);
        outcome.selection = Selection{};
        outcome.selection->wayPoint = index;
        m_preview.label = tr("%1 cells").arg(lengthInCells(next, input.level->cellSize), 0, 'f', 1);
        return outcome;
    }
    ToolOutcome slideBead(const ToolInput& input) {
        const auto place = nearestPlace(m_route, input.px);
        Route next = m_route;
        level::Bead bead = next.beads[std::size_t(m_index)];
        bead.leg = place->leg;
        bead.share = place->share;
        return withBead(input, std::move(next), m_index, bead, "Slide a bead");
    }
    ToolOutcome hangBead(const ToolInput& input) {
        const auto place = nearestPlace(m_route, m_start);
        level::Bead bead;
        bead.leg = place->leg;
        bead.share = place->share;
        bead.sort = input.options->of<SketchOptions>().beadSort;
        return withBead(input, m_route, -1, bead,
                        "Hang a " + std::string(nameOf(bead.sort)) + " on " + m_route.name);
    }
    /// The route with a bead put in its place in the order, instead of the one at `index` if >= 0.
    static ToolOutcome withBead(const ToolInput& input, Route next, int index,
                                const level::Bead& bead, const std::string& name) {
        if (index >= 0) next.beads.erase(next.beads.begin() + index);
        const auto after =
            std::find_if(next.beads.begin(), next.beads.end(), [&](const level::Bead& other) {
                return std::pair(bead.leg, bead.share) < std::pair(other.leg, other.share);
            });
        const int at = int(after - next.beads.begin());
        next.beads.insert(after, bead);
        ToolOutcome outcome;
        outcome.edit = changeRoute(*input.level, routeInHand(input), next, name);
        outcome.selection = Selection{};
        outcome.selection->bead = at;
        return outcome;
    }
    ToolOutcome frame(const ToolInput& input, bool isLast) {
        const CellSize cell = input.level->cellSize;
        const CellRect region = CellRect::spanning(toCell(m_start, cell), toCell(input.px, cell));
        m_preview.frame = region;
        m_preview.label = QStringLiteral("%1 × %2").arg(region.width).arg(region.height);
        if (!isLast) return {};
        Route next = m_route;
        next.beads[std::size_t(m_index)].region = region;
        ToolOutcome outcome;
        outcome.edit = changeRoute(*input.level, routeInHand(input), next,
                                   "Region of bead " + std::to_string(m_index + 1));
        outcome.change<SketchOptions>(input, [](SketchOptions& o) { o.drawsRegion = false; });
        return outcome;
    }
    ToolOutcome takeAway(const ToolInput& input, std::optional<int> bead,
                         std::optional<int> point) {
        ToolOutcome outcome;
        outcome.isDone = true;
        Route next = m_route;
        if (bead) {
            next.beads.erase(next.beads.begin() + *bead);
            outcome.edit = changeRoute(*input.level, routeInHand(input), next,
                                       "Take bead " + std::to_string(*bead + 1) + " away");
        } else if (point && next.points.size() == 1) {
            outcome.edit = removeRoute(*input.level, routeInHand(input));
        } else if (point) {
            outcome.edit =
                changeRoute(*input.level, routeInHand(input), withoutWayPoint(next, *point),
                            "Take way point " + std::to_string(*point + 1) + " away");
        }
        if (outcome.edit) outcome.selection = Selection{};
        return outcome;
    }
    void setState(RouteState state) {
        m_state = state;
        m_preview = {};
    }

    RouteState m_state = RouteState::Resting;
    Route m_route;    ///< as it was before the gesture
    int m_index = 0;  ///< the point, bead or leg that the gesture is about
    PxPoint m_start;
    ToolPreview m_preview;
};

}  // namespace

std::unique_ptr<Tool> makeRouteTool() {
    return std::make_unique<RouteTool>();
}

}  // namespace rook::app
