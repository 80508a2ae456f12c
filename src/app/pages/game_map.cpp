#include "app/pages/game_map.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <set>

#include "app/ui/theme.h"
#include "level/level_edits.h"

namespace rook::app {

namespace {

using Sort = game::Destination::Sort;

constexpr QSizeF endSize(84, 40);
constexpr double handle = 5;  ///< map px, radius

}  // namespace

GameMap::GameMap(Session& session, QWidget* parent)
    : QWidget(parent), m_session(session), m_thumbnails(session, levelPictureSize, nullptr) {
    setObjectName(QStringLiteral("game-map"));
    setAccessibleName(tr("Game map"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setMinimumHeight(300);
    connect(&m_thumbnails, &Thumbnails::changed, this, qOverload<>(&QWidget::update));
    connect(&session.proofs, &Proofs::changed, this, qOverload<>(&QWidget::update));
}

void GameMap::refresh() {
    m_thumbnails.follow(m_session.document.project());
    lay();
    if (!m_isFitted) fit();
    update();
}

void GameMap::lay() {
    const level::Project& project = m_session.document.project();
    m_cards.clear();
    m_ways.clear();
    for (std::size_t i = 0; i < project.levels.size(); ++i) {
        Card card{project.levels[i], placeOfCard(project, i)};
        if (m_drag == Drag::Card && m_dragged == card.level->id) card.corner = m_pointer - m_grip;
        m_cards.push_back(std::move(card));
    }
    // The end stands where the card after the last one would.
    m_end = usualPlaceOfCard(m_cards.size()) +
            QPointF(0, (levelCardSize.height() - endSize.height()) / 2);
    for (std::size_t i = 0; i < m_cards.size(); ++i)
        gather(i);
}

bool GameMap::isOnHandle(const Way& way, QPointF map) const {
    const QPointF apart = startOf(way) - map;
    return !way.exit.isEmpty() && std::hypot(apart.x(), apart.y()) <= handle + 4;
}

void GameMap::gather(std::size_t at) {
    const level::Project& project = m_session.document.project();
    const Card& card = m_cards[at];
    for (const level::Entity& entity : card.level->entities) {
        if (project.roleOf(entity) != level::Role::Exit) continue;
        const PxPoint middle{entity.box.x + entity.box.width / 2,
                             entity.box.y + entity.box.height / 2};
        Way way;
        way.from = card.level->id;
        way.exit = entity.id;
        way.card = at;
        way.offset = placeOnCard(*card.level, card.corner, middle) - card.corner;
        way.to = game::destinationOf(project, *card.level, entity.to);
        if (const Card* to = find(way.to.level)) way.toCard = int(to - m_cards.data());
        way.isNext = entity.to.onward == level::Onward::Next;
        way.isLocked = !entity.data.opens.empty() || entity.data.opensWithAllPickups;
        m_ways.push_back(std::move(way));
    }
    if (card.level->kind != level::LevelKind::Puzzle) return;
    // Who solves it goes on to the next one.
    Way way;
    way.from = card.level->id;
    way.card = at;
    way.to = game::destinationOf(project, game::Leading{way.from, {}});
    const Card* to = find(way.to.level);
    if (to) way.toCard = int(to - m_cards.data());
    const bool isLeftwards = to && to->corner.x() < card.corner.x();
    way.offset = {isLeftwards ? 0 : levelCardSize.width(), levelCardSize.height() / 2};
    way.isNext = true;
    m_ways.push_back(std::move(way));
}

void GameMap::fit() {
    QRectF all(m_end, endSize);
    for (const Card& card : m_cards)
        all = all.united(QRectF(card.corner, levelCardSize));
    all.adjust(-24, -24, 24, 24);
    if (width() < 50 || all.isEmpty()) return;
    m_scale = std::clamp(std::min(width() / all.width(), height() / all.height()), 0.15, 1.2);
    m_offset = QPointF(width(), height()) / 2 - all.center() * m_scale;
    m_isFitted = true;
    update();
}

void GameMap::resizeEvent(QResizeEvent*) {
    fit();
}

const GameMap::Card* GameMap::cardAt(QPointF map) const {
    for (auto card = m_cards.rbegin(); card != m_cards.rend(); ++card)
        if (QRectF(card->corner, levelCardSize).contains(map)) return &*card;
    return nullptr;
}

const GameMap::Card* GameMap::find(const LevelId& level) const {
    const auto found = std::find_if(m_cards.begin(), m_cards.end(),
                                    [&](const Card& card) { return card.level->id == level; });
    return found == m_cards.end() ? nullptr : &*found;
}

QRectF GameMap::endCard() const {
    return {m_end, endSize};
}

QRectF GameMap::cardOf(const LevelId& level) const {
    const Card* card = find(level);
    return card ? QRectF(toWidget(card->corner), levelCardSize * m_scale) : QRectF();
}

QPointF GameMap::handleOf(const LevelId& level, const EntityId& exit) const {
    for (const Way& way : m_ways)
        if (way.from == level && way.exit == exit) return toWidget(startOf(way));
    return {};
}

void GameMap::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.fillRect(rect(), theme.paper);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.save();
    painter.translate(m_offset);
    painter.scale(m_scale, m_scale);
    const QRectF sight(toMap({0, 0}), toMap({double(width()), double(height())}));
    for (const Card& card : m_cards)
        if (QRectF(card.corner, levelCardSize).intersects(sight))
            paintLevelCard(painter, m_session, m_thumbnails, card.level, card.corner,
                           card.level->id == m_session.document.level()->id);
    painter.setPen(QPen(theme.quietInk, 1.2));
    painter.setBrush(theme.panel);
    painter.drawRoundedRect(endCard(), 3, 3);
    painter.setPen(theme.ink);
    painter.setFont(sizedFont(-1));
    painter.drawText(endCard(), Qt::AlignCenter, tr("the end"));
    for (const Way& way : m_ways)
        paintWay(painter, way);
    // Last: ways would run through the words.
    for (const Card& card : m_cards)
        paintEnding(painter, card);
    painter.restore();
    painter.setPen(QPen(hasFocus() ? theme.accent : theme.rule(), 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

/// Over the picture, what the proof of the game says of the level.
void GameMap::paintEnding(QPainter& painter, const Card& card) const {
    const auto words = m_endings.find(card.level->id);
    if (words == m_endings.end()) return;
    const Theme& theme = currentTheme();
    painter.setFont(sizedFont(-2, QFont::DemiBold));
    const QRectF frame = pictureFrame(card.corner);
    const QRectF box(frame.left(), frame.bottom() - 17, frame.width(), 17);
    QColor ground = theme.paper;
    ground.setAlphaF(0.92f);
    painter.fillRect(box, ground);
    painter.setPen(words->second == tr("nothing leads on") ? theme.alarm : theme.caution);
    painter.drawText(box, Qt::AlignCenter, words->second);
}

void GameMap::showProof() {
    m_proven.clear();
    m_endings.clear();
    update();
    const auto proof = m_session.gameProver.proof();
    if (!proof || !m_session.gameProver.isCurrent()) return;
    for (const std::size_t dead : proof->deadEnds) {
        const LevelId& level = proof->nodes[dead].level;
        const bool isForAll =
            std::all_of(proof->nodes.begin(), proof->nodes.end(), [&](const game::Node& node) {
                return node.level != level || node.ends == game::Decided::No;
            });
        m_endings[level] = isForAll ? tr("a dead end") : tr("a dead end for some");
    }
    for (const LevelId& id : proof->never)
        m_endings[id] = tr("never come to");
    if (!proof->stopsAt.isEmpty()) m_endings[proof->stopsAt] = tr("nothing leads on");
    std::set<LevelId> reached;
    for (const game::Node& node : proof->nodes)
        reached.insert(node.level);
    for (const Way& way : m_ways)
        if (reached.contains(way.from)) m_proven[{way.from, way.exit}] = game::Decided::No;
    for (const game::Edge& edge : proof->edges) {
        const auto known = m_proven.find({proof->nodes[edge.from].level, edge.way.exit});
        if (known != m_proven.end() && known->second != game::Decided::Yes)
            known->second = edge.way.can;
    }
}

void GameMap::paintWay(QPainter& painter, const Way& way) const {
    const Theme& theme = currentTheme();
    const QPointF start = startOf(way);
    const bool isDragged = m_drag == Drag::Way && &way == &m_ways[m_way] && m_hasMoved;
    if (isDragged) {
        paintArrow(painter, start, m_pointer, theme.accent, Qt::SolidLine);
    } else if (way.to.sort == Sort::Level) {
        const Card* to = way.toCard < 0 ? nullptr : &m_cards[std::size_t(way.toCard)];
        const level::Entity* entry = to ? level::findEntity(*to->level, way.to.entry) : nullptr;
        // Into a puzzle there is no entry: one begins to play.
        if (to)
            paintArrow(
                painter, start,
                entry ? placeOnCard(*to->level, to->corner,
                                    {entry->box.x + entry->box.width / 2,
                                     entry->box.y + entry->box.height / 2})
                      : to->corner + QPointF(start.x() > to->corner.x() + levelCardSize.width() / 2
                                                 ? levelCardSize.width()
                                                 : 0,
                                             levelCardSize.height() / 2),
                theme.plum, way.isNext ? Qt::DashLine : Qt::SolidLine);
    } else if (way.to.sort == Sort::End) {
        const bool isLeftOf = start.x() < endCard().center().x();
        paintArrow(painter, start,
                   {isLeftOf ? endCard().left() : endCard().right(), endCard().center().y()},
                   theme.plum, Qt::SolidLine);
    } else {
        // It leads nowhere: a stub that ends in a cross.
        const QPointF stub = start + QPointF(34, -26);
        painter.setPen(QPen(theme.alarm, 1.8));
        painter.drawLine(start, stub);
        painter.drawLine(stub - QPointF(5, 5), stub + QPointF(5, 5));
        painter.drawLine(stub - QPointF(5, -5), stub + QPointF(5, -5));
    }
    painter.setPen(QPen(way.to.sort == Sort::Nowhere ? theme.alarm : theme.plum, 1.6));
    // Full: a run wins by it; empty: not known; crossed: nobody does.
    const auto proven = m_proven.find({way.from, way.exit});
    const auto isProven = [&](game::Decided can) {
        return proven != m_proven.end() && proven->second == can;
    };
    painter.setBrush(isProven(game::Decided::Yes) ? theme.plum : theme.paper);
    painter.drawEllipse(start, handle, handle);
    if (isProven(game::Decided::No)) {
        painter.setPen(QPen(theme.alarm, 1.8));
        painter.drawLine(start - QPointF(4, 4), start + QPointF(4, 4));
        painter.drawLine(start - QPointF(4, -4), start + QPointF(4, -4));
        painter.setPen(QPen(theme.plum, 1.6));
    }
    painter.setBrush(theme.paper);
    if (!way.isLocked) return;
    // Something must be held: a small key's bow.
    painter.drawEllipse(start + QPointF(11, 0), 3, 3);
    painter.drawLine(start + QPointF(14, 0), start + QPointF(19, 0));
}

void GameMap::paintArrow(QPainter& painter, QPointF from, QPointF to, const QColor& tone,
                         Qt::PenStyle style) const {
    QPainterPath path(from);
    // The farther, the higher: over the cards between.
    const double apart = std::abs(to.x() - from.x());
    const double lift = std::min(150.0, 20 + 0.2 * apart);
    const double bend = std::max(30.0, apart / 2) * (to.x() >= from.x() ? 1 : -1);
    const QPointF before(to.x() - bend, to.y() - lift);
    path.cubicTo(from + QPointF(bend, -lift), before, to);
    painter.setPen(QPen(tone, 1.8, style));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(path);
    const double turn = std::atan2(to.y() - before.y(), to.x() - before.x());
    painter.setPen(QPen(tone, 1.8));
    for (const double aside : {-0.45, 0.45})
        painter.drawLine(to, to - 9 * QPointF(std::cos(turn + aside), std::sin(turn + aside)));
}

void GameMap::mousePressEvent(QMouseEvent* event) {
    const QPointF map = toMap(event->position());
    m_pointer = map;
    m_hasMoved = false;
    m_drag = Drag::Ground;
    m_grip = event->position() - m_offset;
    if (event->button() != Qt::LeftButton) return;
    for (std::size_t i = 0; i < m_ways.size(); ++i) {
        if (!isOnHandle(m_ways[i], map)) continue;
        m_drag = Drag::Way;
        m_way = i;
        return;
    }
    const Card* card = cardAt(map);
    if (!card) return;
    m_drag = Drag::Card;
    m_dragged = card->level->id;
    m_grip = map - card->corner;
}

void GameMap::mouseMoveEvent(QMouseEvent* event) {
    if (m_drag == Drag::Nothing) {
        const QPointF map = toMap(event->position());
        const bool isHandle = std::any_of(m_ways.begin(), m_ways.end(),
                                          [&](const Way& way) { return isOnHandle(way, map); });
        setCursor(isHandle ? Qt::CrossCursor : cardAt(map) ? Qt::OpenHandCursor : Qt::ArrowCursor);
        return;
    }
    m_pointer = toMap(event->position());
    m_hasMoved = true;
    if (m_drag == Drag::Ground) m_offset = event->position() - m_grip;
    if (m_drag == Drag::Card) lay();
    update();
}

void GameMap::mouseReleaseEvent(QMouseEvent*) {
    const Drag drag = std::exchange(m_drag, Drag::Nothing);
    if (drag == Drag::Way && m_hasMoved) link(m_ways[m_way], m_pointer);
    if (drag == Drag::Card && !m_hasMoved) m_session.document.chooseLevel(m_dragged);
    if (drag == Drag::Card && m_hasMoved) {
        const QPointF corner = m_pointer - m_grip;
        m_session.document.apply(
            level::moveCard(m_session.document.project(), m_dragged,
                            {int(std::lround(corner.x())), int(std::lround(corner.y()))}));
    }
    refresh();
}

/// The exit leads to the level of the card there, or to the end.
void GameMap::link(const Way& way, QPointF map) {
    const auto level = m_session.document.project().findLevel(way.from);
    const level::Entity* exit = level ? level::findEntity(*level, way.exit) : nullptr;
    const Card* card = cardAt(map);
    const bool isEnd = endCard().contains(map);
    if (!exit || (!card && !isEnd)) return;
    level::Entity changed = *exit;
    changed.to = {};
    if (!isEnd) changed.to = {level::Onward::Level, card->level->id, {}};
    m_session.document.apply(changeEntity(
        *level, changed,
        isEnd ? tr("Lead to the end").toStdString()
              : tr("Lead to %1").arg(QString::fromStdString(card->level->title)).toStdString()));
}

void GameMap::open(const LevelId& level) {
    m_session.document.chooseLevel(level);
    Q_EMIT levelOpened();
}

void GameMap::mouseDoubleClickEvent(QMouseEvent* event) {
    if (const Card* card = cardAt(toMap(event->position()))) open(card->level->id);
}

void GameMap::wheelEvent(QWheelEvent* event) {
    const double factor = std::pow(1.0015, event->angleDelta().y());
    const QPointF at = toMap(event->position());
    m_scale = std::clamp(m_scale * factor, 0.1, 3.0);
    m_offset = event->position() - at * m_scale;
    update();
    event->accept();
}

/// Arrows choose the level before and after, Enter opens it, Home shows all.
void GameMap::keyPressEvent(QKeyEvent* event) {
    const auto& levels = m_session.document.project().levels;
    const auto here = std::find(levels.begin(), levels.end(), m_session.document.level());
    const auto choose = [&](std::ptrdiff_t by) {
        const auto at = std::clamp<std::ptrdiff_t>((here - levels.begin()) + by, 0,
                                                   std::ptrdiff_t(levels.size()) - 1);
        m_session.document.chooseLevel(levels[std::size_t(at)]->id);
    };
    switch (event->key()) {
        case Qt::Key_Left:
        case Qt::Key_Up:
            return choose(-1);
        case Qt::Key_Right:
        case Qt::Key_Down:
            return choose(1);
        case Qt::Key_Return:
        case Qt::Key_Enter:
            return open(m_session.document.level()->id);
        case Qt::Key_Home:
            return fit();
        default:
            return QWidget::keyPressEvent(event);
    }
}

}  // namespace rook::app
