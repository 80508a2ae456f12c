#pragma once
/// What is held on a board of pieces, and what it opens. Private to kit/.

#include <cstdint>
#include <map>
#include <set>
#include <string>
#include <vector>

#include "kit/walk_graph.h"

namespace rook::kit {

using Held = std::uint64_t;

class Gates {
public:
    /// `told`: ids of things that are told apart though nothing asks for them.
    Gates(const level::Project& project, const level::Level& level, const WalkGraph& graph,
          const std::set<std::string>& told = {});

    /// A patch of -1 stands open and gives nothing.
    [[nodiscard]] bool mayEnter(int patch, Held held) const {
        const auto at = static_cast<std::size_t>(patch);
        return patch < 0 || (!m_isShut[at] && (m_needs[at] & ~held) == 0);
    }
    [[nodiscard]] Held gainAt(int patch, Held held) const {
        return patch < 0 ? held : held | m_gains[static_cast<std::size_t>(patch)];
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
    std::vector<Held> m_gains, m_needs;  ///< by patch
    std::vector<char> m_isShut;          ///< by patch: for good
    bool m_isWhole = true;
};

}  // namespace rook::kit
