#pragma once
/// Rows of controls that follow a list of values: as many as there are values, each kept while it
/// is worked in.

#include <QVBoxLayout>
#include <QWidget>
#include <functional>

namespace rook::app {

template <typename Row>
class RowList : public QWidget {
public:
    /// `make` makes the row of that place, with this as its parent.
    RowList(std::function<Row*(std::size_t)> make, QWidget* parent)
        : QWidget(parent), m_make(std::move(make)), m_layout(new QVBoxLayout(this)) {
        m_layout->setContentsMargins(0, 0, 0, 0);
        m_layout->setSpacing(6);
    }
    /// Makes or takes away rows; `show` brings one in line with its value.
    void setCount(std::size_t count, const std::function<void(Row&, std::size_t)>& show) {
        while (m_rows.size() > count) {
            m_rows.back()->hide();
            m_rows.back()->deleteLater();
            m_rows.pop_back();
        }
        while (m_rows.size() < count) {
            m_rows.push_back(m_make(m_rows.size()));
            m_layout->addWidget(m_rows.back());
        }
        for (std::size_t i = 0; i < count; ++i)
            show(*m_rows[i], i);
    }
    [[nodiscard]] Row* at(std::size_t place) const { return m_rows[place]; }

private:
    std::function<Row*(std::size_t)> m_make;
    QVBoxLayout* m_layout;
    std::vector<Row*> m_rows;
};

}  // namespace rook::app
