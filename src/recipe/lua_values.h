#pragma once
/// JSON as Lua tables, and back.

extern "C" {
#include <lauxlib.h>
#include <lua.h>
#include <lualib.h>
}

#include "file/json_text.h"

namespace rook::recipe {

/// Registers what tells a list from an object where both are empty.
void openValues(lua_State* lua);
/// Pushes a value: lists are counted from 1, null is nil in objects and false in lists.
void pushValue(lua_State* lua, const file::Json& value);
/// The value at an index; keys in order. A table whose keys are 1 to n is a list.
/// Raises a Lua error for functions, tables that hold themselves, and keys of other types.
[[nodiscard]] file::Json valueAt(lua_State* lua, int index);

}  // namespace rook::recipe
