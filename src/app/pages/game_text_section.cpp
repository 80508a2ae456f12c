#include <QLineEdit>

#include "app/pages/game_page.h"
#include "app/pages/list_section.h"
#include "app/pages/text_rows.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

using level::Words;
using level::WordsWhen;

/// What the player reads when the game is over, and at its end.
class GameTextSection final : public ListSection<Words, TextRow> {
public:
    GameTextSection(Session& session, QWidget* parent)
        : ListSection({tr("Words"), tr("when the game is over, and at its end"),
                       tr("Change a text"), tr("Take a text away")},
                      session, parent) {
        m_languages = new QLineEdit(rowsHolder());
        m_languages->setObjectName(QStringLiteral("languages"));
        m_languages->setMaxLength(200);
        m_languages->setFixedWidth(220);
        m_languages->setToolTip(
            tr("Apart by commas; the first is the one that texts are written "
               "in. rookplot texts writes the others for translators."));
        connect(m_languages, &QLineEdit::editingFinished, this, [this] { takeLanguages(); });
        addControl(tr("Languages"), m_languages);
        addButton(tr("Add a text"), "add-game-text", [this] {
            edit(tr("Add a text"), [](Items& texts) {
                texts.push_back(freshWords(texts, WordsWhen::End, WordsWhen::Over));
            });
        });
    }

    void refresh() override {
        QStringList names;
        for (const std::string& each : m_session.document.project().game.languages)
            names << QString::fromStdString(each);
        if (!m_languages->hasFocus()) m_languages->setText(names.join(QStringLiteral(", ")));
        ListSection::refresh();
    }

protected:
    const Items& items() const override { return m_session.document.project().game.texts; }
    bool setItems(Items texts, const QString& name) override {
        return changeGame(m_session, name,
                          [&](level::Game& game) { game.texts = std::move(texts); });
    }
    void takeLanguages() {
        if (!m_languages->isModified()) return;
        m_languages->setModified(false);
        std::vector<std::string> languages;
        for (const QString& each : m_languages->text().split(u',', Qt::SkipEmptyParts)) {
            const std::string name = plainNameFrom(each.trimmed().toStdString(), "");
            if (!name.empty() &&
                std::find(languages.begin(), languages.end(), name) == languages.end())
                languages.push_back(name);
        }
        if (languages.empty()) return refresh();
        changeGame(m_session, tr("Languages"),
                   [&](level::Game& game) { game.languages = std::move(languages); });
    }
    TextRow* makeRow(std::size_t place, Change change, std::function<void()> remove,
                     QWidget* parent) override {
        return new TextRow(QStringLiteral("game-text-%1").arg(place),
                           {WordsWhen::Over, WordsWhen::End}, std::move(change), std::move(remove),
                           parent);
    }
    void show(TextRow& row, std::size_t place) override {
        row.showLanguages(m_session.document.project().game.languages);
        row.show(items()[place]);
    }

private:
    QLineEdit* m_languages;
};

}  // namespace

PanelSection* makeGameTextSection(Session& session, QWidget* parent) {
    return new GameTextSection(session, parent);
}

}  // namespace rook::app
