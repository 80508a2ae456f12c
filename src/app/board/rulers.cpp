#include "app/board/rulers.h"

#include <QPainter>
#include <QtMath>

#include "app/ui/theme.h"

namespace rook::app {

Ruler::Ruler(const Session& session, const Board& board, Qt::Orientation orientation,
             QWidget* parent)
    : QWidget(parent), m_session(session), m_board(board), m_orientation(orientation) {
    if (orientation == Qt::Horizontal)
        setFixedHeight(thickness);
    else
        setFixedWidth(thickness);
    connect(&board, &Board::viewChanged, this, qOverload<>(&QWidget::update));
    connect(&board, &Board::pointerMoved, this, qOverload<>(&QWidget::update));
}

void Ruler::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    const bool isAcross = m_orientation == Qt::Horizontal;
    const View& view = m_board.view();
    const level::Level& level = *m_session.document.level();
    const double cell = (isAcross ? level.cellSize.width : level.cellSize.height) * view.scale();
    const double offset = isAcross ? view.offset().x() : view.offset().y();
    const int length = isAcross ? width() : height();
    const int count = isAcross ? level.cells.width() : level.cells.height();
    QPainter painter(this);
    painter.fillRect(rect(), theme.panel);
    painter.setPen(theme.rule());
    if (isAcross)
        painter.drawLine(0, thickness - 1, width(), thickness - 1);
    else
        painter.drawLine(thickness - 1, 0, thickness - 1, height());

    // Numbers stand at least 44 px apart, at multiples of a power of two cells.
    int step = 1;
    while (step * cell < 44)
        step *= 2;
    painter.setFont(sizedFont(-3));
    const int first = std::max(0, qFloor(offset / cell / step) * step);
    for (int i = first; i < count && i * cell - offset < length; i += step) {
        const double at = i * cell - offset;
        painter.setPen(theme.rule());
        if (isAcross)
            painter.drawLine(QPointF(at + 0.5, thickness - 5), QPointF(at + 0.5, thickness));
        else
            painter.drawLine(QPointF(thickness - 5, at + 0.5), QPointF(thickness, at + 0.5));
        painter.setPen(theme.quietInk);
        if (isAcross)
            painter.drawText(QRectF(at + 4, 0, 60, thickness - 2), Qt::AlignVCenter,
                             QString::number(i));
        else
            painter.drawText(QRectF(0, at + 1, thickness - 4, 14),
                             Qt::AlignRight | Qt::AlignVCenter, QString::number(i));
    }
    if (!m_board.hasPointer()) return;
    const QPointF pointer = view.toWidget(m_board.pointerPx());
    const double at = isAcross ? pointer.x() : pointer.y();
    painter.setPen(QPen(theme.accent, 2));
    if (isAcross)
        painter.drawLine(QPointF(at, 0), QPointF(at, thickness));
    else
        painter.drawLine(QPointF(0, at), QPointF(thickness, at));
}

}  // namespace rook::app
