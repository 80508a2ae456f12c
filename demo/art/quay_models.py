#!/usr/bin/env python3
"""Builds the models of the demo's kit, kits/models/NAME.glb, each with its materials, made for this project.

Needs the standard library only. Run it from the folder demo/ after changing a piece: it reads the cells, walls and
ports of lantern-weir/kits/quay.json, which names the models.
"""
import json
import pathlib
import struct
import tempfile

from canvas import Canvas, color, mix, noise

KIT = pathlib.Path("lantern-weir/kits/quay.json")
MODULE, STOREY, SLAB, WALL = 4.0, 3.0, 0.2, 0.32
SIDES = ["right", "down", "left", "up"]
PICTURE_UNITS = 2.0  # that a picture is wide


def stone(seed, light, dark):
    canvas = Canvas(64, 64, color(light))
    for y in range(64):
        for x in range(64):
            row, shift = y // 16, 16 if (y // 16) % 2 else 0
            joint = y % 16 == 0 or (x + shift) % 32 == 0
            worn = noise(seed, x // 3, y // 3) * 0.35 + noise(seed, x, y) * 0.2
            block = noise(seed, row, (x + shift) // 32) * 0.25
            canvas.set(x, y, mix(color(light), color(dark), min(1.0, worn + block + (0.45 if joint else 0))))
    return canvas


def planks(seed, light, dark):
    canvas = Canvas(64, 64, color(light))
    for y in range(64):
        for x in range(64):
            board = x // 16
            grain = noise(seed, board, x, y // 9) * 0.35 + noise(seed, board) * 0.3
            joint = x % 16 == 0 or (y + 23 * board) % 64 == 0
            canvas.set(x, y, mix(color(light), color(dark), min(1.0, grain + (0.6 if joint else 0))))
    return canvas


MATERIALS = {
    "wet stone": (stone(1, "#aab4bd", "#5d6870"), 0.55, 0),
    "worn stone": (stone(2, "#9aa3a8", "#59625f"), 0.85, 0),
    "dark stone": (stone(3, "#76818b", "#3d464e"), 0.7, 0),
    "boards": (planks(4, "#b98f5c", "#6a4a2b"), 0.9, 0),
    "beams": (planks(5, "#8a673f", "#4a331e"), 0.9, 0),
    "brass": (None, 0.35, 1),
}
TONES = {"brass": (0.79, 0.62, 0.28)}


class Model:
    """Boxes and wedges in units from the pivot: x across, y up, z down the plan."""

    def __init__(self, pivot):
        self.pivot = pivot
        self.faces = {}  # by material: (corners, normal)

    def quad(self, material, corners, normal):
        px, pz = self.pivot
        moved = [(x - px, y, z - pz) for x, y, z in corners]
        self.faces.setdefault(material, []).append((moved, normal))

    def box(self, material, x0, x1, y0, y1, z0, z1):
        self.quad(material, [(x0, y1, z0), (x0, y1, z1), (x1, y1, z1), (x1, y1, z0)], (0, 1, 0))
        self.quad(material, [(x0, y0, z0), (x1, y0, z0), (x1, y0, z1), (x0, y0, z1)], (0, -1, 0))
        self.quad(material, [(x1, y0, z0), (x1, y1, z0), (x1, y1, z1), (x1, y0, z1)], (1, 0, 0))
        self.quad(material, [(x0, y0, z0), (x0, y0, z1), (x0, y1, z1), (x0, y1, z0)], (-1, 0, 0))
        self.quad(material, [(x0, y0, z1), (x1, y0, z1), (x1, y1, z1), (x0, y1, z1)], (0, 0, 1))
        self.quad(material, [(x0, y0, z0), (x0, y1, z0), (x1, y1, z0), (x1, y0, z0)], (0, 0, -1))

    def slope(self, material, x0, x1, low, high, ground, z0, z1):
        rise = high - low
        length = (rise * rise + (x1 - x0) ** 2) ** 0.5
        self.quad(material, [(x0, low, z0), (x0, low, z1), (x1, high, z1), (x1, high, z0)],
                  (-rise / length, (x1 - x0) / length, 0))
        self.quad(material, [(x1, ground, z0), (x1, high, z0), (x1, high, z1), (x1, ground, z1)], (1, 0, 0))
        self.quad(material, [(x0, ground, z0), (x1, ground, z0), (x1, ground, z1), (x0, ground, z1)], (0, -1, 0))
        if low > ground:
            self.quad(material, [(x0, ground, z0), (x0, ground, z1), (x0, low, z1), (x0, low, z0)], (-1, 0, 0))
        self.quad(material, [(x0, ground, z1), (x1, ground, z1), (x1, high, z1), (x0, low, z1)], (0, 0, 1))
        self.quad(material, [(x0, ground, z0), (x0, low, z0), (x1, high, z0), (x1, ground, z0)], (0, 0, -1))


def along(side, x, z, inner, outer, first, last):
    """A box's sides along that side of the module at (x, z): so far in, from first to last along it."""
    if side == "up":
        return x + first, x + last, z + outer, z + inner
    if side == "down":
        return x + first, x + last, z + MODULE - inner, z + MODULE - outer
    if side == "left":
        return x + outer, x + inner, z + first, z + last
    return x + MODULE - inner, x + MODULE - outer, z + first, z + last


def add_wall(model, side, x, z, ground):
    x0, x1, z0, z1 = along(side, x, z, WALL, 0, 0, MODULE)
    model.box("wet stone", x0, x1, ground, ground + STOREY - SLAB - 0.2, z0, z1)
    x0, x1, z0, z1 = along(side, x, z, WALL + 0.06, 0, 0, MODULE)
    model.box("dark stone", x0, x1, ground + STOREY - SLAB - 0.2, ground + STOREY - SLAB, z0, z1)


def add_railing(model, side, x, z, at):
    """Posts and two rails, which follow the floor; `at` gives its height along the side."""
    for i in range(4):
        middle = 0.5 + i
        x0, x1, z0, z1 = along(side, x, z, 0.24, 0.08, middle - 0.08, middle + 0.08)
        model.box("beams", x0, x1, at(middle) - 0.1, at(middle) + 1.15, z0, z1)
    for low, high in ((0.5, 0.62), (1.0, 1.14)):
        steps = 1 if at(0) == at(MODULE) else 8
        for i in range(steps):
            first, last = MODULE * i / steps, MODULE * (i + 1) / steps
            x0, x1, z0, z1 = along(side, x, z, 0.22, 0.1, first, last)
            middle = at((first + last) / 2)
            model.box("boards", x0, x1, middle + low, middle + high, z0, z1)


def add_floor(model, piece, x, z, ground, is_quay, across):
    if is_quay:
        for i in range(2):
            middle = 1 + 2 * i
            beam = (x, x + MODULE, z + middle - 0.14, z + middle + 0.14) if across else \
                (x + middle - 0.14, x + middle + 0.14, z, z + MODULE)
            model.box("beams", beam[0], beam[1], ground - SLAB, ground - 0.09, beam[2], beam[3])
        for i in range(8):
            first, last = i * 0.5 + 0.015, i * 0.5 + 0.485
            board = (x + first, x + last, z, z + MODULE) if across else (x, x + MODULE, z + first, z + last)
            model.box("boards", board[0], board[1], ground - 0.09, ground, board[2], board[3])
        return
    worn = piece["name"] == "flags-worn"
    model.box("dark stone", x, x + MODULE, ground - SLAB, ground - 0.05, z, z + MODULE)
    for row in range(2):
        for column in range(2):
            x0, z0 = x + column * 2 + 0.02, z + row * 2 + 0.02
            lower = 0.02 if worn and (row + column) % 2 else 0
            model.box("worn stone" if worn else "wet stone", x0, x0 + 1.96, ground - 0.05, ground - lower, z0, z0 + 1.96)


def built(piece):
    model = Model((piece["pivot"][0] * MODULE / 2, piece["pivot"][1] * MODULE / 2))
    profiles = {port["profile"] for port in piece["ports"]}
    is_quay = "yard" not in profiles and piece["name"] != "cellar-flags"
    sides = {port["side"] for port in piece["ports"]}
    for cell in piece["cells"]:
        x, z = cell["at"][0] * MODULE, cell["at"][1] * MODULE
        ground = cell.get("storey", 0) * STOREY
        low, rise = ground + cell.get("height", 0), cell.get("rise", 0)
        surface = cell.get("surface", "flat")
        if surface == "none":
            continue
        if surface == "flat":
            add_floor(model, piece, x, z, low, is_quay, bool(sides & {"left", "right"}))
        elif surface == "ramp":
            model.slope("dark stone", x, x + MODULE, low, low + rise, ground - SLAB, z, z + MODULE)
        else:
            count = 12
            for i in range(count):
                model.box("wet stone", x + MODULE * i / count, x + MODULE * (i + 1) / count, ground - SLAB,
                          low + rise * (i + 1) / count, z, z + MODULE)
        for side in cell.get("walls", []):
            if is_quay:
                add_railing(model, side, x, z, lambda s, low=low, rise=rise: low + rise * s / MODULE)
            else:
                add_wall(model, side, x, z, ground)
    if piece["name"] == "frame":
        for first, last in ((0, 0.9), (MODULE - 0.9, MODULE)):
            x0, x1, z0, z1 = along("up", 0, 0, 0.4, 0, first, last)
            model.box("dark stone", x0, x1, 0, 2.3, z0, z1)
        x0, x1, z0, z1 = along("up", 0, 0, 0.4, 0, 0, MODULE)
        model.box("wet stone", x0, x1, 2.3, STOREY - SLAB, z0, z1)
        x0, x1, z0, z1 = along("up", 0, 0, 0.46, 0, 1.8, 2.2)
        model.box("brass", x0, x1, 2.2, 2.45, z0, z1)
    return model


def place_of(corner, normal):
    """Where in its picture a corner is: by the two axes across which the face lies."""
    x, y, z = corner
    if abs(normal[1]) > 0.6:
        return x / PICTURE_UNITS, z / PICTURE_UNITS
    return (z if abs(normal[0]) > 0.6 else x) / PICTURE_UNITS, -y / PICTURE_UNITS


def png_of(canvas):
    with tempfile.NamedTemporaryFile(suffix=".png") as file:
        canvas.save(file.name)
        return pathlib.Path(file.name).read_bytes()


def glb_of(model, name):
    blob, views, accessors = bytearray(), [], []

    def add_view(data, target=None):
        blob.extend(b"\0" * (-len(blob) % 4))
        view = {"buffer": 0, "byteOffset": len(blob), "byteLength": len(data)}
        if target:
            view["target"] = target
        blob.extend(data)
        views.append(view)
        return len(views) - 1

    def add_floats(rows, kind):
        accessor = {"bufferView": add_view(b"".join(struct.pack(f"<{len(r)}f", *r) for r in rows), 34962),
                    "componentType": 5126, "count": len(rows), "type": kind}
        if kind == "VEC3":
            accessor["min"] = [min(column) for column in zip(*rows)]
            accessor["max"] = [max(column) for column in zip(*rows)]
        accessors.append(accessor)
        return len(accessors) - 1

    images, textures, materials, primitives = [], [], [], []
    for material, faces in sorted(model.faces.items()):
        canvas, roughness, metallic = MATERIALS[material]
        plain = {"roughnessFactor": roughness, "metallicFactor": metallic}
        if canvas:
            images.append({"bufferView": add_view(png_of(canvas)), "mimeType": "image/png"})
            textures.append({"source": len(images) - 1})
            plain["baseColorTexture"] = {"index": len(textures) - 1}
        else:
            plain["baseColorFactor"] = [value ** 2.2 for value in TONES[material]] + [1]
        materials.append({"name": material, "pbrMetallicRoughness": plain})
        points, normals, places, order = [], [], [], []
        for corners, normal in faces:
            first = len(points)
            points += [tuple(struct.unpack("<f", struct.pack("<f", value))[0] for value in c) for c in corners]
            normals += [normal] * 4
            places += [place_of(c, normal) for c in corners]
            order += [first, first + 1, first + 2, first, first + 2, first + 3]
        accessors.append({"bufferView": add_view(struct.pack(f"<{len(order)}H", *order), 34963),
                          "componentType": 5123, "count": len(order), "type": "SCALAR"})
        primitives.append({"indices": len(accessors) - 1, "material": len(materials) - 1,
                           "attributes": {"POSITION": add_floats(points, "VEC3"),
                                          "NORMAL": add_floats(normals, "VEC3"),
                                          "TEXCOORD_0": add_floats(places, "VEC2")}})
    gltf = {"asset": {"version": "2.0", "generator": "quay_models.py"}, "scene": 0, "scenes": [{"nodes": [0]}],
            "nodes": [{"mesh": 0, "name": name}], "meshes": [{"name": name, "primitives": primitives}],
            "materials": materials, "accessors": accessors, "bufferViews": views, "buffers": [{"byteLength": len(blob)}]}
    if images:
        gltf.update(images=images, textures=textures)
    text = json.dumps(gltf, separators=(",", ":")).encode()
    text += b" " * (-len(text) % 4)
    blob.extend(b"\0" * (-len(blob) % 4))
    chunks = struct.pack("<II", len(text), 0x4E4F534A) + text + struct.pack("<II", len(blob), 0x004E4942) + bytes(blob)
    return struct.pack("<III", 0x46546C67, 2, 12 + len(chunks)) + chunks


def main():
    pieces = json.loads(KIT.read_text())["pieces"]
    folder = KIT.parent / "models"
    folder.mkdir(exist_ok=True)
    for piece in pieces:
        name = piece["name"]
        (folder / f"{name}.glb").write_bytes(glb_of(built(piece), name))
    missing = [piece["name"] for piece in pieces if "model" not in piece]
    if missing:
        print("name their models in", KIT, "for", ", ".join(missing))


if __name__ == "__main__":
    main()
