#include "app/steps/cast/cast_tools.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

#include "level/zone_edits.h"

namespace rook::app {

namespace {

using level::Zone;

enum class ZoneState { Resting, Drawing, Moving, Stretching };

/// Draws zones; on one that is there it moves it, at its border it stretches it; the right button
/// takes it away.
class ZoneTool : public Tool {
public:
    ToolOutcome press(const ToolInput& input) override {
        m_first = input.cell;
        const Zone* selected =
            input.selection->zone ? findZone(*input.level, *input.selection->zone) : nullptr;
        m_sideways = m_upright = 0;
        if (selected) grip(input, *selected);
        const Zone* zone =
            m_sideways != 0 || m_upright != 0 ? selected : level::zoneAt(*input.level, input.cell);
        if (input.isErasing) {
            setState(ZoneState::Resting);
            if (!zone) return {};
            ToolOutcome outcome;
            outcome.edit = removeZone(*input.level, zone->id);
            outcome.isDone = true;
            return outcome;
        }
        ToolOutcome outcome;
        if (!zone || input.isStraight) {
            setState(ZoneState::Drawing);
            outcome.selection = Selection{};
            return outcome;
        }
        m_zone = *zone;
        setState(m_sideways != 0 || m_upright != 0 ? ZoneState::Stretching : ZoneState::Moving);
        outcome.selection = selectionOf(zone->id);
        return outcome;
    }
    ToolOutcome drag(const ToolInput& input) override {
        switch (m_state) {
            case ZoneState::Resting:
                return {};
            case ZoneState::Drawing:
                m_preview.frame = CellRect::spanning(m_first, input.cell)
                                      .intersected(input.level->cells.bounds());
                m_preview.label = sizeText(*m_preview.frame);
                return {};
            case ZoneState::Moving: {
                const int dx = input.cell.x - m_first.x;
                const int dy = input.cell.y - m_first.y;
                if (dx == 0 && dy == 0) return {};
                return changed(input, m_zone.place.moved(dx, dy), "Move ");
            }
            case ZoneState::Stretching:
                return changed(input, stretched(input), "Stretch ");
        }
        return {};
    }
    ToolOutcome release(const ToolInput& input) override {
        ToolOutcome outcome = drag(input);
        if (m_state == ZoneState::Drawing) {
            outcome = draw(input);
        } else {
            outcome.isDone = m_state != ZoneState::Resting;
        }
        setState(ZoneState::Resting);
        return outcome;
    }
    void hover(const ToolInput& input) override {
        m_preview = {};
        m_sideways = m_upright = 0;
        const Zone* selected =
            input.selection->zone ? findZone(*input.level, *input.selection->zone) : nullptr;
        if (selected) grip(input, *selected);
        if (m_sideways != 0 || m_upright != 0)
            m_preview.cursor = m_upright == 0            ? Qt::SizeHorCursor
                               : m_sideways == 0         ? Qt::SizeVerCursor
                               : m_sideways == m_upright ? Qt::SizeFDiagCursor
                                                         : Qt::SizeBDiagCursor;
        else if (const Zone* zone = level::zoneAt(*input.level, input.cell))
            m_preview.label = QString::fromStdString(zone->name);
    }
    void cancel() override { setState(ZoneState::Resting); }
    const ToolPreview& preview() const override { return m_preview; }

private:
    static Selection selectionOf(const ZoneId& id) {
        Selection selection;
        selection.zone = id;
        return selection;
    }
    /// The borders of the zone under the pointer.
    void grip(const ToolInput& input, const Zone& zone) {
        const PxRect box = toPx(zone.place, input.level->cellSize);
        const int slack = input.slackPx(6);
        if (!box.grown(slack).contains(input.px)) return;
        const auto side = [&](int at, int low, int size) {
            if (std::abs(at - low) <= slack) return -1;
            return std::abs(at - low - size) <= slack ? 1 : 0;
        };
        m_sideways = side(input.px.x, box.x, box.width);
        m_upright = side(input.px.y, box.y, box.height);
    }
    /// The borders that are held go to the line of the grid that is nearest to the pointer, so that
    /// a press alone changes nothing.
    [[nodiscard]] CellRect stretched(const ToolInput& input) const {
        const CellSize cell = input.level->cellSize;
        const auto line = [](int px, int size) {
            return static_cast<int>(std::lround(static_cast<double>(px) / size));
        };
        const CellPoint to{line(input.px.x, cell.width), line(input.px.y, cell.height)};
        const CellRect& place = m_zone.place;
        int left = place.x, right = place.right(), top = place.y, bottom = place.bottom();
        if (m_sideways < 0) left = std::min(to.x, right - 1);
        if (m_sideways > 0) right = std::max(to.x, left + 1);
        if (m_upright < 0) top = std::min(to.y, bottom - 1);
        if (m_upright > 0) bottom = std::max(to.y, top + 1);
        return {left, top, right - left, bottom - top};
    }
    ToolOutcome changed(const ToolInput& input, const CellRect& place, const char* verb) {
        Zone next = m_zone;
        const CellSize cell = input.level->cellSize;
        // A camera of its own goes along when the zone is moved.
        if (next.camera && place.width == m_zone.place.width && place.height == m_zone.place.height)
            next.camera = next.camera->moved((place.x - m_zone.place.x) * cell.width,
                                             (place.y - m_zone.place.y) * cell.height);
        next.place = place;
        auto edit = changeZone(*input.level, next, verb + m_zone.name);
        if (!edit) return {{}, {}, {}, edit.error(), false};
        m_preview.label = sizeText(place);
        return {*edit, {}, {}, {}, false};
    }
    static ToolOutcome draw(const ToolInput& input, const CellRect& place) {
        ToolOutcome outcome;
        outcome.isDone = true;
        auto edit = addZone(*input.level, place);
        if (!edit) {
            outcome.error = edit.error();
            return outcome;
        }
        outcome.selection = selectionOf(edit->level.zones.items().back().id);
        outcome.edit = std::move(*edit);
        return outcome;
    }
    [[nodiscard]] ToolOutcome draw(const ToolInput& input) const {
        // A click on nothing only lets go of what was selected.
        if (input.cell == m_first || !m_preview.frame) return {};
        return draw(input, *m_preview.frame);
    }
    void setState(ZoneState state) {
        m_state = state;
        if (state == ZoneState::Resting) m_preview = {};
    }

    ZoneState m_state = ZoneState::Resting;
    CellPoint m_first;
    Zone m_zone;
    int m_sideways = 0;
    int m_upright = 0;
    ToolPreview m_preview;
};

}  // namespace

std::unique_ptr<Tool> makeZoneTool() {
    return std::make_unique<ZoneTool>();
}

}  // namespace rook::app
