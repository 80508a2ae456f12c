#include "base/id.h"
#include "file/object_reader_detail.h"

namespace rook::file {

void failReading(ErrorKind kind, std::string what, std::string where, std::string remedy) {
    throw ReadFailure{{kind, std::move(what), std::move(where), std::move(remedy)}};
}

ObjectReader::ObjectReader(const Json& value, std::string where)
    : m_value(&value), m_where(std::move(where)) {
    if (!value.is_object()) {
        failReading(ErrorKind::WrongType, "An object in braces is wanted here", m_where,
                    "Mend the file or restore a copy");
    }
}

std::string ObjectReader::whereOf(const std::string& key) const {
    const bool isFile = m_where.ends_with(".json");
    return m_where + (isFile ? ": " : ".") + key;
}

bool ObjectReader::has(const std::string& key) {
    m_asked.insert(key);
    return m_value->contains(key);
}

const Json& ObjectReader::get(const std::string& key) {
    if (!has(key)) {
        failReading(ErrorKind::Missing, "The key \"" + key + "\" is missing", m_where,
                    "Add it or restore a copy");
    }
    return (*m_value)[key];
}

std::string ObjectReader::text(const std::string& key) {
    const Json& value = get(key);
    if (!value.is_string())
        failReading(ErrorKind::WrongType, "A text is wanted here", whereOf(key),
                    "Put it in quotes");
    return value.get<std::string>();
}

std::string ObjectReader::text(const std::string& key, const std::string& fallback) {
    return has(key) ? text(key) : fallback;
}

int ObjectReader::integer(const std::string& key, int low, int high) {
    const Json& value = get(key);
    const std::string range = std::to_string(low) + " to " + std::to_string(high);
    if (!value.is_number_integer()) {
        failReading(ErrorKind::WrongType, "A whole number is wanted here", whereOf(key),
                    "Use one from " + range);
    }
    // Numbers above the signed range come as unsigned: those are out of range here anyway.
    const bool isHuge = value.is_number_unsigned() && value.get<std::uint64_t>() > 0x7fffffffu;
    const std::int64_t number = isHuge ? std::int64_t{0x7fffffff} + 1 : value.get<std::int64_t>();
    if (number < low || number > high) {
        failReading(ErrorKind::OutOfRange, "The number " + value.dump() + " is out of range",
                    whereOf(key), "Use one from " + range);
    }
    return static_cast<int>(number);
}

int ObjectReader::integer(const std::string& key, int low, int high, int fallback) {
    return has(key) ? integer(key, low, high) : fallback;
}

bool ObjectReader::boolean(const std::string& key, bool fallback) {
    if (!has(key)) return fallback;
    const Json& value = get(key);
    if (!value.is_boolean())
        failReading(ErrorKind::WrongType, "true or false is wanted here", whereOf(key),
                    "Write one of them");
    return value.get<bool>();
}

std::string ObjectReader::plainName(const std::string& key) {
    std::string name = text(key);
    if (!isPlainName(name)) {
        failReading(ErrorKind::OutOfRange, "\"" + name + "\" is no plain name", whereOf(key),
                    "Use 1 to 64 lower-case letters, digits, - and _");
    }
    return name;
}

std::string ObjectReader::color(const std::string& key, const std::string& fallback) {
    const std::string value = text(key, fallback);
    const bool isColor = value.size() == 7 && value[0] == '#' &&
                         value.find_first_not_of("0123456789abcdefABCDEF", 1) == std::string::npos;
    if (!isColor) {
        failReading(ErrorKind::WrongType, "\"" + value + "\" is no colour", whereOf(key),
                    "Write it as #rrggbb");
    }
    return value;
}

ObjectReader ObjectReader::object(const std::string& key) {
    return {get(key), whereOf(key)};
}

std::pair<int, int> ObjectReader::pair(const std::string& key, int low, int high) {
    const Json& value = get(key);
    if (!value.is_array() || value.size() != 2)
        failReading(ErrorKind::WrongType, "Two numbers are wanted here", whereOf(key),
                    "Write [a, b]");
    const Json both = {{"0", value[0]}, {"1", value[1]}};
    ObjectReader reader(both, whereOf(key));
    const int first = reader.integer("0", low, high);
    return {first, reader.integer("1", low, high)};
}

void ObjectReader::forEach(const std::string& key, std::size_t most,
                           const std::function<void(const Json&, const std::string&)>& visit) {
    if (!has(key)) return;
    const Json& list = get(key);
    if (!list.is_array())
        failReading(ErrorKind::WrongType, "A list in brackets is wanted here", whereOf(key),
                    "Mend it");
    if (list.size() > most) {
        failReading(ErrorKind::OutOfRange, "The list has " + std::to_string(list.size()) + " items",
                    whereOf(key), "At most " + std::to_string(most) + " are allowed");
    }
    for (std::size_t i = 0; i < list.size(); ++i)
        visit(list[i], whereOf(key) + "[" + std::to_string(i) + "]");
}

void ObjectReader::forEachObject(const std::string& key, std::size_t most,
                                 const std::function<void(ObjectReader&)>& visit) {
    forEach(key, most, [&](const Json& item, const std::string& where) {
        ObjectReader reader(item, where);
        visit(reader);
    });
}

level::UnknownKeys ObjectReader::unknown() const {
    level::UnknownKeys keys;
    for (const auto& [key, value] : m_value->items())
        if (!m_asked.contains(key)) keys.emplace_back(key, value.dump());
    return keys;
}

void readHeader(ObjectReader& reader, const std::string& format) {
    const std::string found = reader.text("format");
    if (found != format) {
        failReading(ErrorKind::BadVersion,
                    "The format is \"" + found + "\", not \"" + format + "\"", reader.where(),
                    "Choose a file of the right sort");
    }
    const int version = reader.integer("version", 1, 0x7fffffff);
    if (version > 1) {
        failReading(
            ErrorKind::BadVersion,
            "The file has version " + std::to_string(version) + ", and this program reads up to 1",
            reader.where(), "Open it with a newer Rook Plot");
    }
}

}  // namespace rook::file
