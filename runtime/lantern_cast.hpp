#pragma once
/// How lantern draws the things of a level, with their sprites.

#include "lantern_overlay.hpp"

namespace lantern {

class CastCanvas : public OverlayCanvas {
public:
    using OverlayCanvas::OverlayCanvas;

protected:
    /// The picture of a kind in a box, or the box in its colour.
    void drawKind(const std::string& kindId, const Box& box, bool isMirrored, Uint8 alpha = 255,
                  const Look* look = nullptr) {
        if (!isInSight(box)) return;
        const KindLook* kind = m_play.campaign().kind(kindId);
        const SDL_Rect place{box.x - m_camera.left, box.y - m_camera.top, box.width, box.height};
        static const Look plain;
        if (!look) look = &plain;
        const bool isOwn = !look->sprite.sheet.empty();
        if (!isOwn && (!kind || kind->sprite.sheet.empty()))
            return fill(place, colorOf(kind ? kind->color : "", {224, 166, 58}), alpha);
        const Sprite& sprite = isOwn ? look->sprite : kind->sprite;
        isMirrored = isMirrored != look->isMirrored;
        const Sheet& picture = sheet(sprite.sheet);
        const auto frame = sprite.frameAt(m_play.ticks());
        const SDL_Rect source{frame.first, frame.second, sprite.width, sprite.height};
        // Grown and turned about the middle of the box.
        const int middleX = place.x + place.w / 2, middleY = place.y + place.h / 2;
        const auto put = [&](const SDL_Rect& part, SDL_Rect target) {
            target = {middleX + (target.x - middleX) * look->scale,
                      middleY + (target.y - middleY) * look->scale, target.w * look->scale,
                      target.h * look->scale};
            m_screen.copy(picture, part, target,
                          {isMirrored,
                           look->isUpsideDown,
                           look->quarterTurns,
                           alpha,
                           {middleX - target.x, middleY - target.y}});
        };
        if (sprite.place.width > 0) {
            // Mirrored about the box's middle.
            const int dx =
                isMirrored ? box.width - sprite.place.x - sprite.place.width : sprite.place.x;
            put(source,
                {place.x + dx, place.y + sprite.place.y, sprite.place.width, sprite.place.height});
            return;
        }
        // What is much longer than its picture, as a door, repeats it.
        const bool isLonger = 10LL * box.height * sprite.width > 22LL * box.width * sprite.height;
        const bool isWider = 10LL * box.width * sprite.height > 22LL * box.height * sprite.width;
        if (!isLonger && !isWider) return put(source, place);
        const int width =
            isLonger ? box.width : std::max(1, box.height * sprite.width / sprite.height);
        const int height =
            isLonger ? std::max(1, box.width * sprite.height / sprite.width) : box.height;
        for (int y = 0; y < box.height; y += height)
            for (int x = 0; x < box.width; x += width) {
                const int w = std::min(width, box.width - x), h = std::min(height, box.height - y);
                put({source.x, source.y, std::max(1, source.w * w / width),
                     std::max(1, source.h * h / height)},
                    {place.x + x, place.y + y, w, h});
            }
    }

    /// Those of one order; among them lower places first, then as in the file.
    void drawEntities(DrawOrder order) {
        readLooks();
        std::vector<std::size_t> places;
        for (std::size_t i = 0; i < m_looks.size(); ++i)
            if (m_looks[i].order == order) places.push_back(i);
        std::stable_sort(places.begin(), places.end(), [&](std::size_t a, std::size_t b) {
            return m_looks[a].place < m_looks[b].place;
        });
        for (const std::size_t i : places)
            drawEntity(i);
        if (order == DrawOrder::AmongCast) drawWhatGoes();
    }
    void readLooks() {
        const Level& level = *stage().level;
        if (m_looksOf == &level && m_looks.size() == level.entities.size()) return;
        m_looksOf = &level;
        m_looks.clear();
        for (const Entity& entity : level.entities)
            m_looks.push_back(detail::readLook(entity.whole, entity.id));
        m_parts.assign(level.entities.size(), 0);
        for (std::size_t i = 0; i < level.doorEntities.size(); ++i)
            m_parts[level.doorEntities[i]] = i;
        for (std::size_t i = 0; i < level.moverEntities.size(); ++i)
            m_parts[level.moverEntities[i]] = i;
    }
    void drawEntity(std::size_t i) {
        const Level& level = *stage().level;
        const Entity& entity = level.entities[i];
        const bool isMirrored = entity.facing == "left";
        const std::size_t part = m_parts[i];
        if (detail::mayBeShut(entity)) {
            const bool isOpen = part < level.parts.doors.size() &&
                                level.parts.doors[part].isOpen(stage().body.held);
            const bool isDoor = entity.role == "door";
            drawKind(entity.kind, entity.box, isMirrored,
                     isDoor && isOpen     ? 70
                     : !isDoor && !isOpen ? 120
                                          : 255,
                     &m_looks[i]);
        } else if (entity.role == "mover") {
            if (part < level.parts.movers.size())
                drawKind(entity.kind, level.parts.movers[part].at(stage().body.tick), isMirrored,
                         255, &m_looks[i]);
        } else if (entity.role == "hazard" || entity.role == "foe") {
            drawHazard(i, isMirrored);
        } else if (entity.role != "spawn" && entity.role != "entry" && entity.role != "trigger" &&
                   entity.role != "formation" && entity.role != "turn-mark" &&
                   !stage().isTaken[i]) {
            drawKind(entity.kind, entity.box, isMirrored, 255, &m_looks[i]);
        }
    }
    /// Foes, shots and members of formations.
    void drawWhatGoes() {
        const Level& level = *stage().level;
        int what = 0;  // in the order of Level::ways
        for (const Foe& foe : level.foes) {
            if (isGone(what++)) continue;
            const Box box = foe.way.at(stage().body.tick);
            drawKind(level.entities[foe.entity].kind, box,
                     foe.way.at(stage().body.tick + 8).x < box.x, 255, &m_looks[foe.entity]);
        }
        for (const Shot& shot : level.shots)
            if (!isGone(what++) && shot.way.isThere(stage().body.tick)) drawShot(shot);
        for (const Group& group : level.formations) {
            const bool kills = group.memberRole == "foe" || group.memberRole == "hazard";
            for (int place = 0; place < group.formation.count; ++place) {
                if (group.formation.isGap(place) || (kills && isGone(what++))) continue;
                drawKind(group.member, group.formation.at(place, stage().body.tick), false);
            }
        }
    }
    /// That foe or shot was beaten.
    [[nodiscard]] bool isGone(int what) const {
        return isBeaten(stage().body.beaten, what, stage().body.tick);
    }
    /// A plain spot in the colour of what threw it.
    void drawShot(const Shot& shot) {
        const KindLook* kind = m_play.campaign().kind(stage().level->entities[shot.entity].kind);
        const Box at = shot.way.at(stage().body.tick);
        const Box box{at.x - m_camera.left, at.y - m_camera.top, at.width, at.height};
        fill({box.x, box.y, box.width, box.height}, {240, 112, 90}, 255);
        if (box.width > 2 && box.height > 2)
            fill({box.x + 1, box.y + 1, box.width - 2, box.height - 2},
                 colorOf(kind ? kind->color : "", {240, 236, 220}), 255);
    }
    /// One that goes about is drawn where it is; one that is on at times is faint while it is off.
    void drawHazard(std::size_t place, bool isMirrored) {
        const Level& level = *stage().level;
        const Entity& entity = level.entities[place];
        for (const Foe& foe : level.foes)
            if (foe.entity == place) return;
        bool isOff = false;
        for (std::size_t i = 0; i < level.parts.timed.size(); ++i) {
            const TimedHazard& hazard = level.parts.timed[i];
            if (hazard.entity != static_cast<int>(place)) continue;
            if (isGone(static_cast<int>(stage().world->parts().foes.size() + i))) return;
            isOff = !hazard.times.isOn(stage().body.tick);
        }
        drawKind(entity.kind, entity.box, isMirrored, isOff ? 60 : 255, &m_looks[place]);
    }

    /// The player: the picture of the first spawn's kind, standing where the body stands.
    void drawBody(bool facesLeft) {
        const Box body = bodyBox();
        const Entity* spawn = stage().level->startEntity("");
        const KindLook* kind = spawn ? m_play.campaign().kind(spawn->kind) : nullptr;
        if (kind && !kind->sprite.sheet.empty()) {
            Box box = spawn->box;
            box.x = body.x + (body.width - box.width) / 2;
            box.y = body.y + body.height - box.height;
            return drawKind(spawn->kind, box, facesLeft);
        }
        fill({body.x - m_camera.left, body.y - m_camera.top, body.width, body.height},
             {240, 236, 220}, 255);
        outline(body, {30, 127, 113});
    }

private:
    const Level* m_looksOf = nullptr;
    std::vector<Look> m_looks;         ///< of each entity
    std::vector<std::size_t> m_parts;  ///< of each: its place among the doors, or the movers
};

}  // namespace lantern
