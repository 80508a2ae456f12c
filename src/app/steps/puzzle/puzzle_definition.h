#pragma once
/// Puzzle levels: Shape lays slots, Cast places counters, Prove solves.

#include "app/session/step_definition.h"

namespace rook::app {

[[nodiscard]] StepDefinition slotShapeDefinition();
[[nodiscard]] StepDefinition counterCastDefinition();
[[nodiscard]] StepDefinition puzzleProveDefinition();

}  // namespace rook::app
