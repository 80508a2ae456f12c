#pragma once
/// The buttons of the tray: tools, cards and chips, drawn as product.md wants them.

#include <QAbstractButton>
#include <functional>

#include "app/session.h"

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

[[nodiscard]] CardButton* makeMatterCard(const level::Matter& matter, QWidget* parent);
/// A picture of the cells, by what they do, with their size.
[[nodiscard]] CardButton* makeClipCard(const level::Project& project, const level::CellClip& clip,
                                       const QString& title, QWidget* parent);
/// With its sprite, or the mark of its role if there is none.
[[nodiscard]] CardButton* makeKindCard(const level::Kind& kind, QWidget* parent,
                                       const QImage& sprite = {});

/// A word that is on or off, or one of several.
class Chip : public QAbstractButton {
public:
    Chip(const QString& text, QWidget* parent);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;
};

}  // namespace rook::app
