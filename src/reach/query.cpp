/// Questions from the document: what the entities of a level mean for reach.

#include <algorithm>
#include <optional>
#include <unordered_set>

#include "level/cast_edits.h"
#include "level/tracks.h"
#include "motion/level_motion.h"
#include "reach/puzzle_answer.h"
#include "reach/verdict.h"
#include "rook_carry.hpp"

namespace rook::reach {

namespace {

using level::Ability;
using level::Entity;
using level::Role;

bool mayBeGained(Role role) {
    return role == Role::Key || role == Role::Switch || role == Role::Pickup;
}

class Asking {
public:
    Asking(const level::Project& project, const level::Level& level,
           const motion::LevelProfiles& profiles, const QueryOptions& options, Query& query)
        : m_project(project),
          m_level(level),
          m_profiles(profiles),
          m_options(options),
          m_query(query) {
        if (!project.game.carries.abilities) return;
        m_carried.granted = level::grantedForGood(project);
        m_carried.inHand =
            (options.inHand ? options.inHand->abilities : assumedIn(project, level)) | options.lent;
    }

    Result<void> addAll() {
        for (const Entity& entity : m_level.entities)
            if (const level::Kind* kind = m_project.findKind(entity.kind)) addGain(entity, *kind);
        for (const Entity& entity : m_level.entities) {
            if (const level::Kind* kind = m_project.findKind(entity.kind))
                if (auto added = add(entity, *kind); !added) return added;
            ++m_place;
        }
        runtime::beginWith(m_carried, m_query.problem.tables, parts());
        const auto timed =
            std::count_if(parts().gains.begin(), parts().gains.end(),
                          [](const runtime::Gain& gain) { return gain.lastsTicks > 0; });
        if (timed > static_cast<std::ptrdiff_t>(runtime::mostTimers))
            m_query.notSolved.push_back("more than 8 things that last for a time");
        if (m_query.gainIds.size() > most()) {
            m_query.notSolved.push_back("more than " + std::to_string(most()) +
                                        " keys, switches and doors that shut again");
            m_query.gainIds.clear();
            parts().gains.clear();
        }
        return {};
    }

private:
    runtime::Parts& parts() { return m_query.problem.parts; }

    /// Only what makes a difference is told apart: each doubles the sets.
    void addGain(const Entity& entity, const level::Kind& kind) {
        if (!mayBeGained(kind.role) || std::find(m_options.without.begin(), m_options.without.end(),
                                                 entity.id) != m_options.without.end())
            return;
        runtime::Gain gain{level::boxOf(entity.box), 0};
        if (kind.role == Role::Pickup && entity.data.grants)
            gain.grants =
                setOf(*entity.data.grants) & m_query.problem.tables.abilities & ~m_carried.inHand;
        if (kind.role == Role::Pickup && entity.data.takes)
            gain.takes =
                setOf(*entity.data.takes) & runtime::listedAnywhere(m_query.problem.tables);
        if (kind.role == Role::Pickup && !entity.data.movesAs.empty())
            gain.movesAs = m_profiles.numberOf(entity.data.movesAs);
        const bool changes = (gain.grants | gain.takes) != 0 || gain.movesAs >= 0;
        const bool isNamed =
            !isInHand(entity, kind.role) &&
            (isNamedByADoor(entity.id) || std::find(m_options.tells.begin(), m_options.tells.end(),
                                                    entity.id.text) != m_options.tells.end());
        if (changes && entity.data.grantTicks > 0) {
            // What a door asks for is had for good, the ability is not.
            if (isNamed) add(entity, {gain.box});
            gain.lastsTicks = entity.data.grantTicks;
            return add(entity, gain);
        }
        if (!changes && !isNamed) return;
        add(entity, gain);
    }
    /// A key that one comes with is held from the start.
    [[nodiscard]] bool isInHand(const Entity& entity, Role role) const {
        const auto& held = m_options.held;
        if (std::find(held.begin(), held.end(), entity.id) != held.end()) return true;
        return role == Role::Key && m_project.game.carries.keys && m_options.inHand &&
               m_options.inHand->has(level::keyOf(entity));
    }
    /// More than 64 cannot be told apart: what is too much is only counted.
    void add(const Entity& entity, const runtime::Gain& gain) {
        m_query.gainIds.push_back(entity.id.text);
        if (mayAdd()) parts().gains.push_back(gain);
    }
    [[nodiscard]] bool mayAdd() { return parts().gains.size() < most(); }
    [[nodiscard]] std::size_t most() const { return runtime::mostGains(m_query.problem.tables); }
    /// What opens that door for a time only; what is taken along opens it again and again.
    [[nodiscard]] bool isMomentary(const Entity& door, const EntityId& opener) const {
        return level::opensForATime(m_project, m_level, door, opener);
    }
    /// What doors and exits name for good, gathered once.
    [[nodiscard]] bool isNamedByADoor(const EntityId& id) {
        if (!m_named) {
            m_named.emplace();
            for (const Entity& entity : m_level.entities)
                if (level::mayBeShut(m_project.roleOf(entity)))
                    for (const EntityId& each : level::whatOpens(m_project, m_level, entity))
                        if (!isMomentary(entity, each)) m_named->insert(each.text);
        }
        return m_named->contains(id.text);
    }

    Result<void> add(const Entity& entity, const level::Kind& kind) {
        Problem& problem = m_query.problem;
        const runtime::Box box = level::boxOf(entity.box);
        if (isGoal(kind.role))
            m_query.goals.push_back({entity.id.text, kind.title, kind.role, entity.box, false});
        switch (kind.role) {
            case Role::Spawn:
                if (m_options.entry.isEmpty() ? !problem.start : entity.id == m_options.entry)
                    problem.start = entity.box;
                break;
            case Role::Hazard:
                if (entity.data.timetable)
                    parts().timed.push_back({box, *entity.data.timetable});
                else
                    parts().deadly.push_back(box);
                break;
            case Role::Foe:
                if (entity.data.timetable)
                    parts().timed.push_back({box, *entity.data.timetable, true, m_place});
                break;
            case Role::Door:
                addDoor(entity);
                break;
            case Role::Spring:
                return addSpring(entity);
            case Role::Mover:
                parts().movers.push_back(level::moverOf(entity.data.track, entity.box));
                break;
            case Role::Exit:
                if (!entity.data.opens.empty() || entity.data.opensWithAllPickups) addDoor(entity);
                break;
            case Role::Entry:
                if (entity.id == m_options.entry) problem.start = entity.box;
                break;
            case Role::Checkpoint:
            case Role::Pickup:
            case Role::Key:
            case Role::Switch:
            case Role::Trigger:
            case Role::Formation:
            case Role::Prop:
            case Role::Thrower:  // never in the way for good: runs keep clear of its shots
            case Role::TurnMark:
            case Role::Counter:
                break;
        }
        return {};
    }

    void addDoor(const Entity& entity) {
        runtime::Door& door =
            parts().doors.emplace_back(runtime::Door{level::boxOf(entity.box), 0, false});
        std::vector<std::string>& ids = m_query.gainIds;
        const level::DoorWay& way = entity.data.door;
        const bool isDoor = m_project.roleOf(entity) == Role::Door;
        const bool shuts = isDoor && way.manner == level::DoorManner::Shuts;
        runtime::HeldSet needs = 0;
        bool lacks = false;
        for (const EntityId& id : level::whatOpens(m_project, m_level, entity)) {
            if (isMomentary(entity, id)) {
                const Entity* momentary = level::findEntity(m_level, id);
                if (mayAdd())
                    runtime::openForATime(parts(), level::boxOf(momentary->box), way.ticks);
                ids.push_back(id.text);
                continue;
            }
            const Entity* opener = level::findEntity(m_level, id);
            if (opener && isInHand(*opener, m_project.roleOf(*opener))) continue;
            const auto found = std::find(ids.begin(), ids.end(), id.text);
            if (found == ids.end())
                lacks = true;
            else if (found - ids.begin() < 64)
                needs |= runtime::HeldSet{1} << (found - ids.begin());
        }
        // What asks for something that is not there never opens, or never shuts.
        if (!shuts) door.isShutForGood = lacks;
        if (!shuts) door.needs |= needs;
        const bool isUsed = isDoor && way.manner == level::DoorManner::OnUse;
        if (isUsed || (isDoor && way.manner == level::DoorManner::OnApproach)) {
            if (mayAdd()) runtime::openOnApproach(parts(), way.ticks, isUsed);
            ids.push_back(entity.id.text);
        }
        if (shuts && !lacks) {
            if (mayAdd()) runtime::shutAfter(parts(), needs);
            ids.push_back(entity.id.text);
        }
        const bool isOneWay = isDoor && way.manner == level::DoorManner::OneWay;
        if (!isOneWay) return;
        const PxPoint to = level::directionOf(way.passes);
        if (mayAdd()) runtime::makeOneWay(parts(), to.x, to.y);
        ids.push_back(entity.id.text);
    }

    Result<void> addSpring(const Entity& entity) {
        auto spring = m_profiles.spring(m_level, entity.data.spring,
                                        m_level.title + ": " + entity.id.text, m_options.weakening);
        if (!spring) return fail(spring.error());
        spring->box = level::boxOf(entity.box);
        parts().springs.push_back(std::move(*spring));
        return {};
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const motion::LevelProfiles& m_profiles;
    const QueryOptions& m_options;
    std::optional<std::unordered_set<std::string>> m_named;
    runtime::CarriedAbilities m_carried;
    int m_place = 0;  ///< among the entities
    Query& m_query;
};

/// Doors of whose manner the walk over modules knows nothing.
bool hasOtherDoors(const level::Project& project, const level::Level& level) {
    using level::DoorManner;
    return std::any_of(level.entities.begin(), level.entities.end(), [&](const Entity& entity) {
        const DoorManner manner = entity.data.door.manner;
        return project.roleOf(entity) == Role::Door &&
               (manner == DoorManner::ForATime || manner == DoorManner::OneWay ||
                manner == DoorManner::Shuts);
    });
}

}  // namespace

level::MotionProfile withAbilities(level::MotionProfile profile, runtime::AbilitySet lent,
                                   runtime::AbilitySet taken) {
    for (int i = 0; i < level::abilityCount; ++i) {
        const auto ability = static_cast<Ability>(i);
        if ((taken & setOf(ability)) != 0) {
            profile.abilities.erase(
                std::remove(profile.abilities.begin(), profile.abilities.end(), ability),
                profile.abilities.end());
        } else if ((lent & setOf(ability)) != 0 && !profile.has(ability)) {
            profile.abilities.push_back(ability);
            if (ability == Ability::AirJump) profile.airJumps = std::max(1, profile.airJumps);
            // A tenth of a second, where nothing is said.
            if (ability == Ability::Coyote && profile.coyoteMs.thousandths == 0)
                profile.coyoteMs = {100000};
        }
    }
    return profile;
}

Result<Query> queryOf(const level::Project& project, const level::Level& level,
                      const QueryOptions& options) {
    if (level.kind == level::LevelKind::Puzzle) return puzzleQueryOf(project, level);
    auto profiles = motion::LevelProfiles::of(project, level);
    if (!profiles) return fail(profiles.error());
    profiles->change([&](level::MotionProfile profile) {
        return withAbilities(std::move(profile), options.lent, options.taken);
    });
    auto tables = profiles->tables(level, options.weakening);
    if (!tables) return fail(tables.error());
    Query query;
    for (const level::MotionProfile& profile : profiles->list())
        query.profiles.push_back(profile.name);
    query.problem.frame = frameOf(level);
    query.problem.cells = std::make_shared<level::LevelCells>(project, level);
    query.problem.tables = std::move(tables->body);
    if (level.kind == level::LevelKind::Kit && project.kitOf(level))
        query.board = std::make_shared<const KitBoard>(KitBoard{project, level, {}});
    else if (level.kind == level::LevelKind::Kit)
        query.notSolved.push_back("a kit level without a kit");
    if (query.board && hasOtherDoors(project, level))
        query.notSolved.push_back("doors of a kit board that shut again");
    if (const auto added = Asking(project, level, *profiles, options, query).addAll(); !added)
        return fail(added.error());
    return query;
}

}  // namespace rook::reach
