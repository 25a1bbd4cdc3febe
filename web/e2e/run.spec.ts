import AxeBuilder from "@axe-core/playwright";
import { expect, test, type Page } from "@playwright/test";
import { send, signedIn } from "./people";

// A small panel from its first strip to its last record, in the order that is told.

/** Two wires between screw clamps and a push-in block, made and ready to be worked. */
async function panel(page: Page, name: string) {
  const job = crypto.randomUUID();
  await page.goto("/jobs");
  await send(page, "/api/jobs", { id: job, name, purpose: "work" });
  const row = (wire: string, size: string, what: string) => ({
    name: wire,
    from: `K5/X1:${wire}`,
    fromLanding: "screw clamp",
    to: `OUT:${wire}`,
    size,
    colour: what === "earth" ? "green/yellow" : "black",
    function: what,
  });
  await send(page, `/api/jobs/${job}/wires`, {
    id: crypto.randomUUID(),
    rows: [row("1", "2.5 fine", "line"), row("2", "2.5 fine", "earth")],
    enclosure: "K5",
  });
  return job;
}

const task = (page: Page, stage: string) => page.locator(`[data-task=${stage}]`);

async function record(page: Page) {
  await page.getByRole("radio", { name: "Preset clicked" }).check({ force: true });
  await page.getByLabel("Set to").fill("0.6");
  await page.getByRole("textbox", { name: "Tool" }).fill("Preset driver 7");
  await page.getByRole("button", { name: "Done", exact: true }).press("Enter");
}

test("an enclosure is worked by keyboard alone, and a record is taken back", async ({ page }) => {
  const job = await panel(page, `Run ${Date.now()}`);
  await page.goto(`/run/${job}`);
  await expect(page.getByText("Not proved dead")).toBeVisible();
  // Both are stripped before either is prepared.
  for (const [i, stage] of ["slide-on", "slide-on", "strip", "strip"].entries()) {
    await expect(page.locator("[data-progress]")).toHaveText(new RegExp(`^${i + 1} of`));
    await expect(task(page, stage)).toBeVisible();
    if (stage === "strip") await expect(task(page, stage).locator("[data-figure]")).toContainText("mm");
    await page.keyboard.press("Enter");
  }
  await expect(task(page, "prepare").or(task(page, "crimp")).first()).toBeVisible();
  await page.keyboard.press("Backspace");
  await expect(task(page, "strip")).toBeVisible();
  await page.keyboard.press("PageDown");
  // What was ticked off outlives a reload.
  await expect(task(page, "strip")).toHaveCount(0);
  await page.reload();
  await expect(task(page, "prepare").or(task(page, "crimp")).first()).toBeVisible();
  while ((await page.locator("[data-task]").getAttribute("data-task")) !== "tighten") {
    const before = await page.locator("[data-progress]").innerText();
    await page.keyboard.press("Enter");
    await expect(page.locator("[data-progress]")).not.toHaveText(before);
  }
  // The earth first.
  await expect(page.getByRole("heading", { name: /^Tighten: wire 2 to X1:2/ })).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await record(page);
  await expect(page.getByRole("heading", { name: /^Tighten: wire 1 to X1:1/ })).toBeVisible();
  await page.getByRole("status").getByRole("button", { name: "Undo" }).press("Enter");
  await expect(page.getByRole("heading", { name: /^Tighten: wire 2 to X1:2/ })).toBeVisible();
  for (const wire of ["2", "1"]) {
    await expect(page.getByRole("heading", { name: `Tighten: wire ${wire} to X1:${wire}` })).toBeVisible();
    await record(page);
  }
  await expect(page.getByText("every end that can be is done")).toBeVisible();
  const { items } = (await (await page.context().request.get(`/api/jobs/${job}/wires`)).json()) as {
    items: { a: { state: string } }[];
  };
  expect(items.map(({ a }) => a.state)).toEqual(["landed", "landed"]);
});

test("on a phone, 360 px wide, by touch, nothing is cut off and the buttons are large", async ({
  browser,
}) => {
  const context = await browser.newContext({
    storageState: signedIn,
    viewport: { width: 360, height: 740 },
    hasTouch: true,
  });
  const page = await context.newPage();
  const job = await panel(page, `Run ${Date.now()}`);
  await page.goto(`/run/${job}`);
  const next = page.getByRole("button", { name: "Done, next" });
  expect((await next.boundingBox())?.height).toBeGreaterThanOrEqual(64);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await next.tap();
  await expect(page.locator("[data-progress]")).toHaveText(/^2 of /);
  await page.getByRole("button", { name: "Back" }).tap();
  await expect(page.locator("[data-progress]")).toHaveText(/^1 of /);
  await context.close();
});
