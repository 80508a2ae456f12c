#pragma once
/// A vector behind a shared pointer: copies share, the first write copies. Equal pointers are
/// equal.

#include <memory>
#include <vector>

namespace rook {

template <typename T>
class SharedVector {
public:
    SharedVector() : m_items(std::make_shared<const std::vector<T>>()) {}
    SharedVector(std::vector<T> items)  // NOLINT: a list of items is one
        : m_items(std::make_shared<const std::vector<T>>(std::move(items))) {}

    [[nodiscard]] const std::vector<T>& items() const { return *m_items; }
    [[nodiscard]] std::size_t size() const { return m_items->size(); }
    [[nodiscard]] bool empty() const { return m_items->empty(); }
    [[nodiscard]] const T& operator[](std::size_t index) const { return (*m_items)[index]; }
    [[nodiscard]] auto begin() const { return m_items->begin(); }
    [[nodiscard]] auto end() const { return m_items->end(); }
    [[nodiscard]] bool isSharedWith(const SharedVector& other) const {
        return m_items == other.m_items;
    }
    bool operator==(const SharedVector& other) const {
        return m_items == other.m_items || *m_items == *other.m_items;
    }

    /// Replaces the items by what `change(std::vector<T>&)` makes of a copy. Cost: one copy.
    template <typename Change>
    void edit(Change&& change) {
        std::vector<T> copy = *m_items;
        change(copy);
        m_items = std::make_shared<const std::vector<T>>(std::move(copy));
    }

private:
    std::shared_ptr<const std::vector<T>> m_items;
};

}  // namespace rook
