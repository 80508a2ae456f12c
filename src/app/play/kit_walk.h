#pragma once
/// Walk on a kit board: a body that goes where the walk graph lets it. No widget here: a wish and
/// ticks in, a place out.

#include <QPointF>
#include <memory>
#include <set>

#include "base/result.h"
#include "kit/paced_run.h"

namespace rook::app {

class KitWalk {
public:
    /// Begins at the entry (the first spawn where it is empty), or in the module of a px of that
    /// storey. `known`: the graph of this very level, where it was made already. Errors: Missing
    /// without a spawn; NotApplicable where nothing is to stand on.
    [[nodiscard]] static Result<std::unique_ptr<KitWalk>> begin(
        const level::Project& project, std::shared_ptr<const level::Level> level,
        std::optional<PxPoint> at, int storey, const EntityId& entry = {},
        const kit::WalkGraph* known = nullptr);

    /// The way that one wishes to go, across and down; as fast as one can where it is 1 long.
    void setWish(double dx, double dy);
    /// Goes by these from now on, where something goes by the clock, instead of by wishes.
    void follow(std::vector<kit::PacedMove> moves);
    /// Moves by a sixtieth of a second; gives what was taken in it.
    std::vector<std::string> tick();
    /// As at first, with nothing taken.
    void beginAgain();

    /// Modules across and down, units above storey 0.
    struct Place {
        double x = 0;
        double y = 0;
        double z = 0;
        int storey = 0;
    };
    [[nodiscard]] Place place() const;
    [[nodiscard]] const std::vector<QPointF>& trail() const { return m_trail; }
    [[nodiscard]] std::vector<std::string> takenIds() const {
        return {m_taken.begin(), m_taken.end()};
    }
    [[nodiscard]] bool isTaken(const std::string& id) const { return m_taken.contains(id); }
    [[nodiscard]] int ticks() const { return m_ticks; }
    [[nodiscard]] int finished() const { return m_finished; }
    /// Times that something harmed it: it goes on at the last checkpoint then, else at the start.
    [[nodiscard]] int deaths() const { return m_deaths; }
    /// A foe, a hazard that is on, or a member of a group, where it is now.
    struct Going {
        EntityId id;
        PxRect box;
        int storey = 0;
        int member = -1;
    };
    [[nodiscard]] std::vector<Going> going() const;
    /// What goes is drawn where it is, not where it was placed.
    [[nodiscard]] bool goes(const level::Entity& entity) const;
    /// The exit that was met last; empty if none was.
    [[nodiscard]] const std::string& lastExit() const { return m_lastExit; }

private:
    KitWalk(const level::Project& project, std::shared_ptr<const level::Level> level,
            const kit::WalkGraph* known);
    [[nodiscard]] bool mayEnter(int patch) const;
    void goAlong(double& along, double by, level::Side lower, level::Side upper);
    void meet(std::vector<std::string>& taken);
    void takePlace();
    void goByTheClock();
    void beginStep();
    bool tryStep(int dx, int dy);
    struct Start {
        kit::ExactPoint at;  ///< modules
        int storey = 0;
    };
    void putAt(const Start& start);

    level::Project m_project;
    std::shared_ptr<const level::Level> m_level;
    kit::PlacedIndex m_index;
    kit::WalkGraph m_graph;
    Start m_start;
    std::optional<Start> m_checkpoint;
    std::optional<kit::PacedBody> m_body;  ///< where something goes by the clock
    std::vector<kit::PacedMove> m_moves;   ///< that it follows
    std::size_t m_move = 0;
    int m_waited = 0;  ///< ticks of the move, where it waits
    int m_deaths = 0;
    int m_patch = -1;
    double m_x = 0, m_y = 0;
    bool m_isNew = true;  ///< here: what stands here was not met yet
    double m_dx = 0, m_dy = 0;
    int m_ticks = 0;
    int m_finished = 0;
    std::string m_lastExit;
    std::set<std::string> m_taken;
    std::vector<QPointF> m_trail;
};

}  // namespace rook::app
