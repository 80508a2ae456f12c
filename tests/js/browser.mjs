/** A browser that is told what to do by the WebDriver protocol (W3C), over its driver's HTTP. */
import { spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

const flags = [
    "--headless=new", "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--window-size=1280,800",
    "--disable-background-networking", "--disable-component-update", "--disable-sync", "--allow-file-access-from-files=false",
];

export class Browser {
    static async open(driver, binary) {
        const browser = new Browser();
        browser.profile = mkdtempSync(join(tmpdir(), "rook-browser-"));
        browser.process = spawn(driver, ["--port=0"], { stdio: ["ignore", "pipe", "ignore"] });
        const port = await new Promise((found, failed) => {
            let said = "";
            browser.process.stdout.on("data", (text) => {
                const started = /started successfully on port (\d+)/.exec((said += text));
                if (started) found(started[1]);
            });
            browser.process.on("exit", () => failed(new Error(`The driver ended: ${said}`)));
        });
        browser.url = `http://127.0.0.1:${port}/session`;
        const options = { binary, args: [...flags, `--user-data-dir=${browser.profile}`] };
        const { sessionId } = await browser.ask("POST", "", {
            capabilities: { alwaysMatch: { "goog:chromeOptions": options, "goog:loggingPrefs": { browser: "ALL" } } },
        });
        browser.url += `/${sessionId}`;
        return browser;
    }
    async ask(method, path, body) {
        const answer = await fetch(this.url + path, { method, body: body && JSON.stringify(body) });
        const { value } = await answer.json();
        if (!answer.ok) throw new Error(value.message);
        return value;
    }
    async goTo(url) {
        // Another place of the same page would not load it anew.
        await this.ask("POST", "/url", { url: "about:blank" });
        await this.ask("POST", "/url", { url });
        for (let tries = 0; tries < 200; ++tries) {
            if (await this.run("return document.body.className")) return;
            await new Promise((done) => setTimeout(done, 50));
        }
        throw new Error("the page does not get ready");
    }
    /** What that script returns. */
    run(script, ...args) {
        return this.ask("POST", "/execute/sync", { script, args });
    }
    /** Keys that go down, stay so for so many ms, and go up again. */
    async hold(keys, ms) {
        const actions = [
            ...keys.map((value) => ({ type: "keyDown", value })), { type: "pause", duration: ms },
            ...keys.map((value) => ({ type: "keyUp", value })),
        ];
        await this.ask("POST", "/actions", { actions: [{ type: "key", id: "keys", actions }] });
    }
    async click(x, y) {
        const actions = [
            { type: "pointerMove", x: Math.round(x), y: Math.round(y), duration: 0 }, { type: "pointerDown", button: 0 },
            { type: "pointerUp", button: 0 },
        ];
        await this.ask("POST", "/actions", { actions: [{ type: "pointer", id: "mouse", actions }] });
    }
    /** The picture of the page, as PNG. */
    async picture() {
        return Buffer.from(await this.ask("GET", "/screenshot"), "base64");
    }
    /** What the page complained of. */
    async complaints() {
        const log = await this.ask("POST", "/se/log", { type: "browser" });
        return log.filter(({ level }) => level === "SEVERE").map(({ message }) => message);
    }
    async close() {
        await this.ask("DELETE", "").catch(() => {});
        this.process.kill();
        rmSync(this.profile, { recursive: true, force: true, maxRetries: 5 });
    }
}
