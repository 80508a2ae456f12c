#pragma once
/// Handles of a selected entity: what they are, where they are, and what dragging one makes of it.
/// The painter and the tools read one list, so what is seen is what can be taken hold of.

#include <QCursor>
#include <optional>
#include <vector>

#include "level/project.h"

namespace rook::app {

struct CastHandle {
    enum class Sort {
        Edge,        ///< of the box; `index`: 3 by 3 places from the upper left, row by row
        TrackPoint,  ///< `index`: of the track's points
        TrackEnd,    ///< draws one more leg
        Radius,      ///< of a ring or an arc, the step of a line or a grid
        Shift,       ///< how far a line or a grid goes
        TurnMark,    ///< `index`: of the patrol's marks
        ShotEnd,     ///< where the shots of a thrower end
        FieldPoint,  ///< of a point: `field`
        PathPoint,   ///< of a path: `field`, and `index` of its points
        PathEnd,     ///< draws one more of its points
    };
    Sort sort = Sort::Edge;
    int index = 0;
    PxPoint at;
    Qt::CursorShape cursor = Qt::SizeAllCursor;
    std::string field{};
};

/// By the role of its kind: boxes of hazards, triggers, exits, doors, movers, springs, checkpoints,
/// throwers, marks and props; tracks of movers and of
/// foes that fly; turn marks of foes that walk or hang; the line of shots; the radius of
/// formations. By the fields of its kind: points and paths. What is not set yet waits beside the
/// box.
[[nodiscard]] std::vector<CastHandle> handlesOf(const level::Project& project,
                                                const level::Entity& entity);
/// The handle within `slackPx` of a px, the nearest first; none if there is none.
[[nodiscard]] std::optional<CastHandle> handleAt(const level::Project& project,
                                                 const level::Entity& entity, PxPoint px,
                                                 int slackPx);
/// The entity with that handle dragged to a px. Legs of tracks that are nearly straight along one
/// axis are so. Shots keep their pace.
[[nodiscard]] level::Entity dragged(const level::Entity& entity, const CastHandle& handle,
                                    PxPoint to);
/// The entity without the track point, turn mark or point of a path of that handle, and a point
/// given back to its kind; as it is for others.
[[nodiscard]] level::Entity withoutHandle(const level::Entity& entity, const CastHandle& handle);

}  // namespace rook::app
