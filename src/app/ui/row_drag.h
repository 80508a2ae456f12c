#pragma once
/// Lets the rows of a list be dragged over each other.

#include <QAbstractButton>
#include <QPointer>
#include <functional>
#include <optional>

namespace rook::app {

class RowDrag : public QObject {
public:
    /// `moved` is told of a row that was let go over another, once that event is over: lists are
    /// made anew by what comes of it.
    RowDrag(QObject* parent, std::function<void(qsizetype from, qsizetype to)> moved);
    /// From the next row on that is added, it is the first.
    void clear() { m_rows.clear(); }
    void removeLast() { m_rows.removeLast(); }
    /// The row under the others. Its button stands in a widget of its own, which is the row.
    void add(QAbstractButton* button);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    [[nodiscard]] std::optional<qsizetype> rowAt(QPoint global) const;

    std::function<void(qsizetype, qsizetype)> m_moved;
    QList<QPointer<QAbstractButton>> m_rows;
    qsizetype m_dragged = -1;  ///< that the button is held on
};

}  // namespace rook::app
