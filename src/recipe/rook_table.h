#pragma once
/// What recipes find as `rook`: base64, zlib, sha256, csv, xml and json.

#include "recipe/lua_values.h"

namespace rook::recipe {

/// Sets the global `rook`.
void openRookTable(lua_State* lua);

/// Lua that runs before each script: see prelude.cpp.
extern const char* const prelude;

}  // namespace rook::recipe
