#pragma once
/// A section that is a list of values, each in a row of its own that changes it or takes it away,
/// with buttons that add one. Every change is one undo.

#include "app/panels/panel_section.h"
#include "app/ui/row_list.h"

namespace rook::app {

struct ListTexts {
    QString title;
    QString note;
    QString change;   ///< name of the edit by which a row changes its value
    QString remove;   ///< likewise, takes it away
    QString empty{};  ///< told while there is none; empty = nothing is
};

template <typename Item, typename Row>
class ListSection : public PanelSection {
public:
    ListSection(const ListTexts& texts, Session& session, QWidget* parent)
        : PanelSection(texts.title, texts.note, session, parent),
          m_empty(makeWords(texts.empty, this)),
          m_buttons(new QHBoxLayout) {
        addWide(m_empty);
        m_rows = new RowList<Row>(
            [this, texts](std::size_t place) {
                return makeRow(
                    place,
                    [this, place, texts](const std::function<void(Item&)>& act) {
                        edit(texts.change, [&](Items& items) { act(items[place]); });
                    },
                    [this, place, texts] {
                        edit(texts.remove, [&](Items& items) {
                            items.erase(items.begin() + std::ptrdiff_t(place));
                        });
                    },
                    m_rows);
            },
            this);
        addWide(m_rows);
        m_buttons->setSpacing(8);
        m_buttons->addStretch();
        addWide(m_buttons);
    }

    void refresh() override {
        m_empty->setVisible(items().empty() && !m_empty->text().isEmpty());
        m_rows->setCount(items().size(), [this](Row& row, std::size_t place) { show(row, place); });
    }

protected:
    using Items = std::vector<Item>;
    using Change = std::function<void(const std::function<void(Item&)>&)>;

    [[nodiscard]] virtual const Items& items() const = 0;
    /// False if it is refused, which is said.
    virtual bool setItems(Items items, const QString& name) = 0;
    virtual Row* makeRow(std::size_t place, Change change, std::function<void()> remove,
                         QWidget* parent) = 0;
    virtual void show(Row& row, std::size_t place) { row.show(items()[place]); }
    void addButton(const QString& words, const char* name, std::function<void()> act) {
        m_buttons->insertWidget(m_buttons->count() - 1,
                                makeButton(words, QLatin1String(name), this, std::move(act)));
    }
    /// `act` changes the list, as an undo of that name.
    template <typename Act>
    void edit(const QString& name, Act&& act) {
        Items changed = items();
        act(changed);
        // What a row shows of a change that is refused is taken back.
        if (!setItems(std::move(changed), name)) refresh();
    }

private:
    QLabel* m_empty;
    RowList<Row>* m_rows = nullptr;
    QHBoxLayout* m_buttons;
};

}  // namespace rook::app
