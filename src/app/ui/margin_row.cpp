#include "app/ui/margin_row.h"

#include <QDragEnterEvent>
#include <QMimeData>
#include <QPainter>

#include "app/ui/theme.h"

namespace rook::app {

MarginRow::MarginRow(QWidget* parent) : QAbstractButton(parent) {
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void MarginRow::setWords(const QString& name, const QString& word, const QColor& tone) {
    setText(name);
    m_word = word;
    m_tone = tone;
    setAccessibleName(QStringLiteral("%1, %2").arg(name, word));
    update();
}

void MarginRow::takeDrops(const QString& type, std::function<void(const QString&)> take) {
    m_dropType = type;
    m_take = std::move(take);
    setAcceptDrops(true);
}

void MarginRow::dragEnterEvent(QDragEnterEvent* event) {
    m_isDropTarget = event->mimeData()->hasFormat(m_dropType);
    if (m_isDropTarget) event->acceptProposedAction();
    update();
}

void MarginRow::dragLeaveEvent(QDragLeaveEvent*) {
    m_isDropTarget = false;
    update();
}

void MarginRow::dropEvent(QDropEvent* event) {
    m_isDropTarget = false;
    event->acceptProposedAction();
    m_take(QString::fromUtf8(event->mimeData()->data(m_dropType)));
}

void MarginRow::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (isChecked() || underMouse() || m_isDropTarget) painter.fillRect(rect(), theme.paper);
    if (isChecked()) painter.fillRect(QRect(0, 0, 2, height()), theme.accent);
    if (hasFocus() || m_isDropTarget) {
        painter.setPen(QPen(theme.accent, m_isDropTarget ? 2 : 1));
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
    int left = 8;
    if (m_sign) {
        painter.setPen(QPen(theme.ink, 1.5));
        painter.setBrush(Qt::NoBrush);
        m_sign(painter, QRectF(left, height() / 2.0 - 8, 16, 16));
        left += 24;
    }
    painter.setFont(sizedFont(-1));
    const int wordWidth = painter.fontMetrics().horizontalAdvance(m_word);
    painter.setPen(m_tone.isValid() ? m_tone : theme.quietInk);
    painter.drawText(rect().adjusted(0, 0, -6, 0), Qt::AlignRight | Qt::AlignVCenter, m_word);
    painter.setPen(theme.ink);
    painter.setFont(sizedFont(-1, isChecked() ? QFont::DemiBold : QFont::Normal));
    const int room = width() - left - wordWidth - 16;
    painter.drawText(QRect(left, 0, room, height()), Qt::AlignVCenter | Qt::AlignLeft,
                     painter.fontMetrics().elidedText(text(), Qt::ElideRight, room));
}

void setRowCount(QList<MarginRow*>& rows, QVBoxLayout* list, std::size_t count, const QString& name,
                 const std::function<void(std::size_t)>& choose) {
    if (rows.size() == qsizetype(count)) return;
    qDeleteAll(rows);
    rows.clear();
    for (std::size_t i = 0; i < count; ++i) {
        auto* row = new MarginRow(list->parentWidget());
        row->setCheckable(true);
        row->setObjectName(QStringLiteral("%1-row-%2").arg(name).arg(i));
        QObject::connect(row, &QAbstractButton::clicked, row, [choose, i] { choose(i); });
        list->addWidget(row);
        rows << row;
    }
}

IconToggle::IconToggle(const QString& on, const QString& off, const QString& words, QWidget* parent)
    : QAbstractButton(parent), m_on(on), m_off(off) {
    setCheckable(true);
    setFocusPolicy(Qt::TabFocus);
    setAccessibleName(words);
    setToolTip(words);
    setFixedSize(24, 24);
}

void IconToggle::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (hasFocus() || underMouse()) {
        painter.setPen(QPen(theme.accent, 1));
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 3, 3);
    }
    lineIcon(isChecked() ? m_on : m_off, isChecked() ? theme.ink : theme.quietInk)
        .paint(&painter, rect().adjusted(3, 3, -3, -3));
}

}  // namespace rook::app
