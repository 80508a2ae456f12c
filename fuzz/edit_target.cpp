#include "edit_target.h"

#include "file/project_file.h"
#include "file/text_files.h"
#include "level/board_size.h"
#include "level/cast_edits.h"
#include "level/edits.h"
#include "level/history.h"
#include "level/level_edits.h"
#include "level/matter_edits.h"
#include "level/running_order.h"
#include "level/stamps.h"
#include "level/tile_edits.h"
#include "memory_files.h"

namespace rook::fuzz {

namespace {

using namespace level;

/// Numbers out of bytes, in turn; 0 when they are over.
class Numbers {
public:
    explicit Numbers(Bytes bytes) : m_bytes(bytes) {}
    [[nodiscard]] bool areOver() const { return m_at >= m_bytes.size(); }
    int below(int limit) {
        const int byte = areOver() ? 0 : m_bytes[m_at];
        ++m_at;
        return limit > 0 ? byte % limit : 0;
    }

private:
    Bytes m_bytes;
    std::size_t m_at = 0;
};

class Editor {
public:
    explicit Editor(Bytes bytes) : m_numbers(bytes) {
        Project project = file::newProject("Fuzz");
        Level second = *project.levels[0];
        second.id = {"level-2"};
        project.levels.push_back(std::make_shared<const Level>(std::move(second)));
        m_history = History(std::move(project));
    }

    void run() {
        const file::TextFiles first = file::textFilesOf(now());
        for (int edits = 0; !m_numbers.areOver() && edits < 150; ++edits)
            edit();
        m_history.checkInvariants();
        readBack();
        while (m_history.canUndo())
            (void)m_history.undo();
        const file::TextFiles last = file::textFilesOf(now());
        require(first.size() == last.size(), "all undone, there are the same files");
        for (const auto& [path, text] : first)
            require(last.contains(path) && last.at(path).sha256 == text.sha256,
                    "all undone, the bytes are those of the beginning");
        while (m_history.canRedo())
            (void)m_history.redo();
    }

private:
    [[nodiscard]] const Project& now() const { return m_history.current(); }
    [[nodiscard]] const Level& level() {
        return *now().levels[std::size_t(m_numbers.below(int(now().levels.size())))];
    }
    CellRect rect(const Level& level) {
        return {m_numbers.below(level.cells.width()) - 2, m_numbers.below(level.cells.height()) - 2,
                1 + m_numbers.below(9), 1 + m_numbers.below(9)};
    }
    Cell cell() {
        const int matter = m_numbers.below(int(now().matters.size()));
        return Cell({static_cast<std::uint16_t>(matter)});
    }
    std::vector<EntityId> someEntities(const Level& level) {
        std::vector<EntityId> ids;
        for (const Entity& entity : level.entities)
            if (m_numbers.below(2)) ids.push_back(entity.id);
        return ids;
    }
    void push(const LevelEdit& edit) {
        m_history.push(now().withLevel(edit.level), edit.name, edit.level.id, edit.touched);
    }
    void push(const Result<LevelEdit>& edit) {
        if (edit) push(*edit);
    }
    void push(const ProjectEdit& edit) {
        m_history.push(edit.project, edit.name, edit.project.levels[0]->id, {});
    }

    void push(const Result<AddedLevel>& added) {
        if (added) push(added->edit);
    }
    void push(const Result<ProjectEdit>& edit) {
        if (edit) push(*edit);
    }
    void changeLevels(const LevelId& at) {
        const bool isRoom = now().levels.size() < 6;
        switch (m_numbers.below(4)) {
            case 0:
                if (isRoom) push(addLevel(now(), usualLevel(now(), LevelKind::Side, at)));
                break;
            case 1:
                if (isRoom) push(duplicateLevel(now(), at));
                break;
            case 2:
                push(removeLevel(now(), at));
                break;
            default:
                push(changeLevelId(now(), at, {"id-" + std::to_string(m_numbers.below(9))}));
        }
    }

    void edit() {
        const Level& at = level();
        switch (m_numbers.below(14)) {
            case 0:
            case 1:
                push(layCells(now(), at, CellRegion(rect(at)), cell(), "Lay"));
                break;
            case 2: {
                const int kind = m_numbers.below(int(now().kinds.size()));
                push(placeEntity(at, now().kinds[std::size_t(kind)],
                                 {m_numbers.below(256) * 3, m_numbers.below(256) * 2},
                                 Facing::Right));
                break;
            }
            case 3:
                push(moveEntities(at, someEntities(at), m_numbers.below(64) - 32,
                                  m_numbers.below(64) - 32));
                break;
            case 4:
                push(deleteEntities(at, someEntities(at)));
                break;
            case 5: {
                const CellRect frame{m_numbers.below(5) - 2, m_numbers.below(5) - 2,
                                     at.cells.width() + m_numbers.below(9) - 4,
                                     at.cells.height() + m_numbers.below(9) - 4};
                if (frame.width < 200 && frame.height < 200) push(resizeBoard(at, frame));
                break;
            }
            case 6:
                push(addLayer(at, m_numbers.below(2) == 1, "layer"));
                break;
            case 7:
                if (!at.layers.empty())
                    push(layOnLayer(at, CellRegion(rect(at)), cell(),
                                    m_numbers.below(int(at.layers.size()))));
                break;
            case 8:
                if (!at.layers.empty())
                    push(removeLayer(at, m_numbers.below(int(at.layers.size()))));
                break;
            case 9:
                push(moveLevel(now(), at.id, m_numbers.below(3) - 1));
                break;
            case 10:
                changeLevels(at.id);
                break;
            case 11:
                push(renameLevel(at, "Title " + std::to_string(m_numbers.below(256))));
                break;
            case 12:
                if (m_history.canUndo()) (void)m_history.undo();
                break;
            default:
                if (m_history.canRedo()) (void)m_history.redo();
        }
    }

    /// Saved, read back, and equal.
    void readBack() {
        MemoryFiles disk;
        const file::Path folder = "/rook-plot-nowhere/edits";
        require(file::saveProject(disk, folder, now()).has_value(), "what is edited can be saved");
        const auto again = file::openProject(disk, folder);
        require(again.has_value(), "what was saved can be opened");
        const auto files = file::textFilesOf(now()), others = file::textFilesOf(*again);
        require(files.size() == others.size(), "as many files");
        for (const auto& [path, text] : files)
            require(others.at(path).sha256 == text.sha256, "what is read is what was saved");
    }

    Numbers m_numbers;
    History m_history;
};

}  // namespace

void makeEdits(Bytes bytes) {
    Editor(bytes).run();
}

}  // namespace rook::fuzz
