#pragma once
/// What levels are made of, as far as movement is concerned: behaviours, forms, edges, boxes. C++17
/// and nothing else. Units: px; y grows downwards.

#include <array>
#include <string_view>

namespace rook::runtime {

/// What a matter does to a body. Frozen order: written to files by name.
enum class Behaviour : unsigned char { Open, Solid, OneWay, Ladder, Liquid, Deadly };

/// The part of a cell that its matter fills. Frozen order: written to files by name.
enum class Form : unsigned char {
    Full,
    LowerHalf,
    UpperHalf,
    LeftHalf,
    RightHalf,
    RiseRight,
    RiseLeft,
    RiseRight1Of2,
    RiseRight2Of2,
    RiseLeft1Of2,
    RiseLeft2Of2,
    HangRight,
    HangLeft,
};
inline constexpr int formCount = 13;

/// The names in files, in the order of the enumerators. Frozen.
inline constexpr std::array<std::string_view, 6> behaviourNames{"open",   "solid",  "one-way",
                                                                "ladder", "liquid", "deadly"};
inline constexpr std::array<std::string_view, formCount> formNames{
    "full",           "lower-half", "upper-half",      "left-half",       "right-half",
    "rise-right",     "rise-left",  "rise-right-1of2", "rise-right-2of2", "rise-left-1of2",
    "rise-left-2of2", "hang-right", "hang-left"};

/// True if the form fills px (i, j) of a cell of `width` x `height` px, j down: a px is filled when
/// its centre lies in the shape, border included. Exact, in whole numbers: with u = (i + 1/2) /
/// width and t = 1 - (j + 1/2) / height, `a` is u and `b` is t, both times 2 x width x height.
inline bool formFills(Form form, int i, int j, int width, int height) {
    const long long a = (2LL * i + 1) * height;
    const long long b = (2LL * height - 2LL * j - 1) * width;
    const long long one = 2LL * width * height;
    switch (form) {
        case Form::Full:
            return true;
        case Form::LowerHalf:
            return 2 * b <= one;
        case Form::UpperHalf:
            return 2 * b >= one;
        case Form::LeftHalf:
            return 2 * a <= one;
        case Form::RightHalf:
            return 2 * a >= one;
        case Form::RiseRight:
            return b <= a;
        case Form::RiseLeft:
            return b <= one - a;
        case Form::RiseRight1Of2:
            return 2 * b <= a;
        case Form::RiseRight2Of2:
            return 2 * b <= one + a;
        case Form::RiseLeft1Of2:
            return 2 * b <= one - a;
        case Form::RiseLeft2Of2:
            return 2 * b <= 2 * one - a;
        case Form::HangRight:
            return b >= one - a;
        case Form::HangLeft:
            return b >= a;
    }
    return false;
}

/// The px that a form fills in row j of its cell: from `from` to `to` - 1, one run, as all forms
/// are convex; none if both are equal.
struct FormRow {
    int from = 0;
    int to = 0;
};

inline FormRow formRow(Form form, int j, int width, int height) {
    FormRow row;
    while (row.from < width && !formFills(form, row.from, j, width, height))
        ++row.from;
    row.to = row.from;
    while (row.to < width && formFills(form, row.to, j, width, height))
        ++row.to;
    return row;
}

enum class EdgeRule : unsigned char { Wall, Open, Deadly };
inline constexpr std::array<std::string_view, 3> edgeRuleNames{"wall", "open", "deadly"};

struct Edges {
    EdgeRule left = EdgeRule::Wall;
    EdgeRule right = EdgeRule::Wall;
    EdgeRule top = EdgeRule::Wall;
    EdgeRule bottom = EdgeRule::Deadly;
    bool operator==(const Edges& o) const {
        return left == o.left && right == o.right && top == o.top && bottom == o.bottom;
    }
};

/// What stands in one cell, as far as movement is concerned.
struct CellShape {
    Behaviour behaviour = Behaviour::Open;
    Form form = Form::Full;
};

/// Where a `World` reads its cells. Requires of `at`: callable for every cell of the level.
class CellSource {
public:
    virtual ~CellSource() = default;
    virtual CellShape at(int column, int row) const = 0;
};

/// A rectangle of px: x to x + width - 1, y to y + height - 1.
struct Box {
    int x = 0;
    int y = 0;
    int width = 0;
    int height = 0;
};

inline bool overlaps(const Box& a, const Box& b) {
    return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height &&
           b.y < a.y + a.height;
}

/// Size and edges of a level.
struct Frame {
    int columns = 0;
    int rows = 0;
    int cellWidth = 16;   ///< px
    int cellHeight = 16;  ///< px
    Edges edges;

    int widthPx() const { return columns * cellWidth; }
    int heightPx() const { return rows * cellHeight; }
};

}  // namespace rook::runtime
