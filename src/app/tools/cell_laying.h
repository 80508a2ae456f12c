#pragma once
/// The tool that lays something on the cells of a gesture. What is laid is its ink: matter in
/// Shape, tiles in Skin.

#include "app/tools/cell_gesture.h"

namespace rook::app {

/// A gesture as far as it has come.
struct Covered {
    const CellGesture& gesture;
    CellPoint first;  ///< where it began
    bool isErasing = false;
    level::Form half = level::Form::LowerHalf;  ///< of the cell, that the pointer is nearest to

    [[nodiscard]] const level::CellRegion& region() const { return gesture.region(); }
};

/// What comes of laying.
struct Laid {
    level::CellRegion shown;  ///< cells that are covered, with mirrors and whole stamps
    QString size;             ///< in words
    std::optional<level::LevelEdit> edit{};
    std::optional<Error> error{};
};

class CellInk {
public:
    virtual ~CellInk() = default;
    /// Another gesture begins.
    virtual void begin() {}
    /// What a click here would cover.
    [[nodiscard]] virtual Laid proposed(const ToolInput& input, const Covered& covered) = 0;
    [[nodiscard]] virtual Laid lay(const ToolInput& input, const Covered& covered) = 0;
    /// What is done to so many cells, in words.
    [[nodiscard]] virtual QString label(const ToolInput& input, const QString& size,
                                        bool isErasing) const = 0;
    /// Takes in hand what is seen in that part of the level, which is not empty.
    [[nodiscard]] virtual ToolOutcome pick(const ToolInput& input, const CellRect& rect) const = 0;
};

[[nodiscard]] std::unique_ptr<Tool> makeLayingTool(std::unique_ptr<CellGesture> gesture,
                                                   std::unique_ptr<CellInk> ink);

/// A region with what the options mirror it to.
[[nodiscard]] level::CellRegion withMirrors(const ToolInput& input,
                                            const level::CellRegion& region);

}  // namespace rook::app
