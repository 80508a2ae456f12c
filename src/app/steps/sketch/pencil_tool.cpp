#include <cmath>

#include "app/steps/sketch/sketch_options.h"
#include "app/steps/sketch/sketch_tools.h"
#include "app/ui/words.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

using level::Mark;
using level::MarkShape;

/// A stroke is nowhere further than this from where the pointer went, level px.
constexpr double tolerancePx = 1.0;
constexpr std::size_t blockPoints = 256;

/// Takes the points of a stroke as they come and keeps few of them: each full block is simplified
/// by itself, so that the cost of a point does not grow with the stroke.
class StrokePoints {
public:
    void begin(PxPoint p) {
        m_kept.clear();
        m_open = {p};
    }
    void add(PxPoint p) {
        if (m_open.back() == p) return;
        m_open.push_back(p);
        if (m_open.size() >= blockPoints) closeBlock();
    }
    /// All points so far, the last block simplified too.
    [[nodiscard]] std::vector<PxPoint> points() const {
        std::vector<PxPoint> all = m_kept;
        const auto rest = level::simplified(m_open, tolerancePx);
        all.insert(all.end(), rest.begin(), rest.end());
        return all;
    }

private:
    void closeBlock() {
        const auto part = level::simplified(m_open, tolerancePx);
        m_kept.insert(m_kept.end(), part.begin(), part.end() - 1);
        m_open = {part.back()};
    }
    std::vector<PxPoint> m_kept;  ///< without the first point of m_open
    std::vector<PxPoint> m_open;
};

enum class PencilState { Resting, Drawing, Erasing };

/// Draws strokes, lines, boxes and outlines; the right button, or the eraser, cuts strokes.
class Pencil final : public Tool {
public:
    ToolOutcome press(const ToolInput& input) override {
        if (input.isErasing || input.options->of<SketchOptions>().pencilErases) {
            setState(PencilState::Erasing);
            m_erased = *input.level;
            m_last = input.px;
            return erase(input);
        }
        setState(PencilState::Drawing);
        m_start = sketchSnapped(input, input.px);
        m_stroke.begin(input.px);
        return {};
    }
    ToolOutcome drag(const ToolInput& input) override {
        switch (m_state) {
            case PencilState::Resting:
                return {};
            case PencilState::Erasing:
                return erase(input);
            case PencilState::Drawing:
                extend(input);
                return {};
        }
        return {};
    }
    ToolOutcome release(const ToolInput& input) override {
        ToolOutcome outcome = drag(input);
        outcome.isDone = true;
        if (m_state == PencilState::Drawing) {
            const auto [fewest, most] = level::pointRange(m_mark.shape);
            const bool isEmpty = m_mark.points.size() < fewest || boundsOf(m_mark).area() <= 1;
            if (!isEmpty)
                addTo(outcome, addMark(*input.level, std::max(0, leafInHand(input)), m_mark));
        }
        setState(PencilState::Resting);
        return outcome;
    }
    void hover(const ToolInput& input) override {
        m_preview = {};
        if (input.options->of<SketchOptions>().pencilErases) m_preview.eraserPx = eraserPx(input);
    }
    void cancel() override { setState(PencilState::Resting); }
    const ToolPreview& preview() const override { return m_preview; }

private:
    static int eraserPx(const ToolInput& input) { return input.slackPx(9); }

    void extend(const ToolInput& input) {
        m_mark = {};
        m_mark.shape = input.options->of<SketchOptions>().pencilShape;
        m_mark.tone = input.options->of<SketchOptions>().tone;
        m_mark.width = input.options->of<SketchOptions>().pencilWidth;
        PxPoint end = sketchSnapped(input, input.px);
        switch (m_mark.shape) {
            case MarkShape::Line:
                if (input.isStraight) end = straightPx(m_start, end);
                m_mark.points = std::vector<PxPoint>{m_start, end};
                break;
            case MarkShape::Box: {
                if (input.isStraight) {
                    const int side =
                        std::max(std::abs(end.x - m_start.x), std::abs(end.y - m_start.y));
                    end = {m_start.x + (end.x < m_start.x ? -side : side),
                           m_start.y + (end.y < m_start.y ? -side : side)};
                }
                m_mark.points = std::vector<PxPoint>{m_start, end};
                m_mark.isRoom = input.options->of<SketchOptions>().drawsRooms;
                break;
            }
            case MarkShape::Free:
            case MarkShape::Outline:
            case MarkShape::Label:
            case MarkShape::Thing:
                m_stroke.add(input.px);
                m_mark.points = m_stroke.points();
                m_mark.isRoom = input.options->of<SketchOptions>().drawsRooms &&
                                m_mark.shape == MarkShape::Outline;
                break;
        }
        m_preview = {};
        m_preview.marks = {m_mark};
        const PxRect bounds = boundsOf(m_mark);
        const CellSize cell = input.level->cellSize;
        m_preview.label = tr("%1 × %2 cells")
                              .arg(double(bounds.width - 1) / cell.width, 0, 'g', 3)
                              .arg(double(bounds.height - 1) / cell.height, 0, 'g', 3);
    }
    ToolOutcome erase(const ToolInput& input) {
        ToolOutcome outcome;
        const auto edit = eraseStrokes(m_erased, std::max(0, leafInHand(input)), m_last, input.px,
                                       eraserPx(input));
        m_last = input.px;
        m_preview = {};
        m_preview.eraserPx = eraserPx(input);
        if (edit && edit->level == *input.level) return outcome;
        addTo(outcome, edit);
        if (edit) m_erased = edit->level;
        return outcome;
    }
    void setState(PencilState state) {
        m_state = state;
        m_preview = {};
        m_mark = {};
    }

    PencilState m_state = PencilState::Resting;
    StrokePoints m_stroke;
    Mark m_mark;
    level::Level m_erased;  ///< what the eraser has left so far
    PxPoint m_start;
    PxPoint m_last;
    ToolPreview m_preview;
};

}  // namespace

std::unique_ptr<Tool> makePencil() {
    return std::make_unique<Pencil>();
}

PxPoint sketchSnapped(const ToolInput& input, PxPoint px) {
    if (!input.options->of<SketchOptions>().sketchSnaps) return px;
    const auto nearest = [](int value, int cell) {
        const int half = std::max(1, cell / 2);
        return floorDivide(value + half / 2, half) * half;
    };
    return {nearest(px.x, input.level->cellSize.width),
            nearest(px.y, input.level->cellSize.height)};
}

PxPoint straightPx(PxPoint from, PxPoint to) {
    const CellPoint end = level::straightEnd({from.x, from.y}, {to.x, to.y});
    return {end.x, end.y};
}

}  // namespace rook::app
