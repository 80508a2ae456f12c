#include "app/steps/cast/way_rows.h"

#include <algorithm>

#include "app/ui/number_text.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/tracks.h"

namespace rook::app {

namespace {

/// Whether a track is what the two fields can say: across, then up or down.
bool isCorner(const std::vector<PxPoint>& points) {
    if (points.size() > 2) return false;
    if (points.size() == 2) return points[0].y == 0 && points[1].x == points[0].x;
    return points.empty() || points[0].x == 0 || points[0].y == 0;
}
}  // namespace

void WayRows::addTrack() {
    const auto last = [](const level::RoleData& d) {
        return d.track.points.empty() ? PxPoint{} : d.track.points.back();
    };
    const auto setLast = [last](level::RoleData& d, auto&& set) {
        PxPoint end = last(d);
        set(end);
        if (!isCorner(d.track.points)) {
            d.track.points.back() = end;
            return;
        }
        d.track.points.clear();
        if (end.x != 0) d.track.points.push_back({end.x, 0});
        if (end.y != 0) d.track.points.push_back(end);
    };
    const int far = 1 << 20;
    addWhole(
        tr("Across"), "track-x", tr("px"), -far, far, [last](const auto& d) { return last(d).x; },
        [setLast](auto& d, int value) { setLast(d, [&](PxPoint& end) { end.x = value; }); });
    addWhole(
        tr("Down"), "track-y", tr("px"), -far, far, [last](const auto& d) { return last(d).y; },
        [setLast](auto& d, int value) { setLast(d, [&](PxPoint& end) { end.y = value; }); });
}

void WayRows::addTiming() {
    const auto hasPace = [](const level::RoleData& d) { return d.track.pace.thousandths > 0; };
    showWhile(addWhole(
                  tr("There and back"), "track-period", tr("ticks"), 1, level::maxPeriodTicks,
                  [](const auto& d) { return d.track.periodTicks; },
                  [](auto& d, int value) { d.track.periodTicks = value; }),
              [hasPace](const auto& d) { return !hasPace(d); });
    addChoice(
        tr("Its time"), "track-by", {tr("by the round"), tr("by its pace")},
        [hasPace](const auto& d) { return hasPace(d) ? 1 : 0; },
        [](auto& d, int index) {
            // What it does now goes on, as nearly as it can be said the other way.
            if (index == 0)
                d.track.periodTicks =
                    int(std::min<std::int64_t>(level::periodOf(d.track), level::maxPeriodTicks));
            d.track.pace = {index == 0 ? 0 : 1000};
        });
    showWhile(addDecimal(tr("Pace"), tr("the pace"), "track-pace", tr("px/tick"), 0.1,
                         level::maxMoverPace / 1000.0,
                         [](auto& d) -> level::Decimal& { return d.track.pace; }),
              hasPace);
    addText(
        tr("Waits"), "track-waits", tr("ticks a point, with commas"),
        [](const auto& d) { return textOfNumbers(d.track.waits); },
        [](auto& d, const QString& text) { d.track.waits = numbersOf(text); })
        ->setToolTip(tr("At its own place first, then at each point; at every passing."));
    addChoice(
        tr("Goes"), "track-ease", {tr("evenly"), tr("gathering speed")},
        [](const auto& d) { return int(d.track.ease); },
        [](auto& d, int index) { d.track.ease = level::Ease(index); });
}

void WayRows::addThrower() {
    addWhole(
        tr("A shot every"), "thrower-every", tr("ticks"), 1, level::maxPeriodTicks,
        [](const auto& d) { return d.thrower.everyTicks; },
        [](auto& d, int value) {
            d.thrower.everyTicks = value;
            d.thrower.first = std::min(d.thrower.first, value - 1);
        });
    addWhole(
        tr("The first at tick"), "thrower-first", {}, 0, level::maxPeriodTicks - 1,
        [](const auto& d) { return d.thrower.first; },
        [](auto& d, int value) { d.thrower.first = value; });
    const double fast = level::maxShotPace / 1000.0;
    addDecimal(
        tr("To the right"), tr("the shot"), "shot-dx", tr("px/tick"), 0.25, fast,
        [](auto& d) -> level::Decimal& { return d.thrower.shot.dx; }, -fast);
    addDecimal(
        tr("Down"), tr("the shot"), "shot-dy", tr("px/tick"), 0.25, fast,
        [](auto& d) -> level::Decimal& { return d.thrower.shot.dy; }, -fast);
    addWhole(
        tr("It flies for"), "shot-life", tr("ticks"), 1, level::maxShotTicks,
        [](const auto& d) { return d.thrower.shot.lifeTicks; },
        [](auto& d, int value) { d.thrower.shot.lifeTicks = value; });
    addWhole(
        tr("Wide"), "shot-width", tr("px"), 1, level::maxShotPx,
        [](const auto& d) { return d.thrower.shot.width; },
        [](auto& d, int value) { d.thrower.shot.width = value; });
    addWhole(
        tr("High"), "shot-height", tr("px"), 1, level::maxShotPx,
        [](const auto& d) { return d.thrower.shot.height; },
        [](auto& d, int value) { d.thrower.shot.height = value; });
    addWide(makeWords(tr("Drag the end of its line on the board: where shots fly, and how far. "
                         "Walls, doors and the level's edge end them."),
                      this));
}

}  // namespace rook::app
