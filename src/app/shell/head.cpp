#include "app/shell/head.h"

#include <QGuiApplication>
#include <QHBoxLayout>
#include <QPainter>

#include "app/ui/theme.h"

namespace rook::app {

namespace {

void paintKey(QPainter& painter, QPointF left, const QString& key, const Theme& theme) {
    painter.setFont(sizedFont(-3));
    const QRectF box(left.x(), left.y() - 7, painter.fontMetrics().horizontalAdvance(key) + 8, 14);
    painter.setPen(QPen(theme.rule(), 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRoundedRect(box, 2, 2);
    painter.setPen(theme.quietInk);
    painter.drawText(box, Qt::AlignCenter, key);
}

StationState stateOf(const Session& session, Step step) {
    return session.workbench.definitionOf(step).state(session);
}

class Station : public QAbstractButton {
public:
    Station(Session& session, Step step, QWidget* parent)
        : QAbstractButton(parent), m_session(session), m_step(step) {
        setCheckable(true);
        setFocusPolicy(Qt::TabFocus);
        setCursor(Qt::PointingHandCursor);
    }
    QSize sizeHint() const override {
        const int text = QFontMetrics(sizedFont(0, QFont::DemiBold)).horizontalAdvance(text_());
        return {22 + text + 26, 40};
    }

protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        const StationState state = stateOf(m_session, m_step);
        const bool isHere = m_session.workbench.step() == m_step;
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const QPointF middle(11, height() / 2.0);
        paintMark(painter, middle, state, theme);
        painter.setPen(isHere || underMouse() ? theme.ink : theme.quietInk);
        const QFont font = sizedFont(0, isHere ? QFont::DemiBold : QFont::Normal);
        painter.setFont(font);
        painter.drawText(QRectF(24, 0, width(), height()), Qt::AlignVCenter | Qt::AlignLeft,
                         text_());
        paintKey(painter, {24.0 + QFontMetrics(font).horizontalAdvance(text_()) + 6, middle.y()},
                 QString::number(int(m_step) + 1), theme);
        if (isHere) painter.fillRect(QRectF(2, height() - 3, width() - 4, 2.5), theme.accent);
        if (hasFocus()) {
            painter.setPen(QPen(theme.accent, 1));
            painter.setBrush(Qt::NoBrush);
            painter.drawRoundedRect(rect().adjusted(1, 3, -2, -5), 3, 3);
        }
    }

private:
    [[nodiscard]] QString text_() const { return stepName(m_step); }
    static void paintMark(QPainter& painter, QPointF middle, const StationState& state,
                          const Theme& theme) {
        using Fill = StationState::Fill;
        const double radius = 6;
        if (state.fill == Fill::Count) {
            const QColor tone = state.isAlarm ? theme.alarm : theme.caution;
            painter.setPen(QPen(tone, 1.8));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(middle, 8.5, 8.5);
            painter.setFont(sizedFont(-3, QFont::DemiBold));
            painter.drawText(QRectF(middle - QPointF(9, 9), QSizeF(18, 18)), Qt::AlignCenter,
                             QString::number(std::min(state.count, 99)));
            return;
        }
        painter.setPen(QPen(state.fill == Fill::Hollow ? theme.quietInk : theme.accent, 1.6));
        painter.setBrush(state.fill == Fill::Full ? QBrush(theme.accent) : QBrush(Qt::NoBrush));
        painter.drawEllipse(middle, radius, radius);
        if (state.fill != Fill::Half) return;
        painter.setPen(Qt::NoPen);
        painter.setBrush(theme.accent);
        painter.drawPie(QRectF(middle - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius)),
                        90 * 16, 180 * 16);
    }

    Session& m_session;
    Step m_step;
};

class WalkButton : public QAbstractButton {
public:
    explicit WalkButton(QWidget* parent) : QAbstractButton(parent) { setFocusPolicy(Qt::TabFocus); }
    QSize sizeHint() const override {
        const QFontMetrics metrics(sizedFont(0, QFont::DemiBold));
        // As wide for both of its texts.
        const int words = std::max(
            {metrics.horizontalAdvance(tr("Walk")), metrics.horizontalAdvance(tr("Stop")), 38});
        return {words + 54, 30};
    }
    QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const QColor tone = isChecked() || underMouse() || hasFocus() ? theme.accent : theme.ink;
        painter.setPen(QPen(tone, hasFocus() ? 2 : 1.2));
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 3, 3);
        painter.setFont(sizedFont(0, QFont::DemiBold));
        painter.drawText(QRect(14, 0, width() - 14, height()), Qt::AlignVCenter, text());
        painter.setFont(sizedFont(-3));
        painter.setPen(theme.quietInk);
        painter.drawText(QRect(0, 0, width() - 12, height()), Qt::AlignVCenter | Qt::AlignRight,
                         QStringLiteral("Tab"));
    }
};

/// The level's title; a click opens what belongs to it.
class TitleButton : public QAbstractButton {
public:
    explicit TitleButton(QWidget* parent) : QAbstractButton(parent) {
        setFocusPolicy(Qt::TabFocus);
        setCursor(Qt::PointingHandCursor);
        setFixedSize(158, 32);
    }

protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const bool isHot = underMouse() || hasFocus();
        painter.setFont(sizedFont(2, QFont::DemiBold));
        painter.setPen(isHot ? theme.accent : theme.ink);
        const QString shown =
            painter.fontMetrics().elidedText(text(), Qt::ElideRight, width() - 20);
        painter.drawText(rect(), Qt::AlignVCenter | Qt::AlignLeft, shown);
        // That it opens.
        const QPointF tip(painter.fontMetrics().horizontalAdvance(shown) + 11, height() / 2.0 + 3);
        painter.setPen(QPen(isHot ? theme.accent : theme.quietInk, 1.4));
        painter.drawPolyline(QPolygonF{{tip - QPointF(4, 4), tip, tip + QPointF(4, -4)}});
        if (!hasFocus()) return;
        painter.setPen(QPen(theme.accent, 1));
        painter.drawRoundedRect(QRectF(rect()).adjusted(-0.5, 1.5, -1.5, -1.5), 3, 3);
    }
};

}  // namespace

Head::Head(Session& session, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_title(new TitleButton(this)),
      m_walk(new WalkButton(this)) {
    setFixedHeight(44);
    m_title->setObjectName(QStringLiteral("head-title"));
    connect(m_title, &QAbstractButton::clicked, this,
            [this] { m_session.requests.openLevelSheet(); });
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 0, 14, 0);
    layout->setSpacing(0);
    layout->addWidget(m_title);
    for (int i = 0; i < stepCount; ++i) {
        const auto step = static_cast<Step>(i);
        auto* station = new Station(session, step, this);
        station->setObjectName(QStringLiteral("station-%1").arg(i + 1));
        connect(station, &QAbstractButton::clicked, this, [this, step] {
            m_session.workbench.setStep(step);
            refresh();
        });
        if (i > 0) layout->addStretch(1);
        layout->addWidget(station);
        m_stations << station;
    }
    layout->addStretch(2);
    m_walk->setText(tr("Walk"));
    m_walk->setObjectName(QStringLiteral("walk"));
    m_walk->setCheckable(true);
    m_walk->setAccessibleName(tr("Walk: play the level here"));
    m_walk->setToolTip(tr("Play from the spawn. With Shift: from the pointer."));
    connect(m_walk, &QAbstractButton::clicked, this,
            [this] { Q_EMIT walkAsked(QGuiApplication::keyboardModifiers() & Qt::ShiftModifier); });
    layout->addWidget(m_walk);
    connect(&session.document, &Document::changed, this, &Head::refresh);
    connect(&session.document, &Document::levelSwitched, this, &Head::refresh);
    connect(&session.workbench, &Workbench::stepChanged, this, &Head::refresh);
    connect(&session.proofs, &Proofs::changed, this, &Head::refresh);
    connect(&session.document, &Document::historyChanged, this, &Head::refresh);
    connect(&session.writer, &Writer::ended, this, &Head::refresh);
    refresh();
}

void Head::setWalking(bool isWalking) {
    m_walk->setChecked(isWalking);
    m_walk->setText(isWalking ? tr("Stop") : tr("Walk"));
}

void Head::refresh() {
    const QString title = QString::fromStdString(m_session.document.level()->title);
    m_title->setText(title);
    m_title->setAccessibleName(tr("%1: open its sheet").arg(title));
    m_title->setToolTip(tr("Level sheet: title, size, goals, words"));
    for (int i = 0; i < m_stations.size(); ++i) {
        const auto step = static_cast<Step>(i);
        const StationState state = stateOf(m_session, step);
        m_stations[i]->setChecked(m_session.workbench.step() == step);
        m_stations[i]->setAccessibleName(
            state.fill == StationState::Fill::Count
                ? tr("%1, %2").arg(stepName(step),
                                   counted(state.count, tr("finding"), tr("findings")))
                : stepName(step));
        m_stations[i]->update();
    }
    update();
}

void Head::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.fillRect(rect(), theme.panel);
    painter.setPen(QPen(theme.rule(), 1));
    painter.drawLine(0, height() - 1, width(), height() - 1);
    painter.drawLine(0, 0, width(), 0);
    painter.setPen(QPen(theme.rule(), 1.5));
    for (int i = 1; i < m_stations.size(); ++i) {
        const int left = m_stations[i - 1]->geometry().right() + 8;
        const int right = m_stations[i]->geometry().left() - 6;
        if (right > left) painter.drawLine(left, height() / 2, right, height() / 2);
    }
}

}  // namespace rook::app
