#pragma once
/// Edits of a project's kinds. What stands in levels and blocks follows; what would be lost is told
/// first.

#include "level/edits.h"

namespace rook::level {

/// What a change of a kind does to what is placed.
struct KindChange {
    ProjectEdit edit;
    int changed = 0;                  ///< entities that follow
    std::vector<std::string> losses;  ///< sentences: values that are given up
};

/// A kind with that title, an id made of it that no other has, and what such a role usually is.
[[nodiscard]] Kind freshKind(const Project& project, const std::string& title, Role role);
/// Errors: OutOfRange above 4,096 kinds; those of `flawOf`.
[[nodiscard]] Result<ProjectEdit> addKind(const Project& project, const Kind& kind);
/// `kind` takes the place of the one of id `former`. Entities follow: their kind's id; boxes that
/// were as large as the kind's, from the bottom centre; fields by their place in the list of
/// fields, so that a renamed one keeps its value; values that the new type can hold. Errors:
/// BadReference; those of `flawOf`.
[[nodiscard]] Result<KindChange> changeKind(const Project& project, const KindId& former,
                                            const Kind& kind);
/// Takes the kind away, and all that is of it. Errors: BadReference.
[[nodiscard]] Result<KindChange> removeKind(const Project& project, const KindId& id);
/// Entities of that kind in all levels.
[[nodiscard]] int useOfKind(const Project& project, const KindId& id);

/// A sentence if the kind breaks a rule: its id or a field's name taken or not plain, a box without
/// size, a limit below the least, a default that its type cannot hold, a choice without choices.
[[nodiscard]] std::optional<std::string> flawOf(const Project& project, const Kind& kind,
                                                const KindId& replaces = {});

/// The value as another type, exactly; none if that would lose something.
[[nodiscard]] std::optional<FieldValue> converted(const FieldValue& value, FieldType to);

}  // namespace rook::level
