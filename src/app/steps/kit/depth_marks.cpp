#include "app/steps/kit/depth_marks.h"

#include <algorithm>

#include "app/painting/entity_painter.h"
#include "app/painting/kit_painter.h"
#include "app/panels/finding_note.h"

namespace rook::app {

namespace {

/// Boxes that rays of a painting meet, which look whether something stands before a mark.
constexpr std::size_t mostBoxes = 60'000;
constexpr double faint = 0.35;  ///< of what is hidden
constexpr double markPx = 7;

double unitsAcross(const level::Kit& kit) {
    return exact(kit.width).toDouble();
}
double unitsDown(const level::Kit& kit) {
    return exact(kit.depth).toDouble();
}
double unitsUp(const level::Kit& kit) {
    return exact(kit.storey).toDouble();
}

/// In the middle of a side of a module, a little over the height where one goes through.
kit::Point3 onEdge(const level::Kit& kit, CellPoint at, level::Side side, double height) {
    constexpr double dx[] = {1, 0.5, 0, 0.5};
    constexpr double dy[] = {0.5, 1, 0.5, 0};
    return {(at.x + dx[int(side)]) * unitsAcross(kit), (at.y + dy[int(side)]) * unitsDown(kit),
            height + 0.25};
}

}  // namespace

std::optional<DepthMarks::Seen> DepthMarks::seen(const Sight& sight,
                                                 const kit::Point3& place) const {
    if (place.z > sight.look.cut) return std::nullopt;
    const auto at = kit::projected(sight.picture.camera, sight.size, place);
    if (!at) return std::nullopt;
    Seen seen{{at->at.x, at->at.y}, true};
    if (!QRectF(-20, -20, sight.size.width + 40, sight.size.height + 40).contains(seen.at))
        return std::nullopt;
    if (m_raysLeft-- <= 0) return seen;
    const kit::Ray ray = kit::rayAt(sight.picture.camera, sight.size, at->at);
    const auto hit = sight.picture.scene->hit(sight.picture.camera, ray, sight.look);
    if (!hit) return seen;
    const auto first = kit::projected(sight.picture.camera, sight.size, hit->at);
    seen.isFree = !first || first->depth > at->depth - 0.1;
    return seen;
}

void DepthMarks::paint(QPainter& painter, const DepthPicture& picture, const kit::DepthLook& look,
                       const ToolPreview& preview, const Beside& beside) {
    const level::Level& level = *m_session.document.level();
    const level::Kit* kit = m_session.document.project().kitOf(level);
    if (!kit || !picture.scene || picture.level->id != level.id) return;
    const Sight sight{
        picture, look, *kit, {double(picture.size.width()), double(picture.size.height())}};
    m_raysLeft = int(mostBoxes / std::max(picture.scene->items().size(), mostBoxes / 300));
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const Step step = m_session.workbench.step();
    if (step == Step::Prove) paintWay(painter, sight);
    paintThings(painter, sight, beside);
    if (step == Step::Shape) paintPorts(painter, sight, preview);
    if (step == Step::Prove) paintFindings(painter, sight);
    painter.restore();
}

void DepthMarks::paintPorts(QPainter& painter, const Sight& sight, const ToolPreview& preview) {
    // A side as the eye sees it is told by its place alone: all marks look up the picture.
    for (const kit::OpenPort& open : *sight.picture.openPorts) {
        const auto at = seen(
            sight, onEdge(sight.kit, open.port.at, open.port.side, open.port.height.toDouble()));
        if (!at) continue;
        painter.setOpacity(at->isFree ? 1 : faint);
        paintPortMark(painter, at->at, level::Side::Up, markPx, std::nullopt);
    }
    painter.setOpacity(1);
    for (const kit::Contact& contact : preview.contacts) {
        const double height =
            unitsUp(sight.kit) *
            (preview.pieces.empty() ? m_session.workbench.storey() : preview.pieces[0].storey);
        if (const auto at = seen(sight, onEdge(sight.kit, contact.at, contact.side, height)))
            paintPortMark(painter, at->at, level::Side::Up, markPx * 1.4, contact.meeting);
    }
    painter.setRenderHint(QPainter::Antialiasing);
}

EntityId DepthMarks::thingAt(QPointF widget) const {
    const auto found = std::find_if(m_plates.rbegin(), m_plates.rend(), [&](const auto& plate) {
        return plate.first.contains(widget);
    });
    return found == m_plates.rend() ? EntityId() : found->second;
}

void DepthMarks::paintThings(QPainter& painter, const Sight& sight, const Beside& beside) {
    m_plates.clear();
    const level::Level& level = *m_session.document.level();
    const level::Project& project = m_session.document.project();
    for (const level::Entity& entity : level.entities)
        if (!beside.isLeftOut || !beside.isLeftOut(entity))
            paintThing(
                painter, sight,
                {entity.id, entity.box, entity.storey, project.roleOf(entity), entity.facing});
    for (const KitWalk::Going& each : beside.going)
        if (const level::Entity* entity = findEntity(level, each.id))
            paintThing(painter, sight,
                       {each.id, each.box, each.storey, project.roleOf(*entity), entity->facing});
    painter.setOpacity(1);
}

/// The floor of a mover, as it lies.
void DepthMarks::paintDeck(QPainter& painter, const Sight& sight, const Thing& thing) {
    const CellSize cell = m_session.document.level()->cellSize;
    QPolygonF floor;
    for (const auto& [x, y] : {std::pair{0, 0}, {1, 0}, {1, 1}, {0, 1}}) {
        const auto at = kit::projected(
            sight.picture.camera, sight.size,
            {double(thing.box.x + x * thing.box.width) / cell.width * unitsAcross(sight.kit),
             double(thing.box.y + y * thing.box.height) / cell.height * unitsDown(sight.kit),
             unitsUp(sight.kit) * thing.storey + 0.02});
        if (!at) return;
        floor << QPointF(at->at.x, at->at.y);
    }
    const QColor plum = currentTheme().plum;
    painter.setPen(QPen(plum, 1.6));
    painter.setBrush(QColor(plum.red(), plum.green(), plum.blue(), 90));
    painter.drawPolygon(floor);
}

/// A stem with the mark of the role, as high as the body.
void DepthMarks::paintThing(QPainter& painter, const Sight& sight, const Thing& thing) {
    const Theme& theme = currentTheme();
    const CellSize cell = m_session.document.level()->cellSize;
    const double high = exact(sight.kit.body.height).toDouble() * 0.8;
    const kit::Point3 foot{
        (thing.box.x + thing.box.width / 2.0) / cell.width * unitsAcross(sight.kit),
        (thing.box.y + thing.box.height / 2.0) / cell.height * unitsDown(sight.kit),
        unitsUp(sight.kit) * thing.storey};
    const auto top = seen(sight, {foot.x, foot.y, foot.z + high});
    const auto low =
        kit::projected(sight.picture.camera, sight.size, {foot.x, foot.y, foot.z + 0.02});
    if (!top || !low) return;
    painter.setOpacity(top->isFree ? 1 : faint);
    if (thing.role == level::Role::Mover) paintDeck(painter, sight, thing);
    painter.setPen(QPen(theme.ink, 1.4));
    painter.drawLine(top->at, QPointF(low->at.x, low->at.y));
    painter.setBrush(theme.ink);
    painter.drawEllipse(QPointF(low->at.x, low->at.y), 2.5, 1.8);
    const QRectF plate(top->at - QPointF(11, 20), QSizeF(22, 22));
    m_plates.emplace_back(plate, thing.id);
    const auto& selected = m_session.workbench.selection().entities;
    const bool isSelected = std::find(selected.begin(), selected.end(), thing.id) != selected.end();
    if (isSelected) painter.setPen(QPen(theme.plum, 3));
    painter.setBrush(theme.paper);
    painter.drawRoundedRect(plate, 3, 3);
    painter.setPen(QPen(theme.ink, 1.4));
    paintRoleMark(painter, thing.role, plate.adjusted(4, 4, -4, -4), thing.facing);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
}

void DepthMarks::paintFindings(QPainter& painter, const Sight& sight) {
    const auto known = m_session.proofs.of(m_session.document.level()->id);
    if (!known) return;
    const CellSize cell = m_session.document.level()->cellSize;
    FindingPins pins(painter);
    for (std::size_t i = 0; i < known->report.findings().size(); ++i) {
        const check::Finding& finding = known->report.findings()[i];
        if (finding.place.isEmpty()) continue;
        const auto at = seen(
            sight,
            {(finding.place.x + finding.place.width / 2.0) / cell.width * unitsAcross(sight.kit),
             (finding.place.y + finding.place.height / 2.0) / cell.height * unitsDown(sight.kit),
             unitsUp(sight.kit) * (std::max(0, finding.storey) + 0.5)});
        if (!at) continue;
        pins.paint(at->at - QPointF(0, 14), i, finding.severity);
    }
}

/// The way to the first exit, from surface to surface.
void DepthMarks::paintWay(QPainter& painter, const Sight& sight) {
    const auto known = m_session.runs.shown();
    if (!known || !known->answer.onKit()) return;
    const reach::KitAnswer& answer = *known->answer.onKit();
    std::vector<int> way;
    for (const kit::KitGoal& goal : answer.reach.goals)
        if (way.empty() && goal.role == level::Role::Exit) way = goal.way;
    const auto placeOf = [&](int patch) {
        const kit::Patch& on = answer.graph.patches()[std::size_t(patch)];
        const auto [x, y] = on.middle();
        return kit::Point3{x * unitsAcross(sight.kit), y * unitsDown(sight.kit),
                           (on.low.toDouble() + on.high.toDouble()) / 2 + 0.05};
    };
    for (std::size_t i = 0; i + 1 < way.size(); ++i) {
        const auto a = seen(sight, placeOf(way[i]));
        const auto b = seen(sight, placeOf(way[i + 1]));
        if (!a || !b) continue;
        painter.setOpacity(a->isFree || b->isFree ? 1 : faint);
        painter.setPen(QPen(currentTheme().plum, 2.4, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(a->at, b->at);
    }
    painter.setOpacity(1);
}

}  // namespace rook::app
