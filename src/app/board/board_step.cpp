#include "app/board/board_step.h"

#include <QClipboard>
#include <QGuiApplication>

#include "app/board/board.h"
#include "app/board/selection_edits.h"
#include "app/ui/words.h"
#include "file/text_grid.h"

namespace rook::app {

namespace {

/// What somebody else copied as text, else what was copied here; none if there is neither. What is
/// wrong with the text is said.
std::optional<level::CellClip> clipToPaste(Session& session) {
    const auto& own = session.workbench.clip();
    const level::Project& project = session.document.project();
    const QString text = QGuiApplication::clipboard()->text();
    const bool isOwn = own && text.toStdString() == file::textOfClip(project, *own);
    if (text.trimmed().isEmpty() || isOwn) {
        if (!own) session.say(tr("There is nothing to paste yet: copy some cells first."));
        return own;
    }
    auto clip = file::clipOfText(project, *session.document.level(), text.toStdString());
    if (clip) {
        session.workbench.setClip(*clip);
        return *clip;
    }
    session.say(told(clip.error()));
    return std::nullopt;
}

/// At the pointer, else in the middle of what is seen; never outside the level. Selected then.
void layClip(Board& board, const level::CellClip& clip) {
    Session& session = board.session();
    const CellRect place = board.placeForCells(clip.cells.width(), clip.cells.height());
    session.document.apply(pasteCells(*session.document.level(), clip, {place.x, place.y}));
    session.workbench.chooseTool("select");
    Selection selection;
    selection.cells =
        level::CellRegion(place.intersected(session.document.level()->cells.bounds()));
    session.workbench.select(selection);
}

}  // namespace

BoardStep::BoardStep(Board& board) : m_board(board), m_session(board.session()) {}

void BoardStep::copy() {
    if (!copySelectedThings(m_session) && !copySelectedCells(m_session))
        m_session.say(tr("Select something first, then copy."));
}

void BoardStep::cut() {
    if (cutSelectedThings(m_session)) return;
    const auto cells = selection().cells;
    copy();
    if (!cells) return;
    level::LevelEdit edit = layCells(project(), level(), *cells, level::Cell(), "Lay");
    edit.name = "Cut " + level::cellCountText(cells->cellCount());
    m_session.document.apply(edit);
}

void BoardStep::paste() {
    if (pasteThings(m_session, m_board.placeForPaste())) return;
    if (const auto clip = clipToPaste(m_session)) layClip(m_board, *clip);
}

void BoardStep::removeSelected() {
    app::removeSelected(m_session);
}

void BoardStep::duplicate() {
    if (app::duplicateSelected(m_session)) return;
    if (const auto& cells = selection().cells) layClip(m_board, copyCells(level(), *cells));
}

bool BoardStep::nudge(int dx, int dy, bool byPx) {
    return nudgeSelected(m_session, dx, dy, byPx);
}

const level::Project& BoardStep::project() const {
    return m_session.document.project();
}
const level::Level& BoardStep::level() const {
    return *m_session.document.level();
}
const Selection& BoardStep::selection() const {
    return m_session.workbench.selection();
}
const View& BoardStep::view() const {
    return m_board.view();
}
std::shared_ptr<const ProvenLevel> BoardStep::proven() const {
    return m_session.proofs.ofBoard();
}
QRect BoardStep::area() const {
    return m_board.rect();
}
void BoardStep::update() {
    m_board.update();
}

}  // namespace rook::app
