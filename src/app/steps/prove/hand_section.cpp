#include <QSpinBox>

#include "app/steps/prove/prove_sections.h"
#include "app/ui/buttons.h"
#include "app/ui/controls.h"

namespace rook::app {

namespace {

/// What is on offer: a chip for each key and switch of the level, a number for each tally.
class HandSection : public PanelSection {
public:
    HandSection(Session& session, QWidget* parent)
        : PanelSection(tr("Walk with"), {}, session, parent),
          m_keys(new ButtonGrid),
          m_tallies(new QVBoxLayout) {
        makeFoldable(QStringLiteral("hand"), true);
        addWide(m_keys);
        addWide(m_tallies);
    }

    void refresh() override {
        showKeys();
        showTallies();
        setVisible(!m_chips.isEmpty() || !m_numbers.isEmpty());
        const auto held = m_session.runs.whatIf().held.size() + m_session.runs.tallies().size();
        setNote(held == 0 ? tr("nothing else in hand") : tr("as if"));
    }

private:
    void showKeys() {
        const level::Project& project = m_session.document.project();
        std::vector<EntityId> keys;
        for (const level::Entity& entity : m_session.document.level()->entities) {
            const level::Role role = project.roleOf(entity);
            if ((role == level::Role::Key || role == level::Role::Switch) && keys.size() < mostKeys)
                keys.push_back(entity.id);
        }
        if (keys != m_shownKeys) makeChips(keys);
        const auto& held = m_session.runs.whatIf().held;
        for (qsizetype i = 0; i < m_chips.size(); ++i)
            m_chips[i]->setChecked(
                std::find(held.begin(), held.end(), m_shownKeys[std::size_t(i)]) != held.end());
    }
    void makeChips(const std::vector<EntityId>& keys) {
        qDeleteAll(m_chips);
        m_chips.clear();
        m_shownKeys = keys;
        for (const EntityId& id : keys) {
            const QString name = QString::fromStdString(id.text);
            auto* chip = new Chip(name, rowsHolder());
            chip->setObjectName(QStringLiteral("held-") + name);
            chip->setAccessibleName(tr("Solve and walk as if %1 were in hand").arg(name));
            connect(chip, &QAbstractButton::clicked, this,
                    [this, id](bool isOn) { hold(id, isOn); });
            const int place = int(m_chips.size());
            m_keys->addWidget(chip, place / chipsARow, place % chipsARow);
            m_chips << chip;
        }
    }
    void hold(const EntityId& id, bool isOn) {
        WhatIf whatIf = m_session.runs.whatIf();
        std::erase(whatIf.held, id);
        if (isOn) whatIf.held.push_back(id);
        m_session.runs.setWhatIf(whatIf);
    }

    void showTallies() {
        const auto& tallies = m_session.document.project().game.tallies;
        if (tallies != m_shownTallies) makeNumbers(tallies);
        for (std::size_t i = 0; i < tallies.size(); ++i) {
            const auto& tried = m_session.runs.tallies();
            const auto found = tried.find(tallies[i].name);
            showNumber(m_numbers[qsizetype(i)],
                       found == tried.end() ? tallies[i].start : found->second);
        }
    }
    void makeNumbers(const std::vector<level::Tally>& tallies) {
        qDeleteAll(m_lines);
        m_lines.clear();
        m_numbers.clear();
        m_shownTallies = tallies;
        for (const level::Tally& tally : tallies) {
            auto* line = new QWidget(rowsHolder());
            auto* row = new QHBoxLayout(line);
            row->setContentsMargins(0, 0, 0, 0);
            const QString title =
                QString::fromStdString(tally.title.empty() ? tally.name : tally.title);
            row->addWidget(new QLabel(title, line), 1);
            auto* number = makeNumberBox(
                QStringLiteral("tried-") + QString::fromStdString(tally.name), tally.least,
                tally.most, line, [this, name = tally.name, start = tally.start](int value) {
                    auto tried = m_session.runs.tallies();
                    tried.erase(name);
                    if (value != start) tried[name] = value;
                    m_session.runs.setTallies(std::move(tried));
                    refresh();
                });
            number->setFixedWidth(150);
            number->setAccessibleName(tr("Walk with this much of: %1").arg(title));
            row->addWidget(number);
            m_tallies->addWidget(line);
            m_lines << line;
            m_numbers << number;
        }
    }

    static constexpr std::size_t mostKeys = 40;
    static constexpr int chipsARow = 2;
    ButtonGrid* m_keys;
    QVBoxLayout* m_tallies;
    QList<Chip*> m_chips;
    std::vector<EntityId> m_shownKeys;
    QList<QWidget*> m_lines;
    QList<QSpinBox*> m_numbers;
    std::vector<level::Tally> m_shownTallies;
};

}  // namespace

PanelSection* makeHandSection(Session& session, QWidget* parent) {
    return new HandSection(session, parent);
}

}  // namespace rook::app
