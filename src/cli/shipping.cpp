#include "cli/shipping.h"

#include <cstdio>

#include "base/nearest_word.h"
#include "base/printable.h"
#include "ship/places.h"

namespace rook::cli {

Result<std::vector<level::Target>> targetsOf(const level::Project& project,
                                             const ShippingWish& wish) {
    if (wish.target.empty() && !wish.to.empty()) {
        level::Target bundle;
        bundle.name = "bundle";
        return std::vector{bundle};
    }
    if (wish.target.empty()) {
        if (project.targets.empty())
            return fail(ErrorKind::NotApplicable, "The project has no targets", project.name,
                        "Make one in Ship, or give a folder for its bundle with --to");
        return std::vector<level::Target>(project.targets.begin(), project.targets.end());
    }
    if (const level::Target* target = project.findTarget(wish.target)) return std::vector{*target};
    std::vector<std::string> names;
    for (const level::Target& target : project.targets)
        names.push_back(target.name);
    const std::string nearest = nearestWord(wish.target, names);
    return fail(ErrorKind::BadReference, "There is no target \"" + wish.target + "\"", project.name,
                nearest.empty() ? "Make it in Ship" : "Is it " + nearest + " that you mean");
}

Result<bool> shipTarget(const level::Project& project, const std::string& folder,
                        const level::Target& target, const ShippingWish& wish,
                        file::Solved* solved) {
    file::Storage& storage = file::diskStorage();
    const auto places = ship::readPlaces(storage, ship::placesFile(), folder);
    if (!places) return fail(places.error());
    const auto place = wish.to.empty() ? ship::placeOf(target, folder, *places)
                                       : Result<file::Path>(file::Path(wish.to));
    if (!place) return fail(place.error());
    const auto shipment =
        ship::planShipment({storage, project, folder, target, nullptr, solved}, *place);
    if (!shipment) return fail(shipment.error());
    if (!wish.isDryRun)
        if (const auto written = ship::writeShipment(storage, *shipment, wish.writesOver); !written)
            return fail(written.error());
    std::size_t bytes = 0, files = 0;
    for (const ship::PlannedFile& each : shipment->planned) {
        std::printf("%-8s %10zu  %s\n", std::string(ship::nameOf(each.state)).c_str(), each.bytes,
                    printableLine(each.path).c_str());
        if (each.state == ship::FileState::Gone) continue;
        bytes += each.bytes;
        ++files;
    }
    for (const std::string& note : shipment->made.notes)
        std::printf("%s\n", printableLine(note).c_str());
    const std::size_t same = shipment->count(ship::FileState::Same);
    if (wish.isDryRun)
        std::printf("%s would write %zu of %zu files to %s\n", target.name.c_str(), files - same,
                    files, shipment->folder.string().c_str());
    else
        std::printf("Wrote %zu files, %zu bytes, to %s (%zu as they were)\n", files, bytes,
                    shipment->folder.string().c_str(), same);
    return !shipment->isCurrent();
}

}  // namespace rook::cli
