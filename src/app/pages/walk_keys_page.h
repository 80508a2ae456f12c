#pragma once
/// The keys that steer a walk, and what the game controller does.

#include "app/pages/page.h"

namespace rook::app {

class WalkKeysPage : public Page {
    Q_OBJECT

public:
    WalkKeysPage(Session& session, QWidget* parent);
};

}  // namespace rook::app
