#pragma once
/// Walk on a kit board: a body that goes where the walk graph lets it. No widget here: a wish and
/// ticks in, a place out.

#include <QPointF>
#include <memory>
#include <set>

#include "base/result.h"
#include "kit/walk_graph.h"

namespace rook::app {

class KitWalk {
public:
    /// Begins at the entry (the first spawn where it is empty), or in the module of a px of that
    /// storey. Errors: Missing without a spawn; NotApplicable where nothing is to stand on.
    [[nodiscard]] static Result<std::unique_ptr<KitWalk>> begin(
        const level::Project& project, std::shared_ptr<const level::Level> level,
        std::optional<PxPoint> at, int storey, const EntityId& entry = {});

    /// The way that one wishes to go, across and down; as fast as one can where it is 1 long.
    void setWish(double dx, double dy);
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
    /// The exit that was met last; empty if none was.
    [[nodiscard]] const std::string& lastExit() const { return m_lastExit; }

private:
    KitWalk(const level::Project& project, std::shared_ptr<const level::Level> level);
    [[nodiscard]] bool mayEnter(int patch) const;
    void goAlong(double& along, double by, level::Side lower, level::Side upper);
    void meet(std::vector<std::string>& taken);
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
