#pragma once
/// Cast on the board: zones, references, the ways that things go, and handles of what is selected.

#include "app/board/board_step.h"
#include "app/steps/cast/patrol_cache.h"

namespace rook::app {

class CastOnBoard final : public BoardStep {
public:
    explicit CastOnBoard(Board& board);
    void paintOver(QPainter& painter) override;
    bool isBusy() const override { return m_patrols.isReckoning(); }
    void selectAll() override;
    bool drawsDuringWalk() const override { return true; }
    bool turnThrough(int by) override;

private:
    /// Of the level's body; null until it was solved.
    [[nodiscard]] const runtime::MotionTables* bodyTables() const;
    void paintLinks(QPainter& painter);
    void paintWays(QPainter& painter);
    void paintPatrol(QPainter& painter, const level::Entity& foe,
                     const runtime::MotionTables& body);
    void paintTrack(QPainter& painter, const level::Entity& mover);
    void paintWaits(QPainter& painter, const level::Track& track, const QPolygonF& line);
    void paintWayOnKit(QPainter& painter, const level::Entity& foe);
    void paintShots(QPainter& painter, const level::Entity& entity);
    void paintFormation(QPainter& painter, const level::Entity& entity,
                        const runtime::MotionTables* body);
    void paintWindows(QPainter& painter, const level::Entity& formation,
                      const runtime::MotionTables& body);
    void paintThrow(QPainter& painter, const level::Entity& spring);
    void paintHandles(QPainter& painter);

    PatrolCache m_patrols;
};

}  // namespace rook::app
