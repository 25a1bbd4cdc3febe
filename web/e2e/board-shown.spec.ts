import { readFile } from "node:fs/promises";
import { expect, test } from "@playwright/test";
import { fromMenu } from "./bench";
import { at, boxOf, open, told } from "./boards";
import { JobsOf } from "./jobs";

test("touch: two fingers zoom, a tap opens; at 360 px nothing is cut off", async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 360, height: 740 }, hasTouch: true });
  const page = await context.newPage();
  await open(page);
  const slot = await at(page, "X1:1");
  // Two fingers, one on each side of the slot, drawn apart to three times their distance.
  const hands = await context.newCDPSession(page);
  const fingers = (apart: number) => [-apart, apart].map((by, id) => ({ x: slot.x + by, y: slot.y, id }));
  const width = async () => (await boxOf(page, "X1:1")).width;
  const before = await width();
  await hands.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: fingers(20) });
  for (const apart of [30, 40, 50, 60]) {
    await hands.send("Input.dispatchTouchEvent", { type: "touchMove", touchPoints: fingers(apart) });
  }
  await hands.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
  await expect.poll(async () => (await width()) / before).toBeGreaterThan(2);
  await expect(page.locator("[data-slot-panel]")).toHaveCount(0);
  await page.getByRole("button", { name: /^Fit/ }).tap();
  await expect.poll(async () => (await width()) / before).toBeLessThan(1.2);
  const again = await at(page, "X1:1");
  await page.touchscreen.tap(again.x, again.y);
  await expect(page.locator("[data-slot-panel]")).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await context.close();
});

test("one enclosure a page on paper, with its legend; and as an SVG that stands by itself", async ({
  page,
}) => {
  const name = await open(page);
  await fromMenu(page, "More for this board", "Print");
  await expect(page.locator("[data-sheet=DCP]")).toBeVisible();
  await expect(page.locator("[data-sheet=BOX]")).toBeVisible();
  await expect(page.getByRole("group", { name: "Legend" })).toHaveCount(2);
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString("latin1").match(/\/Type\s*\/Page[^s]/g)).toHaveLength(2);
  const download = page.waitForEvent("download");
  await page.getByRole("region", { name: "DCP" }).getByRole("button", { name: "SVG" }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe(`${name} DCP.svg`);
  const svg = await readFile(await file.path(), "utf-8");
  expect(svg).toContain("<svg");
  expect(svg).not.toContain("var(");
  expect(svg).toContain("1 · 2.5 mm² · control +");
});

test("a board that cannot draw much still draws: nothing in it, endless names, right to left", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Odd ${Date.now()}`, "Mara Quist");
  await page.getByRole("link", { name: "Board", exact: true }).click();
  await expect(page.getByText("This job has no enclosure yet.")).toBeVisible();
  await page.goBack();
  const long = "L".repeat(190);
  await jobs.type("new", "Wire", "7-לוח");
  await jobs.type("7-לוח", "From", `DCP/${long}`);
  await jobs.type("7-לוח", "To", "DCP/מהדק:3");
  await page.getByRole("link", { name: "Board", exact: true }).click();
  await expect.poll(() => at(page, long).catch(() => null)).not.toBeNull();
  await page.getByLabel(/^Find \(/).fill("מהדק");
  await page.keyboard.press("Enter");
  await expect(told(page)).toContainText("7-לוח");
});
