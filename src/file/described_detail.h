#pragma once
/// Reads and writes the fields that level/describe.h lists. Private to file/: a wrong value throws
/// `ReadFailure`.

#include <algorithm>
#include <array>
#include <concepts>
#include <optional>
#include <type_traits>

#include "file/by_hand_detail.h"
#include "file/entity_json.h"
#include "file/value_json_detail.h"
#include "level/describe_project.h"

namespace rook::file {

template <typename T>
[[nodiscard]] T readDescribed(ObjectReader& reader, FileContext& context);
template <typename T>
[[nodiscard]] Json describedJson(const FileContext& context, const T& value);
/// Writes something long, without the braces around it.
template <typename T>
void writeDescribed(JsonLines& lines, const FileContext& context, const T& value);

namespace detail {

template <typename M>
concept IsId = requires(const M& field) {
    { field.text } -> std::convertible_to<std::string>;
    field.isEmpty();
};
template <typename M>
concept IsPoint = std::same_as<M, PxPoint> || std::same_as<M, CellPoint>;
template <typename M>
concept IsList = !std::same_as<M, std::string> && requires(const M& field) {
    field.begin();
    field.empty();
};
template <typename M>
concept IsOptional = requires(const M& field) {
    field.has_value();
    *field;
};
template <IsList M>
using Item = std::remove_cvref_t<decltype(*std::declval<const M&>().begin())>;
template <typename T>
concept IsLong = level::Described<T> && requires {
    level::Description<T>::isLong;
};
template <typename M>
concept IsLongList = IsList<M> && IsLong<Item<M>>;

/// The first field of something described, as text: what it is called, or numbered, in its list.
template <typename T>
[[nodiscard]] std::string identityOf(const T& value) {
    std::optional<std::string> text;
    level::Description<T>::each([&](const char*, auto member, const auto&... rule) {
        if (text) return;
        text.emplace();
        if constexpr (sizeof...(rule) == 1 && std::is_member_pointer_v<decltype(member)>) {
            const auto& field = value.*member;
            using M = std::remove_cvref_t<decltype(field)>;
            if constexpr (std::same_as<M, std::string>)
                *text = field;
            else if constexpr (IsId<M>)
                *text = field.text;
            else if constexpr (IsPoint<M>)
                *text = std::to_string(field.x) + ", " + std::to_string(field.y);
            else if constexpr (std::same_as<M, int>)
                *text = std::to_string(field + ((rule.isCountedFromOne || ...) ? 1 : 0));
        }
    });
    return text.value_or(std::string());
}

template <typename M>
[[nodiscard]] Json jsonOf(const FileContext& context, const M& field,
                          const level::FieldRule& rule) {
    if constexpr (std::same_as<M, int>)
        return field + (rule.isCountedFromOne ? 1 : 0);
    else if constexpr (std::same_as<M, level::Decimal>)
        return decimalJson(field);
    else if constexpr (std::is_enum_v<M>)
        return level::nameOf(field);
    else if constexpr (IsId<M>)
        return field.text;
    else if constexpr (IsPoint<M>)
        return {field.x, field.y};
    else if constexpr (std::same_as<M, CellSize>)
        return {field.width, field.height};
    else if constexpr (std::same_as<M, std::pair<int, int>>)
        return {field.first, field.second};
    else if constexpr (IsOptional<M>)
        return jsonOf(context, *field, rule);
    else if constexpr (IsList<M>) {
        Json items = Json::array();
        for (const auto& item : field)
            items.push_back(jsonOf(context, item, rule));
        return items;
    } else if constexpr (level::Described<M>)
        return describedJson(context, field);
    else
        return field;
}

/// An item of a list, or one of several members under one key.
template <typename M>
[[nodiscard]] M itemOf(const Json& item, const std::string& where, FileContext& context,
                       const level::FieldRule& rule) {
    const auto low = static_cast<int>(rule.low), high = static_cast<int>(rule.high);
    if constexpr (std::same_as<M, int>)
        return integerOf(item, low, high, where) - (rule.isCountedFromOne ? 1 : 0);
    else if constexpr (std::same_as<M, level::Decimal>)
        return decimalOf(item, rule, where);
    else if constexpr (std::is_enum_v<M>)
        return enumOf<M>(item, where);
    else if constexpr (std::same_as<M, std::string>)
        return textOf(item, where);
    else if constexpr (IsId<M>)
        return {textOf(item, where)};
    else if constexpr (IsPoint<M>) {
        const auto [x, y] = pairOf(item, low, high, where);
        return {x, y};
    } else if constexpr (std::same_as<M, std::pair<int, int>>)
        return pairOf(item, low, high, where);
    else {
        static_assert(level::Described<M>);
        ObjectReader reader(item, where);
        return readDescribed<M>(reader, context);
    }
}

}  // namespace detail

/// Takes the fields of `value` from an object. What is missing there stays as it is in `value`.
template <typename T>
class FieldReader {
public:
    FieldReader(ObjectReader& reader, FileContext& context, T& value)
        : m_reader(reader), m_context(context), m_value(value) {}

    template <typename M>
    void operator()(const char* key, M T::*member, const level::FieldRule& rule) {
        M& field = m_value.*member;
        if constexpr (level::Described<M>) {
            if (rule.isInPlace) {
                level::Description<M>::each(FieldReader<M>(m_reader, m_context, field));
                return;
            }
        }
        const bool isRequired = rule.written == level::Written::Required;
        if (!isRequired && !m_reader.has(key)) {
            if (rule.text == level::TextSort::Title) field = textAs<M>(m_name);
            return;
        }
        field = read<M>(key, rule);
        if (rule.text == level::TextSort::PlainName) m_name = detail::identityOf(m_value);
    }
    template <typename... M>
    void operator()(const char* key, const std::tuple<M...>& members,
                    const level::FieldRule& rule) {
        if (rule.written != level::Written::Required && !m_reader.has(key)) return;
        const auto numbers = itemsOf(m_reader, key, sizeof...(M));
        std::size_t at = 0;
        std::apply([&](auto... member) { (takeNumber(numbers[at++], member, rule), ...); },
                   members);
    }
    template <typename... M>
    void operator()(const char* key, const level::ByHand<M...>&) {
        readByHand(m_reader, m_context, m_value, key);
    }

private:
    template <typename M>
    static M textAs(const std::string& text) {
        if constexpr (std::same_as<M, std::string>)
            return text;
        else
            return M{};
    }
    template <typename M>
    void takeNumber(const ListItem& item, M T::*member, const level::FieldRule& rule) {
        m_value.*member = detail::itemOf<M>(*item.value, item.where, m_context, rule);
    }
    /// The value of a key that is there, or has to be.
    template <typename M>
    M read(const std::string& key, const level::FieldRule& rule) {
        const auto low = static_cast<int>(rule.low), high = static_cast<int>(rule.high);
        if constexpr (std::same_as<M, bool>)
            return m_reader.boolean(key, false);
        else if constexpr (std::same_as<M, int>)
            return m_reader.integer(key, low, high) - (rule.isCountedFromOne ? 1 : 0);
        else if constexpr (std::same_as<M, double>)
            return readFraction(m_reader, key, rule);
        else if constexpr (std::same_as<M, level::Decimal>)
            return decimalOf(m_reader.get(key), rule, m_reader.whereOf(key));
        else if constexpr (std::same_as<M, std::string>)
            return readText(m_reader, key, rule, *m_context.project);
        else if constexpr (std::is_enum_v<M>)
            return m_reader.named<M>(key);
        else if constexpr (detail::IsId<M>)
            return {readText(m_reader, key, rule, *m_context.project)};
        else if constexpr (detail::IsPoint<M> || std::same_as<M, CellSize>) {
            const auto [first, second] = m_reader.pair(key, low, high);
            return {first, second};
        } else if constexpr (detail::IsOptional<M>)
            return read<typename M::value_type>(key, rule);
        else if constexpr (std::same_as<M, std::array<level::Decimal, 4>>) {
            M numbers;
            const auto items = itemsOf(m_reader, key, numbers.size());
            for (std::size_t i = 0; i < numbers.size(); ++i)
                numbers[i] = decimalOf(*items[i].value, rule, items[i].where);
            return numbers;
        } else if constexpr (detail::IsList<M>)
            return readList<detail::Item<M>>(key, rule);
        else {
            ObjectReader object = m_reader.object(key);
            return readDescribed<M>(object, m_context);
        }
    }
    template <typename Item>
    std::vector<Item> readList(const std::string& key, const level::FieldRule& rule) {
        std::vector<Item> list;
        std::set<std::string> identities;
        m_reader.forEach(key, rule.most, [&](const Json& item, const std::string& where) {
            Item value = detail::itemOf<Item>(item, where, m_context, rule);
            // Those of a fixed set count once.
            if constexpr (std::is_enum_v<Item>)
                if (std::find(list.begin(), list.end(), value) != list.end()) return;
            if constexpr (level::Described<Item>)
                if (rule.isUnique) checkUnique(identities, detail::identityOf(value), where);
            list.push_back(std::move(value));
        });
        checkFewest(list.size(), rule, m_reader.whereOf(key));
        return list;
    }

    ObjectReader& m_reader;
    FileContext& m_context;
    T& m_value;
    std::string m_name;  ///< the plain name
};

namespace detail {

/// True if a field is as in a new value.
template <typename T, typename M>
bool isUsual(const T& value, M T::*member) {
    static const T usual{};
    return value.*member == usual.*member;
}

}  // namespace detail

/// Adds the fields of `value` to an object.
template <typename T>
class FieldWriter {
public:
    FieldWriter(Json& json, const FileContext& context, const T& value)
        : m_json(json), m_context(context), m_value(value) {}

    template <typename M>
    void operator()(const char* key, M T::*member, const level::FieldRule& rule) {
        const M& field = m_value.*member;
        if constexpr (level::Described<M>) {
            if (rule.isInPlace) {
                level::Description<M>::each(FieldWriter<M>(m_json, m_context, field));
                return;
            }
        }
        if (rule.written == level::Written::UnlessDefault && detail::isUsual(m_value, member))
            return;
        m_json[key] = detail::jsonOf(m_context, field, rule);
    }
    template <typename... M>
    void operator()(const char* key, const std::tuple<M...>& members,
                    const level::FieldRule& rule) {
        m_json[key] = std::apply(
            [&](auto... member) {
                return Json{detail::jsonOf(m_context, m_value.*member, rule)...};
            },
            members);
    }
    template <typename... M>
    void operator()(const char* key, const level::ByHand<M...>&) {
        writeByHand(m_json, m_context, m_value, key);
    }

private:
    Json& m_json;
    const FileContext& m_context;
    const T& m_value;
};

/// The fields of something long, each on a line of its own, and each item of its lists.
template <typename T>
class LineWriter {
public:
    LineWriter(JsonLines& lines, const FileContext& context, const T& value)
        : m_lines(lines), m_context(context), m_value(value) {}

    template <typename M>
    void operator()(const char* key, M T::*member, const level::FieldRule& rule) {
        const M& field = m_value.*member;
        if (rule.written == level::Written::UnlessDefault && detail::isUsual(m_value, member))
            return;
        if constexpr (detail::IsLong<M>) {
            m_lines.beginObject(key);
            writeDescribed(m_lines, m_context, field);
            m_lines.endObject();
        } else if constexpr (detail::IsLongList<M>) {
            m_lines.beginList(key);
            for (const auto& item : field) {
                m_lines.beginItem();
                writeDescribed(m_lines, m_context, item);
                m_lines.endItem();
            }
            m_lines.endList();
        } else if constexpr (detail::IsList<M>) {
            writeList(key, field, rule);
        } else {
            m_lines.member(key, detail::jsonOf(m_context, field, rule));
        }
    }
    template <typename... M>
    void operator()(const char* key, const std::tuple<M...>& members,
                    const level::FieldRule& rule) {
        std::apply(
            [&](auto... member) {
                m_lines.member(key, Json{detail::jsonOf(m_context, m_value.*member, rule)...});
            },
            members);
    }
    template <typename... M>
    void operator()(const char* key, const level::ByHand<M...>&) {
        writeByHand(m_lines, m_context, m_value, key);
    }

private:
    template <typename List>
    void writeList(const char* key, const List& list, const level::FieldRule& rule) {
        if constexpr (level::Described<detail::Item<List>>) {
            std::vector<std::string> rows;
            for (const auto& item : list)
                rows.push_back(compactText(describedJson(m_context, item)));
            m_lines.list(key, rows);
        } else {
            m_lines.member(key, detail::jsonOf(m_context, list, rule));
        }
    }

    JsonLines& m_lines;
    const FileContext& m_context;
    const T& m_value;
};

/// Takes the fields of `value` from an object, and checks it as a whole.
template <typename T>
void readInto(ObjectReader& reader, FileContext& context, T& value) {
    using level::flawOf;
    level::Description<T>::each(FieldReader<T>(reader, context, value));
    checkFurther(reader, context, value);
    if constexpr (requires {
                      { flawOf(value) } -> std::same_as<std::optional<std::string>>;
                  }) {
        if (const auto flaw = flawOf(value))
            failReading(ErrorKind::OutOfRange, *flaw, reader.where(), "Mend it");
    }
    if constexpr (requires { value.unknown; }) value.unknown = reader.unknown();
}

template <typename T>
T readDescribed(ObjectReader& reader, FileContext& context) {
    T value{};
    readInto(reader, context, value);
    return value;
}

template <typename T>
Json describedJson(const FileContext& context, const T& value) {
    Json json = Json::object();
    level::Description<T>::each(FieldWriter<T>(json, context, value));
    if constexpr (requires { value.unknown; }) appendUnknown(json, value.unknown);
    return json;
}

template <typename T>
void writeDescribed(JsonLines& lines, const FileContext& context, const T& value) {
    level::Description<T>::each(LineWriter<T>(lines, context, value));
    if constexpr (requires { value.unknown; }) appendUnknown(lines, value.unknown);
}

// They are read and written in one source, described.cpp: elsewhere that would take longer to
// compile than all the rest.
#ifndef ROOK_DESCRIBED
#define ROOK_DESCRIBED(T)                                            \
    extern template void readInto(ObjectReader&, FileContext&, T&);  \
    extern template T readDescribed<T>(ObjectReader&, FileContext&); \
    extern template Json describedJson(const FileContext&, const T&);
#define ROOK_DESCRIBED_LONG(T)                                       \
    extern template void readInto(ObjectReader&, FileContext&, T&);  \
    extern template T readDescribed<T>(ObjectReader&, FileContext&); \
    extern template void writeDescribed(JsonLines&, const FileContext&, const T&);
#include "file/described_types.inc"
#endif
#undef ROOK_DESCRIBED
#undef ROOK_DESCRIBED_LONG

}  // namespace rook::file
