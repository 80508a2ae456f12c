#include "app/board/level_kind_face.h"

#include "app/painting/kit_painter.h"
#include "app/painting/puzzle_painter.h"
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
constexpr LevelKindFace ofSlots{makePuzzlePainter, startPuzzlePlaytest, puzzlePicture};

}  // namespace

const LevelKindFace& faceOf(level::LevelKind kind) {
    const level::LevelKindTraits& traits = level::traitsOf(kind);
    return traits.isOfPieces ? ofPieces : traits.isOfSlots ? ofSlots : ofMatter;
}

}  // namespace rook::app
