#pragma once
/// The options of the tools of kit boards.

#include <string>

#include "app/session/tool_options.h"

namespace rook::app {

struct KitOptions {
    std::string piece;  ///< in hand
    int pieceTurn = 0;  ///< quarter turns of the piece in hand
};

}  // namespace rook::app
