#include "app/pages/target_card.h"

#include <QDateTime>
#include <QFileInfo>
#include <QKeyEvent>
#include <QPainter>
#include <QPushButton>

#include "app/steps/ship/format_words.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

using ship::FileState;

/// Levels whose files would be new or others.
QString staleWords(const level::Project& project, const ship::Shipment& shipment) {
    QStringList titles;
    int more = 0;
    for (const auto& level : project.levels) {
        const bool isStale = std::any_of(
            shipment.planned.begin(), shipment.planned.end(), [&](const ship::PlannedFile& each) {
                return each.state != FileState::Same &&
                       file::Path(each.path).filename().string().starts_with(level->id.text + ".");
            });
        if (!isStale) continue;
        if (titles.size() < 2)
            titles << QString::fromStdString(level->title);
        else
            ++more;
    }
    QString words = titles.join(QStringLiteral(", "));
    if (more > 0) words += TargetCard::tr(" and %1 more").arg(more);
    return words;
}

QString writtenWords(const ship::Shipment& shipment) {
    const QFileInfo record(QString::fromStdString((shipment.folder / shipment.record).string()));
    if (!record.exists()) return TargetCard::tr("never written");
    const QDateTime when = record.lastModified();
    const QString format = when.date() == QDate::currentDate() ? QStringLiteral("HH:mm")
                                                               : QStringLiteral("d MMM HH:mm");
    return TargetCard::tr("written %1").arg(QLocale().toString(when, format));
}

}  // namespace

QString outlookWords(const Shipping::Outlook& outlook) {
    if (outlook.isUnderWay)
        return outlook.all > 1 ? TargetCard::tr("looking: %1 of %2 levels")
                                     .arg(std::min(outlook.done, outlook.all))
                                     .arg(outlook.all)
                               : TargetCard::tr("looking …");
    if (outlook.error) return told(*outlook.error);
    if (!outlook.shipment) return TargetCard::tr("not looked at yet");
    const ship::Shipment& shipment = *outlook.shipment;
    if (shipment.planned.empty()) return TargetCard::tr("nothing to write");
    if (shipment.isCurrent())
        return shipment.planned.size() == 1
                   ? TargetCard::tr("1 file, as it should be")
                   : TargetCard::tr("%1 files, all as they should be").arg(shipment.planned.size());
    QStringList words;
    const std::pair<FileState, QString> names[] = {
        {FileState::New, TargetCard::tr("%1 new")},
        {FileState::Changed, TargetCard::tr("%1 changed")},
        {FileState::Gone, TargetCard::tr("%1 to go")},
        {FileState::Edited, TargetCard::tr("%1 edited there")},
        {FileState::Foreign, TargetCard::tr("%1 not ours")},
        {FileState::Same, TargetCard::tr("%1 as they are")}};
    for (const auto& [state, name] : names)
        if (const std::size_t count = shipment.count(state)) words << name.arg(count);
    return words.join(QStringLiteral(", "));
}

TargetCard::TargetCard(Session& session, QWidget* parent)
    : QWidget(parent), m_session(session), m_write(new QPushButton(this)) {
    setFocusPolicy(Qt::StrongFocus);
    m_write->setFocusPolicy(Qt::NoFocus);
    connect(m_write, &QAbstractButton::clicked, this, [this] { write(); });
}

void TargetCard::take(const level::Target& target, bool isChosen) {
    m_name = target.name;
    m_isChosen = isChosen;
    const QString name = QString::fromStdString(target.name);
    setObjectName(QStringLiteral("target-card-") + name);
    m_write->setObjectName(QStringLiteral("target-write-") + name);
    m_format = formatTitle(target.format);
    const auto outlook = m_session.shipping.outlookOf(m_name);
    const auto place = m_session.shipping.placeOf(target);
    // As the project says it; the whole path on demand.
    const QString whole = place ? QString::fromStdString(place->string()) : QString();
    m_folder = !target.to.empty() ? QString::fromStdString(target.to)
               : place            ? whole
                                  : tr("no folder yet");
    setToolTip(whole);
    m_state = outlookWords(outlook);
    m_more.clear();
    m_isInTheWay = false;
    const Theme& theme = currentTheme();
    m_tone = theme.quietInk;
    m_share = outlook.isUnderWay && outlook.all > 0 ? double(outlook.done) / outlook.all : -1;
    if (outlook.error) m_tone = theme.alarm;
    if (outlook.shipment && !outlook.isUnderWay) {
        const ship::Shipment& shipment = *outlook.shipment;
        m_isInTheWay = shipment.inTheWay() != nullptr;
        if (!outlook.error)
            m_tone = shipment.isCurrent() ? theme.accent
                     : m_isInTheWay       ? theme.alarm
                                          : theme.caution;
        const QString stale =
            shipment.isCurrent() ? QString() : staleWords(m_session.document.project(), shipment);
        m_more = stale.isEmpty() ? writtenWords(shipment)
                                 : tr("%1; stale: %2").arg(writtenWords(shipment), stale);
    }
    const bool mayWrite = place.has_value() && !outlook.isUnderWay;
    m_write->setText(m_isInTheWay ? tr("Write over") : tr("Write"));
    m_write->setEnabled(mayWrite);
    m_write->setToolTip(m_isInTheWay ? tr("Also what somebody else wrote or changed there")
                                     : tr("Enter"));
    m_write->setAccessibleName(tr("Write the target %1").arg(name));
    setAccessibleName(tr("Target %1, %2: %3").arg(name, m_format, m_state));
    m_write->adjustSize();
    resizeEvent(nullptr);
    update();
}

void TargetCard::resizeEvent(QResizeEvent*) {
    m_write->move(width() - m_write->width() - 10, height() - m_write->height() - 10);
}

void TargetCard::write() {
    m_session.shipping.write(m_name, m_isInTheWay);
    Q_EMIT chosen();
}

void TargetCard::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF box = QRectF(rect()).adjusted(1, 1, -1, -1);
    painter.setPen(QPen(m_isChosen ? theme.accent : theme.rule(), m_isChosen ? 2 : 1));
    painter.setBrush(theme.paper);
    painter.drawRoundedRect(box, 3, 3);
    const int left = 14, right = width() - 14;
    const auto line = [&](int y, const QFont& font, const QColor& color, const QString& text,
                          int end, Qt::Alignment align = Qt::AlignLeft) {
        painter.setFont(font);
        painter.setPen(color);
        painter.drawText(QRect(left, y, end - left, 20), int(align | Qt::AlignVCenter),
                         painter.fontMetrics().elidedText(text, Qt::ElideMiddle, end - left));
    };
    line(8, sizedFont(1, QFont::DemiBold), theme.ink, QString::fromStdString(m_name), right - 100);
    line(8, sizedFont(-1), theme.quietInk, m_format, right, Qt::AlignRight);
    line(28, sizedFont(-1), theme.quietInk, m_folder, right);
    // A mark besides the colour.
    painter.setPen(Qt::NoPen);
    painter.setBrush(m_tone);
    const QRectF mark(left, 56, 8, 8);
    if (m_tone == theme.accent)
        painter.drawEllipse(mark);
    else if (m_tone == theme.alarm)
        painter.drawPolygon(QPolygonF({{left + 4.0, 55}, {left + 9.0, 64}, {left - 1.0, 64}}));
    else
        painter.drawRect(mark);
    painter.setFont(sizedFont(0));
    painter.setPen(m_tone == theme.quietInk ? theme.quietInk : theme.ink);
    painter.drawText(QRect(left + 16, 50, right - left - 16, 20), Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(m_state, Qt::ElideRight, right - left - 16));
    line(height() - 31, sizedFont(-1), theme.quietInk, m_more, m_write->x() - 8);
    if (m_share >= 0) {
        const QRectF bar(left, 74, right - left, 3);
        painter.fillRect(bar, theme.gridMajor);
        painter.fillRect(QRectF(bar.topLeft(), QSizeF(bar.width() * std::min(1.0, m_share), 3)),
                         theme.accent);
    }
    if (hasFocus()) {
        painter.setPen(QPen(theme.accent, 1, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(box.adjusted(3, 3, -3, -3), 2, 2);
    }
}

void TargetCard::mousePressEvent(QMouseEvent*) {
    setFocus(Qt::MouseFocusReason);
    Q_EMIT chosen();
}

void TargetCard::focusInEvent(QFocusEvent* event) {
    if (event->reason() != Qt::ActiveWindowFocusReason) Q_EMIT chosen();
    update();
}

void TargetCard::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return write();
    if (event->key() == Qt::Key_Down) return Q_EMIT stepAsked(1);
    if (event->key() == Qt::Key_Up) return Q_EMIT stepAsked(-1);
    QWidget::keyPressEvent(event);
}

}  // namespace rook::app
