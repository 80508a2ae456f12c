#include "app/session/proofs.h"

#include <algorithm>

#include "level/rules.h"

namespace rook::app {

Proofs::Proofs(Document& document) : m_document(document) {
    connect(&document, &Document::opened, this, [this] { m_proofs.clear(); });
}

std::shared_ptr<const ProvenLevel> Proofs::of(const LevelId& id) const {
    for (const auto& proof : m_proofs)
        if (proof->level->id == id) return proof;
    return nullptr;
}

bool Proofs::isCurrent(const LevelId& id) const {
    const auto proof = of(id);
    return proof && proof->level == m_document.project().findLevel(id) &&
           level::haveSameRules(proof->project, m_document.project());
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
    std::erase_if(m_proofs, [&](const auto& proof) { return proof->level->id == id; });
    m_proofs.push_back(std::move(proven));
    Q_EMIT changed(id);
}

}  // namespace rook::app
