#include "app/steps/skin/fade_rows.h"

#include "app/ui/controls.h"
#include "app/ui/words.h"
#include "base/limits.h"

namespace rook::app {

FadeRows::FadeRows(MarginSection& section, const QString& name,
                   std::function<void(const level::FadeLine&)> change)
    : m_section(section), m_change(std::move(change)) {
    m_beyond = makeChoiceBox(name + QStringLiteral("-beyond"),
                             {tr("left of"), tr("right of"), tr("above"), tr("below")}, &section,
                             [this](int) { tell(); });
    m_beyond->setToolTip(
        tr("It fades while the middle of the player is on that side of the line."));
    section.addControl(tr("Fades"), m_beyond);
    m_at = makeNumberBox(name + QStringLiteral("-line"), 0, limits::maxCoordinatePx, &section,
                         [this](int) { tell(); });
    m_at->setSuffix(tr(" px"));
    m_at->setKeyboardTracking(false);
    section.addControl(tr("The line at"), m_at);
    m_ticks = makeNumberBox(name + QStringLiteral("-ticks"), 1, level::maxTransitionTicks, &section,
                            [this](int) { tell(); });
    m_ticks->setSuffix(tr(" ticks"));
    m_ticks->setKeyboardTracking(false);
    section.addControl(tr("Within"), m_ticks);
}

void FadeRows::tell() {
    m_change({level::Facing(m_beyond->currentIndex()), m_at->value(), m_ticks->value()});
}

void FadeRows::show(const std::optional<level::FadeLine>& line) {
    for (QWidget* each : std::initializer_list<QWidget*>{m_beyond, m_at, m_ticks})
        m_section.showRow(each, line.has_value());
    if (!line) return;
    const QSignalBlocker blocker(m_beyond);
    m_beyond->setCurrentIndex(int(line->beyond));
    showNumber(m_at, line->at);
    showNumber(m_ticks, line->ticks);
}

}  // namespace rook::app
