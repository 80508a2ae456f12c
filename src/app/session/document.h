#pragma once
/// The document: the project's value, its history, the level on the board.
///
/// Widgets read values and send edits that the core made; none owns a piece of the document. All on
/// the interface thread. Signals come in this order: `valueTaken` (for what belongs to the session
/// and must be in line before anybody looks), `listsChanged`, then `changed` or `levelSwitched`.

#include <QObject>
#include <QString>
#include <memory>
#include <optional>

#include "app/session/guards.h"
#include "app/session/requests.h"
#include "base/result.h"
#include "file/storage.h"
#include "level/edits.h"
#include "level/history.h"

namespace rook::app {

class Document : public QObject {
    Q_OBJECT

public:
    explicit Document(Requests& requests);

    [[nodiscard]] const level::Project& project() const { return m_project; }
    /// On the board; never null.
    [[nodiscard]] const std::shared_ptr<const level::Level>& level() const { return m_level; }
    /// Where the project lives; empty if it was never saved.
    [[nodiscard]] const QString& folder() const { return m_folder; }
    [[nodiscard]] bool isModified() const { return mayEdit() && !m_project.sharesAllWith(m_saved); }
    /// Errors leave everything as it was.
    [[nodiscard]] Result<void> open(const QString& folder);
    /// What was left out, a sentence each; nothing is written until it is saved.
    [[nodiscard]] Result<std::vector<std::string>> openRepaired(const QString& folder);
    void startNew(level::Project project, const QString& folder = {});
    /// The value that the folder holds now.
    [[nodiscard]] const level::Project& saved() const { return m_saved; }
    void takeSaved(const level::Project& project, const QString& folder, file::FileStates states);
    /// What the files of the folder held when they were read or written last.
    [[nodiscard]] const file::FileStates& filesOnDisk() const { return m_states; }
    /// Those files hold something else now that says the same.
    void takeStates(file::FileStates states) { m_states = std::move(states); }
    /// They hold something that is to be written over, all of it.
    void forgetSaved(file::FileStates states);
    /// The project was opened from a former state of its files than they are in now.
    void takeFormerSaved(level::Project saved);
    /// A value that takes in what changed on the disk, and what the disk says. A step that undo
    /// takes back.
    void takeFromDisk(level::Project project, level::Project saved, file::FileStates states);

    // Looking only: edits are refused, and said why.
    /// Empty: edits are taken.
    void setLookOnly(const QString& why);
    [[nodiscard]] bool mayEdit() const { return m_whyNot.isEmpty(); }
    /// Shows a value that is none of the history until `endLooking`.
    void lookAt(level::Project project, const QString& why);
    [[nodiscard]] bool isLookingAtOther() const { return m_isLookingAtOther; }
    /// Goes on with the newest value of a history.
    void endLooking(level::History history);

    // What is hidden or locked on boards. Edits of a level that would change what is locked are
    // refused, and said why; undo and edits of the project are not.
    [[nodiscard]] const Guards& guards() const { return m_guards; }
    void setGuards(const Guards& guards);

    // Change. A gesture replaces its value as it goes and is one step when it is committed.
    void apply(const level::LevelEdit& edit);
    /// The same, or says why not. Gives whether it was done.
    bool apply(const Result<level::LevelEdit>& edit);
    void apply(const level::ProjectEdit& edit);
    bool apply(const Result<level::ProjectEdit>& edit);
    void showGesture(const level::LevelEdit& edit);
    void commitGesture();
    void cancelGesture();
    [[nodiscard]] bool isInGesture() const { return m_gesture.has_value(); }
    /// The level without the gesture that is going on.
    [[nodiscard]] const level::Level& levelBeforeGesture() const;
    void undo();
    void redo();
    [[nodiscard]] const level::History& history() const { return m_history; }

    /// A picture on disk is another one now.
    void readPicturesAgain() { Q_EMIT listsChanged(); }

    // Which level is on the board.
    void chooseLevel(const LevelId& id);
    [[nodiscard]] bool isOnSwatch() const { return m_project.isSwatch(m_level->id); }
    /// The level that was on the board before a swatch was.
    [[nodiscard]] const LevelId& lastLevel() const { return m_lastLevel; }

Q_SIGNALS:
    void opened();         ///< another project
    void folderChanged();  ///< the same, saved in another folder
    void levelLeft();      ///< another level is on the board
    void valueTaken(const rook::level::Project& former, bool hasOtherLists);
    void changed(const rook::CellRect& touched);  ///< cells of the level
    void levelSwitched();                         ///< another level or project, or another size
    void listsChanged();  ///< matters, kinds, sheets, blocks or kits; before `changed`
    void historyChanged();
    void guardsChanged();

private:
    struct Gesture {
        level::LevelEdit edit;
        level::Project before;
    };
    void startWith(level::Project project, const QString& folder, file::FileStates states);
    /// True, and said why, if edits are refused.
    [[nodiscard]] bool refuses() const;
    [[nodiscard]] bool refuses(const level::LevelEdit& edit) const;
    [[nodiscard]] std::shared_ptr<const level::Level> inPlaceOf(const level::Project& former,
                                                                const LevelId& gone) const;
    void setProject(level::Project project, const CellRect& touched);
    void showWhole(level::Project project);
    void jumpTo(const level::HistoryStep& step);

    Requests& m_requests;
    level::History m_history;
    level::Project m_project;  ///< the gesture's value while one goes on
    std::shared_ptr<const level::Level> m_level;
    std::optional<Gesture> m_gesture;
    level::Project m_saved;
    file::FileStates m_states;
    QString m_folder;
    QString m_whyNot;
    Guards m_guards;
    bool m_isLookingAtOther = false;
    LevelId m_lastLevel;
};

}  // namespace rook::app
