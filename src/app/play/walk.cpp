#include "app/play/walk.h"

#include "cast/behaviour.h"
#include "level/tracks.h"

namespace rook::app {

namespace {

constexpr std::size_t maxTrail = 60 * 600;  // ticks: ten minutes, then the oldest half goes

}  // namespace

Result<std::unique_ptr<Walk>> Walk::begin(const level::Project& project, const level::Level& level,
                                          std::optional<PxPoint> at,
                                          const reach::QueryOptions& options,
                                          const EntityId& entry) {
    const auto query = reach::queryOf(project, level, options);
    if (!query) return fail(query.error());
    const runtime::MotionTables& tables = query->problem.tables;
    std::optional<PxRect> start = query->problem.start;
    const bool isAsAssumed = !options.inHand ||
                             (!project.game.carries.abilities && !project.game.carries.keys) ||
                             *options.inHand == level::InHand{assumedIn(project, level), {}};
    bool isFromSpawn = !at && options.lent == 0 && options.taken == 0 && isAsAssumed;
    const level::Entity* named = entry.isEmpty() ? nullptr : level::findEntity(level, entry);
    if (named && start && *start != named->box) {
        start = named->box;
        isFromSpawn = false;
    }
    if (at)
        start = PxRect{at->x - tables.bodyWidth / 2, at->y - tables.bodyHeight, tables.bodyWidth,
                       tables.bodyHeight};
    if (!start) {
        return fail(ErrorKind::Missing, "There is no start to walk from", level.title,
                    "Place a spawn in Cast, or hold Shift to walk from the pointer");
    }
    std::unique_ptr<Walk> walk(new Walk(project, level, *query, *start, isFromSpawn, options));
    if (walk->m_body.stance == runtime::Stance::Ended) {
        return fail(ErrorKind::NotApplicable, "The body has no room to start there",
                    "px " + std::to_string(start->x) + ", " + std::to_string(start->y),
                    "Move the start into the open");
    }
    return walk;
}

Walk::Walk(const level::Project& project, const level::Level& level, const reach::Query& query,
           PxRect start, bool isFromSpawn, const reach::QueryOptions& options)
    : m_level(level),
      m_options(options),
      m_gainIds(query.gainIds),
      m_profiles(query.profiles),
      m_cells(project, level),
      m_tables(query.problem.tables),
      m_world(frameOf(level), m_cells, m_tables, query.problem.parts),
      m_start(start),
      m_beganAtSpawn(isFromSpawn),
      m_isFromSpawn(isFromSpawn) {
    gather(project, true);
    // In play one dies of foes; verdicts leave them out, and tell which ones the proof run meets.
    runtime::Parts parts = query.problem.parts;
    parts.foes = deadlyWays();
    m_world = runtime::World(frameOf(level), m_cells, m_tables, std::move(parts));
    restart();
}

/// What is met, and what is drawn where it goes.
void Walk::gather(const level::Project& project, bool withFoes) {
    m_things.clear();
    if (withFoes) m_foes.clear();
    m_groups.clear();
    const cast::Obstacles obstacles =
        withFoes ? cast::obstaclesOf(project, m_level) : cast::Obstacles();
    if (withFoes) m_shots.clear();
    int place = -1;
    for (const level::Entity& entity : m_level.entities) {
        ++place;
        const level::Role role = project.roleOf(entity);
        if (reach::isGoal(role))
            m_things.push_back({entity.id.text, role, level::boxOf(entity.box)});
        if (withFoes && role == level::Role::Foe && level::isOnPatrol(entity.data)) {
            m_foes.push_back({entity.id, entity.kind,
                              cast::wayAmong(obstacles, project, m_level, m_tables, entity),
                              entity.facing == level::Facing::Left});
            m_foes.back().way.entity = place;
        }
        if (withFoes && role == level::Role::Thrower)
            for (runtime::Way& shot : cast::shotsAmong(obstacles, project, m_level, entity))
                m_shots.push_back({entity.id, entity.kind, std::move(shot)});
        const level::Kind* member = project.findKind(entity.data.formation.member);
        if (role == level::Role::Formation && member)
            m_groups.push_back(
                {entity.id, member->id,
                 member->role == level::Role::Foe || member->role == level::Role::Hazard,
                 level::formationOf(project, entity), member->role == level::Role::Foe, place});
    }
}

bool Walk::isIn(const level::Level& level) const {
    return level.cells == m_level.cells && level.entities.isSharedWith(m_level.entities) &&
           level.edges == m_level.edges && level.cellSize == m_level.cellSize &&
           level.profile == m_level.profile && level.zones == m_level.zones;
}

std::vector<runtime::Way> Walk::deadlyWays() const {
    std::vector<runtime::Way> ways;
    for (const Foe& foe : m_foes)
        ways.push_back(foe.way);
    for (const Shot& shot : m_shots)
        ways.push_back(shot.way);
    for (const Group& group : m_groups)
        for (int place = 0; group.isDeadly && place < group.formation.count; ++place) {
            if (group.formation.isGap(place)) continue;
            ways.push_back(group.formation.wayOf(place));
            ways.back().canBeBeaten = group.isOfFoes;
            ways.back().entity = group.entity;
        }
    return ways;
}

bool Walk::follow(const level::Project& project, const level::Level& level, bool isWhole) {
    const auto query = reach::queryOf(project, level, m_options);
    if (!query) return false;
    runtime::HeldSet held = 0;
    for (std::size_t i = 0; i < m_gainIds.size() && i < 64; ++i) {
        const auto now = std::find(query->gainIds.begin(), query->gainIds.end(), m_gainIds[i]);
        if (((m_body.held >> i) & 1u) != 0 && now != query->gainIds.end() &&
            now - query->gainIds.begin() < 64)
            held |= runtime::HeldSet{1} << (now - query->gainIds.begin());
    }
    if (query->profiles == m_profiles) held |= m_body.held & runtime::swappedBit;
    runtime::Parts parts = query->problem.parts;
    m_level = level;
    m_gainIds = query->gainIds;
    m_profiles = query->profiles;
    m_cells = level::LevelCells(project, level);
    m_tables = query->problem.tables;
    gather(project, isWhole);
    parts.foes = isWhole ? deadlyWays() : m_world.parts().foes;
    m_world = runtime::World(frameOf(level), m_cells, m_tables, std::move(parts));
    m_body.held = held;
    m_body.beaten.clear();  // whoever goes now is another
    // A run of the level as it was is no run of it as it is.
    m_isFromSpawn = false;
    const runtime::Moment now = m_world.momentOf(held, m_body.tick);
    if (!m_world.isFree(m_body.x, m_body.y, now)) {
        if (m_world.isFree(m_freeAt.x, m_freeAt.y, now)) {
            m_body.x = m_freeAt.x;
            m_body.y = m_freeAt.y;
        } else {
            restart();
        }
    }
    return true;
}

std::vector<Walk::Going> Walk::going() const {
    std::vector<Going> going;
    const long long now = m_body.tick;
    int what = 0;  // in the order of `deadlyWays`
    for (const Foe& foe : m_foes) {
        const runtime::Box box = foe.way.at(now);
        const int ahead = foe.way.at(now + 8).x - box.x;
        if (!isGone(what++))
            going.push_back(
                {foe.id, foe.kind, true, box, ahead < 0 || (ahead == 0 && foe.startsLeft)});
    }
    for (const Shot& shot : m_shots)
        if (!isGone(what++) && shot.way.isThere(now))
            going.push_back({shot.id, shot.kind, true, shot.way.at(now), false, true});
    for (const Group& group : m_groups)
        for (int place = 0; place < group.formation.count; ++place) {
            if (group.formation.isGap(place)) continue;
            if (group.isDeadly && isGone(what++)) continue;
            going.push_back(
                {group.id, group.kind, group.isDeadly, group.formation.at(place, now), false});
        }
    return going;
}

bool Walk::isGone(int what) const {
    return runtime::isBeaten(m_body.beaten, what, m_body.tick);
}

bool Walk::isBeaten(const EntityId& id) const {
    return std::any_of(m_body.beaten.begin(), m_body.beaten.end(), [&](const auto& each) {
        const int at = each.until < 0 ? runtime::entityOf(each, m_world.parts()) : -1;
        if (at < 0) return false;
        const level::Entity& entity = m_level.entities[static_cast<std::size_t>(at)];
        return entity.id == id && entity.data.formation.member.isEmpty();
    });
}

std::string Walk::profileInForce() const {
    if (m_profiles.size() < 2) return {};
    return m_profiles[static_cast<std::size_t>(m_world.profileOf(m_body.held))];
}

bool Walk::goes(const EntityId& id) const {
    const auto isIt = [&](const auto& each) { return each.id == id; };
    return std::any_of(m_foes.begin(), m_foes.end(), isIt) ||
           std::any_of(m_groups.begin(), m_groups.end(), isIt);
}

void Walk::putAt(const PxRect& start, runtime::HeldSet held) {
    m_body = runtime::bodyAt(level::boxOf(start), m_world, m_tables, held);
    m_inputs.clear();
    m_trail.clear();
    m_isAtExit = false;
}

void Walk::beginAgain() {
    m_cameFrom = {};
    m_checkpoint.reset();
    m_taken.clear();
    m_isFromSpawn = m_beganAtSpawn;
    putAt(m_start);
}

/// At the last checkpoint, else at the start.
void Walk::restart() {
    const runtime::HeldSet held = m_body.held & runtime::heldForGood(m_world.parts());
    const runtime::BeatenList beaten = runtime::beatenForGood(m_body.beaten);
    const std::optional<PxRect> entry = m_checkpoint ? std::nullopt : zoneEntry();
    putAt(m_checkpoint ? *m_checkpoint : entry.value_or(m_start), held);
    if (m_body.stance == runtime::Stance::Ended && (m_checkpoint || entry)) {
        m_checkpoint.reset();
        putAt(m_start, held);
    }
    m_body.beaten = beaten;
    // A run of the level begins at its start, with nothing in hand.
    m_isFromSpawn = m_beganAtSpawn && !m_checkpoint && !entry && m_taken.empty() && beaten.empty();
}

void Walk::followZones() {
    const level::Zone* zone = reach::zoneOf(m_level, m_tables, {m_body.x, m_body.y});
    const ZoneId now = zone ? zone->id : ZoneId{};
    if (now == m_zone) return;
    if (!m_zone.isEmpty()) m_cameFrom = m_zone;
    m_zone = now;
}

/// Where one came into the zone that one is in.
std::optional<PxRect> Walk::zoneEntry() const {
    for (const reach::Crossing& crossing : m_crossings)
        if (!m_cameFrom.isEmpty() && crossing.from == m_cameFrom && crossing.to == m_zone &&
            crossing.respawn)
            return PxRect{crossing.respawn->x, crossing.respawn->y, m_tables.bodyWidth,
                          m_tables.bodyHeight};
    return std::nullopt;
}

std::string Walk::exitAt(int x, int y) const {
    const runtime::Box box{x, y, m_tables.bodyWidth, m_tables.bodyHeight};
    for (const Thing& thing : m_things)
        if (thing.role == level::Role::Exit && overlaps(box, thing.box)) return thing.id;
    return {};
}

Walk::Happening Walk::tick(bool winsAtExit, const std::optional<runtime::Input>& given) {
    Happening happening;
    const runtime::Input input =
        given ? *given : runtime::inputOf(m_keys, m_body, m_world, m_tables);
    if (given && given->dx != 0) m_facesLeft = given->dx < 0;
    if (!given && m_keys.left != m_keys.right) m_facesLeft = m_keys.left;
    const QPointF feet(m_body.x + m_tables.bodyWidth / 2.0, m_body.y + m_tables.bodyHeight);
    const bool isStart = m_inputs.empty();
    std::string met = isStart ? exitAt(m_body.x, m_body.y) : std::string();
    std::vector<std::size_t> things;
    meetThings(m_body.x, m_body.y, things);
    m_freeAt = {m_body.x, m_body.y};
    const runtime::BeatenList before = m_body.beaten;
    step(m_world, m_tables, m_body, input, [&](int x, int y) {
        if (met.empty()) met = exitAt(x, y);
        meetThings(x, y, things);
    });
    m_inputs.push_back(input);
    const bool wins = winsAtExit && !met.empty() && !m_isAtExit;
    if (!wins && m_body.stance == runtime::Stance::Ended) {
        ++m_deaths;
        m_deathPlaces.push_back(feet);
        m_formerTrail = m_trail;
        restart();
        happening.hasDied = true;
        return happening;
    }
    m_trail.emplace_back(m_body.x + m_tables.bodyWidth / 2.0, m_body.y + m_tables.bodyHeight);
    if (m_trail.size() > maxTrail)
        m_trail.erase(m_trail.begin(), m_trail.begin() + static_cast<std::ptrdiff_t>(maxTrail / 2));
    if (!met.empty() && !m_isAtExit) {
        ++m_finished;
        m_lastExit = met;
        happening.exit = met;
    }
    m_isAtExit = !met.empty();
    if (!wins) take(things, happening);
    if (!wins)
        runtime::forEachBeaten(before, m_body.beaten, m_world.parts(), [&](int entity) {
            if (entity >= 0)
                happening.beaten.push_back(m_level.entities[static_cast<std::size_t>(entity)].id);
        });
    followZones();
    return happening;
}

std::vector<std::string> Walk::heldIds() const {
    std::vector<std::string> ids;
    for (std::size_t i = 0; i < m_gainIds.size() && i < 64; ++i)
        if (((m_body.held >> i) & 1u) != 0) ids.push_back(m_gainIds[i]);
    return ids;
}

void Walk::meetThings(int x, int y, std::vector<std::size_t>& things) const {
    const runtime::Box box{x, y, m_tables.bodyWidth, m_tables.bodyHeight};
    for (std::size_t i = 0; i < m_things.size(); ++i)
        if (m_things[i].role != level::Role::Exit && overlaps(box, m_things[i].box) &&
            std::find(things.begin(), things.end(), i) == things.end())
            things.push_back(i);
}

/// What was met in a tick, in the order of the level's file.
void Walk::take(std::vector<std::size_t>& things, Happening& happening) {
    std::sort(things.begin(), things.end());
    for (const std::size_t i : things) {
        const Thing& thing = m_things[i];
        if (thing.role == level::Role::Checkpoint) {
            m_checkpoint = level::rectOf(thing.box);
        } else if (!isTaken(thing.id)) {
            m_taken.push_back(thing.id);
            happening.taken.push_back(thing.id);
        }
    }
}

}  // namespace rook::app
