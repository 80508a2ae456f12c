#pragma once
/// Undo by former values.
///
/// Invariants:
///  1. `steps()` is never empty; `position()` is the place of the current value in it.
///  2. `byteCount()` is the sum, over all values but the oldest, of the bytes that each does not
///     share with the one before it.
///  3. Above the limit the oldest values are dropped, never the current one.

#include <cstddef>
#include <deque>
#include <memory>
#include <string>
#include <vector>

#include "level/project.h"

namespace rook::level {

struct HistoryStep {
    Project project;
    std::string name;  ///< what was done to get here; empty for the first value
    LevelId level;     ///< where
    CellRect touched;  ///< cells
};

class History {
public:
    static constexpr std::size_t defaultLimitBytes = std::size_t{512} << 20;

    explicit History(Project first = {}, std::size_t limitBytes = defaultLimitBytes);

    /// As it was somewhere else, a step after the other. Requires: position < steps.size().
    [[nodiscard]] static History restored(std::vector<HistoryStep> steps, std::size_t position,
                                          std::size_t limitBytes = defaultLimitBytes);

    /// A value on the way. Histories that are copies share it.
    struct Held {
        std::shared_ptr<const HistoryStep> step;
        std::size_t bytes = 0;  ///< that it does not share with the one before
    };
    [[nodiscard]] const std::deque<Held>& steps() const { return m_steps; }
    [[nodiscard]] std::size_t position() const { return m_position; }

    [[nodiscard]] const Project& current() const { return m_steps[m_position].step->project; }
    /// Makes a value the current one and forgets what had been undone. Cost: one comparison of
    /// pointers a chunk row of the levels that changed.
    void push(Project project, std::string name, LevelId level, CellRect touched);

    [[nodiscard]] bool canUndo() const { return m_position > 0; }
    [[nodiscard]] bool canRedo() const { return m_position + 1 < m_steps.size(); }
    /// Name of the step that undo takes back (redo brings again). Requires: can.
    [[nodiscard]] const std::string& undoName() const { return m_steps[m_position].step->name; }
    [[nodiscard]] const std::string& redoName() const { return m_steps[m_position + 1].step->name; }
    /// Both return the step that was taken back or done again. Requires: can.
    const HistoryStep& undo();
    const HistoryStep& redo();

    [[nodiscard]] std::size_t stepCount() const { return m_steps.size() - 1; }
    [[nodiscard]] std::size_t byteCount() const { return m_bytes; }
    void checkInvariants() const;

private:
    std::deque<Held> m_steps;
    std::size_t m_position = 0;
    std::size_t m_bytes = 0;
    std::size_t m_limitBytes;
};

/// Bytes of `project` that `former` does not share.
[[nodiscard]] std::size_t bytesNotShared(const Project& project, const Project& former);

}  // namespace rook::level
