#pragma once
/// The latest answer for each level. Who computes them is `LiveReach`.

#include <QObject>
#include <map>

#include "app/session/document.h"
#include "app/session/proven_level.h"

namespace rook::app {

class Proofs : public QObject {
    Q_OBJECT

public:
    explicit Proofs(Document& document);

    /// Null if there is none yet. May be of a former value.
    [[nodiscard]] std::shared_ptr<const ProvenLevel> of(const LevelId& id) const;
    /// Of the level on the board.
    [[nodiscard]] std::shared_ptr<const ProvenLevel> ofBoard() const {
        return of(m_document.level()->id);
    }
    [[nodiscard]] bool isCurrent(const LevelId& id) const;
    /// The level was held to its plan and its shapes made. Requires: the proof is current.
    [[nodiscard]] bool isPlanCurrent(const LevelId& id) const;
    [[nodiscard]] bool isAnalysisCurrent(const LevelId& id) const;
    void take(std::shared_ptr<const ProvenLevel> proven);

Q_SIGNALS:
    void changed(const rook::LevelId& id);

private:
    [[nodiscard]] bool haveSameRules(const level::Project& proven) const;

    Document& m_document;
    std::map<LevelId, std::shared_ptr<const ProvenLevel>> m_proofs;
    /// The last two projects that were compared, and what came of it: many levels are proven by the
    /// same value.
    struct Compared {
        level::Project proven, current;
        bool areSame = false;
    };
    mutable std::optional<Compared> m_compared;
};

}  // namespace rook::app
