#include "file/png.h"

#include <spng.h>

#include <cstdint>
#include <cstdlib>
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
    if (header.width > 16384 || header.height > 16384 ||
        std::int64_t{header.width} * header.height > maxImagePx) {
        return fail(ErrorKind::OutOfRange,
                    "The image is " + std::to_string(header.width) + " x " +
                        std::to_string(header.height) +
                        " px; 16,384 a side and 8192 x 8192 in all are the most",
                    name, "Cut it into smaller ones");
    }
    return ImageSize{static_cast<int>(header.width), static_cast<int>(header.height)};
}

Result<Picture32> readPng(const std::string& bytes, const std::string& name) {
    const auto size = pngSize(bytes, name);
    if (!size) return fail(size.error());
    const std::unique_ptr<spng_ctx, decltype(&spng_ctx_free)> context(spng_ctx_new(0),
                                                                      &spng_ctx_free);
    Picture32 picture;
    picture.width = size->width;
    picture.height = size->height;
    std::size_t wanted = 0;
    if (!context || spng_set_png_buffer(context.get(), bytes.data(), bytes.size()) != 0 ||
        spng_decoded_image_size(context.get(), SPNG_FMT_RGBA8, &wanted) != 0)
        return fail(ErrorKind::BadSyntax, "The image is damaged", name, "Put a PNG in its place");
    picture.rgba.resize(wanted);
    if (spng_decode_image(context.get(), picture.rgba.data(), wanted, SPNG_FMT_RGBA8,
                          SPNG_DECODE_TRNS) != 0)
        return fail(ErrorKind::BadSyntax, "The image is damaged", name, "Put a PNG in its place");
    return picture;
}

std::string writePng(const Picture32& picture) {
    const std::unique_ptr<spng_ctx, decltype(&spng_ctx_free)> context(
        spng_ctx_new(SPNG_CTX_ENCODER), &spng_ctx_free);
    spng_ihdr header{};
    header.width = static_cast<std::uint32_t>(picture.width);
    header.height = static_cast<std::uint32_t>(picture.height);
    header.color_type = SPNG_COLOR_TYPE_TRUECOLOR_ALPHA;
    header.bit_depth = 8;
    spng_set_option(context.get(), SPNG_ENCODE_TO_BUFFER, 1);
    spng_set_ihdr(context.get(), &header);
    spng_encode_image(context.get(), picture.rgba.data(), picture.rgba.size(), SPNG_FMT_PNG,
                      SPNG_ENCODE_FINALIZE);
    std::size_t size = 0;
    int problem = 0;
    void* made = spng_get_png_buffer(context.get(), &size, &problem);
    std::string bytes(static_cast<const char*>(made), made ? size : 0);
    std::free(made);
    return bytes;
}

}  // namespace rook::file
