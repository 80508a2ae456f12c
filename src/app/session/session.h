#pragma once
/// What one window works with: the document and what belongs to it, each small and by itself.

#include "app/session/autosave.h"
#include "app/session/document.h"
#include "app/session/dressing.h"
#include "app/session/game_prover.h"
#include "app/session/live_link.h"
#include "app/session/project_check.h"
#include "app/session/project_guard.h"
#include "app/session/proofs.h"
#include "app/session/run_player.h"
#include "app/session/shipping.h"
#include "app/session/workbench.h"
#include "app/session/writer.h"

namespace rook::app {

/// In this order: each may know those before it.
struct Session {
    explicit Session(std::vector<StepDefinition> steps) : workbench(document, std::move(steps)) {}

    Requests requests;
    Document document{requests};
    ProjectGuard guard{document, requests};
    Autosave autosave{document, guard, requests};
    Workbench workbench;
    Proofs proofs{document};
    GameProver gameProver{document};
    RunPlayer runs{document, proofs};
    Dressing dressing{document};
    ProjectCheck projectCheck{document};
    Writer writer{document, proofs, guard, requests};
    Shipping shipping{document, requests};
    LiveLink link{document, requests};

    void say(const QString& text) { requests.say(text); }
};

}  // namespace rook::app
