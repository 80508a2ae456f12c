#pragma once
/// Where a thing or a row of cells stands in the file of its level, for reports that open files.

#include <map>
#include <string>

namespace rook::ship {

/// Lines count from 1.
class FileLines {
public:
    /// Of the text of a level's file; a text that is laid out otherwise, or none, has line 1 for
    /// everything. Cost: linear.
    [[nodiscard]] static FileLines of(const std::string& text);

    /// The line of an entity; 1 where it is not known.
    [[nodiscard]] int ofEntity(const std::string& id) const;
    /// The line of a row of cells; 1 where it is not known.
    [[nodiscard]] int ofRow(int row) const;

private:
    std::map<std::string, int> m_entities;
    int m_firstRow = 0;  ///< 0 = not known
    int m_rows = 0;
};

}  // namespace rook::ship
