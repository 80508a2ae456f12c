#include "app/steps/prove/prove_tray.h"

#include <QLabel>

#include "app/steps/prove/prove_options.h"
#include "app/ui/buttons.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/names.h"

namespace rook::app {

namespace {

QLabel* quietLabel(const QString& text, QWidget* parent) {
    auto* label = new QLabel(text, parent);
    label->setFont(sizedFont(-2));
    label->setForegroundRole(QPalette::PlaceholderText);
    return label;
}

QString abilityText(level::Ability ability) {
    switch (ability) {
        case level::Ability::ShortHop:
            return tr("short hop");
        case level::Ability::AirJump:
            return tr("air jump");
        case level::Ability::WallJump:
            return tr("wall jump");
        case level::Ability::Coyote:
            return tr("coyote time");
        case level::Ability::DropThrough:
            return tr("drop through");
        case level::Ability::Climb:
            return tr("climb");
        case level::Ability::Swim:
            return tr("swim");
        case level::Ability::Untouchable:
            return tr("untouchable");
        case level::Ability::BeatsFoes:
            return tr("beats foes");
    }
    return {};
}

class ProveTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override { addCards(addCardColumn()); }

private:
    void addAbilityChip(QBoxLayout* row, level::Ability ability) {
        auto* chip = new Chip(abilityText(ability), m_cards);
        chip->setObjectName(QStringLiteral("ability-%1").arg(int(ability)));
        const auto isListed = [this, ability] {
            const auto* profile =
                m_session.document.project().profileOf(*m_session.document.level());
            return profile && profile->has(ability);
        };
        const auto hasNow = [this, ability, isListed] {
            const WhatIf& whatIf = m_session.runs.whatIf();
            return (isListed() || (whatIf.lent & setOf(ability))) &&
                   !(whatIf.taken & setOf(ability));
        };
        connect(chip, &QAbstractButton::clicked, this, [this, ability, isListed, hasNow] {
            WhatIf whatIf = m_session.runs.whatIf();
            const bool wants = !hasNow();
            whatIf.lent &= ~setOf(ability);
            whatIf.taken &= ~setOf(ability);
            if (wants && !isListed()) whatIf.lent |= setOf(ability);
            if (!wants && isListed()) whatIf.taken |= setOf(ability);
            m_session.runs.setWhatIf(whatIf);
        });
        m_refreshers << [chip, ability, isListed, hasNow] {
            chip->setChecked(hasNow());
            const bool isOther = hasNow() != isListed();
            chip->setText(
                isOther ? (hasNow() ? tr("%1, lent") : tr("%1, taken")).arg(abilityText(ability))
                        : abilityText(ability));
            chip->setAccessibleName(tr("Solve as if the player had: %1").arg(abilityText(ability)));
        };
        row->addWidget(chip);
    }
    void addCards(QVBoxLayout* column) {
        auto* words = quietLabel({}, m_cards);
        words->setObjectName(QStringLiteral("what-if-words"));
        m_refreshers << [this, words] {
            words->setText(
                m_session.runs.whatIf().isAny()
                    ? tr("Abilities in hand \u2014 solved as if, the profile stays as it is")
                    : tr("Abilities in hand \u2014 click to solve as if the player had others"));
        };
        column->addWidget(words);
        auto* abilities = new QHBoxLayout;
        abilities->setSpacing(6);
        for (int i = 0; i < level::abilityCount; ++i)
            addAbilityChip(abilities, static_cast<level::Ability>(i));
        abilities->addStretch();
        column->addLayout(abilities);
        column->addSpacing(4);
        column->addWidget(quietLabel(tr("Show"), m_cards));
        auto* row = new QHBoxLayout;
        row->setSpacing(6);
        const std::pair<QString, bool ProveOptions::*> chips[] = {
            {tr("reach"), &ProveOptions::showsReach},
            {tr("traps"), &ProveOptions::showsTraps},
            {tr("run"), &ProveOptions::showsRun},
            {tr("deadly touches"), &ProveOptions::showsTouches},
            {tr("risky by time"), &ProveOptions::showsRisky}};
        for (const auto& [text, member] : chips) {
            const auto field = member;
            addChip<ProveOptions>(
                row, text, QStringLiteral("show-") + text,
                [field](const auto& o) { return o.*field; },
                [field](auto& o, bool isOn) { o.*field = isOn; });
        }
        row->addStretch();
        column->addLayout(row);
        column->addStretch();
    }
};

}  // namespace

std::unique_ptr<TrayParts> makeProveTray(Session& session, QWidget* cards, QWidget* options) {
    return std::make_unique<ProveTray>(session, cards, options);
}

}  // namespace rook::app
