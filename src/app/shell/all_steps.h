#pragma once
/// All steps that the window has, in the order of the stations.

#include "app/session/step_definition.h"

namespace rook::app {

[[nodiscard]] std::vector<StepDefinition> allSteps();

}  // namespace rook::app
