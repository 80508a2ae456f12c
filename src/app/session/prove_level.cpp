#include "app/session/prove_level.h"

#include "check/cast.h"
#include "check/why_not.h"
#include "collide/px_maps.h"
#include "level/level_kinds.h"
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
    proven->report.take(check::Report::Part::Verdict,
                        check::findingsOf(project, *level, proven->answer));
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
    if (level::traitsOf(level.kind).isOfPieces) {
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
    if (isAnswered) planned->crossings = reach::crossingsOf(level, planned->answer);
    // The answer stays where it is as long as `proven` is held.
    auto board = check::boardReport(project, level,
                                    std::shared_ptr<const reach::Answer>(proven, &proven->answer),
                                    opacity, cancel);
    planned->report.take(check::Report::Part::Board, std::move(board.findings));
    planned->report.take(check::Report::Part::Plan, planned->plan->findings);
    planned->strewn = std::move(board.strewn);
    planned->strewnBefore = proven->strewn;
    planned->strewnChange = skin::differing(planned->strewnBefore.get(), planned->strewn.get());
    planned->look = std::make_shared<const check::LookMaps>(std::move(board.look));
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
    if (!isFirst)
        deep->crossings = reach::withNeeds(project, level, std::move(deep->crossings), limits);
    if (isFirst)
        deep->deadlyTouches = deadlyTouches(deep->depth->runs->problem(), proven->answer.reached);
    using Part = check::Report::Part;
    auto found = check::depthFindings(project, level, proven->answer, *deep->depth, cancel);
    if (deep->depth->proof.run && proven->question) {
        const auto met =
            check::meetingFindings(project, level, *proven->question, *deep->depth->proof.run,
                                   deep->depth->proof.hasNoWayRound);
        found.insert(found.end(), met.begin(), met.end());
    }
    if (!isFirst) {
        found = check::withReasons(project, level, *deep->depth, std::move(found), cancel);
        deep->report.take(Part::Verdict,
                          check::withReasons(project, level, *deep->depth,
                                             proven->report.of(Part::Verdict), cancel));
    }
    deep->report.take(Part::Depth, std::move(found));
    return deep;
}

}  // namespace rook::app
