#include "app/steps/cast/patrol_cache.h"

#include <QFutureWatcher>
#include <QtConcurrent>

namespace rook::app {

const runtime::PatrolWay& PatrolCache::wayOf(const level::Project& project,
                                             const std::shared_ptr<const level::Level>& level,
                                             const runtime::MotionTables& body,
                                             const level::Entity& foe) {
    cast::Obstacles obstacles = m_obstacles;
    if (!m_level || !m_level->entities.isSharedWith(level->entities))
        obstacles = cast::obstaclesOf(project, *level);
    const bool isSameGround = m_level && m_level->cells == level->cells &&
                              m_matters.isSharedWith(project.matters) && obstacles == m_obstacles;
    m_obstacles = std::move(obstacles);
    if (!isSameGround) {
        m_ways.clear();
        m_matters = project.matters;
    }
    m_level = level;
    const auto found = m_ways.find(foe.id);
    if (found != m_ways.end() && found->second.first == foe) return found->second.second;
    return m_ways
        .insert_or_assign(foe.id,
                          std::pair(foe, cast::wayAmong(m_obstacles, project, *level, body, foe)))
        .first->second.second;
}

PatrolCache::PatrolCache() {
    QObject::connect(&m_reckoning, &QFutureWatcher<Windows>::finished, &m_reckoning,
                     [this] { takeWindows(); });
}

PatrolCache::~PatrolCache() {
    m_reckoning.waitForFinished();
}

void PatrolCache::takeWindows() {
    Windows windows = m_reckoning.result();
    const EntityId id = windows.entity.id;
    m_windows.insert_or_assign(id, std::move(windows));
    if (whenReckoned) whenReckoned();
}

const std::vector<cast::Passage>& PatrolCache::passagesOf(const level::Project& project,
                                                          const runtime::MotionTables& body,
                                                          const level::Entity& formation) {
    static const std::vector<cast::Passage> none;
    if (!m_kinds.isSharedWith(project.kinds)) m_windows.clear();
    m_kinds = project.kinds;
    std::vector<int> key{body.bodyWidth, body.bodyHeight};
    key.insert(key.end(), std::begin(body.walk), std::end(body.walk));
    const auto found = m_windows.find(formation.id);
    if (found != m_windows.end() && found->second.entity == formation && found->second.body == key)
        return found->second.passages;
    if (!m_reckoning.isRunning())
        m_reckoning.setFuture(QtConcurrent::run(
            [shape = cast::formationOf(project, formation), body, formation, key] {
                return Windows{formation, key, cast::passagesOf(shape, body)};
            }));
    return none;
}

}  // namespace rook::app
