#include "app/live_reach.h"

#include <QtConcurrent>

#include "check/audit.h"
#include "check/cast.h"
#include "check/deep.h"
#include "check/look.h"
#include "check/why_not.h"
#include "collide/px_maps.h"
#include "file/sheet_import.h"
#include "reach/answer_after.h"
#include "reach/deeper.h"
#include "reach/in_time.h"

namespace rook::app {

namespace {

constexpr double soonMs = 50;

Result<reach::Question> ask(const level::Project& project, const level::Level& level,
                            const WhatIf& whatIf) {
    reach::AskOptions options;
    options.lent = whatIf.lent;
    options.taken = whatIf.taken;
    auto question = reach::askOf(project, level, options);
    if (question && whatIf.closed && question->board) {
        reach::KitBoard board = *question->board;
        board.closed = toCells(*whatIf.closed, level.cellSize);
        question->board = std::make_shared<const reach::KitBoard>(std::move(board));
    } else if (question && whatIf.closed)
        question->problem = reach::withClosed(std::move(question->problem), *whatIf.closed);
    return question;
}

/// Positions of reached bodies from which one px on something deadly is met.
BitMap deadlyTouches(const reach::Problem& problem, const reach::Reached& reached) {
    const auto px =
        collide::makePxMaps(problem.frame, *problem.cells, problem.tables, problem.parts);
    const auto maps = collide::makeBodyMaps(px, problem.tables);
    BitMap dying = maps.free;
    for (int y = 0; y < dying.height(); ++y)
        for (int i = 0; i < dying.wordsPerRow(); ++i)
            dying.row(y)[i] &= ~maps.live.row(y)[i];
    BitMap near = reached.visited;
    near.spreadLeft(2);
    near.spreadRight(2);
    near.spreadUp(2);
    near.spreadDown(2);
    for (int y = 0; y < dying.height(); ++y)
        for (int i = 0; i < dying.wordsPerRow(); ++i)
            dying.row(y)[i] &= near.row(y)[i];
    // The px of those boxes that are deadly.
    dying.spreadRight(problem.tables.bodyWidth);
    dying.spreadDown(problem.tables.bodyHeight);
    for (int y = 0; y < dying.height(); ++y)
        for (int i = 0; i < dying.wordsPerRow(); ++i)
            dying.row(y)[i] &= px.deadly.row(y)[i];
    return dying;
}

}  // namespace

std::shared_ptr<const ProvenLevel> proveLevel(const level::Project& project,
                                              std::shared_ptr<const level::Level> level,
                                              const std::atomic<bool>* cancel, const WhatIf& whatIf,
                                              const ProvenLevel* former,
                                              reach::Resolver* resolver) {
    auto proven = std::make_shared<ProvenLevel>();
    proven->level = level;
    proven->project = project;
    if (former) proven->strewn = proven->strewnBefore = former->strewn;
    const auto question = ask(project, *level, whatIf);
    if (!question) {
        proven->error = question.error();
        return proven;
    }
    if (level->proof)
        proven->formerRunHolds = reach::checkRun(*question, *level, *level->proof).isPossible;
    proven->question = std::make_shared<const reach::Question>(*question);
    const reach::Limits limits{reach::Limits{}.maxBytes, cancel};
    proven->answer =
        former && former->question
            ? reach::answerAfter(*former->question, former->answer, *question, limits, resolver)
            : reach::answer(*question, limits, resolver);
    if (!proven->answer.kit) {
        proven->covered = proven->answer.reached.visited;
        proven->covered.spreadRight(proven->answer.tables.bodyWidth);
        proven->covered.spreadDown(proven->answer.tables.bodyHeight);
        proven->risky = reach::riskyPositions(question->problem, proven->answer.reached);
    }
    proven->findings = check::findingsOf(project, *level, proven->answer);
    proven->ownFindings = proven->findings.size();
    return proven;
}

std::shared_ptr<const ProvenLevel> planLevel(const level::Project& project,
                                             const std::shared_ptr<const ProvenLevel>& proven,
                                             collide::ShapesCache& cache,
                                             const skin::Opacity& opacity,
                                             const std::atomic<bool>* cancel) {
    auto planned = std::make_shared<ProvenLevel>(*proven);
    planned->project = project;
    const level::Level& level = *proven->level;
    if (cancel && *cancel) return proven;  // nobody looks at it
    if (level.kind == level::LevelKind::Kit) {
        // Nothing here is of matter: no looks, no shapes.
        planned->isPlanCurrent = true;
        return planned;
    }
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
    if (isAnswered) planned->crossings = reach::crossingsOf(level, planned->answer);
    planned->strewn = level.scatter.empty() ? nullptr
                                            : std::make_shared<const skin::Strewn>(skin::strew(
                                                  project, level, reachedCells(planned, level)));
    planned->strewnBefore = proven->strewn;
    planned->strewnChange = skin::differing(planned->strewnBefore.get(), planned->strewn.get());
    const level::Level seen = planned->strewn ? skin::withStrewn(level, *planned->strewn) : level;
    planned->look =
        std::make_shared<const check::LookMaps>(check::lookMaps(project, seen, opacity, cancel));
    const auto look = check::lookFindings(level, *planned->look);
    planned->findings.insert(planned->findings.end(), look.begin(), look.end());
    const auto hidden = check::hiddenFindings(project, seen, planned->answer, opacity);
    planned->findings.insert(planned->findings.end(), hidden.begin(), hidden.end());
    const auto pictures = check::pictureFindings(project, level, opacity);
    planned->findings.insert(planned->findings.end(), pictures.begin(), pictures.end());
    const auto sight = check::sightFindings(project, level, planned->answer, opacity, cancel);
    planned->findings.insert(planned->findings.end(), sight.begin(), sight.end());
    planned->findings.insert(planned->findings.end(), planned->plan->findings.begin(),
                             planned->plan->findings.end());
    std::stable_partition(
        planned->findings.begin(), planned->findings.end(),
        [](const check::Finding& f) { return f.severity != check::Severity::Note; });
    return planned;
}

std::shared_ptr<const ProvenLevel> deepenLevel(const level::Project& project,
                                               const std::shared_ptr<const ProvenLevel>& proven,
                                               const std::atomic<bool>* cancel) {
    auto deep = std::make_shared<ProvenLevel>(*proven);
    const level::Level& level = *proven->level;
    const reach::Limits limits{reach::Limits{}.maxBytes, cancel};
    const bool isFirst = !proven->isDepthCurrent;
    deep->depth = std::make_shared<const reach::Depth>(
        isFirst ? reach::lookDeep(project, level, proven->answer, limits)
                : reach::lookDeeper(project, level, *proven->depth, limits));
    deep->depthOf = proven->level;
    deep->isDepthCurrent = true;
    if (cancel && *cancel) return proven;  // nobody looks at it
    if (!deep->depth->runs) return deep;
    if (isFirst && deep->depth->proof.run && proven->question) {
        const auto meetings =
            check::meetingFindings(project, level, *proven->question, *deep->depth->proof.run,
                                   deep->depth->proof.hasNoWayRound);
        deep->meetings = meetings;
    }
    if (!isFirst)
        deep->crossings = reach::withNeeds(project, level, std::move(deep->crossings), limits);
    if (isFirst)
        deep->deadlyTouches = deadlyTouches(deep->depth->runs->problem(), proven->answer.reached);
    // What was found of it before is found again.
    std::erase_if(deep->findings, [](const check::Finding& f) { return check::isDeep(f.kind); });
    auto found = check::depthFindings(project, level, proven->answer, *deep->depth, cancel);
    found.insert(found.end(), deep->meetings.begin(), deep->meetings.end());
    deep->findings.insert(deep->findings.begin() + std::ptrdiff_t(deep->ownFindings), found.begin(),
                          found.end());
    if (!isFirst)
        deep->findings =
            check::withReasons(project, level, *deep->depth, std::move(deep->findings), cancel);
    std::stable_partition(
        deep->findings.begin(), deep->findings.end(),
        [](const check::Finding& f) { return f.severity != check::Severity::Note; });
    return deep;
}

skin::IsReached reachedCells(std::shared_ptr<const ProvenLevel> proven, const level::Level& level) {
    if (!proven || proven->error) return nullptr;
    return [proven = std::move(proven), cell = level.cellSize](CellPoint at) {
        return proven->answer.reached.meets(toPx(CellRect{at.x, at.y, 1, 1}, cell),
                                            proven->answer.tables);
    };
}

LiveReach::LiveReach(Session& session) : QObject(&session), m_session(session) {
    m_pool.setMaxThreadCount(1);
    connect(&m_watcher, &QFutureWatcherBase::finished, this, &LiveReach::take);
    connect(&session, &Session::documentChanged, this, &LiveReach::solveNext);
    connect(&session, &Session::levelSwitched, this, [this] {
        m_runWanted.reset();
        solveNext();
    });
    connect(&session, &Session::whatIfChanged, this, &LiveReach::solveNext);
    connect(&session, &Session::runAsked, this, &LiveReach::askRun);
    solveNext();
}

LiveReach::~LiveReach() {
    if (m_cancel) *m_cancel = true;
    m_pool.waitForDone();
}

std::optional<LiveReach::Job> LiveReach::jobFor(const level::Level& level) const {
    if (m_session.project().isSwatch(level.id)) return std::nullopt;
    const bool isOnBoard = &level == m_session.level().get();
    if (!m_session.isProofCurrent(level.id)) return Job::Verdict;
    if (isOnBoard && m_session.whatIf().isAny() && !m_session.whatIfAnswer()) return Job::WhatIf;
    if (isOnBoard && m_runWanted) return Job::Run;
    if (!m_session.isPlanCurrent(level.id)) return Job::Plan;
    if (!isOnBoard) return std::nullopt;  // the rest takes long, and nobody sees it
    if (!m_session.isDepthCurrent(level.id)) return Job::Depth;
    const auto depth = m_session.proven(level.id)->depth;
    if (depth && depth->runs && !depth->isComplete) return Job::Deeper;
    return std::nullopt;
}

void LiveReach::askRun(PxPoint to) {
    m_runWanted = to;
    solveNext();
}

void LiveReach::solveNext() {
    if (m_watcher.isRunning()) {
        // Only the level on the board is worth interrupting for, and only for what comes first.
        const auto wanted = jobFor(*m_session.level());
        const bool isStale =
            m_solving &&
            (m_solving != m_session.level() || !haveSameRules(m_solvingProject, m_session.project())
                 ? wanted.has_value()
                 : wanted && (*wanted < m_job || (m_job == Job::WhatIf && *wanted == Job::WhatIf &&
                                                  m_session.whatIf() != m_askedWhatIf)));
        if (isStale && m_cancel) *m_cancel = true;
        return;
    }
    // The level on the board first, its verdict before all else; then the others.
    std::vector<std::shared_ptr<const level::Level>> order{m_session.level()};
    order.insert(order.end(), m_session.project().levels.begin(), m_session.project().levels.end());
    // What takes many solves waits until every level has its verdict.
    auto next = std::find_if(order.begin(), order.end(), [&](const auto& level) {
        const auto job = jobFor(*level);
        return job && *job != Job::Deeper;
    });
    if (next == order.end() && jobFor(*m_session.level())) next = order.begin();
    m_solving = next == order.end() ? nullptr : *next;
    if (!m_solving) return;
    m_job = *jobFor(*m_solving);
    m_askedWhatIf = m_session.whatIf();
    m_solvingProject = m_session.project();
    m_cancel = std::make_shared<std::atomic<bool>>(false);
    m_watcher.setFuture(QtConcurrent::run(
        &m_pool,
        [this, job = m_job, project = m_session.project(), level = m_solving, cancel = m_cancel,
         proven = m_session.proven(m_solving->id), cache = cacheOf(m_solving->id),
         folder = m_session.folder(), whatIf = m_askedWhatIf, to = m_runWanted,
         resolver = m_solving == m_session.level() ? &m_resolver : nullptr] {
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
                        if (resolver && proven->question)
                            resolver->prepare(proven->question->problem,
                                              {reach::Limits{}.maxBytes, flag});
                    };
                    if (isSoonReady) prepare();
                    outcome.proven =
                        planLevel(project, proven, *cache, opacityOf(project, folder), flag);
                    if (!isSoonReady) prepare();
                    break;
                }
                case Job::Depth:
                case Job::Deeper:
                    outcome.proven = deepenLevel(project, proven, flag);
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
        const auto question = ask(project, *level, whatIf);
        if (question && question->board) {
            outcome.words = tr("On a kit board the way is drawn to the module that is pointed at.");
            return outcome;
        }
        if (!question || !question->notSolved.empty()) {
            outcome.words = tr("Not decided here.");
            return outcome;
        }
        m_finder = std::make_shared<reach::RunFinder>(
            question->problem, reach::Limits{reach::Limits{}.maxBytes, cancel});
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
            if (solved == m_session.level()) {
                if (outcome.run)
                    m_session.showRun(outcome.run);
                else
                    m_session.say(outcome.words);
            }
        } else if (outcome.job == Job::WhatIf) {
            m_session.takeWhatIf(outcome.proven, outcome.whatIf);
        } else {
            takeProven(outcome.job, outcome.proven);
        }
    }
    solveNext();
}

/// Until it is looked at anew, what was found last stays in sight.
void LiveReach::takeProven(Job job, std::shared_ptr<const ProvenLevel> proven) {
    const auto former = m_session.proven(proven->level->id);
    if (job == Job::Verdict && former) {
        auto kept = std::make_shared<ProvenLevel>(*proven);
        kept->depth = former->depth;
        kept->depthOf = former->depthOf;
        kept->deadlyTouches = former->deadlyTouches;
        if (former->plan) {
            kept->shapes = former->shapes;
            kept->shapesOf = former->shapesOf;
            if (check::hasPlan(*proven->level)) {
                kept->plan = former->plan;
                kept->findings.insert(kept->findings.end(), former->plan->findings.begin(),
                                      former->plan->findings.end());
            }
        }
        proven = kept;
    }
    m_session.takeProof(proven);
}

}  // namespace rook::app
