#include <algorithm>

#include "check/finding.h"
#include "collide/components.h"
#include "collide/px_maps.h"
#include "level/cast_edits.h"

namespace rook::check {

namespace {

using level::Entity;
using level::Role;
using reach::Answer;

constexpr int leastUnusedCells = 12;  // smaller spaces are corners, not areas
constexpr std::size_t mostPlaces = 20;

std::string cellText(const level::Level& level, const PxRect& place) {
    const PxRect at{place.x + place.width / 2, place.y + place.height / 2, 1, 1};
    return std::to_string(floorDivide(at.x, level.cellSize.width)) + ", " +
           std::to_string(floorDivide(at.y, level.cellSize.height));
}

class AnalysisFindings {
public:
    AnalysisFindings(const level::Project& project, const level::Level& level, const Answer& answer,
                     const reach::Analysis& depth, const std::atomic<bool>* cancel)
        : m_project(project), m_level(level), m_answer(answer), m_depth(depth), m_cancel(cancel) {}

    [[nodiscard]] std::vector<Finding> run() {
        addTraps();
        addRun();
        addBehind();
        addUnneeded();
        addUnused();
        return std::move(m_findings);
    }

private:
    void add(FindingKind kind, Severity severity, std::string sentence, PxRect place,
             EntityId entity = {}) {
        m_findings.push_back(
            {kind, severity, m_level.id, std::move(sentence), std::move(entity), place});
    }
    [[nodiscard]] bool isCancelled() const { return m_cancel && *m_cancel; }

    /// The px of the level that a body covers at positions of the map's frame.
    [[nodiscard]] PxRect placeOf(const PxRect& positions) const {
        return {positions.x - m_answer.onCells().reached.left,
                positions.y - m_answer.onCells().reached.top,
                positions.width + m_answer.onCells().tables.bodyWidth - 1,
                positions.height + m_answer.onCells().tables.bodyHeight - 1};
    }

    void addTraps() {
        const BitMap& traps = m_depth.traps.positions;
        if (traps.width() == 0 || !m_depth.traps.isAny()) return;
        // Floors a step apart are one trap.
        BitMap joined = traps;
        joined.spreadUp(m_level.cellSize.height);
        joined.spreadLeft(m_level.cellSize.width);
        std::size_t told = 0;
        for (const collide::BitPart& part : collide::partsOf(joined)) {
            if (++told > mostPlaces) break;
            const PxRect place =
                placeOf({part.bounds.x + m_level.cellSize.width - 1,
                         part.bounds.y + m_level.cellSize.height - 1,
                         std::max(1, part.bounds.width - m_level.cellSize.width + 1),
                         std::max(1, part.bounds.height - m_level.cellSize.height + 1)});
            add(FindingKind::Trap, Severity::Error, "Trap: who gets here can never finish", place);
        }
        for (const reach::Goal& goal : m_answer.verdict.goals)
            if (goal.role == Role::Checkpoint && goal.isReached && isTrapped(goal.box))
                add(FindingKind::CheckpointInTrap, Severity::Error,
                    goal.title + " " + goal.id + " stands in a trap", goal.box, {goal.id});
    }
    /// All places to rest at the box are traps.
    [[nodiscard]] bool isTrapped(const PxRect& box) const {
        const reach::Reached& reached = m_answer.onCells().reached;
        bool isAny = false;
        for (int y = box.y - m_answer.onCells().tables.bodyHeight + 1; y < box.bottom(); ++y)
            for (int x = box.x - m_answer.onCells().tables.bodyWidth + 1; x < box.right(); ++x) {
                if (!reached.isStoodAt({x, y})) continue;
                if (!m_depth.traps.positions.test(x + reached.left, y + reached.top)) return false;
                isAny = true;
            }
        return isAny;
    }

    void addRun() {
        const reach::Proof& proof = m_depth.proof;
        if (m_answer.verdict.exitsReached > 0 && !proof.run && !proof.whyNoRun.empty())
            add(FindingKind::RunInTime, Severity::Doubt,
                "The exit can be reached, but no run among what is on at times was found", {},
                {proof.exit});
        if (!proof.comfort || proof.comfort->isLeast ||
            proof.comfort->percent >= m_project.comfortLimitOf(m_level))
            return;
        const PxRect place =
            proof.comfort->places.empty() ? PxRect{} : proof.comfort->places.front().body;
        add(FindingKind::ComfortLow, Severity::Doubt,
            "Comfort is " + std::to_string(proof.comfort->percent) + " %, below the limit of " +
                std::to_string(m_project.comfortLimitOf(m_level)) + " %" +
                (place.isEmpty() ? "" : ": tightest at " + cellText(m_level, place)),
            place);
    }

    void addUnneeded() {
        for (const std::string& id : m_depth.unneeded)
            if (const Entity* entity = findEntity(m_level, {id}))
                add(FindingKind::PowerUpNotNeeded, Severity::Note,
                    id + " is never needed: without it all is reached as with it", entity->box,
                    entity->id);
    }

    /// Solves the level as a change makes it; the goals that are reached then.
    template <typename Change>
    [[nodiscard]] bool isReachedWith(const std::string& goal, Change&& change) const {
        level::Level changed = m_level;
        reach::QueryOptions options;
        change(changed, options);
        const auto query = reach::queryOf(m_project, changed, options);
        if (!query) return false;
        const Answer answer = reach::answer(*query, {reach::Limits{}.maxBytes, m_cancel}, nullptr,
                                            reach::Extent::Sure);
        return std::any_of(answer.verdict.goals.begin(), answer.verdict.goals.end(),
                           [&](const reach::Goal& g) { return g.id == goal && g.isReached; });
    }

    /// What is out of reach only because of what it would give.
    void addBehind() {
        for (const reach::Goal& goal : m_answer.verdict.goals) {
            if (goal.isReached || goal.isUndecided || isCancelled()) continue;
            const Entity* entity = findEntity(m_level, {goal.id});
            if (!entity) continue;
            const bool isKey = goal.role == Role::Key || goal.role == Role::Switch;
            if (isKey && opensADoor(entity->id) &&
                isReachedWith(goal.id, [&](level::Level& level, reach::QueryOptions&) {
                    openDoorsOf(level, entity->id);
                }))
                add(FindingKind::KeyBehindOwnDoor, Severity::Error,
                    goal.title + " " + goal.id + " stands behind the door that it opens", goal.box,
                    entity->id);
            if (goal.role == Role::Pickup && entity->data.grants &&
                isReachedWith(goal.id, [&](level::Level& level, reach::QueryOptions& options) {
                    options.lent = setOf(*entity->data.grants);
                    withoutGrant(level, entity->id);
                }))
                add(FindingKind::AbilityBehindNeed, Severity::Error,
                    goal.title + " " + goal.id + " grants " +
                        std::string(level::nameOf(*entity->data.grants)) +
                        " and stands where one needs it",
                    goal.box, entity->id);
        }
    }
    [[nodiscard]] bool opensADoor(const EntityId& id) const {
        return std::any_of(m_level.entities.begin(), m_level.entities.end(), [&](const Entity& e) {
            return level::mayBeShut(m_project.roleOf(e)) &&
                   std::count(e.data.opens.begin(), e.data.opens.end(), id) > 0;
        });
    }
    void openDoorsOf(level::Level& level, const EntityId& key) const {
        level.entities.edit([&](auto& list) {
            for (Entity& entity : list)
                if (level::mayBeShut(m_project.roleOf(entity)))
                    entity.data.opens.erase(
                        std::remove(entity.data.opens.begin(), entity.data.opens.end(), key),
                        entity.data.opens.end());
        });
    }
    static void withoutGrant(level::Level& level, const EntityId& id) {
        level.entities.edit([&](auto& list) {
            for (Entity& entity : list)
                if (entity.id == id) entity.data.grants.reset();
        });
    }

    /// Where a body would have room to be and never gets to. Only where the level is proven: else
    /// all that follows would be told again.
    void addUnused() {
        if (m_answer.verdict.kind != reach::VerdictKind::Reached || !m_depth.runs || isCancelled())
            return;
        const reach::Problem& problem = m_depth.runs->problem();
        const auto px =
            collide::makePxMaps(problem.frame, *problem.cells, problem.tables, problem.parts);
        const auto maps = collide::makeBodyMaps(px, problem.tables, problem.parts,
                                                ~std::uint64_t{0}, problem.tables.abilities);
        const BitMap& visited = m_answer.onCells().reached.visited;
        const BitMap& byMovers = m_answer.onCells().reached.byMovers;
        BitMap unused = maps.live;
        for (int y = 0; y < unused.height(); ++y)
            for (int i = 0; i < unused.wordsPerRow(); ++i)
                unused.row(y)[i] &=
                    ~(visited.row(y)[i] | (byMovers.width() > 0 ? byMovers.row(y)[i] : 0));
        const PxRect bounds = m_level.boundsPx();
        std::size_t told = 0;
        for (const collide::BitPart& part : collide::partsOf(unused)) {
            const PxRect place = placeOf(part.bounds).intersected(bounds);
            const std::int64_t cellPx =
                std::int64_t{m_level.cellSize.width} * m_level.cellSize.height;
            if (place.isEmpty() || part.bits < leastUnusedCells * cellPx) continue;
            // Open sky above what is reached is no room.
            const bool isRoom =
                std::any_of(part.runs.begin(), part.runs.end(), [&](const collide::BitRun& run) {
                    return maps.floor.anyIn(run.x, run.y, run.x + run.count, run.y + 1);
                });
            if (!isRoom) continue;
            if (++told > mostPlaces) break;
            add(FindingKind::UnusedArea, Severity::Note,
                "Nothing ever gets to this space, though one could stand there", place);
        }
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const Answer& m_answer;
    const reach::Analysis& m_depth;
    const std::atomic<bool>* m_cancel;
    std::vector<Finding> m_findings;
};

}  // namespace

std::vector<Finding> analysisFindings(const level::Project& project, const level::Level& level,
                                      const Answer& answer, const reach::Analysis& depth,
                                      const std::atomic<bool>* cancel) {
    return AnalysisFindings(project, level, answer, depth, cancel).run();
}

std::vector<Finding> keptRunFindings(const level::Project& project, const level::Level& level) {
    std::vector<Finding> findings;
    if (level.runs.empty()) return findings;
    const auto query = reach::queryOf(project, level);
    if (!query) return findings;
    for (const level::KeptRun& kept : level.runs) {
        const auto check = reach::checkRun(*query, level, kept);
        if (check.isPossible) continue;
        findings.push_back({FindingKind::RunBroken, Severity::Error, level.id,
                            "The run \"" + kept.name + "\" is no longer possible: " + check.why,
                            kept.goal, check.place});
    }
    return findings;
}

}  // namespace rook::check
