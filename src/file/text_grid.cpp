#include "file/text_grid.h"

#include <algorithm>
#include <map>

#include "base/limits.h"
#include "file/matter_text.h"

namespace rook::file {

namespace {

using namespace level;

std::vector<std::string> linesOf(const std::string& text) {
    std::vector<std::string> lines(1);
    for (const char c : text) {
        if (c == '\n')
            lines.emplace_back();
        else if (c != '\r')
            lines.back() += c;
    }
    while (!lines.empty() && lines.back().empty())
        lines.pop_back();
    return lines;
}

std::map<std::string, Cell> charactersFor(const Project& project, const Level& level) {
    std::map<std::string, Cell> cells{{" ", Cell()}};
    for (std::size_t i = 0; i < project.matters.size(); ++i)
        cells.emplace(project.matters[i].glyph, Cell({static_cast<std::uint16_t>(i)}));
    for (const LegendEntry& entry : legendOf(project, level))
        cells[entry.glyph] = entry.cell;
    return cells;
}

}  // namespace

std::string textOfClip(const Project& project, const CellClip& clip) {
    Level drawing;
    drawing.cells = clip.cells;
    std::string text;
    for (const std::string& row : drawnRows(clip.cells, legendOf(project, drawing)))
        text += (text.empty() ? "" : "\n") + row;
    return text;
}

Result<CellClip> clipOfText(const Project& project, const Level& level, const std::string& text) {
    const auto known = charactersFor(project, level);
    std::vector<std::vector<std::string>> rows;
    std::size_t width = 0;
    std::map<std::string, int> strangers;
    for (const std::string& line : linesOf(text)) {
        rows.push_back(charactersOf(line));
        width = std::max(width, rows.back().size());
        for (const std::string& character : rows.back())
            if (!known.contains(character)) ++strangers[character];
    }
    if (width == 0)
        return fail(ErrorKind::NotApplicable, "The text on the clipboard has no characters",
                    "the clipboard", "Copy rows of characters");
    if (width > limits::maxBoardCells || rows.size() > limits::maxBoardCells)
        return fail(ErrorKind::OutOfRange, "The text on the clipboard is too large for a board",
                    "the clipboard", "Copy at most 16,384 columns and rows");
    if (!strangers.empty()) {
        std::string list;
        int named = 0;
        for (const auto& [character, count] : strangers) {
            if (++named > 4) break;
            list += (list.empty() ? "\"" : ", \"") + character + "\" " + std::to_string(count) +
                    (count == 1 ? " time" : " times");
        }
        if (strangers.size() > 4)
            list += " and " + std::to_string(strangers.size() - 4) + " others";
        return fail(ErrorKind::BadReference,
                    "The text on the clipboard has characters that stand for no matter: " + list,
                    "the clipboard", "Use the characters of the matters");
    }
    CellClip clip{Grid<Cell>(static_cast<int>(width), static_cast<int>(rows.size()))};
    for (std::size_t y = 0; y < rows.size(); ++y)
        for (std::size_t x = 0; x < rows[y].size(); ++x)
            clip.cells.set(static_cast<int>(x), static_cast<int>(y), known.at(rows[y][x]));
    return clip;
}

}  // namespace rook::file
