#pragma once
/// Shape on the board: the plan faintly below; collision shapes, mirrors, what would grow, and
/// jumps above.

#include "app/board/board_step.h"
#include "app/painting/plan_images.h"
#include "app/steps/shape/shape_options.h"
#include "app/tools/jump_ruler.h"

namespace rook::app {

class ShapeOnBoard final : public BoardStep {
public:
    using BoardStep::BoardStep;
    bool paintUnder(QPainter& painter, double budgetMs) override;
    void paintTop(QPainter& painter) override;
    bool showsStretching() const override { return true; }
    bool drawsDuringWalk() const override { return true; }
    void forgetPictures() override { m_plan.clear(); }
    void followDocument() override;
    void fillInput(ToolInput& input) const override;
    bool press(QPointF at) override;
    bool drag(QPointF at) override;
    bool release() override;
    bool takeKey(const QKeyEvent& key, bool isDown) override;
    void loseKeys() override;
    bool cancel() override;
    void selectAll() override;
    void turn(level::Turning turning) override;

private:
    /// Bodies jump on this kind of level.
    [[nodiscard]] bool hasJumps() const;
    void setRuler(std::optional<JumpLine> line);
    /// The solid rectangles of chunks in sight that are not merged as they are now; `areas` gets
    /// those chunks. None where there are too many for a frame.
    [[nodiscard]] std::vector<PxRect> freshSolids(const ProvenLevel* proven,
                                                  std::vector<CellRect>& areas) const;
    /// The collision shapes that the options ask for.
    void paintShapes(QPainter& painter);
    /// The axes of mirrored painting, and the frame that the board may get.
    void paintGuides(QPainter& painter);
    void paintProposal(QPainter& painter);
    /// Jumps at the pointer, or the ruler.
    void paintJumps(QPainter& painter);
    void paintJump(QPainter& painter, const JumpGuide& guide, PxPoint from, bool isOwn);
    /// To both sides.
    void paintArc(QPainter& painter, const motion::JumpArc& arc, PxPoint from, bool isLent);

    PlanImages m_plan;
    JumpGuides m_jumpGuides;
    bool m_isRulerKeyDown = false;
    bool m_isFlightKeyDown = false;
    bool m_isMeasuring = false;
};

}  // namespace rook::app
