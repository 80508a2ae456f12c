#include "recipe/rook_table.h"

namespace rook::recipe {

// The same bytes on each machine: the order of tables, the places of values in memory and chance
// must not show. Without what loads code or reads files.
const char* const prelude = R"lua(
local type, error, rawget, select, getmetatable = type, error, rawget, select, getmetatable
local next_, tostring_, format_ = next, tostring, string.format
local ranks = {boolean = 1, number = 2, string = 3}
local function before(a, b)
    local s, t = type(a), type(b)
    if s ~= t then return ranks[s] < ranks[t] end
    if s == "boolean" then return not a and b end
    return a < b
end

-- Merge sort: Lua's own depends on the clock.
local function sort(list, less)
    less = less or function(a, b) return a < b end
    local count, from, to = #list, list, {}
    local width = 1
    while width < count do
        for low = 1, count, 2 * width do
            local middle, high = low + width, low + 2 * width
            if middle > count + 1 then middle = count + 1 end
            if high > count + 1 then high = count + 1 end
            local i, j = low, middle
            for k = low, high - 1 do
                if i < middle and (j >= high or not less(from[j], from[i])) then
                    to[k] = from[i]
                    i = i + 1
                else
                    to[k] = from[j]
                    j = j + 1
                end
            end
        end
        from, to = to, from
        width = 2 * width
    end
    if from ~= list then
        for i = 1, count do list[i] = from[i] end
    end
end

local function keysOf(table)
    local keys = {}
    for key in next_, table do
        if not ranks[type(key)] then error("pairs: keys must be numbers, texts or booleans", 3) end
        keys[#keys + 1] = key
    end
    sort(keys, before)
    return keys
end

function pairs(table)
    if type(table) ~= "table" then error("pairs wants a table, and this is " .. type(table), 2) end
    local keys, at = keysOf(table), 0
    return function()
        while true do
            at = at + 1
            local key = keys[at]
            if key == nil then return nil end
            local value = rawget(table, key)
            if value ~= nil then return key, value end
        end
    end, table, nil
end

function next(table, key)
    if type(table) ~= "table" then error("next wants a table, and this is " .. type(table), 2) end
    local keys = keysOf(table)
    for i = 1, #keys do
        if key == nil or before(key, keys[i]) then return keys[i], rawget(table, keys[i]) end
    end
    return nil
end

function tostring(value)
    local sort = type(value)
    if ranks[sort] or value == nil then return tostring_(value) end
    local meta = getmetatable(value)
    if type(meta) == "table" and meta.__tostring then return tostring_(value) end
    return sort
end

function string.format(pattern, ...)
    if type(pattern) == "string" and string.find(pattern, "%%[-+ #0]*%d*%.?%d*p") then
        error("string.format: %p differs from run to run", 2)
    end
    local values = {...}
    local count = select("#", ...)
    for i = 1, count do
        local sort = type(values[i])
        if not ranks[sort] and values[i] ~= nil then values[i] = tostring(values[i]) end
    end
    return format_(pattern, table.unpack(values, 1, count))
end

math.randomseed(1)
math.randomseed = nil
table.sort = sort
string.dump = nil
load, loadfile, dofile, loadstring, require, collectgarbage, print, warn = nil
)lua";

}  // namespace rook::recipe
