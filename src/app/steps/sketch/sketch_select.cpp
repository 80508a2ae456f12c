#include <QLocale>
#include <cmath>

#include "app/painting/sketch_painter.h"
#include "app/painting/underlay.h"
#include "app/steps/sketch/sketch_options.h"
#include "app/steps/sketch/sketch_tools.h"
#include "app/ui/words.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

using level::Mark;
using level::MarkId;

enum class PickState { Resting, Framing, Moving, MovingPoint, MovingUnderlay, Measuring };

/// Of the storey that is worked on; null if it has none.
const level::Underlay* underlayOf(const ToolInput& input) {
    return input.level->sketch.underlayOn(input.storey);
}

/// Selects and moves marks and their points, and the underlay.
class SketchSelect final : public Tool {
public:
    ToolOutcome press(const ToolInput& input) override {
        ToolOutcome outcome;
        m_start = input.px;
        m_hasMoved = false;
        if (input.isErasing) {
            outcome.selection = Selection{};
            return outcome;
        }
        if (input.options->of<SketchOptions>().measuresUnderlay && underlayOf(input)) {
            setState(PickState::Measuring);
            return outcome;
        }
        if (const auto point = handleAt(input)) {
            setState(PickState::MovingPoint);
            m_point = *point;
            return outcome;
        }
        const MarkId hit = markAt(input.level->sketch, input.px, input.scale);
        if (hit.number != 0) return take(input, hit);
        const level::Underlay* underlay = underlayOf(input);
        const bool isOnUnderlay = underlay && underlay->isShown && !underlay->isLocked &&
                                  placeOf(*underlay).contains(QPointF(input.px.x, input.px.y));
        if (isOnUnderlay && !input.isStraight) {
            setState(PickState::MovingUnderlay);
            outcome.selection = Selection{};
            outcome.selection->hasUnderlay = true;
            return outcome;
        }
        setState(PickState::Framing);
        return outcome;
    }
    ToolOutcome drag(const ToolInput& input) override {
        m_hasMoved = m_hasMoved ||
                     std::hypot(input.px.x - m_start.x, input.px.y - m_start.y) * input.scale > 3;
        if (m_state == PickState::Resting || !m_hasMoved) return {};
        PxPoint to = input.px;
        if (input.isStraight && m_state != PickState::Framing) to = straightPx(m_start, to);
        const int dx = to.x - m_start.x;
        const int dy = to.y - m_start.y;
        ToolOutcome outcome;
        switch (m_state) {
            case PickState::Resting:
                break;
            case PickState::Framing:
                m_preview.pxFrame = PxRect::spanning(m_start, input.px);
                break;
            case PickState::Moving:
                outcome.edit = moveMarks(*input.level, input.selection->marks, dx, dy);
                m_preview.label = tr("move %1, %2 px").arg(dx).arg(dy);
                break;
            case PickState::MovingPoint:
                outcome.edit = movePoint(input, to);
                break;
            case PickState::MovingUnderlay: {
                level::Underlay underlay = *underlayOf(input);
                underlay.corner = {underlay.corner.x + dx, underlay.corner.y + dy};
                outcome.edit = setUnderlay(*input.level, underlay, "Move the underlay");
                break;
            }
            case PickState::Measuring:
                m_end = to;
                m_preview.rulerFrom = m_start;
                m_preview.ruler = to;
                m_preview.label = tr("%1 cells now").arg(measured(input), 0, 'f', 2);
                break;
        }
        return outcome;
    }
    ToolOutcome release(const ToolInput& input) override {
        ToolOutcome outcome = drag(input);
        const PickState state = m_state;
        setState(PickState::Resting);
        if (state == PickState::Framing) outcome.selection = framed(input);
        if (state == PickState::Measuring && m_hasMoved) {
            outcome.words = WordsRequest{m_end, QLocale::c().toString(measured(input), 'g', 4),
                                         tr("How many cells apart are they?")};
            outcome.change<SketchOptions>(input,
                                          [](SketchOptions& o) { o.measuresUnderlay = false; });
            return outcome;
        }
        outcome.isDone = true;
        return outcome;
    }
    /// The answer to how far two points of the underlay are apart.
    ToolOutcome write(const ToolInput& input, const QString& text) override {
        ToolOutcome outcome;
        bool isNumber = false;
        const double cells = QLocale::c().toDouble(text.trimmed().replace(u',', u'.'), &isNumber);
        const double now = measured(input);
        if (!underlayOf(input)) return outcome;
        level::Underlay underlay = *underlayOf(input);
        const double factor = now > 0 && isNumber && cells > 0 ? cells / now : 0;
        const double scale = underlay.scale * factor;
        if (scale < 0.001 || scale > 1000) {
            outcome.error =
                Error{ErrorKind::OutOfRange,
                      "The underlay cannot be scaled by \"" + text.toStdString() + "\"",
                      "cells between the two points", "Give a number above 0, as 12 or 7.5"};
            return outcome;
        }
        // The first of the two points stays where it is.
        underlay.scale = scale;
        const auto kept = [&](int corner, int fixed) {
            return int(std::lround(fixed + (corner - fixed) * factor));
        };
        underlay.corner = {kept(underlay.corner.x, m_start.x), kept(underlay.corner.y, m_start.y)};
        outcome.edit = setUnderlay(*input.level, underlay, "Scale the underlay");
        outcome.isDone = true;
        return outcome;
    }
    void hover(const ToolInput& input) override {
        m_preview = {};
        if (input.options->of<SketchOptions>().measuresUnderlay)
            m_preview.label = tr("drag between two points of the picture");
    }
    void cancel() override { setState(PickState::Resting); }
    const ToolPreview& preview() const override { return m_preview; }

private:
    ToolOutcome take(const ToolInput& input, MarkId hit) {
        std::vector<MarkId> marks = input.selection->marks;
        const auto group = withGroups(input.level->sketch, {hit});
        const bool isThere = std::find(marks.begin(), marks.end(), hit) != marks.end();
        if (input.isStraight && isThere)
            std::erase_if(marks, [&](MarkId id) {
                return std::find(group.begin(), group.end(), id) != group.end();
            });
        else if (input.isStraight)
            marks.insert(marks.end(), group.begin(), group.end());
        else if (!isThere)
            marks = group;
        setState(PickState::Moving);
        ToolOutcome outcome;
        outcome.selection = Selection{};
        outcome.selection->marks = marks;
        return outcome;
    }
    /// The point of the one mark selected that is under the pointer.
    static std::optional<std::size_t> handleAt(const ToolInput& input) {
        if (input.selection->marks.size() != 1) return std::nullopt;
        const Mark* mark = findMark(input.level->sketch, input.selection->marks[0]);
        if (!mark || mark->shape == level::MarkShape::Label) return std::nullopt;
        const double slack = (handleRadius + 2) / input.scale;
        for (std::size_t i = 0; i < mark->points.size(); ++i) {
            const PxPoint p = mark->points[i];
            if (std::abs(p.x - input.px.x) <= slack && std::abs(p.y - input.px.y) <= slack)
                return i;
        }
        return std::nullopt;
    }
    [[nodiscard]] std::optional<level::LevelEdit> movePoint(const ToolInput& input,
                                                            PxPoint to) const {
        const Mark* mark = findMark(input.level->sketch, input.selection->marks[0]);
        if (!mark) return std::nullopt;
        Mark next = *mark;
        const bool isFree = next.shape == level::MarkShape::Free;
        const PxPoint place = isFree ? to : sketchSnapped(input, to);
        next.points.edit([&](auto& points) { points[m_point] = place; });
        return changeMarks(*input.level, {next}, "Reshape a mark");
    }
    [[nodiscard]] Selection framed(const ToolInput& input) const {
        Selection selection;
        if (!m_hasMoved) return selection;
        const PxRect frame = PxRect::spanning(m_start, input.px);
        for (const level::Leaf& leaf : input.level->sketch.leaves)
            for (const Mark& mark : leaf.marks)
                if (leaf.isShown && !leaf.isLocked && frame.contains(boundsOf(mark)))
                    selection.marks.push_back(mark.id);
        selection.marks = withGroups(input.level->sketch, std::move(selection.marks));
        return selection;
    }
    /// Cells between the two points.
    [[nodiscard]] double measured(const ToolInput& input) const {
        const CellSize cell = input.level->cellSize;
        return std::hypot(double(m_end.x - m_start.x) / cell.width,
                          double(m_end.y - m_start.y) / cell.height);
    }
    void setState(PickState state) {
        m_state = state;
        m_preview = {};
    }

    PickState m_state = PickState::Resting;
    PxPoint m_start;
    PxPoint m_end;
    std::size_t m_point = 0;
    bool m_hasMoved = false;
    ToolPreview m_preview;
};

}  // namespace

std::unique_ptr<Tool> makeSketchSelect() {
    return std::make_unique<SketchSelect>();
}

}  // namespace rook::app
