import { expect, test, type Locator, type Page } from "@playwright/test";
import { openTab } from "./keys";

// With no mouse at all: everything is reached by Tab, chosen by arrows and Space, done by Enter.

/** Goes on with Tab until a thing has the focus, as a person does; a group of radio buttons is one stop. */
async function tabTo(page: Page, target: Locator, most = 80) {
  for (let i = 0; i < most; i++) {
    await page.keyboard.press("Tab");
    if (await target.evaluate((element) => element === document.activeElement)) return;
  }
  throw new Error(`not reached by Tab: ${target.toString()}`);
}

test("a device is surveyed by keyboard alone", async ({ page }) => {
  await page.goto("/jobs");
  await tabTo(page, page.getByRole("button", { name: "New survey" }));
  await page.keyboard.press("Enter");
  const dialog = page.getByRole("dialog", { name: "New survey" });
  await expect(dialog.getByLabel("Name")).toBeFocused();
  await page.keyboard.type(`Gatehouse ${Date.now()}`);
  await page.keyboard.press("Enter");
  const taps = page.getByRole("region", { name: "Survey a device" });
  await expect(taps).toBeVisible();
  await tabTo(page, taps.getByRole("radio", { name: "Side screw" }));
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await expect(taps.getByRole("radio", { name: "Back-stab" })).toBeChecked();
  await expect(taps).toContainText("Wiggle each stabbed wire.");
  await tabTo(page, taps.getByRole("radio", { name: "Good" }));
  await page.keyboard.press("ArrowRight");
  await expect(taps.getByRole("radio", { name: "A wire moves" })).toBeChecked();
  await tabTo(page, taps.getByLabel("Plastic under a screw"));
  await page.keyboard.press("Space");
  await tabTo(page, taps.getByLabel("Name", { exact: true }));
  await page.keyboard.type("Gate 1");
  await tabTo(page, taps.getByRole("button", { name: "Add", exact: true }));
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-surveyed='Gate 1']")).toBeVisible();
  for (const found of ["back-stab-by-house-rule", "loose-or-scorched", "insulation-caught"])
    await expect(page.locator(`[data-count-of=${found}]`)).toContainText("1");
});

test("a wire is told and landings are compared by keyboard alone", async ({ page }) => {
  await page.goto("/bench/size");
  await tabTo(page, page.getByLabel("Strands", { exact: true }));
  await page.keyboard.type("7");
  await tabTo(page, page.getByLabel("One strand, mm"));
  await page.keyboard.type("0.77");
  await tabTo(page, page.getByRole("button", { name: /Use 12 AWG .* stranded at the Bench/ }));
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/bench$/);
  await tabTo(page, page.getByRole("tab", { name: "One wire" }));
  await openTab(page, "ArrowRight", "Side by side");
  await expect(page.locator("[data-compared]")).not.toHaveCount(0);
  await tabTo(page, page.getByRole("button", { name: "Open Lever clamp at the Bench" }));
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/bench$/);
  // The address changes a moment before the page does.
  await expect(page.locator("[data-compared]")).toHaveCount(0);
  await expect(page.locator("[data-reading=tighten]")).toContainText("Lever");
});
