/// Text grids and image maps, out.

#include "file/png.h"
#include "level/target_edits.h"
#include "ship/legend.h"
#include "ship/making_detail.h"

namespace rook::ship::detail {

namespace {

std::vector<std::string> signsInOrder(const Meanings& meanings, const Signs& signs) {
    std::vector<std::string> list;
    for (const Meaning& meaning : meanings.list)
        list.push_back(signs.at(meaning));
    return list;
}

void noteHidden(const level::Project& project, const MeaningGrid& grid, Made& made) {
    if (grid.hidden.empty()) return;
    const auto level = project.findLevel({grid.level});
    std::string names;
    for (std::size_t i = 0; i < grid.hidden.size() && i < 3; ++i)
        names += (i ? ", " : "") + grid.hidden[i];
    if (grid.hidden.size() > 3) names += " and more";
    made.notes.push_back((level ? level->title : grid.level) + ": " +
                         std::to_string(grid.hidden.size()) + " of the cast " +
                         (grid.hidden.size() == 1 ? "shares its" : "share their") +
                         " cell with another, and only one is shown (" + names + ").");
}

std::string rowsOf(const MeaningGrid& grid, const std::vector<std::string>& signs) {
    std::string text;
    for (int y = 0; y < grid.cells.height(); ++y) {
        grid.cells.forEachRunOfRow(y, [&](int, int count, const std::uint16_t* values) {
            for (int i = 0; i < count; ++i)
                text += signs[values[i]];
        });
        text += '\n';
    }
    return text;
}

/// A title on one line.
std::string titleLine(const std::string& title) {
    std::string line = "; ";
    for (const char c : title)
        line += c == '\n' || c == '\r' ? ' ' : c;
    return line + "\n";
}

}  // namespace

Result<Made> makeTextGrid(const Making& making) {
    Made made;
    const auto levels = boardsOf(making, "a text grid", made);
    const Meanings meanings = meaningsOf(making.project, levels);
    const Signs signs = charactersFor(making.project, meanings.list);
    const auto characters = signsInOrder(meanings, signs);
    std::string all;
    for (std::size_t i = 0; i < levels.size(); ++i) {
        const MeaningGrid& grid = meanings.levels[i];
        noteHidden(making.project, grid, made);
        const std::string text = titleLine(levels[i]->title) + rowsOf(grid, characters);
        if (making.target.options.isOneFile)
            all += (i ? "\n" : "") + text;
        else
            made.files[grid.level + ".txt"] = text;
        if (!making.goesOn()) return cancelled();
    }
    if (!all.empty()) made.files["levels.txt"] = std::move(all);
    if (!levels.empty()) made.files["legend.json"] = legendText(making.project, signs);
    return made;
}

Result<Made> makeImageMap(const Making& making) {
    Made made;
    const auto levels = boardsOf(making, "an image map", made);
    const Meanings meanings = meaningsOf(making.project, levels);
    const Signs signs = colorsFor(making.project, meanings.list);
    std::vector<std::array<unsigned char, 4>> colors;
    for (const std::string& sign : signsInOrder(meanings, signs)) {
        const auto number =
            sign.empty() ? 0u : static_cast<unsigned>(std::strtoul(sign.c_str() + 1, nullptr, 16));
        colors.push_back({static_cast<unsigned char>(number >> 16),
                          static_cast<unsigned char>(number >> 8 & 255),
                          static_cast<unsigned char>(number & 255),
                          static_cast<unsigned char>(sign.empty() ? 0 : 255)});
    }
    for (const MeaningGrid& grid : meanings.levels) {
        noteHidden(making.project, grid, made);
        file::Picture32 picture{grid.cells.width(), grid.cells.height(), {}};
        if (std::int64_t{picture.width} * picture.height > file::maxImagePx)
            return fail(ErrorKind::OutOfRange, "The level has more cells than a picture takes px",
                        grid.level, "Write it as a text grid");
        picture.rgba.resize(std::size_t(picture.width) * std::size_t(picture.height) * 4);
        for (int y = 0; y < picture.height; ++y)
            grid.cells.forEachRunOfRow(y, [&](int first, int count, const std::uint16_t* values) {
                for (int i = 0; i < count; ++i)
                    std::copy_n(colors[values[i]].data(), 4, picture.at(first + i, y));
            });
        made.files[grid.level + ".png"] = file::writePng(picture);
        if (!making.goesOn()) return cancelled();
    }
    if (!levels.empty()) made.files["palette.json"] = legendText(making.project, signs);
    return made;
}

}  // namespace rook::ship::detail
