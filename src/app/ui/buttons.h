#pragma once
/// The buttons of the tray: tools, cards and chips.

#include <QAbstractButton>
#include <QPoint>
#include <functional>

class QPainter;

namespace rook::app {

/// An icon, a name and the key that chooses it.
class ToolButton : public QAbstractButton {
public:
    ToolButton(const QString& icon, const QString& name, const QString& key, QWidget* parent);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QString m_icon;
    QString m_key;
};

/// A picture, a title and one quiet word: a matter or a kind.
class CardButton : public QAbstractButton {
public:
    using Draw = std::function<void(QPainter&, const QRect&)>;
    CardButton(const QString& title, const QString& word, Draw draw, QWidget* parent);
    QSize sizeHint() const override { return {86, 98}; }
    /// Where the picture goes on a card of that size.
    [[nodiscard]] static QRect pictureBox(QSize card);
    /// The card can be dragged; this is what it carries, as `partType`.
    void setDragText(const QString& text) { m_dragText = text; }
    static QString partType() { return QStringLiteral("application/x-rookplot-part"); }

protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    QString m_dragText;
    QPoint m_pressedAt;
    QString m_word;
    Draw m_draw;
};

/// A word that is on or off, or one of several.
class Chip : public QAbstractButton {
public:
    Chip(const QString& text, QWidget* parent);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;
};

}  // namespace rook::app
