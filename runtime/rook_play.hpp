#pragma once
/// A game in play by its bundle: level after level, with tallies, lives, words, checkpoints, and
/// what is carried. Nothing is drawn and no key is read here: inputs go in, a state comes out.
/// C++17 and the headers beside it; games may copy this file or do it otherwise:
///     rook::runtime::CampaignPlay play("bundle");
///     play.beginGame();
///     while (!play.isOver())
///         play.tick(input);
///
/// All functions throw `LoadError` where a level cannot be loaded or begun.

#include <memory>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "rook_player.hpp"
#include "rook_runtime.hpp"

namespace rook::runtime {

/// One level in play.
struct Stage {
    std::unique_ptr<Level> level;
    std::unique_ptr<World> world;  ///< with foes
    Body body;
    std::string entry;  ///< at which it began
    LevelRules rules;
    std::vector<std::size_t> things;  ///< places of exits and of all that is met, in order
    std::vector<bool> isTaken;        ///< pickups, keys and switches, by place among the entities
    std::optional<Box> checkpoint;
    const Zone* zone = nullptr;  ///< that the body is in
    std::string cameFrom;        ///< id of the zone before that; empty = none
    std::set<std::string> done;  ///< triggers that call once
    bool isAtExit = false;       ///< the overlap with an exit that did not win goes on
};

/// The middle of the entity is in that module of a kit board.
inline bool standsIn(const Level& level, const Entity& entity, const KitModule& module) {
    const int x = (entity.box.x + entity.box.width / 2) / level.frame.cellWidth;
    const int y = (entity.box.y + entity.box.height / 2) / level.frame.cellHeight;
    const int storey = entity.whole.contains("storey") && entity.whole["storey"].is_number_integer()
                           ? entity.whole["storey"].get<int>()
                           : 0;
    return x == module[0] && y == module[1] && storey == module[2];
}

class CampaignPlay {
public:
    /// `seed`: of where levels begin that begin at any of their spawns.
    explicit CampaignPlay(std::string folder, unsigned long long seed = 0)
        : m_folder(std::move(folder)), m_seed(seed), m_campaign(loadCampaign(m_folder)) {
        if (m_campaign.levels.empty())
            throw LoadError("The bundle has no level (campaign.json). Export again.");
        m_state = runtime::beginGame(m_campaign.rules);
    }

    /// From its start, with nothing in hand.
    void beginGame() {
        m_state = runtime::beginGame(m_campaign.rules);
        m_isOver = false;
        const Target& start = m_campaign.start;
        enter(start.level.empty() ? m_campaign.levels.front().id : start.level, start.entry);
    }
    /// A level, at an entry; empty = one of its spawns, as the level says. It begins with what is
    /// carried.
    void enter(const std::string& id, const std::string& entry) {
        const CampaignLevel* known = m_campaign.find(id);
        if (!known) throw LoadError("There is no level " + id + " (campaign.json). Export again.");
        auto level = std::make_unique<Level>(loadLevel(m_folder, known->file));
        const std::vector<const Entity*> spawns = level->spawns();
        std::string at = entry;
        if (at.empty() && level->arrivesAtAny && !spawns.empty())
            at = spawns[spawnOf(m_seed, m_arrivals, spawns.size())]->id;
        ++m_arrivals;
        begin(std::move(level), at);
        show(m_stage.level->texts, "start");
    }
    /// The level as at its arrival; a life is not taken.
    void beginLevelAgain() {
        begin(std::move(m_stage.level), std::string(m_stage.entry));
        m_words.reset();
    }
    /// Reads the bundle anew; the level in play goes on from its start, or the first one does.
    void reload() {
        Campaign campaign = loadCampaign(m_folder);
        m_campaign = std::move(campaign);
        const std::string id = m_stage.level->id;
        enter(m_campaign.find(id) ? id : m_campaign.levels.front().id, m_stage.entry);
    }

    void refreshCampaign() { m_campaign = loadCampaign(m_folder); }  ///< not the level in play
    /// The level in play from its file, which changed: the body goes on where it is, with what it
    /// took, unless it does not fit there any more or other things are gained: then it begins
    /// again.
    void refreshLevel() {
        const CampaignLevel* known = m_campaign.find(m_stage.level->id);
        if (!known) return reload();
        refreshLevel(loadLevel(m_folder, known->file));
    }
    /// The same of a level that was read already.
    void refreshLevel(Level next) {
        auto level = std::make_unique<Level>(std::move(next));
        const Level& former = *m_stage.level;
        const bool goesOn = !level->kit && !level->puzzle && !former.kit && !former.puzzle &&
                            level->gainIds == former.gainIds;
        Stage was = std::move(m_stage);
        const auto state = m_state;
        try {
            begin(std::move(level), was.entry);
        } catch (...) {
            m_stage = std::move(was);
            throw;
        }
        if (!goesOn || !m_stage.world->isFree(was.body.x, was.body.y)) return;
        m_state = state;
        m_stage.body = was.body;
        m_stage.checkpoint = was.checkpoint;
        m_stage.done = std::move(was.done);
        m_stage.isAtExit = was.isAtExit;
        for (std::size_t i = 0; i < m_stage.level->entities.size(); ++i)
            for (std::size_t j = 0; j < was.level->entities.size(); ++j)
                if (was.isTaken[j] && was.level->entities[j].id == m_stage.level->entities[i].id)
                    m_stage.isTaken[i] = true;
    }

    /// Moves the world by one tick; while words wait for a key, nothing moves.
    void tick(const Input& input) {
        if (m_isOver) return;
        if (m_words) {
            if (m_words->ticks == 0) return;
            const bool standsStill = m_then != Then::GoesOn;
            if (--m_wordTicks <= 0) dismiss();
            if (standsStill) return;
        }
        // Nobody walks in puzzles or falls on kit boards: who plays them tells when they are won.
        if (m_stage.level->puzzle) return;
        ++m_ticks;
        if (m_stage.level->kit) return void(++m_state.ticks);
        const bool mayWin = runtime::mayWin(m_stage.rules, m_state);
        std::string exit;
        std::vector<std::size_t> met;
        const BeatenList beaten = m_stage.body.beaten;
        if (m_stage.body.tick == 0) pass(m_stage.body.x, m_stage.body.y, exit, met);
        step(*m_stage.world, m_stage.level->motion, m_stage.body, input,
             [&](int x, int y) { pass(x, y, exit, met); });
        if (mayWin && !exit.empty()) return win(exit);
        if (m_stage.body.stance == Stance::Ended) return lose(false);
        pass(m_stage.body.x, m_stage.body.y, exit, met);
        take(met);
        beat(beaten);
        followZones();
        if (!exit.empty() && !m_stage.isAtExit)
            if (const GoalRule* missing = firstMissing(m_stage.rules, m_state)) say(missing->words);
        m_stage.isAtExit = !exit.empty();
        const TickEnd end = endTick(m_stage.rules, m_state);
        if (end == TickEnd::Won) win("");
        if (end == TickEnd::Lost) lose(true);
    }

    /// Takes what stands in the modules of a kit board, one after the other; true if an exit that
    /// is met there at last wins.
    bool walkAlong(const std::vector<KitModule>& way) {
        for (std::size_t i = 0; i + 1 < way.size(); ++i) {
            std::vector<std::size_t> met;
            for (std::size_t e = 0; e < m_stage.level->entities.size(); ++e) {
                const Entity& entity = m_stage.level->entities[e];
                const bool isTaken =
                    entity.role == "pickup" || entity.role == "key" || entity.role == "switch";
                if (isTaken && !m_stage.isTaken[e] && standsIn(*m_stage.level, entity, way[i]))
                    met.push_back(e);
            }
            take(met);
        }
        // Nothing moves there: one may wait as long as is asked.
        for (const GoalRule& goal : m_stage.rules.goals)
            if (goal.sort == GoalSort::Survive) m_state.ticks = std::max(m_state.ticks, goal.ticks);
        return runtime::mayWin(m_stage.rules, m_state);
    }

    /// The level is won by that exit (empty = without one): its words, then on to where it leads.
    void win(const std::string& exit) {
        m_lastExit = exit;
        ++m_wins;
        for (std::size_t i = 0; i < m_stage.isTaken.size(); ++i)
            if (m_stage.isTaken[i]) carry(m_stage.level->entities[i]);
        m_then = Then::LeadsOn;
        show(m_stage.level->texts, "won");
        if (!m_words) perform();
    }

    /// Words that stand there now; null if none do.
    const ShownText* words() const { return m_words ? &*m_words : nullptr; }
    /// Nothing moves: until `dismiss`, or until the words have had their time.
    bool isWaiting() const { return m_words && (m_words->ticks == 0 || m_then != Then::GoesOn); }
    void dismiss() {
        if (!m_words) return;
        m_words.reset();
        perform();
    }

    bool isOver() const { return m_isOver; }
    const Campaign& campaign() const { return m_campaign; }
    const Stage& stage() const { return m_stage; }
    const GameState& state() const { return m_state; }
    const std::string& lastExit() const { return m_lastExit; }
    int deaths() const { return m_deaths; }
    int wins() const { return m_wins; }          ///< levels won
    long long ticks() const { return m_ticks; }  ///< in which the world moved
    /// Messages for the game since they were last asked for: of triggers and zones.
    std::vector<std::string> takeMessages() { return std::exchange(m_messages, {}); }
    /// How the picture follows the former one, where another level or zone came up since it was
    /// last asked; a cut elsewhere.
    Transition takeTransition() { return std::exchange(m_transition, {}); }

private:
    enum class Then { GoesOn, LeadsOn, LevelAgain, GameAgain, Ends };

    void begin(std::unique_ptr<Level> level, const std::string& entry) {
        Stage stage;
        stage.level = std::move(level);
        if (m_campaign.rules.carriesAbilities) stage.level->beginWith(m_state.abilities);
        Parts parts = stage.level->parts;
        parts.foes = stage.level->ways();
        stage.world = std::make_unique<World>(stage.level->frame, *stage.level, stage.level->motion,
                                              std::move(parts));
        stage.entry = entry;
        stage.body = stage.level->start(*stage.world, entry, brought(*stage.level));
        if (stage.body.stance == Stance::Ended && !stage.level->kit && !stage.level->puzzle)
            throw LoadError("The level " + stage.level->id +
                            " has no start with room for the body. Mend it and export again.");
        for (std::size_t i = 0; i < stage.level->entities.size(); ++i)
            if (isMet(stage.level->entities[i].role)) stage.things.push_back(i);
        stage.isTaken.assign(stage.level->entities.size(), false);
        stage.rules = stage.level->rulesOf(m_campaign.rules);
        stage.zone = stage.level->zoneAt(boxAt(*stage.level, stage.body.x, stage.body.y));
        m_stage = std::move(stage);
        m_then = Then::GoesOn;
        arrive(m_campaign.rules, m_state);
    }

    /// Keys that are carried count as every such key of the level.
    HeldSet brought(const Level& level) const {
        HeldSet held = 0;
        if (!m_campaign.rules.carriesKeys) return held;
        for (std::size_t i = 0; i < level.gainIds.size(); ++i)
            for (const Entity& entity : level.entities)
                if (entity.id == level.gainIds[i] && entity.role == "key" &&
                    m_state.keys.count(keyOf(entity)) > 0)
                    held |= HeldSet{1} << i;
        return held;
    }
    static std::string keyOf(const Entity& key) {
        return key.kind + " " + key.whole.value("letter", std::string());
    }
    void carry(const Entity& taken) {
        if (m_campaign.rules.carriesKeys && taken.role == "key") m_state.keys.insert(keyOf(taken));
        if (m_campaign.rules.carriesAbilities && taken.role == "pickup" &&
            taken.whole.contains("grants") && taken.whole.value("grantTicks", 0) == 0)
            m_state.abilities |= detail::readGrants(taken.whole["grants"], taken.id + ".grants");
    }

    static Box boxAt(const Level& level, int x, int y) {
        return {x, y, level.motion.bodyWidth, level.motion.bodyHeight};
    }
    /// What a body at (x, y) meets: the first exit, and things by their place.
    void pass(int x, int y, std::string& exit, std::vector<std::size_t>& met) const {
        const Box body = boxAt(*m_stage.level, x, y);
        for (const std::size_t i : m_stage.things) {
            const Entity& entity = m_stage.level->entities[i];
            if (!overlaps(body, entity.box)) continue;
            if (entity.role != "exit") {
                if (std::find(met.begin(), met.end(), i) == met.end()) met.push_back(i);
            } else if (exit.empty()) {
                exit = entity.id;
            }
        }
    }
    static bool isMet(const std::string& role) {
        return role == "exit" || role == "pickup" || role == "key" || role == "switch" ||
               role == "checkpoint" || role == "trigger";
    }
    /// At the end of a tick, in the order of the level's file.
    void take(std::vector<std::size_t>& met) {
        std::sort(met.begin(), met.end());
        std::set<std::string> inTriggers;
        for (const std::size_t i : met) {
            const Entity& entity = m_stage.level->entities[i];
            if (entity.role == "checkpoint") m_stage.checkpoint = entity.box;
            if (entity.role == "trigger") inTriggers.insert(entity.id);
            if (entity.role == "trigger") call(entity);
            if (entity.role == "checkpoint" || entity.role == "trigger" || m_stage.isTaken[i])
                continue;
            m_stage.isTaken[i] = true;
            const std::string tally = entity.whole.value("tally", std::string());
            runtime::take(m_campaign.rules, m_state, entity.kind, m_campaign.rules.find(tally),
                          entity.whole.value("value", 1));
        }
        m_inTriggers = std::move(inTriggers);
    }
    /// Foes that were beaten in a tick.
    void beat(const BeatenList& before) {
        forEachBeaten(before, m_stage.body.beaten, m_stage.world->parts(), [&](int place) {
            if (place < 0) return;
            const Entity& entity = m_stage.level->entities[static_cast<std::size_t>(place)];
            const bool isGroup = entity.whole.contains("formation");
            const nlohmann::json& what = isGroup ? entity.whole["formation"] : entity.whole;
            const std::string kind = isGroup ? what.value("member", std::string()) : entity.kind;
            const std::string tally = what.value("tally", std::string());
            runtime::beat(m_campaign.rules, m_state, kind, m_campaign.rules.find(tally),
                          what.value("worth", 1));
        });
    }
    /// Once when a body comes into it; of one that calls once, that is all.
    void call(const Entity& entity) {
        const nlohmann::json& trigger =
            entity.whole.contains("trigger") ? entity.whole["trigger"] : entity.whole;
        if (m_inTriggers.count(entity.id) > 0 || m_stage.done.count(entity.id) > 0) return;
        if (trigger.is_object() && trigger.value("once", false)) m_stage.done.insert(entity.id);
        if (!trigger.is_object() || !trigger.contains("calls") || !trigger["calls"].is_array())
            return;
        for (const nlohmann::json& each : trigger["calls"])
            if (each.is_object()) tellGame(each.value("message", std::string()));
    }
    void tellGame(const std::string& message) {
        if (message.empty()) return;
        m_messages.push_back(message);
        say(message);
    }
    void followZones() {
        const Zone* now =
            m_stage.level->zoneAt(boxAt(*m_stage.level, m_stage.body.x, m_stage.body.y));
        if (now == m_stage.zone) return;
        if (m_stage.zone) {
            m_stage.cameFrom = m_stage.zone->id;
            for (const std::string& message : m_stage.zone->onLeave)
                tellGame(message);
        }
        if (now && m_stage.zone) m_transition = now->transition;
        m_stage.zone = now;
        if (now)
            for (const std::string& message : now->onEnter)
                tellGame(message);
    }

    /// A life less; the body goes on, the level begins again, or the game.
    void lose(bool isLost) {
        ++m_deaths;
        const Death death = isLost ? runtime::lose(m_campaign.rules, m_state)
                                   : die(m_campaign.rules, m_stage.rules, m_state);
        if (death == Death::GoesOn) return goOn();
        m_then = death == Death::GameOver ? Then::GameAgain : Then::LevelAgain;
        if (death == Death::GameOver)
            show(m_campaign.texts, "over");
        else if (isLost)
            show(m_stage.level->texts, "lost");
        if (!m_words) perform();
    }
    /// At the last checkpoint, else where one came into the zone, else at the arrival. What is held
    /// for good stays so, and what was taken stays away.
    void goOn() {
        const Level& level = *m_stage.level;
        const HeldSet held = m_stage.body.held & heldForGood(level.parts);
        const BeatenList beaten = beatenForGood(m_stage.body.beaten);
        const auto put = [&](const Box& box) {
            Body body = bodyAt(box, *m_stage.world, level.motion, held);
            if (body.stance == Stance::Ended) return false;
            m_stage.body = body;
            return true;
        };
        const auto entry = zoneEntry();
        if (!(m_stage.checkpoint && put(*m_stage.checkpoint)) && !(entry && put(*entry)))
            m_stage.body = level.start(*m_stage.world, m_stage.entry, held);
        m_stage.body.beaten = beaten;
    }
    std::optional<Box> zoneEntry() const {
        if (!m_stage.zone || m_stage.cameFrom.empty()) return std::nullopt;
        for (const ZoneEntry& entry : m_stage.zone->entries)
            if (entry.from == m_stage.cameFrom) return boxAt(*m_stage.level, entry.x, entry.y);
        return std::nullopt;
    }

    void show(const std::vector<ShownText>& texts, const char* when) {
        m_words.reset();
        for (const ShownText& each : texts)
            if (each.when == when) return showText(each);
    }
    /// The text of that id, if the level has it.
    void say(const std::string& id) {
        if (id.empty()) return;
        for (const ShownText& each : m_stage.level->texts)
            if (each.id == id) return showText(each);
    }
    void showText(const ShownText& text) {
        m_words = text;
        m_wordTicks = text.ticks;
    }

    void perform() {
        const Then then = std::exchange(m_then, Then::GoesOn);
        switch (then) {
            case Then::GoesOn:
                return;
            case Then::LevelAgain:
                return beginLevelAgain();
            case Then::GameAgain:
                return beginGame();
            case Then::Ends:
                m_isOver = true;
                return;
            case Then::LeadsOn:
                return leadOn();
        }
    }
    void leadOn() {
        const CampaignLevel* here = m_campaign.find(m_stage.level->id);
        Target to{here->next, ""};
        for (const auto& [id, target] : here->exits)
            if (id == m_lastExit) to = target;
        m_transition = {};
        for (const Entity& entity : m_stage.level->entities)
            if (entity.id == m_lastExit) m_transition = entity.transition;
        if (!to.level.empty()) return enter(to.level, to.entry);
        m_then = Then::Ends;
        show(m_campaign.texts, "end");
        if (!m_words) perform();
    }

    std::string m_folder;
    unsigned long long m_seed;
    unsigned long long m_arrivals = 0;
    Campaign m_campaign;
    Stage m_stage;
    GameState m_state;
    std::optional<ShownText> m_words;
    long long m_wordTicks = 0;
    Then m_then = Then::GoesOn;
    bool m_isOver = false;
    std::string m_lastExit;
    int m_deaths = 0;
    int m_wins = 0;
    long long m_ticks = 0;
    std::set<std::string> m_inTriggers;
    std::vector<std::string> m_messages;
    Transition m_transition;
};

}  // namespace rook::runtime
