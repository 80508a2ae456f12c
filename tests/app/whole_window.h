#pragma once
/// The window in every step of levels of each kind, and on every page.

#include <QAbstractButton>
#include <QAction>

#include "app/pages/page.h"
#include "demo_window.h"

namespace rook::testing {

class WholeWindow : public DemoWindow {
protected:
    /// Calls `look` in every step of levels of each kind, and on every page.
    void everywhere(const std::function<void(const QString& where)>& look) {
        for (const char* level : {"intake", "grain-loft", "keepers-quay", "sluice-table"}) {
            session().document.chooseLevel(LevelId{level});
            for (int i = 0; i < app::stepCount; ++i) {
                session().workbench.setStep(static_cast<app::Step>(i));
                if (app::Step(i) == app::Step::Cast && !this->level().entities.empty()) {
                    app::Selection chosen;
                    chosen.entities = {this->level().entities[0].id};
                    session().workbench.select(chosen);
                }
                QTest::qWait(1);
                look(QStringLiteral("%1 %2").arg(QLatin1String(level)).arg(i + 1));
            }
        }
        session().document.chooseLevel(LevelId{"intake"});
        session().workbench.setStep(app::Step::Shape);
        for (const char* page :
             {"settings-action", "about-action", "level-sheet-action", "game-action",
              "new-level-action", "new-project-action", "walk-keys-action"}) {
            part<QAction>(page)->trigger();
            QTest::qWait(1);
            look(QLatin1String(page));
        }
        m_window->welcome();
        QTest::qWait(1);
        look("welcome");
        for (QAbstractButton* name : m_window->findChildren<QAbstractButton*>()) {
            if (!name->objectName().startsWith("page-") || !isInSight(name)) continue;
            name->click();
            QTest::qWait(1);
            look(name->objectName());
        }
    }
    static bool isInSight(const QWidget* widget) {
        return widget->isVisible() && !widget->visibleRegion().isEmpty() && widget->width() > 4;
    }
};

}  // namespace rook::testing
