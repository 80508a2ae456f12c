/// The cards of Prove in the tray: abilities that are lent or taken away, and what is shown.

#include <QHBoxLayout>
#include <QLabel>

#include "app/theme.h"
#include "app/tray.h"
#include "app/tray_buttons.h"
#include "kit/audit.h"

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
            return Tray::tr("short hop");
        case level::Ability::AirJump:
            return Tray::tr("air jump");
        case level::Ability::WallJump:
            return Tray::tr("wall jump");
        case level::Ability::Coyote:
            return Tray::tr("coyote time");
        case level::Ability::DropThrough:
            return Tray::tr("drop through");
        case level::Ability::Climb:
            return Tray::tr("climb");
        case level::Ability::Swim:
            return Tray::tr("swim");
    }
    return {};
}

}  // namespace

void Tray::addAbilityChip(QBoxLayout* row, level::Ability ability) {
    auto* chip = new Chip(abilityText(ability), this);
    chip->setObjectName(QStringLiteral("ability-%1").arg(int(ability)));
    const auto isListed = [this, ability] {
        const auto* profile = m_session.project().profileOf(*m_session.level());
        return profile && profile->has(ability);
    };
    const auto hasNow = [this, ability, isListed] {
        const WhatIf& whatIf = m_session.whatIf();
        return (isListed() || (whatIf.lent & setOf(ability))) && !(whatIf.taken & setOf(ability));
    };
    connect(chip, &QAbstractButton::clicked, this, [this, ability, isListed, hasNow] {
        WhatIf whatIf = m_session.whatIf();
        const bool wants = !hasNow();
        whatIf.lent &= ~setOf(ability);
        whatIf.taken &= ~setOf(ability);
        if (wants && !isListed()) whatIf.lent |= setOf(ability);
        if (!wants && isListed()) whatIf.taken |= setOf(ability);
        m_session.setWhatIf(whatIf);
    });
    m_refreshers << [this, chip, ability, isListed, hasNow] {
        chip->setChecked(hasNow());
        const bool isOther = hasNow() != isListed();
        chip->setText(isOther
                          ? (hasNow() ? tr("%1, lent") : tr("%1, taken")).arg(abilityText(ability))
                          : abilityText(ability));
        chip->setAccessibleName(tr("Solve as if the player had: %1").arg(abilityText(ability)));
    };
    row->addWidget(chip);
}

void Tray::addProveCards(QVBoxLayout* column) {
    if (const level::Kit* kit = m_session.project().kitOf(*m_session.level()); kit && isKit()) {
        const auto text = [](level::Decimal value) {
            return QString::fromStdString(kit::lengthText(exact(value)));
        };
        auto* words = quietLabel(
            tr("Here one walks: a body %1 units high, that steps up %2 and drops %3. What is "
               "washed "
               "over can be reached; hatched, one cannot finish from it. The line is the way to "
               "the "
               "exit.")
                .arg(text(kit->body.height), text(kit->body.stepUp), text(kit->body.drop)),
            m_cards);
        words->setWordWrap(true);
        column->addWidget(words, 0, Qt::AlignVCenter);
        return;
    }

    auto* words = quietLabel({}, m_cards);
    words->setObjectName(QStringLiteral("what-if-words"));
    m_refreshers << [this, words] {
        words->setText(
            m_session.whatIf().isAny()
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
    const std::pair<QString, bool ToolOptions::*> chips[] = {
        {tr("reach"), &ToolOptions::showsReach},
        {tr("traps"), &ToolOptions::showsTraps},
        {tr("run"), &ToolOptions::showsRun},
        {tr("deadly touches"), &ToolOptions::showsTouches},
        {tr("risky by time"), &ToolOptions::showsRisky}};
    for (const auto& [text, member] : chips) {
        const auto field = member;
        addChip(
            row, text, QStringLiteral("show-") + text, [field](const auto& o) { return o.*field; },
            [field](auto& o, bool isOn) { o.*field = isOn; });
    }
    row->addStretch();
    column->addLayout(row);
    column->addStretch();
}

}  // namespace rook::app
