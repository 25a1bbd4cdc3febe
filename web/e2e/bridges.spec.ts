import { expect, test } from "@playwright/test";
import { at, board, open } from "./boards";
import { JobsOf } from "./jobs";

const strip = [
  "Wire,From,To,Size,Colour,Type",
  "1,PS1:+,TB1:1,16 AWG,blue,MTW",
  ",TB1:1,TB1:2,,,jumper",
  ",TB1:2,TB1:3,,,jumper",
  "2,TB1:3,K1:A1,18 AWG,blue,MTW",
].join("\r\n");

test("a bridge is put in where the board shows it, is found where it joins what must stay apart, and is undone", async ({
  page,
}) => {
  const name = await open(page);
  const slot = await at(page, "X1:1");
  await page.mouse.click(slot.x, slot.y);
  await page.getByRole("button", { name: "Add a bridge" }).click();
  const form = page.getByRole("dialog", { name: "New bridge" });
  await expect(form.getByLabel("First terminal")).toHaveValue(/./);
  await form.getByLabel("Last terminal").selectOption({ label: "X1:3" });
  await form.getByText("X1:2", { exact: true }).last().click();
  await form.getByLabel("Rating, A").fill("24");
  await form.getByRole("button", { name: "Save" }).click();
  await expect(page.locator("[data-bridge='X1:1 to X1:3']")).toContainText("plug-in bridge, 24 A");
  await page.getByRole("link", { name: "Findings", exact: true }).click();
  await expect(page.locator("[data-finding=systems-joined]")).toContainText("are joined by bridge X1:1–X1:3");
  await expect(page.locator("[data-finding=bridge-passes-over]")).toContainText("passes over X1:2");

  // It is bought as long as it reaches, whatever is broken off.
  await page.getByRole("link", { name: "Jobs", exact: true }).click();
  await page.getByRole("link", { name }).click();
  await page.getByRole("tab", { name: "Landings" }).click();
  const bridges = page.getByRole("region", { name: "Bridges" });
  await expect(bridges).toContainText("To bring: 1 × plug-in bridge, 3 poles.");
  await bridges.getByRole("button", { name: "Edit the bridge X1:1 to X1:3" }).click();
  await page.getByRole("button", { name: "Delete" }).click();
  await expect(bridges).toHaveCount(0);
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(bridges).toContainText("3 poles");
});

test("a bridge by keyboard alone, at 360 px; what is refused stays in the form", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await open(page);
  await board(page).focus();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("Enter");
  const add = page.getByRole("button", { name: "Add a bridge" });
  await add.focus();
  await page.keyboard.press("Enter");
  const form = page.getByRole("dialog", { name: "New bridge" });
  await form.getByLabel("Rating, A").focus();
  await page.keyboard.type("0");
  await page.keyboard.press("Enter");
  await expect(form).toContainText("A rating is from 0.1 to 6,000 A.");
  await page.keyboard.press("Backspace");
  await page.keyboard.type("17.5");
  await page.keyboard.press("Enter");
  await expect(form).toHaveCount(0);
  await expect(page.locator("[data-bridge='X1:1 to X1:2']")).toContainText("17.5 A");
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
});

test("rows of a list that bridge terminals come in as bridges, counted before they are taken", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  const name = `Bridged ${Date.now()}`;
  await page.goto("/import");
  await jobs.sendList(strip);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("2 new, 0 wrong, 1 bridge");
  await expect(page.getByText("2 rows join terminals without a wire")).toBeVisible();
  await jobs.nameMyself("Mara Quist");
  await page.getByLabel("What is the job called?").fill(name);
  await page.getByRole("button", { name: "Import all 2 and 1 bridge" }).click();
  await expect(page.getByRole("heading", { name })).toBeVisible();
  await page.getByRole("link", { name: "Board", exact: true }).click();
  // A bar and three prongs.
  await expect(page.locator("[data-device=TB1] [data-part^=bridge-]")).toHaveCount(4);
});
