#include "file/sheet_import.h"

#include <cmath>

#include <algorithm>
#include <cstring>

#include "base/limits.h"
#include "file/png.h"

namespace rook::file {

namespace {

std::string plainNameOf(const Path& image) {
    std::string stem;
    for (const char c : image.stem().string()) {
        const bool isPlain = (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9');
        const bool isUpper = c >= 'A' && c <= 'Z';
        const char made = isPlain ? c : isUpper ? static_cast<char>(c - 'A' + 'a') : '-';
        if (made != '-' || (!stem.empty() && stem.back() != '-')) stem += made;
    }
    while (!stem.empty() && stem.back() == '-')
        stem.pop_back();
    if (stem.empty() || (stem[0] >= '0' && stem[0] <= '9')) stem = "sheet-" + stem;
    if (stem.back() == '-') stem.pop_back();
    if (stem.size() > 40) stem.resize(40);
    return stem;
}

/// A file of that folder that is not there yet.
std::string freePath(Storage& storage, const Path& folder, const std::string& stem) {
    std::string path = stem + ".png";
    for (int number = 2; storage.exists(folder / path); ++number)
        path = stem + "-" + std::to_string(number) + ".png";
    return path;
}

}  // namespace

CutTiles tilesOf(const SheetCut& cut, int width, int height) {
    const auto along = [&](int size, int tile, int offset, int& leftOver) {
        const int room = size - 2 * cut.margin - offset;
        const int count = room < tile ? 0 : (room + cut.spacing) / (tile + cut.spacing);
        leftOver =
            count == 0 ? std::max(0, size) : room - (count * tile + (count - 1) * cut.spacing);
        return count;
    };
    CutTiles tiles;
    tiles.columns = along(width, cut.tile.width, cut.offset.x, tiles.leftOverX);
    tiles.rows = along(height, cut.tile.height, cut.offset.y, tiles.leftOverY);
    return tiles;
}

Result<std::string> cutSheet(const std::string& png, const std::string& name, const SheetCut& cut) {
    const auto size = pngSize(png, name);
    if (!size) return fail(size.error());
    const CutTiles tiles = tilesOf(cut, size->width, size->height);
    const std::string px = std::to_string(cut.tile.width) + " x " + std::to_string(cut.tile.height);
    if (tiles.columns < 1 || tiles.rows < 1)
        return fail(ErrorKind::OutOfRange, "Not one tile of " + px + " px fits into the image",
                    name, "Make the tiles, the margin or the offset smaller");
    if (std::int64_t{tiles.columns} * tiles.rows > 65536)
        return fail(ErrorKind::OutOfRange,
                    "The image holds more than 65,536 tiles of " + px + " px", name,
                    "Make the tiles larger, or cut the image into several");
    const bool isTight = cut.margin == 0 && cut.spacing == 0 && cut.offset == CellPoint{};
    if (isTight && tiles.leftOverX == 0 && tiles.leftOverY == 0) return png;
    const auto source = readPng(png, name);
    if (!source) return fail(source.error());
    Picture32 packed;
    packed.width = tiles.columns * cut.tile.width;
    packed.height = tiles.rows * cut.tile.height;
    packed.rgba.resize(static_cast<std::size_t>(packed.width) *
                       static_cast<std::size_t>(packed.height) * 4);
    for (int y = 0; y < packed.height; ++y) {
        const int fromY = cut.margin + cut.offset.y +
                          y / cut.tile.height * (cut.tile.height + cut.spacing) +
                          y % cut.tile.height;
        for (int column = 0; column < tiles.columns; ++column) {
            const int fromX = cut.margin + cut.offset.x + column * (cut.tile.width + cut.spacing);
            std::memcpy(packed.at(column * cut.tile.width, y), source->at(fromX, fromY),
                        static_cast<std::size_t>(cut.tile.width) * 4);
        }
    }
    return writePng(packed);
}

namespace {

struct PackedTiles {
    std::string png;
    int columns = 0;
    int rows = 0;
};

Result<PackedTiles> packedTiles(Storage& storage, const Path& image, const SheetCut& cut) {
    const std::string name = image.filename().string();
    const auto bytes = storage.read(image, limits::maxImageBytes);
    if (!bytes) return fail(bytes.error());
    auto packed = cutSheet(*bytes, name, cut);
    if (!packed) return fail(packed.error());
    const auto size = pngSize(*packed, name);
    if (!size) return fail(size.error());
    return PackedTiles{std::move(*packed), size->width / cut.tile.width,
                       size->height / cut.tile.height};
}

/// Writes them to sheets/; gives their path in the project.
Result<std::string> writeSheetFile(Storage& storage, const Path& folder, const std::string& name,
                                   const std::string& png) {
    const std::string path = freePath(storage, folder, "sheets/" + name);
    if (const auto written = writeInside(storage, folder, path, png); !written)
        return fail(written.error());
    return path;
}

}  // namespace

Result<level::ProjectEdit> importSheet(Storage& storage, const Path& folder,
                                       const level::Project& project, const Path& image,
                                       const SheetCut& cut) {
    if (project.sheets.size() >= static_cast<std::size_t>(level::maxSheets))
        return fail(ErrorKind::OutOfRange, "A project has at most 254 sheets", image.string(),
                    "Put several images together");
    const auto packed = packedTiles(storage, image, cut);
    if (!packed) return fail(packed.error());
    level::Sheet sheet;
    const std::string stem = plainNameOf(image);
    sheet.name = stem;
    for (int number = 2; project.findSheet(sheet.name); ++number)
        sheet.name = stem + "-" + std::to_string(number);
    sheet.tile = cut.tile;
    sheet.columns = packed->columns;
    const auto path = writeSheetFile(storage, folder, sheet.name, packed->png);
    if (!path) return fail(path.error());
    sheet.path = *path;
    level::ProjectEdit edit{project, "Add the sheet " + sheet.name};
    edit.project.sheets.edit([&](auto& list) { list.push_back(sheet); });
    return edit;
}

Result<level::ProjectEdit> replaceSheet(Storage& storage, const Path& folder,
                                        const level::Project& project, std::size_t sheet,
                                        const Path& image, const SheetCut& cut) {
    const level::Sheet& former = project.sheets[sheet];
    const auto packed = packedTiles(storage, image, cut);
    if (!packed) return fail(packed.error());
    const auto path = pathInside(folder, former.path);
    if (!path) return fail(path.error());
    const auto bytes = storage.read(*path, limits::maxImageBytes);
    if (!bytes) return fail(bytes.error());
    const auto size = pngSize(*bytes, former.path);
    if (!size) return fail(size.error());
    const int rows = std::max(1, size->height / former.tile.height);
    const auto layout = [](int columns, int lines, CellSize tile) {
        return std::to_string(columns) + " x " + std::to_string(lines) + " tiles of " +
               std::to_string(tile.width) + " x " + std::to_string(tile.height) + " px";
    };
    if (!(cut.tile == former.tile) || packed->columns != former.columns || packed->rows < rows)
        return fail(ErrorKind::NotApplicable,
                    "The image holds " + layout(packed->columns, packed->rows, cut.tile) +
                        ", and the sheet " + layout(former.columns, rows, former.tile),
                    image.filename().string(),
                    "Cut it the same way, or add it as a sheet of its own");
    const auto written = writeSheetFile(storage, folder, former.name, packed->png);
    if (!written) return fail(written.error());
    level::ProjectEdit edit{project, "Replace the sheet " + former.name};
    edit.project.sheets.edit([&](auto& list) { list[sheet].path = *written; });
    return edit;
}

namespace {

std::optional<Picture32> imageAt(Storage& storage, const Path& folder, const std::string& name) {
    const auto path = pathInside(folder, name);
    if (!path) return std::nullopt;
    const auto bytes = storage.read(*path, limits::maxImageBytes);
    if (!bytes) return std::nullopt;
    auto image = readPng(*bytes, name);
    return image ? std::optional(std::move(*image)) : std::nullopt;
}

/// Of a rectangle, as far as it lies in the image.
skin::Light lightOf(const Picture32& image, const PxRect& place) {
    const PxRect inside = place.intersected({0, 0, image.width, image.height});
    std::int64_t seen = 0, sum = 0, squares = 0;
    for (int y = inside.y; y < inside.bottom(); ++y)
        for (int x = inside.x; x < inside.right(); ++x) {
            const unsigned char* px = image.at(x, y);
            if (px[3] < 128) continue;
            const std::int64_t light = skin::lightnessOf(px[0], px[1], px[2]);
            ++seen;
            sum += light;
            squares += light * light;
        }
    if (seen == 0) return {};
    const double mean = double(sum) / double(seen);
    const double variance = std::max(0.0, double(squares) / double(seen) - mean * mean);
    return {static_cast<std::uint8_t>(100 * seen / inside.area()),
            static_cast<std::uint8_t>(std::lround(mean)),
            static_cast<std::uint8_t>(std::lround(std::sqrt(variance)))};
}

}  // namespace

skin::Opacity opacityOf(Storage& storage, const Path& folder, const level::Project& project) {
    skin::Opacity opacity;
    for (const level::Sheet& sheet : project.sheets) {
        auto& tiles = opacity.tiles.emplace_back();
        const auto image = imageAt(storage, folder, sheet.path);
        if (!image) continue;
        const int rows = image->height / sheet.tile.height;
        for (int i = 0; i < std::min(65536, rows * sheet.columns); ++i)
            tiles.push_back(lightOf(*image, {i % sheet.columns * sheet.tile.width,
                                             i / sheet.columns * sheet.tile.height,
                                             sheet.tile.width, sheet.tile.height}));
    }
    for (const level::Backdrop& backdrop : project.backdrops)
        for (const level::Picture& picture : backdrop.pictures) {
            const auto image = imageAt(storage, folder, picture.path);
            if (!image || opacity.pictures.contains(picture.path)) continue;
            constexpr int side = skin::PictureLights::side;
            skin::PictureLights lights{image->width, image->height, {}};
            for (int y = 0; y < image->height; y += side)
                for (int x = 0; x < image->width; x += side)
                    lights.squares.push_back(lightOf(*image, {x, y, side, side}));
            opacity.pictures.emplace(picture.path, std::move(lights));
        }
    return opacity;
}

Result<std::string> importPicture(Storage& storage, const Path& folder, const Path& image) {
    const auto bytes = storage.read(image, limits::maxImageBytes);
    if (!bytes) return fail(bytes.error());
    if (const auto size = pngSize(*bytes, image.filename().string()); !size)
        return fail(size.error());
    const std::string path = freePath(storage, folder, "pictures/" + plainNameOf(image));
    if (const auto written = writeInside(storage, folder, path, *bytes); !written)
        return fail(written.error());
    return path;
}

}  // namespace rook::file
