/// Stacks on slots, as bits, and what follows from them.

#include <algorithm>
#include <bit>

#include "base/assert.h"
#include "puzzle/expander.h"

namespace rook::puzzle {

namespace {

/// Writes numbers bit by bit.
class BitWriter {
public:
    explicit BitWriter(std::vector<Word>& words) : m_words(words) { m_words.clear(); }
    void put(std::uint64_t value, int bits) {
        for (int i = 0; i < bits; ++i) {
            if (m_bit % 32 == 0) m_words.push_back(0);
            m_words.back() |= Word(value >> i & 1) << (m_bit % 32);
            ++m_bit;
        }
    }
    /// A number from 1 on, small ones in few bits (P. Elias' gamma code, 1975).
    void putNumber(std::uint64_t value) {
        const int bits = std::bit_width(value);
        put(0, bits - 1);
        put(1, 1);
        put(value, bits - 1);
    }

private:
    std::vector<Word>& m_words;
    std::size_t m_bit = 0;
};

class BitReader {
public:
    explicit BitReader(PackedState words) : m_words(words) {}
    std::uint64_t get(int bits) {
        std::uint64_t value = 0;
        for (int i = 0; i < bits; ++i, ++m_bit)
            value |= std::uint64_t(m_words[m_bit / 32] >> (m_bit % 32) & 1) << i;
        return value;
    }
    std::uint64_t getNumber() {
        int bits = 0;
        while (get(1) == 0)
            ++bits;
        return get(bits) | std::uint64_t{1} << bits;
    }

private:
    PackedState m_words;
    std::size_t m_bit = 0;
};

/// Stacks on slots, by the moves of the runtime.
class StackExpander final : public Expander {
public:
    explicit StackExpander(const play::Board& board) : m_board(board) {
        play::Color greatest = 1;
        for (const play::Slot& slot : board.slotList)
            for (const play::Color color : slot.stack)
                greatest = std::max(greatest, color);
        for (const play::Stack& queued : board.queue)
            for (const play::Color color : queued)
                greatest = std::max(greatest, color);
        m_colorBits = std::bit_width(static_cast<unsigned>(greatest));
        m_state = play::beginning(board);
    }
    int words() const override { return 0; }
    std::vector<Word> packed(const play::State& state) const override {
        std::vector<Word> words;
        pack(state, words);
        return words;
    }
    void expand(PackedState state, Successors& successors) override {
        unpack(state, m_state);
        for (const play::Move& move : play::movesOf(m_board, m_state)) {
            m_next = m_state;
            const bool isDone = play::apply(m_board, m_next, move);
            ROOK_ASSERT(isDone, "a move that was told can be made");
            pack(m_next, m_packed);
            successors.add(m_packed, play::isMet(m_board, m_next));
        }
    }

private:
    [[nodiscard]] bool isTakingPart(const play::State& state, std::size_t slot) const {
        return m_board.slotList[slot].state == play::SlotState::Plain || state.isOpen[slot] != 0;
    }
    void pack(const play::State& state, std::vector<Word>& words) const {
        BitWriter bits(words);
        for (std::size_t i = 0; i < m_board.slotList.size(); ++i) {
            if (m_board.slotList[i].state == play::SlotState::Locked)
                bits.put(static_cast<std::uint64_t>(state.isOpen[i]), 1);
            if (!isTakingPart(state, i)) continue;
            bits.putNumber(state.stacks[i].size() + 1);
            for (const play::Color color : state.stacks[i])
                bits.put(color, m_colorBits);
        }
        bits.putNumber(state.isPut + 1);
        for (const std::int64_t tally : state.tallies)
            bits.putNumber(tally >= 0 ? 2 * static_cast<std::uint64_t>(tally) + 1
                                      : 2 * static_cast<std::uint64_t>(-tally));
    }
    void unpack(PackedState words, play::State& state) const {
        BitReader bits(words);
        for (std::size_t i = 0; i < m_board.slotList.size(); ++i) {
            if (m_board.slotList[i].state == play::SlotState::Locked)
                state.isOpen[i] = static_cast<char>(bits.get(1));
            if (!isTakingPart(state, i)) {
                state.stacks[i] = m_board.slotList[i].stack;
                continue;
            }
            state.stacks[i].resize(bits.getNumber() - 1);
            for (play::Color& color : state.stacks[i])
                color = static_cast<play::Color>(bits.get(m_colorBits));
        }
        state.isPut = bits.getNumber() - 1;
        for (std::int64_t& tally : state.tallies) {
            const std::uint64_t coded = bits.getNumber();
            tally = coded % 2 == 1 ? static_cast<std::int64_t>(coded / 2)
                                   : -static_cast<std::int64_t>(coded / 2);
        }
    }

    const play::Board& m_board;
    int m_colorBits = 1;
    play::State m_state;
    play::State m_next;
    std::vector<Word> m_packed;
};

}  // namespace

std::unique_ptr<Expander> makeStackExpander(const play::Board& board) {
    return std::make_unique<StackExpander>(board);
}

}  // namespace rook::puzzle
