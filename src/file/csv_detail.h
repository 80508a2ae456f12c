#pragma once
/// Cells of RFC 4180 tables. For file/, and for what recipes write.

#include <string>

namespace rook::file {

inline std::string csvCell(const std::string& text) {
    if (text.find_first_of(",\"\r\n") == std::string::npos) return text;
    std::string cell = "\"";
    for (const char c : text) {
        if (c == '"') cell += '"';
        cell += c;
    }
    return cell + "\"";
}

}  // namespace rook::file
