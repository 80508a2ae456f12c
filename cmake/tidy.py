#!/usr/bin/env python3
"""Reads every source by itself, two at a time, without what others happen to include before it.

Usage: tidy.py BUILD [PART]. Each is read by the compiler for syntax, with the headers of the toolkit (those
of the window) or of the standard library and packages before it, read once for all: what is seen is whether
a source includes what it needs of this house. Then reach/, the largest of the core, is read by clang-tidy,
several sources as one, which takes a fifth of the time; the others too where PART names them. Only files
whose path contains PART are read.
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
    if ("/src/" in file or "/runtime/" in file) and "_autogen" not in file and f"/{build}/" not in file:
        entries.setdefault(file, entry)


def precompiled(name, folder, headers):
    """Headers read once for all sources of a folder that are compiled in the same way."""
    sources = [entry for file, entry in entries.items() if folder in file]
    words = shlex.split(sources[0]["command"])
    header = os.path.abspath(f"{build}/{name}_headers.hpp")
    with open(header, "w") as out:
        out.write("".join(f"#include <{each}>\n" for each in headers))
    # What a target defines besides must not stand in what others take.
    flags = [word for word in words[: words.index("-o")] if not word.startswith("-DROOK_")] + ["-O0"]
    subprocess.run(flags + ["-x", "c++-header", header, "-o", header + ".gch"], check=True,
                   cwd=sources[0]["directory"])
    return header


def wrong_lines(run, text, what):
    """What a reader found: lines for us, none if nothing is wrong."""
    found = [line for line in text.split("\n") if ": error: " in line or ": warning: " in line]
    if run.returncode and not found:
        found = [f"{what}: could not be read: {run.stderr.strip().splitlines()[-1:]}"]
    return found


def read(entry):
    """One source, by the compiler."""
    words = shlex.split(entry["command"])
    words = words[: words.index("-o")] + words[words.index("-o") + 2:] + ["-fsyntax-only", "-O0"]
    words += ["-include", headers_of[next(folder for folder in headers_of if folder in entry["file"])]]
    run = subprocess.run(words, capture_output=True, text=True, cwd=entry["directory"])
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
# Read once for the sources of a folder. Each that is not needed costs more than it saves.
wanted = {
    "/src/app/": ("window", "/src/app/", ["QtWidgets"]),
    "/src/file/": ("file", "/src/file/", standard + ["filesystem", "nlohmann/json.hpp"]),
    "/": ("core", "/src/level/", standard),
}
with ThreadPoolExecutor(2) as pool:
    headers_of = dict(zip(wanted, pool.map(lambda each: precompiled(*each), wanted.values())))
files = sorted(file for file in entries if part in file)
wrong = 0
with ThreadPoolExecutor(2) as pool:
    results = list(pool.map(read, [entries[file] for file in files]))
    results += pool.map(tidy, batches([file for file in files if part or "/src/reach/" in file], 9))
for lines in results:
    print("\n".join(lines), flush=True) if lines else None
    wrong += bool(lines)
print(f"{len(files)} sources read, {wrong} with something to mend")
sys.exit(1 if wrong else 0)
