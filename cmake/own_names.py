#!/usr/bin/env python3
"""Functions, types and constants that a source keeps to itself, and another source of its folder has by the same name.

Several sources are compiled as one, where such functions are overloads of each other: another than the one
that is meant may then be called without a word. Types and constants of one name do not compile there at all.
"""
import collections
import pathlib
import re
import sys

# A definition begins in the first column: a type, a name, a bracket.
definition = re.compile(r"^(?!using |return |namespace |template |else |struct |class |enum )[A-Za-z][\w:<>,&*\[\] ]*[ &*](\w+)\(")
# So does a type.
own_type = re.compile(r"^(?:class|struct|enum class|enum) (\w+)(?: final)?(?: :.*)? \{")
# And a constant.
own_constant = re.compile(r"^(?:inline )?(?:constexpr|const) [\w:<>,&* ]*?[ *&](\w+)(?:\[\])?(?: =|\{|\()")

wrong = 0
for folder in sorted({path.parent for path in pathlib.Path("src").rglob("*.cpp")}):
    owners, others = collections.defaultdict(set), collections.defaultdict(set)
    for path in folder.glob("*.cpp"):
        is_own = False
        for line in path.read_text().split("\n"):
            if line.startswith(("namespace {", "}  // namespace")):
                is_own = line.startswith("namespace {")
            found = definition.match(line) or own_type.match(line) or own_constant.match(line)
            if found:
                (owners if is_own or line.startswith("static ") else others)[found.group(1)].add(path.name)
    for name, own in sorted(owners.items()):
        files = own | others[name]
        if len(files) > 1:
            print(f"{folder}: {name} in {', '.join(sorted(files))}")
            wrong += 1
sys.exit(1 if wrong else 0)
