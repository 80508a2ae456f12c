#include <algorithm>

#include "app/steps/kit/kit_tool_base.h"
#include "app/steps/kit/kit_tools.h"
#include "app/ui/words.h"
#include "kit/edits.h"

namespace rook::app {

namespace {

using level::Piece;
using level::PlacedPiece;

/// Takes pieces and solids, and moves them by whole modules.
class PieceSelecting final : public KitTool {
public:
    void point(const ToolInput& input) override {
        if (const Standing under = standingUnder(input); !under.isNone()) {
            m_preview.label = nameOf(input, under);
            m_preview.cursor = isSelected(input, under.id) ? Qt::SizeAllCursor : Qt::ArrowCursor;
        }
    }

private:
    ToolOutcome begin(const ToolInput& input) override {
        const Standing under = standingUnder(input);
        m_startStorey = input.storey;
        m_isFraming = under.isNone();
        if (under.isNone()) return {};
        ToolOutcome outcome;
        Selection selection = *input.selection;
        if (input.isStraight && isSelected(input, under.id))
            std::erase(selection.pieces, under.id);
        else if (input.isStraight)
            selection.pieces.push_back(under.id);
        else if (!isSelected(input, under.id))
            selection.pieces = {under.id};
        selection.entities.clear();
        m_ids = selection.pieces;
        outcome.selection = selection;
        return outcome;
    }
    ToolOutcome go(const ToolInput& input) override {
        m_preview = {};
        if (m_isFraming) {
            m_preview.frame = CellRect::spanning(m_start, input.cell);
            m_preview.label = sizeText(*m_preview.frame);
            return {};
        }
        const int dx = input.cell.x - m_start.x;
        const int dy = input.cell.y - m_start.y;
        // A storey that is chosen meanwhile is one that they go to.
        const int storeys = input.storey - m_startStorey;
        if ((dx == 0 && dy == 0 && storeys == 0) || m_ids.empty()) return {};
        m_preview.label = storeys == 0
                              ? tr("move %1, %2 modules").arg(dx).arg(dy)
                              : tr("move %1, %2 modules, %3 storeys").arg(dx).arg(dy).arg(storeys);
        auto edit = kit::move(*kitOf(input), *input.level, m_ids, dx, dy, storeys);
        if (!edit) return refused(edit.error());
        return {*edit, {}, {}, {}, false};
    }
    ToolOutcome end(const ToolInput& input) override {
        if (!m_isFraming) {
            ToolOutcome outcome = go(input);
            outcome.isDone = outcome.edit.has_value();
            return outcome;
        }
        ToolOutcome outcome;
        Selection selection;
        if (input.isStraight) selection.pieces = input.selection->pieces;
        const CellRect frame = CellRect::spanning(m_start, input.cell);
        for (const PlacedPiece& placed : input.level->pieces) {
            const Piece* piece = kitOf(input)->find(placed.piece);
            const bool isHere = piece && placed.storey <= input.storey &&
                                input.storey < placed.storey + piece->storeys();
            if (isHere && kit::boundsOf(*piece, placed).overlaps(frame) &&
                std::find(selection.pieces.begin(), selection.pieces.end(), placed.id) ==
                    selection.pieces.end())
                selection.pieces.push_back(placed.id);
        }
        for (const level::Solid& solid : input.level->solids)
            if (solid.storey == input.storey && kit::boundsOf(solid).overlaps(frame) &&
                std::find(selection.pieces.begin(), selection.pieces.end(), solid.id) ==
                    selection.pieces.end())
                selection.pieces.push_back(solid.id);
        outcome.selection = selection;
        return outcome;
    }

    bool m_isFraming = false;
    int m_startStorey = 0;
    std::vector<int> m_ids;
};

}  // namespace

std::unique_ptr<Tool> makePieceSelecting() {
    return std::make_unique<PieceSelecting>();
}

}  // namespace rook::app
