#include "app/session/prove_level.h"

#include "check/cast.h"
#include "check/why_not.h"
#include "check/win_findings.h"
#include "collide/px_maps.h"
#include "level/level_kinds.h"
#include "reach/analysis.h"
#include "reach/answer_after.h"
#include "reach/waiting_runs.h"

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

Result<reach::Query> queryAsIf(const level::Project& project, const level::Level& level,
                               const WhatIf& whatIf) {
    reach::QueryOptions options;
    options.lent = whatIf.lent;
    options.taken = whatIf.taken;
    options.held = whatIf.held;
    auto query = reach::queryOf(project, level, options);
    if (query && whatIf.closed && query->board) {
        reach::KitBoard board = *query->board;
        board.closed = toCells(*whatIf.closed, level.cellSize);
        query->board = std::make_shared<const reach::KitBoard>(std::move(board));
    } else if (query && whatIf.closed)
        query->problem = reach::withClosed(std::move(query->problem), *whatIf.closed);
    return query;
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
    const auto query = queryAsIf(project, *level, whatIf);
    if (!query) {
        proven->error = query.error();
        return proven;
    }
    if (level->proof)
        proven->formerRunHolds = reach::checkRun(*query, *level, *level->proof).isPossible;
    proven->query = std::make_shared<const reach::Query>(*query);
    const reach::Limits limits{reach::Limits{}.maxBytes, cancel};
    proven->answer =
        former && former->query
            ? reach::answerAfter(*former->query, former->answer, *query, limits, resolver)
            : reach::answer(*query, limits, resolver,
                            whatIf.isAny() ? reach::Extent::All : reach::Extent::Sure);
    if (!proven->answer.onKit() && !proven->answer.onPuzzle()) {
        proven->covered = proven->answer.onCells().reached.visited;
        proven->covered.spreadRight(proven->answer.onCells().tables.bodyWidth);
        proven->covered.spreadDown(proven->answer.onCells().tables.bodyHeight);
        proven->risky = reach::riskyPositions(query->problem, proven->answer.onCells().reached);
    }
    proven->report.take(check::Report::Part::Verdict,
                        check::findingsOf(project, *level, proven->answer));
    return proven;
}

std::shared_ptr<const ProvenLevel> planLevel(const level::Project& project,
                                             const std::shared_ptr<const ProvenLevel>& proven,
                                             collide::ShapesCache& cache,
                                             const skin::Opacity& opacity,
                                             const std::atomic<bool>* cancel,
                                             reach::Resolver* resolver) {
    auto planned = std::make_shared<ProvenLevel>(*proven);
    planned->project = project;
    const level::Level& level = *proven->level;
    if (cancel && *cancel) return proven;  // nobody looks at it
    if (level::traitsOf(level.kind).isOfPieces || level::traitsOf(level.kind).isOfSlots) {
        // Nothing here is of matter: no looks, no shapes.
        if (level::traitsOf(level.kind).isOfPieces) {
            planned->plan = std::make_shared<const check::PlanReport>(check::holdToPlan(
                project, level, proven->query.get(), proven->query ? &planned->answer : nullptr,
                {reach::Limits{}.maxBytes, cancel}));
            planned->report.take(check::Report::Part::Plan, planned->plan->findings);
        }
        planned->isPlanCurrent = true;
        return planned;
    }
    const bool isAnswered = proven->query != nullptr;
    const bool wasSure = planned->answer.onCells().reached.isOnlySure;
    if (isAnswered)
        reach::complete(*proven->query, planned->answer, {reach::Limits{}.maxBytes, cancel},
                        resolver);
    const reach::Answer& answer = planned->answer;
    // What nobody gets to is known now.
    if (isAnswered && wasSure)
        planned->report.take(check::Report::Part::Verdict,
                             check::findingsOf(project, level, answer));
    planned->plan = std::make_shared<const check::PlanReport>(
        check::holdToPlan(project, level, proven->query.get(), isAnswered ? &answer : nullptr,
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
    // Who keeps it must not keep what is planned here, which keeps that.
    auto board = check::boardReport(project, level, std::make_shared<const reach::Answer>(answer),
                                    opacity, cancel);
    planned->report.take(check::Report::Part::Board, std::move(board.findings));
    planned->report.take(check::Report::Part::Plan, planned->plan->findings);
    planned->strewn = std::move(board.strewn);
    planned->strewnBefore = proven->strewn;
    planned->strewnChange = skin::differing(planned->strewnBefore.get(), planned->strewn.get());
    planned->look = std::make_shared<const check::LookMaps>(std::move(board.look));
    return planned;
}

std::shared_ptr<const ProvenLevel> analyzeLevel(const level::Project& project,
                                                const std::shared_ptr<const ProvenLevel>& proven,
                                                const std::atomic<bool>* cancel) {
    auto deep = std::make_shared<ProvenLevel>(*proven);
    const level::Level& level = *proven->level;
    const reach::Limits limits{reach::Limits{}.maxBytes, cancel};
    const bool isFirst = !proven->isAnalysisCurrent;
    deep->analysis = std::make_shared<const reach::Analysis>(
        isFirst ? reach::analyze(project, level, proven->answer, limits)
                : reach::analyzeFurther(project, level, *proven->analysis, limits));
    deep->analysisOf = proven->level;
    deep->isAnalysisCurrent = true;
    if (isFirst && game::asksMoreThanReach(project, level)) {
        game::WinOptions options;
        options.reached = &proven->answer.verdict;
        deep->winning =
            std::make_shared<const game::Winning>(game::winningOf(project, level, options, limits));
    }
    if (cancel && *cancel) return proven;  // nobody looks at it
    using Part = check::Report::Part;
    std::vector<check::Finding> found;
    if (deep->winning) found = check::winFindings(level, proven->answer.verdict, *deep->winning);
    if (!deep->analysis->runs) {
        deep->report.take(Part::Analysis, std::move(found));
        return deep;
    }
    if (!isFirst)
        deep->crossings = reach::withNeeds(project, level, std::move(deep->crossings), limits);
    if (isFirst)
        deep->deadlyTouches =
            deadlyTouches(deep->analysis->runs->problem(), proven->answer.onCells().reached);
    const auto looked =
        check::analysisFindings(project, level, proven->answer, *deep->analysis, cancel);
    found.insert(found.end(), looked.begin(), looked.end());
    if (deep->analysis->proof.run && proven->query) {
        const auto met =
            check::meetingFindings(project, level, *proven->query, *deep->analysis->proof.run,
                                   deep->analysis->proof.hasNoWayRound);
        found.insert(found.end(), met.begin(), met.end());
    }
    if (!isFirst) {
        found = check::withReasons(project, level, *deep->analysis, std::move(found), cancel);
        deep->report.take(Part::Verdict,
                          check::withReasons(project, level, *deep->analysis,
                                             proven->report.of(Part::Verdict), cancel));
    }
    deep->report.take(Part::Analysis, std::move(found));
    return deep;
}

}  // namespace rook::app
