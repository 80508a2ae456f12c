/// The images of a project, and the pictures behind and before its levels.

#include <QDateTime>
#include <QFileInfo>
#include <QPainter>
#include <cmath>

#include "app/painting/matter_painter.h"
#include "file/project_file.h"
#include "level/names.h"
#include "rook_level.hpp"

namespace rook::app {

QImage readImage(const QString& path) {
    struct Read {
        QDateTime changed;
        QImage image;
    };
    static QHash<QString, Read> known;
    const QFileInfo file(path);
    Read& read = known[path];
    if (read.changed != file.lastModified() || read.image.isNull()) {
        read = {file.lastModified(), QImage(path)};
        if (!read.image.isNull())
            read.image.convertTo(QImage::Format_ARGB32_Premultiplied);  // what painting wants
    }
    return read.image;
}

SheetImages loadSheets(const level::Project& project, const QString& folder) {
    SheetImages images;
    for (const level::Sheet& sheet : project.sheets) {
        const auto path = file::pathInside(folder.toStdString(), sheet.path);
        if (path)
            images[QString::fromStdString(sheet.name)] =
                readImage(QString::fromStdString(path->string()));
    }
    for (const level::Backdrop& backdrop : project.backdrops)
        for (const level::Picture& picture : backdrop.pictures)
            if (const auto path = file::pathInside(folder.toStdString(), picture.path))
                images[pictureKey(picture.path)] =
                    readImage(QString::fromStdString(path->string()));
    return images;
}

QString pictureKey(const std::string& path) {
    return QStringLiteral("picture:") + QString::fromStdString(path);
}

QRect sourceOf(const level::Sheet& sheet, int number) {
    return {(number % sheet.columns) * sheet.tile.width,
            (number / sheet.columns) * sheet.tile.height, sheet.tile.width, sheet.tile.height};
}

QBrush brushBehind(const level::Level& level, const QRectF& board) {
    const QColor above(QString::fromStdString(level.background));
    if (level.backgroundBelow.empty()) return above;
    QLinearGradient both(board.topLeft(), board.bottomLeft());
    both.setColorAt(0, above);
    both.setColorAt(1, QColor(QString::fromStdString(level.backgroundBelow)));
    return both;
}

void paintBackdrop(QPainter& painter, const MatterScene& scene, const View& view, QSize size,
                   bool isFront) {
    const level::Backdrop* backdrop = scene.project->findBackdrop(scene.level->backdrop);
    if (!backdrop || !scene.sheets) return;
    const PxRect level = scene.level->boundsPx();
    const double scale = view.scale();
    const QPointF screen = view.offset() / scale;
    const QSizeF seen = QSizeF(size) / scale;
    painter.save();
    painter.setClipRect(view.toWidget(level).toAlignedRect());
    for (std::size_t i = 0; i < backdrop->pictures.size(); ++i) {
        const level::Picture& each = backdrop->pictures[i];
        const QImage image = scene.sheets->value(pictureKey(each.path));
        if (each.isFront != isFront || image.isNull()) continue;
        runtime::Picture picture;
        picture.fit = std::string(level::nameOf(each.fit));
        picture.parallaxX = double(each.parallaxX.thousandths) / 1000;
        picture.parallaxY = double(each.parallaxY.thousandths) / 1000;
        const auto [width, height] = picture.sizeOn(seen.width(), seen.height(), level.width,
                                                    level.height, image.width(), image.height());
        auto [x, y] = picture.cornerOn(screen.x(), screen.y(), seen.width(), seen.height(),
                                       level.width, level.height, width, height);
        const bool isAcross =
            each.fit == level::PictureFit::Across || each.fit == level::PictureFit::Repeat;
        const bool isDown = each.fit == level::PictureFit::Repeat;
        if (isAcross) x -= std::ceil(x / width) * width;
        if (isDown) y -= std::ceil(y / height) * height;
        const double share = i < scene.pictureShares.size() ? scene.pictureShares[i] : 1;
        painter.setOpacity(share * each.opacity / 100.0);
        for (double top = y; top < seen.height(); top += height) {
            for (double left = x; left < seen.width(); left += width) {
                painter.drawImage(QRectF(left * scale, top * scale, width * scale, height * scale),
                                  image);
                if (!isAcross) break;
            }
            if (!isDown) break;
        }
    }
    painter.restore();
}

}  // namespace rook::app
