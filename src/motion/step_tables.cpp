#include "motion/step_tables.h"

#include <algorithm>

namespace rook::motion {

namespace {

using level::Ability;
using level::Decimal;
using level::MotionProfile;
__extension__ using Wide = __int128;

std::int64_t floorDivide(Wide numerator, Wide denominator) {
    const Wide quotient = numerator / denominator;
    return static_cast<std::int64_t>(quotient * denominator > numerator ? quotient - 1 : quotient);
}

/// Half away from zero. Requires: denominator > 0.
std::int64_t roundDivide(Wide numerator, Wide denominator) {
    const Wide magnitude =
        (2 * (numerator < 0 ? -numerator : numerator) + denominator) / (2 * denominator);
    return static_cast<std::int64_t>(numerator < 0 ? -magnitude : magnitude);
}

/// px a tick as a fraction: a speed in cells a second, times px a cell, over 60 ticks a second.
struct Speed {
    std::int64_t numerator = 0;
    static constexpr std::int64_t denominator = 6000000;

    Speed(Decimal cellsASecond, int cellPx, int percent = 100)
        : numerator(cellsASecond.thousandths * cellPx * percent) {}
    [[nodiscard]] int pxInTick(int tick) const {
        return static_cast<int>(floorDivide(Wide(numerator) * (tick + 1), denominator) -
                                floorDivide(Wide(numerator) * tick, denominator));
    }
    /// Rounded to quarters of a px, at least one, so that four ticks repeat exactly.
    [[nodiscard]] std::int64_t quarters() const {
        return std::max<std::int64_t>(1, roundDivide(Wide(4) * numerator, denominator));
    }
    /// Of each of two axes, where both are gone along at once: about 1 / sqrt 2 of it.
    [[nodiscard]] runtime::PaceTable diagonal() const {
        constexpr std::int64_t ofTenThousand = 7071;
        runtime::PaceTable steps{};
        for (int i = 0; i < 16; ++i) {
            const auto upTo = [&](int ticks) {
                return floorDivide(Wide(numerator) * ofTenThousand * ticks,
                                   Wide(denominator) * 10000);
            };
            steps[static_cast<std::size_t>(i)] = static_cast<int>(upTo(i + 1) - upTo(i));
        }
        return steps;
    }
    [[nodiscard]] runtime::PaceTable table() const {
        runtime::PaceTable steps{};
        for (int i = 0; i < 16; ++i)
            steps[static_cast<std::size_t>(i)] = pxInTick(i);
        return steps;
    }
};

int quarterStep(std::int64_t quarters, int i) {
    return static_cast<int>((quarters * (i + 1)) / 4 - (quarters * i) / 4);
}

/// The flight of one jump: y(n) as a fraction.
struct Flight {
    std::int64_t height = 0;  ///< px, times 100,000
    std::int64_t fallFactor1000 = 0;
    std::int64_t top = 1;  ///< ticks

    Flight(Decimal cells, const MotionProfile& profile, CellSize cell, int percent)
        : height(cells.thousandths * cell.height * percent -
                 std::int64_t{100000} * profile.marginPx),
          fallFactor1000(profile.fallFactor.thousandths),
          top(std::max<std::int64_t>(
              1, roundDivide(Wide(profile.timeToTop.thousandths) * 60, 1000))) {}

    /// round(y(n)), px above the start.
    [[nodiscard]] std::int64_t heightAt(std::int64_t n) const {
        if (n <= top)
            return roundDivide(Wide(height) * (2 * n * top - n * n), Wide(100000) * top * top);
        const Wide after = Wide(n - top) * (n - top);
        return roundDivide(Wide(height) * (Wide(1000) * top * top - fallFactor1000 * after),
                           Wide(100000000) * top * top);
    }
    /// y(n) - y(n + 1) > fall. Requires: n >= top.
    [[nodiscard]] bool fallsFasterThan(const Speed& fall, std::int64_t n) const {
        return Wide(fallFactor1000) * height * (2 * (n - top) + 1) * Speed::denominator >
               Wide(fall.numerator) * 100000000 * top * top;
    }
};

struct Range {
    const char* name;
    std::int64_t value;
    std::int64_t low;
    std::int64_t high;
    const char* text;
};

Result<void> checkRanges(const MotionProfile& p, CellSize cell) {
    // A speed of a quarter px a tick is 15 px a second: thousandths of cells times px, 15000.
    const std::int64_t many = 1000000;  // 1000 cells, seconds or times, in thousandths
    const auto quarter = [](int px) { return (15000 + px - 1) / px; };
    const char* const slow = "at least 1/4 px a tick and at most 1000 cells a second";
    const Range ranges[] = {
        {"body width", p.bodyWidth, 1, maxBodyPx, "1 to 512 px"},
        {"body height", p.bodyHeight, 1, maxBodyPx, "1 to 512 px"},
        {"run", p.run.thousandths, quarter(cell.width), many, slow},
        {"climb", p.climb.thousandths, quarter(cell.height), many, slow},
        {"swim", p.swim.thousandths, quarter(cell.width), many, slow},
        {"greatest fall", p.greatestFall.thousandths, 1, many,
         "above 0, at most 1000 cells a second"},
        {"jump height", p.jumpHeight.thousandths, 1, many, "above 0, at most 1000 cells"},
        {"time to the top", p.timeToTop.thousandths, 1, 60000, "above 0, at most 60 seconds"},
        {"fall factor", p.fallFactor.thousandths, 1, many, "above 0, at most 1000"},
        {"coyote time", p.coyoteMs.thousandths, 0, 10000000, "0 to 10000 ms"},
        {"wall push", p.wallPush, 0, maxPhases, "0 to 4096 ticks"},
        {"step up", p.stepUp, 0, maxBodyPx, "0 to 512 px"},
        {"air jumps", p.airJumps, p.has(Ability::AirJump) ? 1 : 0, 3, "1 to 3 with air-jump"},
        {"margin", p.marginPx, 0, maxBodyPx, "0 to 512 px"},
        {"widened body width", p.bodyWidth + 2 * p.marginPx, 1, maxBodyPx, "1 to 512 px"},
        {"widened body height", p.bodyHeight + p.marginPx, 1, maxBodyPx, "1 to 512 px"},
        {"weakened jump", p.jumpHeight.thousandths * cell.height - 1000 * p.marginPx, 1,
         many * 1000, "above 0 px"},
    };
    for (const Range& range : ranges) {
        if (range.value >= range.low && range.value <= range.high) continue;
        return fail(
            ErrorKind::OutOfRange, std::string("The ") + range.name + " is outside its range",
            "motion profile " + p.name, std::string("Give it a value in its range: ") + range.text);
    }
    return {};
}

Result<runtime::PhaseTable> makePhases(const Flight& flight, const Speed& run, const Speed& fall,
                                       const std::string& where) {
    if (flight.height <= 0) {
        return fail(ErrorKind::OutOfRange, "Nothing is left of a jump", where,
                    "Make the jump higher or the margin smaller");
    }
    runtime::PhaseTable table;
    int p = 0;
    for (; p < flight.top || !flight.fallsFasterThan(fall, p); ++p) {
        if (p + 4 >= maxPhases) {
            return fail(ErrorKind::OutOfRange, "A jump would take more than 4096 phases", where,
                        "Shorten the time to the top or lower the greatest fall speed");
        }
        table.dy.push_back(static_cast<int>(flight.heightAt(p) - flight.heightAt(p + 1)));
        table.dx.push_back(run.pxInTick(p));
    }
    table.loopFrom = p;
    table.topPhase = static_cast<int>(flight.top);
    for (int i = 0; i < 4; ++i) {
        table.dx.push_back(quarterStep(run.quarters(), i));
        table.dy.push_back(quarterStep(fall.quarters(), i));
    }
    return table;
}

}  // namespace

Result<StepTables> makeStepTables(const MotionProfile& profile, CellSize cell,
                                  Weakening weakening) {
    if (const auto fine = checkRanges(profile, cell); !fine) return fail(fine.error());
    const int percent = 100 - weakening.percent;
    const Speed run(profile.run, cell.width, percent);
    const auto phases =
        makePhases(Flight(profile.jumpHeight, profile, cell, percent), run,
                   Speed(profile.greatestFall, cell.height), "motion profile " + profile.name);
    if (!phases) return fail(phases.error());

    StepTables tables;
    tables.profile = profile.name;
    tables.marginPx = profile.marginPx;
    tables.abilities = profile.abilities;
    runtime::MotionTables& body = tables.body;
    static_cast<runtime::PhaseTable&>(body) = *phases;
    body.bodyWidth = profile.bodyWidth + 2 * profile.marginPx;
    body.bodyHeight = profile.bodyHeight + profile.marginPx;
    for (const Ability ability : profile.abilities)
        body.abilities |= runtime::setOf(ability);
    body.walk = run.table();
    body.hasEvenDiagonal = profile.diagonal == level::DiagonalRule::Even;
    if (body.hasEvenDiagonal) body.diagonal = run.diagonal();
    body.stepUp = profile.stepUp;
    if (profile.has(Ability::Climb)) body.climb = Speed(profile.climb, cell.height).table();
    if (profile.has(Ability::Swim)) body.swim = Speed(profile.swim, cell.width).table();
    if (profile.has(Ability::Coyote)) {
        body.coyoteTicks =
            static_cast<int>(roundDivide(Wide(profile.coyoteMs.thousandths) * 60, 1000000));
    }
    if (profile.has(Ability::AirJump)) body.airJumps = profile.airJumps;
    if (profile.has(Ability::WallJump))
        body.wallPushTicks = std::min(profile.wallPush, body.loopFrom);
    return tables;
}

Result<runtime::Spring> makeSpring(const MotionProfile& profile, CellSize cell,
                                   const level::SpringHeights& heights, const std::string& where,
                                   Weakening weakening) {
    const std::int64_t most = 1000000;  // 1000 cells, in thousandths
    for (const Decimal height : {heights.high, heights.low}) {
        if (height.thousandths >= 1 && height.thousandths <= most) continue;
        return fail(ErrorKind::OutOfRange, "The height of a spring is outside its range", where,
                    "Give it a value above 0, at most 1000 cells");
    }
    const int percent = 100 - weakening.percent;
    const Speed run(profile.run, cell.width, percent);
    const Speed fall(profile.greatestFall, cell.height);
    runtime::Spring spring;
    const auto high = makePhases(Flight(heights.high, profile, cell, percent), run, fall, where);
    if (!high) return fail(high.error());
    const auto low = makePhases(Flight(heights.low, profile, cell, percent), run, fall, where);
    if (!low) return fail(low.error());
    spring.high = *high;
    spring.low = *low;
    spring.pushDx = heights.pushDx;
    return spring;
}

}  // namespace rook::motion
