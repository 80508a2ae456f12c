-- For a game that wants rows of numbers: per level the matter of each cell, and a table of things.

function level(data)
    local things = { { "kind", "column", "row", "facing" } }
    for _, thing in ipairs(data.entities) do
        things[#things + 1] = {
            thing.kind,
            (thing.x + thing.width // 2) // data.cell.width,
            (thing.y + thing.height - 1) // data.cell.height,
            thing.facing,
        }
    end
    local files = { ["levels/" .. data.id .. "-things.csv"] = rook.csv(things) }
    if data.matter then
        files["levels/" .. data.id .. ".csv"] = rook.csv(data.matter.cells)
    end
    return files
end

-- What the numbers mean: the same in each level.
function game(data)
    local order = { { "place", "id", "title" } }
    for place, each in ipairs(data.levels) do
        order[#order + 1] = { place, each.id, each.title }
    end
    return { ["order.csv"] = rook.csv(order) }
end
