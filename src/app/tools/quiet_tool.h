#pragma once
/// What tools begin with that do little: nothing happens but what one says.

#include "app/tools/tool.h"

namespace rook::app {

class QuietTool : public Tool {
public:
    ToolOutcome press(const ToolInput&) override { return {}; }
    ToolOutcome drag(const ToolInput&) override { return {}; }
    ToolOutcome release(const ToolInput&) override { return {}; }
    void hover(const ToolInput&) override {}
    void cancel() override { m_preview = {}; }
    [[nodiscard]] const ToolPreview& preview() const override { return m_preview; }

protected:
    ToolPreview m_preview;
};

}  // namespace rook::app
