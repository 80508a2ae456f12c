#pragma once
/// What is simulated of foes, shots, movers and formations for the board, kept until it is
/// otherwise.

#include <QFutureWatcher>
#include <functional>
#include <map>

#include "cast/behaviour.h"
#include "level/project.h"
#include "rook_patrol.hpp"

namespace rook::app {

/// The patrols of a level, simulated once for each ground that they go on, and the windows of its
/// formations, once for each shape that they have.
class PatrolCache {
public:
    PatrolCache();
    ~PatrolCache();
    /// Good until the next call.
    [[nodiscard]] const runtime::PatrolWay& wayOf(const level::Project& project,
                                                  const std::shared_ptr<const level::Level>& level,
                                                  const runtime::MotionTables& body,
                                                  const level::Entity& foe);
    /// The corners of a shot of a thrower, from the tick on in which it is made. Good until the
    /// next call.
    using Flight = std::vector<std::pair<int, int>>;
    [[nodiscard]] const Flight& flightOf(const level::Project& project,
                                         const std::shared_ptr<const level::Level>& level,
                                         const level::Entity& thrower);
    /// The way of a mover. Requires: its track breaks no rule. Good until the next call.
    [[nodiscard]] const runtime::Mover& moverOf(const level::Entity& mover);
    /// Reckoned in the background, one formation after the other: none until then, and
    /// `whenReckoned` is called. Good until the next call.
    [[nodiscard]] const std::vector<cast::Passage>& passagesOf(const level::Project& project,
                                                               const runtime::MotionTables& body,
                                                               const level::Entity& formation);
    [[nodiscard]] bool isReckoning() const { return m_reckoning.isRunning(); }
    std::function<void()> whenReckoned;

private:
    struct Windows {
        level::Entity entity;
        std::vector<int> body;  ///< width, height and walk, px
        std::vector<cast::Passage> passages;
    };
    void takeWindows();
    /// Forgets what went on another ground, or among other obstacles.
    void followGround(const level::Project& project,
                      const std::shared_ptr<const level::Level>& level);
    std::shared_ptr<const level::Level> m_level;
    SharedVector<level::Matter> m_matters;
    cast::Obstacles m_obstacles;
    template <typename Reckoned>
    using ByEntity = std::map<EntityId, std::pair<level::Entity, Reckoned>>;
    ByEntity<runtime::PatrolWay> m_ways;
    ByEntity<Flight> m_flights;
    ByEntity<runtime::Mover> m_movers;
    SharedVector<level::Kind> m_kinds;  ///< of the windows
    std::map<EntityId, Windows> m_windows;
    QFutureWatcher<Windows> m_reckoning;
};

}  // namespace rook::app
