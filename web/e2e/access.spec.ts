import AxeBuilder from "@axe-core/playwright";
import { expect, test, type Page } from "@playwright/test";
import { BenchOf, fromMenu } from "./bench";
import { JobsOf, list } from "./jobs";

/** In the dark the page is the same but for its colours: only what reads those is asked there again. */
const ofColours = ["color-contrast", "link-in-text-block"];

/** Nothing is found once the page has come to rest: while a dialog opens, the focus is still behind it. */
async function expectClean(page: Page) {
  const dark = await page.evaluate(() => matchMedia("(prefers-color-scheme: dark)").matches);
  await expect(async () => {
    // No page of ours holds another one, so each is looked at by itself and nothing is put together elsewhere.
    const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ["violations"] });
    const { violations } = await (
      dark
        ? axe.withRules(ofColours)
        : axe.withTags(["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa", "best-practice"])
    ).analyze();
    expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 160)).join(" | ")}`)).toEqual(
      [],
    );
  }).toPass({ timeout: 90_000 });
}

for (const theme of ["light", "dark"] as const) {
  for (const width of [1280, 360]) {
    test(`axe finds nothing: ${theme}, ${width} px`, async ({ browser }) => {
      const context = await browser.newContext({ viewport: { width, height: 800 }, colorScheme: theme });
      const page = await context.newPage();
      const bench = new BenchOf(page);
      await bench.open();
      await bench.tighten.click();
      await expectClean(page);
      if (width === 360) await page.getByRole("button", { name: /^Wire/ }).click();
      await bench.typeWire("6 fine");
      await expect(page.getByText("Stop", { exact: true })).toBeVisible();
      await expectClean(page);
      await page.keyboard.press("Escape");
      if (width === 360) {
        await page.getByRole("button", { name: /^Wire/ }).click();
        await page.getByRole("button", { name: /^Landing/ }).click();
        await expectClean(page);
        await page.getByRole("button", { name: "More" }).click();
      }
      await page.getByRole("button", { name: "Keys (?)" }).click();
      await expect(page.getByRole("dialog")).toBeVisible();
      await expectClean(page);
      await page.goto("/log");
      await expect(page.getByText("Whole.")).toBeVisible();
      await expectClean(page);
      await page.goto("/shelf");
      await expect(page.locator("[data-code]").first()).toBeVisible();
      await expectClean(page);
      await context.close();
    });

    test(`axe finds nothing among the cords: ${theme}, ${width} px`, async ({ browser }) => {
      const context = await browser.newContext({ viewport: { width, height: 800 }, colorScheme: theme });
      const page = await context.newPage();
      for (const [part, there] of [
        ["look", "[data-cord-verdict]"],
        ["size", "[data-cord-size]"],
        ["which", "[data-meter]"],
        ["plug", "[data-scene]"],
        ["pins", "[data-finding]"],
        ["earth", "[data-reading]"],
        ["end", "#rework-damaged"],
      ] as const) {
        await page.goto(`/cords/${part}`);
        await expect(page.locator(there).first()).toBeVisible();
        await expectClean(page);
      }
      await page.getByLabel("Strands lost").fill("3");
      await expect(page.locator("[data-verdict]")).toBeVisible();
      await expectClean(page);
      await context.close();
    });

    test(`axe finds nothing among the splices: ${theme}, ${width} px`, async ({ browser }) => {
      const context = await browser.newContext({ viewport: { width, height: 800 }, colorScheme: theme });
      const page = await context.newPage();
      for (const [part, there] of [
        ["join", "[data-ranked]"],
        ["hand", "[data-tape]"],
        ["pigtail", "[data-pigtail-plan]"],
        ["box", "[data-fits]"],
      ] as const) {
        await page.goto(`/splices/${part}`);
        await expect(page.locator(there).first()).toBeVisible();
        await expectClean(page);
      }
      await context.close();
    });

    test(`axe finds nothing in jobs: ${theme}, ${width} px`, async ({ browser }) => {
      // Typed into the sheet of cells, which a phone has no room for; looked at as wide as it is asked for.
      const context = await browser.newContext({ colorScheme: theme });
      const page = await context.newPage();
      const jobs = new JobsOf(page);
      await jobs.make(`Looked at ${theme} ${width} ${Date.now()}`, "Mara Quist");
      await jobs.type("new", "Wire", "1");
      await jobs.type("1", "From", "DCP/X1:1");
      await jobs.type("1", "Colour", "white");
      await jobs.type("1", "Function", "line");
      await expect(page.locator("[data-count=fix]").first()).toHaveText("2 fixes");
      await page.setViewportSize({ width, height: 800 });
      await expectClean(page);
      await page.getByRole("button", { name: /Open wire 1/ }).click();
      await expect(page.getByRole("dialog")).toContainText("Not drawn");
      await expectClean(page);
      await page.getByRole("button", { name: "Close", exact: true }).click();
      for (const tab of ["findings", "landings", "circuits", "cables", "history"]) {
        await page.goto(page.url().replace(/\/(wires|findings|landings|circuits|cables)(\?.*)?$/, `/${tab}`));
        await expect(page.getByRole("heading", { level: 1 })).toContainText("Looked at");
        await page.waitForLoadState("networkidle").catch(() => undefined);
        await expectClean(page);
        if (tab === "cables") {
          await page.getByRole("button", { name: "Add a cable or cord" }).click();
          await page.getByLabel("What it is").fill("14/2 NM-B");
          await expect(page.getByText("bare: earth")).toBeVisible();
          await expectClean(page);
          await page.keyboard.press("Escape");
        }
      }
      await page.goto("/board");
      await expect(page.locator("[data-board]")).toBeVisible();
      await expectClean(page);
      await page.getByLabel(/^Find \(/).fill("X1:1");
      await page.keyboard.press("Enter");
      await expect(page.locator("[data-slot-panel]")).toContainText("Not drawn");
      const onPhone = width < 768;
      if (onPhone) await fromMenu(page, "More for this board", "Show only…");
      else await page.getByText("Show only…").click();
      await expectClean(page);
      if (onPhone) await fromMenu(page, "More for this board", "Show as table");
      else await page.getByText("Table", { exact: true }).click();
      await expectClean(page);
      await fromMenu(page, "More for this board", "Print");
      await expect(page.locator("[data-sheet]")).toBeVisible();
      await expectClean(page);
      await page.goto("/jobs");
      await expect(page.locator("[data-job]").first()).toBeVisible();
      await expectClean(page);
      await page.goto("/import");
      await jobs.sendList(list);
      await expect(page.locator("[data-wrong]")).toBeVisible();
      await expectClean(page);
      await page.goto("/findings");
      await expect(page.getByLabel("Job", { exact: true })).toBeVisible();
      await expectClean(page);
      await context.close();
    });
  }
}

test("nothing is cut off at 360 px, nor at 200 % zoom", async ({ browser }) => {
  for (const width of [360, 640]) {
    const context = await browser.newContext({ viewport: { width, height: 400 } });
    const page = await context.newPage();
    await new BenchOf(page).open();
    for (const place of ["/bench", "/log", "/shelf", "/jobs", "/board", "/import", "/findings"]) {
      await page.goto(place);
      await page.waitForLoadState("networkidle").catch(() => undefined);
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(overflow, `${place} at ${width}`).toBe(0);
    }
    await context.close();
  }
});

test("every control can be touched: 44 px and up", async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 360, height: 740 } });
  const page = await context.newPage();
  await new BenchOf(page).open();
  const small = await page
    .locator(
      "button:visible, a:visible, select:visible, label:has(input):visible, input:not([type=radio]):not([type=checkbox]):visible",
    )
    .evaluateAll((elements) =>
      elements
        .map((element) => ({
          text: element.textContent?.trim() ?? "",
          height: element.getBoundingClientRect().height,
        }))
        .filter(({ height }) => height < 43.5),
    );
  expect(small).toEqual([]);
  await context.close();
});

test("the page keeps to its content policy", async ({ page }) => {
  const complaints: string[] = [];
  page.on("console", (message) => message.type() === "error" && complaints.push(message.text()));
  page.on("pageerror", (error) => complaints.push(error.message));
  const bench = new BenchOf(page);
  await bench.open();
  await bench.recent("2.5 mm²").click();
  await expect(bench.prepare).toContainText("Ferrule");
  await page.getByRole("link", { name: "Log" }).click();
  await expect(page.getByText("Whole.")).toBeVisible();
  expect(complaints).toEqual([]);
});
