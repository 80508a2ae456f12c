#include "motion/paces.h"

namespace rook::motion {

MostPaces mostPaces(const runtime::MotionTables& tables, const runtime::Parts& parts) {
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
        for (const runtime::Spring& spring : parts.springs)
            for (const bool isHigh : {true, false})
                see(spring.flight(profile, isHigh), spring.pushDx);
        for (const runtime::PaceTable* pace : {&each.walk, &each.climb, &each.swim})
            for (const int px : *pace) {
                most.across = std::max(most.across, px);
                most.down = std::max(most.down, px * std::max(1, each.stepUp));
            }
    }
    int ride = 0;
    for (const runtime::Mover& mover : parts.movers)
        ride = std::max(ride, mover.mostPxATick());
    most.across += ride;
    most.down += ride;
    return most;
}

}  // namespace rook::motion
