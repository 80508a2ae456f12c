#include "file/value_json_detail.h"

#include <cmath>

#include "base/limits.h"
#include "file/entity_json.h"

namespace rook::file {

using namespace level;

namespace {

std::string decimalText(std::int64_t thousandths) {
    return compactText(decimalJson({thousandths}));
}

/// Where a message says of which range a number is to be.
[[noreturn]] void failRange(const FieldRule& rule, const Json& value, const std::string& where) {
    failReading(ErrorKind::OutOfRange, "The number " + value.dump() + " is out of range", where,
                "Use one from " + decimalText(rule.low) + " to " + decimalText(rule.high));
}

/// A point in brackets, as far from the corner as a coordinate may be; none if it is none.
std::optional<PxPoint> pointOf(const Json& value) {
    if (!value.is_array() || value.size() != 2) return std::nullopt;
    const auto most = static_cast<std::int64_t>(limits::maxCoordinatePx);
    for (const Json& part : value)
        if (!part.is_number_integer() || std::abs(part.get<double>()) > double(most))
            return std::nullopt;
    return PxPoint{value[0].get<int>(), value[1].get<int>()};
}

std::optional<std::vector<PxPoint>> pointsOf(const Json& value) {
    if (!value.is_array() || value.size() > maxListItems) return std::nullopt;
    std::vector<PxPoint> path;
    for (const Json& item : value) {
        const auto point = pointOf(item);
        if (!point) return std::nullopt;
        path.push_back(*point);
    }
    return path;
}

std::optional<SimpleValue> simpleOf(const FieldValue& value) {
    return std::visit(
        [](const auto& each) -> std::optional<SimpleValue> {
            if constexpr (std::is_constructible_v<SimpleValue, std::decay_t<decltype(each)>>)
                return SimpleValue(each);
            else
                return std::nullopt;
        },
        value);
}

}  // namespace

int integerOf(const Json& value, int low, int high, const std::string& where) {
    if (value.is_number_integer() &&
        !(value.is_number_unsigned() && value.get<std::uint64_t>() > 0x7fffffffu)) {
        const auto number = value.get<std::int64_t>();
        if (number >= low && number <= high) return static_cast<int>(number);
    }
    failReading(ErrorKind::OutOfRange,
                "A whole number from " + std::to_string(low) + " to " + std::to_string(high) +
                    " is wanted here",
                where, "Correct it");
}

Decimal decimalOf(const Json& value, const FieldRule& rule, const std::string& where) {
    if (!value.is_number())
        failReading(ErrorKind::WrongType, "A number is wanted here", where, "Correct it");
    const double thousandths = value.get<double>() * 1000;
    const double rounded = std::round(thousandths);
    if (std::abs(rounded) > 1e12 ||
        std::abs(thousandths - rounded) > 1e-6 * std::max(1.0, std::abs(rounded))) {
        failReading(ErrorKind::OutOfRange, "The number " + value.dump() + " has too many places",
                    where, "Use at most three decimal places");
    }
    const Decimal decimal{static_cast<std::int64_t>(rounded)};
    if (rule.hasRange() && (decimal.thousandths < rule.low || decimal.thousandths > rule.high))
        failRange(rule, value, where);
    return decimal;
}

std::pair<int, int> pairOf(const Json& value, int low, int high, const std::string& where) {
    if (!value.is_array() || value.size() != 2)
        failReading(ErrorKind::WrongType, "Two whole numbers in brackets are wanted here", where,
                    "Write [0, 10]");
    return {integerOf(value[0], low, high, where), integerOf(value[1], low, high, where)};
}

std::string textOf(const Json& value, const std::string& where) {
    if (!value.is_string())
        failReading(ErrorKind::WrongType, "A text is wanted here", where, "Put it in quotes");
    return value.get<std::string>();
}

double readFraction(ObjectReader& reader, const std::string& key, const FieldRule& rule) {
    const Json& value = reader.get(key);
    const double low = static_cast<double>(rule.low) / 1000;
    const double high = static_cast<double>(rule.high) / 1000;
    if (!value.is_number() || !(value.get<double>() >= low && value.get<double>() <= high))
        failRange(rule, value, reader.whereOf(key));
    return value.get<double>();
}

std::string readText(ObjectReader& reader, const std::string& key, const FieldRule& rule,
                     const Project& project) {
    if (rule.text == TextSort::PlainName) return reader.plainName(key);
    if (rule.text == TextSort::Color) return reader.color(key, "");
    std::string text = reader.text(key);
    if (rule.text == TextSort::OneLine &&
        (text.size() > limits::maxWordsBytes || text.find_first_of("\n\r") != std::string::npos)) {
        failReading(ErrorKind::OutOfRange, "The text is too long or has several lines",
                    reader.whereOf(key), "Use one line of at most 400 bytes");
    }
    if (rule.text == TextSort::Sheet && !text.empty() && !project.findSheet(text)) {
        failReading(ErrorKind::BadReference, "There is no sheet \"" + text + "\"",
                    reader.whereOf(key), "Add it to the sheets or use another");
    }
    return text;
}

std::vector<ListItem> itemsOf(ObjectReader& reader, const std::string& key, std::size_t count) {
    std::vector<ListItem> items;
    (void)reader.get(key);  // it has to be there
    reader.forEach(key, count, [&](const Json& item, const std::string& where) {
        items.push_back({&item, where});
    });
    if (items.size() != count)
        failReading(ErrorKind::WrongType, std::to_string(count) + " numbers are wanted here",
                    reader.whereOf(key), "Write them in brackets");
    return items;
}

CellRect readPlace(ObjectReader& reader, int lowest, int largest) {
    const auto [x, y] = reader.pair("at", lowest, limits::maxBoardCells - 1);
    const auto [width, height] = reader.pair("size", 1, largest);
    return {x, y, width, height};
}

void appendPlace(Json& json, const CellRect& place) {
    json["at"] = {place.x, place.y};
    json["size"] = {place.width, place.height};
}

void checkUnique(std::set<std::string>& names, const std::string& name, const std::string& where) {
    if (!names.insert(name).second) {
        failReading(ErrorKind::BadReference, "\"" + name + "\" is there twice", where,
                    "Rename one of them, or take it out");
    }
}

void checkFewest(std::size_t count, const FieldRule& rule, const std::string& where) {
    if (count < rule.fewest)
        failReading(ErrorKind::OutOfRange,
                    "At least " + std::to_string(rule.fewest) + " are wanted here", where,
                    "Add what is missing");
}

// Long because it has a line or two for each type.
FieldValue readFieldValue(FieldType type, const Json& value, const std::string& where,
                          FieldType item) {
    switch (type) {
        case FieldType::Integer:
            if (value.is_number_integer() &&
                !(value.is_number_unsigned() && value.get<double>() > 9.2e18))
                return value.get<std::int64_t>();
            break;
        case FieldType::Text:
        case FieldType::Choice:
        case FieldType::Entity:
        case FieldType::Level:
            if (value.is_string()) return value.get<std::string>();
            break;
        case FieldType::Color:
            if (value.is_string() && isColor(value.get<std::string>()))
                return value.get<std::string>();
            break;
        case FieldType::Boolean:
            if (value.is_boolean()) return value.get<bool>();
            break;
        case FieldType::Number:
            if (value.is_number()) return decimalOf(value, plain, where);
            break;
        case FieldType::Point:
            if (const auto point = pointOf(value)) return *point;
            break;
        case FieldType::Path:
            if (auto path = pointsOf(value)) return *path;
            break;
        case FieldType::List: {
            if (!value.is_array() || value.size() > maxListItems) break;
            FieldList list;
            for (std::size_t i = 0; i < value.size(); ++i) {
                const std::string at = where + "[" + std::to_string(i) + "]";
                if (const auto simple = simpleOf(readFieldValue(item, value[i], at)))
                    list.items.push_back(*simple);
            }
            return list;
        }
    }
    failReading(ErrorKind::WrongType, "The value " + value.dump() + " is not of the field's type",
                where, "Give one of the type " + std::string(nameOf(type)));
}

NamedValue readNamedValue(ObjectReader& reader) {
    const std::string name = reader.plainName("name");
    const auto type = reader.named<FieldType>("type");
    if (type > FieldType::Number)
        failReading(ErrorKind::WrongType, "A matter has no fields of this type",
                    reader.whereOf("type"), "Use one of: whole-number, text, yes-no, number");
    return {name, readFieldValue(type, reader.get("value"), reader.whereOf("value"))};
}

Json namedValueJson(const NamedValue& field) {
    return {{"name", field.first},
            {"type", nameOf(typeOf(field.second))},
            {"value", fieldJson(field.second)}};
}

std::vector<NamedValue> readNamedValues(ObjectReader& reader, std::string_view key) {
    std::vector<NamedValue> values;
    std::set<std::string> names;
    reader.forEachObject(std::string(key), 256, [&](ObjectReader& item) {
        values.push_back(readNamedValue(item));
        checkUnique(names, values.back().first, item.where());
    });
    return values;
}

void addNamedValues(Json& json, std::string_view key, const std::vector<NamedValue>& values) {
    if (values.empty()) return;
    Json fields = Json::array();
    for (const NamedValue& field : values)
        fields.push_back(namedValueJson(field));
    json[key] = std::move(fields);
}

}  // namespace rook::file
