#pragma once
/// What is fed with bytes that nobody chose: each reader of files, edits with undo, and the stepper
/// against wild inputs. A target takes any bytes and returns; whatever is wrong ends the process.
///
/// Run by libFuzzer (`./rook fuzz TARGET SECONDS`), which is led by coverage, and by a test that
/// mutates the corpus by chance, so that each runs in every build.

#include <cstdint>
#include <span>
#include <string>
#include <string_view>

namespace rook::fuzz {

using Bytes = std::span<const std::uint8_t>;

struct Target {
    std::string_view name;
    void (*run)(Bytes);
};

[[nodiscard]] std::span<const Target> targets();

[[nodiscard]] inline std::string textOf(Bytes bytes) {
    return {reinterpret_cast<const char*>(bytes.data()), bytes.size()};
}

/// Ends the process where something that must hold does not.
void require(bool holds, std::string_view what);

}  // namespace rook::fuzz
