#include "app/session/reach_words.h"

#include "app/ui/words.h"

namespace rook::app {

namespace {

ReachWords wordsOnKit(const Session& session, const reach::KitAnswer& answer, PxPoint px) {
    const int patch = answer.graph.patchUnder(kit::inModules(*session.document.level(), px),
                                              session.workbench.storey());
    if (patch < 0) return {tr("no surface here")};
    if (!answer.reach.reached[std::size_t(patch)]) return {tr("not reached")};
    const auto steps = kit::modulesOf(answer.graph, answer.reach.wayTo(patch)).size() - 1;
    return {answer.reach.trapped[std::size_t(patch)] ? tr("reached, and a trap: no exit from here")
                                                     : tr("reached after %1 modules").arg(steps),
            true};
}

ReachWords wordsOnCells(const ProvenLevel& proven, PxPoint px) {
    const reach::Reached& reached = proven.answer.onCells().reached;
    const runtime::MotionTables& tables = proven.answer.onCells().tables;
    const bool isOpen = !proven.covered.test(px.x + reached.left, px.y + reached.top);
    if (isOpen && reached.isOnlySure) return {tr("no body by itself; movers are looked at")};
    if (isOpen)
        return {reached.mayMeetByMovers(PxRect{px.x, px.y, 1, 1}, tables)
                    ? tr("only by a mover, or in time: ask for a run to see how")
                    : tr("no body can be here")};
    // A body stands here if a standing position puts its box around this px.
    const bool isStood = reached.standing.anyIn(px.x + reached.left - tables.bodyWidth + 1,
                                                px.y + reached.top - tables.bodyHeight + 1,
                                                px.x + reached.left + 1, px.y + reached.top + 1);
    return {isStood ? tr("reached, standing") : tr("reached, in the air"), true};
}

}  // namespace

ReachWords reachWords(const Session& session, PxPoint px) {
    if (session.document.isOnSwatch()) return {};
    const auto proven = session.proofs.ofBoard();
    if (!proven) return {tr("being proven …")};
    if (!session.proofs.isCurrent(session.document.level()->id)) return {tr("being solved …")};
    if (proven->error || proven->answer.verdict.kind == reach::VerdictKind::NotDecided)
        return {tr("not decided here")};
    return proven->answer.onKit() ? wordsOnKit(session, *proven->answer.onKit(), px)
                                  : wordsOnCells(*proven, px);
}

QString answeredWords(const reach::Answer& answer) {
    switch (answer.by) {
        case reach::AnsweredBy::Solving:
            return tr("solved in %1 ms").arg(answer.milliseconds, 0, 'f', 1);
        case reach::AnsweredBy::Mending:
            return tr("mended in %1 ms").arg(answer.milliseconds, 0, 'f', 1);
        case reach::AnsweredBy::Carrying:
            return tr("as before");
    }
    return {};
}

}  // namespace rook::app
