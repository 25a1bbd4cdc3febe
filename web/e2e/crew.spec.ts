import AxeBuilder from "@axe-core/playwright";
import { chromium, expect, test, type Browser, type Page } from "@playwright/test";
import { listening } from "./listening";
import { password } from "./people";

// A crew of four, one tablet and two phones, through a day: over TLS, with a certificate of Lacet’s own.

const [ada, cleo, dov, fay] = ["Ada Lind", "Cleo Marsh", "Dov Reyes", "Fay Osei"];
const crew = [
  [ada, "lead"],
  [cleo, "electrician"],
  [dov, "electrician"],
  [fay, "inspector"],
] as const;
const pin = "2580";

const screen = async (browser: Browser, width: number, height: number) =>
  (
    await browser.newContext({
      storageState: { cookies: [], origins: [] },
      viewport: { width, height },
      hasTouch: true,
    })
  ).newPage();

/** Asks as the page itself would: over its own connection, with its own cookie. */
const ask = <T>(page: Page, path: string, body?: unknown, method = body ? "POST" : "GET") =>
  page.evaluate(
    async ([path, body, method]) => {
      const { token } = (await (await fetch("/api/session")).json()) as { token: string | null };
      const answer = await fetch(path, {
        method,
        headers: { "Content-Type": "application/json", ...(token && { "X-Lacet-Token": token }) },
        ...(body ? { body: JSON.stringify(body) } : {}),
      });
      const text = await answer.text();
      return { status: answer.status, json: (text ? JSON.parse(text) : null) as unknown };
    },
    [path, body, method] as const,
  ) as Promise<{ status: number; json: T }>;

async function byCode(page: Page, name: string, code: string) {
  await page.getByRole("button", { name: "I was given a code" }).tap();
  await page.getByLabel("Name", { exact: true }).fill(name);
  await page.getByLabel("Code").fill(code);
  await page.getByLabel("A password of your own").fill(password);
  await page.getByLabel("A PIN for shared tablets").fill(pin);
  await page.getByRole("button", { name: "Sign in", exact: true }).tap();
}

const listed = (tablet: Page, name: string) =>
  tablet.getByRole("group", { name: "Who is it?" }).getByRole("button", { name });

/** Two taps and a PIN. */
async function takeOver(tablet: Page, from: string | null, to: string) {
  if (from) await tablet.getByRole("button", { name: `${from} is signed in` }).tap();
  await listed(tablet, to).tap();
  for (const digit of pin) await tablet.getByRole("button", { name: digit, exact: true }).tap();
  await tablet.getByRole("button", { name: "OK" }).tap();
  await expect(tablet.getByRole("button", { name: `${to} is signed in` })).toBeVisible();
}

async function clean(page: Page) {
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  const [content, window] = await page.evaluate(() => [document.documentElement.scrollWidth, innerWidth]);
  expect(content).toBeLessThanOrEqual(window ?? 0);
}

async function hang(page: Page, number: string) {
  await page.getByLabel("Number of your lock").fill(number);
  await page.getByRole("button", { name: "My lock is on" }).tap();
  await expect(page.locator(`[data-lock='${number}']`)).toBeVisible();
}

test("a crew of four shares a tablet and two phones through a day, over TLS", async () => {
  const { launchOptions } = test.info().project.use;
  const server = await listening(crew);
  const browser = await chromium.launch({
    ...launchOptions,
    args: [...(launchOptions?.args ?? []), `--ignore-certificate-errors-spki-list=${server.key}`],
  });
  const code = (name: string) => server.codes.get(name) ?? "";
  try {
    const [tablet, adas, fays] = [
      await screen(browser, 820, 1180),
      await screen(browser, 360, 740),
      await screen(browser, 360, 740),
    ] as const;

    // Everybody comes in by a code once; the lead stays, on a phone that trusts the shop’s own authority.
    for (const name of [cleo, dov]) {
      const theirs = await screen(browser, 360, 740);
      await theirs.goto(`${server.there}/log`);
      await byCode(theirs, name, code(name));
      await expect(theirs.getByRole("button", { name: "Export CSV" })).toBeVisible();
      await theirs.context().close();
    }
    await adas.goto(`${server.there}/trust`);
    await clean(adas);
    await adas.goto(`${server.there}/people`);
    await clean(adas);
    await byCode(adas, ada, code(ada));
    await expect(adas.getByRole("heading", { name: "Who works here" })).toBeVisible();
    expect(await adas.evaluate(() => [isSecureContext, crypto.randomUUID().length])).toEqual([true, 36]);
    await clean(adas);
    await fays.goto(`${server.there}/log`);
    await byCode(fays, fay, code(fay));

    await adas.getByRole("button", { name: "Pair a tablet" }).tap();
    await adas.getByLabel("What is it called?").fill("Dome cupboard");
    await adas.getByRole("button", { name: "Show the code" }).tap();
    const pairing = await adas.locator("[data-code]").innerText();
    await adas.getByRole("button", { name: "Done" }).tap();
    await tablet.goto(`${server.there}/pair#${pairing}`);
    await tablet.getByRole("button", { name: "Pair this screen" }).tap();
    await expect(listed(tablet, cleo)).toBeVisible();
    await clean(tablet);
    await listed(tablet, cleo).tap();
    await clean(tablet);
    for (const digit of pin) await tablet.getByRole("button", { name: digit, exact: true }).tap();
    await tablet.getByRole("button", { name: "OK" }).tap();
    await expect(tablet.getByRole("button", { name: `${cleo} is signed in` })).toBeVisible();

    // The lead makes the job; whoever may not is told who may.
    const job = crypto.randomUUID();
    const made = { id: job, name: "Pier box", purpose: "work" };
    const refused = await ask<{ detail: string }>(tablet, "/api/jobs", made);
    expect([refused.status, refused.json.detail]).toEqual([403, "Only a lead may change jobs."]);
    expect((await ask(adas, "/api/jobs", made)).status).toBe(201);
    const row = (at: string, what: string) => ({
      name: at,
      from: `P1/X1:${at}`,
      fromLanding: "push-in",
      to: `OUT:${at}`,
      size: "2.5 fine",
      function: what,
    });
    const rows = [row("1", "line"), row("2", "neutral"), row("3", "earth")];
    await ask(adas, `/api/jobs/${job}/wires`, { id: crypto.randomUUID(), rows, enclosure: "P1" });
    const wires = await ask<{ items: { wire: { id: string } }[] }>(adas, `/api/jobs/${job}/wires`);
    const wire = wires.json.items[0]?.wire.id;
    const record = (page: Page, kind: string) =>
      ask<{ detail?: string; deadWork?: string }>(page, "/api/records", {
        id: crypto.randomUUID(),
        device: "crew",
        deviceSequence: 1,
        claimedAt: new Date().toISOString(),
        kind,
        subject: { jobId: job, wireId: wire, side: "a" },
        ...(kind === "termination" && { tightening: { method: "seated" } }),
      });

    // Made dead on the tablet: Cleo locks the sources and hangs her own lock, Dov hangs his.
    await tablet.goto(`${server.there}/board/${job}`);
    await tablet.getByRole("link", { name: "Make P1 dead" }).tap();
    const dead = tablet.url();
    await tablet.getByRole("button", { name: "Add a source: Feed" }).tap();
    await tablet.getByLabel("What", { exact: true }).fill("LP/Q3");
    await tablet.getByLabel("Lock", { exact: true }).fill("D-7");
    for (const box of await tablet.getByRole("checkbox", { name: /^None of/ }).all()) {
      await box.check({ force: true });
    }
    await tablet.getByRole("button", { name: "Save the sources" }).tap();
    await expect(tablet.getByText("LP/Q3: locked with D-7")).toBeVisible();
    await hang(tablet, "11");
    await takeOver(tablet, cleo, dov);
    await hang(tablet, "12");
    await takeOver(tablet, dov, cleo);
    await tablet.getByText("Stand-in", { exact: true }).tap();
    await tablet.getByLabel("Proved on").fill("proving unit 2");
    await tablet.getByRole("checkbox", { name: /^It showed what is live/ }).check({ force: true });
    for (const pair of ["X1:1 to X1:2", "X1:1 to earth", "X1:2 to earth"]) {
      await expect(tablet.locator("[data-pair]")).toHaveText(pair);
      await tablet.getByRole("button", { name: "Measure", exact: true }).tap();
    }
    await tablet.getByRole("checkbox", { name: "It showed it again, after" }).check({ force: true });
    await tablet.getByRole("button", { name: "Record: it is dead" }).tap();
    await expect(tablet.locator("[data-dead=dead]")).toBeVisible();

    // Landed by one, checked by another, by an inspector who may not do the work.
    expect((await record(tablet, "termination")).json.deadWork).toBe("proved");
    expect((await record(tablet, "check")).json.detail).toContain("Somebody other than who landed it");
    expect((await record(fays, "termination")).status).toBe(403);
    await fays.goto(dead);
    await expect(fays.getByText("Only a lead or an electrician may make dead").first()).toBeVisible();
    await hang(fays, "13");
    expect((await record(fays, "check")).status).toBe(201);

    // One takes a lock off to go home: everybody who is inside, or has the job open, sees it at once.
    await adas.goto(`${server.there}/jobs/${job}/wires`);
    await fays.getByRole("button", { name: "Take my lock off" }).tap();
    for (const page of [tablet, adas, fays]) {
      await expect(page.getByText("P1: hands out. It counts as live again.")).toBeVisible();
    }
    await clean(tablet);
    expect((await record(tablet, "termination")).json.deadWork).toBe("lapsed");

    // At the end of the day the lead signs everybody out, everywhere.
    const people = await ask<{ id: string; name: string }[]>(adas, "/api/people");
    for (const { id } of people.json.filter(({ name }) => name !== ada)) {
      await ask(adas, `/api/sessions?personId=${id}`, undefined, "DELETE");
    }
    await expect(fays.getByRole("heading", { name: "Sign in" })).toBeVisible();
    await expect(tablet.getByRole("heading", { name: "Sign in" })).toBeVisible();
    await expect(adas.getByText("P1: hands out. It counts as live again.")).toBeVisible();
  } finally {
    await browser.close();
    server.end();
  }
});
