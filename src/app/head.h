#pragma once
/// The head: the level's title, the six steps as stations on one line, and Walk.

#include <QAbstractButton>
#include <QLabel>
#include <QWidget>

#include "app/session.h"

namespace rook::app {

/// What a station shows of its step.
struct StationState {
    enum class Fill { Hollow, Half, Full, Count } fill = Fill::Hollow;
    int count = 0;         ///< open findings, for Fill::Count
    bool isAlarm = false;  ///< one of them is an error
    bool operator==(const StationState&) const = default;
};
[[nodiscard]] StationState stationState(const Session& session, Step step);
[[nodiscard]] QString stepName(Step step);

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
    QLabel* m_title;
    QList<QAbstractButton*> m_stations;
    QAbstractButton* m_walk;
};

}  // namespace rook::app
