#pragma once
/// The options of tools: one value of each type, put there by the step that the type belongs to.
///
/// A plain value that is cheap to copy. What was never set is as its type begins. A type may have
/// `keepInRange()`, which is called on whatever is set.

#include <map>
#include <memory>
#include <typeindex>

namespace rook::app {

class ToolOptions {
public:
    template <typename Options>
    [[nodiscard]] const Options& of() const {
        static const Options plain;
        const auto found = m_values.find(typeid(Options));
        return found == m_values.end() ? plain : *static_cast<const Options*>(found->second.get());
    }
    template <typename Options>
    void set(Options options) {
        if constexpr (requires { options.keepInRange(); }) options.keepInRange();
        m_values[typeid(Options)] = std::make_shared<const Options>(std::move(options));
    }
    /// Sets what `change` makes of the options of its step.
    template <typename Options, typename Change>
    void change(Change&& change) {
        Options options = of<Options>();
        change(options);
        set(std::move(options));
    }

private:
    std::map<std::type_index, std::shared_ptr<const void>> m_values;
};

}  // namespace rook::app
