"""A small canvas with a PNG writer, for the programs that draw the demo's art. Standard library only."""
import struct
import zlib

CLEAR = (0, 0, 0, 0)


def color(text, alpha=255):
    return tuple(int(text[i:i + 2], 16) for i in (1, 3, 5)) + (alpha,)


def mix(a, b, share):
    return tuple(round(a[i] + (b[i] - a[i]) * share) for i in range(4))


def noise(*key):
    """A number from 0 to 1 that looks random, the same on every machine."""
    z = 0x9E3779B97F4A7C15
    for part in key:
        z = (z ^ (part & 0xFFFFFFFF)) * 0xBF58476D1CE4E5B9 & 0xFFFFFFFFFFFFFFFF
        z ^= z >> 29
        z = z * 0x94D049BB133111EB & 0xFFFFFFFFFFFFFFFF
        z ^= z >> 32
    return (z & 0xFFFFFF) / 0x1000000


class Canvas:
    def __init__(self, width, height, fill=CLEAR):
        self.width, self.height = width, height
        self.px = [[fill] * width for _ in range(height)]

    def set(self, x, y, tone):
        if 0 <= x < self.width and 0 <= y < self.height:
            self.px[y][x] = tone

    def get(self, x, y):
        return self.px[y][x]

    def rect(self, x, y, width, height, tone):
        for j in range(y, y + height):
            for i in range(x, x + width):
                self.set(i, j, tone)

    def blend(self, x, y, tone, share):
        if 0 <= x < self.width and 0 <= y < self.height:
            self.px[y][x] = mix(self.px[y][x], tone, share)

    def paste(self, other, x, y):
        for j in range(other.height):
            for i in range(other.width):
                self.set(x + i, y + j, other.px[j][i])

    def save(self, path):
        rows = b"".join(b"\0" + b"".join(bytes(px) for px in row) for row in self.px)

        def chunk(kind, data):
            return (struct.pack(">I", len(data)) + kind + data +
                    struct.pack(">I", zlib.crc32(kind + data)))

        header = struct.pack(">IIBBBBB", self.width, self.height, 8, 6, 0, 0, 0)
        with open(path, "wb") as file:
            file.write(b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", header) +
                       chunk(b"IDAT", zlib.compress(rows, 9)) + chunk(b"IEND", b""))
