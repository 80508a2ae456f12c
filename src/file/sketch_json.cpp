#include <set>

#include "base/limits.h"
#include "file/entity_json.h"
#include "file/sketch_json_detail.h"
#include "level/parts.h"

namespace rook::file {

namespace {

using namespace level;

Json pointsJson(const std::vector<PxPoint>& points) {
    Json list = Json::array();
    for (const PxPoint p : points)
        list.push_back({p.x, p.y});
    return list;
}

Json markJson(const Mark& mark) {
    Json json = {{"id", mark.id.number}, {"shape", nameOf(mark.shape)}};
    if (!mark.text.empty()) json["text"] = mark.text;
    if (mark.tone != PencilTone::Graphite) json["tone"] = nameOf(mark.tone);
    if (mark.width != PencilWidth::Fine) json["width"] = nameOf(mark.width);
    if (mark.isRoom) json["room"] = true;
    if (mark.group != 0) json["group"] = mark.group;
    json["points"] = pointsJson(mark.points.items());
    appendUnknown(json, mark.unknown);
    return json;
}

Json beadJson(const Bead& bead) {
    Json json = {
        {"leg", bead.leg}, {"share", bead.share}, {"sort", nameOf(bead.sort)}, {"note", bead.note}};
    if (bead.region) {
        const CellRect& r = *bead.region;
        json["region"] = {{"x", r.x}, {"y", r.y}, {"width", r.width}, {"height", r.height}};
    }
    appendUnknown(json, bead.unknown);
    return json;
}

Json underlayJson(const Underlay& underlay) {
    Json json = {{"path", underlay.path},       {"corner", {underlay.corner.x, underlay.corner.y}},
                 {"scale", underlay.scale},     {"turns", underlay.turns},
                 {"opacity", underlay.opacity}, {"shown", underlay.isShown},
                 {"locked", underlay.isLocked}};
    appendUnknown(json, underlay.unknown);
    return json;
}

void writeRoute(JsonLines& lines, const Route& route) {
    lines.beginItem();
    lines.member("name", route.name);
    lines.member("points", pointsJson(route.points));
    std::vector<std::string> beads;
    for (const Bead& bead : route.beads)
        beads.push_back(compactText(beadJson(bead)));
    lines.list("beads", beads);
    appendUnknown(lines, route.unknown);
    lines.endItem();
}

void writeLeaf(JsonLines& lines, const Leaf& leaf) {
    lines.beginItem();
    lines.member("name", leaf.name);
    lines.member("opacity", leaf.opacity);
    lines.member("shown", leaf.isShown);
    lines.member("locked", leaf.isLocked);
    std::vector<std::string> marks;
    for (const Mark& mark : leaf.marks)
        marks.push_back(compactText(markJson(mark)));
    lines.list("marks", marks);
    appendUnknown(lines, leaf.unknown);
    lines.endItem();
}

constexpr int far = limits::maxCoordinatePx;

/// Texts that people wrote: one line each, so that they can stand in lists and files.
std::string words(ObjectReader& reader, const std::string& key) {
    const std::string text = reader.text(key, "");
    if (text.size() > limits::maxWordsBytes || text.find_first_of("\n\r") != std::string::npos)
        failReading(ErrorKind::OutOfRange, "The text is too long or has several lines",
                    reader.whereOf(key), "Use one line of at most 400 bytes");
    return text;
}

PxPoint readPoint(const Json& item, const std::string& where) {
    const auto isFine = [](const Json& n) {
        return n.is_number_integer() && n.get<double>() >= -far && n.get<double>() <= far;
    };
    if (!item.is_array() || item.size() != 2 || !isFine(item[0]) || !isFine(item[1]))
        failReading(ErrorKind::WrongType, "A point is two whole numbers of px", where,
                    "Write it as [x, y]");
    return {item[0].get<int>(), item[1].get<int>()};
}

std::vector<PxPoint> readPoints(ObjectReader& reader, std::size_t most) {
    std::vector<PxPoint> points;
    reader.forEach("points", most, [&](const Json& item, const std::string& where) {
        points.push_back(readPoint(item, where));
    });
    return points;
}

Mark readMark(ObjectReader& reader) {
    Mark mark;
    mark.id = {reader.integer("id", 1, 1 << 30)};
    mark.shape = reader.named<MarkShape>("shape");
    mark.text = words(reader, "text");
    mark.tone = reader.named<PencilTone>("tone", PencilTone::Graphite);
    mark.width = reader.named<PencilWidth>("width", PencilWidth::Fine);
    mark.isRoom = reader.boolean("room", false);
    mark.group = reader.integer("group", 0, 1 << 30, 0);
    const auto [fewest, most] = pointRange(mark.shape);
    mark.points = readPoints(reader, most);
    if (mark.points.size() < fewest)
        failReading(ErrorKind::OutOfRange,
                    "A " + std::string(nameOf(mark.shape)) + " has at least " +
                        std::to_string(fewest) + (fewest == 1 ? " point" : " points"),
                    reader.whereOf("points"), "Add some or remove the mark");
    mark.unknown = reader.unknown();
    return mark;
}

Leaf readLeaf(ObjectReader& reader, std::set<int>& ids) {
    Leaf leaf;
    leaf.name = words(reader, "name");
    leaf.opacity = reader.integer("opacity", 10, 100, 100);
    leaf.isShown = reader.boolean("shown", true);
    leaf.isLocked = reader.boolean("locked", false);
    std::vector<Mark> marks;
    reader.forEachObject("marks", limits::maxMarks, [&](ObjectReader& item) {
        marks.push_back(readMark(item));
        if (!ids.insert(marks.back().id.number).second)
            failReading(ErrorKind::BadReference,
                        "The mark " + std::to_string(marks.back().id.number) + " is there twice",
                        item.where(), "Give one of them another id");
    });
    leaf.marks = std::move(marks);
    leaf.unknown = reader.unknown();
    return leaf;
}

Bead readBead(ObjectReader& reader, const Route& route) {
    Bead bead;
    const int legs = static_cast<int>(route.points.size()) - 1;
    if (legs < 1)
        failReading(ErrorKind::OutOfRange, "A route of fewer than two points has no beads",
                    reader.where(), "Add points or remove the bead");
    bead.leg = reader.integer("leg", 0, legs - 1);
    bead.share = reader.integer("share", 0, 1000);
    bead.sort = reader.named<BeadSort>("sort", BeadSort::Jump);
    bead.note = words(reader, "note");
    if (reader.has("region")) {
        ObjectReader region = reader.object("region");
        const int most = limits::maxBoardCells;
        bead.region = CellRect{region.integer("x", -most, most), region.integer("y", -most, most),
                               region.integer("width", 1, most), region.integer("height", 1, most)};
    }
    bead.unknown = reader.unknown();
    return bead;
}

Route readRoute(ObjectReader& reader) {
    Route route;
    route.name = words(reader, "name");
    route.points = readPoints(reader, limits::maxWayPoints);
    reader.forEachObject("beads", limits::maxWayPoints, [&](ObjectReader& item) {
        Bead bead = readBead(item, route);
        const bool isInOrder =
            route.beads.empty() || std::pair(route.beads.back().leg, route.beads.back().share) <=
                                       std::pair(bead.leg, bead.share);
        if (!isInOrder)
            failReading(ErrorKind::OutOfRange, "Beads stand in their order along the route",
                        item.where(), "Sort them by leg and share");
        route.beads.push_back(std::move(bead));
    });
    route.unknown = reader.unknown();
    return route;
}

Underlay readUnderlay(ObjectReader reader) {
    Underlay underlay;
    underlay.path = reader.text("path");
    const auto [x, y] = reader.pair("corner", -far, far);
    underlay.corner = {x, y};
    const Json& scale = reader.get("scale");
    if (!scale.is_number() || !(scale.get<double>() >= 0.001 && scale.get<double>() <= 1000))
        failReading(ErrorKind::OutOfRange, "The scale " + scale.dump() + " is out of range",
                    reader.whereOf("scale"), "Use a number from 0.001 to 1000");
    underlay.scale = scale.get<double>();
    underlay.turns = reader.integer("turns", 0, 3, 0);
    underlay.opacity = reader.integer("opacity", 10, 100, 50);
    underlay.isShown = reader.boolean("shown", true);
    underlay.isLocked = reader.boolean("locked", false);
    underlay.unknown = reader.unknown();
    return underlay;
}

}  // namespace

void writeSketch(JsonLines& lines, const Sketch& sketch) {
    if (sketch.isEmpty() && sketch.unknown.empty()) return;
    lines.beginObject("sketch");
    if (sketch.underlay) lines.member("underlay", underlayJson(*sketch.underlay));
    lines.beginList("leaves");
    for (const Leaf& leaf : sketch.leaves)
        writeLeaf(lines, leaf);
    lines.endList();
    lines.beginList("routes");
    for (const Route& route : sketch.routes)
        writeRoute(lines, route);
    lines.endList();
    appendUnknown(lines, sketch.unknown);
    lines.endObject();
}

Sketch readSketch(ObjectReader reader) {
    Sketch sketch;
    if (reader.has("underlay")) sketch.underlay = readUnderlay(reader.object("underlay"));
    std::vector<Leaf> leaves;
    std::set<int> ids;
    reader.forEachObject("leaves", limits::maxLeaves,
                         [&](ObjectReader& item) { leaves.push_back(readLeaf(item, ids)); });
    sketch.leaves = std::move(leaves);
    std::vector<Route> routes;
    reader.forEachObject("routes", limits::maxLeaves,
                         [&](ObjectReader& item) { routes.push_back(readRoute(item)); });
    sketch.routes = std::move(routes);
    sketch.unknown = reader.unknown();
    return sketch;
}

Json partJson(const PartMatch& part) {
    return {{"part", part.part}, {"is", nameOf(part.sort)}, {"target", part.target}};
}

PartMatch readPart(ObjectReader& reader, const Project& project) {
    PartMatch part;
    part.part = words(reader, "part");
    part.sort = reader.named<PartSort>("is");
    part.target = reader.text("target");
    if (!answersTo(project, part))
        failReading(ErrorKind::BadReference,
                    "There is no " + std::string(nameOf(part.sort)) + " \"" + part.target + "\"",
                    reader.whereOf("target"), "Add it or remove the part");
    return part;
}

}  // namespace rook::file
