#pragma once
/// The demo, copied: a window on the project itself would leave a lock and kept work beside it.

#include <filesystem>

namespace rook::testing {

/// Its sheets and kits too, without what a window left there. Requires: `to` is not there yet.
inline void copyDemo(const std::filesystem::path& to) {
    std::filesystem::copy(ROOK_SOURCE_DIR "/demo/lantern-weir", to,
                          std::filesystem::copy_options::recursive);
    std::filesystem::remove_all(to / ".rookplot");
}

}  // namespace rook::testing
