#pragma once
/// Keeps the reach of every level up to date, on one worker thread with values of its own.
///
/// The level on the board goes first. When it changes while it is being solved, that work is
/// cancelled and the newest value is taken; then it is held to its plan. Other levels follow when
/// nothing else is to do.

#include <QFutureWatcher>
#include <QThreadPool>
#include <atomic>
#include <memory>

#include "app/session.h"

namespace rook::app {

class LiveReach : public QObject {
    Q_OBJECT

public:
    explicit LiveReach(Session& session);
    ~LiveReach() override;

    [[nodiscard]] bool isBusy() const { return m_watcher.isRunning(); }

private:
    [[nodiscard]] bool isDone(const level::Level& level) const;
    void solveNext();
    void take();
    [[nodiscard]] std::shared_ptr<collide::ShapesCache> cacheOf(const LevelId& id);

    Session& m_session;
    QThreadPool m_pool;
    QFutureWatcher<std::shared_ptr<const ProvenLevel>> m_watcher;
    std::shared_ptr<const level::Level> m_solving;  ///< null when idle
    std::shared_ptr<std::atomic<bool>> m_cancel;
    std::shared_ptr<collide::ShapesCache> m_cache;
    LevelId m_cachedLevel;
};

/// Solves one level whole: answer, covered px and findings. Any thread.
[[nodiscard]] std::shared_ptr<const ProvenLevel> proveLevel(
    const level::Project& project, std::shared_ptr<const level::Level> level,
    const std::atomic<bool>* cancel);

/// The same, audited, held to its plan, its shapes made. Any thread; the cache is the level's own.
/// Findings that are notes come last.
[[nodiscard]] std::shared_ptr<const ProvenLevel> planLevel(
    const level::Project& project, const std::shared_ptr<const ProvenLevel>& proven,
    collide::ShapesCache& cache, const std::atomic<bool>* cancel);

}  // namespace rook::app
