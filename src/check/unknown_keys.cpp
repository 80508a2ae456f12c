#include "check/unknown_keys.h"

#include <map>

#include "base/nearest_word.h"
#include "level/describe_project.h"

namespace rook::check {

using namespace level;

namespace {

/// Gathers the keys of a described type.
struct KeysOf {
    std::vector<std::string> keys;
    void operator()(const char* key, const auto&...) { keys.emplace_back(key); }
};

template <typename T>
const std::vector<std::string>& knownKeys() {
    static const std::vector<std::string> keys = [] {
        KeysOf found;
        Description<T>::each(found);
        return found.keys;
    }();
    return keys;
}

/// Goes through all that is described below a value, whatever holds it.
class Search {
public:
    template <typename T>
    void look(const T& value, const std::string& where) {
        if constexpr (Described<T>) {
            if constexpr (requires { value.unknown; })
                for (const auto& [key, text] : value.unknown)
                    note(key, where, knownKeys<T>());
            Description<T>::each(Members<T>{*this, value, where});
        } else if constexpr (requires { value.has_value(); }) {
            if (value.has_value()) look(*value, where);
        } else if constexpr (requires { value.use_count(); }) {
            if (value) look(*value, where);
        } else if constexpr (
            requires { value.begin(); } && !requires { value.substr(0, 0); }) {
            for (const auto& item : value)
                look(item, where);
        }
    }
    /// A field of an entity that its kind does not have.
    void field(const Kind& kind, const std::string& key, const std::string& where) {
        std::vector<std::string> names;
        for (const FieldDefinition& definition : kind.fields)
            names.push_back(definition.name);
        note(key, where, names, "field of " + kind.id.text);
    }
    [[nodiscard]] std::vector<ProjectFinding> findings() const {
        std::vector<ProjectFinding> findings;
        for (const auto& [key, found] : m_found) {
            const auto& [sort, word, where] = key;
            const std::string times =
                found.count > 1 ? ", " + std::to_string(found.count) + " times" : "";
            const std::string meant =
                found.nearest.empty() ? "" : ": is it \"" + found.nearest + "\" that is meant";
            findings.push_back(
                {"unknown-key", found.nearest.empty() ? Severity::Note : Severity::Doubt,
                 "Unknown " + sort + " \"" + word + "\", kept" + times + meant, where});
        }
        return findings;
    }

private:
    template <typename T>
    struct Members {
        Search& search;
        const T& value;
        const std::string& where;
        template <typename M>
        void operator()(const char* key, M T::*member, const FieldRule&) const {
            search.look(value.*member, inside(where, key));
        }
        template <typename... M>
        void operator()(const char*, const std::tuple<M...>&, const FieldRule&) const {}
        template <typename... M>
        void operator()(const char* key, const ByHand<M...>& field) const {
            std::apply(
                [&](auto... member) { (search.look(value.*member, inside(where, key)), ...); },
                field.members);
        }
    };
    static std::string inside(const std::string& where, const char* key) {
        return where + (where.ends_with(".json") ? ": " : ".") + key;
    }
    void note(const std::string& key, const std::string& where,
              const std::vector<std::string>& known, const std::string& sort = "key") {
        auto& found = m_found[{sort, key, where}];
        if (found.count++ == 0) found.nearest = nearestWord(key, known, key.size() < 5 ? 1 : 2);
    }
    struct Found {
        std::size_t count = 0;
        std::string nearest;
    };
    std::map<std::tuple<std::string, std::string, std::string>, Found> m_found;
};

}  // namespace

std::vector<ProjectFinding> unknownKeyFindings(const Project& project) {
    Search search;
    Project lists = project;
    lists.levels.clear();
    lists.swatches.clear();
    lists.kits = {};
    search.look(lists, "rookplot.json");
    for (const Kit& kit : project.kits)
        search.look(kit, "kits/" + kit.name + ".json");
    for (const auto* boards : {&project.levels, &project.swatches})
        for (const auto& board : *boards) {
            const std::string where =
                (boards == &project.levels ? "levels/" : "swatches/") + board->id.text + ".json";
            search.look(*board, where);
            for (const Entity& entity : board->entities)
                if (const Kind* kind = project.findKind(entity.kind))
                    for (const auto& [key, text] : entity.unknownFields)
                        search.field(*kind, key, where);
        }
    return search.findings();
}

}  // namespace rook::check
