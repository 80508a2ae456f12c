#!/usr/bin/env python3
"""Runs clang-tidy over the sources of a build folder, two at a time. Usage: tidy.py BUILD [PART]"""
import json
import subprocess
import sys
from concurrent.futures import ThreadPoolExecutor

build = sys.argv[1]
part = sys.argv[2] if len(sys.argv) > 2 else ""
entries = json.load(open(f"{build}/compile_commands.json"))
# What was generated, and what only GCC can read, is left out.
files = sorted({e["file"] for e in entries if ("/src/" in e["file"] or "/runtime/" in e["file"])
                and "_autogen" not in e["file"] and f"/{build}/" not in e["file"] and part in e["file"]})


def look(file):
    run = subprocess.run(
        ["clang-tidy", "--quiet", "-p", build, "--extra-arg=-Wno-everything", "--extra-arg=-Wno-error", file],
        capture_output=True, text=True)
    found = [line for line in run.stdout.split("\n") if ": error: " in line or ": warning: " in line]
    return file, run.returncode, found, run.stderr


wrong = 0
with ThreadPoolExecutor(2) as pool:
    for file, code, found, words in pool.map(look, files):
        for line in found:
            print(line)
        if code and not found:
            print(f"{file}: clang-tidy could not read it: {words.strip().splitlines()[-1:]}")
        wrong += 1 if code else 0
print(f"clang-tidy: {len(files)} files, {wrong} with something to mend")
sys.exit(1 if wrong else 0)
