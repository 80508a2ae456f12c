#include "base/result.h"

namespace rook {

std::string Error::sentence() const {
    std::string line = what;
    if (!where.empty()) line += " (" + where + ")";
    line += ".";
    if (!remedy.empty()) {
        line += " " + remedy;
        if (line.back() != '.') line += ".";
    }
    return line;
}

}  // namespace rook
