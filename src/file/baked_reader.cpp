#include "base/limits.h"
#include "file/bundle.h"
#include "file/json_text.h"
#include "level/names.h"
#include "rook_runtime.hpp"

namespace rook::file {

namespace {

/// Splits the loader's "what (where). remedy" back into an error.
Error errorOf(const std::string& sentence, const std::string& name) {
    return {ErrorKind::OutOfRange, sentence.substr(0, sentence.rfind(" (")),
            sentence.find(name) == std::string::npos
                ? name
                : sentence.substr(sentence.rfind(" (") + 2,
                                  sentence.rfind("). ") - sentence.rfind(" (") - 2),
            "Export the level again"};
}

}  // namespace

Result<reach::Query> askOfBakedLevel(const std::string& text, const std::string& name) {
    const auto json = parseJson(text, name);
    if (!json) return fail(json.error());
    auto level = std::make_shared<runtime::Level>();
    try {
        *level = runtime::readLevel(*json, name);
    } catch (const runtime::LoadError& problem) {
        return fail(errorOf(problem.what(), name));
    } catch (const nlohmann::json::exception& problem) {
        return fail(ErrorKind::WrongType, problem.what(), name, "Export the level again");
    }
    if (level->puzzle)
        return fail(ErrorKind::NotApplicable, "This is a puzzle level: nobody walks there", name,
                    "It is solved by rookplot solve");
    reach::Query query;
    if (level->kind != "side" && level->kind != "above")
        query.notSolved.push_back("levels of kind " + level->kind);
    query.problem.frame = level->frame;
    query.problem.tables = level->motion;
    query.problem.cells = level;
    query.problem.parts = level->parts;
    query.gainIds = level->gainIds;
    for (const runtime::Entity& entity : level->entities) {
        const auto role = level::fromName<level::Role>(entity.role);
        if (!role) {
            return fail(ErrorKind::BadReference, "There is no role \"" + entity.role + "\"",
                        name + ": " + entity.id, "Export the level again");
        }
        const PxRect box = level::rectOf(entity.box);
        if (*role == level::Role::Spawn && !query.problem.start) query.problem.start = box;
        if (reach::isGoal(*role))
            query.goals.push_back({entity.id, entity.kind, *role, box, false});
    }
    return query;
}

}  // namespace rook::file
