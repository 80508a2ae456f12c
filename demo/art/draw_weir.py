#!/usr/bin/env python3
"""Draws the tile sheet of the demo, sheets/weir.png: 8 x 4 tiles of 16 px, made for this project.

Needs the standard library only. Run it from the folder demo/ after changing a tile.
"""
import random
import struct
import zlib

TILE, COLUMNS, ROWS = 16, 8, 4
CLEAR = (0, 0, 0, 0)


def color(text, alpha=255):
    return tuple(int(text[i:i + 2], 16) for i in (1, 3, 5)) + (alpha,)


class Tile:
    def __init__(self, fill=CLEAR):
        self.px = [[fill] * TILE for _ in range(TILE)]

    def rect(self, x, y, width, height, tone):
        for j in range(max(y, 0), min(y + height, TILE)):
            for i in range(max(x, 0), min(x + width, TILE)):
                self.px[j][i] = tone
        return self

    def speckle(self, seed, tone, count):
        source = random.Random(seed)
        for _ in range(count):
            i, j = source.randrange(TILE), source.randrange(TILE)
            if self.px[j][i][3]:
                self.px[j][i] = tone
        return self

    def keep(self, inside):
        for j in range(TILE):
            for i in range(TILE):
                if not inside(i, j):
                    self.px[j][i] = CLEAR
        return self


STONE, STONE_DARK, STONE_LIGHT = color("#46525c"), color("#38434c"), color("#5c6a75")
WOOD, WOOD_DARK = color("#8a6a45"), color("#5e472d")
SILT, SILT_DARK = color("#6d6652"), color("#575140")
BRINE, BRINE_LIGHT = color("#2c5f6e", 200), color("#5fa3ac", 230)
RUST, RUST_LIGHT = color("#9c3a28"), color("#d9694e")
MOSS = color("#5f8a5a")
BRASS, GLOW, CLOTH, SKIN = color("#b8892f"), color("#ffe08a"), color("#31506b"), color("#d9b48f")
INK = color("#182028")


def stone():
    tile = Tile(STONE).speckle(1, STONE_DARK, 26).speckle(2, STONE_LIGHT, 12)
    tile.rect(0, 7, 16, 1, STONE_DARK).rect(0, 15, 16, 1, STONE_DARK)
    return tile.rect(5, 0, 1, 7, STONE_DARK).rect(12, 8, 1, 7, STONE_DARK)


def plank():
    tile = Tile().rect(0, 0, 16, 4, WOOD).rect(0, 4, 16, 1, WOOD_DARK)
    return tile.rect(3, 5, 2, 4, WOOD_DARK).rect(11, 5, 2, 4, WOOD_DARK).rect(7, 1, 1, 2, WOOD_DARK)


def silt():
    return Tile(SILT).speckle(3, SILT_DARK, 40)


def rungs():
    tile = Tile().rect(3, 0, 2, 16, WOOD_DARK).rect(11, 0, 2, 16, WOOD_DARK)
    return tile.rect(3, 3, 10, 2, WOOD).rect(3, 11, 10, 2, WOOD)


def brine():
    tile = Tile(BRINE)
    return tile.rect(1, 3, 5, 1, BRINE_LIGHT).rect(9, 6, 5, 1, BRINE_LIGHT).rect(3, 11, 4, 1, BRINE_LIGHT)


def teeth():
    tile = Tile(RUST).speckle(4, RUST_LIGHT, 30)
    tile.keep(lambda i, j: j >= 12 or abs(i % 8 - 3.5) * 3 <= j)
    return tile.rect(0, 13, 16, 3, INK)


def moss():
    return Tile(MOSS).speckle(5, color("#48703f"), 60).keep(lambda i, j: j > 9 + (i * 7) % 5)


def lantern():
    tile = Tile().rect(5, 1, 6, 1, BRASS).rect(7, 0, 2, 1, BRASS).rect(4, 2, 8, 9, BRASS)
    return tile.rect(5, 3, 6, 7, GLOW).rect(7, 3, 2, 7, color("#fff6cf")).rect(4, 11, 8, 1, BRASS)


def gate():
    tile = Tile().rect(0, 0, 16, 2, BRASS).rect(0, 0, 2, 16, BRASS).rect(14, 0, 2, 16, BRASS)
    return tile.rect(2, 2, 12, 14, INK).rect(7, 4, 2, 10, GLOW)


def gauge():
    tile = Tile().rect(6, 0, 4, 16, color("#d8d4c4"))
    return tile.rect(6, 3, 2, 1, INK).rect(6, 7, 3, 1, INK).rect(6, 11, 2, 1, INK)


def keeper():
    tile = Tile().rect(5, 0, 6, 3, CLOTH).rect(5, 3, 6, 3, SKIN).rect(4, 6, 8, 6, CLOTH)
    return tile.rect(5, 12, 2, 4, INK).rect(9, 12, 2, 4, INK).rect(12, 7, 2, 3, GLOW)


def disc(tile, cx, cy, radius, tone, thick=99):
    for j in range(TILE):
        for i in range(TILE):
            far = ((i + 0.5 - cx) ** 2 + (j + 0.5 - cy) ** 2) ** 0.5
            if radius - thick < far <= radius:
                tile.px[j][i] = tone
    return tile


def valve():
    """A hand wheel of brass with four spokes."""
    tile = disc(Tile(), 8, 8, 7.2, color("#7a5a1d"), 2.6)
    disc(tile, 8, 8, 6.8, BRASS, 1.8)
    tile.rect(7, 2, 2, 12, BRASS).rect(2, 7, 12, 2, BRASS)
    return disc(tile, 8, 8, 2.4, GLOW)


def cleats():
    """Two boot irons on a strap."""
    tile = Tile().rect(2, 6, 12, 3, WOOD).rect(2, 9, 12, 1, WOOD_DARK)
    for x in (2, 5, 8, 11):
        tile.rect(x, 10, 2, 3, color("#b9c4cc")).rect(x, 13, 1, 1, color("#e6edf2"))
    return tile.rect(6, 4, 4, 2, BRASS)


def kite():
    """A square of cloth on its corner, with a tail."""
    tile = Tile()
    for j in range(12):
        half = j if j < 6 else 11 - j
        tile.rect(8 - half, j, 2 * half, 1, color("#c9553d") if (j // 3) % 2 else color("#e8d7b0"))
    tile.rect(8, 0, 1, 12, WOOD_DARK)
    return tile.rect(9, 12, 1, 1, INK).rect(10, 13, 2, 1, color("#c9553d")).rect(9, 14, 2, 1, INK)


def bellows():
    """Leather folds between two boards: it throws who lands on it."""
    tile = Tile().rect(0, 8, 16, 2, WOOD).rect(0, 14, 16, 2, WOOD_DARK)
    for j, inset in ((10, 2), (11, 1), (12, 2), (13, 1)):
        tile.rect(inset, j, 16 - 2 * inset, 1, color("#7a3b2b") if inset == 1 else color("#a0523b"))
    return tile.rect(0, 8, 16, 1, color("#c79b66"))


def crab(step):
    """A crab from the side it walks to; its legs change."""
    shell, dark, claw = color("#b5462f"), color("#7d2c1e"), color("#e0765a")
    tile = Tile().rect(4, 6, 8, 5, shell).rect(5, 5, 6, 1, shell).rect(4, 10, 8, 1, dark)
    tile.rect(6, 6, 2, 1, claw).rect(9, 7, 2, 1, claw)
    tile.rect(5, 3, 1, 2, dark).rect(10, 3, 1, 2, dark).rect(5, 2, 1, 1, GLOW).rect(10, 2, 1, 1, GLOW)
    tile.rect(1, 4, 3, 3, claw).rect(12, 4, 3, 3, claw).rect(2, 5, 1, 1, CLEAR).rect(13, 5, 1, 1, CLEAR)
    tile.rect(3, 7, 1, 2, dark).rect(12, 7, 1, 2, dark)
    for x in (4, 7, 10):
        tile.rect(x + (step if x != 7 else 1 - step), 11, 1, 4, dark)
        tile.rect(x + 1 + (step if x != 7 else -step), 13, 1, 2, dark)
    return tile


def eel(step):
    """A glowing eel that bends to and fro."""
    body, belly = color("#2f7f78"), color("#7fe0c0")
    tile = Tile()
    bend = (0, 1, 2, 2, 1, 0, -1, -2, -2, -1, 0, 1, 1, 0)
    for x in range(1, 15):
        y = 7 + bend[(x - 1 + 7 * step) % 14] * 3 // 2
        tile.rect(x, y - 1, 1, 3, body).rect(x, y + 1, 1, 1, belly)
    y = 7 + bend[(13 + 7 * step) % 14] * 3 // 2
    tile.rect(12, y - 2, 3, 4, body).rect(13, y - 1, 1, 1, GLOW)
    return tile


def steam(part):
    """A plume over a brass nozzle: part 0 is the upper tile."""
    tile = Tile()
    pale = color("#dfe9ec", 200)
    source = random.Random(31 + part)
    for j in range(TILE if part == 0 else 9):
        half = 3 + (TILE - j) // 4 if part == 0 else 2
        for i in range(8 - half, 8 + half):
            if source.random() < 0.62:
                tile.px[j][i] = pale if source.random() < 0.7 else color("#9fb4bb", 170)
    if part == 1:
        tile.rect(5, 9, 6, 3, BRASS).rect(3, 12, 10, 4, color("#7a5a1d")).rect(3, 12, 10, 1, BRASS)
    return tile


def hoist(part):
    """A cage floor of three tiles, hung from chains at its ends."""
    tile = Tile().rect(0, 0, 16, 3, color("#8d98a1")).rect(0, 3, 16, 2, color("#525c65"))
    tile.rect(0, 0, 16, 1, color("#c3cdd4"))
    for x in (2, 10):
        tile.rect(x, 5, 3, 2, color("#39424a"))
    if part != 1:
        tile.rect(0 if part == 0 else 14, 0, 2, 8, BRASS)
    return tile


def sluice():
    """Planks bound with iron, to be repeated downwards."""
    tile = Tile().rect(0, 0, 16, 16, WOOD).rect(0, 0, 2, 16, WOOD_DARK).rect(14, 0, 2, 16, WOOD_DARK)
    tile.rect(6, 0, 1, 16, WOOD_DARK).rect(10, 0, 1, 16, WOOD_DARK).speckle(9, WOOD_DARK, 12)
    tile.rect(0, 5, 16, 3, color("#525c65")).rect(0, 5, 16, 1, color("#8d98a1"))
    for x in (2, 8, 13):
        tile.rect(x, 6, 1, 1, color("#c3cdd4"))
    return tile


def tuft(seed):
    """Reeds by the water, for rules to strew."""
    tile = Tile()
    source = random.Random(seed)
    for _ in range(7):
        x, top = source.randrange(1, 15), source.randrange(3, 10)
        tone = source.choice((color("#48703f"), MOSS, color("#7da06a")))
        for j in range(top, TILE):
            tile.px[j][min(15, max(0, x + (j - top) // 6 - 1))] = tone
    return tile


TILES = [stone(), plank(), silt(), rungs(), brine(), teeth(), moss(), Tile(),
         lantern(), gate(), gauge(), keeper(), valve(), cleats(), kite(), bellows(),
         crab(0), crab(1), eel(0), eel(1), steam(0), hoist(0), hoist(1), hoist(2),
         sluice(), tuft(1), tuft(2), tuft(3), steam(1)]


def chunk(name, data):
    body = name + data
    return struct.pack(">I", len(data)) + body + struct.pack(">I", zlib.crc32(body))


def main():
    width, height = TILE * COLUMNS, TILE * ROWS
    raw = b""
    for y in range(height):
        raw += b"\0"
        for x in range(width):
            index = (y // TILE) * COLUMNS + x // TILE
            tone = TILES[index].px[y % TILE][x % TILE] if index < len(TILES) else CLEAR
            raw += bytes(tone)
    header = struct.pack(">IIBBBBB", width, height, 8, 6, 0, 0, 0)
    with open("lantern-weir/sheets/weir.png", "wb") as out:
        out.write(b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", header)
                  + chunk(b"IDAT", zlib.compress(raw, 9)) + chunk(b"IEND", b""))


if __name__ == "__main__":
    main()
