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

void appendUnknown(Json& object, const level::UnknownKeys& unknown) {
    for (const auto& [key, text] : unknown)
        object[key] = Json::parse(text);
}

}  // namespace rook::file
