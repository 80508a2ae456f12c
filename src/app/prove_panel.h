#pragma once
/// Prove's margin: the verdict in words, the findings, and how the body moves.

#include <QAbstractButton>

#include "app/margin.h"
#include "app/prove_sections.h"

namespace rook::app {

class ProvePanel : public MarginPanel {
    Q_OBJECT

public:
    ProvePanel(Session& session, QWidget* parent);
    void refresh() override;
    void stepFinding(int by);

Q_SIGNALS:
    void placeChosen(const rook::PxRect& place);

private:
    void showFindings(const std::vector<check::Finding>& findings);
    void choose(int index);
    void showDepth(const ProvenLevel& proven);
    void showWhatIf();

    Session& m_session;
    MarginSection* m_verdict;
    QLabel* m_sentence;
    QLabel* m_goals;
    MarginSection* m_findings;
    QVBoxLayout* m_list;
    QList<QAbstractButton*> m_notes;
    std::vector<check::Finding> m_shown;
    int m_chosen = -1;
    QLabel* m_comfort;
    QLabel* m_tightest;
    QLabel* m_needs;
    QLabel* m_order;
    QLabel* m_kept;
    QLabel* m_memory;
    QList<PanelSection*> m_sections;
};

}  // namespace rook::app
