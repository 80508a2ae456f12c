#include "app/steps/sketch/place_underlay.h"

#include <QtConcurrent>

#include "app/painting/underlay.h"
#include "app/ui/words.h"
#include "level/sketch_edits.h"

namespace rook::app {

void placeUnderlay(Session& session, QObject* guard, const QString& file) {
    session.say(tr("Reading the picture …"));
    const LevelId id = session.document.level()->id;
    QtConcurrent::run([file, bounds = session.document.level()->boundsPx()] {
        return readUnderlay(file, bounds);
    }).then(guard, [&session, id](const Result<level::Underlay>& underlay) {
        if (!underlay) return session.say(told(underlay.error()));
        if (session.document.level()->id != id) session.document.chooseLevel(id);
        if (session.document.level()->id != id) return;
        session.document.apply(
            setUnderlay(*session.document.level(), *underlay, "Place an underlay"));
        session.say(tr("Placed the picture. Drag it with Select; Scale fits it to the cells."));
        if (session.workbench.step() != Step::Sketch) return;
        session.workbench.chooseTool("select");
        Selection selection;
        selection.hasUnderlay = true;
        session.workbench.select(selection);
    });
}

}  // namespace rook::app
