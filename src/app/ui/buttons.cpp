#include "app/ui/buttons.h"

#include <QApplication>
#include <QDrag>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>

#include "app/ui/theme.h"

namespace rook::app {

namespace {

/// The frame that all three share: chosen = a verdigris foot, focus = a verdigris border.
void paintFrame(QPainter& painter, const QAbstractButton& button, bool hasBorder) {
    const Theme& theme = currentTheme();
    const QRectF frame = QRectF(button.rect()).adjusted(0.5, 0.5, -0.5, -0.5);
    const bool isStressed = button.hasFocus() || button.underMouse();
    if (hasBorder || button.isChecked() || isStressed) {
        painter.setPen(QPen(isStressed ? theme.accent : theme.rule(), 1));
        painter.setBrush(button.isChecked() ? theme.paper : theme.panel);
        painter.drawRoundedRect(frame, 3, 3);
    }
    if (button.isChecked())
        painter.fillRect(QRectF(frame.left(), frame.bottom() - 2, frame.width(), 2.5),
                         theme.accent);
}

}  // namespace

ToolButton::ToolButton(const QString& icon, const QString& name, const QString& key,
                       QWidget* parent)
    : QAbstractButton(parent), m_icon(icon), m_key(key) {
    setText(name);
    setCheckable(true);
    setAutoExclusive(true);
    setFocusPolicy(Qt::TabFocus);
    setAccessibleName(name);
    setToolTip(QStringLiteral("%1 (%2)").arg(name, key));
}

QSize ToolButton::sizeHint() const {
    return {58, 76};
}

void ToolButton::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    paintFrame(painter, *this, false);
    lineIcon(m_icon, theme.ink).paint(&painter, QRect(width() / 2 - 10, 10, 20, 20));
    painter.setPen(theme.ink);
    painter.setFont(sizedFont(-2));
    painter.drawText(QRect(0, 34, width(), 16), Qt::AlignCenter, text());
    painter.setFont(sizedFont(-4));
    painter.setPen(QPen(theme.rule(), 1));
    const QRectF key(width() / 2.0 - 7, 53, 14, 13);
    painter.setBrush(Qt::NoBrush);
    painter.drawRoundedRect(key, 2, 2);
    painter.setPen(theme.quietInk);
    painter.drawText(key, Qt::AlignCenter, m_key);
}

CardButton::CardButton(const QString& title, const QString& word, Draw draw, QWidget* parent)
    : QAbstractButton(parent), m_word(word), m_draw(std::move(draw)) {
    setText(title);
    setCheckable(true);
    setAutoExclusive(true);
    setFocusPolicy(Qt::TabFocus);
    setAccessibleName(QStringLiteral("%1, %2").arg(title, word));
}

QRect CardButton::pictureBox(QSize card) {
    // A small picture stands in the middle of its card; a large one fills it.
    const bool isLarge = card.height() > 98;
    return isLarge ? QRect(10, 10, card.width() - 20, card.height() - 62)
                   : QRect(20, 14, card.width() - 40, 30);
}

void CardButton::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    paintFrame(painter, *this, true);
    painter.save();
    painter.setClipRect(rect().adjusted(1, 1, -1, -1));
    m_draw(painter, pictureBox(size()));
    painter.restore();
    painter.setPen(theme.ink);
    painter.setFont(sizedFont(-1));
    const int below = height() - sizeHint().height();
    painter.drawText(QRect(4, 54 + below, width() - 8, 18), Qt::AlignCenter,
                     painter.fontMetrics().elidedText(text(), Qt::ElideRight, width() - 8));
    painter.setPen(theme.quietInk);
    painter.setFont(sizedFont(-2));
    painter.drawText(QRect(4, 71 + below, width() - 8, 16), Qt::AlignCenter, m_word);
}

void CardButton::mousePressEvent(QMouseEvent* event) {
    m_pressedAt = event->pos();
    QAbstractButton::mousePressEvent(event);
}

void CardButton::mouseMoveEvent(QMouseEvent* event) {
    const bool isDrag =
        !m_dragText.isEmpty() && (event->buttons() & Qt::LeftButton) &&
        (event->pos() - m_pressedAt).manhattanLength() >= QApplication::startDragDistance();
    if (!isDrag) return QAbstractButton::mouseMoveEvent(event);
    setDown(false);
    auto* carried = new QMimeData;
    carried->setData(partType(), m_dragText.toUtf8());
    auto* drag = new QDrag(this);
    drag->setMimeData(carried);
    drag->setPixmap(grab(QRect(10, 4, width() - 20, 48)));
    drag->exec(Qt::CopyAction);
}

Chip::Chip(const QString& text, QWidget* parent) : QAbstractButton(parent) {
    setText(text);
    setCheckable(true);
    setFocusPolicy(Qt::TabFocus);
    setAccessibleName(text);
}

QSize Chip::sizeHint() const {
    return {QFontMetrics(sizedFont(-1, QFont::DemiBold)).horizontalAdvance(text()) + 20, 24};
}

void Chip::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QColor tone = isChecked() ? theme.accent : theme.quietInk;
    painter.setPen(
        QPen(isChecked() || hasFocus() ? theme.accent : theme.rule(), hasFocus() ? 2 : 1.2));
    painter.setBrush(Qt::NoBrush);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 3, 3);
    painter.setPen(isChecked() ? tone : theme.ink);
    painter.setFont(sizedFont(-1, isChecked() ? QFont::DemiBold : QFont::Normal));
    painter.drawText(rect(), Qt::AlignCenter, text());
}

}  // namespace rook::app
