import { expect, test, type Page } from "@playwright/test";
import { JobsOf } from "./jobs";

// Devices that go by what is written at their terminals.

const tab = (page: Page, name: string) => page.getByRole("tab", { name }).click();
const keep = (page: Page) => page.getByRole("dialog").getByRole("button", { name: "Save" }).click();
const closed = (page: Page) => expect(page.getByRole("dialog")).toHaveCount(0);

test("a device takes its data from the Shelf, and pairs of terminals as printed on it", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Relay ${Date.now()}`, "Mara Quist");
  await tab(page, "Landings");
  await page.getByRole("button", { name: "Add an enclosure" }).click();
  await page.getByLabel("Name", { exact: true }).fill("P");
  await keep(page);
  await closed(page);
  await page.getByRole("button", { name: "Add a device" }).click();
  await page.getByLabel("Name", { exact: true }).fill("K1");
  // Terminal blocks have neither plugs nor tabs nor a coil to tell of.
  await expect(page.getByLabel("Plugs it takes")).toHaveCount(0);
  await expect(page.getByLabel("Made for, V")).toHaveCount(0);
  await page.getByLabel("Use its data from the Shelf").selectOption({
    label: "RL-8 · Relay, eight pins in a round base, coil 24 V DC",
  });
  await expect(page.getByLabel("What it is")).toHaveValue("relay");
  await expect(page.getByLabel("Made for, V")).toHaveValue("24");
  await expect(page.getByLabel("To terminal, pair 1")).toHaveValue("7");
  await page.getByRole("button", { name: "Remove pair 5" }).click();
  await page.getByRole("button", { name: "Add a pair of terminals" }).click();
  await page.getByLabel("From terminal, pair 5").fill("8");
  await page.getByLabel("To terminal, pair 5").fill("8");
  await keep(page);
  await expect(page.getByRole("dialog").getByRole("alert")).toContainText("names both");
  await page.getByLabel("To terminal, pair 5").fill("5");
  await keep(page);
  await closed(page);
  await page.getByRole("button", { name: "Edit K1", exact: true }).click();
  await expect(page.getByLabel("To terminal, pair 5")).toHaveValue("5");
  await expect(page.getByLabel("Of what current")).toHaveValue("dc");
});
