#pragma once
/// What reach means for a level: can the exits be reached, and the pickups?

#include <string>
#include <variant>
#include <vector>

#include "kit/audit.h"
#include "kit/walk_graph.h"
#include "level/carried.h"
#include "motion/step_tables.h"
#include "puzzle/solver.h"
#include "reach/resolver.h"

namespace rook::reach {

/// A thing that a body may want to get to.
struct Goal {
    std::string id;
    std::string title;
    level::Role role = level::Role::Exit;
    PxRect box;
    bool isReached = false;
    bool isUndecided = true;  ///< neither a run nor a proof that there is none was found
    bool operator==(const Goal&) const = default;
};

/// A kit board, to be walked: values of its own.
struct KitBoard {
    level::Project project;
    level::Level level;
    std::optional<CellRect> closed;  ///< modules that nobody may enter, on any storey
};

/// What a kit board comes to.
struct KitAnswer {
    kit::PlacedIndex index;
    kit::WalkGraph graph;
    kit::KitReach reach;
    kit::Audit audit;
};

/// A puzzle level, to be solved.
struct PuzzleBoard {
    puzzle::play::Board board;
    std::string flaw;  ///< why it cannot be played, without a full stop; empty = it can
};

/// What a puzzle level comes to.
struct PuzzleAnswer {
    std::shared_ptr<const puzzle::play::Board> board;
    puzzle::Solution solution;
};

/// What is asked: a problem for the solver, with the things to reach, and what forbids an answer.
struct Query {
    Problem problem;
    std::vector<Goal> goals;             ///< exits, checkpoints, pickups, keys and switches
    std::vector<std::string> gainIds;    ///< of the entities that `problem.parts.gains` stands for
    std::vector<std::string> profiles;   ///< names, by their number in `problem.tables`
    std::vector<std::string> notSolved;  ///< what stands in the level that is not solved yet
    std::shared_ptr<const KitBoard> board;  ///< of a kit level, which is walked module by module
    std::shared_ptr<const PuzzleBoard> puzzle;  ///< of a puzzle level, where nobody walks
};

/// True if a body wants to get to such things.
[[nodiscard]] bool isGoal(level::Role role);

enum class VerdictKind {
    Reached,     ///< every exit
    NotReached,  ///< at least one exit is out of reach, proven
    NotDecided,  ///< a limit was met, or the level has what is not solved yet
    NoStart,
    StartBlocked,  ///< the body does not fit at the start, or dies there
    NoExit,
    Solved,     ///< a puzzle, in `least` moves
    NotSolved,  ///< a puzzle that cannot be, proven
    NoRule,     ///< a puzzle level in which things are only placed
};

/// "reached", "not-reached" and so on: how it stands in files.
[[nodiscard]] std::string_view nameOf(VerdictKind kind);

struct Verdict {
    VerdictKind kind = VerdictKind::NoStart;
    std::string reason;  ///< for NotDecided: why
    std::vector<Goal> goals;
    int exitsReached = 0;
    int exitsUndecided = 0;
    int exitCount = 0;
    int least = 0;  ///< moves of a puzzle that is solved
    bool operator==(const Verdict&) const = default;

    [[nodiscard]] int goalsReached() const;
    /// One sentence, as Prove and the command line show it.
    [[nodiscard]] std::string sentence() const;
};

/// How an answer was come by.
enum class AnsweredBy : unsigned char {
    Solving,
    Mending,   ///< what an edit cannot change was known
    Carrying,  ///< no body notices the edit: the states are those from before
};

/// What solving a board of cells comes to.
struct CellAnswer {
    Reached reached;
    runtime::MotionTables tables;
};

struct Answer {
    Verdict verdict;
    /// By the kind of level.
    std::variant<CellAnswer, std::shared_ptr<const KitAnswer>, std::shared_ptr<const PuzzleAnswer>>
        found;
    double milliseconds = 0;  ///< wall time of getting it
    AnsweredBy by = AnsweredBy::Solving;

    /// Of a puzzle level; null on others.
    [[nodiscard]] const PuzzleAnswer* onPuzzle() const {
        const auto* puzzle = std::get_if<std::shared_ptr<const PuzzleAnswer>>(&found);
        return puzzle ? puzzle->get() : nullptr;
    }
    /// Of a board of cells; on others it is empty: no body is anywhere.
    [[nodiscard]] const CellAnswer& onCells() const;
    /// Of a board of pieces; null on others.
    [[nodiscard]] const KitAnswer* onKit() const {
        const auto* kit = std::get_if<std::shared_ptr<const KitAnswer>>(&found);
        return kit ? kit->get() : nullptr;
    }
};

/// What is asked otherwise than the project says.
struct QueryOptions {
    motion::Weakening weakening;
    runtime::AbilitySet lent = 0;   ///< had besides those of the profile
    runtime::AbilitySet taken = 0;  ///< not had
    EntityId entry;                 ///< spawn or entry to begin at; empty = the first spawn
    /// What is carried there; none = as the level assumes. Where nothing is carried it counts for
    /// nothing.
    std::optional<level::InHand> inHand;
    std::vector<EntityId> held;     ///< keys and switches that are in hand from the start
    std::vector<EntityId> without;  ///< keys, switches and pickups that nobody can have
    /// Ids of what is told apart though nothing in the level depends on it: other levels do.
    std::vector<std::string> tells;
};

/// Errors: OutOfRange from the motion profile or a spring; BadReference if the level names none
/// that exists.
[[nodiscard]] Result<Query> queryOf(const level::Project& project, const level::Level& level,
                                    const QueryOptions& options = {});

/// The profile with abilities lent and taken away: a lent air jump is one at least.
[[nodiscard]] level::MotionProfile withAbilities(level::MotionProfile profile,
                                                 runtime::AbilitySet lent,
                                                 runtime::AbilitySet taken);

/// `resolver`, if any, may know what an edit cannot change. For `Extent::Sure` the verdict is the
/// same, and where movers may lead besides is looked for only if a goal hangs on it.
[[nodiscard]] Answer answer(const Query& query, const Limits& limits = {},
                            Resolver* resolver = nullptr, Extent extent = Extent::All);
/// The same for what is known to be reached.
[[nodiscard]] Answer answerFrom(const Query& query, Reached reached, const Limits& limits = {});
/// Adds what an answer of `Extent::Sure` left out. Cost: as addWhatMayBe.
void complete(const Query& query, Answer& answer, const Limits& limits = {},
              Resolver* resolver = nullptr);

}  // namespace rook::reach
