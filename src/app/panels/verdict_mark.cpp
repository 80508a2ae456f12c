#include "app/panels/verdict_mark.h"

#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

VerdictMark verdictMarkOf(const Session& session, const level::Level& level) {
    const Theme& theme = currentTheme();
    VerdictMark verdict;
    verdict.mark = QStringLiteral("–");
    verdict.spoken = tr("not proven yet");
    verdict.tone = theme.quietInk;
    const auto proven = session.proofs.of(level.id);
    if (!proven || proven->error) return verdict;
    if (!session.proofs.isCurrent(level.id)) {
        verdict.mark = QStringLiteral("…");
        verdict.spoken = tr("being proven");
    } else if (check::openCount(proven->report.findings()) == 0) {
        verdict.mark = QStringLiteral("✓");
        verdict.spoken = tr("proven");
        verdict.tone = theme.accent;
    } else {
        const auto open = qsizetype(check::openCount(proven->report.findings()));
        verdict.mark = QStringLiteral("● %1").arg(open);
        verdict.spoken = counted(open, tr("finding"), tr("findings"));
        const bool isAlarm = check::hasErrors(proven->report.findings());
        verdict.tone = isAlarm ? theme.alarm : theme.caution;
    }
    return verdict;
}

}  // namespace rook::app
