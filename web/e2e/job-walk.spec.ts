import { expect, test, type Page } from "@playwright/test";
import { JobsOf } from "./jobs";
import { openTab } from "./keys";

const tab = (page: Page, name: string) => page.getByRole("tab", { name }).click();

const closed = (page: Page) => expect(page.getByRole("dialog")).toHaveCount(0);

test("wires are found by word, by enclosure and by circuit, by keyboard", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Found ${Date.now()}`, "Mara Quist");
  const rows = [
    ["W1", "DCP/X1:1", "LP/X1:1", "14", "black", "C1"],
    ["W2", "DCP/X1:2", "", "14", "red", "C2"],
    ["W3", "LP/X1:3", "", "14", "red", "C2"],
  ];
  for (const [name = "", from = "", to = "", size = "", colour = "", circuit = ""] of rows) {
    await jobs.type("new", "Wire", name);
    await jobs.type(name, "From", from);
    if (to) await jobs.type(name, "To", to);
    await jobs.type(name, "Size", size);
    await jobs.type(name, "Colour", colour);
    await jobs.type(name, "Circuit", circuit);
  }
  const shown = page.locator("[data-row]:not([data-row=new])");
  await expect(shown).toHaveCount(3);
  await page.getByRole("heading").first().click();
  await page.keyboard.press("/");
  await page.keyboard.type("red");
  await expect(shown).toHaveCount(2);
  await page.getByLabel("Search (/)").fill("");
  await page.getByLabel("Enclosure").selectOption({ label: "LP" });
  await expect(shown).toHaveCount(2);
  await page.getByLabel("Circuit", { exact: true }).selectOption({ label: "C2" });
  await expect(shown).toHaveCount(1);
  await expect(jobs.cell("W3", "Wire")).toBeVisible();
});

test("at phone width a job is read, a finding opened, and a list brought in", async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 360, height: 740 }, hasTouch: true });
  const page = await context.newPage();
  const jobs = new JobsOf(page);
  await page.goto("/import");
  await page
    .getByLabel(/Or paste it/)
    .fill("Wire\tFrom\tFrom type\tSize\tColour\n1\tDCP/X1:1\tspring cage\t#6\tblack\n");
  await page.getByRole("button", { name: "Read the list" }).click();
  await jobs.nameMyself("Mara Quist");
  await page.getByLabel("What is the job called?").fill(`Phone ${Date.now()}`);
  await page.getByRole("button", { name: /^Import/ }).click();
  const finding = page.locator("[data-finding=range-not-known]");
  await expect(finding).toBeVisible();
  for (const path of ["findings", "wires", "landings", "circuits", "history"]) {
    await page.getByRole("tab", { name: new RegExp(path, "i") }).click();
    // Nothing makes the page itself scroll sideways.
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  }
  await tab(page, "Findings");
  await finding.getByRole("link", { name: /Open/ }).tap();
  const sheet = page.getByRole("dialog");
  await expect(sheet).toContainText("No range is given");
  expect((await sheet.boundingBox())?.width).toBeLessThanOrEqual(360);
  await context.close();
});

test("a job is walked through by keyboard alone: opened, its findings narrowed, an end opened and left", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  const name = `Keys ${Date.now()}`;
  await jobs.make(name, "Mara Quist");
  await jobs.type("new", "Wire", "1");
  await jobs.type("1", "From", "DCP/X1:1");
  await jobs.type("1", "Colour", "white");
  await jobs.type("1", "Function", "line");
  await expect(jobs.count("fix")).toHaveText("2 fixes");
  await page.goto("/bench");
  await expect(page.locator("[data-reading=strip]")).toContainText("mm");
  await page.keyboard.press("1");
  await expect(page.getByRole("list", { name: "Jobs" })).toBeVisible();
  await reach(page, name);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name })).toBeVisible();
  await page.getByRole("tab", { name: "Wires" }).focus();
  await openTab(page, "ArrowRight", /^Findings/);
  const finding = page.locator("[data-finding=colour-against-function]");
  await expect(finding).toBeVisible();
  // Which findings: native radio buttons, moved through by arrow keys.
  await page.getByRole("radio", { name: /^All/ }).focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByText("None of these.")).toBeVisible();
  await page.keyboard.press("ArrowRight");
  await expect(finding).toBeVisible();
  await finding.getByRole("link", { name: /Open/ }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog", { name: "Wire 1" })).toBeVisible();
  await page.keyboard.press("Escape");
  await closed(page);
});

async function reach(page: Page, name: string, within?: string) {
  const link = (within ? page.getByLabel(within) : page).getByRole("link", { name, exact: true });
  for (let i = 0; i < 60; i++) {
    if (await link.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press("Tab");
  }
  throw new Error(`No Tab leads to ${name}.`);
}
