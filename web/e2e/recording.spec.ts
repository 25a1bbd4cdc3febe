import { expect, test } from "@playwright/test";
import { BenchOf } from "./bench";

test("a preset tool that clicked, with its setting", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.nameMyself("Tomasz Varga");
  await page.getByRole("radio", { name: "Preset clicked" }).check({ force: true });
  await expect(bench.done).toBeDisabled();
  await expect(page.getByText("Type the setting and the tool.")).toBeVisible();
  await page.getByLabel("Set to").fill("16");
  await page.getByLabel("Unit").last().selectOption("lbf·in");
  await page.getByRole("textbox", { name: "Tool" }).fill("Preset driver 7");
  await bench.done.click();
  await expect(page.getByText(/Recorded as event \d+: landed\./)).toBeVisible();
  await page.goto("/log");
  await expect(page.getByRole("listitem").filter({ hasText: "Preset driver 7" }).first()).toContainText(
    "clicked at",
  );
});

test("by feel is recorded as unmeasured and found wanting", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.nameMyself("Lio Brandt");
  await page.getByRole("radio", { name: "By feel" }).check({ force: true });
  await bench.done.click();
  await expect(page.getByText(/landed, out of tolerance/)).toBeVisible();
  await page.goto("/log");
  const entry = page.getByRole("listitem").filter({ hasText: "by feel, unmeasured" }).first();
  await expect(entry).toContainText("out of tolerance");
  await expect(entry).toContainText("Tighten with a torque tool");
});

test("when the server does not answer nothing is lost, and the very same event is sent again", async ({
  page,
}) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.nameMyself("Ines Okafor");
  await page.getByRole("radio", { name: "By feel" }).check({ force: true });
  const sent: string[] = [];
  let cut = true;
  await page.route("**/api/records?*", async (route) => {
    if (route.request().method() !== "POST") return route.continue();
    sent.push((route.request().postDataJSON() as { id: string }).id);
    return cut ? route.abort() : route.continue();
  });
  await bench.done.click();
  await expect(page.getByText("Lacet does not answer.")).toBeVisible();
  cut = false;
  await page.getByRole("button", { name: "Send it again" }).click();
  await expect(page.getByText(/Recorded as event \d+/)).toBeVisible();
  await expect(page.getByText("Lacet does not answer.")).toBeHidden();
  expect(sent).toHaveLength(2);
  expect(sent[0]).toBe(sent[1]);
});

test("the log exports CSV and JSON, and takes an event back", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.nameMyself("Ines Okafor");
  await page.getByRole("radio", { name: "By feel" }).check({ force: true });
  await bench.done.click();
  await expect(page.getByText(/Recorded as event/)).toBeVisible();
  const number =
    /event (\d+)/.exec((await page.getByText(/Recorded as event/).textContent()) ?? "")?.[1] ?? "";
  await page.getByRole("link", { name: "Log" }).click();
  const [csv] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Export CSV" }).click(),
  ]);
  expect(csv.suggestedFilename()).toBe("lacet-log.csv");
  const [json] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Export JSON" }).click(),
  ]);
  expect(json.suggestedFilename()).toBe("lacet-log.json");
  await page.getByRole("button", { name: `Withdraw event ${number}`, exact: true }).click();
  await expect(page.locator(`[data-event="${number}"]`)).toHaveAttribute("data-state", "withdrawn");
  await page.getByRole("button", { name: "Check again" }).click();
  await expect(page.getByText("Whole.")).toBeVisible();
});
