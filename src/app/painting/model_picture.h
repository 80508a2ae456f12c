#pragma once
/// A model aslant, on the modules that it would stand on.

#include <QImage>

#include "app/ui/theme.h"
#include "kit/model_set.h"

namespace rook::app {

/// Of the mesh as it is taken, with its open edges and turned faces marked unless they are mended;
/// the pivot as a cross. On any thread. Cost: the triangles, and the px that they cover.
[[nodiscard]] QImage modelPicture(const level::Kit& kit, const level::Piece& piece,
                                  const kit::Mesh& mesh, const kit::FaceFacts& faces, QSize size,
                                  const Theme& theme);

}  // namespace rook::app
