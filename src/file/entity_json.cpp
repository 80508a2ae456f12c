#include "file/entity_json.h"

#include "file/described_detail.h"

namespace rook::file {

using namespace level;

Json decimalJson(Decimal decimal) {
    if (decimal.thousandths % 1000 == 0) return decimal.thousandths / 1000;
    return static_cast<double>(decimal.thousandths) / 1000.0;
}

Json fieldJson(const FieldValue& value) {
    struct ToJson {
        Json operator()(Decimal number) const { return decimalJson(number); }
        Json operator()(std::int64_t number) const { return number; }
        Json operator()(const std::string& text) const { return text; }
        Json operator()(bool isYes) const { return isYes; }
        Json operator()(PxPoint point) const { return {point.x, point.y}; }
        Json operator()(const std::vector<PxPoint>& path) const {
            Json points = Json::array();
            for (const PxPoint point : path)
                points.push_back({point.x, point.y});
            return points;
        }
        Json operator()(const FieldList& list) const {
            Json items = Json::array();
            for (const SimpleValue& item : list.items)
                items.push_back(std::visit(*this, item));
            return items;
        }
    };
    return std::visit(ToJson{}, value);
}

Json roleJson(const RoleData& data) {
    const Project none;
    return describedJson(FileContext{&none}, data);
}

Json spansJson(const std::vector<RunSpan>& spans) {
    Json json = Json::array();
    for (const RunSpan& span : spans)
        json.push_back({span.ticks, span.dx, span.dy, span.buttons});
    return json;
}

Json movesJson(const std::vector<kit::PacedMove>& moves) {
    Json json = Json::array();
    for (const kit::PacedMove& move : moves)
        json.push_back({move.ticks, move.dx, move.dy});
    return json;
}

Json backgroundJson(const level::Level& level) {
    Json json{{"color", level.background}};
    if (!level.backgroundBelow.empty()) json["below"] = level.backgroundBelow;
    return json;
}

void writeLevelHead(JsonLines& lines, const char* format, const level::Level& level) {
    const Project none;
    lines.member("format", format);
    lines.member("version", 1);
    lines.member("id", level.id.text);
    lines.member("title", level.title);
    lines.member("kind", level::nameOf(level.kind));
    lines.member("cell", {{"width", level.cellSize.width}, {"height", level.cellSize.height}});
    lines.member("size", {{"columns", level.cells.width()}, {"rows", level.cells.height()}});
    lines.member("edges", describedJson(FileContext{&none}, level.edges));
    lines.member("background", backgroundJson(level));
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
