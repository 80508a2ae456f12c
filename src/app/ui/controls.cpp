#include "app/ui/controls.h"

#include <QApplication>
#include <QComboBox>
#include <QPushButton>
#include <QScreen>
#include <QSpinBox>
#include <algorithm>

#include "app/ui/margin_section.h"

namespace rook::app {

QWidget* makeButton(const QString& text, const QString& name, QWidget* parent,
                    std::function<void()> act) {
    auto* button = new QPushButton(text, placeIn(parent));
    button->setObjectName(name);
    QObject::connect(button, &QAbstractButton::clicked, parent, std::move(act));
    return button;
}

QSpinBox* makeNumberBox(const QString& name, int low, int high, QWidget* parent,
                        std::function<void(int)> act) {
    auto* box = new QSpinBox(placeIn(parent));
    box->setObjectName(name);
    box->setRange(low, high);
    box->setFixedWidth(70);
    QObject::connect(box, &QSpinBox::valueChanged, parent, std::move(act));
    return box;
}

QComboBox* makeChoiceBox(const QString& name, const QStringList& choices, QWidget* parent,
                         std::function<void(int)> act) {
    auto* box = new ChoiceBox(placeIn(parent));
    box->setObjectName(name);
    box->addItems(choices);
    box->setFixedWidth(150);
    QObject::connect(box, &QComboBox::activated, parent, std::move(act));
    return box;
}

void letGo(QWidget* part) {
    if (QWidget* now = QApplication::focusWidget(); now && part->isAncestorOf(now))
        now->clearFocus();
    part->hide();
    part->setObjectName({});
    for (QObject* inner : part->findChildren<QObject*>())
        inner->setObjectName({});
    part->deleteLater();
}

void openUnder(QWidget* popup, const QWidget* anchor) {
    const QRect screen = anchor->screen()->availableGeometry();
    const QPoint at =
        anchor->mapToGlobal(QPoint(anchor->width() - popup->width(), anchor->height()));
    popup->move(
        std::clamp(at.x(), screen.left(), std::max(screen.left(), screen.right() - popup->width())),
        std::clamp(at.y(), screen.top(),
                   std::max(screen.top(), screen.bottom() - popup->height())));
    popup->show();
}

void showNumber(QSpinBox* box, int value) {
    const QSignalBlocker blocker(box);
    if (box->value() != value) box->setValue(value);
}

}  // namespace rook::app
