#pragma once
// Long because it is all of a small game: one level in play, what comes of it, and how it is drawn.
/// The stand-in game itself: one level of a bundle in play, as it is drawn and as it goes on.

#include <SDL.h>

#include <cstdio>
#include <filesystem>
#include <map>
#include <memory>
#include <optional>

#include "lantern_kit.hpp"
#include "lantern_png.hpp"
#include "rook_player.hpp"
#include "rook_runtime.hpp"

namespace lantern {

using namespace rook::runtime;

inline constexpr int viewWidth = 640;
inline constexpr int viewHeight = 360;

struct Color {
    Uint8 r = 0, g = 0, b = 0;
};

inline Color colorOf(const std::string& text, Color standard) {
    unsigned value = 0;
    if (text.size() != 7 || std::sscanf(text.c_str(), "#%06x", &value) != 1) return standard;
    return {Uint8(value >> 16), Uint8((value >> 8) & 0xff), Uint8(value & 0xff)};
}

/// One level in play.
struct Stage {
    std::unique_ptr<Level> level;
    std::unique_ptr<World> world;
    Body body;
    std::string entry;
    LevelRules rules;
    std::vector<bool> isTaken;  ///< pickups, by place among the entities
    std::optional<Box> checkpoint;
    std::string told;  ///< the words that were told last
};

class Game {
public:
    Game(std::string folder, SDL_Renderer* renderer)
        : m_folder(std::move(folder)), m_renderer(renderer) {
        m_campaign = loadCampaign(m_folder);
        if (m_campaign.levels.empty())
            throw LoadError("The bundle has no level (campaign.json). Export again.");
        beginAnew();
        m_stamp = stamp();
    }

    /// Moves the world by one tick; returns false when the campaign is over.
    bool tick(Input input) {
        if (const auto& kit = m_stage.level->kit) return m_stroll.tick(*kit) || leaveBy(kit->exit);
        // What stands at the first px of the way that meets an exit wins, if nothing is missing.
        const bool mayWin = rook::runtime::mayWin(m_stage.rules, m_state);
        std::string exit;
        step(*m_stage.world, m_stage.level->motion, m_stage.body, input, [&](int x, int y) {
            if (exit.empty()) exit = exitAt(x, y);
        });
        if (mayWin && !exit.empty()) return win(exit);
        if (m_stage.body.stance == Stance::Ended || isCaught()) return die(false);
        takePickups();
        if (!exit.empty())
            if (const GoalRule* missing = firstMissing(m_stage.rules, m_state))
                tell(missing->words);
        const TickEnd end = endTick(m_stage.rules, m_state);
        if (end == TickEnd::Won) return win("");
        return end == TickEnd::Lost ? die(true) : true;
    }

    /// Loads the bundle again if it was exported again; the level in play goes on from its start.
    void reloadIfChanged() {
        const auto now = stamp();
        if (now == m_stamp) return;
        const std::string id = m_stage.level->id;
        const std::string entry = m_stage.entry;
        Campaign campaign = loadCampaign(m_folder);
        m_campaign = std::move(campaign);
        m_sheets.clear();
        enter(m_campaign.find(id) ? id : m_campaign.levels.at(0).id, entry);
        m_stamp = now;
    }

    void draw() {
        const Level& level = *m_stage.level;
        const Color sky = colorOf(level.backgroundColor, {27, 39, 51});
        SDL_SetRenderDrawColor(m_renderer, sky.r, sky.g, sky.b, 255);
        SDL_RenderClear(m_renderer);
        if (level.kit)
            return lantern::drawKit(m_renderer, *level.kit, m_stroll, viewWidth, viewHeight);
        // The camera keeps to the zone that the player is in, else to the level.
        Box bounds{0, 0, level.frame.widthPx(), level.frame.heightPx()};
        if (const Zone* zone = level.zoneAt(bodyAtPlace(m_stage.body.x, m_stage.body.y)))
            bounds = zone->camera;
        const int left = cameraAt(m_stage.body.x, viewWidth, bounds.x, bounds.width);
        const int top = cameraAt(m_stage.body.y, viewHeight, bounds.y, bounds.height);
        if (level.layers.empty()) drawShapes(left, top);
        drawPictures(false, left, top);
        drawLayers(false, left, top);
        drawEntities(left, top);
        const SDL_Rect body{m_stage.body.x - left, m_stage.body.y - top, level.motion.bodyWidth,
                            level.motion.bodyHeight};
        SDL_SetRenderDrawColor(m_renderer, 240, 236, 220, 255);
        SDL_RenderFillRect(m_renderer, &body);
        SDL_SetRenderDrawColor(m_renderer, 30, 127, 113, 255);
        SDL_RenderDrawRect(m_renderer, &body);
        drawLayers(true, left, top);
        drawPictures(true, left, top);
    }

    [[nodiscard]] const Stage& stage() const { return m_stage; }
    [[nodiscard]] int deaths() const { return m_deaths; }
    /// "Lights 3, Lives 2".
    [[nodiscard]] std::string counts() const {
        std::string text;
        for (std::size_t i = 0; i < m_campaign.rules.tallies.size(); ++i)
            if (const TallyRule& tally = m_campaign.rules.tallies[i]; tally.isShown)
                text += (text.empty() ? "" : ", ") + tally.title + " " +
                        std::to_string(m_state.tallies[i]);
        return text;
    }

    /// True if the body's box overlaps that entity.
    [[nodiscard]] bool meets(const std::string& id) const {
        return meetsAt(id, m_stage.body.x, m_stage.body.y);
    }
    /// One tick that follows no exit; true if its way meets that entity.
    bool tickTowards(const Input& input, const std::string& id) {
        bool isMet = false;
        step(*m_stage.world, m_stage.level->motion, m_stage.body, input,
             [&](int x, int y) { isMet = isMet || meetsAt(id, x, y); });
        takePickups();
        return isMet || meets(id);
    }

    void enter(const std::string& id, const std::string& entry) {
        const CampaignLevel* entryOf = m_campaign.find(id);
        if (!entryOf)
            throw LoadError("There is no level " + id + " (campaign.json). Export again.");
        Stage stage;
        stage.level = std::make_unique<Level>(loadLevel(m_folder, entryOf->file));
        stage.world = std::make_unique<World>(stage.level->world());
        stage.entry = entry;
        stage.body = stage.level->start(*stage.world, entry);
        m_stroll.begin();
        if (stage.body.stance == Stance::Ended && !stage.level->kit)
            throw LoadError("The level " + id +
                            " has no start with room for the body. Mend it and export again.");
        stage.isTaken.assign(stage.level->entities.size(), false);
        stage.rules = stage.level->rulesOf(m_campaign.rules);
        m_stage = std::move(stage);
        arrive(m_campaign.rules, m_state);
        std::printf("lantern: %s\n", m_stage.level->title.c_str());
        say(m_stage.level->texts, "start");
        std::fflush(stdout);
    }

private:
    [[nodiscard]] std::filesystem::file_time_type stamp() const {
        std::error_code problem;
        return std::filesystem::last_write_time(m_folder + "/manifest.json", problem);
    }

    /// By a foe on patrol, or by a member of a deadly formation.
    [[nodiscard]] bool isCaught() const {
        const Box body = bodyAtPlace(m_stage.body.x, m_stage.body.y);
        for (const Foe& foe : m_stage.level->foes)
            if (overlaps(foe.way.at(m_stage.body.tick), body)) return true;
        for (const Group& group : m_stage.level->formations)
            if ((group.memberRole == "foe" || group.memberRole == "hazard") &&
                group.formation.meets(body, m_stage.body.tick))
                return true;
        return false;
    }
    [[nodiscard]] Box bodyAtPlace(int x, int y) const {
        return {x, y, m_stage.level->motion.bodyWidth, m_stage.level->motion.bodyHeight};
    }
    [[nodiscard]] bool meetsAt(const std::string& id, int x, int y) const {
        for (const Entity& entity : m_stage.level->entities)
            if (entity.id == id && overlaps(bodyAtPlace(x, y), entity.box)) return true;
        return false;
    }

    void beginAnew() {
        m_state = beginGame(m_campaign.rules);
        const Target& start = m_campaign.start;
        enter(start.level.empty() ? m_campaign.levels.at(0).id : start.level, start.entry);
    }
    /// Words are told at the terminal, once after the other.
    void say(const std::vector<ShownText>& texts, const std::string& when) const {
        for (const ShownText& each : texts)
            if (each.when == when) return void(std::printf("lantern: %s\n", each.text.c_str()));
    }
    void tell(const std::string& id) {
        if (id.empty() || m_stage.told == id) return;
        m_stage.told = id;
        for (const ShownText& each : m_stage.level->texts)
            if (each.id == id) std::printf("lantern: %s\n", each.text.c_str());
    }

    bool win(const std::string& exit) {
        say(m_stage.level->texts, "won");
        if (!exit.empty()) return leaveBy(exit);
        const CampaignLevel* here = m_campaign.find(m_stage.level->id);
        if (here->next.empty()) return false;
        enter(here->next, "");
        return true;
    }

    /// A life less; the body goes on at the last checkpoint, the level begins again, or the game.
    bool die(bool isLost) {
        ++m_deaths;
        if (isLost) say(m_stage.level->texts, "lost");
        const Death death = isLost ? lose(m_campaign.rules, m_state)
                                   : rook::runtime::die(m_campaign.rules, m_stage.rules, m_state);
        if (death == Death::GameOver) {
            say(m_campaign.texts, "over");
            beginAnew();
            return true;
        }
        if (death == Death::BeginsAgain) {
            enter(std::string(m_stage.level->id), std::string(m_stage.entry));
            return true;
        }
        // What is held for good stays so, and what was taken stays away.
        const HeldSet held = m_stage.body.held & heldForGood(m_stage.level->parts);
        m_stage.body = m_stage.level->start(*m_stage.world, m_stage.entry);
        if (m_stage.checkpoint)
            m_stage.body = bodyAt(*m_stage.checkpoint, *m_stage.world, m_stage.level->motion);
        m_stage.body.held |= held;
        return m_stage.body.stance != Stance::Ended;
    }
    [[nodiscard]] std::string exitAt(int x, int y) const {
        for (const Entity& entity : m_stage.level->entities)
            if (entity.role == "exit" && overlaps(bodyAtPlace(x, y), entity.box)) return entity.id;
        return {};
    }

    /// Pickups, keys, switches and checkpoints.
    void takePickups() {
        for (std::size_t i = 0; i < m_stage.level->entities.size(); ++i) {
            const Entity& entity = m_stage.level->entities[i];
            const bool isMet = overlaps(bodyAtPlace(m_stage.body.x, m_stage.body.y), entity.box);
            if (!isMet) continue;
            if (entity.role == "checkpoint") m_stage.checkpoint = entity.box;
            const bool isTaken =
                entity.role == "pickup" || entity.role == "key" || entity.role == "switch";
            if (!isTaken || m_stage.isTaken[i]) continue;
            m_stage.isTaken[i] = true;
            const std::string tally = entity.whole.value("tally", std::string());
            take(m_campaign.rules, m_state, entity.kind, m_campaign.rules.find(tally),
                 entity.whole.value("value", 1));
        }
    }

    /// Follows an exit by what the campaign resolved it to.
    bool leaveBy(const std::string& exit) {
        const CampaignLevel* here = m_campaign.find(m_stage.level->id);
        for (const auto& [id, target] : here->exits) {
            if (id != exit) continue;
            if (target.level.empty()) {
                say(m_campaign.texts, "end");
                return false;
            }
            enter(target.level, target.entry);
            return true;
        }
        return false;
    }

    /// Of the view's border, where it shows from `start` on for `whole` px and no more.
    static int cameraAt(int body, int view, int start, int whole) {
        return std::max(start, std::min(body - view / 2, start + whole - view));
    }

    SDL_Texture* sheet(const std::string& path) {
        auto [slot, isNew] = m_sheets.try_emplace(path);
        if (isNew) slot->second = lantern::loadTexture(m_renderer, m_folder + "/" + path);
        return slot->second.get();
    }

    void drawLayers(bool areFront, int left, int top) {
        const auto& layers = m_stage.level->layers;
        m_shares.resize(layers.size(), 1.0);
        for (std::size_t i = 0; i < layers.size(); ++i) {
            if ((layers[i].role == "front") != areFront) continue;
            // Step by step, so that nothing flickers.
            const bool isFaint = layers[i].fades && hidesBody(layers[i]);
            m_shares[i] =
                isFaint ? std::max(0.25, m_shares[i] - 0.08) : std::min(1.0, m_shares[i] + 0.08);
            drawLayer(layers[i], left, top, m_shares[i]);
        }
    }
    [[nodiscard]] bool hidesBody(const Layer& layer) const {
        const Frame& frame = m_stage.level->frame;
        const Box body = bodyAtPlace(m_stage.body.x, m_stage.body.y);
        for (int row = body.y / frame.cellHeight;
             row <= (body.y + body.height - 1) / frame.cellHeight; ++row)
            for (int column = body.x / frame.cellWidth;
                 column <= (body.x + body.width - 1) / frame.cellWidth; ++column)
                if (row >= 0 && row < frame.rows && column >= 0 && column < frame.columns &&
                    layer.tiles[std::size_t(row)][std::size_t(column)] != 0)
                    return true;
        return false;
    }

    void drawPictures(bool areFront, int left, int top) {
        const double levelWidth = m_stage.level->frame.widthPx();
        const double levelHeight = m_stage.level->frame.heightPx();
        for (const Picture& picture : m_stage.level->pictures) {
            if (picture.isFront != areFront) continue;
            SDL_Texture* texture = sheet(picture.image);
            int imageWidth = 0, imageHeight = 0;
            SDL_QueryTexture(texture, nullptr, nullptr, &imageWidth, &imageHeight);
            SDL_SetTextureAlphaMod(texture, static_cast<Uint8>(picture.opacity * 255 / 100));
            const auto [width, height] = picture.sizeOn(viewWidth, viewHeight, levelWidth,
                                                        levelHeight, imageWidth, imageHeight);
            auto [x, y] = picture.cornerOn(left, top, viewWidth, viewHeight, levelWidth,
                                           levelHeight, width, height);
            x += picture.scroll * double(m_stage.body.tick);
            const bool isAcross = picture.fit == "across" || picture.fit == "repeat";
            const bool isDown = picture.fit == "repeat";
            if (isAcross) x -= std::ceil(x / width) * width;
            if (isDown) y -= std::ceil(y / height) * height;
            for (double top2 = y; top2 < viewHeight; top2 += height) {
                for (double left2 = x; left2 < viewWidth; left2 += width) {
                    const SDL_Rect target{int(std::lround(left2)), int(std::lround(top2)),
                                          int(std::lround(width)), int(std::lround(height))};
                    SDL_RenderCopy(m_renderer, texture, nullptr, &target);
                    if (!isAcross) break;
                }
                if (!isDown) break;
            }
        }
    }

    void drawLayer(const Layer& layer, int left, int top, double share) {
        SDL_Texture* texture = sheet(layer.sheet);
        SDL_SetTextureAlphaMod(texture, static_cast<Uint8>(share * layer.opacity * 255 / 100));
        const Frame& frame = m_stage.level->frame;
        for (int row = 0; row < frame.rows; ++row) {
            for (int column = 0; column < frame.columns; ++column) {
                const int tile = layer.tileAt(column, row, m_stage.body.tick);
                if (tile == 0) continue;
                const SDL_Rect source{((tile - 1) % layer.columns) * layer.tileWidth,
                                      ((tile - 1) / layer.columns) * layer.tileHeight,
                                      layer.tileWidth, layer.tileHeight};
                const int flip =
                    layer.flips.empty() ? 0 : layer.flips[std::size_t(row)][std::size_t(column)];
                drawCell(texture, source, column, row, left, top, flip, layer.role == "main");
            }
        }
    }

    /// A tile; of the masses, cut to the form of its cell.
    void drawCell(SDL_Texture* texture, const SDL_Rect& source, int column, int row, int left,
                  int top, int flip, bool isCut) {
        const Frame& frame = m_stage.level->frame;
        const CellShape shape = m_stage.level->at(column, row);
        const int x = column * frame.cellWidth - left;
        const int y = row * frame.cellHeight - top;
        if (shape.form == Form::Full || !isCut) {
            const SDL_Rect target{x, y, frame.cellWidth, frame.cellHeight};
            const int flips = ((flip & 1) != 0 ? SDL_FLIP_HORIZONTAL : SDL_FLIP_NONE) |
                              ((flip & 2) != 0 ? SDL_FLIP_VERTICAL : SDL_FLIP_NONE);
            SDL_RenderCopyEx(m_renderer, texture, &source, &target, 0, nullptr,
                             static_cast<SDL_RendererFlip>(flips));
            return;
        }
        for (int j = 0; j < frame.cellHeight; ++j) {
            const auto [from, to] = formRow(shape.form, j, frame.cellWidth, frame.cellHeight);
            if (from == to) continue;
            const SDL_Rect part{source.x + from * source.w / frame.cellWidth,
                                source.y + j * source.h / frame.cellHeight,
                                std::max(1, (to - from) * source.w / frame.cellWidth), 1};
            const SDL_Rect target{x + from, y + j, to - from, 1};
            SDL_RenderCopy(m_renderer, texture, &part, &target);
        }
    }

    /// A level without art: each behaviour in a plain tone.
    void drawShapes(int left, int top) {
        const Frame& frame = m_stage.level->frame;
        const std::map<Behaviour, Color> tones{{Behaviour::Solid, {89, 100, 108}},
                                               {Behaviour::OneWay, {138, 106, 69}},
                                               {Behaviour::Ladder, {94, 71, 45}},
                                               {Behaviour::Liquid, {44, 95, 110}},
                                               {Behaviour::Deadly, {200, 64, 42}}};
        for (int row = 0; row < frame.rows; ++row) {
            for (int column = 0; column < frame.columns; ++column) {
                const auto tone = tones.find(m_stage.level->at(column, row).behaviour);
                if (tone == tones.end()) continue;
                SDL_SetRenderDrawColor(m_renderer, tone->second.r, tone->second.g, tone->second.b,
                                       255);
                const SDL_Rect target{column * frame.cellWidth - left, row * frame.cellHeight - top,
                                      frame.cellWidth, frame.cellHeight};
                SDL_RenderFillRect(m_renderer, &target);
            }
        }
    }

    void drawEntities(int left, int top) {
        const std::map<std::string, Color> tones{
            {"exit", {63, 184, 164}},   {"checkpoint", {216, 212, 196}}, {"pickup", {224, 166, 58}},
            {"hazard", {240, 112, 90}}, {"key", {224, 166, 58}},         {"switch", {224, 166, 58}},
            {"spring", {196, 135, 203}}};
        const auto draw = [&](Color tone, const Box& place, bool isFull) {
            SDL_SetRenderDrawColor(m_renderer, tone.r, tone.g, tone.b, 255);
            const SDL_Rect box{place.x - left, place.y - top, place.width, place.height};
            if (isFull)
                SDL_RenderFillRect(m_renderer, &box);
            else
                SDL_RenderDrawRect(m_renderer, &box);
        };
        const Level& level = *m_stage.level;
        for (std::size_t i = 0; i < level.entities.size(); ++i) {
            const Entity& entity = level.entities[i];
            const auto tone = tones.find(entity.role);
            if (tone != tones.end() && !m_stage.isTaken[i])
                draw(tone->second, entity.box, entity.role == "pickup" || entity.role == "key");
        }
        for (const Foe& foe : level.foes)
            draw({240, 112, 90}, foe.way.at(m_stage.body.tick), true);
        for (const Group& group : level.formations)
            for (int place = 0; place < group.formation.count; ++place)
                if (!group.formation.isGap(place))
                    draw({240, 112, 90}, group.formation.at(place, m_stage.body.tick), true);
        for (const Door& door : level.parts.doors)
            draw({138, 106, 69}, door.box, !door.isOpen(m_stage.body.held));
        for (const Mover& mover : level.parts.movers)
            draw({196, 135, 203}, mover.at(m_stage.body.tick), true);
        for (const TimedHazard& hazard : level.parts.timed)
            draw({240, 112, 90}, hazard.box, hazard.times.isOn(m_stage.body.tick));
    }

    std::string m_folder;
    SDL_Renderer* m_renderer;
    Campaign m_campaign;
    std::vector<double> m_shares;  ///< of the opacity of each layer
    Stage m_stage;
    lantern::KitStroll m_stroll;  ///< on kit boards
    std::map<std::string, lantern::Texture> m_sheets;
    std::filesystem::file_time_type m_stamp;
    GameState m_state;
    int m_deaths = 0;
};

}  // namespace lantern
