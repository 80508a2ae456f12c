#include "app/live_reach.h"

#include <QtConcurrent>

namespace rook::app {

std::shared_ptr<const ProvenLevel> proveLevel(const level::Project& project,
                                              std::shared_ptr<const level::Level> level,
                                              const std::atomic<bool>* cancel) {
    auto proven = std::make_shared<ProvenLevel>();
    proven->level = level;
    const auto question = reach::askOf(project, *level);
    if (!question) {
        proven->error = question.error();
        return proven;
    }
    proven->answer = reach::answer(*question, {reach::Limits{}.maxBytes, cancel});
    proven->covered = proven->answer.reached.visited;
    proven->covered.spreadRight(proven->answer.tables.bodyWidth);
    proven->covered.spreadDown(proven->answer.tables.bodyHeight);
    proven->findings = check::findingsOf(project, *level, proven->answer);
    return proven;
}

LiveReach::LiveReach(Session& session) : QObject(&session), m_session(session) {
    m_pool.setMaxThreadCount(1);
    connect(&m_watcher, &QFutureWatcherBase::finished, this, &LiveReach::take);
    connect(&session, &Session::documentChanged, this, &LiveReach::solveNext);
    connect(&session, &Session::levelSwitched, this, &LiveReach::solveNext);
    solveNext();
}

LiveReach::~LiveReach() {
    if (m_cancel) *m_cancel = true;
    m_pool.waitForDone();
}

void LiveReach::solveNext() {
    if (m_watcher.isRunning()) {
        // Only the level on the board is worth interrupting for.
        const bool isStale = m_solving && m_solving != m_session.level() &&
                             !m_session.isProofCurrent(m_session.level()->id);
        if (isStale && m_cancel) *m_cancel = true;
        return;
    }
    std::shared_ptr<const level::Level> next;
    if (!m_session.isProofCurrent(m_session.level()->id)) next = m_session.level();
    for (const auto& level : m_session.project().levels)
        if (!next && !m_session.isProofCurrent(level->id)) next = level;
    m_solving = next;
    if (!next) return;
    m_cancel = std::make_shared<std::atomic<bool>>(false);
    m_watcher.setFuture(
        QtConcurrent::run(&m_pool, [project = m_session.project(), next, cancel = m_cancel] {
            return proveLevel(project, next, cancel.get());
        }));
}

void LiveReach::take() {
    const auto proven = m_watcher.result();
    const bool wasCancelled = m_cancel && *m_cancel;
    m_solving = nullptr;
    if (!wasCancelled) m_session.takeProof(proven);
    solveNext();
}

}  // namespace rook::app
