#pragma once
/// What Ship has in hand.

#include <string>

namespace rook::app {

struct ShipOptions {
    std::string target;  ///< name of the one that is chosen; empty = the first
    std::string file;    ///< of it, that is looked at; empty = the first
};

}  // namespace rook::app
