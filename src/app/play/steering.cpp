#include "app/play/steering.h"

#include <QKeySequence>
#include <QSettings>
#include <algorithm>
#include <utility>

#include "app/ui/words.h"

namespace rook::app {

namespace {

QString settingOf(int action) {
    static constexpr const char* names[] = {"left", "right", "up", "down", "jump", "use", "swap"};
    return QStringLiteral("walk-keys/") + QLatin1String(names[action]);
}

constexpr std::pair<int, SteeringAction> givenKeys[] = {
    {Qt::Key_Left, SteeringAction::Left},   {Qt::Key_A, SteeringAction::Left},
    {Qt::Key_Right, SteeringAction::Right}, {Qt::Key_D, SteeringAction::Right},
    {Qt::Key_Up, SteeringAction::Up},       {Qt::Key_W, SteeringAction::Up},
    {Qt::Key_Down, SteeringAction::Down},   {Qt::Key_S, SteeringAction::Down},
    {Qt::Key_Space, SteeringAction::Jump},  {Qt::Key_E, SteeringAction::Use},
    {Qt::Key_Q, SteeringAction::Swap}};

/// Keys with which a walk is watched and ended.
constexpr int otherKeys[] = {Qt::Key_P, Qt::Key_I,      Qt::Key_O,   Qt::Key_U,    Qt::Key_F,
                             Qt::Key_K, Qt::Key_Escape, Qt::Key_Tab, Qt::Key_Home, Qt::Key_Backtab};

}  // namespace

QString textOf(SteeringAction action) {
    switch (action) {
        case SteeringAction::Left:
            return tr("Left");
        case SteeringAction::Right:
            return tr("Right");
        case SteeringAction::Up:
            return tr("Up, take hold");
        case SteeringAction::Down:
            return tr("Down, drop through");
        case SteeringAction::Jump:
            return tr("Jump");
        case SteeringAction::Use:
            return tr("Use, open a door");
        case SteeringAction::Swap:
            return tr("Swap the profile");
    }
    return {};
}

SteeringKeys SteeringKeys::saved() {
    SteeringKeys keys;
    const QSettings settings;
    for (int i = 0; i < steeringActionCount; ++i) {
        const QString text = settings.value(settingOf(i)).toString();
        const QKeySequence sequence(text, QKeySequence::PortableText);
        // What somebody wrote there by hand and cannot be chosen is left out.
        if (!text.isEmpty() && sequence.count() == 1)
            (void)keys.choose(SteeringAction(i), sequence[0].key());
    }
    return keys;
}

void SteeringKeys::save() const {
    QSettings settings;
    for (int i = 0; i < steeringActionCount; ++i) {
        const int key = m_keys[std::size_t(i)];
        if (key == 0)
            settings.remove(settingOf(i));
        else
            settings.setValue(settingOf(i), QKeySequence(key).toString(QKeySequence::PortableText));
    }
}

QString SteeringKeys::choose(SteeringAction action, int key) {
    const QString name = QKeySequence(key).toString(QKeySequence::NativeText);
    const bool isModifier = key == Qt::Key_Control || key == Qt::Key_Alt || key == Qt::Key_Meta ||
                            key == Qt::Key_AltGr || key == Qt::Key_Shift || key == Qt::Key_unknown;
    if (key != 0 && (isModifier || std::find(std::begin(otherKeys), std::end(otherKeys), key) !=
                                       std::end(otherKeys)))
        return isModifier ? tr("A walk cannot be steered by that key. Choose another one.")
                          : tr("%1 does something else in a walk. Choose another key.").arg(name);
    for (int i = 0; key != 0 && i < steeringActionCount; ++i)
        if (i != int(action) && m_keys[std::size_t(i)] == key)
            return tr("%1 is chosen for \"%2\" already.").arg(name, textOf(SteeringAction(i)));
    m_keys[std::size_t(action)] = key;
    return {};
}

bool SteeringKeys::does(int key, SteeringAction action) const {
    const auto chosenFor = std::find(m_keys.begin(), m_keys.end(), key);
    if (key != 0 && chosenFor != m_keys.end())
        return chosenFor - m_keys.begin() == std::ptrdiff_t(action);
    const bool isUp = key == Qt::Key_Up || key == Qt::Key_W;
    if (action == SteeringAction::Jump && isUp) return chosen(SteeringAction::Jump) == 0;
    return std::find(std::begin(givenKeys), std::end(givenKeys), std::pair(key, action)) !=
           std::end(givenKeys);
}

bool Steering::takeKey(const QKeyEvent& event, bool isDown) {
    const int key = event.key();
    bool steers = false;
    for (int i = 0; i < steeringActionCount; ++i)
        steers = steers || m_keys.does(key, SteeringAction(i));
    if (!steers || event.isAutoRepeat()) return steers;
    if (isDown)
        m_held.insert(key);
    else
        m_held.remove(key);
    for (int i = 0; isDown && i < steeringActionCount; ++i)
        if (m_keys.does(key, SteeringAction(i))) m_isPressed[std::size_t(i)] = true;
    return true;
}

bool Steering::isHeld(SteeringAction action) const {
    return std::any_of(m_held.begin(), m_held.end(),
                       [&](int key) { return m_keys.does(key, action); });
}

}  // namespace rook::app
