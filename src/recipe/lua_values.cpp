#include "recipe/lua_values.h"

#include <algorithm>

namespace rook::recipe {

namespace {

using file::Json;

constexpr const char* listType = "rook.list";
constexpr int maxDepth = 64;

struct BadValue {
    const char* what;
};

bool isMarkedAsList(lua_State* lua, int index) {
    if (!lua_getmetatable(lua, index)) return false;
    luaL_getmetatable(lua, listType);
    const bool isEqual = lua_rawequal(lua, -1, -2) != 0;
    lua_pop(lua, 2);
    return isEqual;
}

Json convert(lua_State* lua, int index, int depth);

Json listAt(lua_State* lua, int index, lua_Integer count, int depth) {
    Json list = Json::array();
    for (lua_Integer i = 1; i <= count; ++i) {
        lua_rawgeti(lua, index, i);
        list.push_back(convert(lua, lua_gettop(lua), depth));
        lua_pop(lua, 1);
    }
    return list;
}

Json tableAt(lua_State* lua, int index, int depth) {
    const auto count = static_cast<lua_Integer>(lua_rawlen(lua, index));
    std::vector<std::pair<std::string, Json>> members;
    lua_Integer others = 0;
    for (lua_pushnil(lua); lua_next(lua, index) != 0; lua_pop(lua, 1)) {
        if (lua_isinteger(lua, -2) && lua_tointeger(lua, -2) >= 1 &&
            lua_tointeger(lua, -2) <= count)
            continue;
        ++others;
        if (lua_type(lua, -2) != LUA_TSTRING) throw BadValue{"a table with keys of two sorts"};
        std::size_t size = 0;
        const char* key = lua_tolstring(lua, -2, &size);
        members.emplace_back(std::string(key, size), convert(lua, lua_gettop(lua), depth));
    }
    if (others == 0 && (count > 0 || isMarkedAsList(lua, index)))
        return listAt(lua, index, count, depth);
    if (count > 0) throw BadValue{"a table that is a list and has names as well"};
    std::sort(members.begin(), members.end(),
              [](const auto& a, const auto& b) { return a.first < b.first; });
    Json object = Json::object();
    for (auto& [key, value] : members)
        object[key] = std::move(value);
    return object;
}

Json convert(lua_State* lua, int index, int depth) {
    if (depth > maxDepth) throw BadValue{"a table that is too deep, or holds itself"};
    if (!lua_checkstack(lua, 8)) throw BadValue{"a table that is too deep"};
    switch (lua_type(lua, index)) {
        case LUA_TNIL:
            return nullptr;
        case LUA_TBOOLEAN:
            return lua_toboolean(lua, index) != 0;
        case LUA_TNUMBER:
            if (lua_isinteger(lua, index)) return lua_tointeger(lua, index);
            return lua_tonumber(lua, index);
        case LUA_TSTRING: {
            std::size_t size = 0;
            const char* text = lua_tolstring(lua, index, &size);
            return std::string(text, size);
        }
        case LUA_TTABLE:
            return tableAt(lua, index, depth + 1);
        default:
            throw BadValue{"a function"};
    }
}

}  // namespace

void openValues(lua_State* lua) {
    luaL_newmetatable(lua, listType);
    lua_pop(lua, 1);
}

void pushValue(lua_State* lua, const Json& value) {
    luaL_checkstack(lua, 8, "a value that is too deep");
    if (value.is_object()) {
        lua_createtable(lua, 0, static_cast<int>(value.size()));
        for (const auto& [key, item] : value.items()) {
            lua_pushlstring(lua, key.data(), key.size());
            pushValue(lua, item);
            lua_rawset(lua, -3);
        }
    } else if (value.is_array()) {
        lua_createtable(lua, static_cast<int>(value.size()), 0);
        luaL_setmetatable(lua, listType);
        lua_Integer place = 0;
        for (const Json& item : value) {
            if (item.is_null())
                lua_pushboolean(lua, 0);
            else
                pushValue(lua, item);
            lua_rawseti(lua, -2, ++place);
        }
    } else if (value.is_string()) {
        const auto& text = value.get_ref<const std::string&>();
        lua_pushlstring(lua, text.data(), text.size());
    } else if (value.is_boolean()) {
        lua_pushboolean(lua, value.get<bool>() ? 1 : 0);
    } else if (value.is_number_integer()) {
        lua_pushinteger(lua, value.get<lua_Integer>());
    } else if (value.is_number()) {
        lua_pushnumber(lua, value.get<double>());
    } else {
        lua_pushnil(lua);
    }
}

Json valueAt(lua_State* lua, int index) {
    // Lua's errors leave without unwinding: nothing that needs it may be alive then.
    const char* problem = nullptr;
    {
        try {
            return convert(lua, lua_absindex(lua, index), 0);
        } catch (const BadValue& bad) {
            problem = bad.what;
        }
    }
    luaL_error(lua, "%s cannot be written", problem);
    return {};
}

}  // namespace rook::recipe
