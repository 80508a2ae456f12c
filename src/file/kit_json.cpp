#include <charconv>
#include <set>

#include "base/limits.h"
#include "file/entity_json.h"
#include "file/kit_file.h"
#include "file/kit_json_detail.h"
#include "file/project_parts_detail.h"

namespace rook::file {

using namespace level;

namespace {

constexpr int maxPlan = 1'000'000;  ///< modules from the corner of a board

Json sidesJson(unsigned sides) {
    Json names = Json::array();
    for (const Side side : allSides)
        if ((sides >> static_cast<int>(side)) & 1u) names.push_back(nameOf(side));
    return names;
}

Json pieceCellJson(const PieceCell& cell) {
    Json json = {{"at", {cell.at.x, cell.at.y}}};
    if (cell.storey != 0) json["storey"] = cell.storey;
    if (cell.surface != SurfaceSort::Flat) json["surface"] = nameOf(cell.surface);
    if (cell.height.thousandths != 0) json["height"] = decimalJson(cell.height);
    if (cell.rise.thousandths != 0) {
        json["rise"] = decimalJson(cell.rise);
        json["up"] = nameOf(cell.up);
    }
    if (cell.walls != 0) json["walls"] = sidesJson(cell.walls);
    return json;
}

Json portJson(const Port& port) {
    Json json = {{"at", {port.cell.x, port.cell.y}}, {"side", nameOf(port.side)}};
    if (port.height.thousandths != 0) json["height"] = decimalJson(port.height);
    json["profile"] = port.profile;
    if (port.isFlipped) json["flipped"] = true;
    return json;
}

Json measureJson(const Measure& measure) {
    Json over = Json::array();
    for (const Decimal each : measure.over)
        over.push_back(decimalJson(each));
    return {{"size",
             {decimalJson(measure.width), decimalJson(measure.depth), decimalJson(measure.height)}},
            {"over", std::move(over)},
            {"pivotOff", {decimalJson(measure.pivotX), decimalJson(measure.pivotY)}}};
}

Json pieceJson(const Piece& piece) {
    Json cells = Json::array();
    for (const PieceCell& cell : piece.cells)
        cells.push_back(pieceCellJson(cell));
    Json ports = Json::array();
    for (const Port& port : piece.ports)
        ports.push_back(portJson(port));
    Json json = {{"name", piece.name}, {"title", piece.title}};
    if (!piece.tags.empty()) json["tags"] = piece.tags;
    json["color"] = piece.color;
    json["cells"] = std::move(cells);
    json["pivot"] = {piece.pivotX, piece.pivotY};
    if ((piece.turns & 0b1111) != 0b1111) {
        Json turns = Json::array();
        for (int turn = 0; turn < 4; ++turn)
            if (piece.mayTurn(turn)) turns.push_back(turn);
        json["turns"] = std::move(turns);
    }
    json["ports"] = std::move(ports);
    if (!piece.model.empty()) json["model"] = piece.model;
    if (piece.measure) json["measure"] = measureJson(*piece.measure);
    if (!piece.variants.empty()) json["variants"] = piece.variants;
    appendUnknown(json, piece.unknown);
    return json;
}

Json profileJson(const PortProfile& profile) {
    Json fits = Json::array();
    for (const ProfileFit& fit : profile.fits) {
        fits.push_back({{"with", fit.with}});
        if (fit.isMirrored) fits.back()["mirrored"] = true;
    }
    return {{"name", profile.name}, {"fits", std::move(fits)}};
}

CellPoint readAt(ObjectReader& reader, int most) {
    const auto [x, y] = reader.pair("at", 0, most);
    return {x, y};
}

PieceCell readPieceCell(ObjectReader& reader) {
    PieceCell cell;
    cell.at = readAt(reader, maxPieceModules - 1);
    cell.storey = reader.integer("storey", 0, maxStoreys - 1, 0);
    cell.surface = reader.named<SurfaceSort>("surface", SurfaceSort::Flat);
    cell.height = readDecimal(reader, "height", {});
    cell.rise = readDecimal(reader, "rise", {});
    cell.up = reader.named<Side>("up", Side::Right);
    reader.forEach("walls", 4, [&](const Json& item, const std::string& where) {
        const auto side = item.is_string() ? fromName<Side>(item.get<std::string>()) : std::nullopt;
        if (!side)
            failReading(ErrorKind::WrongType, "A side is wanted here", where,
                        "Use one of: " + std::string(allNames<Side>()));
        cell.walls |= 1u << static_cast<int>(*side);
    });
    return cell;
}

Port readPort(ObjectReader& reader) {
    Port port;
    port.cell = readAt(reader, maxPieceModules - 1);
    port.side = reader.named<Side>("side");
    port.height = readDecimal(reader, "height", {});
    port.profile = reader.plainName("profile");
    port.isFlipped = reader.boolean("flipped", false);
    return port;
}

std::vector<Decimal> readDecimals(ObjectReader& reader, const std::string& key, std::size_t count) {
    std::vector<Decimal> numbers;
    reader.forEach(key, count, [&](const Json& item, const std::string& where) {
        const Json one = {{"number", item}};
        ObjectReader each(one, where);
        numbers.push_back(readDecimal(each, "number", {}));
    });
    if (numbers.size() != count)
        failReading(ErrorKind::WrongType, std::to_string(count) + " numbers are wanted here",
                    reader.whereOf(key), "Mend it");
    return numbers;
}

Measure readMeasure(ObjectReader reader) {
    Measure measure;
    const auto size = readDecimals(reader, "size", 3);
    const auto over = readDecimals(reader, "over", 4);
    const auto pivot = readDecimals(reader, "pivotOff", 2);
    measure.width = size[0];
    measure.depth = size[1];
    measure.height = size[2];
    std::copy(over.begin(), over.end(), measure.over.begin());
    measure.pivotX = pivot[0];
    measure.pivotY = pivot[1];
    return measure;
}

Piece readPiece(ObjectReader& reader) {
    Piece piece;
    piece.name = reader.plainName("name");
    piece.title = reader.text("title", piece.name);
    piece.tags = reader.text("tags", "");
    piece.color = reader.color("color", piece.color);
    reader.forEachObject("cells", 4096,
                         [&](ObjectReader& item) { piece.cells.push_back(readPieceCell(item)); });
    std::tie(piece.pivotX, piece.pivotY) = reader.pair("pivot", 0, 2 * maxPieceModules);
    if (reader.has("turns")) {
        piece.turns = 0;
        reader.forEach("turns", 4, [&](const Json& item, const std::string& where) {
            if (!item.is_number_integer() || item.get<std::int64_t>() < 0 ||
                item.get<std::int64_t>() > 3)
                failReading(ErrorKind::OutOfRange, "A turn is 0, 1, 2 or 3", where, "Mend it");
            piece.turns |= 1u << item.get<int>();
        });
    }
    reader.forEachObject("ports", 4096,
                         [&](ObjectReader& item) { piece.ports.push_back(readPort(item)); });
    piece.model = reader.text("model", "");
    if (reader.has("measure")) piece.measure = readMeasure(reader.object("measure"));
    piece.variants = reader.text("variants", "");
    piece.unknown = reader.unknown();
    return piece;
}

PortProfile readProfile(ObjectReader& reader) {
    PortProfile profile;
    profile.name = reader.plainName("name");
    reader.forEachObject("fits", 256, [&](ObjectReader& item) {
        profile.fits.push_back({item.plainName("with"), item.boolean("mirrored", false)});
    });
    return profile;
}

Kit readKit(const Json& json, const std::string& name) {
    ObjectReader reader(json, name);
    readHeader(reader, "rookplot-kit");
    Kit kit;
    kit.name = reader.plainName("name");
    kit.title = reader.text("title", kit.name);
    const auto module = readDecimals(reader, "module", 2);
    kit.width = module[0];
    kit.depth = module[1];
    kit.storey = readDecimal(reader, "storey", kit.storey);
    kit.slab = readDecimal(reader, "slab", kit.slab);
    kit.fraction = reader.integer("fraction", 1, maxKitFraction, kit.fraction);
    if (reader.has("body")) {
        ObjectReader body = reader.object("body");
        kit.body.height = readDecimal(body, "height", kit.body.height);
        kit.body.stepUp = readDecimal(body, "stepUp", kit.body.stepUp);
        kit.body.drop = readDecimal(body, "drop", kit.body.drop);
    }
    reader.forEachObject("profiles", 1024,
                         [&](ObjectReader& item) { kit.profiles.push_back(readProfile(item)); });
    reader.forEachObject("pieces", 4096,
                         [&](ObjectReader& item) { kit.pieces.push_back(readPiece(item)); });
    kit.unknown = reader.unknown();
    if (const auto flaw = flawOf(kit))
        failReading(ErrorKind::NotApplicable, *flaw, name, "Mend it");
    return kit;
}

}  // namespace

Json rationalJson(const Rational& value) {
    if (value.isWhole()) return value.top();
    return std::to_string(value.top()) + "/" + std::to_string(value.bottom());
}

Rational readRational(const Json& value, const std::string& where) {
    std::int64_t top = 0;
    std::int64_t bottom = 1;
    bool isFine = value.is_number_integer();
    if (isFine) top = value.get<std::int64_t>();
    if (value.is_string()) {
        const std::string text = value.get<std::string>();
        const char* const end = text.data() + text.size();
        const auto first = std::from_chars(text.data(), end, top);
        isFine = first.ec == std::errc() && first.ptr != end && *first.ptr == '/';
        if (isFine) {
            const auto second = std::from_chars(first.ptr + 1, end, bottom);
            isFine = second.ec == std::errc() && second.ptr == end;
        }
    }
    if (!isFine)
        failReading(ErrorKind::WrongType, "A whole number or a fraction is wanted here", where,
                    "Write it as \"1/4\"");
    constexpr std::int64_t most = 1'000'000;
    if (bottom < 1 || bottom > most || top < -most || top > most)
        failReading(ErrorKind::OutOfRange, "The fraction " + value.dump() + " is out of range",
                    where, "Use whole numbers up to 1,000,000");
    return {top, bottom};
}

std::string kitText(const Kit& kit) {
    JsonLines lines;
    lines.member("format", "rookplot-kit");
    lines.member("version", 1);
    lines.member("name", kit.name);
    lines.member("title", kit.title);
    lines.member("module", {decimalJson(kit.width), decimalJson(kit.depth)});
    lines.member("storey", decimalJson(kit.storey));
    lines.member("slab", decimalJson(kit.slab));
    lines.member("fraction", kit.fraction);
    lines.member("body", {{"height", decimalJson(kit.body.height)},
                          {"stepUp", decimalJson(kit.body.stepUp)},
                          {"drop", decimalJson(kit.body.drop)}});
    const auto lineFor = [](const auto& list, auto&& toJson) {
        std::vector<std::string> texts;
        for (const auto& item : list)
            texts.push_back(compactText(toJson(item)));
        return texts;
    };
    lines.list("profiles", lineFor(kit.profiles, profileJson));
    lines.list("pieces", lineFor(kit.pieces, pieceJson));
    appendUnknown(lines, kit.unknown);
    return lines.take();
}

Result<Kit> readKitText(const std::string& text, const std::string& name) {
    const auto json = parseJson(text, name);
    if (!json) return fail(json.error());
    try {
        return readKit(*json, name);
    } catch (const ReadFailure& failure) {
        return fail(failure.error);
    }
}

Json placedPieceJson(const PlacedPiece& placed) {
    Json json = {{"id", placed.id},
                 {"piece", placed.piece},
                 {"at", {placed.at.x, placed.at.y}},
                 {"storey", placed.storey},
                 {"turn", placed.turn}};
    if (!placed.offX.isZero() || !placed.offY.isZero())
        json["off"] = {rationalJson(placed.offX), rationalJson(placed.offY)};
    appendUnknown(json, placed.unknown);
    return json;
}

void readPieces(ObjectReader& reader, const Project& project, Level& level) {
    level.kit = reader.text("kit", "");
    if (!level.kit.empty() && !project.findKit(level.kit))
        failReading(ErrorKind::BadReference, "There is no kit \"" + level.kit + "\"",
                    reader.whereOf("kit"), "Add it to the kits or use another");
    std::vector<PlacedPiece> pieces;
    std::set<int> ids;
    reader.forEachObject("pieces", maxPieces, [&](ObjectReader& item) {
        PlacedPiece placed;
        placed.id = item.integer("id", 1, 0x7fffffff);
        placed.piece = item.plainName("piece");
        std::tie(placed.at.x, placed.at.y) = item.pair("at", -maxPlan, maxPlan);
        placed.storey = item.integer("storey", 0, maxStoreys - 1, 0);
        placed.turn = item.integer("turn", 0, 3, 0);
        if (item.has("off")) {
            const Json& off = item.get("off");
            if (!off.is_array() || off.size() != 2)
                failReading(ErrorKind::WrongType, "Two fractions are wanted here",
                            item.whereOf("off"), "Write [\"1/4\", 0]");
            placed.offX = readRational(off[0], item.whereOf("off"));
            placed.offY = readRational(off[1], item.whereOf("off"));
            for (const Rational& each : {placed.offX, placed.offY})
                if (each.abs() >= Rational(1))
                    failReading(ErrorKind::OutOfRange, "A piece is off by less than a module",
                                item.whereOf("off"), "Move whole modules into \"at\"");
        }
        placed.unknown = item.unknown();
        if (!ids.insert(placed.id).second)
            failReading(ErrorKind::BadReference,
                        "\"" + std::to_string(placed.id) + "\" is there twice", item.where(),
                        "Give one of them another id");
        pieces.push_back(std::move(placed));
    });
    level.pieces = std::move(pieces);
}

}  // namespace rook::file
