#!/usr/bin/env python3
"""Builds incoming/rope-store.obj, a set of models as others might send it: in millimetres, z up, all in one file beside
each other, with faults. Made for this project, to be brought in.

Needs the standard library only. Run it from the folder demo/.
"""
import math
import pathlib

OUT = pathlib.Path("incoming/rope-store.obj")
TONES = {"tarred": (0.42, 0.36, 0.31), "boards": (0.62, 0.47, 0.3), "hemp": (0.78, 0.68, 0.46)}


class Set:
    def __init__(self):
        self.lines = ["mtllib rope-store.mtl"]
        self.points = 0

    def begin(self, name, material):
        self.lines += [f"o {name}", f"usemtl {material}"]

    def solid(self, corners, faces):
        """Faces are of corners counter-clockwise from outside, z up."""
        for corner in corners:
            self.lines.append("v " + " ".join(f"{value:g}" for value in corner))
        for face in faces:
            self.lines.append("f " + " ".join(str(self.points + 1 + i) for i in face))
        self.points += len(corners)

    def box(self, low, high, left_out=(), turned=()):
        corners = [(high[0] if i & 1 else low[0], high[1] if i & 2 else low[1], high[2] if i & 4 else low[2])
                   for i in range(8)]
        faces = [(0, 2, 3, 1), (4, 5, 7, 6), (0, 1, 5, 4), (1, 3, 7, 5), (3, 2, 6, 7), (2, 0, 4, 6)]
        kept = [tuple(reversed(face)) if i in turned else face for i, face in enumerate(faces) if i not in left_out]
        self.solid(corners, kept)

    def round(self, middle, radius, height, sides):
        ring = [(middle[0] + radius * math.cos(2 * math.pi * i / sides),
                 middle[1] + radius * math.sin(2 * math.pi * i / sides)) for i in range(sides)]
        corners = [(x, y, 0) for x, y in ring] + [(x, y, height) for x, y in ring]
        faces = [tuple(range(sides - 1, -1, -1)), tuple(range(sides, 2 * sides))]
        faces += [(i, (i + 1) % sides, sides + (i + 1) % sides, sides + i) for i in range(sides)]
        self.solid(corners, faces)


def build():
    models = Set()
    models.begin("gangway", "boards")
    models.box((0, 0, 0), (8000, 4000, 300))
    models.begin("rope-rack", "tarred")
    for i in range(3):
        models.box((10000 + 1850 * i, 0, 0), (10000 + 1850 * i + 200, 3900, 2400))
    models.box((10000, 0, 2400), (13900, 3900, 2500))
    models.begin("hoist-frame", "tarred")
    models.box((16000, 0, 0), (16400, 4000, 6000))
    models.box((19600, 0, 0), (20000, 4000, 6000))
    models.box((16400, 1800, 5600), (19600, 2200, 6000), turned=(1, 2))
    models.begin("coil", "hemp")
    models.round((24000, 2000), 900, 700, 20)
    models.begin("store-hut", "boards")
    models.box((28000, 0, 0), (36000, 8000, 3000), left_out=(0,))
    models.begin("loading-step", "boards")
    models.box((38000, 0, 0), (42000, 4000, 750), turned=range(6))
    models.box((38000, 2000, 750), (42000, 4000, 1500))
    models.begin("hatch-lid", "hemp")
    models.box((46, 0, 0), (50, 4, 0.2))
    OUT.write_text("\n".join(models.lines) + "\n")
    OUT.with_suffix(".mtl").write_text("".join(
        f"newmtl {name}\nKd {' '.join(map(str, tone))}\n" for name, tone in TONES.items()))


if __name__ == "__main__":
    build()
