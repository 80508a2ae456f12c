#pragma once
/// What is known of the files beside a project: pictures, models, levels that are left out. Found
/// out by who can read files, for those who judge and cannot.

#include <map>
#include <string>
#include <vector>

namespace rook::level {

struct AssetFact {
    std::string problem;  ///< a sentence; empty if the file can be read
    int width = 0;        ///< px, of a picture that can be read
    int height = 0;
};

struct AssetFacts {
    std::map<std::string, AssetFact> files;  ///< by the path that the project names
    /// Files in levels/ that no order names.
    std::vector<std::string> levelsLeftOut;
};

}  // namespace rook::level
