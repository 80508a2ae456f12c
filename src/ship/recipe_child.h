#pragma once
/// The child process that recipes run in: `rookplot-recipe`, beside the program.

#include <map>

#include "file/storage.h"

namespace rook::ship {

/// Where flips stand in tile numbers that have them: mirrored is bit 24, upside down bit 25.
inline constexpr int flipShift = 24;

struct ChildAnswer {
    bool hasFunction = true;  ///< the script has the one that was called
    std::string problem;      ///< what is wrong with the script, on one line; empty = nothing
    std::map<std::string, std::string> files;
};
/// One call, as src/recipe/main.cpp reads it; ended after 20 s. Errors: Missing where the program
/// lacks the child; OutOfRange for more than 512 MiB. Threads: any.
[[nodiscard]] Result<ChildAnswer> runChild(const std::string& request);

/// $ROOKPLOT_RECIPE, else beside the running program.
[[nodiscard]] file::Path recipeProgram();

}  // namespace rook::ship
