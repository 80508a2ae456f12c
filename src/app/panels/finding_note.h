#pragma once
/// A finding like a note in a drawing's margin: its pin, its sentence, its place.

#include <QAbstractButton>
#include <QList>
#include <QPainter>

#include "check/finding.h"

namespace rook::app {

/// The tone of its pin, in the margin and on the board.
[[nodiscard]] QColor toneOf(check::Severity severity);

/// Numbers of findings over a picture; those that are close stand side by side.
class FindingPins {
public:
    explicit FindingPins(QPainter& painter) : m_painter(painter) {}
    void paint(QPointF middle, std::size_t index, check::Severity severity);

private:
    QPainter& m_painter;
    QList<QPointF> m_taken;
};

class FindingNote : public QAbstractButton {
    Q_OBJECT

public:
    FindingNote(int number, const check::Finding& finding, CellSize cell, QWidget* parent);
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override { return {240, heightForWidth(240)}; }

Q_SIGNALS:
    /// The button of its fix was pressed.
    void fixAsked();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    [[nodiscard]] QRect textBox(int width) const;
    /// The button of the fix has no room beside the place.
    [[nodiscard]] bool isFixBelow(int width) const;
    int m_number;
    check::Severity m_severity;
    QAbstractButton* m_fix = nullptr;
    QString m_place;
};

}  // namespace rook::app
