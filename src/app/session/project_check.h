#pragma once
/// Findings about the project as a whole, looked for on a worker when somebody wants to see them.

#include <QObject>
#include <QThreadPool>

#include "app/session/document.h"
#include "check/project_fixes.h"

namespace rook::app {

class ProjectCheck : public QObject {
    Q_OBJECT

public:
    explicit ProjectCheck(Document& document);

    /// Of this very value; null while it is not known. Asking begins to look.
    [[nodiscard]] const std::vector<check::ProjectFinding>* findings();
    /// Mends it, and all of its sort in the same file, as one edit. Errors: as `check::fixOf`.
    [[nodiscard]] std::optional<Error> fix(const check::ProjectFinding& finding);
    /// Files beside the project may be others now.
    void lookAgain();

Q_SIGNALS:
    void changed();

private:
    void look();

    Document& m_document;
    level::Project m_of;        ///< the value that the findings are of
    level::AssetFacts m_facts;  ///< that they were found with
    std::vector<check::ProjectFinding> m_findings;
    bool m_isKnown = false;
    bool m_isLooking = false;
    int m_round = 0;       ///< counts what makes findings old besides the value
    QThreadPool m_thread;  ///< last, so that no job outlives the rest
};

}  // namespace rook::app
