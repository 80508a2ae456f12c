#!/usr/bin/env python3
"""The texts that a window shows, and their translations in src/app/words/.

    words.py            says which texts have no translation, and which translations no text; exit
                        code 1 if there is one
    words.py --update   adds the texts that are new, empty, and takes those that are gone away

Two sorts of text are found. What src/app/ says stands in tr("..."). What the core says is plain
English, put together of literals and values: `name + " is " + count + " px wide"` becomes
"%1 is %2 px wide", and the window finds the values in the sentence again (ui/core_words.h).
NAME.ts holds the first, which lrelease makes ready; NAME.core.ts the second.
"""

import re
import sys
import xml.etree.ElementTree as tree
from pathlib import Path
from xml.sax.saxutils import escape

ROOT = Path(__file__).resolve().parent.parent
FOLDER = ROOT / "src/app/words"
CORE = ("base cast check collide file game kit level masses motion puzzle reach ship skin").split()
# What these write is read in files, and stays English wherever they are made.
IN_FILES = re.compile(r"src/(ship/(junit|sarif|play_page|plan|plan_book|plan_names|models"
                      r"|told_finding)|file/(texts_po|bit_image|gltf_file|model_writer)"
                      r"|app/(shell/(guide_shots|shots|main)|ui/theme))\.(cpp|h)$")
# The names of choices, which are keys of formats as well.
NAMES = ("src/level/names.cpp", "runtime/rook_shapes.hpp", "runtime/rook_motion.hpp")
IN_WINDOW = ("tr", "QT_TR_NOOP", "QStringLiteral", "QLatin1String", "QRegularExpression")

TOKEN = re.compile(r'(?P<space>\s+|//[^\n]*|/\*.*?\*/)|(?P<raw>R"(?P<mark>[^(\s]*)\(.*?\)(?P=mark)")'
                   r'|(?P<text>(?:u8|u)?"(?:\\.|[^"\\\n])*")|(?P<sign>u?\'(?:\\.|[^\'\\\n])*\')'
                   r'|(?P<name>[A-Za-z_]\w*)|(?P<number>\d[\w.\']*)'
                   r'|(?P<other>::|->|\+=|\+\+|==|!=|<=|>=|<<|&&|\|\||.)', re.S)
OPENING, CLOSING = set("([{"), set(")]}")
ENDS = {",", ";", "?", ":", "=", "==", "!=", "<=", ">=", "<<", "&&", "||", "+=", "<", ">"}
ESCAPES = {"n": "\n", "t": "\t"}


def literal(token):
    inner = token[token.index('"') + 1:-1]
    return re.sub(r"\\(u[0-9a-fA-F]{4}|.)", lambda m: chr(int(m[1][1:], 16)) if len(m[1]) > 1
                  else ESCAPES.get(m[1], m[1]), inner)


def tokens_of(source):
    """(sort, text) a token; literals that stand side by side are one."""
    found = []
    for match in TOKEN.finditer(source):
        sort = "raw" if match["raw"] else match.lastgroup
        if sort == "space":
            continue
        text = literal(match[0]) if sort == "text" else match[0]
        if sort == "text" and found and found[-1][0] == "text":
            found[-1] = ("text", found[-1][1] + text)
        else:
            found.append((sort, text))
    return found


def operand(tokens, at, step):
    """Where the operand ends that begins at `at`, read forwards or backwards."""
    opening, closing = (OPENING, CLOSING) if step > 0 else (CLOSING, OPENING)
    depth = 0
    while 0 <= at < len(tokens):
        sort, text = tokens[at]
        if sort == "other":
            if text in opening:
                depth += 1
            elif text in closing:
                if depth == 0:
                    break
                depth -= 1
            elif depth == 0 and (text == "+" or text in ENDS):
                break
        elif (sort, text) == ("name", "return") and depth == 0:
            break
        at += step
    return at


def literals_in(part):
    """The texts that an operand can be: "x", (x), std::string("x") or (is ? "x" : "y"); none for
    everything else."""
    texts = [text for sort, text in part if sort == "text"]
    frame = "".join(text for sort, text in part if sort != "text")
    if len(texts) == 1 and frame in ("", "std::string()"):
        return texts
    inner = part[1:-1] if part and part[0][1] == "(" else part
    if part[:1] and part[0][1] == "std":
        inner = part[4:-1]
    if len(texts) == 2 and len(inner) > 4 and inner[-4][1] == "?" and inner[-3][0] == "text" and \
            inner[-2][1] == ":" and inner[-1][0] == "text":
        return texts
    return []


def sentences(tokens):
    """The sentences that a source of the core puts together."""
    used = set()
    for i, (sort, text) in enumerate(tokens):
        if sort != "text" or i in used or tokens[i - 1][1] == "&&" or in_assertion(tokens, i):
            continue
        start, end = i, i + 1
        if [text for _, text in tokens[i - 4:i]] == ["std", "::", "string", "("] and \
                tokens[i + 1][1] == ")":
            start, end = i - 4, i + 2
        elif not begins_chain(tokens, i):
            start, end = choice_around(tokens, i)
        parts = [(start, end)]
        before = start - 1
        while before > 0 and tokens[before] == ("other", "+"):
            first = operand(tokens, before - 1, -1)
            parts.insert(0, (first + 1, before))
            before = first
        after = end
        while after < len(tokens) and tokens[after] == ("other", "+"):
            last = operand(tokens, after + 1, 1)
            parts.append((after + 1, last))
            after = last
        said, count = [""], 0
        for first, last in parts:
            words = literals_in(tokens[first:last])
            if words:
                used.update(range(first, last))
            else:
                count += 1
                words = ["%" + str(count)]
            said = [one + word for one in said for word in words]
        yield from said


def begins_chain(tokens, at):
    return tokens[at - 1] != ("other", "?") and not (
        tokens[at - 1] == ("other", ":") and tokens[at - 2][0] == "text")


def choice_around(tokens, at):
    """Where the parenthesis of `(is ? "x" : "y")` begins and ends; the literal alone if it is
    none of a chain."""
    first, last = at, at + 1
    depth = 0
    while first > 0 and not (tokens[first][1] == "(" and depth == 0):
        depth += (tokens[first][1] in CLOSING) - (tokens[first][1] in OPENING)
        if tokens[first][1] in (";", "{", "}", "return", "="):
            return at, at + 1
        first -= 1
    while last < len(tokens) and tokens[last][1] != ")":
        if tokens[last][0] not in ("text",) and tokens[last][1] not in (":", "?"):
            return at, at + 1
        last += 1
    last += 1
    around = {tokens[first - 1][1], tokens[last][1]} if last < len(tokens) else set()
    if tokens[first - 1][1] == "string" and tokens[first - 2][1] == "::":
        first -= 3
        around = {tokens[first - 1][1], tokens[last][1]}
    if "+" in around and literals_in(tokens[first:last]):
        return first, last
    return at, at + 1


def in_assertion(tokens, at):
    start = operand(tokens, at, -1)
    while start > 0 and tokens[start][1] not in ("(", ";", "{", "}"):
        start = operand(tokens, start - 1, -1)
    return tokens[start][1] == "(" and tokens[start - 1][1] in ("ROOK_ASSERT", "static_assert")


def is_sentence(text):
    """Is it for people? Not keys of formats, code, names of files."""
    if re.search(r"[<>{}\n\t=;#\\]|\.(h|json|cpp|glb|png)\b", text) and \
            not re.search(r"[A-Z][a-z]+ [a-z]+ [a-z]", text):
        return False
    return bool(re.search(r"[A-Za-z]{2,} [A-Za-z]|%\d,? [a-z]{2,}|[a-z]{2,} %\d|^[A-Z][a-z]{2,}",
                          text))


def without_window_texts(tokens):
    """The tokens, without the literals that the window says by itself."""
    kept = []
    for i, token in enumerate(tokens):
        if token[0] == "text" and i > 1 and tokens[i - 1][1] == "(" and \
                tokens[i - 2][1] in IN_WINDOW:
            continue
        kept.append(token)
    return kept


def names_in(source):
    """The literals of `...Names{"one-way", ...}`, with spaces for their hyphens."""
    for match in re.finditer(r"\w+Names(?:\[\])?\s*(?:=\s*)?\{(.*?)\}", source, re.S):
        for sort, text in tokens_of(match[1].replace(",", " , ")):
            if sort == "text":
                yield text.replace("-", " ")


def texts_of_core():
    found = {}
    for folder in CORE + ["app"]:
        for path in sorted((ROOT / "src" / folder).rglob("*.[ch]*")):
            if not IN_FILES.search(path.as_posix()):
                tokens = without_window_texts(tokens_of(path.read_text()))
                for text in filter(is_sentence, sentences(tokens)):
                    found.setdefault(text, path)
    for name in NAMES:
        for text in names_in((ROOT / name).read_text()):
            found.setdefault(text, ROOT / name)
    return found


def texts_of_window():
    found = {}
    for path in sorted((ROOT / "src/app").rglob("*.[ch]*")):
        tokens = tokens_of(path.read_text())
        for i, (sort, text) in enumerate(tokens[:-2]):
            if sort == "name" and text in ("tr", "QT_TR_NOOP") and tokens[i + 1][1] == "(" and \
                    tokens[i + 2][0] == "text":
                found.setdefault(tokens[i + 2][1], path)
    return found


def read(path):
    """{source: translation} of a .ts file."""
    if not path.exists():
        return {}
    return {message.findtext("source"): message.findtext("translation")
            for message in tree.parse(path).getroot().iter("message")}


def write(path, language, context, texts):
    lines = ['<?xml version="1.0" encoding="utf-8"?>', "<!DOCTYPE TS>",
             f'<TS version="2.1" language="{language}">', "<context>",
             f"    <name>{context}</name>"]
    for source in sorted(texts):
        said = texts[source] or ""
        state = "" if said else ' type="unfinished"'
        lines += ["    <message>", f"        <source>{escape(source)}</source>",
                  f"        <translation{state}>{escape(said)}</translation>", "    </message>"]
    path.write_text("\n".join(lines + ["</context>", "</TS>", ""]))


def marks(text):
    return set(re.findall(r"%L?\d", text))


def faults(path, texts, are_all_said):
    """What is wrong in a .ts file. Where not `are_all_said`, values may be left out."""
    here = read(path)
    for source, where in texts.items():
        said = here.get(source)
        if not said:
            yield f"{path.name}: no words for {source!r} ({where.relative_to(ROOT)})"
        elif marks(said) - marks(source) or are_all_said and marks(source) - marks(said):
            yield f"{path.name}: other values in {said!r} than in {source!r}"
    for source in here:
        if source not in texts:
            yield f"{path.name}: nothing says {source!r} any more"


def main():
    problems = []
    for language in ("de",):
        for context, suffix, texts in (("window", ".ts", texts_of_window()),
                                       ("core", ".core.ts", texts_of_core())):
            path = FOLDER / (language + suffix)
            if "--update" in sys.argv:
                kept = read(path)
                write(path, language, context, {source: kept.get(source) for source in texts})
            problems += faults(path, texts, context == "window")
    print("\n".join(problems[:40]))
    if problems:
        print(f"{len(problems)} texts are not in order: mend them in src/app/words/")
        return 1
    return 0


if __name__ == "__main__":
    sys.exit(main())
