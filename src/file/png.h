#pragma once
/// PNG, as far as the core needs it.

#include <cstdint>
#include <string>
#include <vector>

#include "base/geometry.h"
#include "base/result.h"

namespace rook::file {

struct ImageSize {
    int width = 0;
    int height = 0;
};

/// Of one image: 256 MiB once it is decoded.
inline constexpr std::int64_t maxImagePx = std::int64_t{8192} * 8192;

/// Errors: BadSyntax if this is no PNG; OutOfRange over 16,384 px wide or high, and over
/// `maxImagePx` in all.
[[nodiscard]] Result<ImageSize> pngSize(const std::string& bytes, const std::string& name);

/// An image, row by row, four bytes a px: red, green, blue, opacity.
struct Picture32 {
    int width = 0;
    int height = 0;
    std::vector<unsigned char> rgba;
    [[nodiscard]] unsigned char* at(int x, int y) {
        return rgba.data() + (static_cast<std::size_t>(y) * static_cast<std::size_t>(width) +
                              static_cast<std::size_t>(x)) *
                                 4;
    }
    [[nodiscard]] const unsigned char* at(int x, int y) const {
        return const_cast<Picture32*>(this)->at(x, y);
    }
};

/// Errors: as `pngSize`, and BadSyntax where the image is damaged. Cost: 4 bytes a px.
[[nodiscard]] Result<Picture32> readPng(const std::string& bytes, const std::string& name);
[[nodiscard]] std::string writePng(const Picture32& picture);

}  // namespace rook::file
