#pragma once
/// PNG in and out for lantern, by libspng.

#include <SDL.h>
#include <spng.h>

#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <iterator>
#include <memory>
#include <string>
#include <vector>

#include "rook_runtime.hpp"

namespace lantern {

struct TextureDeleter {
    void operator()(SDL_Texture* texture) const { SDL_DestroyTexture(texture); }
};
using Texture = std::unique_ptr<SDL_Texture, TextureDeleter>;

using Context = std::unique_ptr<spng_ctx, decltype(&spng_ctx_free)>;

/// An image, with its px: red, green, blue, opacity.
struct Sheet {
    Texture texture;  ///< for the window
    int width = 0;
    int height = 0;
    std::vector<unsigned char> px;
};

inline Sheet loadSheet(SDL_Renderer* renderer, const std::string& path) {
    std::ifstream file(path, std::ios::binary);
    const std::vector<char> bytes{std::istreambuf_iterator<char>(file), {}};
    const Context context(spng_ctx_new(0), &spng_ctx_free);
    spng_ihdr header{};
    std::size_t size = 0;
    if (!file || spng_set_png_buffer(context.get(), bytes.data(), bytes.size()) != 0 ||
        spng_get_ihdr(context.get(), &header) != 0 || header.width > 16384 ||
        header.height > 16384 || spng_decoded_image_size(context.get(), SPNG_FMT_RGBA8, &size) != 0)
        throw rook::runtime::LoadError("The sheet cannot be read (" + path +
                                       "). Export the bundle again.");
    Sheet sheet;
    sheet.width = int(header.width);
    sheet.height = int(header.height);
    sheet.px.resize(size);
    if (spng_decode_image(context.get(), sheet.px.data(), size, SPNG_FMT_RGBA8, SPNG_DECODE_TRNS) !=
        0)
        throw rook::runtime::LoadError("The sheet is damaged (" + path +
                                       "). Export the bundle again.");
    SDL_Surface* surface = SDL_CreateRGBSurfaceWithFormatFrom(
        sheet.px.data(), sheet.width, sheet.height, 32, sheet.width * 4, SDL_PIXELFORMAT_RGBA32);
    sheet.texture.reset(SDL_CreateTextureFromSurface(renderer, surface));
    SDL_FreeSurface(surface);
    SDL_SetTextureBlendMode(sheet.texture.get(), SDL_BLENDMODE_BLEND);
    return sheet;
}

/// False if the file cannot be written.
inline bool savePng(const Sheet& picture, const std::string& path) {
    const Context context(spng_ctx_new(SPNG_CTX_ENCODER), &spng_ctx_free);
    spng_set_option(context.get(), SPNG_ENCODE_TO_BUFFER, 1);
    spng_ihdr header{};
    header.width = std::uint32_t(picture.width);
    header.height = std::uint32_t(picture.height);
    header.color_type = SPNG_COLOR_TYPE_TRUECOLOR_ALPHA;
    header.bit_depth = 8;
    spng_set_ihdr(context.get(), &header);
    if (spng_encode_image(context.get(), picture.px.data(), picture.px.size(), SPNG_FMT_PNG,
                          SPNG_ENCODE_FINALIZE) != 0)
        return false;
    std::size_t size = 0;
    int problem = 0;
    void* bytes = spng_get_png_buffer(context.get(), &size, &problem);
    std::ofstream file(path, std::ios::binary);
    file.write(static_cast<const char*>(bytes), std::streamsize(size));
    std::free(bytes);
    return file.good();
}

/// Writes what the renderer shows; false if that cannot be read, or the file not be written.
inline bool savePicture(SDL_Renderer* renderer, const std::string& path) {
    Sheet shown;
    SDL_GetRendererOutputSize(renderer, &shown.width, &shown.height);
    shown.px.resize(std::size_t(shown.width) * std::size_t(shown.height) * 4);
    if (SDL_RenderReadPixels(renderer, nullptr, SDL_PIXELFORMAT_RGBA32, shown.px.data(),
                             shown.width * 4) != 0)
        return false;
    for (std::size_t i = 3; i < shown.px.size(); i += 4)
        shown.px[i] = 255;
    return savePng(shown, path);
}

}  // namespace lantern
