#include "app/steps/kit/axon_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <QSlider>
#include <QTimer>
#include <algorithm>
#include <cmath>

#include "app/board/board.h"
#include "app/painting/kit_models.h"
#include "app/steps/kit/axon_solids.h"
#include "app/ui/theme.h"

namespace rook::app {

AxonView::AxonView(Session& session, Board& board, QWidget* parent)
    : ViewAslant(parent),
      m_session(session),
      m_board(board),
      m_peel(new QSlider(Qt::Vertical, this)) {
    setObjectName(QStringLiteral("axon"));
    setAccessibleName(tr("Axonometric view"));
    setAccessibleDescription(tr("The kit board from above and aslant. Works like the plan."));
    setMouseTracking(true);
    setMinimumSize(200, 150);
    setAttribute(Qt::WA_OpaquePaintEvent);
    m_peel->setObjectName(QStringLiteral("peel"));
    m_peel->setAccessibleName(tr("Storeys that are shown"));
    m_peel->setToolTip(tr("Peels storeys off from above"));
    m_peel->setRange(0, 0);
    m_peel->setPageStep(1);
    connect(m_peel, &QSlider::valueChanged, this, qOverload<>(&QWidget::update));
    const auto repaint = [this] { update(); };
    connect(&session.document, &Document::changed, this, repaint);
    connect(&session.workbench, &Workbench::selectionChanged, this, repaint);
    connect(&session.workbench, &Workbench::toolChanged, this, repaint);
    connect(&session.proofs, &Proofs::changed, this, repaint);
    connect(&board, &Board::pointerMoved, this, repaint);
    connect(&session.document, &Document::listsChanged, this, [this] {
        m_sprites.clear();
        m_faces.clear();
        update();
    });
    connect(&session.document, &Document::levelSwitched, this, [this] {
        m_isFitted = false;
        m_sprites.clear();
        m_faces.clear();
        update();
    });
}

std::optional<KitWalk::Place> AxonView::placeOfBody() const {
    return m_board.playtest() ? m_board.playtest()->kitPlace() : std::nullopt;
}

const level::Kit* AxonView::kit() const {
    return m_session.document.project().kitOf(*m_session.document.level());
}

void AxonView::themeChanged() {
    m_sprites.clear();
    update();
}

int AxonView::peel() const {
    return m_peel->value();
}
void AxonView::setPeel(int storey) {
    m_peel->setValue(storey);
}

QPointF AxonView::toWidget(double x, double y, double z) const {
    const level::Kit* now = kit();
    const double perUnit = now ? axonStretch * m_half / unitsOf(now->width) : 1;
    return m_origin + QPointF((x - y) * m_half, (x + y) * m_half / 2 - z * perUnit);
}

QPointF AxonView::toLevelPx(QPointF widget, bool onPieces) const {
    const level::Kit* now = kit();
    const CellSize cell = m_session.document.level()->cellSize;
    const double perUnit = now ? axonStretch * m_half / unitsOf(now->width) : 1;
    const auto onPlane = [&](double z) {
        const QPointF p = widget - m_origin + QPointF(0, z * perUnit);
        return QPointF(p.x() / m_half / 2 + p.y() / m_half, p.y() / m_half - p.x() / m_half / 2);
    };
    QPointF at = onPlane(now ? unitsOf(now->storey) * m_session.workbench.storey() : 0);
    if (onPieces && now)
        for (int storey = std::min(peel(), m_index.storeyCount() - 1); storey >= 0; --storey) {
            const QPointF there = onPlane(unitsOf(now->storey) * storey);
            const CellPoint module{int(std::floor(there.x())), int(std::floor(there.y()))};
            if (m_index.at({module, storey}).empty()) continue;
            at = there;
            break;
        }
    return {at.x() * cell.width, at.y() * cell.height};
}

void AxonView::fit() {
    const level::Kit* now = kit();
    const CellRect bounds = m_session.document.level()->cells.bounds();
    if (!now || bounds.isEmpty()) return;
    gather();
    // What is built, or else the whole board.
    CellRect built;
    int storeys = 1;
    for (const Item& item : m_items) {
        built = built.united({item.at.x, item.at.y, 1, 1});
        storeys = std::max(storeys, item.storey + 1);
    }
    for (const level::Solid& solid : m_gathered->solids) {
        built = built.united(kit::boundsOf(solid));
        storeys = std::max(storeys, solid.storey + 1);
    }
    const CellRect shown = built.isEmpty() ? bounds : built.grown(1);
    const double across = shown.width + shown.height;
    const double high =
        across / 2 + axonStretch * unitsOf(now->storey) * storeys / unitsOf(now->width);
    m_half = std::clamp(std::min((width() - 30.0) / across, (height() - 30.0) / high), 3.0, 80.0);
    m_origin = {};
    const QPointF middle = toWidget(shown.x + shown.width / 2.0, shown.y + shown.height / 2.0,
                                    unitsOf(now->storey) * storeys / 2.0);
    m_origin = QPointF(width() / 2.0, height() / 2.0) - middle;
    m_sprites.clear();
    m_isFitted = true;
    update();
}

void AxonView::gather() {
    const level::Kit* now = kit();
    const auto& level = m_session.document.level();
    if (!now || (m_gathered == level && m_kits.isSharedWith(m_session.document.project().kits)))
        return;
    const bool isSameKit = m_kits.isSharedWith(m_session.document.project().kits);
    if (!isSameKit) {
        m_sprites.clear();
        m_faces.clear();
    }
    if (m_gathered && isSameKit && m_gathered->kit == level->kit)
        m_index.follow(*now, m_gathered->pieces, *level);
    else
        m_index = kit::PlacedIndex(*now, *level);
    m_kits = m_session.document.project().kits;
    m_gathered = level;
    m_items.clear();
    std::map<std::string, int> indexes;
    for (std::size_t i = 0; i < now->pieces.size(); ++i)
        indexes.emplace(now->pieces[i].name, int(i));
    std::size_t i = 0;
    for (const level::PlacedPiece& placed : level->pieces) {
        const auto found = indexes.find(placed.piece);
        const std::size_t index = i++;
        if (found == indexes.end()) continue;
        const level::Piece& piece = now->pieces[std::size_t(found->second)];
        for (const kit::PlacedCell& cell : kit::cellsOf(piece, placed))
            m_items.push_back({index, cell.cell, cell.spot.at, cell.spot.storey, placed.turn,
                               QPointF(placed.offX.toDouble(), placed.offY.toDouble()),
                               found->second});
    }
    // From below, and from the back to the front.
    std::stable_sort(m_items.begin(), m_items.end(), [](const Item& a, const Item& b) {
        return std::pair(a.storey, a.at.x + a.at.y) < std::pair(b.storey, b.at.x + b.at.y);
    });
    int top = std::max(0, m_index.storeyCount() - 1);
    for (const level::Solid& solid : level->solids)
        top = std::max(top, solid.storey);
    const bool showedAll = m_peel->value() == m_peel->maximum();
    m_peel->setRange(0, top);
    if (showedAll) m_peel->setValue(top);
    m_peel->setVisible(top > 0);
}

const AxonSprite& AxonView::spriteOf(const level::Piece& piece, int pieceIndex, std::size_t cell,
                                     int turn) {
    const quint64 key = (quint64(pieceIndex) << 32) | (quint64(cell) << 4) | quint64(turn);
    const auto found = m_sprites.constFind(key);
    if (found != m_sprites.constEnd()) return *found;
    if (!m_faces.contains(pieceIndex)) {
        const auto& models = m_models.of(*kit(), m_session.document.folder());
        const auto model = models.find(piece.name);
        m_faces[pieceIndex] = model != models.end() ? kit::facesOf(*kit(), piece, model->second)
                                                    : kit::facesOf(*kit(), piece);
    }
    return *m_sprites.insert(key, made(piece, pieceIndex, cell, turn));
}

AxonSprite AxonView::made(const level::Piece& piece, int pieceIndex, std::size_t cell,
                          int turn) const {
    return makeAxonSprite(
        {kit(), &piece, &m_faces.at(pieceIndex), cell, turn, m_half, devicePixelRatioF()});
}

/// Models come as they are read.
void AxonView::takeModels() {
    const std::size_t count = m_models.of(*kit(), m_session.document.folder()).size();
    if (std::exchange(m_modelCount, count) != count) {
        m_sprites.clear();
        m_faces.clear();
    }
    constexpr int soonMs = 40;
    if (m_models.isReading()) QTimer::singleShot(soonMs, this, qOverload<>(&QWidget::update));
}

void AxonView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const Theme& theme = currentTheme();
    painter.fillRect(rect(), theme.paper);
    const level::Kit* now = kit();
    if (!now) return;
    takeModels();
    if (!m_isFitted) fit();
    gather();
    // The board's ground, as a sheet.
    const CellRect bounds = m_session.document.level()->cells.bounds();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme.gridMajor, 1));
    painter.drawPolygon(QPolygonF{toWidget(0, 0, 0), toWidget(bounds.width, 0, 0),
                                  toWidget(bounds.width, bounds.height, 0),
                                  toWidget(0, bounds.height, 0)});
    // What hangs above shades the ground, so that one sees how high it is.
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor(0, 0, 0, theme.isNight ? 90 : 28));
    for (const Item& item : m_items)
        if (item.storey > 0 && item.storey <= peel() && m_index.at({item.at, 0}).empty())
            painter.drawPolygon(QPolygonF{
                toWidget(item.at.x, item.at.y, 0), toWidget(item.at.x + 1, item.at.y, 0),
                toWidget(item.at.x + 1, item.at.y + 1, 0), toWidget(item.at.x, item.at.y + 1, 0)});
    const double storey = unitsOf(now->storey);
    const QRectF seen = QRectF(rect()).adjusted(-4 * m_half, -4 * m_half, 4 * m_half, 4 * m_half);
    int bodyStorey = -1;
    double bodyDepth = 0;
    if (const auto body = placeOfBody()) {
        bodyStorey = body->storey;
        bodyDepth = std::floor(body->x) + std::floor(body->y);
    }
    AxonSolids solids(*now, *m_session.document.level(), peel());
    const auto place = [this](double x, double y, double z) { return toWidget(x, y, z); };
    for (const Item& item : m_items) {
        if (item.storey > peel()) break;
        solids.paintBehind(painter, item.storey, item.at, place);
        if (bodyStorey >= 0 && (item.storey > bodyStorey ||
                                (item.storey == bodyStorey && item.at.x + item.at.y > bodyDepth))) {
            paintBody(painter);
            bodyStorey = -1;
        }
        const QPointF at = toWidget(item.at.x + 0.5 + item.off.x(), item.at.y + 0.5 + item.off.y(),
                                    storey * item.storey);
        if (!seen.contains(at)) continue;
        const level::Piece& piece = now->pieces[std::size_t(item.piece)];
        const AxonSprite& sprite = spriteOf(piece, item.piece, item.cell, item.turn);
        if (!sprite.picture.isNull()) painter.drawPixmap(at + sprite.corner, sprite.picture);
    }
    solids.paintRest(painter, place);
    if (bodyStorey >= 0) paintBody(painter);
    const auto& level = *m_session.document.level();
    for (const level::PlacedPiece& placed : level.pieces) {
        const auto& ids = m_session.workbench.selection().pieces;
        if (ids.empty()) break;
        const level::Piece* piece = now->find(placed.piece);
        if (piece && std::find(ids.begin(), ids.end(), placed.id) != ids.end())
            paintOutline(painter, *piece, placed, theme.accent);
    }
    const auto& chosen = m_session.workbench.selection().pieces;
    for (const level::Solid& solid : level.solids)
        if (std::find(chosen.begin(), chosen.end(), solid.id) != chosen.end())
            AxonSolids::paintOutline(painter, *now, solid, theme.accent, place);
    const ToolPreview& preview = m_board.toolPreview();
    for (const level::Solid& solid : preview.solids)
        AxonSolids::paintOutline(painter, *now, solid,
                                 preview.isErasing ? theme.alarm : theme.accent, place);
    for (const level::PlacedPiece& placed : preview.pieces)
        if (const level::Piece* piece = now->find(placed.piece))
            paintOutline(painter, *piece, placed, preview.isRefused ? theme.alarm : theme.accent);
    painter.setPen(theme.quietInk);
    painter.setFont(sizedFont(-2));
    if (m_peel->maximum() > 0)
        painter.drawText(QRectF(width() - 130, 8, 98, 18), Qt::AlignRight | Qt::AlignVCenter,
                         peel() == m_peel->maximum() ? tr("all storeys")
                                                     : tr("up to storey %1").arg(peel() + 1));
}

void AxonView::paintOutline(QPainter& painter, const level::Piece& piece,
                            const level::PlacedPiece& placed, const QColor& tone) {
    const double storey = unitsOf(kit()->storey);
    QColor fill = tone;
    fill.setAlphaF(0.22f);
    painter.setPen(QPen(tone, 1.6));
    painter.setBrush(fill);
    for (const kit::PlacedCell& cell : kit::cellsOf(piece, placed)) {
        const double x = cell.spot.at.x + placed.offX.toDouble();
        const double y = cell.spot.at.y + placed.offY.toDouble();
        const double z = storey * cell.spot.storey;
        painter.drawPolygon(QPolygonF{toWidget(x, y, z), toWidget(x + 1, y, z),
                                      toWidget(x + 1, y + 1, z), toWidget(x, y + 1, z)});
    }
    painter.setBrush(Qt::NoBrush);
}

/// The one who walks: as high and wide as the body, with a shade at the feet.
void AxonView::paintBody(QPainter& painter) {
    const auto body = placeOfBody();
    if (!body) return;
    const Theme& theme = currentTheme();
    const double high = axonStretch * m_half / unitsOf(kit()->width) * unitsOf(kit()->body.height);
    const QPointF foot = toWidget(body->x, body->y, body->z);
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor(0, 0, 0, 90));
    painter.drawEllipse(foot, m_half * 0.16, m_half * 0.08);
    painter.setPen(QPen(theme.ink, 1.2));
    painter.setBrush(theme.plum);
    painter.drawRoundedRect(QRectF(foot.x() - m_half * 0.11, foot.y() - high, m_half * 0.22, high),
                            3, 3);
    painter.setBrush(Qt::NoBrush);
}

void AxonView::takeStorey(QPointF widget) {
    const CellSize cell = m_session.document.level()->cellSize;
    const int former = m_session.workbench.storey();
    for (int storey = std::min(peel(), m_index.storeyCount() - 1); storey >= 0; --storey) {
        m_session.workbench.setStorey(storey);
        const QPointF px = toLevelPx(widget, false);
        const CellPoint module{int(std::floor(px.x() / cell.width)),
                               int(std::floor(px.y() / cell.height))};
        if (!m_index.at({module, storey}).empty()) return;
    }
    m_session.workbench.setStorey(former);
}

void AxonView::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::MiddleButton) {
        m_isPanning = true;
        m_lastPointer = event->position();
        return;
    }
    // What is taken or deleted is what one sees there; what is placed lies on its storey.
    const Workbench& workbench = m_session.workbench;
    if (event->button() == Qt::RightButton || workbench.isInHand("select") ||
        workbench.isInHand("close") || (event->modifiers() & Qt::ControlModifier))
        takeStorey(event->position());
    m_board.pressAt(toLevelPx(event->position(), false), event->button(), event->modifiers());
    m_board.setFocus();
    update();
}

void AxonView::mouseMoveEvent(QMouseEvent* event) {
    if (m_isPanning) {
        m_origin += event->position() - m_lastPointer;
        m_lastPointer = event->position();
        return update();
    }
    m_board.moveTo(toLevelPx(event->position(), false), event->modifiers());
    update();
}

void AxonView::mouseReleaseEvent(QMouseEvent* event) {
    if (std::exchange(m_isPanning, false)) return;
    m_board.releaseAt(toLevelPx(event->position(), false), event->button(), event->modifiers());
    update();
}

void AxonView::setZoom(double pixels, QPointF fixed) {
    const double next = std::clamp(pixels, 3.0, 120.0);
    const double by = next / m_half;
    m_origin = fixed + (m_origin - fixed) * by;
    m_half = next;
    m_sprites.clear();
    update();
}

void AxonView::wheelEvent(QWheelEvent* event) {
    setZoom(m_half * std::pow(1.25, event->angleDelta().y() / 120.0), event->position());
    event->accept();
}

void AxonView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    m_peel->setGeometry(width() - 30, 8, 22, std::min(160, height() - 16));
    if (event->oldSize().width() != width()) m_isFitted = false;
}

}  // namespace rook::app
