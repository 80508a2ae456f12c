#pragma once
/// Ship: the targets as cards, and of the one that is chosen each file as it will be.

#include "app/pages/file_preview.h"
#include "app/pages/page.h"
#include "app/pages/target_card.h"

class QListWidget;

namespace rook::app {

class TargetsPage : public Page {
    Q_OBJECT

public:
    TargetsPage(Session& session, QWidget* parent);
    void refresh() override;
    void takeFocus() override;

Q_SIGNALS:
    void importAsked();

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    void showCards();
    void showFiles();
    void showFile();
    /// What stands against shipping.
    void tellFindings();
    void choose(const std::string& target);
    void step(int by);

    QPushButton* m_all;
    QLabel* m_against;
    QVBoxLayout* m_column;
    QList<TargetCard*> m_cards;
    QLabel* m_empty;
    QLabel* m_notes;
    QListWidget* m_files;
    FilePreview* m_preview;
    std::shared_ptr<const ship::Shipment> m_shown;
    bool m_isRefreshing = false;
};

}  // namespace rook::app
