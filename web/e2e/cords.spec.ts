import { readFile } from "node:fs/promises";
import { expect, test, type Page } from "@playwright/test";
import { JobsOf } from "./jobs";
import { openTab } from "./keys";

// Something old or unknown: looked over, sized, told apart, fitted with a plug, mapped pin by pin, kept in a job.

const verdict = (page: Page) => page.locator("[data-cord-verdict]");

test("a cord is looked over: each cue moves the verdict, prices are one's own, and it is kept in a job", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  const job = `Cords ${Date.now()}`;
  await jobs.make(job, "Mara Quist");
  await page.keyboard.press("3");
  await expect(page).toHaveURL(/\/cords/);
  // Nobody has looked yet: a cord is fit once all six places were looked at.
  await expect(verdict(page)).toHaveAttribute("data-cord-verdict", "look-first");
  for (const sound of await page.getByLabel("Looked: sound").all()) await sound.check();
  await expect(verdict(page)).toHaveAttribute("data-cord-verdict", "keep");
  await page.getByRole("button", { name: "Where the cord leaves it" }).click();
  await page.getByLabel("Jacket pulled out of the plug").check();
  await expect(verdict(page)).toContainText("New cord");
  await page.getByLabel("A moulded cord for it can be had").uncheck();
  await expect(verdict(page)).toContainText("New plug");
  await page.getByText("Your prices").click();
  await page.getByLabel("A plug", { exact: true }).fill("10");
  await page.getByLabel("An hour of work").fill("30");
  await expect(verdict(page).getByRole("row", { name: /New plug/ })).toContainText("20.00");
  await page.getByLabel("Tape round it, or a splice").check();
  await expect(verdict(page)).toContainText("Scrap it now");
  await page.getByLabel("Which cord").fill("projector, warm room 2");
  await page
    .getByRole("region", { name: "In a job" })
    .getByLabel("Job", { exact: true })
    .selectOption({ label: job });
  await page.getByRole("button", { name: "Save projector, warm room 2" }).click();
  await expect(page.locator("[data-kept='projector, warm room 2']")).toBeVisible();
  await page.getByRole("button", { name: "Reset" }).click();
  await expect(verdict(page)).toContainText("Look first");
  await page.getByRole("button", { name: "Open projector, warm room 2" }).click();
  await expect(verdict(page)).toContainText("Scrap it now");
  await page.getByRole("button", { name: "Delete projector, warm room 2" }).click();
  await expect(page.locator("[data-kept]")).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.locator("[data-kept='projector, warm room 2']")).toBeVisible();
});

test("the right cord for a load, by what it carries, what it loses, and what it feeds", async ({ page }) => {
  await page.goto("/cords/size");
  await page.getByLabel("Load, W").fill("1500");
  await expect(page.locator("[data-cord-size='14 AWG']")).toContainText("5-20");
  await page.getByLabel("Length, m").fill("3");
  await expect(page.locator("[data-cord-size='16 AWG']")).toBeVisible();
  await page.getByText("Amperes", { exact: true }).click();
  await page.getByLabel("Load, A").fill("3");
  await page.getByText("Electronics", { exact: true }).click();
  await expect(page.locator("[data-cord-size='18 AWG']")).toContainText("On two-wire cord 1-15");
  await page.getByText("IEC, 230 V").click();
  await expect(page.getByLabel("Voltage, V")).toHaveValue("230");
  await expect(page.locator("[data-cord-size='0.5 mm²']")).toContainText("else CEE 7/17");
  await page.getByLabel("In the wet or in the sun").check();
  await page.getByText("Dragged, oil").click();
  await expect(page.locator("[data-cord-size='0.5 mm²']")).toContainText("H07RN-F");
  await expect(page.getByRole("main")).not.toContainText("AWG");
  await page.getByLabel("Length, m").fill("900");
  await expect(page.getByRole("alert").filter({ hasText: "at most 300 m" })).toBeVisible();
});

test("which conductor is which: sure where cues agree, the meter where they do not", async ({ page }) => {
  await page.goto("/cords/which");
  const one = (at: number) => page.locator(`[data-conductor='${at}']`);
  for (const [i, colour] of ["black", "white", "green"].entries())
    await page.getByLabel("Its colour").nth(i).fill(colour);
  await expect(one(1)).toContainText("Hot");
  for (const at of [1, 2, 3]) await expect(one(at)).toHaveAttribute("data-certainty", "sure");
  await expect(page.locator("[data-meter]")).toHaveCount(0);
  await page.getByLabel("Its colour").nth(0).fill("blue");
  await expect(one(1)).toContainText("Blue is the neutral of cords made to IEC colours");
  const meter = page.locator("[data-meter]");
  await expect(meter).toContainText("left blade");
  await meter.getByRole("button", { name: "Let the stand-in meter measure" }).click();
  await expect(page.locator("[data-metered]")).toContainText("simulated");
  // By hand, and what cannot be is said.
  for (const from of ["left blade", "right blade", "ground pin"])
    await meter
      .getByRole("radiogroup", { name: new RegExp(`^Beeps from the ${from}`) })
      .getByText("Conductor 1")
      .click();
  await expect(meter.getByRole("alert")).toContainText("Two blades beep at one conductor");
  await page.getByText("Two", { exact: true }).click();
  await page.getByRole("button", { name: "Reset" }).click();
  await page.getByRole("button", { name: "Conductor 1", exact: true }).click();
  await page.getByRole("button", { name: "Ribbed, grooved or traced side: conductor 1" }).click();
  await page.getByRole("button", { name: "Conductor 2", exact: true }).click();
  await page.getByRole("button", { name: "Smooth side: conductor 2" }).click();
  await expect(one(1)).toHaveAttribute("data-role", "neutral");
  await expect(one(2)).toHaveAttribute("data-certainty", "sure");
});

test("a new plug is measured, an open earth explained, a spoiled end assessed", async ({ page }) => {
  await page.goto("/cords/plug");
  const end = page.getByRole("region", { name: "The cord’s end" });
  await expect(end).toContainText("Ground to green");
  await page.getByText("Two-wire, flat").click();
  await expect(end).toContainText("PART IT OVER");
  await expect(end).not.toContainText("Ground");
  // A plug of the Shelf brings its ways with it.
  await page.getByLabel("A plug of the Shelf").selectOption({ label: "Plug, 20 A, plates" });
  await expect(page.getByLabel("Green")).toHaveValue("34");
  await expect(page.getByRole("region", { name: "In order" })).toContainText("straight under its plate");
  await page.getByText("Soldered entry").click();
  await expect(page.getByRole("region", { name: "In order" })).toContainText("strain relief first");
  await page.getByLabel("Brass").fill("2");
  await expect(page.getByRole("alert").filter({ hasText: "8 to 200 mm" })).toBeVisible();

  await page.getByText("Open ground", { exact: true }).click();
  await expect(page.locator("[data-reading=case]")).toContainText("60 V");
  await page.getByText("Hot’s alone").click();
  await expect(page.locator("[data-reading=case]")).toContainText("120 V");
  await page.getByLabel("Hot and neutral are swapped").check();
  await expect(page.locator("[data-reading=case]")).toContainText("0 V");
  await expect(page.locator("[data-reading=between]")).toContainText("120 V");

  await page.getByText("Spoiled end", { exact: true }).click();
  await page.getByLabel("Strands lost").fill("3");
  await page.getByLabel("of, counted").fill("7");
  await expect(page.locator("[data-verdict=cut-back]")).toContainText("less than 14 AWG");
  await page.getByLabel("Free, mm").fill("160");
  await expect(page.locator("[data-pigtail]")).toBeVisible();
});

test("a pin map: the key first, traced, tested, out as CSV and in again, by keyboard", async ({ page }) => {
  await page.goto("/cords/pins");
  const found = page.getByRole("region", { name: "What was found" });
  await expect(found.locator("[data-finding=pin-key-not-seen]")).toBeVisible();
  await expect(page.getByText("The test begins once the key was seen.")).toBeVisible();
  await page.getByRole("button", { name: /Key below/ }).press("Enter");
  await expect(found.locator("[data-finding=pin-key-not-seen]")).toHaveCount(0);
  const terminals = page.getByLabel(/^Terminal of pin/);
  for (const [i, name] of ["T1", "T2", "T4", "T4"].entries()) await terminals.nth(i).fill(name);
  await expect(found.locator("[data-finding=pin-terminal-twice]")).toContainText("3 and 4");
  await terminals.nth(3).fill("PE");
  await expect(found).toContainText("carries induced voltage");
  await page.getByLabel("High", { exact: true }).press("Space");
  await expect(found.locator("[data-finding=pin-both-speeds-fed]")).toBeVisible();
  await page.getByLabel("High", { exact: true }).press("Space");
  await page
    .getByRole("group", { name: "Pin 1 to T1" })
    .getByRole("button", { name: "It beeps" })
    .press("Enter");
  await expect(page.locator("[data-step='1']")).toHaveAttribute("data-passed", "true");
  await page
    .getByRole("group", { name: "Pin 2 to T2" })
    .getByRole("button", { name: "Nothing" })
    .press("Enter");
  await expect(found.locator("[data-finding=pin-open]")).toContainText("Pin 2 to T2");

  await page.getByText("As a table: CSV in and out").press("Enter");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export CSV" }).press("Enter");
  const text = await readFile(await (await download).path(), "utf-8");
  expect(text).toContain("2,high speed,T2,,open");
  await page.getByLabel("Pins as CSV").fill("pin,function,terminal\n1,sideways,T1");
  await page.getByRole("button", { name: "Import these pins" }).press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: "sideways" })).toBeVisible();
  await expect(page.getByLabel("Pins as CSV")).toHaveValue(/sideways/);
  await page.getByLabel("Pins as CSV").fill(text.replace(/T1/g, "U1"));
  await page.getByRole("button", { name: "Import these pins" }).press("Enter");
  await expect(terminals.first()).toHaveValue("U1");
});

test("at 360 px nothing of the cords is cut off", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  for (const part of ["look", "size", "which", "plug", "pins", "earth", "end"]) {
    await page.goto(`/cords/${part}`);
    await page.waitForLoadState("networkidle").catch(() => undefined);
    expect(await page.evaluate(() => document.documentElement.scrollWidth), part).toBeLessThanOrEqual(360);
    await expect(page.getByRole("tab", { selected: true })).toBeInViewport({ ratio: 0.9 });
  }
});

test("cords by keyboard alone: from the rail, from question to question, ticked and answered", async ({
  page,
}) => {
  await page.goto("/bench");
  await expect(page.locator("[data-scene]").first()).toBeVisible();
  await page.keyboard.press("3");
  await expect(verdict(page)).toBeVisible();
  // Arrows go from question to question, Enter opens it.
  await page.getByRole("tab", { name: "Is it fit?" }).focus();
  await openTab(page, "ArrowRight", "How thick?");
  await expect(page.locator("[data-cord-size]")).toBeVisible();
  await openTab(page, "ArrowRight", "Which is which?");
  await expect(page.locator("[data-conductor='1']")).toBeVisible();
  await openTab(page, "Home", "Is it fit?");
  const cracked = page.getByLabel("Plug’s body cracked");
  await cracked.focus();
  await page.keyboard.press("Space");
  await expect(verdict(page)).toContainText("Plug’s body cracked.");
  await page.keyboard.press("Space");
  await expect(verdict(page)).toHaveAttribute("data-cord-verdict", "look-first");
  // A tap on the drawing leads to what is asked there.
  await page.getByRole("button", { name: "Where it enters the machine" }).press("Enter");
  await expect(page.getByLabel("Fuse blown or not the right one")).toBeInViewport();
  // What was ticked is there after the page was left.
  await page.getByLabel("Fuse blown or not the right one").check();
  await page.goto("/cords/earth");
  await page.goto("/cords");
  await expect(page.getByLabel("Fuse blown or not the right one")).toBeChecked();
  await expect(verdict(page)).toContainText("Put it right");
  await expect(
    page.getByRole("button", { name: "Where it enters the machine, something is ticked" }),
  ).toBeVisible();
});
