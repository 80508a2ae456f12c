#include "app/session/prove_level.h"

#include "check/audit.h"
#include "check/cast.h"
#include "check/deep.h"
#include "check/why_not.h"
#include "collide/px_maps.h"
#include "reach/answer_after.h"
#include "reach/deeper.h"
#include "reach/in_time.h"

namespace rook::app {

namespace {

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

Result<reach::Question> questionOf(const level::Project& project, const level::Level& level,
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

std::shared_ptr<const ProvenLevel> proveLevel(const level::Project& project,
                                              std::shared_ptr<const level::Level> level,
                                              const std::atomic<bool>* cancel, const WhatIf& whatIf,
                                              const ProvenLevel* former,
                                              reach::Resolver* resolver) {
    auto proven = std::make_shared<ProvenLevel>();
    proven->level = level;
    proven->project = project;
    if (former) proven->strewn = proven->strewnBefore = former->strewn;
    const auto question = questionOf(project, *level, whatIf);
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

}  // namespace rook::app
