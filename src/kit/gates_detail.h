#pragma once
/// What is held on a board of pieces, and what it opens. Private to kit/.

#include <cstdint>
#include <map>
#include <set>
#include <string>
#include <unordered_map>

#include "kit/walk_graph.h"

namespace rook::kit {

using Held = std::uint64_t;

class Gates {
public:
    /// `told`: ids of things that are told apart though nothing asks for them.
    Gates(const level::Project& project, const level::Level& level, const WalkGraph& graph,
          const std::set<std::string>& told = {});

    [[nodiscard]] bool mayEnter(int patch, Held held) const {
        if (m_shut.contains(patch)) return false;
        const auto needs = m_needs.find(patch);
        return needs == m_needs.end() || (needs->second & ~held) == 0;
    }
    [[nodiscard]] Held gainAt(int patch, Held held) const {
        const auto gain = m_gains.find(patch);
        return gain == m_gains.end() ? held : held | gain->second;
    }
    /// The bit of a thing; 0 if it makes no difference.
    [[nodiscard]] Held bitOf(const std::string& id) const {
        const auto bit = m_bits.find(id);
        return bit == m_bits.end() ? 0 : Held{1} << bit->second;
    }
    /// False if there are more than 64 things that make a difference.
    [[nodiscard]] bool isWhole() const { return m_isWhole; }

private:
    void addGains(const level::Project& project, const level::Level& level, const WalkGraph& graph,
                  const std::set<std::string>& told);

    std::map<std::string, int> m_bits;
    std::unordered_map<int, Held> m_gains, m_needs;
    std::set<int> m_shut;
    bool m_isWhole = true;
};

}  // namespace rook::kit
