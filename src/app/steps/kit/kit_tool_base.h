#pragma once
/// What all tools of a kit board do alike: the right button deletes, Ctrl picks.

#include "app/steps/kit/kit_options.h"
#include "app/tools/tool.h"
#include "kit/solid_edits.h"

namespace rook::app {

[[nodiscard]] const level::Kit* kitOf(const ToolInput& input);
/// A piece or solid of the storey that is worked on.
struct Standing {
    int id = 0;  ///< 0: none
    const level::PlacedPiece* piece = nullptr;
    const level::Solid* solid = nullptr;

    [[nodiscard]] bool isNone() const { return id == 0; }
};
/// What is seen there in the plan: a solid before the piece that it stands on.
[[nodiscard]] Standing standingUnder(const ToolInput& input);
[[nodiscard]] const level::PlacedPiece* pieceUnder(const ToolInput& input);
[[nodiscard]] QString nameOf(const ToolInput& input, const Standing& standing);
[[nodiscard]] bool isSelected(const ToolInput& input, int id);

[[nodiscard]] ToolOutcome refused(const Error& error);
[[nodiscard]] ToolOutcome done(const Result<level::LevelEdit>& edit);

class KitTool : public Tool {
public:
    ToolOutcome press(const ToolInput& input) override;
    ToolOutcome drag(const ToolInput& input) override {
        return m_isResting || !input.placed ? ToolOutcome() : go(input);
    }
    ToolOutcome release(const ToolInput& input) override;
    void cancel() override {
        m_isResting = true;
        m_preview = {};
    }
    void hover(const ToolInput& input) final;
    const ToolPreview& preview() const override { return m_preview; }

protected:
    /// The pointer moves with no button down; the preview is empty.
    virtual void point(const ToolInput& input) = 0;
    virtual ToolOutcome begin(const ToolInput& input) { return go(input); }
    virtual ToolOutcome go(const ToolInput& input) = 0;
    virtual ToolOutcome end(const ToolInput& input) = 0;

    CellPoint m_start;
    PxPoint m_startPx;
    bool m_isResting = true;
    ToolPreview m_preview;
};

}  // namespace rook::app
