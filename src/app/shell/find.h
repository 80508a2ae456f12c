#pragma once
/// Find: one types what one wants to do, and gets the action, its key, and where it is.

#include <QFrame>
#include <QLineEdit>
#include <QListWidget>

#include "app/shell/find_entries.h"
#include "base/find_words.h"

namespace rook::app {

/// A sheet over the board that goes when something is chosen, at Escape, or by a click elsewhere.
class Find : public QFrame {
    Q_OBJECT

public:
    explicit Find(QWidget* parent);
    /// What is found, below what was there before.
    void add(std::vector<FindEntry> entries);
    /// Called when control is back, one after another: what takes a while to be listed.
    void addLater(const std::function<std::vector<FindEntry>()>& list);

Q_SIGNALS:
    /// It has gone, and nobody has the keyboard.
    void left();

protected:
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void refill();
    void takeHeight();
    void goOn();
    void choose();
    void leave();
    void vanish();

    QLineEdit* m_typed;
    QListWidget* m_list;
    QWidget* m_nothing;
    std::vector<FindEntry> m_entries;
    std::vector<Findable> m_findable;  ///< the same, for the search
    std::vector<std::size_t> m_shown;  ///< in the order of the list
    QList<std::function<std::vector<FindEntry>()>> m_later;
    bool m_hasLeft = false;
};

}  // namespace rook::app
