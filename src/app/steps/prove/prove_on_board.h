#pragma once
/// Prove on the board: where bodies get to, where they are caught, how they get there, and what is
/// wrong.

#include <QTimer>

#include "app/board/board_step.h"
#include "app/tools/jump_guides.h"

namespace rook::app {

class ProveOnBoard : public BoardStep {
public:
    explicit ProveOnBoard(Board& board);
    bool paintUnder(QPainter& painter, double budgetMs) override;
    void paintOver(QPainter& painter) override;
    void follow(const ToolOutcome& outcome) override;
    void pointerMoved() override;
    bool cancel() override;
    PlayWish playWish() const override;
    QString verdictAt(PxPoint px) const override;

protected:
    virtual void paintReach(QPainter& painter);
    void paintClosed(QPainter& painter);

private:
    /// The px that bodies cover, spread from their positions once an answer and not once a frame.
    struct Washes {
        std::shared_ptr<const ProvenLevel> of;
        BitMap standing;
        BitMap traps;
        BitMap risky;
        BitMap byMovers;  ///< and not reached without
    };
    void takeWashes(const std::shared_ptr<const ProvenLevel>& shown);
    void probe();
    /// Traps, deadly touches, what is deadly at times, and a region that is closed off.
    void paintHatched(QPainter& painter, const ProvenLevel& shown);
    /// The run that is shown, with its jumps and landings, and the body at its tick.
    void paintRun(QPainter& painter);
    void paintFindings(QPainter& painter);

    Washes m_washes;
    JumpGuides m_jumpGuides;
    QTimer m_rest;
};

}  // namespace rook::app
