#include <algorithm>
#include <cmath>
#include <map>

#include "ship/plan_detail.h"

namespace rook::ship::detail {

using level::Role;

/// From px of the level to points of the paper.
struct Plan::View {
    PxRect part;
    Area area;
    CellSize cell;

    [[nodiscard]] double scale() const { return area.width / part.width; }  ///< points a px
    [[nodiscard]] double cellWidth() const { return cell.width * scale(); }
    [[nodiscard]] Place at(double x, double y) const {
        return {area.x + (x - part.x) * scale(), area.y + (y - part.y) * scale()};
    }
    [[nodiscard]] Area of(const PxRect& r) const {
        const Place corner = at(r.x, r.y);
        return {corner.x, corner.y, r.width * scale(), r.height * scale()};
    }
    [[nodiscard]] bool sees(const PxRect& r) const { return part.overlaps(r); }
    [[nodiscard]] std::vector<Place> of(const collide::Polygon& polygon) const {
        std::vector<Place> points;
        for (const PxPoint& point : polygon)
            points.push_back(at(point.x, point.y));
        return points;
    }
    /// How fine what is drawn may be: a tenth of a cell, within reason.
    [[nodiscard]] double pen(double share) const {
        return std::clamp(cellWidth() * share, 0.18, 1.0);
    }
};

Plan::Plan(const level::Project& project, const level::Level& level, const Signs& legend)
    : m_project(project),
      m_level(level),
      m_legend(legend),
      m_shapes(collide::makeShapes(level::frameOf(level), level::LevelCells(project, level))) {}

void Plan::draw(Ink& ink, const PxRect& part, const Area& area) const {
    const View view{part, area, m_level.cellSize};
    ink.within([&] { ink.addRectangle(area); },
               [&] {
                   drawGrid(ink, view);
                   drawReach(ink, view);
                   drawOthers(ink, view);
                   drawSolids(ink, view);
                   if (showsZones) drawZones(ink, view);
                   drawCast(ink, view);
                   drawPins(ink, view);
               });
    ink.color(inkBlack);
    ink.rectangle(area, 0.6);
    drawRulers(ink, view);
}

void Plan::drawGrid(Ink& ink, const View& view) const {
    if (view.cellWidth() < 3) return;
    ink.color(inkFaint, 0.6);
    const PxRect& part = view.part;
    for (int x = part.x; x <= part.right(); x += view.cell.width)
        ink.line(view.at(x, part.y), view.at(x, part.bottom()), 0.12);
    for (int y = part.y; y <= part.bottom(); y += view.cell.height)
        ink.line(view.at(part.x, y), view.at(part.right(), y), 0.12);
}

void Plan::drawReach(Ink& ink, const View& view) const {
    if (!reach) return;
    const auto& [reached, tables] = reach->onCells();
    ink.color(inkVerdigris, 0.2);
    const CellRect cells = toCells(view.part, view.cell);
    for (int y = cells.y; y < cells.y + cells.height; ++y) {
        // Cells side by side as one.
        int from = cells.x;
        const auto flush = [&](int end) {
            if (end > from)
                ink.fillRectangle(view.of(toPx(CellRect{from, y, end - from, 1}, view.cell)));
            from = end + 1;
        };
        for (int x = cells.x; x < cells.x + cells.width; ++x)
            if (!reached.meets(toPx(CellRect{x, y, 1, 1}, view.cell), tables)) flush(x);
        flush(cells.x + cells.width);
    }
}

void Plan::drawSolids(Ink& ink, const View& view) const {
    const double apart = std::clamp(view.cellWidth() * 0.4, 1.6, 5.0);
    ink.within(
        [&] {
            for (const auto& outline : m_shapes.outlines)
                ink.addPolygon(view.of(outline.points));
        },
        [&] {
            ink.color({1, 1, 1});
            ink.fillRectangle(view.area);
            ink.color(inkBlack, 0.75);
            ink.hatch(view.area, apart, view.pen(0.03), true);
        });
    ink.color(inkBlack);
    for (const auto& outline : m_shapes.outlines)
        ink.polygon(view.of(outline.points), view.pen(0.1));
}

void Plan::drawOthers(Ink& ink, const View& view) const {
    const double step = std::max(view.cellWidth() * 0.25, 0.8);
    for (const PxRect& r : m_shapes.liquids) {
        if (!view.sees(r)) continue;
        const Area area = view.of(r);
        ink.color(inkVerdigris, 0.10);
        ink.fillRectangle(area);
        ink.color(inkVerdigris);
        ink.line({area.x, area.y}, {area.right(), area.y}, view.pen(0.1));
        for (double y = area.y + 2 * step; y < area.bottom(); y += 2.5 * step)
            for (double x = area.x + step; x + 2 * step < area.right(); x += 4 * step)
                ink.line({x, y}, {x + 2 * step, y}, view.pen(0.03));
    }
    for (const PxRect& r : m_shapes.deadly) {
        if (!view.sees(r)) continue;
        const Area area = view.of(r);
        ink.color(inkAlarm);
        ink.within([&] { ink.addRectangle(area); },
                   [&] {
                       ink.hatch(area, step * 1.4, view.pen(0.04), true);
                       ink.hatch(area, step * 1.4, view.pen(0.04), false);
                   });
        ink.rectangle(area, view.pen(0.07));
    }
    ink.color(inkBlack);
    for (const PxRect& r : m_shapes.ladders) {
        if (!view.sees(r)) continue;
        const Area area = view.of(r);
        const double rail = view.cellWidth() * 0.2;
        ink.line({area.x + rail, area.y}, {area.x + rail, area.bottom()}, view.pen(0.06));
        ink.line({area.right() - rail, area.y}, {area.right() - rail, area.bottom()},
                 view.pen(0.06));
        for (double y = area.y + step; y < area.bottom(); y += 2 * step)
            ink.line({area.x + rail, y}, {area.right() - rail, y}, view.pen(0.03));
    }
    for (const collide::OneWayTop& top : m_shapes.oneWay) {
        const Place from = view.at(top.x, top.y), to = view.at(top.x + top.width, top.y);
        const double gap = std::max(view.cellWidth() * 0.12, 0.5);
        ink.line(from, to, view.pen(0.08));
        ink.line({from.x, from.y + gap}, {to.x, to.y + gap}, view.pen(0.03));
        for (double x = from.x + step; x < to.x; x += 2 * step)
            ink.line({x, from.y + gap}, {x, from.y + 2.2 * gap}, view.pen(0.03));
    }
}

namespace {

std::string signOf(const Signs& legend, const KindId& kind) {
    const auto found = legend.find({level::Cell(), kind});
    return found == legend.end() ? "?" : found->second;
}

InkColor colorOf(Role role) {
    switch (role) {
        case Role::Foe:
        case Role::Hazard:
        case Role::Thrower:
            return inkAlarm;
        case Role::Spawn:
        case Role::Exit:
        case Role::Checkpoint:
        case Role::Entry:
            return inkVerdigris;
        case Role::Mover:
        case Role::Spring:
        case Role::Formation:
        case Role::Trigger:
            return inkPlum;
        default:
            return inkBlack;
    }
}

}  // namespace

void Plan::drawCast(Ink& ink, const View& view) const {
    for (const level::Entity& entity : m_level.entities) {
        if (!view.sees(entity.box)) continue;
        const Area box = view.of(entity.box);
        const InkColor color = colorOf(m_project.roleOf(entity));
        ink.color({1, 1, 1}, 0.85);
        ink.fillRectangle(box);
        ink.color(color);
        ink.rectangle(box, view.pen(0.06));
        const double size = std::clamp(std::min(box.width * 1.1, box.height * 0.85), 3.0, 11.0);
        ink.text({box.x + box.width / 2, box.y + box.height / 2 - size * 0.62},
                 signOf(m_legend, entity.kind), size, TextAlign::Middle, 0, true);
    }
}

void Plan::drawZones(Ink& ink, const View& view) const {
    for (const level::Zone& zone : m_level.zones) {
        const PxRect place = toPx(zone.place, view.cell);
        if (!view.sees(place)) continue;
        const Area area = view.of(place);
        ink.color(inkPlum);
        ink.rectangle(area, 0.9);
        const double width = ink.textWidth(zone.name, 6, true);
        ink.fillRectangle({area.x, area.y, width + 6, 9});
        ink.color({1, 1, 1});
        ink.text({area.x + 3, area.y + 0.6}, zone.name, 6, TextAlign::Left, 0, true);
    }
}

void Plan::drawPins(Ink& ink, const View& view) const {
    for (const PlanPin& pin : pins) {
        if (pin.place.isEmpty() || !view.sees(pin.place)) continue;
        const Area area = view.of(pin.place);
        // At its upper right corner, so that what is there is still to be seen.
        const Place middle{std::clamp(area.right(), view.area.x + 5, view.area.right() - 5),
                           std::clamp(area.y, view.area.y + 5, view.area.bottom() - 5)};
        ink.color(inkAlarm);
        ink.fillRectangle({middle.x - 5, middle.y - 5, 10, 10});
        ink.color({1, 1, 1});
        ink.text({middle.x, middle.y - 4.2}, std::to_string(pin.number), 7, TextAlign::Middle, 0,
                 true);
    }
}

void Plan::drawRulers(Ink& ink, const View& view) const {
    // Numbers so far apart that they can be read.
    int every = 1;
    for (const int next : {2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000})
        if (every * view.cellWidth() < 15) every = next;
    const CellRect cells = toCells(view.part, view.cell);
    ink.color(inkQuiet);
    const auto tickOf = [&](int cell) { return cell % every == 0 ? 5.0 : 2.5; };
    const int small = std::max(1, every / 5);
    for (int x = cells.x; x < cells.x + cells.width; ++x) {
        if (x % small != 0) continue;
        const double at = view.at(x * view.cell.width, 0).x;
        ink.line({at, view.area.y}, {at, view.area.y - tickOf(x)}, 0.3);
        if (x % every == 0) ink.text({at + 1.5, view.area.y - 10}, std::to_string(x), 6);
    }
    for (int y = cells.y; y < cells.y + cells.height; ++y) {
        if (y % small != 0) continue;
        const double at = view.at(0, y * view.cell.height).y;
        ink.line({view.area.x, at}, {view.area.x - tickOf(y), at}, 0.3);
        if (y % every == 0)
            ink.text({view.area.x - 3, at + 0.5}, std::to_string(y), 6, TextAlign::Right);
    }
}

std::vector<CastRow> castRowsOf(const level::Project& project, const level::Level& level,
                                const Signs& legend) {
    std::map<std::string, int> counts;
    for (const level::Entity& entity : level.entities)
        ++counts[entity.kind.text];
    std::vector<CastRow> rows;
    for (const level::Kind& kind : project.kinds)
        if (const auto found = counts.find(kind.id.text); found != counts.end())
            rows.push_back({signOf(legend, kind.id), kind.title, found->second});
    return rows;
}

std::string sizeWords(const level::Level& level) {
    return std::string(level::nameOf(level.kind)) + ", " + std::to_string(level.cells.width()) +
           " x " + std::to_string(level.cells.height()) + " cells of " +
           std::to_string(level.cellSize.width) + " x " + std::to_string(level.cellSize.height) +
           " px";
}

void drawTitleBlock(Ink& ink, const Area& area, const TitleBlock& block) {
    ink.color(inkBlack);
    ink.rectangle(area, 0.8);
    const double half = area.y + area.height / 2;
    ink.line({area.x, half}, {area.right(), half}, 0.4);
    const double page = block.page.empty() ? 0 : 46;
    if (page > 0) ink.line({area.right() - page, area.y}, {area.right() - page, half}, 0.4);
    ink.text({area.x + 5, area.y + 2.5}, block.level, 9, TextAlign::Left, area.width - page - 10,
             true);
    if (page > 0)
        ink.text({area.right() - page / 2, area.y + 3.5}, block.page, 7.5, TextAlign::Middle);
    ink.color(inkQuiet);
    ink.text({area.x + 5, half + 4}, block.project + "  ·  " + block.line, 7, TextAlign::Left,
             area.width - 10);
}

}  // namespace rook::ship::detail
