/// The board of a kit level: the plan of one storey.

#include <QKeyEvent>

#include "app/board.h"
#include "app/entity_painter.h"
#include "app/kit_painter.h"
#include "kit/edits.h"

namespace rook::app {

using level::PlacedPiece;

bool Board::isKit() const {
    return m_session.level()->kind == level::LevelKind::Kit &&
           m_session.project().kitOf(*m_session.level());
}

const kit::PlacedIndex& PlacedIndexes::of(const level::Kit& kit, const level::Level& level) {
    if (m_kit && *m_kit == kit.name && m_isBuilt && m_pieces.isSharedWith(level.pieces))
        return m_index;
    if (m_kit && *m_kit == kit.name && m_isBuilt && m_level == level.id)
        m_index.follow(kit, m_pieces, level);
    else
        m_index = kit::PlacedIndex(kit, level);
    m_isBuilt = true;
    m_kit = kit.name;
    m_level = level.id;
    m_pieces = level.pieces;
    return m_index;
}

void Board::paintKit(QPainter& painter, double budgetMs) {
    const level::Level& level = *m_session.level();
    const level::Kit& kit = *m_session.project().kitOf(level);
    KitScene scene{&kit,
                   &level,
                   &m_shownIndex.of(kit, level),
                   m_session.options().storey,
                   m_session.step() == Step::Shape,
                   &m_models.of(kit, m_session.folder())};
    if (m_paintedStorey != scene.storey) m_images.clear();
    m_paintedStorey = scene.storey;
    m_isComplete = m_images.paint(
        painter,
        [&scene](QPainter& tile, const QRect& target, QPointF origin, double scale) {
            paintKitPlan(tile, scene, target, origin, scale);
        },
        m_view, rect(), devicePixelRatioF(), budgetMs, currentTheme().paper);
}

/// What is selected, what is in hand, and what it would join.
void Board::paintKitHand(QPainter& painter) {
    const level::Level& level = *m_session.level();
    const level::Kit& kit = *m_session.project().kitOf(level);
    const Theme& theme = currentTheme();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto outline = [&](const PlacedPiece& placed, const QColor& tone, double width) {
        const level::Piece* piece = kit.find(placed.piece);
        if (!piece) return;
        const QRectF px = boxOf(*piece, placed, level.cellSize);
        painter.setPen(QPen(tone, width));
        painter.drawRect(QRectF(m_view.toWidget(px.topLeft()), px.size() * m_view.scale()));
    };
    const auto& ids = m_session.selection().pieces;
    if (!ids.empty())
        for (const PlacedPiece& placed : level.pieces)
            if (std::find(ids.begin(), ids.end(), placed.id) != ids.end())
                outline(placed, theme.accent, 2.5);
    const ToolPreview& preview = m_tool->preview();
    for (const PlacedPiece& placed : preview.pieces) {
        const level::Piece* piece = kit.find(placed.piece);
        if (!piece) continue;
        painter.setOpacity(0.8);
        painter.setRenderHint(QPainter::Antialiasing, false);
        paintPiece(painter, kit, *piece, placed, level.cellSize, m_view.offset(), m_view.scale());
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setOpacity(1);
        outline(placed, preview.isRefused ? theme.alarm : theme.accent, 2);
    }
    const double mark = std::clamp(0.2 * level.cellSize.width * m_view.scale(), 6.0, 14.0);
    for (const kit::Contact& contact : preview.contacts) {
        const QPointF at = m_view.toWidget(edgeMiddle(contact.at, contact.side, level.cellSize));
        painter.setPen(Qt::NoPen);
        QColor halo = contact.meeting == kit::Meeting::Joined ? theme.accent : theme.alarm;
        halo.setAlphaF(0.3f);
        painter.setBrush(halo);
        painter.drawEllipse(at, mark * 1.5, mark * 1.5);
        painter.setBrush(Qt::NoBrush);
        paintPortMark(painter, at, contact.side, mark, contact.meeting);
        painter.setRenderHint(QPainter::Antialiasing);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
}

/// Modules that are reached, from which one cannot finish, and the way to the first exit.
void Board::paintKitReach(QPainter& painter) {
    const auto proven = m_session.whatIfAnswer() ? m_session.whatIfAnswer()
                                                 : m_session.proven(m_session.level()->id);
    if (!proven || !proven->answer.kit) return;
    const reach::KitAnswer& answer = *proven->answer.kit;
    const Theme& theme = currentTheme();
    const CellSize cell = m_session.level()->cellSize;
    const auto& patches = answer.graph.patches();
    const int storey = m_session.options().storey;
    for (std::size_t i = 0; i < patches.size(); ++i) {
        if (patches[i].spot.storey != storey || !answer.reach.reached[i]) continue;
        const CellPoint at = patches[i].spot.at;
        const QRectF box = m_view.toWidget(toPx(CellRect{at.x, at.y, 1, 1}, cell));
        QColor wash = answer.reach.trapped[i] ? theme.caution : theme.accent;
        wash.setAlphaF(0.22f);
        painter.fillRect(box, wash);
        if (answer.reach.trapped[i]) painter.fillRect(box, QBrush(theme.caution, Qt::BDiagPattern));
    }
    // To the module that is pointed at, else to the exit.
    const int pointed =
        m_hasPointer ? answer.graph.patchAt({toCell(m_pointerPx, cell), storey}) : -1;
    std::vector<int> shown;
    if (pointed >= 0) shown = answer.reach.wayTo(pointed);
    for (const kit::KitGoal& goal : answer.reach.goals)
        if (shown.empty() && goal.role == level::Role::Exit) shown = goal.way;
    if (!shown.empty()) {
        painter.setRenderHint(QPainter::Antialiasing);
        for (std::size_t i = 0; i + 1 < shown.size(); ++i) {
            const kit::Patch& a = patches[std::size_t(shown[i])];
            const kit::Patch& b = patches[std::size_t(shown[i + 1])];
            const bool isHere = a.spot.storey == storey || b.spot.storey == storey;
            painter.setPen(
                QPen(theme.plum, isHere ? 2.4 : 1.2, isHere ? Qt::SolidLine : Qt::DotLine));
            const auto middle = [&](const kit::Patch& patch) {
                return m_view.toWidget(QPointF((patch.spot.at.x + 0.5) * cell.width,
                                               (patch.spot.at.y + 0.5) * cell.height));
            };
            painter.drawLine(middle(a), middle(b));
        }
        painter.setRenderHint(QPainter::Antialiasing, false);
    }
}

void Board::paintKitWalk(QPainter& painter) {
    if (!m_kitWalk) return;
    const Theme& theme = currentTheme();
    const CellSize cell = m_session.level()->cellSize;
    const auto toWidget = [&](QPointF module) {
        return m_view.toWidget(QPointF(module.x() * cell.width, module.y() * cell.height));
    };
    QPolygonF trail;
    for (const QPointF& at : m_kitWalk->trail())
        trail << toWidget(at);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme.plum, 1.4));
    painter.drawPolyline(trail);
    const KitWalk::Place place = m_kitWalk->place();
    const double radius = 0.18 * cell.width * m_view.scale();
    painter.setPen(QPen(theme.ink, 1.6));
    painter.setBrush(theme.plum);
    painter.drawEllipse(toWidget({place.x, place.y}), radius, radius);
    painter.setBrush(Qt::NoBrush);
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void Board::startKitWalk(bool atPointer) {
    std::optional<PxPoint> at;
    if (atPointer && m_hasPointer) at = m_pointerPx;
    auto walk =
        KitWalk::begin(m_session.project(), m_session.level(), at, m_session.options().storey);
    if (!walk) return m_session.say(QString::fromStdString(walk.error().sentence()));
    cancel();
    m_kitWalk = std::move(*walk);
    m_kitKeys = {};
    m_kitClock.start();
    m_kitTicks = 0;
    m_walkTimer.start();
    setFocus();
    followKitWalk();
    Q_EMIT walkChanged();
}

void Board::stopKitWalk() {
    if (!m_kitWalk) return;
    m_walkTimer.stop();
    m_kitWalk.reset();
    takeTool();
    update();
    Q_EMIT walkChanged();
}

std::optional<KitWalk::Place> Board::kitBody() const {
    return m_kitWalk ? std::optional(m_kitWalk->place()) : std::nullopt;
}

void Board::advanceKitWalk() {
    const int wanted = int(double(m_kitClock.elapsed()) * 60 / 1000);
    const int finished = m_kitWalk->finished();
    m_kitWalk->setWish(m_kitKeys[1] - m_kitKeys[0], m_kitKeys[3] - m_kitKeys[2]);
    for (; m_kitTicks < wanted; ++m_kitTicks)
        m_kitWalk->tick();
    if (m_kitWalk->finished() != finished)
        m_session.say(tr("The exit %1 is reached, after %2 ticks.")
                          .arg(QString::fromStdString(m_kitWalk->lastExit()))
                          .arg(m_kitWalk->ticks()));
    followKitWalk();
    update();
    Q_EMIT pointerMoved();
}

/// The storey and the view go along with the body.
void Board::followKitWalk() {
    const KitWalk::Place place = m_kitWalk->place();
    if (place.storey != m_session.options().storey) setStorey(place.storey);
    const CellSize cell = m_session.level()->cellSize;
    bringIntoView({int(place.x * cell.width) - cell.width, int(place.y * cell.height) - cell.height,
                   2 * cell.width, 2 * cell.height});
}

bool Board::takeKitWalkKey(QKeyEvent* event, bool isDown) {
    const std::pair<int, int> keys[] = {{Qt::Key_Left, 0}, {Qt::Key_A, 0},  {Qt::Key_Right, 1},
                                        {Qt::Key_D, 1},    {Qt::Key_Up, 2}, {Qt::Key_W, 2},
                                        {Qt::Key_Down, 3}, {Qt::Key_S, 3}};
    for (const auto& [key, place] : keys)
        if (event->key() == key) {
            m_kitKeys[std::size_t(place)] = isDown ? 1 : 0;
            return true;
        }
    const bool ends = event->key() == Qt::Key_Escape || event->key() == Qt::Key_Tab;
    if (ends && isDown) stopKitWalk();
    return ends;
}

void Board::setStorey(int storey) {
    ToolOptions options = m_session.options();
    options.storey = std::clamp(storey, 0, level::maxStoreys - 1);
    m_session.setOptions(options);
}

void Board::changeStorey(int by) {
    if (!isKit()) return;
    setStorey(m_session.options().storey + by);
    m_session.say(tr("Storey %1").arg(m_session.options().storey + 1));
}

bool Board::turnPieces(int quarters) {
    if (!isKit()) return false;
    const auto& ids = m_session.selection().pieces;
    const level::Kit& kit = *m_session.project().kitOf(*m_session.level());
    if (!ids.empty() && m_session.shapeTool() == ShapeTool::Select) {
        m_session.apply(kit::turn(kit, *m_session.level(), ids, quarters));
        return true;
    }
    // To the next turn that the piece in hand may have.
    ToolOptions options = m_session.options();
    const level::Piece* piece = kit.find(options.piece);
    do {
        options.pieceTurn = (options.pieceTurn + quarters + 4) & 3;
    } while (piece && !piece->mayTurn(options.pieceTurn) &&
             options.pieceTurn != m_session.options().pieceTurn);
    m_session.setOptions(options);
    return true;
}

bool Board::editPieces(int dx, int dy, PieceEdit what) {
    const auto ids = m_session.selection().pieces;
    if (!isKit() || ids.empty()) return false;
    const level::Level& level = *m_session.level();
    const level::Kit& kit = *m_session.project().kitOf(level);
    switch (what) {
        case PieceEdit::Move:
            m_session.apply(kit::move(kit, level, ids, dx, dy, 0));
            break;
        case PieceEdit::Remove:
            m_session.apply(kit::remove(kit, level, ids));
            m_session.select({});
            break;
        case PieceEdit::Copy: {
            // Beside what is copied, however wide that is.
            CellRect all;
            for (const PlacedPiece& placed : level.pieces)
                if (std::find(ids.begin(), ids.end(), placed.id) != ids.end())
                    all = all.united(kit::boundsOf(*kit.find(placed.piece), placed));
            const int first = kit::freshPieceId(level);
            const auto edit = kit::duplicate(kit, level, ids, all.width, 0, 0);
            m_session.apply(edit);
            if (!edit) break;
            Selection copies;
            for (int i = 0; i < int(ids.size()); ++i)
                copies.pieces.push_back(first + i);
            m_session.select(copies);
            break;
        }
    }
    return true;
}

}  // namespace rook::app
