#pragma once
/// A finding like a note in a drawing's margin: its pin, its sentence, its place.

#include <QAbstractButton>

#include "check/finding.h"

namespace rook::app {

class FindingNote : public QAbstractButton {
    Q_OBJECT

public:
    FindingNote(int number, const check::Finding& finding, CellSize cell, QWidget* parent);
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override {
        return textBox(width).height() + (m_place.isEmpty() ? 14 : 30);
    }
    QSize sizeHint() const override { return {240, heightForWidth(240)}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    [[nodiscard]] QRect textBox(int width) const;
    int m_number;
    bool m_isError;
    QString m_place;
};

}  // namespace rook::app
