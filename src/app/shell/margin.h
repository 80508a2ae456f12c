#pragma once
/// The margin: sections that belong to the step, beside the board. What is chosen or in hand and
/// what the step says stand in a column; what one does now and then are pages, named below it, that
/// open over the column and close again.

#include <QScrollArea>
#include <QStackedWidget>

#include "app/panels/panel_section.h"

namespace rook::app {

class Margin : public QWidget {
    Q_OBJECT

public:
    explicit Margin(Session& session, QWidget* parent = nullptr);
    void themeChanged() { rebuildIfBuilt(); }
    /// Goes to Prove, and selects the finding at that distance from the one selected, round and
    /// round.
    void stepFinding(int by);
    /// Opens the section of that title and goes to it; false if it is not there now.
    bool goToSection(const QString& title);
    /// Goes back to the column; false if no page is open.
    bool closePage();
    /// Its column of sections.
    [[nodiscard]] QScrollArea* column() const { return m_column; }
    /// Of the margin, px; kept within its limits and remembered. What stands in it may need more.
    void setWide(int width);

    static constexpr int leastWidth = 290;
    static constexpr int mostWidth = 620;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void follow();
    void rebuild();
    void rebuildIfBuilt();
    void refresh();
    void takePages();
    void addPage(MarginSection* section);
    void showPage(MarginSection* section);
    /// Wider, where the words of a section need it; it is not made narrower again by itself, so
    /// that the board stays in its place.
    void makeRoom(const QScrollArea& area);

    struct PlacedPage {
        MarginSection* section;
        QScrollArea* area;
        QAbstractButton* name;
    };

    Session& m_session;
    QStackedWidget* m_stack;
    QScrollArea* m_column = nullptr;  ///< none before the panel is made
    QWidget* m_names;                 ///< of the pages
    QList<PlacedPage> m_pages;
    QList<MarginSection*> m_sections;  ///< all, pages too
    QString m_openPage;                ///< its name; empty = the column
    bool m_isTurning = false;          ///< from one page to another
    MarginPanel* m_panel = nullptr;
    int m_ownWidth = leastWidth;  ///< px, as the designer has it; what stands there may need more
    const StepDefinition* m_builtFor = nullptr;
    int m_builtForTool = 0;
    level::LevelKind m_builtForKind = level::LevelKind::Side;
    std::string m_builtForKit;
    bool m_builtOnSwatch = false;
};

}  // namespace rook::app
