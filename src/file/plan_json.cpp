/// Plans: what their files hold in a way of their own.

#include "base/limits.h"
#include "file/described_detail.h"
#include "level/parts.h"

namespace rook::file {

using namespace level;

namespace {

constexpr int farthest = limits::maxCoordinatePx;

/// As many as the mark's shape wants.
std::vector<PxPoint> readPoints(ObjectReader& reader, MarkShape shape) {
    const auto [fewest, most] = pointRange(shape);
    std::vector<PxPoint> points;
    reader.forEach("points", most, [&](const Json& item, const std::string& where) {
        const auto [x, y] = pairOf(item, -farthest, farthest, where);
        points.push_back({x, y});
    });
    if (points.size() < fewest)
        failReading(ErrorKind::OutOfRange,
                    "A " + std::string(nameOf(shape)) + " has at least " + std::to_string(fewest) +
                        (fewest == 1 ? " point" : " points"),
                    reader.whereOf("points"), "Add some or remove the mark");
    return points;
}

/// A bead of that route, behind the beads that it has.
Bead readBead(ObjectReader& reader, FileContext& context, const Route& route) {
    Bead bead = readDescribed<Bead>(reader, context);
    const int legs = static_cast<int>(route.points.size()) - 1;
    if (legs < 1)
        failReading(ErrorKind::OutOfRange, "A route of fewer than two points has no beads",
                    reader.where(), "Add points or remove the bead");
    (void)reader.integer("leg", 0, legs - 1);
    const bool isInOrder =
        route.beads.empty() || std::pair(route.beads.back().leg, route.beads.back().share) <=
                                   std::pair(bead.leg, bead.share);
    if (!isInOrder)
        failReading(ErrorKind::OutOfRange, "Beads stand in their order along the route",
                    reader.where(), "Sort them by leg and share");
    return bead;
}

}  // namespace

void readByHand(ObjectReader& reader, FileContext& context, Mark& mark, std::string_view key) {
    if (key == "points") {
        mark.points = readPoints(reader, mark.shape);
        return;
    }
    mark.id = {reader.integer("id", 1, 1 << 30)};
    if (context.marks && !context.marks->insert(mark.id.number).second)
        failReading(ErrorKind::BadReference,
                    "The mark " + std::to_string(mark.id.number) + " is there twice",
                    reader.where(), "Give one of them another id");
}

void writeByHand(Json& json, const FileContext& context, const Mark& mark, std::string_view key) {
    if (key == "id")
        json[key] = mark.id.number;
    else
        json[key] = detail::jsonOf(context, mark.points, plain);
}

void readByHand(ObjectReader& reader, FileContext& context, Route& route, std::string_view key) {
    reader.forEachObject(std::string(key), limits::maxWayPoints, [&](ObjectReader& item) {
        route.beads.push_back(readBead(item, context, route));
    });
}

void writeByHand(JsonLines& lines, const FileContext& context, const Route& route,
                 std::string_view key) {
    std::vector<std::string> beads;
    for (const Bead& bead : route.beads)
        beads.push_back(compactText(describedJson(context, bead)));
    lines.list(std::string(key), beads);
}

void checkFurther(ObjectReader& reader, const FileContext& context, const PartMatch& part) {
    if (!answersTo(*context.project, part))
        failReading(ErrorKind::BadReference,
                    "There is no " + std::string(nameOf(part.sort)) + " \"" + part.target + "\"",
                    reader.whereOf("target"), "Add it or remove the part");
}

}  // namespace rook::file
