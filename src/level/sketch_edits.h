#pragma once
/// Edits of the plan: functions from a level to a level, as in `edits.h`. Cells change only where a
/// plan is laid as matter.

#include "level/edits.h"

namespace rook::level {

/// A leaf that is locked or hidden is not drawn on, and its marks are neither changed nor erased.
/// `leaf` is its place; a sketch without leaves gets its first one.
/// Errors: NotApplicable if the leaf is locked or hidden; OutOfRange for a wrong place, or a number
/// of points that the shape does not have. All edits of marks below skip what is locked or hidden.
[[nodiscard]] Result<LevelEdit> addMark(const Level& level, int leaf, Mark mark);
/// Puts copies of marks on a leaf, moved, with fresh ids and groups. They come last there.
[[nodiscard]] Result<LevelEdit> addCopies(const Level& level, int leaf,
                                          const std::vector<Mark>& marks, int dx, int dy);
/// Replaces marks by those with their ids.
[[nodiscard]] LevelEdit changeMarks(const Level& level, const std::vector<Mark>& marks,
                                    const std::string& name);
[[nodiscard]] LevelEdit deleteMarks(const Level& level, const std::vector<MarkId>& ids);
[[nodiscard]] LevelEdit moveMarks(const Level& level, const std::vector<MarkId>& ids, int dx,
                                  int dy);
/// About the middle of all of them: left with right, or top with bottom.
[[nodiscard]] LevelEdit mirrorMarks(const Level& level, const std::vector<MarkId>& ids,
                                    bool isSideways);
/// Makes them one group, or, if they are one already, none.
[[nodiscard]] LevelEdit groupMarks(const Level& level, const std::vector<MarkId>& ids);
/// Cuts the strokes of one leaf where a round eraser passes from one point to the other. What is
/// left of a box or an outline are straight lines.
[[nodiscard]] Result<LevelEdit> eraseStrokes(const Level& level, int leaf, PxPoint from, PxPoint to,
                                             int radiusPx);

[[nodiscard]] LevelEdit addLeaf(const Level& level, const std::string& name);
[[nodiscard]] LevelEdit removeLeaf(const Level& level, int leaf);
[[nodiscard]] LevelEdit moveLeaf(const Level& level, int leaf, int by);
/// Name, opacity, shown and locked of `value`; the marks stay.
[[nodiscard]] LevelEdit changeLeaf(const Level& level, int leaf, const Leaf& value,
                                   const std::string& name);

/// Adds a route, or replaces the one at that place; its beads are put in order.
[[nodiscard]] LevelEdit addRoute(const Level& level, Route route);
[[nodiscard]] LevelEdit changeRoute(const Level& level, int index, Route route,
                                    const std::string& name);
[[nodiscard]] LevelEdit removeRoute(const Level& level, int index);
/// The route with a way point put in after `leg`, or taken out; beads stay as near as they can to
/// where they were. Requires: the place exists.
[[nodiscard]] Route withWayPoint(const Route& route, int leg, PxPoint point);
[[nodiscard]] Route withoutWayPoint(const Route& route, int index);

/// Puts a picture under its storey, in the place of what lay there.
[[nodiscard]] LevelEdit setUnderlay(const Level& level, const Underlay& underlay,
                                    const std::string& name);
/// Takes the picture of that storey away.
[[nodiscard]] LevelEdit removeUnderlay(const Level& level, int storey);

/// Lays what marks outline (see `cellsOf`) as matter.
/// Errors: NotApplicable if they cover no cell of the level.
[[nodiscard]] Result<LevelEdit> layMarks(const Project& project, const Level& level,
                                         const std::vector<MarkId>& ids, Cell cell);
/// Puts the spawn at a route's start and an exit at its end, each standing on the lower border of
/// that cell: those that are there are moved (the exit only if it is the only one), else they are
/// placed, of the first kind with that role.
/// Errors: NotApplicable without such kinds or with fewer than two points; OutOfRange outside.
[[nodiscard]] Result<LevelEdit> layRouteEnds(const Project& project, const Level& level, int route);

}  // namespace rook::level
