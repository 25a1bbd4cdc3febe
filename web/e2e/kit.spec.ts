import { expect, test } from "@playwright/test";
import { fromMenu } from "./bench";
import { JobsOf } from "./jobs";
import { password } from "./people";

// What holds in every place: who is working, undo, the palette, what was before and after, a phone.

test("who was signed out is asked to sign in where it is missing, and what was begun goes on", async ({
  page,
}) => {
  const name = `Asked ${Date.now()}`;
  // The list is still on its way when the session ends.
  const held: (() => void)[] = [];
  await page.route(
    /\/api\/jobs\?/,
    async (route) => {
      await new Promise<void>((goes) => held.push(goes));
      await route.continue();
    },
    { times: 1 },
  );
  await page.goto("/jobs");
  await page.getByRole("button", { name: "New job" }).click();
  // A button that lacks something keeps its name and says what.
  const create = page.getByRole("button", { name: "Create" });
  await expect(create).toBeDisabled();
  await expect(create).toHaveAccessibleDescription("Type a name.");
  await page.getByLabel("Name", { exact: true }).fill(name);
  await page.context().clearCookies();
  await create.click();
  const dialog = page.getByRole("dialog", { name: "Sign in" });
  await expect(dialog).toContainText("What you typed is kept.");
  await dialog.getByLabel("Name", { exact: true }).fill("lio brandt");
  await dialog.getByLabel("Password").fill("something else");
  const list = page.waitForResponse(/\/api\/jobs\?/);
  held.forEach((goes) => goes());
  expect((await list).status()).toBe(401);
  await dialog.getByRole("button", { name: "Sign in" }).click();
  await expect(dialog.getByRole("alert")).toHaveText("That name and that password do not belong together.");
  await dialog.getByLabel("Password").fill(password);
  await dialog.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("heading", { name })).toBeVisible();
  await expect(page.getByRole("button", { name: "Lio Brandt is signed in" })).toBeVisible();
  // Asked once: the next change is his without a word.
  const jobs = new JobsOf(page);
  await jobs.type("new", "Wire", "9");
  await expect(page.getByRole("status").getByText("Added wire 9.")).toBeVisible();
});

test("a change is told with its undo, and the history shows what it was and became", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`History ${Date.now()}`, "Mara Quist");
  await jobs.type("new", "Wire", "1");
  await jobs.type("1", "From", "DCP/X1:1");
  await jobs.type("1", "Colour", "green/yellow");
  await expect(jobs.cell("1", "Colour")).toHaveText("green, yellow stripe");
  await page.getByRole("tab", { name: "History" }).click();
  const last = page.locator("[data-change]").first();
  await expect(last).toContainText("Mara Quist");
  await last.getByRole("button", { name: "What changed" }).click();
  await expect(last).toContainText("Changed: wire 1");
  await expect(last).toContainText("Before");
  await expect(last.getByText("DCP/X1:1")).toHaveCount(2);
  await page.getByRole("tab", { name: "Wires" }).click();
  await jobs.type("1", "Colour", "red");
  await expect(jobs.cell("1", "Colour")).toHaveText("red");
  await page.getByRole("status").getByRole("button", { name: "Undo" }).click();
  await expect(jobs.cell("1", "Colour")).toHaveText("green, yellow stripe");
});

test("the palette finds a place, a wire and a table, by keyboard", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Palette ${Date.now()}`, "Mara Quist");
  await jobs.type("new", "Wire", "W77");
  await expect(jobs.cell("W77", "Wire")).toBeVisible();
  const palette = page.getByRole("dialog", { name: "Search everywhere" });
  await page.keyboard.press("Control+k");
  await expect(palette.getByRole("combobox")).toBeFocused();
  await page.keyboard.type("w77");
  await expect(palette.getByRole("option", { name: "Wire W77" })).toBeVisible();
  await page.keyboard.press("Enter");
  const wire = page.getByRole("dialog", { name: "Wire W77" });
  await expect(wire).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(wire).toHaveCount(0);
  await page.keyboard.press("Control+k");
  await expect(palette.getByRole("combobox")).toBeFocused();
  await page.keyboard.type("splic");
  await expect(palette.getByRole("option").first()).toHaveText("Splices");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/splices/);
  await page.keyboard.press("Control+k");
  await expect(palette.getByRole("combobox")).toBeFocused();
  await page.keyboard.type("no such thing");
  await expect(palette).toContainText("No results for “no such thing”.");
  await page.keyboard.press("Escape");
  await expect(palette).toHaveCount(0);
});

test("on a phone wires are cards: one is added, edited and deleted, field by field", async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 360, height: 740 }, hasTouch: true });
  const page = await context.newPage();
  await page.goto("/jobs");
  await new JobsOf(page).nameMyself("Mara Quist");
  await page.getByRole("button", { name: "New job" }).tap();
  await page.getByLabel("Name", { exact: true }).fill(`Cards ${Date.now()}`);
  await page.getByRole("button", { name: "Create" }).tap();
  await page.getByRole("button", { name: "Add a wire" }).tap();
  await page.getByLabel("Wire", { exact: true }).fill("4");
  await page.getByLabel("From", { exact: true }).fill("DCP/X1:1");
  await page.getByLabel("Colour", { exact: true }).fill("mauve");
  await page.getByRole("button", { name: "Save wire" }).tap();
  // What was refused stays as it was typed.
  await expect(page.getByRole("dialog").getByRole("alert")).toContainText("“mauve” is no colour");
  await page.getByLabel("Colour", { exact: true }).fill("blue");
  await page.getByRole("button", { name: "Save wire" }).tap();
  const card = page.locator("[data-card='4']");
  await expect(card).toContainText("blue");
  await expect(card).toContainText("DCP/X1:1");
  await card.tap();
  const sheet = page.getByRole("dialog", { name: "Wire 4" });
  await sheet.getByRole("button", { name: "Edit the wire" }).tap();
  await sheet.getByLabel("Size", { exact: true }).fill("2.5 fine");
  await sheet.getByRole("button", { name: "Save wire" }).tap();
  await expect(sheet).toContainText("2.5 mm²");
  // A sheet from below: it ends at the screen’s edge.
  const box = await sheet.boundingBox();
  expect(Math.round((box?.y ?? 0) + (box?.height ?? 0))).toBe(740);
  await sheet.getByRole("button", { name: "Delete wire" }).tap();
  await expect(card).toHaveCount(0);
  await context.close();
});

test("earth or ground is said by the house rules of the device, and in a job by those of the job", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Words ${Date.now()}`, "Mara Quist");
  const address = page.url();
  await jobs.type("new", "Wire", "Earth line 4");
  await jobs.type("Earth line 4", "From", "DCP/X1:1");
  await jobs.type("Earth line 4", "Colour", "green/yellow");
  await jobs.type("Earth line 4", "Function", "line");
  await expect(jobs.cell("Earth line 4", "Function")).toContainText("hot");
  await page.getByRole("tab", { name: /^Findings/ }).click();
  const finding = page.locator("[data-finding=earth-for-another]");
  // Names stay as they were given.
  await expect(finding).toContainText("Wire Earth line 4 is green, yellow stripe, the mark of a ground");
  await page.goto("/cords/earth");
  await expect(page.getByLabel("The ground is open")).toBeVisible();
  await page.keyboard.press("h");
  const rules = page.getByRole("dialog", { name: "House rules" });
  await rules.getByRole("radio", { name: /^IEC/ }).check();
  await expect(rules).toContainText("Earth, neutral, line");
  await page.keyboard.press("Escape");
  await expect(page.getByLabel("The earth is open")).toBeVisible();
  await expect(page.getByText("CASE TO EARTH")).toBeVisible();
  await page.getByLabel("The earth is open").uncheck();
  await expect(page.getByText("With its earth whole")).toBeVisible();
  // The job was begun by rules of North America and keeps them.
  await page.goto(address);
  await expect(jobs.cell("Earth line 4", "Function")).toContainText("hot");
});

test("an export tells how far it is, can be cancelled, and is tried again after it failed", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  const name = `Out ${Date.now()}`;
  await jobs.make(name, "Mara Quist");
  const file = `${name} wires.csv`;
  let answer: "nothing" | "failure" = "nothing";
  await page.route("**/export/wires.csv", async (route) => {
    if (answer === "failure") await route.fulfill({ status: 503, json: { detail: "The disk is full." } });
    // Else it is left without an answer, until it is cancelled.
  });
  await fromMenu(page, "More for this job", "Export wires, CSV");
  await expect(page.getByText(`Exporting ${file}`)).toBeVisible();
  await page.getByRole("button", { name: "Cancel" }).click();
  await expect(page.getByText(`Cancelled: ${file} was not exported.`)).toBeVisible();
  answer = "failure";
  await fromMenu(page, "More for this job", "Export wires, CSV");
  await expect(page.getByText(`${file} was not exported. The disk is full.`)).toBeVisible();
  await page.unroute("**/export/wires.csv");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Try again" }).click();
  expect((await download).suggestedFilename()).toBe(file);
  await expect(page.getByText(`Exported ${file}`)).toBeVisible();
  // What has ended goes by itself.
  await expect(page.getByText(`Exported ${file}`)).toBeHidden();
});
