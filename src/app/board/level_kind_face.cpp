#include "app/board/level_kind_face.h"

#include "app/painting/kit_painter.h"
#include "level/level_kinds.h"

namespace rook::app {

namespace {

QImage kitThumbnail(const level::Project& project, const level::Level& level, QSize size,
                    const Theme&) {
    const level::Kit* kit = project.kitOf(level);
    return kitPicture(kit ? *kit : level::Kit(), level, size);
}

constexpr LevelKindFace ofMatter{makeMatterPainter, startSidePlaytest, plainPicture};
constexpr LevelKindFace ofPieces{makeKitPainter, startKitPlaytest, kitThumbnail};

}  // namespace

const LevelKindFace& faceOf(level::LevelKind kind) {
    return level::traitsOf(kind).isOfPieces ? ofPieces : ofMatter;
}

}  // namespace rook::app
