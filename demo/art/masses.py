#!/usr/bin/env python3
"""Draws sheets/masses.png of Lantern Weir and lays out the swatches that wear it.

Standard library only. Run from the folder demo/ after a change, then open and save the project.
"""
import json

from canvas import CLEAR, Canvas, color, mix, noise

T = 16
COLUMNS = 16
INK = color("#0c1219")

# Neighbours from the top clockwise, one bit each, as the program counts them.
WAYS = [(0, -1), (1, -1), (1, 0), (1, 1), (0, 1), (-1, 1), (-1, 0), (-1, -1)]


def real(mask):
    for corner in range(1, 8, 2):
        sides = (1 << (corner - 1)) | (1 << ((corner + 1) % 8))
        if mask & sides != sides:
            mask &= ~(1 << corner)
    return mask


EXPOSURES = sorted({real(mask) for mask in range(256)})
PATCH = """\
.............................
.#########.#####.#####..#.##.
.#########.##.##.###.#.#####.
.#########.#.###.#####.##.##.
.#########.###.#.#.#.#.#.###.
.#########.#####.####..####..
.#########...................
.#########.####..##.#........
.#########..#.##.#####.......
.#########.#####.##.##.......
...........#####.#####.......
.#.####....##.##..####.......
.............................
.#.........#.##..#####.......
.#.........#####.#####.......
.#.........#.###.##.#........
.#.........####..#####.......
.#...........#...##.#........
.............................""".split("\n")


def border(mask, x, y):
    """How far a px of a tile is from open air, and where that lies; far away if nowhere."""
    best = (99, 0, 0)
    for bit, (dx, dy) in enumerate(WAYS):
        if mask >> bit & 1:
            continue
        if dx and dy and not (mask >> ((bit - 1) % 8) & 1 and mask >> ((bit + 1) % 8) & 1):
            continue
        across = (T - 1 - x if dx > 0 else x) if dx else 0
        along = (T - 1 - y if dy > 0 else y) if dy else 0
        distance = (across * across + along * along) ** 0.5 if dx and dy else across + along
        best = min(best, (distance, dx, dy))
    return best


STONE = [color(c) for c in ("#1a232c", "#25313b", "#33424e", "#445663", "#5b707d", "#86a0a8")]
MOSS = [color(c) for c in ("#23402f", "#36613f", "#528a4c", "#82b764", "#b9dc8a")]
SILT = [color(c) for c in ("#211b13", "#352b1e", "#4b3d2a", "#64533a", "#83704f", "#ab966a")]
WOOD = [color(c) for c in ("#22160e", "#3a281a", "#574027", "#785a37", "#9c7a4c", "#c6a26c")]
BRINE = [color(c, a) for c, a in (("#0d2a36", 215), ("#143d4b", 205), ("#1f5a68", 200),
                                  ("#35818a", 215), ("#6bb8b4", 235), ("#c8efe2", 255))]
RUST = [color(c) for c in ("#2c1114", "#561d1c", "#873026", "#b24e32", "#d98a4a", "#f4cf8a")]


def bricks(x, y, seed):
    """Courses of blocks: which block a px is of, and whether it is on its joint."""
    course = y // 8
    shift = (4, 12)[course]
    block = (x + shift) // 16 if course == 0 else (x + shift) // 16
    joint_x = (x + shift) % 16 == 15 if course == 0 else (x + shift) % 16 == 15
    return noise(seed, course, block), joint_x or y % 8 == 7, y % 8 == 0


def stone(mask, depth=0, seed=1):
    tile = Canvas(T, T)
    for y in range(T):
        for x in range(T):
            shade, joint, top = bricks(x, y, seed)
            tone = STONE[2] if shade < 0.6 else mix(STONE[2], STONE[3], 0.55)
            if top and noise(seed, x, y) < 0.7:
                tone = mix(tone, STONE[3], 0.7)
            if noise(seed + 7, x, y) < 0.05:
                tone = STONE[1]
            if joint:
                tone = STONE[1]
            distance, dx, dy = border(mask, x, y)
            if distance < 1 and dy >= 0:
                tone = INK
            elif distance < 2.2:
                tone = {-1: STONE[5], 0: STONE[4], 1: STONE[1]}[dy] if dy or dx < 0 else STONE[1]
            elif distance < 4 and dy < 0:
                tone = STONE[4] if noise(seed, x, y, 3) < 0.75 else STONE[3]
            elif distance < 5:
                tone = mix(tone, STONE[3] if dy < 0 or dx < 0 else STONE[1], 0.45)
            if distance > 90 and depth >= 1:
                tone = mix(tone, STONE[0], (0.0, 0.18, 0.55, 0.86)[depth])
            tile.set(x, y, tone)
    return tile


def silt(mask, depth=0, seed=1):
    tile = Canvas(T, T)
    for y in range(T):
        for x in range(T):
            lump = noise(seed, x // 3 + y // 5, y // 3)
            tone = SILT[2] if lump < 0.55 else mix(SILT[2], SILT[3], 0.6)
            if noise(seed + 3, x, y) < 0.09:
                tone = SILT[1]
            if noise(seed + 5, x // 2, y // 2) < 0.04:
                tone = SILT[4]
            distance, dx, dy = border(mask, x, y)
            crust = 2 + int(2.2 * noise(seed, x // 2, 11))
            if distance < 1 and dy >= 0:
                tone = INK
            elif dy < 0 and distance < crust + 1:
                tone = SILT[5] if distance < 1 else SILT[4]
            elif distance < 2:
                tone = SILT[4] if dx < 0 else SILT[1]
            if distance > 90 and depth >= 1:
                tone = mix(tone, SILT[0], (0.0, 0.2, 0.5, 0.8)[depth])
            tile.set(x, y, tone)
    return tile


def slope(height_at, seed):
    """Silt below a slanted line; the program cuts the tile to the form."""
    tile = Canvas(T, T)
    base = silt(255, 1, seed)
    for y in range(T):
        for x in range(T):
            distance = y - height_at(x)
            tone = base.get(x, y)
            if distance < 2.2:
                tone = SILT[5]
            elif distance < 5:
                tone = SILT[4]
            tile.set(x, y, tone)
    return tile


def plank(left, right, seed):
    tile = Canvas(T, T)
    for x in range(T):
        for y in range(6):
            tone = WOOD[3] if noise(seed, x // 5, y) < 0.7 else WOOD[2]
            if y == 1:
                tone = WOOD[5] if noise(seed, x, 1) < 0.8 else WOOD[4]
            if y in (0, 5):
                tone = INK if y == 0 else WOOD[0]
            if x in (0, 8) and 1 < y < 5:
                tone = WOOD[1]
            tile.set(x, y, tone)
        if x in (3, 12) and not left and not right:
            tile.set(x, 3, WOOD[0])
    for ends, x, way in ((left, 0, 1), (right, T - 1, -1)):
        if not ends:
            continue
        tile.rect(x, 0, 1, 6, INK)
        for i in range(1, 8):
            for width in range(3):
                tile.set(x + way * (i + 1), 5 + 8 - i - width + 1, WOOD[1 if width else 2])
    tile.rect(0, 6, T, 1, CLEAR)
    return tile


def rungs(top):
    tile = Canvas(T, T)
    for x in (2, 3, 12, 13):
        for y in range(T):
            tile.set(x, y, WOOD[3 if x in (2, 12) else 1])
    for y in (2, 10):
        for x in range(2, 14):
            tile.set(x, y, WOOD[5])
            tile.set(x, y + 1, WOOD[3])
            tile.set(x, y + 2, WOOD[0])
    if top:
        tile.rect(1, 0, 3, 2, WOOD[4])
        tile.rect(12, 0, 3, 2, WOOD[4])
    return tile


def brine(surface, depth, seed, shift=0):
    """`shift` moves the waves on, px: frames of the surface."""
    tile = Canvas(T, T)
    for y in range(T):
        for x in range(T):
            tone = mix(BRINE[2], BRINE[1], y / T) if surface else BRINE[1]
            if depth > 1:
                tone = BRINE[0]
            if noise(seed, x // 4, y // 2) < 0.08:
                tone = BRINE[2]
            if surface:
                wave = 2 + (1 if (x + 4 * seed + shift) % 16 in (2, 3, 4, 5, 6, 12, 13) else 0)
                if y < wave - 1:
                    tone = CLEAR
                elif y == wave - 1:
                    tone = BRINE[5]
                elif y == wave:
                    tone = BRINE[4]
                elif y < wave + 3:
                    tone = BRINE[3]
            tile.set(x, y, tone)
    return tile


def drain():
    """A round grate in the wall, two tiles wide and high, with its streak of wet; four tiles."""
    wide = Canvas(2 * T, 2 * T)
    for i in range(4):
        wide.paste(stone(255, 1, 1 + i % 2), i % 2 * T, i // 2 * T)
    for y in range(2 * T):
        for x in range(2 * T):
            away = ((x - 15.5) ** 2 + (y - 14.5) ** 2) ** 0.5
            if away < 9:
                wide.set(x, y, mix(INK, BRINE[0], max(0, (y - 10) / 18)))
                if x % 5 in (0, 1) and away < 8.5:
                    wide.set(x, y, STONE[1] if x % 5 else STONE[3])
            elif away < 11.5:
                light = (15 - x) + (14 - y)
                wide.set(x, y, STONE[4] if light > 5 else STONE[3] if light > -6 else STONE[1])
                if int(away * 2) % 5 == 0 and noise(x, y, 91) < 0.3:
                    wide.set(x, y, STONE[5])
            elif away < 12.4:
                wide.set(x, y, INK)
            elif y > 22 and abs(x - 15 - (noise(y, 92) - 0.5) * 2) < 3 - (y - 22) / 5:
                wide.blend(x, y, BRINE[1], 0.75)
    tiles = []
    for i in range(4):
        tile = Canvas(T, T)
        for y in range(T):
            for x in range(T):
                tile.set(x, y, wide.get(i % 2 * T + x, i // 2 * T + y))
        tiles.append(tile)
    return tiles


def teeth(seed):
    tile = Canvas(T, T)
    for tooth in range(2):
        middle = 4 + 8 * tooth
        top = 2 + int(3 * noise(seed, tooth))
        for y in range(top, T - 3):
            half = (y - top) * 3.4 / (T - 3 - top)
            for x in range(T):
                if abs(x - middle + 0.5) <= half + 0.5:
                    tone = RUST[4] if x < middle - half / 3 else RUST[3] if x < middle + 1 else RUST[1]
                    tile.set(x, y, tone if y > top + 1 else RUST[5])
    tile.rect(0, T - 3, T, 3, RUST[1])
    tile.rect(0, T - 3, T, 1, RUST[3])
    for x in (2, 10):
        tile.set(x, T - 2, RUST[4])
    return tile


def frame(seed):
    tile = Canvas(T, T, WOOD[2])
    for y in range(T):
        for x in range(T):
            tone = WOOD[3] if noise(seed, x, y // 6) < 0.4 else WOOD[2]
            if x in (0, T - 1) or y in (0, T - 1):
                tone = WOOD[0]
            elif x in (1, T - 2):
                tone = WOOD[4]
            tile.set(x, y, tone)
    for x, y in ((3, 3), (12, 3), (3, 12), (12, 12)):
        tile.set(x, y, RUST[4])
    return tile


def grass(seed, tall):
    tile = Canvas(T, T)
    for x in range(T):
        height = int((2 + 6 * noise(seed, x)) * (1 if tall else 0.55))
        for i in range(height):
            tone = MOSS[1 + min(3, int(4 * i / max(1, height)))]
            tile.set(x, T - 1 - i, tone)
    return tile


def flower(seed):
    tile = grass(seed, True)
    for x, tone in ((4, "#e7c46a"), (11, "#9ec9d8")):
        tile.set(x, 7, color(tone))
        tile.set(x - 1, 8, color(tone))
        tile.set(x + 1, 8, color(tone))
        tile.set(x, 9, color("#fff3c4"))
        tile.rect(x, 10, 1, 4, MOSS[2])
    return tile


def hanging(seed):
    tile = Canvas(T, T)
    for x in range(T):
        length = int(9 * noise(seed, x) ** 2)
        for y in range(length):
            tile.set(x, y, MOSS[max(0, 2 - y // 3)])
        if length > 6:
            tile.set(x, length, MOSS[3])
    return tile


def carpet(seed):
    """Moss on the ground, to walk before."""
    tile = Canvas(T, T)
    for x in range(T):
        height = 3 + int(4 * noise(seed, x // 2)) - (1 if noise(seed, x, 5) < 0.4 else 0)
        for i in range(height):
            tile.set(x, T - 1 - i, MOSS[min(4, 1 + i // 2)])
    return tile


class Sheet:
    def __init__(self):
        self.tiles = []

    def add(self, tile):
        self.tiles.append(tile)
        return len(self.tiles)  # from 1, as files count

    def save(self, path):
        rows = -(-len(self.tiles) // COLUMNS)
        image = Canvas(COLUMNS * T, rows * T)
        for i, tile in enumerate(self.tiles):
            image.paste(tile, i % COLUMNS * T, i // COLUMNS * T)
        image.save(path)


class Swatch:
    def __init__(self, name, title, rows, legend, patch=0, seed=1):
        self.name, self.title, self.rows, self.legend = name, title, rows, legend
        self.patch, self.seed = patch, seed
        self.tiles = {}
        self.motifs = []

    def at(self, x, y):
        x = min(max(x, 0), len(self.rows[0]) - 1)
        y = min(max(y, 0), len(self.rows) - 1)
        return self.rows[y][x]

    def exposure(self, x, y, joined):
        mask = 0
        for bit, (dx, dy) in enumerate(WAYS):
            if self.at(x + dx, y + dy) in joined:
                mask |= 1 << bit
        return real(mask)

    def depth(self, x, y, joined):
        for ring in range(1, 4):
            for dy in range(-ring + 1, ring):
                for dx in range(-ring + 1, ring):
                    if self.exposure(x + dx, y + dy, joined) != 255:
                        return ring - 1
        return 3

    def save(self, folder):
        lines = []
        for y, row in enumerate(self.rows):
            runs, x = [], 0
            while x < len(row):
                if (x, y) not in self.tiles:
                    x += 1
                    continue
                start, run = x, []
                while (x, y) in self.tiles:
                    run.append(self.tiles[x, y])
                    x += 1
                runs.append({"at": [start, y], "sheet": "masses", "tiles": run})
            lines += runs
        board = {
            "format": "rookplot-board", "version": 1, "id": self.name, "title": self.title,
            "kind": "side", "cell": {"width": T, "height": T},
            "size": {"columns": len(self.rows[0]), "rows": len(self.rows)},
            "edges": {"left": "wall", "right": "wall", "top": "wall", "bottom": "wall"},
            "background": {"color": "#1b2733"}, "legend": self.legend, "matter": self.rows,
            "entities": [], "chance": {"seed": self.seed, "patch": self.patch}, "tiles": lines}
        if self.motifs:
            board["motifs"] = [{"at": [x, y], "size": [w, h]} for x, y, w, h in self.motifs]
        with open(f"{folder}/{self.name}.json", "w", encoding="utf-8") as file:
            json.dump(board, file, indent=2)


def dress_patch(sheet, swatch, draw, variants):
    """Every exposure has a tile; tops and insides have several."""
    made = {}
    for y, row in enumerate(swatch.rows):
        for x, cell in enumerate(row):
            if cell != "#":
                continue
            mask = swatch.exposure(x, y, "#")
            depth = swatch.depth(x, y, "#")
            shown = variants if mask == 255 or mask in (124, 199, 31, 241) else 1
            variant = int(noise(x, y, 5) * shown)
            key = (mask, depth, variant)
            if key not in made:
                made[key] = sheet.add(draw(mask, depth, 1 + variant))
            swatch.tiles[x, y] = made[key]


def main():
    sheet = Sheet()
    stones = Swatch("swatch-stone", "Wet stone", PATCH, {".": "open", "#": "stone"}, 6, 3)
    dress_patch(sheet, stones, stone, 3)
    tops = [sheet.add(grass(1, False)), sheet.add(grass(2, True)), sheet.add(grass(3, False)),
            sheet.add(flower(4))]
    unders = [sheet.add(hanging(1)), sheet.add(hanging(2))]
    for y in range(1, len(PATCH)):
        for x, cell in enumerate(PATCH[y]):
            if cell != "#":
                continue
            if PATCH[y - 1][x] == "." and noise(x // 3, y, 71) < 0.42:
                stones.tiles[x, y - 1] = tops[int(noise(x, y, 72) ** 1.6 * 3.4) % 4]
            if y + 1 < len(PATCH) and PATCH[y + 1][x] == "." and PATCH[min(y + 2, 18)][x] == ".":
                if noise(x, y, 73) < 0.2:
                    stones.tiles[x, y + 1] = unders[x % 2]
    silts = Swatch("swatch-silt", "Silt", PATCH, {".": "open", "#": "silt"}, 0, 5)
    dress_patch(sheet, silts, silt, 2)
    for x, i in ((2, 0), (6, 2)):
        silts.tiles[x, 0] = tops[i]
    silts.save("lantern-weir/swatches")

    rises = ["....................", ".../##\\....ab##cd...", "####################",
             "####################"]
    forms = {".": "open", "#": "silt", "/": "silt/rise-right", "\\": "silt/rise-left",
             "a": "silt/rise-right-1of2", "b": "silt/rise-right-2of2",
             "c": "silt/rise-left-2of2", "d": "silt/rise-left-1of2"}
    slopes = Swatch("swatch-slopes", "Silt, slopes", rises, forms)
    drawn = {"/": slope(lambda x: 15 - x, 2), "\\": slope(lambda x: x, 3),
             "a": slope(lambda x: 15 - x / 2, 2), "b": slope(lambda x: 7.5 - x / 2, 3),
             "c": slope(lambda x: x / 2, 2), "d": slope(lambda x: 7.5 + x / 2, 3)}
    numbers = {glyph: sheet.add(tile) for glyph, tile in drawn.items()}
    for y, row in enumerate(rises):
        for x, cell in enumerate(row):
            if cell in numbers:
                slopes.tiles[x, y] = numbers[cell]
    slopes.save("lantern-weir/swatches")

    rows = ["..............................", ".=.====...H...................",
            "..........H..~~~~~~~~~..^^^^^^", "..........H..~~~~~~~~~........",
            "..........H..~~~~~~~~~..-.....", ".............~~~~~~~~~..-.'''.",
            "........................-....."]
    works = Swatch("swatch-works", "Planks, rungs, brine, teeth", rows,
                   {".": "open", "=": "plank", "H": "rungs", "~": "brine", "^": "teeth",
                    "-": "frame", "'": "moss"})
    planks = {key: sheet.add(plank(*key, 1)) for key in
              ((True, True), (True, False), (False, False), (False, True))}
    second = sheet.add(plank(False, False, 2))
    for x, key in ((1, (True, True)), (3, (True, False)), (4, (False, False)), (6, (False, True))):
        works.tiles[x, 1] = planks[key]
    works.tiles[5, 1] = second
    for y, tile in ((1, sheet.add(rungs(True))), (2, sheet.add(rungs(False)))):
        works.tiles[10, y] = tile
    works.tiles[10, 3] = works.tiles[10, 4] = works.tiles[10, 2]
    surface = [sheet.add(brine(True, 0, seed)) for seed in (1, 2)]
    body = [sheet.add(brine(False, 1, seed)) for seed in (1, 2)]
    deep = sheet.add(brine(False, 2, 1))
    for x in range(13, 22):
        works.tiles[x, 2] = surface[x % 2]
        for y in (3, 4, 5):
            works.tiles[x, y] = deep if y > 3 and 14 < x < 20 else body[(x + y) % 2]
    rakes = [sheet.add(teeth(seed)) for seed in (1, 2, 3)]
    for x in range(24, 30):
        works.tiles[x, 2] = rakes[x % 3]
    beam = sheet.add(frame(1))
    for y in (4, 5, 6):
        works.tiles[24, y] = beam
    carpets = [sheet.add(carpet(seed)) for seed in (1, 2, 3)]
    for x in (26, 27, 28):
        works.tiles[x, 5] = carpets[x % 3]
    works.save("lantern-weir/swatches")

    rows = ["........................", ".HH..---..'..^^^.~~~~~~~", ".HH..........^^^.~~~~~~~",
            ".HH..........^^^.~~~~~~~", ".HH..-.......^^^.~~~~~~~", ".....-.......^^^.~~~~~~~",
            ".....-...........~~~~~~~", ".................~~~~~~~"]
    yards = Swatch("swatch-yards", "Racks and hatches", rows,
                   {".": "open", "H": "rungs", "~": "brine", "^": "teeth", "-": "frame",
                    "'": "moss"})
    for y, row in enumerate(rows):
        for x, cell in enumerate(row):
            if cell == "H":
                yards.tiles[x, y] = works.tiles[10, 1 if y == 1 else 2]
            elif cell == "~":
                yards.tiles[x, y] = surface[x % 2] if y == 1 else deep if y > 3 else body[x % 2]
            elif cell == "^":
                yards.tiles[x, y] = rakes[(x + y) % 3]
            elif cell == "-":
                yards.tiles[x, y] = beam
            elif cell == "'":
                yards.tiles[x, y] = sheet.add(carpet(7))
    yards.save("lantern-weir/swatches")

    # Added last, so that the tiles before keep their numbers.
    grate = [sheet.add(tile) for tile in drain()]
    left, top = next((x, y) for y in range(1, len(PATCH) - 2) for x in range(1, len(PATCH[0]) - 2)
                     if all(stones.exposure(x + i % 2, y + i // 2, "#") == 255
                            and PATCH[y + i // 2][x + i % 2] == "#" for i in range(4)))
    for i in range(4):
        stones.tiles[left + i % 2, top + i // 2] = grate[i]
    stones.motifs.append((left, top, 2, 2))
    stones.save("lantern-weir/swatches")
    for first, seed in zip(surface, (1, 2)):
        frames = [first] + [sheet.add(brine(True, 0, seed, shift)) for shift in (4, 8, 12)]
        print(json.dumps({"tile": first, "frames": frames, "ticks": 14}), "for rookplot.json")
    sheet.save("lantern-weir/sheets/masses.png")
    print(len(sheet.tiles), "tiles")


if __name__ == "__main__":
    main()
