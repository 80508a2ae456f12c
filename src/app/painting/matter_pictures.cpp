/// Matter in small pictures: samples on cards, thumbnails.

#include <QPainter>
#include <QtMath>

#include "app/painting/matter_painter.h"
#include "app/ui/hatching.h"

namespace rook::app {

using level::Behaviour;
using level::Cell;

void paintBehaviourSample(QPainter& painter, level::Behaviour behaviour, level::Form form,
                          const QRect& rect) {
    level::Project project;
    level::Matter matter;
    matter.behaviour = behaviour;
    project.matters.edit([&](auto& list) { list.push_back(matter); });
    level::Level level;
    // The sample is one or two cells; sides that meet the frame are drawn by hand.
    const bool isStrip = behaviour == Behaviour::OneWay;
    const bool isPool = behaviour == Behaviour::Liquid;
    level.cells = Grid<Cell>(isStrip ? 3 : isPool ? 2 : 1, isStrip ? 3 : isPool ? 4 : 1);
    level.cellSize = {std::max(8, rect.width() / level.cells.width()),
                      std::max(8, rect.height() / level.cells.height())};
    if (isStrip)
        level.cells.fillRect({0, 1, 3, 1}, Cell({1}, form));
    else if (isPool)
        level.cells.fillRect({0, 1, 2, 3}, Cell({1}, form));
    else
        level.cells.set(0, 0, Cell({1}, form));
    painter.save();
    painter.setClipRect(rect.adjusted(-1, -1, 1, 1));
    painter.translate(rect.topLeft());
    MatterScene scene{&project, &level, nullptr, {0, 1, 0}};
    paintMatter(painter, scene, QRect(0, 0, rect.width(), rect.height()), {}, 1);
    painter.restore();
    const bool isFramed = behaviour == Behaviour::Solid || behaviour == Behaviour::Deadly;
    if (isFramed) {
        painter.setPen(
            QPen(behaviour == Behaviour::Deadly ? currentTheme().alarm : currentTheme().ink, 1.2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(rect);
    }
}

QImage plainPicture(const level::Project& project, const level::Level& level, QSize size,
                    const Theme& theme) {
    QImage image(size, QImage::Format_RGB32);
    image.fill(theme.paper);
    const auto& cells = level.cells;
    // The level keeps its proportions; what is left over stays paper.
    const double cell =
        std::min(double(size.width()) / cells.width(), double(size.height()) / cells.height());
    const double left = (size.width() - cells.width() * cell) / 2;
    const double top = (size.height() - cells.height() * cell) / 2;
    for (int y = 0; y < size.height(); ++y) {
        const int row = qFloor((y + 0.5 - top) / cell);
        for (int x = 0; x < size.width(); ++x) {
            const int column = qFloor((x + 0.5 - left) / cell);
            const Cell value = cells.at(column, row, Cell());
            if (!value.isOpen())
                image.setPixel(x, y, plainToneOf(project.behaviourOf(value), theme).rgb());
        }
    }
    return image;
}

}  // namespace rook::app
