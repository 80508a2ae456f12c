#include "app/tools/cell_gesture.h"

#include <cstdlib>

#include "app/tools/cell_options.h"
#include "app/ui/words.h"
#include "level/edits.h"

namespace rook::app {

namespace {

using level::CellRegion;

const CellOptions& cellOptions(const ToolInput& input) {
    return input.options->of<CellOptions>();
}

class Brush final : public CellGesture {
    void begin(const ToolInput& input) override {
        m_region = level::strokeRegion(input.cell, input.cell, cellOptions(input).brushSize,
                                       cellOptions(input).brushIsRound);
        m_start = m_last = input.cell;
    }
    void extend(const ToolInput& input) override {
        const CellPoint end =
            input.isStraight ? level::straightEnd(m_start, input.cell) : input.cell;
        const auto part =
            level::strokeRegion(input.isStraight ? m_start : m_last, end,
                                cellOptions(input).brushSize, cellOptions(input).brushIsRound);
        m_region = input.isStraight ? part : m_region.united(part);
        m_last = end;
    }
    bool followsALine() const override { return true; }
    CellPoint m_start;
    CellPoint m_last;
};

class Line final : public CellGesture {
    void begin(const ToolInput& input) override {
        m_start = input.cell;
        extend(input);
    }
    void extend(const ToolInput& input) override {
        const CellPoint end =
            input.isStraight ? level::straightEnd(m_start, input.cell) : input.cell;
        m_region = level::strokeRegion(m_start, end, cellOptions(input).brushSize,
                                       cellOptions(input).brushIsRound);
    }
    bool followsALine() const override { return true; }
    CellPoint m_start;
};

class Box final : public CellGesture {
    void begin(const ToolInput& input) override {
        m_start = input.cell;
        extend(input);
    }
    void extend(const ToolInput& input) override {
        CellPoint end = input.cell;
        if (input.isStraight) {
            const int side = std::max(std::abs(end.x - m_start.x), std::abs(end.y - m_start.y));
            end = {m_start.x + (end.x < m_start.x ? -side : side),
                   m_start.y + (end.y < m_start.y ? -side : side)};
        }
        const CellRect rect = CellRect::spanning(m_start, end);
        m_region = cellOptions(input).boxIsFilled
                       ? CellRegion(rect)
                       : level::frameRegion(rect, cellOptions(input).frameThickness);
    }
    CellPoint m_start;
};

class Fill final : public CellGesture {
    static constexpr std::int64_t previewLimit = 100000;  // cells: more would hold the pointer up

    void begin(const ToolInput& input) override {
        // Hovering inside what was found already changes nothing.
        const bool isSame = m_fillsAll == cellOptions(input).fillsAll && m_level == input.level;
        if (m_level && isSame && m_region.contains(input.cell)) return;
        m_level = input.level;
        m_fillsAll = cellOptions(input).fillsAll;
        m_isComplete = true;
        m_region = {};
        if (!input.level->cells.bounds().contains(input.cell)) return;
        if (m_fillsAll) {
            m_isComplete = input.level->cells.bounds().area() <= 10 * previewLimit;
            if (m_isComplete) m_region = allOf(input);
            return;
        }
        const auto found = level::fillRegion(input.level->cells, input.cell, previewLimit);
        m_region = found.region;
        m_isComplete = found.isComplete;
    }
    void extend(const ToolInput& input) override {
        if (m_isComplete || !input.level->cells.bounds().contains(input.cell)) return;
        m_region = m_fillsAll ? allOf(input)
                              : level::fillRegion(input.level->cells, input.cell,
                                                  input.level->cells.bounds().area())
                                    .region;
        m_isComplete = true;
    }
    static CellRegion allOf(const ToolInput& input) {
        return matterRegion(input.level->cells, input.level->cells.at(input.cell).matter());
    }
    const char* verb() const override { return "Fill"; }
    QString size() const override {
        return told(level::cellCountText(m_region.cellCount())) +
               (m_isComplete ? QString() : QStringLiteral("+"));
    }
    const level::Level* m_level = nullptr;  ///< only compared, never read
    bool m_fillsAll = false;
    bool m_isComplete = true;
};

}  // namespace

std::unique_ptr<CellGesture> makeBrushGesture() {
    return std::make_unique<Brush>();
}
std::unique_ptr<CellGesture> makeLineGesture() {
    return std::make_unique<Line>();
}
std::unique_ptr<CellGesture> makeBoxGesture() {
    return std::make_unique<Box>();
}
std::unique_ptr<CellGesture> makeFillGesture() {
    return std::make_unique<Fill>();
}

}  // namespace rook::app
