#pragma once
/// Sketch: the plan of a level.

#include "app/session/step_definition.h"

namespace rook::app {

[[nodiscard]] StepDefinition sketchDefinition();

}  // namespace rook::app
