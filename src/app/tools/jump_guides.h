#pragma once
/// What the board shows of jumps: guides at the pointer, and a ruler between two edges.

#include <QList>
#include <QString>
#include <optional>

#include "level/project.h"
#include "motion/jump_guide.h"

namespace rook::app {

struct JumpGuide {
    QString name;  ///< "without air jump"; empty for what the profile can
    motion::StepTables tables;
    motion::JumpAids aids;
    motion::JumpArc high;
    motion::JumpArc far;
};

/// From the edge of one floor to that of another, in level px; both are borders between px.
struct JumpLine {
    PxPoint from;
    PxPoint to;
    bool operator==(const JumpLine&) const = default;
};

struct JumpWords {
    bool isMade = false;
    QString gap;
    QString rise;
    QString verdict;
};

class JumpGuides {
public:
    /// Makes the guides anew if profile or cell size are others than before.
    void update(const level::Project& project, const level::Level& level);
    /// What the profile can first, then with or without each ability that makes a difference. None
    /// if the profile is refused.
    [[nodiscard]] const QList<JumpGuide>& guides() const { return m_guides; }
    /// The least jump, where the profile has short hops.
    [[nodiscard]] const std::optional<motion::JumpArc>& hop() const { return m_hop; }
    /// Requires: updated.
    [[nodiscard]] const JumpWords& wordsFor(const JumpLine& line);

private:
    [[nodiscard]] JumpWords measured(const JumpLine& line) const;
    void add(const level::MotionProfile& profile, const QString& name);

    std::optional<level::MotionProfile> m_profile;
    CellSize m_cell;
    QList<JumpGuide> m_guides;
    std::optional<motion::JumpArc> m_hop;
    std::optional<JumpLine> m_measured;  ///< that m_words are of: every frame asks
    JumpWords m_words;
};

/// The px row that a body under the pointer would stand on: the top of the first solid or one-way
/// px at or below it. None if there is none within 64 cells.
[[nodiscard]] std::optional<int> floorBelow(const level::Project& project,
                                            const level::Level& level, PxPoint px);

}  // namespace rook::app
