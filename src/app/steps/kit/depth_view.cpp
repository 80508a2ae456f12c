#include "app/steps/kit/depth_view.h"

#include <QMouseEvent>
#include <QSettings>
#include <QSlider>
#include <algorithm>
#include <cmath>
#include <numbers>
#include <unordered_set>

#include "app/board/board.h"
#include "app/painting/flags.h"
#include "app/steps/kit/axon_view.h"
#include "app/steps/kit/outlook_rose.h"
#include "app/ui/buttons.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

constexpr int restMs = 160;  ///< after which the eye is at rest
constexpr int cutSteps = 4;  ///< a storey

QString settingOf(const char* name) {
    return QStringLiteral("depth/") + QLatin1String(name);
}

}  // namespace

ViewAslant* makeViewAslant(Session& session, Board& board, QWidget* parent) {
    QString reason;
    if (auto painter = DepthPainter::make(&reason))
        return new DepthView(session, board, std::move(painter), parent);
    static bool isSaid = false;
    if (!std::exchange(isSaid, true))
        session.say(tr("%1: the board is drawn aslant, from one side.").arg(reason));
    return makePaintedView(session, board, parent);
}

ViewAslant* makePaintedView(Session& session, Board& board, QWidget* parent) {
    return new AxonView(session, board, parent);
}

DepthView::DepthView(Session& session, Board& board, std::unique_ptr<DepthPainter> painter,
                     QWidget* parent)
    : ViewAslant(parent),
      m_session(session),
      m_board(board),
      m_painter(std::move(painter)),
      m_marks(session) {
    setObjectName(QStringLiteral("depth"));
    setAccessibleName(tr("View in depth"));
    setAccessibleDescription(
        tr("The kit board in depth. Works like the plan; Ctrl and arrows turn it."));
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(240, 180);
    setAttribute(Qt::WA_OpaquePaintEvent);
    addControls();
    m_rest.setSingleShot(true);
    m_rest.setInterval(restMs);
    connect(&m_rest, &QTimer::timeout, this, [this] {
        m_isMoving = false;
        refresh();
    });
    connect(m_painter.get(), &DepthPainter::painted, this, &DepthView::takePicture);
    connect(m_painter.get(), &DepthPainter::failed, this, [this](const QString& reason) {
        m_session.say(tr("%1: the board is drawn aslant, from one side.").arg(reason));
        Q_EMIT gaveUp();
    });
    const auto refreshed = [this] { refresh(); };
    connect(&session.document, &Document::changed, this, refreshed);
    connect(&session.document, &Document::listsChanged, this, refreshed);
    connect(&session.workbench, &Workbench::selectionChanged, this, refreshed);
    connect(&session.workbench, &Workbench::toolChanged, this, refreshed);
    connect(&session.workbench, &Workbench::stepChanged, this, refreshed);
    connect(&session.proofs, &Proofs::changed, this, refreshed);
    connect(&board, &Board::pointerMoved, this, refreshed);
    connect(&board, &Board::walkChanged, this, &DepthView::takeWalk);
    connect(&session.requests, &Requests::placeAsked, this, &DepthView::bringIntoView);
    connect(&session.document, &Document::levelSwitched, this, [this] {
        m_isFitted = false;
        refresh();
    });
}

DepthView::~DepthView() = default;

void DepthView::addControls() {
    m_rose = new OutlookRose(this);
    connect(m_rose, &OutlookRose::chosen, this, &DepthView::lookFrom);
    m_cut = new QSlider(Qt::Vertical, this);
    m_cut->setObjectName(QStringLiteral("cut"));
    m_cut->setAccessibleName(tr("How high is shown"));
    m_cut->setToolTip(tr("Cuts away what is higher; a storey has four steps"));
    m_cut->setRange(1, cutSteps);
    m_cut->setValue(cutSteps);
    m_cut->setPageStep(cutSteps);
    connect(m_cut, &QSlider::valueChanged, this, [this] { refresh(); });
    const auto chip = [&](const QString& text, const char* name, const QString& help, bool first) {
        auto* made = new Chip(text, this);
        made->setObjectName(QLatin1String("depth-") + QLatin1String(name));
        made->setCheckable(true);
        made->setToolTip(help);
        made->setChecked(QSettings().value(settingOf(name), first).toBool());
        connect(made, &Chip::toggled, this, [this, name](bool isOn) {
            QSettings().setValue(settingOf(name), isOn);
            m_camera.isParallel = m_parallel->isChecked();
            refresh();
        });
        return made;
    };
    m_parallel =
        chip(tr("Parallel"), "parallel", tr("What is far is as large as what is near"), true);
    m_smooth = chip(tr("Smooth"), "smooth", tr("Shades over blunt edges of models"), false);
    m_lowWalls = chip(tr("Low walls"), "low-walls",
                      tr("Walls that stand before their room are cut low"), true);
    m_below = chip(tr("From below"), "below", tr("Corners of the rose look up from below"), false);
    m_large = new Chip(tr("Large models"), this);
    m_large->setObjectName(QStringLiteral("depth-large"));
    m_large->setCheckable(true);
    m_large->setToolTip(tr("Shows models of more than 300,000 triangles, too; that takes a while"));
    connect(m_large, &Chip::toggled, this, [this] { refresh(); });
    m_camera.isParallel = m_parallel->isChecked();
    addWalkControls();
}

void DepthView::placeControls() {
    m_rose->move(10, 10);
    m_cut->setGeometry(width() - 30, 10, 22, std::clamp(height() - 80, 60, 170));
    int x = 10;
    const auto place = [&](Chip* chip, bool isShown) {
        chip->setVisible(isShown);
        if (!isShown) return;
        const QSize size = chip->sizeHint();
        chip->setGeometry(x, height() - size.height() - 10, size.width(), size.height());
        x += size.width() + 6;
    };
    for (Chip* chip : m_walkLooks)
        place(chip, m_wasWalking);
    for (Chip* chip : {m_parallel, m_smooth, m_lowWalls, m_below})
        place(chip, !looksFromWithin());
    place(m_large, m_picture.large > 0 || m_large->isChecked());
    m_rose->setVisible(!looksFromWithin());
    m_cut->setVisible(!looksFromWithin());
}

const level::Kit* DepthView::kit() const {
    return m_session.document.project().kitOf(*m_session.document.level());
}

kit::PictureSize DepthView::pictureSize() const {
    return {double(std::max(1, width())), double(std::max(1, height()))};
}

kit::DepthLook DepthView::look() const {
    if (looksFromWithin()) return {};
    const level::Kit* now = kit();
    const bool isAll = !now || m_cut->value() == m_cut->maximum();
    return {isAll ? 1e30 : exact(now->storey).toDouble() * m_cut->value() / cutSteps - 0.01,
            m_lowWalls->isChecked()};
}

/// What is built, or else the whole board.
kit::Bounds3 DepthView::board() const {
    const level::Kit* now = kit();
    kit::Bounds3 box;
    if (!now) return box;
    if (m_picture.scene && m_picture.level->id == m_session.document.level()->id)
        box = m_picture.scene->bounds();
    if (!box.isEmpty()) return box;
    const CellRect cells = m_session.document.level()->cells.bounds();
    box.take(kit::Point3{0, 0, 0});
    box.take(kit::Point3{cells.width * exact(now->width).toDouble(),
                         cells.height * exact(now->depth).toDouble(),
                         exact(now->storey).toDouble()});
    return box;
}

std::optional<QPointF> DepthView::toWidget(const kit::Point3& place) const {
    const auto at = kit::projected(m_camera, pictureSize(), place);
    if (!at) return std::nullopt;
    return QPointF(at->at.x, at->at.y);
}

void DepthView::fit() {
    m_camera = kit::fitted(m_camera, board(), pictureSize());
    m_isFitted = true;
    refresh();
}

void DepthView::lookFrom(kit::Outlook outlook, int eighth) {
    setCamera(kit::lookedAt(board(), pictureSize(), outlook, eighth, m_below->isChecked(),
                            m_parallel->isChecked()));
}

void DepthView::turnToCorner(int by) {
    // The corner that is nearest in that direction.
    const double eighth = m_camera.heading / (std::numbers::pi / 4);
    const double corner = (eighth - 1) / 2;
    const int next =
        by > 0 ? int(std::floor(corner + 0.01)) + 1 : int(std::ceil(corner - 0.01)) - 1;
    lookFrom(kit::Outlook::Corner, (2 * next + 1) & 7);
}

void DepthView::setCamera(const kit::Camera& camera) {
    if (m_camera != camera) startMoving();
    m_camera = camera;
    refresh();
}

void DepthView::bringIntoView(const PxRect& place) {
    const level::Kit* now = kit();
    if (!now || !isVisible() || m_board.isWalking()) return;
    const CellSize cell = m_session.document.level()->cellSize;
    const kit::Point3 middle{
        (place.x + place.width / 2.0) / cell.width * exact(now->width).toDouble(),
        (place.y + place.height / 2.0) / cell.height * exact(now->depth).toDouble(),
        exact(now->storey).toDouble() * m_session.workbench.storey()};
    const auto at = toWidget(middle);
    if (at && rect().adjusted(40, 40, -40, -40).contains(at->toPoint())) return;
    kit::Camera camera = m_camera;
    camera.target = middle;
    setCamera(camera);
}

void DepthView::startMoving() {
    m_isMoving = true;
    m_rest.start();
}

void DepthView::zoomBy(double times) {
    setCamera(kit::nearer(m_camera, m_camera.target, times));
}

void DepthView::setCutQuarters(int quarters) {
    m_cut->setValue(quarters);
}

void DepthView::refresh() {
    m_isStale = true;
    update();
}

bool DepthView::isCurrent() const {
    return !m_isStale && m_picture.number == m_asked && !m_isMoving && m_picture.reading == 0;
}

DepthRequest DepthView::request() const {
    DepthRequest request;
    const Document& document = m_session.document;
    request.level = document.level();
    request.kits = document.project().kits;
    request.folder = document.folder();
    request.camera = m_camera;
    request.size = size();
    request.ratio = devicePixelRatioF();
    request.look = look();
    request.isSmooth = m_smooth->isChecked();
    request.showsLarge = m_large->isChecked();
    request.isMoving = m_isMoving;
    request.storey = m_session.workbench.storey();
    request.pointed = m_gesture == Gesture::None ? m_pointed : 0;
    request.selected = m_session.workbench.selection().pieces;
    request.isNight = currentTheme().isNight;
    if (m_board.isWalking()) {
        request.showsGrid = false;
        request.pointed = 0;
        const auto place = m_board.playtest()->kitPlace();
        if (place && !(looksFromWithin() && m_walkLook == WalkLook::AtEye)) {
            const level::Kit& now = *kit();
            request.body = DepthRequest::Body{{place->x * exact(now.width).toDouble(),
                                               place->y * exact(now.depth).toDouble(), m_footZ},
                                              exact(now.body.height).toDouble()};
        }
        return request;
    }
    request.inHand = m_board.toolPreview().pieces;
    request.solidsInHand = m_board.toolPreview().solids;
    request.isRefused = m_board.toolPreview().isRefused || m_board.toolPreview().isErasing;
    if (m_session.workbench.step() == Step::Prove)
        if (const auto known = m_session.proofs.of(document.level()->id))
            for (const check::Finding& finding : known->report.findings())
                request.atFault.insert(request.atFault.end(), finding.pieces.begin(),
                                       finding.pieces.end());
    return request;
}

void DepthView::askPicture() {
    const level::Kit* now = kit();
    if (!now) return;
    m_isStale = false;
    DepthRequest asked = request();
    asked.number = ++m_asked;
    m_painter->ask(std::move(asked));
}

void DepthView::takePicture(const DepthPicture& picture) {
    const bool waits = m_picture.large > 0;
    m_picture = picture;
    if (waits != (picture.large > 0)) placeControls();
    const level::Kit* now = kit();
    if (now && picture.scene && picture.level == m_session.document.level()) {
        const double storey = exact(now->storey).toDouble();
        const int top = std::max(1, int(std::ceil(picture.scene->bounds().high.z / storey - 0.01)));
        const bool showedAll = m_cut->value() == m_cut->maximum();
        m_cut->setRange(1, top * cutSteps);
        if (showedAll) m_cut->setValue(top * cutSteps);
    }
    // The first picture of a level tells what is built.
    if (!m_isFitted && picture.level && picture.level->id == m_session.document.level()->id) {
        m_isFitted = true;
        lookFrom(kit::Outlook::Corner, 1);
    }
    update();
}

std::optional<kit::BoardHit> DepthView::hitAt(QPointF widget) const {
    if (!m_picture.scene || m_picture.level->id != m_session.document.level()->id)
        return std::nullopt;
    return m_picture.scene->hit(
        m_camera, kit::rayAt(m_camera, pictureSize(), {widget.x(), widget.y()}), look());
}

kit::Point3 DepthView::placeUnder(QPointF widget) const {
    if (const auto hit = hitAt(widget)) return hit->at;
    const level::Kit* now = kit();
    const double ground = now ? exact(now->storey).toDouble() * m_session.workbench.storey() : 0;
    const auto at =
        kit::onLevel(kit::rayAt(m_camera, pictureSize(), {widget.x(), widget.y()}), ground);
    // Near the horizon it would be anywhere.
    const kit::Bounds3 all = board();
    const double wide = all.high.x - all.low.x + all.high.y - all.low.y;
    if (at && std::abs(at->x - m_camera.target.x) + std::abs(at->y - m_camera.target.y) < 2 * wide)
        return *at;
    return m_camera.target;
}

std::optional<DepthView::Spot> DepthView::onLevel(QPointF widget, double z, int storey) const {
    const level::Kit* now = kit();
    if (!now) return std::nullopt;
    const auto at = kit::onLevel(kit::rayAt(m_camera, pictureSize(), {widget.x(), widget.y()}), z);
    if (!at) return std::nullopt;
    const CellSize cell = m_session.document.level()->cellSize;
    const QPointF px(at->x / exact(now->width).toDouble() * cell.width,
                     at->y / exact(now->depth).toDouble() * cell.height);
    // Beyond what any board has.
    if (std::abs(px.x()) > 1e6 || std::abs(px.y()) > 1e6) return std::nullopt;
    return Spot{px, storey, z};
}

/// The module that the hit part of the piece stands in, whatever the piece stands out over it.
DepthView::Spot DepthView::spotOf(const kit::BoardHit& hit) const {
    const level::Kit& now = *kit();
    const level::Level& level = *m_picture.level;
    const CellSize cell = level.cellSize;
    if (const level::Solid* solid = kit::findSolid(level, hit.id)) {
        // A little within, as faces lie on the solid's border.
        const auto within = [](double at, const Rational& start, const Rational& size) {
            const double low = start.toDouble();
            return std::clamp(at, low + 0.01, low + size.toDouble() - 0.01);
        };
        return {
            {within(hit.at.x / exact(now.width).toDouble(), solid->x, solid->width) * cell.width,
             within(hit.at.y / exact(now.depth).toDouble(), solid->y, solid->depth) * cell.height},
            solid->storey,
            hit.at.z};
    }
    const level::PlacedPiece& placed = level.pieces[*hit.placed];
    Spot spot{{}, placed.storey, hit.at.z};
    for (const kit::PlacedCell& each : kit::cellsOf(*now.find(placed.piece), placed)) {
        if (each.cell != hit.cell) continue;
        const double x = hit.at.x / exact(now.width).toDouble() * cell.width;
        const double y = hit.at.y / exact(now.depth).toDouble() * cell.height;
        const CellPoint at = each.spot.at;
        spot.px = {std::clamp(x, at.x * cell.width + 1.0, (at.x + 1) * cell.width - 1.0),
                   std::clamp(y, at.y * cell.height + 1.0, (at.y + 1) * cell.height - 1.0)};
        spot.storey = each.spot.storey;
    }
    return spot;
}

/// The picture is of the value that is worked on: indexes of another may mean another piece.
bool DepthView::showsWhatIsThere() const {
    const level::Level& now = *m_session.document.level();
    return m_picture.level && m_picture.level->pieces.isSharedWith(now.pieces) &&
           m_picture.level->solids.isSharedWith(now.solids);
}

std::optional<DepthView::Spot> DepthView::onPiece(QPointF widget) const {
    const auto hit = hitAt(widget);
    return hit && showsWhatIsThere() ? std::optional(spotOf(*hit)) : std::nullopt;
}

/// A module where a selected piece is what the tools take.
std::optional<DepthView::Spot> DepthView::spotOfSelected() {
    const level::Kit* now = kit();
    if (!now) return std::nullopt;
    const level::Level& level = *m_session.document.level();
    const kit::PlacedIndex& index = m_indexes.of(*now, level);
    const CellSize cell = level.cellSize;
    const auto& ids = m_session.workbench.selection().pieces;
    for (const level::Solid& solid : level.solids)
        if (std::find(ids.begin(), ids.end(), solid.id) != ids.end())
            return Spot{{(solid.x + solid.width / Rational(2)).toDouble() * cell.width,
                         (solid.y + solid.depth / Rational(2)).toDouble() * cell.height},
                        solid.storey,
                        0};
    for (const level::PlacedPiece& placed : level.pieces) {
        const level::Piece* piece = now->find(placed.piece);
        if (!piece || std::find(ids.begin(), ids.end(), placed.id) == ids.end()) continue;
        for (const kit::PlacedCell& each : kit::cellsOf(*piece, placed)) {
            const auto& tenants = index.at(each.spot);
            if (tenants.empty() || level.pieces[tenants.back().placed].id != placed.id) continue;
            return Spot{{(each.spot.at.x + 0.5) * cell.width, (each.spot.at.y + 0.5) * cell.height},
                        each.spot.storey,
                        0};
        }
    }
    return std::nullopt;
}

/// The tool in hand takes pieces; those of other steps take other things.
bool DepthView::selectsPieces() const {
    return m_session.workbench.step() == Step::Shape && m_session.workbench.isInHand("select");
}

std::optional<AxisHandles> DepthView::handles() const {
    const auto& ids = m_session.workbench.selection().pieces;
    const level::Kit* now = kit();
    if (ids.empty() || !now || !m_picture.scene || m_board.isWalking() || !selectsPieces())
        return std::nullopt;
    const std::unordered_set<int> selected(ids.begin(), ids.end());
    kit::Bounds3 box;
    for (const kit::DepthScene::Item& item : m_picture.scene->items())
        if (selected.contains(item.id)) box.takeAll(item.box);
    if (box.isEmpty()) return std::nullopt;
    AxisHandles handles;
    handles.middle = {(box.low.x + box.high.x) / 2, (box.low.y + box.high.y) / 2,
                      (box.low.z + box.high.z) / 2};
    // As long on the screen, however far off.
    const auto at = kit::projected(m_camera, pictureSize(), handles.middle);
    if (!at) return std::nullopt;
    handles.length = 78 / kit::pxPerUnit(m_camera, pictureSize(), at->depth);
    return handles;
}

}  // namespace rook::app
