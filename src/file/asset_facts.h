#pragma once
/// Looks at the files beside a project.

#include "file/storage.h"
#include "level/asset_facts.h"
#include "level/project.h"

namespace rook::file {

/// Reads each picture and model whole that the project names, and looks which levels are there.
/// Cost: decodes them all; on any thread.
[[nodiscard]] level::AssetFacts assetFactsOf(Storage& storage, const Path& folder,
                                             const level::Project& project);

}  // namespace rook::file
