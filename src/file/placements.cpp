#include "file/placements.h"

#include <algorithm>
#include <charconv>
#include <map>

#include "base/limits.h"
#include "file/json_text.h"
#include "file/value_json_detail.h"
#include "level/kind_edits.h"

namespace rook::file {

using namespace level;

Result<std::vector<std::vector<std::string>>> csvRows(const std::string& text,
                                                      const std::string& name) {
    std::vector<std::vector<std::string>> rows{{""}};
    bool isQuoted = false;
    bool isEmptyLine = true;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        std::string& cell = rows.back().back();
        if (isQuoted) {
            if (c != '"')
                cell += c;
            else if (i + 1 < text.size() && text[i + 1] == '"')
                cell += text[++i];
            else
                isQuoted = false;
        } else if (c == '"' && cell.empty()) {
            isQuoted = true;
            isEmptyLine = false;
        } else if (c == ',') {
            rows.back().emplace_back();
            isEmptyLine = false;
        } else if (c == '\n') {
            if (isEmptyLine)
                rows.back() = {""};
            else
                rows.push_back({""});
            isEmptyLine = true;
        } else if (c != '\r') {
            cell += c;
            isEmptyLine = false;
        }
    }
    if (isQuoted)
        return fail(ErrorKind::BadSyntax, "A quote does not end",
                    name + ": row " + std::to_string(rows.size()), "Close it");
    if (isEmptyLine) rows.pop_back();
    return rows;
}

namespace {

struct BadRow {
    Error error;
};

[[noreturn]] void failRow(ErrorKind kind, const std::string& what, const std::string& where,
                          const std::string& remedy) {
    throw BadRow{{kind, what, where, remedy}};
}

int wholeOf(const std::string& text, const std::string& where) {
    int number = 0;
    const auto read = std::from_chars(text.data(), text.data() + text.size(), number);
    if (read.ec != std::errc{} || read.ptr != text.data() + text.size())
        failRow(ErrorKind::WrongType, "\"" + text + "\" is no whole number", where, "Correct it");
    return number;
}

/// The value of a cell, as `placementsText` writes it, or as people do.
FieldValue valueOf(const std::string& text, const FieldDefinition& field,
                   const std::string& where) {
    if (const auto value = converted(text, field.type)) return *value;
    if (text == "true" || text == "false")
        if (field.type == FieldType::Boolean) return text == "true";
    const auto json = parseJson(text, where);
    if (!json)
        failRow(ErrorKind::WrongType, "\"" + text + "\" is no value of " + field.name, where,
                "Give one of the type " + std::string(nameOf(field.type)));
    try {
        return readFieldValue(field.type, *json, where, field.item);
    } catch (const ReadFailure& failure) {
        throw BadRow{failure.error};
    }
}

class Table {
public:
    Table(const std::string& name, const Project& project)
        : m_name(name), m_change{{project, "Take the table " + name}, {}} {
        for (const auto& level : project.levels) {
            Sheet& sheet = m_levels[level->id.text];
            sheet.level = level.get();
            sheet.entities = level->entities.items();
            for (std::size_t i = 0; i < sheet.entities.size(); ++i)
                sheet.places[sheet.entities[i].id.text] = i;
        }
    }

    TableChange read(const std::vector<std::vector<std::string>>& rows) {
        m_columns = rows.empty() ? std::vector<std::string>() : rows.front();
        for (const char* wanted : {"level", "id"})
            if (std::find(m_columns.begin(), m_columns.end(), wanted) == m_columns.end())
                failRow(ErrorKind::BadReference, std::string("There is no column ") + wanted,
                        m_name, "Rows are matched by level and id");
        for (std::size_t i = 1; i < rows.size(); ++i)
            readRow(rows[i], m_name + ": row " + std::to_string(i + 1));
        for (auto& [id, sheet] : m_levels) {
            if (sheet.entities == sheet.level->entities.items()) continue;
            Level level = *sheet.level;
            level.entities = std::move(sheet.entities);
            m_change.edit.project = m_change.edit.project.withLevel(std::move(level));
        }
        return std::move(m_change);
    }

private:
    struct Sheet {
        const Level* level = nullptr;
        std::vector<Entity> entities;
        std::map<std::string, std::size_t> places;
    };

    void readRow(const std::vector<std::string>& cells, const std::string& where) {
        const auto cellOf = [&](const std::string& column) -> const std::string* {
            const auto at = std::find(m_columns.begin(), m_columns.end(), column);
            const auto i = static_cast<std::size_t>(at - m_columns.begin());
            return i < cells.size() && at != m_columns.end() ? &cells[i] : nullptr;
        };
        const std::string* levelId = cellOf("level");
        const std::string* id = cellOf("id");
        const auto sheet = levelId ? m_levels.find(*levelId) : m_levels.end();
        if (sheet == m_levels.end())
            failRow(ErrorKind::BadReference,
                    "There is no level " + (levelId ? *levelId : std::string()), where,
                    "Leave the row out");
        const auto place = id ? sheet->second.places.find(*id) : sheet->second.places.end();
        if (place == sheet->second.places.end())
            failRow(ErrorKind::BadReference, "There is no entity " + (id ? *id : std::string()),
                    where, "Place it on the board first, or leave the row out");
        Entity& entity = sheet->second.entities[place->second];
        const std::string of = *levelId + ", " + *id + ": ";
        const auto take = [&](const char* column, int& value) {
            const std::string* cell = cellOf(column);
            if (!cell || cell->empty()) return;
            const int next = wholeOf(*cell, where);
            if (next != value) tell(of + column, std::to_string(value), std::to_string(next));
            value = next;
        };
        take("x", entity.box.x);
        take("y", entity.box.y);
        if (!sheet->second.level->boundsPx().contains(entity.box))
            failRow(ErrorKind::OutOfRange, entity.id.text + " would leave the level", where,
                    "Correct x and y");
        if (const std::string* facing = cellOf("facing"); facing && !facing->empty()) {
            const auto next = fromName<Facing>(*facing);
            if (!next)
                failRow(ErrorKind::WrongType, "\"" + *facing + "\" is no way to face", where,
                        "Use left, right, up or down");
            if (*next != entity.facing)
                tell(of + "facing", std::string(nameOf(entity.facing)), *facing);
            entity.facing = *next;
        }
        const Kind* kind = m_change.edit.project.findKind(entity.kind);
        if (!kind) return;
        for (const FieldDefinition& field : kind->fields) {
            const std::string* cell = cellOf(field.name);
            if (!cell) continue;
            const FieldValue former = fieldOf(entity, field);
            const FieldValue next = cell->empty() && !std::holds_alternative<std::string>(former)
                                        ? former
                                        : valueOf(*cell, field, where);
            if (next == former) continue;
            tell(of + field.name, "", *cell);
            setField(entity, field.name, next);
        }
    }
    void tell(const std::string& what, const std::string& from, const std::string& to) {
        m_change.lines.push_back(what + (from.empty() ? "" : " " + from) + " becomes " +
                                 (to.empty() ? "nothing" : to));
    }

    std::string m_name;
    TableChange m_change;
    std::map<std::string, Sheet> m_levels;
    std::vector<std::string> m_columns;
};

}  // namespace

Result<TableChange> readPlacements(const std::string& csv, const std::string& name,
                                   const Project& project) {
    const auto rows = csvRows(csv, name);
    if (!rows) return fail(rows.error());
    try {
        return Table(name, project).read(*rows);
    } catch (const BadRow& bad) {
        return fail(bad.error);
    }
}

}  // namespace rook::file
