import { randomUUID } from "node:crypto";
import { expect, test, type Page } from "@playwright/test";
import { BenchOf } from "./bench";
import { JobsOf } from "./jobs";
import { openTab } from "./keys";
import { tokenOf } from "./people";

// Joints: in a connector, by hand, a pigtail, room in the box, and at an end of a job.

const joint = (page: Page) => page.locator("section[data-verdict]");

test("ends are joined: the place, the kind and a size more each move the verdict; the Shelf says what would fit", async ({
  page,
}) => {
  await page.goto("/bench");
  await expect(page.locator("[data-scene]").first()).toBeVisible();
  await page.keyboard.press("5");
  await expect(page).toHaveURL(/\/splices/);
  await expect(joint(page)).toHaveAttribute("data-verdict", "read");
  await expect(page.locator("[data-number=strip]")).toContainText("11 mm");
  await page.getByText("Wet", { exact: true }).click();
  await expect(joint(page)).toHaveAttribute("data-verdict", "stop");
  await expect(joint(page).locator("[data-finding=splice-not-sealed]")).toBeVisible();
  await expect(page.locator("[data-number=strip]")).toContainText("none");
  // What the Shelf has for it, the best first; the others say why not.
  const ranked = page.locator("[data-ranked]");
  await expect(ranked.first()).toHaveAttribute("data-fits", "true");
  await expect(page.locator("[data-ranked=LC-5]")).toContainText("not sealed");
  await ranked.first().getByRole("button", { name: /^Use / }).click();
  await expect(joint(page)).not.toHaveAttribute("data-verdict", "stop");
  await expect(page.locator("[data-number=seal]")).toContainText("small tube");
  await expect(page.getByRole("region", { name: "Steps" })).toContainText("nest for the small sleeve");
  // More of them take the larger tube.
  for (let i = 0; i < 2; i++) await page.getByRole("button", { name: "One 14 AWG more" }).click();
  await page.locator("[data-kind=crimp-sleeve-tube]").click();
  await expect(page.locator("[data-number=seal]")).toContainText("larger tube");
  await page.getByRole("button", { name: "Another size" }).click();
  await page.getByLabel("Size").nth(1).fill("fat");
  await expect(page.getByRole("alert").filter({ hasText: "no conductor size" })).toBeVisible();
  await page.getByLabel("Size").nth(1).fill("10");
  await expect(page.getByText(/1 × 10.AWG and 5 × 14.AWG/)).toBeVisible();
  await page.locator("[data-kind=none]").click();
  await expect(joint(page)).toContainText("A bare twist is not finished");
});

test("of twin cable ribbed goes to ribbed", async ({ page }) => {
  await page.goto("/splices/join");
  await page.getByRole("button", { name: "One 14 AWG less" }).click();
  await page.getByLabel("Of a flat twin cable").selectOption("ribbed");
  await expect(page.getByRole("region", { name: "Steps" })).toContainText("ribbed to ribbed");
  await page.getByRole("button", { name: "Another size" }).click();
  await page.getByLabel("Of a flat twin cable").nth(1).selectOption("smooth");
  await expect(joint(page).locator("[data-finding=splice-twin-crossed]")).toBeVisible();
});

test("a cord is not spliced but for the one lawful repair, and an earth not by solder", async ({ page }) => {
  await page.goto("/splices/join");
  await page.getByLabel("In a flexible cord").check();
  await expect(joint(page).locator("[data-finding=splice-in-cord]")).toContainText(
    "Flexible cord is not spliced",
  );
  await page.getByLabel(/^Hard-service/).check();
  await expect(joint(page)).toHaveAttribute("data-verdict", "caution");
  await page.getByLabel("A ground").check();
  await page.locator("[data-kind=solder]").click();
  await expect(joint(page).locator("[data-finding=earth-by-solder]")).toBeVisible();
});

test("by hand, by keyboard alone: every form is drawn, its lengths follow the turns, what cannot be wound is said", async ({
  page,
}) => {
  await page.goto("/splices/join");
  await page.getByRole("tab", { name: "In a connector" }).focus();
  await openTab(page, "ArrowRight", "By hand");
  await expect(page).toHaveURL(/\/splices\/hand/);
  const bare = page.locator("[data-bare]").first();
  await expect(bare).toBeVisible();
  for (const form of await page.locator("[data-form]").all()) {
    await form.press("Enter");
    await expect(form).toHaveAttribute("aria-pressed", "true");
    await expect(page.locator("[data-hand] [data-scene]")).toBeVisible();
    await expect(page.locator("[data-not-finished]")).toContainText("A bare twist is not finished");
    await expect(page.locator("[data-tape]").first()).toContainText("rubber");
  }
  await page.locator("[data-form=in-line]").press("Enter");
  await expect(bare).toContainText("mm");
  const before = Number.parseFloat(await bare.innerText().then((text) => text.split("\n")[1] ?? ""));
  await page.getByLabel("Tight turns").fill("8");
  await expect
    .poll(async () => Number.parseFloat((await bare.innerText()).split("\n")[1] ?? ""))
    .toBeGreaterThan(before);
  await page.getByLabel(/^Size/).fill("2/0");
  await expect(page.getByRole("alert").filter({ hasText: "not wound by hand" })).toBeVisible();
  await page.getByLabel(/^Size/).fill("12");
  await expect(page.getByText(/An in-line splice, 12.AWG/)).toBeVisible();
});

test("a pigtail is planned, a box added up, and too full is said", async ({ page }) => {
  await page.goto("/splices/pigtail");
  const plan = page.locator("[data-pigtail-plan]");
  await expect(plan).toContainText("270 mm");
  await page.getByLabel("To be made anew, times").fill("0");
  await expect(plan).toContainText("210 mm");
  await page.goto("/splices/box");
  const full = page.locator("section[data-fits]");
  await expect(full).toContainText("16.00 in³");
  await expect(full).toHaveAttribute("data-fits", "true");
  await page.getByLabel("12 AWG", { exact: true }).fill("4");
  await expect(full).toHaveAttribute("data-fits", "false");
  await expect(full).toContainText("too full");
});

test("a connector is put on the Shelf with what holds it, and is chosen from there", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.nameMyself("Lio Brandt");
  await page.getByRole("link", { name: "Shelf" }).click();
  await page.getByRole("tab", { name: "Connectors" }).click();
  await page.getByRole("button", { name: "Add" }).click();
  const dialog = page.getByRole("dialog");
  const code = `SX-${Date.now() % 100_000}`;
  await dialog.getByLabel("Code").fill(code);
  await dialog.getByLabel("Name").fill("Tube of the pier");
  await dialog.getByLabel("Fewest conductors").fill("2");
  await dialog.getByLabel("Most conductors").fill("4");
  await dialog.getByLabel("Least, mm²").fill("30");
  await dialog.getByLabel("Most, mm²").fill("9");
  await dialog.getByLabel("Strip, mm").fill("13");
  await dialog.getByLabel("What holds").selectOption("crimp-sleeve-tube");
  await dialog.getByLabel("Sealed, for wet places").check();
  await dialog.getByRole("button", { name: "Save" }).click();
  // Nothing typed is lost by what is wrong.
  await expect(dialog.getByRole("alert")).toContainText("the least first");
  await dialog.getByLabel("Least, mm²").fill("1.3");
  await dialog.getByRole("button", { name: "Save" }).click();
  await expect(page.locator(`[data-code=${code}]`)).toContainText("sealed");
  await page.goto("/splices/join");
  await page.getByText("Wet", { exact: true }).click();
  await page.getByRole("button", { name: "Use Tube of the pier" }).click();
  await expect(joint(page)).toContainText("Tube of the pier");
  await expect(joint(page)).toHaveAttribute("data-verdict", "go");
  await page.goto("/shelf");
  await page.getByRole("tab", { name: "Connectors" }).click();
  await page.getByRole("button", { name: `Delete ${code}` }).click();
});

test("at 360 px nothing of the splices is cut off", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  for (const part of ["join", "hand", "pigtail", "box"]) {
    await page.goto(`/splices/${part}`);
    await page.waitForLoadState("networkidle").catch(() => undefined);
    expect(await page.evaluate(() => document.documentElement.scrollWidth), part).toBeLessThanOrEqual(360);
  }
});

test("a splice of a job is drawn at its end, plans its pigtails, and is put right in its landing", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  await page.goto("/jobs");
  await jobs.nameMyself("Mara Quist");
  const [box, joined, screw] = [randomUUID(), randomUUID(), randomUUID()];
  const title = { id: randomUUID(), order: 1, name: `Joint ${Date.now()}`, purpose: "work" };
  const landing = { enclosureId: box, identity: "none", side: "none", half: "none", spare: false };
  const wire = (order: number, b: object) => ({
    id: randomUUID(),
    order,
    name: `${order}`,
    conductor: { size: "14 AWG", build: "solid", material: "copper" },
    function: "line",
    lengthMm: 150,
    inCord: false,
    retired: false,
    a: { id: randomUUID(), landingId: joined },
    b: { id: randomUUID(), ...b },
  });
  const sent = await page.request.post("/api/jobs/document", {
    headers: {
      "Content-Type": "application/octet-stream",
      "X-Lacet-Token": await tokenOf(page.request),
    },
    data: Buffer.from(
      JSON.stringify({
        format: "lacet-job/1",
        job: title,
        enclosures: [{ id: box, order: 1, name: "B", form: "box", place: "wet" }],
        devices: [],
        landings: [
          {
            ...landing,
            id: joined,
            order: 1,
            name: "J",
            splice: { name: "levers", leastCount: 2, mostCount: 3, leastMm2: 0.2, mostMm2: 4 },
          },
          { ...landing, id: screw, order: 2, name: "S", landing: { kind: "binding-screw", screw: "#8" } },
        ],
        circuits: [],
        wires: [wire(1, { landingId: screw }), wire(2, { elsewhere: true })],
        acceptances: [],
      }),
    ),
  });
  expect(sent.ok(), await sent.text()).toBe(true);
  await page.goto(`/board/${title.id}?slot=${joined}`);
  const splice = page.locator("[data-splice=J]");
  await expect(splice).toContainText("levers");
  await expect(splice.locator("[data-scene]")).toBeVisible();
  await expect(splice.locator("[data-finding=splice-not-sealed]").first()).toBeVisible();
  await expect(splice.locator("[data-job-pigtail='1']")).toContainText("too short for that");
  await page.getByRole("button", { name: "Edit the landing" }).click();
  const form = page.getByRole("dialog");
  await form.getByLabel("What holds it").selectOption("crimp-sleeve-tube");
  await form.getByRole("button", { name: "Save", exact: true }).click();
  await expect(splice.locator("[data-finding=splice-not-sealed]")).toHaveCount(0);
  await expect(splice).toContainText("small tube");
});
