#pragma once
/// Prove: whether a level can be finished; on boards of matter, and of pieces.

#include "app/session/step_definition.h"

namespace rook::app {

[[nodiscard]] StepDefinition proveDefinition();
[[nodiscard]] StepDefinition kitProveDefinition();

}  // namespace rook::app
