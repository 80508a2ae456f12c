#pragma once
/// How each format is made; one source a format. Private to ship/.

#include "ship/shipment.h"

namespace rook::ship::detail {

[[nodiscard]] Result<Made> makeTextGrid(const Making& making);
[[nodiscard]] Result<Made> makeImageMap(const Making& making);
[[nodiscard]] Result<Made> makePlacements(const Making& making);
[[nodiscard]] Result<Made> makeFindings(const Making& making);
[[nodiscard]] Result<Made> makePictures(const Making& making);
[[nodiscard]] Result<Made> makePlans(const Making& making);
[[nodiscard]] Result<Made> makePlanBook(const Making& making);
[[nodiscard]] Result<Made> makeModels(const Making& making);
[[nodiscard]] Result<Made> makeByRecipe(const Making& making);
[[nodiscard]] Result<Made> makePlayPage(const Making& making);

/// All files of a bundle of the target's levels, as exits may lead to any.
[[nodiscard]] Result<Made> makeBundle(const Making& making);

/// "Keeper's quay is of pieces, which a text grid cannot tell: it is not written".
[[nodiscard]] std::string leftOut(const level::Level& level, const std::string& format);
/// A board of cells: seen from the side or from above.
[[nodiscard]] bool hasCells(const level::Level& level);
/// The levels of the target that are boards of cells; of others, a note.
[[nodiscard]] std::vector<std::shared_ptr<const level::Level>> boardsOf(const Making& making,
                                                                        const std::string& format,
                                                                        Made& made);
[[nodiscard]] inline tl::unexpected<Error> cancelled() {
    return fail(ErrorKind::NotApplicable, "The export was cancelled", "", "");
}

}  // namespace rook::ship::detail
