#include "app/steps/shape/shape_tools.h"

#include <algorithm>

#include "app/steps/shape/shape_options.h"
#include "app/tools/cell_laying.h"
#include "app/tools/cell_options.h"
#include "app/tools/cell_select.h"
#include "app/ui/words.h"
#include "level/blocks.h"

namespace rook::app {

namespace {

using level::Cell;
using level::CellRegion;
using level::Form;
using level::ShapedCell;

const CellOptions& cellOptions(const ToolInput& input) {
    return input.options->of<CellOptions>();
}
const ShapeOptions& shapeOptions(const ToolInput& input) {
    return input.options->of<ShapeOptions>();
}

/// Lays matter full, in one form, as slopes along the line from where it began, or as stamps.
class MatterInk final : public CellInk {
public:
    void begin() override { m_places.clear(); }

    Laid proposed(const ToolInput& input, const Covered& covered) override {
        if (!laysStamps(input, covered)) return {covered.region(), covered.gesture.size()};
        const CellRegion place(stampPlace(input, covered));
        return {place, sizeText(place.bounds())};
    }

    Laid lay(const ToolInput& input, const Covered& covered) override {
        if (shapeOptions(input).stamp && !covered.isErasing) return laidStamps(input, covered);
        const bool isSlope = covered.gesture.followsALine() && !covered.isErasing &&
                             shapeOptions(input).shaping == Shaping::Slope;
        if (isSlope) return laidSlope(input, covered);
        Laid laid{withMirrors(input, covered.region()), covered.gesture.size()};
        const Form form = formOf(input, covered);
        const level::MatterId inHand = cellOptions(input).matter;
        const level::Matter& matter = input.project->matters[inHand.index];
        if (!covered.isErasing && !level::canTake(matter.behaviour, form)) {
            take(laid, layShaped(*input.project, *input.level, {{input.cell, form}}, inHand));
            return laid;
        }
        laid.edit =
            layCells(*input.project, *input.level, laid.shown,
                     covered.isErasing ? Cell() : Cell(inHand, form), covered.gesture.verb());
        if (!covered.isErasing && form != Form::Full)
            layReflections(input, covered.region(), form, laid.edit->level);
        return laid;
    }

    QString label(const ToolInput& input, const QString& size, bool isErasing) const override {
        if (isErasing) return tr("erase %1").arg(size);
        if (const auto& stamp = shapeOptions(input).stamp) {
            const level::Block* block = input.project->findBlock(stamp->block);
            return size + QLatin1Char(' ') +
                   (block ? QString::fromStdString(block->title) : tr("of the pattern"));
        }
        const auto& matter = input.project->matters[cellOptions(input).matter.index];
        return size + QLatin1Char(' ') + QString::fromStdString(matter.title).toLower();
    }

    /// A cell gives its matter, more than one a pattern.
    ToolOutcome pick(const ToolInput& input, const CellRect& rect) const override {
        ToolOutcome outcome;
        std::shared_ptr<const Stamp> stamp;
        if (rect.area() > 1) {
            stamp = std::make_shared<Stamp>(Stamp{copyCells(*input.level, CellRegion(rect)), {}});
        } else {
            const Cell cell = input.level->cells.at(rect.x, rect.y);
            if (cell.isOpen()) return {};
            outcome.change<CellOptions>(input, [&](CellOptions& o) { o.matter = cell.matter(); });
        }
        outcome.change<ShapeOptions>(input, [&](ShapeOptions& o) { o.stamp = stamp; });
        return outcome;
    }

private:
    static void take(Laid& laid, const Result<level::LevelEdit>& edit) {
        if (edit)
            laid.edit = *edit;
        else
            laid.error = edit.error();
    }
    [[nodiscard]] static bool laysStamps(const ToolInput& input, const Covered& covered) {
        return shapeOptions(input).stamp && !covered.isErasing && covered.gesture.followsALine();
    }
    /// Where a stamp lies that is laid at the pointer: its middle there, and, as one drags, beside
    /// the first without a gap.
    [[nodiscard]] static CellRect stampPlace(const ToolInput& input, const Covered& covered) {
        const CellRect size = shapeOptions(input).stamp->clip.cells.bounds();
        const auto step = [](int way, int by) {
            return way >= 0 ? way / by : -((by - 1 - way) / by);
        };
        const CellPoint first{covered.first.x - size.width / 2, covered.first.y - size.height / 2};
        return {first.x + step(input.cell.x - first.x, size.width) * size.width,
                first.y + step(input.cell.y - first.y, size.height) * size.height, size.width,
                size.height};
    }
    Laid laidStamps(const ToolInput& input, const Covered& covered) {
        const Stamp& stamp = *shapeOptions(input).stamp;
        if (!covered.gesture.followsALine()) {
            const CellRect bounds = covered.region().bounds();
            Laid laid{covered.region(), covered.gesture.size()};
            laid.edit =
                layPattern(*input.level, covered.region(), stamp.clip, {bounds.x, bounds.y});
            return laid;
        }
        const CellRect place = stampPlace(input, covered);
        if (std::find(m_places.begin(), m_places.end(), place) == m_places.end())
            m_places.push_back(place);
        level::LevelEdit edit{*input.level, {}, {}};
        Laid laid;
        const level::Block* block = input.project->findBlock(stamp.block);
        for (const CellRect& each : m_places) {
            const CellPoint at{each.x, each.y};
            level::LevelEdit next = block ? layBlock(*input.project, edit.level, *block, at)
                                          : pasteCells(edit.level, stamp.clip, at);
            next.touched = next.touched.united(edit.touched);
            edit = std::move(next);
            laid.shown = laid.shown.united(CellRegion(each));
        }
        if (!block) edit.name = "Lay a pattern";
        laid.size = sizeText(laid.shown.bounds());
        laid.edit = std::move(edit);
        return laid;
    }
    /// Gives what lies behind a mirror the form that is seen there.
    static void layReflections(const ToolInput& input, const CellRegion& covered, Form form,
                               level::Level& level) {
        const CellRect bounds = input.level->cells.bounds();
        std::vector<std::pair<CellRegion, Form>> parts{{covered, form}};
        for (const bool isSideways : {true, false}) {
            const bool isWanted = isSideways ? cellOptions(input).mirrorsSideways
                                             : cellOptions(input).mirrorsTopToBottom;
            const std::size_t count = isWanted ? parts.size() : 0;
            for (std::size_t i = 0; i < count; ++i)
                parts.emplace_back(mirroredRegion(parts[i].first, bounds, isSideways),
                                   level::mirrored(parts[i].second, isSideways).value_or(form));
        }
        for (const auto& [region, seen] : parts)
            level =
                layCells(*input.project, level, region, Cell(cellOptions(input).matter, seen), "")
                    .level;
    }
    [[nodiscard]] static Form formOf(const ToolInput& input, const Covered& covered) {
        const ShapeOptions& options = shapeOptions(input);
        if (options.shaping == Shaping::Half) return covered.half;
        return options.shaping == Shaping::Chosen ? options.form : Form::Full;
    }
    static Laid laidSlope(const ToolInput& input, const Covered& covered) {
        std::vector<ShapedCell> cells;
        level::MatterId matter = cellOptions(input).matter;
        const CellPoint first = covered.first;
        if (input.cell == first) {
            // A click cuts the corner of what is there, or fills the inner one.
            const auto form = cornerForm(*input.project, *input.level, input.cell);
            cells = {{input.cell, form.value_or(Form::RiseRight)}};
            const Cell there = input.level->cells.at(input.cell.x, input.cell.y, Cell());
            if (form && !there.isOpen()) matter = there.matter();
        } else {
            const auto isSolid = [&](int dy) {
                return input.project->behaviourOf(input.level->cells.at(
                           first.x, first.y + dy, Cell())) == level::Behaviour::Solid;
            };
            cells = level::slopeCells(first, input.cell, isSolid(-1) && !isSolid(1));
        }
        std::vector<level::CellRun> runs;
        for (const ShapedCell& each : cells)
            runs.push_back({each.cell.y, each.cell.x, 1});
        const CellRegion region(std::move(runs));
        Laid laid{withMirrors(input, region), sizeText(region.bounds())};
        addMirrors(input, cells);
        take(laid, layShaped(*input.project, *input.level, cells, matter));
        return laid;
    }
    static void addMirrors(const ToolInput& input, std::vector<ShapedCell>& cells) {
        const CellRect bounds = input.level->cells.bounds();
        for (const bool isSideways : {true, false}) {
            const bool isWanted = isSideways ? cellOptions(input).mirrorsSideways
                                             : cellOptions(input).mirrorsTopToBottom;
            const std::size_t count = isWanted ? cells.size() : 0;
            for (std::size_t i = 0; i < count; ++i) {
                const ShapedCell each = cells[i];
                const auto form = level::mirrored(each.form, isSideways);
                if (!form) continue;  // a rise of 1/2 hangs nowhere
                const CellPoint at = isSideways
                                         ? CellPoint{bounds.width - 1 - each.cell.x, each.cell.y}
                                         : CellPoint{each.cell.x, bounds.height - 1 - each.cell.y};
                cells.push_back({at, *form});
            }
        }
    }

    std::vector<CellRect> m_places;  ///< of stamps that this gesture laid
};

/// A line, or a flight of stairs.
class LineOrFlight final : public CellGesture {
    void begin(const ToolInput& input) override {
        m_start = input.cell;
        m_line->begin(input);
        take(input);
    }
    void extend(const ToolInput& input) override {
        m_line->extend(input);
        take(input);
    }
    bool followsALine() const override { return !m_isFlight; }
    void take(const ToolInput& input) {
        const ShapeOptions& options = shapeOptions(input);
        m_isFlight = options.laysStairs != input.isOther;
        m_region = m_isFlight ? level::flightRegion(m_start, input.cell, options.stairLength,
                                                    options.stairHeight)
                              : m_line->region();
    }
    std::unique_ptr<CellGesture> m_line = makeLineGesture();
    CellPoint m_start;
    bool m_isFlight = false;
};

/// Moves and stretches cells of matter; a click takes a collider that is shown.
class ShapeSelect final : public CellSelect {
    bool canStretch() const override { return true; }
    std::optional<CellRegion> clicked(const ToolInput& input) const override {
        if (!input.shapes) return std::nullopt;
        const collide::CollisionShapes& shapes = *input.shapes;
        const auto cellsOf = [&](const PxRect& rect) {
            return CellRegion(toCells(rect, input.level->cellSize));
        };
        for (const auto* list : {&shapes.solids, &shapes.deadly, &shapes.ladders, &shapes.liquids})
            for (const PxRect& rect : *list)
                if (rect.contains(input.px)) return cellsOf(rect);
        // A slope lies in one cell: that of the upper left corner of its bounds.
        for (const collide::Polygon& slope : shapes.slopes) {
            PxPoint corner = slope[0];
            for (const PxPoint point : slope)
                corner = {std::min(corner.x, point.x), std::min(corner.y, point.y)};
            if (toCell(corner, input.level->cellSize) == input.cell)
                return CellRegion(CellRect{input.cell.x, input.cell.y, 1, 1});
        }
        for (const collide::OneWayTop& top : shapes.oneWay)
            if (PxRect{top.x, top.y, top.width, 1}.grown(input.slackPx(4)).contains(input.px))
                return cellsOf({top.x, top.y, top.width, 1});
        return std::nullopt;
    }
    level::LevelEdit moved(const ToolInput& input, const CellRegion& region, int dx,
                           int dy) const override {
        return moveCells(*input.level, region, dx, dy);
    }
};

}  // namespace

std::unique_ptr<Tool> makeMatterBrush() {
    return makeLayingTool(makeBrushGesture(), std::make_unique<MatterInk>());
}
std::unique_ptr<Tool> makeMatterLine() {
    return makeLayingTool(std::make_unique<LineOrFlight>(), std::make_unique<MatterInk>());
}
std::unique_ptr<Tool> makeMatterBox() {
    return makeLayingTool(makeBoxGesture(), std::make_unique<MatterInk>());
}
std::unique_ptr<Tool> makeMatterFill() {
    return makeLayingTool(makeFillGesture(), std::make_unique<MatterInk>());
}
std::unique_ptr<Tool> makeShapeSelect() {
    return std::make_unique<ShapeSelect>();
}

}  // namespace rook::app
