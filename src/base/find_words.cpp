#include "base/find_words.h"

#include <algorithm>
#include <array>
#include <numeric>

#include "base/nearest_word.h"

namespace rook {

namespace {

using Words = std::vector<std::string>;

bool isLetter(char c) {
    const auto byte = static_cast<unsigned char>(c);
    return byte >= 0x80 || (byte >= '0' && byte <= '9') || (byte >= 'a' && byte <= 'z');
}

Words wordsOf(std::string_view text) {
    Words words;
    bool isInside = false;
    for (char c : text) {
        if (c >= 'A' && c <= 'Z') c = char(c - 'A' + 'a');
        if (!isLetter(c)) {
            isInside = false;
            continue;
        }
        if (!isInside) words.emplace_back();
        words.back() += c;
        isInside = true;
    }
    return words;
}

bool isSmall(const std::string& word) {
    static constexpr std::array<std::string_view, 24> all{
        "a",   "an",  "the", "to",   "of",  "in",  "on",  "i",   "do",  "how", "can", "make",
        "and", "for", "my",  "with", "ein", "der", "die", "das", "wie", "ich", "zu",  "und"};
    return std::find(all.begin(), all.end(), word) != all.end();
}

/// How well a typed word is met by some words, 0 = not at all.
int met(const std::string& typed, const Words& words, int whole, int begins, int inside, int near) {
    int best = 0;
    for (const std::string& word : words) {
        if (word == typed)
            best = std::max(best, whole);
        else if (word.starts_with(typed))
            best = std::max(best, begins);
        else if (typed.size() >= 3 && word.find(typed) != std::string::npos)
            best = std::max(best, inside);
        else if (typed.size() >= 4 && best < near) {
            // While one types, the end of the word is not there yet.
            const std::string beginning = word.substr(0, std::min(word.size(), typed.size()));
            if (std::min(wordDistance(word, typed), wordDistance(beginning, typed)) <= 1)
                best = near;
        }
    }
    return best;
}

/// 0 = does not fit.
int fit(const Words& typed, const Findable& one) {
    const Words title = wordsOf(one.title);
    const Words others = wordsOf(one.words);
    int sum = 0, count = 0;
    for (const std::string& word : typed) {
        const int how =
            std::max(met(word, title, 100, 80, 30, 20), met(word, others, 60, 50, 10, 8));
        if (how == 0 && isSmall(word)) continue;
        if (how == 0) return 0;
        sum += how;
        ++count;
    }
    if (count == 0) return 0;
    // Of two that are met alike, the one that says less besides.
    return sum * 64 / count + std::max(0, 16 - int(title.size()));
}

}  // namespace

std::vector<std::size_t> findByWords(std::string_view typed, std::span<const Findable> all) {
    const Words words = wordsOf(typed);
    std::vector<std::size_t> found;
    if (words.empty()) {
        found.resize(all.size());
        std::iota(found.begin(), found.end(), std::size_t{0});
        return found;
    }
    std::vector<int> fits(all.size());
    for (std::size_t i = 0; i < all.size(); ++i) {
        fits[i] = fit(words, all[i]);
        if (fits[i] > 0) found.push_back(i);
    }
    std::stable_sort(found.begin(), found.end(),
                     [&](std::size_t a, std::size_t b) { return fits[a] > fits[b]; });
    return found;
}

}  // namespace rook
