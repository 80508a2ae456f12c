#include "app/ui/key_choices.h"

#include <QSettings>

#include "app/ui/words.h"

namespace rook::app {

namespace {

const char* const standardProperty = "standardKey";

QString keyOf(const QAction* action) {
    return QStringLiteral("keys/") + action->objectName();
}

QString said(const QKeySequence& keys) {
    return keys.toString(QKeySequence::NativeText);
}

}  // namespace

void giveKey(QAction* action, const QKeySequence& standard) {
    action->setProperty(standardProperty, QVariant::fromValue(standard));
    const QSettings settings;
    const bool isChosen = hasChosenKey(action);
    action->setShortcut(isChosen ? QKeySequence(settings.value(keyOf(action)).toString(),
                                                QKeySequence::PortableText)
                                 : standard);
}

QKeySequence standardKeyOf(const QAction* action) {
    return action->property(standardProperty).value<QKeySequence>();
}

bool hasChosenKey(const QAction* action) {
    return !action->objectName().isEmpty() && QSettings().contains(keyOf(action));
}

QString chooseKey(QAction* action, const QKeySequence& keys, const QList<QAction*>& all) {
    for (const QAction* other : all) {
        if (other == action || keys.isEmpty() || other->shortcut() != keys) continue;
        if (other->text().isEmpty())
            return tr("%1 belongs to the tools and to the board: take another one.")
                .arg(said(keys));
        return tr("%1 is the key of \"%2\": give that another one first.")
            .arg(said(keys), other->text().remove(u'&'));
    }
    action->setShortcut(keys);
    if (keys == standardKeyOf(action))
        QSettings().remove(keyOf(action));
    else
        QSettings().setValue(keyOf(action), keys.toString(QKeySequence::PortableText));
    return {};
}

void giveStandardKey(QAction* action) {
    QSettings().remove(keyOf(action));
    action->setShortcut(standardKeyOf(action));
}

}  // namespace rook::app
