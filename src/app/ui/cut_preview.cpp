#include "app/ui/cut_preview.h"

#include <QPainter>
#include <cmath>

#include "app/ui/theme.h"

namespace rook::app {

namespace {
constexpr int previewWidth = 232;   // px, of what a section of the margin has
constexpr int previewHeight = 180;  // px at most
constexpr int mostFrames = 4096;    // more would be a grey veil
}  // namespace

CutPreview::CutPreview(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("cut-preview"));
    setAccessibleName(tr("The image, with the tiles that it is cut into"));
}

void CutPreview::setImage(const QImage& image) {
    m_image = image;
    setFixedSize(sizeHint());
    setVisible(!image.isNull());
    update();
}

void CutPreview::setCut(const file::SheetCut& cut) {
    m_cut = cut;
    update();
}

double CutPreview::zoom() const {
    if (m_image.isNull()) return 1;
    const double fits =
        std::min(double(previewWidth) / m_image.width(), double(previewHeight) / m_image.height());
    return fits >= 1 ? std::floor(fits) : fits;
}

QSize CutPreview::sizeHint() const {
    if (m_image.isNull()) return {previewWidth, 0};
    return {int(std::ceil(m_image.width() * zoom())) + 1,
            int(std::ceil(m_image.height() * zoom())) + 1};
}

void CutPreview::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const Theme& theme = currentTheme();
    const double side = zoom();
    const QRectF whole(0, 0, m_image.width() * side, m_image.height() * side);
    painter.fillRect(whole, QColor(QStringLiteral("#39424a")));
    painter.drawImage(whole, m_image);
    const auto tiles = file::tilesOf(m_cut, m_image.width(), m_image.height());
    // What no tile covers lies under a veil, so that it is seen before it is cut off.
    QRegion left(whole.toAlignedRect());
    QList<QRectF> frames;
    for (int row = 0; row < tiles.rows && frames.size() < mostFrames; ++row)
        for (int column = 0; column < tiles.columns && frames.size() < mostFrames; ++column)
            frames << QRectF(
                (m_cut.margin + m_cut.offset.x + column * (m_cut.tile.width + m_cut.spacing)) *
                    side,
                (m_cut.margin + m_cut.offset.y + row * (m_cut.tile.height + m_cut.spacing)) * side,
                m_cut.tile.width * side, m_cut.tile.height * side);
    for (const QRectF& frame : frames)
        left -= frame.toAlignedRect();
    QColor veil = theme.alarm;
    veil.setAlphaF(0.55f);
    for (const QRect& rect : left)
        painter.fillRect(rect, veil);
    QColor line = theme.paper;
    line.setAlphaF(0.6f);
    painter.setPen(QPen(line, 1));
    for (const QRectF& frame : frames)
        painter.drawRect(frame);
}

}  // namespace rook::app
