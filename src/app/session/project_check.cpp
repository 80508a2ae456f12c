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

void ProjectCheck::look() {
    m_isLooking = true;
    const level::Project project = m_document.project();
    QtConcurrent::run(&m_thread,
                      [project, folder = m_document.folder().toStdString()] {
                          const level::AssetFacts facts =
                              folder.empty()
                                  ? level::AssetFacts()
                                  : file::assetFactsOf(file::diskStorage(), folder, project);
                          return check::projectFindings(project, facts);
                      })
        .then(this,
              [this, project, round = m_round](const std::vector<check::ProjectFinding>& findings) {
                  m_isLooking = false;
                  if (round == m_round) {
                      m_of = project;
                      m_findings = findings;
                      m_isKnown = true;
                  }
                  Q_EMIT changed();
              });
}

}  // namespace rook::app
