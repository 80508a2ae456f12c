#pragma once
/// What a search over single states and ticks remembers: it asks for little else all the time.

#include <algorithm>
#include <cstdint>
#include <tuple>
#include <utility>
#include <vector>

namespace rook::testing {

/// Positions, px, each once, in the order in which they came.
class Places {
public:
    void insert(std::pair<int, int> at) {
        if (!isInside(at)) widen(at);
        auto&& isThere = m_isThere[indexOf(at)];
        if (isThere) return;
        isThere = true;
        m_list.push_back(at);
    }
    [[nodiscard]] bool contains(std::pair<int, int> at) const {
        return isInside(at) && m_isThere[indexOf(at)];
    }
    [[nodiscard]] std::size_t size() const { return m_list.size(); }
    [[nodiscard]] auto begin() const { return m_list.begin(); }
    [[nodiscard]] auto end() const { return m_list.end(); }

private:
    [[nodiscard]] bool isInside(std::pair<int, int> at) const {
        return at.first >= m_left && at.first < m_left + m_width && at.second >= m_top &&
               at.second < m_top + m_height;
    }
    [[nodiscard]] std::size_t indexOf(std::pair<int, int> at) const {
        return static_cast<std::size_t>(at.second - m_top) * static_cast<std::size_t>(m_width) +
               static_cast<std::size_t>(at.first - m_left);
    }
    /// So far that it is seldom asked for.
    void widen(std::pair<int, int> at) {
        constexpr int farther = 128;
        const int right = std::max(m_left + m_width, at.first + farther);
        const int bottom = std::max(m_top + m_height, at.second + farther);
        m_left = std::min(m_left, at.first - farther);
        m_top = std::min(m_top, at.second - farther);
        m_width = right - m_left;
        m_height = bottom - m_top;
        m_isThere.assign(static_cast<std::size_t>(m_width) * static_cast<std::size_t>(m_height),
                         false);
        for (const auto& known : m_list)
            m_isThere[indexOf(known)] = true;
    }

    int m_left = 0, m_top = 0, m_width = 0, m_height = 0;
    std::vector<bool> m_isThere;
    std::vector<std::pair<int, int>> m_list;
};

/// Of tuples of whole numbers.
struct KeyHash {
    template <typename... Parts>
    std::size_t operator()(const std::tuple<Parts...>& key) const {
        std::uint64_t hash = 0;
        const auto mix = [&](auto part) {
            hash = (hash ^ static_cast<std::uint64_t>(part)) * 0x9E3779B97F4A7C15u;
            hash ^= hash >> 29;
        };
        std::apply([&](const auto&... part) { (mix(part), ...); }, key);
        return static_cast<std::size_t>(hash);
    }
};

}  // namespace rook::testing
