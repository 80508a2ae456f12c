#include <QElapsedTimer>
#include <QPaintEvent>
#include <QPainter>
#include <QPainterPath>
#include <QtMath>

#include "app/board.h"
#include "app/entity_painter.h"
#include "app/sketch_painter.h"

namespace rook::app {

namespace {

constexpr int paintBudgetMs = 6;  // of the 8 ms that the interface thread may be held

/// What the player is: the kind of the first spawn.
const level::Kind* playerKind(const MatterScene& scene) {
    for (const level::Entity& entity : scene.level->entities)
        if (scene.project->roleOf(entity) == level::Role::Spawn)
            return scene.project->findKind(entity.kind);
    return nullptr;
}

}  // namespace

MatterScene Board::scene() const {
    // From Skin one walks through the level as the game will look.
    const bool isDrawn = isWalking() && m_session.step() != Step::Skin;
    const BoardLook look = isDrawn ? BoardLook{0.25, 0.75, 0} : lookOf(m_session.step());
    MatterScene shown{&m_session.project(), m_session.level().get(), &m_sheets, look};
    m_lessons = m_session.lessons();
    shown.lessons = m_lessons.get();
    shown.isClear = look.art >= 1;
    const auto proven = m_session.proven(m_session.level()->id);
    m_strewn = proven ? proven->strewn : nullptr;
    shown.strewn = m_strewn.get();
    if (isWalking() && shown.isClear) {
        shown.part = LayerPart::ButFront;
        shown.layerShares = m_layerShares;
    }
    if (shown.isClear && hasMovingTiles(m_session.project())) shown.motion = TileMotion::Still;
    shown.tick = isWalking() ? m_walk->ticks() : m_motionTick;
    shown.places = &places();
    shown.showsGuesses =
        m_session.step() == Step::Skin && !isWalking() && m_session.options().showsGuesses;
    return shown;
}

void Board::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const MatterScene shown = scene();
    if (shown.isClear) {
        painter.fillRect(rect(), currentTheme().window);
        painter.fillRect(m_view.toWidget(m_session.level()->boundsPx()),
                         QColor(QString::fromStdString(m_session.level()->background)));
        paintBackdrop(painter, shown, m_view, size(), false);
    }
    QElapsedTimer timer;
    timer.start();
    if (isKit()) {
        paintKit(painter, paintBudgetMs);
    } else {
        m_isComplete = m_images.paint(
            painter,
            [&shown](QPainter& tile, const QRect& target, QPointF origin, double scale) {
                paintMatter(tile, shown, target, origin, scale);
            },
            m_view, rect(), devicePixelRatioF(), paintBudgetMs,
            shown.isClear ? QColor() : currentTheme().paper);
        paintMotion(painter, shown);
    }
    if (shown.isClear) paintBackdrop(painter, shown, m_view, size(), true);
    const QRectF board = m_view.toWidget(m_session.level()->boundsPx());
    painter.setPen(QPen(currentTheme().rule(), 1));
    painter.drawRect(board.adjusted(-0.5, -0.5, 0.5, 0.5));
    if (isKit() && m_session.step() == Step::Prove) paintKitReach(painter);
    if (m_session.step() == Step::Prove && !isWalking() && !isKit()) paintReach(painter);
    if (!isWalking()) paintSketch(painter, paintBudgetMs - double(timer.nsecsElapsed()) / 1e6);
    EntityLook look = entityLookOf(m_session.step());
    if (isWalking()) {
        const bool asInGame = m_session.step() == Step::Skin;
        look = {1, asInGame, false, !asInGame, !asInGame, [this, asInGame](const level::Entity& e) {
                    return m_walk->isTaken(e.id.text) || m_walk->goes(e.id) ||
                           (asInGame && m_session.project().roleOf(e) == level::Role::Spawn);
                }};
    }
    if (isKit())
        look.isLeftOut = [this](const level::Entity& e) {
            return e.storey != m_session.options().storey ||
                   (m_kitWalk && m_kitWalk->isTaken(e.id.text));
        };
    if (m_gestureButton != Qt::NoButton) look.selectedBy = m_tool->preview().selectedBy;
    paintEntities(painter, shown, m_view, look, m_session.selection(), rect());
    paintWalk(painter, shown);
    if (isKit() && m_session.step() == Step::Shape && !isKitWalking()) paintKitHand(painter);
    paintKitWalk(painter);
    if (shown.part == LayerPart::ButFront)
        paintFrontLayers(painter, shown, rect(), m_view.offset(), m_view.scale());
    if (!isWalking()) {
        if (m_session.step() == Step::Prove) {
            paintRun(painter);
            paintFindings(painter);
            if (m_jumpLine) paintRuler(painter);
        }
        if (m_session.step() == Step::Cast) paintCast(painter);
        if (m_session.step() == Step::Ship) paintZones(painter);
        paintSelection(painter);
        if (m_session.step() == Step::Skin && m_session.isOnSwatch()) paintMotifs(painter);
        if (m_session.step() == Step::Skin && m_session.options().showsLook) paintLook(painter);
        if (const auto& strewn = m_session.options().scatterPreview;
            strewn && m_session.step() == Step::Skin)
            paintCells(painter, *strewn, currentTheme().accent, 0.35f,
                       QPen(currentTheme().accent, 1));
        if (m_session.step() == Step::Shape && !isKit()) {
            paintShapes(painter);
            paintGuides(painter);
            paintProposal(painter);
            paintJumps(painter);
        }
        paintPreview(painter);
    }
    if (!m_isComplete) QTimer::singleShot(0, this, qOverload<>(&QWidget::update));
}

/// The outlines of what is solid, and cells that look otherwise than they are.
void Board::paintLook(QPainter& painter) {
    const auto proven = m_session.proven(m_session.level()->id);
    if (!proven) return;
    const Theme& theme = currentTheme();
    painter.setBrush(Qt::NoBrush);
    if (proven->shapes) {
        for (const double width : {3.5, 1.5}) {
            painter.setPen(QPen(width > 2 ? theme.paper : theme.accent, width));
            for (const collide::Outline& outline : proven->shapes->outlines) {
                QPolygonF line;
                for (const PxPoint p : outline.points)
                    line << m_view.toWidget(p);
                painter.drawPolygon(line);
            }
        }
    }
    if (!proven->look) return;
    const CellRect seen = cellsInSight();
    const auto hatch = [&](const BitMap& map, const QColor& tone, Qt::BrushStyle pattern) {
        for (int y = seen.y; y < seen.bottom(); ++y)
            for (int x = seen.x; x < seen.right(); ++x) {
                if (!map.test(x, y)) continue;
                const QRectF box =
                    m_view.toWidget(toPx(CellRect{x, y, 1, 1}, m_session.level()->cellSize));
                painter.fillRect(box, theme.paper);
                painter.fillRect(box, QBrush(tone, pattern));
                painter.setPen(QPen(tone, 1.5));
                painter.drawRect(box);
            }
    };
    hatch(proven->look->looksSolid, theme.caution, Qt::BDiagPattern);
    hatch(proven->look->looksOpen, theme.alarm, Qt::DiagCrossPattern);
}

/// What moves is painted over what does not, each time; only where it is, when its time has come.
void Board::paintMotion(QPainter& painter, const MatterScene& shown) {
    m_moving = shown.motion == TileMotion::Still
                   ? paintMoving(painter, shown, rect(), m_view.offset(), m_view.scale())
                   : QRegion();
    if (shown.motion == TileMotion::Still) m_moving += movingSprites(shown, m_view, rect());
    if (m_moving.isEmpty())
        m_motionTimer.stop();
    else if (!m_motionTimer.isActive())
        m_motionTimer.start();
}

void Board::advanceMotion() {
    const long long before = frameStamp(m_session.project(), m_motionTick);
    m_motionTick = m_motionClock.elapsed() * 60 / 1000;
    if (frameStamp(m_session.project(), m_motionTick) != before) update(m_moving);
}

QImage reachWash(const ProvenLevel& proven, const BitMap& map, const View& view, QSize size,
                 const QColor& color) {
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    const QRgb tone = qPremultiply(color.rgba());
    const int left = proven.answer.reached.left;
    const int top = proven.answer.reached.top;
    std::vector<int> columns(static_cast<std::size_t>(size.width()));
    for (int x = 0; x < size.width(); ++x) {
        const int px = qFloor((x + 0.5 + view.offset().x()) / view.scale()) + left;
        columns[static_cast<std::size_t>(x)] = px >= 0 && px < map.width() ? px : -1;
    }
    for (int y = 0; y < size.height(); ++y) {
        const int row = qFloor((y + 0.5 + view.offset().y()) / view.scale()) + top;
        if (row < 0 || row >= map.height()) continue;
        const BitMap::Word* words = map.row(row);
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
        for (int x = 0; x < size.width(); ++x) {
            const int px = columns[static_cast<std::size_t>(x)];
            if (px >= 0 && ((words[px / 64] >> (px % 64)) & 1u)) line[x] = tone;
        }
    }
    return image;
}

/// Cells that are laid together, and those that were taken last and may become a motif.
void Board::paintMotifs(QPainter& painter) {
    const Theme& theme = currentTheme();
    const level::Level& swatch = *m_session.level();
    painter.setBrush(Qt::NoBrush);
    const auto frame = [&](const CellRect& cells, const QPen& pen) {
        painter.setPen(QPen(theme.paper, pen.widthF() + 2));
        const QRectF box = m_view.toWidget(toPx(cells, swatch.cellSize));
        painter.drawRect(box);
        painter.setPen(pen);
        painter.drawRect(box);
    };
    for (const CellRect& motif : swatch.motifs)
        frame(motif, QPen(theme.plum, 2));
    const auto& taken = m_session.options().tilesFrom;
    if (taken && taken->first == swatch.id && taken->second.area() > 1)
        frame(taken->second, QPen(theme.accent, 1.5, Qt::DashLine));
}

void Board::paintFindings(QPainter& painter) {
    const auto proven = m_session.proven(m_session.level()->id);
    if (!proven) return;
    const Theme& theme = currentTheme();
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(sizedFont(-2, QFont::DemiBold));
    QList<QPointF> taken;
    for (std::size_t i = 0; i < proven->findings.size(); ++i) {
        const check::Finding& finding = proven->findings[i];
        const bool isElsewhere =
            isKit() && finding.storey >= 0 && finding.storey != m_session.options().storey;
        if (finding.place.isEmpty() || isElsewhere) continue;
        const QRectF box = m_view.toWidget(finding.place);
        // Pins that are close stand side by side. Above the box, and above the words that an exit
        // wears there.
        const level::Entity* entity = findEntity(*m_session.level(), finding.entity);
        const bool isExit = entity && m_session.project().roleOf(*entity) == level::Role::Exit;
        QPointF middle = box.center() - QPointF(0, box.height() / 2 + (isExit ? 36 : 14));
        const auto isTaken = [&middle](QPointF other) {
            return QLineF(middle, other).length() < 22;
        };
        while (std::any_of(taken.begin(), taken.end(), isTaken))
            middle += QPointF(6, 0);
        taken << middle;
        const QColor tone =
            finding.severity == check::Severity::Error ? theme.alarm : theme.caution;
        painter.setBrush(theme.paper);
        painter.setPen(QPen(tone, 2));
        painter.drawEllipse(middle, 10, 10);
        painter.setPen(tone);
        painter.drawText(QRectF(middle - QPointF(10, 10), QSizeF(20, 20)), Qt::AlignCenter,
                         QString::number(i + 1));
    }
    painter.restore();
}

void Board::paintPreview(QPainter& painter) {
    if (!m_hasPointer && m_gestureButton == Qt::NoButton) return;
    const ToolPreview& preview = m_tool->preview();
    const Theme& theme = currentTheme();
    const CellSize cell = m_session.level()->cellSize;
    const QColor tone = preview.isErasing ? theme.alarm : theme.accent;
    paintCells(painter, preview.region, tone, 0.22f, QPen(tone, 1.5));
    QColor wash = tone;
    wash.setAlphaF(0.22f);
    painter.setPen(QPen(tone, 1.5));
    painter.setBrush(Qt::NoBrush);
    if (!preview.loop.empty()) {
        QPolygonF loop;
        for (const PxPoint point : preview.loop)
            loop << m_view.toWidget(point);
        painter.drawPolygon(loop);
    }
    if (preview.frame) painter.drawRect(m_view.toWidget(toPx(*preview.frame, cell)));
    if (preview.pxFrame) painter.drawRect(m_view.toWidget(*preview.pxFrame));
    if (preview.eraserPx > 0)
        painter.drawEllipse(m_pointer, preview.eraserPx * m_view.scale(),
                            preview.eraserPx * m_view.scale());
    if (preview.ruler) {
        const QPointF from = m_view.toWidget(preview.rulerFrom);
        const QPointF to = m_view.toWidget(*preview.ruler);
        painter.drawLine(from, to);
        painter.drawEllipse(from, 3, 3);
        painter.drawEllipse(to, 3, 3);
    }
    painter.setRenderHint(QPainter::Antialiasing);
    for (const level::Mark& mark : preview.marks)
        paintMark(painter, mark, rect(), m_view.offset(), m_view.scale());
    painter.setRenderHint(QPainter::Antialiasing, false);
    for (const PxRect& ghost : preview.ghosts) {
        painter.fillRect(m_view.toWidget(ghost), wash);
        painter.drawRect(m_view.toWidget(ghost));
    }
    if (preview.label.isEmpty()) return;
    paintFlag(painter, m_pointer + QPointF(16, -26), preview.label, tone);
}

void Board::paintFlag(QPainter& painter, QPointF corner, const QString& text, const QColor& tone) {
    painter.setFont(sizedFont(-2, QFont::DemiBold));
    const QRectF size = painter.fontMetrics().boundingRect(text);
    QRectF flag(corner, size.size() + QSizeF(10, 4));
    flag.moveLeft(std::clamp(flag.left(), 4.0, std::max(4.0, width() - flag.width() - 4)));
    flag.moveTop(std::clamp(flag.top(), 4.0, std::max(4.0, height() - flag.height() - 4)));
    QColor ground = currentTheme().paper;
    ground.setAlphaF(0.9f);
    painter.fillRect(flag, ground);
    painter.setPen(tone);
    painter.drawText(flag, Qt::AlignCenter, text);
}

void Board::paintBody(QPainter& painter, const MatterScene& scene) const {
    const Theme& theme = currentTheme();
    const runtime::Body& body = m_walk->body();
    const QRectF box = m_view.toWidget(
        PxRect{body.x, body.y, m_walk->tables().bodyWidth, m_walk->tables().bodyHeight});
    const level::Kind* kind = m_session.step() == Step::Skin ? playerKind(scene) : nullptr;
    if (kind) {
        // The sprite as large as where it is placed, standing where the body stands.
        QRectF sprite = m_view.toWidget(PxRect{0, 0, kind->width, kind->height});
        sprite.moveCenter(box.center());
        sprite.moveBottom(box.bottom());
        painter.setRenderHint(QPainter::Antialiasing, false);
        if (paintSprite(painter, scene, *kind, sprite, m_walk->facesLeft())) return;
    }
    painter.setPen(QPen(theme.ink, 1.5));
    painter.setBrush(theme.accent);
    painter.drawRoundedRect(box, 3, 3);
    const double eye = m_walk->facesLeft() ? 0.25 : 0.75;
    painter.setBrush(theme.paper);
    painter.drawEllipse(QPointF(box.left() + box.width() * eye, box.top() + box.height() * 0.25),
                        box.width() * 0.14, box.width() * 0.14);
}

void Board::paintWalk(QPainter& painter, const MatterScene& scene) {
    const Theme& theme = currentTheme();
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto drawTrail = [&](const std::vector<QPointF>& trail, double opacity) {
        QPolygonF line;
        for (const QPointF p : trail)
            line << m_view.toWidget(p);
        painter.setOpacity(opacity);
        painter.setPen(QPen(theme.plum, 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPolyline(line);
        painter.setOpacity(1);
    };
    // The run before the last death stays in sight, faintly.
    if (m_walk) drawTrail(m_walk->formerTrail(), 0.35);
    drawTrail(m_walk ? m_walk->trail() : m_lastTrail, 1);
    if (m_walk) {
        paintGoing(painter, scene);
        paintWalkThings(painter);
        paintBody(painter, scene);
    }
    painter.restore();
}

}  // namespace rook::app
