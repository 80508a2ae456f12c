#!/usr/bin/env python3
"""Makes man pages and the completion for bash from what the programs say of themselves.

    manual.py FOLDER VERSION DAY PROGRAM...

Writes FOLDER/man/NAME.1 for each program, NAME-COMMAND.1 for each of its commands, and
FOLDER/completion/NAME. What a program says on --help is the only source: a line without indent is text
or a heading, a line with two spaces is an option or a command, and one that is further in goes on.
"""
import os
import re
import subprocess
import sys
from dataclasses import dataclass, field

ENVIRONMENT = dict(os.environ, COLUMNS="200", LC_ALL="C", QT_QPA_PLATFORM="offscreen")
# Words that stand in the second column of a help.
ROW = re.compile(r"^ {2}(\S.*?)(?: {2,}(\S.*))?$")


@dataclass
class Help:
    words: list = field(default_factory=list)  # what it is for, line by line
    usage: str = ""
    parts: dict = field(default_factory=dict)  # heading -> [(name, meaning)]


def said(*command):
    done = subprocess.run(command, capture_output=True, text=True, env=ENVIRONMENT, timeout=60, check=True)
    return done.stdout


def read(text):
    found = Help()
    rows = None
    for line in text.splitlines():
        if line.startswith("Usage:"):
            # A program that is called by its whole path says that path.
            words = line[len("Usage:"):].split()
            found.usage = " ".join([os.path.basename(words[0])] + words[1:])
        elif re.fullmatch(r"[A-Z][a-z]+:", line):
            rows = found.parts.setdefault(line[:-1], [])
        elif rows is None:
            if line.strip():
                found.words.append(line.strip())
        elif (row := ROW.match(line)) and not line.startswith("   "):
            rows.append([row[1], row[2] or ""])
        elif line.strip() and rows:
            rows[-1][1] = (rows[-1][1] + " " + line.strip()).strip()
    return found


def roff(text):
    text = text.replace("\\", "\\e").replace("-", "\\-")
    return "\\&" + text if text.startswith((".", "'")) else text


def page(name, shown, summary, found, version, day, other):
    lines = [f'.TH {name.upper()} 1 {day} "Rook Plot {version}" "Rook Plot"',
             ".SH NAME", f"{roff(name)} \\- {roff(summary)}",
             ".SH SYNOPSIS", f".B {roff(shown)}", roff(found.usage[len(shown):].strip()),
             ".SH DESCRIPTION", roff(" ".join(found.words))]
    for heading, rows in found.parts.items():
        title = {"Positionals": "ARGUMENTS", "Subcommands": "COMMANDS"}.get(heading, heading.upper())
        lines.append(f".SH {title}")
        for option, meaning in rows:
            lines += [".TP", f".B {roff(option)}", roff(meaning)]
    if other:
        lines += [".SH SEE ALSO", ", ".join(f"\\fB{roff(o)}\\fR(1)" for o in other)]
    return "\n".join(lines) + "\n"


def options(found):
    names = []
    for heading, rows in found.parts.items():
        if heading == "Options":
            for name, _ in rows:
                names += re.findall(r"(?<![\w-])--?[\w-]+", name)
    return names


def completion(name, top, commands):
    function = "_" + name.replace("-", "_")
    lines = [f"# Completion of {name} for bash, made from its own help.", f"{function}() {{",
             "    local word=${COMP_WORDS[COMP_CWORD]} command=${COMP_WORDS[1]} words"]
    if commands:
        lines += ["    if [ \"$COMP_CWORD\" -eq 1 ]; then",
                  f"        words=\"{' '.join(list(commands) + options(top))}\"",
                  "    else", "        case \"$command\" in"]
        for command, found in commands.items():
            lines.append(f"            {command}) words=\"{' '.join(options(found))}\" ;;")
        lines += ["        esac", "    fi"]
    else:
        lines.append(f"    words=\"{' '.join(options(top))}\"")
    first = ' || [ "$COMP_CWORD" -eq 1 ]' if commands else ""
    lines += [f"    if [[ $word == -* ]]{first}; then",
              "        mapfile -t COMPREPLY < <(compgen -W \"$words\" -- \"$word\")",
              "    else",
              "        compopt -o filenames",
              "        mapfile -t COMPREPLY < <(compgen -f -- \"$word\")",
              "    fi", "}", f"complete -F {function} {name}"]
    return "\n".join(lines) + "\n"


def write(path, text):
    os.makedirs(os.path.dirname(path), exist_ok=True)
    with open(path, "w", encoding="utf-8") as file:
        file.write(text)


def first_sentence(words):
    text = re.split(r"(?<=[a-z])[.:;] |\.$", " ".join(words))[0]
    return text[:1].lower() + text[1:]


def main(folder, version, day, programs):
    names = [os.path.basename(program) for program in programs]
    for program, name in zip(programs, names):
        top = read(said(program, "--help"))
        commands = {row[0].split()[0]: None for row in top.parts.get("Subcommands", [])}
        for command in commands:
            commands[command] = read(said(program, command, "--help"))
        others = [f"{name}-{command}" for command in commands] + [n for n in names if n != name]
        summary = {"rookplot": "Rook Plot at the command line", "rookplot-desk": "build and prove game levels",
                   "lantern": "stand-in game that plays exported levels",
                   "rookplot-recipe": "runs one call of one recipe"}[name]
        write(f"{folder}/man/{name}.1", page(name, name, summary, top, version, day, others))
        for command, found in commands.items():
            write(f"{folder}/man/{name}-{command}.1",
                  page(f"{name}-{command}", f"{name} {command}", first_sentence(found.words), found,
                       version, day, [name]))
        write(f"{folder}/completion/{name}", completion(name, top, commands))


if __name__ == "__main__":
    if len(sys.argv) < 5:
        sys.exit(__doc__)
    main(sys.argv[1], sys.argv[2], sys.argv[3], sys.argv[4:])
