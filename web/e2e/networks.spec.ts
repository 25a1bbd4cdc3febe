import { expect, test, type Page } from "@playwright/test";
import { boxOf } from "./boards";
import { JobsOf } from "./jobs";

// What only the network of a job shows: a line on the earth bar, the way to it, and what an open breaker leaves live.

const list = [
  "Wire;From;From type;To;To type;Size;Type;Colour;Function;Circuit;Breaker;Length",
  "1;LP/Q1:1;breaker, screw clamp;BOX/R1:1;receptacle 15 A, brass screw;14 AWG;solid;black;line;1;15;12 m",
  "2;LP/N:1;neutral bar, screw clamp;BOX/R1:2;receptacle 15 A, silver screw;14 AWG;solid;white;neutral;1;15;",
  "3;LP/G:1;earth bar, screw clamp;BOX/R1:3;receptacle 15 A, green screw;14 AWG;solid;green;earth;;;",
  "4;LP/Q2:1;breaker, screw clamp;BOX/R2:1;receptacle 15 A, brass screw;14 AWG;solid;black;line;2;15;",
  "5;LP/N:2;neutral bar, screw clamp;BOX/R2:2;receptacle 15 A, silver screw;14 AWG;solid;white;neutral;2;15;",
  "6;LP/G:2;earth bar, screw clamp;BOX/R2:3;receptacle 15 A, green screw;14 AWG;solid;green;earth;;;",
  "7;LP/Q3:1;breaker, screw clamp;LP/G:3;earth bar, screw clamp;14 AWG;solid;black;line;3;15;",
].join("\r\n");

async function take(page: Page) {
  const jobs = new JobsOf(page);
  const name = `Network ${Date.now()}`;
  await page.goto("/import");
  await jobs.sendList(list);
  await jobs.nameMyself("Mara Quist");
  await page.getByLabel("What is the job called?").fill(name);
  await page.getByRole("button", { name: /^Import/ }).click();
  await expect(page.getByRole("heading", { name })).toBeVisible();
}

test("a line on the earth bar is found with its way, seen on the board, and put right", async ({ page }) => {
  await take(page);
  await page.getByRole("tab", { name: "Findings" }).click();
  const short = page.locator("[data-finding=line-to-earth]");
  await expect(short).toContainText("lands on LP/G:3, which is the ground");
  await expect(short.getByRole("list", { name: "The way" })).toContainText("LP/Q3:1");
  await short.getByRole("link", { name: /on the board/ }).click();
  await expect(page.locator("[data-lit='7']")).toBeAttached();
  const landed = page.getByLabel("Lands at");
  await expect(landed).toHaveValue("LP/G:3");
  await landed.fill("");
  await landed.fill("BOX/R1:1");
  await page.getByRole("button", { name: "Move" }).click();
  await expect(page.getByRole("status").getByText("Changed wire")).toBeVisible();
  await page.goBack();
  await expect(page.locator("[data-finding=line-to-earth]")).toHaveCount(0);
});

test("a slot is traced; with its breaker open one receptacle of the box is dead and the other is not", async ({
  page,
}) => {
  await take(page);
  await page.getByRole("link", { name: "Board", exact: true }).click();
  await page.getByLabel(/^Find \(/).fill("Q1:1");
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-slot-panel]")).toBeVisible();
  await page.getByRole("button", { name: "What is this connected to?" }).click();
  const connected = page.getByRole("region", { name: "Connected to" });
  await expect(connected).toContainText("On it: a hot");
  await expect(connected).toContainText("BOX/R1:1");
  await expect(connected.locator("[data-opened]")).toContainText("Dead: BOX/R1:1.");
  await expect(connected.locator("[data-feed]")).toHaveCount(0);
  await expect(connected.locator("[data-opened]")).toContainText(
    "Still live beside it: BOX/R2:1, from LP/Q2:1",
  );
  await expect(page.locator("[data-lit='1']")).toBeAttached();
  await connected.getByRole("button", { name: "Close the trace" }).press("Enter");
  await expect(connected).toHaveCount(0);
  expect((await boxOf(page, "Q1:1")).width).toBeGreaterThan(0);
  await page.getByLabel("Enclosure").selectOption("BOX");
  await expect(page.getByRole("heading", { name: "Board: BOX" })).toBeAttached();
  await page.getByLabel(/^Find \(/).fill("R1:1");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "What is this connected to?" }).press("Enter");
  const fed = connected.locator("[data-feed]");
  await expect(fed).toContainText("Fed by Q1");
  await expect(fed.getByRole("list", { name: "The way" })).toContainText("LP/Q1:1wire 1BOX/R1:1");
  await expect(fed).toContainText("12 m · 39 ft");
});

test("a panel’s directory stands on its board, and what makes a box live", async ({ page }) => {
  await take(page);
  await page.getByRole("link", { name: "Board", exact: true }).click();
  await page.getByRole("button", { name: "Fed from, feeds" }).click();
  const sheet = page.getByRole("dialog", { name: "LP: what feeds it, what it feeds" });
  await expect(sheet.locator("[data-breaker=Q1]")).toContainText("BOX: R1, receptacle");
  await expect(sheet.locator("[data-breaker=Q3]")).toContainText("nothing");
  await expect(sheet).toContainText("The feed side of Q1, Q2, Q3 stays live");
  await page.keyboard.press("Escape");
  await page.getByLabel("Enclosure").selectOption("BOX");
  await expect(page.getByRole("heading", { name: "Board: BOX" })).toBeAttached();
  await page.getByRole("button", { name: "Fed from, feeds" }).press("Enter");
  const box = page.getByRole("dialog", { name: "BOX: what feeds it, what it feeds" });
  await expect(box.locator("[data-source='LP/Q2']")).toContainText("LP/Q2:1wire 4BOX/R2:1");
  await box.getByRole("button", { name: "Close" }).click();
  await expect(box).toHaveCount(0);
});
