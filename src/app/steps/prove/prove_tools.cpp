#include "app/steps/prove/prove_tools.h"

#include "app/tools/quiet_tool.h"

namespace rook::app {

namespace {

/// Asks for something at the place that is clicked.
class ClickTool final : public QuietTool {
public:
    explicit ClickTool(std::optional<PxPoint> ToolOutcome::*asked) : m_asked(asked) {}
    ToolOutcome press(const ToolInput& input) override {
        ToolOutcome outcome;
        outcome.*m_asked = input.px;
        return outcome;
    }

private:
    std::optional<PxPoint> ToolOutcome::*m_asked;
};

/// A jump from the edge of one floor to that of another, by the corners of cells.
class MeasureTool final : public QuietTool {
public:
    ToolOutcome press(const ToolInput& input) override {
        m_from = cornerAt(input);
        return told(input);
    }
    ToolOutcome drag(const ToolInput& input) override { return told(input); }

private:
    static PxPoint cornerAt(const ToolInput& input) {
        const CellSize cell = input.level->cellSize;
        const CellPoint at =
            toCell({input.px.x + cell.width / 2, input.px.y + cell.height / 2}, cell);
        return {at.x * cell.width, at.y * cell.height};
    }
    ToolOutcome told(const ToolInput& input) const {
        ToolOutcome outcome;
        outcome.jump = std::pair(m_from, cornerAt(input));
        return outcome;
    }
    PxPoint m_from;
};

/// A region that nobody may touch, by cells; a click opens it again.
class CloseOffTool final : public QuietTool {
public:
    ToolOutcome press(const ToolInput& input) override {
        m_from = input.cell;
        m_isDragging = !input.isErasing;
        ToolOutcome outcome;
        if (input.isErasing) outcome.closed.emplace();
        return outcome;
    }
    ToolOutcome drag(const ToolInput& input) override {
        if (!m_isDragging) return {};
        m_preview.frame = CellRect::spanning(m_from, input.cell);
        m_preview.label =
            QStringLiteral("%1 × %2").arg(m_preview.frame->width).arg(m_preview.frame->height);
        return {};
    }
    ToolOutcome release(const ToolInput& input) override {
        ToolOutcome outcome;
        if (m_isDragging) {
            outcome.closed.emplace();
            if (input.cell != m_from)
                outcome.closed->emplace(
                    toPx(CellRect::spanning(m_from, input.cell), input.level->cellSize));
        }
        m_isDragging = false;
        m_preview = {};
        return outcome;
    }
    void cancel() override {
        m_isDragging = false;
        QuietTool::cancel();
    }

private:
    CellPoint m_from;
    bool m_isDragging = false;
};

}  // namespace

std::unique_ptr<Tool> makeRunToTool() {
    return std::make_unique<ClickTool>(&ToolOutcome::runTo);
}
std::unique_ptr<Tool> makeMeasureTool() {
    return std::make_unique<MeasureTool>();
}
std::unique_ptr<Tool> makeCloseOffTool() {
    return std::make_unique<CloseOffTool>();
}
std::unique_ptr<Tool> makeWalkFromTool() {
    return std::make_unique<ClickTool>(&ToolOutcome::walkFrom);
}

}  // namespace rook::app
