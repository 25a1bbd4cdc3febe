import { readFile } from "node:fs/promises";
import { expect, test, type Page } from "@playwright/test";
import { fromMenu } from "./bench";
import { JobsOf } from "./jobs";

// A job's other parts as a person meets them: enclosures, devices, landings, circuits, ends, its own rules.

const tab = (page: Page, name: string) => page.getByRole("tab", { name }).click();
const keep = (page: Page) => page.getByRole("dialog").getByRole("button", { name: "Save" }).click();
const closed = (page: Page) => expect(page.getByRole("dialog")).toHaveCount(0);

test("an enclosure, a device and its landings are made, changed and taken out", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Parts ${Date.now()}`, "Mara Quist");
  await tab(page, "Landings");
  await expect(page.getByText("No enclosure yet")).toBeVisible();
  await page.getByRole("button", { name: "Add an enclosure" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Warm room");
  await page.getByLabel("What it is").selectOption("box");
  await page.getByLabel("Smallest opening, mm").fill("fifty");
  await keep(page);
  await expect(page.getByRole("alert").getByText("“fifty” is no number.")).toBeVisible();
  await page.getByLabel("Smallest opening, mm").fill("50,5");
  await keep(page);
  await closed(page);

  await page.getByRole("button", { name: "Add a device" }).click();
  await page.getByLabel("Name", { exact: true }).fill("R1");
  await page.getByLabel("What it is").selectOption("receptacle");
  await page.getByLabel("Rating, A").fill("20");
  await page.keyboard.press("Enter");
  await closed(page);
  const device = page.getByRole("region", { name: "R1" });
  await expect(device).toContainText("receptacle, 20 A");

  await page.getByRole("button", { name: "Add a landing" }).click();
  await page.getByLabel("Name", { exact: true }).fill("R1:brass");
  await page.getByLabel("What it is for").selectOption("brass");
  await page.getByLabel("Device").selectOption({ label: "R1" });
  await page.getByRole("button", { name: "Say what it is" }).click();
  await keep(page);
  await closed(page);
  const landing = device.locator("[data-landing='R1:brass']");
  await expect(landing).toContainText("· brass");
  await expect(landing).toContainText("nothing");

  // A name is given once in an enclosure: what was typed stays on the sheet.
  await page.getByRole("button", { name: "Add a landing" }).click();
  await page.getByLabel("Name", { exact: true }).fill("r1:BRASS");
  await keep(page);
  await expect(page.getByRole("alert").getByText("another landing called")).toBeVisible();
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("r1:BRASS");
  await page.getByRole("button", { name: "Cancel" }).click();

  // What other parts name is not taken out under them.
  await page.getByRole("button", { name: "Edit R1", exact: true }).click();
  await page.getByRole("button", { name: "Delete" }).click();
  await expect(page.getByRole("dialog").getByRole("alert")).not.toBeEmpty();
  await page.getByRole("button", { name: "Cancel" }).click();
  await landing.click();
  await page.getByRole("button", { name: "Delete" }).click();
  await closed(page);
  await expect(landing).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(landing).toBeVisible();
});

test("a landing is taken from the Shelf, and its own data judge the wire", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Shelf’s ${Date.now()}`, "Mara Quist");
  await jobs.type("new", "Wire", "1");
  await jobs.type("1", "From", "DCP/X1:1");
  await jobs.type("1", "Size", "6");
  await tab(page, "Landings");
  await page.locator("[data-landing='X1:1']").click();
  const shelf = page.getByLabel("From the Shelf");
  const code = await shelf.locator("option").nth(1).textContent();
  await shelf.selectOption({ index: 1 });
  await keep(page);
  await closed(page);
  await expect(page.getByRole("tabpanel")).not.toContainText("not said");
  await page.locator("[data-landing='X1:1']").click();
  await expect(shelf.locator("option:checked")).toHaveText(code ?? "");
  await page.getByRole("button", { name: "Cancel" }).click();
});

test("a splice is said to be one, and two metals in it are found", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Splice ${Date.now()}`, "Mara Quist");
  for (const [name, size] of [
    ["1", "12 solid"],
    ["2", "12 aluminium solid"],
  ] as const) {
    await jobs.type("new", "Wire", name);
    await jobs.type(name, "From", "Pier/J1");
    await jobs.type(name, "Size", size);
  }
  await tab(page, "Landings");
  await page.locator("[data-landing=J1]").click();
  await page.getByRole("button", { name: "A splice" }).click();
  await page.getByLabel("Connector", { exact: true }).fill("two-way lever");
  await page.getByLabel("Most conductors").fill("1");
  await keep(page);
  await expect(page.getByRole("alert").getByText("the fewest first")).toBeVisible();
  await page.getByLabel("Most conductors").fill("2");
  await page.getByLabel("Largest conductor, mm²").fill("4,5");
  await keep(page);
  await closed(page);
  await expect(page.getByRole("region", { name: "Single landings" })).toContainText("splice, two-way lever");
  await tab(page, "Findings");
  // NEC 110.14: copper and aluminium join only where the connector is identified for it (from memory).
  await expect(page.locator("[data-finding=mixed-metals-in-splice]").first()).toContainText("J1");
  await tab(page, "Landings");
  await page.locator("[data-landing=J1]").click();
  await expect(page.getByLabel("Largest conductor, mm²")).toHaveValue("4.5");
  await page.getByText("Listed for copper with aluminium").click();
  await keep(page);
  await closed(page);
  await tab(page, "Findings");
  await expect(page.locator("[data-finding=mixed-metals-in-splice]")).toHaveCount(0);
});

test("circuits are typed, share a neutral, and are judged with their wires", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Circuits ${Date.now()}`, "Mara Quist");
  await tab(page, "Circuits");
  await expect(page.getByText("No circuit yet")).toBeVisible();
  for (const [name, amps] of [
    ["5", "20"],
    ["7", "20"],
  ] as const) {
    await page.getByRole("button", { name: "Add a circuit" }).click();
    await page.getByLabel("Name or number").fill(name);
    await page.getByLabel("Voltage, V").fill("120");
    await page.getByLabel("Breaker or fuse, A").fill(amps);
    await keep(page);
    await closed(page);
  }
  await page.getByRole("button", { name: "Edit circuit 7" }).click();
  await page.getByLabel("Shares its neutral with").selectOption({ label: "5" });
  await page.getByLabel("Load, A").fill("17");
  await page.getByText("Runs for three hours or more").click();
  await keep(page);
  await closed(page);
  const seven = page.locator("[data-circuit='7']");
  await expect(seven).toContainText("shares its neutral with 5");
  await expect(seven).toContainText("for three hours or more");
  await expect(seven.getByRole("img", { name: "Load 17 A, breaker 20 A" })).toBeVisible();
  // What is found of a circuit stands beside its bar.
  await expect(seven).toContainText("Fix.");
  // 17 A for hours wants 21.25 A: 125 % (NEC 210.20(A), from memory).
  await tab(page, "Findings");
  await expect(page.locator("[data-finding=continuous-load]")).toContainText("circuit 7");
  await tab(page, "Circuits");
  await page.getByRole("button", { name: "Edit circuit 7" }).click();
  await page.getByLabel("Load, A").fill("16");
  await keep(page);
  await closed(page);
  await tab(page, "Findings");
  await expect(page.locator("[data-finding=continuous-load]")).toHaveCount(0);
});

test("an end is told about: ferrule, collar, crimp, how it was found; quick taps are not in each other’s way", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  await jobs.make(`End ${Date.now()}`, "Mara Quist");
  for (const [column, text] of [
    ["Wire", "1"],
    ["From", "DCP/X1:1"],
    ["Size", "2,5 fine"],
  ] as const) {
    await jobs.type(column === "Wire" ? "new" : "1", column, text);
  }
  await tab(page, "Landings");
  await page.locator("[data-landing='X1:1']").click();
  await page.getByRole("button", { name: "Say what it is" }).click();
  await keep(page);
  await closed(page);
  await tab(page, "Wires");
  await page.getByRole("button", { name: /Open wire 1/ }).click();
  const sheet = page.getByRole("dialog");
  await sheet.getByLabel("Ferrule chosen, mm²").fill("zwei");
  await sheet.getByRole("button", { name: "Save" }).click();
  await expect(sheet.getByRole("alert").getByText("That is no number.")).toBeVisible();
  await sheet.getByLabel("Ferrule chosen, mm²").fill("1,5");
  await sheet.getByLabel("Its pin, mm").fill("8");
  await sheet.getByRole("button", { name: "Save" }).click();
  await expect(sheet.getByLabel("Ferrule chosen, mm²")).toHaveValue("1.5");
  await expect(sheet.getByRole("list", { name: "Findings" })).toContainText("2.5");

  // Three changes in a row, nobody waiting between them.
  await sheet.getByLabel("The ferrule’s collar").selectOption("large");
  await sheet.getByLabel("Its crimp").selectOption("hexagonal");
  await sheet.getByLabel("Conductor condition").selectOption("tinned");
  await expect(sheet.getByLabel("Conductor condition")).toHaveValue("tinned");
  await expect(sheet.getByLabel("Its crimp")).toHaveValue("hexagonal");
  await expect(sheet.getByLabel("The ferrule’s collar")).toHaveValue("large");
  await expect(sheet.getByRole("list", { name: "Findings" })).toContainText(/tinned|solder/i);
  const about = sheet.getByRole("group", { name: "About this end" });
  await sheet.getByText("How it was found made").click();
  await about.getByText("Loose", { exact: true }).click();
  await about.getByText("Scorched", { exact: true }).click();
  await expect(about.getByLabel("Scorched")).toBeChecked();
  await expect(about.getByLabel("Loose")).toBeChecked();
  await expect(sheet.getByRole("list", { name: "Findings" })).toContainText("It shows heat");
  await about.getByText("Loose", { exact: true }).click();
  await about.getByText("Scorched", { exact: true }).click();
  await expect(about.getByLabel("Scorched")).not.toBeChecked();

  // The other end lands nowhere, and may say that this is right.
  await sheet.getByText("End B", { exact: false }).first().click();
  await sheet.getByText("Goes on out of this job").click();
  await expect(sheet.getByLabel("Goes on out of this job")).toBeChecked();
  await sheet.getByRole("button", { name: "Delete wire" }).click();
  await closed(page);
  await expect(jobs.cell("1", "Wire")).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(jobs.cell("1", "Wire")).toHaveText("1");
});

test("a job has a name, a note and house rules of its own", async ({ page }) => {
  const jobs = new JobsOf(page);
  const name = `Rules ${Date.now()}`;
  await jobs.make(name, "Mara Quist");
  await jobs.type("new", "Wire", "1");
  await jobs.type("1", "Colour", "blue");
  await jobs.type("1", "Function", "neutral");
  await tab(page, "Findings");
  const colour = page.locator("[data-finding=colour-against-function]");
  await expect(colour).toBeVisible();
  await fromMenu(page, "More for this job", "House rules of this job");
  await page.locator("[data-rule=region]").getByText(/IEC/).first().click();
  await page.getByRole("button", { name: "Close" }).click();
  // Blue is neutral by IEC 60445, and a hot in North America (from memory).
  await expect(colour).toHaveCount(0);
  await fromMenu(page, "More for this job", "Rename");
  await page.getByLabel("Name", { exact: true }).fill(`${name}, renamed`);
  await page.getByRole("textbox", { name: "Note" }).fill("For the night crew.");
  await keep(page);
  await closed(page);
  await expect(page.getByRole("heading", { name: `${name}, renamed` })).toBeVisible();
  await expect(page.getByText("For the night crew.")).toBeVisible();
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(page.getByRole("heading", { name, exact: true })).toBeVisible();
  await expect(colour).toBeVisible();
});

test("a list goes out as CSV and comes back as what is there already", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Round ${Date.now()}`, "Mara Quist");
  await jobs.type("new", "Wire", "=1+1");
  await jobs.type("=1+1", "From", "DCP/X1:1");
  await jobs.type("=1+1", "Size", "14 solid");
  const download = page.waitForEvent("download");
  await fromMenu(page, "More for this job", "Export wires, CSV");
  const text = await readFile(await (await download).path(), "utf-8");
  expect(text).toContain("'=1+1");
  await page.getByRole("button", { name: "Import wire list" }).click();
  await jobs.sendList(text);
  await expect(page.locator("[data-preview]").first()).toHaveAttribute("data-does", "nothing");
});

test("history undoes any change that nothing came after, and says why where something did", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  await jobs.make(`History ${Date.now()}`, "Mara Quist");
  await jobs.type("new", "Wire", "1");
  await jobs.type("1", "Colour", "red");
  await jobs.type("1", "Colour", "black");
  await tab(page, "History");
  const changes = page.getByRole("list", { name: "Changes" }).getByRole("listitem");
  await expect(changes).toHaveCount(4);
  await page.getByRole("button", { name: "Undo change 3" }).click();
  await expect(
    page.getByRole("alert").getByText("so it cannot be undone. Nothing was changed."),
  ).toBeVisible();
  await page.getByRole("button", { name: "Undo change 4" }).click();
  await expect(changes.first()).toContainText("Undid: Changed wire 1.");
  await expect(changes.nth(1)).toContainText("undone");
  await tab(page, "Wires");
  await expect(jobs.cell("1", "Colour")).toHaveText("red");
});

/** Tabs on until the link of that name has the focus. */
