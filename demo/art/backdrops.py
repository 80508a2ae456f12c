#!/usr/bin/env python3
"""Draws the pictures behind Lantern Weir: a night sky, far hills, the weir itself, near reeds.

Standard library only. Run from the folder demo/.
"""
from canvas import CLEAR, Canvas, color, mix, noise

W, H = 640, 360
SKY = [color(c) for c in ("#0b1220", "#101b2c", "#16273a", "#1f3a4c", "#2f5560", "#4d7672")]
FAR = [color(c) for c in ("#142430", "#1a2f3b")]
MID = [color(c) for c in ("#101c26", "#15252f", "#1d323c", "#2a4650")]
GLOW = [color(c) for c in ("#ffd98a", "#f0a94c", "#fff3c4")]
BAYER = [[0, 8, 2, 10], [12, 4, 14, 6], [3, 11, 1, 9], [15, 7, 13, 5]]


def banded(tones, place, x, y):
    """A tone between two of a row, dithered."""
    at = max(0.0, min(0.9999, place)) * (len(tones) - 1)
    low = int(at)
    return tones[low + (1 if at - low > (BAYER[y % 4][x % 4] + 0.5) / 16 else 0)]


def sky():
    image = Canvas(W, H)
    for y in range(H):
        for x in range(W):
            image.set(x, y, banded(SKY, (y / H) ** 1.4, x, y))
    for i in range(190):
        x, y = int(noise(i, 1) * W), int(noise(i, 2) ** 1.6 * H * 0.72)
        share = 0.25 + 0.6 * noise(i, 3)
        image.blend(x, y, color("#dfeee8"), share)
        if noise(i, 4) < 0.06:
            for dx, dy in ((1, 0), (-1, 0), (0, 1), (0, -1)):
                image.blend(x + dx, y + dy, color("#dfeee8"), 0.3)
    cx, cy, radius = 470, 84, 25
    for y in range(H):
        for x in range(W):
            distance = ((x - cx) ** 2 + (y - cy) ** 2) ** 0.5
            if distance < radius:
                shade = noise(x // 5, y // 4, 9) < 0.14 and distance < radius - 4
                image.set(x, y, color("#cfd9c8" if shade else "#e9eedb"))
            elif distance < radius + 46:
                share = 0.26 * (1 - (distance - radius) / 46)
                if share * 16 > BAYER[y % 4][x % 4] / 3.2:
                    image.blend(x, y, color("#cfe0d2"), share)
    # Thin clouds, in streaks that meet at the borders.
    for i in range(12):
        base, start = 60 + int(noise(i, 21) * 150), int(noise(i, 22) * W)
        length = 60 + int(noise(i, 23) * 120)
        for k in range(length):
            lift = int(2 * noise(i, k // 9))
            thick = 1 + int(2.5 * noise(i, k // 13, 4) * min(1, k / 20, (length - k) / 20))
            for t in range(thick):
                image.blend((start + k) % W, base + lift + t, SKY[4], 0.34)
    return image


def ridge(seed, base, swing, steps):
    """A line of hills that meets itself at the border."""
    knots = [base - swing * noise(seed, i) for i in range(steps)]
    line = []
    for x in range(W):
        at = x / W * steps
        a, b, t = knots[int(at) % steps], knots[(int(at) + 1) % steps], at % 1
        t = t * t * (3 - 2 * t)
        line.append(a + (b - a) * t)
    return line


def hills():
    image = Canvas(W, 220)
    for k, (seed, base, swing, steps) in enumerate(((3, 130, 70, 9), (8, 165, 55, 13))):
        line = ridge(seed, base, swing, steps)
        for x in range(W):
            for y in range(int(line[x]), 220):
                depth = (y - line[x]) / 90
                image.set(x, y, mix(FAR[k], SKY[3 - k], min(0.55, max(0.0, depth) * 0.5)))
            if noise(seed, x) < 0.5:
                for i in range(int(7 * noise(seed, x, 2))):
                    image.set(x, int(line[x]) - i, FAR[k])
    for i in range(26):  # far windows
        x, y = int(noise(i, 31) * W), 158 + int(noise(i, 32) * 40)
        if image.get(x, y)[3]:
            image.set(x, y, GLOW[1])
            image.blend(x + 1, y, GLOW[1], 0.35)
    return image


def weir():
    """Arches of the old weir, with towers, lamps and falling water."""
    image = Canvas(W, 200)
    top = 96
    for x in range(W):
        for y in range(top, 200):
            course = y // 9
            joint = y % 9 == 0 or (x + (course % 2) * 11) % 22 == 0
            image.set(x, y, MID[0] if joint else MID[1] if noise(x // 22, course) < 0.6 else MID[2])
        image.set(x, top, MID[3])
        image.set(x, top + 1, MID[2])
        for y in range(top - 7, top):
            if x % 14 < 8:
                image.set(x, y, MID[2] if y > top - 7 else MID[3])
    for arch in range(8):
        cx = 40 + arch * 80
        for x in range(cx - 24, cx + 25):
            rise = int((24 * 24 - (x - cx) ** 2) ** 0.5)
            for y in range(156 - rise, 200):
                flow = noise(x, 7) < 0.55
                fall = (y - (156 - rise)) / 60
                if arch % 2 == 0:
                    tone = mix(color("#2f6a72"), color("#163642"), min(1, fall))
                    if flow and (y + int(9 * noise(x, 8))) % 13 < 6:
                        tone = mix(tone, color("#8fd4c8"), 0.4)
                else:
                    tone = color("#0a131b")
                image.set(x % W, y, tone)
            image.set(x % W, 156 - rise, MID[3])
            image.set(x % W, 157 - rise, MID[0])
    for tower, x0 in enumerate((96, 336, 560)):
        height = (74, 88, 62)[tower]
        for x in range(x0, x0 + 34):
            for y in range(top - height, top + 60):
                edge = x in (x0, x0 + 33)
                image.set(x, y, MID[0] if edge else MID[2] if noise(x // 8, y // 6, tower) < 0.3 else MID[1])
        for k in range(18):
            for x in range(x0 - 3 + k, x0 + 37 - k):
                image.set(x, top - height - k, MID[0] if k else MID[3])
        for wx, wy in ((x0 + 8, top - height + 14), (x0 + 20, top - height + 14),
                       (x0 + 14, top - height + 40)):
            image.rect(wx, wy, 5, 8, GLOW[1])
            image.rect(wx + 1, wy + 1, 3, 6, GLOW[0])
            image.rect(wx + 2, wy, 1, 8, MID[0])
            for dy in range(-5, 14):
                for dx in range(-6, 11):
                    if 0 <= wx + dx < W and image.get(wx + dx, wy + dy)[3]:
                        far = ((dx - 2) ** 2 + (dy - 4) ** 2) ** 0.5
                        if 4 < far < 11:
                            image.blend(wx + dx, wy + dy, GLOW[1], 0.22 * (1 - far / 11))
    for i in range(16):  # lamps along the parapet
        x = 20 + i * 40
        image.rect(x, top - 20, 1, 14, MID[0])
        image.rect(x - 1, top - 23, 3, 4, GLOW[0])
        image.set(x, top - 22, GLOW[2])
    return image


def reeds():
    image = Canvas(W, 110)
    for i in range(230):
        x, height = int(noise(i, 41) * W), 16 + int(70 * noise(i, 42) ** 2)
        lean = noise(i, 43) * 10 - 5
        tone = mix(color("#0a1519"), color("#17303a"), noise(i, 44))
        for k in range(height):
            sway = int(lean * (k / height) ** 2)
            image.set((x + sway) % W, 109 - k, tone)
            if k < height * 0.5:
                image.set((x + sway + 1) % W, 109 - k, tone)
        if noise(i, 45) < 0.3:
            for k in range(height - 9, height - 1):
                for w in range(3):
                    image.set((x + int(lean * (k / height) ** 2) + w - 1) % W, 109 - k, tone)
    for x in range(W):
        for k in range(6 + int(5 * noise(x // 3, 46))):
            image.set(x, 109 - k, color("#0a1519"))
    return image


def main():
    for name, image in (("sky", sky()), ("hills", hills()), ("weir", weir()), ("reeds", reeds())):
        image.save(f"lantern-weir/pictures/{name}.png")


if __name__ == "__main__":
    main()
