#include "app/board/level_kind_face.h"

#include "app/painting/kit_painter.h"
#include "app/painting/puzzle_painter.h"
#include "level/level_kinds.h"

namespace rook::app {

namespace {

QImage kitThumbnail(const level::Project& project, const level::Level& level, QSize size,
                    const Theme&, const SheetImages&) {
    const level::Kit* kit = project.kitOf(level);
    return kitPicture(kit ? *kit : level::Kit(), level, size);
}

QImage matterThumbnail(const level::Project& project, const level::Level& level, QSize size,
                       const Theme& theme, const SheetImages&) {
    return plainPicture(project, level, size, theme);
}

constexpr LevelKindFace ofMatter{makeMatterPainter, startSidePlaytest, matterThumbnail, false};
constexpr LevelKindFace ofPieces{makeKitPainter, startKitPlaytest, kitThumbnail, false};
constexpr LevelKindFace ofSlots{makePuzzlePainter, startPuzzlePlaytest, puzzlePicture, true};

}  // namespace

SheetImages LevelKindFace::sheetsFor(const Session& session) const {
    return showsSheets ? loadSheets(session.document.project(), session.document.folder())
                       : SheetImages();
}

const LevelKindFace& faceOf(level::LevelKind kind) {
    const level::LevelKindTraits& traits = level::traitsOf(kind);
    return traits.isOfPieces ? ofPieces : traits.isOfSlots ? ofSlots : ofMatter;
}

}  // namespace rook::app
