#pragma once
/// The page for a new project: what it is called, where it is made, and what it begins with.

#include "app/pages/page.h"

class QLineEdit;

namespace rook::app {

class StarterCard;

class NewProjectPage : public Page {
    Q_OBJECT

public:
    NewProjectPage(Session& session, QWidget* parent);
    /// Begins anew: a name that no folder has yet, beside the projects that were made before.
    void begin();
    void refresh() override;
    void takeFocus() override;

Q_SIGNALS:
    void made(const QString& folder);

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void chooseFolder();
    void choose(int starter);
    void make();
    [[nodiscard]] QString folder() const;

    QLineEdit* m_name = nullptr;
    QLineEdit* m_where = nullptr;
    QLabel* m_words = nullptr;
    QPushButton* m_done = nullptr;
    QList<StarterCard*> m_cards;
    int m_chosen = 0;
};

}  // namespace rook::app
