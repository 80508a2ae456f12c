#include "app/live_reach.h"

#include <QtConcurrent>

#include "check/audit.h"

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
    proven->ownFindings = proven->findings.size();
    return proven;
}

std::shared_ptr<const ProvenLevel> planLevel(const level::Project& project,
                                             const std::shared_ptr<const ProvenLevel>& proven,
                                             collide::ShapesCache& cache,
                                             const std::atomic<bool>* cancel) {
    auto planned = std::make_shared<ProvenLevel>(*proven);
    const level::Level& level = *proven->level;
    if (cancel && *cancel) return proven;  // nobody looks at it
    const auto question = reach::askOf(project, level);
    const bool isAnswered = question && !proven->error;
    planned->plan = std::make_shared<const check::PlanReport>(check::holdToPlan(
        project, level, isAnswered ? &*question : nullptr, isAnswered ? &proven->answer : nullptr,
        {reach::Limits{}.maxBytes, cancel}));
    if (level.cells.bounds().area() <= maxLiveShapeCells) {
        auto shapes =
            collide::makeShapes(frameOf(level), level::LevelCells(project, level), cache, cancel);
        if (!shapes) return proven;  // cancelled: nobody looks at it
        planned->shapes = std::make_shared<const collide::CollisionShapes>(std::move(*shapes));
        planned->shapesOf = proven->level;
    }
    planned->isPlanCurrent = true;
    planned->findings.resize(planned->ownFindings);
    const auto audit = check::auditFindings(project, level, planned->answer, cancel);
    planned->findings.insert(planned->findings.end(), audit.begin(), audit.end());
    planned->findings.insert(planned->findings.end(), planned->plan->findings.begin(),
                             planned->plan->findings.end());
    std::stable_partition(
        planned->findings.begin(), planned->findings.end(),
        [](const check::Finding& f) { return f.severity != check::Severity::Note; });
    return planned;
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

bool LiveReach::isDone(const level::Level& level) const {
    return m_session.isProofCurrent(level.id) && m_session.isPlanCurrent(level.id);
}

void LiveReach::solveNext() {
    if (m_watcher.isRunning()) {
        // Only the level on the board is worth interrupting for.
        const bool isStale =
            m_solving && m_solving != m_session.level() && !isDone(*m_session.level());
        if (isStale && m_cancel) *m_cancel = true;
        return;
    }
    // The level on the board first, its verdict before its plan; then the others.
    std::vector<std::shared_ptr<const level::Level>> order{m_session.level()};
    order.insert(order.end(), m_session.project().levels.begin(), m_session.project().levels.end());
    const auto next = std::find_if(order.begin(), order.end(),
                                   [&](const auto& level) { return !isDone(*level); });
    m_solving = next == order.end() ? nullptr : *next;
    if (!m_solving) return;
    m_cancel = std::make_shared<std::atomic<bool>>(false);
    const bool isPlan = m_session.isProofCurrent(m_solving->id);
    m_watcher.setFuture(QtConcurrent::run(
        &m_pool, [project = m_session.project(), level = m_solving, cancel = m_cancel, isPlan,
                  proven = m_session.proven(m_solving->id), cache = cacheOf(m_solving->id)] {
            return isPlan ? planLevel(project, proven, *cache, cancel.get())
                          : proveLevel(project, level, cancel.get());
        }));
}

std::shared_ptr<collide::ShapesCache> LiveReach::cacheOf(const LevelId& id) {
    // The worker is one thread, and only the level that is drawn on is worth remembering.
    if (!m_cache || m_cachedLevel != id) m_cache = std::make_shared<collide::ShapesCache>();
    m_cachedLevel = id;
    return m_cache;
}

void LiveReach::take() {
    auto proven = m_watcher.result();
    const bool wasCancelled = m_cancel && *m_cancel;
    m_solving = nullptr;
    const auto former = m_session.proven(proven->level->id);
    if (!wasCancelled && former && former->plan && !proven->plan) {
        // Until the plan is looked at anew, what was found last stays in sight.
        auto kept = std::make_shared<ProvenLevel>(*proven);
        kept->shapes = former->shapes;
        kept->shapesOf = former->shapesOf;
        if (check::hasPlan(*proven->level)) {
            kept->plan = former->plan;
            kept->findings.insert(kept->findings.end(), former->plan->findings.begin(),
                                  former->plan->findings.end());
        }
        proven = kept;
    }
    if (!wasCancelled) m_session.takeProof(proven);
    solveNext();
}

}  // namespace rook::app
