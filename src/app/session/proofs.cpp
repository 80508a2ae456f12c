#include "app/session/proofs.h"

#include <algorithm>

#include "level/rules.h"

namespace rook::app {

Proofs::Proofs(Document& document) : m_document(document) {
    connect(&document, &Document::opened, this, [this] {
        m_proofs.clear();
        m_compared.reset();
    });
}

std::shared_ptr<const ProvenLevel> Proofs::of(const LevelId& id) const {
    const auto found = m_proofs.find(id);
    return found == m_proofs.end() ? nullptr : found->second;
}

bool Proofs::haveSameRules(const level::Project& proven) const {
    const level::Project& current = m_document.project();
    const bool isKnown = m_compared && m_compared->proven.sharesAllWith(proven) &&
                         m_compared->current.sharesAllWith(current);
    if (!isKnown) m_compared = {proven, current, level::haveSameRules(proven, current)};
    return m_compared->areSame;
}

bool Proofs::isCurrent(const LevelId& id) const {
    const auto proof = of(id);
    return proof && proof->level == m_document.project().findLevel(id) &&
           haveSameRules(proof->project);
}

bool Proofs::isPlanCurrent(const LevelId& id) const {
    const auto proof = of(id);
    return proof && proof->isPlanCurrent &&
           level::haveSameLook(proof->project, m_document.project());
}

bool Proofs::isAnalysisCurrent(const LevelId& id) const {
    const auto proof = of(id);
    return proof && proof->isAnalysisCurrent;
}

void Proofs::take(std::shared_ptr<const ProvenLevel> proven) {
    const LevelId id = proven->level->id;
    if (!m_document.project().findLevel(id)) return;
    m_proofs[id] = std::move(proven);
    Q_EMIT changed(id);
}

}  // namespace rook::app
