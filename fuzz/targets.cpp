#include "targets.h"

#include <cstdio>
#include <cstdlib>

#include "edit_target.h"
#include "reader_targets.h"
#include "stepper_target.h"

namespace rook::fuzz {

void require(bool holds, std::string_view what) {
    if (holds) return;
    std::fprintf(stderr, "This does not hold: %.*s\n", static_cast<int>(what.size()), what.data());
    std::abort();
}

std::span<const Target> targets() {
    static const Target all[] = {
        {"project", readProject}, {"level", readLevel},
        {"swatch", readSwatch},   {"kit", readKit},
        {"kinds", readKinds},     {"bundle", readBundle},
        {"glb", readGlb},         {"obj", readObj},
        {"png", readPng},         {"text-grid", readTextGrid},
        {"legend", readLegend},   {"csv", readCsv},
        {"journal", readJournal}, {"kept", readKept},
        {"edits", makeEdits},     {"stepper", stepWildly},
    };
    return all;
}

}  // namespace rook::fuzz
