#include "motion/paces.h"

namespace rook::motion {

MostPaces mostPaces(const runtime::MotionTables& tables,
                    const std::vector<runtime::Spring>& springs) {
    MostPaces most;
    const auto see = [&](const runtime::PhaseTable& table, int push) {
        for (std::size_t p = 0; p < table.dx.size(); ++p) {
            most.across = std::max(most.across, table.dx[p] + std::abs(push));
            most.down = std::max(most.down, std::abs(table.dy[p]));
        }
    };
    for (int profile = 0; profile <= static_cast<int>(tables.others.size()); ++profile) {
        const runtime::MotionTables& each = runtime::tablesOf(tables, profile);
        see(each, 0);
        for (const runtime::Spring& spring : springs)
            for (const bool isHigh : {true, false})
                see(spring.flight(profile, isHigh), spring.pushDx);
        for (const runtime::PaceTable* pace : {&each.walk, &each.climb, &each.swim})
            for (const int px : *pace) {
                most.across = std::max(most.across, px);
                most.down = std::max(most.down, px * std::max(1, each.stepUp));
            }
    }
    return most;
}

}  // namespace rook::motion
