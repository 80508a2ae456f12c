#include "file/repair.h"

#include <charconv>
#include <map>
#include <set>

#include "base/id.h"
#include "base/limits.h"
#include "file/json_text.h"
#include "file/overlaid_files.h"

namespace rook::file {

namespace {

constexpr int mostChanges = 1000;
/// Larger lists and objects are not left out as a whole.
constexpr std::size_t mostParts = 24;

/// A place in a file: "levels/hall.json: entities[3].box" as a name and its steps.
struct Place {
    std::string file;
    std::vector<std::string> steps;  ///< keys, and places in lists as "[3]"
};

std::optional<Place> placeOfError(const std::string& where) {
    const std::size_t end = where.find(".json");
    if (end == std::string::npos) return std::nullopt;
    Place place{where.substr(0, end + 5), {}};
    std::string rest = where.substr(end + 5);
    if (rest.starts_with(": ")) rest.erase(0, 2);
    std::string step;
    const auto take = [&] {
        if (!step.empty()) place.steps.push_back(step);
        step.clear();
    };
    for (const char c : rest) {
        if (c == '.' || c == '[') take();
        if (c != '.') step += c;
        if (c == ']') take();
    }
    take();
    return place;
}

/// The part at those steps, and what holds it; null if there is none.
Json* partAt(Json& root, const std::vector<std::string>& steps, std::size_t count) {
    Json* at = &root;
    for (std::size_t i = 0; i < count; ++i) {
        const std::string& step = steps[i];
        if (step.front() == '[') {
            std::size_t index = 0;
            std::from_chars(step.data() + 1, step.data() + step.size(), index);
            if (!at->is_array() || index >= at->size()) return nullptr;
            at = &(*at)[index];
        } else {
            if (!at->is_object() || !at->contains(step)) return nullptr;
            at = &(*at)[step];
        }
    }
    return at;
}

/// Gives an item whose id, or name, is there twice one that no other item of its list has.
std::optional<std::string> renameTwin(Json& root, const Place& place) {
    Json* item = partAt(root, place.steps, place.steps.size());
    Json* list = place.steps.empty() ? nullptr : partAt(root, place.steps, place.steps.size() - 1);
    if (!item || !list || !item->is_object() || !list->is_array()) return std::nullopt;
    for (const char* key : {"id", "name"}) {
        if (!item->contains(key) || !(*item)[key].is_string()) continue;
        std::set<std::string> taken;
        for (const Json& other : *list)
            if (other.is_object() && other.contains(key) && other[key].is_string())
                taken.insert(other[key].get<std::string>());
        const std::string former = (*item)[key];
        int number = 2;
        while (taken.contains(former + "-" + std::to_string(number)))
            ++number;
        const std::string fresh = former + "-" + std::to_string(number);
        (*item)[key] = fresh;
        return "The second " + former + " is called " + fresh + " now";
    }
    return std::nullopt;
}

/// Leaves out the part at the end of the steps.
bool leaveOut(Json& root, const std::vector<std::string>& steps) {
    if (steps.empty()) return false;
    Json* part = partAt(root, steps, steps.size());
    Json* holder = partAt(root, steps, steps.size() - 1);
    if (!part || !holder || (part->is_structured() && part->size() > mostParts)) return false;
    const std::string& last = steps.back();
    const bool isRow = last.front() == '[' && part->is_string() && steps.size() > 1 &&
                       (steps[steps.size() - 2] == "rows" || steps[0] == "rows");
    if (isRow) return false;
    if (holder->is_object()) {
        holder->erase(last);
    } else {
        std::size_t index = 0;
        std::from_chars(last.data() + 1, last.data() + last.size(), index);
        holder->erase(index);
    }
    return true;
}

/// "NaN" and "Infinity" outside of texts, which no number is, as null.
std::string withoutNoNumbers(const std::string& text) {
    std::string out;
    bool isInText = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (text[i] == '"' && (i == 0 || text[i - 1] != '\\')) isInText = !isInText;
        bool isReplaced = false;
        for (const std::string_view word :
             {"-Infinity", "Infinity", "-NaN", "NaN", "-nan", "nan"}) {
            if (isInText || isReplaced || text.compare(i, word.size(), word) != 0) continue;
            out += "null";
            i += word.size() - 1;
            isReplaced = true;
        }
        if (!isReplaced) out += text[i];
    }
    return out;
}

/// A save of a former version that was broken off may have left boards that name a matter by its
/// new name, and a project that has its old one. Where the board draws it by the character of a
/// matter that is there, it is that one; else it is added, so that no cell is lost.
std::optional<std::string> mendMatter(OverlaidFiles& files, const Error& error) {
    constexpr std::string_view words = "There is no matter \"", key = "legend.";
    const std::size_t at = error.where.find(key), end = error.where.find(".json");
    if (!error.what.starts_with(words) || at == std::string::npos || end == std::string::npos)
        return std::nullopt;
    const std::string name = error.what.substr(words.size(), error.what.size() - words.size() - 1);
    const std::string glyph = error.where.substr(at + key.size());
    const std::string board = error.where.substr(0, end + 5), main = "rookplot.json";
    const auto boardText = files.text(board), mainText = files.text(main);
    if (!isPlainName(name) || !boardText || !mainText) return std::nullopt;
    auto boardJson = parseJson(*boardText, board), json = parseJson(*mainText, main);
    if (!boardJson || !json || !(*json)["matters"].is_array()) return std::nullopt;
    for (const Json& matter : (*json)["matters"]) {
        if (!matter.is_object() || matter.value("glyph", Json()) != glyph ||
            !matter.value("name", Json()).is_string())
            continue;
        const std::string former = matter["name"];
        for (Json& entry : (*boardJson)["legend"])
            if (entry.is_string() &&
                (entry == name || entry.get_ref<std::string&>().starts_with(name + "/")))
                entry = former + entry.get<std::string>().substr(name.size());
        files.set(board, boardJson->dump());
        return "The matter " + name + ", which is not there, was taken for " + former + " (" +
               board + ")";
    }
    (*json)["matters"].push_back({{"name", name}, {"title", name}, {"behaviour", "solid"}});
    files.set(main, json->dump());
    return "The matter " + name + ", which was not there, was added as a solid one (" + board + ")";
}

/// Mends what the project was refused for; the sentence of what was done, none if nothing could be.
std::optional<std::string> mend(OverlaidFiles& files, const Error& error) {
    if (auto done = mendMatter(files, error)) return done;
    std::optional<Place> place = placeOfError(error.where);
    if (!place || error.kind == ErrorKind::BadVersion || error.kind == ErrorKind::NotPermitted)
        return std::nullopt;
    const auto text = files.text(place->file);
    if (!text) return std::nullopt;
    if (error.kind == ErrorKind::BadSyntax) {
        std::string mended = withoutNoNumbers(*text);
        if (mended == *text) return std::nullopt;
        files.set(place->file, std::move(mended));
        return "Numbers that are none were left out (" + place->file + ")";
    }
    auto json = parseJson(*text, place->file);
    if (!json) return std::nullopt;
    std::optional<std::string> done;
    if (error.what.ends_with("is there twice")) done = renameTwin(*json, *place);
    if (!done) {
        // A text like "a kind that is not there" stands in the thing that names it; what lacks a
        // key stands there as a whole.
        std::vector<std::string> steps = place->steps;
        while (!steps.empty() && !partAt(*json, steps, steps.size()))
            steps.pop_back();
        if (!leaveOut(*json, steps)) return std::nullopt;
        std::string path = place->file + ":";
        for (const std::string& step : steps)
            path += (step.front() == '[' ? "" : path.back() == ':' ? " " : ".") + step;
        done = error.what + ": left out (" + path + ")";
    }
    files.set(place->file, json->dump());
    return done;
}

}  // namespace

Result<Repaired> openRepaired(Storage& storage, const Path& folder) {
    OverlaidFiles files(storage, folder);
    Repaired repaired;
    for (;;) {
        auto project = openProject(files, folder);
        if (project) {
            repaired.project = std::move(*project);
            return repaired;
        }
        auto done = static_cast<int>(repaired.changes.size()) < mostChanges
                        ? mend(files, project.error())
                        : std::nullopt;
        if (!done) return fail(project.error());
        repaired.changes.push_back(std::move(*done));
    }
}

}  // namespace rook::file
