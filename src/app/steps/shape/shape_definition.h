#pragma once
/// Shape: masses of matter.

#include "app/session/step_definition.h"

namespace rook::app {

[[nodiscard]] StepDefinition shapeDefinition();

}  // namespace rook::app
