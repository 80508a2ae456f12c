#include "app/status_line.h"

#include <QHBoxLayout>
#include <QPainter>

#include "app/entity_painter.h"
#include "app/margin_section.h"
#include "app/theme.h"
#include "level/tile_edits.h"
#include "skin/dressing.h"

namespace rook::app {

StatusLine::StatusLine(Session& session, const Board& board, QWidget* parent)
    : QWidget(parent), m_session(session), m_board(board) {
    setFixedHeight(26);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 1, 14, 0);
    row->setSpacing(22);
    for (QLabel** label : {&m_cell, &m_px, &m_under, &m_verdict, &m_state}) {
        *label = new QLabel(this);
        (*label)->setFont(sizedFont(-1));
        (*label)->setTextFormat(Qt::RichText);
    }
    m_verdict->setObjectName(QStringLiteral("status-verdict"));
    // A long message is cut, and does not widen the window.
    m_verdict->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    m_cell->setMinimumWidth(74);
    m_px->setMinimumWidth(86);
    row->addWidget(m_cell);
    row->addWidget(m_px);
    row->addWidget(m_under);
    row->addWidget(m_verdict, 1);
    row->addWidget(m_state);
    m_sayTimer.setSingleShot(true);
    connect(&m_sayTimer, &QTimer::timeout, this, &StatusLine::refresh);
    connect(&session, &Session::said, this, &StatusLine::say);
    connect(&board, &Board::pointerMoved, this, &StatusLine::refresh);
    connect(&board, &Board::viewChanged, this, &StatusLine::refresh);
    connect(&board, &Board::walkChanged, this, [this] {
        m_sayTimer.stop();  // what was told while walking is over
        refresh();
    });
    connect(&session, &Session::documentChanged, this, &StatusLine::refresh);
    connect(&session, &Session::levelSwitched, this, &StatusLine::refresh);
    connect(&session, &Session::proofChanged, this, &StatusLine::refresh);
    connect(&session, &Session::historyChanged, this, &StatusLine::refresh);
    connect(&session, &Session::stepChanged, this, &StatusLine::refresh);
    connect(&session, &Session::runChanged, this, &StatusLine::refresh);
    refresh();
}

void StatusLine::say(const QString& text) {
    m_verdict->setText(text.toHtmlEscaped());
    m_verdict->setToolTip(text);
    setTone(m_verdict, currentTheme().ink);
    m_sayTimer.start(6000);
}

QString StatusLine::underPointer(CellPoint cell) const {
    const level::Level& level = *m_session.level();
    if (!level.cells.bounds().contains(cell)) return tr("outside the level");
    const PxPoint px = m_board.pointerPx();
    const level::Entity* entity =
        entityAt(m_board.places(), QPointF(px.x, px.y), m_board.view().scale());
    if (level.kind == level::LevelKind::Kit) return pieceWords(cell, entity);
    const level::Cell value = level.cells.at(cell);
    QString text = tr("<b>open air</b>");
    if (!value.isOpen()) {
        const level::Matter& matter = m_session.project().matterOf(value);
        const auto word = level::nameOf(matter.behaviour);
        text =
            tr("<b>%1</b> %2")
                .arg(QString::fromStdString(matter.title).toLower().toHtmlEscaped(), textOf(word));
        if (value.form() != level::Form::Full) {
            const auto form = level::nameOf(value.form());
            text += QStringLiteral(", ") + textOf(form);
        }
    }
    if (m_session.step() == Step::Skin) text += tileWords(cell);
    if (entity) text = tr("<b>%1</b> in %2").arg(QString::fromStdString(entity->id.text), text);
    return text;
}

/// The piece in a module of the storey that is worked on.
QString StatusLine::pieceWords(CellPoint cell, const level::Entity* entity) const {
    const level::Level& level = *m_session.level();
    const int storey = m_session.options().storey;
    const level::Kit* kit = m_session.project().kitOf(level);
    QString text = tr("nothing");
    const auto proven = m_session.proven(level.id);
    if (kit && proven && proven->answer.kit)
        for (const auto& tenant : proven->answer.kit->index.at({cell, storey})) {
            if (tenant.placed >= proven->level->pieces.size()) continue;
            const level::PlacedPiece& placed = proven->level->pieces[tenant.placed];
            const level::Piece* piece = kit->find(placed.piece);
            text =
                QStringLiteral("<b>%1 %2</b>")
                    .arg(
                        QString::fromStdString(piece ? piece->title : placed.piece).toHtmlEscaped())
                    .arg(placed.id);
        }
    if (entity && entity->storey == storey)
        text = tr("<b>%1</b> on %2").arg(QString::fromStdString(entity->id.text), text);
    return tr("%1, storey %2").arg(text).arg(storey + 1);
}

/// The tile that a cell wears on the layer in hand, and whether somebody set it.
QString StatusLine::tileWords(CellPoint cell) const {
    const level::Level& level = *m_session.level();
    const int layer = m_session.skinLayerInHand();
    const CellRect at{cell.x, cell.y, 1, 1};
    const bool isOnMasses = layer == level::onMasses;
    const auto& byHand = isOnMasses ? level.tiles : level.layers[std::size_t(layer)].tiles;
    const auto lessons = m_session.lessons();
    const level::Tile tile =
        isOnMasses ? skin::dress(*lessons, level, at).at(cell.x, cell.y)
                   : skin::dressLayer(*lessons, level, level.layers[std::size_t(layer)], at)
                         .at(cell.x, cell.y);
    const bool isPinned = !byHand.at(cell.x, cell.y, level::Tile()).isNone();
    if (!tile.isShown()) return isPinned ? tr(", bare by hand") : QString();
    const level::Sheet& sheet = m_session.project().sheets[std::size_t(tile.sheet())];
    const level::TileNote* note = sheet.noteOf(tile.number());
    const QString name = note && !note->name.empty()
                             ? QString::fromStdString(note->name).toHtmlEscaped()
                             : tr("tile %1").arg(tile.number() + 1);
    return QStringLiteral(", ") + name + (isPinned ? tr(", by hand") : QString());
}

void StatusLine::refreshVerdict(PxPoint px) {
    const Theme& theme = currentTheme();
    QString text;
    QColor tone = theme.quietInk;
    if (m_board.isKitWalking()) {
        text = tr("walking — arrows or W A S D, Esc ends");
        tone = theme.plum;
    } else if (const Walk* walk = m_board.walk()) {
        text = tr("walking: %1 s, %2 taken, %3 deaths, %4 exits — P pauses, O one tick, I slow, K "
                  "keeps the run, Esc ends")
                   .arg(walk->ticks() / 60.0, 0, 'f', 1)
                   .arg(walk->taken())
                   .arg(walk->deaths())
                   .arg(walk->finished());
        if (m_board.isWalkPaused()) text.prepend(tr("paused, "));
        if (!walk->lastExit().empty())
            text += tr(", last exit %1").arg(QString::fromStdString(walk->lastExit()));
        tone = theme.plum;
    } else if (m_board.hasPointer()) {
        text = reachWords(m_session, px);
        const auto run = m_session.shownRun();
        if (m_session.step() == Step::Prove && run && !run->isProof && run->goal.empty() &&
            run->to == px && text.startsWith(tr("reached")))
            text = tr("reached after %1 ticks, %2 s")
                       .arg(run->run.ticks())
                       .arg(run->run.ticks() / 60.0, 0, 'f', 1);
        if (text.startsWith(tr("reached"))) tone = theme.accent;
    } else {
        const auto proven = m_session.proven(m_session.level()->id);
        text = proven && !proven->error ? QString::fromStdString(proven->answer.verdict.sentence())
                                        : tr("Point at the board to see what is there.");
    }
    m_verdict->setText(text.toHtmlEscaped());
    m_verdict->setToolTip({});
    setTone(m_verdict, tone);
}

void StatusLine::refresh() {
    const PxPoint px = m_board.pointerPx();
    const level::Level& level = *m_session.level();
    const CellPoint cell = toCell(px, level.cellSize);
    if (m_board.hasPointer()) {
        m_cell->setText(tr("cell <b>%1, %2</b>").arg(cell.x).arg(cell.y));
        m_px->setText(tr("px <b>%1, %2</b>").arg(px.x).arg(px.y));
        m_under->setText(underPointer(cell));
    } else {
        m_cell->setText(tr("cell <b>–</b>"));
        m_px->setText(tr("px <b>–</b>"));
        m_under->setText(tr("pointer off the board"));
    }
    if (!m_sayTimer.isActive() || m_board.isWalking()) refreshVerdict(px);
    m_state->setText(tr("%1 · %2 × %3 cells of %4 px · %5×")
                         .arg(m_session.isModified() ? tr("not saved") : tr("saved"))
                         .arg(level.cells.width())
                         .arg(level.cells.height())
                         .arg(level.cellSize.width)
                         .arg(m_board.view().scale(), 0, 'g', 3));
}

void StatusLine::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.fillRect(rect(), theme.window);
    painter.setPen(theme.rule());
    painter.drawLine(0, 0, width(), 0);
}

QString reachWords(const Session& session, PxPoint px) {
    const LevelId id = session.level()->id;
    if (session.isOnSwatch()) return {};
    const auto proven = session.proven(id);
    if (!proven) return StatusLine::tr("being proven …");
    if (!session.isProofCurrent(id)) return StatusLine::tr("being solved …");
    if (proven->error || proven->answer.verdict.kind == reach::VerdictKind::NotDecided)
        return StatusLine::tr("not decided here");
    if (proven->answer.kit) {
        const reach::KitAnswer& answer = *proven->answer.kit;
        const int patch =
            answer.graph.patchAt({toCell(px, session.level()->cellSize), session.options().storey});
        if (patch < 0) return StatusLine::tr("no surface here");
        if (!answer.reach.reached[std::size_t(patch)]) return StatusLine::tr("not reached");
        const auto steps = answer.reach.wayTo(patch).size() - 1;
        return answer.reach.trapped[std::size_t(patch)]
                   ? StatusLine::tr("reached, and a trap: no exit from here")
                   : StatusLine::tr("reached after %1 modules").arg(steps);
    }
    const reach::Reached& reached = proven->answer.reached;
    const PxRect here{px.x, px.y, 1, 1};
    if (!proven->covered.test(px.x + reached.left, px.y + reached.top))
        return reached.mayMeetByMovers(here, proven->answer.tables)
                   ? StatusLine::tr("only by a mover, or in time: ask for a run to see how")
                   : StatusLine::tr("no body can be here");
    // A body stands here if a standing position puts its box around this px.
    const bool isStood =
        reached.standing.anyIn(px.x + reached.left - proven->answer.tables.bodyWidth + 1,
                               px.y + reached.top - proven->answer.tables.bodyHeight + 1,
                               px.x + reached.left + 1, px.y + reached.top + 1);
    return isStood ? StatusLine::tr("reached, standing") : StatusLine::tr("reached, in the air");
}

}  // namespace rook::app
