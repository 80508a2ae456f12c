#pragma once
/// A section of the margin: a title with a quiet note, and rows of a name and a value or control.

#include <QAbstractButton>
#include <QFrame>
#include <QGridLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace rook::app {

class MarginSection : public QFrame {
    Q_OBJECT

public:
    MarginSection(const QString& title, const QString& note, QWidget* parent);
    void setTitle(const QString& title);
    [[nodiscard]] QString title() const { return m_title->text(); }
    /// That its fold is remembered by; empty where it does not fold.
    [[nodiscard]] const QString& name() const { return m_foldName; }
    /// Opens it, scrolls to it, and gives its first control the keyboard.
    void goTo();
    void setNote(const QString& note) { m_note->setText(note); }
    /// A row with a value at the right; the label of the value is given back.
    QLabel* addValue(const QString& name);
    void addControl(const QString& name, QWidget* control);
    /// Shows or hides a control, or the label of a value, with its name.
    void showRow(QWidget* control, bool isShown);
    void addWide(QWidget* widget);
    void addWide(QLayout* layout);
    /// Its title opens and closes it, by click or by Space; `name` is what that is remembered by.
    void makeFoldable(const QString& name, bool isOpenAtFirst);
    /// What one does now and then: in the margin it is a page of its own, which opens over the
    /// others and is left by its title.
    [[nodiscard]] bool isOccasional() const { return m_isOccasional; }
    void makePage();
    /// Opens it, or goes back.
    void setOpen(bool isOpen) { m_title->setChecked(isOpen); }
    /// Open, whatever it is remembered as elsewhere, and not to be closed here.
    void keepOpen();
    [[nodiscard]] QWidget* rowsHolder() const { return m_rowsHolder; }
    [[nodiscard]] bool isOpen() const {
        return m_isPage ? m_title->isChecked() : !m_rowsHolder->isHidden();
    }

Q_SIGNALS:
    void folded(bool isOpen);

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    void fold(bool isOpen);
    void scrollTo();

    QAbstractButton* m_title;
    QLabel* m_note;
    QWidget* m_rowsHolder;
    QGridLayout* m_rows;
    QString m_foldName;
    bool m_isOccasional = false;
    bool m_isPage = false;
};

/// What a control that is made for `parent` will stand in: of a section, what holds its rows. To be
/// put there later would dress it again.
[[nodiscard]] QWidget* placeIn(QWidget* parent);
/// A label of quiet words that may take several lines.
[[nodiscard]] QLabel* makeWords(const QString& text, QWidget* parent);
/// The column of sections that a panel is.
[[nodiscard]] QVBoxLayout* makeColumn(QWidget* panel);
/// Gives a label one of the theme's tones.
void setTone(QLabel* label, const QColor& color);

}  // namespace rook::app
