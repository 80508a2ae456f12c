#pragma once
/// Writing targets, for the commands that do.

#include "file/project_file.h"
#include "ship/shipment.h"

namespace rook::cli {

struct ShippingWish {
    std::string target;  ///< its name; empty = all, or a bundle if `to` is given
    std::string to;      ///< empty = where the target lies
    bool isDryRun = false;
    bool writesOver = false;
};

/// The targets that are meant. Errors: BadReference for one that is not there, with the nearest
/// name; NotApplicable where the project has none and no folder is given.
[[nodiscard]] Result<std::vector<level::Target>> targetsOf(const level::Project& project,
                                                           const ShippingWish& wish);
/// Writes one, and tells what. What is `solved` may be used for several. True if something changed,
/// or would. Errors: as `planShipment` and `writeShipment`.
[[nodiscard]] Result<bool> shipTarget(const level::Project& project, const std::string& folder,
                                      const level::Target& target, const ShippingWish& wish,
                                      file::Solved* solved = nullptr);

}  // namespace rook::cli
