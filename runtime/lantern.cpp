/// lantern: the stand-in game. It knows nothing but an exported bundle: it draws its levels, lets
/// one play them, follows their exits, and loads the bundle again when it is exported again.

#include <SDL.h>

#include <CLI/CLI.hpp>
#include <cstdio>

#include "lantern_game.hpp"
#include "rook_replay.hpp"

namespace {

using namespace rook::runtime;
using namespace lantern;

constexpr double ticksPerMs = 60.0 / 1000;
constexpr int mostTicksAtOnce = 6;  // of those that are behind: then the game slows down
constexpr int standardWidth = 640, standardHeight = 360;

struct Options {
    std::string bundle;
    int frames = 0;  ///< 0 = until the window is closed
    std::string png;
    std::string replay;  ///< id of the level whose proof is replayed
    bool replaysGame = false;
    std::string level;  ///< that it begins with; empty = as the game does
    std::string screen;
    std::vector<std::string> keys;
    std::string language;
    bool showsOverlay = false;
    bool isWhole = false;   ///< the picture is that of the whole level
    bool isLinked = false;  ///< the game of a running editor

    [[nodiscard]] bool isHeadless() const { return !png.empty() || frames > 0; }
};

/// Replays the proof of a level; true if it meets the exit in its last tick.
bool replayLevel(const Options& options) {
    CampaignPlay play(options.bundle);
    const CampaignLevel* known = play.campaign().find(options.replay);
    if (!known)
        throw LoadError("There is no level " + options.replay + " (campaign.json). Export again.");
    const Level level = loadLevel(options.bundle, known->file);
    if (level.kit) {
        const bool isWhole = isWalked(level, level.kit->way, "", level.kit->exit);
        std::printf("lantern: walked %zu modules, %s %s\n", level.kit->way.size(),
                    isWhole ? "met" : "missed", level.kit->exit.c_str());
        return isWhole;
    }
    if (level.puzzle) {
        const bool isMet = isSolved(*level.puzzle);
        std::printf("lantern: replayed %zu moves, %s the goal\n", level.puzzle->solution.size(),
                    isMet ? "met" : "missed");
        return isMet;
    }
    if (!level.proof) {
        std::fprintf(stderr,
                     "lantern: The level %s has no proof run. Mend it in Prove and export again.\n",
                     options.replay.c_str());
        return false;
    }
    const World world = level.world();
    Body body = level.start(world, "");
    const auto meets = [&](int x, int y) {
        const Box box{x, y, level.motion.bodyWidth, level.motion.bodyHeight};
        for (const Entity& entity : level.entities)
            if (entity.id == level.proof->exit && overlaps(box, entity.box)) return true;
        return false;
    };
    bool isMet = level.proof->inputs.empty() && meets(body.x, body.y);
    for (const Input& input : level.proof->inputs) {
        isMet = false;
        step(world, level.motion, body, input, [&](int x, int y) { isMet = isMet || meets(x, y); });
        if (body.stance == Stance::Ended) break;
        isMet = isMet || meets(body.x, body.y);
    }
    const bool isAlive = body.stance != Stance::Ended;
    std::printf("lantern: replayed %zu ticks, %s %s\n", level.proof->inputs.size(),
                isMet && isAlive ? "met" : "missed", level.proof->exit.c_str());
    return isMet && isAlive;
}

bool replayWholeGame(const Options& options) {
    const GameReplay replay = replayGame(options.bundle);
    if (replay.isWhole)
        std::printf("lantern: replayed the game, %zu levels, %lld ticks, to its end\n",
                    replay.levels, replay.ticks);
    else
        std::fprintf(stderr, "lantern: %s.\n", replay.problem.c_str());
    return replay.isWhole;
}

/// Px of the screen: as asked, else the first of the game.
std::pair<int, int> screenOf(const Options& options, const Campaign& campaign) {
    if (!options.screen.empty()) {
        int width = 0, height = 0;
        if (std::sscanf(options.screen.c_str(), "%dx%d", &width, &height) != 2 || width < 64 ||
            height < 64 || width > 8192 || height > 8192)
            throw LoadError("\"" + options.screen + "\" is no screen (--screen). Write 640x360.");
        return {width, height};
    }
    if (!campaign.screens.empty()) return campaign.screens.front();
    return {standardWidth, standardHeight};
}

/// An event loop: as many ticks as are due, whatever drawing costs; without a window one a frame.
void run(Game& game, const Options& options, SDL_Window* window, SDL_Renderer* renderer,
         Link* link) {
    Uint64 begun = SDL_GetTicks64();
    double wasPace = 1;
    long long ticks = 0;
    for (int frame = 0; !game.isOver() && (options.frames == 0 || frame < options.frames);
         ++frame) {
        SDL_Event event;
        while (SDL_PollEvent(&event))
            game.take(event);
        long long due = 1;
        if (!options.isHeadless()) {
            if (game.pace() != wasPace) {
                begun = SDL_GetTicks64();
                ticks = 0;
                wasPace = game.pace();
            }
            const auto now =
                static_cast<long long>(double(SDL_GetTicks64() - begun) * ticksPerMs * game.pace());
            ticks = std::max(ticks, now - mostTicksAtOnce);
            due = now - ticks;
            ticks = std::max(ticks, now);
        }
        // Nobody reads what a picture without a window shows: after the first one it goes on.
        if (options.isHeadless() && frame > 0) game.play().dismiss();
        for (; due > 0 && !game.isOver(); --due)
            game.tick();
        if (game.isOver()) break;
        if (link) {
            game.follow(*link);
            if (link->isClosed()) {
                std::fprintf(stderr, "lantern: The editor closed the link.\n");
                break;
            }
        }
        if (!link && frame % 30 == 29) {
            // A bundle that cannot be read leaves the game as it is.
            try {
                game.reloadIfChanged();
            } catch (const LoadError& problem) {
                std::fprintf(stderr, "lantern: %s\n", problem.what());
            }
        }
        if (options.isHeadless() && !link) continue;
        game.draw();
        SDL_RenderPresent(renderer);
        if (link) game.tellShown(*link);
        SDL_SetWindowTitle(window, ("lantern – " + game.play().stage().level->title).c_str());
        SDL_Delay(2);
    }
}

int play(const Options& options, Link* link) {
    if (options.isHeadless()) SDL_SetHint(SDL_HINT_VIDEODRIVER, "dummy");
    SDL_SetHint(SDL_HINT_RENDER_SCALE_QUALITY, "nearest");
    if (SDL_Init(SDL_INIT_VIDEO) != 0)
        throw LoadError(std::string("No display: ") + SDL_GetError() + ". Use --frames and --png.");
    const auto [width, height] = screenOf(options, loadCampaign(options.bundle));
    const int zoom = std::max(1, std::min(1280 / width, 960 / height));
    SDL_Window* window = SDL_CreateWindow(
        "lantern", SDL_WINDOWPOS_CENTERED, SDL_WINDOWPOS_CENTERED, zoom * width, zoom * height,
        options.isHeadless() ? SDL_WINDOW_HIDDEN : SDL_WINDOW_RESIZABLE);
    // Accelerated where it can be.
    SDL_Renderer* renderer = window && !options.isHeadless()
                                 ? SDL_CreateRenderer(window, -1, SDL_RENDERER_ACCELERATED)
                                 : nullptr;
    if (window && !renderer) renderer = SDL_CreateRenderer(window, -1, SDL_RENDERER_SOFTWARE);
    if (!renderer) throw LoadError(std::string("No picture can be drawn: ") + SDL_GetError() + ".");
    SDL_RendererInfo info{};
    const bool isSlow =
        SDL_GetRendererInfo(renderer, &info) == 0 && (info.flags & SDL_RENDERER_SOFTWARE) != 0;
    // Who follows strokes wants to see them at once, however small.
    if (link && isSlow) SDL_SetWindowSize(window, width, height);
    SDL_RenderSetLogicalSize(renderer, width, height);
    SDL_RenderSetIntegerScale(renderer, SDL_TRUE);
    int exitCode = 0;
    {
        Game game(options.bundle, renderer, KeyNames::read(options.keys));
        game.drawing().setLanguage(options.language);
        game.drawing().setScreen(width, height);
        game.drawing().showOverlay(options.showsOverlay);
        game.begin(options.level);
        if (link) game.tellRuns();
        if (!options.isWhole) run(game, options, window, renderer, link);
        if (!options.png.empty()) {
            if (!options.isWhole) game.draw();
            const bool isSaved = options.isWhole ? savePng(game.wholePicture(), options.png)
                                                 : savePicture(renderer, options.png);
            if (!isSaved) {
                std::fprintf(stderr,
                             "lantern: The picture cannot be written (%s). Choose another place.\n",
                             options.png.c_str());
                exitCode = 2;
            }
        }
        const std::string counts = game.counts();
        std::printf("lantern: %s%s%d deaths\n", counts.c_str(), counts.empty() ? "" : ", ",
                    game.play().deaths());
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
        "Arrows or WASD run and climb, Space jumps, Down drops through; a game controller does as\n"
        "well. P pauses, O one tick, I slow, U shows what is hidden, L the levels, Home begins "
        "the\n"
        "level again, Shift+Home the game, Esc ends. Puzzle levels are played with the mouse: "
        "drag, or\n"
        "click and click; Backspace takes a move back.",
        "lantern");
    app.set_version_flag("--version", "lantern, of Rook Plot " ROOK_VERSION);
    Options options;
    auto* bundle = app.add_option("BUNDLE", options.bundle, "The exported folder");
    app.add_flag("--link", options.isLinked,
                 "Play what a running editor has on its board, and follow each stroke (switch the "
                 "link on in Ship)");
    app.add_option("--level", options.level, "Begin with that level, by its id");
    app.add_option("--screen", options.screen,
                   "The size of the screen, such as 640x360; the first one of the game unless it "
                   "is said");
    app.add_option("--key", options.keys, "Another key, such as jump=K; may be given again");
    app.add_option("--language", options.language, "Show words in that language of the game");
    app.add_flag("--overlay", options.showsOverlay, "Show what is hidden from players (key U)");
    app.add_option("--frames", options.frames, "Run that many ticks without a window, then end")
        ->check(CLI::Range(0, 1000000));
    app.add_option("--png", options.png, "Write the last picture to this file");
    app.add_flag("--whole", options.isWhole,
                 "With --level and --png: the whole level as it begins, without player and words");
    app.add_option("--replay", options.replay,
                   "Replay the proof run of that level without a window; exits with 0 only if it "
                   "meets the exit");
    app.add_flag("--replay-game", options.replaysGame,
                 "Replay the runs that prove the whole game, without a window; exits with 0 only\n"
                 "if each wins its level and they lead to the end");
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& problem) {
        return app.exit(problem) == 0 ? 0 : 2;
    }
    if (bundle->empty() && !options.isLinked) {
        std::fprintf(stderr, "lantern: A folder is wanted, or --link. See lantern --help.\n");
        return 2;
    }
    if (!options.png.empty() && options.frames == 0) options.frames = 1;
    try {
        if (!options.replay.empty()) return replayLevel(options) ? 0 : 1;
        if (options.replaysGame) return replayWholeGame(options) ? 0 : 1;
        if (!options.isLinked) return play(options, nullptr);
        Link link;
        options.bundle = link.folder();
        return play(options, &link);
    } catch (const std::exception& problem) {
        std::fprintf(stderr, "lantern: %s\n", problem.what());
        return 2;
    }
}
