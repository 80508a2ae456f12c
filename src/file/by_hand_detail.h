#pragma once
/// What files hold in a way of their own: the fields that level/describe.h calls `byHand`, each by
/// the key that it stands under, and what is checked besides the ranges of single fields. Private
/// to file/: a wrong value throws `ReadFailure`.

#include <set>

#include "file/object_reader_detail.h"
#include "level/project.h"

namespace rook::file {

struct BoardIds;

/// What a part of a file is read and written with.
struct FileContext {
    /// Whose matters, kinds and sheets are meant; while a project is read, as far as it is read.
    const level::Project* project;
    CellRect board{};                ///< of the level that is read; empty = of none yet
    std::set<int>* marks = nullptr;  ///< ids of the marks of the plan that is read
    BoardIds* boards = nullptr;      ///< what the project names besides
};

// Kinds, entities, runs, zones: cast_json.cpp
void readByHand(ObjectReader& reader, FileContext& context, level::FieldDefinition& field,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::Kind& kind,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::Entity& entity,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::KeptRun& run,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::Zone& zone,
                std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::FieldDefinition& field,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::Kind& kind,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::Entity& entity,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::KeptRun& run,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::Zone& zone,
                 std::string_view key);
void checkFurther(ObjectReader& reader, const FileContext& context,
                  const level::Formation& formation);
/// Takes in what former versions wrote: no more than a level, or nothing for the end.
void checkFurther(ObjectReader& reader, const FileContext& context, level::ExitTarget& target);

// Matters, layers, scatter rules: look_json.cpp
void readByHand(ObjectReader& reader, FileContext& context, level::Matter& matter,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::TileLayer& layer,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::ScatterRule& rule,
                std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::Matter& matter,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::TileLayer& layer,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::ScatterRule& rule,
                 std::string_view key);
void checkFurther(ObjectReader& reader, const FileContext& context, const level::Matter& matter);

// Slots: puzzle_json.cpp
void readByHand(ObjectReader& reader, FileContext& context, level::Slot& slot,
                std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::Slot& slot,
                 std::string_view key);
/// Puts slots in their order, too.
void checkFurther(ObjectReader& reader, const FileContext& context, level::Puzzle& puzzle);

// Plans: plan_json.cpp
void readByHand(ObjectReader& reader, FileContext& context, level::Mark& mark,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::Route& route,
                std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::Mark& mark,
                 std::string_view key);
void writeByHand(JsonLines& lines, const FileContext& context, const level::Route& route,
                 std::string_view key);
void checkFurther(ObjectReader& reader, const FileContext& context, const level::PartMatch& part);

// Kits: kit_json.cpp
void readByHand(ObjectReader& reader, FileContext& context, level::PieceCell& cell,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::Piece& piece,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::Opening& opening,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::Solid& solid,
                std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::Opening& opening,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::Solid& solid,
                 std::string_view key);
void checkFurther(ObjectReader& reader, const FileContext& context, const level::Solid& solid);
void readByHand(ObjectReader& reader, FileContext& context, level::PlacedPiece& placed,
                std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::PieceCell& cell,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::Piece& piece,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::PlacedPiece& placed,
                 std::string_view key);

// Levels and blocks: level_json.cpp
void readByHand(ObjectReader& reader, FileContext& context, level::Level& level,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::LaidBlock& laid,
                std::string_view key);
void readByHand(ObjectReader& reader, FileContext& context, level::Block& block,
                std::string_view key);
void writeByHand(JsonLines& lines, const FileContext& context, const level::Level& level,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::LaidBlock& laid,
                 std::string_view key);
void writeByHand(Json& json, const FileContext& context, const level::Block& block,
                 std::string_view key);
/// Puts layers in their order, too, and takes in the message of former versions.
void checkFurther(ObjectReader& reader, const FileContext& context, level::Level& level);

// The project: project_json.cpp
void readByHand(ObjectReader& reader, FileContext& context, level::Project& project,
                std::string_view key);
void writeByHand(JsonLines& lines, const FileContext& context, const level::Project& project,
                 std::string_view key);
void checkFurther(ObjectReader& reader, const FileContext& context, const level::Project& project);

/// Of all others nothing is left to check.
template <typename T>
void checkFurther(ObjectReader&, const FileContext&, const T&) {}

}  // namespace rook::file
