#pragma once
/// Texts that the player reads, one a row: when, where, for how long, and the words.

#include <QComboBox>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QSpinBox>
#include <functional>

#include "level/game.h"

namespace rook::app {

/// A text of a few lines. It is told when somebody is done with it.
class TextBox : public QPlainTextEdit {
    Q_OBJECT

public:
    explicit TextBox(QWidget* parent);

Q_SIGNALS:
    void finished();

protected:
    void focusOutEvent(QFocusEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
};

class TextRow : public QWidget {
    Q_OBJECT

public:
    using Change = std::function<void(const std::function<void(level::Words&)>&)>;

    /// `whens`: those that one may choose from.
    TextRow(const QString& name, std::vector<level::WordsWhen> whens, Change change,
            std::function<void()> remove, QWidget* parent);
    void show(const level::Words& words);
    /// Those of the game; with more than one, one chooses which the words are in.
    void showLanguages(const std::vector<std::string>& languages);

private:
    std::vector<level::WordsWhen> m_whens;
    Change m_change;
    QLineEdit* m_id;
    QComboBox* m_when;
    QComboBox* m_at;
    QSpinBox* m_ticks;
    TextBox* m_text;
    QComboBox* m_language;
    /// That the words are in; empty = the game's first.
    [[nodiscard]] std::string language() const;
    level::Words m_words;
};

/// One more text, for that moment if there is none of it yet, else for the other; under an id that
/// none of the others has.
[[nodiscard]] level::Words freshWords(const std::vector<level::Words>& others,
                                      level::WordsWhen first, level::WordsWhen then);

}  // namespace rook::app
