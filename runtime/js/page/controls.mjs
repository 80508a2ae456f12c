/** Keys, touch buttons and a gamepad, as `PlayerKeys`. */
import { jumpBuffer, PlayerKeys } from "../parts/player.mjs";

const keyNames = {
    ArrowLeft: "left", KeyA: "left", ArrowRight: "right", KeyD: "right", ArrowUp: "up", KeyW: "up", ArrowDown: "down",
    KeyS: "down", Space: "jump", KeyE: "use", KeyQ: "swap",
};
const padButtons = { 0: "jump", 2: "use", 3: "swap", 12: "up", 13: "down", 14: "left", 15: "right" };

export class Controls {
    keys = new PlayerKeys();
    /** Called when a key or a button says "go on"; true if that is all it was for. */
    onGoOn = () => false;
    #held = new Map();
    #padHeld = new Set();

    constructor(buttons) {
        addEventListener("keydown", (event) => {
            // Buttons and the list of levels keep their own keys.
            if (event.target.closest?.("button, select")) return;
            if (event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
            if ((event.code === "Space" || event.code === "Enter") && this.onGoOn()) return event.preventDefault();
            if (keyNames[event.code]) {
                this.#press(keyNames[event.code], event.code);
                event.preventDefault();
            }
        });
        addEventListener("keyup", (event) => this.#held.delete(event.code));
        addEventListener("blur", () => this.#held.clear());
        for (const button of buttons) {
            button.addEventListener("pointerdown", (event) => {
                button.setPointerCapture(event.pointerId);
                event.preventDefault();
                if (button.dataset.key === "jump" && this.onGoOn()) return;
                this.#press(button.dataset.key, button);
            });
            for (const end of ["pointerup", "pointercancel"])
                button.addEventListener(end, () => this.#held.delete(button));
        }
    }
    #press(name, by) {
        this.#held.set(by, name);
        if (name === "jump") this.keys.jumpBufferTicks = jumpBuffer;
        if (name === "swap") this.keys.swapBufferTicks = jumpBuffer;
    }
    /** What is held now; once a tick. */
    read() {
        this.#readPads();
        const held = new Set(this.#held.values());
        for (const name of ["left", "right", "up", "down", "jump", "use"]) this.keys[name] = held.has(name);
        return this.keys;
    }
    #readPads() {
        const now = new Set();
        for (const pad of navigator.getGamepads?.() ?? []) {
            if (!pad) continue;
            pad.buttons.forEach((button, i) => button.pressed && padButtons[i] && now.add(padButtons[i]));
            const [across = 0, down = 0] = pad.axes;
            if (across < -0.4) now.add("left");
            if (across > 0.4) now.add("right");
            if (down < -0.5) now.add("up");
            if (down > 0.5) now.add("down");
        }
        for (const name of now) {
            if (this.#padHeld.has(name)) continue;
            if (name === "jump" && this.onGoOn()) continue;
            this.#press(name, `pad ${name}`);
        }
        for (const name of this.#padHeld) if (!now.has(name)) this.#held.delete(`pad ${name}`);
        this.#padHeld = now;
    }
}
