#pragma once
/// The strip between head and board that asks what only the designer can decide: what was kept of a
/// former session, whose change counts, another window that has the project. One thing at a time;
/// nothing of it is modal.

#include <QGridLayout>
#include <QLabel>
#include <QWidget>
#include <map>

#include "app/session/session.h"

class QHBoxLayout;
class QScrollArea;

namespace rook::app {

class Notice : public QWidget {
    Q_OBJECT

public:
    Notice(Session& session, QWidget* parent);
    void themeChanged() { refresh(); }

protected:
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void refresh();
    void clear();
    void showOffer(const KeptOffer& offer);
    void showTwoSides(const TwoSides& sides);
    void showBroken(const BrokenOutside& broken);
    void showHolder(const file::LockHolder& holder);
    void say(const QString& what, const QString& detail);
    QWidget* addButton(const QString& text, const char* name, std::function<void()> act);
    void addConflictRow(int row, const file::ChangedPart& part);

    Session& m_session;
    QLabel* m_what = nullptr;
    QLabel* m_detail = nullptr;
    QHBoxLayout* m_buttons = nullptr;
    QWidget* m_list = nullptr;  ///< of conflicts
    QGridLayout* m_rows = nullptr;
    QScrollArea* m_scroll = nullptr;
    std::map<std::string, file::Whose> m_choices;
};

/// What differs, in a few words: "12 cells, 2 of the cast".
[[nodiscard]] QString differenceWords(const level::LevelDifference& difference);

}  // namespace rook::app
