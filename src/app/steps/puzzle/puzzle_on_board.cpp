#include "app/steps/puzzle/puzzle_on_board.h"

#include <QPainter>
#include <QPainterPath>

#include "app/board/board.h"
#include "app/painting/puzzle_painter.h"
#include "app/steps/puzzle/puzzle_options.h"
#include "app/ui/words.h"
#include "puzzle/edits.h"

namespace rook::app {

namespace play = runtime::puzzle;

void SlotsOnBoard::paintSlotList(QPainter& painter, const std::vector<CellPoint>& at,
                                 const QColor& tone, double width, bool isFilled) const {
    const puzzle::Geometry geometry(level().puzzle.board);
    QColor wash = tone;
    wash.setAlphaF(0.22f);
    painter.setPen(QPen(tone, width));
    painter.setBrush(isFilled ? QBrush(wash) : QBrush(Qt::NoBrush));
    for (const CellPoint each : at)
        if (geometry.numberOf(each) >= 0)
            painter.drawPath(shapeOf(geometry, each, view().offset(), view().scale()));
}

std::optional<CellPoint> SlotsOnBoard::slotAtPointer() const {
    return puzzle::Geometry(level().puzzle.board).slotAt(m_board.pointerPx());
}

void SlotsOnBoard::paintTop(QPainter& painter) {
    const Theme& theme = currentTheme();
    painter.setRenderHint(QPainter::Antialiasing);
    paintSlotList(painter, selection().slotList, theme.accent, 2.5, true);
    const ToolPreview& preview = m_board.toolPreview();
    const QColor tone = preview.isErasing || preview.isRefused ? theme.alarm : theme.accent;
    paintSlotList(painter, preview.slotList, tone, 2, true);
    painter.setBrush(Qt::NoBrush);
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void SlotsOnBoard::selectAll() {
    m_session.workbench.chooseTool("select");
    const puzzle::Geometry geometry(level().puzzle.board);
    Selection all;
    for (int number = 0; number < geometry.count(); ++number)
        all.slotList.push_back(geometry.addressOf(number));
    m_session.workbench.select(all);
}

void SlotsOnBoard::copy() {
    m_copied.clear();
    for (const CellPoint at : selection().slotList)
        m_copied.push_back(puzzle::slotAt(level().puzzle, at));
    m_session.say(
        m_copied.empty()
            ? tr("Select some slots first (G), then copy.")
            : tr("%1 copied.").arg(counted(qsizetype(m_copied.size()), tr("slot"), tr("slots"))));
}

void SlotsOnBoard::cut() {
    copy();
    removeSelected();
}

/// The first of them where the pointer is, else where they were.
void SlotsOnBoard::paste() {
    if (m_copied.empty()) return m_session.say(tr("No slots were copied."));
    const auto to = m_board.hasPointer() ? slotAtPointer() : std::nullopt;
    const CellPoint by =
        to ? CellPoint{to->x - m_copied[0].at.x, to->y - m_copied[0].at.y} : CellPoint{0, 0};
    std::vector<CellPoint> places;
    for (const level::Slot& slot : m_copied)
        places.push_back({slot.at.x + by.x, slot.at.y + by.y});
    std::size_t next = 0;
    m_session.document.apply(puzzle::changeSlots(
        project(), level(), places,
        [&](level::Slot& slot) {
            while (next < m_copied.size() && !(places[next] == slot.at))
                ++next;
            const CellPoint at = slot.at;
            if (next < m_copied.size()) slot = m_copied[next++];
            slot.at = at;
        },
        "Paste " + puzzle::slotCountText(places.size())));
    Selection pasted;
    pasted.slotList = places;
    m_session.workbench.select(pasted);
}

void SlotsOnBoard::removeSelected() {
    const auto& chosen = selection().slotList;
    if (chosen.empty()) return;
    m_session.document.apply(puzzle::changeSlots(
        project(), level(), chosen,
        [](level::Slot& slot) {
            level::Slot bare;
            bare.at = slot.at;
            slot = bare;
        },
        "Clear " + puzzle::slotCountText(chosen.size())));
}

bool SlotsOnBoard::nudge(int, int, bool) {
    return false;
}

QString SlotsOnBoard::wordsAt(CellPoint) const {
    const auto at = slotAtPointer();
    if (!at) return {};
    const level::Slot slot = puzzle::slotAt(level().puzzle, *at);
    QString text = tr(", slot %1, %2").arg(at->x).arg(at->y);
    if (slot.state != level::SlotState::Plain)
        text += tr(", %1").arg(told(level::nameOf(slot.state)));
    if (slot.state == level::SlotState::Locked)
        text += tr(" for %1 %2").arg(slot.price).arg(QString::fromStdString(slot.tally));
    for (const std::string& mark : slot.marks)
        text += tr(", mark %1").arg(QString::fromStdString(mark).toHtmlEscaped());
    if (!slot.stack.empty())
        text += QStringLiteral(", ") +
                counted(qsizetype(slot.stack.size()), tr("colour"), tr("colours"));
    if (const level::Counter* counter = puzzle::counterOn(project(), level(), *at))
        text += QStringLiteral(", <b>%1</b>")
                    .arg(QString::fromStdString(counter->id.text).toHtmlEscaped());
    return text;
}

QString SlotsOnBoard::verdictAt(PxPoint) const {
    const auto known = proven();
    if (!known || known->error || !m_session.proofs.isCurrent(level().id))
        return tr("Being solved …");
    return told(known->answer.verdict.sentence());
}

/// The placements of another level of the roster, dashed, with their names.
void CountersOnBoard::paintGhosts(QPainter& painter) const {
    const LevelId& id = m_session.workbench.options<CounterOptions>().ghosts;
    const auto other = id.isEmpty() ? nullptr : project().findLevel(id);
    if (!other || other->id == level().id || other->kind != level::LevelKind::Puzzle) return;
    const Theme& theme = currentTheme();
    const puzzle::Geometry geometry(level().puzzle.board);
    for (const level::Counter& counter : other->puzzle.counters) {
        QPainterPath outline;
        for (const CellPoint at : puzzle::slotsUnder(project(), level(), counter))
            outline = outline.united(shapeOf(geometry, at, view().offset(), view().scale()));
        if (outline.isEmpty()) continue;
        const QRectF box = outline.boundingRect().adjusted(4, 4, -4, -4);
        painter.setPen(QPen(theme.plum, 2, Qt::DashLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(box, 8, 8);
        painter.setFont(sizedFont(-2, QFont::DemiBold));
        painter.drawText(box.adjusted(6, 4, -6, -4), Qt::AlignTop | Qt::AlignLeft,
                         QString::fromStdString(counter.id.text));
    }
}

void CountersOnBoard::paintTop(QPainter& painter) {
    painter.setRenderHint(QPainter::Antialiasing);
    paintGhosts(painter);
    const Theme& theme = currentTheme();
    for (const EntityId& id : selection().counters) {
        const level::Counter* counter = puzzle::findCounter(level().puzzle, id);
        if (counter)
            paintSlotList(painter, puzzle::slotsUnder(project(), level(), *counter), theme.accent,
                          2.5, false);
    }
    SlotsOnBoard::paintTop(painter);
}

bool CountersOnBoard::drop(const QString& text, QPointF at) {
    const QString word = text.section(u':', 0, 0);
    const std::string id = text.section(u':', 1).toStdString();
    const PxPoint px = view().toLevelPx(at);
    const auto slot = puzzle::Geometry(level().puzzle.board).slotAt(px);
    const bool isFree = level().puzzle.board.arrangement == level::Arrangement::Free;
    if (word == QStringLiteral("counter") && isFree)
        return bool(m_session.document.apply(puzzle::moveCounterTo(level(), {id}, px)));
    if (!slot) return false;
    if (word == QStringLiteral("counter"))
        return bool(m_session.document.apply(puzzle::moveCounter(project(), level(), {id}, *slot)));
    if (word == QStringLiteral("kind"))
        return bool(m_session.document.apply(puzzle::addCounter(project(), level(), {id}, *slot)));
    return false;
}

void CountersOnBoard::selectAll() {
    m_session.workbench.chooseTool("select");
    Selection all;
    for (const level::Counter& counter : level().puzzle.counters)
        if (!counter.isParked) all.counters.push_back(counter.id);
    m_session.workbench.select(all);
}

void CountersOnBoard::removeSelected() {
    const auto chosen = selection().counters;
    if (!chosen.empty()) m_session.document.apply(puzzle::removeCounters(level(), chosen));
}

bool CountersOnBoard::nudge(int dx, int dy, bool) {
    const auto& chosen = selection().counters;
    if (chosen.empty()) return false;
    m_session.document.apply(puzzle::moveCounters(project(), level(), chosen, {dx, dy}));
    return true;
}

void CountersOnBoard::turn(level::Turning turning) {
    if (turning == level::Turning::MirrorSideways || turning == level::Turning::MirrorTopToBottom)
        return m_session.say(tr("Counters are turned, not mirrored."));
    const auto& chosen = selection().counters;
    if (chosen.empty()) return m_session.say(tr("Select a counter first (S)."));
    m_session.document.apply(puzzle::turnCounter(project(), level(), chosen.front()));
}

const reach::PuzzleAnswer* SolutionOnBoard::answer() const {
    const auto known = proven();
    if (!known || known->error || !m_session.proofs.isCurrent(level().id)) return nullptr;
    return known->answer.onPuzzle();
}

/// Where the counter cannot stand without that the goal is lost for good, and where for some.
void SolutionOnBoard::paintDead(QPainter& painter, const puzzle::Geometry& geometry,
                                const reach::PuzzleAnswer& answer, const EntityId& counter) const {
    const Theme& theme = currentTheme();
    for (std::size_t i = 0; i < answer.solution.places.size(); ++i) {
        if (answer.board->counters[i].id != counter.text) continue;
        const auto& places = answer.solution.places[i];
        for (std::size_t slot = 0; slot < places.size(); ++slot) {
            if (places[slot].states == 0) continue;
            const bool isAll = places[slot].dead == places[slot].states;
            const bool isNone = places[slot].dead == 0;
            const double share = double(places[slot].dead) / double(places[slot].states);
            const QPainterPath shape =
                shapeOf(geometry, geometry.addressOf(int(slot)), view().offset(), view().scale());
            QColor wash = isNone ? theme.accent : isAll ? theme.alarm : theme.caution;
            wash.setAlphaF(float(isNone ? 0.16 : 0.15 + 0.4 * share));
            painter.fillPath(shape, wash);
            // Dead for good is hatched: not by colour alone.
            if (isAll) painter.fillPath(shape, QBrush(theme.alarm, Qt::BDiagPattern));
        }
    }
}

/// The share of dead states of each slot, on a plate of its own: counters may stand there.
void SolutionOnBoard::paintShares(QPainter& painter, const puzzle::Geometry& geometry,
                                  const reach::PuzzleAnswer& answer,
                                  const EntityId& counter) const {
    painter.setFont(sizedFont(-3, QFont::DemiBold));
    const QFontMetrics metrics(painter.font());
    for (std::size_t i = 0; i < answer.solution.places.size(); ++i) {
        if (answer.board->counters[i].id != counter.text) continue;
        const auto& places = answer.solution.places[i];
        for (std::size_t slot = 0; slot < places.size(); ++slot) {
            if (places[slot].dead == 0) continue;
            const double share = double(places[slot].dead) / double(places[slot].states);
            const QString words = tr("%1 %").arg(int(std::lround(100 * share)));
            const QRectF box =
                shapeOf(geometry, geometry.addressOf(int(slot)), view().offset(), view().scale())
                    .boundingRect();
            QRectF plate(0, 0, metrics.horizontalAdvance(words) + 8, metrics.height());
            if (plate.width() > box.width()) continue;
            plate.moveCenter(box.center());
            plate.moveBottom(box.bottom() - 2);
            QColor ground = currentTheme().paper;
            ground.setAlphaF(0.85F);
            painter.setPen(Qt::NoPen);
            painter.setBrush(ground);
            painter.drawRoundedRect(plate, 3, 3);
            painter.setPen(currentTheme().ink);
            painter.drawText(plate, Qt::AlignCenter, words);
        }
    }
    painter.setBrush(Qt::NoBrush);
}

/// The level after so many moves of the told solution, and the move that comes next.
void SolutionOnBoard::paintOver(QPainter& painter) {
    const reach::PuzzleAnswer* known = answer();
    PuzzleLook look;
    look.sheets = &m_board.sheets();
    look.showsGone = false;
    play::State state;
    const PuzzleProofOptions& options = m_session.workbench.options<PuzzleProofOptions>();
    const play::Move* next = nullptr;
    if (known && known->board && !known->solution.moves.empty()) {
        state = play::beginning(*known->board);
        std::size_t at = 0;
        for (; at < known->solution.moves.size() && int(at) < options.move; ++at)
            (void)play::apply(*known->board, state, known->solution.moves[at]);
        if (at < known->solution.moves.size()) next = &known->solution.moves[at];
        look.state = &state;
    }
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    paintSlots(painter, project(), level(), look, area(), view().offset(), view().scale());
    const puzzle::Geometry geometry(level().puzzle.board);
    if (known && known->board) paintDead(painter, geometry, *known, options.counter);
    paintCounters(painter, project(), level(), look, view().offset(), view().scale());
    if (known && known->board) paintShares(painter, geometry, *known, options.counter);
    if (next)
        paintMove(painter, geometry, state, *next, view().offset(), view().scale(), Qt::SolidLine);
    painter.restore();
}

void SolutionOnBoard::paintTop(QPainter& painter) {
    painter.setRenderHint(QPainter::Antialiasing);
    for (const EntityId& id : selection().counters)
        if (const level::Counter* counter = puzzle::findCounter(level().puzzle, id))
            paintSlotList(painter, puzzle::slotsUnder(project(), level(), *counter),
                          currentTheme().accent, 2.5, false);
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void SolutionOnBoard::showMove(int by) {
    const reach::PuzzleAnswer* known = answer();
    if (!known) return;
    m_session.workbench.change<PuzzleProofOptions>(
        [&](PuzzleProofOptions& o) { o.move = std::clamp(o.move + by, 0, known->solution.least); });
}

bool SolutionOnBoard::nudge(int dx, int, bool) {
    if (dx == 0) return false;
    showMove(dx);
    return true;
}

}  // namespace rook::app
