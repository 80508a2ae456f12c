#pragma once
/// Cards of what can be placed: matters, cells, kinds.

#include <QImage>

#include "app/ui/buttons.h"
#include "level/clips.h"

namespace rook::app {

[[nodiscard]] CardButton* makeMatterCard(const level::Matter& matter, QWidget* parent);
/// A picture of the cells, by what they do, with their size.
[[nodiscard]] CardButton* makeClipCard(const level::Project& project, const level::CellClip& clip,
                                       const QString& title, QWidget* parent);
/// With its sprite, or the mark of its role if there is none.
[[nodiscard]] CardButton* makeKindCard(const level::Kind& kind, QWidget* parent,
                                       const QImage& sprite = {});

}  // namespace rook::app
