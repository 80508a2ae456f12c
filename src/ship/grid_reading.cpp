#include "ship/grid_reading.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <map>
#include <set>
#include <tuple>
#include <unordered_map>

#include "base/limits.h"
#include "base/printable.h"
#include "file/png.h"
#include "level/board_size.h"
#include "ship/making_detail.h"

namespace rook::ship {

using namespace level;

namespace {

constexpr std::size_t maxSigns = 65535;
constexpr std::size_t maxColors = 4096;

/// Signs by number, counted.
template <typename Key>
class SignTable {
public:
    /// From 1 on; 0 if there are too many.
    std::uint16_t met(const Key& key, std::size_t most) {
        const auto [found, isNew] = m_places.try_emplace(key, m_places.size() + 1);
        if (isNew) {
            if (m_places.size() > most) return 0;
            m_keys.push_back(key);
            m_counts.push_back(0);
        }
        ++m_counts[found->second - 1];
        return static_cast<std::uint16_t>(found->second);
    }
    [[nodiscard]] const std::vector<Key>& keys() const { return m_keys; }
    [[nodiscard]] std::int64_t countOf(std::size_t at) const { return m_counts[at]; }

private:
    std::unordered_map<Key, std::size_t> m_places;
    std::vector<Key> m_keys;
    std::vector<std::int64_t> m_counts;
};

/// A line, and the characters of it, without copying.
struct Line {
    std::string_view text;

    [[nodiscard]] bool isTitle() const { return text.starts_with(';'); }
    [[nodiscard]] std::string title() const {
        const std::size_t at = text.find_first_not_of(" \t", 1);
        return at == std::string_view::npos ? std::string() : std::string(text.substr(at));
    }
    template <typename Take>
    void forEachCharacter(Take&& take) const {
        for (std::size_t at = 0; at < text.size();) {
            std::size_t end = at + 1;
            while (end < text.size() && (static_cast<unsigned char>(text[end]) & 0xc0) == 0x80)
                ++end;
            take(text.substr(at, end - at));
            at = end;
        }
    }
    [[nodiscard]] int width() const {
        return static_cast<int>(std::count_if(text.begin(), text.end(), [](char c) {
            return (static_cast<unsigned char>(c) & 0xc0) != 0x80;
        }));
    }
};

std::vector<Line> linesIn(std::string_view text) {
    std::vector<Line> lines;
    while (!text.empty()) {
        const std::size_t end = std::min(text.find('\n'), text.size());
        std::string_view line = text.substr(0, end);
        if (line.ends_with('\r')) line.remove_suffix(1);
        lines.push_back({line});
        text.remove_prefix(std::min(end + 1, text.size()));
    }
    return lines;
}

/// Lines of one level, [first, end).
struct Part {
    std::string title;
    std::size_t first = 0, end = 0;
};

std::vector<Part> partsOf(const std::vector<Line>& lines) {
    std::vector<Part> parts;
    bool isOpen = false;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (lines[i].isTitle()) {
            parts.push_back({lines[i].title(), i + 1, i + 1});
            isOpen = true;
        } else if (lines[i].text.empty()) {
            isOpen = false;
        } else {
            if (!isOpen) parts.push_back({{}, i, i});
            isOpen = true;
            parts.back().end = i + 1;
        }
    }
    std::erase_if(parts, [](const Part& part) { return part.first == part.end; });
    return parts;
}

/// The project's own signs, by sign.
LegendOfSigns turned(const Signs& signs) {
    LegendOfSigns legend;
    for (const auto& [meaning, sign] : signs)
        if (!sign.empty()) legend[sign] = meaning;
    return legend;
}

/// Those that exports would give, and what the files of levels are drawn with.
LegendOfSigns ownCharacters(const Project& project) {
    LegendOfSigns legend = turned(charactersFor(project, {}));
    for (const auto& level : project.levels)
        for (const LegendEntry& entry : level->legend)
            legend.emplace(entry.glyph, Meaning{entry.cell, {}});
    return legend;
}

std::optional<Meaning> meaningIn(const LegendOfSigns& legend, const std::string& sign) {
    const auto found = legend.find(sign);
    return found == legend.end() ? std::nullopt : std::optional(found->second);
}

Result<GridReading::Board> boardOf(const std::vector<Line>& lines, const Part& part,
                                   SignTable<std::string>& table, const std::string& name) {
    int width = 0;
    for (std::size_t i = part.first; i < part.end; ++i)
        width = std::max(width, lines[i].width());
    const std::string where = name + ": line " + std::to_string(part.first + 1);
    if (width > limits::maxBoardCells || part.end - part.first > limits::maxBoardCells)
        return fail(ErrorKind::OutOfRange, "A level has at most 16,384 columns and rows", where,
                    "Cut it in two");
    GridReading::Board board{part.title,
                             Grid<std::uint16_t>(width, static_cast<int>(part.end - part.first))};
    bool isTooMany = false;
    std::string sign;
    for (std::size_t i = part.first; i < part.end; ++i) {
        int x = 0;
        lines[i].forEachCharacter([&](std::string_view character) {
            if (character != " " && !isTooMany) {
                sign = character;
                const std::uint16_t number = table.met(sign, maxSigns);
                isTooMany = number == 0;
                board.cells.set(x, static_cast<int>(i - part.first), number);
            }
            ++x;
        });
    }
    if (isTooMany)
        return fail(ErrorKind::OutOfRange, "There are more than 65,535 different characters", where,
                    "Choose a text grid");
    return board;
}

}  // namespace

std::int64_t GridReading::unknownCount() const {
    std::int64_t count = 0;
    for (const MetSign& sign : signs)
        if (!sign.meaning) count += sign.count;
    return count;
}

Result<GridReading> readTextGrid(const Project& project, const std::string& text,
                                 const std::string& name, const LegendOfSigns& legend) {
    if (text.size() > limits::maxTextBytes)
        return fail(ErrorKind::OutOfRange, "The text is larger than 64 MiB", name, "Cut it in two");
    if (text.find('\0') != std::string::npos)
        return fail(ErrorKind::BadSyntax, "This is no text", name, "Choose a text grid");
    if (const std::size_t good = utf8Beginning(text); good < text.size())
        return fail(ErrorKind::BadSyntax, "The text is no UTF-8",
                    name + ": line " +
                        std::to_string(1 + std::count(text.begin(),
                                                      text.begin() + std::ptrdiff_t(good), '\n')),
                    "Save it as UTF-8");
    const std::vector<Line> lines = linesIn(text);
    const std::vector<Part> parts = partsOf(lines);
    if (parts.empty())
        return fail(ErrorKind::NotApplicable, "The text has no rows of characters", name,
                    "Choose another file");
    if (parts.size() > limits::maxLevels)
        return fail(ErrorKind::OutOfRange, "The text has more than 10,000 levels", name,
                    "Cut it in two");
    GridReading reading;
    SignTable<std::string> table;
    for (const Part& part : parts) {
        auto board = boardOf(lines, part, table, name);
        if (!board) return fail(board.error());
        reading.boards.push_back(std::move(*board));
    }
    const LegendOfSigns own = ownCharacters(project);
    for (std::size_t i = 0; i < table.keys().size(); ++i) {
        const std::string& sign = table.keys()[i];
        auto meaning = meaningIn(legend, sign);
        if (!meaning && legend.empty()) meaning = meaningIn(own, sign);
        reading.signs.push_back({sign, table.countOf(i), meaning, {}});
    }
    return reading;
}

namespace {

struct Lab {
    double l = 0, a = 0, b = 0;
};

/// CIE 1976 L*a*b* of an sRGB colour, for daylight (D65).
Lab labOf(std::uint32_t rgb) {
    const auto linear = [](std::uint32_t channel) {
        const double c = channel / 255.0;
        return c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4);
    };
    const double r = linear(rgb >> 16 & 255), g = linear(rgb >> 8 & 255), b = linear(rgb & 255);
    const auto curved = [](double t) {
        return t > 216.0 / 24389 ? std::cbrt(t) : (24389.0 / 27 * t + 16) / 116;
    };
    const double x = curved((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047);
    const double y = curved(0.2126729 * r + 0.7151522 * g + 0.0721750 * b);
    const double z = curved((0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / 1.08883);
    return {116 * y - 16, 500 * (x - y), 200 * (y - z)};
}

std::uint32_t numberOf(const std::string& color) {
    return static_cast<std::uint32_t>(std::strtoul(color.c_str() + 1, nullptr, 16));
}

/// What a colour that nobody knows is nearest to.
class Nearest {
public:
    explicit Nearest(const LegendOfSigns& legend) {
        for (const auto& [sign, meaning] : legend)
            if (sign.size() == 7 && sign[0] == '#')
                m_known.emplace_back(labOf(numberOf(sign)), meaning);
    }
    void propose(MetSign& sign) const {
        const Lab lab = labOf(numberOf(sign.sign));
        double least = 0;
        for (const auto& [known, meaning] : m_known) {
            const double apart = std::hypot(lab.l - known.l, lab.a - known.a, lab.b - known.b);
            if (sign.meaning && apart >= least) continue;
            least = apart;
            sign.meaning = meaning;
        }
        if (sign.meaning) sign.distance = least;
    }

private:
    std::vector<std::pair<Lab, Meaning>> m_known;
};

}  // namespace

Result<GridReading> readImageMap(const Project& project, const std::string& png,
                                 const std::string& name, const LegendOfSigns& legend) {
    const auto size = file::pngSize(png, name);
    if (!size) return fail(size.error());
    if (size->width > limits::maxBoardCells || size->height > limits::maxBoardCells)
        return fail(ErrorKind::OutOfRange, "A level has at most 16,384 columns and rows", name,
                    "Cut the picture");
    const auto picture = file::readPng(png, name);
    if (!picture) return fail(picture.error());
    GridReading reading;
    reading.areColors = true;
    reading.boards.push_back({{}, Grid<std::uint16_t>(picture->width, picture->height)});
    SignTable<std::uint32_t> table;
    for (int y = 0; y < picture->height; ++y) {
        for (int x = 0; x < picture->width; ++x) {
            const unsigned char* px = picture->at(x, y);
            if (px[3] < 128) continue;
            const std::uint16_t number = table.met(
                std::uint32_t{px[0]} << 16 | std::uint32_t{px[1]} << 8 | px[2], maxColors);
            if (number == 0)
                return fail(ErrorKind::OutOfRange,
                            "The picture has more than 4,096 colours, so it is no map", name,
                            "Choose a picture with a px a cell");
            reading.boards[0].cells.set(x, y, number);
        }
    }
    const LegendOfSigns known = legend.empty() ? turned(colorsFor(project, {})) : legend;
    const Nearest nearest(known);
    for (std::size_t i = 0; i < table.keys().size(); ++i) {
        char color[8];
        std::snprintf(color, sizeof color, "#%06x", table.keys()[i] & 0xffffff);
        MetSign sign{color, table.countOf(i), meaningIn(known, color), {}};
        if (!sign.meaning) nearest.propose(sign);
        reading.signs.push_back(std::move(sign));
    }
    return reading;
}

namespace {

/// A thing of that kind in the middle of a cell, on its lower edge.
Entity standingIn(const Kind& kind, CellPoint at, CellSize cell, const PxRect& all) {
    Entity entity;
    entity.kind = kind.id;
    const int left = at.x * cell.width + cell.width / 2 - kind.width / 2;
    const int top = (at.y + 1) * cell.height - kind.height;
    entity.box = {std::clamp(left, 0, std::max(0, all.width - kind.width)),
                  std::clamp(top, 0, std::max(0, all.height - kind.height)),
                  std::min(kind.width, all.width), std::min(kind.height, all.height)};
    if (kind.role == Role::Exit) entity.to.onward = Onward::Next;
    return entity;
}

/// Those of the level that are read again where they are stay as they are; others get ids.
std::vector<Entity> withKept(const Level& level, std::vector<Entity> cast) {
    std::map<std::tuple<std::string, int, int>, const Entity*> known;
    for (const Entity& entity : level.entities) {
        const CellPoint at = shownAt(level, entity);
        known.emplace(std::tuple(entity.kind.text, at.x, at.y), &entity);
    }
    std::set<std::string> ids;
    for (Entity& entity : cast) {
        const CellPoint at = shownAt(level, entity);
        const auto found = known.find({entity.kind.text, at.x, at.y});
        if (found != known.end()) entity = *found->second;
        if (!entity.id.isEmpty()) ids.insert(entity.id.text);
    }
    std::map<std::string, int> numbers;
    for (Entity& entity : cast)
        while (entity.id.isEmpty()) {
            const std::string id =
                entity.kind.text + "-" + std::to_string(++numbers[entity.kind.text]);
            if (ids.insert(id).second) entity.id = {id};
        }
    return cast;
}

}  // namespace

Level filledLevel(const Project& project, const Level& former, const GridReading& reading,
                  std::size_t board) {
    const Grid<std::uint16_t>& signs = reading.boards[board].cells;
    Level level = former;
    level.cells = Grid<Cell>(signs.width(), signs.height());
    std::vector<Entity> cast;
    for (int y = 0; y < signs.height(); ++y) {
        signs.forEachRunOfRow(y, [&](int first, int count, const std::uint16_t* values) {
            for (int i = 0; i < count; ++i) {
                if (values[i] == 0) continue;
                const auto& meaning = reading.signs[values[i] - 1u].meaning;
                if (!meaning) continue;
                const CellPoint at{first + i, y};
                if (!meaning->cell.isOpen()) level.cells.set(at, meaning->cell);
                if (const Kind* kind = project.findKind(meaning->kind))
                    cast.push_back(standingIn(*kind, at, level.cellSize, level.boundsPx()));
            }
        });
    }
    level.entities = withKept(former, std::move(cast));
    return level;
}

Result<AddedLevel> addBoards(const Project& project, const GridReading& reading,
                             const NewLevel& usual, const std::string& name) {
    AddedLevel added{{project, "Import " + name}, {}};
    NewLevel wish = usual;
    for (std::size_t i = 0; i < reading.boards.size(); ++i) {
        const GridReading::Board& board = reading.boards[i];
        wish.title = board.title.empty() ? usual.title : board.title;
        if (board.title.empty() && reading.boards.size() > 1)
            wish.title += " " + std::to_string(i + 1);
        wish.columns = board.cells.width();
        wish.rows = board.cells.height();
        auto next = level::addLevel(added.edit.project, wish);
        if (!next) return next;
        const auto empty = next->edit.project.findLevel(next->level);
        added.edit.project =
            next->edit.project.withLevel(filledLevel(next->edit.project, *empty, reading, i));
        if (i == 0) added.level = next->level;
        wish.after = next->level;
    }
    return added;
}

Result<LevelEdit> replaceBoard(const Project& project, const Level& level,
                               const GridReading& reading) {
    if (reading.boards.size() != 1)
        return fail(ErrorKind::NotApplicable,
                    "The file has " + std::to_string(reading.boards.size()) +
                        " levels, and one is to be replaced",
                    level.title, "Import them as new levels");
    if (!detail::hasCells(level))
        return fail(ErrorKind::NotApplicable, "This level is no board of cells", level.title,
                    "Import it as a new level");
    const Grid<std::uint16_t>& signs = reading.boards[0].cells;
    auto sized = level::resizeBoard(level, {0, 0, signs.width(), signs.height()});
    if (!sized) return sized;
    const Level filled = filledLevel(project, level, reading, 0);
    sized->level.cells = filled.cells;
    sized->level.entities = filled.entities;
    return LevelEdit{std::move(sized->level), "Import into " + level.title, filled.cells.bounds()};
}

}  // namespace rook::ship
