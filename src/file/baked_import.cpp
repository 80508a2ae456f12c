#include "file/baked_import.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "base/limits.h"
#include "file/json_text.h"
#include "file/matter_text.h"
#include "file/project_file.h"
#include "rook_json.hpp"

namespace rook::file {

namespace {

using namespace level;

struct BadBundle {
    Error error;
};
[[noreturn]] void refuse(ErrorKind kind, const std::string& what, const std::string& where) {
    throw BadBundle{{kind, what, where, "Choose a level file of a bundle"}};
}

/// Rows of numbers, plain or packed, of a grid of that size.
class NumberRows {
public:
    NumberRows(const Json& owner, const char* key, int columns, int rows, const std::string& where)
        : m_columns(columns) {
        const nlohmann::json value = {{key, nlohmann::json(owner[key])}};
        m_numbers.reserve(std::size_t(columns) * std::size_t(rows));
        try {
            runtime::detail::rows(value, key, columns, rows, 0xffffff, where,
                                  [&](int, int, int number) { m_numbers.push_back(number); });
        } catch (const runtime::LoadError& problem) {
            refuse(ErrorKind::WrongType, problem.what(), where);
        }
    }
    [[nodiscard]] int at(int x, int y) const {
        return m_numbers[std::size_t(y) * std::size_t(m_columns) + std::size_t(x)];
    }

private:
    int m_columns;
    std::vector<int> m_numbers;
};

const Json& wanted(const Json& object, const char* key, const std::string& where) {
    if (!object.is_object() || !object.contains(key))
        refuse(ErrorKind::Missing, std::string("The key ") + key + " is missing", where);
    return object[key];
}

int wholeAt(const Json& object, const char* key, const std::string& where) {
    const Json& value = wanted(object, key, where);
    if (!value.is_number_integer())
        refuse(ErrorKind::WrongType, "A whole number is wanted here", where + "." + key);
    return value.get<int>();
}

/// Keys of a baked entity that are worked out from others.
const std::set<std::string> derived{"role",  "leads", "way",    "loopFrom",   "tally",
                                    "worth", "width", "height", "periodTicks"};

class BakedReading {
public:
    BakedReading(const Project& project, const Json& file, std::string name)
        : m_project(project), m_file(file), m_name(std::move(name)) {}

    BakedImport read() {
        readHead();
        BakedImport imported;
        // The project's own reader checks all that a level file holds.
        auto level = readLevelText(m_project, boardText(), m_name);
        if (!level) throw BadBundle{level.error()};
        imported.level = std::move(*level);
        readCells(imported.level);
        readLayers(imported.level);
        imported.notKept = std::move(m_notKept);
        return imported;
    }

private:
    void readHead() {
        if (!m_file.is_object() || m_file.value("format", Json()) != "rookplot-level")
            refuse(ErrorKind::BadVersion, "This is no level of a bundle", m_name);
        if (m_file.value("version", Json()) != 1)
            refuse(ErrorKind::BadVersion, "This version of bundles is not known", m_name);
        const std::string kind = wanted(m_file, "kind", m_name);
        if (kind != "side" && kind != "above")
            refuse(ErrorKind::NotApplicable,
                   "Boards of pieces and puzzle levels cannot be taken back from a bundle", m_name);
        m_columns = wholeAt(wanted(m_file, "size", m_name), "columns", m_name + ": size");
        m_rows = wholeAt(wanted(m_file, "size", m_name), "rows", m_name + ": size");
        if (m_columns < 1 || m_rows < 1 || m_columns > limits::maxBoardCells ||
            m_rows > limits::maxBoardCells)
            refuse(ErrorKind::OutOfRange, "A level has 1 to 16,384 columns and rows", m_name);
        const Json& cell = wanted(m_file, "cell", m_name);
        m_cell = {wholeAt(cell, "width", m_name + ": cell"),
                  wholeAt(cell, "height", m_name + ": cell")};
        if (m_cell.width < 1 || m_cell.height < 1)
            refuse(ErrorKind::OutOfRange, "A cell is 1 to 512 px wide and high", m_name);
    }

    /// As the project's own file of a level would say it, with open cells.
    std::string boardText() {
        Json board = {{"format", "rookplot-board"}, {"version", 1}};
        for (const char* key : {"id", "title", "kind", "cell", "size", "edges", "background"})
            if (m_file.contains(key)) board[key] = m_file[key];
        Json rows = Json::array();
        for (int y = 0; y < m_rows; ++y)
            rows.push_back(std::to_string(m_columns) + "*open");
        board["matter"] = std::move(rows);
        board["entities"] = entities();
        if (m_file.contains("zones")) board["zones"] = zones();
        for (const char* key : {"goals", "texts"})
            if (m_file.contains(key)) board[key] = m_file[key];
        return board.dump();
    }

    Json entities() {
        Json list = Json::array();
        if (!m_file.contains("entities") || !m_file["entities"].is_array()) return list;
        std::set<std::string> unknown;
        for (const Json& baked : m_file["entities"]) {
            if (!baked.is_object()) continue;
            const std::string kind = baked.value("kind", "");
            if (!m_project.findKind({kind})) {
                if (unknown.insert(kind).second)
                    m_notKept.push_back("The project has no kind " + kind +
                                        ": its entities are left out.");
                continue;
            }
            list.push_back(entity(baked, *m_project.findKind({kind})));
        }
        return list;
    }
    Json entity(const Json& baked, const Kind& kind) {
        Json json = Json::object();
        for (const auto& [key, value] : baked.items())
            if (!derived.contains(key) && key != "to" && key != "look" && key != "fields")
                json[key] = value;
        for (const auto& [key, usual] : {std::pair("width", kind.width), {"height", kind.height}})
            if (baked.contains(key) && baked[key] != usual) json[key] = baked[key];
        const std::string id = baked.value("id", "");
        if (json.contains("formation"))
            for (const char* key :
                 {"members", "memberRole", "memberWidth", "memberHeight", "tally", "worth"})
                json["formation"].erase(key);
        if (json.contains("thrower")) json["thrower"].erase("flight");
        json.erase("track");
        if (const Json track = trackOf(baked, id); !track.is_null()) json["track"] = track;
        if (baked.contains("look")) json["look"] = look(baked["look"], id);
        Json fields = Json::object();
        if (baked.contains("fields"))
            for (const FieldDefinition& field : kind.fields)
                if (baked["fields"].contains(field.name))
                    fields[field.name] = baked["fields"][field.name];
        if (!fields.empty()) json["fields"] = std::move(fields);
        if (baked.value("role", "") == "exit") json["to"] = destination(baked);
        if (kind.role == Role::Spring)
            note(m_springs,
                 "Heights of springs stand in a bundle as tables alone; they become the "
                 "usual ones.");
        return json;
    }
    static Json destination(const Json& baked) {
        const std::string leads = baked.value("leads", "nowhere");
        const Json to = baked.value("to", Json());
        Json json = {{"do", "end"}};
        if (leads == "on" && to.is_object()) {
            json = {{"do", "level"}, {"level", to.value("level", "")}};
            if (to.value("entry", "") != "") json["entry"] = to["entry"];
        }
        if (to.is_object() && to.contains("transition")) json["transition"] = to["transition"];
        return json;
    }
    /// Corners from the first on, once there and back, or round.
    Json trackOf(const Json& baked, const std::string& id) {
        const Json* mover = baked.contains("track") ? &baked : nullptr;
        if (m_file.contains("movers"))
            for (const Json& each : m_file["movers"])
                if (each.value("id", "") == id) mover = &each;
        if (!mover || !mover->contains("track") || (*mover)["track"].size() < 2) return nullptr;
        std::vector<PxPoint> corners;
        for (const Json& corner : (*mover)["track"])
            corners.push_back({corner[0].get<int>(), corner[1].get<int>()});
        const bool isBack =
            corners.size() % 2 == 1 && std::equal(corners.begin(), corners.end(), corners.rbegin());
        corners.resize(isBack ? corners.size() / 2 + 1 : corners.size() - 1);
        Json points = Json::array();
        for (std::size_t i = 1; i < corners.size(); ++i)
            points.push_back({corners[i].x - corners[0].x, corners[i].y - corners[0].y});
        if (mover->contains("way"))
            note(m_waits,
                 "Waits and ease of movers stand in a bundle as their ways alone; they go "
                 "at an even pace.");
        return {{"points", points},
                {"round", !isBack},
                {"periodTicks", mover->value("periodTicks", 60)}};
    }
    Json look(const Json& baked, const std::string& id) {
        Json json = Json::object();
        for (const char* key :
             {"scale", "quarterTurns", "mirrored", "upsideDown", "order", "place"})
            if (baked.contains(key)) json[key] = baked[key];
        if (baked.contains("sprite"))
            m_notKept.push_back("The picture of its own that " + id + " has is not taken.");
        return json;
    }

    Json zones() {
        Json list = Json::array();
        for (const Json& baked : m_file["zones"]) {
            if (!baked.is_object()) continue;
            const std::string where = m_name + ": zones";
            Json zone = {{"id", baked.value("id", "")},
                         {"name", baked.value("name", "")},
                         {"at",
                          {wholeAt(baked, "x", where) / m_cell.width,
                           wholeAt(baked, "y", where) / m_cell.height}},
                         {"size",
                          {wholeAt(baked, "width", where) / m_cell.width,
                           wholeAt(baked, "height", where) / m_cell.height}}};
            for (const char* key : {"onEnter", "onLeave", "theme", "music", "transition"})
                if (baked.contains(key)) zone[key] = baked[key];
            list.push_back(std::move(zone));
        }
        return list;
    }

    void readCells(Level& level) {
        const Json& matter = wanted(m_file, "matter", m_name);
        const std::string where = m_name + ": matter";
        for (const char* key : {"cells", "forms"})
            (void)wanted(matter, key, where);
        const NumberRows cells(matter, "cells", m_columns, m_rows, where);
        const NumberRows forms(matter, "forms", m_columns, m_rows, where);
        const Json& names = wanted(matter, "names", where);
        const Json& formNames = wanted(matter, "formNames", where);
        std::map<std::pair<int, int>, Cell> known;
        for (int y = 0; y < m_rows; ++y)
            for (int x = 0; x < m_columns; ++x) {
                const std::pair key(cells.at(x, y), forms.at(x, y));
                if (key.first == 0) continue;
                const auto [found, isNew] = known.try_emplace(key);
                if (isNew) found->second = cellOf(names, formNames, key);
                level.cells.set(x, y, found->second);
            }
    }
    Cell cellOf(const Json& names, const Json& formNames, std::pair<int, int> key) {
        const auto textAt = [&](const Json& list, int number) {
            const auto at = static_cast<std::size_t>(number);
            return at < list.size() && list[at].is_string() ? list[at].get<std::string>()
                                                            : std::string();
        };
        const std::string matter = textAt(names, key.first), form = textAt(formNames, key.second);
        const auto cell =
            cellOfName(m_project, form == "full" ? matter : matter + "/" + form, m_name);
        if (cell) return *cell;
        m_notKept.push_back("The project has no matter " + matter +
                            (form == "full" ? "" : " of the form " + form) +
                            ": its cells are open.");
        return Cell();
    }

    /// The dressing as tiles by hand; the others as layers of tiles.
    void readLayers(Level& level) {
        if (!m_file.contains("layers")) return;
        std::vector<TileLayer> layers;
        for (const Json& baked : m_file["layers"]) {
            const std::string name = baked.value("name", "layer");
            const auto sheet = std::find_if(
                m_project.sheets.begin(), m_project.sheets.end(),
                [&](const Sheet& each) { return each.path == baked.value("sheet", ""); });
            if (sheet == m_project.sheets.end()) {
                note(m_cuts,
                     "Tiles that were cut to slopes and halves, and those of sheets that "
                     "the project does not have, are not taken: swatches dress them.");
                continue;
            }
            const auto number = static_cast<int>(sheet - m_project.sheets.begin());
            const std::string role = baked.value("role", "main");
            Grid<Tile>* tiles = nullptr;
            if (role == "main") {
                if (level.tiles.width() == 0) level.tiles = Grid<Tile>(m_columns, m_rows);
                tiles = &level.tiles;
            } else {
                const auto known =
                    std::find_if(layers.begin(), layers.end(),
                                 [&](const auto& each) { return each.name == name; });
                if (known == layers.end()) {
                    if (layers.size() >= maxTileLayers) continue;
                    TileLayer layer;
                    layer.name = name;
                    layer.isFront = role == "front";
                    layer.opacity = std::clamp(baked.value("opacity", 100), 0, 100);
                    layer.fades = baked.value("fades", false);
                    layer.tiles = Grid<Tile>(m_columns, m_rows);
                    layers.push_back(std::move(layer));
                    tiles = &layers.back().tiles;
                } else {
                    tiles = &known->tiles;
                }
            }
            readTiles(baked, number, *tiles);
        }
        level.layers = std::move(layers);
    }
    void readTiles(const Json& baked, int sheet, Grid<Tile>& tiles) {
        const std::string where = m_name + ": layers";
        (void)wanted(baked, "tiles", where);
        const NumberRows numbers(baked, "tiles", m_columns, m_rows, where);
        std::optional<NumberRows> flips;
        if (baked.contains("flips")) flips.emplace(baked, "flips", m_columns, m_rows, where);
        for (int y = 0; y < m_rows; ++y)
            for (int x = 0; x < m_columns; ++x) {
                const int tile = numbers.at(x, y);
                if (tile == 0 || tile > 65536) continue;
                const int flip = flips ? flips->at(x, y) : 0;
                tiles.set(x, y, Tile(sheet, tile - 1, (flip & 1) != 0, (flip & 2) != 0));
            }
    }

    void note(bool& isSaid, const char* sentence) {
        if (!isSaid) m_notKept.emplace_back(sentence);
        isSaid = true;
    }

    const Project& m_project;
    const Json& m_file;
    std::string m_name;
    int m_columns = 0, m_rows = 0;
    CellSize m_cell;
    std::vector<std::string> m_notKept;
    bool m_springs = false, m_waits = false, m_cuts = false;
};

}  // namespace

Result<BakedImport> readBakedLevel(const Project& project, const std::string& text,
                                   const std::string& name) {
    const auto json = parseJson(text, name);
    if (!json) return fail(json.error());
    try {
        return BakedReading(project, *json, name).read();
    } catch (const BadBundle& bad) {
        return fail(bad.error);
    } catch (const nlohmann::json::exception&) {
        return fail(ErrorKind::WrongType, "Something in the file is of another type than it has to",
                    name, "Choose a level file of a bundle");
    }
}

}  // namespace rook::file
