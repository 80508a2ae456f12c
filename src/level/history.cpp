#include "level/history.h"

#include <algorithm>

namespace rook::level {

namespace {

std::size_t bytesNotSharedOf(const Sketch& sketch, const Sketch& former) {
    std::size_t bytes = 0;
    for (std::size_t i = 0; i < sketch.leaves.size(); ++i) {
        const SharedVector<Mark>& marks = sketch.leaves[i].marks;
        const bool hasFormer = i < former.leaves.size();
        if (hasFormer && marks.isSharedWith(former.leaves[i].marks)) continue;
        bytes += marks.size() * sizeof(Mark);
        for (std::size_t m = 0; m < marks.size(); ++m) {
            // Points are shared by marks that were not changed; they mostly keep their place.
            const bool isSame = hasFormer && m < former.leaves[i].marks.size() &&
                                marks[m].points.isSharedWith(former.leaves[i].marks[m].points);
            if (!isSame) bytes += marks[m].points.size() * sizeof(PxPoint);
        }
    }
    sketch.forEachUnderlay([&](const Underlay& underlay) {
        const Underlay* before = former.underlayOn(underlay.storey);
        const auto& picture = underlay.picture.bytes;
        if (picture && !(before && before->picture.bytes == picture)) bytes += picture->size();
    });
    return bytes;
}

}  // namespace

std::size_t bytesNotShared(const Project& project, const Project& former) {
    std::size_t bytes = sizeof(Project) + project.levels.size() * sizeof(project.levels[0]);
    const auto count = [&](const std::shared_ptr<const Level>& level) {
        const auto before = former.findLevel(level->id);
        if (before == level) return;
        bytes += sizeof(Level);
        bytes += before ? level->cells.bytesNotSharedWith(before->cells) : level->cells.byteCount();
        bytes += (before ? level->entities.countNotSharedWith(before->entities)
                         : level->entities.size()) *
                 sizeof(Entity);
        bytes += level->tiles.bytesNotSharedWith(before ? before->tiles : Grid<Tile>());
        for (std::size_t i = 0; i < level->layers.size(); ++i) {
            const bool hasFormer = before && i < before->layers.size();
            bytes += level->layers[i].tiles.bytesNotSharedWith(hasFormer ? before->layers[i].tiles
                                                                         : Grid<Tile>());
            bytes += level->layers[i].cells.bytesNotSharedWith(hasFormer ? before->layers[i].cells
                                                                         : Grid<Cell>());
        }
        bytes += bytesNotSharedOf(level->sketch, before ? before->sketch : Sketch());
    };
    std::for_each(project.levels.begin(), project.levels.end(), count);
    std::for_each(project.swatches.begin(), project.swatches.end(), count);
    return bytes;
}

History::History(Project first, std::size_t limitBytes) : m_limitBytes(limitBytes) {
    m_steps.push_back(
        {std::make_shared<const HistoryStep>(HistoryStep{std::move(first), {}, {}, {}}), 0});
}

History History::restored(std::vector<HistoryStep> steps, std::size_t position,
                          std::size_t limitBytes) {
    ROOK_ASSERT(position < steps.size(), "the position is that of a step");
    History history(Project(), limitBytes);
    history.m_steps.clear();
    for (HistoryStep& step : steps) {
        const std::size_t bytes =
            history.m_steps.empty()
                ? 0
                : bytesNotShared(step.project, history.m_steps.back().step->project);
        history.m_bytes += bytes;
        history.m_steps.push_back({std::make_shared<const HistoryStep>(std::move(step)), bytes});
    }
    history.m_position = position;
    return history;
}

void History::push(Project project, std::string name, LevelId level, CellRect touched) {
    while (canRedo()) {
        m_bytes -= m_steps.back().bytes;
        m_steps.pop_back();
    }
    const std::size_t bytes = bytesNotShared(project, current());
    m_steps.push_back({std::make_shared<const HistoryStep>(HistoryStep{
                           std::move(project), std::move(name), std::move(level), touched}),
                       bytes});
    m_bytes += bytes;
    m_position = m_steps.size() - 1;
    while (m_bytes > m_limitBytes && m_steps.size() > 1) {
        m_steps.pop_front();
        m_bytes -= m_steps.front().bytes;
        m_steps.front().bytes = 0;
        --m_position;
    }
}

const HistoryStep& History::undo() {
    ROOK_ASSERT(canUndo(), "undo has a step to take back");
    return *m_steps[m_position--].step;
}

const HistoryStep& History::redo() {
    ROOK_ASSERT(canRedo(), "redo has a step to do again");
    return *m_steps[++m_position].step;
}

void History::checkInvariants() const {
    ROOK_ASSERT(!m_steps.empty() && m_position < m_steps.size(), "there is a current value");
    std::size_t sum = 0;
    for (std::size_t i = 1; i < m_steps.size(); ++i)
        sum += m_steps[i].bytes;
    ROOK_ASSERT(sum == m_bytes, "the byte count is the sum of the steps");
}

}  // namespace rook::level
