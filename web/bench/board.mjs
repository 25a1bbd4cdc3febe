// How fast a large board is in headless Chromium: 2,000 landings with 4,000 ends. Figures only; the machine is noisy.
// node board.mjs ADDRESS-OF-LACET CODE-OF-THE-FIRST-LEAD
import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { randomUUID } from "node:crypto";
import { chromium } from "@playwright/test";

const [address, code] = process.argv.slice(2);
const slots = 2000;
const middle = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
const say = (what, ms, aim) => console.log(`${what}: ${ms.toFixed(0)} ms (aim ${aim})`);

/** A panel of 40 strips of 50 slots, each taking two: every wire goes from one to the next but seven. */
function job() {
  const panel = { id: randomUUID(), order: 1, name: "P", form: "panel" };
  const devices = Array.from({ length: slots / 50 }, (_, i) => ({
    id: randomUUID(),
    order: i + 1,
    enclosureId: panel.id,
    name: `X${i + 1}`,
    type: "block",
  }));
  const landings = Array.from({ length: slots }, (_, i) => {
    const device = devices[Math.floor(i / 50)];
    return {
      id: randomUUID(),
      order: i + 1,
      enclosureId: panel.id,
      deviceId: device.id,
      name: `${device.name}:${(i % 50) + 1}`,
      landing: { kind: "push-in-block", leastMm2: 0.2, mostMm2: 4, stripDepthMm: 10, takesTwo: true },
      identity: "none",
      side: "none",
      half: "none",
      spare: false,
    };
  });
  const hues = ["blue", "black", "red", "violet", "white", "orange"];
  const wires = Array.from({ length: slots }, (_, i) => ({
    id: randomUUID(),
    order: i + 1,
    name: `${i + 1}`,
    conductor: { size: "1.5 mm²", build: "fine-stranded", material: "copper" },
    colour: hues[i % hues.length],
    function: "signal",
    inCord: false,
    retired: false,
    a: { id: randomUUID(), landingId: landings[i].id },
    b: { id: randomUUID(), landingId: landings[(i + 7) % slots].id },
  }));
  const title = { id: randomUUID(), order: 1, name: "Large", purpose: "work" };
  return {
    format: "lacet-job/1",
    job: title,
    enclosures: [panel],
    devices,
    landings,
    circuits: [],
    wires,
    acceptances: [],
  };
}

/** Resident memory of the largest renderer, MB. */
function rendererMemory() {
  const pids = execFileSync("pgrep", ["-f", "type=renderer"], { encoding: "utf-8" }).trim().split("\n");
  return Math.max(
    ...pids.map((pid) => {
      try {
        return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf-8"))?.[1] ?? 0) / 1024;
      } catch {
        return 0;
      }
    }),
  );
}

const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
  ],
});
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });

let token = "";
const json = async (path, data) => {
  const answer = await context.request.post(new URL(path, address).href, {
    headers: { "Content-Type": "application/json", "X-Lacet-Token": token },
    data,
  });
  if (!answer.ok()) throw new Error(`${path}: ${answer.status()} ${await answer.text()}`);
  return answer.json();
};

({ token } = await json("/api/session/code", { name: "Bench", code, password: "three odd words" }));
const document_ = job();
await json("/api/jobs/document", document_);
const page = await context.newPage();

const drawn = async (path) => {
  const started = performance.now();
  await page.goto(new URL(path, address).href);
  await page.locator("[data-board] path").first().waitFor({ state: "attached" });
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
  return performance.now() - started;
};

/** From a tap on the place in the rail to the drawing, the program loaded already; on the page’s own clock. */
const opened = async () => {
  await page.goto(new URL("/jobs", address).href);
  await page.locator("[data-job]").first().waitFor();
  await page.evaluate(() => {
    window.lacetOpened = new Promise((done) => {
      let tapped = 0;
      window.addEventListener("click", (event) => (tapped = event.timeStamp), { once: true, capture: true });
      new MutationObserver((_, observer) => {
        if (!document.querySelector("[data-device] path")) return;
        observer.disconnect();
        requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now() - tapped)));
      }).observe(document.body, { subtree: true, childList: true });
    });
  });
  await page.getByRole("link", { name: "Board", exact: true }).click();
  return page.evaluate(() => window.lacetOpened);
};

await drawn(`/board/${document_.job.id}`);
const first = [];
for (let i = 0; i < 5; i++) first.push(await opened());
say("Board of 2,000 landings and 4,000 ends, from the tap to its first drawing", middle(first), "500");

/** Frames a second while something moves on every frame. */
const frames = (what) =>
  page.evaluate(
    (kind) =>
      new Promise((done) => {
        const board = document.querySelector("[data-board]");
        const box = board.getBoundingClientRect();
        const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
        const pointer = (type, dx, dy) =>
          board.dispatchEvent(
            new PointerEvent(type, {
              bubbles: true,
              pointerId: 1,
              clientX: x + dx,
              clientY: y + dy,
              isPrimary: true,
              button: 0,
            }),
          );
        board.setPointerCapture = () => undefined;
        if (kind === "pan") pointer("pointerdown", 300, 200);
        let count = 0;
        const started = performance.now();
        const step = () => {
          const at = performance.now() - started;
          count += 1;
          if (at > 3000) {
            if (kind === "pan") pointer("pointerup", 0, 0);
            done(count / (at / 1000));
            return;
          }
          if (kind === "pan")
            pointer("pointermove", 300 * Math.cos(at / 400), 200 * Math.sin(at / 300) - at / 10);
          else
            board.dispatchEvent(
              new WheelEvent("wheel", {
                bubbles: true,
                cancelable: true,
                clientX: x,
                clientY: y,
                deltaY: 30 * Math.sin(at / 500),
              }),
            );
          requestAnimationFrame(step);
        };
        requestAnimationFrame(step);
      }),
    what,
  );
await page.keyboard.press("Escape");
for (const level of ["far", "middle", "near"]) {
  await page.locator("[data-board]").focus();
  await page.keyboard.press("0");
  for (let i = 0; i < { far: 0, middle: 3, near: 6 }[level]; i++) await page.keyboard.press("+");
  await page.waitForTimeout(400);
  const seen = await page.locator("[data-board]").getAttribute("data-level");
  console.log(
    `  seen ${seen}: panning ${(await frames("pan")).toFixed(0)}, zooming ${(await frames("zoom")).toFixed(0)} frames a second (aim 50)`,
  );
}

// An edit, from Enter to its redraw with new findings.
await page.locator("[data-board]").focus();
await page.keyboard.press("0");
const edits = [];
for (let i = 0; i < 15; i++) {
  await page.getByLabel(/Find a slot/).fill(`X3:${i + 5}`);
  await page.keyboard.press("Enter");
  await page.locator(`[data-slot-panel="X3:${i + 5}"]`).waitFor();
  const field = page.getByLabel("Lands at");
  await field.fill(`P/X4:${i + 9}`);
  // A hand types slower than the panel reads what it shows.
  await page.waitForTimeout(500);
  await page.evaluate(() => {
    window.lacetEdit = new Promise((done) => {
      let started = 0;
      window.addEventListener("keydown", (event) => (started = event.timeStamp), {
        once: true,
        capture: true,
      });
      new MutationObserver((_, observer) => {
        observer.disconnect();
        // Painted: the first task after the frame that draws it.
        requestAnimationFrame(() => {
          const after = new MessageChannel();
          after.port1.onmessage = () => done(performance.now() - started);
          after.port2.postMessage(null);
        });
      }).observe(document.querySelector("[data-board]"), { attributeFilter: ["data-sequence"] });
    });
  });
  await field.press("Enter");
  edits.push(await page.evaluate(() => window.lacetEdit));
}
say("An edit to its redraw with new findings, the middle of fifteen", middle(edits), "100");
console.log(`  the first, before the server is warm: ${edits[0].toFixed(0)} ms`);
const tools = await page.context().newCDPSession(page);
await tools.send("HeapProfiler.collectGarbage");
const heap = await page.evaluate(() => performance.memory.usedJSHeapSize / 1048576);
console.log(
  `Memory of the tab: ${heap.toFixed(0)} MB of objects, ${rendererMemory().toFixed(0)} MB resident (aim 250)`,
);
await browser.close();
