#include "level/sketch_edit_detail.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace rook::level {

namespace {

bool isListed(const std::vector<MarkId>& ids, MarkId id) {
    return std::find(ids.begin(), ids.end(), id) != ids.end();
}

std::string marksText(std::size_t count) {
    return count == 1 ? "mark" : std::to_string(count) + " marks";
}

std::string shapeText(const Mark& mark) {
    switch (mark.shape) {
        case MarkShape::Free:
            return "Draw stroke";
        case MarkShape::Line:
            return "Draw line";
        case MarkShape::Box:
            return mark.isRoom ? "Draw room" : "Draw box";
        case MarkShape::Outline:
            return mark.isRoom ? "Draw room" : "Draw outline";
        case MarkShape::Label:
            return "Write label " + mark.text;
        case MarkShape::Thing:
            return "Plan " + mark.text;
    }
    return {};
}

/// Calls `change(std::vector<Mark>&)` for the marks of each leaf that may be changed and holds one
/// of them.
template <typename Change>
LevelEdit marksEdit(const Level& level, const std::vector<MarkId>& ids, std::string name,
                    Change&& change) {
    return sketchEdit(level, std::move(name), [&](Sketch& sketch) {
        sketch.leaves.edit([&](auto& leaves) {
            for (Leaf& leaf : leaves) {
                if (leaf.isLocked || !leaf.isShown) continue;
                const bool isTouched =
                    std::any_of(leaf.marks.begin(), leaf.marks.end(),
                                [&](const Mark& mark) { return isListed(ids, mark.id); });
                if (isTouched) leaf.marks.edit([&](auto& marks) { change(marks); });
            }
        });
    });
}

/// Changes each point of the marks by `change(PxPoint&)`.
template <typename Change>
LevelEdit pointsEdit(const Level& level, const std::vector<MarkId>& ids, std::string name,
                     Change&& change) {
    return marksEdit(level, ids, std::move(name), [&](auto& marks) {
        for (Mark& mark : marks)
            if (isListed(ids, mark.id))
                mark.points.edit([&](auto& points) {
                    for (PxPoint& p : points)
                        change(p);
                });
    });
}

/// A sketch with at least one leaf, whose leaf at that place may be drawn on.
Result<Sketch> writable(const Level& level, int leaf) {
    Sketch sketch = level.sketch;
    if (sketch.leaves.empty()) {
        Leaf first;
        first.name = "Leaf 1";
        sketch.leaves = std::vector<Leaf>{first};
        leaf = 0;
    }
    if (leaf < 0 || static_cast<std::size_t>(leaf) >= sketch.leaves.size())
        return fail(ErrorKind::OutOfRange, "There is no such leaf", level.title, "Choose a leaf");
    const Leaf& chosen = sketch.leaves[static_cast<std::size_t>(leaf)];
    if (chosen.isLocked)
        return fail(ErrorKind::NotApplicable, "The leaf " + chosen.name + " is locked", level.title,
                    "Unlock it or choose another one in the margin");
    if (!chosen.isShown)
        return fail(ErrorKind::NotApplicable, "The leaf " + chosen.name + " is hidden", level.title,
                    "Show it or choose another one in the margin");
    return sketch;
}

Result<LevelEdit> withNewMarks(const Level& level, int leaf, std::vector<Mark> marks,
                               std::string name) {
    auto sketch = writable(level, leaf);
    if (!sketch) return fail(sketch.error());
    LevelEdit edit{level, std::move(name), {}};
    edit.level.sketch = std::move(*sketch);
    edit.level.sketch.leaves.edit([&](auto& leaves) {
        const auto place = std::min(static_cast<std::size_t>(leaf), leaves.size() - 1);
        leaves[place].marks.edit([&](auto& list) {
            for (Mark& mark : marks)
                list.push_back(std::move(mark));
        });
    });
    return edit;
}

/// The pieces of a polyline that lie outside a circle; points on its border are rounded to px.
std::vector<std::vector<PxPoint>> cutByCircle(const std::vector<PxPoint>& points, PxPoint centre,
                                              double radius) {
    std::vector<std::vector<PxPoint>> pieces;
    std::vector<PxPoint> piece;
    const auto end = [&] {
        if (piece.size() > 1) pieces.push_back(piece);
        piece.clear();
    };
    const auto isInside = [&](PxPoint p) {
        return std::hypot(p.x - centre.x, p.y - centre.y) < radius;
    };
    if (!isInside(points[0])) piece.push_back(points[0]);
    for (std::size_t i = 0; i + 1 < points.size(); ++i) {
        const PxPoint a = points[i];
        const PxPoint b = points[i + 1];
        // |a + t (b - a) - centre| = radius
        const double dx = b.x - a.x;
        const double dy = b.y - a.y;
        const double qa = dx * dx + dy * dy;
        const double qb = 2 * (dx * (a.x - centre.x) + dy * (a.y - centre.y));
        const double qc =
            std::pow(a.x - centre.x, 2) + std::pow(a.y - centre.y, 2) - radius * radius;
        const double root = qb * qb - 4 * qa * qc;
        const auto at = [&](double t) {
            return PxPoint{a.x + static_cast<int>(std::lround(t * dx)),
                           a.y + static_cast<int>(std::lround(t * dy))};
        };
        if (qa > 0 && root > 0) {
            const double enter = (-qb - std::sqrt(root)) / (2 * qa);
            const double leave = (-qb + std::sqrt(root)) / (2 * qa);
            if (enter > 0 && enter < 1) {
                piece.push_back(at(enter));
                end();
            }
            if (leave > 0 && leave < 1) piece.push_back(at(leave));
        }
        if (!isInside(b))
            piece.push_back(b);
        else
            end();
    }
    end();
    return pieces;
}

/// A stroke as open straight or smooth lines, ready to be cut.
Mark opened(const Mark& mark) {
    Mark line = mark;
    line.isRoom = false;
    line.text.clear();
    std::vector<PxPoint> points = mark.points.items();
    if (mark.shape == MarkShape::Box) {
        const PxPoint a = points[0];
        const PxPoint b = points[1];
        points = {a, {b.x, a.y}, b, {a.x, b.y}};
    }
    if (mark.isClosed()) {
        points.push_back(points[0]);
        line.shape = MarkShape::Line;
    }
    line.points = std::move(points);
    return line;
}

}  // namespace

Result<LevelEdit> addMark(const Level& level, int leaf, Mark mark) {
    const auto [fewest, most] = pointRange(mark.shape);
    if (mark.points.size() < fewest || mark.points.size() > most)
        return fail(ErrorKind::OutOfRange,
                    "A " + std::string(nameOf(mark.shape)) + " does not have " +
                        std::to_string(mark.points.size()) + " points",
                    level.title, "Draw it anew");
    mark.id = freshMarkId(level.sketch);
    const std::string name = shapeText(mark);
    return withNewMarks(level, leaf, {std::move(mark)}, name);
}

Result<LevelEdit> addCopies(const Level& level, int leaf, const std::vector<Mark>& marks, int dx,
                            int dy) {
    int number = freshMarkId(level.sketch).number;
    int group = 0;
    for (const Leaf& some : level.sketch.leaves)
        for (const Mark& mark : some.marks)
            group = std::max(group, mark.group);
    std::map<int, int> groups{{0, 0}};
    std::vector<Mark> copies = marks;
    for (Mark& copy : copies) {
        copy.id = {number++};
        if (!groups.contains(copy.group)) groups[copy.group] = ++group;
        copy.group = groups[copy.group];
        copy.points.edit([&](auto& points) {
            for (PxPoint& p : points)
                p = {p.x + dx, p.y + dy};
        });
    }
    return withNewMarks(level, leaf, std::move(copies), "Copy " + marksText(marks.size()));
}

LevelEdit changeMarks(const Level& level, const std::vector<Mark>& marks, const std::string& name) {
    std::vector<MarkId> ids;
    for (const Mark& mark : marks)
        ids.push_back(mark.id);
    return marksEdit(level, ids, name, [&](auto& list) {
        for (Mark& slot : list)
            for (const Mark& mark : marks)
                if (slot.id == mark.id) slot = mark;
    });
}

LevelEdit deleteMarks(const Level& level, const std::vector<MarkId>& ids) {
    return marksEdit(level, ids, "Delete " + marksText(ids.size()), [&](auto& marks) {
        std::erase_if(marks, [&](const Mark& mark) { return isListed(ids, mark.id); });
    });
}

LevelEdit moveMarks(const Level& level, const std::vector<MarkId>& ids, int dx, int dy) {
    return pointsEdit(level, ids, "Move " + marksText(ids.size()), [&](PxPoint& p) {
        p = {p.x + dx, p.y + dy};
    });
}

LevelEdit mirrorMarks(const Level& level, const std::vector<MarkId>& ids, bool isSideways) {
    PxRect bounds;
    for (const MarkId id : ids)
        if (const Mark* mark = findMark(level.sketch, id)) bounds = bounds.united(boundsOf(*mark));
    return pointsEdit(level, ids, "Mirror " + marksText(ids.size()), [&](PxPoint& p) {
        if (isSideways)
            p.x = 2 * bounds.x + bounds.width - 1 - p.x;
        else
            p.y = 2 * bounds.y + bounds.height - 1 - p.y;
    });
}

LevelEdit groupMarks(const Level& level, const std::vector<MarkId>& ids) {
    int greatest = 0;
    std::vector<int> groups;
    for (const Leaf& leaf : level.sketch.leaves)
        for (const Mark& mark : leaf.marks) {
            greatest = std::max(greatest, mark.group);
            if (isListed(ids, mark.id)) groups.push_back(mark.group);
        }
    const bool isOneGroup = !groups.empty() && groups[0] != 0 &&
                            std::count(groups.begin(), groups.end(), groups[0]) ==
                                static_cast<std::ptrdiff_t>(groups.size());
    const int group = isOneGroup ? 0 : greatest + 1;
    return marksEdit(level, ids, (isOneGroup ? "Ungroup " : "Group ") + marksText(ids.size()),
                     [&](auto& marks) {
                         for (Mark& mark : marks)
                             if (isListed(ids, mark.id)) mark.group = group;
                     });
}

Result<LevelEdit> eraseStrokes(const Level& level, int leaf, PxPoint from, PxPoint to,
                               int radiusPx) {
    auto sketch = writable(level, leaf);
    if (!sketch) return fail(sketch.error());
    LevelEdit edit{level, "Erase strokes", {}};
    if (level.sketch.leaves.empty()) return edit;
    const Leaf& chosen = level.sketch.leaves[static_cast<std::size_t>(leaf)];
    int number = freshMarkId(level.sketch).number;
    std::vector<Mark> marks;
    bool isCut = false;
    // The circle is put down so often that what lies between two places is covered too.
    const double way = std::hypot(to.x - from.x, to.y - from.y);
    const int places = 1 + static_cast<int>(way / std::max(1.0, radiusPx / 2.0));
    const PxRect path = PxRect::spanning(from, to).grown(radiusPx + 1);
    for (const Mark& mark : chosen.marks) {
        if (!mark.isStroke() || !path.overlaps(boundsOf(mark))) {
            marks.push_back(mark);
            continue;
        }
        const Mark line = opened(mark);
        std::vector<std::vector<PxPoint>> pieces{line.points.items()};
        for (int i = 0; i < places; ++i) {
            const double t = places > 1 ? double(i) / (places - 1) : 1;
            const PxPoint centre{from.x + static_cast<int>(std::lround(t * (to.x - from.x))),
                                 from.y + static_cast<int>(std::lround(t * (to.y - from.y)))};
            std::vector<std::vector<PxPoint>> left;
            for (const auto& piece : pieces)
                for (auto& part : cutByCircle(piece, centre, radiusPx))
                    left.push_back(std::move(part));
            pieces = std::move(left);
        }
        if (pieces.size() == 1 && pieces[0] == line.points.items()) {
            marks.push_back(mark);
            continue;
        }
        isCut = true;
        for (auto& piece : pieces) {
            Mark part = line;
            part.id = {number++};
            part.points = std::move(piece);
            marks.push_back(std::move(part));
        }
    }
    if (!isCut) return edit;
    edit.level.sketch.leaves.edit(
        [&](auto& leaves) { leaves[static_cast<std::size_t>(leaf)].marks = std::move(marks); });
    return edit;
}

LevelEdit addLeaf(const Level& level, const std::string& name) {
    return sketchEdit(level, "Add leaf " + name, [&](Sketch& sketch) {
        Leaf leaf;
        leaf.name = name;
        sketch.leaves.edit([&](auto& leaves) { leaves.push_back(leaf); });
    });
}

LevelEdit removeLeaf(const Level& level, int leaf) {
    const std::string name = level.sketch.leaves[static_cast<std::size_t>(leaf)].name;
    return sketchEdit(level, "Remove leaf " + name, [&](Sketch& sketch) {
        sketch.leaves.edit([&](auto& leaves) { leaves.erase(leaves.begin() + leaf); });
    });
}

LevelEdit moveLeaf(const Level& level, int leaf, int by) {
    const int last = static_cast<int>(level.sketch.leaves.size()) - 1;
    const int to = std::clamp(leaf + by, 0, last);
    const std::string name = level.sketch.leaves[static_cast<std::size_t>(leaf)].name;
    return sketchEdit(level, "Move leaf " + name, [&](Sketch& sketch) {
        sketch.leaves.edit([&](auto& leaves) {
            Leaf moved = leaves[static_cast<std::size_t>(leaf)];
            leaves.erase(leaves.begin() + leaf);
            leaves.insert(leaves.begin() + to, std::move(moved));
        });
    });
}

LevelEdit changeLeaf(const Level& level, int leaf, const Leaf& value, const std::string& name) {
    return sketchEdit(level, name, [&](Sketch& sketch) {
        sketch.leaves.edit([&](auto& leaves) {
            Leaf& slot = leaves[static_cast<std::size_t>(leaf)];
            slot.name = value.name;
            slot.opacity = value.opacity;
            slot.isShown = value.isShown;
            slot.isLocked = value.isLocked;
        });
    });
}

}  // namespace rook::level
