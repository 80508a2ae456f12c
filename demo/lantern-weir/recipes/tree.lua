-- For a game that reads XML: a level as a tree, collision as boxes, one element a thing.

function level(data)
    local boxes = { "collision" }
    local collision = data.collision or {}
    for _, box in ipairs(collision.solids or {}) do
        boxes[#boxes + 1] = { "box", x = box.x, y = box.y, width = box.width, height = box.height }
    end
    for _, slope in ipairs(collision.slopes or {}) do
        local points = {}
        for _, point in ipairs(slope.points) do
            points[#points + 1] = point[1] .. "," .. point[2]
        end
        boxes[#boxes + 1] = { "slope", side = slope.side, points = table.concat(points, " ") }
    end
    local things = { "things" }
    for _, thing in ipairs(data.entities) do
        local element = { "thing", id = thing.id, kind = thing.kind, x = thing.x, y = thing.y }
        for name, value in pairs(thing.fields or {}) do
            if type(value) ~= "table" then
                element[#element + 1] = { "field", tostring(value), name = name }
            end
        end
        things[#things + 1] = element
    end
    return {
        [data.id .. ".xml"] = rook.xml {
            "level", title = data.title, columns = data.size.columns, rows = data.size.rows,
            boxes, things,
        },
    }
end
