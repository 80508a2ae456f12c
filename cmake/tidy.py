#!/usr/bin/env python3
"""Reads every source by itself, two at a time, without what others happen to include before it.

Usage: tidy.py BUILD [PART | I/N]. Each is read by clang for syntax, with what nearly all of its folder include
anyway (the toolkit, the standard library, the project or the session) before it, read once for all: what is
seen is whether a source includes what else it needs of this house. Then reach/, the largest of the core, is
read by clang-tidy, several sources as one, which takes a fifth of the time; the others too where PART names
them. Only files whose path contains PART are read; with I/N those that the last eight commits changed, and
the I-th of N parts of the others, which take turns from commit to commit.
"""
import json
import os
import re
import shlex
import subprocess
import sys
from concurrent.futures import ThreadPoolExecutor

build = sys.argv[1]
part = sys.argv[2] if len(sys.argv) > 2 else ""
turns = 0
if re.fullmatch("[0-9]+/[0-9]+", part):
    turn, turns = map(int, part.split("/"))
    part = ""
entries = {}
for entry in json.load(open(f"{build}/compile_commands.json")):
    file = entry["file"]
    # What was generated is left out.
    if ("/src/" in file or "/runtime/" in file) and "_autogen" not in file and f"/{build}/" not in file:
        entries.setdefault(file, entry)


def flags_of(entry):
    """The flags of a source for clang, without its compiler, its output and itself."""
    words = shlex.split(entry["command"])
    # What only the other compiler knows.
    return words[1: words.index("-o")] + ["-Wno-unknown-warning-option", "-Wno-unused-command-line-argument", "-O0",
            "-fpch-instantiate-templates"]


def precompiled(name, folder, headers):
    """Headers read once for all sources of a folder that are compiled in the same way; None for none."""
    if not headers:
        return None
    sources = [entry for file, entry in entries.items() if folder in file]
    header = os.path.abspath(f"{build}/{name}_headers.hpp")
    with open(header, "w") as out:
        out.write("".join(f"#include {each if each[0] == chr(34) else f'<{each}>'}\n" for each in headers))
    # What a target defines besides must not stand in what others take.
    flags = [word for word in flags_of(sources[0]) if not word.startswith("-DROOK_")]
    subprocess.run(["clang++", *flags, "-x", "c++-header", header, "-o", header + ".pch"], check=True,
                   cwd=sources[0]["directory"])
    return header + ".pch"


def wrong_lines(run, text, what):
    """What a reader found: lines for us, none if nothing is wrong."""
    found = [line for line in text.split("\n") if ": error: " in line or ": warning: " in line]
    if run.returncode and not found:
        found = [f"{what}: could not be read: {run.stderr.strip().splitlines()[-1:]}"]
    return found


def read(entry):
    """One source, by the compiler."""
    headers = headers_of[next(folder for folder in headers_of if folder in entry["file"])]
    before = ["-include-pch", headers] if headers else []
    run = subprocess.run(["clang++", *flags_of(entry), *before, "-fsyntax-only", entry["file"]],
                         capture_output=True, text=True, cwd=entry["directory"])
    return wrong_lines(run, run.stderr, entry["file"])


def tidy(batch):
    """Sources of one folder as one, by clang-tidy."""
    folder = f"{build}/tidy/{entries[batch[0]]['file'].replace('/', '_')}"
    os.makedirs(folder, exist_ok=True)
    source = os.path.abspath(f"{folder}/all.cpp")
    with open(source, "w") as out:
        out.write("".join(f'#include "{file}"\n' for file in batch))
    words = shlex.split(entries[batch[0]]["command"])
    command = words[: words.index("-o")] + ["-c", source]
    with open(f"{folder}/compile_commands.json", "w") as out:
        json.dump([{"directory": os.getcwd(), "arguments": command, "file": source}], out)
    run = subprocess.run(["clang-tidy", "--quiet", "-p", folder, "--config-file=.clang-tidy",
                          "--extra-arg=-Wno-everything", "--extra-arg=-Wno-error", source],
                         capture_output=True, text=True)
    return wrong_lines(run, run.stdout, batch[0])


def batches(files, size):
    """Lists of at most `size` files, none with files of two folders."""
    folders = {}
    for file in files:
        folders.setdefault(os.path.dirname(file), []).append(file)
    return [all[k: k + size] for all in folders.values() for k in range(0, len(all), size)]


standard = ["algorithm", "functional", "map", "memory", "optional", "set", "string", "unordered_map", "vector",
            "tl/expected.hpp"]
window = ["QtWidgets"]
project, session, board = '"level/project.h"', '"app/session/session.h"', '"app/board/board.h"'
# Read once for the sources of a folder; the first folder that a path contains counts.
wanted = {
    "/src/app/ui/": ("ui", "/src/app/ui/", window),
    "/src/app/session/": ("session", "/src/app/session/", window + [project]),
    "/src/app/steps/": ("steps", "/src/app/steps/", window + [session, board]),
    "/src/app/pages/": ("pages", "/src/app/pages/", window + [session]),
    "/src/app/": ("window", "/src/app/pages/", window + [session]),
    "/runtime/": ("runtime", "/runtime/", []),
    "/src/file/": ("file", "/src/file/", standard + ["filesystem", "nlohmann/json.hpp", project]),
    # What draws to paper is compiled for threads, which headers read once must be, too.
    "/src/ship/": ("ship", "/src/ship/", standard + ["filesystem", "nlohmann/json.hpp", project]),
    "/src/base/": ("base", "/src/base/", standard),
    "/src/level/": ("level", "/src/level/", standard),
    "/": ("core", "/src/reach/", standard + [project]),
}
with ThreadPoolExecutor(2) as pool:
    headers_of = dict(zip(wanted, pool.map(lambda each: precompiled(*each), wanted.values())))
files = sorted(file for file in entries if part in file)
if turns:
    changed = subprocess.run(["git", "log", "-8", "--name-only", "--pretty=format:"], capture_output=True, text=True)
    recent = {os.path.abspath(line) for line in changed.stdout.split("\n") if line}
    files = [file for i, file in enumerate(files) if file in recent or i % turns == turn % turns]
wrong = 0
with ThreadPoolExecutor(2) as pool:
    results = list(pool.map(read, [entries[file] for file in files]))
    results += pool.map(tidy, batches([file for file in files if part or "/src/reach/" in file], 9))
for lines in results:
    print("\n".join(lines), flush=True) if lines else None
    wrong += bool(lines)
print(f"{len(files)} sources read, {wrong} with something to mend")
sys.exit(1 if wrong else 0)
