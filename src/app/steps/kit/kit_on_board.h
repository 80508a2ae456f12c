#pragma once
/// Shape on a kit board: what is selected, what is in hand, and what it would join.

#include "app/board/board_step.h"
#include "app/painting/placed_indexes.h"

namespace rook::app {

class KitOnBoard final : public BoardStep {
public:
    using BoardStep::BoardStep;
    void paintTop(QPainter& painter) override;
    void fillInput(ToolInput& input) const override;
    void selectAll() override;
    void turn(level::Turning turning) override;

private:
    mutable PlacedIndexes m_indexes;  ///< of the value before the gesture
};

}  // namespace rook::app
