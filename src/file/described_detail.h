#pragma once
/// Reads and writes the fields that level/describe.h lists. Private to file/: a wrong value throws
/// `ReadFailure`.

#include <type_traits>

#include "file/entity_json.h"
#include "file/object_reader_detail.h"
#include "file/project_parts_detail.h"
#include "level/describe.h"

namespace rook::file {

/// A decimal in the range of its rule.
[[nodiscard]] level::Decimal readDecimal(ObjectReader& reader, const std::string& key,
                                         level::Decimal fallback, const level::FieldRule& rule);
/// Whole numbers in the range of their rule, at most 64.
[[nodiscard]] std::vector<int> readIntegers(ObjectReader& reader, const std::string& key,
                                            const level::FieldRule& rule);
/// Each once, in the order of the file.
[[nodiscard]] std::vector<level::Ability> readAbilities(ObjectReader& reader,
                                                        const std::string& key);

/// Takes the fields of `value` from an object. What is missing there stays as it is in `value`.
template <typename T>
class FieldReader {
public:
    FieldReader(ObjectReader& reader, T& value) : m_reader(reader), m_value(value) {}

    template <typename M>
    void operator()(const char* key, M T::*member, const level::FieldRule& rule) {
        M& field = m_value.*member;
        const bool isRequired = rule.written == level::Written::Required;
        const auto low = static_cast<int>(rule.low), high = static_cast<int>(rule.high);
        if constexpr (std::is_same_v<M, bool>)
            field = m_reader.boolean(key, field);
        else if constexpr (std::is_same_v<M, int>)
            field = isRequired ? m_reader.integer(key, low, high)
                               : m_reader.integer(key, low, high, field);
        else if constexpr (std::is_same_v<M, level::Decimal>)
            field = readDecimal(m_reader, key, field, rule);
        else if constexpr (std::is_same_v<M, std::string>)
            field = rule.isPlainName ? m_reader.plainName(key)
                    : isRequired     ? m_reader.text(key)
                                     : m_reader.text(key, field);
        else if constexpr (std::is_enum_v<M>)
            field = isRequired ? m_reader.named<M>(key) : m_reader.named<M>(key, field);
        else if constexpr (std::is_same_v<M, std::vector<int>>)
            field = readIntegers(m_reader, key, rule);
        else if constexpr (std::is_same_v<M, std::vector<level::Ability>>)
            field = readAbilities(m_reader, key);
        else
            field.text = m_reader.text(key, field.text);  // an id
    }
    void operator()(const char* key, int T::*first, int T::*second, const level::FieldRule& rule) {
        const auto [one, other] =
            m_reader.pair(key, static_cast<int>(rule.low), static_cast<int>(rule.high));
        m_value.*first = one;
        m_value.*second = other;
    }

protected:
    ObjectReader& m_reader;
    T& m_value;
};

/// Adds the fields of `value` to an object.
template <typename T>
class FieldWriter {
public:
    FieldWriter(Json& json, const T& value) : m_json(json), m_value(value) {}

    template <typename M>
    void operator()(const char* key, M T::*member, const level::FieldRule& rule) {
        const M& field = m_value.*member;
        if (rule.written == level::Written::UnlessDefault && field == m_usual.*member) return;
        m_json[key] = jsonOf(field);
    }
    void operator()(const char* key, int T::*first, int T::*second, const level::FieldRule&) {
        m_json[key] = {m_value.*first, m_value.*second};
    }

protected:
    template <typename M>
    static Json jsonOf(const M& field) {
        if constexpr (std::is_same_v<M, level::Decimal>)
            return decimalJson(field);
        else if constexpr (std::is_enum_v<M>)
            return level::nameOf(field);
        else if constexpr (requires { field.isEmpty(); })
            return field.text;  // an id
        else if constexpr (std::is_same_v<M, std::vector<level::Ability>>) {
            Json names = Json::array();
            for (const level::Ability ability : field)
                names.push_back(level::nameOf(ability));
            return names;
        } else
            return field;
    }

    Json& m_json;
    const T& m_value;
    const T m_usual{};
};

template <typename T>
[[nodiscard]] T readDescribed(ObjectReader& reader) {
    T value;
    level::Description<T>::each(FieldReader<T>(reader, value));
    return value;
}

template <typename T>
[[nodiscard]] Json describedJson(const T& value) {
    Json json = Json::object();
    level::Description<T>::each(FieldWriter<T>(json, value));
    return json;
}

}  // namespace rook::file
