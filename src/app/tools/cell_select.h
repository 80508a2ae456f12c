#pragma once
/// Selecting cells: by a rectangle, a loop, or what hangs together; moving what is selected, and
/// stretching it where that is possible. What moves with the cells is the step's.

#include "app/tools/tool.h"

namespace rook::app {

class CellSelect : public Tool {
public:
    ToolOutcome press(const ToolInput& input) final;
    ToolOutcome drag(const ToolInput& input) final;
    ToolOutcome release(const ToolInput& input) final;
    void hover(const ToolInput& input) final;
    void cancel() final { setState(State::Resting); }
    const ToolPreview& preview() const final { return m_preview; }

protected:
    /// Its edges can be taken hold of.
    [[nodiscard]] virtual bool canStretch() const { return false; }
    /// What a click takes instead of a cell; none = nothing else.
    [[nodiscard]] virtual std::optional<level::CellRegion> clicked(const ToolInput&) const {
        return std::nullopt;
    }
    [[nodiscard]] virtual level::LevelEdit moved(const ToolInput& input,
                                                 const level::CellRegion& region, int dx,
                                                 int dy) const = 0;

private:
    enum class State { Resting, Framing, Looping, Moving, Stretching };
    /// The edges of a rectangle that are taken hold of: -1 left or top, 1 right or bottom, 0
    /// neither.
    struct Grip {
        int sideways = 0;
        int upright = 0;
        [[nodiscard]] bool isNone() const { return sideways == 0 && upright == 0; }
    };
    [[nodiscard]] Grip gripAt(const ToolInput& input) const;
    [[nodiscard]] static Qt::CursorShape cursorOf(Grip grip);
    [[nodiscard]] static CellRect stretched(const CellRect& rect, Grip grip, CellPoint to);
    [[nodiscard]] ToolOutcome click(const ToolInput& input, bool isConnected) const;
    [[nodiscard]] static ToolOutcome chosen(const ToolInput& input, level::CellRegion region);
    ToolOutcome move(const ToolInput& input);
    ToolOutcome stretch(const ToolInput& input);
    void setState(State state);

    State m_state = State::Resting;
    CellPoint m_start;
    level::CellRegion m_from;
    Grip m_grip;
    ToolPreview m_preview;
};

}  // namespace rook::app
