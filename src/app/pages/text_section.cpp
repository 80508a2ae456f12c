#include "app/pages/level_sheet.h"
#include "app/pages/text_rows.h"
#include "level/level_edits.h"

namespace rook::app {

namespace {

using level::Words;
using level::WordsWhen;

/// What the player reads in the level.
class TextSection : public PanelSection {
public:
    TextSection(Session& session, QWidget* parent)
        : PanelSection(tr("Words"), tr("that the player reads"), session, parent) {
        m_rows = new RowList<TextRow>(
            [this](std::size_t place) {
                return new TextRow(
                    QStringLiteral("text-%1").arg(place),
                    {WordsWhen::Start, WordsWhen::Won, WordsWhen::Lost, WordsWhen::Said},
                    [this, place](const std::function<void(Words&)>& act) {
                        change(tr("Change a text"), [&](auto& texts) { act(texts[place]); });
                    },
                    [this, place] {
                        change(tr("Take a text away"), [&](auto& texts) {
                            texts.erase(texts.begin() + std::ptrdiff_t(place));
                        });
                    },
                    m_rows);
            },
            this);
        addWide(m_rows);
        auto* line = new QHBoxLayout;
        line->addWidget(makeButton(tr("Add a text"), QStringLiteral("add-text"), this, [this] {
            change(tr("Add a text"), [](auto& texts) {
                const bool isFirst = std::none_of(texts.begin(), texts.end(), [](const Words& w) {
                    return w.when == WordsWhen::Start;
                });
                texts.push_back(freshWords(texts, isFirst ? WordsWhen::Start : WordsWhen::Said));
            });
        }));
        line->addStretch();
        addWide(line);
    }

    void refresh() override {
        const auto& texts = m_session.document.level()->texts;
        m_rows->setCount(texts.size(),
                         [&](TextRow& row, std::size_t place) { row.show(texts[place]); });
    }

private:
    template <typename Change>
    void change(const QString& name, Change&& act) {
        std::vector<Words> texts = m_session.document.level()->texts.items();
        act(texts);
        m_session.document.apply(
            changeTexts(*m_session.document.level(), texts, name.toStdString()));
        refresh();
    }

    RowList<TextRow>* m_rows = nullptr;
};

}  // namespace

PanelSection* makeTextSection(Session& session, QWidget* parent) {
    return new TextSection(session, parent);
}

}  // namespace rook::app
