#include "app/steps/cast/target_map.h"

#include <QKeyEvent>
#include <QLabel>
#include <QMouseEvent>
#include <QScrollArea>
#include <QVBoxLayout>
#include <cmath>

#include "app/board/level_cards.h"
#include "app/ui/buttons.h"
#include "app/ui/controls.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

constexpr QSize mostShown(640, 380);
constexpr double leastScale = 0.55, mostScale = 0.9;  // widget px a map px
constexpr double dotRadius = 5;                       // widget px

/// The cards, and the dots on them.
class TargetMap final : public QWidget {
public:
    TargetMap(Session& session, QStringList values, const QString& now,
              std::function<void(const QString&)> take)
        : m_session(session),
          m_thumbnails(session, levelPictureSize, nullptr),
          m_take(std::move(take)),
          m_values(std::move(values)),
          m_now(now) {
        setObjectName(QStringLiteral("target-map"));
        setAccessibleName(tr("Where it leads"));
        setFocusPolicy(Qt::StrongFocus);
        setMouseTracking(true);
        const level::Project& project = session.document.project();
        QRectF all;
        for (std::size_t i = 0; i < project.levels.size(); ++i)
            all = all.united(QRectF(placeOfCard(project, i), levelCardSize));
        m_corner = all.topLeft() - QPointF(10, 10);
        const QSizeF wanted = all.size() + QSizeF(20, 20);
        m_scale = std::clamp(
            std::min(mostShown.width() / wanted.width(), mostShown.height() / wanted.height()),
            leastScale, mostScale);
        setFixedSize((wanted * m_scale).toSize());
        connect(&m_thumbnails, &Thumbnails::changed, this, qOverload<>(&QWidget::update));
    }
    std::function<void()> tell;  ///< what is chosen has changed
    [[nodiscard]] const QString& now() const { return m_now; }
    void choose(const QString& value) {
        if (std::exchange(m_now, value) != value && tell) tell();
        update();
    }
    void take(const QString& value) {
        const auto told = m_take;
        window()->close();
        told(value);
    }
    /// The middle of the card or dot of a value, widget px; none for the end and the next level.
    [[nodiscard]] std::optional<QPointF> placeOf(const QString& value) const {
        const level::Project& project = m_session.document.project();
        const std::string id = value.section(u'/', 0, 0).toStdString();
        for (std::size_t i = 0; i < project.levels.size(); ++i) {
            const level::Level& level = *project.levels[i];
            if (level.id.text != id) continue;
            const QPointF corner = placeOfCard(project, i);
            const auto* entry = findEntity(level, {value.section(u'/', 1).toStdString()});
            return toWidget(entry ? placeOnCard(level, corner, middleOf(*entry))
                                  : QRectF(corner, levelCardSize).center());
        }
        return std::nullopt;
    }

protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        const level::Project& project = m_session.document.project();
        QPainter painter(this);
        painter.fillRect(rect(), theme.paper);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.save();
        painter.scale(m_scale, m_scale);
        painter.translate(-m_corner);
        for (std::size_t i = 0; i < project.levels.size(); ++i)
            paintLevelCard(painter, m_session, m_thumbnails, project.levels[i],
                           placeOfCard(project, i),
                           m_now.section(u'/', 0, 0).toStdString() == project.levels[i]->id.text);
        painter.restore();
        for (const QString& value : m_values) {
            if (!value.contains(u'/')) continue;
            const auto at = placeOf(value);
            if (!at) continue;
            const bool isNow = value == m_now;
            painter.setPen(QPen(theme.paper, 4));
            painter.setBrush(isNow ? theme.accent : theme.paper);
            painter.drawEllipse(*at, dotRadius, dotRadius);
            painter.setPen(QPen(isNow ? theme.accent : theme.plum, 2));
            painter.drawEllipse(*at, dotRadius, dotRadius);
        }
    }
    void mouseMoveEvent(QMouseEvent* event) override {
        const auto under = valueAt(event->position());
        setCursor(under ? Qt::PointingHandCursor : Qt::ArrowCursor);
        if (under) choose(*under);
    }
    void mouseReleaseEvent(QMouseEvent* event) override {
        if (event->button() != Qt::LeftButton) return;
        if (const auto under = valueAt(event->position())) take(*under);
    }
    void keyPressEvent(QKeyEvent* event) override {
        const bool isBack = event->key() == Qt::Key_Left || event->key() == Qt::Key_Up;
        const bool isOn = event->key() == Qt::Key_Right || event->key() == Qt::Key_Down;
        if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return take(m_now);
        if (!isBack && !isOn) return QWidget::keyPressEvent(event);
        const qsizetype at = m_values.indexOf(m_now);
        choose(m_values[std::clamp<qsizetype>(at + (isOn ? 1 : -1), 0, m_values.size() - 1)]);
    }

private:
    static PxPoint middleOf(const level::Entity& entity) {
        return {entity.box.x + entity.box.width / 2, entity.box.y + entity.box.height / 2};
    }
    [[nodiscard]] QPointF toWidget(QPointF map) const { return (map - m_corner) * m_scale; }
    /// A dot before the card that it is on.
    [[nodiscard]] std::optional<QString> valueAt(QPointF at) const {
        for (const QString& value : m_values) {
            const auto place = value.contains(u'/') ? placeOf(value) : std::nullopt;
            if (place && std::hypot(place->x() - at.x(), place->y() - at.y()) <= dotRadius + 2)
                return value;
        }
        const level::Project& project = m_session.document.project();
        for (std::size_t i = project.levels.size(); i-- > 0;)
            if (QRectF(placeOfCard(project, i), levelCardSize).contains(at / m_scale + m_corner))
                return QString::fromStdString(project.levels[i]->id.text);
        return std::nullopt;
    }

    Session& m_session;
    Thumbnails m_thumbnails;
    std::function<void(const QString&)> m_take;
    QStringList m_values;
    QString m_now;
    QPointF m_corner;  ///< of what is shown, map px
    double m_scale = 1;
};

}  // namespace

QList<std::pair<QString, QString>> targetChoices(const level::Project& project) {
    QList<std::pair<QString, QString>> targets{{tr("the next level"), QStringLiteral("+")},
                                               {tr("the end"), QString()}};
    for (const auto& level : project.levels) {
        const QString title = QString::fromStdString(level->title);
        const QString id = QString::fromStdString(level->id.text);
        targets << std::pair(title, id);
        for (const level::Entity& e : level->entities) {
            const auto role = project.roleOf(e);
            if (role != level::Role::Spawn && role != level::Role::Entry) continue;
            const QString entry = QString::fromStdString(e.id.text);
            targets << std::pair(tr("%1, at %2").arg(title, entry), id + u'/' + entry);
        }
    }
    return targets;
}

QString valueOf(const level::ExitTarget& target) {
    if (target.onward == level::Onward::Next) return QStringLiteral("+");
    if (target.onward == level::Onward::End) return {};
    const QString level = QString::fromStdString(target.level.text);
    return target.entry.isEmpty() ? level
                                  : level + u'/' + QString::fromStdString(target.entry.text);
}

level::ExitTarget targetOf(const QString& value, const level::Transition& transition) {
    using level::Onward;
    if (value.isEmpty()) return {Onward::End, {}, {}, transition};
    if (value == QStringLiteral("+")) return {Onward::Next, {}, {}, transition};
    return {Onward::Level,
            {value.section(u'/', 0, 0).toStdString()},
            {value.section(u'/', 1).toStdString()},
            transition};
}

void TargetChoice::showPopup() {
    auto* popup = new QFrame(this, Qt::Popup);
    popup->setObjectName(QStringLiteral("target-popup"));
    popup->setAttribute(Qt::WA_DeleteOnClose);
    popup->setFrameShape(QFrame::StyledPanel);
    auto* layout = new QVBoxLayout(popup);
    layout->setContentsMargins(6, 6, 6, 6);
    layout->setSpacing(6);
    QStringList values;
    for (int i = 0; i < count(); ++i)
        values << itemData(i).toString();
    auto* map =
        new TargetMap(m_session, values, currentData().toString(), [this](const QString& value) {
            const int at = findData(value);
            if (at < 0) return;
            setCurrentIndex(at);
            Q_EMIT activated(at);
        });
    auto* head = new QHBoxLayout;
    QList<Chip*> chips;
    for (int i = 0; i < 2; ++i) {
        auto* chip = new Chip(itemText(i), popup);
        chip->setObjectName(i == 0 ? QStringLiteral("target-next") : QStringLiteral("target-end"));
        chip->setCheckable(true);
        chip->setFocusPolicy(Qt::NoFocus);
        connect(chip, &QAbstractButton::clicked, map,
                [map, value = values[i]] { map->take(value); });
        head->addWidget(chip);
        chips << chip;
    }
    auto* words = new QLabel(popup);
    words->setObjectName(QStringLiteral("target-words"));
    head->addSpacing(10);
    head->addWidget(words, 1);
    layout->addLayout(head);
    auto* area = new QScrollArea;
    area->setFrameShape(QFrame::NoFrame);
    area->setWidget(map);
    layout->addWidget(area);
    map->tell = [this, map, words, chips, area] {
        const int at = findData(map->now());
        // The first two say it themselves.
        words->setText(at < 0 ? map->now() : at < 2 ? QString() : itemText(at));
        for (int i = 0; i < 2; ++i)
            chips[i]->setChecked(at == i);
        if (const auto place = map->placeOf(map->now()); place && !map->underMouse())
            area->ensureVisible(int(place->x()), int(place->y()), 90, 60);
    };
    popup->resize(std::min(mostShown.width() + 30, map->width() + 16),
                  std::min(mostShown.height() + 60, map->height() + 50));
    openUnder(popup, this);
    map->setFocus();
    map->tell();
}

}  // namespace rook::app
