/// Plans of levels as SVG, out.

#include "level/target_edits.h"
#include "reach/prove.h"
#include "ship/making_detail.h"
#include "ship/pictures_detail.h"
#include "ship/plan_detail.h"

namespace rook::ship::detail {

namespace {

constexpr int usualCellTenths = 40;  // 4 mm a cell
constexpr double planMargin = 18;

/// "1 cell = 4 mm".
std::string scaleWords(int cellTenths) {
    std::string words = "1 cell = " + std::to_string(cellTenths / 10);
    if (cellTenths % 10) words += "." + std::to_string(cellTenths % 10);
    return words + " mm";
}

}  // namespace

Result<std::shared_ptr<const reach::Answer>> answerTo(const level::Project& project,
                                                      const level::Level& level) {
    const auto query = reach::queryOf(project, level);
    if (!query) return fail(query.error());
    return std::make_shared<const reach::Answer>(reach::answer(*query));
}

Result<Made> makePlans(const Making& making) {
    Made made;
    const auto levels = boardsOf(making, "a plan", made);
    const Signs legend = charactersFor(making.project, {});
    const level::TargetOptions& options = making.target.options;
    const int tenths = options.cellTenths > 0 ? options.cellTenths : usualCellTenths;
    for (const auto& level : levels) {
        const PxRect all = level->boundsPx();
        const double scale = tenths / 10.0 * pointsAMillimetre / level->cellSize.width;
        const Area area{planMargin + Plan::rulerWidth, planMargin + Plan::rulerWidth,
                        all.width * scale, all.height * scale};
        const auto cast = castRowsOf(making.project, *level, legend);
        const double width = std::max(area.right() + planMargin, 320.0);
        const double castTop = area.bottom() + 10;
        const int columns = std::max(1, static_cast<int>((width - 2 * planMargin) / 120));
        const double castHeight =
            double((cast.size() + std::size_t(columns) - 1) / std::size_t(columns)) * 11;
        const double height = castTop + castHeight + 8 + titleBlockHeight + planMargin;
        if (width > 14000 || height > 14000)
            return fail(ErrorKind::OutOfRange, "The plan would be larger than 5 m", level->title,
                        "Choose fewer millimetres a cell");
        PaperDocument document(PaperDocument::Sort::Svg, width, height, level->title);
        Ink ink = document.ink();
        ink.color({1, 1, 1});
        ink.fillRectangle({0, 0, width, height});
        Plan plan(making.project, *level, legend);
        plan.showsZones = options.showsZones;
        if (options.showsReach) {
            auto answer = answerTo(making.project, *level);
            if (!answer) return fail(answer.error());
            plan.reach = std::move(*answer);
        }
        plan.draw(ink, all, area);
        for (std::size_t i = 0; i < cast.size(); ++i) {
            const Place at{planMargin + double(i % std::size_t(columns)) * 120,
                           castTop + double(i / std::size_t(columns)) * 11};
            ink.color(inkBlack);
            ink.text(at, cast[i].sign, 7.5, TextAlign::Left, 0, true);
            ink.text({at.x + 12, at.y}, cast[i].title + "  " + std::to_string(cast[i].count), 7.5,
                     TextAlign::Left, 104);
        }
        drawTitleBlock(ink,
                       {width - planMargin - 280, height - planMargin - titleBlockHeight, 280,
                        titleBlockHeight},
                       {making.project.name,
                        level->title,
                        sizeWords(*level) + "  ·  " + scaleWords(tenths),
                        {}});
        made.files[level->id.text + ".svg"] = document.finish();
        if (!making.goesOn()) return cancelled();
    }
    return made;
}

}  // namespace rook::ship::detail
