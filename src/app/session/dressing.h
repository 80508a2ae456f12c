#pragma once
/// What the swatches teach for the level on the board, learned anew when they changed.

#include "app/session/document.h"
#include "skin/tiling_rules.h"

namespace rook::app {

class Dressing {
public:
    explicit Dressing(const Document& document) : m_document(document) {}
    /// Interface thread. Cost: a comparison of pointers, or the learning.
    [[nodiscard]] std::shared_ptr<const skin::TilingRules> tilingRules() const;

private:
    struct Taught {
        level::Project of;  ///< shares what the tilingRules were learned from
        std::string theme;
        SharedVector<level::Zone> zones;
        std::shared_ptr<const skin::TilingRules> tilingRules;
    };
    const Document& m_document;
    mutable std::optional<Taught> m_taught;
};

}  // namespace rook::app
