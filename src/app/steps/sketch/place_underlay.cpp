#include "app/steps/sketch/place_underlay.h"

#include <QtConcurrent>

#include "app/painting/underlay.h"
#include "app/ui/words.h"
#include "level/level_kinds.h"
#include "level/sketch_edits.h"

namespace rook::app {

void placeUnderlay(Session& session, QObject* guard, const QString& file) {
    session.say(tr("Reading the picture …"));
    const LevelId id = session.document.level()->id;
    const bool isOfPieces = traitsOf(session.document.level()->kind).isOfPieces;
    const int storey = isOfPieces ? session.workbench.storey() : 0;
    QtConcurrent::run([file, bounds = session.document.level()->boundsPx()] {
        return readUnderlay(file, bounds);
    }).then(guard, [&session, id, storey](const Result<level::Underlay>& read) {
        if (!read) return session.say(told(read.error()));
        if (session.document.level()->id != id) session.document.chooseLevel(id);
        if (session.document.level()->id != id) return;
        level::Underlay underlay = *read;
        underlay.storey = storey;
        session.document.apply(
            setUnderlay(*session.document.level(), underlay, "Place an underlay"));
        session.say(tr("Placed the picture. Drag it with Select; Scale fits it to the cells."));
        if (session.workbench.step() != Step::Sketch) return;
        session.workbench.chooseTool("select");
        Selection selection;
        selection.hasUnderlay = true;
        session.workbench.select(selection);
    });
}

}  // namespace rook::app
