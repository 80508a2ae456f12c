#pragma once
/// Tools: events and a value in, a preview and an edit out. A tool knows no widget and no session,
/// so it is tested without a window; the board carries its edits to the session.

#include <QString>
#include <algorithm>
#include <memory>
#include <optional>

#include "app/session/selection.h"
#include "app/session/tool_options.h"
#include "collide/shapes.h"
#include "kit/joins.h"
#include "level/edits.h"
#include "level/entity_places.h"
#include "skin/tiling_rules.h"

namespace rook::app {

/// "12 × 4".
[[nodiscard]] inline QString sizeText(const CellRect& rect) {
    return QStringLiteral("%1 × %2").arg(rect.width).arg(rect.height);
}

/// One pointer event, in level coordinates. `level` is the value before the gesture.
struct ToolInput {
    const level::Project* project = nullptr;
    const level::Level* level = nullptr;
    const ToolOptions* options = nullptr;
    const Selection* selection = nullptr;
    PxPoint px;
    CellPoint cell;
    bool isErasing = false;   ///< the right button
    bool isStraight = false;  ///< Shift: straight line, square, or finest snap
    bool isPicking = false;   ///< Ctrl: take what is under the pointer
    bool isBehind = false;    ///< Alt: what lies behind what is chosen there
    /// In Skin: tiles are set, and these tilingRules say what cells wear.
    const skin::TilingRules* tilingRules = nullptr;
    bool isOther = false;  ///< the line's key is held: a flight of stairs
    double scale = 1;      ///< widget px a level px, for handles
    /// Those that are shown and can be chosen; null if none are.
    const collide::CollisionShapes* shapes = nullptr;
    const level::EntityPlaces* places = nullptr;  ///< of the level's entities
    /// Of a kit board: where its pieces stand; null for others.
    const kit::PlacedIndex* placed = nullptr;
    int storey = 0;  ///< of a kit board, that is worked on

    /// A distance of that many widget px, in level px; at least 1.
    [[nodiscard]] int slackPx(double widgetPx) const {
        return std::max(1, static_cast<int>(widgetPx / scale));
    }
};

/// What the board draws over the level while a tool is in hand.
struct ToolPreview {
    level::CellRegion region;        ///< cells that the gesture would cover
    std::vector<PxRect> ghosts;      ///< boxes of entities to come
    PxPoint selectedBy;              ///< px that all that is selected is shown farther on
    std::optional<CellRect> frame;   ///< a rectangle being drawn to select
    std::vector<PxPoint> loop;       ///< a lasso being drawn
    std::vector<level::Mark> marks;  ///< strokes to come
    std::optional<PxRect> pxFrame;   ///< the same as `frame`, by px
    std::optional<PxPoint> ruler;    ///< the end of a line from `rulerFrom`, being measured
    PxPoint rulerFrom;
    std::vector<level::PlacedPiece> pieces;  ///< of a kit board, to come
    std::vector<kit::Contact> contacts;      ///< that they have there
    std::vector<level::Solid> solids;        ///< of a kit board, to come; erasing: to be taken out
    bool isRefused = false;                  ///< they have no room there
    std::vector<CellPoint> slotList;         ///< of a puzzle level, that the gesture would cover
    std::vector<level::Counter> counters;    ///< of a puzzle level, to come
    int eraserPx = 0;  ///< radius of an eraser at the pointer, level px; 0 = none
    bool isErasing = false;
    QString label;                          ///< size or count, beside the pointer
    std::optional<Qt::CursorShape> cursor;  ///< over a handle
};

/// A line of words that the tool asks for, at a place of the board; `Tool::write` gets the answer.
struct WordsRequest {
    PxPoint at;
    QString text;  ///< to begin with
    QString hint;  ///< what is asked for
};

/// What an event leads to. `edit` replaces the gesture's value; `isDone` commits it.
struct ToolOutcome {
    std::optional<level::LevelEdit> edit;
    std::optional<Selection> selection;
    std::optional<ToolOptions> options;
    std::optional<Error> error;
    bool isDone = false;
    std::optional<WordsRequest> words{};
    // Prove:
    std::optional<PxPoint> runTo{};                 ///< a run there is asked for
    std::optional<std::optional<PxRect>> closed{};  ///< a region is closed off, or none
    std::optional<PxPoint> walkFrom{};
    std::optional<std::pair<PxPoint, PxPoint>> jump{};  ///< measured, from corner to corner
    // Kit boards:
    std::optional<int> storey{};  ///< one goes on with

    /// Changes the options of a step from what they were.
    template <typename Options, typename Change>
    void change(const ToolInput& input, Change&& change) {
        if (!options) options = *input.options;
        options->change<Options>(std::forward<Change>(change));
    }
};

/// The edit, or why there is none.
inline void addTo(ToolOutcome& outcome, const Result<level::LevelEdit>& edit) {
    if (edit)
        outcome.edit = *edit;
    else
        outcome.error = edit.error();
}

class Tool {
public:
    virtual ~Tool() = default;
    virtual ToolOutcome press(const ToolInput& input) = 0;
    /// The pointer moves with a button down.
    virtual ToolOutcome drag(const ToolInput& input) = 0;
    virtual ToolOutcome release(const ToolInput& input) = 0;
    /// The pointer moves with no button down: only the preview changes.
    virtual void hover(const ToolInput& input) = 0;
    /// Escape, or the tool is put away: back to rest, with nothing done.
    virtual void cancel() = 0;
    /// The answer to the last request for words.
    virtual ToolOutcome write(const ToolInput&, const QString&) { return {}; }
    [[nodiscard]] virtual const ToolPreview& preview() const = 0;
};

/// A tool that does nothing: the verdict is told in the status line.
[[nodiscard]] std::unique_ptr<Tool> makeQuietTool();

}  // namespace rook::app
