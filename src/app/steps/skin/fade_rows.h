#pragma once
/// The rows that say beyond which line of the level something before the player fades.

#include <QComboBox>
#include <QSpinBox>
#include <functional>
#include <optional>

#include "app/ui/margin_section.h"
#include "level/transition.h"

namespace rook::app {

class FadeRows {
public:
    /// Adds them; `change` is told what was asked for. `name` begins the names of the controls.
    FadeRows(MarginSection& section, const QString& name,
             std::function<void(const level::FadeLine&)> change);
    /// Hidden where there is no line.
    void show(const std::optional<level::FadeLine>& line);

private:
    void tell();

    MarginSection& m_section;
    QComboBox* m_beyond;
    QSpinBox* m_at;
    QSpinBox* m_ticks;
    std::function<void(const level::FadeLine&)> m_change;
};

}  // namespace rook::app
