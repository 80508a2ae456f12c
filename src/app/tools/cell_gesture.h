#pragma once
/// The cells that a gesture covers as it goes on: what brush, line, box and fill are, whatever is
/// laid there.

#include "app/tools/tool.h"
#include "level/region.h"

namespace rook::app {

class CellGesture {
public:
    virtual ~CellGesture() = default;
    /// The region of a gesture that begins here; also what a click here would cover.
    virtual void begin(const ToolInput& input) = 0;
    virtual void extend(const ToolInput& input) = 0;
    [[nodiscard]] const level::CellRegion& region() const { return m_region; }
    /// That the name of the edit begins with.
    [[nodiscard]] virtual const char* verb() const { return "Lay"; }
    /// How large it is, in words.
    [[nodiscard]] virtual QString size() const { return sizeText(m_region.bounds()); }
    /// It goes along a line from where it began, and lays whole things along it.
    [[nodiscard]] virtual bool followsALine() const { return false; }

protected:
    level::CellRegion m_region;
};

[[nodiscard]] std::unique_ptr<CellGesture> makeBrushGesture();
[[nodiscard]] std::unique_ptr<CellGesture> makeLineGesture();
[[nodiscard]] std::unique_ptr<CellGesture> makeBoxGesture();
/// What hangs together, or all of a matter.
[[nodiscard]] std::unique_ptr<CellGesture> makeFillGesture();

}  // namespace rook::app
