#include <cmath>

#include "app/painting/sketch_painter.h"
#include "app/steps/sketch/sketch_options.h"
#include "app/steps/sketch/sketch_tools.h"
#include "app/ui/words.h"
#include "level/sketch_edits.h"

namespace rook::app {

namespace {

using level::Mark;
using level::MarkShape;

enum class WordsState { Resting, Placing, Moving };

/// Places things or labels: the board asks for their words. On one that is there: a click asks for
/// new words, a drag moves it, the right button deletes.
class WordsTool final : public Tool {
public:
    explicit WordsTool(MarkShape shape) : m_shape(shape) {}

    ToolOutcome press(const ToolInput& input) override {
        ToolOutcome outcome;
        const Mark* there = ownAt(input);
        m_start = input.px;
        if (input.isErasing) {
            if (there) outcome.edit = deleteMarks(*input.level, {there->id});
            outcome.isDone = true;
            return outcome;
        }
        if (input.isPicking) {
            if (!there) return outcome;
            outcome.change<SketchOptions>(input, [&](SketchOptions& o) { o.thing = there->text; });
            return outcome;
        }
        if (there) {
            setState(WordsState::Moving);
            m_changed = there->id;
            Selection selection;
            selection.marks = {there->id};
            outcome.selection = selection;
            return outcome;
        }
        setState(WordsState::Placing);
        m_changed = {};
        return outcome;
    }
    ToolOutcome drag(const ToolInput& input) override {
        if (m_state == WordsState::Resting || !hasMoved(input)) return {};
        if (m_state == WordsState::Moving) {
            const int dx = input.px.x - m_start.x;
            const int dy = input.px.y - m_start.y;
            return {moveMarks(*input.level, {m_changed}, dx, dy), {}, {}, {}, false};
        }
        if (m_shape != MarkShape::Thing) return {};
        const PxPoint from = sketchSnapped(input, m_start);
        const PxPoint to = sketchSnapped(input, input.px);
        m_preview.marks = {newMark(input, {from, to})};
        const CellSize cell = input.level->cellSize;
        m_preview.label = tr("%1 × %2 cells")
                              .arg(std::abs(double(to.x - from.x)) / cell.width, 0, 'g', 3)
                              .arg(std::abs(double(to.y - from.y)) / cell.height, 0, 'g', 3);
        return {};
    }
    ToolOutcome release(const ToolInput& input) override {
        ToolOutcome outcome = drag(input);
        const WordsState state = m_state;
        const bool isBox = state == WordsState::Placing && !m_preview.marks.empty() &&
                           boundsOf(m_preview.marks[0]).area() > 1;
        m_pending = isBox ? m_preview.marks[0] : newMark(input, {input.px});
        setState(WordsState::Resting);
        outcome.isDone = true;
        if (state == WordsState::Moving && !hasMoved(input)) {
            const Mark* mark = findMark(input.level->sketch, m_changed);
            if (mark) outcome.words = asked(mark->points[0], QString::fromStdString(mark->text));
        }
        if (state != WordsState::Placing) return outcome;
        if (m_shape == MarkShape::Thing && !input.options->of<SketchOptions>().thing.empty())
            addTo(outcome, placed(input, input.options->of<SketchOptions>().thing));
        else
            outcome.words = asked(m_pending.points[0], {});
        return outcome;
    }
    ToolOutcome write(const ToolInput& input, const QString& text) override {
        ToolOutcome outcome;
        const std::string words = text.trimmed().toStdString();
        outcome.isDone = true;
        if (m_changed.number == 0) {
            if (!words.empty()) addTo(outcome, placed(input, words));
            return outcome;
        }
        const Mark* mark = findMark(input.level->sketch, m_changed);
        if (!mark || mark->text == words) return outcome;
        Mark next = *mark;
        next.text = words;
        outcome.edit = words.empty() ? deleteMarks(*input.level, {m_changed})
                                     : changeMarks(*input.level, {next}, "Rewrite " + mark->text);
        return outcome;
    }
    void hover(const ToolInput& input) override {
        m_preview = {};
        if (m_shape == MarkShape::Thing && !input.options->of<SketchOptions>().thing.empty() &&
            !ownAt(input)) {
            m_preview.marks = {newMark(input, {input.px})};
            m_preview.label = QString::fromStdString(input.options->of<SketchOptions>().thing);
        }
    }
    void cancel() override { setState(WordsState::Resting); }
    const ToolPreview& preview() const override { return m_preview; }

private:
    [[nodiscard]] const Mark* ownAt(const ToolInput& input) const {
        const Mark* mark =
            findMark(input.level->sketch, markAt(input.level->sketch, input.px, input.scale));
        return mark && mark->shape == m_shape ? mark : nullptr;
    }
    [[nodiscard]] bool hasMoved(const ToolInput& input) const {
        return std::hypot(input.px.x - m_start.x, input.px.y - m_start.y) * input.scale > 4;
    }
    [[nodiscard]] Mark newMark(const ToolInput& input, std::vector<PxPoint> points) const {
        Mark mark;
        mark.shape = m_shape;
        mark.tone = input.options->of<SketchOptions>().tone;
        mark.width = input.options->of<SketchOptions>().pencilWidth;
        mark.points = std::move(points);
        return mark;
    }
    [[nodiscard]] WordsRequest asked(PxPoint at, const QString& text) const {
        return {at, text,
                m_shape == MarkShape::Thing ? tr("What is it?") : tr("What does it say?")};
    }
    [[nodiscard]] Result<level::LevelEdit> placed(const ToolInput& input,
                                                  const std::string& words) const {
        Mark mark = m_pending;
        mark.text = words;
        return addMark(*input.level, std::max(0, leafInHand(input)), mark);
    }
    void setState(WordsState state) {
        m_state = state;
        m_preview = {};
    }

    MarkShape m_shape;
    WordsState m_state = WordsState::Resting;
    level::MarkId m_changed;  ///< 0 while a new one is placed
    Mark m_pending;           ///< waits for its words
    PxPoint m_start;
    ToolPreview m_preview;
};

}  // namespace

std::unique_ptr<Tool> makeWordsTool(MarkShape shape) {
    return std::make_unique<WordsTool>(shape);
}

}  // namespace rook::app
