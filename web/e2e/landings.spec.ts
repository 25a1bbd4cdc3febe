import AxeBuilder from "@axe-core/playwright";
import { expect, test } from "@playwright/test";
import { BenchOf, unfold } from "./bench";

/** What a person of the trade would look for in each section, and read in its three readings. */
const kinds: [kind: string, wire: string, part: string, reading: RegExp][] = [
  ["Back-wire clamp", "12 sol", "landed-clamp-plate", /Straight/],
  ["Back-stab hole", "14 sol", "landed-release", /Spring/],
  ["Screw-clamp block", "2.5 fine", "landed-cage", /Ferrule/],
  ["Spring-cage block", "2.5 fine", "tool-blade", /Spring/],
  ["Push-in block", "2.5 fine", "landed-release", /Ferrule/],
  ["Deep push-in", "4 mm2 str", "landed-bar", /Twist tight/],
  ["Lever clamp", "1.5 fine", "landed-lever", /Lever/],
  ["Insulation displacement", "1 mm2 str", "landed-contact-0", /Don’t strip/],
  ["Stud: ring or fork", "1.5 str", "landed-nut", /Ring/],
  ["Set-screw lug", "6 AWG str", "landed-bolt-hole", /Straight/],
  ["Crimped lug", "2 AWG str", "landed-palm", /Lug/],
  ["Plug", "16 AWG fine", "landed-plate", /Twist tight/],
  ["Solder lug", "18 AWG fine", "landed-solder", /Solder/],
];

test("every kind is picked, read and drawn in its own way", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  for (const [kind, wire, part, reading] of kinds) {
    await bench.typeWire(wire);
    await page.getByRole("radio", { name: kind }).click({ force: true });
    await expect(page.locator("[data-verdict]")).toContainText(reading);
    await expect(page.locator(`[data-scene] [data-part=${part}]`)).toBeAttached();
    await expect(page.getByRole("region", { name: "Undoing it" })).toBeVisible();
  }
});

test("what is not tightened is recorded as seated", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.typeWire("1.5 fine");
  await page.getByRole("radio", { name: "Lever clamp" }).check({ force: true });
  await expect(bench.tighten).toContainText("Lever");
  await bench.nameMyself("Ines Okafor");
  await bench.done.click();
  await expect(page.getByText(/Recorded as event \d+: landed\./)).toBeVisible();
  await page.getByRole("link", { name: "Log" }).click();
  const newest = page.getByRole("list", { name: "Events, newest first" }).getByRole("listitem").first();
  await expect(newest).toContainText("Lever clamp");
  await expect(newest).toContainText("seated");
});

test("a house rule is switched by keyboard, changes what is read, and is remembered", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.typeWire("2.5 fine");
  await page.getByRole("radio", { name: "Push-in block" }).check({ force: true });
  await expect(bench.prepare).toContainText("Ferrule 2.5");
  await bench.leaveField();
  await page.keyboard.press("h");
  const panel = page.getByRole("dialog", { name: "House rules" });
  const results = await new AxeBuilder({ page }).include("[role=dialog]").analyze();
  expect(results.violations).toEqual([]);
  await panel.getByRole("radio", { name: /Only where the maker asks/ }).focus();
  await page.keyboard.press("Space");
  await page.keyboard.press("Escape");
  await expect(bench.prepare).toContainText("Straight");
  await page.reload();
  await expect(bench.prepare).toContainText("Straight");
  await page.getByRole("button", { name: /^House rules/ }).click();
  await panel.getByRole("button", { name: "Reset to defaults" }).click();
  await panel.getByRole("button", { name: "Close" }).click();
  await expect(bench.prepare).toContainText("Ferrule 2.5");
});

test("what is known of the end stops what must not be done", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await unfold(page, "Used end");
  await page.getByRole("radio", { name: "used hook" }).check({ force: true });
  await expect(page.locator("[data-finding=end-used-before]")).toContainText("Metal hardens");
  await page.getByRole("radio", { name: "Fresh end" }).check({ force: true });
  await page.getByLabel("Two wires in this landing").check();
  await expect(page.locator("[data-finding=two-conductors]")).toBeVisible();
  await page.getByLabel("Two wires in this landing").uncheck();
  await unfold(page, "Circuit");
  await page.getByLabel("Breaker, A").fill("20");
  await expect(page.locator("[data-finding=terminal-overloaded]")).toContainText("15 A");
  await page.getByLabel("Breaker, A").fill("15");
  await expect(bench.strip).toContainText("18.1");
});

test("two fine wires in a block that is marked for two get a twin", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.typeWire("1 mm2 fine");
  await page.getByRole("radio", { name: "Screw-clamp block" }).check({ force: true });
  await page.getByLabel("Two wires in this landing").check();
  await unfold(page, "Read off the device");
  await page.getByLabel("Marked for two wires").check();
  await expect(bench.prepare).toContainText("Twin 2×1");
});

for (const width of [1280, 360]) {
  test(`a card calibrates the screen, and the section is drawn at actual size: ${width} px`, async ({
    browser,
  }) => {
    const page = await (await browser.newContext({ viewport: { width, height: 800 } })).newPage();
    const bench = new BenchOf(page);
    await bench.open();
    await page.getByRole("button", { name: "Actual size (A)" }).click();
    const edge = page.locator("[data-card-edge]");
    await edge.scrollIntoViewIfNeeded();
    const from = await edge.boundingBox();
    if (!from) throw new Error("no edge");
    await page.mouse.move(from.x + from.width / 2, from.y + 40);
    await page.mouse.down();
    await page.mouse.move(from.x + from.width / 2 - 20, from.y + 40, { steps: 4 });
    await page.mouse.up();
    const card = await page.locator("[data-card]").boundingBox();
    if (!card) throw new Error("no card");
    const pixels = Math.max(card.width, card.height) / 85.6;
    await page.getByRole("button", { name: "The card fits" }).click();
    const scene = page.locator("[data-scene]");
    await expect.poll(async () => Number(await scene.getAttribute("data-scale"))).toBeCloseTo(pixels, 1);
    // On the glass: the path's own millimetres through everything that scales it.
    const bare = await page
      .locator("[data-part=stripped-bare]")
      .evaluate((path: SVGPathElement) => path.getBBox().width * (path.getScreenCTM()?.a ?? 0));
    expect(bare / pixels).toBeCloseTo(18.12, 0);
    await page.reload();
    await page.getByRole("button", { name: "Actual size (A)" }).click();
    await expect(scene).toHaveAttribute("data-scale", String(await scene.getAttribute("data-scale")));
    await expect(page.getByRole("button", { name: "Calibrate" })).toBeVisible();
  });
}

test("an adapter on the wrench, a belted tool and a cable are reckoned beside the recipe", async ({
  page,
}) => {
  const bench = new BenchOf(page);
  await bench.open();
  await bench.recent("2.5 mm²").click();
  await page.getByText("When a belted tool pays").click();
  await expect(page.getByText(/It pays from about [\d,]+ ends on/)).toBeVisible();
  await page.getByLabel("A belted ferrule", { exact: true }).fill("5");
  await expect(page.getByText("At these prices it never pays")).toBeVisible();
  await page.getByRole("radio", { name: "Preset clicked" }).check({ force: true });
  await page.getByText("With an adapter on the wrench").click();
  await page.getByLabel("Lever, mm").fill("200");
  await page.getByLabel("Adapter, mm").fill("50");
  await expect(page.getByText(/Set it to 0\.52/)).toBeVisible();
  await page.getByLabel("Lever, mm").fill("1");
  await expect(page.getByText(/The lever, .* must be from 50/)).toBeVisible();
  await page.getByRole("radio", { name: "By feel" }).check({ force: true });
  await expect(page.getByText(/commonly about 0\.43/)).toBeVisible();
  await unfold(page, "From a cable or cord");
  await page.getByLabel("Jacket, mm").fill("8");
  await page.getByLabel("Clamp to landing, mm").fill("120");
  await expect(page.locator("[data-step=feed-gland]")).toContainText("M16");
});

test("a wire that nobody knows is told by what is seen, and taken to the Bench", async ({ page }) => {
  const bench = new BenchOf(page);
  await bench.open();
  await page.getByText("What size?").click();
  await page.getByLabel("Strands", { exact: true }).fill("7");
  await page.getByLabel("One strand, mm").fill("0.77");
  await expect(page.locator("[data-candidate='12 AWG']")).toContainText("Sure.");
  await page.getByLabel("Printed on it").fill("MTW 14 AWG");
  await expect(page.getByRole("status")).toContainText("No stocked copper wire agrees");
  await page.getByLabel("Printed on it").fill("");
  await page.getByRole("button", { name: /Use 12 AWG .* stranded at the Bench/ }).click();
  await expect(page).toHaveURL(/\/bench$/);
  await expect(bench.tighten).toContainText("lbf");
});

test("landings stand side by side for one wire, and one is opened", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await page.goto("/bench/compare");
  await expect(page.locator("[data-compared]")).toHaveCount(3);
  await page.getByLabel("Beside these").selectOption({ label: "Back-stab hole" });
  await expect(page.locator("[data-compared=back-stab]")).toContainText("Works loose");
  await expect(page.locator("[data-compared=lever]")).toContainText("about 0.5 min");
  // The row scrolls in itself; the page does not.
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await page.getByRole("button", { name: "Remove Back-wire clamp" }).click();
  await expect(page.locator("[data-compared]")).toHaveCount(3);
  await page.getByRole("button", { name: "Open Lever clamp at the Bench" }).click();
  await expect(page).toHaveURL(/\/bench$/);
  // The address changes a moment before the page does.
  await expect(page.locator("[data-compared]")).toHaveCount(0);
  await expect(page.locator("[data-reading=tighten]")).toContainText("Lever");
});
