#include <algorithm>

#include "app/steps/kit/kit_tool_base.h"
#include "app/steps/kit/kit_tools.h"
#include "app/ui/words.h"
#include "kit/audit.h"
#include "kit/walk_graph.h"

namespace rook::app {

namespace {

using level::Side;
using level::Solid;
using level::SolidSort;

constexpr double edgePx = 6;  ///< of the widget, by which a side is taken

QString lengthOf(const Rational& modules) {
    return told(kit::lengthText(modules));
}

/// Solids by a drag; openings by a drag or a click on a wall; sides of what is selected pulled.
class SolidLaying final : public KitTool {
public:
    void point(const ToolInput& input) override {
        if (const auto side = sideUnder(input)) {
            const bool isAcross = side->second == Side::Right || side->second == Side::Left;
            m_preview.cursor = isAcross ? Qt::SizeHorCursor : Qt::SizeVerCursor;
            m_preview.label = tr("pull a side of %1").arg(told(kit::titleOf(*side->first)));
            return;
        }
        if (card(input) == SolidCard::Opening) {
            if (const auto door = doorUnder(input)) {
                showHole(input, *door);
                m_preview.label = tr("a door; drag: a hole of any size");
            } else {
                m_preview.label = tr("a wall of a room, or drag over it");
            }
            return;
        }
        const CellPoint at = input.cell;
        m_preview.solids = {solidOf(input, {at.x, at.y, at.x + 1, at.y + 1})};
        m_preview.label = tr("drag a solid; Shift: parts of a module");
    }

private:
    static SolidCard card(const ToolInput& input) { return input.options->of<KitOptions>().card; }
    /// The nearest border of a module, or of a part of one.
    static kit::ExactPoint snapped(const ToolInput& input, PxPoint px) {
        const int parts = input.isStraight ? kit::finestPart(*kitOf(input)) : 1;
        const kit::ExactPoint at = kit::inModules(*input.level, px);
        const auto snap = [&](const Rational& value) {
            return Rational((value * Rational(parts)).nearest(), parts);
        };
        return {snap(at.x), snap(at.y)};
    }
    /// What is dragged: whole modules that both ends lie in, or with Shift from part to part.
    [[nodiscard]] kit::ExactRect dragged(const ToolInput& input) const {
        const CellRect board = input.level->cells.bounds();
        if (!input.isStraight) {
            const CellRect cells = CellRect::spanning(m_start, input.cell).intersected(board);
            return {cells.x, cells.y, cells.right(), cells.bottom()};
        }
        const kit::ExactPoint a = snapped(input, m_startPx);
        const kit::ExactPoint b = snapped(input, input.px);
        const Rational part(1, kit::finestPart(*kitOf(input)));
        const kit::ExactRect all{min(a.x, b.x), min(a.y, b.y),
                                 max(max(a.x, b.x), min(a.x, b.x) + part),
                                 max(max(a.y, b.y), min(a.y, b.y) + part)};
        return all.common({board.x, board.y, board.right(), board.bottom()});
    }
    static Solid solidOf(const ToolInput& input, const kit::ExactRect& place) {
        const KitOptions& options = input.options->of<KitOptions>();
        const level::Kit& kit = *kitOf(input);
        constexpr SolidSort sorts[] = {SolidSort::Box,    SolidSort::Box,   SolidSort::Wedge,
                                       SolidSort::Stairs, SolidSort::Round, SolidSort::Box};
        Solid solid;
        solid.sort = sorts[static_cast<int>(options.card)];
        solid.x = place.left;
        solid.y = place.top;
        solid.width = place.right - place.left;
        solid.depth = place.bottom - place.top;
        solid.storey = input.storey;
        solid.base = options.base;
        solid.height = options.height.thousandths > 0 ? options.height : kit.storey;
        solid.up = options.up;
        solid.sides = options.sides;
        solid.steps = options.steps > 0 ? options.steps : kit::stepsFor(kit, solid.height);
        if (options.card == SolidCard::Room) {
            solid.wall = options.wall;
            solid.ceiling = options.ceiling;
        }
        return solid;
    }
    static QString sizeOf(const Solid& solid) {
        QString text =
            QStringLiteral("%1 × %2 × %3")
                .arg(lengthOf(solid.width), lengthOf(solid.depth), lengthOf(exact(solid.height)));
        if (solid.sort == SolidSort::Stairs) text += tr(", %1 steps").arg(solid.steps);
        return text;
    }

    // Sides of what is selected:
    static std::optional<std::pair<const Solid*, Side>> sideUnder(const ToolInput& input) {
        if (input.selection->pieces.size() != 1) return std::nullopt;
        const Solid* solid = kit::findSolid(*input.level, input.selection->pieces[0]);
        if (!solid) return std::nullopt;
        const auto px = [](const Rational& at, int cell) { return at.toDouble() * cell; };
        const CellSize cell = input.level->cellSize;
        const double slack = input.slackPx(edgePx);
        const double left = px(solid->x, cell.width);
        const double top = px(solid->y, cell.height);
        const double right = px(solid->x + solid->width, cell.width);
        const double bottom = px(solid->y + solid->depth, cell.height);
        const bool isInX = input.px.x > left - slack && input.px.x < right + slack;
        const bool isInY = input.px.y > top - slack && input.px.y < bottom + slack;
        if (!isInX || !isInY) return std::nullopt;
        if (std::abs(input.px.x - right) < slack) return std::pair(solid, Side::Right);
        if (std::abs(input.px.x - left) < slack) return std::pair(solid, Side::Left);
        if (std::abs(input.px.y - bottom) < slack) return std::pair(solid, Side::Down);
        if (std::abs(input.px.y - top) < slack) return std::pair(solid, Side::Up);
        return std::nullopt;
    }
    ToolOutcome pull(const ToolInput& input) {
        const Solid* solid = kit::findSolid(*input.level, m_pulled);
        if (!solid) return {};
        const kit::ExactPoint at = snapped(input, input.px);
        Rational by;
        switch (m_side) {
            case Side::Right:
                by = at.x - solid->x - solid->width;
                break;
            case Side::Left:
                by = solid->x - at.x;
                break;
            case Side::Down:
                by = at.y - solid->y - solid->depth;
                break;
            case Side::Up:
                by = solid->y - at.y;
                break;
        }
        const auto face = static_cast<kit::SolidFace>(m_side);
        m_preview.label = sizeOf(kit::pulledSolid(*kitOf(input), *solid, face, by));
        if (by.isZero()) return {};
        const auto edit = kit::pulled(*kitOf(input), *input.level, m_pulled, face, by);
        if (!edit) return refused(edit.error());
        return {*edit, {}, {}, {}, false};
    }

    // Openings:
    static Rational doorWidth(const ToolInput& input) {
        return {input.options->of<KitOptions>().doorParts, level::maxSolidParts};
    }
    static std::optional<kit::ExactBox> doorUnder(const ToolInput& input) {
        const level::Kit& kit = *kitOf(input);
        const kit::ExactPoint at = kit::inModules(*input.level, input.px);
        const Solid* solid = kit::solidUnder(kit, *input.level, at, input.storey);
        if (!solid || solid->sort != SolidSort::Box) return std::nullopt;
        return kit::doorIn(kit, *solid, kit::nearestSide(kit, *solid, at), at, doorWidth(input),
                           input.options->of<KitOptions>().door);
    }
    [[nodiscard]] kit::ExactBox holeOf(const ToolInput& input) const {
        const KitOptions& options = input.options->of<KitOptions>();
        const level::Kit& kit = *kitOf(input);
        const Rational from = exact(kit.storey) * Rational(input.storey) + exact(options.base);
        return {dragged(input), from, from + exact(options.door)};
    }
    void showHole(const ToolInput& input, const kit::ExactBox& hole) {
        Solid shown;
        shown.x = hole.place.left;
        shown.y = hole.place.top;
        shown.width = hole.place.right - hole.place.left;
        shown.depth = hole.place.bottom - hole.place.top;
        shown.storey = input.storey;
        const Rational base = hole.from - exact(kitOf(input)->storey) * Rational(input.storey);
        shown.base = {(base * Rational(1000)).nearest()};
        shown.height = {((hole.to - hole.from) * Rational(1000)).nearest()};
        m_preview.solids = {shown};
        m_preview.isErasing = true;
    }

    ToolOutcome begin(const ToolInput& input) override {
        m_pulled = 0;
        m_hasDragged = false;
        if (const auto side = sideUnder(input)) {
            m_pulled = side->first->id;
            m_side = side->second;
        }
        return go(input);
    }
    ToolOutcome go(const ToolInput& input) override {
        m_preview = {};
        m_hasDragged = m_hasDragged || m_start != input.cell ||
                       std::abs(m_startPx.x - input.px.x) > input.slackPx(edgePx) ||
                       std::abs(m_startPx.y - input.px.y) > input.slackPx(edgePx);
        if (m_pulled != 0) return pull(input);
        if (card(input) == SolidCard::Opening) {
            const auto door = doorUnder(input);
            if (m_hasDragged)
                showHole(input, holeOf(input));
            else if (door)
                showHole(input, *door);
            return {};
        }
        const kit::ExactRect place = dragged(input);
        if (place.isEmpty()) return {};
        m_preview.solids = {solidOf(input, place)};
        m_preview.label = sizeOf(m_preview.solids[0]);
        return {};
    }
    ToolOutcome end(const ToolInput& input) override {
        const level::Kit& kit = *kitOf(input);
        if (m_pulled != 0) {
            ToolOutcome outcome = pull(input);
            outcome.isDone = outcome.edit.has_value();
            return outcome;
        }
        if (card(input) == SolidCard::Opening) {
            if (m_hasDragged) return done(kit::opened(kit, *input.level, holeOf(input)));
            const auto door = doorUnder(input);
            if (!door)
                return refused({ErrorKind::NotApplicable, "No box or room is there to be opened",
                                input.level->title, "Click a wall of a room, or drag over it"});
            return done(kit::opened(kit, *input.level, *door));
        }
        const kit::ExactRect place = dragged(input);
        if (place.isEmpty()) return {};
        const auto placed = kit::placeSolid(kit, *input.level, solidOf(input, place));
        if (!placed) return refused(placed.error());
        ToolOutcome outcome;
        outcome.edit = placed->edit;
        outcome.isDone = true;
        Selection selection;
        selection.pieces = placed->copies;
        outcome.selection = selection;
        return outcome;
    }

    int m_pulled = 0;  ///< id of the solid of which a side is pulled; 0: none
    Side m_side = Side::Right;
    bool m_hasDragged = false;
};

}  // namespace

std::unique_ptr<Tool> makeSolidLaying() {
    return std::make_unique<SolidLaying>();
}

}  // namespace rook::app
