#include <algorithm>
#include <cmath>
#include <set>

#include "app/steps/puzzle/puzzle_options.h"
#include "app/steps/puzzle/puzzle_tools.h"
#include "app/ui/words.h"
#include "puzzle/edits.h"

namespace rook::app {

using level::Slot;
using level::SlotState;

std::vector<CellPoint> slotsAlong(const puzzle::Geometry& geometry, PxPoint from, PxPoint to) {
    std::vector<CellPoint> found;
    const double dx = to.x - from.x, dy = to.y - from.y;
    const int steps = std::max(1, int(std::hypot(dx, dy) / 2));
    for (int i = 0; i <= steps; ++i) {
        const auto at = geometry.slotAt(
            {from.x + int(std::lround(dx * i / steps)), from.y + int(std::lround(dy * i / steps))});
        if (at && std::find(found.begin(), found.end(), *at) == found.end()) found.push_back(*at);
    }
    return found;
}

std::vector<CellPoint> slotsIn(const puzzle::Geometry& geometry, PxPoint from, PxPoint to) {
    const PxRect frame = PxRect::spanning(from, to);
    std::vector<CellPoint> found;
    for (int number = 0; number < geometry.count(); ++number)
        if (const CellPoint at = geometry.addressOf(number); frame.contains(geometry.centreOf(at)))
            found.push_back(at);
    return found;
}

namespace {

void erase(Slot& slot, const SlotOptions& options) {
    switch (options.sort) {
        case SlotOptions::Sort::State:
            slot = Slot{slot.at, SlotState::Plain, 0, {}, {}, {}, {}, {}};
            return;
        case SlotOptions::Sort::Mark:
            std::erase(slot.marks, options.name);
            return;
        case SlotOptions::Sort::Color:
            if (!slot.stack.empty()) slot.stack.pop_back();
            return;
    }
}

void give(Slot& slot, const SlotOptions& options, const std::string& tally) {
    switch (options.sort) {
        case SlotOptions::Sort::State:
            slot.state = options.state;
            slot.price = options.state == SlotState::Locked ? options.price : 0;
            slot.tally = options.state == SlotState::Locked ? tally : std::string();
            if (options.state == SlotState::Blocked || options.state == SlotState::Gone)
                slot.stack.clear();
            return;
        case SlotOptions::Sort::Mark:
            if (std::find(slot.marks.begin(), slot.marks.end(), options.name) == slot.marks.end())
                slot.marks.push_back(options.name);
            return;
        case SlotOptions::Sort::Color:
            if (slot.stack.size() < level::maxSlotStack &&
                (slot.state == SlotState::Plain || slot.state == SlotState::Locked))
                slot.stack.push_back(options.name);
            return;
    }
}

/// "Block 3 slots".
std::string nameOf(const SlotOptions& options, bool isErasing, std::size_t count) {
    const std::string rest = puzzle::slotCountText(count);
    if (options.sort == SlotOptions::Sort::Mark)
        return (isErasing ? "Take the mark " : "Mark ") + options.name +
               (isErasing ? " off " : ": ") + rest;
    if (options.sort == SlotOptions::Sort::Color)
        return (isErasing ? "Take a colour off " : "Lay " + options.name + " on ") + rest;
    if (isErasing) return "Clear " + rest;
    switch (options.state) {
        case SlotState::Plain:
            return "Make " + rest + " plain";
        case SlotState::Blocked:
            return "Block " + rest;
        case SlotState::Gone:
            return "Take " + rest + " away";
        case SlotState::Locked:
            return "Lock " + rest;
    }
    return rest;
}

/// Shows which slot is pointed at.
class PointingTool : public Tool {
public:
    void hover(const ToolInput& input) override {
        m_preview = {};
        const puzzle::Geometry geometry(input.level->puzzle.board);
        if (const auto at = geometry.slotAt(input.px)) m_preview.slotList = {*at};
    }
    const ToolPreview& preview() const override { return m_preview; }

protected:
    PxPoint m_from;
    ToolPreview m_preview;
    bool m_isDrawing = false;
};

/// Slots that the pointer gives something to, or takes it from.
class SlotTool : public PointingTool {
public:
    ToolOutcome press(const ToolInput& input) override {
        const puzzle::Geometry geometry(input.level->puzzle.board);
        if (input.isPicking) return pick(input, geometry);
        m_isDrawing = true;
        m_isErasing = input.isErasing;
        m_from = m_last = input.px;
        m_slots = covered(input, geometry);
        return outcome(input);
    }
    ToolOutcome drag(const ToolInput& input) override {
        if (!m_isDrawing) return {};
        m_slots = covered(input, puzzle::Geometry(input.level->puzzle.board));
        m_last = input.px;
        return outcome(input);
    }
    ToolOutcome release(const ToolInput& input) override {
        if (!std::exchange(m_isDrawing, false)) return {};
        ToolOutcome last = outcome(input);
        last.isDone = true;
        m_preview = {};
        m_slots.clear();
        return last;
    }
    void cancel() override {
        m_isDrawing = false;
        m_preview = {};
        m_slots.clear();
    }

protected:
    virtual std::vector<CellPoint> covered(const ToolInput& input,
                                           const puzzle::Geometry& geometry) = 0;
    PxPoint m_last;
    std::vector<CellPoint> m_slots;

private:
    ToolOutcome outcome(const ToolInput& input) {
        const SlotOptions& options = input.options->of<SlotOptions>();
        const auto& tallies = input.project->game.tallies;
        const std::string tally = !options.tally.empty() ? options.tally
                                  : tallies.empty()      ? std::string()
                                                         : tallies.front().name;
        m_preview.slotList = m_slots;
        m_preview.isErasing = m_isErasing;
        m_preview.label =
            m_slots.size() > 1 ? told(puzzle::slotCountText(m_slots.size())) : QString();
        ToolOutcome found;
        const auto edit = puzzle::changeSlots(
            *input.project, *input.level, m_slots,
            [&](Slot& slot) { m_isErasing ? erase(slot, options) : give(slot, options, tally); },
            nameOf(options, m_isErasing, m_slots.size()));
        if (!(edit.level.puzzle == input.level->puzzle)) found.edit = edit;
        return found;
    }
    /// What a slot is goes in hand: its topmost colour, its last mark, else its state.
    static ToolOutcome pick(const ToolInput& input, const puzzle::Geometry& geometry) {
        ToolOutcome found;
        const auto at = geometry.slotAt(input.px);
        if (!at) return found;
        const Slot slot = puzzle::slotAt(input.level->puzzle, *at);
        found.change<SlotOptions>(input, [&](SlotOptions& o) {
            if (!slot.stack.empty()) {
                o.sort = SlotOptions::Sort::Color;
                o.name = slot.stack.back();
            } else if (!slot.marks.empty()) {
                o.sort = SlotOptions::Sort::Mark;
                o.name = slot.marks.back();
            } else {
                o.sort = SlotOptions::Sort::State;
                o.state = slot.state;
                if (slot.state == SlotState::Locked) {
                    o.price = slot.price;
                    o.tally = slot.tally;
                }
            }
        });
        return found;
    }
    bool m_isErasing = false;
};

class SlotBrush final : public SlotTool {
    std::vector<CellPoint> covered(const ToolInput& input,
                                   const puzzle::Geometry& geometry) override {
        for (const CellPoint at : slotsAlong(geometry, m_last, input.px))
            if (std::find(m_slots.begin(), m_slots.end(), at) == m_slots.end())
                m_slots.push_back(at);
        return m_slots;
    }
};

class SlotLine final : public SlotTool {
    std::vector<CellPoint> covered(const ToolInput& input,
                                   const puzzle::Geometry& geometry) override {
        return slotsAlong(geometry, m_from, input.px);
    }
};

class SlotBox final : public SlotTool {
    std::vector<CellPoint> covered(const ToolInput& input,
                                   const puzzle::Geometry& geometry) override {
        m_preview.pxFrame = PxRect::spanning(m_from, input.px);
        std::vector<CellPoint> found = slotsIn(geometry, m_from, input.px);
        if (const auto at = geometry.slotAt(m_from); at && found.empty()) found = {*at};
        return found;
    }
};

/// All that hang together and are alike, from the slot that was pressed.
class SlotFill final : public SlotTool {
    std::vector<CellPoint> covered(const ToolInput& input,
                                   const puzzle::Geometry& geometry) override {
        const auto first = geometry.slotAt(m_from);
        if (!first) return {};
        const auto likeness = [&](CellPoint at) {
            Slot slot = puzzle::slotAt(input.level->puzzle, at);
            slot.at = {};
            return slot;
        };
        const Slot wanted = likeness(*first);
        std::vector<CellPoint> found{*first};
        std::set<int> known{geometry.numberOf(*first)};
        for (std::size_t n = 0; n < found.size(); ++n)
            for (const CellPoint next : geometry.neighboursOf(found[n]))
                if (likeness(next) == wanted && known.insert(geometry.numberOf(next)).second)
                    found.push_back(next);
        return found;
    }
};

class SlotSelect final : public PointingTool {
public:
    ToolOutcome press(const ToolInput& input) override {
        m_isDrawing = true;
        m_from = input.px;
        m_before = input.isStraight ? input.selection->slotList : std::vector<CellPoint>();
        return select(input);
    }
    ToolOutcome drag(const ToolInput& input) override {
        return m_isDrawing ? select(input) : ToolOutcome();
    }
    ToolOutcome release(const ToolInput&) override {
        m_isDrawing = false;
        m_preview = {};
        return {};
    }
    void cancel() override {
        m_isDrawing = false;
        m_preview = {};
    }

private:
    ToolOutcome select(const ToolInput& input) {
        const puzzle::Geometry geometry(input.level->puzzle.board);
        m_preview = {};
        std::vector<CellPoint> found = slotsIn(geometry, m_from, input.px);
        const auto at = geometry.slotAt(m_from);
        if (found.empty() && at)
            found = {*at};
        else
            m_preview.pxFrame = PxRect::spanning(m_from, input.px);
        ToolOutcome outcome;
        outcome.selection = Selection();
        outcome.selection->slotList = m_before;
        for (const CellPoint each : found)
            if (std::find(m_before.begin(), m_before.end(), each) == m_before.end())
                outcome.selection->slotList.push_back(each);
        return outcome;
    }
    std::vector<CellPoint> m_before;
};

}  // namespace

std::unique_ptr<Tool> makeSlotBrush() {
    return std::make_unique<SlotBrush>();
}
std::unique_ptr<Tool> makeSlotLine() {
    return std::make_unique<SlotLine>();
}
std::unique_ptr<Tool> makeSlotBox() {
    return std::make_unique<SlotBox>();
}
std::unique_ptr<Tool> makeSlotFill() {
    return std::make_unique<SlotFill>();
}
std::unique_ptr<Tool> makeSlotSelect() {
    return std::make_unique<SlotSelect>();
}

}  // namespace rook::app
