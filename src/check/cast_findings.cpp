/// Fields, references, limits and places of what is placed.

#include <map>
#include <set>
#include <tuple>

#include "cast/behaviour.h"
#include "check/cast.h"
#include "level/cast_edits.h"

namespace rook::check {

namespace {

using level::Entity;
using level::FieldDefinition;
using level::FieldType;
using level::Kind;
using level::Role;

std::string textOf(level::Decimal number) {
    std::string text = std::to_string(double(number.thousandths) / 1000);
    while (text.back() == '0')
        text.pop_back();
    if (text.back() == '.') text.pop_back();
    return text;
}

class CastCheck {
public:
    CastCheck(const level::Project& project, const level::Level& level)
        : m_project(project), m_level(level) {
        for (const Kind& kind : project.kinds)
            m_kinds.emplace(kind.id.text, &kind);
        for (const auto& each : project.levels)
            m_levels.insert(each->id.text);
        for (const Entity& entity : level.entities) {
            m_kindOf.emplace(entity.id.text, entity.kind.text);
            for (const EntityId& id : entity.data.opens)
                m_opening.insert(id.text);
        }
    }

    [[nodiscard]] std::vector<Finding> run() {
        std::map<std::string, int> counts;
        std::map<std::tuple<std::string, int, int>, std::string> places;
        for (const Entity& entity : m_level.entities) {
            ++counts[entity.kind.text];
            const auto found = m_kinds.find(entity.kind.text);
            if (found == m_kinds.end()) continue;
            const Kind& kind = *found->second;
            place(entity, kind);
            const auto [other, isFirst] =
                places.try_emplace({entity.kind.text, entity.box.x, entity.box.y}, entity.id.text);
            if (!isFirst)
                add(FindingKind::SamePlaceTwice, Severity::Doubt,
                    entity.id.text + " lies in the very place of " + other->second, entity);
            for (const FieldDefinition& field : kind.fields)
                check(entity, field, fieldOf(entity, field));
            if (kind.role == Role::Key && !m_opening.contains(entity.id.text))
                add(FindingKind::KeyWithoutDoor, Severity::Doubt,
                    entity.id.text + " is a key and opens nothing", entity);
            if (kind.role == Role::Trigger)
                for (const level::Call& call : entity.data.trigger.calls)
                    if (!call.target.isEmpty() && !m_kindOf.contains(call.target.text))
                        dangling(entity, "calls " + call.target.text);
        }
        for (const Kind& kind : m_project.kinds)
            limits(kind, counts[kind.id.text]);
        return std::move(m_findings);
    }

private:
    void add(FindingKind kind, Severity severity, std::string sentence, const Entity& entity) {
        m_findings.push_back(
            {kind, severity, m_level.id, std::move(sentence), entity.id, entity.box});
    }
    void dangling(const Entity& entity, const std::string& what) {
        add(FindingKind::DanglingReference, Severity::Error,
            entity.id.text + " " + what + ", which is not there", entity);
    }
    void limits(const Kind& kind, int count) {
        const bool isFew = count < kind.atLeast;
        const bool isMany = kind.atMost > 0 && count > kind.atMost;
        if (!isFew && !isMany) return;
        Finding finding;
        finding.kind = isFew ? FindingKind::TooFewOfKind : FindingKind::TooManyOfKind;
        finding.severity = Severity::Error;
        finding.level = m_level.id;
        finding.sentence = "There are " + std::to_string(count) + " of " + kind.title + ", and " +
                           (isFew ? "at least " + std::to_string(kind.atLeast)
                                  : "at most " + std::to_string(kind.atMost)) +
                           " should be";
        m_findings.push_back(std::move(finding));
    }
    void place(const Entity& entity, const Kind& kind) {
        if (!m_level.boundsPx().contains(entity.box))
            add(FindingKind::OutsideLevel, Severity::Error,
                entity.id.text + " lies outside the level", entity);
        else if (const auto flaw = cast::standingFlaw(m_project, m_level, entity)) {
            add(FindingKind::StandingBroken, Severity::Doubt, entity.id.text + " " + *flaw, entity);
            const PxRect to = cast::dropped(m_project, m_level, kind, entity.box);
            Entity moved = entity;
            moved.box = to;
            if (to != entity.box && !cast::standingFlaw(m_project, m_level, moved))
                m_findings.back().fix = "Set it down";
        }
    }
    void check(const Entity& entity, const FieldDefinition& field, const level::FieldValue& value) {
        const bool isEmpty = std::visit(
            [](const auto& each) {
                using T = std::decay_t<decltype(each)>;
                if constexpr (std::is_same_v<T, std::string> ||
                              std::is_same_v<T, std::vector<PxPoint>>)
                    return each.empty();
                else if constexpr (std::is_same_v<T, level::FieldList>)
                    return each.items.empty();
                else
                    return false;
            },
            value);
        if (isEmpty) {
            if (field.isNeeded)
                add(FindingKind::FieldEmpty, Severity::Error,
                    entity.id.text + " needs its " + field.name, entity);
            return;
        }
        const auto number = std::visit(
            [](const auto& each) -> std::optional<level::Decimal> {
                using T = std::decay_t<decltype(each)>;
                if constexpr (std::is_same_v<T, std::int64_t>)
                    return level::Decimal{each * 1000};
                else if constexpr (std::is_same_v<T, level::Decimal>)
                    return each;
                else
                    return std::nullopt;
            },
            value);
        const bool isOut = number && ((field.low && *number < *field.low) ||
                                      (field.high && *number > *field.high));
        if (isOut)
            add(FindingKind::FieldOutOfRange, Severity::Error,
                "The " + field.name + " of " + entity.id.text + " is " + textOf(*number) +
                    (field.low && *number < *field.low ? ", below " + textOf(*field.low)
                                                       : ", above " + textOf(*field.high)),
                entity);
        const auto* text = std::get_if<std::string>(&value);
        if (!text) return checkList(entity, field, value);
        if (field.type == FieldType::Choice &&
            std::find(field.choices.begin(), field.choices.end(), *text) == field.choices.end())
            add(FindingKind::FieldOutOfRange, Severity::Error,
                "The " + field.name + " of " + entity.id.text + " is " + *text +
                    ", which is none of its choices",
                entity);
        refer(entity, field.type, field, *text);
    }
    void checkList(const Entity& entity, const FieldDefinition& field,
                   const level::FieldValue& value) {
        const auto* list = std::get_if<level::FieldList>(&value);
        for (const level::SimpleValue& item :
             list ? list->items : std::vector<level::SimpleValue>())
            if (const auto* text = std::get_if<std::string>(&item))
                refer(entity, field.item, field, *text);
    }
    void refer(const Entity& entity, FieldType type, const FieldDefinition& field,
               const std::string& id) {
        if (type == FieldType::Level && !m_levels.contains(id))
            dangling(entity, "names the level " + id + " as its " + field.name);
        if (type != FieldType::Entity) return;
        const auto found = m_kindOf.find(id);
        if (found == m_kindOf.end())
            dangling(entity, "names " + id + " as its " + field.name);
        else if (!field.of.isEmpty() && found->second != field.of.text)
            add(FindingKind::DanglingReference, Severity::Error,
                entity.id.text + " names " + id + " as its " + field.name + ", which is no " +
                    field.of.text,
                entity);
    }

    const level::Project& m_project;
    const level::Level& m_level;
    std::map<std::string, const Kind*> m_kinds;
    std::map<std::string, std::string> m_kindOf;  ///< by id of the entity
    std::set<std::string> m_levels;
    std::set<std::string> m_opening;
    std::vector<Finding> m_findings;
};

}  // namespace

std::vector<Finding> castFindings(const level::Project& project, const level::Level& level) {
    return CastCheck(project, level).run();
}

}  // namespace rook::check
