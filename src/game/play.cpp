/// A level played by inputs, with the rules of the game.

#include "game/winning.h"
#include "level/cast_edits.h"
#include "rook_player.hpp"

namespace rook::game {

using namespace level;

namespace {

class Playing {
public:
    Playing(const Project& project, const Level& level, const reach::Problem& problem)
        : m_tables(problem.tables),
          m_world(problem.frame, *problem.cells, problem.tables, problem.parts),
          m_game(rulesOf(project)),
          m_rules(rulesOf(project, level, m_game)),
          m_state(runtime::beginGame(m_game)) {
        runtime::arrive(m_game, m_state);
        for (const Entity& entity : level.entities) {
            m_beaten.push_back(beatenKindOf(project, entity));
            const Kind* kind = project.findKind(entity.kind);
            if (!kind) continue;
            if (kind->role == Role::Exit) m_exits.push_back({&entity, kind});
            const bool isTaken =
                kind->role == Role::Pickup || kind->role == Role::Key || kind->role == Role::Switch;
            if (isTaken) m_things.push_back({&entity, kind});
        }
        if (problem.start)
            m_body = runtime::bodyAt(boxOf(*problem.start), m_world, m_tables);
        else
            m_body.stance = runtime::Stance::Ended;
    }

    Played play(const std::vector<runtime::Input>& inputs) {
        Played played;
        played.isDead = m_body.stance == runtime::Stance::Ended;
        for (const runtime::Input& input : inputs)
            if (!played.isDead && !played.isLost && !played.isWon) tick(input, played);
        if (!played.isDead && !played.isLost && !played.isWon && inputs.empty()) {
            // Where one starts may be an exit.
            meet(m_body.x, m_body.y, runtime::mayWin(m_rules, m_state), played);
            if (played.isWon) played.held = m_body.held;
        }
        return played;
    }

private:
    struct Thing {
        const Entity* entity;
        const Kind* kind;
        bool isTaken = false;
        bool isMet = false;  ///< in this tick
    };

    void meet(int x, int y, bool mayWin, Played& played) {
        const PxRect box{x, y, m_tables.bodyWidth, m_tables.bodyHeight};
        if (played.isWon) return;
        if (mayWin)
            for (const Thing& exit : m_exits)
                if (exit.entity->box.overlaps(box)) {
                    played.isWon = true;
                    played.exit = exit.entity->id;
                    return;
                }
        for (Thing& thing : m_things)
            if (!thing.isTaken && thing.entity->box.overlaps(box)) thing.isMet = true;
    }

    void tick(const runtime::Input& input, Played& played) {
        const bool mayWin = runtime::mayWin(m_rules, m_state);
        const runtime::HeldSet held = m_body.held;
        const runtime::BeatenList beaten = m_body.beaten;
        for (Thing& thing : m_things)
            thing.isMet = false;
        if (played.ticks == 0) meet(m_body.x, m_body.y, mayWin, played);
        if (!played.isWon)
            runtime::step(m_world, m_tables, m_body, input,
                          [&](int x, int y) { meet(x, y, mayWin, played); });
        const bool isDead = m_body.stance == runtime::Stance::Ended;
        if (!played.isWon && !isDead) meet(m_body.x, m_body.y, mayWin, played);
        if (played.isWon) {
            played.held = held;
            return;
        }
        ++played.ticks;
        played.held = m_body.held;
        played.isDead = isDead;
        if (isDead) return;
        for (Thing& thing : m_things) {
            if (!thing.isMet) continue;
            thing.isTaken = true;
            const bool counts = thing.kind->role == Role::Pickup;
            runtime::take(m_game, m_state, thing.kind->id.text,
                          counts ? m_game.find(thing.kind->tally) : -1, thing.entity->data.value);
        }
        runtime::forEachBeaten(beaten, m_body.beaten, m_world.parts(), [&](int entity) {
            const Kind* kind = entity < 0 ? nullptr : m_beaten[static_cast<std::size_t>(entity)];
            if (kind)
                runtime::beat(m_game, m_state, kind->id.text, m_game.find(kind->tally),
                              kind->worth);
        });
        const runtime::TickEnd end = runtime::endTick(m_rules, m_state);
        played.isWon = end == runtime::TickEnd::Won;
        played.isLost = end == runtime::TickEnd::Lost;
    }

    runtime::MotionTables m_tables;
    runtime::World m_world;
    runtime::GameRules m_game;
    runtime::LevelRules m_rules;
    runtime::GameState m_state;
    std::vector<Thing> m_exits;
    std::vector<Thing> m_things;
    std::vector<const Kind*> m_beaten;  ///< what each entity is when it is beaten
    runtime::Body m_body;
};

}  // namespace

Played play(const Project& project, const Level& level, const reach::Problem& problem,
            const std::vector<runtime::Input>& inputs) {
    return Playing(project, level, problem).play(inputs);
}

}  // namespace rook::game
