#pragma once
/// Small games, and all that can be done in them, state by state.

#include <map>
#include <set>

#include "../reach/reach_brute_force.h"
#include "game/proof.h"
#include "level/cast_edits.h"
#include "rook_carry.hpp"

namespace rook::testing {

/// A game of 3 to 5 levels of 16 x 10 cells of 3 x 3 px, with keys, doors, abilities, goals.
class RandomGame {
public:
    explicit RandomGame(Random& random) : m_random(random) {}

    level::Project make() {
        addKinds();
        m_project.game.carries.abilities = m_random.chance(60);
        m_project.game.carries.keys = m_random.chance(50);
        if (m_random.chance(15)) m_project.game.afterLast.what = level::AfterLastWhat::Again;
        const int count = m_random.between(3, 5);
        for (int i = 0; i < count; ++i)
            m_project.levels.push_back(std::make_shared<const level::Level>(makeLevel(i, count)));
        return std::move(m_project);
    }

private:
    void addKinds() {
        m_project.matters.edit([&](auto& list) {
            for (const auto behaviour : {level::Behaviour::Solid, level::Behaviour::Deadly}) {
                level::Matter matter;
                matter.name = behaviour == level::Behaviour::Solid ? "stone" : "teeth";
                matter.behaviour = behaviour;
                list.push_back(matter);
            }
        });
        using level::Role;
        for (const Role role :
             {Role::Spawn, Role::Entry, Role::Exit, Role::Key, Role::Door, Role::Pickup}) {
            level::Kind kind;
            kind.id = {std::string(level::nameOf(role))};
            kind.title = kind.id.text;
            kind.role = role;
            m_project.kinds.edit([&](auto& list) { list.push_back(kind); });
        }
        level::MotionProfile profile;
        profile.name = "body";
        profile.bodyWidth = m_random.between(2, 4);
        profile.bodyHeight = m_random.between(2, 5);
        profile.run = {m_random.between(15000, 40000)};
        profile.greatestFall = {m_random.between(15000, 50000)};
        profile.jumpHeight = {m_random.between(1000, 3500)};
        profile.timeToTop = {m_random.between(60, 130)};
        profile.climb = profile.swim = {8000};
        profile.abilities = {level::Ability::AirJump, level::Ability::WallJump};
        profile.airJumps = 1;
        profile.wallPush = 2;
        m_project.profiles = std::vector<level::MotionProfile>{profile};
    }

    PxRect openBox(const level::Level& level, int width, int height) {
        PxRect box;
        for (int tries = 0; tries < 40; ++tries) {
            box = {m_random.between(0, 48 - width), m_random.between(0, 30 - height), width,
                   height};
            bool isOpen = true;
            for (int y = box.y / 3; y <= (box.bottom() - 1) / 3; ++y)
                for (int x = box.x / 3; x <= (box.right() - 1) / 3; ++x)
                    isOpen = isOpen && level.cells.at(x, y).isOpen();
            if (isOpen) break;
        }
        return box;
    }
    level::Entity& add(level::Level& level, level::Role role, int width, int height) {
        level::Entity entity;
        entity.kind = {std::string(level::nameOf(role))};
        entity.id = level::freshEntityId(level, entity.kind);
        entity.box = openBox(level, width, height);
        level.entities.edit([&](auto& list) { list.push_back(entity); });
        return const_cast<level::Entity&>(level.entities.back());
    }

    level::Level makeLevel(int index, int count) {
        using level::Role;
        level::Level made;
        made.id = {"level-" + std::to_string(index)};
        made.title = made.id.text;
        made.cellSize = {3, 3};
        made.cells = Grid<level::Cell>(16, 10);
        made.edges.bottom =
            m_random.chance(50) ? runtime::EdgeRule::Wall : runtime::EdgeRule::Deadly;
        const int density = m_random.between(8, 26);
        for (int y = 0; y < 10; ++y)
            for (int x = 0; x < 16; ++x)
                if (m_random.chance(y == 9 ? 70 : density))
                    made.cells.set(
                        x, y,
                        level::Cell({static_cast<std::uint16_t>(m_random.chance(90) ? 1 : 2)}));
        const int spawns = m_random.chance(25) ? 2 : 1;
        for (int i = 0; i < spawns; ++i)
            add(made, Role::Spawn, 4, 5);
        if (spawns > 1 && m_random.chance(60)) made.arrives = level::Arrives::Any;
        if (m_random.chance(30)) add(made, Role::Entry, 4, 5);
        std::vector<EntityId> openers;
        for (int i = m_random.between(0, 2); i > 0; --i) {
            level::Entity& key = add(made, Role::Key, 3, 3);
            if (m_random.chance(60)) key.data.letter = m_random.chance(50) ? "A" : "B";
            openers.push_back(key.id);
        }
        if (m_random.chance(55)) {
            level::Entity& pickup = add(made, Role::Pickup, 3, 3);
            if (m_random.chance(80))
                pickup.data.grants =
                    m_random.chance(50) ? level::Ability::AirJump : level::Ability::WallJump;
        }
        for (int i = openers.empty() ? 0 : m_random.between(0, 2); i > 0; --i) {
            level::Entity& door = add(made, Role::Door, 3, 9);
            door.data.opens = {
                openers[static_cast<std::size_t>(m_random.between(0, int(openers.size()) - 1))]};
        }
        for (int i = m_random.between(1, 3); i > 0; --i) {
            level::Entity& exit = add(made, Role::Exit, 4, 6);
            exit.to.onward = level::Onward::Next;
            const int to = m_random.between(0, 9);
            if (to < 4) {
                exit.to = {level::Onward::Level,
                           {"level-" + std::to_string(m_random.between(0, count - 1))},
                           {}};
                if (m_random.chance(25)) exit.to.entry = {"entry-1"};
            } else if (to == 4) {
                exit.to = {level::Onward::End, {}, {}};
            }
            if (!openers.empty() && m_random.chance(20)) exit.data.opens = {openers.front()};
        }
        if (m_random.chance(20)) {
            level::LevelGoal goal;
            goal.kind = {m_random.chance(50) ? "pickup" : "key"};
            goal.count = m_random.between(0, 2);
            goal.isNeeded = m_random.chance(80);
            made.goals.edit([&](auto& list) { list.push_back(goal); });
        }
        return made;
    }

    Random& m_random;
    level::Project m_project;
};

/// One way of leaving a level.
struct BruteWay {
    EntityId exit;
    level::InHand after;
    auto operator<=>(const BruteWay&) const = default;
};

/// Every input from every state of one level, by the stepper, with all that can be taken told
/// apart and what is in hand held from the start. None if there are too many states.
inline std::optional<std::set<BruteWay>> bruteWays(const level::Project& project,
                                                   const level::Level& level, const EntityId& entry,
                                                   const level::InHand& hand,
                                                   const level::InHand& matters, std::size_t most) {
    using runtime::Body;
    using runtime::Stance;
    level::Project plain = project;
    plain.game.carries = {};
    reach::QueryOptions options;
    options.entry = entry;
    for (const level::Entity& entity : level.entities) {
        const level::Role role = project.roleOf(entity);
        if (role == level::Role::Pickup || role == level::Role::Key)
            options.tells.push_back(entity.id.text);
    }
    auto query = reach::queryOf(plain, level, options);
    if (!query) return std::nullopt;
    reach::Problem& problem = query->problem;
    if (project.game.carries.abilities)
        runtime::beginWith({level::grantedForGood(project), hand.abilities}, problem.tables,
                           problem.parts);
    runtime::HeldSet inHand = 0;
    const auto entityOf = [&](std::size_t gain) {
        return level::findEntity(level, {query->gainIds[gain]});
    };
    for (std::size_t i = 0; i < query->gainIds.size(); ++i)
        if (project.game.carries.keys && project.roleOf(*entityOf(i)) == level::Role::Key &&
            hand.has(level::keyOf(*entityOf(i))))
            inHand |= runtime::HeldSet{1} << i;
    const runtime::LevelRules rules = game::rulesOf(project, level, game::rulesOf(project));
    const runtime::MotionTables tables = freelyOf(problem);
    const runtime::World world(problem.frame, *problem.cells, tables, problem.parts);

    // A state holds what was taken apart from what was brought: goals count the former only.
    std::set<BruteWay> ways;
    std::set<std::pair<decltype(keyOf(Body())), runtime::HeldSet>> known;
    std::deque<std::pair<Body, runtime::HeldSet>> open;
    const auto mayWin = [&](runtime::HeldSet taken) {
        for (const runtime::GoalRule& goal : rules.goals) {
            int count = 0;
            for (std::size_t i = 0; i < query->gainIds.size(); ++i)
                count += ((taken >> i) & 1u) != 0 && entityOf(i)->kind.text == goal.kind;
            if (goal.isNeeded && count < goal.count) return false;
        }
        return true;
    };
    const auto handWith = [&](runtime::HeldSet held) {
        level::InHand now = hand;
        for (std::size_t i = 0; i < query->gainIds.size(); ++i) {
            if (((held >> i) & 1u) == 0) continue;
            now.abilities |= level::grantedForGood(project, *entityOf(i));
            if (project.roleOf(*entityOf(i)) == level::Role::Key)
                now.add(level::keyOf(*entityOf(i)));
        }
        return now.within(matters);
    };
    const auto exitAt = [&](int x, int y) -> std::optional<EntityId> {
        for (const level::Entity& entity : level.entities)
            if (project.roleOf(entity) == level::Role::Exit &&
                entity.box.overlaps({x, y, tables.bodyWidth, tables.bodyHeight}))
                return entity.id;
        return std::nullopt;
    };
    const auto add = [&](Body body, runtime::HeldSet taken) {
        if (body.stance == Stance::Ended) return;
        body.tick = 0;
        if (known.insert({keyOf(body), taken}).second) open.emplace_back(body, taken);
    };
    if (!problem.start) return ways;
    Body first = runtime::bodyAt(level::boxOf(*problem.start), world, tables, inHand);
    if (first.stance == Stance::Ended) return ways;
    if (mayWin(0))
        if (const auto exit = exitAt(first.x, first.y)) {
            ways.insert({*exit, handWith(inHand)});
            return ways;
        }
    add(first, 0);
    while (!open.empty()) {
        if (known.size() > most) return std::nullopt;
        const Body body = open.front().first;
        const runtime::HeldSet taken = open.front().second;
        open.pop_front();
        const bool wins = mayWin(taken);
        forEachInput(world, tables, body, [&](const runtime::Input& input) {
            Body next = body;
            std::optional<EntityId> exit;
            runtime::HeldSet met = world.gainsAt(body.x, body.y);
            runtime::step(world, tables, next, input, [&](int x, int y) {
                if (!exit && wins) exit = exitAt(x, y);
                met |= world.gainsAt(x, y);
            });
            if (exit)
                ways.insert({*exit, handWith(body.held)});
            else
                add(next, taken | met);
        });
    }
    return ways;
}

}  // namespace rook::testing
