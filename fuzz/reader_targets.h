#pragma once
/// One target a reader: what is read must be written, read again and be the same.

#include "targets.h"

namespace rook::fuzz {

/// All files of a project in one text, each after a line "## path".
void readProject(Bytes bytes);
void readLevel(Bytes bytes);
void readSwatch(Bytes bytes);
void readKit(Bytes bytes);
void readKinds(Bytes bytes);
/// A level of a bundle, as games load it, and a campaign.
void readBundle(Bytes bytes);
void readGlb(Bytes bytes);
void readObj(Bytes bytes);
void readPng(Bytes bytes);
void readTextGrid(Bytes bytes);
void readLegend(Bytes bytes);
void readCsv(Bytes bytes);
void readJournal(Bytes bytes);
void readKept(Bytes bytes);

}  // namespace rook::fuzz
