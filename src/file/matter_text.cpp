#include "file/matter_text.h"

#include <algorithm>
#include <charconv>
#include <set>

#include "base/limits.h"

namespace rook::file {

using level::Cell;
using level::LegendEntry;

namespace {

/// All cell values of a grid, by matter and form.
std::set<std::pair<int, int>> valuesOf(const Grid<Cell>& cells) {
    std::vector<bool> isThere(1u << 16, false);
    for (int y = 0; y < cells.height(); ++y) {
        cells.forEachRunOfRow(y, [&](int, int count, const Cell* values) {
            for (int i = 0; i < count; ++i)
                isThere[values[i].bits()] = true;
        });
    }
    std::set<std::pair<int, int>> values;
    for (unsigned bits = 0; bits < isThere.size(); ++bits)
        if (isThere[bits])
            values.insert({static_cast<int>(bits & 0xfff), static_cast<int>(bits >> 12)});
    return values;
}

Result<void> wrongLength(const std::string& where, int y, std::int64_t found, int wanted) {
    return fail(ErrorKind::OutOfRange,
                "Row " + std::to_string(y) + " has " + std::to_string(found) +
                    " cells and should have " + std::to_string(wanted),
                where, "Make it as long as size.columns");
}

}  // namespace

std::vector<std::string> charactersOf(const std::string& text) {
    std::vector<std::string> characters;
    for (const char c : text) {
        const bool isContinuation = (static_cast<unsigned char>(c) & 0xc0) == 0x80;
        if (isContinuation && !characters.empty())
            characters.back() += c;
        else
            characters.emplace_back(1, c);
    }
    return characters;
}

std::string cellName(const level::Project& project, Cell cell) {
    const std::string& matter = project.matterOf(cell).name;
    if (cell.form() == level::Form::Full) return matter;
    return matter + "/" + std::string(level::nameOf(cell.form()));
}

Result<Cell> cellOfName(const level::Project& project, const std::string& name,
                        const std::string& where) {
    const std::size_t slash = name.find('/');
    const std::string matterName = name.substr(0, slash);
    const auto matter = project.findMatter(matterName);
    if (!matter) {
        return fail(ErrorKind::BadReference, "There is no matter \"" + matterName + "\"", where,
                    "Add it to the matters in rookplot.json or use another");
    }
    if (slash == std::string::npos) return Cell(*matter);
    const auto form = level::fromName<level::Form>(name.substr(slash + 1));
    if (!form) {
        return fail(ErrorKind::BadReference, "There is no form \"" + name.substr(slash + 1) + "\"",
                    where, "Use one of: " + std::string(level::allNames<level::Form>()));
    }
    const bool isOneWay = project.matters[matter->index].behaviour == level::Behaviour::OneWay;
    if (isOneWay && *form > level::Form::UpperHalf) {
        return fail(ErrorKind::NotApplicable, "One-way matter has no form \"" + name + "\"", where,
                    "Use full, lower-half or upper-half");
    }
    return Cell(*matter, *form);
}

std::vector<LegendEntry> legendOf(const level::Project& project, const level::Level& level) {
    std::vector<LegendEntry> legend = level.legend;
    std::set<std::string> taken;
    std::set<std::uint16_t> known;
    for (const LegendEntry& entry : legend) {
        taken.insert(entry.glyph);
        known.insert(entry.cell.bits());
    }
    const std::string spare =
        "#=/"
        "\\%~^:;+*abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789!$&()<>?@[]_{|}-";
    for (const auto& [matter, form] : valuesOf(level.cells)) {
        const Cell cell({static_cast<std::uint16_t>(matter)}, static_cast<level::Form>(form));
        if (known.contains(cell.bits())) continue;
        std::string glyph = form == 0 ? project.matterOf(cell).glyph : "";
        for (std::size_t i = 0; (glyph.empty() || taken.contains(glyph)) && i < spare.size(); ++i)
            glyph = std::string(1, spare[i]);
        // Past the spare characters the row is written run by run, and needs no character.
        if (taken.contains(glyph)) glyph = "?" + std::to_string(cell.bits());
        taken.insert(glyph);
        legend.push_back({glyph, cell});
    }
    return legend;
}

bool needsRuns(const level::Level& level, const std::vector<LegendEntry>& legend) {
    return static_cast<int>(legend.size()) > limits::maxLegendEntries ||
           level.cells.width() > limits::maxDrawnColumns;
}

std::vector<std::string> drawnRows(const Grid<Cell>& cells,
                                   const std::vector<LegendEntry>& legend) {
    std::map<std::uint16_t, std::string> glyphs;
    for (const LegendEntry& entry : legend)
        glyphs.emplace(entry.cell.bits(), entry.glyph);
    std::vector<std::string> rows;
    for (int y = 0; y < cells.height(); ++y) {
        std::string row;
        cells.forEachRunOfRow(y, [&](int, int count, const Cell* values) {
            for (int i = 0; i < count; ++i)
                row += glyphs.at(values[i].bits());
        });
        rows.push_back(std::move(row));
    }
    return rows;
}

std::vector<std::string> runRows(const level::Project& project, const Grid<Cell>& cells) {
    std::map<std::uint16_t, std::string> names;
    std::vector<std::string> rows;
    for (int y = 0; y < cells.height(); ++y) {
        std::string row;
        Cell current;
        int length = 0;
        const auto flush = [&] {
            if (length == 0) return;
            auto [name, isNew] = names.try_emplace(current.bits());
            if (isNew) name->second = cellName(project, current);
            if (!row.empty()) row += ' ';
            row += std::to_string(length) + "*" + name->second;
        };
        cells.forEachRunOfRow(y, [&](int, int count, const Cell* values) {
            for (int i = 0; i < count; ++i) {
                if (length > 0 && values[i] == current) {
                    ++length;
                    continue;
                }
                flush();
                current = values[i];
                length = 1;
            }
        });
        flush();
        rows.push_back(std::move(row));
    }
    return rows;
}

Result<void> readDrawnRow(const std::string& row, const std::map<std::string, Cell>& legend, int y,
                          Grid<Cell>& cells, const std::string& where) {
    const auto characters = charactersOf(row);
    if (static_cast<int>(characters.size()) != cells.width())
        return wrongLength(where, y, static_cast<std::int64_t>(characters.size()), cells.width());
    for (int x = 0; x < cells.width(); ++x) {
        const auto found = legend.find(characters[static_cast<std::size_t>(x)]);
        if (found == legend.end()) {
            return fail(ErrorKind::BadReference,
                        "The character \"" + characters[static_cast<std::size_t>(x)] +
                            "\" is not in the legend",
                        where + ", row " + std::to_string(y) + ", column " + std::to_string(x),
                        "Add it to the legend or use another");
        }
        cells.set(x, y, found->second);
    }
    return {};
}

Result<void> readRunRow(const level::Project& project, const std::string& row, int y,
                        Grid<Cell>& cells, const std::string& where) {
    const std::string place = where + ", row " + std::to_string(y);
    std::int64_t x = 0;
    for (std::size_t at = 0; at < row.size();) {
        const std::size_t end = std::min(row.find(' ', at), row.size());
        const std::string run = row.substr(at, end - at);
        at = end + 1;
        const std::size_t star = run.find('*');
        int count = 0;
        const auto [stop, problem] =
            std::from_chars(run.data(), run.data() + std::min(star, run.size()), count);
        if (star == std::string::npos || problem != std::errc{} || stop != run.data() + star ||
            count < 1) {
            return fail(ErrorKind::BadSyntax, "\"" + run + "\" is no run of cells", place,
                        "Write runs as 12*stone");
        }
        const auto cell = cellOfName(project, run.substr(star + 1), place);
        if (!cell) return fail(cell.error());
        if (x + count > cells.width()) return wrongLength(where, y, x + count, cells.width());
        cells.fillRect({static_cast<int>(x), y, count, 1}, *cell);
        x += count;
    }
    if (x != cells.width()) return wrongLength(where, y, x, cells.width());
    return {};
}

}  // namespace rook::file
