#include "app/steps/cast/patrol_cache.h"

#include <QFutureWatcher>
#include <QtConcurrent>

#include "level/tracks.h"

namespace rook::app {

namespace {

/// What is kept of that very entity, or is reckoned now.
template <typename Kept, typename Reckon>
const auto& keptOr(Kept& kept, const level::Entity& entity, Reckon&& reckon) {
    const auto found = kept.find(entity.id);
    if (found != kept.end() && found->second.first == entity) return found->second.second;
    return kept.insert_or_assign(entity.id, std::pair(entity, reckon())).first->second.second;
}

}  // namespace

void PatrolCache::followGround(const level::Project& project,
                               const std::shared_ptr<const level::Level>& level) {
    cast::Obstacles obstacles = m_obstacles;
    if (!m_level || !m_level->entities.isSharedWith(level->entities))
        obstacles = cast::obstaclesOf(project, *level);
    const bool isSameGround = m_level && m_level->cells == level->cells &&
                              m_matters.isSharedWith(project.matters) && obstacles == m_obstacles;
    m_obstacles = std::move(obstacles);
    m_level = level;
    if (isSameGround) return;
    m_ways.clear();
    m_flights.clear();
    m_matters = project.matters;
}

const runtime::PatrolWay& PatrolCache::wayOf(const level::Project& project,
                                             const std::shared_ptr<const level::Level>& level,
                                             const runtime::MotionTables& body,
                                             const level::Entity& foe) {
    followGround(project, level);
    return keptOr(m_ways, foe,
                  [&] { return cast::wayAmong(m_obstacles, project, *level, body, foe); });
}

const PatrolCache::Flight& PatrolCache::flightOf(const level::Project& project,
                                                 const std::shared_ptr<const level::Level>& level,
                                                 const level::Entity& thrower) {
    followGround(project, level);
    return keptOr(m_flights, thrower,
                  [&] { return cast::flightAmong(m_obstacles, project, *level, thrower); });
}

const runtime::Mover& PatrolCache::moverOf(const level::Entity& mover) {
    return keptOr(m_movers, mover, [&] { return level::moverOf(mover.data.track, mover.box); });
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
            [shape = level::formationOf(project, formation), body, formation, key] {
                return Windows{formation, key, cast::passagesOf(shape, body)};
            }));
    return none;
}

}  // namespace rook::app
