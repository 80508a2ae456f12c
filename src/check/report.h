#pragma once
/// The report of one level: all its findings, put together part by part as they become known, in
/// one order for every face (window, command line, later ones).

#include <array>

#include "check/look.h"
#include "check/plan.h"
#include "skin/scatter.h"

namespace rook::check {

class Report {
public:
    /// In the order in which they are told; notes come after all of them.
    enum class Part : unsigned char {
        Verdict,   ///< reach and what is placed
        Analysis,  ///< traps, comfort, what stands behind what needs it
        Board,     ///< collision and looks
        Plan,
    };
    /// Replaces a part.
    void take(Part part, std::vector<Finding> findings);
    [[nodiscard]] const std::vector<Finding>& of(Part part) const {
        return m_parts[std::size_t(part)];
    }
    [[nodiscard]] const std::vector<Finding>& findings() const { return m_all; }

private:
    std::array<std::vector<Finding>, 4> m_parts;
    std::vector<Finding> m_all;
};

/// Cells where a body of that answer can be, with the answer kept by whoever holds this; null where
/// nothing is known of it.
[[nodiscard]] skin::IsReached reachedCells(std::shared_ptr<const reach::Answer> answer,
                                           const level::Level& level);

/// What the look at a board of matter comes to. Nothing of it on boards of pieces.
struct BoardReport {
    std::vector<Finding> findings;
    std::shared_ptr<const skin::Strewn> strewn;  ///< by the level's rules; null if it has none
    LookMaps look;
};
/// The audit of collision, of looks and of pictures. `answer` is of this very level. Nothing useful
/// when cancelled. Any thread. Cost: some passes over the level, and one dressing of it.
[[nodiscard]] BoardReport boardReport(const level::Project& project, const level::Level& level,
                                      std::shared_ptr<const reach::Answer> answer,
                                      const skin::Opacity& opacity,
                                      const std::atomic<bool>* cancel = nullptr);

/// All parts at once, for who waits for them. Errors: as `reach::queryOf`.
struct ReportWish {
    bool isDeep = false;  ///< traps, comfort, reasons; takes longer
    bool holdsToPlan = true;
};
[[nodiscard]] Result<Report> reportOf(const level::Project& project, const level::Level& level,
                                      const skin::Opacity& opacity, const ReportWish& wish);

}  // namespace rook::check
