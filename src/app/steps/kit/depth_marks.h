#pragma once
/// What lies over a picture in depth: open ports, things, findings, and the way that was proven.

#include <QPainter>
#include <functional>

#include "app/play/kit_walk.h"
#include "app/session/session.h"
#include "app/steps/kit/depth_picture.h"
#include "app/tools/tool.h"

namespace rook::app {

class DepthMarks {
public:
    explicit DepthMarks(Session& session) : m_session(session) {}
    /// While one walks: things that are not there now (null: all are), and what goes, where it is.
    struct Beside {
        std::function<bool(const level::Entity&)> isLeftOut;
        std::vector<KitWalk::Going> going;
    };
    /// Over that picture, which must be of the level on the board. What something stands before is
    /// faint. Cost: the marks in sight, each with a ray.
    void paint(QPainter& painter, const DepthPicture& picture, const kit::DepthLook& look,
               const ToolPreview& preview, const Beside& beside);

    /// The thing whose plate was painted last at that place of the widget; empty if there is none.
    [[nodiscard]] EntityId thingAt(QPointF widget) const;

private:
    struct Sight {
        const DepthPicture& picture;
        kit::DepthLook look;
        const level::Kit& kit;
        kit::PictureSize size;
    };
    /// Where a place is in the widget, and whether nothing stands before it.
    struct Seen {
        QPointF at;
        bool isFree = true;
    };
    [[nodiscard]] std::optional<Seen> seen(const Sight& sight, const kit::Point3& place) const;
    void paintPorts(QPainter& painter, const Sight& sight, const ToolPreview& preview);
    struct Thing {
        EntityId id;
        PxRect box;
        int storey = 0;
        level::Role role = level::Role::Prop;
        level::Facing facing = level::Facing::Right;
    };
    void paintThings(QPainter& painter, const Sight& sight, const Beside& beside);
    void paintThing(QPainter& painter, const Sight& sight, const Thing& thing);
    void paintDeck(QPainter& painter, const Sight& sight, const Thing& thing);
    void paintFindings(QPainter& painter, const Sight& sight);
    void paintWay(QPainter& painter, const Sight& sight);

    Session& m_session;
    mutable int m_raysLeft = 0;
    std::vector<std::pair<QRectF, EntityId>> m_plates;  ///< as they were painted
};

}  // namespace rook::app
