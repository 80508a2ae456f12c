#pragma once
/// The choice of where an exit leads. It opens as a small map of the game: a click on a card leads
/// to the level's start, one on a dot to that entry. Its list stays for the keyboard.

#include "app/ui/controls.h"

#include "app/session/session.h"

namespace rook::app {

/// The entries of the choice, each with its value: "+" the next level, "" the end, "level" or
/// "level/entry".
[[nodiscard]] QList<std::pair<QString, QString>> targetChoices(const level::Project& project);
[[nodiscard]] QString valueOf(const level::ExitTarget& target);
/// Where `value` leads, by the transition that was.
[[nodiscard]] level::ExitTarget targetOf(const QString& value, const level::Transition& transition);

class TargetChoice final : public ChoiceBox {
    Q_OBJECT
public:
    TargetChoice(Session& session, QWidget* parent) : ChoiceBox(parent), m_session(session) {}
    void showPopup() override;

private:
    Session& m_session;
};

}  // namespace rook::app
