#include "app/panels/finding_note.h"

#include <QPainter>

#include "app/ui/buttons.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

QColor toneOf(check::Severity severity) {
    switch (severity) {
        case check::Severity::Error:
            return currentTheme().alarm;
        case check::Severity::Doubt:
            return currentTheme().caution;
        case check::Severity::Note:
            break;
    }
    return currentTheme().quietInk;
}

void FindingPins::paint(QPointF middle, std::size_t index, check::Severity severity) {
    const auto isTaken = [&middle](QPointF other) { return QLineF(middle, other).length() < 22; };
    while (std::any_of(m_taken.begin(), m_taken.end(), isTaken))
        middle += QPointF(6, 0);
    m_taken << middle;
    const QColor tone = toneOf(severity);
    m_painter.setFont(sizedFont(-2, QFont::DemiBold));
    m_painter.setBrush(currentTheme().paper);
    m_painter.setPen(QPen(tone, 2));
    m_painter.drawEllipse(middle, 10, 10);
    m_painter.setPen(tone);
    m_painter.drawText(QRectF(middle - QPointF(10, 10), QSizeF(20, 20)), Qt::AlignCenter,
                       QString::number(index + 1));
    m_painter.setBrush(Qt::NoBrush);
}

FindingNote::FindingNote(int number, const check::Finding& finding, CellSize cell, QWidget* parent)
    : QAbstractButton(parent), m_number(number), m_severity(finding.severity) {
    setText(told(finding.sentence));
    setCheckable(true);
    setAutoExclusive(true);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    if (!finding.place.isEmpty()) {
        const CellPoint at = toCell({finding.place.x, finding.place.y}, cell);
        m_place = tr("at %1, %2").arg(at.x).arg(at.y);
    }
    setAccessibleName(tr("Finding %1: %2 %3").arg(number).arg(text(), m_place));
    if (!finding.fix.empty()) {
        m_fix = new Chip(told(finding.fix), this);
        m_fix->setCheckable(false);
        m_fix->setObjectName(QStringLiteral("fix-%1").arg(number));
        m_fix->resize(m_fix->sizeHint());
        connect(m_fix, &QAbstractButton::clicked, this, &FindingNote::fixAsked);
    }
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Minimum);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

int FindingNote::heightForWidth(int width) const {
    const int text = textBox(width).height();
    if (m_place.isEmpty() && !m_fix) return text + 14;
    return text + 32 + (isFixBelow(width) ? m_fix->height() + 2 : 0);
}

bool FindingNote::isFixBelow(int width) const {
    if (!m_fix || m_place.isEmpty()) return false;
    const int place = QFontMetrics(sizedFont(-2)).horizontalAdvance(m_place);
    return 34 + place + 8 + m_fix->width() + 6 > width;
}

void FindingNote::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (isChecked() || underMouse()) painter.fillRect(rect(), theme.paper);
    const QColor tone = toneOf(m_severity);
    if (isChecked()) painter.fillRect(QRect(0, 0, 2, height()), tone);
    if (hasFocus()) {
        painter.setPen(QPen(theme.accent, 1));
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
    painter.setPen(QPen(tone, 1.8));
    painter.drawEllipse(QPointF(16, 17), 9, 9);
    painter.setFont(sizedFont(-2, QFont::DemiBold));
    painter.drawText(QRect(6, 8, 20, 18), Qt::AlignCenter, QString::number(m_number));
    painter.setPen(theme.ink);
    painter.setFont(sizedFont(-1));
    const QRect box = textBox(width());
    painter.drawText(box, Qt::TextWordWrap, text());
    painter.setPen(theme.quietInk);
    painter.setFont(sizedFont(-2));
    painter.drawText(QRect(34, box.bottom() + 2, width() - 40, 16), Qt::AlignVCenter, m_place);
}

void FindingNote::resizeEvent(QResizeEvent* event) {
    QAbstractButton::resizeEvent(event);
    if (m_fix) m_fix->move(width() - m_fix->width() - 6, height() - m_fix->height() - 2);
}

QRect FindingNote::textBox(int width) const {
    return QFontMetrics(sizedFont(-1))
        .boundingRect(QRect(34, 7, width - 42, 400), Qt::TextWordWrap, text())
        .adjusted(0, 0, 2, 0);
}

}  // namespace rook::app
