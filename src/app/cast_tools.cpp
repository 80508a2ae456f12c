#include <QCoreApplication>
#include <algorithm>

#include "app/entity_painter.h"
#include "app/tool.h"

namespace rook::app {

namespace {

enum class CastState { Resting, Moving };

/// Press on an entity and drag: shared by both tools of Cast.
class EntityMover {
public:
    /// True if there is one under the pointer; it is selected and can be dragged.
    bool press(const ToolInput& input, ToolOutcome& outcome) {
        const level::Entity* found =
            entityAt(*input.level, QPointF(input.px.x, input.px.y), input.scale);
        if (!found) return false;
        Selection selection = *input.selection;
        const auto there =
            std::find(selection.entities.begin(), selection.entities.end(), found->id);
        if (input.isStraight && there != selection.entities.end())
            selection.entities.erase(there);
        else if (input.isStraight)
            selection.entities.push_back(found->id);
        else if (there == selection.entities.end())
            selection.entities = {found->id};
        selection.cells.reset();
        m_ids = selection.entities;
        m_start = input.px;
        outcome.selection = selection;
        return true;
    }
    [[nodiscard]] ToolOutcome drag(const ToolInput& input, QString& label) const {
        const CellSize cell = input.level->cellSize;
        const auto step = [&](int distance, int size) {
            const bool isFine = input.isStraight || input.options->snap == Snap::Px;
            const int unit = isFine                                  ? 1
                             : input.options->snap == Snap::HalfCell ? std::max(1, size / 2)
                                                                     : size;
            return static_cast<int>(std::lround(double(distance) / unit)) * unit;
        };
        const int dx = step(input.px.x - m_start.x, cell.width);
        const int dy = step(input.px.y - m_start.y, cell.height);
        label = QCoreApplication::translate("Tools", "move %1, %2 px").arg(dx).arg(dy);
        if (dx == 0 && dy == 0) return {};
        auto edit = moveEntities(*input.level, m_ids, dx, dy);
        if (!edit) return {{}, {}, {}, edit.error(), false};
        return {*edit, {}, {}, {}, false};
    }

private:
    std::vector<EntityId> m_ids;
    PxPoint m_start;
};

/// Places entities; on one that is there it moves it; the right button deletes.
class CastingTool : public Tool {
public:
    explicit CastingTool(bool places) : m_places(places) {}

    ToolOutcome press(const ToolInput& input) override {
        ToolOutcome outcome;
        const level::Entity* found =
            entityAt(*input.level, QPointF(input.px.x, input.px.y), input.scale);
        if (input.isErasing) {
            if (found) outcome.edit = deleteEntities(*input.level, {found->id});
            outcome.isDone = true;
            return outcome;
        }
        if (input.isPicking && found) {
            outcome.options = *input.options;
            outcome.options->kind = found->kind;
            return outcome;
        }
        if (m_mover.press(input, outcome)) {
            setState(CastState::Moving);
            return outcome;
        }
        return m_places ? place(input) : ToolOutcome{{}, Selection{}, {}, {}, false};
    }
    ToolOutcome drag(const ToolInput& input) override {
        if (m_state != CastState::Moving) return {};
        return m_mover.drag(input, m_preview.label);
    }
    ToolOutcome release(const ToolInput& input) override {
        ToolOutcome outcome = drag(input);
        outcome.isDone = m_state == CastState::Moving;
        setState(CastState::Resting);
        return outcome;
    }
    void hover(const ToolInput& input) override {
        m_preview = {};
        const level::Kind* kind = input.project->findKind(input.options->kind);
        const bool isOverOne =
            entityAt(*input.level, QPointF(input.px.x, input.px.y), input.scale) != nullptr;
        if (!m_places || !kind || isOverOne) return;
        const auto& list = input.level->entities;
        const auto count = std::count_if(
            list.begin(), list.end(), [&](const level::Entity& e) { return e.kind == kind->id; });
        if (kind->atMost > 0 && count >= kind->atMost) {
            m_preview.label = QCoreApplication::translate("Tools", "no more of %1 here")
                                  .arg(QString::fromStdString(kind->title).toLower());
            return;
        }
        const PxPoint at = cornerOf(input, *kind);
        m_preview.ghosts = {{at.x, at.y, kind->width, kind->height}};
        m_preview.label = QStringLiteral("%1 %2, %3")
                              .arg(QString::fromStdString(kind->title).toLower())
                              .arg(at.x)
                              .arg(at.y);
    }
    void cancel() override { setState(CastState::Resting); }
    const ToolPreview& preview() const override { return m_preview; }

private:
    static PxPoint cornerOf(const ToolInput& input, const level::Kind& kind) {
        return snapped(input.px, kind, input.level->cellSize,
                       input.isStraight ? Snap::Px : input.options->snap);
    }
    ToolOutcome place(const ToolInput& input) {
        const level::Kind* kind = input.project->findKind(input.options->kind);
        if (!kind) return {};
        auto edit = placeEntity(*input.level, *kind, cornerOf(input, *kind), input.options->facing);
        if (!edit) return {{}, {}, {}, edit.error(), false};
        Selection selection;
        selection.entities = {edit->level.entities.items().back().id};
        return {*edit, selection, {}, {}, true};
    }
    void setState(CastState state) {
        m_state = state;
        if (state == CastState::Resting) m_preview = {};
    }

    bool m_places;
    CastState m_state = CastState::Resting;
    EntityMover m_mover;
    ToolPreview m_preview;
};

}  // namespace

PxPoint snapped(PxPoint pointer, const level::Kind& kind, CellSize cell, Snap snap) {
    const int width = kind.width;
    const int height = kind.height;
    if (snap == Snap::Px) return {pointer.x - width / 2, pointer.y - height / 2};
    // The foot of the box goes to the middle of a cell's lower border, or of a half cell's.
    const int stepX = snap == Snap::Cell ? cell.width : std::max(1, cell.width / 2);
    const int stepY = snap == Snap::Cell ? cell.height : std::max(1, cell.height / 2);
    const int footX = floorDivide(pointer.x, stepX) * stepX + stepX / 2;
    const int footY = (floorDivide(pointer.y, stepY) + 1) * stepY;
    return {footX - width / 2, footY - height};
}

std::unique_ptr<Tool> makeCastTool(CastTool tool) {
    return std::make_unique<CastingTool>(tool == CastTool::Place);
}

}  // namespace rook::app
