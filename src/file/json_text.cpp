#include "file/json_text.h"

#include <algorithm>

#include "base/assert.h"

namespace rook::file {

namespace {

constexpr int maxDepth = 64;  // enough for every format here; keeps recursion bounded

bool isTooDeep(std::string_view text) {
    int depth = 0;
    bool isInString = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (isInString) {
            if (c == '\\') ++i;
            if (c == '"') isInString = false;
        } else if (c == '"') {
            isInString = true;
        } else if (c == '[' || c == '{') {
            if (++depth > maxDepth) return true;
        } else if (c == ']' || c == '}') {
            --depth;
        }
    }
    return false;
}

std::string placeOf(std::string_view text, std::size_t byte, const std::string& name) {
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

Result<Json> parseJson(std::string_view text, const std::string& name) {
    if (isTooDeep(text)) {
        return fail(ErrorKind::OutOfRange, "The file is nested deeper than 64 levels", name,
                    "Restore it from a copy");
    }
    try {
        return Json::parse(text);
    } catch (const Json::parse_error& problem) {
        return fail(ErrorKind::BadSyntax, "The file is not valid JSON",
                    placeOf(text, problem.byte, name), "Mend that place or restore a copy");
    } catch (const Json::exception&) {
        return fail(ErrorKind::BadSyntax, "The file holds a number that is too large", name,
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
