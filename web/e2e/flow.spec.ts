import { expect, test } from "@playwright/test";
import { BenchOf } from "./bench";
import { password } from "./people";

// One driver stands on the bench: whoever turns it turns it for every open page.
test.describe.configure({ mode: "serial" });

test("pick, read, turn the driver, done, log: by mouse", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await page
    .getByRole("group", { name: "Wire rack" })
    .getByRole("button", { name: "12 AWG" })
    .first()
    .click();
  await page.getByRole("group", { name: "Landings" }).getByRole("button", { name: "#10" }).click();
  await expect(bench.strip).toContainText(/2[0-9.]+/);
  await expect(bench.prepare).toContainText("Hook 270°");
  await page.getByLabel("Measured strip, mm (M)").fill("21.5");
  await expect(page.getByText("✓ Passes.")).toBeVisible();
  await bench.nameMyself("Ines Okafor");
  const driver = page.getByRole("button", { name: /Hold to turn|Let go/ });
  await driver.scrollIntoViewIfNeeded();
  await driver.hover();
  await bench.turnTo(
    1.6,
    () => page.mouse.down(),
    () => page.mouse.up(),
  );
  await bench.done.click();
  await expect(page.getByText(/Recorded as event \d+: landed/)).toBeVisible();
  await page.getByRole("link", { name: "Log" }).click();
  const newest = page.getByRole("list", { name: "Events, newest first" }).getByRole("listitem").first();
  await expect(newest).toContainText("12 AWG solid copper");
  await expect(newest).toContainText("Ines Okafor");
  await expect(newest).not.toContainText("not proved");
  await expect(newest).toContainText("simulated");
  await expect(newest).toContainText("21.5 mm");
  await expect(page.getByText("Whole.")).toBeVisible();
});

test("the same by keyboard alone", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await page.keyboard.press("t");
  await page.keyboard.type("2.5 fine");
  await page.keyboard.press("Enter");
  await expect(page.getByText(/Read as 2.5/)).toBeVisible();
  await page.getByRole("radio", { name: "Binding screw" }).focus();
  for (const kind of ["Back-wire clamp", "Back-stab hole", "Screw-clamp block"]) {
    await page.keyboard.press("ArrowRight");
    await expect(page.getByRole("radio", { name: kind })).toBeChecked();
  }
  await expect(bench.prepare).toContainText("Ferrule 2.5");
  await page.keyboard.press("Tab");
  await page.keyboard.press("Tab");
  await expect(page.locator(":focus")).toContainText("to 4 mm²");
  await page.keyboard.press("Enter");
  await page.getByRole("radio", { name: "One value" }).focus();
  await page.keyboard.press("Space");
  await page.getByLabel("Torque", { exact: true }).focus();
  await page.keyboard.type("0.7");
  await expect(bench.tighten).toContainText(/0\.7\s?N·m/);
  await expect(bench.tighten).toContainText("marking");
  await bench.leaveField();
  await page.keyboard.press("m");
  await page.keyboard.type("10.4");
  await page.context().clearCookies();
  await page.getByRole("button", { name: "Mara Quist is signed in" }).press("Enter");
  await page.getByRole("button", { name: "Change person" }).press("Enter");
  await page.getByLabel("Name", { exact: true }).focus();
  await page.keyboard.type("Tomasz Varga");
  await page.keyboard.press("Tab");
  await page.keyboard.type(password);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Tomasz Varga is signed in" })).toBeVisible();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await bench.leaveField();
  await bench.turnTo(
    0.66,
    () => page.keyboard.down(" "),
    () => page.keyboard.up(" "),
  );
  await bench.done.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByText(/Recorded as event \d+: landed\./)).toBeVisible();
  await bench.leaveField();
  await page.keyboard.press("8");
  await expect(
    page.getByRole("listitem").filter({ hasText: "2.5 mm² fine-stranded copper" }).first(),
  ).toBeVisible();
  await page.keyboard.press("4");
  await expect(bench.strip).toBeVisible();
});

test("the same on a phone, 360 px wide, by touch", async ({ browser }) => {
  const context = await browser.newContext({
    viewport: { width: 360, height: 740 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await context.newPage();
  const bench = new BenchOf(page);
  await bench.open();
  // From cold: the readings of the last pair are there at once, another pair is one tap away.
  await bench.recent("12 AWG solid").tap();
  await expect(bench.strip).toContainText("mm");
  await page.getByRole("button", { name: /^Landing/ }).tap();
  await page.getByRole("group", { name: "Landings" }).getByRole("button", { name: "#6" }).tap();
  await page.getByRole("button", { name: /^Landing/ }).tap();
  await bench.nameMyself("Lio Brandt");
  const driver = page.locator("[data-driver]");
  await bench.turnTo(
    1.7,
    () => driver.dispatchEvent("pointerdown", { button: 0, pointerType: "touch" }),
    () => driver.dispatchEvent("pointerup", { pointerType: "touch", bubbles: true }),
  );
  await bench.done.tap();
  await expect(page.getByText(/Recorded as event/)).toBeVisible();
  await page.getByRole("button", { name: "More" }).tap();
  await page.getByRole("link", { name: "Log" }).tap();
  await expect(page.getByRole("listitem").filter({ hasText: "Lio Brandt" }).first()).toBeVisible();
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overflow).toBe(0);
  await context.close();
});

test("letting go too early is found short, and Done can be taken back", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.nameMyself("Lio Brandt");
  const driver = page.getByRole("button", { name: /Hold to turn|Let go/ });
  await driver.scrollIntoViewIfNeeded();
  await driver.hover();
  await bench.turnTo(
    0.5,
    () => page.mouse.down(),
    () => page.mouse.up(),
  );
  await expect(page.locator("[data-live=false]")).toContainText("short");
  await bench.done.click();
  const recorded = page.getByText(/Recorded as event \d+: landed, out of tolerance/);
  const event = /\d+/.exec(await recorded.innerText())?.[0];
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText(/Recorded as event/)).toBeHidden();
  await page.getByRole("link", { name: "Log" }).click();
  await expect(page.getByRole("listitem").filter({ hasText: "withdrawal" }).first()).toBeVisible();
  await expect(page.locator(`[data-event="${event}"]`)).toContainText("withdrawn");
});
