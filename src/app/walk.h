#pragma once
/// Walk: the playtest, with the stepper that the solver and games use. No widget here: keys and
/// time in, a body, a trail and counts out.

#include <QPointF>
#include <memory>
#include <optional>
#include <vector>

#include "base/result.h"
#include "level/project.h"
#include "motion/step_tables.h"

namespace rook::app {

/// Keys that are held; `jumpPressed` is set once by the press.
struct WalkKeys {
    bool left = false;
    bool right = false;
    bool up = false;  ///< listened to where the level is seen from above
    bool down = false;
    bool jump = false;
    int jumpBufferTicks = 0;  ///< ticks for which a press is still remembered
};

class Walk {
public:
    /// Begins at the first spawn, or with `at` as bottom centre of the body.
    /// Errors: Missing without a spawn; NotApplicable if the body has no room; those of motion.
    [[nodiscard]] static Result<std::unique_ptr<Walk>> begin(const level::Project& project,
                                                             const level::Level& level,
                                                             std::optional<PxPoint> at);

    [[nodiscard]] WalkKeys& keys() { return m_keys; }
    /// Moves by one tick.
    void tick();

    [[nodiscard]] const runtime::Body& body() const { return m_body; }
    [[nodiscard]] const runtime::MotionTables& tables() const { return m_tables; }
    [[nodiscard]] bool facesLeft() const { return m_facesLeft; }
    [[nodiscard]] int deaths() const { return m_deaths; }
    [[nodiscard]] int finished() const { return m_finished; }
    [[nodiscard]] const std::string& lastExit() const { return m_lastExit; }
    /// Feet of the body after each tick of this run, level px.
    [[nodiscard]] const std::vector<QPointF>& trail() const { return m_trail; }
    /// The same of the run that ended with the last death; empty before it.
    [[nodiscard]] const std::vector<QPointF>& formerTrail() const { return m_formerTrail; }

private:
    Walk(const level::Project& project, const level::Level& level, runtime::MotionTables tables,
         PxRect start, std::vector<runtime::Box> deadly);
    void restart();
    void countExits();

    level::LevelCells m_cells;
    runtime::MotionTables m_tables;
    runtime::World m_world;
    PxRect m_start;
    std::vector<std::pair<std::string, runtime::Box>> m_exits;
    runtime::Body m_body;
    WalkKeys m_keys;
    bool m_facesLeft = false;
    bool m_isAtExit = false;
    int m_deaths = 0;
    int m_finished = 0;
    std::string m_lastExit;
    std::vector<QPointF> m_trail;
    std::vector<QPointF> m_formerTrail;
};

}  // namespace rook::app
