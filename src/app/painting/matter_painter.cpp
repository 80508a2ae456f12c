#include "app/painting/matter_painter.h"

#include <QPainter>
#include <QPainterPath>
#include <QtMath>
#include <cmath>

#include "app/ui/hatching.h"
#include "level/tile_edits.h"
#include "skin/dressing.h"

// Long because one object paints a level from its ground to its front, in an order that is read at
// a glance.

namespace rook::app {

namespace {

using level::Behaviour;
using level::Cell;
using level::Form;

constexpr double smallestDrawnCell = 6;    // px: below, lines would only blur
constexpr double smallestDressedCell = 3;  // px: below, tiles would take too long

/// Paints one target: knows the cells that it shows and where they are.
class Painting {
public:
    Painting(QPainter& painter, const MatterScene& scene, const QRect& target, QPointF origin,
             double scale)
        : m_painter(painter),
          m_scene(scene),
          m_theme(currentTheme()),
          m_target(target),
          m_origin(origin),
          m_cellWidth(scene.level->cellSize.width * scale),
          m_cellHeight(scene.level->cellSize.height * scale),
          m_scale(scale),
          m_frame(frameOf(*scene.level)),
          m_isFromAbove(scene.level->kind == level::LevelKind::Above),
          m_cells(*scene.project, *scene.level) {
        const auto cellAt = [](double at, double size) { return qFloor(at / size); };
        const QPointF first = QPointF(target.topLeft()) + origin;
        const QPointF last = QPointF(target.bottomRight()) + origin;
        m_shown = CellRect::spanning(
            {cellAt(first.x(), m_cellWidth) - 1, cellAt(first.y(), m_cellHeight) - 1},
            {cellAt(last.x(), m_cellWidth) + 1, cellAt(last.y(), m_cellHeight) + 1});
        m_shown = m_shown.intersected(scene.level->cells.bounds());
    }

    /// The art alone; tells where something moves.
    [[nodiscard]] QRegion paintArtAlone() {
        paintArt();
        return m_moving;
    }
    void paint() {
        if (!m_scene.isClear) m_painter.fillRect(m_target, m_theme.window);
        if (m_shown.isEmpty()) return;
        const QRectF board = rectOf(m_scene.level->cells.bounds()) & QRectF(m_target);
        if (!m_scene.isClear && m_scene.look.art >= 1)
            m_painter.fillRect(board,
                               brushBehind(*m_scene.level, rectOf(m_scene.level->cells.bounds())));
        else if (!m_scene.isClear)
            m_painter.fillRect(board, paperTone());
        const double least = m_scene.isClear ? smallestDressedCell : smallestDrawnCell;
        if (std::min(m_cellWidth, m_cellHeight) < least) {
            paintPlainTones(board.toAlignedRect());
            return;
        }
        if (m_scene.look.art < 1) paintGrid();
        if (m_scene.look.art > 0) paintArt();
        if (m_scene.look.hatching > 0) paintSection();
    }

private:
    [[nodiscard]] QColor paperTone() const {
        const QColor sky = QColor(QString::fromStdString(m_scene.level->background));
        return m_scene.look.art >= 1 ? sky : m_theme.paper;
    }
    [[nodiscard]] QPointF pointOf(PxPoint p) const {
        return QPointF(p.x, p.y) * m_scale - m_origin;
    }
    [[nodiscard]] QRectF rectOf(const CellRect& cells) const {
        return {QPointF(cells.x * m_cellWidth, cells.y * m_cellHeight) - m_origin,
                QSizeF(cells.width * m_cellWidth, cells.height * m_cellHeight)};
    }
    [[nodiscard]] Behaviour behaviourAt(int x, int y) const { return m_cells.at(x, y).behaviour; }

    void paintPlainTones(const QRect& board) {
        QImage image(board.size(), QImage::Format_ARGB32_Premultiplied);
        std::vector<QRgb> tones;
        for (const level::Matter& matter : m_scene.project->matters)
            tones.push_back(plainToneOf(matter.behaviour, m_theme).rgb());
        const QRgb paper = m_scene.isClear ? qRgba(0, 0, 0, 0) : paperTone().rgb();
        const auto& cells = m_scene.level->cells;
        std::vector<int> columns(static_cast<std::size_t>(image.width()));
        for (int x = 0; x < image.width(); ++x) {
            const int column = qFloor((board.x() + x + 0.5 + m_origin.x()) / m_cellWidth);
            columns[static_cast<std::size_t>(x)] = std::clamp(column, 0, cells.width() - 1);
        }
        for (int y = 0; y < image.height(); ++y) {
            const int row = std::clamp(qFloor((board.y() + y + 0.5 + m_origin.y()) / m_cellHeight),
                                       0, cells.height() - 1);
            auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
            for (int x = 0; x < image.width(); ++x) {
                const Cell cell = cells.at(columns[static_cast<std::size_t>(x)], row);
                line[x] = cell.isOpen() ? paper : tones[cell.matter().index];
            }
        }
        m_painter.drawImage(board.topLeft(), image);
    }

    void paintGrid() {
        const QRectF area = rectOf(m_shown);
        const double fade = std::clamp((std::min(m_cellWidth, m_cellHeight) - 6) / 6, 0.0, 1.0);
        const auto drawLines = [&](bool isMajor) {
            QColor color = isMajor ? m_theme.gridMajor : m_theme.gridMinor;
            color.setAlphaF(float(m_scene.look.grid * (isMajor ? 0.9 : fade)));
            m_painter.setPen(QPen(color, 1));
            for (int x = m_shown.x; x <= m_shown.right(); ++x) {
                if ((x % 8 == 0) != isMajor) continue;
                const double at = std::round(x * m_cellWidth - m_origin.x()) + 0.5;
                m_painter.drawLine(QPointF(at, area.top()), QPointF(at, area.bottom()));
            }
            for (int y = m_shown.y; y <= m_shown.bottom(); ++y) {
                if ((y % 8 == 0) != isMajor) continue;
                const double at = std::round(y * m_cellHeight - m_origin.y()) + 0.5;
                m_painter.drawLine(QPointF(area.left(), at), QPointF(area.right(), at));
            }
        };
        drawLines(false);
        drawLines(true);
    }

    void paintArt() {
        m_painter.save();
        m_painter.setOpacity(m_scene.look.art);
        m_painter.setRenderHint(QPainter::SmoothPixmapTransform, false);
        takeSheets();
        m_isMoving.assign(std::size_t(m_shown.area()), false);
        std::optional<skin::TilingRules> own;
        if (!m_scene.tilingRules) own = skin::TilingRules::of(*m_scene.project, *m_scene.level);
        const skin::TilingRules& tilingRules = own ? *own : *m_scene.tilingRules;
        if (m_scene.part != LayerPart::FrontAlone) paintMasses(tilingRules);
        if (m_scene.part != LayerPart::ButFront) paintLayers(tilingRules, true);
        m_painter.restore();
    }

    void paintMasses(const skin::TilingRules& tilingRules) {
        paintLayers(tilingRules, false);
        const skin::Dressed dressed = skin::dress(tilingRules, *m_scene.level, m_shown);
        for (int y = m_shown.y; y < m_shown.bottom(); ++y) {
            for (int x = m_shown.x; x < m_shown.right(); ++x) {
                const QRectF rect = rectOf({x, y, 1, 1});
                m_cellIndex = indexOf(x, y);
                const level::Tile strewn = strewnAt(level::onMasses, x, y);
                const bool isBlank = m_scene.level->tileAt(x, y).isBlank();
                paintTile(m_scene.level->cells.at(x, y),
                          strewn.isShown() ? strewn : dressed.at(x, y), rect, isBlank);
                if (m_scene.showsGuesses && dressed.isGuessed(x, y)) paintGuess(rect);
            }
        }
    }

    void paintLayers(const skin::TilingRules& tilingRules, bool areFront) {
        const auto& layers = m_scene.level->layers;
        for (std::size_t i = 0; i < layers.size(); ++i) {
            const level::TileLayer& layer = layers[i];
            if (layer.isFront != areFront || !layer.isShown) continue;
            const double share = i < m_scene.layerShares.size() ? m_scene.layerShares[i] : 1.0;
            paintLayer(tilingRules, layer, int(i), share * layer.opacity / 100.0);
        }
    }
    void paintLayer(const skin::TilingRules& tilingRules, const level::TileLayer& layer, int index,
                    double opacity) {
        const bool isStrewn =
            m_scene.strewn && m_scene.strewn->layers.count(index) > 0 && layer.tiles.width() == 0;
        if (layer.tiles.width() == 0 && layer.cells.width() == 0 && !isStrewn) return;
        const skin::Dressed dressed = skin::dressLayer(tilingRules, *m_scene.level, layer, m_shown);
        m_painter.save();
        m_painter.setOpacity(m_scene.look.art * opacity);
        for (int y = m_shown.y; y < m_shown.bottom(); ++y)
            for (int x = m_shown.x; x < m_shown.right(); ++x) {
                m_cellIndex = indexOf(x, y);
                const level::Tile strewn = strewnAt(index, x, y);
                paintTile(layer.cells.at(x, y, Cell()),
                          strewn.isShown() ? strewn : dressed.at(x, y), rectOf({x, y, 1, 1}),
                          layer.tiles.at(x, y, level::Tile()).isBlank());
            }
        m_painter.restore();
    }
    /// What a rule strews there, if the masses are still as the rule wants them.
    [[nodiscard]] level::Tile strewnAt(int layer, int x, int y) const {
        return m_scene.strewn
                   ? m_scene.strewn->tileAt(*m_scene.project, *m_scene.level, layer, {x, y})
                   : level::Tile();
    }

    [[nodiscard]] std::size_t indexOf(int x, int y) const {
        return std::size_t(y - m_shown.y) * std::size_t(m_shown.width) + std::size_t(x - m_shown.x);
    }
    void takeSheets() {
        for (const level::Sheet& sheet : m_scene.project->sheets)
            m_images << (m_scene.sheets ? m_scene.sheets->value(QString::fromStdString(sheet.name))
                                        : QImage());
    }

    /// A corner in ochre: this case is on no swatch.
    void paintGuess(const QRectF& rect) {
        const double side = std::min(rect.width(), rect.height()) * 0.45;
        m_painter.setPen(QPen(m_theme.paper, 1));
        m_painter.setBrush(m_theme.caution);
        m_painter.drawPolygon(QPolygonF{rect.topLeft(), rect.topLeft() + QPointF(side, 0),
                                        rect.topLeft() + QPointF(0, side)});
    }

    void paintTile(Cell cell, level::Tile tile, const QRectF& rect, bool isBlank) {
        const bool hasTile =
            tile.isShown() && tile.sheet() < m_images.size() && !m_images[tile.sheet()].isNull();
        const level::TileAnimation* animation =
            hasTile ? m_scene.project->sheets[std::size_t(tile.sheet())].animationOf(tile.number())
                    : nullptr;
        if (m_scene.motion == TileMotion::Still && animation) return;
        // What lies over something that moves is painted over it each time.
        if (m_scene.motion == TileMotion::Moving && !animation && !m_isMoving[m_cellIndex]) return;
        if (animation)
            tile = level::Tile(tile.sheet(), animation->frameAt(m_scene.tick), tile.isMirrored(),
                               tile.isUpsideDown());
        // Nothing was chosen to be seen there, or the matter has no tile yet.
        const bool isPlain = !hasTile && !cell.isOpen() && !isBlank;
        if (!hasTile && !isPlain) return;
        // Whole px, so that neighbours meet without a seam.
        const QRect whole(QPoint(qRound(rect.left()), qRound(rect.top())),
                          QPoint(qRound(rect.right()) - 1, qRound(rect.bottom()) - 1));
        if (animation) {
            m_moving += whole;
            m_isMoving[m_cellIndex] = true;
        }
        m_painter.save();
        if (cell.form() != Form::Full) {
            QPainterPath clip;
            clip.addPolygon(polygonAt(cell.form(), rect.topLeft()));
            m_painter.setClipPath(clip, Qt::IntersectClip);
        }
        if (isPlain) {
            const level::Matter& matter = m_scene.project->matterOf(cell);
            m_painter.fillRect(whole, QColor(QString::fromStdString(matter.color)));
        } else {
            drawTile(tile, whole);
        }
        m_painter.restore();
    }

    void drawTile(level::Tile tile, const QRect& whole) {
        const level::Sheet& sheet = m_scene.project->sheets[std::size_t(tile.sheet())];
        const QRect source = sourceOf(sheet, tile.number());
        if (tile.isMirrored() || tile.isUpsideDown()) {
            const QPointF middle = QRectF(whole).center();
            m_painter.translate(middle);
            m_painter.scale(tile.isMirrored() ? -1 : 1, tile.isUpsideDown() ? -1 : 1);
            m_painter.translate(-middle);
        }
        m_painter.drawImage(whole, m_images[tile.sheet()], source);
    }

    [[nodiscard]] QPolygonF polygonAt(Form form, QPointF corner) const {
        QPolygonF polygon;
        for (const PxPoint p : collide::polygonOf(form, m_frame.cellWidth, m_frame.cellHeight))
            polygon << corner + QPointF(p.x, p.y) * m_scale;
        return polygon;
    }

    void paintSection() {
        m_painter.save();
        m_painter.setOpacity(m_scene.look.hatching);
        for (const Behaviour behaviour :
             {Behaviour::Open, Behaviour::Liquid, Behaviour::Deadly, Behaviour::Solid})
            fillHatching(behaviour);
        m_painter.setRenderHint(QPainter::Antialiasing);
        drawBorder(Behaviour::Deadly, QPen(m_theme.alarm, 1.5), false);
        drawBorder(Behaviour::Solid, QPen(m_theme.ink, 1.5, Qt::SolidLine, Qt::RoundCap), true);
        for (int y = m_shown.y; y < m_shown.bottom(); ++y) {
            for (int x = m_shown.x; x < m_shown.right(); ++x) {
                const auto shape = m_cells.at(x, y);
                if (shape.behaviour == Behaviour::OneWay) drawOneWay(x, y, shape.form);
                if (shape.behaviour == Behaviour::Ladder) drawLadder(x, y);
                if (shape.behaviour == Behaviour::Liquid) drawSurface(x, y);
                if (shape.behaviour == Behaviour::Solid) drawRise(x, y, shape.form);
            }
        }
        m_painter.restore();
    }

    void fillHatching(Behaviour behaviour) {
        QPainterPath path;
        for (int y = m_shown.y; y < m_shown.bottom(); ++y) {
            for (int x = m_shown.x; x < m_shown.right(); ++x) {
                const Cell cell = m_scene.level->cells.at(x, y);
                if (cell.isOpen() || behaviourAt(x, y) != behaviour) continue;
                if (cell.form() != Form::Full) {
                    path.addPolygon(polygonAt(cell.form(), rectOf({x, y, 1, 1}).topLeft()));
                    continue;
                }
                int end = x + 1;
                while (end < m_shown.right() && behaviourAt(end, y) == behaviour &&
                       m_scene.level->cells.at(end, y).form() == Form::Full &&
                       !m_scene.level->cells.at(end, y).isOpen())
                    ++end;
                path.addRect(rectOf({x, y, end - x, 1}));
                x = end - 1;
            }
        }
        if (path.isEmpty()) return;
        path.setFillRule(Qt::WindingFill);
        QBrush brush(hatchingOf(behaviour, m_theme));
        m_painter.fillPath(path, brush);
    }

    void drawBorder(Behaviour behaviour, const QPen& pen, bool goesOn) {
        m_painter.setPen(pen);
        QList<QLineF> lines;
        for (const auto& line : collide::joinedLines(
                 collide::borderLines(m_frame, m_cells, m_shown, {behaviour, goesOn})))
            lines << QLineF(pointOf(line.from), pointOf(line.to));
        m_painter.drawLines(lines);
    }

    /// A double top line with short ticks hanging below it.
    void drawOneWay(int x, int y, Form form) {
        const bool isCovered = y > 0 && behaviourAt(x, y - 1) == Behaviour::OneWay &&
                               form != Form::LowerHalf &&
                               m_cells.at(x, y - 1).form != Form::UpperHalf;
        const QRectF rect = rectOf({x, y, 1, 1});
        const double top = rect.top() + (form == Form::LowerHalf ? rect.height() / 2 : 0);
        // Flat ends, so that the lines of neighbours meet without a dot.
        m_painter.setPen(QPen(m_theme.ink, 1.5, Qt::SolidLine, Qt::FlatCap));
        if (!isCovered) {
            m_painter.drawLine(QPointF(rect.left(), top + 1), QPointF(rect.right(), top + 1));
            m_painter.setPen(QPen(m_theme.ink, 1, Qt::SolidLine, Qt::FlatCap));
            m_painter.drawLine(QPointF(rect.left(), top + 4), QPointF(rect.right(), top + 4));
        }
        m_painter.setPen(QPen(m_theme.ink, 1));
        const double length = std::min(rect.height() * 0.3, 7.0);
        for (const double at : {0.25, 0.75}) {
            const double px = rect.left() + rect.width() * at;
            m_painter.drawLine(QPointF(px, top + 4), QPointF(px, top + 4 + length));
        }
    }

    void drawLadder(int x, int y) {
        const QRectF rect = rectOf({x, y, 1, 1});
        m_painter.setPen(QPen(m_theme.ink, 1.2));
        const double left = rect.left() + rect.width() * 0.22;
        const double right = rect.right() - rect.width() * 0.22;
        m_painter.drawLine(QPointF(left, rect.top()), QPointF(left, rect.bottom()));
        m_painter.drawLine(QPointF(right, rect.top()), QPointF(right, rect.bottom()));
        for (const double at : {0.25, 0.75}) {
            const double py = rect.top() + rect.height() * at;
            m_painter.drawLine(QPointF(left, py), QPointF(right, py));
        }
    }

    void drawSurface(int x, int y) {
        if (y > 0 && behaviourAt(x, y - 1) == Behaviour::Liquid) return;
        const QRectF rect = rectOf({x, y, 1, 1});
        const double swing = std::min(rect.height() * 0.14, 3.0);
        QPainterPath wave(rect.topLeft());
        const double half = rect.width() / 2;
        wave.quadTo(rect.left() + half / 2, rect.top() - swing, rect.left() + half, rect.top());
        wave.quadTo(rect.left() + 1.5 * half, rect.top() + swing, rect.right(), rect.top());
        m_painter.setPen(QPen(m_theme.ink, 1.8));
        m_painter.drawPath(wave);
    }

    /// The rise of a slope as a fraction, once a slope.
    void drawRise(int x, int y, Form form) {
        if (!collide::isSlope(form) || m_cellWidth < 16 || m_isFromAbove) return;
        const bool isHalf = form >= Form::RiseRight1Of2 && form <= Form::RiseLeft2Of2;
        if (form == Form::RiseRight2Of2 || form == Form::RiseLeft2Of2) return;
        const QRectF rect = rectOf({x, y, 1, 1});
        const bool isHanging = form == Form::HangLeft || form == Form::HangRight;
        m_painter.setPen(m_theme.quietInk);
        m_painter.setFont(sizedFont(-3));
        m_painter.drawText(
            rect.translated(0, isHanging ? rect.height() * 0.6 : -rect.height() * 0.6),
            Qt::AlignCenter, isHalf ? QStringLiteral("1/2") : QStringLiteral("1/1"));
    }

    QPainter& m_painter;
    const MatterScene& m_scene;
    const Theme& m_theme;
    QRect m_target;
    QPointF m_origin;
    double m_cellWidth;
    double m_cellHeight;
    double m_scale;
    runtime::Frame m_frame;
    bool m_isFromAbove;  ///< nothing rises there
    level::LevelCells m_cells;
    CellRect m_shown;
    QRegion m_moving;
    std::vector<bool> m_isMoving;  ///< by cell of what is shown
    std::size_t m_cellIndex = 0;   ///< of the cell that is painted
    QList<QImage> m_images;        ///< of the project's sheets, in order
};

}  // namespace

void paintMatter(QPainter& painter, const MatterScene& scene, const QRect& target, QPointF origin,
                 double scale) {
    painter.save();
    painter.setClipRect(target);
    Painting(painter, scene, target, origin, scale).paint();
    painter.restore();
}

QRegion paintMoving(QPainter& painter, const MatterScene& scene, const QRect& target,
                    QPointF origin, double scale) {
    if (std::min(scene.level->cellSize.width, scene.level->cellSize.height) * scale < 6) return {};
    MatterScene moving = scene;
    moving.motion = TileMotion::Moving;
    moving.showsGuesses = false;
    painter.save();
    painter.setClipRect(target, Qt::IntersectClip);
    Painting painting(painter, moving, target, origin, scale);
    const QRegion region = painting.paintArtAlone();
    painter.restore();
    return region;
}

void paintFrontLayers(QPainter& painter, const MatterScene& scene, const QRect& target,
                      QPointF origin, double scale) {
    if (std::min(scene.level->cellSize.width, scene.level->cellSize.height) * scale <
        smallestDressedCell)
        return;
    MatterScene front = scene;
    front.part = LayerPart::FrontAlone;
    front.motion = TileMotion::All;
    painter.save();
    painter.setClipRect(target, Qt::IntersectClip);
    Painting painting(painter, front, target, origin, scale);
    (void)painting.paintArtAlone();
    painter.restore();
}

bool hasMovingTiles(const level::Project& project) {
    return std::any_of(project.sheets.begin(), project.sheets.end(),
                       [](const level::Sheet& sheet) { return !sheet.animations.empty(); });
}

long long frameStamp(const level::Project& project, long long tick) {
    long long stamp = 0;
    for (const level::Sheet& sheet : project.sheets)
        for (const level::TileAnimation& animation : sheet.animations)
            stamp += tick / animation.ticks;
    return stamp;
}

}  // namespace rook::app
