#include "app/shell/tour.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QTimer>
#include <QVBoxLayout>

#include "app/ui/theme.h"

namespace rook::app {

namespace {

constexpr int cardWidth = 380;
constexpr int away = 14;  // px between the card and the part

/// A frame around a part of the window, that takes no click.
class PartFrame : public QWidget {
public:
    explicit PartFrame(QWidget* parent) : QWidget(parent) {
        setAttribute(Qt::WA_TransparentForMouseEvents);
        setFocusPolicy(Qt::NoFocus);
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setPen(QPen(currentTheme().plum, 3));
        painter.drawRect(rect().adjusted(1, 1, -2, -2));
    }
};

}  // namespace

Tour::Tour(std::vector<TourStop> stops, QWidget* parent)
    : QFrame(parent),
      m_stops(std::move(stops)),
      m_frame(new PartFrame(parent)),
      m_title(new QLabel(this)),
      m_words(new QLabel(this)),
      m_count(new QLabel(this)),
      m_back(new QPushButton(tr("Back"), this)),
      m_next(new QPushButton(this)) {
    setObjectName(QStringLiteral("tour"));
    setFixedWidth(cardWidth);
    m_title->setFont(sizedFont(3, QFont::DemiBold));
    m_words->setWordWrap(true);
    m_words->setFont(sizedFont(1));
    m_words->setObjectName(QStringLiteral("tour-words"));
    m_count->setForegroundRole(QPalette::PlaceholderText);
    m_next->setObjectName(QStringLiteral("tour-next"));
    m_back->setObjectName(QStringLiteral("tour-back"));
    auto* over = new QPushButton(tr("End"), this);
    over->setObjectName(QStringLiteral("tour-end"));
    auto* row = new QHBoxLayout;
    row->addWidget(m_count);
    row->addStretch();
    row->addWidget(over);
    row->addWidget(m_back);
    row->addWidget(m_next);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(18, 14, 18, 14);
    column->setSpacing(8);
    column->addWidget(m_title);
    column->addWidget(m_words);
    column->addSpacing(4);
    column->addLayout(row);
    connect(m_next, &QAbstractButton::clicked, this, [this] { go(m_at + 1); });
    connect(m_back, &QAbstractButton::clicked, this, [this] { go(m_at - 1); });
    connect(over, &QAbstractButton::clicked, this, &Tour::end);
    parent->installEventFilter(this);
    for (QPushButton* button : {m_back, m_next, over})
        button->installEventFilter(this);
}

Tour::~Tour() = default;

void Tour::go(int stop) {
    if (stop >= count()) return end();
    m_at = std::max(0, stop);
    const TourStop& now = m_stops[std::size_t(m_at)];
    if (now.show) now.show();
    m_title->setText(now.title);
    m_words->setText(now.words);
    m_count->setText(tr("%1 of %2").arg(m_at + 1).arg(count()));
    m_back->setEnabled(m_at > 0);
    m_next->setText(m_at + 1 == count() ? tr("Done") : tr("Next"));
    setAccessibleName(now.title);
    setAccessibleDescription(now.words);
    show();
    m_frame->show();
    // What the stop shows is laid out first.
    QTimer::singleShot(0, this, &Tour::place);
    m_next->setFocus();
}

/// Beside the part, where there is most room; else in the middle of it.
void Tour::place() {
    QWidget* window = parentWidget();
    QWidget* part = m_stops[std::size_t(m_at)].part;
    const QRect at(part->mapTo(window, QPoint(0, 0)), part->size());
    m_frame->setGeometry(at.adjusted(-1, -1, 1, 1));
    m_frame->raise();
    adjustSize();
    const QRect room = window->rect().adjusted(away, away, -away, -away);
    QPoint corner = at.center() - rect().center();
    if (at.bottom() + away + height() < room.bottom())
        corner = {at.center().x() - width() / 2, at.bottom() + away};
    else if (at.top() - away - height() > room.top())
        corner = {at.center().x() - width() / 2, at.top() - away - height()};
    else if (at.right() + away + width() < room.right())
        corner = {at.right() + away, at.top() + 60};
    else if (at.left() - away - width() > room.left())
        corner = {at.left() - away - width(), at.top() + 60};
    corner.setX(std::clamp(corner.x(), room.left(), std::max(room.left(), room.right() - width())));
    corner.setY(std::clamp(corner.y(), room.top(), std::max(room.top(), room.bottom() - height())));
    move(corner);
    raise();
}

void Tour::end() {
    m_frame->deleteLater();
    m_frame->hide();
    hide();
    deleteLater();
    Q_EMIT ended();
}

bool Tour::eventFilter(QObject* watched, QEvent* event) {
    if (watched == parent()) {
        if (event->type() == QEvent::Resize && isVisible())
            QTimer::singleShot(0, this, &Tour::place);
        return false;
    }
    return takeKey(event) || QFrame::eventFilter(watched, event);
}

bool Tour::takeKey(QEvent* event) {
    const bool isPress = event->type() == QEvent::KeyPress;
    if (!isPress && event->type() != QEvent::ShortcutOverride) return false;
    const int key = static_cast<QKeyEvent*>(event)->key();
    if (key != Qt::Key_Escape && key != Qt::Key_Right && key != Qt::Key_Left) return false;
    event->accept();
    if (!isPress) return true;
    if (key == Qt::Key_Escape)
        end();
    else
        go(m_at + (key == Qt::Key_Right ? 1 : -1));
    return true;
}

void Tour::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), currentTheme().panel);
    painter.setPen(QPen(currentTheme().plum, 2));
    painter.drawRect(rect().adjusted(1, 1, -1, -1));
}

}  // namespace rook::app
