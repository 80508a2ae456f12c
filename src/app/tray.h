#pragma once
/// The tray: the tools of the step on the home row, the cards of what can be placed, the options of
/// the tool in hand.

#include <QAbstractButton>
#include <QHBoxLayout>
#include <QLineEdit>
#include <functional>

#include "app/session.h"

namespace rook::app {

class Tray : public QWidget {
    Q_OBJECT

public:
    explicit Tray(Session& session, QWidget* parent = nullptr);
    /// Chooses the tool at that place of the home row (0 = A); false if the step has none there.
    bool chooseTool(int place);
    void focusSearch();
    void themeChanged() { rebuild(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void rebuild();
    void refresh();
    void addTools();
    void addCards();
    void addOptions();
    void filterCards(const QString& text);

    Session& m_session;
    QWidget* m_tools = nullptr;
    QWidget* m_cards = nullptr;
    QWidget* m_options = nullptr;
    QHBoxLayout* m_layout;
    QLineEdit* m_search = nullptr;
    QList<QAbstractButton*> m_toolButtons;
    QList<QAbstractButton*> m_cardButtons;
    QList<std::function<void()>> m_refreshers;  ///< bring what is shown in line with the session
};

}  // namespace rook::app
