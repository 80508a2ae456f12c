#pragma once
/// The layers of a solve: one for each combination of stance, table, phase, air jumps left, coyote
/// ticks left and push. Private to reach/.
///
/// Some layers take no tick to get to, and no body is ever between two ticks there: *grips* (a hold
/// is taken at the start of a tick) and phases 0 (jump is pressed). They stand for what a body may
/// do next, and are shared by all the layers that may do it.

#include <vector>

#include "rook_motion.hpp"

namespace rook::reach {

enum class LayerSort : unsigned char {
    Standing,
    Climbing,
    Swimming,
    Sprung,
    GripLadder,  ///< takes no tick
    GripLiquid,  ///< takes no tick
    Air,
};

/// Numbers of other layers are -1 where there is no such way.
struct Layer {
    LayerSort sort = LayerSort::Air;
    int spring = 0;  ///< sprung
    // In the air:
    int table = 0;  ///< as in runtime::Body
    int phase = 0;
    int airJumps = 0;
    int coyoteTicks = 0;
    int push = 0;
    int dx = 0;
    int dy = 0;
    int shove = 0;  ///< px to the right by a spring
    int next = -1;
    int hop = -1;   ///< after letting go
    int bump = -1;  ///< the head met something
    // Jumps, in the order in which the first that is possible counts:
    int coyoteJump = -1;
    int wallJumpRight = -1;  ///< off a wall to the left
    int wallJumpLeft = -1;
    int airJump = -1;
    /// Only the layer before leads here, and that within a few ticks of one where states are noted:
    /// a flight may pass through without being noted.
    bool isPassed = false;

    [[nodiscard]] bool takesNoTick() const {
        return sort == LayerSort::GripLadder || sort == LayerSort::GripLiquid ||
               (sort == LayerSort::Air && phase == 0);
    }
};

class Layers {
public:
    /// For a body with these abilities; `climbs` and `swims`: there is something to hold, too.
    /// `tables` are those of that profile.
    Layers(const runtime::MotionTables& tables, const runtime::Parts& parts,
           runtime::AbilitySet abilities, bool climbs, bool swims, int profile = 0);

    static constexpr int standing = 0;
    [[nodiscard]] int count() const { return static_cast<int>(m_layers.size()); }
    [[nodiscard]] const Layer& operator[](int index) const {
        return m_layers[static_cast<std::size_t>(index)];
    }
    [[nodiscard]] int climbing() const { return m_climbing; }
    [[nodiscard]] int swimming() const { return m_swimming; }
    [[nodiscard]] int gripLadder() const { return m_gripLadder; }
    [[nodiscard]] int gripLiquid() const { return m_gripLiquid; }
    [[nodiscard]] int sprung(int spring) const { return m_firstSprung + spring; }
    /// Phase 0 of a spring's high (2 i + 1) or low (2 i + 2) table, or of the body's own (0).
    [[nodiscard]] int jump(int table) const {
        return table == 0 ? m_jump : m_firstOfTable[static_cast<std::size_t>(table - 1)];
    }
    /// The top phase, with all air jumps.
    [[nodiscard]] int fall() const { return m_fall; }
    /// The same with all coyote ticks.
    [[nodiscard]] int walkOff() const { return m_walkOff; }

    /// The layer of a body between two ticks. Requires: not ended.
    [[nodiscard]] int layerOf(const runtime::Body& body) const;
    /// A body of that layer, holding nothing. Requires: the layer takes a tick.
    [[nodiscard]] runtime::Body bodyOf(int layer, int x, int y) const;

private:
    int add(LayerSort sort);
    [[nodiscard]] int own(int airJumps, int push, int phase) const;
    void addFlight(const runtime::PhaseTable& table, Layer layer, int phases);
    void linkOwn(const runtime::MotionTables& tables, bool hasShortHop);
    void linkSprings(const runtime::Parts& parts, int profile);
    void linkJumps(Layer& layer, bool hasWallJump) const;
    void markPassed();

    std::vector<Layer> m_layers;
    int m_phases = 0;
    int m_pushTicks = 0;
    int m_airJumps = 0;
    int m_coyoteTicks = 0;
    int m_climbing = -1;
    int m_swimming = -1;
    int m_gripLadder = -1;
    int m_gripLiquid = -1;
    int m_firstSprung = -1;
    int m_firstCoyote = -1;
    int m_firstOwn = -1;
    int m_jump = -1;
    int m_fall = -1;
    int m_walkOff = -1;
    std::vector<int> m_firstOfTable;  ///< of springs
};

}  // namespace rook::reach
