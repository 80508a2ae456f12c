#pragma once
/// The window: menu, head, running order, board with rulers, margin, tray, status line; and the
/// actions that menus and keys share.

#include <QCloseEvent>
#include <QHBoxLayout>
#include <QMainWindow>

#include "app/board/board.h"
#include "app/board/rulers.h"
#include "app/session/live_reach.h"
#include "app/shell/head.h"
#include "app/shell/margin.h"
#include "app/shell/notice.h"
#include "app/shell/order.h"
#include "app/shell/status_line.h"
#include "app/shell/tray.h"
#include "app/steps/kit/view_aslant.h"

namespace rook::app {

class CastTable;
class GamePage;
class Guide;
struct FindEntry;
class ImportPage;
class ModelsPage;
class LevelSheet;
class MixPage;
class PlacementsPage;
class NewLevelPage;
class NewProjectPage;
class Page;
class SettingsPage;
class TargetsPage;
class WholeBoard;

class MainWindow : public QMainWindow {
    Q_OBJECT

public:
    MainWindow();
    ~MainWindow() override;

    [[nodiscard]] Session& session() { return m_session; }
    [[nodiscard]] Board& board() { return *m_board; }
    /// False, with the reason told in the status line, if it cannot be opened.
    /// A folder or its rookplot.json; what came with the program is opened as a copy.
    bool openProject(const QString& folder);
    /// A copy of the demo.
    bool openDemo();
    void save();
    /// What one may begin with, in the board's place.
    void welcome();
    /// Comes to the front of the other windows.
    void comeToFront();
    void setNight(bool isNight);
    /// The theme of the settings, else the desktop's.
    void takeThemeFromSettings();

    [[nodiscard]] static QStringList recentProjects();
    [[nodiscard]] static QString gridKey() { return QStringLiteral("grid"); }

protected:
    void closeEvent(QCloseEvent* event) override;
    void changeEvent(QEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void showTable();
    void choosePicture();
    void placeWindow();
    void changeStorey(int by);
    void buildLayout();
    void buildMenus();
    void buildProjectMenu();
    void buildEditMenu();
    void buildViewMenu();
    void buildGuards(QMenu* menu);
    void buildLevelMenu();
    void buildHelpMenu();
    void buildKeys();
    /// An action that keys and menus share; `name` is what settings and words know it by.
    QAction* add(QMenu* menu, const char* name, const QString& text, const QKeySequence& keys,
                 const std::function<void()>& act);
    void refreshActions();
    void rebuildRecent();
    void saveAs();
    bool saveAndWait();
    /// The project's folder, or one that the designer chooses; empty if none.
    QString folderToSaveTo();
    /// True if nothing would be lost, or the designer says so.
    bool mayDiscard();
    void newProject();
    void openWalkKeys();
    void openPlacements();
    void openMix();
    void openTargets();
    /// All of them; says so where there are none.
    void writeTargets();
    /// Brings files in; asks for some where there are none.
    void openImport(const QStringList& files);
    void openModels(const QStringList& files);
    void newLevel(level::LevelKind kind);
    void openLevelSheet();
    void openGame();
    void duplicateLevel();
    /// Says what led there.
    void removeLevel();
    void moveLevel(int by);
    /// In the board's place; null = the board again.
    void showPage(Page* page);
    void toggleWalk(bool atPointer);
    void chooseProject();
    void showKeys();
    void openFind();
    [[nodiscard]] std::vector<FindEntry> entriesOfGuide();
    /// A page of it, at a heading; empty = its beginning.
    void openGuide(const QString& page, const QString& heading);
    void openSettings();
    /// Points at one part of the window after the other.
    void startTour();
    void cycleFocus(int by);

    Session m_session;
    LiveReach m_liveReach{m_session};
    Head* m_head = nullptr;
    Notice* m_notice = nullptr;
    Order* m_order = nullptr;
    Board* m_board = nullptr;
    ViewAslant* m_aslant = nullptr;  ///< made when it is first shown
    QWidget* m_plan = nullptr;       ///< the board with its rulers
    QHBoxLayout* m_middle = nullptr;
    LevelSheet* m_sheet = nullptr;
    PlacementsPage* m_placements = nullptr;
    MixPage* m_mix = nullptr;
    TargetsPage* m_targets = nullptr;
    ImportPage* m_import = nullptr;
    ModelsPage* m_models = nullptr;
    GamePage* m_game = nullptr;
    NewLevelPage* m_newLevel = nullptr;
    NewProjectPage* m_newProject = nullptr;
    Page* m_walkKeys = nullptr;
    SettingsPage* m_settings = nullptr;
    Page* m_about = nullptr;
    Page* m_welcome = nullptr;
    WholeBoard* m_wholeBoard = nullptr;
    QAction* m_wholeAction = nullptr;
    Guide* m_guide = nullptr;  ///< a window of its own
    Page* m_page = nullptr;    ///< that stands in the board's place; null if none does
    QMenu* m_levelMenu = nullptr;
    QAction* m_aslantAction = nullptr;
    QAction* m_cornerAction = nullptr;
    /// Beside the plan, instead of it, or not at all; on kit boards alone.
    enum class Aslant { Off, Beside, Instead };
    Aslant m_aslantShown = Aslant::Off;
    void showAslant(Aslant shown);
    /// In place of the one that was there.
    void placeAslant(ViewAslant* view);
    /// The view that zooming and fitting is for: the plan, unless the other stands in its place.
    [[nodiscard]] bool isPlanHidden() const;
    Margin* m_margin = nullptr;
    Tray* m_tray = nullptr;
    StatusLine* m_status = nullptr;
    QMenu* m_recent = nullptr;
    void openRepaired();
    /// Among those that were opened last.
    void remember(const QString& path);
    QAction* m_repair = nullptr;
    QString m_refused;  ///< the folder that could not be opened last
    QAction *m_undo = nullptr, *m_redo = nullptr, *m_night = nullptr, *m_walkAction = nullptr;
    CastTable* m_table = nullptr;  ///< made when it is asked for
};

}  // namespace rook::app
