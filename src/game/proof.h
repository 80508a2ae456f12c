#pragma once
/// The proof of the whole game: whether it can be finished, by which chain of runs, which levels
/// are never come to, and where one can be with no way left to the end.
///
/// A node is a level as it is come to: where it begins, and what is in hand that makes a difference
/// to some other level. From it the level is solved; an edge is an exit by which it can be won,
/// with each thing that can be in hand then. No edge is dropped for a better one: who has fewer
/// abilities may win where who has more does not.
///
///  1. A node is *reached* if all edges of some way to it are proven by runs.
///  2. *Ends: yes* has a chain of runs to the end; *no* means that every way is proven to stop,
///     whatever is done; else it is not known.
///  3. Where a level may begin at any of its spawns, all of them must end.
///
/// Threads: a pure function; it may run anywhere.

#include <functional>
#include <memory>

#include "game/flow.h"
#include "game/winning.h"

namespace rook::game {

struct Edge {
    std::size_t from = 0;  ///< node
    WayOut way;
    Destination to;
    std::vector<std::size_t> targets;  ///< nodes; none at the end, or if it leads nowhere
};

struct Node {
    LevelId level;
    EntityId entry;  ///< spawn or entry at which it begins
    level::InHand inHand;
    std::vector<std::size_t> edges;
    bool isReached = false;  ///< proven by runs; else it may be
    Decided ends = Decided::Unknown;
    std::string why;  ///< why it cannot be won, or is not known
};

/// One level of the chain: as it is come to, and the run that wins it.
struct Link {
    std::size_t node = 0;
    std::size_t edge = 0;
};

struct GameProof {
    Decided ends = Decided::Unknown;
    std::string why;          ///< unless it is *yes*: a sentence
    std::vector<Node> nodes;  ///< breadth first
    std::vector<Edge> edges;
    std::vector<std::size_t> start;  ///< nodes
    std::vector<Link> chain;         ///< from the start to the end, if it can be finished
    /// Of the game that cannot be finished: the first level in the running order that one comes to
    /// and from which no way leads on.
    LevelId stopsAt;
    std::vector<LevelId> never;         ///< levels that are proven never to be come to
    std::vector<std::size_t> deadEnds;  ///< nodes: reached, and from there every way stops
    bool isComplete = true;             ///< false if a limit was met or it was cancelled

    /// The best that is known of a level, over the ways in which it is come to; none if it is not.
    [[nodiscard]] std::optional<Decided> endsFrom(const LevelId& level) const;
};

struct GameLimits {
    std::size_t mostNodes = 4096;
    std::size_t mostHands = 64;  ///< ways out of one node
    reach::Limits solve;
    /// Told before each node: how many are done, and are known. May be empty.
    std::function<void(std::size_t done, std::size_t known)> progress;
};

/// Levels that are solved are kept from one proof to the next, by their value.
class WinningCache;

/// Cost: `winningOf` for each node. `cache`, if any, gives and takes what was solved before.
[[nodiscard]] GameProof proveGame(const level::Project& project, const GameLimits& limits = {},
                                  WinningCache* cache = nullptr);

/// What makes a difference to some level that may be come to after that one, by any exits:
/// abilities that a profile lists and a level grants for good, and keys that open something.
/// Nothing that is not carried. Cost: the entities of those levels.
[[nodiscard]] level::InHand whatMattersAfter(const level::Project& project,
                                             const level::Level& from);

/// One sentence: "The game can be finished: 4 levels, 71 s." and so on.
[[nodiscard]] std::string sentenceOf(const level::Project& project, const GameProof& proof);

/// "with air-jump and Crank A", or "with nothing in hand".
[[nodiscard]] std::string wordsOf(const level::Project& project, const level::InHand& hand);

/// Threads: one at a time.
class WinningCache {
public:
    WinningCache();
    ~WinningCache();
    WinningCache(const WinningCache&) = delete;
    WinningCache& operator=(const WinningCache&) = delete;
    /// Null if it is not known for those very values.
    [[nodiscard]] std::shared_ptr<const Winning> find(const level::Project& project,
                                                      const level::Level& level,
                                                      const WinOptions& options) const;
    void keep(const level::Project& project, std::shared_ptr<const level::Level> level,
              const WinOptions& options, std::shared_ptr<const Winning> winning);
    /// Forgets what is of former values.
    void sweep(const level::Project& project);

private:
    struct Kept;
    std::vector<Kept> m_kept;
};

}  // namespace rook::game
