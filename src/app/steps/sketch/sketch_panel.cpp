#include "app/steps/sketch/sketch_panel.h"

#include <QPushButton>
#include <QSpinBox>

#include "app/panels/finding_list.h"
#include "app/panels/section_panel.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/level_kinds.h"

namespace rook::app {

namespace {

/// How the level holds to its plan, in one sentence and notes.
class PlanSection : public SketchSection {
public:
    PlanSection(Session& session, QWidget* parent)
        : SketchSection(tr("Held to its plan"), session, parent),
          m_sentence(makeWords({}, this)),
          m_list(new FindingList(session, QStringLiteral("plan-finding-"), 100, this)) {
        m_sentence->setObjectName(QStringLiteral("plan-verdict"));
        addWide(m_sentence);
        addWide(m_list);
    }

    void refresh() override {
        const auto proven = m_session.proofs.of(m_session.document.level()->id);
        const bool isCurrent = m_session.proofs.isCurrent(m_session.document.level()->id) &&
                               m_session.proofs.isPlanCurrent(m_session.document.level()->id);
        const auto* plan = proven ? proven->plan.get() : nullptr;
        m_sentence->setText(sentence(plan, isCurrent));
        const bool isGood = isCurrent && plan && plan->findings.empty() && followed(*plan);
        setTone(m_sentence, isGood ? currentTheme().accent : currentTheme().quietInk);
        static const std::vector<check::Finding> none;
        const auto& findings = plan && !sketch().isEmpty() ? plan->findings : none;
        setNote(findings.empty() ? QString() : tr("%1 open").arg(findings.size()));
        m_list->show(findings);
    }

private:
    [[nodiscard]] static bool followed(const check::PlanReport& plan) {
        return !plan.routes.empty() && plan.routes[0].isFollowed();
    }
    [[nodiscard]] QString sentence(const check::PlanReport* plan, bool isCurrent) const {
        if (sketch().isEmpty())
            return tr(
                "No plan yet. Draw with the pencil (A), lead the route from start to end "
                "(S), and hang beads on it for what stands in the way.");
        if (level::traitsOf(m_session.document.level()->kind).isOfSlots)
            return tr("Not judged: nobody walks on a board of slots. The plan is for the eye.");
        if (!isCurrent || !plan) return tr("Being looked at …");
        if (sketch().routes.empty()) return tr("There is no route to follow yet (S).");
        const auto proven = m_session.proofs.of(m_session.document.level()->id);
        const bool isJudged = followed(*plan) || !plan->routes[0].passings.empty();
        if (!isJudged)
            return tr("Not judged yet. %1")
                .arg(proven->error ? told(*proven->error)
                                   : told(proven->answer.verdict.sentence()));
        if (!followed(*plan)) return tr("No proof run follows the main route to its end.");
        const auto& main = plan->routes[0];
        const auto passed =
            std::count_if(main.passings.begin(), main.passings.end(),
                          [](const reach::Passing& passing) { return passing.isPassed; });
        if (!main.way.empty())
            return tr("A way of %1 modules passes %2 of %3 way points of the main route, in order.")
                .arg(main.way.size())
                .arg(passed)
                .arg(main.passings.size());
        return tr("A proof run of %1 s passes %2 of %3 way points of the main route, in order.")
            .arg(main.run->ticks() / 60.0, 0, 'f', 1)
            .arg(passed)
            .arg(main.passings.size());
    }

    QLabel* m_sentence;
    FindingList* m_list;
};

}  // namespace

MarginPanel* makeSketchPanel(Session& session, QWidget* parent) {
    auto* panel = new SectionPanel(parent);
    SketchSection* leaves = makeLeafSection(session, panel);
    SketchSection* underlay = makeUnderlaySection(session, panel);
    SketchSection* plan = new PlanSection(session, panel);
    SketchSection* routes = makeRouteSection(session, panel);
    SketchSection* parts = makePartsSection(session, panel);
    // What the tool in hand needs stands first.
    QList<SketchSection*> order{leaves, underlay, plan, routes, parts};
    if (session.workbench.isInHand("route")) order = {routes, plan, parts, leaves, underlay};
    if (session.workbench.isInHand("thing")) order = {parts, plan, routes, leaves, underlay};
    if (session.workbench.isInHand("select")) order = {underlay, leaves, plan, routes, parts};
    panel->add(makeMarkSection(session, panel));
    panel->add(makeBeadSection(session, panel));
    for (SketchSection* section : order)
        panel->add(section);
    return panel;
}

QSpinBox* makeOpacityBox(const QString& name, QWidget* parent, std::function<void(int)> act) {
    auto* box = new QSpinBox(parent);
    box->setObjectName(name);
    box->setRange(10, 100);
    box->setSingleStep(10);
    box->setSuffix(QStringLiteral(" %"));
    box->setFixedWidth(80);
    box->setKeyboardTracking(false);
    QObject::connect(box, &QSpinBox::valueChanged, parent, std::move(act));
    return box;
}

}  // namespace rook::app
