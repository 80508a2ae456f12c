#pragma once
/// What a bundle says of the game between its levels.

#include "file/json_text.h"
#include "game/proof.h"

namespace rook::file {

/// The level and the entry; null for the end, and for what leads nowhere, which is a finding.
[[nodiscard]] Json destinationJson(const game::Destination& destination);

/// "on", "to-the-end" or "nowhere": what null stands for. Frozen.
[[nodiscard]] const char* leadsName(const game::Destination& destination);

/// The first text at the start: what games that know no other texts show.
[[nodiscard]] std::string messageOf(const level::Level& level);

/// Goals, texts and how a level begins, as members of its file.
void writeGoals(JsonLines& lines, const level::Project& project, const level::Level& level);

/// The game, as a member of the campaign: with start and what follows the last level resolved.
void writeGame(JsonLines& lines, const level::Project& project);

/// Abilities that are carried, as far as a level is concerned; nothing where none are.
void writeCarried(JsonLines& lines, const level::Project& project, const level::Level& level);

/// Their names.
[[nodiscard]] Json abilitiesJson(runtime::AbilitySet abilities);
/// "can-be-finished" and so on: how it stands in files. Frozen.
[[nodiscard]] std::string_view wordOf(game::Decided ends);
/// The verdict of the whole game, its sentence, and the chain of runs that prove it.
[[nodiscard]] Json proofJson(const level::Project& project, const game::GameProof& proof);

}  // namespace rook::file
