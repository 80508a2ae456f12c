#include "level/kind_edits.h"

#include <algorithm>
#include <charconv>
#include <set>

namespace rook::level {

namespace {

constexpr std::size_t mostKinds = 4096;

std::string textOf(Decimal number) {
    std::string text = std::to_string(number.thousandths / 1000);
    if (number.thousandths < 0 && number.thousandths > -1000) text = "-0";
    int rest = static_cast<int>(std::abs(number.thousandths % 1000));
    if (rest == 0) return text;
    std::string places = std::to_string(1000 + rest).substr(1);
    while (places.back() == '0')
        places.pop_back();
    return text + "." + places;
}

std::optional<std::int64_t> wholeOf(const std::string& text) {
    std::int64_t number = 0;
    const auto [end, problem] = std::from_chars(text.data(), text.data() + text.size(), number);
    if (problem != std::errc{} || end != text.data() + text.size()) return std::nullopt;
    return number;
}

std::optional<Decimal> decimalOf(const std::string& text) {
    const auto dot = text.find('.');
    const auto whole = wholeOf(text.substr(0, dot));
    if (!whole || std::abs(*whole) > 1000000000000) return std::nullopt;
    std::string places = dot == std::string::npos ? "" : text.substr(dot + 1);
    if (places.size() > 3) return std::nullopt;
    places.resize(3, '0');
    const auto rest = wholeOf(places);
    if (!rest || *rest < 0) return std::nullopt;
    const bool isBelow = text[0] == '-';
    return Decimal{*whole * 1000 + (isBelow ? -*rest : *rest)};
}

bool isText(FieldType type) {
    return std::holds_alternative<std::string>(defaultOf(type));
}

/// One entity after its kind changed.
class Following {
public:
    Following(const Kind& former, const Kind& kind, KindChange& change)
        : m_former(former), m_kind(kind), m_change(change) {}

    void follow(Entity& entity, const std::string& where) const {
        const Entity before = entity;
        entity.kind = m_kind.id;
        if (entity.box.width == m_former.width && entity.box.height == m_former.height) {
            entity.box.x += (m_former.width - m_kind.width) / 2;
            entity.box.y += m_former.height - m_kind.height;
            entity.box.width = m_kind.width;
            entity.box.height = m_kind.height;
        }
        std::vector<NamedValue> kept;
        for (const auto& [name, value] : entity.fields) {
            const FieldDefinition* field = laterOf(name);
            const auto same = field ? converted(value, field->type) : std::nullopt;
            if (same)
                kept.emplace_back(field->name, *same);
            else
                m_change.losses.push_back(where + ": " + before.id.text + " gives up its " + name);
        }
        entity.fields = std::move(kept);
        if (!(entity == before)) ++m_change.changed;
    }

private:
    /// The field that this one has become: of its name, else the one at its place if that has a new
    /// name.
    [[nodiscard]] const FieldDefinition* laterOf(const std::string& name) const {
        const auto named = [&](const std::vector<FieldDefinition>& list,
                               const std::string& wanted) {
            return std::find_if(list.begin(), list.end(),
                                [&](const FieldDefinition& f) { return f.name == wanted; });
        };
        const auto same = named(m_kind.fields, name);
        if (same != m_kind.fields.end()) return &*same;
        const auto before = named(m_former.fields, name);
        if (before == m_former.fields.end() || m_former.fields.size() != m_kind.fields.size())
            return nullptr;
        const FieldDefinition& now =
            m_kind.fields[static_cast<std::size_t>(before - m_former.fields.begin())];
        return named(m_former.fields, now.name) == m_former.fields.end() ? &now : nullptr;
    }

    const Kind& m_former;
    const Kind& m_kind;
    KindChange& m_change;
};

/// Calls `visit(entities, where)` for levels, swatches and blocks; true from it: they changed.
template <typename Visit>
void forEachCast(Project& project, Visit&& visit) {
    for (auto* boards : {&project.levels, &project.swatches})
        for (std::shared_ptr<const Level>& slot : *boards) {
            Level level = *slot;
            bool isChanged = false;
            std::vector<Entity> list = level.entities.items();
            isChanged = visit(list, level.title);
            if (!isChanged) continue;
            level.entities = std::move(list);
            slot = std::make_shared<const Level>(std::move(level));
        }
    if (project.blocks.empty()) return;
    project.blocks.edit([&](auto& blocks) {
        for (Block& block : blocks)
            visit(block.entities, block.title);
    });
}

/// Counters of that kind, in levels, rosters and goals: they are of `now` from here on, or go where
/// it is empty. Gives how many counters.
int followCounters(Project& project, const KindId& former, const KindId& now) {
    int changed = 0;
    const auto follow = [&](auto& list) {
        for (auto& counter : list)
            if (counter.kind == former) {
                counter.kind = now;
                ++changed;
            }
        if (now.isEmpty())
            std::erase_if(list, [](const auto& counter) { return counter.kind.isEmpty(); });
    };
    for (std::shared_ptr<const Level>& slot : project.levels) {
        if (slot->kind != LevelKind::Puzzle) continue;
        Level level = *slot;
        const int before = changed;
        level.puzzle.counters.edit(follow);
        const bool isGoal = level.puzzle.rule.goal.kind == former;
        if (isGoal) level.puzzle.rule.goal.kind = now;
        if (changed > before || isGoal) slot = std::make_shared<const Level>(std::move(level));
    }
    if (!project.rosters.empty())
        project.rosters.edit([&](auto& rosters) {
            const int placed = changed;
            for (Roster& roster : rosters)
                follow(roster.counters);
            changed = placed;  // they are those of the levels
        });
    return changed;
}

}  // namespace

Kind freshKind(const Project& project, const std::string& title, Role role) {
    Kind kind;
    kind.title = title;
    kind.role = role;
    const std::string stem = plainNameFrom(title, std::string(nameOf(role)));
    kind.id = {stem};
    for (int number = 2; project.findKind(kind.id); ++number)
        kind.id = {stem + "-" + std::to_string(number)};
    if (role == Role::Spawn) kind.atMost = 1;
    if (role == Role::Foe || role == Role::Checkpoint) kind.standing = Standing::Floor;
    return kind;
}

std::optional<std::string> flawOf(const Project& project, const Kind& kind,
                                  const KindId& replaces) {
    if (!isPlainName(kind.id.text))
        return "The id \"" + kind.id.text + "\" is not made of lower-case letters, digits, - and _";
    if (kind.id != replaces && project.findKind(kind.id))
        return "There is a kind " + kind.id.text + " already";
    if (kind.title.empty()) return "A kind needs a name";
    if (kind.width < 1 || kind.height < 1 || kind.width > 4096 || kind.height > 4096)
        return "A box has 1 to 4,096 px across and down";
    if (kind.atMost > 0 && kind.atMost < kind.atLeast)
        return "No more than " + std::to_string(kind.atMost) + " and no less than " +
               std::to_string(kind.atLeast) + " cannot both be";
    std::set<std::string> names;
    for (const FieldDefinition& field : kind.fields) {
        if (!isPlainName(field.name))
            return "The field \"" + field.name +
                   "\" is not made of lower-case letters, digits, - and _";
        if (!names.insert(field.name).second) return "The field " + field.name + " is there twice";
        if (!holds(field.type, field.defaultValue))
            return "The standard of " + field.name + " is not of its type";
        if (field.type == FieldType::Choice && field.choices.empty())
            return "The choice " + field.name + " has nothing to choose from";
        if (field.low && field.high && *field.low > *field.high)
            return "The range of " + field.name + " is empty";
    }
    return std::nullopt;
}

std::optional<FieldValue> converted(const FieldValue& value, FieldType to) {
    if (to == FieldType::Color) {
        const auto* text = std::get_if<std::string>(&value);
        return text && isColor(*text) ? std::optional(value) : std::nullopt;
    }
    if (holds(to, value)) return value;
    const auto* whole = std::get_if<std::int64_t>(&value);
    const auto* number = std::get_if<Decimal>(&value);
    const auto* text = std::get_if<std::string>(&value);
    const auto* yes = std::get_if<bool>(&value);
    if (to == FieldType::Number) {
        if (whole && std::abs(*whole) < 1000000000000) return Decimal{*whole * 1000};
        if (const auto read = text ? decimalOf(*text) : std::nullopt) return *read;
    }
    if (to == FieldType::Integer) {
        if (number && number->thousandths % 1000 == 0) return number->thousandths / 1000;
        if (const auto read = text ? wholeOf(*text) : std::nullopt) return *read;
        if (yes) return std::int64_t{*yes ? 1 : 0};
    }
    if (to == FieldType::Boolean) {
        if (whole && (*whole == 0 || *whole == 1)) return *whole == 1;
        if (text && (*text == "yes" || *text == "no")) return *text == "yes";
    }
    if (isText(to)) {
        if (whole) return std::to_string(*whole);
        if (number) return textOf(*number);
        if (yes) return std::string(*yes ? "yes" : "no");
    }
    return std::nullopt;
}

int useOfKind(const Project& project, const KindId& id) {
    int count = 0;
    for (const auto& level : project.levels)
        count += static_cast<int>(std::count_if(level->entities.begin(), level->entities.end(),
                                                [&](const Entity& e) { return e.kind == id; }));
    return count;
}

Result<ProjectEdit> addKind(const Project& project, const Kind& kind) {
    if (project.kinds.size() >= mostKinds)
        return fail(ErrorKind::OutOfRange, "A project holds at most 4,096 kinds", project.name,
                    "Change one of them");
    if (const auto flaw = flawOf(project, kind))
        return fail(ErrorKind::NotApplicable, *flaw, kind.title, "Correct it");
    ProjectEdit edit{project, "Add the kind " + kind.title};
    edit.project.kinds.edit([&](auto& list) { list.push_back(kind); });
    return edit;
}

Result<KindChange> changeKind(const Project& project, const KindId& former, const Kind& kind) {
    const Kind* before = project.findKind(former);
    if (!before)
        return fail(ErrorKind::BadReference, "There is no kind " + former.text, project.name,
                    "Choose one of the project's");
    if (const auto flaw = flawOf(project, kind, former))
        return fail(ErrorKind::NotApplicable, *flaw, kind.title, "Correct it");
    KindChange change{{project, "Change the kind " + kind.title}, 0, {}};
    const Following following(*before, kind, change);
    forEachCast(change.edit.project, [&](std::vector<Entity>& list, const std::string& where) {
        const int had = change.changed;
        for (Entity& entity : list) {
            if (entity.kind == former) following.follow(entity, where);
            if (entity.data.formation.member == former && former != kind.id) {
                entity.data.formation.member = kind.id;
                ++change.changed;
            }
        }
        return change.changed != had;
    });
    if (former != kind.id) change.changed += followCounters(change.edit.project, former, kind.id);
    change.edit.project.kinds.edit([&](auto& list) {
        for (Kind& slot : list) {
            for (FieldDefinition& field : slot.fields)
                if (field.of == former) field.of = kind.id;
            if (slot.id == former) slot = kind;
        }
    });
    return change;
}

Result<KindChange> removeKind(const Project& project, const KindId& id) {
    const Kind* kind = project.findKind(id);
    if (!kind)
        return fail(ErrorKind::BadReference, "There is no kind " + id.text, project.name,
                    "Choose one of the project's");
    KindChange change{{project, "Remove the kind " + kind->title}, 0, {}};
    forEachCast(change.edit.project, [&](std::vector<Entity>& list, const std::string& where) {
        const auto gone = std::erase_if(list, [&](const Entity& e) { return e.kind == id; });
        change.changed += static_cast<int>(gone);
        if (gone > 0)
            change.losses.push_back(where + ": " + std::to_string(gone) + " of it are taken away");
        return gone > 0;
    });
    if (const int counters = followCounters(change.edit.project, id, {}); counters > 0) {
        change.changed += counters;
        change.losses.push_back(std::to_string(counters) + " counters of it are taken away");
    }
    change.edit.project.kinds.edit(
        [&](auto& list) { std::erase_if(list, [&](const Kind& each) { return each.id == id; }); });
    return change;
}

}  // namespace rook::level
