#include "app/steps/skin/tile_picker.h"

#include <QKeyEvent>
#include <QPainter>

#include "app/painting/matter_painter.h"
#include "app/tools/cell_options.h"
#include "app/ui/theme.h"
#include "file/storage.h"

namespace rook::app {

namespace {
constexpr int pickerWidth = 232;  // px, of what a section of the margin has
constexpr int mostTiles = 64;     // a side, that are taken at once
}  // namespace

TilePicker::TilePicker(Session& session, QWidget* parent) : QWidget(parent), m_session(session) {
    setObjectName(QStringLiteral("tile-picker"));
    setAccessibleName(tr("Tiles of the sheet"));
    setToolTip(tr("Click a tile, or drag over several, to set them by hand."));
    setFocusPolicy(Qt::StrongFocus);
}

const level::Sheet* TilePicker::sheet() const {
    const auto& sheets = m_session.document.project().sheets;
    const int index = m_session.workbench.options<TilesInHand>().tileSheet;
    return index >= 0 && index < int(sheets.size()) ? &sheets[std::size_t(index)] : nullptr;
}

QSize TilePicker::tilesInSheet() const {
    const level::Sheet* from = sheet();
    if (!from || m_image.isNull()) return {};
    return {from->columns, std::max(1, m_image.height() / from->tile.height)};
}

double TilePicker::zoom() const {
    const level::Sheet* from = sheet();
    if (!from) return 1;
    const double fits = double(pickerWidth) / (from->columns * from->tile.width);
    return fits >= 1 ? std::floor(fits) : std::max(fits, 0.5);
}

QSize TilePicker::sizeHint() const {
    const level::Sheet* from = sheet();
    if (!from || m_image.isNull()) return {pickerWidth, 24};
    const QSize tiles = tilesInSheet();
    return {int(tiles.width() * from->tile.width * zoom()) + 1,
            int(tiles.height() * from->tile.height * zoom()) + 1};
}

void TilePicker::reload() {
    m_path.clear();
    refresh();
}

void TilePicker::refresh() {
    const level::Sheet* from = sheet();
    const QString path = from ? QString::fromStdString(from->path) : QString();
    if (path != m_path) {
        m_path = path;
        m_taken = {};
        const auto file =
            from ? file::pathInside(m_session.document.folder().toStdString(), from->path)
                 : file::pathInside({}, "");
        m_image = from && file ? readImage(QString::fromStdString(file->string())) : QImage();
    }
    setFixedSize(sizeHint());
    update();
}

QPoint TilePicker::tileAt(QPointF at) const {
    const level::Sheet* from = sheet();
    const QSize tiles = tilesInSheet();
    if (!from || tiles.isEmpty()) return {};
    return {std::clamp(int(at.x() / (from->tile.width * zoom())), 0, tiles.width() - 1),
            std::clamp(int(at.y() / (from->tile.height * zoom())), 0, tiles.height() - 1)};
}

void TilePicker::take(QPoint from, QPoint to) {
    const level::Sheet* source = sheet();
    if (!source || m_image.isNull()) return;
    const QRect wanted = QRect(from, to).normalized();
    m_taken = QRect(wanted.topLeft(), wanted.size().boundedTo({mostTiles, mostTiles}));
    TilesInHand options = m_session.workbench.options<TilesInHand>();
    options.tiles = Grid<level::Tile>(m_taken.width(), m_taken.height());
    for (int y = 0; y < m_taken.height(); ++y)
        for (int x = 0; x < m_taken.width(); ++x)
            options.tiles.set(
                x, y,
                level::Tile(options.tileSheet, std::min(65535, (m_taken.y() + y) * source->columns +
                                                                   m_taken.x() + x)));
    m_session.workbench.setOptions(options);
    update();
    Q_EMIT picked();
}

void TilePicker::mousePressEvent(QMouseEvent* event) {
    setFocus();
    m_first = tileAt(event->position());
    take(m_first, m_first);
}

void TilePicker::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton) take(m_first, tileAt(event->position()));
}

void TilePicker::keyPressEvent(QKeyEvent* event) {
    QPoint step;
    switch (event->key()) {
        case Qt::Key_Left:
            step = {-1, 0};
            break;
        case Qt::Key_Right:
            step = {1, 0};
            break;
        case Qt::Key_Up:
            step = {0, -1};
            break;
        case Qt::Key_Down:
            step = {0, 1};
            break;
        default:
            return QWidget::keyPressEvent(event);
    }
    const QSize tiles = tilesInSheet();
    const QPoint from = m_taken.isNull() ? QPoint() : m_taken.topLeft() + step;
    const QPoint at(std::clamp(from.x(), 0, std::max(0, tiles.width() - 1)),
                    std::clamp(from.y(), 0, std::max(0, tiles.height() - 1)));
    take(at, at);
}

void TilePicker::paintEvent(QPaintEvent* event) {
    QPainter painter(this);
    const Theme& theme = currentTheme();
    const level::Sheet* from = sheet();
    if (!from || m_image.isNull()) return;
    const double side = zoom();
    const QRectF shown = event->rect();
    // A quiet ground, so that see-through tiles are told from dark ones.
    painter.fillRect(shown, QColor(QStringLiteral("#39424a")));
    painter.drawImage(
        shown, m_image,
        QRectF(shown.x() / side, shown.y() / side, shown.width() / side, shown.height() / side));
    const double stepX = from->tile.width * side;
    const double stepY = from->tile.height * side;
    QColor line = theme.paper;
    line.setAlphaF(0.25f);
    painter.setPen(QPen(line, 1));
    for (double x = std::floor(shown.left() / stepX) * stepX; x <= shown.right(); x += stepX)
        painter.drawLine(QPointF(x, shown.top()), QPointF(x, shown.bottom()));
    for (double y = std::floor(shown.top() / stepY) * stepY; y <= shown.bottom(); y += stepY)
        painter.drawLine(QPointF(shown.left(), y), QPointF(shown.right(), y));
    if (hasFocus()) {
        painter.setPen(QPen(theme.accent, 3));
        painter.drawRect(rect().adjusted(1, 1, -2, -2));
    }
    if (m_taken.isNull()) return;
    const QRectF taken(m_taken.x() * stepX, m_taken.y() * stepY, m_taken.width() * stepX,
                       m_taken.height() * stepY);
    painter.setPen(QPen(theme.paper, 3));
    painter.drawRect(taken.adjusted(1, 1, -1, -1));
    painter.setPen(QPen(theme.accent, 2));
    painter.drawRect(taken.adjusted(1, 1, -1, -1));
}

}  // namespace rook::app
