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


TILES = [stone(), plank(), silt(), rungs(), brine(), teeth(), moss(), Tile(),
         lantern(), gate(), gauge(), keeper()]


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
