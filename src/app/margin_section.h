#pragma once
/// A section of the margin: a title with a quiet note, and rows of a name and a value or control.

#include <QFrame>
#include <QGridLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace rook::app {

class MarginSection : public QFrame {
    Q_OBJECT

public:
    MarginSection(const QString& title, const QString& note, QWidget* parent);
    void setTitle(const QString& title) { m_title->setText(title); }
    void setNote(const QString& note) { m_note->setText(note); }
    /// A row with a value at the right; the label of the value is given back.
    QLabel* addValue(const QString& name);
    void addControl(const QString& name, QWidget* control);
    void addWide(QWidget* widget);
    void addWide(QLayout* layout);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QLabel* m_title;
    QLabel* m_note;
    QGridLayout* m_rows;
};

/// A label of quiet words that may take several lines.
[[nodiscard]] QLabel* makeWords(const QString& text, QWidget* parent);
/// The column of sections that a panel is.
[[nodiscard]] QVBoxLayout* makeColumn(QWidget* panel);
/// Gives a label one of the theme's tones.
void setTone(QLabel* label, const QColor& color);

}  // namespace rook::app
