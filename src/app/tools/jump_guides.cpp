#include "app/tools/jump_guides.h"

#include <algorithm>

#include "app/ui/words.h"
#include "reach/verdict.h"

namespace rook::app {

using level::Ability;

void JumpGuides::add(const level::MotionProfile& profile, const QString& name) {
    const auto tables = motion::makeStepTables(profile, m_cell);
    if (!tables) return;
    JumpGuide guide;
    guide.name = name;
    guide.tables = *tables;
    guide.aids = motion::JumpAids{tables->body.airJumps, tables->body.coyoteTicks};
    guide.high = motion::highestJump(*tables, guide.aids);
    guide.far = motion::farthestJump(*tables, guide.aids);
    m_guides << guide;
}

void JumpGuides::update(const level::Project& project, const level::Level& level) {
    const level::MotionProfile* profile = project.profileOf(level);
    const bool isSame = m_cell == level.cellSize && m_profile.has_value() == (profile != nullptr) &&
                        (!profile || *m_profile == *profile);
    if (isSame) return;
    m_cell = level.cellSize;
    m_profile = profile ? std::optional(*profile) : std::nullopt;
    m_guides.clear();
    m_hop.reset();
    m_measured.reset();
    if (!profile) return;
    add(*profile, {});
    if (!m_guides.isEmpty() && m_guides.first().tables.body.has(Ability::ShortHop))
        m_hop = motion::leastHop(m_guides.first().tables);
    const std::pair<Ability, QString> abilities[] = {{Ability::AirJump, tr("air jump")},
                                                     {Ability::Coyote, tr("coyote time")}};
    for (const auto& [ability, words] : abilities) {
        if (profile->has(ability))
            add(reach::withAbilities(*profile, 0, setOf(ability)), tr("without %1").arg(words));
        else
            add(reach::withAbilities(*profile, setOf(ability), 0), tr("with %1").arg(words));
    }
}

const JumpWords& JumpGuides::wordsFor(const JumpLine& line) {
    if (m_measured != line) m_words = measured(line);
    m_measured = line;
    return m_words;
}

JumpWords JumpGuides::measured(const JumpLine& line) const {
    JumpWords words;
    const int gap = std::abs(line.to.x - line.from.x);
    const int rise = line.from.y - line.to.y;
    words.gap = tr("gap %1 px").arg(gap);
    words.rise = rise >= 0 ? tr("rise %1 px").arg(rise) : tr("drop %1 px").arg(-rise);
    if (m_guides.isEmpty()) {
        words.verdict = tr("no motion profile to measure by");
        return words;
    }
    const JumpGuide& own = m_guides.first();
    const auto verdict = motion::jumpAcross(own.tables, own.aids, gap, rise);
    words.isMade = verdict.isMade;
    if (verdict.isMade)
        words.verdict = tr("✓ makes it, %1 px of gap and %2 px of height to spare")
                            .arg(*verdict.spare)
                            .arg(verdict.spareRise);
    else if (verdict.spareRise < 0)
        words.verdict = tr("✕ too high by %1 px").arg(-verdict.spareRise);
    else if (verdict.spare)
        words.verdict = tr("✕ too wide by %1 px").arg(-*verdict.spare);
    else
        words.verdict = tr("✕ out of reach");
    for (qsizetype i = 1; i < m_guides.size(); ++i) {
        const JumpGuide& other = m_guides[i];
        if (motion::jumpAcross(other.tables, other.aids, gap, rise).isMade != verdict.isMade)
            words.verdict += tr("; %1: %2").arg(other.name, verdict.isMade ? tr("no") : tr("yes"));
    }
    return words;
}

std::optional<int> floorBelow(const level::Project& project, const level::Level& level,
                              PxPoint px) {
    if (!level.boundsPx().contains(px)) return std::nullopt;
    const auto isFloor = [&](int y) {
        const level::Cell cell =
            level.cells.at(px.x / level.cellSize.width, y / level.cellSize.height, level::Cell());
        const auto behaviour = project.behaviourOf(cell);
        return (behaviour == level::Behaviour::Solid || behaviour == level::Behaviour::OneWay) &&
               runtime::formFills(cell.form(), px.x % level.cellSize.width,
                                  y % level.cellSize.height, level.cellSize.width,
                                  level.cellSize.height);
    };
    // From inside a mass up to its top, else down to the next one.
    const int reach = 64 * level.cellSize.height;
    int y = px.y;
    if (isFloor(y)) {
        while (y > 0 && px.y - y < reach && isFloor(y - 1))
            --y;
        return y > 0 && !isFloor(y - 1) ? std::optional(y) : std::nullopt;
    }
    while (y - px.y < reach && y < level.boundsPx().bottom())
        if (isFloor(++y)) return y;
    return std::nullopt;
}

}  // namespace rook::app
