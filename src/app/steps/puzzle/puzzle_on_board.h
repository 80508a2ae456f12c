#pragma once
/// Puzzle levels on the board: slots in Shape, counters in Cast, the solution in Prove.

#include "app/board/board_step.h"

namespace rook::app {

class SlotsOnBoard : public BoardStep {
public:
    using BoardStep::BoardStep;
    void paintTop(QPainter& painter) override;
    void selectAll() override;
    void copy() override;
    void cut() override;
    void paste() override;
    void removeSelected() override;
    bool nudge(int dx, int dy, bool byPx) override;
    QString wordsAt(CellPoint cell) const override;
    QString verdictAt(PxPoint at) const override;

protected:
    void paintSlotList(QPainter& painter, const std::vector<CellPoint>& at, const QColor& tone,
                       double width, bool isFilled) const;
    /// What is under the pointer.
    [[nodiscard]] std::optional<CellPoint> slotAtPointer() const;

private:
    std::vector<level::Slot> m_copied;
};

class CountersOnBoard final : public SlotsOnBoard {
public:
    using SlotsOnBoard::SlotsOnBoard;
    void paintGhosts(QPainter& painter) const;
    void paintTop(QPainter& painter) override;
    bool drop(const QString& text, QPointF at) override;
    void selectAll() override;
    void copy() override {}
    void cut() override { removeSelected(); }
    void paste() override {}
    void removeSelected() override;
    bool nudge(int dx, int dy, bool byPx) override;
    void turn(level::Turning turning) override;
};

class SolutionOnBoard final : public SlotsOnBoard {
public:
    using SlotsOnBoard::SlotsOnBoard;
    void dress(MatterScene& scene) override { scene.hidesPuzzle = true; }
    void paintOver(QPainter& painter) override;
    void paintTop(QPainter& painter) override;
    void removeSelected() override {}
    bool nudge(int dx, int, bool) override;

private:
    [[nodiscard]] const reach::PuzzleAnswer* answer() const;
    void paintDead(QPainter& painter, const puzzle::Geometry& geometry,
                   const reach::PuzzleAnswer& answer, const EntityId& counter) const;
    void paintShares(QPainter& painter, const puzzle::Geometry& geometry,
                     const reach::PuzzleAnswer& answer, const EntityId& counter) const;
    void showMove(int by);
};

}  // namespace rook::app
