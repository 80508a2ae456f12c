#pragma once
/// Shape on kit boards: modular pieces on storeys.

#include "app/session/step_definition.h"

namespace rook::app {

[[nodiscard]] StepDefinition kitDefinition();

}  // namespace rook::app
