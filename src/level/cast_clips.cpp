#include "level/cast_clips.h"

#include <algorithm>
#include <map>
#include <set>

#include "level/listed.h"
#include "level/zone_edits.h"

namespace rook::level {

namespace {

std::string countWords(std::size_t count, const char* one, const char* many) {
    return std::to_string(count) + " " + (count == 1 ? one : many);
}

std::string contentsOf(const CastClip& clip) {
    std::string text;
    if (!clip.entities.empty()) text = countWords(clip.entities.size(), "entity", "entities");
    if (!clip.zones.empty())
        text += (text.empty() ? "" : " and ") + countWords(clip.zones.size(), "zone", "zones");
    return text;
}

/// Lays a clip, entity by entity, and then makes what they refer to fit.
class Pasting {
public:
    Pasting(const Project& project, const Level& level, const CastClip& clip, PxPoint corner)
        : m_project(project), m_clip(clip), m_pasted{{level, {}, {}}, {}, {}, {}} {
        const PxRect bounds = clip.bounds(), board = level.boundsPx();
        const auto kept = [](int at, int size, int most) {
            return std::clamp(at, 0, std::max(0, most - size));
        };
        m_dx = kept(corner.x, bounds.width, board.width) - bounds.x;
        m_dy = kept(corner.y, bounds.height, board.height) - bounds.y;
    }

    PastedCast lay() {
        for (const Entity& entity : m_clip.entities)
            add(entity);
        refer();
        for (const Zone& zone : m_clip.zones)
            add(zone);
        m_pasted.edit.name = "Paste " + contentsOf(m_clip);
        return std::move(m_pasted);
    }

private:
    Level& level() { return m_pasted.edit.level; }
    void tell(std::string sentence) { m_pasted.told.push_back(std::move(sentence)); }

    void add(const Entity& original) {
        const Kind* kind = m_project.findKind(original.kind);
        if (!kind) return tell(original.id.text + " is of no kind of this project");
        const PxRect box = original.box.moved(m_dx, m_dy);
        const auto placed = placeEntity(level(), *kind, {box.x, box.y}, original.facing);
        if (!placed) return tell(original.id.text + ": " + placed.error().what);
        Entity copy = original;
        copy.box = box;
        copy.id = placed->level.entities.back().id;
        auto changed = changeEntity(placed->level, copy, {});
        if (!changed) return tell(original.id.text + ": " + changed.error().what);
        level() = std::move(changed->level);
        m_pasted.edit.touched = m_pasted.edit.touched.united(toCells(box, level().cellSize));
        m_pasted.entities.push_back(copy.id);
        m_ids[original.id] = copy.id;
    }

    /// What an id means here: the copy, or one that is there; empty if nothing.
    EntityId meant(const EntityId& id, const std::string& by) {
        if (const auto found = m_ids.find(id); found != m_ids.end()) return found->second;
        if (findEntity(level(), id)) return id;
        tell(by + " referred to " + id.text + ", which is not here");
        return {};
    }

    void refer() {
        const std::set<EntityId> fresh(m_pasted.entities.begin(), m_pasted.entities.end());
        level().entities.editEach([&](const Entity& entity) { return fresh.contains(entity.id); },
                                  [&](Entity& entity) {
                                      std::vector<EntityId> opens;
                                      for (const EntityId& id : entity.data.opens)
                                          if (const EntityId here = meant(id, entity.id.text);
                                              !here.isEmpty())
                                              opens.push_back(here);
                                      entity.data.opens = std::move(opens);
                                      for (Call& call : entity.data.trigger.calls)
                                          if (!call.target.isEmpty())
                                              call.target = meant(call.target, entity.id.text);
                                      referFields(entity);
                                  });
    }

    void referFields(Entity& entity) {
        const Kind& kind = *m_project.findKind(entity.kind);
        for (auto& [name, value] : entity.fields)
            for (const FieldDefinition& field : kind.fields) {
                if (field.name != name) continue;
                if (auto* text = std::get_if<std::string>(&value);
                    text && field.type == FieldType::Entity && !text->empty())
                    *text = meant({*text}, entity.id.text).text;
                auto* list = std::get_if<FieldList>(&value);
                if (!list || field.item != FieldType::Entity) continue;
                for (SimpleValue& item : list->items)
                    item = meant({std::get<std::string>(item)}, entity.id.text).text;
                std::erase(list->items, SimpleValue(std::string()));
            }
    }

    void add(const Zone& original) {
        const CellSize size = level().cellSize;
        const CellRect place =
            toCells(toPx(original.place, m_clip.cellSize).moved(m_dx, m_dy), size);
        const auto added = addZone(level(), place, &original);
        if (!added) return tell(original.name + ": " + added.error().what);
        level() = added->level;
        m_pasted.zones.push_back(level().zones.items().back().id);
        m_pasted.edit.touched = m_pasted.edit.touched.united(place);
    }

    const Project& m_project;
    const CastClip& m_clip;
    PastedCast m_pasted;
    int m_dx = 0, m_dy = 0;
    std::map<EntityId, EntityId> m_ids;
};

}  // namespace

PxRect CastClip::bounds() const {
    PxRect all;
    for (const Entity& entity : entities)
        all = all.united(entity.box);
    for (const Zone& zone : zones)
        all = all.united(toPx(zone.place, cellSize));
    return all;
}

CastClip copyCast(const Level& level, const std::vector<EntityId>& entities,
                  const std::vector<ZoneId>& zones) {
    CastClip clip;
    clip.cellSize = level.cellSize;
    const Listed wanted(entities);
    for (const Entity& entity : level.entities)
        if (wanted.has(entity.id)) clip.entities.push_back(entity);
    for (const ZoneId& id : zones)
        if (const Zone* zone = findZone(level, id)) clip.zones.push_back(*zone);
    return clip;
}

LevelEdit cutCast(const Level& level, const CastClip& clip) {
    std::vector<EntityId> ids;
    for (const Entity& entity : clip.entities)
        ids.push_back(entity.id);
    LevelEdit edit = deleteEntities(level, ids);
    for (const Zone& zone : clip.zones) {
        const LevelEdit without = removeZone(edit.level, zone.id);
        edit.level = without.level;
        edit.touched = edit.touched.united(without.touched);
    }
    edit.name = "Cut " + contentsOf(clip);
    return edit;
}

PastedCast pasteCast(const Project& project, const Level& level, const CastClip& clip,
                     PxPoint corner) {
    return Pasting(project, level, clip, corner).lay();
}

}  // namespace rook::level
