#include <charconv>

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/kit_file.h"
#include "file/kit_json_detail.h"

namespace rook::file {

using namespace level;

namespace {

Rational offOf(const Json& value, const std::string& where) {
    const Rational off = readRational(value, where);
    if (off.abs() >= Rational(1))
        failReading(ErrorKind::OutOfRange, "A piece is off by less than a module", where,
                    "Move whole modules into \"at\"");
    return off;
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

void readByHand(ObjectReader& reader, FileContext&, PieceCell& cell, std::string_view key) {
    reader.forEach(std::string(key), 4, [&](const Json& item, const std::string& where) {
        cell.walls |= 1u << static_cast<int>(enumOf<Side>(item, where));
    });
}

void writeByHand(Json& json, const FileContext&, const PieceCell& cell, std::string_view key) {
    if (cell.walls == 0) return;
    Json names = Json::array();
    for (const Side side : allSides)
        if ((cell.walls >> static_cast<int>(side)) & 1u) names.push_back(nameOf(side));
    json[key] = std::move(names);
}

void readByHand(ObjectReader& reader, FileContext&, Piece& piece, std::string_view key) {
    if (!reader.has(std::string(key))) return;
    piece.turns = 0;
    reader.forEach(std::string(key), 4, [&](const Json& item, const std::string& where) {
        piece.turns |= 1u << integerOf(item, 0, 3, where);
    });
}

void writeByHand(Json& json, const FileContext&, const Piece& piece, std::string_view key) {
    if ((piece.turns & 0b1111) == 0b1111) return;
    Json turns = Json::array();
    for (int turn = 0; turn < 4; ++turn)
        if (piece.mayTurn(turn)) turns.push_back(turn);
    json[key] = std::move(turns);
}

void readByHand(ObjectReader& reader, FileContext&, PlacedPiece& placed, std::string_view key) {
    if (!reader.has(std::string(key))) return;
    const auto parts = itemsOf(reader, std::string(key), 2);
    placed.offX = offOf(*parts[0].value, parts[0].where);
    placed.offY = offOf(*parts[1].value, parts[1].where);
}

void writeByHand(Json& json, const FileContext&, const PlacedPiece& placed, std::string_view key) {
    if (!placed.offX.isZero() || !placed.offY.isZero())
        json[key] = {rationalJson(placed.offX), rationalJson(placed.offY)};
}

namespace {

/// Two fractions under one key, in modules.
void readPair(ObjectReader& reader, std::string_view key, Rational& first, Rational& second) {
    if (!reader.has(std::string(key))) return;
    const auto parts = itemsOf(reader, std::string(key), 2);
    first = readRational(*parts[0].value, parts[0].where);
    second = readRational(*parts[1].value, parts[1].where);
}

Json pairJson(const Rational& first, const Rational& second) {
    return {rationalJson(first), rationalJson(second)};
}

template <typename Placed>
void readPlaceOrSize(ObjectReader& reader, Placed& placed, std::string_view key) {
    if (key == "at")
        readPair(reader, key, placed.x, placed.y);
    else
        readPair(reader, key, placed.width, placed.depth);
}

template <typename Placed>
void writePlaceOrSize(Json& json, const Placed& placed, std::string_view key) {
    json[key] = key == "at" ? pairJson(placed.x, placed.y) : pairJson(placed.width, placed.depth);
}

}  // namespace

void readByHand(ObjectReader& reader, FileContext&, Opening& opening, std::string_view key) {
    readPlaceOrSize(reader, opening, key);
}
void writeByHand(Json& json, const FileContext&, const Opening& opening, std::string_view key) {
    writePlaceOrSize(json, opening, key);
}
void readByHand(ObjectReader& reader, FileContext&, Solid& solid, std::string_view key) {
    readPlaceOrSize(reader, solid, key);
}
void writeByHand(Json& json, const FileContext&, const Solid& solid, std::string_view key) {
    writePlaceOrSize(json, solid, key);
}
void checkFurther(ObjectReader& reader, const FileContext&, const Solid& solid) {
    if (const auto flaw = flawOf(solid))
        failReading(ErrorKind::OutOfRange, *flaw, reader.where(),
                    "Set its sizes right, or take it out of the file");
}

std::string kitText(const Kit& kit) {
    const Project none;
    JsonLines lines;
    lines.member("format", "rookplot-kit");
    lines.member("version", 1);
    writeDescribed(lines, FileContext{&none}, kit);
    return lines.take();
}

Result<Kit> readKitText(const std::string& text, const std::string& name) {
    const auto json = parseJson(text, name);
    if (!json) return fail(json.error());
    try {
        const Project none;
        FileContext context{&none};
        ObjectReader reader(*json, name);
        readHeader(reader, "rookplot-kit");
        return readDescribed<Kit>(reader, context);
    } catch (const ReadFailure& failure) {
        return fail(failure.error);
    }
}

}  // namespace rook::file
