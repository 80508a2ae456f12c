#pragma once
/// The page for a new level: what it is called, of which kind and size, and what it begins with.

#include "app/pages/page.h"
#include "file/new_level.h"

class QComboBox;
class QLineEdit;
class QPlainTextEdit;
class QSpinBox;

namespace rook::app {

class Chip;

class NewLevelPage : public Page {
    Q_OBJECT

public:
    NewLevelPage(Session& session, QWidget* parent);
    /// Begins anew, with what is usual for a level of that kind after the one on the board.
    void begin(level::LevelKind kind);
    void refresh() override;
    void takeFocus() override;

Q_SIGNALS:
    void made();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void addWhat();
    void addSize();
    void addBeginning();
    void chooseKind(level::LevelKind kind);
    void chooseWith(file::Beginning::With with);
    void chooseScreens(int across, int down);
    void choosePicture();
    void make();

    level::NewLevel m_wish;
    file::Beginning m_beginning;
    QLineEdit* m_title = nullptr;
    QList<Chip*> m_kinds;
    QSpinBox* m_columns = nullptr;
    QSpinBox* m_rows = nullptr;
    QSpinBox* m_cellWidth = nullptr;
    QSpinBox* m_cellHeight = nullptr;
    QLabel* m_sizeWords = nullptr;
    QList<Chip*> m_withs;
    QWidget* m_more = nullptr;  ///< what the beginning asks for
    QComboBox* m_copied = nullptr;
    QComboBox* m_block = nullptr;
    QPlainTextEdit* m_text = nullptr;
    QWidget* m_picture = nullptr;
    QLabel* m_pictureName = nullptr;
    Chip* m_nearest = nullptr;
    QSpinBox* m_seed = nullptr;
    QLabel* m_withWords = nullptr;
    QLabel* m_preview = nullptr;
    void showPreview();
    MarginSection* m_size = nullptr;
    MarginSection* m_begins = nullptr;
};

}  // namespace rook::app
