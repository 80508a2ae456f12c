#include "app/painting/entity_painter.h"
#include "app/painting/entity_order.h"
#include "app/ui/words.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <string_view>
#include <unordered_map>

#include "game/flow.h"
#include "level/listed.h"

namespace rook::app {

namespace {

using level::Role;

QColor roleToneOf(Role role, const Theme& theme) {
    switch (role) {
        case Role::Exit:
        case Role::Checkpoint:
            return theme.accent;
        case Role::Pickup:
        case Role::Key:
            return theme.caution;
        case Role::Hazard:
        case Role::Foe:
        case Role::Thrower:
            return theme.alarm;
        case Role::Mover:
        case Role::Switch:
        case Role::Trigger:
        case Role::TurnMark:
            return theme.plum;
        case Role::Spawn:
        case Role::Entry:
        case Role::Door:
        case Role::Spring:
        case Role::Formation:
        case Role::Prop:
        case Role::Counter:
            return theme.ink;
    }
    return theme.ink;
}

void paintSpawnFlag(QPainter& painter, const QRectF& r, bool pointsLeft) {
    const double x = pointsLeft ? r.right() - r.width() * 0.2 : r.left() + r.width() * 0.2;
    const double reach = (pointsLeft ? -1 : 1) * r.width() * 0.75;
    painter.drawLine(QPointF(x, r.top()), QPointF(x, r.bottom()));
    QPainterPath flag(QPointF(x, r.top()));
    flag.lineTo(x + reach, r.top());
    flag.lineTo(x + reach * 0.65, r.top() + r.height() * 0.2);
    flag.lineTo(x + reach, r.top() + r.height() * 0.4);
    flag.lineTo(x, r.top() + r.height() * 0.4);
    painter.fillPath(flag, painter.pen().color());
    // The facing tick at the foot.
    painter.drawLine(QPointF(x, r.bottom()), QPointF(x + reach * 0.5, r.bottom()));
}

/// A mouth, and what comes out of it.
void paintMouth(QPainter& painter, QPointF middle, double half) {
    painter.drawArc(QRectF(middle - QPointF(half, half), QSizeF(2 * half, 2 * half)), 40 * 16,
                    280 * 16);
    painter.setBrush(painter.pen().color());
    painter.drawEllipse(middle + QPointF(half, 0), half * 0.3, half * 0.3);
    painter.setBrush(Qt::NoBrush);
}

/// A bar that is come to and left again.
void paintTurn(QPainter& painter, const QRectF& r, double reach) {
    const QPointF middle = r.center();
    painter.drawLine(QPointF(middle.x(), r.top()), QPointF(middle.x(), r.bottom()));
    for (const double side : {-reach, reach})
        painter.drawPolyline(QPolygonF{{middle.x() + side, middle.y() - reach / 2},
                                       {middle.x() + side / 3, middle.y()},
                                       {middle.x() + side, middle.y() + reach / 2}});
}

void paintGate(QPainter& painter, const QRectF& r) {
    painter.drawLine(r.bottomLeft(), r.topLeft());
    painter.drawLine(r.topLeft(), r.topRight());
    painter.drawLine(r.topRight(), r.bottomRight());
    const double y = r.center().y();
    const double half = std::min(r.width() * 0.36, 9.0);
    const QPointF tip(r.center().x() + half, y);
    painter.drawLine(QPointF(r.center().x() - half, y), tip);
    painter.drawLine(tip, tip + QPointF(-half * 0.7, -half * 0.7));
    painter.drawLine(tip, tip + QPointF(-half * 0.7, half * 0.7));
}

QString flagText(const MatterScene& scene, const level::Entity& entity, const EntityLook& look) {
    if (scene.project->roleOf(entity) == Role::Exit && (look.showsTargets || look.showsNames)) {
        using Sort = game::Destination::Sort;
        const auto to = game::destinationOf(*scene.project, *scene.level, entity.to);
        if (to.sort == Sort::End) return tr("to the end");
        if (to.sort == Sort::Nowhere) return tr("to nowhere");
        return (entity.to.onward == level::Onward::Next ? tr("on to %1") : tr("to %1"))
            .arg(QString::fromStdString(scene.project->findLevel(to.level)->title));
    }
    return look.showsNames ? QString::fromStdString(entity.id.text) : QString();
}

void paintFlagText(QPainter& painter, const QRectF& box, const QString& text, const QRect& area,
                   const Theme& theme) {
    painter.setFont(sizedFont(-2));
    const QRectF size = painter.fontMetrics().boundingRect(text);
    QRectF flag(0, 0, size.width() + 8, size.height() + 1);
    flag.moveCenter({box.center().x(), box.top() - flag.height() / 2 - 4});
    // An entity that is seen keeps its words on the board.
    if (box.intersects(area))
        flag.moveLeft(std::clamp(flag.left(), 2.0, std::max(2.0, area.right() - flag.width() - 2)));
    QColor ground = theme.paper;
    ground.setAlphaF(0.85f);
    painter.fillRect(flag, ground);
    painter.setPen(theme.ink);
    painter.drawText(flag, Qt::AlignCenter, text);
}

/// What rules strew: seen as the game will, never chosen.
void paintProps(QPainter& painter, const MatterScene& scene, const View& view,
                const EntityLook& look, const QRect& area) {
    painter.setOpacity(look.opacity);
    for (const level::Entity& prop : scene.strewn->props) {
        const QRectF box = view.toWidget(prop.box);
        const level::Kind* kind = scene.project->findKind(prop.kind);
        if (!kind || !box.intersects(area) || paintSprite(painter, scene, *kind, box)) continue;
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(roleToneOf(kind->role, currentTheme()), 1.6));
        paintRoleMark(painter, kind->role, box, prop.facing);
    }
    painter.setOpacity(1);
}

constexpr double smallestMark = 4;  // widget px
/// Of more that are selected and seen from afar, none has a frame of its own.
constexpr std::size_t mostFramed = 500;

/// How a door shuts again: an arrow the one way, a dial for a time.
void paintDoorManner(QPainter& painter, const QRectF& box, const level::DoorWay& way,
                     const Theme& theme) {
    if (way.manner == level::DoorManner::ForGood) return;
    constexpr double radius = 7;
    const QPointF middle = box.center();
    QColor ground = theme.paper;
    ground.setAlphaF(0.9f);
    painter.setPen(QPen(theme.ink, 1.4));
    painter.setBrush(ground);
    painter.drawEllipse(middle, radius, radius);
    if (way.manner == level::DoorManner::ForATime) {
        painter.drawLine(middle, middle - QPointF(0, radius * 0.65));
        painter.drawLine(middle, middle + QPointF(radius * 0.5, 0));
        return;
    }
    const PxPoint to = level::directionOf(way.passes);
    const QPointF ahead(to.x * radius * 0.6, to.y * radius * 0.6);
    const QPointF aside(ahead.y() * 0.7, -ahead.x() * 0.7);
    painter.drawLine(middle - ahead, middle + ahead);
    painter.drawPolyline(QPolygonF{middle + aside, middle + ahead, middle - aside});
}

/// One entity, with its sprite or its mark and the words that it wears.
void paintEntity(QPainter& painter, const MatterScene& scene, const View& view,
                 const EntityLook& look, const level::Entity& entity, const level::Kind* kind,
                 const QRect& area) {
    const Theme& theme = currentTheme();
    const QRectF box = view.toWidget(entity.box);
    const Role role = kind ? kind->role : Role::Prop;
    painter.setOpacity(look.opacity);
    const bool isElsewhere = scene.isClear && entity.look.order != level::DrawOrder::AmongCast;
    const bool hasSprite =
        look.showsSprites && kind && box.width() >= 10 &&
        (isElsewhere || paintSprite(painter, scene, *kind, box, false, entity.look));
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(roleToneOf(role, theme), 1.6));
    // Over a sprite the mark is small, at the upper right corner; else it is the entity.
    if (hasSprite && look.showsMarks)
        paintRoleMark(painter, role, QRectF(box.right() - 3, box.top() - 9, 9, 9), entity.facing);
    else if (!hasSprite)
        paintRoleMark(painter, role, box, entity.facing);
    if (role == Role::Door && view.scale() >= 0.35 && (!hasSprite || look.showsMarks))
        paintDoorManner(painter, box, entity.data.door, theme);
    const QString text = flagText(scene, entity, look);
    const double leastScale = role == Role::Exit ? 0.25 : 0.6;  // names of all would crowd
    if (!text.isEmpty() && view.scale() >= leastScale && (!hasSprite || look.showsMarks))
        paintFlagText(painter, box, text, area, theme);
    painter.setOpacity(1);
}

}  // namespace

bool paintSprite(QPainter& painter, const MatterScene& scene, const level::Kind& kind,
                 const QRectF& box, bool isMirrored, const level::Appearance& look) {
    const bool isOwn = !look.sheet.empty();
    const std::string& sheetName = isOwn ? look.sheet : kind.sheet;
    const int tile = isOwn ? look.tile : kind.tile;
    const CellSize tiles = isOwn ? look.tiles : kind.spriteTiles;
    const level::Sheet* sheet = scene.project->findSheet(sheetName);
    if (!sheet || tile == 0 || !scene.sheets) return false;
    const QImage image = scene.sheets->value(QString::fromStdString(sheetName));
    if (image.isNull()) return false;
    painter.save();
    const int across = (isMirrored != look.isMirrored ? -1 : 1) * look.scale;
    const int down = (look.isUpsideDown ? -1 : 1) * look.scale;
    if (across != 1 || down != 1 || look.quarterTurns != 0) {
        painter.translate(box.center());
        painter.rotate(90 * look.quarterTurns);
        painter.scale(across, down);
        painter.translate(-box.center());
    }
    const level::TileAnimation* animation = sheet->animationOf(tile - 1);
    const int number = animation ? animation->frameAt(scene.tick) : tile - 1;
    QRect source = sourceOf(*sheet, number);
    source.setSize({source.width() * tiles.width, source.height() * tiles.height});
    QRectF target = box;
    if (kind.sprite && !isOwn) {
        const double scale = box.width() / kind.width;
        target = QRectF(box.topLeft() + QPointF(kind.sprite->x, kind.sprite->y) * scale,
                        QSizeF(kind.sprite->width, kind.sprite->height) * scale);
    }
    // What is much longer than its picture, as a door, repeats it down or across.
    constexpr double muchLonger = 2.2;
    const double ratio = double(source.width()) / source.height();
    const bool isLonger = box.height() * ratio > muchLonger * box.width();
    const bool isWider = box.width() > muchLonger * box.height() * ratio;
    if ((kind.sprite && !isOwn) || (!isLonger && !isWider)) {
        painter.drawImage(target, image, source);
    } else {
        painter.setClipRect(box, Qt::IntersectClip);
        const double width = isLonger ? box.width() : box.height() * ratio;
        const double height = isLonger ? box.width() / ratio : box.height();
        for (double y = box.top(); y < box.bottom(); y += height)
            for (double x = box.left(); x < box.right(); x += width)
                painter.drawImage(QRectF(x, y, width, height), image, source);
    }
    painter.restore();
    return true;
}

void paintRoleMark(QPainter& painter, Role role, const QRectF& r, level::Facing facing) {
    const QColor color = painter.pen().color();
    const QPointF middle = r.center();
    const double size = std::min(r.width(), r.height());
    switch (role) {
        case Role::Spawn:
        case Role::Entry:
            paintSpawnFlag(painter, r, facing == level::Facing::Left);
            return;
        case Role::Exit:
            paintGate(painter, r);
            return;
        case Role::Checkpoint: {
            const double radius = std::clamp(size * 0.45, 3.0, 8.0);
            painter.drawLine(QPointF(middle.x(), r.bottom()),
                             QPointF(middle.x(), r.top() + 2 * radius));
            painter.drawEllipse(QPointF(middle.x(), r.top() + radius), radius, radius);
            return;
        }
        case Role::Pickup: {
            const double half = std::clamp(size * 0.3, 2.5, 8.0);
            painter.fillRect(QRectF(middle.x() - half, middle.y() - half, 2 * half, 2 * half),
                             color);
            return;
        }
        case Role::Key:
            painter.drawEllipse(middle, size * 0.4, size * 0.4);
            return;
        case Role::Door:
            painter.drawRect(r);
            for (const double at : {0.33, 0.67})
                painter.drawLine(QPointF(r.left() + r.width() * at, r.top()),
                                 QPointF(r.left() + r.width() * at, r.bottom()));
            return;
        case Role::Hazard:
            painter.drawPolygon(QPolygonF{{middle.x(), r.top()},
                                          {r.right(), middle.y()},
                                          {middle.x(), r.bottom()},
                                          {r.left(), middle.y()}});
            return;
        case Role::Foe:
            painter.drawPolyline(QPolygonF{r.bottomLeft(), {middle.x(), r.top()}, r.bottomRight()});
            return;
        case Role::Mover:
        case Role::Trigger: {
            QPen pen = painter.pen();
            pen.setStyle(role == Role::Mover ? Qt::DashLine : Qt::DotLine);
            painter.setPen(pen);
            painter.drawRect(r);
            return;
        }
        case Role::Spring:
            painter.drawPolyline(QPolygonF{r.bottomLeft(),
                                           {r.right(), middle.y() + size * 0.25},
                                           {r.left(), middle.y()},
                                           {r.right(), middle.y() - size * 0.25},
                                           r.topLeft()});
            return;
        case Role::Thrower:
            return paintMouth(painter, middle, std::clamp(size * 0.4, 3.0, 10.0));
        case Role::TurnMark:
            return paintTurn(painter, r, std::clamp(size * 0.35, 3.0, 10.0));
        case Role::Switch:
        case Role::Formation:
        case Role::Prop:
            painter.drawRect(r);
            return;
        case Role::Counter:
            painter.drawEllipse(r);
            return;
    }
}

void paintInOrder(QPainter& painter, const MatterScene& scene, const View& view,
                  const EntityLook& look, level::DrawOrder order, const QRect& area) {
    if (!scene.places || !look.showsSprites || scene.places->arePlain()) return;
    painter.save();
    painter.setOpacity(look.opacity);
    const QRectF seen = QRectF(area).adjusted(-80, -30, 80, 30);
    forEachInOrder(*scene.places, view.toLevelRect(seen), [&](const level::Entity& entity) {
        if (entity.look.order != order || (look.isLeftOut && look.isLeftOut(entity))) return;
        if (const level::Kind* kind = scene.project->findKind(entity.kind))
            paintSprite(painter, scene, *kind, view.toWidget(entity.box), false, entity.look);
    });
    painter.restore();
}

void paintEntities(QPainter& painter, const MatterScene& scene, const View& view,
                   const EntityLook& look, const Selection& selection, const QRect& area) {
    const Theme& theme = currentTheme();
    const level::Listed selected(selection.entities);
    const bool isCrowdSelected = selection.entities.size() > mostFramed;
    const QPointF selectedBy = QPointF(look.selectedBy.x, look.selectedBy.y) * view.scale();
    std::unordered_map<std::string_view, const level::Kind*> kinds;
    for (const level::Kind& kind : scene.project->kinds)
        kinds.emplace(kind.id.text, &kind);
    QImage dots;  // made when there is one
    const auto dot = [&](QPointF at, Role role, bool isSelected) {
        if (dots.isNull()) {
            dots = QImage(area.size(), QImage::Format_ARGB32_Premultiplied);
            dots.fill(Qt::transparent);
        }
        const QRgb tone = (isSelected ? theme.accent : roleToneOf(role, theme)).rgb();
        const QPoint middle = at.toPoint() - area.topLeft();
        const QRect place = QRect(middle - QPoint(1, 1), QSize(3, 3)).intersected(dots.rect());
        for (int y = place.top(); y <= place.bottom(); ++y) {
            auto* line = reinterpret_cast<QRgb*>(dots.scanLine(y));
            std::fill(line + place.left(), line + place.right() + 1, tone);
        }
    };
    const level::Kind* kind = nullptr;  // of the entity before: mostly the same
    const QRectF seen = QRectF(area).adjusted(-80, -30, 80, 30);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto paint = [&](const level::Entity& entity) {
        QRectF box = view.toWidget(entity.box);
        const bool isSelected = !selection.entities.empty() && selected.has(entity.id);
        if (isSelected) box.translate(selectedBy);
        if (!box.intersects(seen)) return;
        if (look.isLeftOut && look.isLeftOut(entity)) return;
        if (!kind || kind->id != entity.kind) {
            const auto found = kinds.find(entity.kind.text);
            kind = found == kinds.end() ? nullptr : found->second;
        }
        const Role role = kind ? kind->role : Role::Prop;
        // Of a crowd seen from afar, each is a dot.
        if (std::max(box.width(), box.height()) < smallestMark &&
            (!isSelected || isCrowdSelected)) {
            dot(box.center(), role, isSelected);
            return;
        }
        if (isSelected) painter.translate(selectedBy);
        paintEntity(painter, scene, view, look, entity, kind, area);
        if (isSelected) painter.translate(-selectedBy);
        if (!isSelected) return;
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(theme.accent, 2));
        painter.drawRoundedRect(box.adjusted(-3, -3, 3, 3), 3, 3);
    };
    const auto paintNear = [&](const level::EntityPlaces& places) {
        // What is shown farther on may come from beside it.
        forEachInOrder(places, view.toLevelRect(seen.united(seen.translated(-selectedBy))), paint);
    };
    if (scene.places) {
        paintNear(*scene.places);
    } else {
        level::EntityPlaces places;
        places.follow(scene.level->entities);
        paintNear(places);
    }
    painter.setOpacity(look.opacity);
    if (!dots.isNull()) painter.drawImage(area.topLeft(), dots);
    painter.setOpacity(1);
    if (scene.strewn && look.showsSprites) paintProps(painter, scene, view, look, area);
    painter.restore();
}

QRegion movingSprites(const MatterScene& scene, const View& view, const QRect& area) {
    QRegion region;
    for (const level::Entity& entity : scene.level->entities) {
        const level::Kind* kind = scene.project->findKind(entity.kind);
        const bool isOwn = !entity.look.sheet.empty();
        const level::Sheet* sheet =
            kind ? scene.project->findSheet(isOwn ? entity.look.sheet : kind->sheet) : nullptr;
        const int tile = isOwn ? entity.look.tile : kind ? kind->tile : 0;
        if (!sheet || tile == 0 || !sheet->animationOf(tile - 1)) continue;
        const QRect box = view.toWidget(entity.box).toAlignedRect();
        if (box.intersects(area)) region += box;
    }
    return region;
}

std::vector<const level::Entity*> entitiesAt(const level::EntityPlaces& places, QPointF levelPx,
                                             double scale) {
    std::vector<const level::Entity*> found;
    const double slack = 6 / scale;
    const int around = int(std::ceil(slack)) + 1;
    const PxRect near =
        PxRect{int(std::floor(levelPx.x())), int(std::floor(levelPx.y())), 1, 1}.grown(around);
    forEachInOrder(places, near, [&](const level::Entity& entity) {
        const QRectF box(entity.box.x, entity.box.y, entity.box.width, entity.box.height);
        const QRectF handle(box.center() - QPointF(slack, slack), QSizeF(2 * slack, 2 * slack));
        if (box.united(handle).contains(levelPx)) found.push_back(&entity);
    });
    std::reverse(found.begin(), found.end());
    return found;
}

const level::Entity* entityAt(const level::EntityPlaces& places, QPointF levelPx, double scale) {
    const auto found = entitiesAt(places, levelPx, scale);
    return found.empty() ? nullptr : found.front();
}

}  // namespace rook::app
