#pragma once
/// Typed access to JSON objects while a file is read. Private to file/: a wrong value throws
/// `ReadFailure`, which the public reading functions turn into an `Error`.

#include <functional>
#include <set>
#include <string>

#include "file/json_text.h"
#include "level/matter.h"

namespace rook::file {

struct ReadFailure {
    Error error;
};

[[noreturn]] void failReading(ErrorKind kind, std::string what, std::string where,
                              std::string remedy);

/// One object of a file. Remembers which keys were asked for, so that the others can be kept.
class ObjectReader {
public:
    /// `where` names the object in messages: "levels/intake.json: entities[3]".
    ObjectReader(const Json& value, std::string where);

    [[nodiscard]] const std::string& where() const { return m_where; }
    [[nodiscard]] std::string whereOf(const std::string& key) const;
    [[nodiscard]] bool has(const std::string& key);
    [[nodiscard]] const Json& get(const std::string& key);

    [[nodiscard]] std::string text(const std::string& key);
    [[nodiscard]] std::string text(const std::string& key, const std::string& fallback);
    [[nodiscard]] int integer(const std::string& key, int low, int high);
    [[nodiscard]] int integer(const std::string& key, int low, int high, int fallback);
    [[nodiscard]] bool boolean(const std::string& key, bool fallback);
    [[nodiscard]] std::string plainName(const std::string& key);
    [[nodiscard]] std::string color(const std::string& key, const std::string& fallback);
    [[nodiscard]] ObjectReader object(const std::string& key);
    /// Two whole numbers in the same range.
    [[nodiscard]] std::pair<int, int> pair(const std::string& key, int low, int high);
    /// Calls `visit(item, where)` for each item; an absent list is empty.
    void forEach(const std::string& key, std::size_t most,
                 const std::function<void(const Json&, const std::string&)>& visit);
    void forEachObject(const std::string& key, std::size_t most,
                       const std::function<void(ObjectReader&)>& visit);

    /// A name out of a fixed set; `E` as in level/names.h.
    template <typename E>
    [[nodiscard]] E named(const std::string& key) {
        const std::string name = text(key);
        if (const auto value = level::fromName<E>(name)) return *value;
        failReading(ErrorKind::WrongType, "\"" + name + "\" is not known here", whereOf(key),
                    "Use one of: " + std::string(level::allNames<E>()));
    }
    template <typename E>
    [[nodiscard]] E named(const std::string& key, E fallback) {
        return has(key) ? named<E>(key) : fallback;
    }

    /// The keys that nobody asked for.
    [[nodiscard]] level::UnknownKeys unknown() const;

private:
    const Json* m_value;
    std::string m_where;
    std::set<std::string> m_asked;
};

/// Checks `format` and `version` (1). Throws BadVersion.
void readHeader(ObjectReader& reader, const std::string& format);

}  // namespace rook::file
