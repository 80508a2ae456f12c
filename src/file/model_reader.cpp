#include "file/model_reader_detail.h"

namespace rook::file {

Result<kit::Mesh> readModel(Storage& storage, const Path& folder, const std::string& name,
                            const std::string& bytes) {
    if (bytes.size() > maxModelBytes)
        return fail(ErrorKind::OutOfRange, "The model is larger than 64 MiB", name,
                    "Export a simpler one");
    Result<kit::Mesh> mesh = fail(Error{ErrorKind::NotApplicable, "This is no model", name,
                                        "Choose a .gltf, .glb or .obj file"});
    if (name.ends_with(".glb")) mesh = readGltf(storage, folder, name, bytes, true);
    if (name.ends_with(".gltf")) mesh = readGltf(storage, folder, name, bytes, false);
    if (name.ends_with(".obj")) mesh = readObj(storage, folder, name, bytes);
    if (mesh && mesh->triangles.empty())
        return fail(ErrorKind::NotApplicable, "The model has no faces", name,
                    "Export it with its mesh");
    return mesh;
}

}  // namespace rook::file
