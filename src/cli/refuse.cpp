#include "cli/command.h"
#include "file/json_text.h"

namespace rook::cli {

int refuse(const Error& error, const char* format, bool isJson) {
    if (isJson)
        std::printf("%s\n",
                    file::Json{{"format", format}, {"version", 1}, {"error", error.sentence()}}
                        .dump(2)
                        .c_str());
    return report(error);
}

}  // namespace rook::cli
