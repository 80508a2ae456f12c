/** Takes a picture of a play page: node picture.mjs PAGE.html PICTURE.png DRIVER BROWSER. */
import { writeFileSync } from "node:fs";
import { resolve } from "node:path";
import { pathToFileURL } from "node:url";
import { Browser } from "./browser.mjs";

const [page, picture, driver, binary] = process.argv.slice(2);
const browser = await Browser.open(driver, binary);
try {
    await browser.ask("POST", "/window/rect", { width: 1280, height: 943 });
    await browser.goTo(`${pathToFileURL(resolve(page)).href}#replay=wheel-hall`);
    await browser.run("for (let tick = 0; tick < 260; ++tick) rookPage.tick()");
    writeFileSync(picture, await browser.picture());
} finally {
    await browser.close();
}
