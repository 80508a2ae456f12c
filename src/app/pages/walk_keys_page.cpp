#include "app/pages/walk_keys_page.h"

#include <QKeyEvent>
#include <QKeySequence>

#include "app/play/steering.h"
#include "app/ui/controls.h"
#include "app/ui/margin_row.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

/// Shows a key; pressed, it waits for another one.
class KeyButton : public QPushButton {
public:
    KeyButton(std::function<void(int)> chosen, QWidget* parent)
        : QPushButton(parent), m_chosen(std::move(chosen)) {
        setCheckable(true);
        setFixedWidth(150);
        connect(this, &QAbstractButton::toggled, this, [this] { showKey(m_key); });
    }
    void showKey(int key) {
        m_key = key;
        setText(isChecked() ? tr("press a key …")
                : key == 0  ? tr("choose …")
                            : QKeySequence(key).toString(QKeySequence::NativeText));
    }

protected:
    /// While it waits, every key is its own, Tab and Escape too.
    bool event(QEvent* event) override {
        if (isChecked() && event->type() == QEvent::ShortcutOverride) {
            event->accept();
            return true;
        }
        if (!isChecked() || event->type() != QEvent::KeyPress) return QPushButton::event(event);
        const auto* key = static_cast<QKeyEvent*>(event);
        setChecked(false);
        if (key->key() != Qt::Key_Escape) m_chosen(key->key());
        return true;
    }
    void focusOutEvent(QFocusEvent* event) override {
        setChecked(false);
        QPushButton::focusOutEvent(event);
    }

private:
    std::function<void(int)> m_chosen;
    int m_key = 0;
};

class KeysSection : public PanelSection {
public:
    KeysSection(Session& session, QWidget* parent)
        : PanelSection(tr("Keys"), tr("beside arrows, W A S D and Space"), session, parent) {
        for (int i = 0; i < steeringActionCount; ++i) {
            const auto action = SteeringAction(i);
            auto* holder = new QWidget(this);
            auto* line = new QHBoxLayout(holder);
            line->setContentsMargins(0, 0, 0, 0);
            line->setSpacing(6);
            auto* button = new KeyButton([this, action](int key) { choose(action, key); }, holder);
            button->setObjectName(QStringLiteral("walk-key-%1").arg(i));
            button->setAccessibleName(tr("Key for: %1").arg(textOf(action)));
            auto* away = new IconToggle(QStringLiteral("remove"), QStringLiteral("remove"),
                                        tr("Only the given keys again"), holder);
            away->setObjectName(QStringLiteral("walk-key-%1-away").arg(i));
            away->setCheckable(false);
            connect(away, &QAbstractButton::clicked, this, [this, action] { choose(action, 0); });
            line->addWidget(button);
            line->addWidget(away);
            addControl(textOf(action), holder);
            m_buttons << button;
            m_aways << away;
        }
        m_words = new QLabel(this);
        m_words->setObjectName(QStringLiteral("walk-key-words"));
        m_words->setWordWrap(true);
        addWide(m_words);
    }
    void refresh() override {
        const SteeringKeys keys = SteeringKeys::saved();
        for (int i = 0; i < steeringActionCount; ++i) {
            const int key = keys.chosen(SteeringAction(i));
            m_buttons[i]->showKey(key);
            m_aways[i]->setEnabled(key != 0);
        }
        m_words->setText(
            tr("A key that is chosen for jumping takes that from Up. P, I, O, U, F, K, "
               "Home, Tab and Escape do something else in a walk."));
    }

private:
    void choose(SteeringAction action, int key) {
        SteeringKeys keys = SteeringKeys::saved();
        const QString why = keys.choose(action, key);
        keys.save();
        refresh();
        if (!why.isEmpty()) m_words->setText(why);
    }

    QList<KeyButton*> m_buttons;
    QList<IconToggle*> m_aways;
    QLabel* m_words;
};

class ControllerSection : public PanelSection {
public:
    ControllerSection(Session& session, QWidget* parent)
        : PanelSection(tr("Game controller"), tr("if there is one"), session, parent) {
        addValue(tr("Left, right, up, down"))->setText(tr("the left stick, or the cross"));
        addValue(tr("Jump"))->setText(tr("the lowest button"));
        addValue(tr("Words are read"))->setText(tr("the same"));
    }
    void refresh() override {}
};

}  // namespace

WalkKeysPage::WalkKeysPage(Session& session, QWidget* parent)
    : Page(session, tr("Keys of a walk"), parent) {
    setObjectName(QStringLiteral("walk-keys-page"));
    setWords(tr("Keys of a walk"), tr("yours alone: they are in no project"));
    add(addColumn(), new KeysSection(session, this));
    add(addColumn(), new ControllerSection(session, this));
}

}  // namespace rook::app
