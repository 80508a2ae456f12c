#pragma once
/// A sheet to take tiles from: a click takes one, a drag several, arrows move.

#include <QWidget>

#include "app/session/session.h"

class QScrollArea;

namespace rook::app {

class TilePicker : public QWidget {
    Q_OBJECT

public:
    explicit TilePicker(Session& session, QWidget* parent);
    /// The sheet in hand of the options; reads its image again if it is another one.
    void refresh();
    void reload();
    QSize sizeHint() const override;

Q_SIGNALS:
    void picked();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    [[nodiscard]] const level::Sheet* sheet() const;
    [[nodiscard]] QSize tilesInSheet() const;  ///< columns and rows
    [[nodiscard]] QPoint tileAt(QPointF at) const;
    [[nodiscard]] double zoom() const;
    void take(QPoint from, QPoint to);

    Session& m_session;
    QImage m_image;
    QString m_path;
    QPoint m_first;
    QRect m_taken;
};

}  // namespace rook::app
