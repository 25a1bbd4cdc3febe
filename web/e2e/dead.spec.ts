import AxeBuilder from "@axe-core/playwright";
import { expect, test, type Browser, type Page } from "@playwright/test";
import { letIn, send, signInAs } from "./people";

// A panel is made dead by two people with two locks, worked in, found live again on every screen, and powered.

const noOne = { storageState: { cookies: [], origins: [] } };

async function phoneOf(browser: Browser, name: string) {
  const context = await browser.newContext({
    ...noOne,
    viewport: { width: 360, height: 740 },
    hasTouch: true,
  });
  const page = await context.newPage();
  await page.goto("/log");
  await signInAs(page, name);
  await expect(page.getByRole("button", { name: "Export CSV" })).toBeVisible();
  return page;
}

/** A job of one panel with a line, a neutral and an earth in it. */
async function panel(page: Page, name: string, enclosure: string) {
  const job = crypto.randomUUID();
  await send(page, "/api/jobs", { id: job, name, purpose: "work" });
  const row = (at: string, what: string) => ({
    name: at,
    from: `${enclosure}/X1:${at}`,
    fromLanding: "push-in",
    to: `OUT:${at}`,
    size: "2.5 fine",
    function: what,
  });
  await send(page, `/api/jobs/${job}/wires`, {
    id: crypto.randomUUID(),
    rows: [row("1", "line"), row("2", "neutral"), row("3", "earth")],
    enclosure,
  });
  return job;
}

const others = [
  "Back-feed",
  "Second supply",
  "UPS",
  "Generator",
  "Solar or battery",
  "Control from elsewhere",
  "Stored energy",
];

test("a panel is made dead by two with two locks; a lock that comes off is told on every screen", async ({
  page,
  browser,
  baseURL,
}) => {
  const stamp = Date.now();
  const [cleo, dov] = [`Cleo ${stamp}`, `Dov ${stamp}`];
  await page.goto("/jobs");
  for (const name of [cleo, dov]) await letIn(page.context().request, baseURL ?? "", name, "electrician");
  const job = await panel(page, `Pier ${stamp}`, "K7");

  const hers = await phoneOf(browser, cleo);
  await hers.goto(`/board/${job}`);
  await expect(hers.getByText("Not proved dead")).toBeVisible();
  await hers.getByRole("link", { name: "Make K7 dead" }).tap();
  await hers.getByRole("button", { name: "Add a source: Feed" }).tap();
  await hers.getByLabel("What", { exact: true }).fill("LP/Q3");
  await hers.getByLabel("Lock", { exact: true }).fill("D-7");
  for (const kind of others.slice(1)) {
    await hers.getByRole("checkbox", { name: `None of ${kind}` }).check({ force: true });
  }
  await hers.getByRole("button", { name: "Save the sources" }).tap();
  // One kind was forgotten, and it is said which.
  await expect(hers.getByText("Nobody said yet of “Back-feed”")).toBeVisible();
  await hers.getByRole("checkbox", { name: "None of Back-feed" }).check({ force: true });
  await hers.getByRole("button", { name: "Save the sources" }).tap();
  await expect(hers.getByText("LP/Q3: locked with D-7")).toBeVisible();
  await hers.getByLabel("Number of your lock").fill("11");
  await hers.getByRole("button", { name: "My lock is on" }).tap();

  const his = await phoneOf(browser, dov);
  await his.goto(`/board/${job}`);
  await his.getByRole("link", { name: "Make K7 dead" }).tap();
  await his.getByLabel("Number of your lock").fill("11");
  await his.getByRole("button", { name: "My lock is on" }).tap();
  await expect(his.getByText("Lock 11 hangs there already: take one of your own.")).toBeVisible();
  await his.getByLabel("Number of your lock").fill("12");
  await his.getByRole("button", { name: "My lock is on" }).tap();
  await expect(hers.locator("[data-lock='12']")).toContainText(dov);

  await hers.getByLabel("Which one").fill("Tester 4");
  await hers.getByLabel("Proved on").fill("proving unit 2");
  await hers.getByRole("checkbox", { name: /^It showed what is live/ }).check({ force: true });
  for (const pair of ["X1:1 to X1:2", "X1:1 to earth", "X1:2 to earth"]) {
    await expect(hers.locator("[data-pair]")).toHaveText(pair);
    await hers.getByRole("button", { name: "It shows nothing" }).tap();
  }
  // What was measured outlives a reload.
  await hers.reload();
  await expect(hers.getByText("3 of 3 measured")).toBeVisible();
  expect((await new AxeBuilder({ page: hers }).analyze()).violations).toEqual([]);
  expect(await hers.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await hers.getByRole("checkbox", { name: "It showed it again, after" }).check({ force: true });
  await hers.getByRole("button", { name: "Record: it is dead" }).tap();
  await expect(hers.locator("[data-dead=dead]")).toBeVisible();
  await expect(his.locator("[data-dead=dead]")).toBeVisible();

  // Who is inside is asked before it ends, wherever they are.
  const later = await his.context().newPage();
  await later.clock.setFixedTime(Date.now() + 26 * 60_000);
  await later.goto("/bench");
  await expect(later.getByText(/^K7: proved dead until/)).toBeVisible();
  await later.getByRole("link", { name: "Still at work" }).click();
  await later.getByRole("button", { name: "Still at work" }).click();
  await expect(later.getByRole("heading", { name: "K7: make it dead" })).toBeVisible();
  await later.close();

  // Nobody powers it while a lock is on.
  await expect(his.getByRole("button", { name: "Power goes on" })).toBeDisabled();
  await expect(his.getByText(`Locks are still on: ${cleo} (11), ${dov} (12).`)).toBeVisible();

  // Wherever either is, and whoever has the job open, is told.
  await hers.goto("/log");
  await page.goto(`/jobs/${job}/wires`);
  await his.getByRole("button", { name: "Take my lock off" }).tap();
  for (const one of [hers, page]) {
    await expect(one.getByText("K7: hands out. It counts as live again.")).toBeVisible();
    await expect(one.getByText("A lock came off.")).toBeVisible();
  }
  await hers.getByRole("link", { name: "Prove it dead" }).tap();
  await expect(hers.getByRole("status").filter({ hasText: `${dov}, ` })).toBeVisible();
  await hers.getByRole("button", { name: "Take my lock off" }).tap();
  await hers.getByRole("button", { name: "Power goes on" }).tap();
  await expect(hers.locator("[data-dead=live]")).toBeVisible();
  await expect(hers.getByText("hands out")).toHaveCount(0);
});

test("what is measured live is told at once; by keyboard alone", async ({ page }) => {
  await page.goto("/jobs");
  const job = await panel(page, `Dome ${Date.now()}`, "K8");
  await page.goto(`/board/${job}`);
  await page.getByRole("link", { name: "Make K8 dead" }).press("Enter");
  await page.getByLabel("Number of your lock").press("A");
  await page.keyboard.press("Enter");
  await expect(page.getByText("lock A")).toBeVisible();
  await page.getByText("Two-pole tester").press("ArrowRight");
  await page.getByLabel("Which one").fill("Meter 1");
  await page.getByLabel("Proved on").fill("the socket beside it");
  await page.getByRole("checkbox", { name: /^It showed what is live/ }).press("Space");
  await page.getByLabel("It shows, V").pressSequentially("231");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Live: 231 V, X1:1 to X1:2")).toBeVisible();
  await page.getByRole("button", { name: "Record: it is live" }).press("Enter");
  await expect(page.locator("[data-dead=lapsed]")).toBeVisible();
  await page.goto("/log");
  await expect(page.getByText("K8: live, 231 V between X1:1 and X1:2.").first()).toBeVisible();
  // It is told on every screen until they are out, and where the job is open until it is dead or powered.
  await page.goto(`/board/${job}`);
  await page.getByRole("link", { name: "Make K8 dead" }).press("Enter");
  await page.getByRole("button", { name: "Take my lock off" }).press("Enter");
  await expect(page.locator("[data-lock=A]")).toHaveCount(0);
  await expect(page.getByText("K8: hands out")).toBeVisible();
  await page.goto("/log");
  await expect(page.locator("[data-event]").first()).toBeVisible();
  await expect(page.getByText("K8: hands out")).toHaveCount(0);
});

test("a new panel on the bench needs no proof and says why; work elsewhere shows as what it is", async ({
  page,
}) => {
  await page.goto("/jobs");
  const job = await panel(page, `Warm room ${Date.now()}`, "K9");
  const { items } = (await (await page.context().request.get(`/api/jobs/${job}/wires`)).json()) as {
    items: { wire: { id: string } }[];
  };
  const record = (deviceSequence: number) =>
    send<{ sequence: number }>(page, "/api/records", {
      id: crypto.randomUUID(),
      device: "e2e",
      deviceSequence,
      claimedAt: new Date().toISOString(),
      kind: "termination",
      subject: { jobId: job, wireId: items[0]?.wire.id, side: "a" },
      tightening: { method: "seated" },
    });
  const event = ({ sequence }: { sequence: number }) => page.locator(`[data-event='${sequence}']`);
  const unproved = await record(1);
  await page.goto("/log");
  await expect(event(unproved).locator("[data-dead-work=not-proved]")).toHaveText(
    "Done without proof that it was dead.",
  );
  await page.goto(`/print/${job}`);
  await expect(page.locator("[data-worked-without]")).toContainText("1 end without proof that it was dead.");

  await page.goto(`/board/${job}`);
  await page.getByRole("link", { name: "Make K9 dead" }).click();
  await page.getByRole("button", { name: "A new panel on the bench: nothing feeds it" }).click();
  await expect(page.locator("[data-dead=exempt]")).toBeVisible();
  const onTheBench = await record(2);
  await page.goto("/log");
  await expect(event(onTheBench).locator("[data-dead-work=new-panel]")).toHaveText(
    "On the bench: nothing fed it.",
  );
});
