#include "file/json_text.h"

#include <algorithm>
#include <set>

#include "base/assert.h"

namespace rook::file {

namespace {

constexpr int maxDepth = 64;  // enough for every format here; keeps recursion bounded
constexpr std::size_t maxBrackets = 4'000'000;

std::string placeInText(std::string_view text, std::size_t byte, const std::string& name) {
    const std::size_t at = std::min(byte > 0 ? byte - 1 : 0, text.size());
    const auto before = text.substr(0, at);
    const auto line = 1 + std::count(before.begin(), before.end(), '\n');
    const std::size_t lastBreak = before.rfind('\n');
    const std::size_t column = lastBreak == std::string_view::npos ? at + 1 : at - lastBreak;
    return name + ":" + std::to_string(line) + ":" + std::to_string(column);
}

void appendCompact(const Json& value, std::string& out) {
    if (value.is_object()) {
        if (value.empty()) {
            out += "{}";
            return;
        }
        out += "{ ";
        bool isFirst = true;
        for (const auto& [key, member] : value.items()) {
            if (!isFirst) out += ", ";
            isFirst = false;
            out += jsonString(key) + ": ";
            appendCompact(member, out);
        }
        out += " }";
    } else if (value.is_array()) {
        out += '[';
        for (std::size_t i = 0; i < value.size(); ++i) {
            if (i > 0) out += ", ";
            appendCompact(value[i], out);
        }
        out += ']';
    } else {
        out += value.dump();
    }
}

}  // namespace

namespace {

enum class Sign { Open, Close, Key };

/// Calls `visit(sign, first byte, length)` for each bracket and each key of a text, outside of
/// strings, until it gives false. What is no JSON has signs, too.
template <typename Visit>
void forEachSign(std::string_view text, Visit&& visit) {
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if ((c == '{' || c == '[') && !visit(Sign::Open, i, std::size_t{1})) return;
        if ((c == '}' || c == ']') && !visit(Sign::Close, i, std::size_t{1})) return;
        if (c != '"') continue;
        const std::size_t first = i++;
        while (i < text.size() && text[i] != '"')
            i += text[i] == '\\' ? 2 : 1;
        const auto next = text.find_first_not_of(" \t\r\n", i + 1);
        const bool isKey = next != std::string_view::npos && text[next] == ':';
        if (isKey && !visit(Sign::Key, first, i + 1 - first)) return;
    }
}

}  // namespace

std::optional<BracketProblem> bracketProblem(std::string_view text) {
    std::optional<BracketProblem> problem;
    int depth = 0;
    std::size_t count = 0;
    forEachSign(text, [&](Sign sign, std::size_t at, std::size_t) {
        if (sign == Sign::Close) --depth;
        if (sign != Sign::Open) return true;
        if (++depth > maxDepth) problem = BracketProblem{at, true};
        if (++count > maxBrackets) problem = BracketProblem{at, false};
        return !problem.has_value();
    });
    return problem;
}

namespace {

/// Members of all objects in it, which is nested 64 deep at most.
std::size_t memberCount(const Json& value) {
    std::size_t count = value.is_object() ? value.size() : 0;
    if (value.is_structured())
        for (const Json& item : value)
            count += memberCount(item);
    return count;
}

/// If a text that is JSON has more keys than its value: the first that stands twice in one object.
std::optional<Error> twiceKey(std::string_view text, const Json& value, const std::string& name) {
    std::size_t keys = 0;
    forEachSign(text, [&](Sign sign, auto, auto) {
        keys += sign == Sign::Key;
        return true;
    });
    if (keys == memberCount(value)) return std::nullopt;
    Error error{ErrorKind::BadSyntax, "A key stands twice in one object", name,
                "Remove one of them"};
    std::vector<std::set<std::string_view>> open;
    forEachSign(text, [&](Sign sign, std::size_t at, std::size_t length) {
        if (sign == Sign::Open) open.emplace_back();
        if (sign == Sign::Close && !open.empty()) open.pop_back();
        if (sign != Sign::Key || open.empty()) return true;
        const std::string_view key = text.substr(at, length);
        if (open.back().insert(key).second) return true;
        error.what = "The key " + std::string(key) + " stands twice in one object";
        error.where = placeInText(text, at + 1, name);
        return false;
    });
    return error;
}

/// Where a number stands that the parser's words name between quotes.
std::size_t placeOfNumber(std::string_view text, std::string_view words) {
    const auto first = words.find('\''), last = words.rfind('\'');
    if (first == std::string_view::npos || last <= first) return 0;
    const auto at = text.find(words.substr(first + 1, last - first - 1));
    return at == std::string_view::npos ? 0 : at + 1;
}

}  // namespace

Result<Json> parseJson(std::string_view text, const std::string& name) {
    if (const auto problem = bracketProblem(text)) {
        return fail(ErrorKind::OutOfRange,
                    problem->isDepth ? "The file is nested deeper than 64 levels"
                                     : "The file has more than 4,000,000 lists and objects",
                    placeInText(text, problem->at + 1, name), "Restore it from a copy");
    }
    try {
        Json json = Json::parse(text);
        // The parser keeps one of two, and says nothing.
        if (const auto twice = twiceKey(text, json, name)) return fail(*twice);
        return json;
    } catch (const Json::parse_error& problem) {
        return fail(ErrorKind::BadSyntax, "The file is not valid JSON",
                    placeInText(text, problem.byte, name), "Mend that place or restore a copy");
    } catch (const Json::exception& problem) {
        return fail(ErrorKind::OutOfRange, "The file holds a number that is too large",
                    placeInText(text, placeOfNumber(text, problem.what()), name),
                    "Mend it or restore a copy");
    }
}

std::string jsonString(const std::string& text) {
    return Json(text).dump(-1, ' ', false, Json::error_handler_t::replace);
}

std::string compactText(const Json& value) {
    std::string out;
    appendCompact(value, out);
    return out;
}

void JsonLines::startLine() {
    if (!m_isFirst) m_text += ',';
    m_isFirst = false;
    m_text += '\n';
    m_text.append(static_cast<std::size_t>(m_depth) * 2, ' ');
}

void JsonLines::open(char bracket) {
    m_text += bracket;
    ++m_depth;
    m_isFirst = true;
}

void JsonLines::close(char bracket) {
    --m_depth;
    if (!m_isFirst) {
        m_text += '\n';
        m_text.append(static_cast<std::size_t>(m_depth) * 2, ' ');
    }
    m_text += bracket;
    m_isFirst = false;
}

void JsonLines::raw(const std::string& key, const std::string& text) {
    startLine();
    m_text += jsonString(key);
    m_text += ": ";
    m_text += text;
}

void JsonLines::list(const std::string& key, const std::vector<std::string>& items) {
    beginList(key);
    for (const std::string& item : items) {
        startLine();
        m_text += item;
    }
    endList();
}

void JsonLines::beginObject(const std::string& key) {
    raw(key, "");
    open('{');
}
void JsonLines::endObject() {
    close('}');
}
void JsonLines::beginList(const std::string& key) {
    raw(key, "");
    open('[');
}
void JsonLines::beginItem() {
    startLine();
    open('{');
}
void JsonLines::endItem() {
    close('}');
}
void JsonLines::endList() {
    close(']');
}

std::string JsonLines::take() {
    ROOK_ASSERT(m_depth == 1, "all that was begun has ended");
    close('}');
    m_text += '\n';
    return std::move(m_text);
}

}  // namespace rook::file
