#!/usr/bin/env python3
"""No source over 450 lines and no function over 80, unless it says why ("// Long because ...").

Functions are told by their braces at the margin or in a class, as clang-format lays them out.
"""
import re
import subprocess
import sys

MOST_LINES = 450
MOST_OF_A_FUNCTION = 80
REASON = "// Long because"

files = subprocess.run(
    ["git", "ls-files", "--cached", "--others", "--exclude-standard", "src/*.cpp", "src/*.h", "runtime/*.hpp", "runtime/*.cpp"],
    capture_output=True, text=True, check=True).stdout.split()
begins = re.compile(r"^( {0,8})(?!namespace|class|struct|enum|union|using|//|#|template)\S.*\) ?(const|override|final|noexcept| )*\{$")
wrong = 0
for name in files:
    try:
        lines = open(name, encoding="utf-8").read().split("\n")
    except FileNotFoundError:
        continue
    text = "\n".join(lines)
    if len(lines) > MOST_LINES and REASON not in text:
        print(f"{name}: {len(lines)} lines")
        wrong += 1
    i = 0
    while i < len(lines):
        match = begins.match(lines[i])
        keyword = lines[i].strip().split("(")[0].strip()
        if match and keyword not in ("if", "for", "while", "switch", "} else if") and not lines[i].strip().startswith(("if", "for", "while", "switch", "}")):
            first = i  # a signature may take several lines
            while first > 0 and "\n".join(lines[first:i + 1]).count(")") > "\n".join(lines[first:i + 1]).count("("):
                first -= 1
            indent = re.match(" *", lines[first]).group(0)
            if lines[i].strip().startswith(":"):
                indent = indent[4:]  # members that a constructor makes first
            end = "\n".join(lines[i:]).find("\n" + indent + "}")
            length = "\n".join(lines[i:])[:end].count("\n") + 2 if end >= 0 else 0
            if length > MOST_OF_A_FUNCTION and REASON not in "\n".join(lines[max(0, i - 6):i + length]):
                print(f"{name}:{i + 1}: a function of {length} lines: {lines[i].strip()[:70]}")
                wrong += 1
        i += 1
sys.exit(1 if wrong else 0)
