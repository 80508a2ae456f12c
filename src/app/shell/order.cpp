#include "app/shell/order.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/ui/theme.h"
#include "level/running_order.h"

namespace rook::app {

namespace {

constexpr QSize thumbnailSize(114, 54);

class CardPainter : public QStyledItemDelegate {
public:
    explicit CardPainter(const Order& order) : m_order(order) {}
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {150, 88};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const Theme& theme = currentTheme();
        const Order::Card card = m_order.card(index.row());
        if (!card.level) return;
        const QRect r = option.rect;
        painter->save();
        if (option.state & QStyle::State_Selected) {
            painter->fillRect(r, theme.paper);
            painter->fillRect(QRect(r.left(), r.top(), 3, r.height()), theme.accent);
        }
        if (option.state & QStyle::State_HasFocus &&
            option.state & QStyle::State_KeyboardFocusChange) {
            painter->setPen(QPen(theme.accent, 1));
            painter->drawRect(r.adjusted(0, 0, -1, -1));
        }
        painter->setPen(theme.quietInk);
        painter->setFont(sizedFont(0, QFont::DemiBold));
        painter->drawText(QRect(r.left() + 8, r.top() + 6, 16, 18), Qt::AlignLeft,
                          QString::number(index.row() + 1));
        const QRect picture(r.left() + 26, r.top() + 7, thumbnailSize.width(),
                            thumbnailSize.height());
        if (card.thumbnail.isNull())
            painter->fillRect(picture, theme.paper);
        else
            painter->drawImage(picture, card.thumbnail);
        painter->setPen(QPen(theme.rule(), 1));
        painter->drawRect(picture.adjusted(0, 0, -1, -1));
        painter->setPen(card.verdict.tone);
        painter->setFont(sizedFont(-1, QFont::DemiBold));
        const QRect line(picture.left(), picture.bottom() + 4, r.right() - 8 - picture.left(), 18);
        painter->drawText(line, Qt::AlignRight | Qt::AlignVCenter, card.verdict.mark);
        const int markWidth = painter->fontMetrics().horizontalAdvance(card.verdict.mark) + 6;
        painter->setPen(theme.ink);
        painter->setFont(sizedFont(-1));
        painter->drawText(
            line, Qt::AlignLeft | Qt::AlignVCenter,
            painter->fontMetrics().elidedText(QString::fromStdString(card.level->title),
                                              Qt::ElideRight, line.width() - markWidth));
        painter->restore();
    }

private:
    const Order& m_order;
};

}  // namespace

Order::Order(Session& session, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_count(new QLabel(this)),
      m_list(new QListWidget(this)),
      m_thumbnails(session, thumbnailSize, nullptr) {
    setFixedWidth(170);
    connect(&m_thumbnails, &Thumbnails::changed, this, [this] { m_list->viewport()->update(); });
    auto* title = new QToolButton(this);
    title->setText(tr("Running order ›"));
    title->setObjectName(QStringLiteral("order-title"));
    title->setToolTip(tr("The game: what leads where, what is counted (0)"));
    title->setCursor(Qt::PointingHandCursor);
    title->setAutoRaise(true);
    connect(title, &QAbstractButton::clicked, this, &Order::gameAsked);
    title->setFont(sizedFont(-1));
    m_count->setFont(sizedFont(-1));
    m_count->setForegroundRole(QPalette::PlaceholderText);
    auto* top = new QHBoxLayout;
    top->setContentsMargins(10, 8, 10, 4);
    top->addWidget(title);
    top->addStretch();
    top->addWidget(m_count);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 1, 0);
    layout->setSpacing(0);
    layout->addLayout(top);
    layout->addWidget(m_list);
    m_list->setObjectName(QStringLiteral("order"));
    m_list->setAccessibleName(tr("Running order"));
    m_list->setItemDelegate(new CardPainter(*this));
    m_list->setDragDropMode(QAbstractItemView::InternalMove);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_list->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    connect(m_list, &QListWidget::currentRowChanged, this, [this](int row) {
        if (m_isRefreshing || row < 0) return;
        const auto& levels = m_session.document.project().levels;
        if (row < int(levels.size())) m_session.document.chooseLevel(levels[std::size_t(row)]->id);
    });
    // Enter, or a double click.
    connect(m_list, &QListWidget::itemActivated, this,
            [this] { m_session.requests.openLevelSheet(); });
    m_list->setContextMenuPolicy(Qt::CustomContextMenu);
    connect(m_list, &QWidget::customContextMenuRequested, this, [this](QPoint at) {
        if (m_list->itemAt(at)) Q_EMIT menuAsked(m_list->viewport()->mapToGlobal(at));
    });
    connect(m_list->model(), &QAbstractItemModel::rowsMoved, this, &Order::takeOrder);
    connect(&session.document, &Document::changed, this, &Order::refresh);
    connect(&session.document, &Document::levelSwitched, this, &Order::refresh);
    connect(&session.proofs, &Proofs::changed, this, &Order::refresh);
    refresh();
}

void Order::themeChanged() {
    m_thumbnails.forget();
    refresh();
}

Order::Card Order::card(int row) const {
    const auto& levels = m_session.document.project().levels;
    if (row < 0 || row >= int(levels.size())) return {};
    Card card{levels[std::size_t(row)], {}, {}};
    card.verdict = verdictMarkOf(m_session, *card.level);
    card.thumbnail = m_thumbnails.of(card.level, devicePixelRatioF());
    return card;
}

void Order::refresh() {
    m_isRefreshing = true;
    const auto& levels = m_session.document.project().levels;
    m_thumbnails.follow(m_session.document.project());
    while (m_list->count() > int(levels.size()))
        delete m_list->takeItem(m_list->count() - 1);
    while (m_list->count() < int(levels.size()))
        m_list->addItem(QString());
    m_count->setText(QString::number(levels.size()));
    for (int row = 0; row < m_list->count(); ++row) {
        const level::Level& level = *levels[std::size_t(row)];
        m_list->item(row)->setData(Qt::AccessibleTextRole,
                                   tr("%1, %2").arg(QString::fromStdString(level.title),
                                                    verdictMarkOf(m_session, level).spoken));
        m_list->item(row)->setData(Qt::UserRole, QString::fromStdString(level.id.text));
        if (level.id == m_session.document.level()->id) m_list->setCurrentRow(row);
    }
    m_isRefreshing = false;
    m_list->viewport()->update();
}

void Order::takeOrder() {
    std::vector<LevelId> order;
    for (int row = 0; row < m_list->count(); ++row)
        order.push_back({m_list->item(row)->data(Qt::UserRole).toString().toStdString()});
    if (!m_session.document.apply(level::orderLevels(m_session.document.project(), order)))
        refresh();
}

void Order::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), currentTheme().panel);
    painter.setPen(currentTheme().rule());
    painter.drawLine(width() - 1, 0, width() - 1, height());
}

}  // namespace rook::app
