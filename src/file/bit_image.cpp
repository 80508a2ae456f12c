#include "file/bit_image.h"

namespace rook::file {

std::string pbmOf(const BitMap& map, int left, int top, const runtime::Frame& frame) {
    const int width = frame.widthPx();
    const int height = frame.heightPx();
    std::string bytes = "P4\n" + std::to_string(width) + " " + std::to_string(height) + "\n";
    const std::size_t header = bytes.size();
    const std::size_t rowBytes = static_cast<std::size_t>(width + 7) / 8;
    bytes.resize(header + rowBytes * static_cast<std::size_t>(height), '\0');
    for (int y = 0; y < height; ++y) {
        char* const row = bytes.data() + header + rowBytes * static_cast<std::size_t>(y);
        for (int x = 0; x < width; ++x)
            if (map.test(x + left, y + top))
                row[x / 8] = static_cast<char>(row[x / 8] | (0x80 >> (x % 8)));
    }
    return bytes;
}

Result<void> dumpReach(Storage& storage, const Path& folder, const reach::Reached& reached,
                       const runtime::Frame& frame) {
    if (const auto made = storage.makeFolder(folder); !made) return made;
    const auto write = [&](const char* name, const BitMap& map) {
        return writeWhole(storage, folder / name, pbmOf(map, reached.left, reached.top, frame));
    };
    if (const auto done = write("visited.pbm", reached.visited); !done) return done;
    return write("standing.pbm", reached.standing);
}

}  // namespace rook::file
