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
#include "base/large_pages.h"

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
    struct Note {
        Word bits = 0;  ///< none are left where all were taken back
        int word = 0;
        std::uint32_t step = 0;
        std::uint32_t row = 0;
        std::uint32_t next = none;  ///< of the same row
    };

    DiscoveryLog(int layerCount, int rowCount)
        : m_rowCount(rowCount),
          m_ends(static_cast<std::size_t>(layerCount) * static_cast<std::size_t>(rowCount)) {}

    /// All that is noted from now on is found from this row. Step 0 is before the first call: what
    /// is noted there was given.
    void beginStep(int layer, int y) {
        Ends& ends = m_ends[index(layer, y)];
        const auto step = static_cast<std::uint32_t>(m_steps.size());
        m_steps.push_back({{layer, y}, m_notes.size(), none});
        (ends.firstStep == none ? ends.firstStep : m_steps[ends.lastStep].next) = step;
        ends.lastStep = step;
    }
    /// Stands for a mover: what is found was swapped into.
    static constexpr int bySwap = 1 << 30;
    /// What is noted from now on is where that mover carries bodies to.
    void beginRide(int mover) { m_steps.push_back({{-1 - mover, 0}, m_notes.size(), none}); }
    void note(int layer, int y, int word, Word bits) {
        const std::size_t row = index(layer, y);
        Ends& ends = m_ends[row];
        const auto at = static_cast<std::uint32_t>(m_notes.size());
        m_notes.push_back({bits, word, static_cast<std::uint32_t>(m_steps.size()),
                           static_cast<std::uint32_t>(row)});
        (ends.firstNote == none ? ends.firstNote : m_notes[ends.lastNote].next) = at;
        ends.lastNote = at;
    }

    /// The step that found the state; -1 if none did. Cost: the notes of its row.
    [[nodiscard]] int stepOf(int layer, int y, int x) const {
        if (x < 0 || y < 0 || y >= m_rowCount) return -1;
        for (std::uint32_t i = m_ends[index(layer, y)].firstNote; i != none; i = m_notes[i].next)
            if (m_notes[i].word == x / BitMap::wordBits &&
                ((m_notes[i].bits >> (x % BitMap::wordBits)) & 1u))
                return static_cast<int>(m_notes[i].step);
        return -1;
    }
    /// The row that a step processed. Requires: step >= 1.
    [[nodiscard]] Row sourceOf(int step) const { return at(step).source; }
    [[nodiscard]] int stepCount() const { return static_cast<int>(m_steps.size()); }
    [[nodiscard]] std::size_t byteCount() const {
        return m_notes.size() * sizeof(Note) + m_steps.size() * sizeof(Step);
    }

    // For repairs (repair.h).
    /// Calls `visit(note)` for what was found of a row before that step, in order.
    template <typename Visit>
    void forEachOfRow(int layer, int y, int before, Visit&& visit) const {
        for (std::uint32_t i = m_ends[index(layer, y)].firstNote;
             i != none && static_cast<int>(m_notes[i].step) < before; i = m_notes[i].next)
            visit(m_notes[i]);
    }
    /// Calls `visit(step)` for the steps that processed a row, in order.
    template <typename Visit>
    void forEachStepFrom(int layer, int y, Visit&& visit) const {
        for (std::uint32_t i = m_ends[index(layer, y)].firstStep; i != none; i = m_steps[i].next)
            visit(static_cast<int>(i) + 1);
    }
    /// Calls `visit(layer, y, note)` for all that a step found; it may take bits back.
    /// Requires: step >= 1.
    template <typename Visit>
    void forEachFound(int step, Visit&& visit) {
        const auto next = static_cast<std::size_t>(step);
        const std::size_t end = next < m_steps.size() ? m_steps[next].firstNote : m_notes.size();
        for (std::size_t i = at(step).firstNote; i < end; ++i) {
            const auto row = static_cast<int>(m_notes[i].row);
            visit(row / m_rowCount, row % m_rowCount, m_notes[i]);
        }
    }

private:
    static constexpr std::uint32_t none = ~std::uint32_t{0};
    struct Step {
        Row source;
        std::size_t firstNote = 0;
        std::uint32_t next = none;  ///< from the same row
    };
    /// Of a row.
    struct Ends {
        std::uint32_t firstNote = none;
        std::uint32_t lastNote = none;
        std::uint32_t firstStep = none;
        std::uint32_t lastStep = none;
    };
    [[nodiscard]] std::size_t index(int layer, int y) const {
        return static_cast<std::size_t>(layer) * static_cast<std::size_t>(m_rowCount) +
               static_cast<std::size_t>(y);
    }
    [[nodiscard]] const Step& at(int step) const {
        return m_steps[static_cast<std::size_t>(step) - 1];
    }

    int m_rowCount;
    std::vector<Step> m_steps;
    std::vector<Note, LargePageAllocator<Note>> m_notes;  ///< in order of the steps
    std::vector<Ends> m_ends;
};

}  // namespace rook::reach
