import AxeBuilder from "@axe-core/playwright";
import { expect, test } from "@playwright/test";
import { BenchOf, unfold } from "./bench";

const csv =
  "code,name,tool,scaleNm,trust\nTD-77,Driver for the pier,torque-driver,6,marking\nTD-78,Broken,torque-driver,much,marking\n";

test("what was read off a landing is put on the Shelf, found as it is typed, and used at the Bench", async ({
  page,
}) => {
  const code = `PIER${Date.now()}`;
  const bench = new BenchOf(page);
  await bench.open();
  await bench.nameMyself("Ines Okafor");
  await page.getByRole("radio", { name: "Lever clamp" }).check({ force: true });
  await unfold(page, "Read off the device");
  await page.getByLabel("Strip, mm", { exact: true }).fill("12.5");
  await page.getByText("Put this landing on the Shelf").click();
  await page.getByLabel("Code").fill(code);
  await page.getByLabel("Name", { exact: true }).fill("Lever clamp at the pier");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText(`${code} is on the Shelf.`)).toBeVisible();
  await page.getByRole("radio", { name: "Binding screw" }).check({ force: true });
  await expect(bench.prepare).toContainText("Hook");
  await bench.leaveField();
  await page.keyboard.press("9");
  await expect(page.getByLabel("Search (/)")).toBeVisible();
  await page.keyboard.press("/");
  await expect(page.getByLabel("Search (/)")).toBeFocused();
  await page.keyboard.type(code);
  const card = page.locator(`[data-code="${code}"]`);
  // The list follows every key: wait until it stands still.
  await expect(page.locator("[data-code]")).toHaveCount(1);
  await expect(card).toContainText("marking");
  await card.getByRole("button", { name: `Use ${code} at the Bench` }).click();
  await expect(bench.tighten).toContainText("Lever");
  await expect(bench.strip).toContainText("12.5");
});

test("an import is previewed by row and column, takes the good rows, and is undone", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.nameMyself("Tomasz Varga");
  await page.getByRole("link", { name: "Shelf" }).click();
  await page.getByRole("tab", { name: "Tools" }).click();
  await page.getByRole("button", { name: "Import" }).click();
  await page
    .getByLabel("File")
    .setInputFiles({ name: "tools.csv", mimeType: "text/csv", buffer: Buffer.from(csv) });
  await page.getByRole("button", { name: "Read it" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.getByText("1 new, 0 changed, 0 there already, 1 wrong.")).toBeVisible();
  await expect(dialog.getByRole("table", { name: "Rows" })).toContainText("scaleNm: “much” is no number");
  expect((await new AxeBuilder({ page }).include("[role=dialog]").analyze()).violations).toEqual([]);
  await dialog.getByRole("button", { name: "Import only the 1 good rows" }).click();
  await expect(page.locator("[data-code=TD-77]")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.locator("[data-code=TD-77]")).toBeHidden();
});

test("a tool is added by its form, changed, taken off, and put back", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.nameMyself("Lio Brandt");
  await page.getByRole("link", { name: "Shelf" }).click();
  await page.getByRole("tab", { name: "Tools" }).click();
  await page.getByRole("button", { name: "Add" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel("Code").fill("TD-55");
  await dialog.getByLabel("Name").fill("Driver of the dome");
  await dialog.getByRole("button", { name: "Save" }).click();
  await expect(dialog.getByRole("alert")).toContainText("needs the end of its scale");
  await dialog.getByLabel("End of the scale, N·m").fill("2");
  await dialog.getByLabel("Calibrated on").fill("2020-01-01");
  await dialog.getByRole("button", { name: "Save" }).click();
  const card = page.locator("[data-code=TD-55]");
  await expect(card).toContainText("calibration ended on 2021-01-01");
  await card.getByRole("button", { name: "Edit TD-55" }).click();
  await dialog.getByLabel("Name").fill("Driver of the dome, left");
  await dialog.getByRole("button", { name: "Save" }).click();
  await expect(card).toContainText("left");
  await card.getByRole("button", { name: "Delete TD-55" }).click();
  await expect(card).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(card).toBeVisible();
  await card.getByRole("button", { name: "Delete TD-55" }).click();
  await expect(card).toBeHidden();
});

test("every table opens with its source", async ({ page }) => {
  await page.goto("/shelf");
  await page.getByRole("tab", { name: "Tables" }).click();
  const table = page.locator("[data-table=nec-annex-i-socket]");
  await expect(table).toContainText("torque-standard-table");
  await table.getByRole("button").click();
  await expect(table).toContainText("rom memory");
  await expect(table.getByRole("cell", { name: "275" })).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});
