#pragma once
/// Where the pieces of a kit board stand, kept in line from one value to the next.

#include <optional>

#include "kit/joins.h"

namespace rook::app {

class PlacedIndexes {
public:
    /// Good until the next call. Cost: what changed, where the kit did not.
    [[nodiscard]] const kit::PlacedIndex& of(const level::Kit& kit, const level::Level& level) {
        const bool isSameKit = m_kit && *m_kit == kit;
        if (isSameKit && m_pieces.isSharedWith(level.pieces)) return m_index;
        if (isSameKit && m_level == level.id)
            m_index.follow(kit, m_pieces, level);
        else
            m_index = kit::PlacedIndex(kit, level);
        if (!isSameKit) m_kit = kit;
        m_level = level.id;
        m_pieces = level.pieces;
        return m_index;
    }

private:
    std::optional<level::Kit> m_kit;  ///< none before the first call
    LevelId m_level;
    ChunkedVector<level::PlacedPiece> m_pieces;
    kit::PlacedIndex m_index;
};

}  // namespace rook::app
