#include "ship/file_lines.h"

namespace rook::ship {

namespace {

/// The value of "id" in one line, if it begins an object with it.
std::string idIn(const std::string& line) {
    static const std::string key = "{ \"id\": \"";
    const std::size_t at = line.find(key);
    if (at == std::string::npos) return {};
    const std::size_t from = at + key.size();
    return line.substr(from, line.find('"', from) - from);
}

}  // namespace

FileLines FileLines::of(const std::string& text) {
    FileLines lines;
    std::string list;  // the one that the line lies in, of those at the margin
    int number = 0;
    for (std::size_t from = 0; from < text.size();) {
        const std::size_t to = std::min(text.find('\n', from), text.size());
        const std::string line = text.substr(from, to - from);
        from = to + 1;
        ++number;
        if (line.rfind("  \"", 0) == 0 && line.size() > 3 && line.back() == '[') {
            list = line.substr(3, line.find('"', 3) - 3);
            if (list == "matter") lines.m_firstRow = number + 1;
        } else if (line.rfind("  ]", 0) == 0) {
            list.clear();
        } else if (list == "matter") {
            ++lines.m_rows;
        } else if (list == "entities") {
            if (const std::string id = idIn(line); !id.empty())
                lines.m_entities.emplace(id, number);
        }
    }
    return lines;
}

int FileLines::ofEntity(const std::string& id) const {
    const auto found = m_entities.find(id);
    return found == m_entities.end() ? 1 : found->second;
}

int FileLines::ofRow(int row) const {
    return m_firstRow > 0 && row >= 0 && row < m_rows ? m_firstRow + row : 1;
}

}  // namespace rook::ship
