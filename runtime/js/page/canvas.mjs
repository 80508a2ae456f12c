/** A canvas in px of the game's screen, and the pictures that are drawn on it. */

export const ink = { paper: "#f0ecdc", night: "#10161c", teal: "#1e7f71", faint: "#aab2b4" };

/** Loads pictures by their paths beside the page; what is not there yet is not drawn. */
export class Sheets {
    #images = new Map();

    /** The picture, or null while it is loading or if it cannot be read. */
    of(path) {
        if (!this.#images.has(path)) {
            const image = new Image();
            image.src = path.split("/").map(encodeURIComponent).join("/");
            this.#images.set(path, image);
        }
        const image = this.#images.get(path);
        return image.complete && image.naturalWidth > 0 ? image : null;
    }
    /** Once all of these are there, or are known not to come. */
    async load(paths) {
        const images = [...new Set(paths)].map((path) => (this.of(path), this.#images.get(path)));
        await Promise.all(images.map((image) => image.decode().catch(() => {})));
    }
}

export class Screen {
    /** Px of the game are drawn so large that words are sharp. @param {HTMLCanvasElement} canvas */
    constructor(canvas, width, height) {
        this.canvas = canvas;
        this.width = width;
        this.height = height;
        this.pen = canvas.getContext("2d");
        canvas.style.setProperty("--across", width / height);
        this.fit();
    }
    /** As large as it is shown now, in whole px of the game. */
    fit() {
        const scale = Math.max(1, Math.ceil((this.canvas.clientWidth * devicePixelRatio) / this.width));
        if (this.canvas.width === this.width * scale) return;
        this.canvas.width = this.width * scale;
        this.canvas.height = this.height * scale;
        this.pen.setTransform(scale, 0, 0, scale, 0, 0);
        this.pen.imageSmoothingEnabled = false;
    }
    fill(x, y, width, height, color, alpha = 1) {
        this.pen.globalAlpha = alpha;
        this.pen.fillStyle = color;
        this.pen.fillRect(x, y, width, height);
        this.pen.globalAlpha = 1;
    }
    frame(x, y, width, height, color) {
        this.pen.strokeStyle = color;
        this.pen.lineWidth = 1;
        this.pen.strokeRect(x + 0.5, y + 0.5, width - 1, height - 1);
    }
    /**
     * A part of a picture into a box, mirrored and turned about `middle` (of the box, if it is not
     * said): {isMirrored, isUpsideDown, quarterTurns, alpha, middle: [x, y]}.
     */
    copy(image, from, to, how = {}) {
        const { isMirrored = false, isUpsideDown = false, quarterTurns = 0, alpha = 1 } = how;
        const [middleX, middleY] = how.middle ?? [to.x + to.width / 2, to.y + to.height / 2];
        const { pen } = this;
        pen.save();
        pen.globalAlpha = alpha;
        pen.translate(middleX, middleY);
        pen.rotate((quarterTurns * Math.PI) / 2);
        // Flips are about the box's own middle.
        pen.translate(to.x + to.width / 2 - middleX, to.y + to.height / 2 - middleY);
        pen.scale(isMirrored ? -1 : 1, isUpsideDown ? -1 : 1);
        pen.drawImage(image, from.x, from.y, from.width, from.height, -to.width / 2, -to.height / 2, to.width, to.height);
        pen.restore();
    }
    /** Words in lines no wider than that; gives the height. `align`: left, center, right. */
    words(text, x, y, { color = ink.paper, size = 12, align = "left", width = Infinity, isDrawn = true } = {}) {
        const { pen } = this;
        pen.font = `${size}px system-ui, sans-serif`;
        pen.textAlign = align;
        pen.textBaseline = "top";
        pen.fillStyle = color;
        const lines = text.split("\n").flatMap((paragraph) => {
            const broken = [""];
            for (const word of paragraph.split(" ")) {
                const longer = broken.at(-1) === "" ? word : `${broken.at(-1)} ${word}`;
                if (broken.at(-1) !== "" && pen.measureText(longer).width > width) broken.push(word);
                else broken[broken.length - 1] = longer;
            }
            return broken;
        });
        const step = Math.round(size * 1.35);
        if (isDrawn) lines.forEach((line, i) => pen.fillText(line, x, y + i * step));
        return lines.length * step;
    }
}
