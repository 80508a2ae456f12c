#pragma once
/// Widgets beside each other, in as many rows as the width asks for.

#include <QLayout>

namespace rook::app {

class FlowLayout : public QLayout {
public:
    explicit FlowLayout(int spacing) { setSpacing(spacing); }
    ~FlowLayout() override;

    void addItem(QLayoutItem* item) override {
        m_items << item;
        invalidate();
    }
    [[nodiscard]] int count() const override { return int(m_items.size()); }
    [[nodiscard]] QLayoutItem* itemAt(int i) const override { return m_items.value(i); }
    QLayoutItem* takeAt(int i) override;
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override {
        return lay({0, 0, width, 0}, false);
    }
    [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
    [[nodiscard]] QSize sizeHint() const override { return minimumSize(); }
    [[nodiscard]] QSize minimumSize() const override;
    void setGeometry(const QRect& rect) override;

private:
    /// Gives the height; `moves`: puts them there.
    int lay(const QRect& rect, bool moves) const;
    QList<QLayoutItem*> m_items;
};

}  // namespace rook::app
