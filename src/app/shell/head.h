#pragma once
/// The head: the level's title, the six steps as stations on one line, and Walk.

#include <QAbstractButton>
#include <QWidget>

#include "app/session/session.h"

namespace rook::app {

class Head : public QWidget {
    Q_OBJECT

public:
    explicit Head(Session& session, QWidget* parent = nullptr);
    void setWalking(bool isWalking);

Q_SIGNALS:
    void walkAsked(bool atPointer);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void refresh();

    Session& m_session;
    QAbstractButton* m_title;
    QList<QAbstractButton*> m_stations;
    QAbstractButton* m_walk;
};

}  // namespace rook::app
