#pragma once
/// Cast: what is placed.

#include "app/session/step_definition.h"

namespace rook::app {

[[nodiscard]] StepDefinition castDefinition();

}  // namespace rook::app
