// Rook Plot runtime: kit boards, modular pieces on storeys. Header only, C++17.
#pragma once
/// What a game gets of a kit board: solids in units, and the way that was proven, module by module.
/// Units: x across, y down the plan, z up.

#include <array>
#include <string>
#include <vector>

#include "rook_json.hpp"

namespace rook::runtime {

/// A floor, block, wall or ramp, from its lowest corner to its highest.
struct KitSolid {
    int piece = 0;     ///< id of the placed piece; 0 of a block-out solid
    int solid = 0;     ///< id of the block-out solid that it is a part of; 0 of a piece
    std::string sort;  ///< "floor", "block", "wall", "ramp"
    std::string up;    ///< of a ramp, the side that it rises to: "right", "down", "left", "up"
    std::array<double, 3> from{}, to{};
};

/// A module of the plan on a storey, from 0.
using KitModule = std::array<int, 3>;

struct KitPlan {
    std::string name;
    double width = 1, depth = 1, storey = 1;  ///< units of a module, and from ground to ground
    std::vector<KitSolid> solids;
    std::string exit;            ///< id of the exit that the way leads to; empty if there is none
    std::vector<KitModule> way;  ///< from the start, each beside the one before
};

namespace detail {

inline std::array<double, 3> kitPoint(const json& value, const std::string& where) {
    std::array<double, 3> point{};
    if (!value.is_array() || value.size() != 3) fail("Three numbers are wanted here", where);
    for (std::size_t i = 0; i < 3; ++i) {
        if (!value[i].is_number()) fail("A number is wanted here", where);
        point[i] = value[i].get<double>();
    }
    return point;
}

/// "way": modules as [x, y, storey], one after the other.
inline std::vector<KitModule> readModules(const json& walk, const std::string& where) {
    std::vector<KitModule> way;
    for (const json& item : list(walk, "way", where)) {
        if (!item.is_array() || item.size() != 3) fail("A module is [x, y, storey]", where);
        KitModule step{};
        for (std::size_t i = 0; i < 3; ++i)
            step[i] = whole(item[i], -1000000, 1000000, where);
        way.push_back(step);
    }
    return way;
}

inline KitPlan readKitPlan(const json& file, const std::string& name) {
    KitPlan plan;
    const json& kit = file["kit"];
    if (!kit.is_object()) fail("An object is wanted here", name + ": kit");
    plan.name = text(kit, "name", name + ": kit");
    const json& module = list(kit, "module", name + ": kit");
    if (module.size() != 2 || !module[0].is_number() || !module[1].is_number() ||
        !kit.contains("storey") || !kit["storey"].is_number())
        fail("A module is two numbers of units, a storey one", name + ": kit");
    plan.width = module[0].get<double>();
    plan.depth = module[1].get<double>();
    plan.storey = kit["storey"].get<double>();
    if (!(plan.width > 0) || !(plan.depth > 0) || !(plan.storey > 0))
        fail("A module and a storey are larger than 0", name + ": kit");
    for (const json& item : list(file, "solids", name)) {
        const std::string where = name + ": solids";
        if (!item.is_object()) fail("An object is wanted here", where);
        KitSolid solid;
        solid.piece = whole(item.value("piece", json(0)), 0, 0x7fffffff, where);
        solid.solid = whole(item.value("solid", json(0)), 0, 0x7fffffff, where);
        solid.sort = text(item, "sort", where);
        if (item.contains("up")) solid.up = text(item, "up", where);
        solid.from = kitPoint(item.value("from", json()), where);
        solid.to = kitPoint(item.value("to", json()), where);
        plan.solids.push_back(std::move(solid));
    }
    if (!file.contains("walk") || file["walk"].is_null()) return plan;
    const std::string where = name + ": walk";
    if (!file["walk"].is_object()) fail("An object is wanted here", where);
    plan.exit = text(file["walk"], "exit", where);
    plan.way = readModules(file["walk"], where);
    return plan;
}

}  // namespace detail
}  // namespace rook::runtime
