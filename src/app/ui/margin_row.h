#pragma once
/// One line of a list in the margin: a sign, a name, and a quiet or toned word at the right. It is
/// chosen by a click, and may take what is dragged onto it.

#include <QAbstractButton>
#include <QVBoxLayout>
#include <functional>

namespace rook::app {

class MarginRow : public QAbstractButton {
public:
    using Sign = std::function<void(QPainter&, const QRectF&)>;

    explicit MarginRow(QWidget* parent);
    QSize sizeHint() const override { return {240, 25}; }

    /// `tone` may be invalid: quiet ink.
    void setWords(const QString& name, const QString& word, const QColor& tone = {});
    /// Painted in a square of 16 px at the left, with the pen set to ink.
    void setSign(Sign sign) { m_sign = std::move(sign); }
    /// Makes the row take drags of that type; `take` gets what is carried.
    void takeDrops(const QString& type, std::function<void(const QString&)> take);

protected:
    void paintEvent(QPaintEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dragLeaveEvent(QDragLeaveEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    QString m_word;
    QColor m_tone;
    Sign m_sign;
    QString m_dropType;
    std::function<void(const QString&)> m_take;
    bool m_isDropTarget = false;
};

/// Makes as many rows, called `name`-row-0 and so on; `choose` gets the place of one that is
/// clicked.
void setRowCount(QList<MarginRow*>& rows, QVBoxLayout* list, std::size_t count, const QString& name,
                 const std::function<void(std::size_t)>& choose);

/// A small icon that is on or off.
class IconToggle : public QAbstractButton {
public:
    /// `on` and `off` name icons; `words` is the accessible name and tool tip.
    IconToggle(const QString& on, const QString& off, const QString& words, QWidget* parent);
    QSize sizeHint() const override { return {24, 24}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QString m_on;
    QString m_off;
};

}  // namespace rook::app
