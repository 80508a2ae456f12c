#include "app/painting/puzzle_painter.h"

#include <QPainterPath>
#include <cmath>
#include <map>

#include "app/painting/entity_painter.h"
#include "app/painting/level_painter.h"

namespace rook::app {

using level::Arrangement;
using level::Slot;
using level::SlotState;

namespace {

QPointF seenPlaceOf(double x, double y, QPointF origin, double scale) {
    return QPointF(x, y) * scale - origin;
}

QRectF boxOnWidget(const PxRect& px, QPointF origin, double scale) {
    return {seenPlaceOf(px.x, px.y, origin, scale), QSizeF(px.width * scale, px.height * scale)};
}

/// Ink that can be read on that ground.
QColor inkOn(const QColor& ground) {
    return ground.lightnessF() > 0.55 ? QColor(QStringLiteral("#1b2427"))
                                      : QColor(QStringLiteral("#f6f4ee"));
}

QString initialOf(const std::string& title) {
    const QString text = QString::fromStdString(title);
    return text.isEmpty() ? QString() : text.left(1).toUpper();
}

const level::StackColor* colorNamed(const level::Project& project, const std::string& name) {
    for (const level::StackColor& color : project.stackColors)
        if (color.name == name) return &color;
    return nullptr;
}

/// `isAside`: the price stands beside the lock, else below it.
void paintLock(QPainter& painter, const QRectF& box, int price, bool isAside) {
    const Theme& theme = currentTheme();
    const double size = std::min(box.width(), box.height());
    const double middle = box.center().x() - (isAside ? size * 0.24 : 0);
    const QRectF body(middle - size * 0.17, box.center().y() - size * (isAside ? 0.02 : 0.18),
                      size * 0.34, size * 0.24);
    painter.setPen(QPen(theme.caution, std::max(1.0, size * 0.045)));
    painter.setBrush(Qt::NoBrush);
    painter.drawArc(QRectF(body.left() + body.width() * 0.2, body.top() - size * 0.15,
                           body.width() * 0.6, size * 0.3),
                    0, 180 * 16);
    painter.setBrush(theme.caution);
    painter.drawRoundedRect(body, 2, 2);
    if (size < 18) return;
    QFont font = sizedFont(0, QFont::DemiBold);
    font.setPixelSize(int(std::clamp(size * 0.26, 8.0, 26.0)));
    painter.setFont(font);
    painter.setPen(theme.ink);
    const QRectF below(box.left(), body.bottom(), box.width(), size * 0.34);
    const QRectF beside(body.right() + size * 0.08, body.top() - size * 0.06, size * 0.6,
                        size * 0.34);
    painter.drawText(isAside ? beside : below,
                     isAside ? Qt::AlignLeft | Qt::AlignVCenter : Qt::AlignCenter,
                     QString::number(price));
}

void paintMarks(QPainter& painter, const std::vector<std::string>& marks, const QRectF& box) {
    const Theme& theme = currentTheme();
    const double size = std::clamp(std::min(box.width(), box.height()) * 0.13, 2.5, 9.0);
    QPointF at(box.center().x() - (double(marks.size()) - 1) * size * 1.4,
               box.top() + box.height() * 0.2);
    for (const std::string& mark : marks) {
        painter.setPen(QPen(theme.plum, 1.2));
        painter.setBrush(theme.paper);
        painter.drawPolygon(QPolygonF({at - QPointF(size, 0), at - QPointF(0, size),
                                       at + QPointF(size, 0), at + QPointF(0, size)}));
        if (size >= 6) {
            QFont font = sizedFont(0, QFont::DemiBold);
            font.setPixelSize(int(size * 1.2));
            painter.setFont(font);
            painter.setPen(theme.plum);
            painter.drawText(QRectF(at - QPointF(size, size), QSizeF(2 * size, 2 * size)),
                             Qt::AlignCenter, initialOf(mark));
        }
        at.rx() += size * 2.8;
    }
}

void paintPlate(QPainter& painter, const Slot& slot, const QPainterPath& shape) {
    const Theme& theme = currentTheme();
    const auto draw = [&](const QPen& pen, const QBrush& brush) {
        painter.setPen(pen);
        painter.setBrush(brush);
        painter.drawPath(shape);
    };
    switch (slot.state) {
        case SlotState::Plain:
            return draw(QPen(theme.quietInk, 1), theme.paper);
        case SlotState::Blocked:
            draw(QPen(theme.ink, 1), theme.quietInk);
            return draw(QPen(theme.ink, 1), QBrush(theme.ink, Qt::BDiagPattern));
        case SlotState::Locked:
            return draw(QPen(theme.caution, 1.6), theme.panel);
        case SlotState::Gone:
            return draw(QPen(theme.quietInk, 1, Qt::DotLine), Qt::NoBrush);
    }
}

/// The slot as it is now, in a game.
Slot slotNow(const level::Project& project, const level::Level& level,
             const puzzle::Geometry& geometry, const PuzzleLook& look, int number) {
    Slot slot = puzzle::slotAt(level.puzzle, geometry.addressOf(number));
    const auto at = std::size_t(number);
    if (!look.state || look.state->stacks.size() <= at) return slot;
    if (look.state->isOpen[at] != 0) slot.state = SlotState::Plain;
    slot.stack.clear();
    for (const runtime::puzzle::Color color : look.state->stacks[at])
        slot.stack.push_back(color <= project.stackColors.size()
                                 ? project.stackColors[std::size_t(color - 1)].name
                                 : std::string());
    return slot;
}

class PuzzlePainter final : public LevelPainter {
public:
    explicit PuzzlePainter(Session& session)
        : m_session(session), m_matter(makeMatterPainter(session)) {}
    void clear() override { m_matter->clear(); }
    void invalidate(const CellRect& cells, CellSize size) override {
        m_matter->invalidate(cells, size);
    }
    bool paint(QPainter& painter, const MatterScene& scene, const PaintFrame& frame) override {
        MatterScene ground = scene;
        ground.look.grid = 0;
        const bool isDone = m_matter->paint(painter, ground, frame);
        if (scene.hidesPuzzle) return isDone;
        PuzzleLook look;
        look.sheets = scene.sheets;
        if (m_session.workbench.step() == Step::Shape) look.countersOpacity = 0.5;
        look.showsGone = m_session.workbench.step() == Step::Shape && !scene.isClear;
        look.showsAddresses = m_session.workbench.step() == Step::Shape && scene.look.grid > 0;
        painter.save();
        painter.setRenderHint(QPainter::Antialiasing);
        paintSlots(painter, *scene.project, *scene.level, look, frame.area, frame.view.offset(),
                   frame.view.scale());
        paintCounters(painter, *scene.project, *scene.level, look, frame.view.offset(),
                      frame.view.scale());
        painter.restore();
        return isDone;
    }
    QString wordsAt(CellPoint, const level::Entity*) override { return {}; }

private:
    Session& m_session;
    std::unique_ptr<LevelPainter> m_matter;  ///< what lies behind: colour, pictures, layers
};

}  // namespace

QPainterPath shapeOf(const puzzle::Geometry& geometry, CellPoint at, QPointF origin, double scale) {
    QPolygonF corners;
    for (const puzzle::Corner& corner : geometry.outlineOf(at))
        corners << seenPlaceOf(corner.x, corner.y, origin, scale);
    QPainterPath path;
    path.addPolygon(corners);
    path.closeSubpath();
    return path;
}

std::pair<QRectF, QPointF> standOf(const level::Level& level, CellPoint at, QPointF origin,
                                   double scale) {
    const puzzle::Geometry geometry(level.puzzle.board);
    const PxRect box = geometry.boxOf(at);
    const QPointF pitch((level.puzzle.board.slot.width + level.puzzle.board.gap.x) * scale,
                        (level.puzzle.board.slot.height + level.puzzle.board.gap.y) * scale);
    return {boxOnWidget(box, origin, scale), pitch};
}

void paintStack(QPainter& painter, const level::Project& project,
                const std::vector<std::string>& colors, const QRectF& box) {
    if (colors.empty()) return;
    // At most so many are drawn one by one; of more the topmost, and how many there are.
    constexpr std::size_t most = 6;
    const std::size_t shown = std::min(colors.size(), most);
    const double high = std::min(box.height() * 0.72 / double(std::max<std::size_t>(shown, 4)),
                                 box.height() * 0.17);
    const double wide = box.width() * 0.62;
    double y = box.bottom() - box.height() * 0.22;
    for (std::size_t i = colors.size() - shown; i < colors.size(); ++i) {
        const level::StackColor* color = colorNamed(project, colors[i]);
        const QColor tone = color ? QColor(QString::fromStdString(color->color)) : Qt::gray;
        const QRectF bar(box.center().x() - wide / 2, y - high, wide, high - 1);
        painter.setPen(QPen(currentTheme().ink, 0.8));
        painter.setBrush(tone);
        painter.drawRoundedRect(bar, high * 0.35, high * 0.35);
        // Not by colour alone.
        if (high >= 7) {
            QFont font = sizedFont(0, QFont::DemiBold);
            font.setPixelSize(int(std::clamp(high * 0.85, 6.0, 15.0)));
            painter.setFont(font);
            painter.setPen(inkOn(tone));
            painter.drawText(bar, Qt::AlignCenter, initialOf(color ? color->title : colors[i]));
        }
        y -= high;
    }
    if (colors.size() <= most) return;
    painter.setPen(currentTheme().ink);
    painter.setFont(sizedFont(-2, QFont::DemiBold));
    painter.drawText(box, Qt::AlignTop | Qt::AlignRight, QString::number(colors.size()));
}

void paintCounter(QPainter& painter, const level::Project& project, const level::Kind& kind,
                  int turn, const QRectF& cell, QPointF pitch, const SheetImages* sheets) {
    const Theme& theme = currentTheme();
    QPainterPath body;
    QRectF all = cell;
    const double inset = std::min(cell.width(), cell.height()) * 0.1;
    const auto cells = puzzle::turnedFootprint(kind.counter.footprint, turn);
    for (const CellPoint at : cells) {
        const QRectF box = cell.translated(at.x * pitch.x(), at.y * pitch.y());
        all = all.united(box);
        QPainterPath part;
        part.addRoundedRect(box.adjusted(inset, inset, -inset, -inset), inset * 1.6, inset * 1.6);
        // Joining costs much: not where there is nothing to join.
        body = cells.size() == 1 ? part : body.united(part);
        // What joins it to its neighbours, so that it is one thing.
        for (const CellPoint other : cells) {
            if (std::abs(at.x - other.x) + std::abs(at.y - other.y) != 1) continue;
            const QRectF beside = cell.translated(other.x * pitch.x(), other.y * pitch.y());
            QPainterPath bridge;
            bridge.addRect(QRectF(box.center(), beside.center())
                               .normalized()
                               .adjusted(-cell.width() / 2 + inset, -cell.height() / 2 + inset,
                                         cell.width() / 2 - inset, cell.height() / 2 - inset));
            body = body.united(bridge);
        }
    }
    MatterScene scene;
    scene.project = &project;
    scene.sheets = sheets;
    level::Appearance look;
    look.quarterTurns = turn;
    QRectF upright = all;
    if (turn % 2 == 1) {
        upright.setSize(all.size().transposed());
        upright.moveCenter(all.center());
    }
    if (sheets && paintSprite(painter, scene, kind, upright, false, look)) return;
    const QColor tone(QString::fromStdString(kind.color));
    painter.setPen(QPen(theme.ink, std::max(1.2, inset * 0.4)));
    painter.setBrush(tone);
    painter.drawPath(body);
    if (kind.counter.pushes) {
        painter.setPen(QPen(inkOn(tone), std::max(1.0, inset * 0.35)));
        painter.setBrush(Qt::NoBrush);
        const double radius = std::min(cell.width(), cell.height()) * 0.3;
        painter.drawEllipse(cell.center(), radius, radius);
    }
    if (std::min(cell.width(), cell.height()) < 12) return;
    QFont font = sizedFont(0, QFont::DemiBold);
    font.setPixelSize(int(std::clamp(std::min(cell.width(), cell.height()) * 0.36, 8.0, 40.0)));
    painter.setFont(font);
    painter.setPen(inkOn(tone));
    painter.drawText(cell, Qt::AlignCenter, initialOf(kind.title));
}

void paintSlots(QPainter& painter, const level::Project& project, const level::Level& level,
                const PuzzleLook& look, const QRect& target, QPointF origin, double scale) {
    const Theme& theme = currentTheme();
    const puzzle::Geometry geometry(level.puzzle.board);
    const bool isSmall = level.puzzle.board.slot.width * scale < 7;
    for (int number = 0; number < geometry.count(); ++number) {
        const CellPoint at = geometry.addressOf(number);
        const QRectF box = boxOnWidget(geometry.boxOf(at), origin, scale);
        if (!box.adjusted(-box.width(), -box.height(), box.width(), box.height())
                 .intersects(target))
            continue;
        const Slot slot = slotNow(project, level, geometry, look, number);
        if (slot.state == SlotState::Gone && !look.showsGone) continue;
        paintPlate(painter, slot, shapeOf(geometry, at, origin, scale));
        if (isSmall) continue;
        paintStack(painter, project, slot.stack, box);
        if (slot.state == SlotState::Locked) {
            // Above the address, and beside what lies there.
            QRectF room = box;
            room.setBottom(slot.stack.empty() ? box.bottom() - box.height() * 0.14
                                              : box.center().y() + box.height() * 0.06);
            paintLock(painter, room, slot.price, !slot.stack.empty());
        }
        if (!slot.marks.empty()) paintMarks(painter, slot.marks, box);
        if (!look.showsAddresses || box.width() < 34) continue;
        painter.setFont(sizedFont(-4));
        painter.setPen(slot.state == SlotState::Blocked ? theme.paper : theme.quietInk);
        const bool isSquare = level.puzzle.board.arrangement == Arrangement::Square;
        painter.drawText(
            isSquare ? box.adjusted(4, 2, -4, -3) : box.adjusted(0, 0, 0, -box.height() * 0.13),
            Qt::AlignBottom | (isSquare ? Qt::AlignRight : Qt::AlignHCenter),
            QStringLiteral("%1, %2").arg(at.x).arg(at.y));
    }
}

namespace {

/// Counters that look alike are drawn once: of many, that takes a tenth of the time. They lie on
/// whole px of the screen.
class Tokens {
public:
    Tokens(QPainter& painter, const level::Project& project, const SheetImages* sheets)
        : m_painter(painter),
          m_project(project),
          m_sheets(sheets),
          m_ratio(painter.device()->devicePixelRatioF()) {}
    void paint(const level::Kind& kind, int turn, const QRectF& cell, QPointF pitch) {
        Token& token = m_tokens[{&kind, turn}];
        if (token.image.isNull()) token = drawn(kind, turn, cell.size(), pitch);
        const QPointF at = (cell.topLeft() + token.corner) * m_ratio;
        m_painter.drawImage(QPointF(std::round(at.x()), std::round(at.y())) / m_ratio, token.image);
    }

private:
    struct Token {
        QImage image;
        QPointF corner;  ///< from that of the counter's first cell
    };
    [[nodiscard]] Token drawn(const level::Kind& kind, int turn, QSizeF size, QPointF pitch) const {
        QRectF all({}, size);
        for (const CellPoint at : puzzle::turnedFootprint(kind.counter.footprint, turn))
            all = all.united(QRectF({at.x * pitch.x(), at.y * pitch.y()}, size));
        all.adjust(-2, -2, 2, 2);
        QImage image((all.size() * m_ratio).toSize() + QSize(1, 1),
                     QImage::Format_ARGB32_Premultiplied);
        image.setDevicePixelRatio(m_ratio);
        image.fill(Qt::transparent);
        QPainter painter(&image);
        painter.setRenderHint(QPainter::Antialiasing);
        paintCounter(painter, m_project, kind, turn, QRectF(-all.topLeft(), size), pitch, m_sheets);
        return {std::move(image), all.topLeft()};
    }

    QPainter& m_painter;
    const level::Project& m_project;
    const SheetImages* m_sheets;
    const double m_ratio;
    std::map<std::pair<const level::Kind*, int>, Token> m_tokens;
};

}  // namespace

void paintCounters(QPainter& painter, const level::Project& project, const level::Level& level,
                   const PuzzleLook& look, QPointF origin, double scale) {
    constexpr std::size_t many = 64;
    const bool isMany = level.puzzle.counters.size() > many;
    Tokens tokens(painter, project, look.sheets);
    const puzzle::Geometry geometry(level.puzzle.board);
    const bool isFree = level.puzzle.board.arrangement == Arrangement::Free;
    painter.save();
    painter.setOpacity(look.countersOpacity);
    std::size_t i = 0;
    for (const level::Counter& counter : level.puzzle.counters) {
        const std::size_t index = i++;
        const level::Kind* kind = project.findKind(counter.kind);
        CellPoint at = counter.at;
        bool isParked = counter.isParked;
        if (look.state && index < look.state->at.size()) {
            isParked = look.state->at[index] < 0;
            if (!isParked && look.state->at[index] < geometry.count())
                at = geometry.addressOf(look.state->at[index]);
        }
        if (isParked || (!isFree && geometry.numberOf(at) < 0)) continue;
        level::Kind unknown;
        unknown.title = std::string(1, '?');
        const level::Kind& shown = kind ? *kind : unknown;
        if (isFree) {
            const QRectF box =
                boxOnWidget({counter.px.x, counter.px.y, shown.width, shown.height}, origin, scale);
            paintCounter(painter, project, shown, counter.turn, box, {box.width(), box.height()},
                         look.sheets);
            continue;
        }
        const auto [box, pitch] = standOf(level, at, origin, scale);
        if (isMany && kind)
            tokens.paint(*kind, counter.turn, box, pitch);
        else
            paintCounter(painter, project, shown, counter.turn, box, pitch, look.sheets);
    }
    painter.restore();
}

void paintMove(QPainter& painter, const puzzle::Geometry& geometry,
               const runtime::puzzle::State& state, const runtime::puzzle::Move& move,
               QPointF origin, double scale, Qt::PenStyle style) {
    if (move.to < 0) return;
    const auto centre = [&](int slot) {
        const PxPoint at = geometry.centreOf(geometry.addressOf(slot));
        return QPointF(at.x, at.y) * scale - origin;
    };
    painter.setPen(QPen(currentTheme().plum, 3, style));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(shapeOf(geometry, geometry.addressOf(move.to), origin, scale));
    const int from = move.counter >= 0 ? state.at[std::size_t(move.counter)] : move.from;
    if (from < 0) return;
    const QLineF way(centre(from), centre(move.to));
    painter.drawLine(way);
    QLineF head(way.p2(), way.p1());
    head.setLength(12);
    for (const double turn : {-28.0, 28.0}) {
        QLineF side = head;
        side.setAngle(head.angle() + turn);
        painter.drawLine(side);
    }
}

QImage puzzlePicture(const level::Project& project, const level::Level& level, QSize size,
                     const Theme& theme, const SheetImages& sheets) {
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    image.fill(theme.paper);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    const PxRect bounds = level.boundsPx();
    const double scale =
        std::min(double(size.width()) / bounds.width, double(size.height()) / bounds.height);
    const QPointF origin(-(size.width() - bounds.width * scale) / 2,
                         -(size.height() - bounds.height * scale) / 2);
    painter.fillRect(QRectF(-origin, QSizeF(bounds.width * scale, bounds.height * scale)),
                     QColor(QString::fromStdString(level.background)));
    PuzzleLook look;
    look.showsGone = false;
    look.sheets = &sheets;
    paintSlots(painter, project, level, look, image.rect(), origin, scale);
    paintCounters(painter, project, level, look, origin, scale);
    return image;
}

std::unique_ptr<LevelPainter> makePuzzlePainter(Session& session) {
    return std::make_unique<PuzzlePainter>(session);
}

}  // namespace rook::app
