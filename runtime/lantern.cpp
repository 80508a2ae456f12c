/// lantern: the stand-in game. It knows nothing but an exported bundle: it draws a level, lets one
/// play it, follows its exits, and loads the bundle again when it is exported again.

#include <SDL.h>

#include <CLI/CLI.hpp>
#include <cstdio>

#include "lantern_game.hpp"

namespace {

using namespace rook::runtime;
using namespace lantern;

constexpr double ticksPerMs = 60.0 / 1000;
constexpr int mostTicksAtOnce = 6;  // of those that are behind: then the game slows down

/// What is held on the keyboard.
class Keys {
public:
    void take(const SDL_Event& event) {
        if (event.type == SDL_KEYDOWN && !event.key.repeat && event.key.keysym.sym == SDLK_SPACE)
            m_keys.jumpBufferTicks = jumpBuffer;
    }
    Input input(const Stage& stage) {
        const Uint8* held = SDL_GetKeyboardState(nullptr);
        const auto down = [&](SDL_Scancode a, SDL_Scancode b) { return held[a] || held[b]; };
        m_keys.left = down(SDL_SCANCODE_LEFT, SDL_SCANCODE_A);
        m_keys.right = down(SDL_SCANCODE_RIGHT, SDL_SCANCODE_D);
        m_keys.up = down(SDL_SCANCODE_UP, SDL_SCANCODE_W);
        m_keys.down = down(SDL_SCANCODE_DOWN, SDL_SCANCODE_S);
        m_keys.jump = held[SDL_SCANCODE_SPACE] != 0;
        return inputOf(m_keys, stage.body, *stage.world, stage.level->motion);
    }

private:
    PlayerKeys m_keys;
};

struct Options {
    std::string bundle;
    int frames = 0;  ///< 0 = until the window is closed
    std::string png;
    std::string replay;  ///< id of the level whose proof is replayed
};

/// Replays the proof of a level; true if it meets the exit in its last tick.
bool replay(Game& game, const Options& options) {
    game.enter(options.replay, "");
    if (game.stage().level->kit) {
        const bool isWhole = lantern::isWhole(*game.stage().level);
        std::printf("lantern: walked %zu modules, %s %s\n", game.stage().level->kit->way.size(),
                    isWhole ? "met" : "missed", game.stage().level->kit->exit.c_str());
        return isWhole;
    }
    const Proof* proof = game.stage().level->proof ? &*game.stage().level->proof : nullptr;
    if (!proof) {
        std::fprintf(stderr,
                     "lantern: The level %s has no proof run. Mend it in Prove and export again.\n",
                     options.replay.c_str());
        return false;
    }
    bool isMet = proof->inputs.empty() && game.meets(proof->exit);
    for (std::size_t tick = 0; tick < proof->inputs.size(); ++tick) {
        isMet = game.tickTowards(proof->inputs[tick], proof->exit);
        if (game.stage().body.stance == Stance::Ended) break;
    }
    const bool isAlive = game.stage().body.stance != Stance::Ended;
    std::printf("lantern: replayed %zu ticks, %s %s\n", proof->inputs.size(),
                isMet && isAlive ? "met" : "missed", proof->exit.c_str());
    return isMet && isAlive;
}

int play(const Options& options) {
    const bool isHeadless = !options.png.empty() || options.frames > 0 || !options.replay.empty();
    if (isHeadless) SDL_SetHint(SDL_HINT_VIDEODRIVER, "dummy");
    if (SDL_Init(SDL_INIT_VIDEO) != 0)
        throw LoadError(std::string("No display: ") + SDL_GetError() + ". Use --frames and --png.");
    SDL_Window* window =
        SDL_CreateWindow("lantern", SDL_WINDOWPOS_CENTERED, SDL_WINDOWPOS_CENTERED, 2 * viewWidth,
                         2 * viewHeight, isHeadless ? SDL_WINDOW_HIDDEN : 0);
    SDL_Renderer* renderer =
        window ? SDL_CreateRenderer(window, -1, SDL_RENDERER_SOFTWARE) : nullptr;
    if (!renderer) throw LoadError(std::string("No picture can be drawn: ") + SDL_GetError() + ".");
    SDL_RenderSetLogicalSize(renderer, viewWidth, viewHeight);
    int exitCode = 0;
    {
        Game game(options.bundle, renderer);
        if (!options.replay.empty()) exitCode = replay(game, options) ? 0 : 1;
        Keys keys;
        bool isOver = false;
        const bool isPlayed = options.replay.empty();
        const Uint64 begun = SDL_GetTicks64();
        long long ticks = 0;
        for (int frame = 0; isPlayed && !isOver && (options.frames == 0 || frame < options.frames);
             ++frame) {
            SDL_Event event;
            while (SDL_PollEvent(&event)) {
                keys.take(event);
                isOver |= event.type == SDL_QUIT ||
                          (event.type == SDL_KEYDOWN && event.key.keysym.sym == SDLK_ESCAPE);
            }
            // As many ticks as are due, whatever drawing costs; without a window one a frame.
            long long due = 1;
            if (!isHeadless) {
                const auto now =
                    static_cast<long long>(double(SDL_GetTicks64() - begun) * ticksPerMs);
                ticks = std::max(ticks, now - mostTicksAtOnce);
                due = now - ticks;
                ticks = std::max(ticks, now);
            }
            bool goesOn = true;
            for (; due > 0 && goesOn; --due)
                goesOn = game.tick(keys.input(game.stage()));
            if (!goesOn) break;
            if (frame % 30 == 29) {
                // A bundle that cannot be read leaves the game as it is.
                try {
                    game.reloadIfChanged();
                } catch (const LoadError& problem) {
                    std::fprintf(stderr, "lantern: %s\n", problem.what());
                }
            }
            if (isHeadless) continue;
            game.draw();
            SDL_RenderPresent(renderer);
            SDL_SetWindowTitle(
                window, ("lantern – " + game.stage().level->title + "  " + game.counts()).c_str());
            SDL_Delay(4);
        }
        game.draw();
        if (!options.png.empty() && !lantern::savePicture(renderer, options.png)) {
            std::fprintf(stderr,
                         "lantern: The picture cannot be written (%s). Choose another place.\n",
                         options.png.c_str());
            exitCode = 2;
        }
        const std::string counts = game.counts();
        std::printf("lantern: %s%s%d deaths\n", counts.c_str(), counts.empty() ? "" : ", ",
                    game.deaths());
    }
    SDL_DestroyRenderer(renderer);
    SDL_DestroyWindow(window);
    SDL_Quit();
    return exitCode;
}

}  // namespace

int main(int argc, char** argv) {
    CLI::App app(
        "lantern, the stand-in game: plays a bundle that Rook Plot exported.\n"
        "Arrows or WASD run and climb, Space jumps, Down drops through, Escape ends.",
        "lantern");
    Options options;
    app.add_option("BUNDLE", options.bundle, "The exported folder")->required();
    app.add_option("--frames", options.frames, "Run that many ticks without a window, then end")
        ->check(CLI::Range(0, 1000000));
    app.add_option("--png", options.png, "Write the last picture to this file");
    app.add_option("--replay", options.replay,
                   "Replay the proof run of that level without a window; exits with 0 only if it "
                   "meets the exit");
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& problem) {
        return app.exit(problem) == 0 ? 0 : 2;
    }
    if (!options.png.empty() && options.frames == 0) options.frames = 1;
    try {
        return play(options);
    } catch (const std::exception& problem) {
        std::fprintf(stderr, "lantern: %s\n", problem.what());
        return 2;
    }
}
