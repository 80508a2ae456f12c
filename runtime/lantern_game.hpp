#pragma once
/// The stand-in game itself: a bundle in play, with what hands do to it: keys, a game controller,
/// pause, slow motion, a page of levels.

#include <filesystem>
#include <memory>
#include <optional>

#include "lantern_draw.hpp"
#include "lantern_link.hpp"

namespace lantern {

/// What the player presses; all can be chosen.
struct KeyNames {
    SDL_Scancode left = SDL_SCANCODE_LEFT, right = SDL_SCANCODE_RIGHT, up = SDL_SCANCODE_UP,
                 down = SDL_SCANCODE_DOWN, jump = SDL_SCANCODE_SPACE, use = SDL_SCANCODE_E,
                 swap = SDL_SCANCODE_Q;

    /// "jump=K left=J": names as SDL has them. Throws `LoadError` on what is not known.
    static KeyNames read(const std::vector<std::string>& texts) {
        KeyNames keys;
        const std::map<std::string, SDL_Scancode*> names{
            {"left", &keys.left}, {"right", &keys.right}, {"up", &keys.up},    {"down", &keys.down},
            {"jump", &keys.jump}, {"use", &keys.use},     {"swap", &keys.swap}};
        for (const std::string& text : texts) {
            const std::size_t at = text.find('=');
            const auto slot = names.find(text.substr(0, at));
            const SDL_Scancode code = at == std::string::npos
                                          ? SDL_SCANCODE_UNKNOWN
                                          : SDL_GetScancodeFromName(text.c_str() + at + 1);
            if (slot == names.end() || code == SDL_SCANCODE_UNKNOWN)
                throw LoadError("\"" + text +
                                "\" names no key (--key). Write left, right, up, down, jump, "
                                "use or swap, then = and a key, such as jump=K.");
            *slot->second = code;
        }
        return keys;
    }
};

/// A game controller, if there is one: absent without harm.
class Pad {
public:
    Pad() {
        if (SDL_InitSubSystem(SDL_INIT_GAMECONTROLLER) != 0) return;
        for (int i = 0; i < SDL_NumJoysticks() && !m_pad; ++i)
            if (SDL_IsGameController(i)) m_pad = SDL_GameControllerOpen(i);
    }
    ~Pad() {
        if (m_pad) SDL_GameControllerClose(m_pad);
    }
    Pad(const Pad&) = delete;
    Pad& operator=(const Pad&) = delete;

    void take(const SDL_Event& event) {
        if (event.type == SDL_CONTROLLERDEVICEADDED && !m_pad)
            m_pad = SDL_GameControllerOpen(event.cdevice.which);
        if (event.type == SDL_CONTROLLERDEVICEREMOVED && m_pad) {
            SDL_GameControllerClose(m_pad);
            m_pad = nullptr;
        }
    }
    [[nodiscard]] bool has(SDL_GameControllerButton button) const {
        return m_pad && SDL_GameControllerGetButton(m_pad, button) != 0;
    }
    /// -1, 0 or 1.
    [[nodiscard]] int axis(SDL_GameControllerAxis axis) const {
        const int value = m_pad ? SDL_GameControllerGetAxis(m_pad, axis) : 0;
        return value > 12000 ? 1 : value < -12000 ? -1 : 0;
    }

private:
    SDL_GameController* m_pad = nullptr;
};

class Game {
public:
    Game(const std::string& folder, SDL_Renderer* renderer, KeyNames names)
        : m_folder(folder), m_names(names), m_play(folder), m_drawing(renderer, folder, m_play) {
        m_stamp = stamp();
    }

    void begin(const std::string& level) {
        if (level.empty())
            m_play.beginGame();
        else
            m_play.enter(level, "");
        beginStage();
        tellArrival();
    }
    [[nodiscard]] CampaignPlay& play() { return m_play; }
    [[nodiscard]] Drawing& drawing() { return m_drawing; }
    [[nodiscard]] bool isOver() const { return m_isOver || m_play.isOver(); }
    void tellRuns() { m_tellsRuns = true; }
    [[nodiscard]] double pace() const { return isPaused() ? 0 : m_isSlow ? 0.25 : 1; }

    /// Keys that are no movement.
    void take(const SDL_Event& event) {
        m_pad.take(event);
        const bool isPress = event.type == SDL_KEYDOWN && event.key.repeat == 0;
        const bool isJump = (isPress && event.key.keysym.scancode == m_names.jump) ||
                            (event.type == SDL_CONTROLLERBUTTONDOWN &&
                             event.cbutton.button == SDL_CONTROLLER_BUTTON_A);
        if (isJump) jumpOrRead();
        if (event.type == SDL_QUIT) m_isOver = true;
        if (event.type == SDL_CONTROLLERBUTTONDOWN &&
            event.cbutton.button == SDL_CONTROLLER_BUTTON_START)
            m_isPaused = !m_isPaused;
        takeMouse(event);
        if (!isPress) return;
        if (m_page) return takeOnPage(event.key.keysym.sym);
        switch (event.key.keysym.sym) {
            case SDLK_ESCAPE:
                m_isOver = true;
                return;
            case SDLK_RETURN:
                return jumpOrRead();
            case SDLK_BACKSPACE:
                return m_table.takeBack();
            case SDLK_p:
                m_isPaused = !m_isPaused;
                return;
            case SDLK_o:
                m_isPaused = true;
                return tick();
            case SDLK_i:
                m_isSlow = !m_isSlow;
                return;
            case SDLK_u:
                return m_drawing.showOverlay(!m_drawing.showsOverlay());
            case SDLK_l:
                m_page = levelAt();
                return;
            case SDLK_HOME:
                if ((event.key.keysym.mod & KMOD_SHIFT) != 0)
                    m_play.beginGame();
                else
                    m_play.beginLevelAgain();
                beginStage();
                return tellArrival();
            default:
                return;
        }
    }

    void tick() {
        const Stage& stage = m_play.stage();
        const std::string level = stage.level->id;
        const int wins = m_play.wins();
        if (const auto& kit = stage.level->kit) {
            const bool stands = m_play.words() && m_play.isWaiting();
            if (stands || m_stroll.tick(*kit))
                m_play.tick({});
            else
                m_play.win(kit->exit);
        } else if (const auto& puzzle = stage.level->puzzle) {
            const bool stands = m_play.words() && m_play.isWaiting();
            if (!stands && m_table.isWon(*puzzle))
                m_play.win("");
            else
                m_play.tick({});
        } else {
            const Input now = input();
            if (m_tellsRuns) noteInput(now);
            m_play.tick(now);
        }
        tellWords();
        if (!m_play.isOver() && (m_play.stage().level->id != level || m_play.wins() > wins)) {
            beginStage();
            if (m_play.stage().level->id != level) tellArrival();
        }
    }

    [[nodiscard]] Sheet wholePicture() { return m_drawing.wholePicture(m_table); }
    void draw() {
        const Transition transition = m_play.takeTransition();
        if (transition.sort != TransitionSort::Cut) m_drawing.goOver(transition);
        m_drawing.draw(m_stroll, m_table, m_facesLeft);
        if (m_page) {
            std::vector<std::string> lines;
            for (const CampaignLevel& level : m_play.campaign().levels)
                lines.push_back(level.title);
            m_drawing.drawPage("Levels", lines, *m_page);
        } else if (m_isPaused) {
            m_drawing.drawPage("Paused",
                               {"P goes on", "O one tick, I slow, U what is hidden",
                                "Home begins the level again, Shift+Home the game",
                                "L shows the levels", "Esc ends"},
                               -1);
        }
    }

    /// Takes what the editor tells, and tells it where the player is. What cannot be played leaves
    /// the game as it is.
    void follow(Link& link) {
        const Link::News news = link.news();
        const std::string id = m_play.stage().level->id;
        try {
            if (news.hasOtherFiles) m_drawing.forgetSheets();
            if (news.isOtherGame) m_play.refreshCampaign();
            const bool isOther =
                std::find(news.levels.begin(), news.levels.end(), id) != news.levels.end();
            if (isOther) m_play.refreshLevel(readLevel(link.level(id), id));
            if (news.isOtherGame && !isOther) m_play.refreshLevel();
        } catch (const LoadError& problem) {
            std::fprintf(stderr, "lantern: %s\n", problem.what());
        }
        if (std::find(news.levels.begin(), news.levels.end(), id) != news.levels.end())
            m_isToldAfterDrawing = true;
        // Another level may be entered in the next tick.
        if (m_play.ticks() % 60 == 0) link.writeAll();
        tellRun(link);
    }
    /// After a picture was drawn: who measures sees what it shows.
    void tellShown(const Link& link) {
        if (!std::exchange(m_isToldAfterDrawing, false)) return;
        const std::string& id = m_play.stage().level->id;
        std::printf("lantern: shows %s %d\n", id.c_str(), link.revisionOf(id));
        std::fflush(stdout);
    }

    /// Loads the bundle again if it was exported again; the level in play goes on from its start.
    void reloadIfChanged() {
        const auto now = stamp();
        if (now == m_stamp) return;
        m_play.reload();
        beginStage();
        m_drawing.forgetSheets();
        tellArrival();
        m_stamp = now;
    }

    /// "Lights 3, Lives 2".
    [[nodiscard]] std::string counts() const {
        std::string text;
        const GameRules& rules = m_play.campaign().rules;
        for (std::size_t i = 0; i < rules.tallies.size(); ++i)
            if (rules.tallies[i].isShown)
                text += (text.empty() ? "" : ", ") + rules.tallies[i].title + " " +
                        std::to_string(m_play.state().tallies[i]);
        return text;
    }

private:
    /// Where the player is, six ticks apart; how it ended; and of a win, by which inputs.
    void tellRun(Link& link) {
        const Stage& stage = m_play.stage();
        if (stage.level->kit || stage.level->puzzle) return;
        const Body& body = stage.body;
        const bool isWon = m_play.wins() != m_toldWins, isDead = m_play.deaths() != m_toldDeaths;
        if (isWon) {
            link.tell("run.inputs", {{"inputs", m_inputs}});
            link.tell("run.won", {{"ticks", std::max(1, m_runTicks)}});
        } else if (isDead) {
            link.tell("run.died", {{"tick", m_runTicks}, {"x", m_lastX}, {"y", m_lastY}});
        }
        if (isWon || isDead || stage.level->id != m_toldLevel || body.tick < m_lastTick) {
            m_toldWins = m_play.wins();
            m_toldDeaths = m_play.deaths();
            m_toldLevel = stage.level->id;
            m_inputs = nlohmann::json::array();
            m_runTicks = 0;
            m_toldTick = -1;
            link.tell("run.started", {{"level", m_toldLevel}, {"arrival", stage.entry}});
        }
        m_lastTick = body.tick;
        m_lastX = body.x + stage.level->motion.bodyWidth / 2;
        m_lastY = body.y + stage.level->motion.bodyHeight / 2;
        if (m_toldTick >= 0 && m_runTicks < m_toldTick + 6) return;
        m_toldTick = m_runTicks;
        link.tell("run.at",
                  {{"tick", m_runTicks}, {"x", m_lastX}, {"y", m_lastY}, {"phase", body.phase}});
    }
    /// The input of one tick, as spans of equal ones.
    void noteInput(const Input& input) {
        ++m_runTicks;
        if (m_inputs.size() > 20000) return;
        if (!m_inputs.empty()) {
            auto& last = m_inputs.back();
            if (last[1] == input.dx && last[2] == input.dy && last[3] == input.buttons) {
                last[0] = last[0].get<int>() + 1;
                return;
            }
        }
        m_inputs.push_back({1, input.dx, input.dy, input.buttons});
    }
    void beginStage() {
        m_stroll.begin();
        m_pressed = -1;
        if (m_play.isOver()) return;
        if (const auto& puzzle = m_play.stage().level->puzzle) m_table.begin(*puzzle);
    }
    /// Of puzzle levels, where nothing else is played with.
    void takeMouse(const SDL_Event& event) {
        const bool isDown = event.type == SDL_MOUSEBUTTONDOWN;
        if ((!isDown && event.type != SDL_MOUSEBUTTONUP) || m_play.isOver() || isPaused() ||
            event.button.button != SDL_BUTTON_LEFT)
            return;
        if (m_play.words() && m_play.isWaiting()) {
            if (isDown) jumpOrRead();
            return;
        }
        const auto& puzzle = m_play.stage().level->puzzle;
        if (!puzzle) return;
        const int slot = m_drawing.puzzleView().slotAt(*puzzle, event.button.x, event.button.y);
        if (isDown) {
            m_pressed = slot;
            m_table.press(*puzzle, slot);
        } else if (slot != m_pressed) {
            m_table.release(*puzzle, slot);
        }
    }
    [[nodiscard]] bool isPaused() const { return m_isPaused || m_page.has_value(); }
    [[nodiscard]] std::filesystem::file_time_type stamp() const {
        std::error_code problem;
        return std::filesystem::last_write_time(m_folder + "/manifest.json", problem);
    }
    /// The terminal is told as well, for who cannot see the window.
    void tellArrival() {
        std::printf("lantern: %s\n", m_play.stage().level->title.c_str());
        tellWords();
        std::fflush(stdout);
    }
    void tellWords() {
        const std::string now = m_play.words() ? m_play.words()->text : std::string();
        if (now == m_told) return;
        m_told = now;
        if (!now.empty()) std::printf("lantern: %s\n", now.c_str());
    }
    void jumpOrRead() {
        if (m_play.words() && m_play.isWaiting()) {
            const std::string level = m_play.stage().level->id;
            m_play.dismiss();
            beginStage();
            if (!m_play.isOver() && m_play.stage().level->id != level) tellArrival();
        } else {
            m_keys.jumpBufferTicks = jumpBuffer;
        }
    }
    [[nodiscard]] int levelAt() const {
        const auto& levels = m_play.campaign().levels;
        for (std::size_t i = 0; i < levels.size(); ++i)
            if (levels[i].id == m_play.stage().level->id) return static_cast<int>(i);
        return 0;
    }
    void takeOnPage(SDL_Keycode key) {
        const int last = static_cast<int>(m_play.campaign().levels.size()) - 1;
        if (key == SDLK_UP) m_page = std::max(0, *m_page - 1);
        if (key == SDLK_DOWN) m_page = std::min(last, *m_page + 1);
        if (key == SDLK_ESCAPE || key == SDLK_l) m_page.reset();
        if (key != SDLK_RETURN && key != SDLK_SPACE) return;
        const std::string id = m_play.campaign().levels[static_cast<std::size_t>(*m_page)].id;
        m_page.reset();
        m_isPaused = false;
        m_play.enter(id, "");
        beginStage();
        tellArrival();
    }

    /// The arrows, or WASD, or a controller; the chosen keys in place of the arrows.
    [[nodiscard]] Input input() {
        const Uint8* held = SDL_GetKeyboardState(nullptr);
        const int across = m_pad.axis(SDL_CONTROLLER_AXIS_LEFTX);
        const int down = m_pad.axis(SDL_CONTROLLER_AXIS_LEFTY);
        m_keys.left = held[m_names.left] != 0 || held[SDL_SCANCODE_A] != 0 || across < 0 ||
                      m_pad.has(SDL_CONTROLLER_BUTTON_DPAD_LEFT);
        m_keys.right = held[m_names.right] != 0 || held[SDL_SCANCODE_D] != 0 || across > 0 ||
                       m_pad.has(SDL_CONTROLLER_BUTTON_DPAD_RIGHT);
        m_keys.up = held[m_names.up] != 0 || held[SDL_SCANCODE_W] != 0 || down < 0 ||
                    m_pad.has(SDL_CONTROLLER_BUTTON_DPAD_UP);
        m_keys.down = held[m_names.down] != 0 || held[SDL_SCANCODE_S] != 0 || down > 0 ||
                      m_pad.has(SDL_CONTROLLER_BUTTON_DPAD_DOWN);
        m_keys.jump = held[m_names.jump] != 0 || m_pad.has(SDL_CONTROLLER_BUTTON_A);
        m_keys.use = held[m_names.use] != 0 || m_pad.has(SDL_CONTROLLER_BUTTON_X);
        const bool swaps = held[m_names.swap] != 0 || m_pad.has(SDL_CONTROLLER_BUTTON_Y);
        if (swaps && !m_swapWasHeld) m_keys.swapBufferTicks = jumpBuffer;
        m_swapWasHeld = swaps;
        if (m_keys.left != m_keys.right) m_facesLeft = m_keys.left;
        const Stage& stage = m_play.stage();
        return inputOf(m_keys, stage.body, *stage.world, stage.level->motion);
    }

    std::string m_folder;
    KeyNames m_names;
    CampaignPlay m_play;
    Drawing m_drawing;
    KitStroll m_stroll;   ///< on kit boards
    PuzzleTable m_table;  ///< in puzzle levels
    int m_pressed = -1;   ///< slot on which the button went down
    Pad m_pad;
    PlayerKeys m_keys;
    std::filesystem::file_time_type m_stamp;
    std::optional<int> m_page;  ///< the page of levels, and the one that is chosen
    std::string m_told;
    bool m_facesLeft = false;
    bool m_swapWasHeld = false;
    bool m_isPaused = false;
    bool m_isSlow = false;
    bool m_isOver = false;
    bool m_tellsRuns = false;  ///< an editor is linked
    bool m_isToldAfterDrawing = false;
    nlohmann::json m_inputs = nlohmann::json::array();  ///< since the run began
    int m_runTicks = 0, m_toldTick = -1, m_toldWins = 0, m_toldDeaths = 0;
    int m_lastX = 0, m_lastY = 0;
    long long m_lastTick = 0;
    std::string m_toldLevel;
};

}  // namespace lantern
