#include "collide/px_maps.h"

#include <algorithm>
#include <array>

namespace rook::collide {

namespace {

using runtime::Behaviour;
using runtime::CellShape;
using runtime::EdgeRule;
using runtime::Form;
using runtime::FormRow;

/// The rows of all forms, looked up.
class FormRows {
public:
    FormRows(int width, int height) : m_height(height) {
        for (int f = 0; f < runtime::formCount; ++f)
            for (int j = 0; j < height; ++j)
                m_rows.push_back(runtime::formRow(static_cast<Form>(f), j, width, height));
    }
    [[nodiscard]] FormRow at(Form form, int j) const {
        return m_rows[static_cast<std::size_t>(form) * static_cast<std::size_t>(m_height) +
                      static_cast<std::size_t>(j)];
    }

private:
    int m_height;
    std::vector<FormRow> m_rows;
};

struct Pads {
    int left, right, top, bottom;
};

Pads padsOf(const runtime::Frame& frame, const runtime::MotionTables& tables) {
    const runtime::Margins m = runtime::marginsOf(frame, tables);
    return {m.left + 1, m.right + 1, m.top + 1, m.bottom + 1};
}

/// Fills the pads by the rules of the edges: solid before deadly, deadly before empty.
void fillEdges(PxMaps& maps, const runtime::Frame& frame) {
    const int width = maps.solid.width();
    const int height = maps.solid.height();
    const int right = maps.left + frame.widthPx();
    const int bottom = maps.top + frame.heightPx();
    const runtime::Edges& e = frame.edges;
    const auto fillSide = [&](BitMap& map, EdgeRule rule, int y) {
        if (e.left == rule) map.setRun(y, 0, maps.left);
        if (e.right == rule) map.setRun(y, right, width);
        if ((y < maps.top && e.top == rule) || (y >= bottom && e.bottom == rule))
            map.setRun(y, 0, width);
    };
    for (int y = 0; y < height; ++y) {
        fillSide(maps.solid, EdgeRule::Wall, y);
        fillSide(maps.deadly, EdgeRule::Deadly, y);
        // The outermost px of an open side is beyond its margin.
        if (e.left == EdgeRule::Open) maps.deadly.setRun(y, 0, 1);
        if (e.right == EdgeRule::Open) maps.deadly.setRun(y, width - 1, width);
    }
    if (e.top == EdgeRule::Open) maps.deadly.setRun(0, 0, width);
    if (e.bottom == EdgeRule::Open) maps.deadly.setRun(height - 1, 0, width);
}

}  // namespace

std::int64_t mapBits(const runtime::Frame& frame, const runtime::MotionTables& tables) {
    const Pads pads = padsOf(frame, tables);
    return (std::int64_t{frame.columns} * frame.cellWidth + pads.left + pads.right) *
           (std::int64_t{frame.rows} * frame.cellHeight + pads.top + pads.bottom);
}

PxMaps makePxMaps(const runtime::Frame& frame, const runtime::CellSource& cells,
                  const runtime::MotionTables& tables, const std::vector<PxRect>& deadlyBoxes) {
    const Pads pads = padsOf(frame, tables);
    const int width = frame.widthPx() + pads.left + pads.right;
    const int height = frame.heightPx() + pads.top + pads.bottom;
    PxMaps maps{pads.left, pads.top, BitMap(width, height), BitMap(width, height),
                BitMap(width, height)};
    fillEdges(maps, frame);

    BitMap oneWay(width, height);
    const FormRows forms(frame.cellWidth, frame.cellHeight);
    const auto mapOf = [&](Behaviour behaviour) -> BitMap* {
        switch (behaviour) {
            case Behaviour::Solid:
                return &maps.solid;
            case Behaviour::OneWay:
                return &oneWay;
            case Behaviour::Deadly:
                return &maps.deadly;
            case Behaviour::Liquid:
                return tables.fromAbove && !tables.swims ? &maps.deadly : nullptr;
            case Behaviour::Open:
            case Behaviour::Ladder:
                return nullptr;
        }
        return nullptr;
    };
    for (int row = 0; row < frame.rows; ++row) {
        for (int column = 0; column < frame.columns;) {
            const CellShape shape = cells.at(column, row);
            BitMap* map = mapOf(shape.behaviour);
            int end = column + 1;
            if (shape.form == Form::Full) {
                while (end < frame.columns && cells.at(end, row).behaviour == shape.behaviour &&
                       cells.at(end, row).form == Form::Full)
                    ++end;
            }
            const int x = pads.left + column * frame.cellWidth;
            const int y = pads.top + row * frame.cellHeight;
            const int wholeCells = (end - column - 1) * frame.cellWidth;
            for (int j = 0; map && j < frame.cellHeight; ++j) {
                const FormRow run = forms.at(shape.form, j);
                map->setRun(y + j, x + run.from, x + wholeCells + run.to);
            }
            column = end;
        }
    }
    for (const PxRect& box : deadlyBoxes)
        for (int y = box.y; y < box.bottom(); ++y)
            maps.deadly.setRun(pads.top + y, pads.left + box.x, pads.left + box.right());

    for (int y = 0; y < height; ++y) {
        const BitMap::Word* here = oneWay.row(y);
        const BitMap::Word* above = y > 0 ? oneWay.row(y - 1) : nullptr;
        BitMap::Word* tops = maps.oneWayTop.row(y);
        for (int i = 0; i < oneWay.wordsPerRow(); ++i)
            tops[i] = here[i] & ~(above ? above[i] : 0);
    }
    return maps;
}

BodyMaps makeBodyMaps(const PxMaps& maps, int bodyWidth, int bodyHeight) {
    const int width = maps.solid.width();
    const int height = maps.solid.height();
    BitMap blocked = maps.solid;
    BitMap killed = maps.deadly;
    BitMap ground = maps.solid;
    for (int y = 0; y < height; ++y)
        for (int i = 0; i < ground.wordsPerRow(); ++i)
            ground.row(y)[i] |= maps.oneWayTop.row(y)[i];
    for (BitMap* map : {&blocked, &killed, &ground})
        map->spreadLeft(bodyWidth);
    for (BitMap* map : {&blocked, &killed})
        map->spreadUp(bodyHeight);

    BodyMaps body{maps.left, maps.top, BitMap(width, height), BitMap(width, height),
                  BitMap(width, height)};
    const int lastX = width - bodyWidth;  // the last corner whose box lies in the frame
    for (int y = 0; y + bodyHeight <= height; ++y) {
        body.free.setRun(y, 0, lastX + 1);
        for (int i = 0; i < blocked.wordsPerRow(); ++i) {
            body.free.row(y)[i] &= ~blocked.row(y)[i];
            body.live.row(y)[i] = body.free.row(y)[i] & ~killed.row(y)[i];
            if (y + bodyHeight < height) body.floor.row(y)[i] = ground.row(y + bodyHeight)[i];
        }
    }
    return body;
}

}  // namespace rook::collide
