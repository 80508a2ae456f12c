#include <algorithm>

#include "app/steps/puzzle/puzzle_options.h"
#include "app/steps/puzzle/puzzle_tools.h"
#include "puzzle/edits.h"

namespace rook::app {

using level::Counter;

namespace {

bool isFree(const ToolInput& input) {
    return input.level->puzzle.board.arrangement == level::Arrangement::Free;
}

/// The counter under the pointer, or null.
const Counter* counterUnder(const ToolInput& input) {
    if (!isFree(input)) {
        const auto at = puzzle::Geometry(input.level->puzzle.board).slotAt(input.px);
        return at ? puzzle::counterOn(*input.project, *input.level, *at) : nullptr;
    }
    const Counter* found = nullptr;
    for (const Counter& counter : input.level->puzzle.counters) {
        const level::Kind* kind = input.project->findKind(counter.kind);
        const PxRect box{counter.px.x, counter.px.y, kind ? kind->width : 16,
                         kind ? kind->height : 16};
        if (!counter.isParked && box.contains(input.px)) found = &counter;
    }
    return found;
}

ToolOutcome done(const Result<level::LevelEdit>& edit) {
    ToolOutcome outcome;
    addTo(outcome, edit);
    outcome.isDone = edit.has_value();
    return outcome;
}

/// Those that wait beside the board, the one in hand first.
std::vector<EntityId> parkedOf(const ToolInput& input) {
    std::vector<EntityId> parked;
    for (const Counter& counter : input.level->puzzle.counters)
        if (counter.isParked) parked.push_back(counter.id);
    const auto inHand =
        std::find(parked.begin(), parked.end(), input.options->of<CounterOptions>().counter);
    if (inHand != parked.end()) std::rotate(parked.begin(), inHand, inHand + 1);
    return parked;
}

/// What both tools do with a counter that is there: drag it, take it off by the right button.
class CounterTool : public Tool {
public:
    ToolOutcome press(const ToolInput& input) override {
        m_isPressed = true;
        m_from = input.px;
        const Counter* under = counterUnder(input);
        m_dragged = {};
        if (input.isErasing) {
            m_isPressed = false;
            if (!under) return {};
            return done(puzzle::removeCounters(*input.level, {under->id}));
        }
        if (under && input.isPicking) {
            m_isPressed = false;
            ToolOutcome outcome;
            outcome.change<CounterOptions>(input, [&](CounterOptions& o) { o.kind = under->kind; });
            return outcome;
        }
        if (!under) return begin(input);
        m_dragged = under->id;
        ToolOutcome outcome;
        outcome.selection = *input.selection;
        auto& chosen = outcome.selection->counters;
        const auto known = std::find(chosen.begin(), chosen.end(), under->id);
        if (input.isStraight && known != chosen.end())
            chosen.erase(known);
        else if (input.isStraight)
            chosen.push_back(under->id);
        else if (known == chosen.end())
            chosen = {under->id};
        m_moved = chosen;
        return outcome;
    }
    ToolOutcome drag(const ToolInput& input) override {
        if (!m_isPressed) return {};
        if (!m_dragged.isEmpty()) return move(input, false);
        return go(input);
    }
    ToolOutcome release(const ToolInput& input) override {
        if (!std::exchange(m_isPressed, false)) return {};
        ToolOutcome outcome = !m_dragged.isEmpty() ? move(input, true) : end(input);
        m_preview = {};
        m_dragged = {};
        return outcome;
    }
    void hover(const ToolInput& input) override {
        m_preview = {};
        point(input);
    }
    void cancel() override {
        m_isPressed = false;
        m_dragged = {};
        m_preview = {};
    }
    const ToolPreview& preview() const override { return m_preview; }

protected:
    virtual ToolOutcome begin(const ToolInput& input) = 0;
    virtual ToolOutcome go(const ToolInput& input) = 0;
    virtual ToolOutcome end(const ToolInput& input) = 0;
    virtual void point(const ToolInput&) {}
    PxPoint m_from;
    ToolPreview m_preview;

private:
    /// Several keep their places to each other, on square boards.
    ToolOutcome move(const ToolInput& input, bool isLast) {
        ToolOutcome outcome;
        if (isFree(input)) {
            const Counter* counter = puzzle::findCounter(input.level->puzzle, m_dragged);
            if (!counter || input.px == m_from) return outcome;
            addTo(outcome, puzzle::moveCounterTo(*input.level, m_dragged,
                                                 {counter->px.x + input.px.x - m_from.x,
                                                  counter->px.y + input.px.y - m_from.y}));
            outcome.isDone = isLast && outcome.edit;
            return outcome;
        }
        const puzzle::Geometry geometry(input.level->puzzle.board);
        const auto from = geometry.slotAt(m_from), to = geometry.slotAt(input.px);
        m_preview = {};
        if (!to && isLast) return done(puzzle::parkCounters(*input.level, m_moved));
        if (!from || !to || *from == *to) return outcome;
        m_preview.slotList = {*to};
        const CellPoint by{to->x - from->x, to->y - from->y};
        const bool isSquare = input.level->puzzle.board.arrangement == level::Arrangement::Square;
        const Counter* one = puzzle::findCounter(input.level->puzzle, m_dragged);
        if (m_moved.size() > 1 && !isSquare) {
            if (isLast)
                outcome.error = Error{ErrorKind::NotApplicable,
                                      "Several counters are moved together on square boards alone",
                                      input.level->title, "Move one after the other"};
            return outcome;
        }
        const Result<level::LevelEdit> edit =
            m_moved.size() > 1
                ? puzzle::moveCounters(*input.project, *input.level, m_moved, by)
                : puzzle::moveCounter(
                      *input.project, *input.level, m_dragged,
                      isSquare && one ? CellPoint{one->at.x + by.x, one->at.y + by.y} : *to);
        if (edit) {
            outcome.edit = *edit;
            outcome.isDone = isLast;
        } else {
            m_preview.isRefused = true;
            if (isLast) outcome.error = edit.error();
        }
        return outcome;
    }
    bool m_isPressed = false;
    EntityId m_dragged;
    std::vector<EntityId> m_moved;
};

/// A click places one, a drag a row.
class CounterPlacing final : public CounterTool {
    [[nodiscard]] static Result<level::LevelEdit> placed(const ToolInput& input,
                                                         const std::vector<CellPoint>& at) {
        if (!input.level->puzzle.roster.empty())
            return puzzle::layParked(*input.project, *input.level, parkedOf(input), at);
        return puzzle::addRow(*input.project, *input.level,
                              input.options->of<CounterOptions>().kind, at);
    }
    ToolOutcome begin(const ToolInput& input) override { return go(input); }
    ToolOutcome go(const ToolInput& input) override {
        ToolOutcome outcome;
        if (isFree(input)) return outcome;
        const auto at = slotsAlong(puzzle::Geometry(input.level->puzzle.board), m_from, input.px);
        m_preview.slotList = at;
        if (at.empty()) return outcome;
        const auto edit = placed(input, at);
        m_preview.isRefused = !edit;
        if (edit) outcome.edit = *edit;
        return outcome;
    }
    ToolOutcome end(const ToolInput& input) override {
        if (isFree(input)) return placeFree(input);
        const auto at = slotsAlong(puzzle::Geometry(input.level->puzzle.board), m_from, input.px);
        if (at.empty()) return {};
        return done(placed(input, at));
    }
    static ToolOutcome placeFree(const ToolInput& input) {
        const auto parked = parkedOf(input);
        if (!input.level->puzzle.roster.empty()) {
            if (parked.empty()) return done(placed(input, {}));
            return done(puzzle::moveCounterTo(*input.level, parked.front(), input.px));
        }
        auto added = puzzle::addCounter(*input.project, *input.level,
                                        input.options->of<CounterOptions>().kind, {});
        if (!added) return done(added);
        const EntityId id = (added->level.puzzle.counters.end() - 1)->id;
        auto moved = puzzle::moveCounterTo(added->level, id, input.px);
        if (moved) moved->name = added->name;
        return done(moved);
    }
    void point(const ToolInput& input) override {
        const puzzle::Geometry geometry(input.level->puzzle.board);
        if (const auto at = geometry.slotAt(input.px)) {
            m_preview.slotList = {*at};
            m_preview.isRefused = !counterUnder(input) && !placed(input, {*at});
        }
    }
};

class CounterSelect final : public CounterTool {
    ToolOutcome begin(const ToolInput& input) override {
        ToolOutcome outcome;
        if (!input.isStraight) outcome.selection = Selection();
        return outcome;
    }
    ToolOutcome go(const ToolInput& input) override {
        m_preview = {};
        m_preview.pxFrame = PxRect::spanning(m_from, input.px);
        ToolOutcome outcome;
        outcome.selection = Selection();
        const puzzle::Geometry geometry(input.level->puzzle.board);
        for (const Counter& counter : input.level->puzzle.counters) {
            if (counter.isParked) continue;
            const PxPoint at = isFree(input) ? counter.px : geometry.centreOf(counter.at);
            if (m_preview.pxFrame->contains(at)) outcome.selection->counters.push_back(counter.id);
        }
        return outcome;
    }
    ToolOutcome end(const ToolInput&) override { return {}; }
};

/// Drag from one counter to another: they change places.
class CounterSwap final : public Tool {
public:
    ToolOutcome press(const ToolInput& input) override {
        const Counter* under = counterUnder(input);
        m_first = under ? under->id : EntityId();
        m_from = input.px;
        return {};
    }
    ToolOutcome drag(const ToolInput& input) override {
        if (m_first.isEmpty()) return {};
        m_preview.ruler = input.px;
        m_preview.rulerFrom = m_from;
        return {};
    }
    ToolOutcome release(const ToolInput& input) override {
        m_preview = {};
        const EntityId first = std::exchange(m_first, EntityId());
        const Counter* under = counterUnder(input);
        if (first.isEmpty() || !under || under->id == first) return {};
        return done(puzzle::swapCounters(*input.project, *input.level, first, under->id));
    }
    void hover(const ToolInput& input) override {
        m_preview = {};
        if (isFree(input)) return;
        if (const auto at = puzzle::Geometry(input.level->puzzle.board).slotAt(input.px))
            m_preview.slotList = {*at};
    }
    void cancel() override {
        m_first = {};
        m_preview = {};
    }
    const ToolPreview& preview() const override { return m_preview; }

private:
    EntityId m_first;
    PxPoint m_from;
    ToolPreview m_preview;
};

}  // namespace

std::unique_ptr<Tool> makeCounterPlacing() {
    return std::make_unique<CounterPlacing>();
}
std::unique_ptr<Tool> makeCounterSelect() {
    return std::make_unique<CounterSelect>();
}
std::unique_ptr<Tool> makeCounterSwap() {
    return std::make_unique<CounterSwap>();
}

}  // namespace rook::app
