#include "app/panels/sheet_popup.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/painting/matter_painter.h"
#include "app/ui/controls.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "file/storage.h"

namespace rook::app {

namespace {

constexpr int popupWidth = 420;
constexpr int popupHeight = 340;
constexpr int mostTiles = 64;  // a side

/// The sheet itself.
class SheetView final : public QWidget {
public:
    SheetView(QImage image, const level::Sheet& sheet, const TakenTiles& now,
              std::function<void(const TakenTiles&)> take)
        : m_image(std::move(image)), m_take(std::move(take)), m_tile(sheet.tile) {
        m_columns = std::max(1, m_image.width() / sheet.tile.width);
        m_rows = std::max(1, m_image.height() / sheet.tile.height);
        m_chosen =
            QRect(now.first % m_columns, now.first / m_columns, now.tiles.width, now.tiles.height)
                .intersected(QRect(0, 0, m_columns, m_rows));
        if (m_chosen.isEmpty()) m_chosen = {0, 0, 1, 1};
        const double fits = double(popupWidth - 24) / m_image.width();
        m_zoom = fits >= 1 ? std::floor(fits) : std::max(0.5, fits);
        setFixedSize(int(m_image.width() * m_zoom) + 1, int(m_image.height() * m_zoom) + 1);
        setFocusPolicy(Qt::StrongFocus);
        setObjectName(QStringLiteral("sheet-view"));
        setAccessibleName(tr("Tiles of %1").arg(QString::fromStdString(sheet.name)));
    }
    [[nodiscard]] QRectF place(const QRect& tiles) const {
        return {tiles.x() * m_tile.width * m_zoom, tiles.y() * m_tile.height * m_zoom,
                tiles.width() * m_tile.width * m_zoom, tiles.height() * m_tile.height * m_zoom};
    }
    [[nodiscard]] const QRect& chosen() const { return m_chosen; }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.fillRect(rect(), QColor(QStringLiteral("#39424a")));
        painter.drawImage(QRectF(0, 0, m_image.width() * m_zoom, m_image.height() * m_zoom),
                          m_image);
        painter.setPen(QPen(currentTheme().paper, 3));
        painter.drawRect(place(m_chosen).adjusted(1, 1, -1, -1));
        painter.setPen(QPen(currentTheme().accent, 2));
        painter.drawRect(place(m_chosen).adjusted(1, 1, -1, -1));
    }
    void mousePressEvent(QMouseEvent* event) override {
        m_first = tileAt(event->position());
        choose(m_first, m_first);
    }
    void mouseMoveEvent(QMouseEvent* event) override {
        if (event->buttons() & Qt::LeftButton) choose(m_first, tileAt(event->position()));
    }
    void mouseReleaseEvent(QMouseEvent* event) override {
        if (event->button() == Qt::LeftButton) take();
    }
    void keyPressEvent(QKeyEvent* event) override {
        const int dx = (event->key() == Qt::Key_Right) - (event->key() == Qt::Key_Left);
        const int dy = (event->key() == Qt::Key_Down) - (event->key() == Qt::Key_Up);
        if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return take();
        if (dx == 0 && dy == 0) return QWidget::keyPressEvent(event);
        if (event->modifiers() & Qt::ShiftModifier)
            choose(m_chosen.topLeft(), m_chosen.bottomRight() + QPoint(dx, dy));
        else
            choose(m_chosen.topLeft() + QPoint(dx, dy), m_chosen.topLeft() + QPoint(dx, dy));
    }

private:
    [[nodiscard]] QPoint tileAt(QPointF at) const {
        return {int(at.x() / (m_tile.width * m_zoom)), int(at.y() / (m_tile.height * m_zoom))};
    }
    void choose(QPoint from, QPoint to) {
        const auto inside = [&](QPoint at) {
            return QPoint(std::clamp(at.x(), 0, m_columns - 1), std::clamp(at.y(), 0, m_rows - 1));
        };
        QRect chosen = QRect(inside(from), inside(to)).normalized();
        chosen.setSize(chosen.size().boundedTo({mostTiles, mostTiles}));
        m_chosen = chosen;
        update();
    }
    void take() {
        const TakenTiles taken{m_chosen.y() * m_columns + m_chosen.x(),
                               {m_chosen.width(), m_chosen.height()}};
        const auto tell = m_take;
        window()->close();
        tell(taken);
    }

    QImage m_image;
    std::function<void(const TakenTiles&)> m_take;
    CellSize m_tile;
    int m_columns = 1;
    int m_rows = 1;
    double m_zoom = 1;
    QPoint m_first;
    QRect m_chosen;
};

}  // namespace

QWidget* openSheet(Session& session, QWidget* anchor, const level::Sheet& sheet, TakenTiles now,
                   std::function<void(const TakenTiles&)> take) {
    const auto file = file::pathInside(session.document.folder().toStdString(), sheet.path);
    QImage image = file ? readImage(QString::fromStdString(file->string())) : QImage();
    if (image.isNull()) {
        session.say(tr("The sheet %1 has no picture that can be read. Choose its "
                       "file in Skin.")
                        .arg(QString::fromStdString(sheet.name)));
        return nullptr;
    }
    auto* popup = new QFrame(anchor, Qt::Popup);
    popup->setObjectName(QStringLiteral("sheet-popup"));
    popup->setAttribute(Qt::WA_DeleteOnClose);
    popup->setFrameShape(QFrame::StyledPanel);
    auto* layout = new QVBoxLayout(popup);
    layout->setContentsMargins(4, 4, 4, 4);
    auto* area = new QScrollArea;
    area->setFrameShape(QFrame::NoFrame);
    auto* view = new SheetView(std::move(image), sheet, now, std::move(take));
    area->setWidget(view);
    layout->addWidget(area);
    popup->resize(std::min(popupWidth, view->width() + 26),
                  std::min(popupHeight, view->height() + 26));
    openUnder(popup, anchor);
    view->setFocus();
    const QPointF middle = view->place(view->chosen()).center();
    area->ensureVisible(int(middle.x()), int(middle.y()));
    return popup;
}

}  // namespace rook::app
