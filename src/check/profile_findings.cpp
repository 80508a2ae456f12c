/// What changes how bodies move, and doors that nobody finds open.

#include <algorithm>

#include "check/finding.h"
#include "collide/px_maps.h"
#include "level/cast_edits.h"
#include "motion/paces.h"
#include "reach/rides.h"
#include "reach/timed_effects.h"

namespace rook::check {

namespace {

using level::Entity;
using level::Role;

class ProfileFindings {
public:
    ProfileFindings(const level::Level& level, const reach::Answer& answer, reach::Query query)
        : m_level(level),
          m_reached(answer.onCells().reached),
          m_query(std::move(query)),
          m_world(m_query.problem.frame, *m_query.problem.cells, m_query.problem.tables,
                  m_query.problem.parts) {}

    [[nodiscard]] std::vector<Finding> run(const level::Project& project) {
        // What bodies hold is known whole only without a clock.
        const bool isWhole = !reach::hasTimed(m_query.problem) && !reach::hasRides(m_query.problem);
        if (isWhole) addDoors(project);
        if (isWhole) addSwaps();
        addUntouchable();
        return std::move(m_findings);
    }

private:
    void add(FindingKind kind, std::string sentence, const EntityId& id = {}) {
        const Entity* entity = id.isEmpty() ? nullptr : findEntity(m_level, id);
        m_findings.push_back({kind, Severity::Doubt, m_level.id, std::move(sentence), id,
                              entity ? entity->box : PxRect{}});
    }

    void addDoors(const level::Project& project) {
        std::size_t next = 0;
        for (const Entity& entity : m_level.entities) {
            const Role role = project.roleOf(entity);
            const bool names = !entity.data.opens.empty() || entity.data.opensWithAllPickups;
            if (role != Role::Door && !(role == Role::Exit && names)) continue;
            const runtime::Door& door = m_query.problem.parts.doors[next++];
            const bool isFoundOpen =
                std::any_of(m_reached.sets.begin(), m_reached.sets.end(),
                            [&](runtime::HeldSet held) { return door.isOpen(held); });
            if (isFoundOpen || door.isShutForGood) continue;
            add(FindingKind::DoorOpensForNobody,
                "The " + std::string(level::nameOf(role)) + " " + entity.id.text +
                    " opens for nobody: nobody can have all that it asks for",
                entity.id);
        }
    }

    void addSwaps() {
        const runtime::MotionTables& own = m_query.problem.tables;
        for (int profile = 0; profile <= static_cast<int>(own.others.size()); ++profile) {
            const int with = runtime::tablesOf(own, profile).swapsWith;
            // Each pair is told once.
            if (with < 0 || with < profile) continue;
            const bool isUsed = std::any_of(m_reached.sets.begin(), m_reached.sets.end(),
                                            [&](runtime::HeldSet held) {
                                                const int inForce = m_world.profileOf(held);
                                                return (held & runtime::swappedBit) != 0 &&
                                                       (inForce == profile || inForce == with);
                                            });
            if (!isUsed)
                add(FindingKind::SwapUnusable, "Nobody can swap " + nameOf(profile) + " for " +
                                                   nameOf(with) +
                                                   ": nobody stands while it is in force");
        }
    }
    [[nodiscard]] std::string nameOf(int profile) const {
        return m_query.profiles[static_cast<std::size_t>(profile)];
    }

    /// It wears off, and as far as one gets until then all is deadly.
    void addUntouchable() {
        const runtime::Parts& parts = m_query.problem.parts;
        for (std::size_t i = 0; i < parts.gains.size(); ++i) {
            const runtime::Gain& gain = parts.gains[i];
            const bool isTold = gain.lastsTicks > 0 &&
                                (gain.grants & setOf(runtime::Ability::Untouchable)) != 0 &&
                                m_reached.meets(level::rectOf(gain.box), m_query.problem.tables);
            if (isTold && !isSafeNear(gain))
                add(FindingKind::UntouchableUnsafe,
                    m_query.gainIds[i] + " wears off after " + std::to_string(gain.lastsTicks) +
                        " ticks, and nothing is safe that can be got to until then",
                    {m_query.gainIds[i]});
        }
    }
    [[nodiscard]] bool isSafeNear(const runtime::Gain& gain) const {
        const reach::Problem& problem = m_query.problem;
        const runtime::Parts fixed = reach::fixedParts(problem.parts);
        const collide::PxMaps px =
            collide::makePxMaps(problem.frame, *problem.cells, problem.tables, fixed);
        // All doors open: from above.
        runtime::Parts open = fixed;
        open.doors.clear();
        const collide::BodyMaps maps =
            collide::makeBodyMaps(px, problem.tables, open, 0,
                                  m_world.abilitiesWith(0) & ~setOf(runtime::Ability::Untouchable));
        const motion::MostPaces most = motion::mostPaces(problem.tables, problem.parts);
        const auto far = [&](int pace) {
            return static_cast<int>(
                std::min<long long>(1 << 26, static_cast<long long>(pace) * (gain.lastsTicks + 1)));
        };
        const int dx = far(most.across) + problem.tables.bodyWidth;
        const int dy = far(most.down) + problem.tables.bodyHeight;
        const auto clamped = [](long long at, int size) {
            return static_cast<int>(std::clamp<long long>(at, 0, size));
        };
        return maps.live.anyIn(
            clamped(gain.box.x - dx + maps.left, maps.live.width()),
            clamped(gain.box.y - dy + maps.top, maps.live.height()),
            clamped(static_cast<long long>(gain.box.x) + gain.box.width + dx + maps.left,
                    maps.live.width()),
            clamped(static_cast<long long>(gain.box.y) + gain.box.height + dy + maps.top,
                    maps.live.height()));
    }

    const level::Level& m_level;
    const reach::Reached& m_reached;
    reach::Query m_query;
    runtime::World m_world;
    std::vector<Finding> m_findings;
};

}  // namespace

std::vector<Finding> profileFindings(const level::Project& project, const level::Level& level,
                                     const reach::Answer& answer) {
    const bool isKnown = answer.onCells().reached.completion == reach::Completion::Complete &&
                         answer.onCells().reached.startIsLive;
    if (!isKnown) return {};
    auto query = reach::queryOf(project, level);
    if (!query || query->board || !query->notSolved.empty()) return {};
    const runtime::Parts& parts = query->problem.parts;
    const bool asks = !parts.doors.empty() || runtime::canSwap(query->problem.tables) ||
                      std::any_of(parts.gains.begin(), parts.gains.end(), [](const auto& gain) {
                          return (gain.grants & setOf(runtime::Ability::Untouchable)) != 0;
                      });
    if (!asks) return {};
    return ProfileFindings(level, answer, std::move(*query)).run(project);
}

}  // namespace rook::check
