#include "app/board/level_cards.h"

#include <algorithm>

#include "app/panels/verdict_mark.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

constexpr QPointF pictureCorner(8, 8);
constexpr double gapAcross = 64, gapDown = 54;
constexpr int cardsInARow = 4;

}  // namespace

QPointF usualPlaceOfCard(std::size_t number) {
    const auto row = int(number) / cardsInARow;
    const int column = int(number) % cardsInARow;
    const int across = row % 2 == 0 ? column : cardsInARow - 1 - column;
    return {across * (levelCardSize.width() + gapAcross), row * (levelCardSize.height() + gapDown)};
}

QPointF placeOfCard(const level::Project& project, std::size_t number) {
    for (const level::MapPlace& place : project.game.map)
        if (place.level == project.levels[number]->id)
            return {double(place.at.x), double(place.at.y)};
    return usualPlaceOfCard(number);
}

QRectF pictureFrame(QPointF corner) {
    return {corner + pictureCorner, QSizeF(levelPictureSize)};
}

QPointF placeOnCard(const level::Level& level, QPointF corner, PxPoint at) {
    const PxRect bounds = level.boundsPx();
    const QRectF frame = pictureFrame(corner);
    const QSizeF shown =
        QSizeF(bounds.width, bounds.height).scaled(frame.size(), Qt::KeepAspectRatio);
    const QPointF from =
        frame.topLeft() +
        QPointF(frame.width() - shown.width(), frame.height() - shown.height()) / 2;
    return from + QPointF(shown.width() * std::clamp(at.x, 0, bounds.width) / bounds.width,
                          shown.height() * std::clamp(at.y, 0, bounds.height) / bounds.height);
}

void paintLevelCard(QPainter& painter, const Session& session, Thumbnails& thumbnails,
                    const std::shared_ptr<const level::Level>& level, QPointF corner,
                    bool isChosen) {
    const Theme& theme = currentTheme();
    const QRectF box(corner, levelCardSize);
    painter.setPen(QPen(isChosen ? theme.accent : theme.quietInk, isChosen ? 2 : 1));
    painter.setBrush(theme.panel);
    painter.drawRoundedRect(box, 3, 3);
    const QRectF frame = pictureFrame(corner);
    painter.fillRect(frame, theme.paper);
    const QImage picture = thumbnails.of(level, 2 * painter.device()->devicePixelRatioF());
    if (!picture.isNull()) painter.drawImage(frame, picture);
    const QRectF line(box.left() + 8, frame.bottom() + 3, box.width() - 16, 22);
    const VerdictMark verdict = verdictMarkOf(session, *level);
    painter.setFont(sizedFont(-2, QFont::DemiBold));
    painter.setPen(verdict.tone);
    painter.drawText(line, Qt::AlignRight | Qt::AlignVCenter, verdict.mark);
    const double mark = painter.fontMetrics().horizontalAdvance(verdict.mark) + 6;
    painter.setFont(sizedFont(-1));
    painter.setPen(theme.ink);
    painter.drawText(line, Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(QString::fromStdString(level->title),
                                                      Qt::ElideRight, int(line.width() - mark)));
}

}  // namespace rook::app
