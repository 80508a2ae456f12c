#include "ship/legend.h"

#include <algorithm>
#include <cstdio>
#include <set>

#include "file/json_text.h"
#include "file/matter_text.h"

namespace rook::ship {

using namespace level;

CellPoint shownAt(const Level& level, const Entity& entity) {
    return toCell({entity.box.x + entity.box.width / 2, entity.box.bottom() - 1}, level.cellSize);
}

namespace {

/// Numbers of meanings, in the order in which they are met.
class Numbers {
public:
    explicit Numbers(std::vector<Meaning>& list) : m_list(list) { (void)of({}); }

    std::uint16_t of(const Meaning& meaning) {
        const auto [found, isNew] =
            m_numbers.try_emplace(meaning, static_cast<std::uint16_t>(m_list.size()));
        if (isNew) m_list.push_back(meaning);
        return found->second;
    }

private:
    std::vector<Meaning>& m_list;
    std::map<Meaning, std::uint16_t> m_numbers;
};

MeaningGrid gridOf(const Level& level, Numbers& numbers) {
    MeaningGrid grid{
        level.id.text, Grid<std::uint16_t>(level.cells.width(), level.cells.height()), {}};
    std::map<std::uint16_t, std::uint16_t> known{{0, 0}};
    for (int y = 0; y < level.cells.height(); ++y) {
        level.cells.forEachRunOfRow(y, [&](int first, int count, const Cell* values) {
            for (int i = 0; i < count; ++i) {
                if (values[i].isOpen()) continue;
                const auto [found, isNew] = known.try_emplace(values[i].bits(), 0);
                if (isNew) found->second = numbers.of({values[i], {}});
                grid.cells.set(first + i, y, found->second);
            }
        });
    }
    std::set<std::pair<int, int>> taken;
    for (const Entity& entity : level.entities) {
        const CellPoint at = shownAt(level, entity);
        if (!level.cells.bounds().contains(at) || !taken.emplace(at.x, at.y).second)
            grid.hidden.push_back(entity.id.text);
        else
            grid.cells.set(at, numbers.of({level.cells.at(at), entity.kind}));
    }
    return grid;
}

/// Gives each meaning a sign that no other has.
class SignGiving {
public:
    explicit SignGiving(std::set<std::string> taken) : m_taken(std::move(taken)) {}

    /// The first of `wishes` that is free.
    bool give(const Meaning& meaning, const std::vector<std::string>& wishes) {
        if (m_signs.contains(meaning)) return true;
        for (const std::string& wish : wishes) {
            if (wish.empty() || !m_taken.insert(wish).second) continue;
            m_signs[meaning] = wish;
            return true;
        }
        return false;
    }
    [[nodiscard]] Signs take() { return std::move(m_signs); }

private:
    std::set<std::string> m_taken;
    Signs m_signs;
};

/// Characters that nothing asks for by itself: those of a keyboard, then letters of other scripts.
const std::vector<std::string>& spareCharacters() {
    static const std::vector<std::string> all = [] {
        std::vector<std::string> list;
        for (const char c :
             std::string("#=%~^:+*abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789"
                         "!$&()<>?@[]_{|}-"))
            list.emplace_back(1, c);
        // Latin, Greek and Cyrillic, all of two bytes; then signs of three.
        for (unsigned code = 0xa1; code < 0x530; ++code)
            if (code != 0xad && (code < 0x300 || code >= 0x370))
                list.push_back(
                    {static_cast<char>(0xc0 | code >> 6), static_cast<char>(0x80 | (code & 0x3f))});
        for (unsigned code = 0x4e00; code < 0x9fa0; ++code)
            list.push_back({static_cast<char>(0xe0 | code >> 12),
                            static_cast<char>(0x80 | (code >> 6 & 0x3f)),
                            static_cast<char>(0x80 | (code & 0x3f))});
        return list;
    }();
    return all;
}

std::vector<std::string> lettersOf(const Kind& kind) {
    std::vector<std::string> wishes;
    for (const std::string& text : {kind.title, kind.id.text})
        for (const char c : text)
            if ((c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z')) {
                wishes.emplace_back(1, c);
                wishes.emplace_back(1, static_cast<char>(c ^ 0x20));
            }
    return wishes;
}

std::string rampCharacter(Form form) {
    if (form == Form::RiseRight) return "/";
    return form == Form::RiseLeft ? "\\" : "";
}

/// What the project has by itself: its matters, whole, and its kinds in the open.
std::vector<Meaning> usualMeanings(const Project& project) {
    std::vector<Meaning> list;
    for (std::size_t i = 0; i < project.matters.size(); ++i)
        list.push_back({Cell({static_cast<std::uint16_t>(i)}), {}});
    for (const Kind& kind : project.kinds)
        list.push_back({Cell(), kind.id});
    return list;
}

unsigned colorNumber(const std::string& color) {
    return static_cast<unsigned>(std::strtoul(color.c_str() + 1, nullptr, 16));
}
std::string colorText(unsigned number) {
    char text[8];
    std::snprintf(text, sizeof text, "#%06x", number & 0xffffff);
    return text;
}

/// A colour, and those beside it: all within 8 of each channel.
std::vector<std::string> shadesOf(const std::string& color, int step) {
    const unsigned number = colorNumber(color);
    std::vector<std::string> wishes;
    if (step == 0) wishes.push_back(colorText(number));
    for (int i = 0; i < 17 * 17 * 17; ++i) {
        // The smallest changes of the red channel last, as the eye is quickest there.
        const int offsets[3] = {i / 289, i / 17 % 17, i % 17};
        unsigned shade = 0;
        for (int channel = 0; channel < 3; ++channel) {
            const int was = static_cast<int>(number >> (16 - 8 * channel) & 255);
            const int apart = (offsets[channel] + 1) / 2 * (offsets[channel] % 2 ? 1 : -1);
            shade = shade << 8 | static_cast<unsigned>(std::clamp(was + apart, 0, 255));
        }
        wishes.push_back(colorText(shade));
    }
    return wishes;
}

}  // namespace

Meanings meaningsOf(const Project&, const std::vector<std::shared_ptr<const Level>>& levels) {
    Meanings meanings;
    Numbers numbers(meanings.list);
    for (const auto& level : levels)
        meanings.levels.push_back(gridOf(*level, numbers));
    return meanings;
}

Signs charactersFor(const Project& project, const std::vector<Meaning>& meanings) {
    SignGiving giving({";", " ", "\t", "\r", "\n"});
    std::vector<Meaning> all = usualMeanings(project);
    std::vector<Meaning> others = meanings;
    std::sort(others.begin(), others.end());
    all.insert(all.end(), others.begin(), others.end());
    for (const Meaning& meaning : all) {
        const Matter& matter = project.matterOf(meaning.cell);
        const Kind* kind = meaning.kind.isEmpty() ? nullptr : project.findKind(meaning.kind);
        std::vector<std::string> wishes;
        if (kind)
            wishes = lettersOf(*kind);
        else
            wishes.push_back(meaning.cell.form() == Form::Full
                                 ? matter.glyph
                                 : rampCharacter(meaning.cell.form()));
        if (!giving.give(meaning, wishes)) giving.give(meaning, spareCharacters());
    }
    return giving.take();
}

Signs colorsFor(const Project& project, const std::vector<Meaning>& meanings) {
    SignGiving giving({});
    std::vector<Meaning> all = usualMeanings(project);
    std::vector<Meaning> others = meanings;
    std::sort(others.begin(), others.end());
    all.insert(all.end(), others.begin(), others.end());
    Signs signs;
    for (const Meaning& meaning : all) {
        if (meaning == Meaning()) continue;
        const Kind* kind = meaning.kind.isEmpty() ? nullptr : project.findKind(meaning.kind);
        const std::string& color = kind ? kind->color : project.matterOf(meaning.cell).color;
        const bool isPlain = meaning.cell.form() == Form::Full || kind;
        giving.give(meaning, shadesOf(color, isPlain ? 0 : 1));
    }
    signs = giving.take();
    signs[Meaning()] = "";
    return signs;
}

std::string legendText(const Project& project, const Signs& signs) {
    file::JsonLines lines;
    lines.member("format", "rookplot-legend");
    lines.member("version", 1);
    // By sign, so that one more is one line more.
    std::map<std::string, Meaning> bySign;
    for (const auto& [meaning, sign] : signs)
        if (!sign.empty()) bySign[sign] = meaning;
    std::vector<std::string> rows;
    for (const auto& [sign, meaning] : bySign) {
        file::Json row = {{"sign", sign}};
        if (meaning.kind.isEmpty())
            row["matter"] = file::cellName(project, meaning.cell);
        else
            row["kind"] = meaning.kind.text;
        if (!meaning.kind.isEmpty() && !meaning.cell.isOpen())
            row["over"] = file::cellName(project, meaning.cell);
        rows.push_back(file::compactText(row));
    }
    lines.list("signs", rows);
    return lines.take();
}

Result<std::map<std::string, Meaning>> readLegend(const Project& project, const std::string& text,
                                                  const std::string& name) {
    const auto json = file::parseJson(text, name);
    if (!json) return fail(json.error());
    const auto refuse = [&](const std::string& what) {
        return fail(ErrorKind::WrongType, what, name, "Write it as an export does");
    };
    if (!json->is_object() || json->value("format", file::Json()) != "rookplot-legend" ||
        json->value("version", file::Json()) != 1)
        return refuse("This is no legend of version 1");
    const file::Json signs = json->value("signs", file::Json::array());
    if (!signs.is_array() || signs.size() > 65536) return refuse("The legend has no list of signs");
    std::map<std::string, Meaning> legend;
    for (const file::Json& row : signs) {
        const auto textOf = [&](const char* key) {
            return row.is_object() && row.contains(key) && row[key].is_string()
                       ? row[key].get<std::string>()
                       : std::string();
        };
        const std::string sign = textOf("sign"), kind = textOf("kind"), over = textOf("over");
        if (sign.empty()) return refuse("A row of the legend has no sign");
        const std::string where = name + ": sign " + sign;
        Meaning meaning{Cell(), {kind}};
        if (!kind.empty() && !project.findKind({kind}))
            return fail(ErrorKind::BadReference, "There is no kind \"" + kind + "\"", where,
                        "Name one of the project, or leave the row out");
        const std::string matter = kind.empty() ? textOf("matter") : over;
        if (!matter.empty() || kind.empty()) {
            const auto cell = file::cellOfName(project, matter, where);
            if (!cell) return fail(cell.error());
            meaning.cell = *cell;
        }
        if (!legend.emplace(sign, meaning).second)
            return refuse("The sign " + sign + " stands twice in the legend");
    }
    return legend;
}

}  // namespace rook::ship
