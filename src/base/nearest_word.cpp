#include "base/nearest_word.h"

#include <algorithm>
#include <numeric>
#include <utility>

namespace rook {

std::size_t wordDistance(std::string_view a, std::string_view b) {
    std::vector<std::size_t> row(b.size() + 1);
    std::iota(row.begin(), row.end(), std::size_t{0});
    for (std::size_t i = 1; i <= a.size(); ++i) {
        std::size_t diagonal = std::exchange(row[0], i);
        for (std::size_t j = 1; j <= b.size(); ++j) {
            const std::size_t other = diagonal + (a[i - 1] == b[j - 1] ? 0 : 1);
            diagonal = std::exchange(row[j], std::min({row[j] + 1, row[j - 1] + 1, other}));
        }
    }
    return row.back();
}

std::string nearestWord(std::string_view word, const std::vector<std::string>& known,
                        std::size_t farthest) {
    std::string nearest;
    std::size_t least = farthest;
    for (const std::string& each : known) {
        // Words of very different lengths are not compared: files may hold long ones.
        const std::size_t longer = std::max(each.size(), word.size());
        if (longer > 256) continue;
        const std::size_t distance = wordDistance(each, word);
        if (distance > least || (!nearest.empty() && distance == least)) continue;
        least = distance;
        nearest = each;
    }
    return nearest;
}

}  // namespace rook
