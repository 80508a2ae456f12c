#include "level/share.h"

namespace rook::level {

namespace {

template <typename T>
void share(SharedVector<T>& list, const SharedVector<T>& with) {
    if (list == with) list = with;
}

}  // namespace

Project Sharing::of(Project project) {
    share(project.matters, m_with.matters);
    share(project.sheets, m_with.sheets);
    share(project.kinds, m_with.kinds);
    share(project.profiles, m_with.profiles);
    share(project.parts, m_with.parts);
    share(project.blocks, m_with.blocks);
    share(project.kits, m_with.kits);
    share(project.backdrops, m_with.backdrops);
    share(project.rosters, m_with.rosters);
    share(project.stackColors, m_with.stackColors);
    share(project.targets, m_with.targets);
    for (auto* boards : {&project.levels, &project.swatches})
        for (auto& board : *boards) {
            const auto [known, isNew] = m_known.try_emplace(board, board);
            if (isNew)
                if (const auto with = m_with.findLevel(board->id); with && *with == *board)
                    known->second = with;
            board = known->second;
        }
    return project;
}

}  // namespace rook::level
