#include "file/png.h"

#include <spng.h>

#include <memory>

namespace rook::file {

Result<ImageSize> pngSize(const std::string& bytes, const std::string& name) {
    const std::unique_ptr<spng_ctx, decltype(&spng_ctx_free)> context(spng_ctx_new(0),
                                                                      &spng_ctx_free);
    spng_ihdr header{};
    if (!context || spng_set_png_buffer(context.get(), bytes.data(), bytes.size()) != 0 ||
        spng_get_ihdr(context.get(), &header) != 0) {
        return fail(ErrorKind::BadSyntax, "The sheet is not a PNG image", name,
                    "Put a PNG in its place");
    }
    if (header.width > 16384 || header.height > 16384) {
        return fail(ErrorKind::OutOfRange, "The sheet is larger than 16,384 x 16,384 px", name,
                    "Cut it into smaller sheets");
    }
    return ImageSize{static_cast<int>(header.width), static_cast<int>(header.height)};
}

}  // namespace rook::file
