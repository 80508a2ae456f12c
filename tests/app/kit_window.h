#pragma once
/// A window on a new kit level of the demo, with the painter for the view aslant.

#include <QAbstractButton>
#include <QAction>

#include "app/steps/kit/kit_options.h"
#include "demo_window.h"

namespace rook::testing {

class KitWindow : public DemoWindow {
protected:
    void prepare(const char* name) {
        useOwnSettings(name);
        // The painter, which is there wherever OpenGL is not.
        qputenv("ROOKPLOT_NO_OPENGL", "1");
    }
    void beginKitLevel() {
        openDemo();
        trigger("new-kit-level");
        m_window->findChild<QAbstractButton*>("make-level")->click();
        board().setFocus();
        QVERIFY(waitForProof());
    }
    void endKitLevel() {
        board().stopWalk();
        closeDemo();
    }
    void trigger(const char* name) {
        auto* action = m_window->findChild<QAction*>(QLatin1String(name));
        QVERIFY2(action, name);
        action->trigger();
    }
    void press(const char* name) {
        auto* button = part<QAbstractButton>(name);
        QVERIFY2(button, name);
        button->click();
    }
    void take(const char* piece, const char* tool = "place") {
        app::KitOptions options = session().workbench.options<app::KitOptions>();
        options.piece = piece;
        session().workbench.setOptions(options);
        session().workbench.chooseTool(tool);
        board().setFocus();
    }
    [[nodiscard]] QPoint module(int x, int y) const {
        return board().view().toWidget(PxPoint{x * 32 + 16, y * 32 + 16}).toPoint();
    }
    void click(int x, int y, Qt::MouseButton button = Qt::LeftButton,
               Qt::KeyboardModifiers modifiers = {}) {
        QTest::mouseMove(&board(), module(x, y));
        QTest::mouseClick(&board(), button, modifiers, module(x, y));
    }
    void drag(std::initializer_list<CellPoint> points) {
        const std::vector<CellPoint> way(points);
        QTest::mousePress(&board(), Qt::LeftButton, {}, module(way[0].x, way[0].y));
        for (const CellPoint at : way)
            QTest::mouseMove(&board(), module(at.x, at.y));
        QTest::mouseRelease(&board(), Qt::LeftButton, {}, module(way.back().x, way.back().y));
    }
    [[nodiscard]] const level::Kit& kit() { return *session().document.project().kitOf(level()); }
    [[nodiscard]] int countOf(const char* piece) {
        int count = 0;
        for (const level::PlacedPiece& placed : level().pieces)
            count += placed.piece == piece;
        return count;
    }
    [[nodiscard]] const level::PlacedPiece* at(int x, int y, int storey = 0) {
        for (const level::PlacedPiece& placed : level().pieces)
            if (placed.at == CellPoint{x, y} && placed.storey == storey) return &placed;
        return nullptr;
    }
    void selectPieces(std::vector<int> ids) {
        app::Selection selection;
        selection.pieces = std::move(ids);
        session().workbench.select(selection);
    }
    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = {}) {
        QTest::keyClick(&board(), key, modifiers);
    }
};

}  // namespace rook::testing
