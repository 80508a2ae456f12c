#include "app/session/live_reach.h"

#include <QtConcurrent>

#include "app/session/prove_level.h"
#include "file/sheet_import.h"
#include "level/rules.h"
#include "reach/waiting_runs.h"

namespace rook::app {

namespace {

constexpr double soonMs = 50;

}  // namespace

LiveReach::LiveReach(Session& session) : m_session(session) {
    m_pool.setMaxThreadCount(1);
    connect(&m_watcher, &QFutureWatcherBase::finished, this, &LiveReach::take);
    connect(&session.document, &Document::changed, this, &LiveReach::solveNext);
    connect(&session.document, &Document::levelSwitched, this, [this] {
        m_runWanted.reset();
        solveNext();
    });
    connect(&session.runs, &RunPlayer::whatIfChanged, this, &LiveReach::solveNext);
    connect(&session.runs, &RunPlayer::runAsked, this, &LiveReach::askRun);
    solveNext();
}

LiveReach::~LiveReach() {
    if (m_cancel) *m_cancel = true;
    m_pool.waitForDone();
}

std::optional<LiveReach::Job> LiveReach::jobFor(const level::Level& level) const {
    if (m_session.document.project().isSwatch(level.id)) return std::nullopt;
    const bool isOnBoard = &level == m_session.document.level().get();
    if (!m_session.proofs.isCurrent(level.id)) return Job::Verdict;
    if (isOnBoard && m_session.runs.whatIf().isAny() && !m_session.runs.whatIfAnswer())
        return Job::WhatIf;
    if (isOnBoard && m_runWanted) return Job::Run;
    if (!m_session.proofs.isPlanCurrent(level.id)) return Job::Plan;
    if (!isOnBoard) return std::nullopt;  // the rest takes long, and nobody sees it
    if (!m_session.proofs.isAnalysisCurrent(level.id)) return Job::Analysis;
    const auto analysis = m_session.proofs.of(level.id)->analysis;
    if (analysis && analysis->runs && !analysis->isComplete) return Job::FurtherAnalysis;
    return std::nullopt;
}

void LiveReach::askRun(PxPoint to) {
    m_runWanted = to;
    solveNext();
}

void LiveReach::solveNext() {
    if (m_watcher.isRunning()) {
        // Only the level on the board is worth interrupting for, and only for what comes first.
        const auto wanted = jobFor(*m_session.document.level());
        const bool isStale =
            m_solving &&
            (m_solving != m_session.document.level() ||
                     !haveSameRules(m_solvingProject, m_session.document.project())
                 ? wanted.has_value()
                 : wanted && (*wanted < m_job || (m_job == Job::WhatIf && *wanted == Job::WhatIf &&
                                                  m_session.runs.whatIf() != m_askedWhatIf)));
        if (isStale && m_cancel) *m_cancel = true;
        return;
    }
    // The level on the board first, its verdict before all else; then the others.
    std::vector<std::shared_ptr<const level::Level>> order{m_session.document.level()};
    order.insert(order.end(), m_session.document.project().levels.begin(),
                 m_session.document.project().levels.end());
    // What takes many solves waits until every level has its verdict.
    auto next = std::find_if(order.begin(), order.end(), [&](const auto& level) {
        const auto job = jobFor(*level);
        return job && *job != Job::FurtherAnalysis;
    });
    if (next == order.end() && jobFor(*m_session.document.level())) next = order.begin();
    m_solving = next == order.end() ? nullptr : *next;
    if (!m_solving) return;
    m_job = *jobFor(*m_solving);
    m_askedWhatIf = m_session.runs.whatIf();
    m_solvingProject = m_session.document.project();
    m_cancel = std::make_shared<std::atomic<bool>>(false);
    m_watcher.setFuture(QtConcurrent::run(&m_pool, [this, job = m_job,
                                                    project = m_session.document.project(),
                                                    level = m_solving, cancel = m_cancel,
                                                    proven = m_session.proofs.of(m_solving->id),
                                                    cache = cacheOf(m_solving->id),
                                                    folder = m_session.document.folder(),
                                                    whatIf = m_askedWhatIf, to = m_runWanted,
                                                    resolver =
                                                        m_solving == m_session.document.level()
                                                            ? &m_resolver
                                                            : nullptr] {
        const std::atomic<bool>* flag = cancel.get();
        Outcome outcome;
        outcome.whatIf = whatIf;
        switch (job) {
            case Job::Verdict:
                outcome.proven = proveLevel(project, level, flag, {}, proven.get(), resolver);
                break;
            case Job::WhatIf:
                outcome.proven = proveLevel(project, level, flag, whatIf);
                break;
            case Job::Run:
                outcome = findRun(project, level, whatIf, *to, flag);
                break;
            case Job::Plan: {
                // Ready for the next stroke; what takes long waits until all is told.
                const bool isSoonReady = proven->answer.milliseconds < soonMs;
                const auto prepare = [&] {
                    if (resolver && proven->query)
                        resolver->prepare(proven->query->problem, {reach::Limits{}.maxBytes, flag});
                };
                if (isSoonReady) prepare();
                outcome.proven =
                    planLevel(project, proven, *cache, opacityOf(project, folder), flag, resolver);
                if (!isSoonReady) prepare();
                break;
            }
            case Job::Analysis:
            case Job::FurtherAnalysis:
                outcome.proven = analyzeLevel(project, proven, flag);
                break;
        }
        outcome.job = job;
        return outcome;
    }));
}

LiveReach::Outcome LiveReach::findRun(const level::Project& project,
                                      std::shared_ptr<const level::Level> level,
                                      const WhatIf& whatIf, PxPoint to,
                                      const std::atomic<bool>* cancel) {
    Outcome outcome;
    outcome.whatIf = whatIf;
    if (!m_finder || m_finderLevel != level || m_finderWhatIf != whatIf ||
        !haveSameRules(m_finderProject, project)) {
        const auto query = queryAsIf(project, *level, whatIf);
        if (query && query->board) {
            outcome.words = tr("On a kit board the way is drawn to the module that is pointed at.");
            return outcome;
        }
        if (!query || !query->notSolved.empty()) {
            outcome.words = tr("Not decided here.");
            return outcome;
        }
        m_finder = std::make_shared<reach::RunFinder>(
            query->problem, reach::Limits{reach::Limits{}.maxBytes, cancel});
        m_finderLevel = level;
        m_finderWhatIf = whatIf;
        m_finderProject = project;
        if (m_finder->completion() != reach::Completion::Complete) {
            m_finder.reset();
            outcome.words = tr("Not decided here.");
            return outcome;
        }
    }
    const PxRect goal{to.x, to.y, 1, 1};
    auto run = m_finder->runTo(goal);
    if (run && !reach::replays(m_finder->problem(), *run, goal))
        run = reach::waitingRun(m_finder->problem(), *run, goal);
    if (run) {
        auto shown = std::make_shared<ShownRun>();
        shown->title = tr("Run to px %1, %2").arg(to.x).arg(to.y);
        shown->to = to;
        shown->run = std::move(*run);
        outcome.run = std::move(shown);
        return outcome;
    }
    const auto missed = m_finder->missedBy(goal);
    outcome.words = !missed || *missed == 0
                        ? tr("No run there was found.")
                        : tr("Not reached: the nearest a body comes is %1 px.").arg(*missed);
    return outcome;
}

const skin::Opacity& LiveReach::opacityOf(const level::Project& project, const QString& folder) {
    // The worker is one thread. An image that changes on disk is read with the next new sheet.
    if (!m_opacity || m_opacityFolder != folder || !m_opacitySheets.isSharedWith(project.sheets) ||
        !m_opacityBackdrops.isSharedWith(project.backdrops)) {
        m_opacity = file::opacityOf(file::diskStorage(),
                                    std::filesystem::path(folder.toStdString()), project);
        m_opacityFolder = folder;
        m_opacitySheets = project.sheets;
        m_opacityBackdrops = project.backdrops;
    }
    return *m_opacity;
}

std::shared_ptr<collide::ShapesCache> LiveReach::cacheOf(const LevelId& id) {
    // The worker is one thread, and only the level that is drawn on is worth remembering.
    if (!m_cache || m_cachedLevel != id) m_cache = std::make_shared<collide::ShapesCache>();
    m_cachedLevel = id;
    return m_cache;
}

void LiveReach::take() {
    const Outcome outcome = m_watcher.result();
    const bool wasCancelled = m_cancel && *m_cancel;
    const auto solved = std::exchange(m_solving, nullptr);
    if (!wasCancelled) {
        if (outcome.job == Job::Run) {
            m_runWanted.reset();
            if (solved == m_session.document.level()) {
                if (outcome.run)
                    m_session.runs.showRun(outcome.run);
                else
                    m_session.say(outcome.words);
            }
        } else if (outcome.job == Job::WhatIf) {
            m_session.runs.takeWhatIf(outcome.proven, outcome.whatIf);
        } else {
            takeProven(outcome.job, outcome.proven);
        }
    }
    solveNext();
}

/// Until it is looked at anew, what was found last stays in sight.
void LiveReach::takeProven(Job job, std::shared_ptr<const ProvenLevel> proven) {
    const auto former = m_session.proofs.of(proven->level->id);
    if (job == Job::Verdict && former) {
        auto kept = std::make_shared<ProvenLevel>(*proven);
        kept->analysis = former->analysis;
        kept->analysisOf = former->analysisOf;
        kept->deadlyTouches = former->deadlyTouches;
        if (former->plan) {
            kept->shapes = former->shapes;
            kept->shapesOf = former->shapesOf;
            if (check::hasPlan(*proven->level)) {
                kept->plan = former->plan;
                kept->report.take(check::Report::Part::Plan, former->plan->findings);
            }
        }
        proven = kept;
    }
    m_session.proofs.take(proven);
}

}  // namespace rook::app
