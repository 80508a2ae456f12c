#include "app/tools/tool.h"

#include "app/tools/quiet_tool.h"

namespace rook::app {

std::unique_ptr<Tool> makeQuietTool() {
    return std::make_unique<QuietTool>();
}

}  // namespace rook::app
