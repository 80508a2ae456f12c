#include "recipe/rook_table.h"

#include <sodium.h>
#include <zlib.h>

#include <algorithm>
#include <vector>

#include "file/csv_detail.h"
#include "file/hash.h"

namespace rook::recipe {

namespace {

using file::Json;

std::string textArgument(lua_State* lua, int index) {
    std::size_t size = 0;
    const char* text = luaL_checklstring(lua, index, &size);
    return {text, size};
}

/// Gives back a text that was made, or raises what went wrong; nothing is alive when Lua leaves.
template <typename Make>
int give(lua_State* lua, Make&& make) {
    {
        const std::string text = make();
        lua_pushlstring(lua, text.data(), text.size());
    }
    return 1;
}

int base64(lua_State* lua) {
    luaL_checktype(lua, 1, LUA_TSTRING);
    return give(lua, [&] {
        const std::string bytes = textArgument(lua, 1);
        std::string text(sodium_base64_encoded_len(bytes.size(), sodium_base64_VARIANT_ORIGINAL),
                         '\0');
        sodium_bin2base64(text.data(), text.size(),
                          reinterpret_cast<const unsigned char*>(bytes.data()), bytes.size(),
                          sodium_base64_VARIANT_ORIGINAL);
        text.pop_back();
        return text;
    });
}

int packed(lua_State* lua) {
    luaL_checktype(lua, 1, LUA_TSTRING);
    return give(lua, [&] {
        const std::string bytes = textArgument(lua, 1);
        uLongf size = compressBound(static_cast<uLong>(bytes.size()));
        std::string text(size, '\0');
        compress2(reinterpret_cast<Bytef*>(text.data()), &size,
                  reinterpret_cast<const Bytef*>(bytes.data()), static_cast<uLong>(bytes.size()),
                  6);
        text.resize(size);
        return text;
    });
}

int hash(lua_State* lua) {
    luaL_checktype(lua, 1, LUA_TSTRING);
    return give(lua, [&] { return file::sha256(textArgument(lua, 1)); });
}

std::string scalarText(const Json& value) {
    return value.is_string() ? value.get<std::string>() : value.is_null() ? "" : value.dump();
}

/// RFC 4180: cells with a comma, quote or line break are quoted; rows end in CR LF.
std::string csvText(const Json& rows) {
    std::string text;
    for (const Json& row : rows) {
        for (std::size_t i = 0; i < row.size(); ++i)
            text += (i ? "," : "") + file::csvCell(scalarText(row[i]));
        text += "\r\n";
    }
    return text;
}

int csv(lua_State* lua) {
    luaL_checktype(lua, 1, LUA_TTABLE);
    bool isRows = true;
    {
        const Json rows = valueAt(lua, 1);
        isRows = rows.is_array() && std::all_of(rows.begin(), rows.end(), [](const Json& row) {
                     return row.is_array() &&
                            std::none_of(row.begin(), row.end(),
                                         [](const Json& cell) { return cell.is_structured(); });
                 });
        if (isRows) return give(lua, [&] { return csvText(rows); });
    }
    return luaL_error(lua, "rook.csv wants a list of rows, each a list of numbers and texts");
}

int json(lua_State* lua) {
    luaL_checkany(lua, 1);
    const auto indent = static_cast<int>(luaL_optinteger(lua, 2, -1));
    luaL_argcheck(lua, indent >= -1 && indent <= 8, 2, "an indent is 0 to 8");
    const char* problem = nullptr;
    {
        const Json value = valueAt(lua, 1);
        try {
            return give(lua, [&] { return value.dump(indent); });
        } catch (const nlohmann::json::exception&) {
            problem = "rook.json: a text is no UTF-8";
        }
    }
    return luaL_error(lua, problem);
}

int list(lua_State* lua) {
    luaL_checktype(lua, 1, LUA_TTABLE);
    lua_settop(lua, 1);
    luaL_setmetatable(lua, "rook.list");
    return 1;
}

std::string escaped(const std::string& text, bool isAttribute) {
    std::string safe;
    for (const char c : text) {
        if (c == '&')
            safe += "&amp;";
        else if (c == '<')
            safe += "&lt;";
        else if (c == '>')
            safe += "&gt;";
        else if (c == '"' && isAttribute)
            safe += "&quot;";
        else if (isAttribute && (c == '\n' || c == '\t' || c == '\r'))
            safe += "&#" + std::to_string(int(c)) + ";";
        else if (static_cast<unsigned char>(c) >= 0x20 || c == '\n' || c == '\t')
            safe += c;
    }
    return safe;
}

bool isXmlName(const std::string& name) {
    return !name.empty() && !(name[0] >= '0' && name[0] <= '9') && name[0] != '-' &&
           name[0] != '.' && std::all_of(name.begin(), name.end(), [](char c) {
               return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') ||
                      c == '_' || c == '-' || c == '.' || c == ':';
           });
}

/// An element as scripts write it: its name first, attributes by name, then elements and texts.
/// What is wrong, or null; `text` is then complete.
const char* addElement(lua_State* lua, int index, int depth, std::string& text) {
    if (depth > 60 || !lua_checkstack(lua, 8)) return "rook.xml: elements are nested too deep";
    lua_rawgeti(lua, index, 1);
    const std::string name = lua_type(lua, -1) == LUA_TSTRING ? lua_tostring(lua, -1) : "";
    lua_pop(lua, 1);
    if (!isXmlName(name)) return "rook.xml: the first item of an element is its name";
    std::vector<std::pair<std::string, std::string>> attributes;
    for (lua_pushnil(lua); lua_next(lua, index) != 0; lua_pop(lua, 1)) {
        if (lua_type(lua, -2) != LUA_TSTRING) continue;
        const std::string key = lua_tostring(lua, -2);
        const int sort = lua_type(lua, -1);
        if (!isXmlName(key)) return "rook.xml: that is no name of an attribute";
        if (sort == LUA_TBOOLEAN) {
            attributes.emplace_back(key, lua_toboolean(lua, -1) ? "true" : "false");
        } else if (sort == LUA_TNUMBER || sort == LUA_TSTRING) {
            lua_pushvalue(lua, -1);  // as lua_tolstring changes what it reads
            std::size_t size = 0;
            const char* bytes = lua_tolstring(lua, -1, &size);
            attributes.emplace_back(key, std::string(bytes, size));
            lua_pop(lua, 1);
        } else {
            return "rook.xml: an attribute is a text, a number or a boolean";
        }
    }
    std::sort(attributes.begin(), attributes.end());
    const std::string indent(static_cast<std::size_t>(2 * depth), ' ');
    text += indent + "<" + name;
    for (const auto& [key, value] : attributes)
        text += " " + key + "=\"" + escaped(value, true) + "\"";
    const auto count = static_cast<lua_Integer>(lua_rawlen(lua, index));
    if (count <= 1) {
        text += "/>\n";
        return nullptr;
    }
    text += ">";
    bool wasElement = false;
    for (lua_Integer i = 2; i <= count; ++i) {
        lua_rawgeti(lua, index, i);
        const int sort = lua_type(lua, -1);
        if (sort == LUA_TTABLE) {
            if (!wasElement) text += "\n";
            wasElement = true;
            if (const char* problem = addElement(lua, lua_gettop(lua), depth + 1, text))
                return problem;
        } else if (sort == LUA_TSTRING || sort == LUA_TNUMBER) {
            std::size_t size = 0;
            const char* bytes = lua_tolstring(lua, -1, &size);
            text += escaped(std::string(bytes, size), false);
            wasElement = false;
        } else {
            return "rook.xml: an element holds elements, texts and numbers";
        }
        lua_pop(lua, 1);
    }
    text += (wasElement ? indent : std::string()) + "</" + name + ">\n";
    return nullptr;
}

int xml(lua_State* lua) {
    luaL_checktype(lua, 1, LUA_TTABLE);
    lua_settop(lua, 1);
    const char* problem = nullptr;
    {
        std::string text = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n";
        problem = addElement(lua, 1, 0, text);
        if (!problem) lua_pushlstring(lua, text.data(), text.size());
    }
    return problem ? luaL_error(lua, problem) : 1;
}

}  // namespace

void openRookTable(lua_State* lua) {
    const luaL_Reg functions[] = {{"base64", base64}, {"zlib", packed},  {"sha256", hash},
                                  {"csv", csv},       {"xml", xml},      {"json", json},
                                  {"list", list},     {nullptr, nullptr}};
    luaL_newlib(lua, functions);
    lua_setglobal(lua, "rook");
}

}  // namespace rook::recipe
