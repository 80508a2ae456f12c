#pragma once
/// What things look like: the kinds of a game with their pictures, as campaign.json says them.
/// C++17 and the headers beside it. All functions throw `LoadError`.

#include <array>
#include <string>
#include <utility>
#include <vector>

#include "rook_json.hpp"
#include "rook_shapes.hpp"

namespace rook::runtime {

/// A picture of a sheet, or several in turn.
struct Sprite {
    std::string sheet;                        ///< relative to the bundle; empty = none
    std::vector<std::pair<int, int>> frames;  ///< corners in the sheet, px
    int ticks = 1;                            ///< that each frame is shown
    int width = 0;                            ///< px in the sheet
    int height = 0;
    /// Where it is drawn, px from the box's upper left corner; of no width = in the box, over and
    /// over where that is much longer than the picture.
    Box place{0, 0, 0, 0};

    std::pair<int, int> frameAt(long long tick) const {
        return frames[static_cast<std::size_t>(tick / ticks) % frames.size()];
    }
};

/// When a thing is drawn: behind the masses, with the cast, or after all that lies before it.
enum class DrawOrder : unsigned char { AmongCast, BehindMasses, BeforeFront };

/// How a single thing looks otherwise than its kind.
struct Look {
    Sprite sprite;         ///< its own; of no sheet = that of its kind
    int scale = 1;         ///< about the middle of its box
    int quarterTurns = 0;  ///< clockwise
    bool isMirrored = false;
    bool isUpsideDown = false;
    DrawOrder order = DrawOrder::AmongCast;
    int place = 0;  ///< among those of its order: lower ones first
};

/// A kind of entity.
struct KindLook {
    std::string id;
    std::string title;
    std::string role;
    std::string color;  ///< #rrggbb, where there is no picture
    Sprite sprite;
};

namespace detail {

inline Sprite readSprite(const json& value, const std::string& where) {
    constexpr int far = 65536;
    Sprite sprite;
    sprite.sheet = path(value, "sheet", where);
    sprite.ticks = whole(value, "ticks", 1, 3600, where);
    sprite.width = whole(value, "width", 1, far, where);
    sprite.height = whole(value, "height", 1, far, where);
    for (const json& frame : list(value, "frames", where)) {
        if (!frame.is_array() || frame.size() != 2) fail("A frame is [x, y]", where + ".frames");
        sprite.frames.emplace_back(whole(frame[0], 0, far, where + ".frames"),
                                   whole(frame[1], 0, far, where + ".frames"));
    }
    if (sprite.frames.empty()) fail("A sprite has one frame at least", where + ".frames");
    if (!value.contains("place") || value["place"].is_null()) return sprite;
    const json& place = value["place"];
    if (!place.is_object()) fail("An object is wanted here", where + ".place");
    sprite.place = {whole(place, "x", -far, far, where + ".place"),
                    whole(place, "y", -far, far, where + ".place"),
                    whole(place, "width", 1, far, where + ".place"),
                    whole(place, "height", 1, far, where + ".place")};
    return sprite;
}

/// "look" of an entity; plain where there is none.
inline Look readLook(const json& entity, const std::string& id) {
    Look look;
    if (!entity.contains("look")) return look;
    const json& value = entity["look"];
    const std::string where = id + ".look";
    if (!value.is_object()) fail("An object is wanted here", where);
    look.scale = whole(value, "scale", 1, 16, where);
    look.quarterTurns = whole(value, "quarterTurns", 0, 3, where);
    look.isMirrored = value.contains("mirrored") && value["mirrored"] == true;
    look.isUpsideDown = value.contains("upsideDown") && value["upsideDown"] == true;
    const std::string order = text(value, "order", where);
    look.order = order == "behind-masses"  ? DrawOrder::BehindMasses
                 : order == "before-front" ? DrawOrder::BeforeFront
                                           : DrawOrder::AmongCast;
    if (look.order == DrawOrder::AmongCast && order != "among-cast")
        fail("among-cast, behind-masses or before-front is wanted here", where + ".order");
    look.place = whole(value, "place", -1000, 1000, where);
    if (value.contains("sprite") && !value["sprite"].is_null())
        look.sprite = readSprite(value["sprite"], where + ".sprite");
    return look;
}

/// "kinds" of a campaign; none in bundles of former versions.
inline std::vector<KindLook> readKinds(const json& file, const std::string& name) {
    std::vector<KindLook> kinds;
    if (!file.contains("kinds")) return kinds;
    const json& rows = list(file, "kinds", name);
    for (std::size_t i = 0; i < rows.size(); ++i) {
        const std::string where = item(name + ": ", "kinds", i);
        KindLook kind;
        kind.id = text(rows[i], "id", where);
        kind.title = text(rows[i], "title", where);
        kind.role = text(rows[i], "role", where);
        kind.color = text(rows[i], "color", where);
        if (rows[i].contains("sprite") && !rows[i]["sprite"].is_null())
            kind.sprite = readSprite(rows[i]["sprite"], where + ".sprite");
        kinds.push_back(std::move(kind));
    }
    return kinds;
}

}  // namespace detail
}  // namespace rook::runtime
