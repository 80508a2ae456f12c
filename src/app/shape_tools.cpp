#include <QCoreApplication>

#include <algorithm>

#include "app/sketch_tools.h"
#include "level/tile_edits.h"
#include "skin/dressing.h"

namespace rook::app {

namespace {

using level::Cell;
using level::CellRegion;

enum class LayState { Resting, Laying, Picking };

using level::Form;
using level::ShapedCell;

QString withMatter(const QString& size, const ToolInput& input) {
    if (input.lessons) {
        bool isGivenBack = input.isErasing || input.options->tiles.at(0, 0).isNone();
        const int layer = input.options->skinLayer;
        if (layer >= 0 && layer < int(input.level->layers.size())) {
            const auto name = QString::fromStdString(input.level->layers[std::size_t(layer)].name);
            if (input.options->layerMatter) isGivenBack = input.isErasing;
            return isGivenBack
                       ? QCoreApplication::translate("Tools", "clear %1 of %2").arg(size, name)
                       : QCoreApplication::translate("Tools", "%1 on %2").arg(size, name);
        }
        return isGivenBack ? QCoreApplication::translate("Tools", "dress %1 anew").arg(size)
                           : QCoreApplication::translate("Tools", "%1 by hand").arg(size);
    }
    if (input.isErasing) return QCoreApplication::translate("Tools", "erase %1").arg(size);
    if (const auto& stamp = input.options->stamp) {
        const level::Block* block = input.project->findBlock(stamp->block);
        return size + QLatin1Char(' ') +
               (block ? QString::fromStdString(block->title)
                      : QCoreApplication::translate("Tools", "of the pattern"));
    }
    const auto& matter = input.project->matters[input.options->matter.index];
    return size + QLatin1Char(' ') + QString::fromStdString(matter.title).toLower();
}

/// What brush, line, box and fill have in common: a region that grows with the gesture, laid full,
/// in one form, or as slopes along the line from where it began.
class LayingTool : public Tool {
public:
    ToolOutcome press(const ToolInput& input) final {
        m_first = input.cell;
        if (input.isPicking) {
            setState(LayState::Picking);
            return drag(input);
        }
        setState(LayState::Laying);
        m_isErasing = input.isErasing;
        m_half = level::halfAt(input.px, input.level->cellSize);
        m_places.clear();
        begin(input);
        return show(input, false);
    }
    ToolOutcome drag(const ToolInput& input) final {
        if (m_state == LayState::Picking) {
            m_preview.frame =
                CellRect::spanning(m_first, input.cell).intersected(input.level->cells.bounds());
            m_preview.label =
                QCoreApplication::translate("Tools", "pick %1").arg(sizeText(*m_preview.frame));
            return {};
        }
        if (m_state != LayState::Laying) return {};
        extend(input);
        return show(input, false);
    }
    ToolOutcome release(const ToolInput& input) final {
        if (m_state == LayState::Picking) {
            setState(LayState::Resting);
            return pick(input);
        }
        if (m_state != LayState::Laying) return {};
        extend(input);
        ToolOutcome outcome = show(input, true);
        setState(LayState::Resting);
        return outcome;
    }
    void hover(const ToolInput& input) final {
        m_isErasing = false;
        m_half = level::halfAt(input.px, input.level->cellSize);
        m_first = input.cell;
        begin(input);
        describe(input, laysStamps(input) ? stampRegion(input) : m_region);
    }
    void cancel() final { setState(LayState::Resting); }
    const ToolPreview& preview() const final { return m_preview; }

protected:
    /// The region of a gesture that begins here; also what a click here would cover.
    virtual void begin(const ToolInput& input) = 0;
    virtual void extend(const ToolInput& input) = 0;
    [[nodiscard]] virtual const char* verb() const { return "Lay"; }
    [[nodiscard]] virtual QString sizeLabel() const { return sizeText(m_region.bounds()); }
    /// Lays slopes along its line, where the options want that.
    [[nodiscard]] virtual bool followsALine() const { return false; }

    CellRegion m_region;

private:
    /// A cell gives its matter, more than one a pattern.
    ToolOutcome pick(const ToolInput& input) const {
        ToolOutcome outcome;
        const CellRect rect =
            CellRect::spanning(m_first, input.cell).intersected(input.level->cells.bounds());
        if (rect.isEmpty()) return {};
        ToolOptions options = *input.options;
        if (input.lessons) {
            options.tiles = tilesIn(input, rect);
            options.tilesFrom.emplace(input.level->id, rect);
            outcome.options = options;
            return outcome;
        }
        options.stamp.reset();
        if (rect.area() > 1) {
            options.stamp =
                std::make_shared<Stamp>(Stamp{copyCells(*input.level, CellRegion(rect)), {}});
        } else {
            const Cell cell = input.level->cells.at(rect.x, rect.y);
            if (cell.isOpen()) return {};
            options.matter = cell.matter();
        }
        outcome.options = options;
        return outcome;
    }
    /// What is seen there, dressed or by hand.
    static Grid<level::Tile> tilesIn(const ToolInput& input, const CellRect& rect) {
        const skin::Dressed dressed = skin::dress(*input.lessons, *input.level, rect);
        const int layer = layerInHand(input);
        Grid<level::Tile> tiles(rect.width, rect.height);
        for (int y = 0; y < rect.height; ++y)
            for (int x = 0; x < rect.width; ++x) {
                const CellPoint at{rect.x + x, rect.y + y};
                const level::Tile tile = layer == level::onMasses
                                             ? dressed.at(at.x, at.y)
                                             : input.level->layers[std::size_t(layer)].tiles.at(
                                                   at.x, at.y, level::Tile());
                tiles.set(x, y, tile.isNone() ? level::Tile::blank() : tile);
            }
        return tiles;
    }
    static int layerInHand(const ToolInput& input) {
        const int layer = input.options->skinLayer;
        return layer < int(input.level->layers.size()) ? layer : level::onMasses;
    }
    void showTiles(const ToolInput& input, ToolOutcome& outcome) {
        const CellRegion region = withMirrors(input, m_region);
        describe(input, region);
        const Grid<level::Tile>& tiles = input.options->tiles;
        const CellRect bounds = m_region.bounds();
        const CellPoint origin = followsALine() ? m_first : CellPoint{bounds.x, bounds.y};
        const int layer = layerInHand(input);
        if (layer != level::onMasses && input.level->layers[std::size_t(layer)].isLocked) {
            outcome.error = {ErrorKind::NotApplicable, "This layer is locked",
                             input.level->layers[std::size_t(layer)].name,
                             "Unlock it in the margin"};
            return;
        }
        if (layer != level::onMasses && input.options->layerMatter && !m_isErasing) {
            outcome.edit =
                layOnLayer(*input.level, region, Cell(*input.options->layerMatter), layer);
            return;
        }
        outcome.edit = m_isErasing || tiles.at(0, 0).isNone()
                           ? clearTiles(*input.level, region, layer)
                           : setTiles(*input.level, region, tiles, origin, layer);
    }
    void describe(const ToolInput& input, const CellRegion& region) {
        m_preview.region = region.clipped(input.level->cells.bounds());
        m_preview.isErasing = m_isErasing;
        ToolInput named = input;
        named.isErasing = m_isErasing;
        m_preview.label =
            m_preview.region.isEmpty()
                ? QString()
                : withMatter(laysStamps(named) ? sizeText(region.bounds()) : sizeLabel(), named);
    }
    ToolOutcome show(const ToolInput& input, bool isDone) {
        ToolOutcome outcome;
        outcome.isDone = isDone;
        if (input.lessons) {
            showTiles(input, outcome);
            return outcome;
        }
        if (input.options->stamp && !m_isErasing) {
            showStamp(input, outcome);
            return outcome;
        }
        const bool isSlope =
            followsALine() && !m_isErasing && input.options->shaping == Shaping::Slope;
        if (isSlope) {
            showSlope(input, outcome);
            return outcome;
        }
        const CellRegion region = withMirrors(input, m_region);
        describe(input, region);
        const Form form = formOf(input);
        const level::Matter& matter = input.project->matters[input.options->matter.index];
        if (!m_isErasing && !level::canTake(matter.behaviour, form)) {
            addTo(outcome, layShaped(*input.project, *input.level, {{input.cell, form}},
                                     input.options->matter));
            return outcome;
        }
        outcome.edit = layCells(*input.project, *input.level, region,
                                m_isErasing ? Cell() : Cell(input.options->matter, form), verb());
        if (!m_isErasing && form != Form::Full) layReflections(input, form, outcome.edit->level);
        return outcome;
    }
    [[nodiscard]] bool laysStamps(const ToolInput& input) const {
        return input.options->stamp && !m_isErasing && followsALine() && !input.lessons;
    }
    /// Where a stamp lies that is laid at the pointer: its middle there, and, as one drags, beside
    /// the first without a gap.
    [[nodiscard]] CellRect stampPlace(const ToolInput& input) const {
        const CellRect size = input.options->stamp->clip.cells.bounds();
        const auto step = [](int way, int by) {
            return way >= 0 ? way / by : -((by - 1 - way) / by);
        };
        const CellPoint first{m_first.x - size.width / 2, m_first.y - size.height / 2};
        return {first.x + step(input.cell.x - first.x, size.width) * size.width,
                first.y + step(input.cell.y - first.y, size.height) * size.height, size.width,
                size.height};
    }
    [[nodiscard]] CellRegion stampRegion(const ToolInput& input) const {
        return CellRegion(stampPlace(input));
    }
    void showStamp(const ToolInput& input, ToolOutcome& outcome) {
        const Stamp& stamp = *input.options->stamp;
        if (!followsALine()) {
            const CellRect bounds = m_region.bounds();
            describe(input, m_region);
            outcome.edit = layPattern(*input.level, m_region, stamp.clip, {bounds.x, bounds.y});
            return;
        }
        const CellRect place = stampPlace(input);
        if (std::find(m_places.begin(), m_places.end(), place) == m_places.end())
            m_places.push_back(place);
        level::LevelEdit edit{*input.level, {}, {}};
        CellRegion covered;
        const level::Block* block = input.project->findBlock(stamp.block);
        for (const CellRect& each : m_places) {
            const CellPoint at{each.x, each.y};
            level::LevelEdit next = block ? layBlock(*input.project, edit.level, *block, at)
                                          : pasteCells(edit.level, stamp.clip, at);
            next.touched = next.touched.united(edit.touched);
            edit = std::move(next);
            covered = covered.united(CellRegion(each));
        }
        if (!block) edit.name = "Lay a pattern";
        describe(input, covered);
        outcome.edit = std::move(edit);
    }
    /// Gives what lies behind a mirror the form that is seen there.
    void layReflections(const ToolInput& input, Form form, level::Level& level) const {
        const CellRect bounds = input.level->cells.bounds();
        std::vector<std::pair<CellRegion, Form>> parts{{m_region, form}};
        for (const bool isSideways : {true, false}) {
            const bool isWanted =
                isSideways ? input.options->mirrorsSideways : input.options->mirrorsTopToBottom;
            const std::size_t count = isWanted ? parts.size() : 0;
            for (std::size_t i = 0; i < count; ++i)
                parts.emplace_back(mirroredRegion(parts[i].first, bounds, isSideways),
                                   level::mirrored(parts[i].second, isSideways).value_or(form));
        }
        for (const auto& [region, seen] : parts)
            level = layCells(*input.project, level, region, Cell(input.options->matter, seen), "")
                        .level;
    }
    [[nodiscard]] Form formOf(const ToolInput& input) const {
        if (input.options->shaping == Shaping::Half) return m_half;
        return input.options->shaping == Shaping::Chosen ? input.options->form : Form::Full;
    }
    void showSlope(const ToolInput& input, ToolOutcome& outcome) {
        std::vector<ShapedCell> cells;
        level::MatterId matter = input.options->matter;
        if (input.cell == m_first) {
            // A click cuts the corner of what is there, or fills the inner one.
            const auto form = cornerForm(*input.project, *input.level, input.cell);
            cells = {{input.cell, form.value_or(Form::RiseRight)}};
            const Cell there = input.level->cells.at(input.cell.x, input.cell.y, Cell());
            if (form && !there.isOpen()) matter = there.matter();
        } else {
            const auto isSolid = [&](int dy) {
                return input.project->behaviourOf(input.level->cells.at(
                           m_first.x, m_first.y + dy, Cell())) == level::Behaviour::Solid;
            };
            cells = level::slopeCells(m_first, input.cell, isSolid(-1) && !isSolid(1));
        }
        std::vector<level::CellRun> runs;
        for (const ShapedCell& each : cells)
            runs.push_back({each.cell.y, each.cell.x, 1});
        m_region = CellRegion(std::move(runs));
        describe(input, withMirrors(input, m_region));
        addMirrors(input, cells);
        addTo(outcome, layShaped(*input.project, *input.level, cells, matter));
    }
    static CellRegion withMirrors(const ToolInput& input, const CellRegion& region) {
        const CellRect bounds = input.level->cells.bounds();
        CellRegion all = region;
        if (input.options->mirrorsSideways) all = all.united(mirroredRegion(all, bounds, true));
        if (input.options->mirrorsTopToBottom) all = all.united(mirroredRegion(all, bounds, false));
        return all;
    }
    static void addMirrors(const ToolInput& input, std::vector<ShapedCell>& cells) {
        const CellRect bounds = input.level->cells.bounds();
        for (const bool isSideways : {true, false}) {
            const bool isWanted =
                isSideways ? input.options->mirrorsSideways : input.options->mirrorsTopToBottom;
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
    void setState(LayState state) {
        m_state = state;
        if (state == LayState::Resting) m_preview = {};
    }

    LayState m_state = LayState::Resting;
    std::vector<CellRect> m_places;  ///< of stamps that this gesture laid
    bool m_isErasing = false;
    Form m_half = Form::LowerHalf;
    CellPoint m_first;
    ToolPreview m_preview;
};

class Brush final : public LayingTool {
    void begin(const ToolInput& input) override {
        m_region = level::strokeRegion(input.cell, input.cell, input.options->brushSize,
                                       input.options->brushIsRound);
        m_start = m_last = input.cell;
    }
    void extend(const ToolInput& input) override {
        const CellPoint end =
            input.isStraight ? level::straightEnd(m_start, input.cell) : input.cell;
        const auto part =
            level::strokeRegion(input.isStraight ? m_start : m_last, end, input.options->brushSize,
                                input.options->brushIsRound);
        m_region = input.isStraight ? part : m_region.united(part);
        m_last = end;
    }
    bool followsALine() const override { return true; }
    CellPoint m_start;
    CellPoint m_last;
};

class Line final : public LayingTool {
    void begin(const ToolInput& input) override {
        m_start = input.cell;
        extend(input);
    }
    void extend(const ToolInput& input) override {
        const CellPoint end =
            input.isStraight ? level::straightEnd(m_start, input.cell) : input.cell;
        m_isFlight = input.options->laysStairs != input.isOther;
        m_region = m_isFlight ? level::flightRegion(m_start, input.cell, input.options->stairLength,
                                                    input.options->stairHeight)
                              : level::strokeRegion(m_start, end, input.options->brushSize,
                                                    input.options->brushIsRound);
    }
    bool followsALine() const override { return !m_isFlight; }
    CellPoint m_start;
    bool m_isFlight = false;
};

class Box final : public LayingTool {
    void begin(const ToolInput& input) override {
        m_start = input.cell;
        extend(input);
    }
    void extend(const ToolInput& input) override {
        CellPoint end = input.cell;
        if (input.isStraight) {
            const int side = std::max(std::abs(end.x - m_start.x), std::abs(end.y - m_start.y));
            end = {m_start.x + (end.x < m_start.x ? -side : side),
                   m_start.y + (end.y < m_start.y ? -side : side)};
        }
        const CellRect rect = CellRect::spanning(m_start, end);
        m_region = input.options->boxIsFilled
                       ? CellRegion(rect)
                       : level::frameRegion(rect, input.options->frameThickness);
    }
    CellPoint m_start;
};

class Fill final : public LayingTool {
    static constexpr std::int64_t previewLimit = 100000;  // cells: more would hold the pointer up

    void begin(const ToolInput& input) override {
        // Hovering inside what was found already changes nothing.
        const bool isSame = m_fillsAll == input.options->fillsAll && m_level == input.level;
        if (m_level && isSame && m_region.contains(input.cell)) return;
        m_level = input.level;
        m_fillsAll = input.options->fillsAll;
        m_isComplete = true;
        m_region = {};
        if (!input.level->cells.bounds().contains(input.cell)) return;
        if (m_fillsAll) {
            m_isComplete = input.level->cells.bounds().area() <= 10 * previewLimit;
            if (m_isComplete) m_region = allOf(input);
            return;
        }
        const auto found = level::fillRegion(input.level->cells, input.cell, previewLimit);
        m_region = found.region;
        m_isComplete = found.isComplete;
    }
    void extend(const ToolInput& input) override {
        if (m_isComplete || !input.level->cells.bounds().contains(input.cell)) return;
        m_region = m_fillsAll ? allOf(input)
                              : level::fillRegion(input.level->cells, input.cell,
                                                  input.level->cells.bounds().area())
                                    .region;
        m_isComplete = true;
    }
    static CellRegion allOf(const ToolInput& input) {
        return matterRegion(input.level->cells, input.level->cells.at(input.cell).matter());
    }
    const char* verb() const override { return "Fill"; }
    QString sizeLabel() const override {
        return QString::fromStdString(level::cellCountText(m_region.cellCount())) +
               (m_isComplete ? QString() : QStringLiteral("+"));
    }
    const level::Level* m_level = nullptr;  ///< only compared, never read
    bool m_fillsAll = false;
    bool m_isComplete = true;
};

}  // namespace

std::unique_ptr<Tool> makeShapeTool(ShapeTool tool) {
    switch (tool) {
        case ShapeTool::Brush:
            return std::make_unique<Brush>();
        case ShapeTool::Line:
            return std::make_unique<Line>();
        case ShapeTool::Box:
            return std::make_unique<Box>();
        case ShapeTool::Fill:
            return std::make_unique<Fill>();
        case ShapeTool::Select:
            return makeCellSelect();
    }
    return nullptr;
}

}  // namespace rook::app
