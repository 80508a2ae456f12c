#include "app/pages/game_page.h"
#include "app/pages/text_rows.h"

namespace rook::app {

namespace {

using level::Words;
using level::WordsWhen;

/// What the player reads when the game is over, and at its end.
class GameTextSection : public PanelSection {
public:
    GameTextSection(Session& session, QWidget* parent)
        : PanelSection(tr("Words"), tr("when the game is over, and at its end"), session, parent) {
        m_rows = new RowList<TextRow>(
            [this](std::size_t place) {
                return new TextRow(
                    QStringLiteral("game-text-%1").arg(place), {WordsWhen::Over, WordsWhen::End},
                    [this, place](const std::function<void(Words&)>& act) {
                        changeGame(m_session, tr("Change a text"),
                                   [&](level::Game& game) { act(game.texts[place]); });
                        refresh();
                    },
                    [this, place] {
                        changeGame(m_session, tr("Take a text away"), [&](level::Game& game) {
                            game.texts.erase(game.texts.begin() + std::ptrdiff_t(place));
                        });
                    },
                    m_rows);
            },
            this);
        addWide(m_rows);
        auto* line = new QHBoxLayout;
        line->addWidget(makeButton(tr("Add a text"), QStringLiteral("add-game-text"), this, [this] {
            changeGame(m_session, tr("Add a text"), [](level::Game& game) {
                const bool hasEnd =
                    std::any_of(game.texts.begin(), game.texts.end(),
                                [](const Words& w) { return w.when == WordsWhen::End; });
                game.texts.push_back(
                    freshWords(game.texts, hasEnd ? WordsWhen::Over : WordsWhen::End));
            });
        }));
        line->addStretch();
        addWide(line);
    }

    void refresh() override {
        const auto& texts = m_session.document.project().game.texts;
        m_rows->setCount(texts.size(),
                         [&](TextRow& row, std::size_t place) { row.show(texts[place]); });
    }

private:
    RowList<TextRow>* m_rows = nullptr;
};

}  // namespace

PanelSection* makeGameTextSection(Session& session, QWidget* parent) {
    return new GameTextSection(session, parent);
}

}  // namespace rook::app
