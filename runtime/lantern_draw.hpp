#pragma once
/// How lantern draws a level in play: pictures, layers, things with their sprites, and words.

#include <cmath>
#include <cstdio>
#include <map>

#include "lantern_cast.hpp"
#include "lantern_kit.hpp"
#include "lantern_puzzle.hpp"

namespace lantern {

using namespace rook::runtime;

class Drawing : private CastCanvas {
public:
    /// All must outlive it.
    Drawing(SDL_Renderer* renderer, std::string folder, const CampaignPlay& play)
        : CastCanvas(renderer, std::move(folder), play) {}

    void setScreen(int width, int height) {
        m_camera.width = width;
        m_camera.height = height;
        m_level = nullptr;
    }
    using Canvas::forgetSheets;
    void setLanguage(std::string language) { m_language = std::move(language); }
    void showOverlay(bool isShown) { m_showsOverlay = isShown; }
    [[nodiscard]] bool showsOverlay() const { return m_showsOverlay; }

    [[nodiscard]] PuzzleView puzzleView() const {
        return PuzzleView::of(*stage().level, m_camera.width, m_camera.height);
    }
    void draw(const KitStroll& stroll, const PuzzleTable& table, bool facesLeft) {
        const Level& level = *stage().level;
        clear();
        if (level.kit) {
            const auto [x, y] = stroll.place(*level.kit);
            drawPlan({x, y, stroll.module(*level.kit)[2]});
            drawKeeper(m_screen, m_camera.width, m_camera.height);
        } else if (level.puzzle) {
            drawPuzzle(table);
        } else {
            follow();
            drawCells([&] { drawBody(facesLeft); });
            drawFormer();
            if (m_showsOverlay) drawOverlay();
        }
        drawCounts();
        drawWords();
    }
    /// The whole level as it begins, without player and words.
    [[nodiscard]] Sheet wholePicture(const PuzzleTable& table) {
        const Level& level = *stage().level;
        const auto [width, height] = wholeSize(level);
        if (std::int64_t{width} * height > mostWholePx)
            throw LoadError(
                "The level is too large for one picture (--whole). Draw a screen of it.");
        setScreen(width, height);
        m_screen.beginWhole(width, height);
        m_isWhole = true;
        m_camera.left = m_camera.top = 0;
        clear();
        if (level.kit) {
            const Entity* start = level.startEntity("");
            drawPlan({level.frame.columns / 2.0, level.frame.rows / 2.0,
                      start ? start->whole.value("storey", 0) : 0});
        } else if (level.puzzle) {
            drawPuzzle(table);
        } else {
            drawCells([] {});
        }
        m_isWhole = false;
        return m_screen.takeWhole();
    }
    static constexpr std::int64_t mostWholePx = std::int64_t{8192} * 8192;
    static std::pair<int, int> wholeSize(const Level& level) {
        if (level.kit) return {level.frame.columns * planModulePx, level.frame.rows * planModulePx};
        return {level.frame.widthPx(), level.frame.heightPx()};
    }
    /// What is drawn from now on follows what is there now; before the picture changes.
    void goOver(const Transition& transition) {
        m_former.reset();
        if (transition.sort == TransitionSort::Cut) return;
        std::vector<Uint32> px(std::size_t(m_camera.width) * std::size_t(m_camera.height));
        const int pitch = m_camera.width * 4;
        if (SDL_RenderReadPixels(m_renderer, nullptr, SDL_PIXELFORMAT_ARGB8888, px.data(), pitch) !=
            0)
            return;
        m_former.reset(SDL_CreateTexture(m_renderer, SDL_PIXELFORMAT_ARGB8888,
                                         SDL_TEXTUREACCESS_STATIC, m_camera.width,
                                         m_camera.height));
        if (m_former) SDL_UpdateTexture(m_former.get(), nullptr, px.data(), pitch);
        m_transition = transition;
        m_passed = 0;
    }
    /// A page over the level: a title and lines, one of them chosen.
    void drawPage(const std::string& title, const std::vector<std::string>& lines, int chosen) {
        fill({0, 0, m_camera.width, m_camera.height}, {16, 22, 28}, 225);
        int y = m_words.draw(m_renderer, title, m_camera.width / 2, 24, {240, 236, 220, 255},
                             Words::Align::Middle, 14) +
                34;
        const int room = (m_camera.height - y - 16) / 16;
        const int first = std::max(0, std::min(chosen - room / 2, int(lines.size()) - room));
        for (int i = first; i < int(lines.size()) && i < first + room; ++i, y += 16) {
            const bool isChosen = i == chosen;
            if (isChosen) fill({m_camera.width / 2 - 140, y - 2, 280, 16}, {30, 127, 113}, 255);
            m_words.draw(m_renderer, lines[std::size_t(i)], m_camera.width / 2, y,
                         {240, 236, 220, 255}, Words::Align::Middle);
        }
    }

private:
    void clear() { m_screen.clear(colorOf(stage().level->backgroundColor, {27, 39, 51})); }
    /// The farthest first.
    template <typename DrawPlayer>
    void drawCells(DrawPlayer&& drawPlayer) {
        const Level& level = *stage().level;
        const int left = m_camera.left, top = m_camera.top;
        const Color sky = colorOf(level.backgroundColor, {27, 39, 51});
        if (!level.backgroundBelow.empty())
            drawSky(sky, colorOf(level.backgroundBelow, sky), level.frame.heightPx());
        drawPictures(false, left, top);
        drawEntities(DrawOrder::BehindMasses);
        if (level.layers.empty()) drawShapes(left, top);
        drawLayers(false, left, top);
        drawEntities(DrawOrder::AmongCast);
        drawPlayer();
        drawLayers(true, left, top);
        drawPictures(true, left, top);
        drawEntities(DrawOrder::BeforeFront);
    }
    void drawPuzzle(const PuzzleTable& table) {
        PuzzleDrawing(m_screen, puzzleView())
            .draw(*stage().level->puzzle, table,
                  [&](const std::string& kind) { return counterFace(kind); });
    }
    void drawPlan(const PlanSight& sight) {
        drawKit(m_screen, *stage().level->kit, sight, m_camera.width, m_camera.height);
        drawKitThings(sight);
    }
    /// The camera keeps to the zone that the player is in, else to the level.
    void follow() {
        const Level& level = *stage().level;
        Box bounds{0, 0, level.frame.widthPx(), level.frame.heightPx()};
        if (const Zone* zone = level.zoneAt(bodyBox())) bounds = zone->camera;
        if (m_level != &level)
            m_camera.jumpTo(bodyBox(), bounds);
        else
            m_camera.follow(bodyBox(), bounds);
        m_level = &level;
    }

    /// From one colour to the other, from the level's top to its lower edge.
    void drawSky(Color above, Color below, int levelHeight) {
        for (int y = 0; y < m_camera.height; ++y) {
            const double share =
                std::clamp((m_camera.top + y + 0.5) / std::max(levelHeight, 1), 0.0, 1.0);
            const auto mix = [share](Uint8 from, Uint8 to) {
                return static_cast<Uint8>(from + (to - from) * share + 0.5);
            };
            fill({0, y, m_camera.width, 1},
                 {mix(above.r, below.r), mix(above.g, below.g), mix(above.b, below.b)}, 255);
        }
    }

    void drawLayers(bool areFront, int left, int top) {
        const auto& layers = stage().level->layers;
        m_shares.resize(layers.size(), 1.0);
        for (std::size_t i = 0; i < layers.size(); ++i) {
            if ((layers[i].role == "front") != areFront) continue;
            // Step by step, so that nothing flickers.
            const FadeLine& line = layers[i].fadeLine;
            const bool isFaint = !m_isWhole && (line.isPassedBy(bodyBox()) ||
                                                (layers[i].fades && hidesBody(layers[i])));
            const bool hasLine = line.beyond != FadeLine::Beyond::Nowhere;
            m_shares[i] = fadedOn(m_shares[i], isFaint, hasLine ? line.ticks : 9);
            drawLayer(layers[i], left, top, m_shares[i]);
        }
    }
    [[nodiscard]] bool hidesBody(const Layer& layer) const {
        const Frame& frame = stage().level->frame;
        const Box body = bodyBox();
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
        const double levelWidth = stage().level->frame.widthPx();
        const double levelHeight = stage().level->frame.heightPx();
        const auto& pictures = stage().level->pictures;
        m_pictureShares.resize(pictures.size(), 1.0);
        for (std::size_t i = 0; i < pictures.size(); ++i) {
            const Picture& picture = pictures[i];
            if (picture.isFront != areFront) continue;
            m_pictureShares[i] =
                fadedOn(m_pictureShares[i], !m_isWhole && picture.fadeLine.isPassedBy(bodyBox()),
                        picture.fadeLine.ticks);
            const Sheet& image = sheet(picture.image);
            Placing how;
            how.alpha = static_cast<int>(m_pictureShares[i] * picture.opacity * 255 / 100);
            const auto [width, height] = picture.sizeOn(m_camera.width, m_camera.height, levelWidth,
                                                        levelHeight, image.width, image.height);
            auto [x, y] = picture.cornerOn(left, top, m_camera.width, m_camera.height, levelWidth,
                                           levelHeight, width, height);
            x += picture.scroll * double(stage().body.tick);
            const bool isAcross = picture.fit == "across" || picture.fit == "repeat";
            const bool isDown = picture.fit == "repeat";
            if (isAcross) x -= std::ceil(x / width) * width;
            if (isDown) y -= std::ceil(y / height) * height;
            for (double top2 = y; top2 < m_camera.height; top2 += height) {
                for (double left2 = x; left2 < m_camera.width; left2 += width) {
                    const SDL_Rect target{int(std::lround(left2)), int(std::lround(top2)),
                                          int(std::lround(width)), int(std::lround(height))};
                    m_screen.copy(image, {0, 0, image.width, image.height}, target, how);
                    if (!isAcross) break;
                }
                if (!isDown) break;
            }
        }
    }

    CounterFace counterFace(const std::string& kindId) {
        CounterFace face;
        const KindLook* kind = m_play.campaign().kind(kindId);
        if (!kind) return face;
        const Color tone = colorOf(kind->color, {200, 200, 190});
        face.tone = tone;
        const Sprite& sprite = kind->sprite;
        if (sprite.sheet.empty()) return face;
        face.sheet = &sheet(sprite.sheet);
        const auto [x, y] = sprite.frameAt(m_play.ticks());
        face.source = {x, y, sprite.width, sprite.height};
        return face;
    }

    void drawLayer(const Layer& layer, int left, int top, double share) {
        const Sheet& tiles = sheet(layer.sheet);
        Placing how;
        how.alpha = static_cast<int>(share * layer.opacity * 255 / 100);
        const Frame& frame = stage().level->frame;
        const Cells sight = cellsInSight(frame);
        for (int row = sight.top; row < sight.bottom; ++row) {
            for (int column = sight.left; column < sight.right; ++column) {
                const int tile = layer.tileAt(column, row, stage().body.tick);
                if (tile == 0) continue;
                const SDL_Rect source{((tile - 1) % layer.columns) * layer.tileWidth,
                                      ((tile - 1) / layer.columns) * layer.tileHeight,
                                      layer.tileWidth, layer.tileHeight};
                const int flip =
                    layer.flips.empty() ? 0 : layer.flips[std::size_t(row)][std::size_t(column)];
                const SDL_Rect target{column * frame.cellWidth - left, row * frame.cellHeight - top,
                                      frame.cellWidth, frame.cellHeight};
                how.isMirrored = (flip & 1) != 0;
                how.isUpsideDown = (flip & 2) != 0;
                m_screen.copy(tiles, source, target, how);
            }
        }
    }

    /// A level without art: each matter in its colour, cut to the forms of its cells.
    void drawShapes(int left, int top) {
        const Level& level = *stage().level;
        const Frame& frame = level.frame;
        const Cells sight = cellsInSight(frame);
        for (int row = sight.top; row < sight.bottom; ++row) {
            for (int column = sight.left; column < sight.right; ++column) {
                const std::size_t cell =
                    std::size_t(row) * std::size_t(frame.columns) + std::size_t(column);
                const std::size_t matter = level.cells[cell];
                if (matter == 0) continue;
                const Color tone = colorOf(level.matterColors[matter], {89, 100, 108});
                for (int j = 0; j < frame.cellHeight; ++j) {
                    const auto [from, to] =
                        formRow(level.forms[cell], j, frame.cellWidth, frame.cellHeight);
                    const SDL_Rect line{column * frame.cellWidth + from - left,
                                        row * frame.cellHeight + j - top, to - from, 1};
                    if (from < to) fill(line, tone, 255);
                }
            }
        }
    }

    /// What stands on the storey that one is on.
    void drawKitThings(const PlanSight& sight) {
        const Level& level = *stage().level;
        for (std::size_t i = 0; i < level.entities.size(); ++i) {
            const Entity& entity = level.entities[i];
            if (entity.whole.value("storey", 0) != sight.storey || entity.role == "spawn" ||
                stage().isTaken[i])
                continue;
            const double x = (entity.box.x + entity.box.width / 2.0) / level.frame.cellWidth;
            const double y = (entity.box.y + entity.box.height / 2.0) / level.frame.cellHeight;
            const Box box{int((x - sight.x) * planModulePx) + m_camera.width / 2 - 8,
                          int((y - sight.y) * planModulePx) + m_camera.height / 2 - 8, 16, 16};
            m_camera.left = m_camera.top = 0;
            drawKind(entity.kind, box, false);
        }
    }

    /// Tallies at the left, the level's time at the right.
    void drawCounts() {
        const GameRules& rules = m_play.campaign().rules;
        std::string text;
        for (std::size_t i = 0; i < rules.tallies.size(); ++i)
            if (rules.tallies[i].isShown)
                text += (text.empty() ? "" : "    ") + rules.tallies[i].title + " " +
                        std::to_string(m_play.state().tallies[i]);
        fill({0, 0, m_camera.width, 18}, {16, 22, 28}, 170);
        const SDL_Color ink{240, 236, 220, 255};
        m_words.draw(m_renderer, text, 6, 3, ink);
        char time[32];
        std::snprintf(time, sizeof time, "%.1f s", double(m_play.state().ticks) / 60);
        m_words.draw(m_renderer, stage().level->title + "    " + time, m_camera.width - 6, 3, ink,
                     Words::Align::Right);
    }
    void drawFormer() {
        if (!m_former) return;
        const double share = m_transition.shareAfter(m_passed++);
        if (share >= 1) return m_former.reset();
        const bool isFade = m_transition.sort == TransitionSort::Fade;
        SDL_SetTextureBlendMode(m_former.get(), SDL_BLENDMODE_BLEND);
        SDL_SetTextureAlphaMod(m_former.get(),
                               isFade ? static_cast<Uint8>(255 * (1 - share)) : Uint8{255});
        const SDL_Rect target{isFade ? 0 : -int(share * m_camera.width), 0, m_camera.width,
                              m_camera.height};
        SDL_RenderCopy(m_renderer, m_former.get(), nullptr, &target);
    }
    void drawWords() {
        const ShownText* words = m_play.words();
        if (!words) return;
        const int width = m_camera.width * 7 / 10;
        const SDL_Color ink{240, 236, 220, 255};
        const std::string& text = words->textIn(m_language);
        const int lines = m_words.heightOf(m_renderer, text, ink, 14, width - 32);
        const int height = lines + (words->ticks == 0 ? 44 : 26);
        const int y = words->at == "top"      ? 28
                      : words->at == "bottom" ? m_camera.height - height - 20
                                              : (m_camera.height - height) / 2;
        fill({(m_camera.width - width) / 2, y, width, height}, {16, 22, 28}, 235);
        m_words.draw(m_renderer, text, m_camera.width / 2, y + 12, ink, Words::Align::Middle, 14,
                     width - 32);
        if (words->ticks == 0)
            m_words.draw(m_renderer, "Space goes on", m_camera.width / 2, y + height - 18,
                         {170, 178, 180, 255}, Words::Align::Middle);
    }

    bool m_isWhole = false;  ///< nobody is there that something could hide
    std::string m_language;
    const Level* m_level = nullptr;  ///< that the camera follows in
    bool m_showsOverlay = false;
    std::vector<double> m_shares;         ///< of the opacity of each layer
    std::vector<double> m_pictureShares;  ///< and of each picture
    Texture m_former;                     ///< that goes away over the new picture
    Transition m_transition;
    int m_passed = 0;  ///< ticks of it
};

}  // namespace lantern
