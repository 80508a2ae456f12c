#include "app/shell/find.h"

#include <QApplication>
#include <QKeyEvent>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QTimer>
#include <QVBoxLayout>

#include "app/ui/margin_section.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

constexpr int mostShown = 80;
constexpr int wide = 640;
constexpr int high = 430;
constexpr int whereRole = Qt::UserRole;
constexpr int keysRole = Qt::UserRole + 1;

/// What it is, where it is in quiet words, and its key in a frame.
class RowDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex&) const override {
        return {100, option.fontMetrics.height() + 12};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const Theme& theme = currentTheme();
        const bool isChosen = option.state & QStyle::State_Selected;
        QRect row = option.rect.adjusted(10, 0, -10, 0);
        if (isChosen) {
            painter->fillRect(option.rect, theme.paper);
            painter->fillRect(QRect(option.rect.topLeft(), QSize(3, option.rect.height())),
                              theme.accent);
        }
        painter->setFont(sizedFont(-1));
        const QString keys = index.data(keysRole).toString();
        if (!keys.isEmpty()) {
            const int width = painter->fontMetrics().horizontalAdvance(keys) + 12;
            const QRect frame(row.right() - width,
                              row.center().y() - option.fontMetrics.height() / 2 - 1, width,
                              option.fontMetrics.height() + 2);
            painter->setPen(theme.rule());
            painter->drawRect(frame);
            painter->setPen(theme.ink);
            painter->drawText(frame, Qt::AlignCenter, keys);
            row.setRight(frame.left() - 12);
        }
        painter->setPen(theme.quietInk);
        const QString where = index.data(whereRole).toString();
        const int whereWidth = painter->fontMetrics().horizontalAdvance(where);
        painter->drawText(row, Qt::AlignRight | Qt::AlignVCenter, where);
        row.setRight(row.right() - whereWidth - 12);
        painter->setFont(sizedFont(0, isChosen ? QFont::DemiBold : QFont::Normal));
        painter->setPen(theme.ink);
        painter->drawText(row, Qt::AlignLeft | Qt::AlignVCenter,
                          painter->fontMetrics().elidedText(index.data(Qt::DisplayRole).toString(),
                                                            Qt::ElideRight, row.width()));
    }
};

std::string folded(const QString& text) {
    return text.toCaseFolded().toStdString();
}

}  // namespace

Find::Find(QWidget* parent)
    : QFrame(parent), m_typed(new QLineEdit(this)), m_list(new QListWidget(this)) {
    setObjectName(QStringLiteral("find"));
    m_typed->setObjectName(QStringLiteral("find-typed"));
    m_typed->setPlaceholderText(tr("What do you want to do? Such as: moving platform"));
    m_typed->setAccessibleName(tr("What do you want to do?"));
    m_typed->setFont(sizedFont(2));
    m_typed->setMinimumHeight(38);
    m_typed->installEventFilter(this);
    m_list->setObjectName(QStringLiteral("find-list"));
    m_list->setAccessibleName(tr("What was found"));
    m_list->setItemDelegate(new RowDelegate(m_list));
    m_list->setFrameShape(QFrame::NoFrame);
    m_list->setFocusPolicy(Qt::NoFocus);
    m_list->setUniformItemSizes(true);
    m_nothing = makeWords(tr("Nothing is called so. Try one word, or what it is for."), this);
    m_nothing->setObjectName(QStringLiteral("find-nothing"));
    m_nothing->hide();
    auto* keys = makeWords(tr("Up, Down: choose.  Enter: do it.  Esc: back."), this);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 14, 14, 10);
    column->setSpacing(8);
    column->addWidget(m_typed);
    column->addWidget(m_nothing);
    column->addWidget(m_list);
    column->addWidget(keys);
    connect(m_typed, &QLineEdit::textChanged, this, &Find::refill);
    connect(m_list, &QListWidget::itemClicked, this, &Find::choose);
    const QSize room = parent->size() - QSize(20, 20);
    resize(QSize(wide, 150).boundedTo(room));
    move((parent->width() - width()) / 2, std::clamp((parent->height() - high) / 2, 0, 70));
    setFocusProxy(m_typed);
}

void Find::add(std::vector<FindEntry> entries) {
    for (FindEntry& entry : entries) {
        m_findable.push_back({folded(entry.title), folded(entry.words + u' ' + entry.where)});
        m_entries.push_back(std::move(entry));
    }
    refill();
}

void Find::addLater(const std::function<std::vector<FindEntry>()>& list) {
    m_later << list;
    if (m_later.size() == 1) QTimer::singleShot(0, this, &Find::goOn);
}

void Find::goOn() {
    if (m_hasLeft || m_later.isEmpty()) return;
    add(m_later.takeFirst()());
    if (!m_later.isEmpty()) QTimer::singleShot(0, this, &Find::goOn);
}

void Find::refill() {
    const int former = m_list->currentRow();
    m_shown = findByWords(folded(m_typed->text()), m_findable);
    if (m_shown.size() > mostShown) m_shown.resize(mostShown);
    m_list->clear();
    for (const std::size_t place : m_shown) {
        const FindEntry& entry = m_entries[place];
        auto* row = new QListWidgetItem(entry.title, m_list);
        row->setData(whereRole, entry.where);
        row->setData(keysRole, entry.keys);
        row->setData(Qt::AccessibleTextRole,
                     QStringList{entry.title, entry.where, entry.keys}.join(QStringLiteral(", ")));
    }
    const bool isSame = sender() != m_typed && former > 0 && former < m_list->count();
    m_list->setCurrentRow(isSame ? former : 0);
    m_list->setVisible(!m_shown.empty());
    m_nothing->setVisible(m_shown.empty() && m_later.isEmpty());
    takeHeight();
}

/// As high as what was found, up to a limit.
void Find::takeHeight() {
    const int rows = std::max(1, m_list->count());
    const int row = m_list->count() > 0 ? m_list->sizeHintForRow(0) : 24;
    const int most = std::min(high, parentWidget()->height() - 20);
    m_list->setFixedHeight(std::min(rows * row + 4, most - 110));
    layout()->activate();
    resize(width(), std::min(most, sizeHint().height()));
}

bool Find::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::FocusOut && !m_hasLeft) {
        // A click in the list takes no focus; anything else has.
        const auto reason = static_cast<QFocusEvent*>(event)->reason();
        if (reason != Qt::ActiveWindowFocusReason && reason != Qt::PopupFocusReason) vanish();
    }
    // Its letters are no tools, and its arrows no nudges.
    if (event->type() == QEvent::ShortcutOverride) event->accept();
    if (event->type() != QEvent::KeyPress) return QFrame::eventFilter(watched, event);
    const int rows = m_list->count();
    const auto go = [&](int by) {
        if (rows > 0) m_list->setCurrentRow((m_list->currentRow() + by + rows) % rows);
        return true;
    };
    switch (static_cast<QKeyEvent*>(event)->key()) {
        case Qt::Key_Up:
            return go(-1);
        case Qt::Key_Down:
            return go(1);
        case Qt::Key_PageUp:
            m_list->setCurrentRow(std::max(0, m_list->currentRow() - 8));
            return true;
        case Qt::Key_PageDown:
            m_list->setCurrentRow(std::min(rows - 1, m_list->currentRow() + 8));
            return true;
        case Qt::Key_Return:
        case Qt::Key_Enter:
            choose();
            return true;
        case Qt::Key_Escape:
            leave();
            return true;
        case Qt::Key_Tab:
        case Qt::Key_Backtab:
            return true;
        default:
            return QFrame::eventFilter(watched, event);
    }
}

void Find::choose() {
    const int row = m_list->currentRow();
    if (row < 0 || row >= int(m_shown.size())) return;
    const auto act = m_entries[m_shown[std::size_t(row)]].act;
    leave();  // first the board gets the keyboard back, then what is opened takes it
    act();
}

void Find::leave() {
    if (m_hasLeft) return;
    vanish();
    Q_EMIT left();
}

void Find::vanish() {
    m_hasLeft = true;
    hide();
    deleteLater();
}

void Find::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), currentTheme().panel);
    painter.setPen(QPen(currentTheme().quietInk, 1));
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

}  // namespace rook::app
