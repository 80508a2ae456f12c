#include "app/ui/color_field.h"

#include <QAbstractButton>
#include <QColorDialog>
#include <QHBoxLayout>
#include <QPainter>

#include "app/ui/margin_section.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

/// The colour of the line; a diagonal where it is none.
class ColorSwatch : public QAbstractButton {
public:
    ColorSwatch(QLineEdit* line, QWidget* parent) : QAbstractButton(parent), m_line(line) {
        setFixedSize(26, 24);
        setFocusPolicy(Qt::TabFocus);
        setObjectName(line->objectName() + QStringLiteral("-swatch"));
        setAccessibleName(tr("Choose the colour"));
        setToolTip(tr("Choose the colour"));
        connect(line, &QLineEdit::textChanged, this, qOverload<>(&QWidget::update));
        connect(this, &QAbstractButton::clicked, this, &ColorSwatch::openPicker);
    }

protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        QPainter painter(this);
        const QRect box = rect().adjusted(1, 1, -2, -2);
        const QColor color(m_line->text());
        painter.fillRect(box, color.isValid() ? color : theme.paper);
        painter.setPen(QPen(hasFocus() || underMouse() ? theme.accent : theme.quietInk, 1));
        painter.drawRect(box);
        if (!color.isValid()) painter.drawLine(box.bottomLeft(), box.topRight());
        // The mark that it opens something.
        QPolygonF mark{box.bottomRight() - QPointF(7, 0), box.bottomRight(),
                       box.bottomRight() - QPointF(0, 7)};
        painter.setBrush(theme.paper);
        painter.drawPolygon(mark);
    }

private:
    void openPicker() {
        auto* dialog = new QColorDialog(QColor(m_line->text()), window());
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        connect(dialog, &QColorDialog::colorSelected, m_line, [this](const QColor& color) {
            m_line->setText(color.name());
            m_line->setModified(true);
            Q_EMIT m_line->editingFinished();
        });
        dialog->show();
    }
    QLineEdit* m_line;
};

}  // namespace

QWidget* withColorPicker(QLineEdit* line, QWidget* parent) {
    auto* holder = new QWidget(placeIn(parent));
    const int width = line->maximumWidth();
    auto* row = new QHBoxLayout(holder);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    auto* swatch = new ColorSwatch(line, holder);
    line->setMinimumWidth(0);
    line->setMaximumWidth(QWIDGETSIZE_MAX);
    row->addWidget(line, 1);
    row->addWidget(swatch);
    if (width < QWIDGETSIZE_MAX) holder->setFixedWidth(width);
    holder->setFocusProxy(line);
    return holder;
}

}  // namespace rook::app
