#pragma once
/// What stands in the board's place for a while: a title, what it is about in quiet words, a way
/// back, and columns of sections that scroll.

#include <QPushButton>
#include <QScrollArea>

#include "app/panels/panel_section.h"

namespace rook::app {

class Page : public QWidget {
    Q_OBJECT

public:
    Page(Session& session, const QString& title, QWidget* parent);
    /// Brings it in line with the session; called while it is shown.
    virtual void refresh();
    /// Where the keyboard begins.
    virtual void takeFocus();

Q_SIGNALS:
    void left();  ///< back to the board

protected:
    void setWords(const QString& title, const QString& words);
    /// Beside the way back.
    QPushButton* addAction(const QString& text, const QString& name, std::function<void()> act);
    /// A column of sections beside the former ones, as wide as its widest.
    QVBoxLayout* addColumn();
    /// Above all columns, or below them.
    void addAbove(QWidget* widget);
    void addBelow(QWidget* widget);
    /// What was added takes the height that is left.
    void fillHeight(QWidget* widget) { m_rows->setStretchFactor(widget, 1); }
    void addBelow(PanelSection* section);
    /// That is refreshed with the page.
    PanelSection* add(QVBoxLayout* column, PanelSection* section);
    [[nodiscard]] QWidget* body() const { return m_body; }
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

    Session& m_session;

private:
    QLabel* m_title;
    QLabel* m_words;
    QHBoxLayout* m_head;
    QScrollArea* m_area;
    QWidget* m_body;
    QHBoxLayout* m_columns;
    QVBoxLayout* m_rows;
    QList<PanelSection*> m_sections;
};

}  // namespace rook::app
