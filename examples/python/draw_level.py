#!/usr/bin/env python3
"""Draws a whole level of a bundle: draw_level.py BUNDLE LEVEL PICTURE.ppm

By docs/format-bundle.md alone, px for px what `lantern BUNDLE --level LEVEL --whole --png` draws.
"""
import math
import sys

from bundle import Bundle, BundleError, rows

MODULE_PX = 24  # of a board of pieces


class Picture:
    """What is drawn on: three bytes a px."""

    def __init__(self, width, height, tone):
        self.width, self.height = width, height
        self.px = bytearray(bytes(tone) * (width * height))
        self._stamps = {}

    def put(self, x, y, tone, alpha):
        if alpha == 0 or not (0 <= x < self.width and 0 <= y < self.height):
            return
        at = 3 * (y * self.width + x)
        for i in range(3):
            self.px[at + i] = (tone[i] * alpha + self.px[at + i] * (255 - alpha)) // 255

    def fill(self, left, top, width, height, tone):
        first, last = max(0, left), min(self.width, left + width)
        if first >= last:
            return
        for y in range(max(0, top), min(self.height, top + height)):
            at = 3 * (y * self.width + first)
            self.px[at:at + 3 * (last - first)] = bytes(tone) * (last - first)

    def frame(self, left, top, width, height, tone):
        self.fill(left, top, width, 1, tone)
        self.fill(left, top + height - 1, width, 1, tone)
        self.fill(left, top, 1, height, tone)
        self.fill(left + width - 1, top, 1, height, tone)

    def copy(self, image, source, place, mirrored=False, upside_down=False, turns=0, alpha=255,
             middle=(0, 0)):
        """A part of an image in a place; see "How px are drawn"."""
        left, top, wide, high = place
        if turns == 0 and alpha == 255:
            return self.stamp(image, source, place, mirrored, upside_down)
        for y in range(high):
            for x in range(wide):
                across = wide - 1 - x if mirrored else x
                down = high - 1 - y if upside_down else y
                sx = source[0] + across * source[2] // wide
                sy = source[1] + down * source[3] // high
                if not (0 <= sx < image.width and 0 <= sy < image.height):
                    continue
                at = 4 * (sy * image.width + sx)
                opacity = image.rgba[at + 3] * alpha // 255
                if opacity == 0:
                    continue
                dx, dy = x - middle[0], y - middle[1]
                for _ in range(turns):
                    dx, dy = -1 - dy, dx
                self.put(left + middle[0] + dx, top + middle[1] + dy, image.rgba[at:at + 3],
                         opacity)

    def stamp(self, image, source, place, mirrored, upside_down):
        """The same, faster: runs of opaque px are put down at once, and kept for the next tile."""
        left, top, wide, high = place
        key = (id(image), source, wide, high, mirrored, upside_down)
        if key not in self._stamps:
            self._stamps[key] = runs_of(image, source, wide, high, mirrored, upside_down)
        for x, y, tones, opacity in self._stamps[key]:
            x, y = x + left, y + top
            count = len(tones) // 3
            if opacity < 255 or x < 0 or x + count > self.width:
                for i in range(count):
                    self.put(x + i, y, tones[3 * i:3 * i + 3], opacity)
            elif 0 <= y < self.height:
                at = 3 * (y * self.width + x)
                self.px[at:at + 3 * count] = tones

    def write(self, path):
        with open(path, "wb") as file:
            file.write(f"P6 {self.width} {self.height} 255\n".encode())
            file.write(self.px)


def runs_of(image, source, wide, high, mirrored, upside_down):
    """Px side by side of one opacity, as (x, y, tones, opacity)."""
    runs = []
    for y in range(high):
        down = high - 1 - y if upside_down else y
        sy = source[1] + down * source[3] // high
        run = None
        for x in range(wide):
            across = wide - 1 - x if mirrored else x
            sx = source[0] + across * source[2] // wide
            at = 4 * (sy * image.width + sx)
            inside = 0 <= sx < image.width and 0 <= sy < image.height
            opacity = image.rgba[at + 3] if inside else 0
            if run and run[3] == opacity:
                run[2] += image.rgba[at:at + 3]
            elif opacity > 0:
                run = [x, y, bytearray(image.rgba[at:at + 3]), opacity]
                runs.append(run)
            else:
                run = None
    return runs


def rounded(value):
    """Half away from zero."""
    return math.floor(value + 0.5) if value >= 0 else math.ceil(value - 0.5)


def tone_of(text, standard=(27, 39, 51)):
    if not text or len(text) != 7:
        return standard
    return tuple(int(text[i:i + 2], 16) for i in (1, 3, 5))


class Drawing:
    def __init__(self, bundle, level):
        self.bundle, self.level = bundle, level
        self.columns, self.rows = level["size"]["columns"], level["size"]["rows"]
        self.cell = (level["cell"]["width"], level["cell"]["height"])
        size = (self.columns * self.cell[0], self.rows * self.cell[1])
        if level["kind"] == "kit":
            size = (self.columns * MODULE_PX, self.rows * MODULE_PX)
        self.picture = Picture(*size, tone_of(level.get("background", {}).get("color")))

    def draw(self):
        if self.level["kind"] == "kit":
            self.draw_plan()
        elif self.level["kind"] == "puzzle":
            self.draw_puzzle(self.level["puzzle"])
        else:
            self.draw_cells()
        return self.picture

    # Levels of cells

    def draw_cells(self):
        level = self.level
        self.draw_sky()
        self.draw_pictures("back")
        self.draw_things("behind-masses")
        if not level["layers"]:
            self.draw_matter()
        for layer in level["layers"]:
            if layer["role"] != "front":
                self.draw_layer(layer)
        self.draw_things("among-cast")
        for layer in level["layers"]:
            if layer["role"] == "front":
                self.draw_layer(layer)
        self.draw_pictures("front")
        self.draw_things("before-front")

    def draw_sky(self):
        background = self.level.get("background", {})
        if not background.get("below"):
            return
        above, below = tone_of(background.get("color")), tone_of(background["below"])
        for y in range(self.picture.height):
            share = (y + 0.5) / self.picture.height
            tone = [int(a + (b - a) * share + 0.5) for a, b in zip(above, below)]
            self.picture.fill(0, y, self.picture.width, 1, tone)

    def draw_pictures(self, role):
        wide, high = self.picture.width, self.picture.height
        for each in self.level.get("pictures", []):
            if each["role"] != role:
                continue
            image = self.bundle.image(each["image"])
            width, height = (wide, high) if each["fit"] == "stretch" else (image.width, image.height)
            # The screen is as large as the level and lies at its corner.
            x, y = 0, 0
            if each["fit"] == "across":
                y = high - height
            elif each["fit"] == "once":
                x, y = (wide - width) / 2, (high - height) / 2
            across = each["fit"] in ("across", "repeat")
            down = each["fit"] == "repeat"
            alpha = each.get("opacity", 100) * 255 // 100
            for top in range(rounded(y), high if down else rounded(y) + 1, height):
                for left in range(rounded(x), wide if across else rounded(x) + 1, width):
                    self.picture.copy(image, (0, 0, image.width, image.height),
                                      (left, top, width, height), alpha=alpha)

    def draw_layer(self, layer):
        image = self.bundle.image(layer["sheet"])
        wide, high = layer["tile"]
        tiles = rows(layer["tiles"], self.columns, self.rows)
        flips = rows(layer["flips"], self.columns, self.rows) if "flips" in layer else None
        moving = {each["tile"]: each["frames"][0] for each in layer.get("animations", [])}
        alpha = layer.get("opacity", 100) * 255 // 100
        for y in range(self.rows):
            for x in range(self.columns):
                tile = tiles[y][x]
                if tile == 0:
                    continue
                number = moving.get(tile, tile) - 1
                source = (number % layer["columns"] * wide, number // layer["columns"] * high,
                          wide, high)
                flip = flips[y][x] if flips else 0
                self.picture.copy(image, source, (x * self.cell[0], y * self.cell[1], *self.cell),
                                  bool(flip & 1), bool(flip & 2), alpha=alpha)

    def draw_matter(self):
        matter = self.level["matter"]
        cells = rows(matter["cells"], self.columns, self.rows)
        forms = rows(matter["forms"], self.columns, self.rows)
        for y in range(self.rows):
            for x in range(self.columns):
                if cells[y][x] == 0:
                    continue
                tone = tone_of(matter["colors"][cells[y][x]], (89, 100, 108))
                form = matter["formNames"][forms[y][x]]
                for j in range(self.cell[1]):
                    for i in range(self.cell[0]):
                        if fills(form, i, j, *self.cell):
                            self.picture.put(x * self.cell[0] + i, y * self.cell[1] + j, tone, 255)

    # Things

    def draw_things(self, order):
        things = [each for each in self.level["entities"]
                  if each.get("look", {}).get("order", "among-cast") == order]
        things.sort(key=lambda each: each.get("look", {}).get("place", 0))
        for each in things:
            self.draw_thing(each)
        if order == "among-cast":
            self.draw_what_goes()

    def draw_thing(self, thing):
        role = thing["role"]
        if role in ("spawn", "entry", "trigger", "formation", "turn-mark"):
            return
        if role == "foe" and "patrol" in thing and not self.is_timed(thing):
            return  # it goes about
        box = (thing["x"], thing["y"], thing["width"], thing["height"])
        alpha = 255
        if role == "mover":
            mover = next(each for each in self.level["movers"] if each["id"] == thing["id"])
            box = (*mover.get("way", mover["track"])[0], box[2], box[3])
        elif role == "exit" and thing.get("opens"):
            alpha = 120
        elif role in ("hazard", "foe") and "timetable" in thing:
            if not any(start <= 0 < end for start, end in thing["timetable"]["on"]):
                alpha = 60
        self.draw_kind(thing["kind"], box, thing.get("facing") == "left", alpha,
                       thing.get("look", {}))

    @staticmethod
    def is_timed(thing):
        return thing["patrol"]["gait"] == "still" and "timetable" in thing

    def draw_what_goes(self):
        for thing in self.level["entities"]:
            if thing["role"] == "foe" and "patrol" in thing and not self.is_timed(thing):
                # Where its way is not written it is drawn where it begins.
                way, after = thing["way"] or [[thing["x"], thing["y"]]] * 9, 8
                if after >= len(way):
                    after = thing["loopFrom"] + (after - thing["loopFrom"]) % (
                        len(way) - thing["loopFrom"])
                self.draw_kind(thing["kind"], (*way[0], thing["width"], thing["height"]),
                               way[after][0] < way[0][0], 255, thing.get("look", {}))
        for thing in self.level["entities"]:
            if thing["role"] == "thrower":
                self.draw_shots(thing)
        for thing in self.level["entities"]:
            formation = thing.get("formation")
            if not formation or thing["role"] != "formation":
                continue
            for member in formation["members"] or []:
                self.draw_kind(formation["member"],
                               (*member["way"][0], member["width"], member["height"]))

    def draw_shots(self, thing):
        thrower = thing["thrower"]
        age = -thrower.get("first", 0)
        ages = []
        while age < len(thrower["flight"]):
            if age >= 0:
                ages.append(age)
            age += thrower["every"]
        wide, high = thrower["shot"].get("width", 6), thrower["shot"].get("height", 6)
        for age in ages:
            x, y = thrower["flight"][age]
            self.picture.fill(x, y, wide, high, (240, 112, 90))
            if wide > 2 and high > 2:
                kind = self.bundle.kinds.get(thing["kind"], {})
                self.picture.fill(x + 1, y + 1, wide - 2, high - 2,
                                  tone_of(kind.get("color"), (240, 236, 220)))

    def draw_kind(self, kind_id, box, mirrored=False, alpha=255, look=None):
        look = look or {}
        kind = self.bundle.kinds.get(kind_id, {})
        sprite = look.get("sprite") or kind.get("sprite")
        left, top, wide, high = box
        if not sprite:
            tone = tone_of(kind.get("color"), (224, 166, 58))
            for y in range(top, top + high):
                for x in range(left, left + wide):
                    self.picture.put(x, y, tone, alpha)
            return
        mirrored = mirrored != look.get("mirrored", False)
        image = self.bundle.image(sprite["sheet"])
        source = (*sprite["frames"][0], sprite["width"], sprite["height"])
        scale = look.get("scale", 1)
        middle = (left + wide // 2, top + high // 2)

        def put(part, x, y, width, height):
            x, y = (middle[0] + (x - middle[0]) * scale, middle[1] + (y - middle[1]) * scale)
            self.picture.copy(image, part, (x, y, width * scale, height * scale), mirrored,
                              look.get("upsideDown", False), look.get("quarterTurns", 0), alpha,
                              (middle[0] - x, middle[1] - y))

        place = sprite.get("place")
        if place:
            dx = wide - place["x"] - place["width"] if mirrored else place["x"]
            put(source, left + dx, top + place["y"], place["width"], place["height"])
            return
        longer = 10 * high * sprite["width"] > 22 * wide * sprite["height"]
        wider = 10 * wide * sprite["height"] > 22 * high * sprite["width"]
        step_x = wide if longer or not wider else max(1, high * source[2] // source[3])
        step_y = high if not longer else max(1, wide * source[3] // source[2])
        for y in range(0, high, step_y):
            for x in range(0, wide, step_x):
                w, h = min(step_x, wide - x), min(step_y, high - y)
                put((source[0], source[1], max(1, source[2] * w // step_x),
                     max(1, source[3] * h // step_y)), left + x, top + y, w, h)

    # Boards of pieces

    def draw_plan(self):
        level = self.level
        start = next((each for each in level["entities"] if each["role"] == "spawn"), {})
        storey = start.get("storey", 0)
        width, depth = level["kit"]["module"]
        high = level["kit"]["storey"]
        for floor in range(storey + 1):
            ground, light = floor * high, 1 if floor == storey else 0.35
            for walls in (False, True):
                for solid in level["solids"]:
                    is_wall = solid["sort"] in ("wall", "block")
                    foot = solid["to" if solid["sort"] == "floor" else "from"][2]
                    if is_wall == walls and ground - high / 4 <= foot < ground + high * 3 / 4:
                        self.draw_solid(solid, is_wall, light, width, depth)
        for thing in level["entities"]:
            if thing.get("storey", 0) == storey and thing["role"] != "spawn":
                x = (thing["x"] + thing["width"] / 2) / self.cell[0]
                y = (thing["y"] + thing["height"] / 2) / self.cell[1]
                self.draw_kind(thing["kind"], (
                    int((x - self.columns / 2) * MODULE_PX) + self.picture.width // 2 - 8,
                    int((y - self.rows / 2) * MODULE_PX) + self.picture.height // 2 - 8, 16, 16))

    def draw_solid(self, solid, is_wall, light, width, depth):
        grey = 205 if is_wall else 120 if solid["sort"] == "ramp" else 88
        left, top = self.plan(solid["from"], width, depth)
        right, bottom = self.plan(solid["to"], width, depth)
        wide, high = max(1, right - left), max(1, bottom - top)
        self.picture.fill(left, top, wide, high,
                          [int(grey * light), int((grey + 4) * light), int((grey + 10) * light)])
        if solid["sort"] != "ramp":
            return
        across = solid["up"] in ("right", "left")
        length = wide if across else high
        for i in range(1, 6):
            at = length * i * i // 36
            along = at if solid["up"] in ("left", "up") else length - at
            if across:
                self.picture.fill(left + along, top, 1, high, (60, 66, 74))
            else:
                self.picture.fill(left, top + along, wide, 1, (60, 66, 74))

    def plan(self, point, width, depth):
        return (int((point[0] / width - self.columns / 2) * MODULE_PX + self.picture.width / 2),
                int((point[1] / depth - self.rows / 2) * MODULE_PX + self.picture.height / 2))

    # Puzzle levels

    def draw_puzzle(self, puzzle):
        wide, high = puzzle["slotWidth"], puzzle["slotHeight"]
        for slot in puzzle["slots"]:
            self.draw_slot(puzzle, slot, wide, high)
        pitch = self.pitches(puzzle)
        for counter in puzzle["counters"]:
            if counter["slot"] is not None:
                self.draw_counter(puzzle, counter, pitch)
        for i, stack in enumerate(puzzle["rule"].get("queue", [])[:5]):
            self.picture.fill(6, 24 + 34 * i, 26, 30, (40, 46, 50))
            if i == 0:
                self.picture.frame(6, 24, 26, 30, (240, 240, 230))
            self.draw_stack(puzzle, stack, 6, 24 + 34 * i, 26, 30)

    def draw_slot(self, puzzle, slot, wide, high):
        if slot["state"] == "gone":
            return
        x, y = slot["corner"]
        locked = slot["state"] == "locked"
        tone = (120, 96, 44) if locked else (52, 58, 62) if slot["state"] == "blocked" else (
            206, 203, 190)
        if slot.get("outline"):
            self.draw_polygon(slot["outline"], tone)
        else:
            self.picture.fill(x, y, wide, high, tone)
        if slot.get("marks"):
            self.picture.fill(slot["centre"][0] - 4, y + 4, 8, 4, (138, 84, 140))
        for notch in range(min(10, slot.get("price", 0)) if locked else 0):
            self.picture.fill(x + 6 + notch % 5 * 5, y + 8 + notch // 5 * 6, 3, 4, (240, 220, 160))
        self.draw_stack(puzzle, slot.get("stack", []), x, y, wide, high)

    def draw_polygon(self, corners, tone):
        """All px whose middle lies inside: between the first and second crossing, and so on."""
        for y in range(math.floor(min(c[1] for c in corners)),
                       math.ceil(max(c[1] for c in corners))):
            middle = y + 0.5
            crossings = []
            for a, b in zip(corners, corners[1:] + corners[:1]):
                if (a[1] <= middle) != (b[1] <= middle):
                    crossings.append(a[0] + (b[0] - a[0]) * (middle - a[1]) / (b[1] - a[1]))
            crossings.sort()
            for start, end in zip(crossings[::2], crossings[1::2]):
                first = math.ceil(start - 0.5)
                self.picture.fill(first, y, math.ceil(end - 0.5) - first, 1, tone)

    def draw_stack(self, puzzle, stack, x, y, wide, high):
        tones = {each["name"]: tone_of(each["color"], (128, 128, 128)) for each in puzzle["colors"]}
        each_high = min(7.0, high * 0.8 / max(4, len(stack)))
        foot = y + high - 3
        for name in stack:
            self.picture.fill(rounded(x + wide * 0.18), rounded(foot - each_high + 1),
                              rounded(wide * 0.64), rounded(each_high - 1), tones[name])
            foot -= each_high

    @staticmethod
    def pitches(puzzle):
        """px from slot to slot, across and down; of square boards alone."""
        slots = puzzle["slots"]
        columns = puzzle.get("columns", 0)
        across, down = puzzle["slotWidth"], puzzle["slotHeight"]
        if len(slots) > 1:
            across = slots[1]["corner"][0] - slots[0]["corner"][0]
        if len(slots) > columns:
            down = slots[columns]["corner"][1] - slots[0]["corner"][1]
        return across, down

    def draw_counter(self, puzzle, counter, pitch):
        wide, high = puzzle["slotWidth"], puzzle["slotHeight"]
        corner = puzzle["slots"][counter["slot"]]["corner"]
        cells = counter["cells"]
        kind = self.bundle.kinds.get(counter["kind"], {})
        if not kind.get("sprite"):
            return self.draw_token(puzzle, cells, corner, pitch,
                                   tone_of(kind.get("color"), (200, 200, 190)))
        left, right = (pick([0] + [cell[0] for cell in cells]) for pick in (min, max))
        top, bottom = (pick([0] + [cell[1] for cell in cells]) for pick in (min, max))
        x, y = corner[0] + left * pitch[0], corner[1] + top * pitch[1]
        w, h = (right - left) * pitch[0] + wide, (bottom - top) * pitch[1] + high
        if counter["turn"] % 2 == 1:
            x, y, w, h = x + (w - h) / 2, y + (h - w) / 2, h, w
        sprite = kind["sprite"]
        self.picture.copy(self.bundle.image(sprite["sheet"]),
                          (*sprite["frames"][0], sprite["width"], sprite["height"]),
                          (rounded(x), rounded(y), w, h), turns=counter["turn"],
                          middle=(rounded(w / 2), rounded(h / 2)))

    def draw_token(self, puzzle, cells, corner, pitch, tone):
        wide, high = puzzle["slotWidth"], puzzle["slotHeight"]
        for cell in cells:
            x, y = corner[0] + cell[0] * pitch[0], corner[1] + cell[1] * pitch[1]
            self.picture.fill(x + 3, y + 3, wide - 6, high - 6, tone)
            for other in cells:
                step = (other[0] - cell[0], other[1] - cell[1])
                if step == (1, 0):
                    self.picture.fill(x + wide // 2, y + 3, pitch[0], high - 6, tone)
                if step == (0, 1):
                    self.picture.fill(x + 3, y + high // 2, wide - 6, pitch[1], tone)


def fills(form, i, j, width, height):
    """Whether a form fills px (i, j) of a cell: its centre lies in the shape, border included."""
    a, b, one = (2 * i + 1) * height, (2 * height - 2 * j - 1) * width, 2 * width * height
    return {
        "full": True,
        "lower-half": 2 * b <= one, "upper-half": 2 * b >= one,
        "left-half": 2 * a <= one, "right-half": 2 * a >= one,
        "rise-right": b <= a, "rise-left": b <= one - a,
        "rise-right-1of2": 2 * b <= a, "rise-right-2of2": 2 * b <= a + one,
        "rise-left-1of2": 2 * b <= one - a, "rise-left-2of2": 2 * b <= 2 * one - a,
        "hang-right": b >= one - a, "hang-left": b >= a,
    }[form]


def main():
    if len(sys.argv) != 4:
        print("Usage: draw_level.py BUNDLE LEVEL PICTURE.ppm", file=sys.stderr)
        return 2
    try:
        bundle = Bundle(sys.argv[1])
        Drawing(bundle, bundle.level(sys.argv[2])).draw().write(sys.argv[3])
    except (BundleError, OSError, ValueError, KeyError) as problem:
        print(f"draw_level: {problem}", file=sys.stderr)
        return 2
    return 0


if __name__ == "__main__":
    sys.exit(main())
