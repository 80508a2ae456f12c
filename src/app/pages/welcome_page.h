#pragma once
/// What one may begin with: shown when the window opens without a project.

#include "app/pages/page.h"

namespace rook::app {

class WelcomePage : public Page {
    Q_OBJECT

public:
    /// `recent`: the folders of the projects that were opened last, the newest first.
    WelcomePage(Session& session, const QStringList& recent, QWidget* parent);

    void takeFocus() override { m_first->setFocus(Qt::TabFocusReason); }

Q_SIGNALS:
    void demoAsked();
    void tourAsked();
    void newAsked();
    void openAsked();
    void firstGameAsked();
    void recentAsked(const QString& folder);

private:
    QWidget* m_first = nullptr;
};

}  // namespace rook::app
