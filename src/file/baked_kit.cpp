#include "file/baked_kit_detail.h"
#include "file/entity_json.h"
#include "file/kit_json_detail.h"
#include "kit/paced_run.h"

namespace rook::file {

using namespace level;

namespace {

/// Exact while it is a decimal of few places; a game reads numbers.
Json unitsJson(const Rational& value) {
    if (value.isWhole()) return value.top();
    return value.toDouble();
}

Json pointJson(const Rational& x, const Rational& y, const Rational& z) {
    return {unitsJson(x), unitsJson(y), unitsJson(z)};
}

class KitBaking {
public:
    KitBaking(const Project& project, const Kit& kit, const Level& level)
        : m_project(project), m_kit(kit), m_level(level), m_index(kit, level) {}

    void write(JsonLines& lines) const {
        lines.member("kit", {{"name", m_kit.name},
                             {"module", {decimalJson(m_kit.width), decimalJson(m_kit.depth)}},
                             {"storey", decimalJson(m_kit.storey)},
                             {"body",
                              {{"height", decimalJson(m_kit.body.height)},
                               {"stepUp", decimalJson(m_kit.body.stepUp)},
                               {"drop", decimalJson(m_kit.body.drop)}}}});
        std::vector<std::string> pieces, solids;
        std::size_t i = 0;
        for (const PlacedPiece& placed : m_level.pieces) {
            const std::size_t index = i++;
            const Piece* piece = m_kit.find(placed.piece);
            if (!piece) continue;
            pieces.push_back(compactText(pieceJson(*piece, placed, index)));
            addSolids(kit::massesOf(m_kit, *piece, placed), "piece", placed.id, solids);
        }
        for (const Solid& solid : m_level.solids)
            addSolids(kit::massesOf(m_kit, solid), "solid", solid.id, solids);
        lines.list("pieces", pieces);
        lines.list("solids", solids);
        lines.member("walk", walkJson());
    }

private:
    [[nodiscard]] Json pieceJson(const Piece& piece, const PlacedPiece& placed,
                                 std::size_t index) const {
        const kit::ExactPoint pivot = kit::pivotOf(piece, placed);
        Json json = {
            {"id", placed.id},
            {"piece", piece.name},
            {"at", {placed.at.x, placed.at.y}},
            {"storey", placed.storey},
            {"turn", placed.turn},
            {"pivot", {unitsJson(pivot.x), unitsJson(pivot.y)}},
            {"position", pointJson(pivot.x * exact(m_kit.width), pivot.y * exact(m_kit.depth),
                                   exact(m_kit.storey) * Rational(placed.storey))}};
        if (!piece.model.empty()) json["model"] = piece.model;
        if (!placed.offX.isZero() || !placed.offY.isZero())
            json["off"] = {rationalJson(placed.offX), rationalJson(placed.offY)};
        Json joined = Json::array();
        for (const kit::PlacedPort& port : kit::portsOf(m_kit, piece, placed))
            for (const auto& other : m_index.portsOn(kit::edgeOf(port.at, port.side))) {
                if (other.placed == index || other.port.side != opposite(port.side)) continue;
                const PlacedPiece& theirs = m_level.pieces[other.placed];
                const kit::Meeting meeting = kit::meetingOf(
                    m_kit, piece.ports[port.port], port.height,
                    m_kit.find(theirs.piece)->ports[other.port.port], other.port.height);
                if (meeting == kit::Meeting::Joined)
                    joined.push_back({{"at", {port.at.x, port.at.y}},
                                      {"side", nameOf(port.side)},
                                      {"to", theirs.id}});
            }
        json["joined"] = std::move(joined);
        return json;
    }

    /// Boxes of floors, blocks and walls, ramps, and what solids are made of, units: from the
    /// lowest corner to the highest.
    void addSolids(const std::vector<kit::Mass>& masses, const char* of, int id,
                   std::vector<std::string>& solids) const {
        constexpr const char* sorts[] = {"floor", "block", "ramp", "wall", "block"};
        const Rational width = exact(m_kit.width);
        const Rational depth = exact(m_kit.depth);
        for (const kit::Mass& mass : masses) {
            const kit::ExactRect& place = mass.place;
            Json json = {{of, id},
                         {"sort", mass.up ? "ramp" : sorts[static_cast<int>(mass.sort)]},
                         {"from", pointJson(place.left * width, place.top * depth, mass.from)},
                         {"to", pointJson(place.right * width, place.bottom * depth, mass.to)}};
            if (mass.up) json["up"] = nameOf(*mass.up);
            if (!mass.outline.empty()) {
                json["outline"] = Json::array();
                for (const auto& corner : mass.outline)
                    json["outline"].push_back(
                        {corner[0] * width.toDouble(), corner[1] * depth.toDouble()});
            }
            solids.push_back(compactText(json));
        }
    }

    /// The way to the first exit that is reached, module by module; null if none is.
    [[nodiscard]] Json walkJson() const {
        const kit::WalkGraph graph(m_project, m_level, m_index);
        const kit::KitReach reach = kit::reachOf(m_project, m_level, graph);
        for (const kit::KitGoal& goal : reach.goals) {
            if (goal.role != Role::Exit || !goal.isReached) continue;
            Json way = Json::array();
            for (const kit::Spot& spot : kit::modulesOf(graph, goal.way))
                way.push_back({spot.at.x, spot.at.y, spot.storey});
            Json walk = {{"exit", goal.id}, {"way", std::move(way)}};
            if (graph.timed())
                walk["moves"] = movesJson(kit::pacedRun(m_project, m_level, graph, goal.states));
            return walk;
        }
        return nullptr;
    }

    const Project& m_project;
    const Kit& m_kit;
    const Level& m_level;
    kit::PlacedIndex m_index;
};

}  // namespace

void writeKit(JsonLines& lines, const Project& project, const Level& level) {
    const Kit* kit = level.kind == LevelKind::Kit ? project.kitOf(level) : nullptr;
    if (kit)
        KitBaking(project, *kit, level).write(lines);
    else
        lines.list("pieces", {});
}

}  // namespace rook::file
