#pragma once
/// Skin: how masses look.

#include "app/session/step_definition.h"

namespace rook::app {

[[nodiscard]] StepDefinition skinDefinition();

}  // namespace rook::app
