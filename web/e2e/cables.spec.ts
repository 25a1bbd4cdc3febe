import { expect, test } from "@playwright/test";
import { JobsOf } from "./jobs";

const plant = [
  "Kabel;Ader;Von;Nach;Kabeltyp;Länge [m]",
  "-W11;1;-X1:1;-B1:1;LiYCY 4x0,75;12,5",
  "-W11;2;-X1:2;-B1:2;LiYCY 4x0,75;12,5",
  "-W12;1;-X2:1;-M1:U1;H07RN-F 4G2,5;18",
  "-W12;2;-X2:2;-M1:V1;H07RN-F 4G2,5;18",
  "-W12;3;-X2:3;-M1:W1;H07RN-F 4G2,5;18",
  "-W12;PE;-X2:PE;-M1:PE;H07RN-F 4G2,5;18",
].join("\r\n");

test("a cable is typed as it is bought, brings its conductors, and is taken back", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Cabled ${Date.now()}`, "Mara Quist");
  await page.getByRole("tab", { name: "Cables" }).click();
  await expect(page.getByText("No cable or cord yet")).toBeVisible();
  await page.getByRole("button", { name: "Add a cable or cord" }).click();
  const form = page.getByRole("dialog", { name: "New cable or cord" });
  await form.getByLabel("Name").fill("W20");
  await form.getByLabel("What it is").fill("14/2 NM-B frobnicated");
  await form.getByRole("button", { name: "Save" }).click();
  await expect(form.getByText(/frobnicated/)).toBeVisible();
  await form.getByLabel("What it is").fill("14/2 NM-B");
  await expect(form.getByRole("listitem")).toHaveText(["black", "white", "bare: earth"]);
  await form.getByLabel("Over its jacket, mm").fill("8,5");
  await form.getByRole("button", { name: "Save" }).click();
  const cable = page.locator("[data-cable=W20]");
  await expect(cable).toContainText("3 of 3 conductors");
  await expect(cable).toContainText("2 × 14 AWG solid copper NM-B, with earth");

  // Its conductors are wires like all others; one that lands shows what the jacket asks there.
  await page.getByRole("tab", { name: "Wires" }).click();
  await jobs.type("W20.1", "From", "LP/X1:1");
  await expect(jobs.cell("W20.1", "Run")).toHaveText("W20");
  await page.getByRole("tab", { name: "Cables" }).click();
  await expect(cable).toContainText("LP: 1 landed, way not measured, usually gland M16");
  await cable.getByRole("button", { name: "Edit cable W20" }).click();
  await page.getByLabel("Clamp to furthest terminal in LP, mm").fill("300");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(cable).toContainText(/LP: 300.mm/);

  // Deleted, it leaves its wires; undone, it is there with them.
  await cable.getByRole("button", { name: "Edit cable W20" }).click();
  await page.getByRole("button", { name: "Delete" }).click();
  await expect(cable).toHaveCount(0);
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(cable).toContainText("3 of 3 conductors");
});

test("a list of cables and cores comes in as cables, at 360 px; what one lacks is found", async ({
  page,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  const jobs = new JobsOf(page);
  const name = `Plant ${Date.now()}`;
  await page.goto("/import");
  await jobs.sendList(plant);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("6 new, 0 wrong, 2 cables");
  await expect(page.getByText("Conductors of 2 cables are read")).toBeVisible();
  await jobs.nameMyself("Mara Quist");
  await page.getByLabel("What is the job called?").fill(name);
  await page.getByRole("button", { name: "Import all 6" }).click();
  await expect(page.getByRole("heading", { name })).toBeVisible();
  await page.getByRole("tab", { name: "Cables" }).click();
  await expect(page.locator("[data-cable='-W12']")).toContainText("4 of 4 conductors");
  const short = page.locator("[data-cable='-W11']");
  await expect(short).toContainText("2 of the 4 conductors of -W11 are no wire of this job");
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);

  // By keyboard: the two that are forgotten.
  const edit = short.getByRole("button", { name: "Edit cable -W11" });
  await edit.focus();
  await page.keyboard.press("Enter");
  const form = page.getByRole("dialog", { name: "Cable -W11" });
  await expect(form.getByLabel("Name")).toBeFocused();
  await form.getByRole("checkbox", { name: /Add its 2 conductors/ }).focus();
  await page.keyboard.press("Space");
  await form.getByRole("button", { name: "Save" }).focus();
  await page.keyboard.press("Enter");
  await expect(short).toContainText("4 of 4 conductors");
});
