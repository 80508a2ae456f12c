#include "level/cast_edits.h"

#include <algorithm>
#include <map>
#include <set>

#include "level/listed.h"

namespace rook::level {

namespace {

std::string countText(std::size_t count) {
    return std::to_string(count) + (count == 1 ? " entity" : " entities");
}

std::set<EntityId> setOfIds(const std::vector<EntityId>& ids) {
    return {ids.begin(), ids.end()};
}

bool mayOpen(Role role) {
    return role == Role::Key || role == Role::Switch || role == Role::Pickup;
}

/// Takes the id in, or out if it is there.
void toggle(std::vector<EntityId>& ids, const EntityId& id) {
    if (std::erase(ids, id) == 0) ids.push_back(id);
}

/// Sets the first field for entities of that kind that is empty, or takes the id out of the one
/// that names it; false if there is none.
bool linkByField(const Project& project, Entity& from, const Entity& to) {
    const Kind* kind = project.findKind(from.kind);
    if (!kind) return false;
    const FieldDefinition* empty = nullptr;
    for (const FieldDefinition& field : kind->fields) {
        if (field.type != FieldType::Entity) continue;
        if (!field.of.isEmpty() && field.of != to.kind) continue;
        const auto value = std::get<std::string>(fieldOf(from, field));
        if (value == to.id.text) {
            setField(from, field.name, std::string());
            return true;
        }
        if (value.empty() && !empty) empty = &field;
    }
    if (empty) setField(from, empty->name, to.id.text);
    return empty != nullptr;
}

/// The trigger calls the entity as one enters, or no longer.
void toggleCall(Trigger& trigger, const EntityId& id) {
    if (std::erase_if(trigger.calls, [&](const Call& call) { return call.target == id; }) > 0)
        return;
    trigger.calls.push_back({CallWhen::Enter, "on", id});
}

}  // namespace

std::vector<PxPoint> rowCorners(PxPoint from, PxPoint to, int stepPx) {
    const bool isAcross = std::abs(to.x - from.x) >= std::abs(to.y - from.y);
    const int way = isAcross ? to.x - from.x : to.y - from.y;
    std::vector<PxPoint> corners;
    for (int i = 0; i <= std::abs(way) / stepPx; ++i) {
        const int at = way < 0 ? -i * stepPx : i * stepPx;
        corners.push_back({from.x + (isAcross ? at : 0), from.y + (isAcross ? 0 : at)});
    }
    return corners;
}

Result<LevelEdit> placeRow(const Level& level, const Kind& kind, PxPoint from, PxPoint to,
                           int stepPx, Facing facing) {
    std::optional<LevelEdit> edit;
    std::size_t count = 0;
    for (const PxPoint corner : rowCorners(from, to, stepPx)) {
        auto next = placeEntity(edit ? edit->level : level, kind, corner, facing);
        if (!next && !edit) return next;
        if (!next) break;
        if (edit) next->touched = next->touched.united(edit->touched);
        edit = std::move(*next);
        ++count;
    }
    if (count > 1) edit->name = "Place a row of " + std::to_string(count) + " x " + kind.title;
    return *edit;
}

Result<LevelEdit> changeEntities(const Level& level, const std::vector<EntityId>& ids,
                                 const std::function<void(Entity&)>& change,
                                 const std::string& name) {
    const Listed wanted(ids);
    LevelEdit edit{level, name, {}};
    std::optional<EntityId> outside;
    const PxRect bounds = level.boundsPx();
    edit.level.entities.editEach(
        [&](const Entity& entity) { return wanted.has(entity.id); },
        [&](Entity& entity) {
            const PxRect before = entity.box;
            change(entity);
            if (!bounds.contains(entity.box)) outside = entity.id;
            edit.touched = edit.touched.united(toCells(before.united(entity.box), level.cellSize));
        });
    if (outside)
        return fail(ErrorKind::OutOfRange, outside->text + " would leave the level", level.title,
                    "Move it the other way first");
    return edit;
}

ChangedEntities changeEntities(const Project& project, const std::vector<EntityChange>& changes) {
    ChangedEntities changed{{project, {}}, 0};
    std::map<LevelId, std::map<EntityId, std::vector<const EntityChange*>>> wanted;
    for (const EntityChange& each : changes)
        wanted[each.level][each.entity].push_back(&each);
    for (const auto& [id, ofLevel] : wanted) {
        const auto former = project.findLevel(id);
        if (!former) continue;
        Level level = *former;
        const PxRect bounds = level.boundsPx();
        level.entities.editEach(
            [&, &those = ofLevel](const Entity& entity) { return those.contains(entity.id); },
            [&, &those = ofLevel](Entity& entity) {
                for (const EntityChange* each : those.at(entity.id)) {
                    Entity next = entity;
                    if (!each->change(next) || !bounds.contains(next.box)) continue;
                    entity = std::move(next);
                    ++changed.done;
                }
            });
        changed.edit.project = changed.edit.project.withLevel(std::move(level));
    }
    changed.edit.name =
        "Change " + std::to_string(changed.done) + (changed.done == 1 ? " cell" : " cells");
    return changed;
}

Result<LevelEdit> alignEntities(const Level& level, const std::vector<EntityId>& ids,
                                Alignment alignment) {
    const Entity* first = ids.empty() ? nullptr : findEntity(level, ids.front());
    if (!first || ids.size() < 2)
        return fail(ErrorKind::NotApplicable, "Two entities at least are aligned", level.title,
                    "Select more of them");
    const PxRect to = first->box;
    return changeEntities(
        level, ids,
        [&](Entity& entity) {
            PxRect& box = entity.box;
            switch (alignment) {
                case Alignment::Left:
                    box.x = to.x;
                    break;
                case Alignment::Middle:
                    box.x = to.x + (to.width - box.width) / 2;
                    break;
                case Alignment::Right:
                    box.x = to.right() - box.width;
                    break;
                case Alignment::Top:
                    box.y = to.y;
                    break;
                case Alignment::Centre:
                    box.y = to.y + (to.height - box.height) / 2;
                    break;
                case Alignment::Bottom:
                    box.y = to.bottom() - box.height;
                    break;
            }
        },
        "Align " + countText(ids.size()));
}

Result<LevelEdit> distributeEntities(const Level& level, const std::vector<EntityId>& ids,
                                     bool isAcross) {
    std::vector<const Entity*> list;
    for (const EntityId& id : ids)
        if (const Entity* entity = findEntity(level, id)) list.push_back(entity);
    if (list.size() < 3)
        return fail(ErrorKind::NotApplicable, "Three entities at least are spread evenly",
                    level.title, "Select more of them");
    const auto start = [&](const Entity* e) { return isAcross ? e->box.x : e->box.y; };
    const auto size = [&](const Entity* e) { return isAcross ? e->box.width : e->box.height; };
    std::stable_sort(list.begin(), list.end(),
                     [&](const Entity* a, const Entity* b) { return start(a) < start(b); });
    int sizes = 0;
    for (const Entity* entity : list)
        sizes += size(entity);
    const int whole = start(list.back()) + size(list.back()) - start(list.front());
    const auto gaps = static_cast<int>(list.size()) - 1;
    std::map<EntityId, int> places;
    int before = 0;
    for (std::size_t i = 0; i < list.size(); ++i) {
        const int space = static_cast<int>(i) * (whole - sizes);
        places[list[i]->id] =
            start(list.front()) + before + (space >= 0 ? space : space - gaps + 1) / gaps;
        before += size(list[i]);
    }
    return changeEntities(
        level, ids,
        [&](Entity& entity) {
            const auto found = places.find(entity.id);
            if (found != places.end()) (isAcross ? entity.box.x : entity.box.y) = found->second;
        },
        "Spread " + countText(list.size()) + " evenly");
}

std::vector<EntityId> whatOpens(const Project& project, const Level& level, const Entity& entity) {
    std::vector<EntityId> ids = entity.data.opens;
    if (!entity.data.opensWithAllPickups) return ids;
    for (const Entity& other : level.entities)
        if (project.roleOf(other) == Role::Pickup &&
            std::find(ids.begin(), ids.end(), other.id) == ids.end())
            ids.push_back(other.id);
    return ids;
}

const Kind* beatenKindOf(const Project& project, const Entity& entity) {
    const bool isGroup = project.roleOf(entity) == Role::Formation;
    return project.findKind(isGroup ? entity.data.formation.member : entity.kind);
}

bool opensForATime(const Project& project, const Level& level, const Entity& door,
                   const EntityId& opener) {
    if (project.roleOf(door) != Role::Door || door.data.door.manner != DoorManner::ForATime)
        return false;
    const Entity* found = findEntity(level, opener);
    return found && project.roleOf(*found) == Role::Switch;
}

Result<LevelEdit> linkEntities(const Project& project, const Level& level, const EntityId& from,
                               const EntityId& to) {
    const Entity* first = findEntity(level, from);
    const Entity* second = findEntity(level, to);
    const auto none = [&] {
        return fail(ErrorKind::NotApplicable, from.text + " has no reference to such a thing",
                    level.title,
                    "Drag from a key to a door or an exit, from a trigger to what it calls, or "
                    "from an entity "
                    "with a field for others");
    };
    if (!first || !second || from == to) return none();
    if (mayOpen(project.roleOf(*first)) && mayBeShut(project.roleOf(*second)))
        std::swap(first, second);
    Entity changed = *first;
    const Role role = project.roleOf(changed);
    if (mayBeShut(role) && mayOpen(project.roleOf(*second)))
        toggle(changed.data.opens, second->id);
    else if (role == Role::Trigger)
        toggleCall(changed.data.trigger, second->id);
    else if (!linkByField(project, changed, *second))
        return none();
    return changeEntity(level, changed, "Link " + from.text + " and " + to.text);
}

LevelEdit linkedAsPlaced(const Project& project, LevelEdit placed, const EntityId& chosen) {
    const Level& level = placed.level;
    const Entity* former = findEntity(level, chosen);
    if (!former || level.entities.empty() || level.entities.back().id == chosen) return placed;
    const Entity* door = &level.entities.back();
    const Entity* key = former;
    if (project.roleOf(*door) != Role::Door) std::swap(door, key);
    const Role opener = project.roleOf(*key);
    if (project.roleOf(*door) != Role::Door || (opener != Role::Key && opener != Role::Switch))
        return placed;
    const bool isInUse =
        std::any_of(level.entities.begin(), level.entities.end(), [&](const auto& e) {
            const auto& opens = e.data.opens;
            return std::find(opens.begin(), opens.end(), key->id) != opens.end();
        });
    if (isInUse || !door->data.opens.empty() || door->data.opensWithAllPickups) return placed;
    auto linked = linkEntities(project, level, key->id, door->id);
    if (!linked) return placed;
    linked->touched = linked->touched.united(placed.touched);
    linked->name = "Place " + level.entities.back().id.text + " and link it to " + chosen.text;
    return std::move(*linked);
}

std::vector<Link> linksOf(const Project& project, const Level& level) {
    std::vector<Link> links;
    for (const Entity& entity : level.entities) {
        for (const EntityId& id : entity.data.opens)
            links.push_back({id, entity.id, "opens"});
        for (const Call& call : entity.data.trigger.calls)
            if (!call.target.isEmpty()) links.push_back({entity.id, call.target, "calls"});
        const Kind* kind = project.findKind(entity.kind);
        if (!kind) continue;
        for (const FieldDefinition& field : kind->fields) {
            if (field.type == FieldType::Entity) {
                const auto id = std::get<std::string>(fieldOf(entity, field));
                if (!id.empty()) links.push_back({entity.id, {id}, field.name});
            }
            if (field.type != FieldType::List || field.item != FieldType::Entity) continue;
            const auto list = std::get<FieldList>(fieldOf(entity, field));
            for (const SimpleValue& item : list.items)
                links.push_back({entity.id, {std::get<std::string>(item)}, field.name});
        }
    }
    return links;
}

Result<CopiedEntities> duplicateEntities(const Project& project, const Level& level,
                                         const std::vector<EntityId>& ids) {
    CopiedEntities copied{{level, {}, {}}, {}};
    for (const EntityId& id : ids) {
        const Entity* original = findEntity(level, id);
        const Kind* kind = original ? project.findKind(original->kind) : nullptr;
        if (!kind) continue;
        Entity copy = *original;
        copy.box = copy.box.moved(level.cellSize.width, 0);
        const auto placed =
            placeEntity(copied.edit.level, *kind, {copy.box.x, copy.box.y}, copy.facing);
        if (!placed) return fail(placed.error());
        copy.id = placed->level.entities.back().id;
        const auto changed = changeEntity(placed->level, copy, "Duplicate " + id.text);
        if (!changed) return fail(changed.error());
        copied.edit.level = changed->level;
        copied.edit.touched = copied.edit.touched.united(changed->touched);
        copied.copies.push_back(copy.id);
    }
    copied.edit.name = "Duplicate " + countText(copied.copies.size());
    return copied;
}

LevelEdit toggleGroup(const Level& level, const std::vector<EntityId>& ids) {
    const std::set<EntityId> wanted = setOfIds(ids);
    std::set<std::string> taken, theirs;
    for (const Entity& entity : level.entities) {
        taken.insert(entity.group);
        if (wanted.contains(entity.id)) theirs.insert(entity.group);
    }
    const bool isGroup = theirs.size() == 1 && !theirs.begin()->empty();
    std::string name;
    for (int number = 1; !isGroup && (name.empty() || taken.contains(name)); ++number)
        name = "group-" + std::to_string(number);
    LevelEdit edit{level, (isGroup ? "Ungroup " : "Group ") + countText(ids.size()), {}};
    edit.level.entities.editEach([&](const Entity& entity) { return wanted.contains(entity.id); },
                                 [&](Entity& entity) { entity.group = name; });
    return edit;
}

std::vector<EntityId> withGroups(const Level& level, const std::vector<EntityId>& ids) {
    const Listed wanted(ids);
    std::set<std::string> groups;
    for (const Entity& entity : level.entities)
        if (!entity.group.empty() && wanted.has(entity.id)) groups.insert(entity.group);
    std::vector<EntityId> all = ids;
    if (groups.empty()) return all;
    for (const Entity& entity : level.entities)
        if (groups.contains(entity.group) && !wanted.has(entity.id)) all.push_back(entity.id);
    return all;
}

}  // namespace rook::level
