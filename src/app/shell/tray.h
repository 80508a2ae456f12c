#pragma once
/// The tray: the tools of the step on the home row, the cards of what can be placed, the options of
/// the tool in hand. What is in it the step says.

#include <QHBoxLayout>
#include <memory>

#include "app/panels/tray_parts.h"

namespace rook::app {

class Tray : public QWidget {
    Q_OBJECT

public:
    explicit Tray(Session& session, QWidget* parent = nullptr);
    ~Tray() override;
    /// Chooses the tool at that place of the home row (0 = A).
    void chooseTool(int place);
    /// It stands over the board, and not in the window's rows.
    void setFloating(bool floats) { m_floats = floats; }
    void focusSearch() { m_parts->focusSearch(); }
    void themeChanged() { rebuild(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    /// What the tray is built for: another of these is another tray.
    struct BuiltFor {
        const StepDefinition* step = nullptr;
        int tool = -1;
        int variant = 0;
        std::size_t content = 0;
        std::string kit;
        bool isOnSwatch = false;
        bool operator==(const BuiltFor&) const = default;
    };
    [[nodiscard]] BuiltFor wanted() const;
    void rebuild();
    void refresh();
    void addTools();

    Session& m_session;
    QWidget* m_tools = nullptr;
    QWidget* m_cards = nullptr;
    QWidget* m_options = nullptr;
    QHBoxLayout* m_layout;
    TrayParts* m_parts = nullptr;
    BuiltFor m_builtFor;
    bool m_floats = false;
    QList<QAbstractButton*> m_toolButtons;
};

}  // namespace rook::app
