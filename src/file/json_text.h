#pragma once
/// JSON as this project reads and writes it: errors with line and column, a stated depth, keys in
/// order, and a layout in which one entity or row stands on one line.

#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "base/result.h"

namespace rook::file {

using Json = nlohmann::ordered_json;

/// Errors, with `name:line:column`: BadSyntax, also for a key that stands twice in one object;
/// OutOfRange if nested deeper than 64, for a number that is too large, and for more than four
/// million lists and objects, which would take more memory than any level needs.
[[nodiscard]] Result<Json> parseJson(std::string_view text, const std::string& name);

/// The place of the first bracket that is nested too deep, or one too many; none if all are fine.
/// For texts that a library is going to read. Cost: one pass.
struct BracketProblem {
    std::size_t at = 0;  ///< byte
    bool isDepth = false;
};
[[nodiscard]] std::optional<BracketProblem> bracketProblem(std::string_view text);

/// One line, with a space after ':' and ',' and inside braces.
[[nodiscard]] std::string compactText(const Json& value);
/// A string as JSON text.
[[nodiscard]] std::string jsonString(const std::string& text);

/// Writes one object over many lines, member by member, two spaces an indent.
class JsonLines {
public:
    JsonLines() : m_text("{") {}

    void member(const std::string& key, const Json& value) { raw(key, compactText(value)); }
    /// `text` must be JSON on one line.
    void raw(const std::string& key, const std::string& text);
    /// A list with one item a line; items must be JSON on one line.
    void list(const std::string& key, const std::vector<std::string>& items);
    void beginObject(const std::string& key);
    void endObject();
    void beginList(const std::string& key);
    void beginItem();
    void endItem();
    void endList();

    /// The finished text, with a line break at its end. Requires: all that was begun has ended.
    [[nodiscard]] std::string take();

private:
    void startLine();
    void open(char bracket);
    void close(char bracket);

    std::string m_text;
    int m_depth = 1;
    bool m_isFirst = true;
};

}  // namespace rook::file
