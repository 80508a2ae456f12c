#include "app/shell/status_line.h"

#include <QHBoxLayout>
#include <QPainter>

#include "app/painting/entity_painter.h"
#include "app/session/reach_words.h"
#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {
constexpr int sayMs = 6000;  ///< that a message stands
}

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
    m_sayTimer.setTimerType(Qt::PreciseTimer);  // what is left of it is asked for
    connect(&m_sayTimer, &QTimer::timeout, this, &StatusLine::refresh);
    connect(&session.requests, &Requests::said, this, &StatusLine::say);
    connect(&board, &Board::pointerMoved, this, &StatusLine::refresh);
    connect(&board, &Board::viewChanged, this, &StatusLine::refresh);
    connect(&board, &Board::walkChanged, this, [this] {
        m_sayTimer.stop();  // what was told while walking is over
        refresh();
    });
    connect(&session.document, &Document::changed, this, &StatusLine::refresh);
    connect(&session.document, &Document::levelSwitched, this, [this] {
        // What was told of another level is over; what is told as one comes here is not.
        if (m_sayTimer.remainingTime() < sayMs - 500) m_sayTimer.stop();
        refresh();
    });
    connect(&session.proofs, &Proofs::changed, this, &StatusLine::refresh);
    connect(&session.document, &Document::historyChanged, this, &StatusLine::refresh);
    connect(&session.workbench, &Workbench::stepChanged, this, &StatusLine::refresh);
    connect(&session.runs, &RunPlayer::runChanged, this, &StatusLine::refresh);
    connect(&session.workbench, &Workbench::toolChanged, this, &StatusLine::refresh);
    refresh();
}

void StatusLine::say(const QString& text) {
    m_verdict->setText(text.toHtmlEscaped());
    m_verdict->setToolTip(text);
    setTone(m_verdict, currentTheme().ink);
    m_sayTimer.start(sayMs);
}

QString StatusLine::underPointer(CellPoint cell) const {
    const level::Level& level = *m_session.document.level();
    if (!level.cells.bounds().contains(cell)) return tr("outside the level");
    const PxPoint px = m_board.pointerPx();
    const level::Entity* entity =
        entityAt(m_board.places(), QPointF(px.x, px.y), m_board.view().scale());
    return m_board.wordsAt(cell, entity);
}

void StatusLine::refreshVerdict(PxPoint px) {
    const Theme& theme = currentTheme();
    QString text;
    QColor tone = theme.quietInk;
    if (const Playtest* playtest = m_board.playtest()) {
        text = playtest->words();
        tone = theme.plum;
    } else if (m_board.hasPointer()) {
        const ReachWords words = reachWords(m_session, px);
        const QString ofStep = m_board.step().verdictAt(px);
        text = ofStep.isEmpty() ? words.text : ofStep;
        if (words.isReached) tone = theme.accent;
    } else {
        const auto proven = m_session.proofs.ofBoard();
        text = proven && !proven->error ? told(proven->answer.verdict.sentence())
                                        : tr("Point at the board to see what is there.");
    }
    m_verdict->setText(text.toHtmlEscaped());
    m_verdict->setToolTip({});
    setTone(m_verdict, tone);
}

void StatusLine::refresh() {
    const PxPoint px = m_board.pointerPx();
    const level::Level& level = *m_session.document.level();
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
                         .arg(!m_session.document.mayEdit()     ? tr("looking only")
                              : m_session.document.isModified() ? tr("not saved")
                                                                : tr("saved"))
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

}  // namespace rook::app
