#pragma once
/// The order in which a sweep finds its states, for walking back from a state to the start.
/// Private to reach/.
///
/// A *step* is the processing of one row of one layer; what it finds is noted under its number.
/// Invariant: each state is noted once, and is found from states of the step's row that were noted
/// under a smaller number.

#include <cstdint>
#include <optional>
#include <vector>

#include "base/bit_map.h"

namespace rook::reach {

using Word = BitMap::Word;

class DiscoveryLog {
public:
    struct Row {
        int layer = 0;  ///< below 0: no row, but the mover -1 - layer
        int y = 0;
        [[nodiscard]] std::optional<int> mover() const {
            return layer < 0 ? std::optional(-1 - layer) : std::nullopt;
        }
    };

    DiscoveryLog(int layerCount, int rowCount)
        : m_rowCount(rowCount),
          m_notes(static_cast<std::size_t>(layerCount) * static_cast<std::size_t>(rowCount)) {}

    /// All that is noted from now on is found from this row. Step 0 is before the first call: what
    /// is noted there was given.
    void beginStep(int layer, int y) { m_sources.push_back({layer, y}); }
    /// What is noted from now on is where that mover carries bodies to.
    void beginRide(int mover) { m_sources.push_back({-1 - mover, 0}); }
    void note(int layer, int y, int word, Word bits) {
        notesOf(layer, y).push_back({static_cast<std::uint32_t>(m_sources.size()), word, bits});
        m_bytes += sizeof(Note);
    }

    /// The step that found the state; -1 if none did. Cost: the notes of its row.
    [[nodiscard]] int stepOf(int layer, int y, int x) const {
        if (x < 0 || y < 0 || y >= m_rowCount) return -1;
        for (const Note& note : m_notes[index(layer, y)])
            if (note.word == x / BitMap::wordBits && ((note.bits >> (x % BitMap::wordBits)) & 1u))
                return static_cast<int>(note.step);
        return -1;
    }
    /// The row that a step processed. Requires: step >= 1.
    [[nodiscard]] Row sourceOf(int step) const {
        return m_sources[static_cast<std::size_t>(step) - 1];
    }
    [[nodiscard]] std::size_t byteCount() const { return m_bytes; }

private:
    struct Note {
        std::uint32_t step = 0;
        int word = 0;
        Word bits = 0;
    };
    [[nodiscard]] std::size_t index(int layer, int y) const {
        return static_cast<std::size_t>(layer) * static_cast<std::size_t>(m_rowCount) +
               static_cast<std::size_t>(y);
    }
    std::vector<Note>& notesOf(int layer, int y) { return m_notes[index(layer, y)]; }

    int m_rowCount;
    std::size_t m_bytes = 0;
    std::vector<Row> m_sources;
    std::vector<std::vector<Note>> m_notes;
};

}  // namespace rook::reach
