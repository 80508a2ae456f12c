#pragma once
/// The tray: the tools of the step on the home row, the cards of what can be placed, the options of
/// the tool in hand.

#include <QAbstractButton>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <functional>

#include "app/tray_buttons.h"

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
    // Shape's own, in shape_tray.cpp.
    void addShapeCards(QHBoxLayout* row);
    // Shape's own for kit boards, in kit_tray.cpp.
    void addKitCards(QHBoxLayout* row);
    void addKitOptions(QGridLayout* grid);
    [[nodiscard]] bool isKit() const { return m_session.level()->kind == level::LevelKind::Kit; }
    void addShapeOptions(QGridLayout* grid);
    void addBrushOptions(QGridLayout* grid, int line);
    void addBoxOptions(QGridLayout* grid, int line);
    void addFillOptions(QGridLayout* grid, int line);
    void addSelectOptions(QGridLayout* grid, int line);
    void addCastCards(QHBoxLayout* row);
    void addCastOptions(QGridLayout* grid);
    void addFormOptions(QGridLayout* grid, int line);
    void addMirrorOptions(QGridLayout* grid, int line);
    QHBoxLayout* addOptionLine(QGridLayout* grid, int line, const QString& name);
    void addNumber(QHBoxLayout* row, const QString& name, const QString& words,
                   int ToolOptions::*field);
    // Skin's own, in skin_tray.cpp.
    void addSkinCards(QHBoxLayout* row);
    void addSkinOptions(QGridLayout* grid);
    // Prove's own, in prove_tray.cpp.
    void addProveCards(QVBoxLayout* column);
    void addAbilityChip(QBoxLayout* row, level::Ability ability);
    // Sketch's own, in sketch_tray.cpp.
    void addSketchCards(QHBoxLayout* row);
    void addThingCards(QHBoxLayout* row);
    /// Gives the selected marks that pencil.
    void recolour(level::PencilTone tone);
    void addSketchOptions(QGridLayout* grid);
    /// A chip that shows and sets one option.
    QAbstractButton* addChip(QBoxLayout* row, const QString& text, const QString& name,
                             const std::function<bool(const ToolOptions&)>& isOn,
                             const std::function<void(ToolOptions&, bool)>& set);
    QAbstractButton* addCard(QHBoxLayout* row, CardButton* card,
                             const std::function<bool(const ToolOptions&)>& isChosen,
                             const std::function<void(ToolOptions&)>& choose);
    void addSearch(QGridLayout* grid);
    void filterCards(const QString& text);

    Session& m_session;
    QWidget* m_tools = nullptr;
    QWidget* m_cards = nullptr;
    QWidget* m_options = nullptr;
    QHBoxLayout* m_layout;
    QLineEdit* m_search = nullptr;
    /// The step's tool and whether a pattern is in hand: what the cards and options are built for.
    std::pair<int, bool> m_builtFor{-1, false};
    [[nodiscard]] std::pair<int, bool> wantedFor() const;
    QList<QAbstractButton*> m_toolButtons;
    QList<QAbstractButton*> m_cardButtons;
    QList<std::function<void()>> m_refreshers;  ///< bring what is shown in line with the session
};

}  // namespace rook::app
