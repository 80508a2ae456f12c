#include "app/shell/all_steps.h"

#include "app/steps/cast/cast_definition.h"
#include "app/steps/kit/kit_definition.h"
#include "app/steps/prove/prove_definition.h"
#include "app/steps/puzzle/puzzle_definition.h"
#include "app/steps/shape/shape_definition.h"
#include "app/steps/ship/ship_definition.h"
#include "app/steps/sketch/sketch_definition.h"
#include "app/steps/skin/skin_definition.h"

namespace rook::app {

std::vector<StepDefinition> allSteps() {
    return {sketchDefinition(),      shapeDefinition(),     kitDefinition(),
            skinDefinition(),        castDefinition(),      proveDefinition(),
            kitProveDefinition(),    slotShapeDefinition(), counterCastDefinition(),
            puzzleProveDefinition(), shipDefinition()};
}

}  // namespace rook::app
