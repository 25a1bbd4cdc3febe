import { expect, request, test, type Browser } from "@playwright/test";
import { letIn, password, signInAs } from "./people";

// Who works here: let in by a code, on a shared tablet by PIN, kept to their role, and signed out everywhere.

const noOne = { storageState: { cookies: [], origins: [] } };

async function phone(browser: Browser) {
  const context = await browser.newContext({
    ...noOne,
    viewport: { width: 360, height: 740 },
    hasTouch: true,
  });
  return context.newPage();
}

test("a stranger has the Bench and nothing that is kept; whoever signs in goes on where they were", async ({
  browser,
}) => {
  const page = await (await browser.newContext(noOne)).newPage();
  await page.goto("/bench");
  await expect(page.locator("[data-reading=strip]")).toContainText("mm");
  for (const place of ["/jobs", "/log", "/shelf", "/people", "/import", "/findings", "/board"]) {
    await page.goto(place);
    await expect(page.getByRole("heading", { name: "Sign in" })).toBeVisible();
  }
  await page.goto("/log");
  await signInAs(page, "ines okafor");
  await expect(page).toHaveURL(/\/log$/);
  await expect(page.getByRole("button", { name: "Export CSV" })).toBeVisible();
});

test("a lead lets somebody in by a code, who signs in on a phone and is kept to their role", async ({
  browser,
  page,
}) => {
  const name = `Nuala ${Date.now()}`;
  await page.goto("/people");
  await page.getByRole("button", { name: "Add somebody" }).click();
  await page.getByLabel("Name", { exact: true }).fill(name);
  await page.getByLabel("Works as").selectOption("inspector");
  await page.getByRole("button", { name: "Save" }).click();
  const code = await page.locator("[data-code]").innerText();
  await page.getByRole("button", { name: "Done" }).click();

  const hers = await phone(browser);
  await hers.goto("/jobs");
  await hers.getByRole("button", { name: "I was given a code" }).tap();
  await hers.getByLabel("Name", { exact: true }).fill(name);
  await hers.getByLabel("Code").fill(code.toLowerCase());
  await hers.getByLabel("A password of your own").fill("aaaaaaaaaaaa");
  await hers.getByRole("button", { name: "Sign in", exact: true }).tap();
  await expect(hers.getByText("anybody tries it first")).toBeVisible();
  await hers.getByLabel("A password of your own").fill(password);
  await hers.getByRole("button", { name: "Sign in", exact: true }).tap();
  // What is not hers to do is not offered, and it is said whose it is.
  await expect(hers.getByText("Only a lead may change jobs.")).toBeVisible();
  await expect(hers.getByRole("button", { name: "New job" })).toHaveCount(0);

  // Signed out everywhere by a lead, her phone says so by itself.
  await page.reload();
  const people = (await (await page.request.get("/api/people")).json()) as { id: string; name: string }[];
  const id = people.find((person) => person.name === name)?.id ?? "";
  await page.request.delete(`/api/sessions?personId=${id}`, {
    headers: {
      "X-Lacet-Token": ((await (await page.request.get("/api/session")).json()) as { token: string }).token,
    },
  });
  await expect(hers.getByRole("heading", { name: "Sign in" })).toBeVisible();
});

test("a tablet is paired by a code, changes hands in two taps and a PIN, and asks for the password where a PIN is not enough", async ({
  browser,
  baseURL,
}) => {
  const [lead, other] = [`Lead ${Date.now()}`, `Hand ${Date.now()}`];
  const api = await request.newContext({
    baseURL: baseURL ?? "",
    storageState: "test-results/signed-in.json",
  });
  await letIn(api, baseURL ?? "", lead, "lead");
  await letIn(api, baseURL ?? "", other, "electrician");
  await api.dispose();
  const page = await (await browser.newContext(noOne)).newPage();
  await page.goto("/people");
  await signInAs(page, lead);
  await page.getByRole("button", { name: "Pair a tablet" }).click();
  await page.getByLabel("What is it called?").fill("Dome cupboard");
  await page.getByRole("button", { name: "Show the code" }).click();
  // Reached from this machine alone, it has no address for a tablet’s camera.
  await expect(page.getByText("until it is started with --listen")).toBeVisible();
  const code = await page.locator("[data-code]").innerText();

  const tablet = await (
    await browser.newContext({ ...noOne, viewport: { width: 820, height: 1180 }, hasTouch: true })
  ).newPage();
  await tablet.goto(`/pair#${code}`);
  await tablet.getByRole("button", { name: "Pair this screen" }).tap();
  await tablet.getByRole("button", { name: other }).tap();
  for (const digit of ["2", "5", "8", "0"]) {
    await tablet.getByRole("button", { name: digit, exact: true }).tap();
  }
  await tablet.getByRole("button", { name: "OK" }).tap();
  await expect(tablet.getByText("Only a lead may change jobs.")).toBeVisible();

  // Two taps, and the PIN by keys.
  await tablet.getByRole("button", { name: `${other} is signed in` }).tap();
  await tablet.getByRole("button", { name: lead }).tap();
  await expect(tablet.getByRole("group", { name: `PIN of ${lead}` })).toBeFocused();
  await tablet.keyboard.type("2580");
  await tablet.keyboard.press("Enter");
  await expect(tablet.getByRole("dialog")).toHaveCount(0);
  await tablet.getByRole("button", { name: "New job" }).tap();
  await tablet.getByLabel("Name", { exact: true }).fill(`By PIN ${Date.now()}`);
  await tablet.getByRole("button", { name: "Create" }).tap();
  const asked = tablet.getByRole("dialog", { name: "Your password" });
  await expect(asked).toContainText("To change jobs, type your password.");
  await asked.getByLabel(`Password of ${lead}`).fill(password);
  await asked.getByRole("button", { name: "Go on" }).tap();
  await expect(tablet.getByRole("heading", { name: /By PIN/ })).toBeVisible();
});

test("a tool is paired on a lead’s screen, and unpaired; by keyboard, at 360 px", async ({ page }) => {
  const name = `Driver ${Date.now()}`;
  await page.setViewportSize({ width: 360, height: 740 });
  await page.goto("/people");
  await page.getByRole("button", { name: "Pair a tool" }).press("Enter");
  await page.getByLabel("What is it called?").fill(name);
  await page.keyboard.press("Tab");
  await page.keyboard.press("Space");
  await page.getByRole("button", { name: "Show the token" }).press("Enter");
  await expect(page.locator("[data-token]")).toHaveText(/^[\w-]{43}$/);
  await expect(page.getByText(/connects to port \d+/)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await page.getByRole("button", { name: "Done" }).press("Enter");
  const section = page.getByRole("region", { name: "Tools that send readings" });
  await expect(section.getByText(name)).toBeVisible();
  await expect(section).toContainText(
    "Never connected yet, stands in for a tool: its readings are simulated",
  );
  await section.getByRole("button", { name: `Unpair ${name}` }).press("Enter");
  await expect(section.getByText(name)).toHaveCount(0);
});

test("an apprentice says who supervises them, and records under that name", async ({
  browser,
  baseURL,
  page,
}) => {
  const name = `Wim ${Date.now()}`;
  await page.goto("/jobs");
  await letIn(page.context().request, baseURL ?? "", name, "apprentice");
  const theirs = await (await browser.newContext(noOne)).newPage();
  await theirs.goto("/bench");
  await theirs.getByRole("button", { name: "Sign in" }).click();
  await signInAs(theirs, name);
  await theirs.getByRole("radio", { name: "By feel" }).check({ force: true });
  await theirs.getByRole("button", { name: "Done", exact: true }).click();
  await expect(theirs.getByText("Say who supervises you today, before you record.")).toBeVisible();
  await theirs.getByRole("button", { name: `${name} is signed in` }).click();
  await theirs.getByLabel("Who supervises you today?").selectOption("Tomasz Varga");
  await theirs.getByRole("button", { name: "Close" }).click();
  await theirs.getByRole("button", { name: "Done", exact: true }).click();
  await expect(theirs.getByText(/Recorded as event/)).toBeVisible();
  await theirs.goto("/log");
  await expect(theirs.getByRole("listitem").filter({ hasText: name }).first()).toContainText(
    "apprentice under Tomasz Varga",
  );
});
