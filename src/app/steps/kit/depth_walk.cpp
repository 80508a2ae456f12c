/// Walking in depth: from afar, behind who walks, or at the height of their eyes.

#include <QCoreApplication>
#include <QKeyEvent>
#include <QSettings>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "app/board/board.h"
#include "app/steps/kit/depth_view.h"
#include "app/ui/buttons.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

constexpr double lookTurn = std::numbers::pi / 12;
constexpr double steepest = 1.3;     ///< radians, up or down
constexpr double eyePart = 0.93;     ///< of the body's height
constexpr double behindParts = 2.4;  ///< of the body's height, that the eye stays behind
constexpr double aboveParts = 1.5;   ///< and over the foot
constexpr double smoothing = 0.35;   ///< of a step that is taken in a picture

}  // namespace

void DepthView::addWalkControls() {
    const QString texts[] = {tr("From afar"), tr("Behind"), tr("At eye height")};
    const QString helps[] = {tr("The whole board, with who walks on it"),
                             tr("Behind who walks; drag to look about, V chooses"),
                             tr("What who walks sees; drag to look about, V chooses")};
    const char* names[] = {"walk-afar", "walk-behind", "walk-at-eye"};
    for (int i = 0; i < 3; ++i) {
        auto* chip = new Chip(texts[i], this);
        chip->setObjectName(QLatin1String(names[i]));
        chip->setToolTip(helps[i]);
        chip->setCheckable(true);
        chip->setFocusPolicy(Qt::NoFocus);
        chip->hide();
        connect(chip, &Chip::clicked, this, [this, i] { chooseWalkLook(WalkLook(i)); });
        m_walkLooks[std::size_t(i)] = chip;
    }
    const int kept = QSettings().value(QStringLiteral("depth/walk"), 0).toInt();
    m_walkLook = WalkLook(std::clamp(kept, 0, 2));
}

bool DepthView::looksFromWithin() const {
    return m_wasWalking && m_walkLook != WalkLook::Afar;
}

/// A walk begins or ends.
void DepthView::takeWalk() {
    const bool isWalking = m_board.isWalking() && m_board.playtest()->kitPlace();
    if (isWalking) {
        connect(m_board.playtest(), &Playtest::moved, this, &DepthView::followWalk,
                Qt::UniqueConnection);
        if (!m_wasWalking) {
            m_boardCamera = m_camera;
            m_lookHeading = m_camera.heading;
            m_lookPitch = 0;
            m_footZ = m_board.playtest()->kitPlace()->z;
        }
        if (isVisible() && !m_board.isVisible()) setFocus();
    }
    const bool endsWithin = !isWalking && looksFromWithin();
    m_wasWalking = isWalking;
    if (endsWithin) m_camera = m_boardCamera;
    chooseWalkLook(m_walkLook);
}

void DepthView::chooseWalkLook(WalkLook look) {
    if (m_wasWalking && look == WalkLook::Afar && m_walkLook != look) m_camera = m_boardCamera;
    m_walkLook = look;
    QSettings().setValue(QStringLiteral("depth/walk"), int(look));
    for (int i = 0; i < 3; ++i)
        m_walkLooks[std::size_t(i)]->setChecked(i == int(look));
    placeControls();
    followWalk();
}

void DepthView::turnLook(double heading, double pitch) {
    m_lookHeading = std::remainder(m_lookHeading + heading, 2 * std::numbers::pi);
    m_lookPitch = std::clamp(m_lookPitch + pitch, -steepest, steepest);
    followWalk();
}

/// The eye goes along with who walks; ahead is where it looks.
void DepthView::followWalk() {
    const auto place =
        m_wasWalking && m_board.playtest() ? m_board.playtest()->kitPlace() : std::nullopt;
    const level::Kit* now = kit();
    if (!place || !now) return refresh();
    m_footZ += (place->z - m_footZ) * smoothing;
    if (std::abs(place->z - m_footZ) < 0.005) m_footZ = place->z;
    m_board.playtest()->setHeading(looksFromWithin() ? m_lookHeading : 0);
    if (!looksFromWithin()) return refresh();
    const double height = exact(now->body.height).toDouble();
    kit::Camera camera;
    camera.heading = m_lookHeading;
    camera.pitch = m_lookPitch;
    camera.isParallel = false;
    camera.opening = kit::eyeOpening;
    const kit::Point3 foot{place->x * exact(now->width).toDouble(),
                           place->y * exact(now->depth).toDouble(), m_footZ};
    if (m_walkLook == WalkLook::AtEye) {
        camera.distance = 1;
        camera.target = foot + kit::Point3{0, 0, height * eyePart} + camera.forward();
    } else {
        camera.pitch = std::clamp(m_lookPitch + 0.25, -0.2, steepest);
        camera.distance = height * behindParts;
        camera.target = foot + kit::Point3{0, 0, height * aboveParts * 0.6};
        // Nothing stands between the eye and who walks.
        if (m_picture.scene) {
            const kit::Ray back{camera.target, camera.forward() * -1};
            const auto hit = m_picture.scene->hit(camera, back, {});
            if (hit && hit->t < camera.distance) camera.distance = std::max(0.6, hit->t - 0.15);
        }
    }
    setCamera(camera);
}

bool DepthView::takeWalkKey(QKeyEvent* event) {
    if (!m_board.isWalking()) return false;
    const bool isPlain = !(event->modifiers() & (Qt::ControlModifier | Qt::AltModifier));
    if (isPlain && event->key() == Qt::Key_V && m_wasWalking) {
        if (!event->isAutoRepeat()) chooseWalkLook(WalkLook((int(m_walkLook) + 1) % 3));
        return true;
    }
    if (looksFromWithin() && (event->modifiers() & Qt::ControlModifier)) {
        if (event->key() == Qt::Key_Left) turnLook(-lookTurn, 0);
        if (event->key() == Qt::Key_Right) turnLook(lookTurn, 0);
        if (event->key() == Qt::Key_Up) turnLook(0, -lookTurn);
        if (event->key() == Qt::Key_Down) turnLook(0, lookTurn);
        return true;
    }
    if (isPlain) QCoreApplication::sendEvent(&m_board, event);
    return isPlain;
}

}  // namespace rook::app
