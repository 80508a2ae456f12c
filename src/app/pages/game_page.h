#pragma once
/// The game: its map, where it begins, what follows its last level, what it counts, its screens and
/// words, and what leads where. Every change is one undo.

#include "app/pages/page.h"
#include "level/level_edits.h"

namespace rook::app {

class GameMap;

class GamePage : public Page {
    Q_OBJECT

public:
    GamePage(Session& session, QWidget* parent);
    void refresh() override;
    void takeFocus() override;

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    GameMap* m_map;
};

/// Its sections, one file each.
[[nodiscard]] PanelSection* makeGameProofSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeFlowSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeTallySection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeScreenSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeGameTextSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeExitsSection(Session& session, QWidget* parent);

/// Changes what is decided for the whole game, or says why not; false then.
template <typename Change>
bool changeGame(Session& session, const QString& name, Change&& change) {
    level::Game game = session.document.project().game;
    change(game);
    return session.document.apply(
        level::changeGame(session.document.project(), std::move(game), name.toStdString()));
}

}  // namespace rook::app
