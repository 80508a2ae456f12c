#pragma once
/// Prove on a kit board: modules that are reached, and the way to the one that is pointed at.

#include "app/steps/prove/prove_on_board.h"

namespace rook::app {

class KitProveOnBoard final : public ProveOnBoard {
public:
    using ProveOnBoard::ProveOnBoard;

protected:
    void paintReach(QPainter& painter) override;
};

}  // namespace rook::app
