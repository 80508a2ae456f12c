#include "app/ui/picture_view.h"

#include <QPainter>
#include <cmath>

#include "app/ui/theme.h"

namespace rook::app {

void PictureView::take(const QImage& image) {
    m_image = image;
    update();
}

void PictureView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), currentTheme().paper);
    if (m_image.isNull()) return;
    const int around = m_fit == Fit::WholePx ? 8 : 0;
    const QSizeF room(width() - 2 * around, height() - 2 * around);
    QSizeF size = QSizeF(m_image.size()).scaled(room, Qt::KeepAspectRatio);
    const double grows = size.width() / m_image.width();
    const bool isWhole = m_fit == Fit::WholePx && grows >= 1;
    if (isWhole) size = QSizeF(m_image.size()) * std::floor(grows);
    painter.setRenderHint(QPainter::SmoothPixmapTransform, !isWhole);
    const QRectF target(QPointF((width() - size.width()) / 2, around), size);
    painter.drawImage(target, m_image);
    if (m_fit != Fit::WholePx) return;
    painter.setPen(currentTheme().rule());
    painter.drawRect(target.adjusted(-1, -1, 0, 0));
}

}  // namespace rook::app
