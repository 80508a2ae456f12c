#pragma once
/// PNG, as far as the core needs it: is it one, and how large?

#include <string>

#include "base/geometry.h"
#include "base/result.h"

namespace rook::file {

struct ImageSize {
    int width = 0;
    int height = 0;
};

/// Errors: BadSyntax if this is no PNG; OutOfRange over 16,384 x 16,384 px.
[[nodiscard]] Result<ImageSize> pngSize(const std::string& bytes, const std::string& name);

}  // namespace rook::file
