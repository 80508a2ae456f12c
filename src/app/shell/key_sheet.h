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
    void keyPressEvent(QKeyEvent*) override { leave(); }
    void mousePressEvent(QMouseEvent*) override { leave(); }
    void focusOutEvent(QFocusEvent*) override { deleteLater(); }

private:
    void leave();
    Session& m_session;
};

}  // namespace rook::app
