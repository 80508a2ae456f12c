#include "app/painting/cards.h"
#include "app/ui/words.h"

#include <QPainter>

#include "app/painting/entity_painter.h"
#include "app/painting/matter_painter.h"
#include "app/ui/buttons.h"
#include "app/ui/theme.h"
#include "level/names.h"

namespace rook::app {

CardButton* makeMatterCard(const level::Matter& matter, QWidget* parent) {
    const auto word = level::nameOf(matter.behaviour);
    return new CardButton(
        QString::fromStdString(matter.title), told(word),
        [behaviour = matter.behaviour](QPainter& painter, const QRect& rect) {
            paintBehaviourSample(painter, behaviour, level::Form::Full, rect);
        },
        parent);
}

CardButton* makeClipCard(const level::Project& project, const level::CellClip& clip,
                         const QString& title, QWidget* parent) {
    const int columns = clip.cells.width();
    const int rows = clip.cells.height();
    const auto draw = [project, cells = clip.cells, columns, rows](QPainter& painter,
                                                                   const QRect& rect) {
        const double side =
            std::min({double(rect.width()) / columns, double(rect.height()) / rows, 12.0});
        const QPointF corner = QRectF(rect).center() - QPointF(columns, rows) * side / 2;
        const Theme& theme = currentTheme();
        for (int y = 0; y < rows; ++y) {
            for (int x = 0; x < columns; ++x) {
                const level::Cell cell = cells.at(x, y);
                if (cell.isOpen()) continue;
                const auto behaviour = project.behaviourOf(cell);
                QColor tone = behaviour == level::Behaviour::Deadly ? theme.alarm : theme.ink;
                if (behaviour != level::Behaviour::Solid && tone == theme.ink) tone.setAlphaF(0.5f);
                QRectF box(corner + QPointF(x, y) * side, QSizeF(side, side));
                if (behaviour == level::Behaviour::OneWay) box.setHeight(side / 3);
                painter.fillRect(box.adjusted(0.3, 0.3, -0.3, -0.3), tone);
            }
        }
    };
    return new CardButton(title, QStringLiteral("%1 × %2").arg(columns).arg(rows), draw, parent);
}

CardButton* makeKindCard(const level::Kind& kind, QWidget* parent, const QImage& sprite) {
    const auto word = level::nameOf(kind.role);
    return new CardButton(
        QString::fromStdString(kind.title), told(word),
        [role = kind.role, sprite](QPainter& painter, const QRect& rect) {
            if (!sprite.isNull()) {
                // As large as whole px allow, on a ground as dark as the game is.
                const int scale = std::max(
                    1, std::min(rect.width() / sprite.width(), rect.height() / sprite.height()));
                QRect box(QPoint(), sprite.size() * scale);
                box.moveCenter(rect.center());
                painter.fillRect(box.adjusted(-5, -3, 5, 3), QColor(QStringLiteral("#39424a")));
                painter.drawImage(box, sprite);
                return;
            }
            painter.setPen(QPen(currentTheme().ink, 1.6));
            QRectF mark(0, 0, 22, 30);
            mark.moveCenter(QRectF(rect).center());
            paintRoleMark(painter, role, mark, level::Facing::Right);
        },
        parent);
}

}  // namespace rook::app
