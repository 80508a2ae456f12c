#include "app/pages/game_page.h"
#include "app/pages/list_section.h"
#include "app/pages/text_rows.h"

namespace rook::app {

namespace {

using level::Words;
using level::WordsWhen;

/// What the player reads when the game is over, and at its end.
class GameTextSection final : public ListSection<Words, TextRow> {
    Q_DECLARE_TR_FUNCTIONS(GameTextSection)
public:
    GameTextSection(Session& session, QWidget* parent)
        : ListSection({tr("Words"), tr("when the game is over, and at its end"),
                       tr("Change a text"), tr("Take a text away")},
                      session, parent) {
        addButton(tr("Add a text"), "add-game-text", [this] {
            edit(tr("Add a text"), [](Items& texts) {
                texts.push_back(freshWords(texts, WordsWhen::End, WordsWhen::Over));
            });
        });
    }

protected:
    const Items& items() const override { return m_session.document.project().game.texts; }
    bool setItems(Items texts, const QString& name) override {
        return changeGame(m_session, name,
                          [&](level::Game& game) { game.texts = std::move(texts); });
    }
    TextRow* makeRow(std::size_t place, Change change, std::function<void()> remove,
                     QWidget* parent) override {
        return new TextRow(QStringLiteral("game-text-%1").arg(place),
                           {WordsWhen::Over, WordsWhen::End}, std::move(change), std::move(remove),
                           parent);
    }
};

}  // namespace

PanelSection* makeGameTextSection(Session& session, QWidget* parent) {
    return new GameTextSection(session, parent);
}

}  // namespace rook::app
