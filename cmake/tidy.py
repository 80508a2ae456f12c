#!/usr/bin/env python3
"""Reads every source by itself, two at a time, without what others happen to include before it.

Usage: tidy.py BUILD [PART]. reach/, the largest of the core, is read by clang-tidy; the others by the
compiler for syntax, which is faster, unless PART names them; with the headers of the toolkit (those of
the window) or of the standard library and packages before them, read once for all: what is seen is whether
a source includes what it needs of this house. Only files whose path contains PART are read.
"""
import json
import os
import shlex
import subprocess
import sys
from concurrent.futures import ThreadPoolExecutor

build = sys.argv[1]
part = sys.argv[2] if len(sys.argv) > 2 else ""
entries = {}
for entry in json.load(open(f"{build}/compile_commands.json")):
    file = entry["file"]
    # What was generated is left out.
    if ("/src/" in file or "/runtime/" in file) and "_autogen" not in file and f"/{build}/" not in file and part in file:
        entries.setdefault(file, entry)


def precompiled(name, folder, headers):
    """Headers read once for all sources of a folder that are compiled in the same way."""
    sources = [entry for file, entry in entries.items() if folder in file]
    if not sources:
        return None
    words = shlex.split(sources[0]["command"])
    header = os.path.abspath(f"{build}/{name}_headers.hpp")
    with open(header, "w") as out:
        out.write("".join(f"#include <{each}>\n" for each in headers))
    flags = words[: words.index("-o")]
    subprocess.run(flags + ["-x", "c++-header", header, "-o", header + ".gch"], check=True,
                   cwd=sources[0]["directory"])
    return header


def read(entry):
    """What is wrong with one source: lines for the reader, none if nothing is."""
    file = entry["file"]
    if "/src/reach/" not in file and not part:
        words = shlex.split(entry["command"])
        words = words[: words.index("-o")] + words[words.index("-o") + 2:] + ["-fsyntax-only"]
        words += ["-include", window_headers if "/src/app/" in file else core_headers]
        run = subprocess.run(words, capture_output=True, text=True, cwd=entry["directory"])
        text = run.stderr
    else:
        run = subprocess.run(["clang-tidy", "--quiet", "-p", build, "--extra-arg=-Wno-everything",
                              "--extra-arg=-Wno-error", file], capture_output=True, text=True)
        text = run.stdout
    found = [line for line in text.split("\n") if ": error: " in line or ": warning: " in line]
    if run.returncode and not found:
        found = [f"{file}: could not be read: {run.stderr.strip().splitlines()[-1:]}"]
    return found


window_headers = precompiled("window", "/src/app/", ["QtWidgets"])
core_headers = precompiled("core", "/src/file/", [
    "algorithm", "atomic", "filesystem", "functional", "map", "memory", "optional", "set", "string",
    "unordered_map", "vector", "nlohmann/json.hpp", "tl/expected.hpp"])
wrong = 0
with ThreadPoolExecutor(2) as pool:
    for lines in pool.map(read, [entries[file] for file in sorted(entries)]):
        print("\n".join(lines), flush=True) if lines else None
        wrong += bool(lines)
print(f"{len(entries)} sources read, {wrong} with something to mend")
sys.exit(1 if wrong else 0)
