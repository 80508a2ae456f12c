#pragma once
/// Sketch on the board: the underlay, the leaves, routes and words, and what is selected of them.

#include "app/board/board_step.h"
#include "app/painting/plan_images.h"
#include "app/painting/underlay.h"

namespace rook::app {

class SketchOnBoard final : public BoardStep {
public:
    explicit SketchOnBoard(Board& board);
    bool paintUnder(QPainter& painter, double budgetMs) override;
    bool isBusy() const override { return m_underlay.isBusy(); }
    void forgetPictures() override { m_plan.clear(); }
    void followDocument() override;
    void copy() override;
    void cut() override;
    void paste() override;
    void removeSelected() override;
    void duplicate() override;
    bool nudge(int dx, int dy, bool byPx) override;
    void selectAll() override;
    void turn(level::Turning turning) override;
    void group() override;

private:
    /// Of the storey that is worked on; null if it has none.
    [[nodiscard]] const level::Underlay* underlay() const;
    void paintProofRun(QPainter& painter);
    /// The cells that the selected marks would be laid as.
    void previewLaying();
    /// Turns the selected marks over, left with right or top with bottom.
    void mirror(bool isSideways);
    void pasteMarks(const std::vector<level::Mark>& marks, int dx, int dy);

    UnderlayImages m_underlay;
    PlanImages m_plan;
    level::CellRegion m_layPreview;
    std::vector<level::Mark> m_copied;
};

}  // namespace rook::app
