#pragma once
/// The board with the whole window for itself, and the tray at the pointer while a key is held.

#include <QBoxLayout>
#include <QList>
#include <QObject>

namespace rook::app {

class Tray;

class WholeBoard : public QObject {
    Q_OBJECT

public:
    /// `others` are hidden meanwhile; `tray` stands in `rows`.
    WholeBoard(QWidget* window, QWidget* board, Tray* tray, QBoxLayout* rows,
               const QList<QWidget*>& others);
    [[nodiscard]] bool isOn() const { return m_isOn; }
    void setOn(bool isOn);

    /// Shows the tray at the pointer, or hides it.
    static constexpr Qt::Key key = Qt::Key_Q;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void showTray();

    QWidget* m_window;
    QWidget* m_board;
    Tray* m_tray;
    QBoxLayout* m_rows;
    QList<QWidget*> m_others;
    QList<QWidget*> m_hidden;  ///< that were shown before
    int m_place = 0;           ///< of the tray, among the rows
    bool m_isOn = false;
    bool m_wasFullScreen = false;
};

}  // namespace rook::app
