#pragma once
/// Ids to be looked up, many times among many.

#include <array>
#include <string_view>
#include <unordered_set>
#include <vector>

#include "base/id.h"

namespace rook::level {

/// Fastest when what is asked for comes in the order of the list, as a selection does. The ids must
/// outlive it. Threads: one at a time.
class Listed {
public:
    explicit Listed(const std::vector<EntityId>& ids) : m_ids(&ids) {
        for (const EntityId& id : ids)
            m_mayBe[glanceAt(id.text)] = true;
    }
    [[nodiscard]] bool has(const EntityId& id) const {
        if (!m_mayBe[glanceAt(id.text)]) return false;
        if (m_hashed.empty()) {
            for (std::size_t i = m_next; i < m_ids->size(); ++i) {
                if ((*m_ids)[i] != id) continue;
                m_next = i + 1;
                return true;
            }
            m_hashed.reserve(m_ids->size());
            for (const EntityId& each : *m_ids)
                m_hashed.insert(each.text);
        }
        return m_hashed.contains(id.text);
    }

private:
    /// Most that are not listed are told by their length and last letters.
    static std::size_t glanceAt(std::string_view text) {
        if (text.size() < 2) return 0;
        return (text.size() * 67 + static_cast<unsigned char>(text.back()) * 31u +
                static_cast<unsigned char>(text[text.size() - 2]) * 7u) %
               1024;
    }

    const std::vector<EntityId>* m_ids;
    std::array<bool, 1024> m_mayBe{};
    mutable std::size_t m_next = 0;
    mutable std::unordered_set<std::string_view> m_hashed;  ///< once one came out of order
};

}  // namespace rook::level
