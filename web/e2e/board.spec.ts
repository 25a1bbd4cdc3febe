import { expect, test } from "@playwright/test";
import { at, board, open, told } from "./boards";
import { send } from "./people";

test("a wire is traced to its other end, in this enclosure and in another", async ({ page }) => {
  await open(page);
  const slot = await at(page, "X1:1");
  await page.mouse.move(slot.x, slot.y);
  await expect(told(page)).toContainText("X1:1: wire 1, 2.5 mm², blue, control +");
  await expect(told(page)).toContainText("to DCP/X2:1");
  await expect(page.locator("[data-lit='1'] line").first()).toBeAttached();
  // Both ends stand out, and the way between them.
  await expect(page.locator("[data-lit='1'] path[stroke-dasharray='4 2']")).toHaveCount(1);
  const other = await at(page, "X1:3");
  await page.mouse.click(other.x, other.y);
  const panel = page.locator("[data-slot-panel='X1:3']");
  await expect(panel).toContainText("End B · BOX/R1:1");
  await expect(page.locator("[data-lit='3']")).toContainText("→ BOX/R1:1");
  // One tap on a reading opens its reasons.
  await panel.locator("[data-reading=strip]").click();
  await expect(panel.getByRole("region", { name: "Why" })).toContainText("Why strip this much");
  await panel.getByText("End B · BOX/R1:1").click();
  await expect(page.locator("[data-slot-panel='R1:1']")).toBeVisible();
  await expect(page.getByLabel("Enclosure").locator("option:checked")).toHaveText("BOX");
  // Brass is on the left from behind.
  const [brass, silver] = [await at(page, "R1:1"), await at(page, "R1:2")];
  expect(brass.x).toBeLessThan(silver.x);
});

test("the board is narrowed, and the rest fades", async ({ page }) => {
  await open(page);
  await page.getByText("Show only…").click();
  const only = page.getByRole("group", { name: "Show only" });
  await only.getByLabel("Circuit").selectOption({ label: "5" });
  // The ends that fade are drawn as one path a colour: as many lines as ends.
  const faded = () =>
    page
      .locator("[data-device=X1] [data-faded] > path:first-child")
      .evaluateAll((paths) => paths.flatMap((path) => path.getAttribute("d")?.match(/L/g) ?? []).length);
  await expect.poll(faded).toBe(2);
  await only.getByRole("button", { name: "Show all again" }).click();
  expect(await faded()).toBe(0);
  await only.getByLabel("State").selectOption("planned");
  await only.getByLabel("Size").selectOption({ label: "4 AWG" });
  await expect.poll(faded).toBe(5);
});

test("an end is dragged to another slot: what would be found is told before it is let go; undone with Ctrl-Z", async ({
  page,
}) => {
  await open(page);
  const from = await at(page, "X1:1");
  const to = await at(page, "X1:2");
  // By its insulation, a little above the slot.
  await page.mouse.move(from.x, from.top - 20);
  await page.mouse.down();
  await page.mouse.move(to.x, to.y, { steps: 8 });
  await expect(page.locator("[data-over='X1:2']")).toBeAttached();
  await expect(page.locator("[data-tried='X1:2']")).toContainText("Stop");
  await page.mouse.up();
  await expect(page.getByRole("status").getByText("Changed wire 1.")).toBeVisible();
  await page.mouse.move(to.x, to.y);
  await expect(page.locator("[data-device=X1] [data-mark=stop]").first()).toBeAttached();
  await page.keyboard.press("Control+z");
  await expect(page.locator("[data-device=X1] [data-mark=stop]")).toHaveCount(0);
});

test("an end is moved by typing a slot’s name, and put right with one tap that is looked at first", async ({
  page,
}) => {
  await open(page);
  await page.getByLabel(/^Find \(/).fill("X1:1");
  await page.keyboard.press("Enter");
  const panel = page.locator("[data-slot-panel]");
  await panel.getByLabel("Lands at").fill("X1:2");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("status").getByText("Changed wire 1.")).toBeVisible();
  await page.getByLabel(/^Find \(/).fill("X1:2");
  await page.keyboard.press("Enter");
  await expect(panel.getByRole("group", { name: "Wires here" }).getByRole("button")).toHaveCount(2);
  const remedy = panel.locator("[data-remedy=pigtail]").first();
  await expect(remedy).toContainText("Stop gone: two conductors");
  await remedy.getByRole("button", { name: "Look" }).click();
  // A control wire is never offered another terminal: where it goes is the drawing's to say.
  await expect(panel.locator("[data-remedy=move]")).toHaveCount(0);
  await remedy.getByRole("button", { name: "Apply" }).click();
  await expect(panel.locator("[data-remedy]")).toHaveCount(0);
  await board(page).focus();
  await page.keyboard.press("Control+z");
  await expect(page.locator("[data-device=X1] [data-mark=stop]").first()).toBeAttached();
});

test("a wire is added in one line, several are changed together, and what is refused stays typed", async ({
  page,
}) => {
  await open(page);
  const line = page.getByLabel(/Add a wire/);
  await line.fill("9 X1:6 wibble");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert").getByText("“wibble” is no slot")).toBeVisible();
  await expect(line).toHaveValue("9 X1:6 wibble");
  await line.fill("9 X1:6 X2:6 2,5 fine red");
  await page.keyboard.press("Enter");
  await expect.poll(() => at(page, "X1:6").catch(() => null)).not.toBeNull();
  await expect(line).toHaveValue("");
  for (const slot of ["X1:1", "X1:2"]) {
    const point = await at(page, slot);
    await page.keyboard.down("Control");
    await page.mouse.click(point.x, point.y);
    await page.keyboard.up("Control");
  }
  const several = page.getByRole("region", { name: "Several wires" });
  await expect(several).toContainText("2 wires: 1, 2");
  await several.getByLabel("Colour").fill("violet");
  await several.getByRole("button", { name: "Apply to all" }).click();
  await expect(page.getByRole("status").getByText("Changed 2 wires.")).toBeVisible();
  const point = await at(page, "X1:2");
  await page.mouse.move(point.x, point.y);
  await expect(told(page)).toContainText("violet");
});

test("devices are put in another order by keyboard and by dragging, and back", async ({ page }) => {
  await open(page);
  const left = async (device: string) =>
    (await page.locator(`[data-device=${device}]`).boundingBox())?.x ?? Number.NaN;
  expect(await left("X1")).toBeLessThan(await left("X2"));
  await board(page).focus();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("Shift+ArrowRight");
  await expect.poll(async () => (await left("X1")) > (await left("X2"))).toBe(true);
  await page.keyboard.press("Control+z");
  await expect.poll(async () => (await left("X1")) < (await left("X2"))).toBe(true);
  // By its name, at the left end of the strip.
  const name = await page.locator("[data-device=X1] text", { hasText: /^X1$/ }).boundingBox();
  const third = await page.locator("[data-device=X3]").boundingBox();
  if (!name || !third) throw new Error("Not on the screen.");
  await page.mouse.move(name.x + name.width / 2, name.y + name.height / 2);
  await page.mouse.down();
  await page.mouse.move(third.x + third.width + 4, name.y + 10, { steps: 6 });
  await expect(page.locator("[data-ordering=X1]")).toBeAttached();
  await page.mouse.up();
  await expect(page.getByRole("status").getByText("Put X1 last.")).toBeVisible();
});

test("the board by keyboard alone: from slot to slot, nearer, opened; and as a table", async ({ page }) => {
  await open(page);
  await board(page).focus();
  for (const key of ["ArrowRight", "ArrowRight", "ArrowRight"]) await page.keyboard.press(key);
  await expect(told(page)).toContainText("X1:3: wire 3");
  await page.keyboard.press("ArrowLeft");
  await expect(told(page)).toContainText("X1:2: wire 2");
  for (let i = 0; i < 6; i++) await page.keyboard.press("+");
  await expect(board(page)).toHaveAttribute("data-level", "near");
  await expect(page.locator("[data-chosen='X1:2']")).toBeInViewport();
  await page.keyboard.press("0");
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-slot-panel='X1:2'] button").first()).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-slot-panel]")).toHaveCount(0);
  await page.getByText("Table", { exact: true }).click();
  const row = page.locator("[data-table-slot='X1:4']");
  await expect(row).toContainText("BOX/R1:2");
  await row.getByRole("button", { name: "Open X1:4" }).click();
  await expect(page.locator("[data-slot-panel='X1:4']")).toBeVisible();
});

test("an end that something is wrong with is assessed as it is seen, recorded, and shown; another is set aside and taken up again", async ({
  page,
}) => {
  await open(page);
  await page.getByLabel(/^Find \(/).fill("X1:1");
  await page.keyboard.press("Enter");
  const panel = page.locator("[data-slot-panel='X1:1']");
  await panel.getByText("Something is wrong with it, or it must wait").click();
  await panel.getByRole("group", { name: "What is wrong" }).getByLabel("Loose").check();
  await expect(panel.locator("[data-verdict=put-right]")).toContainText("Put it right");
  await panel.getByLabel("Strands lost").first().fill("9");
  await panel.getByLabel("of, counted").first().fill("7");
  await expect(panel.getByRole("alert").filter({ hasText: "Of 7 strands" })).toBeVisible();
  await panel.getByLabel("Strands lost").first().fill("3");
  await expect(panel.locator("[data-verdict=cut-back]")).toContainText("57 %");
  await panel.getByRole("button", { name: "Record" }).click();
  await expect(panel.locator("[data-stands=rejected]")).toContainText("cut it back and land it anew");
  await expect(page.locator("[data-device=X1] [data-state=rejected]")).toBeAttached();
  // By keyboard alone: taken back, then set aside with a reason.
  await panel.getByRole("button", { name: "Withdraw the rejection" }).press("Enter");
  await expect(panel.locator("[data-stands]")).toHaveCount(0);
  await panel.getByLabel("Park it").selectOption("waits-for-part");
  await panel.getByRole("button", { name: "Park" }).press("Enter");
  await expect(page.locator("[data-device=X1] [data-state=parked]")).toBeAttached();
  await panel.getByRole("button", { name: "Resume" }).press("Enter");
  await expect(page.locator("[data-device=X1] [data-state=parked]")).toHaveCount(0);
  await page.goto("/log");
  await expect(page.getByText("3 of 7 strands lost, loose: cut it back.").first()).toBeVisible();
});

test("somebody else was quicker: both are shown, and neither is lost", async ({ page }) => {
  // This page is not told of the other's change.
  await page.route("**/api/stream*", (route) => route.abort());
  await open(page);
  const job = await page.getByLabel("Job", { exact: true }).inputValue();
  const wires = (await (await page.request.get(`/api/jobs/${job}/wires`)).json()) as {
    items: { wire: { id: string; name: string }; version: number }[];
  };
  const one = wires.items.find(({ wire }) => wire.name === "1");
  await send(page, `/api/jobs/${job}/wires`, {
    id: crypto.randomUUID(),
    enclosure: "DCP",
    rows: [{ wireId: one?.wire.id, version: one?.version, colour: "orange" }],
  });
  await page.getByLabel(/^Find \(/).fill("X1:1");
  await page.keyboard.press("Enter");
  await page.locator("[data-slot-panel]").getByLabel("Lands at").fill("X1:6");
  await page.keyboard.press("Enter");
  const conflict = page.getByRole("dialog", { name: "Somebody else changed it too" });
  await expect(conflict).toContainText("Mine: end A of wire 1 to X1:6.");
  await expect(conflict).toContainText("orange");
  await conflict.getByRole("button", { name: "Use my version" }).click();
  await expect(conflict).toHaveCount(0);
  await page.getByLabel(/^Find \(/).fill("X1:6");
  await page.getByLabel(/^Find \(/).press("Enter");
  await expect(told(page)).toContainText("X1:6: wire 1, 2.5 mm², orange");
});
