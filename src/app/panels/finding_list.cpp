#include "app/panels/finding_list.h"

#include "app/ui/words.h"
#include "check/audit.h"
#include "check/look.h"

namespace rook::app {

FindingList::FindingList(Session& session, const QString& stem, std::size_t most, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_stem(stem),
      m_most(most),
      m_list(new QVBoxLayout(this)) {
    m_list->setContentsMargins(0, 0, 0, 0);
    m_list->setSpacing(2);
}

void FindingList::show(const std::vector<check::Finding>& findings) {
    if (findings == m_shown) return;
    m_shown = findings;
    m_chosen = -1;
    for (QAbstractButton* note : m_notes) {
        m_list->removeWidget(note);
        note->hide();
        note->deleteLater();
    }
    m_notes.clear();
    for (std::size_t i = 0; i < m_shown.size() && i < m_most; ++i) {
        auto* note =
            new FindingNote(int(i) + 1, m_shown[i], m_session.document.level()->cellSize, this);
        note->setObjectName(m_stem + QString::number(i + 1));
        connect(note, &QAbstractButton::clicked, this, [this, i] { choose(int(i)); });
        connect(note, &FindingNote::fixAsked, this, [this, finding = m_shown[i]] { fix(finding); });
        m_list->addWidget(note);
        m_notes << note;
    }
}

void FindingList::fix(const check::Finding& finding) {
    const level::Project& project = m_session.document.project();
    const level::Level& level = *m_session.document.level();
    if (const auto edit = check::projectFixOf(project, level, finding))
        m_session.document.apply(*edit);
    else
        m_session.document.apply(check::fixOf(project, level, finding));
}

void FindingList::choose(int index) {
    m_chosen = index;
    m_notes[index]->setChecked(true);
    const check::Finding finding = m_shown[std::size_t(index)];
    Q_EMIT chosen(finding);
    if (!finding.place.isEmpty()) m_session.requests.showPlace(finding.place);
    m_session.say(told(finding.sentence));
}

void FindingList::step(int by) {
    const int count = int(m_notes.size());
    if (count == 0) return m_session.say(tr("There are no findings in this level."));
    choose(((m_chosen < 0 && by < 0 ? 0 : m_chosen) + by + count) % count);
}

}  // namespace rook::app
