#pragma once
/// Runs that are kept with a level: its proof, and those that must stay possible.

#include <string>
#include <vector>

#include "base/id.h"
#include "level/fields.h"

namespace rook::level {

/// The same input for a number of ticks.
struct RunSpan {
    int ticks = 1;  ///< 1 or more
    int dx = 0;
    int dy = 0;
    unsigned buttons = 0;  ///< runtime::Button, added up
    bool operator==(const RunSpan&) const = default;
};

struct KeptRun {
    std::string name;  ///< what people read; unique among the level's runs
    EntityId start;    ///< spawn or entry; empty = the first spawn
    EntityId goal;     ///< what the run ends at
    std::vector<RunSpan> spans;
    UnknownKeys unknown;
    bool operator==(const KeptRun&) const = default;

    [[nodiscard]] long long ticks() const {
        long long sum = 0;
        for (const RunSpan& span : spans)
            sum += span.ticks;
        return sum;
    }
};

/// Limits of a run that is read.
inline constexpr int maxRunTicks = 60 * 60 * 60;

}  // namespace rook::level
