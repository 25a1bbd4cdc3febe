import { expect, test } from "@playwright/test";
import { BenchOf, unfold } from "./bench";

test("opens on a pair with six recent ones, all three readings at once", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await expect(page.getByRole("group", { name: "Recent pairs" }).getByRole("button")).toHaveCount(6);
  await expect(bench.strip).toContainText("11/16");
  await expect(bench.prepare).toContainText("Hook");
  await expect(bench.tighten).toContainText("16 lbf·in".replace(" ", "\u202f"));
});

test("remembers the last pair on this device", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.recent("16").click();
  await expect(bench.prepare).toContainText("Ferrule 16");
  await page.reload();
  await expect(bench.prepare).toContainText("Ferrule 16");
});

test("a changed wire alters the readings and what is drawn, in millimetres", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  const before = await bench.part("stripped-bare");
  expect(before.height).toBeCloseTo(1.628, 2);
  await bench.typeWire("12 sol");
  await expect(bench.strip).not.toContainText("18.1");
  await expect.poll(async () => (await bench.part("stripped-bare")).height).toBeCloseTo(2.053, 2);
  expect((await bench.part("stripped-bare")).width).toBeGreaterThan(before.width + 1);
});

test("a measured strip is drawn as it is, and a fault is seen", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await page.getByLabel("Measured strip, mm (M)").fill("25");
  await expect(page.getByText("✕ Long. Cut back to")).toBeVisible();
  await expect.poll(async () => (await bench.part("stripped-bare")).width).toBeCloseTo(25, 2);
  await expect(page.locator("[data-part=bare-showing]")).toBeVisible();
  await page.getByLabel("Measured strip, mm (M)").fill("14");
  await expect(page.getByText("✕ Short. Strip again to")).toBeVisible();
  await expect(page.locator("[data-part=insulation-caught]")).toBeVisible();
});

test("typing works as well as picking; what is not understood is said and changes nothing", async ({
  page,
}) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.typeWire("14 wibble");
  await expect(page.getByText(/“wibble” is not understood/)).toBeVisible();
  await expect(page.getByLabel("Type a wire (T)").first()).toHaveValue("14 wibble");
  await expect(bench.strip).toContainText("18.1");
  await bench.typeWire("2.5 fine");
  await expect(page.getByRole("radio", { name: "Fine", exact: true })).toBeChecked();
  await expect(
    page.getByRole("group", { name: "Wire rack" }).getByRole("button", { pressed: true }),
  ).toContainText("2.5");
});

test("a wire that does not fit says stop, why, and what would fit", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.typeWire("6 str");
  await expect(page.getByText("Stop", { exact: true })).toBeVisible();
  await expect(page.locator("[data-finding=conductor-out-of-range]")).toContainText(
    "does not go under a binding screw",
  );
  await expect(page.locator("[data-finding=conductor-out-of-range]")).toContainText("Land it in a lug");
  await expect(bench.strip).toContainText("None");
  await expect(bench.tighten).toContainText("Do not tighten");
  await expect(bench.done).toBeHidden();
  await expect(page.locator("[data-part=refused-insulation]")).toBeAttached();
});

test("Why opens the reasons of a reading, with sources", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.tighten.click();
  const why = page.getByRole("region", { name: "Why" });
  await expect(why).toContainText("is marked");
  await expect(why).not.toContainText("round the screw at");
  await bench.strip.click();
  await expect(why).toContainText("round the screw at");
  await why.getByRole("button", { name: "Close" }).click();
  await expect(why).toBeHidden();
  await page.keyboard.press("w");
  await expect(why).toContainText("is marked");
  await expect(why).toContainText("round the screw at");
});

test("U switches which unit leads, in readings and sentences, and both are always there", async ({
  page,
}) => {
  const bench = new BenchOf(page);
  await bench.open();
  await page.keyboard.press("u");
  await expect(bench.strip.locator("span").filter({ hasText: "11/16" }).first()).toBeVisible();
  await expect(bench.strip).toContainText("18.1\u202fmm");
  await expect(page.locator("[data-step=strip]")).toContainText("Strip 18.1\u202fmm (about 11/16\u202fin)");
  // A window that a rule cannot show leads in millimetres for everybody; a torque does not.
  await expect(page.locator("[data-step=tighten]")).toContainText("lbf·in (");
  await page.reload();
  await expect(page.locator("[data-step=tighten]")).toContainText("lbf·in (");
});

test("letters typed in a field are not keys, and keys can be switched off", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await page.getByLabel("Type a wire (T)").first().fill("");
  await page.keyboard.type("uuu");
  await expect(page.locator("[data-step=strip]")).toContainText("Strip 18.1");
  await page.getByLabel("Type a wire (T)").first().blur();
  await page.keyboard.press("?");
  await page.getByLabel(/Single keys are on/).uncheck();
  await page.getByRole("button", { name: "Close" }).click();
  await page.keyboard.press("u");
  await expect(page.locator("[data-step=strip]")).toContainText("Strip 18.1");
});

test("a block's data changes what is read: ferrule, depth, torque", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.recent("2.5 mm²").click();
  await expect(bench.prepare).toContainText("Ferrule 2.5");
  await unfold(page, "Read off the device");
  await page.getByRole("radio", { name: "forbidden" }).check({ force: true });
  await expect(bench.prepare).toContainText("Straight");
  await expect(page.locator("[data-finding=fine-strands-unsupported]")).toBeVisible();
  await page.getByLabel("Strip, mm", { exact: true }).fill("12");
  await expect(bench.strip).toContainText("12");
  await page.getByRole("radio", { name: "No torque marked" }).check({ force: true });
  await expect(bench.tighten).toContainText("common practice");
  await expect(page.locator("[data-read-off=tighten]")).toBeVisible();
});

test("a number that is none stays in its field, is said, and changes nothing", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await unfold(page, "Insulation");
  await page.getByLabel("Insulation OD, mm").fill("thick");
  await expect(page.getByText("Type a number, such as 2.8.")).toBeVisible();
  await expect(bench.strip).toContainText("18.1");
  await page.getByLabel("Insulation OD, mm").fill("0.5");
  await expect(page.getByRole("tabpanel").getByRole("alert")).toContainText("must be more than the metal");
});

test("aluminium stops unless the landing is marked for it", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await page.getByRole("radio", { name: "Al", exact: true }).check({ force: true });
  await expect(page.locator("[data-finding=aluminium-not-marked]")).toBeVisible();
  await unfold(page, "Read off the device");
  await page.getByLabel("Marked CO/ALR").check();
  await expect(page.locator("[data-finding=aluminium-not-marked]")).toBeHidden();
  await expect(bench.strip).toContainText("mm");
});

/** As electricians and panel builders write them (common practice), and what each must be read as. */
const firstTwenty: [string, string][] = [
  ["12 thhn black", "12 AWG solid copper THHN, black"],
  ["14/2 nm", "2 × 14 AWG solid copper NM"],
  ["14 sol cu", "14 AWG solid copper"],
  ["#10 str red", "10 AWG stranded copper, red"],
  ["12-2 w/g", "2 × 12 AWG solid copper, with earth"],
  ["2.5 H07V-K bu", "2.5 mm² fine-stranded copper H07V-K, blue"],
  ["16/3 sjoow", "3 × 16 AWG fine-stranded copper SJOOW"],
  ["#6 thhn", "6 AWG stranded copper THHN"],
  ["4/0 al xhhw", "4/0 AWG stranded aluminium XHHW"],
  ["22/4", "4 × 22 AWG stranded copper"],
  ["18/2 stp", "2 × 18 AWG stranded copper, shielded"],
  ["1.5 mm² solid", "1.5 mm² solid copper"],
  ["3x1.5 NYM", "3 × 1.5 mm² solid copper NYM"],
  ["10GA STR RED", "10 AWG stranded copper, red"],
  ["18 mtw blue", "18 AWG stranded copper MTW, blue"],
  ["0,75 gn/ye H05V-K", "0.75 mm² fine-stranded copper H05V-K, green, yellow stripe"],
  ["2/0 al", "2/0 AWG stranded aluminium"],
  ["22 UL 1007 wht", "22 AWG stranded copper UL 1007, white"],
  ["4G2.5 H07RN-F", "4 × 2.5 mm² fine-stranded copper H07RN-F, one of them earth"],
  ["8 xhhw-2 wht w/ blue stripe", "8 AWG stranded copper XHHW-2, white, blue stripe"],
];

test("the first twenty wires that somebody types are read", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  for (const [typed, read] of firstTwenty) {
    await bench.typeWire(typed);
    await expect(page.getByText(`Read as ${read}.`.replace(/(\d) (mm|AWG)/g, "$1\u202f$2"))).toBeVisible();
  }
});
