"""Reads a bundle that Rook Plot exported: Python 3, standard library only.

    game = Bundle("bundle")
    level = game.level("intake")
    print(level["title"], len(level["entities"]))

Written by docs/format-bundle.md alone. What is not as it should be raises BundleError with one
sentence.
"""
import base64
import json
import os
import struct
import zlib

MOST_BYTES = 512 * 1024 * 1024
MOST_PX = 8192 * 8192


class BundleError(Exception):
    """What, where."""


def inside(path):
    """A path of the bundle; what leads out of it is refused."""
    parts = path.split("/") if isinstance(path, str) else [""]
    if any(part in ("", ".", "..") or "\\" in part or ":" in part for part in parts):
        raise BundleError(f"The path {path!r} leaves the bundle")
    return path


class Bundle:
    """The game, its levels and its images, each read when it is first asked for."""

    def __init__(self, folder):
        self.folder = folder
        self.campaign = self._json("campaign.json", "rookplot-campaign")
        self.kinds = {kind["id"]: kind for kind in self.campaign["kinds"]}
        self._images = {}

    def level_ids(self):
        return [level["id"] for level in self.campaign["levels"]]

    def level(self, level_id):
        for entry in self.campaign["levels"]:
            if entry["id"] == level_id:
                return self._json(entry["file"], "rookplot-level")
        raise BundleError(f"There is no level {level_id!r} (campaign.json)")

    def image(self, path):
        if path not in self._images:
            self._images[path] = read_png(self._bytes(path), path)
        return self._images[path]

    def _bytes(self, path):
        place = os.path.join(self.folder, *inside(path).split("/"))
        if os.path.getsize(place) > MOST_BYTES:
            raise BundleError(f"The file is longer than 512 MiB ({path})")
        with open(place, "rb") as file:
            return file.read()

    def _json(self, path, wanted):
        value = json.loads(self._bytes(path))
        if value.get("format") != wanted or value.get("version") != 1:
            raise BundleError(f"This is no {wanted} of version 1 ({path})")
        return value


def rows(value, columns, count):
    """Rows of numbers, plain or packed, as lists."""
    if isinstance(value, list):
        return value
    size = value["bits"] // 8
    wanted = columns * count * size
    unpacker = zlib.decompressobj()
    data = unpacker.decompress(base64.b64decode(value["zlib"]), wanted + 1)
    if len(data) != wanted:
        raise BundleError("The packed numbers are not as many as the level has cells")
    numbers = struct.unpack("<" + str(columns * count) + {1: "B", 2: "H", 4: "I"}[size], data)
    return [numbers[y * columns:(y + 1) * columns] for y in range(count)]


class Image:
    """Red, green, blue and opacity of each px, row by row."""

    def __init__(self, width, height, rgba):
        self.width, self.height, self.rgba = width, height, rgba


def read_png(data, name):
    """8 bits a channel, or a palette; not interlaced."""
    if data[:8] != b"\x89PNG\r\n\x1a\n":
        raise BundleError(f"This is no PNG ({name})")
    at, packed, palette, clear, head = 8, b"", b"", b"", None
    while at + 8 <= len(data):
        length, kind = struct.unpack(">I4s", data[at:at + 8])
        body = data[at + 8:at + 8 + length]
        at += 12 + length
        if kind == b"IHDR":
            head = struct.unpack(">IIBBBBB", body)
        elif kind == b"PLTE":
            palette = body
        elif kind == b"tRNS":
            clear = body
        elif kind == b"IDAT":
            packed += body
    if head is None or head[2] != 8 or head[6] != 0 or head[0] * head[1] > MOST_PX:
        raise BundleError(f"Only PNG of 8 bits, not interlaced, is read here ({name})")
    width, height, color = head[0], head[1], head[3]
    channels = {0: 1, 2: 3, 3: 1, 4: 2, 6: 4}[color]
    raw = zlib.decompressobj().decompress(packed, height * (width * channels + 1))
    lines = unfiltered(raw, width * channels, height, channels)
    if color == 6:
        return Image(width, height, bytes(lines))
    rgba = bytearray()
    for i in range(0, len(lines), channels):
        px = lines[i:i + channels]
        if color == 3:
            n = px[0]
            opacity = clear[n] if n < len(clear) else 255
            rgba += palette[3 * n:3 * n + 3] + bytes((opacity,))
        elif color == 2:
            rgba += px + b"\xff"
        else:
            rgba += bytes((px[0],) * 3) + (px[1:2] if color == 4 else b"\xff")
    return Image(width, height, bytes(rgba))


def unfiltered(raw, length, height, step):
    """The lines of a PNG without their filters (RFC 2083, 6)."""
    out = bytearray()
    before = bytes(length)
    for y in range(height):
        start = y * (length + 1)
        sort, line = raw[start], bytearray(raw[start + 1:start + 1 + length])
        for i in range(length):
            left = line[i - step] if i >= step else 0
            up = before[i]
            corner = before[i - step] if i >= step else 0
            if sort == 1:
                line[i] = (line[i] + left) & 255
            elif sort == 2:
                line[i] = (line[i] + up) & 255
            elif sort == 3:
                line[i] = (line[i] + (left + up) // 2) & 255
            elif sort == 4:
                guess = left + up - corner
                near = min((left, up, corner), key=lambda each: abs(guess - each))
                line[i] = (line[i] + near) & 255
        out += line
        before = line
    return out
