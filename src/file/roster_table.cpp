#include "file/roster_table.h"

#include <algorithm>
#include <charconv>
#include <optional>

#include "file/csv_detail.h"
#include "file/placements.h"

namespace rook::file {

using namespace level;
using puzzle::Placement;
using puzzle::PlacementChange;

namespace {

using Rows = std::vector<std::vector<std::string>>;

const Counter* counterIn(const Level& level, const EntityId& id) {
    for (const Counter& counter : level.puzzle.counters)
        if (counter.id == id) return &counter;
    return nullptr;
}

std::string csvOf(const Rows& rows, std::size_t leftOut) {
    std::string text;
    for (const std::vector<std::string>& row : rows) {
        for (std::size_t i = leftOut; i < row.size(); ++i)
            text += (i > leftOut ? "," : "") + csvCell(row[i]);
        text += "\n";
    }
    return text;
}

/// Takes rows in, one after the other.
class Reader {
public:
    Reader(const std::string& name, const Project& project, const std::string& roster,
           EntityId counter)
        : m_name(name),
          m_project(project),
          m_roster(roster),
          m_counter(std::move(counter)),
          m_levels(puzzle::levelsOf(project, roster)) {}

    Result<std::vector<PlacementChange>> read(const Rows& rows) {
        if (rows.empty())
            return fail(ErrorKind::BadSyntax, "The table is empty", m_name,
                        "Begin with a row of names");
        const auto headed = readHead(rows.front());
        if (!headed) return fail(headed.error());
        for (std::size_t i = 1; i < rows.size(); ++i) {
            const auto taken = readRow(rows[i], m_name + ": row " + std::to_string(i + 1));
            if (!taken) return fail(taken.error());
        }
        return changes();
    }

private:
    Result<void> readHead(const std::vector<std::string>& head) {
        m_first = m_counter.isEmpty() ? 2 : 1;
        const bool isSound = head.size() >= m_first && head[m_first - 1] == "axis" &&
                             (!m_counter.isEmpty() || head[0] == "counter");
        if (!isSound)
            return fail(ErrorKind::BadSyntax,
                        m_counter.isEmpty() ? "The table does not begin with counter,axis"
                                            : "The table does not begin with axis",
                        m_name + ": row 1", "Keep the first row as it was written");
        for (std::size_t i = m_first; i < head.size(); ++i) {
            const auto level =
                std::find_if(m_levels.begin(), m_levels.end(),
                             [&](const auto& each) { return each->id.text == head[i]; });
            if (level == m_levels.end())
                return fail(ErrorKind::BadReference,
                            "The roster " + m_roster + " has no level \"" + head[i] + "\"",
                            m_name + ": row 1", "Leave that column out");
            m_columns.push_back(*level);
        }
        return {};
    }

    Result<void> readRow(const std::vector<std::string>& row, const std::string& where) {
        const std::size_t axisAt = m_first - 1;
        if (row.size() <= axisAt) return {};
        const EntityId id = m_counter.isEmpty() ? EntityId{row[0]} : m_counter;
        const std::string& axis = row[axisAt];
        if (axis != "x" && axis != "y")
            return fail(ErrorKind::WrongType, "The axis \"" + axis + "\" is neither x nor y", where,
                        "Write x or y");
        for (std::size_t i = 0; i < m_columns.size(); ++i) {
            if (m_first + i >= row.size()) continue;
            if (!counterIn(*m_columns[i], id))
                return fail(ErrorKind::BadReference,
                            "The roster " + m_roster + " has no counter \"" + id.text + "\"", where,
                            "Leave that row out");
            const std::string& cell = row[m_first + i];
            int number = 0;
            if (!cell.empty()) {
                const auto read = std::from_chars(cell.data(), cell.data() + cell.size(), number);
                if (read.ec != std::errc{} || read.ptr != cell.data() + cell.size())
                    return fail(ErrorKind::WrongType, "\"" + cell + "\" is no whole number", where,
                                "Write a number, or nothing for a parked counter");
            }
            Wanted& wanted = m_wanted[{m_columns[i]->id.text, id.text}];
            wanted.where = where;
            (axis == "x" ? wanted.x : wanted.y) = number;
            (axis == "x" ? wanted.isX : wanted.isY) = !cell.empty();
            (axis == "x" ? wanted.hasX : wanted.hasY) = true;
        }
        return {};
    }

    Result<std::vector<PlacementChange>> changes() const {
        std::vector<PlacementChange> found;
        for (const auto& [key, wanted] : m_wanted) {
            const auto level = m_project.findLevel({key.first});
            const Placement now = puzzle::placementOf(*level, *counterIn(*level, {key.second}));
            // What no row says stays as it is.
            const bool hasX = wanted.hasX ? wanted.isX : !now.isParked;
            const bool hasY = wanted.hasY ? wanted.isY : !now.isParked;
            if (hasX != hasY)
                return fail(ErrorKind::BadSyntax,
                            key.second + " has one number of two in " + key.first, wanted.where,
                            "Give x and y, or leave both empty to park it");
            Placement next{true, 0, 0};
            if (hasX)
                next = {false, wanted.hasX ? wanted.x : now.x, wanted.hasY ? wanted.y : now.y};
            if (next != now) found.push_back({{key.first}, {key.second}, next});
        }
        return found;
    }

    struct Wanted {
        int x = 0, y = 0;
        bool isX = false, isY = false;    ///< a number, and no empty cell
        bool hasX = false, hasY = false;  ///< a row says it
        std::string where;
    };
    std::string m_name;
    const Project& m_project;
    std::string m_roster;
    EntityId m_counter;
    std::vector<std::shared_ptr<const Level>> m_levels;
    std::vector<std::shared_ptr<const Level>> m_columns;
    std::map<std::pair<std::string, std::string>, Wanted> m_wanted;
    std::size_t m_first = 2;
};

}  // namespace

Rows rosterRows(const Project& project, const std::string& roster) {
    Rows rows{{"counter", "axis"}};
    const auto levels = puzzle::levelsOf(project, roster);
    for (const auto& level : levels)
        rows[0].push_back(level->id.text);
    const Roster* found = project.findRoster(roster);
    if (!found) return rows;
    for (const RosterCounter& counter : found->counters)
        for (const bool isX : {true, false}) {
            std::vector<std::string> row{counter.id.text, isX ? "x" : "y"};
            for (const auto& level : levels) {
                const Counter* placed = counterIn(*level, counter.id);
                const Placement at =
                    placed ? puzzle::placementOf(*level, *placed) : Placement{true, 0, 0};
                row.push_back(at.isParked ? "" : std::to_string(isX ? at.x : at.y));
            }
            rows.push_back(std::move(row));
        }
    return rows;
}

std::string rosterCsv(const Project& project, const std::string& roster) {
    return csvOf(rosterRows(project, roster), 0);
}

std::string counterCsv(const Project& project, const std::string& roster, const EntityId& counter) {
    Rows rows;
    for (std::vector<std::string>& row : rosterRows(project, roster))
        if (rows.empty() || row[0] == counter.text) rows.push_back(std::move(row));
    return csvOf(rows, 1);
}

Result<std::vector<PlacementChange>> readRosterCsv(const std::string& text, const std::string& name,
                                                   const Project& project,
                                                   const std::string& roster,
                                                   const EntityId& counter) {
    const auto rows = csvRows(text, name);
    if (!rows) return fail(rows.error());
    return Reader(name, project, roster, counter).read(*rows);
}

std::map<std::string, std::string> rosterFiles(const Project& project) {
    std::map<std::string, std::string> files;
    for (const Roster& roster : project.rosters) {
        files["rosters/" + roster.name + ".csv"] = rosterCsv(project, roster.name);
        for (const RosterCounter& counter : roster.counters)
            files["rosters/" + roster.name + "/" + counter.id.text + ".csv"] =
                counterCsv(project, roster.name, counter.id);
    }
    return files;
}

}  // namespace rook::file
