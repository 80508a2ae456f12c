#include "app/pages/level_sheet.h"
#include "app/pages/list_section.h"
#include "app/pages/text_rows.h"
#include "app/ui/words.h"
#include "level/level_edits.h"

namespace rook::app {

namespace {

using level::Words;
using level::WordsWhen;

/// What the player reads in the level.
class TextSection final : public ListSection<Words, TextRow> {
public:
    TextSection(Session& session, QWidget* parent)
        : ListSection({tr("Words"), tr("that the player reads"), tr("Change a text"),
                       tr("Take a text away")},
                      session, parent) {
        addButton(tr("Add a text"), "add-text", [this] {
            edit(tr("Add a text"), [](Items& texts) {
                texts.push_back(freshWords(texts, WordsWhen::Start, WordsWhen::Said));
            });
        });
    }

protected:
    const Items& items() const override { return m_session.document.level()->texts.items(); }
    bool setItems(Items texts, const QString& name) override {
        return m_session.document.apply(
            changeTexts(*m_session.document.level(), std::move(texts), name.toStdString()));
    }
    TextRow* makeRow(std::size_t place, Change change, std::function<void()> remove,
                     QWidget* parent) override {
        return new TextRow(QStringLiteral("text-%1").arg(place),
                           {WordsWhen::Start, WordsWhen::Won, WordsWhen::Lost, WordsWhen::Said},
                           std::move(change), std::move(remove), parent);
    }
    void show(TextRow& row, std::size_t place) override {
        row.showLanguages(m_session.document.project().game.languages);
        row.show(items()[place]);
    }
};

}  // namespace

PanelSection* makeTextSection(Session& session, QWidget* parent) {
    return new TextSection(session, parent);
}

}  // namespace rook::app
