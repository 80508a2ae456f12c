#pragma once
/// The index of what is kept: of which parts each value consists. Private to file/.

#include <cstdint>
#include <map>
#include <string>
#include <vector>

#include "base/geometry.h"
#include "base/id.h"
#include "base/result.h"

namespace rook::file {

struct KeptIndex {
    /// Fingerprints by path.
    using Files = std::map<std::string, std::string>;
    struct Step {
        std::string name;
        LevelId level;
        CellRect touched;
        Files files;
    };
    std::int64_t savedAt = 0;
    std::int64_t keptAt = 0;
    std::string folder;
    std::size_t position = 0;  ///< among the steps, of which there is one at least
    std::vector<Step> steps;
    Files current;
    Files saved;
};

/// Each value stands there as what it has otherwise than the one before.
[[nodiscard]] std::string textOf(const KeptIndex& index);
/// Errors: BadSyntax for what is no index of ours.
[[nodiscard]] Result<KeptIndex> readKeptIndex(const std::string& text, const std::string& name);

}  // namespace rook::file
