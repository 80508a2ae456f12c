#pragma once
/// What is known of a level beyond "can it be reached": the run that proves it, how much weaker a
/// player could be, and with which abilities it could be done.

#include <memory>

#include "reach/run_finder.h"
#include "reach/traps.h"
#include "reach/verdict.h"

namespace rook::reach {

/// A place of the proof run that a weaker player misses first.
struct TightPlace {
    PxRect body;      ///< where the body would have come to stand
    PxRect from;      ///< where it stood last
    int percent = 0;  ///< the weakening at which it is missed
    bool operator==(const TightPlace&) const = default;
};

/// The greatest weakening in per cent, 0 to 60, at which every exit that is reached is reached
/// still, as well as at all smaller ones.
struct Comfort {
    int percent = 0;
    bool isLeast = false;            ///< so much at least: whether more would do was not decided
    std::vector<TightPlace> places;  ///< the tightest first; few
    bool operator==(const Comfort&) const = default;
};
inline constexpr int maxComfort = 60;

struct Proof {
    Verdict verdict;
    std::string exit;        ///< id of the exit that the run gets to
    std::optional<Run> run;  ///< to the first exit that is reached; none if there is none
    std::string whyNoRun;    ///< where there is none although the exit is reached
    /// The run meets a foe, and every way to that exit leads through where the foe goes.
    bool hasNoWayRound = false;
    std::optional<Comfort> comfort;
};

/// `known`, if any, is the answer to that very question, which is not solved again. Cost: one solve
/// with a log, and one a per cent of comfort.
[[nodiscard]] Proof prove(const level::Project& project, const level::Level& level,
                          const QueryOptions& options = {}, const Limits& limits = {},
                          const Answer* known = nullptr);

/// A run to the first exit of the query that one gets to. With hazards that are on at times it
/// waits for their windows, as far as waiting helps.
/// The same for `foes`: a run that keeps clear of them if waiting helps, or else another way, out
/// of where those go that it meets; else one that does not. Cost: with foes, a solve for each of
/// four foes that it meets, at most.
[[nodiscard]] Proof proveRun(const Query& query, const RunFinder& finder,
                             const std::vector<runtime::Way>& foes = {}, const Limits& limits = {});

/// A run that keeps clear of what goes about, if there is one.
struct ClearRun {
    bool isMet = false;  ///< a run gets there, be it through foes or among what is on at times
    std::optional<Run> run;
    bool isClear = false;        ///< it meets no foe, and waits for the windows of timed hazards
    bool hasNoWayRound = false;  ///< as in `Proof`
};
/// To a box. With `accepts`, the last tick begins with such a set. Cost: as `proveRun`.
[[nodiscard]] ClearRun clearRunTo(const Problem& problem, const RunFinder& finder,
                                  const PxRect& goal, const std::vector<runtime::Way>& foes,
                                  const AcceptsSet& accepts = {}, const Limits& limits = {});

/// What goes about in a level and kills who touches it: foes on patrol, members of formations of
/// foes or hazards. Cost: the ticks of each until it comes round.
[[nodiscard]] std::vector<runtime::Way> foesOf(const level::Project& project,
                                               const level::Level& level,
                                               const runtime::MotionTables& tables);

/// None if no exit is reached, or when cancelled. `run` is a proof run of the level as it is.
[[nodiscard]] std::optional<Comfort> comfortOf(const level::Project& project,
                                               const level::Level& level,
                                               const QueryOptions& options, const Run* run,
                                               const Limits& limits = {});

/// The smallest sets of abilities, of those listed, with which a goal is reached.
struct AbilitySets {
    std::string goal;                        ///< id
    std::vector<runtime::AbilitySet> least;  ///< none contains another; none at all = never
    bool operator==(const AbilitySets&) const = default;
};

/// Exact: each subset of the listed abilities is solved unless a smaller one reaches all goals.
/// Cost: 2^n solves for n abilities at most. Empty when cancelled.
[[nodiscard]] std::vector<AbilitySets> abilitySetsOf(const level::Project& project,
                                                     const level::Level& level,
                                                     const QueryOptions& options = {},
                                                     const Limits& limits = {});

/// The ids of what is gained on the way of a run, in order, as far as it makes a difference.
[[nodiscard]] std::vector<std::string> criticalPath(const Query& query, const Run& run);

/// Whether a kept run is possible still.
struct RunCheck {
    bool isPossible = false;
    std::string why;  ///< it is not
    PxRect place;     ///< where the body was last
};
/// Cost: the ticks of the run.
[[nodiscard]] RunCheck checkRun(const Query& query, const level::Level& level,
                                const level::KeptRun& run);

/// A run as it is kept with a level.
[[nodiscard]] level::KeptRun keptRunOf(const Run& run, std::string name, std::string goal);

}  // namespace rook::reach
