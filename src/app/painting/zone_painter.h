#pragma once
/// Zones: their frames, the camera of the one that is selected, and where bodies cross.

#include "app/painting/view.h"
#include "app/session/session.h"

class QPainter;

namespace rook::app {

void paintZones(QPainter& painter, const Session& session, const View& view, QSize size);

}  // namespace rook::app
