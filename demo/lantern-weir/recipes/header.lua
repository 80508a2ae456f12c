-- For a game in C that wants its levels compiled in: a header a level, and one that lists them.

local function name(id)
    return (id:gsub("[^%w]", "_"))
end

local function array(kind, id, what, numbers)
    local lines = {}
    for from = 1, #numbers, 24 do
        lines[#lines + 1] = "    " .. table.concat(numbers, ", ", from, math.min(from + 23, #numbers))
    end
    return string.format("static const %s %s_%s[%d] = {\n%s\n};\n", kind, name(id), what, #numbers,
        table.concat(lines, ",\n"))
end

function level(data)
    local text = {
        "/* " .. data.title .. ": written by a recipe, not by hand. */\n",
        string.format("enum { %s_columns = %d, %s_rows = %d };\n", name(data.id), data.size.columns,
            name(data.id), data.size.rows),
    }
    if data.matter then
        local cells = {}
        for _, row in ipairs(data.matter.cells) do
            table.move(row, 1, #row, #cells + 1, cells)
        end
        text[#text + 1] = array("unsigned char", data.id, "matter", cells)
    end
    local places = {}
    for _, thing in ipairs(data.entities) do
        places[#places + 1] = thing.x
        places[#places + 1] = thing.y
    end
    if #places > 0 then
        text[#text + 1] = array("short", data.id, "things", places)
    end
    return { ["levels/" .. name(data.id) .. ".h"] = table.concat(text) }
end

function game(data)
    local lines = { "/* " .. data.name .. ": all levels in the order of play. */\n" }
    for _, each in ipairs(data.levels) do
        lines[#lines + 1] = '#include "levels/' .. name(each.id) .. '.h"\n'
    end
    return { ["levels.h"] = table.concat(lines) }
end
