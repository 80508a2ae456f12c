#pragma once
/// One cell of a board: its matter and its form, in two bytes.

#include <cstdint>

#include "rook_motion.hpp"

namespace rook::level {

using runtime::Behaviour;
using runtime::Form;

/// The place of a matter in `Project::matters`; 0 is always open.
struct MatterId {
    std::uint16_t index = 0;  ///< in [0, 4095]
    auto operator<=>(const MatterId&) const = default;
};

/// Invariant: open cells have the full form, so that equal cells have equal bits.
class Cell {
public:
    Cell() = default;
    explicit Cell(MatterId matter, Form form = Form::Full)
        : m_bits(static_cast<std::uint16_t>(
              matter.index == 0 ? 0 : matter.index | (static_cast<unsigned>(form) << 12))) {}

    bool operator==(const Cell&) const = default;
    [[nodiscard]] MatterId matter() const { return {static_cast<std::uint16_t>(m_bits & 0xfff)}; }
    [[nodiscard]] Form form() const { return static_cast<Form>(m_bits >> 12); }
    [[nodiscard]] bool isOpen() const { return m_bits == 0; }
    [[nodiscard]] std::uint16_t bits() const { return m_bits; }

private:
    std::uint16_t m_bits = 0;
};
static_assert(sizeof(Cell) == 2);

}  // namespace rook::level
