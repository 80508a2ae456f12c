#include "app/ui/hatching.h"

#include <QPainter>
#include <QPainterPath>

namespace rook::app {

using level::Behaviour;

namespace {

QColor blend(const QColor& a, const QColor& b, double share) {
    return QColor::fromRgbF(float(a.redF() + (b.redF() - a.redF()) * share),
                            float(a.greenF() + (b.greenF() - a.greenF()) * share),
                            float(a.blueF() + (b.blueF() - a.blueF()) * share));
}

}  // namespace

QImage hatchingOf(Behaviour behaviour, const Theme& theme) {
    QImage image(behaviour == Behaviour::Liquid ? 16 : 8, 8, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    const QColor line = blend(theme.ink, theme.paper, theme.isNight ? 0.68 : 0.62);
    switch (behaviour) {
        case Behaviour::Solid: {
            image.fill(blend(theme.paper, theme.ink, theme.isNight ? 0.07 : 0.05));
            painter.setPen(QPen(line, 1));
            for (const int shift : {-8, 0, 8})
                painter.drawLine(QPointF(shift, 8), QPointF(shift + 8, 0));
            break;
        }
        case Behaviour::Deadly:
            painter.setPen(QPen(blend(theme.alarm, theme.paper, 0.35), 1));
            for (const int shift : {-8, 0, 8}) {
                painter.drawLine(QPointF(shift, 8), QPointF(shift + 8, 0));
                painter.drawLine(QPointF(shift, 0), QPointF(shift + 8, 8));
            }
            break;
        case Behaviour::Liquid: {
            painter.setPen(QPen(line, 1));
            QPainterPath wave(QPointF(0, 4));
            wave.cubicTo(4, 1, 4, 1, 8, 4);
            wave.cubicTo(12, 7, 12, 7, 16, 4);
            painter.drawPath(wave);
            break;
        }
        case Behaviour::Open:
            painter.setPen(Qt::NoPen);
            painter.setBrush(line);
            painter.drawEllipse(QPointF(4, 4), 1, 1);
            break;
        case Behaviour::OneWay:
        case Behaviour::Ladder:
            break;
    }
    return image;
}

QColor plainToneOf(Behaviour behaviour, const Theme& theme) {
    switch (behaviour) {
        case Behaviour::Solid:
            return blend(theme.ink, theme.paper, 0.35);
        case Behaviour::OneWay:
            return blend(theme.ink, theme.paper, 0.2);
        case Behaviour::Ladder:
            return blend(theme.plum, theme.paper, 0.3);
        case Behaviour::Liquid:
            return blend(theme.accent, theme.paper, 0.6);
        case Behaviour::Deadly:
            return theme.alarm;
        case Behaviour::Open:
            return blend(theme.ink, theme.paper, 0.85);
    }
    return theme.paper;
}

}  // namespace rook::app
