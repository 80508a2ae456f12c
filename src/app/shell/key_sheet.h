#pragma once
/// The keys of a step, over the board: made of what the step defines.

#include <QFrame>

#include "app/session/session.h"

namespace rook::app {

/// A sheet that goes at the next key or click.
class KeySheet : public QFrame {
    Q_OBJECT

public:
    KeySheet(Session& session, QWidget* parent);

protected:
    void paintEvent(QPaintEvent* event) override;
    bool event(QEvent* event) override;
    /// F1 once more finds what is not on it.
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent*) override { leave(); }
    void focusOutEvent(QFocusEvent*) override { deleteLater(); }

private:
    void leave();
    Session& m_session;
};

}  // namespace rook::app
