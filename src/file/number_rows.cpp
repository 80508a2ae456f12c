#include <sodium.h>
#include <zlib.h>

#include <algorithm>
#include <stdexcept>

#include "file/number_rows_detail.h"

namespace rook::file {

namespace {

/// Packs row by row: of the bytes, only what is packed is held.
class Packing {
public:
    Packing() {
        // The fastest: rows of tiles are much alike, so that more work saves little.
        if (deflateInit(&m_stream, 1) != Z_OK) throw std::bad_alloc();
    }
    ~Packing() { deflateEnd(&m_stream); }
    Packing(const Packing&) = delete;
    Packing& operator=(const Packing&) = delete;

    void add(const std::vector<unsigned char>& bytes) { feed(bytes, Z_NO_FLUSH); }
    std::string base64() {
        feed({}, Z_FINISH);
        std::string text(sodium_base64_encoded_len(m_packed.size(), sodium_base64_VARIANT_ORIGINAL),
                         '\0');
        sodium_bin2base64(text.data(), text.size(), m_packed.data(), m_packed.size(),
                          sodium_base64_VARIANT_ORIGINAL);
        text.pop_back();  // its zero
        return text;
    }

private:
    void feed(const std::vector<unsigned char>& bytes, int flush) {
        m_stream.next_in = const_cast<unsigned char*>(bytes.data());
        m_stream.avail_in = static_cast<uInt>(bytes.size());
        do {
            unsigned char out[32768];
            m_stream.next_out = out;
            m_stream.avail_out = sizeof out;
            deflate(&m_stream, flush);
            m_packed.insert(m_packed.end(), out, out + (sizeof out - m_stream.avail_out));
        } while (m_stream.avail_out == 0);
    }

    z_stream m_stream{};
    std::vector<unsigned char> m_packed;
};

std::string packedText(int columns, int rows, const NumbersOfRow& numbersOf) {
    const auto width = static_cast<std::size_t>(columns);
    std::vector<std::uint32_t> all(width * static_cast<std::size_t>(rows));
    for (int y = 0; y < rows; ++y)
        numbersOf(y, all.data() + static_cast<std::size_t>(y) * width);
    const std::uint32_t greatest = all.empty() ? 0 : *std::max_element(all.begin(), all.end());
    const int bytes = greatest < 256 ? 1 : greatest < 65536 ? 2 : 4;
    Packing packing;
    std::vector<unsigned char> row(width * static_cast<std::size_t>(bytes));
    for (std::size_t from = 0; from < all.size(); from += width) {
        auto to = row.begin();
        for (std::size_t x = 0; x < width; ++x)
            for (int i = 0; i < bytes; ++i)
                *to++ = static_cast<unsigned char>(all[from + x] >> (8 * i));
        packing.add(row);
    }
    return R"({"bits": )" + std::to_string(8 * bytes) + R"(, "zlib": ")" + packing.base64() +
           R"("})";
}

}  // namespace

void writeNumbers(JsonLines& lines, const std::string& key, int columns, int rows, bool isPacked,
                  const NumbersOfRow& numbersOf) {
    if (isPacked) return lines.raw(key, packedText(columns, rows, numbersOf));
    std::vector<std::string> texts;
    std::vector<std::uint32_t> numbers(static_cast<std::size_t>(columns));
    for (int y = 0; y < rows; ++y) {
        numbersOf(y, numbers.data());
        std::string row = "[";
        for (const std::uint32_t number : numbers) {
            if (row.size() > 1) row += ", ";
            row += std::to_string(number);
        }
        texts.push_back(row + "]");
    }
    lines.list(key, texts);
}

}  // namespace rook::file
