#pragma once
/// Ship: what games load.

#include "app/session/step_definition.h"

namespace rook::app {

[[nodiscard]] StepDefinition shipDefinition();

}  // namespace rook::app
