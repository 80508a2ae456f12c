#include "file/sprite_json_detail.h"

namespace rook::file {

using namespace level;

Json spriteJson(const Project& project, const Kind& kind) {
    const Sheet* sheet = project.findSheet(kind.sheet);
    if (!sheet || kind.tile == 0 || sheet->columns <= 0) return nullptr;
    const auto corner = [&](int number) {
        return Json{number % sheet->columns * sheet->tile.width,
                    number / sheet->columns * sheet->tile.height};
    };
    Json frames = Json::array();
    int ticks = 1;
    if (const TileAnimation* animation = sheet->animationOf(kind.tile - 1)) {
        for (const int frame : animation->frames)
            frames.push_back(corner(frame));
        ticks = animation->ticks;
    } else {
        frames.push_back(corner(kind.tile - 1));
    }
    Json place = nullptr;
    if (kind.sprite)
        place = {{"x", kind.sprite->x},
                 {"y", kind.sprite->y},
                 {"width", kind.sprite->width},
                 {"height", kind.sprite->height}};
    return {{"sheet", sheet->path},
            {"frames", std::move(frames)},
            {"ticks", ticks},
            {"width", kind.spriteTiles.width * sheet->tile.width},
            {"height", kind.spriteTiles.height * sheet->tile.height},
            {"place", std::move(place)}};
}

Json appearanceJson(const Project& project, const Kind& kind, const Appearance& look) {
    if (look == Appearance()) return nullptr;
    Json json = {{"scale", look.scale},         {"quarterTurns", look.quarterTurns},
                 {"mirrored", look.isMirrored}, {"upsideDown", look.isUpsideDown},
                 {"order", nameOf(look.order)}, {"place", look.place}};
    if (look.sheet.empty()) return json;
    Kind own = kind;
    own.sheet = look.sheet;
    own.tile = look.tile;
    own.spriteTiles = look.tiles;
    own.sprite.reset();
    json["sprite"] = spriteJson(project, own);
    return json;
}

}  // namespace rook::file
