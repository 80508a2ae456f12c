#pragma once
/// Skin on the board: look against collision, motifs of swatches, what a rule would strew.

#include "app/board/board_step.h"
#include "app/steps/skin/fade_lines.h"

namespace rook::app {

class SkinOnBoard final : public BoardStep {
public:
    using BoardStep::BoardStep;
    void dress(MatterScene& scene) override;
    void paintTop(QPainter& painter) override;
    void fillInput(ToolInput& input) const override;
    PlayWish playWish() const override;
    void copy() override;
    void cut() override;
    void paste() override;
    void removeSelected() override;
    void duplicate() override;
    bool nudge(int dx, int dy, bool byPx) override;
    void selectAll() override;
    bool press(QPointF at) override;
    bool drag(QPointF at) override;
    bool release() override;
    bool cancel() override;
    [[nodiscard]] const FadeLines& fadeLines() const { return m_fadeLines; }
    QString wordsAt(CellPoint cell) const override;

private:
    /// That tiles are set on.
    [[nodiscard]] int layer() const;
    void paintLook(QPainter& painter);
    void paintMotifs(QPainter& painter);

    FadeLines m_fadeLines{m_session};
    mutable std::shared_ptr<const skin::TilingRules> m_tilingRules;  ///< that the tool works by
};

}  // namespace rook::app
