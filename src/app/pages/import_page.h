#pragma once
/// Bringing a file in: what it is, what its signs stand for, what it will change, what cannot be
/// kept. Nothing changes before it is taken.

#include <QFutureWatcher>

#include "app/pages/page.h"
#include "ship/import.h"

class QComboBox;
class QTableWidget;

namespace rook::app {

class PictureView;

class ImportPage : public Page {
    Q_OBJECT

public:
    ImportPage(Session& session, QWidget* parent);
    ~ImportPage() override;
    /// Begins with files, one after the other; asks for one where there is none.
    void begin(const QStringList& files);
    void refresh() override;
    void takeFocus() override;

Q_SIGNALS:
    /// A picture, to lie under the board.
    void underlayAsked(const QString& file);

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    using Outcome = Result<ship::ImportPreview>;
    struct ReadFile {
        std::string bytes, legend;
    };

    void next();
    void read();
    void begin(const Result<ReadFile>& read);
    void look();
    void show(const Outcome& outcome);
    void showSigns();
    void take();
    [[nodiscard]] bool isUnderlay() const;

    QStringList m_files;
    QString m_file;
    std::string m_bytes, m_legend;
    ship::ImportWish m_wish;
    level::Project m_of;  ///< that the preview is of
    std::optional<ship::ImportPreview> m_preview;
    int m_round = 0;  ///< of looking; what comes of a former one is left alone
    QComboBox* m_sort;
    QComboBox* m_into;
    QTableWidget* m_signs;
    QLabel* m_lost;
    QLabel* m_changes;
    PictureView* m_picture;
    QPushButton* m_take;
};

}  // namespace rook::app
