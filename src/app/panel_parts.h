#pragma once
/// Parts that several sections of the margin are made of.

#include <QComboBox>
#include <QGridLayout>

#include "app/panel_section.h"

namespace rook::app {

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
