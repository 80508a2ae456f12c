#include "game/proof.h"

#include <algorithm>
#include <deque>
#include <map>
#include <set>

#include "level/cast_edits.h"
#include "level/rules.h"

namespace rook::game {

using namespace level;

namespace {

/// What makes a difference to that level.
void addWhatMatters(const Project& project, const Level& level, InHand& matters) {
    const Carries& carries = project.game.carries;
    if (const MotionProfile* profile = project.profileOf(level))
        for (const Ability ability : profile->abilities)
            if (carries.abilities) matters.abilities |= setOf(ability);
    if (!carries.keys) return;
    for (const Entity& door : level.entities) {
        if (!mayBeShut(project.roleOf(door))) continue;
        for (const EntityId& id : whatOpens(project, level, door)) {
            const Entity* opener = findEntity(level, id);
            if (opener && project.roleOf(*opener) == Role::Key) matters.add(keyOf(*opener));
        }
    }
}

/// The levels that the exits of a level lead to, or that winning it without one does.
std::vector<LevelId> leadsTo(const Project& project, const Level& level) {
    std::vector<LevelId> to;
    const auto add = [&](const ExitTarget& target) {
        const Destination destination = destinationOf(project, level, target);
        if (destination.sort == Destination::Sort::Level) to.push_back(destination.level);
    };
    for (const Entity& entity : level.entities)
        if (project.roleOf(entity) == Role::Exit) add(entity.to);
    if (to.empty()) add({Onward::Next, {}, {}});
    return to;
}

}  // namespace

InHand whatMattersAfter(const Project& project, const Level& from) {
    InHand matters;
    const Carries& carries = project.game.carries;
    if (!carries.abilities && !carries.keys) return matters;
    std::vector<LevelId> open = leadsTo(project, from);
    std::set<LevelId> known(open.begin(), open.end());
    while (!open.empty()) {
        const auto level = project.findLevel(open.back());
        open.pop_back();
        if (!level) continue;
        addWhatMatters(project, *level, matters);
        for (LevelId& next : leadsTo(project, *level))
            if (known.insert(next).second) open.push_back(std::move(next));
    }
    if (carries.abilities) matters.abilities &= grantedForGood(project);
    return matters;
}

struct WinningCache::Kept {
    Project project;
    std::shared_ptr<const Level> level;
    WinOptions options;
    std::shared_ptr<const Winning> winning;
};

WinningCache::WinningCache() = default;
WinningCache::~WinningCache() = default;

std::shared_ptr<const Winning> WinningCache::find(const Project& project, const Level& level,
                                                  const WinOptions& options) const {
    for (const Kept& kept : m_kept)
        if (kept.level.get() == &level && kept.options.entry == options.entry &&
            kept.options.inHand == options.inHand && kept.options.matters == options.matters &&
            kept.project.game.carries == project.game.carries &&
            kept.project.game.tallies == project.game.tallies &&
            haveSameRules(kept.project, project))
            return kept.winning;
    return nullptr;
}

void WinningCache::keep(const Project& project, std::shared_ptr<const Level> level,
                        const WinOptions& options, std::shared_ptr<const Winning> winning) {
    m_kept.push_back({project, std::move(level), options, std::move(winning)});
}

void WinningCache::sweep(const Project& project) {
    std::erase_if(m_kept, [&](const Kept& kept) {
        return std::find(project.levels.begin(), project.levels.end(), kept.level) ==
                   project.levels.end() ||
               kept.project.game.carries != project.game.carries ||
               kept.project.game.tallies != project.game.tallies ||
               !haveSameRules(kept.project, project);
    });
}

std::optional<Decided> GameProof::endsFrom(const LevelId& level) const {
    std::optional<Decided> best;
    for (const Node& node : nodes) {
        if (node.level != level) continue;
        if (node.ends == Decided::Yes) return Decided::Yes;
        if (!best || node.ends == Decided::Unknown) best = node.ends;
    }
    return best;
}

namespace {

class Proving {
public:
    Proving(const Project& project, const GameLimits& limits, WinningCache* cache)
        : m_project(project), m_limits(limits), m_cache(cache) {}

    GameProof run() {
        const Destination start = startOf(m_project);
        if (start.sort != Destination::Sort::Level) {
            m_proof.ends = Decided::No;
            m_proof.why = start.problem;
            for (const auto& level : m_project.levels)
                m_proof.never.push_back(level->id);
            return std::move(m_proof);
        }
        InHand nothing;
        m_proof.start = nodesFor(start, nothing);
        for (std::size_t i = 0; i < m_proof.nodes.size() && m_proof.isComplete; ++i)
            follow(i);
        findReached();
        decide();
        if (m_proof.ends == Decided::Yes) findChain();
        findStops();
        return std::move(m_proof);
    }

private:
    /// What the level can use of it; the rest makes no difference to it or to those after it.
    [[nodiscard]] std::vector<std::size_t> nodesFor(const Destination& to, const InHand& hand) {
        const auto level = m_project.findLevel(to.level);
        std::vector<EntityId> entries{to.entry};
        const bool isAny = level->arrives == Arrives::Any;
        const Entity* entry = findEntity(*level, to.entry);
        if (isAny && entry && m_project.roleOf(*entry) == Role::Spawn && !to.isNamed) {
            entries.clear();
            for (const Entity& entity : level->entities)
                if (m_project.roleOf(entity) == Role::Spawn) entries.push_back(entity.id);
        }
        std::vector<std::size_t> nodes;
        for (const EntityId& id : entries)
            if (const auto node = nodeOf(to.level, id, hand)) nodes.push_back(*node);
        return nodes;
    }

    [[nodiscard]] std::optional<std::size_t> nodeOf(const LevelId& level, const EntityId& entry,
                                                    const InHand& hand) {
        const auto key = std::make_tuple(level, entry, hand);
        if (const auto known = m_known.find(key); known != m_known.end()) return known->second;
        if (m_proof.nodes.size() >= m_limits.mostNodes) {
            stopShort("there are more than " + std::to_string(m_limits.mostNodes) +
                      " ways in which levels are come to");
            return std::nullopt;
        }
        m_known[key] = m_proof.nodes.size();
        Node node;
        node.level = level;
        node.entry = entry;
        node.inHand = hand;
        m_proof.nodes.push_back(std::move(node));
        m_isFollowed.push_back(false);
        m_isOpen.push_back(false);
        return m_proof.nodes.size() - 1;
    }

    void stopShort(std::string why) {
        m_proof.isComplete = false;
        if (m_proof.why.empty()) m_proof.why = std::move(why);
    }

    [[nodiscard]] std::shared_ptr<const Winning> winningIn(
        const std::shared_ptr<const Level>& level, const Node& node) {
        WinOptions options;
        options.entry = node.entry;
        options.inHand = node.inHand;
        options.matters = mattersAfter(*level);
        options.looksAtBonus = false;
        if (m_cache)
            if (auto known = m_cache->find(m_project, *level, options)) return known;
        auto winning =
            std::make_shared<const Winning>(winningOf(m_project, *level, options, m_limits.solve));
        if (m_cache && !m_limits.solve.isCancelled())
            m_cache->keep(m_project, level, options, winning);
        return winning;
    }

    [[nodiscard]] const InHand& mattersAfter(const Level& level) {
        const auto known = m_matters.find(level.id);
        if (known != m_matters.end()) return known->second;
        return m_matters.emplace(level.id, whatMattersAfter(m_project, level)).first->second;
    }

    void follow(std::size_t index) {
        if (m_limits.progress) m_limits.progress(index, m_proof.nodes.size());
        if (m_limits.solve.isCancelled()) return stopShort("it was cancelled");
        const Node node = m_proof.nodes[index];
        const auto level = m_project.findLevel(node.level);
        const auto winning = winningIn(level, node);
        m_proof.nodes[index].why = winning->why;
        if (winning->ways.size() > m_limits.mostHands)
            return stopShort(level->title + " can be left with more than " +
                             std::to_string(m_limits.mostHands) + " sets of things in hand");
        m_isFollowed[index] = true;
        m_isOpen[index] = !winning->isWhole;
        for (const WayOut& way : winning->ways) {
            if (way.can == Decided::No) continue;
            Edge edge;
            edge.from = index;
            edge.way = way;
            const Entity* exit = findEntity(*level, way.exit);
            edge.to = destinationOf(m_project, *level,
                                    exit ? exit->to : ExitTarget{Onward::Next, {}, {}});
            if (edge.to.sort == Destination::Sort::Level) {
                if (isAnEnd(*level, edge, exit))
                    edge.to = {};
                else
                    edge.targets = nodesFor(edge.to, way.after);
            }
            m_proof.nodes[index].edges.push_back(m_proof.edges.size());
            m_proof.edges.push_back(std::move(edge));
        }
    }

    /// Where the last level leads round to the start again, winning it counts as an end.
    [[nodiscard]] bool isAnEnd(const Level& level, const Edge& edge, const Entity* exit) const {
        const bool goesNext = !exit || exit->to.onward == Onward::Next;
        return goesNext && levelAfter(m_project, level.id).isEmpty() &&
               m_project.game.afterLast.what == AfterLastWhat::Again &&
               edge.to.sort == Destination::Sort::Level;
    }

    void findReached() {
        std::deque<std::size_t> open(m_proof.start.begin(), m_proof.start.end());
        for (const std::size_t node : open)
            m_proof.nodes[node].isReached = true;
        while (!open.empty()) {
            const Node& node = m_proof.nodes[open.front()];
            open.pop_front();
            for (const std::size_t e : node.edges)
                if (m_proof.edges[e].way.can == Decided::Yes)
                    for (const std::size_t target : m_proof.edges[e].targets)
                        if (!m_proof.nodes[target].isReached) {
                            m_proof.nodes[target].isReached = true;
                            open.push_back(target);
                        }
        }
    }

    /// The nodes from which an end is come to: over proven edges, or over all that there may be.
    /// With the rounds in which they are found, so that a chain never goes in circles.
    [[nodiscard]] std::vector<int> endings(bool onlyProven) const {
        std::vector<int> round(m_proof.nodes.size(), -1);
        for (int now = 0, isNew = 1; isNew != 0; ++now) {
            isNew = 0;
            std::vector<std::size_t> found;
            for (std::size_t i = 0; i < m_proof.nodes.size(); ++i) {
                if (round[i] >= 0) continue;
                const bool isOpen = !onlyProven && (!m_isFollowed[i] || m_isOpen[i]);
                if (isOpen || std::any_of(m_proof.nodes[i].edges.begin(),
                                          m_proof.nodes[i].edges.end(), [&](std::size_t e) {
                                              return leadsToEnd(m_proof.edges[e], onlyProven,
                                                                round);
                                          }))
                    found.push_back(i);
            }
            for (const std::size_t i : found)
                round[i] = now;
            isNew = found.empty() ? 0 : 1;
        }
        return round;
    }

    [[nodiscard]] bool leadsToEnd(const Edge& edge, bool onlyProven,
                                  const std::vector<int>& round) const {
        if (onlyProven && edge.way.can != Decided::Yes) return false;
        if (edge.to.sort == Destination::Sort::End) return true;
        if (edge.to.sort == Destination::Sort::Nowhere) return false;
        // Nodes that were too many may end.
        if (edge.targets.empty()) return !onlyProven;
        return std::all_of(edge.targets.begin(), edge.targets.end(),
                           [&](std::size_t target) { return round[target] >= 0; });
    }

    void decide() {
        m_proven = endings(true);
        const std::vector<int> possible = endings(false);
        for (std::size_t i = 0; i < m_proof.nodes.size(); ++i)
            m_proof.nodes[i].ends = m_proven[i] >= 0   ? Decided::Yes
                                    : possible[i] >= 0 ? Decided::Unknown
                                                       : Decided::No;
        const auto all = [&](Decided ends) {
            return std::all_of(m_proof.start.begin(), m_proof.start.end(),
                               [&](std::size_t node) { return m_proof.nodes[node].ends == ends; });
        };
        const bool isNo =
            std::any_of(m_proof.start.begin(), m_proof.start.end(),
                        [&](std::size_t node) { return m_proof.nodes[node].ends == Decided::No; });
        m_proof.ends = all(Decided::Yes) ? Decided::Yes : isNo ? Decided::No : Decided::Unknown;
        if (m_proof.start.empty()) m_proof.ends = Decided::Unknown;
    }

    void findChain() {
        std::size_t at = m_proof.start.front();
        for (;;) {
            // The edge that is nearest the end, in file order.
            std::optional<std::size_t> best;
            int nearest = 0;
            for (const std::size_t e : m_proof.nodes[at].edges) {
                const Edge& edge = m_proof.edges[e];
                if (!leadsToEnd(edge, true, m_proven)) continue;
                int round = -1;
                for (const std::size_t target : edge.targets)
                    round = std::max(round, m_proven[target]);
                if (!best || round < nearest) {
                    best = e;
                    nearest = round;
                }
            }
            m_proof.chain.push_back({at, *best});
            if (m_proof.edges[*best].targets.empty()) return;
            at = m_proof.edges[*best].targets.front();
        }
    }

    void findStops() {
        for (std::size_t i = 0; i < m_proof.nodes.size(); ++i)
            if (m_proof.nodes[i].isReached && m_proof.nodes[i].ends == Decided::No)
                m_proof.deadEnds.push_back(i);
        for (const auto& level : m_project.levels) {
            const auto isOf = [&](const Node& node) { return node.level == level->id; };
            if (m_proof.isComplete &&
                std::none_of(m_proof.nodes.begin(), m_proof.nodes.end(), isOf) && !hasOpenNode())
                m_proof.never.push_back(level->id);
            if (m_proof.ends != Decided::No || !m_proof.stopsAt.isEmpty()) continue;
            // Here nothing leads on; what leads round to here is no fault of the others.
            for (const std::size_t i : m_proof.deadEnds)
                if (isOf(m_proof.nodes[i]) && !leadsOn(m_proof.nodes[i])) {
                    m_proof.stopsAt = level->id;
                    break;
                }
        }
        if (m_proof.ends == Decided::No && m_proof.stopsAt.isEmpty() && !m_proof.deadEnds.empty())
            m_proof.stopsAt = m_proof.nodes[m_proof.deadEnds.front()].level;
        if (m_proof.ends == Decided::Unknown && m_proof.why.empty())
            for (const Node& node : m_proof.nodes)
                if (node.ends == Decided::Unknown && m_proof.why.empty())
                    for (const std::size_t e : node.edges)
                        if (m_proof.edges[e].way.can == Decided::Unknown && m_proof.why.empty())
                            m_proof.why = m_project.findLevel(node.level)->title + ": " +
                                          m_proof.edges[e].way.why;
        if (m_proof.ends == Decided::Unknown && m_proof.why.empty())
            for (const Node& node : m_proof.nodes)
                if (node.ends == Decided::Unknown && !node.why.empty() && m_proof.why.empty())
                    m_proof.why = m_project.findLevel(node.level)->title + ": " + node.why;
    }
    [[nodiscard]] bool hasOpenNode() const {
        return std::find(m_isOpen.begin(), m_isOpen.end(), true) != m_isOpen.end();
    }
    [[nodiscard]] bool leadsOn(const Node& node) const {
        return std::any_of(node.edges.begin(), node.edges.end(), [&](std::size_t e) {
            return m_proof.edges[e].to.sort == Destination::Sort::Level;
        });
    }

    const Project& m_project;
    const GameLimits& m_limits;
    WinningCache* m_cache;
    GameProof m_proof;
    std::map<std::tuple<LevelId, EntityId, InHand>, std::size_t> m_known;
    std::map<LevelId, InHand> m_matters;  ///< after each level that was come to
    std::vector<bool> m_isFollowed;       ///< by node
    std::vector<bool> m_isOpen;           ///< by node: there may be ways out that are not known
    std::vector<int> m_proven;
};

}  // namespace

GameProof proveGame(const Project& project, const GameLimits& limits, WinningCache* cache) {
    if (cache) cache->sweep(project);
    return Proving(project, limits, cache).run();
}

std::string wordsOf(const Project& project, const InHand& hand) {
    std::vector<std::string> names;
    for (int i = 0; i < abilityCount; ++i)
        if (const auto ability = static_cast<Ability>(i);
            (hand.abilities & runtime::setOf(ability)) != 0)
            names.emplace_back(nameOf(ability));
    for (const CarriedKey& key : hand.keys) {
        const Kind* kind = project.findKind(key.kind);
        names.push_back((kind ? kind->title : key.kind.text) +
                        (key.letter.empty() ? "" : " " + key.letter));
    }
    if (names.empty()) return "with nothing in hand";
    std::string text = "with ";
    for (std::size_t i = 0; i < names.size(); ++i)
        text += (i == 0 ? "" : i + 1 == names.size() ? " and " : ", ") + names[i];
    return text;
}

std::string sentenceOf(const Project& project, const GameProof& proof) {
    const auto titleOf = [&](const LevelId& id) {
        const auto level = project.findLevel(id);
        return level ? level->title : id.text;
    };
    switch (proof.ends) {
        case Decided::Yes: {
            std::size_t ticks = 0;
            for (const Link& link : proof.chain)
                ticks += proof.edges[link.edge].way.inputs.size();
            const std::size_t levels = proof.chain.size();
            return "The game can be finished: " + std::to_string(levels) +
                   (levels == 1 ? " level, " : " levels, ") + std::to_string((ticks + 30) / 60) +
                   " s.";
        }
        case Decided::No:
            if (proof.stopsAt.isEmpty())
                return "The game cannot be finished: " +
                       (proof.why.empty() ? std::string("no way leads to an end") : proof.why) +
                       ".";
            return "The game cannot be finished: no way leads on from " + titleOf(proof.stopsAt) +
                   ".";
        case Decided::Unknown:
            return "Whether the game can be finished is not decided: " +
                   (proof.why.empty() ? std::string("some way was not decided") : proof.why) + ".";
    }
    return {};
}

}  // namespace rook::game
