#include "file/placements.h"

#include <csv.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <map>

#include "base/limits.h"
#include "file/json_text.h"
#include "file/value_json_detail.h"
#include "level/kind_edits.h"

namespace rook::file {

using namespace level;

namespace {

constexpr std::size_t maxCsvColumns = 4096;

/// What libcsv calls with each cell and at the end of each row.
struct CsvTaking {
    std::vector<std::vector<std::string>> rows{{}};
    bool isTooWide = false;

    static void cell(void* bytes, std::size_t count, void* taking) {
        auto& self = *static_cast<CsvTaking*>(taking);
        if (self.rows.back().size() >= maxCsvColumns)
            self.isTooWide = true;
        else
            self.rows.back().emplace_back(static_cast<const char*>(bytes), count);
    }
    static void row(int, void* taking) { static_cast<CsvTaking*>(taking)->rows.emplace_back(); }
};

}  // namespace

Result<std::vector<std::vector<std::string>>> csvRows(const std::string& text,
                                                      const std::string& name) {
    csv_parser parser;
    if (csv_init(&parser, CSV_STRICT | CSV_STRICT_FINI) != 0)
        return fail(ErrorKind::OutOfRange, "There is no memory for a table", name, "");
    const std::unique_ptr<csv_parser, decltype(&csv_free)> owner(&parser, &csv_free);
    // Spaces belong to the cells.
    csv_set_space_func(&parser, [](unsigned char) { return 0; });
    CsvTaking taking;
    constexpr std::size_t step = 65536;
    bool isRead = true;
    for (std::size_t at = 0; isRead && !taking.isTooWide && at < text.size(); at += step) {
        const std::size_t count = std::min(step, text.size() - at);
        isRead = csv_parse(&parser, text.data() + at, count, &CsvTaking::cell, &CsvTaking::row,
                           &taking) == count;
    }
    if (taking.isTooWide)
        return fail(ErrorKind::OutOfRange, "A row has more than 4,096 cells",
                    name + ": row " + std::to_string(taking.rows.size()), "Cut the table");
    isRead = isRead && csv_fini(&parser, &CsvTaking::cell, &CsvTaking::row, &taking) == 0;
    if (!isRead)
        return fail(ErrorKind::BadSyntax, "A quote does not end, or stands within a cell",
                    name + ": row " + std::to_string(taking.rows.size()),
                    "Close it, and write two for one in a cell");
    taking.rows.pop_back();  // begun after the last
    return std::move(taking.rows);
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

/// A number of cells as the nearest px.
int pxOfCells(const std::string& text, int unit, const std::string& where) {
    double cells = 0;
    const auto read = std::from_chars(text.data(), text.data() + text.size(), cells);
    if (read.ec != std::errc{} || read.ptr != text.data() + text.size() ||
        !(std::abs(cells) <= limits::maxBoardCells))
        failRow(ErrorKind::WrongType, "\"" + text + "\" is no number of cells", where,
                "Correct it");
    return static_cast<int>(std::lround(cells * unit));
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

    /// Calls `take("x" or "y", member, px)` for what the columns of places say.
    template <typename CellOf, typename Take>
    static void takePlace(const Level& level, const CellOf& cellOf, const std::string& where,
                          Take&& take, PxRect& box) {
        struct Column {
            const char* name;
            bool isAcross, isUp, areCells;
        };
        static constexpr Column columns[] = {
            {"x", true, false, false},    {"x-cells", true, false, true},
            {"y", false, false, false},   {"y-cells", false, false, true},
            {"y-up", false, true, false}, {"y-up-cells", false, true, true}};
        for (const Column& column : columns) {
            const std::string* cell = cellOf(column.name);
            if (!cell || cell->empty()) continue;
            const int unit = column.isAcross ? level.cellSize.width : level.cellSize.height;
            int px = column.areCells ? pxOfCells(*cell, unit, where) : wholeOf(*cell, where);
            if (column.isUp) px = level.boundsPx().height - px - box.height;
            column.isAcross ? take("x", box.x, px) : take("y", box.y, px);
        }
    }

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
        takePlace(
            *sheet->second.level, cellOf, where,
            [&](const char* axis, int& value, int next) {
                if (next != value) tell(of + axis, std::to_string(value), std::to_string(next));
                value = next;
            },
            entity.box);
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
