#pragma once
/// The part of the audit that is about solids. Private to kit/.

#include "kit/audit.h"
#include "kit/solids.h"

namespace rook::kit {

/// Appends what is wrong with solids, with each other and with pieces.
void auditSolids(const Kit& kit, const level::Level& level, const PlacedIndex& index,
                 const SolidIndex& solids, std::vector<Fault>& faults);

}  // namespace rook::kit
