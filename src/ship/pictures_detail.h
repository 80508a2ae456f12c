#pragma once
/// Pictures of the levels of a project, with its sheets read once. Private to ship/.

#include "file/json_text.h"
#include "ship/shipment.h"

namespace rook::ship::detail {

class Pictures {
public:
    /// Errors: of reading sheets. What `making` refers to must outlive it.
    [[nodiscard]] static Result<Pictures> of(const Making& making);

    /// A level as it looks, baked, and the pictures that it names.
    struct Look {
        file::Json level;
        file::Images images;
    };
    /// Errors: as `bakedLevel`.
    [[nodiscard]] Result<Look> look(const level::Level& level) const;
    /// The bytes of a sheet, picture or model; null if the project has none of that path.
    [[nodiscard]] const std::string* bytesOf(const std::string& path) const;
    /// As the stand-in game draws it whole. Errors: as `bakedLevel` and `pictureOfBaked`.
    [[nodiscard]] Result<file::Picture32> art(const level::Level& level) const;
    /// What the options want. Errors: as above; OutOfRange at a scale that is too large.
    [[nodiscard]] Result<file::Picture32> of(const level::Level& level,
                                             const level::TargetOptions& options) const;

private:
    const level::Project* m_project = nullptr;
    std::map<std::string, std::string> m_sheets;
    file::Images m_images;
    file::Json m_kinds;
};

}  // namespace rook::ship::detail
