#include "file/baked_things_detail.h"

#include "cast/behaviour.h"
#include "file/described_detail.h"
#include "file/game_json.h"
#include "file/sprite_json_detail.h"
#include "kit/clock.h"
#include "kit/walk_graph.h"
#include "level/cast_edits.h"
#include "level/tracks.h"

namespace rook::file {

namespace {

using namespace level;

/// Corners in all: more would make a file that no game wants to read.
constexpr std::size_t mostCorners = 500'000;

class ThingWriting {
public:
    ThingWriting(const Project& project, const Level& level, const runtime::MotionTables& player)
        : m_project(project),
          m_level(level),
          m_player(player),
          m_obstacles(cast::obstaclesOf(project, level)) {}

    Result<Json> entity(const Entity& entity) {
        const Role role = m_project.roleOf(entity);
        const Kind* kind = m_project.findKind(entity.kind);
        Json json = head(entity, role);
        addFields(json, entity, kind);
        if (entity.storey != 0) json["storey"] = entity.storey;
        RoleData data = entity.data;
        data.opens = level::whatOpens(m_project, m_level, entity);
        data.opensWithAllPickups = false;
        data.spring = {};  // games get them as tables and as the way they make
        data.track = {};
        json.update(roleJson(data));
        if (role == Role::Thrower) addThrower(json, entity);
        if (role == Role::Foe) addWay(json, entity);
        if (json.contains("formation")) addFormation(json["formation"], entity);
        if (kind && role == Role::Pickup && !kind->tally.empty()) json["tally"] = kind->tally;
        if (kind) addWorth(json, *kind);
        if (kind && entity.look != Appearance())
            json["look"] = appearanceJson(m_project, *kind, entity.look);
        if (role == Role::Exit) addDestination(json, entity);
        appendUnknown(json, entity.unknown);
        if (m_corners > mostCorners)
            return fail(ErrorKind::OutOfRange,
                        "With " + entity.id.text + " the ways of foes and members have more than " +
                            std::to_string(mostCorners) + " corners",
                        m_level.title, "Have fewer of them written out in Ship, Spelled out");
        return json;
    }
    Json mover(const Entity& entity) const {
        Json json = trackJson(entity);
        json["ease"] = nameOf(entity.data.track.ease);
        return json;
    }

private:
    static Json head(const Entity& entity, Role role) {
        return {{"id", entity.id.text},        {"kind", entity.kind.text},
                {"role", nameOf(role)},        {"x", entity.box.x},
                {"y", entity.box.y},           {"width", entity.box.width},
                {"height", entity.box.height}, {"facing", nameOf(entity.facing)}};
    }
    static void addFields(Json& json, const Entity& entity, const Kind* kind) {
        Json fields = Json::object();
        if (kind)
            for (const FieldDefinition& definition : kind->fields)
                fields[definition.name] = fieldJson(fieldOf(entity, definition));
        appendUnknown(fields, entity.unknownFields);
        json["fields"] = std::move(fields);
    }
    void addDestination(Json& json, const Entity& entity) const {
        const game::Destination to = game::destinationOf(m_project, m_level, entity.to);
        json["to"] = destinationJson(to);
        json["leads"] = leadsName(to);
        if (json["to"].is_object() && entity.to.transition.sort != TransitionSort::Cut)
            json["to"]["transition"] = describedJson(FileContext{&m_project}, entity.to.transition);
    }
    /// Of a mover, or a foe that flies.
    static Json trackJson(const Entity& entity) {
        Json track = Json::array();
        for (const PxPoint& corner : trackOf(entity.data.track, {entity.box.x, entity.box.y}))
            track.push_back({corner.x, corner.y});
        const runtime::Mover mover = level::moverOf(entity.data.track, entity.box);
        Json json = {{"id", entity.id.text},
                     {"width", entity.box.width},
                     {"height", entity.box.height},
                     {"track", std::move(track)},
                     {"periodTicks", mover.periodTicks}};
        if (!mover.way.empty()) json["way"] = mover.way;
        return json;
    }
    [[nodiscard]] runtime::Way wayOf(const Entity& foe) {
        const Kit* kit = m_level.kind == LevelKind::Kit ? m_project.kitOf(m_level) : nullptr;
        if (!kit) return cast::wayAmong(m_obstacles, m_project, m_level, m_player, foe);
        if (!m_graph) m_graph.emplace(*kit, m_level, kit::PlacedIndex(*kit, m_level));
        return kit::wayOfFoe(m_project, m_level, *m_graph, foe);
    }
    /// Its corner in each tick until it comes round; null where that takes longer than is wanted.
    void addWay(Json& json, const Entity& foe) {
        if (foe.data.patrol.gait == Gait::Flies) json.update(trackJson(foe));
        // Who stands still by a timetable is among the hazards.
        if (foe.data.patrol.gait == Gait::Still && json.contains("timetable")) return;
        // Where none is wanted, none is worked out.
        if (m_project.bundle.waysUpTo > 0) {
            const runtime::Way way = wayOf(foe);
            if (isWanted(way.corners.size())) {
                json["way"] = cornersJson(way.corners);
                json["loopFrom"] = way.loopFrom;
                return;
            }
        }
        if (!json.contains("way")) json["way"] = nullptr;
    }
    void addThrower(Json& json, const Entity& entity) {
        json["thrower"] = describedJson(FileContext{&m_project}, entity.data.thrower);
        json["thrower"]["flight"] =
            cornersJson(cast::flightAmong(m_obstacles, m_project, m_level, entity));
    }
    void addFormation(Json& json, const Entity& entity) {
        const Kind* member = m_project.findKind(entity.data.formation.member);
        json["memberRole"] = nameOf(member ? member->role : Role::Prop);
        json["memberWidth"] = member ? member->width : entity.box.width;
        json["memberHeight"] = member ? member->height : entity.box.height;
        if (member) addWorth(json, *member);
        const auto period = static_cast<std::size_t>(entity.data.formation.periodTicks);
        json["members"] = isWanted(period) ? members(entity) : Json(nullptr);
    }
    /// Where each member is: its corner in each tick of the period, or in the first if it keeps
    /// still.
    Json members(const Entity& entity) {
        const runtime::Formation formation = level::formationOf(m_project, entity);
        Json members = Json::array();
        for (int place = 0; place < formation.count && m_corners <= mostCorners; ++place) {
            if (formation.isGap(place)) continue;
            members.push_back({{"id", entity.id.text + "." + std::to_string(place)},
                               {"width", formation.middle.width},
                               {"height", formation.middle.height},
                               {"way", cornersJson(formation.wayOf(place).corners)}});
        }
        return members;
    }
    [[nodiscard]] bool isWanted(std::size_t ticks) const {
        const int upTo = m_project.bundle.waysUpTo;
        return upTo > 0 && (upTo >= mostWayTicks || ticks <= static_cast<std::size_t>(upTo));
    }
    Json cornersJson(const std::vector<std::pair<int, int>>& corners) {
        m_corners += corners.size();
        Json json = Json::array();
        if (m_corners > mostCorners) return json;
        for (const auto& [x, y] : corners)
            json.push_back({x, y});
        return json;
    }
    /// What a foe is worth that is beaten, where it counts.
    static void addWorth(Json& json, const Kind& kind) {
        if (kind.role != Role::Foe || kind.tally.empty()) return;
        json["tally"] = kind.tally;
        json["worth"] = kind.worth;
    }

    const Project& m_project;
    const Level& m_level;
    const runtime::MotionTables& m_player;
    cast::Obstacles m_obstacles;
    std::optional<kit::WalkGraph> m_graph;  ///< of a board of pieces, once it is asked for
    std::size_t m_corners = 0;              ///< written so far
};

}  // namespace

Result<void> writeThings(JsonLines& lines, const Project& project, const Level& level,
                         const Level& seen, const runtime::MotionTables& player) {
    ThingWriting writing(project, level, player);
    std::vector<std::string> entities, movers;
    for (const Entity& entity : seen.entities) {
        const auto json = writing.entity(entity);
        if (!json) return fail(json.error());
        entities.push_back(compactText(*json));
    }
    for (const Entity& entity : level.entities)
        if (project.roleOf(entity) == Role::Mover)
            movers.push_back(compactText(writing.mover(entity)));
    lines.list("entities", entities);
    lines.list("movers", movers);
    return {};
}

}  // namespace rook::file
