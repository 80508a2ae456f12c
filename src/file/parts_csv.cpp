#include "file/csv_detail.h"
#include "file/project_file.h"

namespace rook::file {

std::string partsCsv(const level::Project& project, const std::vector<level::Part>& parts) {
    std::string text = "part,instances,state,stands for\r\n";
    for (const level::Part& part : parts) {
        text += csvCell(part.name) + "," + std::to_string(part.instances);
        text += part.match ? ",there," + csvCell(matchText(project, *part.match)) : ",to make,";
        text += "\r\n";
    }
    return text;
}

}  // namespace rook::file
