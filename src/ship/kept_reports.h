#pragma once
/// Findings of levels that are kept by all that they depend on, so that only what changed is solved
/// again.

#include <map>
#include <optional>

#include "check/report.h"

namespace rook::ship {

/// A folder of findings. What is kept there has a checksum: a broken entry is none. Several
/// programs may use one folder at once; entries are written whole or not at all.
class KeptReports {
public:
    /// `folder` is the project's. Cost: reads the files that all levels depend on.
    KeptReports(std::string cache, const std::string& folder, const level::Project& project,
                const check::ReportWish& wish);

    /// The name under which the findings of a level are kept: a hash of this program, of what is
    /// asked, and of all that `check::reportOf` reads: the level, the project's rules, kits,
    /// swatches and pictures, and of the other levels all but what is laid there. Cost: the level's
    /// text.
    [[nodiscard]] std::string keyOf(const level::Level& level) const;
    /// None if they are not kept, or what is kept is broken.
    [[nodiscard]] std::optional<std::vector<check::Finding>> find(const std::string& key) const;
    /// Not those of a level that could not be decided: another machine may have more memory. What
    /// cannot be written is not kept.
    void keep(const std::string& key, const std::vector<check::Finding>& findings) const;

private:
    std::string m_cache;
    const level::Project& m_project;
    std::string m_common;                       ///< hash of what all levels depend on
    std::map<std::string, std::string> m_cast;  ///< of each level, by id, without what is laid
};

}  // namespace rook::ship
