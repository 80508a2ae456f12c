#!/usr/bin/env python3
"""Reads every source by itself, two at a time, without what others happen to include before it.

Usage: tidy.py BUILD [PART]. reach/, the largest of the core, is read by clang-tidy; the others by the
compiler for syntax, which is faster, unless PART names them; those of the window with the toolkit's
headers before them, as they are built. Only files whose path contains PART are read.
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


def precompiled():
    """The toolkit's headers, which the window is built with too, read once for all of its sources."""
    window = [entry for file, entry in entries.items() if "/src/app/" in file]
    if not window:
        return None
    words = shlex.split(window[0]["command"])
    header = os.path.abspath(f"{build}/window_headers.hpp")
    with open(header, "w") as out:
        out.write("#include <QtWidgets>\n")
    flags = words[: words.index("-o")]
    subprocess.run(flags + ["-x", "c++-header", header, "-o", header + ".gch"], check=True,
                   cwd=window[0]["directory"])
    return header


def read(entry):
    """What is wrong with one source: lines for the reader, none if nothing is."""
    file = entry["file"]
    if "/src/reach/" not in file and not part:
        words = shlex.split(entry["command"])
        words = words[: words.index("-o")] + words[words.index("-o") + 2:] + ["-fsyntax-only"]
        if "/src/app/" in file:
            words += ["-include", window_headers]
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


window_headers = precompiled()
wrong = 0
with ThreadPoolExecutor(2) as pool:
    for lines in pool.map(read, [entries[file] for file in sorted(entries)]):
        print("\n".join(lines), flush=True) if lines else None
        wrong += bool(lines)
print(f"{len(entries)} sources read, {wrong} with something to mend")
sys.exit(1 if wrong else 0)
