/**
 * Typed access to the JSON of exported files: what is not as it should be throws a `LoadError` with
 * one sentence that says what, where and what to do. The same as rook_json.hpp.
 */

export class LoadError extends Error {
    name = "LoadError";
}

/** @returns {never} */
export function refuse(what, where) {
    throw new LoadError(`${what} (${where}). Export the level again.`);
}

export function isObject(value) {
    return typeof value === "object" && value !== null && !Array.isArray(value);
}

export function memberOf(object, key, where) {
    if (!isObject(object)) refuse("An object is wanted here", where);
    if (!Object.hasOwn(object, key)) refuse(`The key "${key}" is missing`, where);
    return object[key];
}

export function textOf(object, key, where, standard) {
    if (standard !== undefined && isObject(object) && !Object.hasOwn(object, key)) return standard;
    const value = memberOf(object, key, where);
    if (typeof value !== "string") refuse("A text is wanted here", `${where}.${key}`);
    return value;
}

export function wholeIn(value, low, high, where) {
    if (!Number.isInteger(value)) refuse("A whole number is wanted here", where);
    if (value < low || value > high) refuse(`The number ${value} is out of its range, ${low} to ${high}`, where);
    return value;
}
export function wholeOf(object, key, low, high, where, standard) {
    if (standard !== undefined && isObject(object) && !Object.hasOwn(object, key)) return standard;
    return wholeIn(memberOf(object, key, where), low, high, `${where}.${key}`);
}
export function yesOf(object, key, standard, where) {
    if (!Object.hasOwn(object, key)) return standard;
    if (typeof object[key] !== "boolean") refuse(`${key} should be true or false`, where);
    return object[key];
}
export function numberOf(object, key, standard, where) {
    if (!Object.hasOwn(object, key)) return standard;
    if (typeof object[key] !== "number") refuse(`${key} should be a number`, where);
    return object[key];
}

export function listOf(object, key, where) {
    const value = memberOf(object, key, where);
    if (!Array.isArray(value)) refuse("A list is wanted here", `${where}.${key}`);
    return value;
}
/** Calls `read(value, where)` for each of a list that may not be there. */
export function eachOf(object, key, where, read, isWanted = false) {
    if (!isWanted && (!isObject(object) || !Object.hasOwn(object, key))) return [];
    return listOf(object, key, where).map((value, i) => read(value, `${where}.${key}[${i}]`, i));
}
export function textsOf(object, key, where, isWanted = false) {
    return eachOf(object, key, where, (value, at) => {
        if (typeof value !== "string") refuse("A text is wanted here", at);
        return value;
    }, isWanted);
}
export function numbersOf(object, key, low, high, most, where) {
    const all = listOf(object, key, where);
    if (all.length > most) refuse(`The list has more than ${most} numbers`, `${where}.${key}`);
    return all.map((value) => wholeIn(value, low, high, `${where}.${key}`));
}
/** Lists of two numbers. */
export function pairsOf(object, key, low, high, where) {
    return listOf(object, key, where).map((pair) => {
        if (!Array.isArray(pair) || pair.length !== 2) refuse("Two numbers are wanted here", `${where}.${key}`);
        return pair.map((value) => wholeIn(value, low, high, `${where}.${key}`));
    });
}

/** The place of a name in a list of names. */
export function placeIn(names, name, where) {
    const place = names.indexOf(name);
    if (place < 0) refuse(`"${name}" is not known here`, where);
    return place;
}
export function namedOf(object, key, names, where) {
    return placeIn(names, textOf(object, key, where), `${where}.${key}`);
}

/** A path of the bundle, with / between its parts. What leads out of it is refused. */
export function pathInside(path, where) {
    const isInside =
        !/[\\:\0]/.test(path) && path.split("/").every((part) => part !== "" && part !== "." && part !== "..");
    if (!isInside) refuse(`The path "${path}" leaves the bundle`, where);
    return path;
}
export function pathOf(object, key, where) {
    return pathInside(textOf(object, key, where), `${where}.${key}`);
}

export function checkHeader(object, format, where) {
    if (textOf(object, "format", where) !== format) refuse(`The format is not ${format}`, where);
    if (wholeOf(object, "version", 1, 0x7fffffff, where) > 1)
        refuse("The version is newer than this loader, which reads 1", where);
}

/** Rows of numbers that were exported packed: base64 of a zlib stream, unpacked by `unpackRows`. */
class PackedRows {
    constructor(numbers) {
        this.numbers = numbers;
    }
}

/** Exactly so many bytes of a zlib stream in base64; no more are ever kept. */
async function unpackedBytes(text, size, where) {
    let packed;
    try {
        packed = Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
    } catch {
        refuse("Base64 is wanted here", where);
    }
    const bytes = new Uint8Array(size);
    let got = 0;
    const stream = new Blob([packed]).stream().pipeThrough(new DecompressionStream("deflate"));
    const reader = stream.getReader();
    try {
        for (let part = await reader.read(); !part.done; part = await reader.read()) {
            if (got + part.value.length > size) throw new RangeError("too long");
            bytes.set(part.value, got);
            got += part.value.length;
        }
    } catch {
        got = -1;
    }
    if (got !== size) refuse("The packed numbers are damaged, or not as many as the level has cells", where);
    return bytes;
}

async function unpackedRows(value, cells, where) {
    const bits = wholeOf(value, "bits", 8, 32, where);
    if (bits !== 8 && bits !== 16 && bits !== 32) refuse("8, 16 or 32 bits are wanted here", where);
    const bytes = await unpackedBytes(textOf(value, "zlib", where), (cells * bits) / 8, where);
    const view = new DataView(bytes.buffer);
    const at = { 8: (i) => view.getUint8(i), 16: (i) => view.getUint16(2 * i, true), 32: (i) => view.getUint32(4 * i, true) };
    return new PackedRows(Uint32Array.from({ length: cells }, (_, i) => at[bits](i)));
}

/** Unpacks what is packed of a level's file, in place; to be awaited before the level is read. */
export async function unpackRows(file, name) {
    const size = memberOf(file, "size", name);
    const cells = wholeOf(size, "columns", 1, 16384, name) * wholeOf(size, "rows", 1, 16384, name);
    const unpack = async (object, key, where) => {
        if (isObject(object) && isObject(object[key]) && !(object[key] instanceof PackedRows))
            object[key] = await unpackedRows(object[key], cells, `${where}.${key}`);
    };
    for (const key of ["cells", "forms"]) await unpack(file.matter, key, `${name}: matter`);
    for (const layer of Array.isArray(file.layers) ? file.layers : [])
        for (const key of ["tiles", "flips"]) await unpack(layer, key, `${name}: layers`);
    return file;
}

/** All numbers of a list of rows, row by row. */
export function rowsOf(object, key, columns, rowCount, high, where) {
    const all = memberOf(object, key, where);
    const at = `${where}.${key}`;
    if (all instanceof PackedRows) {
        if (all.numbers.length !== columns * rowCount) refuse("The packed numbers are not as many as the cells", at);
        const wrong = all.numbers.find((number) => number > high);
        if (wrong !== undefined) refuse(`The number ${wrong} is out of its range, 0 to ${high}`, at);
        return all.numbers;
    }
    if (!Array.isArray(all)) refuse("A list is wanted here", at);
    if (all.length !== rowCount) refuse(`There are ${all.length} rows and should be ${rowCount}`, at);
    const numbers = new Uint32Array(columns * rowCount);
    all.forEach((row, y) => {
        if (!Array.isArray(row) || row.length !== columns) refuse(`The row should have ${columns} numbers`, `${at}[${y}]`);
        row.forEach((value, x) => (numbers[y * columns + x] = wholeIn(value, 0, high, `${at}[${y}]`)));
    });
    return numbers;
}
