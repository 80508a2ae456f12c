#!/usr/bin/env python3
"""Draws what rook-bench measured of open country as an SVG: time and memory against area.

    build/bin/rook-bench --benchmark_filter=openCountrySolved --benchmark_out=cost.json
    bench/cost_plot.py cost.json docs/cost-of-verdicts.svg
"""

import json
import math
import sys

BODIES = [("runsAndJumps", "runs and jumps", "#2f7d5b", ""),
          ("airJump", "with one air jump", "#35506e", "6 3"),
          ("allJumps", "and coyote time and wall jumps", "#b4552d", "2 3")]
WIDTH, HEIGHT = 380, 260  # of one field, px
LEFT, RIGHT, TOP, BOTTOM = 66, 22, 34, 44
SIDES = [128, 256, 512, 1000, 2000]


def measured(path):
    """{body: [(side, seconds of one core, MiB), ...]}, by side."""
    with open(path, encoding="utf-8") as file:
        runs = json.load(file)["benchmarks"]
    found = {}
    for run in runs:
        _, body, side = run["name"].split("/")[:3]
        found.setdefault(body, []).append((int(side), run["cpu_time"] / 1000, run["MiB"]))
    return {body: sorted(points) for body, points in found.items()}


def labels(low, high):
    """The powers of ten in a range, as (value, text)."""
    for power in range(math.floor(math.log10(low)), math.ceil(math.log10(high)) + 1):
        yield 10.0 ** power, f"{10 ** power:,}" if power >= 0 else f"{10.0 ** power:g}"


def field(at, title, unit, values, points):
    """One field: `points` is [(body, [(side, value), ...]), ...]."""
    low, high = values

    def across(side):
        share = math.log(side / SIDES[0]) / math.log(SIDES[-1] / SIDES[0])
        return at + LEFT + share * (WIDTH - LEFT - RIGHT)

    def down(value):
        share = math.log(value / low) / math.log(high / low)
        return HEIGHT - BOTTOM - share * (HEIGHT - TOP - BOTTOM)

    out = [f'<text x="{at + LEFT}" y="18" class="title">{title}</text>']
    for side in SIDES:
        x = across(side)
        out.append(f'<line x1="{x:.1f}" y1="{TOP}" x2="{x:.1f}" y2="{HEIGHT - BOTTOM}"/>')
        out.append(f'<text x="{x:.1f}" y="{HEIGHT - BOTTOM + 16}" class="middle">{side:,}</text>')
    for value, text in labels(low, high):
        y = down(value)
        out.append(f'<line x1="{at + LEFT}" y1="{y:.1f}" x2="{at + WIDTH - RIGHT}" y2="{y:.1f}"/>')
        out.append(f'<text x="{at + LEFT - 6}" y="{y + 4:.1f}" class="end">{text} {unit}</text>')
    for (name, _, colour, dashes), line in points:
        path = " ".join(f"{across(side):.1f},{down(value):.1f}" for side, value in line)
        out.append(f'<polyline points="{path}" stroke="{colour}" stroke-dasharray="{dashes}"/>')
        for side, value in line:
            out.append(f'<circle cx="{across(side):.1f}" cy="{down(value):.1f}" r="3" '
                       f'fill="{colour}"><title>{name}, {side:,} cells a side: {value:.3g} '
                       f'{unit}</title></circle>')
    out.append(f'<text x="{at + LEFT + 140}" y="{HEIGHT - 10}" class="middle">'
               'cells a side; the area grows by its square</text>')
    return out


def main():
    found = measured(sys.argv[1])
    bodies = [body for body in BODIES if body[0] in found]
    times = [(body, [(s, t) for s, t, _ in found[body[0]]]) for body in bodies]
    sizes = [(body, [(s, m) for s, _, m in found[body[0]]]) for body in bodies]
    out = [f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {2 * WIDTH} {HEIGHT + 26}" '
           'font-family="sans-serif" font-size="11">',
           "<style>line{stroke:#c9c3b6}polyline{fill:none;stroke-width:2}"
           ".middle{text-anchor:middle}.end{text-anchor:end}.title{font-size:13px}</style>",
           '<rect width="100%" height="100%" fill="#fbf8f1"/>']
    out += field(0, "Time of a verdict", "s", (0.01, 100), times)
    out += field(WIDTH, "Memory of maps and states", "MiB", (1, 10000), sizes)
    x = LEFT
    for _, text, colour, dashes in bodies:
        out.append(f'<polyline points="{x},{HEIGHT + 10} {x + 28},{HEIGHT + 10}" '
                   f'stroke="{colour}" stroke-dasharray="{dashes}"/>')
        out.append(f'<text x="{x + 34}" y="{HEIGHT + 14}">{text}</text>')
        x += 60 + 7 * len(text)
    out.append("</svg>")
    with open(sys.argv[2], "w", encoding="utf-8") as file:
        file.write("\n".join(out) + "\n")


if __name__ == "__main__":
    main()
