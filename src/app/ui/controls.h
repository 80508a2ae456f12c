#pragma once
/// Controls that sections are made of.

#include <QComboBox>
#include <QEvent>
#include <QGridLayout>
#include <functional>

class QSpinBox;

namespace rook::app {

/// A box of choices that makes its list when it is opened, and not whenever it is put somewhere.
class ChoiceBox : public QComboBox {
public:
    using QComboBox::QComboBox;

protected:
    void changeEvent(QEvent* event) override {
        const bool isDressed = testAttribute(Qt::WA_WState_Polished);
        if (event->type() != QEvent::StyleChange || isDressed) QComboBox::changeEvent(event);
    }
};

/// A push button that does one thing.
[[nodiscard]] QWidget* makeButton(const QString& text, const QString& name, QWidget* parent,
                                  std::function<void()> act);
/// A box for whole numbers, 70 px wide; `act` gets each value that somebody gives it.
[[nodiscard]] QSpinBox* makeNumberBox(const QString& name, int low, int high, QWidget* parent,
                                      std::function<void(int)> act);
/// A box of choices, as wide as a control of a section may be.
[[nodiscard]] QComboBox* makeChoiceBox(const QString& name, const QStringList& choices,
                                       QWidget* parent, std::function<void(int)> act);
/// Lets a part go that may have asked for it itself: out of sight and without names at once,
/// deleted when control is back. It keeps its parent: taken out it would be dressed anew, with all
/// in it.
void letGo(QWidget* part);
/// Shows a popup under the right end of `anchor`, or as far up and to the left as the screen asks.
void openUnder(QWidget* popup, const QWidget* anchor);
/// Shows a value without telling anybody; what has the keyboard's focus stays.
void showNumber(QSpinBox* box, int value);

/// Buttons two in a row, as wide as the margin.
class ButtonGrid : public QGridLayout {
public:
    ButtonGrid() { setSpacing(6); }
    QWidget* add(const QString& text, const char* name, QWidget* parent,
                 std::function<void()> act) {
        QWidget* button = makeButton(text, QLatin1String(name), parent, std::move(act));
        const int place = count();
        addWidget(button, place / 2, place % 2);
        return button;
    }
};

/// Fills a box of choices anew if they are others; true if so.
inline bool setChoices(QComboBox* box, const QStringList& choices) {
    QStringList shown;
    for (int i = 0; i < box->count(); ++i)
        shown << box->itemText(i);
    if (shown == choices) return false;
    box->clear();
    box->addItems(choices);
    return true;
}

}  // namespace rook::app
