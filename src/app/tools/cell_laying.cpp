#include "app/tools/cell_laying.h"

#include "app/tools/cell_options.h"
#include "app/ui/words.h"
#include "level/edits.h"

namespace rook::app {

namespace {

enum class LayState { Resting, Laying, Picking };

class LayingTool final : public Tool {
public:
    LayingTool(std::unique_ptr<CellGesture> gesture, std::unique_ptr<CellInk> ink)
        : m_gesture(std::move(gesture)), m_ink(std::move(ink)) {}

    ToolOutcome press(const ToolInput& input) override {
        m_first = input.cell;
        if (input.isPicking) {
            setState(LayState::Picking);
            return drag(input);
        }
        setState(LayState::Laying);
        m_isErasing = input.isErasing;
        m_half = level::halfAt(input.px, input.level->cellSize);
        m_ink->begin();
        m_gesture->begin(input);
        return show(input, false);
    }
    ToolOutcome drag(const ToolInput& input) override {
        if (m_state == LayState::Picking) {
            m_preview.frame =
                CellRect::spanning(m_first, input.cell).intersected(input.level->cells.bounds());
            m_preview.label = tr("pick %1").arg(sizeText(*m_preview.frame));
            return {};
        }
        if (m_state != LayState::Laying) return {};
        m_gesture->extend(input);
        return show(input, false);
    }
    ToolOutcome release(const ToolInput& input) override {
        if (m_state == LayState::Picking) {
            setState(LayState::Resting);
            const CellRect rect =
                CellRect::spanning(m_first, input.cell).intersected(input.level->cells.bounds());
            return rect.isEmpty() ? ToolOutcome() : m_ink->pick(input, rect);
        }
        if (m_state != LayState::Laying) return {};
        m_gesture->extend(input);
        ToolOutcome outcome = show(input, true);
        setState(LayState::Resting);
        return outcome;
    }
    void hover(const ToolInput& input) override {
        m_isErasing = false;
        m_half = level::halfAt(input.px, input.level->cellSize);
        m_first = input.cell;
        m_gesture->begin(input);
        describe(input, m_ink->proposed(input, covered()));
    }
    void cancel() override { setState(LayState::Resting); }
    const ToolPreview& preview() const override { return m_preview; }

private:
    [[nodiscard]] Covered covered() const { return {*m_gesture, m_first, m_isErasing, m_half}; }
    ToolOutcome show(const ToolInput& input, bool isDone) {
        Laid laid = m_ink->lay(input, covered());
        describe(input, laid);
        ToolOutcome outcome;
        outcome.edit = std::move(laid.edit);
        outcome.error = std::move(laid.error);
        outcome.isDone = isDone;
        return outcome;
    }
    void describe(const ToolInput& input, const Laid& laid) {
        m_preview.region = laid.shown.clipped(input.level->cells.bounds());
        m_preview.isErasing = m_isErasing;
        m_preview.label =
            m_preview.region.isEmpty() ? QString() : m_ink->label(input, laid.size, m_isErasing);
    }
    void setState(LayState state) {
        m_state = state;
        if (state == LayState::Resting) m_preview = {};
    }

    std::unique_ptr<CellGesture> m_gesture;
    std::unique_ptr<CellInk> m_ink;
    LayState m_state = LayState::Resting;
    bool m_isErasing = false;
    level::Form m_half = level::Form::LowerHalf;
    CellPoint m_first;
    ToolPreview m_preview;
};

}  // namespace

std::unique_ptr<Tool> makeLayingTool(std::unique_ptr<CellGesture> gesture,
                                     std::unique_ptr<CellInk> ink) {
    return std::make_unique<LayingTool>(std::move(gesture), std::move(ink));
}

level::CellRegion withMirrors(const ToolInput& input, const level::CellRegion& region) {
    const CellRect bounds = input.level->cells.bounds();
    const CellOptions& options = input.options->of<CellOptions>();
    level::CellRegion all = region;
    if (options.mirrorsSideways) all = all.united(mirroredRegion(all, bounds, true));
    if (options.mirrorsTopToBottom) all = all.united(mirroredRegion(all, bounds, false));
    return all;
}

}  // namespace rook::app
