#pragma once
/// Sections of the margin that bring themselves in line with the session, and what they are made
/// of.

#include <functional>

#include "app/margin_section.h"
#include "app/session.h"

class QComboBox;
class QSpinBox;

namespace rook::app {

class PanelSection : public MarginSection {
public:
    PanelSection(const QString& title, const QString& note, Session& session, QWidget* parent)
        : MarginSection(title, note, parent), m_session(session) {}
    virtual void refresh() = 0;

protected:
    /// Changes some of the options of the tools.
    template <typename Change>
    void setOptions(Change&& change) {
        ToolOptions options = m_session.options();
        change(options);
        m_session.setOptions(options);
    }
    /// Changes the level on the board, as one step of that name.
    template <typename Change>
    void changeLevel(const QString& name, Change&& change) {
        level::Level next = *m_session.level();
        change(next);
        if (next == *m_session.level()) return;
        const CellRect all = next.cells.bounds();
        m_session.apply(level::LevelEdit{std::move(next), name.toStdString(), all});
    }
    Session& m_session;
};

/// A push button that does one thing.
[[nodiscard]] QWidget* makeButton(const QString& text, const QString& name, QWidget* parent,
                                  std::function<void()> act);
/// A box for whole numbers, 70 px wide; `act` gets each value that somebody gives it.
[[nodiscard]] QSpinBox* makeNumberBox(const QString& name, int low, int high, QWidget* parent,
                                      std::function<void(int)> act);
/// A box of choices, as wide as a control of a section may be.
[[nodiscard]] QComboBox* makeChoiceBox(const QString& name, const QStringList& choices,
                                       QWidget* parent, std::function<void(int)> act);
/// Shows a value without telling anybody; what has the keyboard's focus stays.
void showNumber(QSpinBox* box, int value);

/// What an entity of that role has besides its box; hidden where that is nothing.
[[nodiscard]] PanelSection* makeRoleSection(level::Role role, const EntityId& id, Session& session,
                                            QWidget* parent);

// The sections of Cast, one file a section.
[[nodiscard]] PanelSection* makeZoneSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeKindSection(Session& session, QWidget* parent);

// The sections of Skin, one file a section.
[[nodiscard]] PanelSection* makeSheetSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeSwatchSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeCoverageSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeTileSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeTileCellsSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeScatterSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeLayerSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeBackdropSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeLookSection(Session& session, QWidget* parent);

/// The piece of the kit that is in hand: blocks, walls, ports, or a model.
[[nodiscard]] PanelSection* makePieceSection(Session& session, QWidget* parent);
/// As if that file were chosen there for import.
void examineModel(PanelSection* section, const QString& file);

// The sections of Shape, one file a section.
[[nodiscard]] PanelSection* makeMatterSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeJumpSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeCollisionSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeGrowSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeStampSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeBlockSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeBoardSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeCellsSection(Session& session, QWidget* parent);

}  // namespace rook::app
