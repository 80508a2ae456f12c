#include "app/steps/cast/cast_tools.h"

#include <algorithm>

#include "app/painting/entity_painter.h"
#include "app/steps/cast/cast_handles.h"
#include "app/steps/cast/cast_options.h"
#include "app/ui/words.h"
#include "cast/behaviour.h"
#include "level/cast_edits.h"
#include "level/listed.h"

namespace rook::app {

namespace {

using level::Entity;
using level::Kind;

enum class CastState { Resting, Moving, Handling, Rowing, Framing };

/// A distance as whole steps of the snap in hand.
PxPoint stepped(const ToolInput& input, PxPoint from, PxPoint to) {
    const auto step = [&](int distance, int size) {
        const bool isFine = input.isStraight || input.options->of<CastOptions>().snap == Snap::Px;
        const int unit = isFine ? 1
                         : input.options->of<CastOptions>().snap == Snap::HalfCell
                             ? std::max(1, size / 2)
                             : size;
        return static_cast<int>(std::lround(double(distance) / unit)) * unit;
    };
    return {step(to.x - from.x, input.level->cellSize.width),
            step(to.y - from.y, input.level->cellSize.height)};
}

const Entity* under(const ToolInput& input) {
    return entityAt(*input.places, QPointF(input.px.x, input.px.y), input.scale);
}

/// What lies behind the one that is chosen there; after the last the first again.
const Entity* behind(const ToolInput& input) {
    const auto all = entitiesAt(*input.places, QPointF(input.px.x, input.px.y), input.scale);
    return all.empty() ? nullptr : all[nextBehind(all, *input.selection, 1)];
}

/// Places entities, one by a click, a row by a drag; on one that is there it moves it, and its
/// handles shape it; the right button deletes.
class CastingTool : public Tool {
public:
    explicit CastingTool(bool places) : m_places(places) {}

    ToolOutcome press(const ToolInput& input) override {
        ToolOutcome outcome;
        m_start = input.px;
        const auto handle = input.isBehind ? std::nullopt : handleUnder(input);
        if (handle) {
            m_handle = *handle;
            if (input.isErasing) return dropHandle(input);
            setState(CastState::Handling);
            return {};
        }
        const Entity* found = input.isBehind ? behind(input) : under(input);
        if (input.isErasing) {
            if (found) outcome.edit = deleteEntities(*input.level, {found->id});
            outcome.isDone = true;
            return outcome;
        }
        if (input.isPicking && found) {
            outcome.change<CastOptions>(input, [&](CastOptions& o) { o.kind = found->kind; });
            return outcome;
        }
        if (found) return take(input, *found);
        if (!m_places) {
            setState(CastState::Framing);
            return {};
        }
        setState(CastState::Rowing);
        return row(input, false);
    }
    ToolOutcome drag(const ToolInput& input) override {
        switch (m_state) {
            case CastState::Resting:
                return {};
            case CastState::Moving:
                return move(input);
            case CastState::Handling:
                return handle(input);
            case CastState::Rowing:
                return row(input, false);
            case CastState::Framing:
                m_preview.pxFrame = PxRect::spanning(m_start, input.px);
                if (const qsizetype count = countFramed(input); count > 0)
                    m_preview.label = tr("%1 entities").arg(count);
                else
                    m_preview.label = sizeText(cellsOf(*m_preview.pxFrame, input));
                return {};
        }
        return {};
    }
    ToolOutcome release(const ToolInput& input) override {
        ToolOutcome outcome;
        if (m_state == CastState::Rowing) {
            outcome = row(input, true);
        } else if (m_state == CastState::Framing) {
            Selection selection;
            if (input.isStraight) selection.entities = input.selection->entities;
            const std::vector<EntityId> before = selection.entities;
            const level::Listed known(before);
            for (EntityId& id : withGroups(*input.level, framed(input)))
                if (!known.has(id)) selection.entities.push_back(std::move(id));
            if (selection.entities.empty()) selection.cells = framedCells(input);
            outcome.selection = selection;
        } else {
            m_isLast = true;
            outcome = drag(input);
            m_isLast = false;
            outcome.isDone = m_state != CastState::Resting;
        }
        setState(CastState::Resting);
        return outcome;
    }
    void hover(const ToolInput& input) override {
        m_preview = {};
        if (const auto handle = handleUnder(input)) {
            m_preview.cursor = handle->cursor;
            return;
        }
        const Kind* kind = input.project->findKind(input.options->of<CastOptions>().kind);
        if (!m_places || !kind || under(input)) return;
        const auto& list = input.level->entities;
        const auto count = std::count_if(list.begin(), list.end(),
                                         [&](const Entity& e) { return e.kind == kind->id; });
        if (kind->atMost > 0 && count >= kind->atMost) {
            m_preview.label =
                tr("no more of %1 here").arg(QString::fromStdString(kind->title).toLower());
            return;
        }
        showGhosts(input, *kind, {boxAt(input, *kind, input.px)});
    }
    void cancel() override { setState(CastState::Resting); }
    const ToolPreview& preview() const override { return m_preview; }

private:
    /// Where one would come to stand, by the kind's rule if that is asked for.
    static PxRect boxAt(const ToolInput& input, const Kind& kind, PxPoint pointer) {
        const PxPoint corner =
            snapped(pointer, kind, input.level->cellSize,
                    input.isStraight ? Snap::Px : input.options->of<CastOptions>().snap);
        const PxRect box{corner.x, corner.y, kind.width, kind.height};
        return input.options->of<CastOptions>().setsDown
                   ? cast::dropped(*input.project, *input.level, kind, box)
                   : box;
    }
    void showGhosts(const ToolInput& input, const Kind& kind, std::vector<PxRect> boxes) {
        m_preview.ghosts = std::move(boxes);
        const PxRect& first = m_preview.ghosts.front();
        QString text = QString::fromStdString(kind.title).toLower();
        text += m_preview.ghosts.size() > 1 ? QStringLiteral(" × %1").arg(m_preview.ghosts.size())
                                            : QStringLiteral(" %1, %2").arg(first.x).arg(first.y);
        Entity there;
        there.kind = kind.id;
        there.box = first;
        if (const auto flaw = cast::standingFlaw(*input.project, *input.level, there))
            text += QStringLiteral(", ") + told(*flaw);
        m_preview.label = text;
    }
    /// One at the press, and side by side as one drags on.
    ToolOutcome row(const ToolInput& input, bool isDone) {
        const Kind* kind = input.project->findKind(input.options->of<CastOptions>().kind);
        if (!kind) return {};
        const CellSize cell = input.level->cellSize;
        const PxPoint way = stepped(input, m_start, input.px);
        const bool isAcross = std::abs(way.x) >= std::abs(way.y);
        const int size = isAcross ? kind->width : kind->height;
        const int unit = isAcross ? cell.width : cell.height;
        const int step = input.options->of<CastOptions>().snap == Snap::Px || input.isStraight
                             ? size
                             : (size + unit - 1) / unit * unit;
        ToolOutcome outcome;
        level::LevelEdit edit{*input.level, {}, {}};
        std::vector<PxRect> boxes;
        Selection selection;
        for (const PxPoint at : level::rowCorners(m_start, {m_start.x + way.x, m_start.y + way.y},
                                                  std::max(1, step))) {
            const PxRect box = boxAt(input, *kind, at);
            auto next = placeEntity(edit.level, *kind, {box.x, box.y},
                                    input.options->of<CastOptions>().facing);
            if (!next) {
                if (boxes.empty()) outcome.error = next.error();
                break;
            }
            next->touched = next->touched.united(edit.touched);
            edit = std::move(*next);
            boxes.push_back(box);
            selection.entities.push_back(edit.level.entities.back().id);
        }
        if (boxes.empty()) {
            outcome.isDone = isDone;
            return outcome;
        }
        if (boxes.size() > 1)
            edit.name = "Place a row of " + std::to_string(boxes.size()) + " x " + kind->title;
        m_preview = {};
        showGhosts(input, *kind, boxes);
        if (!isDone) return outcome;
        if (boxes.size() == 1 && input.selection->entities.size() == 1)
            edit = linkedAsPlaced(*input.project, std::move(edit), input.selection->entities[0]);
        outcome.edit = std::move(edit);
        outcome.selection = selection;
        outcome.isDone = true;
        return outcome;
    }
    ToolOutcome take(const ToolInput& input, const Entity& found) {
        ToolOutcome outcome;
        Selection selection = *input.selection;
        const auto there =
            std::find(selection.entities.begin(), selection.entities.end(), found.id);
        if (input.isStraight && there != selection.entities.end())
            selection.entities.erase(there);
        else if (input.isStraight)
            selection.entities.push_back(found.id);
        else if (there == selection.entities.end())
            selection.entities = withGroups(*input.level, {found.id});
        selection.cells.reset();
        selection.zone.reset();
        m_ids = selection.entities;
        outcome.selection = selection;
        setState(CastState::Moving);
        return outcome;
    }
    ToolOutcome move(const ToolInput& input) {
        const PxPoint by = stepped(input, m_start, input.px);
        m_preview.label = tr("move %1, %2 px").arg(by.x).arg(by.y);
        m_preview.selectedBy = {};
        if (by == PxPoint{}) return {};
        // A crowd is moved when it is let go; until then it is only shown there.
        if (!m_isLast && m_ids.size() > mostMovedAtOnce) {
            m_preview.selectedBy = by;
            return {};
        }
        auto edit = moveEntities(*input.level, m_ids, by.x, by.y);
        if (!edit) return {{}, {}, {}, edit.error(), false};
        return {*edit, {}, {}, {}, false};
    }
    [[nodiscard]] qsizetype countFramed(const ToolInput& input) const {
        const PxRect frame = PxRect::spanning(m_start, input.px);
        qsizetype count = 0;
        input.places->forEachNear(frame, [&](const Entity& entity) {
            if (frame.overlaps(entity.box)) ++count;
        });
        return count;
    }
    [[nodiscard]] static std::vector<EntityId> framed(const ToolInput& input, PxPoint start) {
        std::vector<EntityId> ids;
        const PxRect frame = PxRect::spanning(start, input.px);
        for (const Entity& entity : input.level->entities)
            if (frame.overlaps(entity.box)) ids.push_back(entity.id);
        return ids;
    }
    static CellRect cellsOf(const PxRect& frame, const ToolInput& input) {
        return toCells(frame, input.level->cellSize).intersected(input.level->cells.bounds());
    }
    /// Where nothing stands, a frame takes cells; a mere click takes none.
    [[nodiscard]] std::optional<level::CellRegion> framedCells(const ToolInput& input) const {
        if (input.px == m_start) return std::nullopt;
        const CellRect cells = cellsOf(PxRect::spanning(m_start, input.px), input);
        if (cells.isEmpty()) return std::nullopt;
        return level::CellRegion(cells);
    }
    [[nodiscard]] std::vector<EntityId> framed(const ToolInput& input) const {
        return framed(input, m_start);
    }

    [[nodiscard]] static const Entity* single(const ToolInput& input) {
        const auto& ids = input.selection->entities;
        return ids.size() == 1 ? findEntity(*input.level, ids[0]) : nullptr;
    }
    [[nodiscard]] static std::optional<CastHandle> handleUnder(const ToolInput& input) {
        const Entity* entity = single(input);
        if (!entity || input.isPicking) return std::nullopt;
        return handleAt(*input.project, *entity, input.px, input.slackPx(6));
    }
    ToolOutcome handle(const ToolInput& input) {
        const Entity* entity = single(input);
        if (!entity) return {};
        // Handles lie on the grid of the snap, as what is placed does.
        const PxPoint by = stepped(input, m_start, input.px);
        const Entity next =
            dragged(*entity, m_handle, {m_handle.at.x + by.x, m_handle.at.y + by.y});
        if (next == *entity) return {};
        auto edit = changeEntity(*input.level, next, "Shape " + entity->id.text);
        if (!edit) return {{}, {}, {}, edit.error(), false};
        m_preview.label = labelOf(next);
        return {*edit, {}, {}, {}, false};
    }
    [[nodiscard]] QString labelOf(const Entity& next) const {
        switch (m_handle.sort) {
            case CastHandle::Sort::Edge:
                return QStringLiteral("%1 × %2 px").arg(next.box.width).arg(next.box.height);
            case CastHandle::Sort::Radius:
                return tr("%1 px").arg(next.data.formation.distance);
            default:
                return {};
        }
    }
    ToolOutcome dropHandle(const ToolInput& input) {
        const Entity* entity = single(input);
        ToolOutcome outcome;
        outcome.isDone = true;
        const Entity next = withoutHandle(*entity, m_handle);
        if (next == *entity) return outcome;
        const auto edit = changeEntity(*input.level, next, "Shape " + entity->id.text);
        if (edit) outcome.edit = *edit;
        return outcome;
    }
    void setState(CastState state) {
        m_state = state;
        if (state == CastState::Resting) m_preview = {};
    }

    static constexpr std::size_t mostMovedAtOnce = 2000;

    bool m_places;
    bool m_isLast = false;  ///< the button is let go
    CastState m_state = CastState::Resting;
    PxPoint m_start;
    std::vector<EntityId> m_ids;
    CastHandle m_handle;
    ToolPreview m_preview;
};

/// From one entity to another: a reference, or one less.
class LinkTool : public Tool {
public:
    ToolOutcome press(const ToolInput& input) override {
        const Entity* found = input.isErasing ? nullptr : under(input);
        m_from = found ? std::optional(found->id) : std::nullopt;
        if (!found) return {{}, Selection{}, {}, {}, false};
        Selection selection;
        selection.entities = {found->id};
        m_preview.rulerFrom = {found->box.x + found->box.width / 2,
                               found->box.y + found->box.height / 2};
        return {{}, selection, {}, {}, false};
    }
    ToolOutcome drag(const ToolInput& input) override {
        if (!m_from) return {};
        m_preview.ruler = input.px;
        const Entity* to = under(input);
        m_preview.label = to && to->id != *m_from
                              ? tr("link %1").arg(QString::fromStdString(to->id.text))
                              : tr("to which entity?");
        return {};
    }
    ToolOutcome release(const ToolInput& input) override {
        ToolOutcome outcome;
        const Entity* to = under(input);
        if (m_from && to && to->id != *m_from) {
            auto edit = linkEntities(*input.project, *input.level, *m_from, to->id);
            if (edit)
                outcome.edit = *edit;
            else
                outcome.error = edit.error();
            outcome.isDone = edit.has_value();
        }
        cancel();
        return outcome;
    }
    void hover(const ToolInput& input) override {
        m_preview = {};
        if (const Entity* found = under(input))
            m_preview.label = tr("drag from %1").arg(QString::fromStdString(found->id.text));
    }
    void cancel() override {
        m_from.reset();
        m_preview = {};
    }
    const ToolPreview& preview() const override { return m_preview; }

private:
    std::optional<EntityId> m_from;
    ToolPreview m_preview;
};

}  // namespace

std::size_t nextBehind(const std::vector<const Entity*>& all, const Selection& selection, int by) {
    const auto chosen = std::find_if(all.begin(), all.end(), [&](const Entity* entity) {
        return selection.entities.size() == 1 && selection.entities[0] == entity->id;
    });
    // Where none is chosen, the topmost is what one sees anyway.
    const auto at = chosen == all.end() ? 0 : chosen - all.begin();
    const auto count = static_cast<std::ptrdiff_t>(all.size());
    return static_cast<std::size_t>(((at + by) % count + count) % count);
}

PxPoint snapped(PxPoint pointer, const Kind& kind, CellSize cell, Snap snap) {
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

std::unique_ptr<Tool> makePlaceTool() {
    return std::make_unique<CastingTool>(true);
}
std::unique_ptr<Tool> makeEntitySelect() {
    return std::make_unique<CastingTool>(false);
}
std::unique_ptr<Tool> makeLinkTool() {
    return std::make_unique<LinkTool>();
}

}  // namespace rook::app
