#pragma once
/// Finds the surfaces of a walk graph, and which lead to which. Private to kit/.

#include "kit/walk_graph.h"

namespace rook::kit {

class Surveying {
public:
    Surveying(const Kit& kit, const level::Level& level, const PlacedIndex& index,
              WalkGraph& graph);
    void run();
    /// For movers alone, so after the rest.
    void findOpenSides();

private:
    using Split = WalkGraph::Split;
    /// Where one stands while a border is crossed: a part of a module and a patch of it.
    struct Place {
        CellPoint module;
        const Split* split = nullptr;  ///< null where no solid stands
        ExactRect part{};
        const Patch* patch = nullptr;
    };
    /// A border from one place to another, modules.
    struct Border {
        Side side = Side::Right;  ///< as the first part has it
        ExactPoint first, last;
        bool isOfModule = true;
    };
    /// What lies on one side of a border.
    struct Bank {
        CellPoint module;
        const Split* split = nullptr;
        ExactRect part{};
        const std::vector<int>* patches = nullptr;
    };

    void split();
    void addPatches(const level::Level& level);
    void addOfPiece(std::size_t placed, const Piece& piece, const PlacedCell& cell);
    void addOfSolids(CellPoint module, Split& split);
    void add(Patch patch, std::vector<int>& of);
    [[nodiscard]] bool isBuried(const Split& split, const ExactRect& part, const Rational& low,
                                const Rational& high, int mass) const;
    void linkAll();
    void linkAcross(CellPoint module, Side side);
    void linkWithin(CellPoint module, const Split& split);
    void link(const Bank& from, const Bank& to, const Border& border);
    [[nodiscard]] Bank bankOf(CellPoint module, const Split* split, std::size_t column,
                              std::size_t row) const;
    [[nodiscard]] Heights heightsOf(const Patch& patch, const Border& border) const;
    [[nodiscard]] Rational heightOf(const Patch& patch, const ExactPoint& at) const;
    [[nodiscard]] bool hasRoom(const Place& place, const Rational& height) const;
    [[nodiscard]] bool isOpen(CellPoint at, Side side, const Rational& height) const;
    [[nodiscard]] const Split* splitOf(CellPoint module) const;
    [[nodiscard]] const level::PieceCell& cellOf(const PlacedIndex::Tenant& tenant) const {
        return m_pieces[tenant.placed]->cells[tenant.cell];
    }

    const Kit& m_kit;
    const level::Level& m_level;
    const PlacedIndex& m_index;
    WalkGraph& m_graph;
    SolidIndex m_solids;
    Rational m_body, m_storey, m_stepUp, m_drop;
    std::vector<const Piece*> m_pieces;                               ///< by place in the level
    std::unordered_map<Spot, std::vector<int>, SpotHash> m_byColumn;  ///< without solids
};

}  // namespace rook::kit
