#pragma once
/// Cells of a small level, held by value, for tests of what reads `CellSource`.

#include <vector>

#include "rook_motion.hpp"

namespace rook::testing {

class ShapeCells : public runtime::CellSource {
public:
    ShapeCells(int columns, int rows)
        : m_columns(columns), m_shapes(static_cast<std::size_t>(columns * rows)) {}
    runtime::CellShape at(int column, int row) const override {
        return m_shapes[static_cast<std::size_t>(row * m_columns + column)];
    }
    void set(int column, int row, runtime::CellShape shape) {
        m_shapes[static_cast<std::size_t>(row * m_columns + column)] = shape;
    }

private:
    int m_columns;
    std::vector<runtime::CellShape> m_shapes;
};

}  // namespace rook::testing
