#pragma once
/// What Prove shows.

namespace rook::app {

struct ProveOptions {
    bool showsReach = true;  ///< where bodies get to, standing stronger than passing
    bool showsTraps = true;
    bool showsTouches = true;  ///< where reached bodies touch what is deadly
    bool showsRun = true;
    bool showsRisky = true;  ///< deadly at times
};

}  // namespace rook::app
