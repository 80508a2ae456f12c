#include "file/entity_json.h"

namespace rook::file {

Json fieldJson(const level::FieldValue& value) {
    return std::visit([](const auto& plain) { return Json(plain); }, value);
}

Json edgesJson(const runtime::Edges& edges) {
    return {{"left", level::nameOf(edges.left)},
            {"right", level::nameOf(edges.right)},
            {"top", level::nameOf(edges.top)},
            {"bottom", level::nameOf(edges.bottom)}};
}

void writeLevelHead(JsonLines& lines, const char* format, const level::Level& level) {
    lines.member("format", format);
    lines.member("version", 1);
    lines.member("id", level.id.text);
    lines.member("title", level.title);
    lines.member("kind", level::nameOf(level.kind));
    lines.member("cell", {{"width", level.cellSize.width}, {"height", level.cellSize.height}});
    lines.member("size", {{"columns", level.cells.width()}, {"rows", level.cells.height()}});
    lines.member("edges", edgesJson(level.edges));
    lines.member("background", {{"color", level.background}});
}

void appendUnknown(Json& object, const level::UnknownKeys& unknown) {
    for (const auto& [key, text] : unknown)
        object[key] = Json::parse(text);
}

void appendUnknown(JsonLines& lines, const level::UnknownKeys& unknown) {
    for (const auto& [key, text] : unknown)
        lines.raw(key, compactText(Json::parse(text)));
}

}  // namespace rook::file
