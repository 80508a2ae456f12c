#pragma once
/// The real window in Cast, and a thing placed there.

#include "app/steps/cast/cast_options.h"
#include "demo_window.h"

namespace rook::testing {

class CastWindow : public DemoWindow {
protected:
    void openInCast() {
        openDemo();
        session().workbench.setStep(app::Step::Cast);
        board().setFocus();
    }
    void closeCast() {
        board().stopWalk();
        closeDemo();
    }
    /// Places one of that kind, by a click.
    void take(const char* kind, CellPoint at) {
        app::CastOptions options = session().workbench.options<app::CastOptions>();
        options.kind = {kind};
        session().workbench.setOptions(options);
        session().workbench.chooseTool("place");
        board().setFocus();
        QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(at.x, at.y));
    }
    [[nodiscard]] const level::Entity& last() const { return level().entities.back(); }
};

}  // namespace rook::testing
