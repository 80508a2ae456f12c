#pragma once
/// What a step puts into the tray: cards of what can be placed, and the options of the tool in
/// hand. A step derives its own from this and fills it once; the tray makes another one when it
/// must.

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QSpinBox>
#include <functional>

#include "app/session/session.h"
#include "app/ui/buttons.h"

namespace rook::app {

class TrayParts : public QObject {
    Q_OBJECT

public:
    /// `cards` and `options` are the two parts of the tray, empty.
    TrayParts(Session& session, QWidget* cards, QWidget* options);
    virtual void fill() = 0;
    /// Brings what is shown in line with the session.
    void refresh();
    void focusSearch();

    /// Width of the options, px.
    static constexpr int wide = 292;
    static constexpr int narrow = 190;
    static constexpr int none = 0;

protected:
    /// Where cards stand, beside each other; it scrolls.
    QHBoxLayout* addCardRow();
    /// Free space instead of cards.
    QVBoxLayout* addCardColumn();
    /// Words instead of cards.
    void addCardWords(const QString& words);
    /// Two columns: names and options.
    QGridLayout* addOptionGrid(int width);
    void addSearch(QGridLayout* grid);
    QHBoxLayout* addOptionLine(QGridLayout* grid, int line, const QString& name);

    /// A chip that shows and sets options of a step.
    template <typename Options>
    QAbstractButton* addChip(QBoxLayout* row, const QString& text, const QString& name,
                             const std::function<bool(const Options&)>& isOn,
                             const std::function<void(Options&, bool)>& set) {
        auto* chip = new Chip(text, m_options);
        chip->setObjectName(name);
        connect(chip, &QAbstractButton::clicked, this, [this, set](bool isChecked) {
            m_session.workbench.change<Options>([&](Options& o) { set(o, isChecked); });
        });
        m_refreshers <<
            [this, chip, isOn] { chip->setChecked(isOn(m_session.workbench.options<Options>())); };
        row->addWidget(chip);
        return chip;
    }
    template <typename Options>
    QAbstractButton* addCard(QHBoxLayout* row, CardButton* card,
                             const std::function<bool(const Options&)>& isChosen,
                             const std::function<void(Options&)>& choose) {
        connect(card, &QAbstractButton::clicked, this, [this, choose] {
            m_session.workbench.change<Options>([&](Options& o) { choose(o); });
        });
        m_refreshers << [this, card, isChosen] {
            card->setChecked(isChosen(m_session.workbench.options<Options>()));
        };
        row->addWidget(card);
        m_cardButtons << card;
        return card;
    }
    /// A box for 1 to 64.
    template <typename Options>
    void addNumber(QHBoxLayout* row, const QString& name, const QString& words,
                   int Options::*field) {
        QSpinBox* box = makeSmallNumber(row, name, words);
        connect(box, &QSpinBox::valueChanged, this, [this, field](int value) {
            m_session.workbench.change<Options>([&](Options& o) { o.*field = value; });
        });
        m_refreshers << [this, box, field] {
            const QSignalBlocker blocker(box);
            box->setValue(m_session.workbench.options<Options>().*field);
        };
    }

    Session& m_session;
    QWidget* m_cards;
    QWidget* m_options;
    QList<QAbstractButton*> m_cardButtons;  ///< that the search goes through
    QList<std::function<void()>> m_refreshers;

private:
    QSpinBox* makeSmallNumber(QHBoxLayout* row, const QString& name, const QString& words);
    void filterCards(const QString& text);
    QLineEdit* m_search = nullptr;
};

}  // namespace rook::app
