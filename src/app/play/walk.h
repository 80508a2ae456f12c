#pragma once
/// Walk: the playtest, with the stepper that the solver and games use. No widget here: keys and
/// time in, a body, a trail and counts out.

#include <QPointF>
#include <algorithm>
#include <memory>
#include <optional>
#include <vector>

#include "base/result.h"
#include "level/project.h"
#include "motion/step_tables.h"
#include "reach/verdict.h"
#include "reach/zones.h"
#include "rook_patrol.hpp"
#include "rook_player.hpp"

namespace rook::app {

class Walk {
public:
    /// Begins at the entry (the first spawn where it is empty), or with `at` as bottom centre of
    /// the body, with abilities as asked.
    /// Errors: Missing without a spawn; NotApplicable if the body has no room; those of motion.
    [[nodiscard]] static Result<std::unique_ptr<Walk>> begin(
        const level::Project& project, const level::Level& level, std::optional<PxPoint> at,
        const reach::QueryOptions& options = {}, const EntityId& entry = {});

    [[nodiscard]] runtime::PlayerKeys& keys() { return m_keys; }
    /// What came of a tick.
    struct Happening {
        bool hasDied = false;
        std::string exit;  ///< that was met, and not before; empty = none
        std::vector<std::string> taken;
        std::vector<EntityId> beaten;  ///< foes; a formation, for each of its members
    };
    /// Moves by one tick. `winsAtExit`: the first px of the way that meets an exit ends the tick
    /// there, whatever would come later in it. After a death one goes on at the last checkpoint,
    /// else at the start; what was held for good is held, and what was taken stays away.
    /// `given`: moves so, whatever keys are held.
    Happening tick(bool winsAtExit = false, const std::optional<runtime::Input>& given = {});
    /// Where bodies come into zones: without a checkpoint one goes on there after a death.
    void setCrossings(std::vector<reach::Crossing> crossings) {
        m_crossings = std::move(crossings);
    }
    /// As at first, with nothing taken.
    void beginAgain();
    /// The level is another value now: the world is that one's from the next tick on. What is held
    /// stays so by its id; a body that would stand in something solid goes back to where it was
    /// free last. `isWhole`: foes go by the new value, too. False if nobody can walk in it; nothing
    /// changes then. Cost: the entities; with foes, the ticks until they come round.
    bool follow(const level::Project& project, const level::Level& level, bool isWhole);

    /// True if nobody who walks could tell that level from the one that one walks in.
    [[nodiscard]] bool isIn(const level::Level& level) const;
    [[nodiscard]] const runtime::Body& body() const { return m_body; }
    [[nodiscard]] const runtime::MotionTables& tables() const { return m_tables; }
    [[nodiscard]] bool facesLeft() const { return m_facesLeft; }
    [[nodiscard]] const ZoneId& zone() const { return m_zone; }
    [[nodiscard]] int deaths() const { return m_deaths; }
    [[nodiscard]] int finished() const { return m_finished; }
    [[nodiscard]] bool isAtExit() const { return m_isAtExit; }
    [[nodiscard]] const std::string& lastExit() const { return m_lastExit; }
    /// Where bodies died, feet, the latest last.
    [[nodiscard]] const std::vector<QPointF>& deathPlaces() const { return m_deathPlaces; }
    /// Ticks since the last start.
    [[nodiscard]] int ticks() const { return static_cast<int>(m_inputs.size()); }
    /// Pickups, keys and switches taken since then.
    [[nodiscard]] const std::vector<std::string>& takenIds() const { return m_taken; }
    [[nodiscard]] int taken() const { return static_cast<int>(m_taken.size()); }
    [[nodiscard]] bool isTaken(const std::string& id) const {
        return std::find(m_taken.begin(), m_taken.end(), id) != m_taken.end();
    }
    [[nodiscard]] const runtime::World& world() const { return m_world; }
    /// Ids of what the body holds.
    [[nodiscard]] std::vector<std::string> heldIds() const;
    /// What goes by itself, where it is now: foes on patrol, shots and members of formations.
    struct Going {
        EntityId id;    ///< of the foe, or of the formation
        KindId kind;    ///< that it looks like
        bool isDeadly;  ///< to who touches it
        runtime::Box box;
        bool facesLeft;
        bool isShot = false;  ///< that it threw, and not the thing itself
    };
    [[nodiscard]] std::vector<Going> going() const;
    [[nodiscard]] bool goes(const EntityId& id) const;
    /// A foe that was beaten, and not a formation of them.
    [[nodiscard]] bool isBeaten(const EntityId& id) const;
    /// The name of the profile that is in force, where there is more than one.
    [[nodiscard]] std::string profileInForce() const;
    /// Inputs from the first spawn to now; none if it began elsewhere, so that it is no run of the
    /// level.
    [[nodiscard]] const std::vector<runtime::Input>* recorded() const {
        return m_isFromSpawn ? &m_inputs : nullptr;
    }
    /// Feet of the body after each tick of this run, level px.
    [[nodiscard]] const std::vector<QPointF>& trail() const { return m_trail; }
    /// The same of the run that ended with the last death; empty before it.
    [[nodiscard]] const std::vector<QPointF>& formerTrail() const { return m_formerTrail; }

private:
    Walk(const level::Project& project, const level::Level& level, const reach::Query& query,
         PxRect start, bool isFromSpawn, const reach::QueryOptions& options);
    void gather(const level::Project& project, bool withFoes);
    /// Of all that was gathered and kills.
    [[nodiscard]] std::vector<runtime::Way> deadlyWays() const;
    [[nodiscard]] bool isGone(int what) const;
    void restart();
    void followZones();
    [[nodiscard]] std::optional<PxRect> zoneEntry() const;
    void putAt(const PxRect& start, runtime::HeldSet held = 0);
    /// Adds what a body at (x, y) meets, as places in `m_things`.
    void meetThings(int x, int y, std::vector<std::size_t>& things) const;
    void take(std::vector<std::size_t>& things, Happening& happening);
    [[nodiscard]] std::string exitAt(int x, int y) const;

    level::Level m_level;
    reach::QueryOptions m_options;
    std::vector<std::string> m_gainIds;
    std::vector<std::string> m_profiles;
    level::LevelCells m_cells;
    runtime::MotionTables m_tables;
    runtime::World m_world;
    PxRect m_start;
    struct Thing {
        std::string id;
        level::Role role = level::Role::Prop;
        runtime::Box box;
    };
    std::vector<Thing> m_things;  ///< exits, checkpoints, and what is taken
    struct Foe {
        EntityId id;
        KindId kind;
        runtime::PatrolWay way;
        bool startsLeft = false;
    };
    struct Group {
        EntityId id;
        KindId kind;
        bool isDeadly = false;
        runtime::Formation formation;
        bool isOfFoes = false;
        int entity = -1;
    };
    struct Shot {
        EntityId id;  ///< of the thrower
        KindId kind;
        runtime::Way way;
    };
    std::vector<Foe> m_foes;
    std::vector<Shot> m_shots;
    std::vector<Group> m_groups;
    bool m_beganAtSpawn;
    bool m_isFromSpawn;
    std::optional<PxRect> m_checkpoint;
    std::vector<reach::Crossing> m_crossings;
    ZoneId m_zone, m_cameFrom;  ///< empty = none
    std::vector<runtime::Input> m_inputs;
    std::vector<std::string> m_taken;
    PxPoint m_freeAt;  ///< where the body was last
    std::vector<QPointF> m_deathPlaces;
    runtime::Body m_body;
    runtime::PlayerKeys m_keys;
    bool m_facesLeft = false;
    bool m_isAtExit = false;
    int m_deaths = 0;
    int m_finished = 0;
    std::string m_lastExit;
    std::vector<QPointF> m_trail;
    std::vector<QPointF> m_formerTrail;
};

}  // namespace rook::app
