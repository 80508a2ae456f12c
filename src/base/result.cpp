#include "base/result.h"

#include "base/printable.h"

namespace rook {

std::string Error::sentence() const {
    std::string line = printableLine(what);
    if (!where.empty()) line += " (" + printableLine(where) + ")";
    line += ".";
    if (!remedy.empty()) {
        line += " " + remedy;
        if (line.back() != '.') line += ".";
    }
    return line;
}

}  // namespace rook
