#include "app/session/project_check.h"

#include <QtConcurrent>

#include "file/asset_facts.h"

namespace rook::app {

ProjectCheck::ProjectCheck(Document& document) : m_document(document) {
    m_thread.setMaxThreadCount(1);
    connect(&document, &Document::opened, this, &ProjectCheck::lookAgain);
    connect(&document, &Document::listsChanged, this, &ProjectCheck::lookAgain);
}

const std::vector<check::ProjectFinding>* ProjectCheck::findings() {
    if (m_isKnown && m_of.sharesAllWith(m_document.project())) return &m_findings;
    if (!m_isLooking) look();
    return nullptr;
}

void ProjectCheck::lookAgain() {
    ++m_round;
    m_isKnown = false;
}

std::optional<Error> ProjectCheck::fix(const check::ProjectFinding& finding) {
    const auto fixed = check::fixOf(m_document.project(), m_facts, finding);
    if (!fixed) return fixed.error();
    m_document.apply(*fixed);
    return std::nullopt;
}

void ProjectCheck::look() {
    m_isLooking = true;
    struct Seen {
        level::AssetFacts facts;
        std::vector<check::ProjectFinding> findings;
    };
    const level::Project project = m_document.project();
    QtConcurrent::run(&m_thread, [project, folder = m_document.folder().toStdString()] {
        Seen seen;
        if (!folder.empty()) seen.facts = file::assetFactsOf(file::diskStorage(), folder, project);
        seen.findings = check::projectFindings(project, seen.facts);
        return seen;
    }).then(this, [this, project, round = m_round](const Seen& seen) {
        m_isLooking = false;
        if (round == m_round) {
            m_of = project;
            m_facts = seen.facts;
            m_findings = seen.findings;
            m_isKnown = true;
        }
        Q_EMIT changed();
    });
}

}  // namespace rook::app
