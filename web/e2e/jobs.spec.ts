import { expect, test } from "@playwright/test";
import { fromMenu } from "./bench";
import { JobsOf, list } from "./jobs";

test("a wire list comes in, is mapped and put right, shows its findings; one is fixed and goes, and is undone", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  const name = `Slit ${Date.now()}`;
  await page.goto("/jobs");
  await page.getByRole("link", { name: "Import wire list" }).first().click();
  await jobs.sendList(list);
  await expect(page.getByText("The headings stand in row 2.")).toBeVisible();
  await expect(page.getByText("One row adds up and was left out.")).toBeVisible();
  await jobs.nameMyself("Mara Quist");
  // A heading that nobody knows is told by what stands below it, and said otherwise by hand.
  await expect(page.getByLabel("What Beta holds")).toHaveValue("length");
  await expect(page.locator("[data-preview='1']")).toContainText("3 m");
  await page.getByLabel("What Beta holds").selectOption("note");
  await expect(page.getByText("One column is not read: Beta.")).toBeVisible();
  await expect(page.locator("[data-preview='1']")).not.toContainText("3 m");
  await page.getByLabel("What Beta holds").selectOption("length");
  await expect(page.locator("[data-preview='1']")).toContainText("3 m");
  // A cell that is wrong is said by row and column, and put right here.
  const wrong = page.locator("[data-wrong='5']");
  await expect(wrong).toContainText("“mauve” is no colour");
  await wrong.getByLabel("colour").fill("violet");
  await wrong.getByRole("button", { name: "Correct" }).click();
  await expect(wrong).toHaveCount(0);
  await page.getByLabel("What is the job called?").fill(name);
  await page.getByRole("button", { name: "Import all 3" }).click();

  await expect(page.getByRole("heading", { name })).toBeVisible();
  const finding = page.locator("[data-finding=range-not-known]");
  await expect(finding).toHaveCount(2);
  await expect(finding.first()).toContainText("wire 2 at DCP/X1:2");
  await expect(finding.first().locator("svg").first()).toBeVisible();
  await finding.first().getByRole("link", { name: /Open/ }).click();
  await expect(page.getByRole("dialog")).toContainText("No range is given");
  await page.getByRole("button", { name: "Close", exact: true }).click();

  await jobs.type("2", "Size", "14");
  await expect(jobs.cell("2", "Size")).toHaveText("14 AWG");
  await expect(jobs.count("fix")).toHaveText("0 fixes");
  await page.getByRole("tab", { name: "Findings" }).click();
  await expect(finding).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(finding).toHaveCount(2);
  await expect(jobs.count("fix")).toHaveText("2 fixes");
});

test("rows are typed, pasted and emptied by keyboard alone; what is refused stays in its cell", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Typed ${Date.now()}`, "Mara Quist");
  // As fast as hands can: nobody waits for the list between two cells.
  await jobs.cell("new", "Wire").click();
  for (const text of ["W1", "DCP/X1:1", "DCP/X2:1", "14 sol"]) {
    await page.keyboard.type(text);
    await page.keyboard.press("Tab");
  }
  await expect(jobs.cell("W1", "Type")).toHaveText("solid copper");
  await expect(jobs.cell("W1", "From")).toHaveText("DCP/X1:1");

  await jobs.type("W1", "Colour", "mauve");
  await expect(page.getByRole("alert").getByText("“mauve” is no colour")).toBeVisible();
  await expect(jobs.cell("W1", "Colour")).toHaveText("mauve");
  await expect(jobs.cell("W1", "Colour")).toHaveAttribute("aria-invalid", "true");
  await jobs.type("W1", "Colour", "violet");
  await expect(jobs.cell("W1", "Colour")).not.toHaveAttribute("aria-invalid", "true");

  // Rows from a spreadsheet, over the clipboard.
  await jobs.cell("new", "Wire").click();
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData("text/plain", "W2\tDCP/X1:2\tDCP/X2:2\t2,5\nW3\tDCP/X1:3\tDCP/X2:3\t2,5\n");
    document.activeElement?.dispatchEvent(
      new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  await expect(jobs.cell("W3", "Size")).toHaveText(/2.5.mm²/);
  await jobs.cell("W3", "Size").click();
  await page.keyboard.press("Delete");
  await expect(jobs.cell("W3", "Size")).toHaveText("");
  await page.keyboard.press("Control+z");
  await expect(jobs.cell("W3", "Size")).toHaveText(/2.5.mm²/);

  await page.getByLabel("Grouped by").selectOption("enclosure");
  await expect(page.getByRole("gridcell", { name: "DCP · 3 wires" })).toBeVisible();
  await page.getByRole("tab", { name: "History" }).click();
  await expect(page.getByRole("list", { name: "Changes" }).getByRole("listitem").first()).toContainText(
    "Undid",
  );
});

test("a finding is accepted with a reason, never a stop, and taken back", async ({ page }) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Accepted ${Date.now()}`, "Mara Quist");
  await jobs.type("new", "Wire", "7");
  await jobs.type("7", "From", "DCP/X1:1");
  await jobs.type("7", "Colour", "white");
  await jobs.type("7", "Function", "line");
  await page.getByRole("tab", { name: "Findings" }).click();
  const card = page.locator("[data-finding=colour-against-function]");
  await card.getByRole("button", { name: /Accept/ }).click();
  await page.getByLabel("Why is it right here?").fill("re-marked black at both ends");
  await page.getByRole("dialog").getByRole("button", { name: "Accept" }).click();
  await expect(card).toHaveCount(0);
  await page.getByText(/^Accepted 1$/).click();
  await expect(card).toContainText("re-marked black at both ends");
  await card.getByRole("button", { name: "Withdraw acceptance" }).click();
  await expect(page.getByText("None of these.")).toBeVisible();
});

test("three devices are surveyed, counted, and their job is made", async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 360, height: 740 }, hasTouch: true });
  const page = await context.newPage();
  const jobs = new JobsOf(page);
  const name = `Keeper’s house ${Date.now()}`;
  await page.goto("/jobs");
  await jobs.nameMyself("Mara Quist");
  await page.getByRole("button", { name: "New survey" }).click();
  await page.getByLabel("Name").fill(name);
  await page.getByRole("button", { name: "Create" }).click();
  const devices = page.getByRole("list", { name: "Devices" }).getByRole("listitem");
  const taps = page.getByRole("region", { name: "Survey a device" });
  for (const [i, marks] of [["Back-stab"], ["Reversed", "Browned, melted"], []].entries()) {
    await taps.getByText("14 AWG", { exact: true }).click();
    for (const mark of marks) await taps.getByText(mark, { exact: true }).click();
    await page.getByLabel("Name", { exact: true }).fill(`Hall ${i + 1}`);
    await page.getByRole("button", { name: "Add", exact: true }).click();
    await expect(devices).toHaveCount(i + 1);
  }
  await expect(page.locator("[data-count-of=back-stab-by-house-rule]")).toContainText("1");
  await expect(page.locator("[data-count-of=reversed-polarity]")).toContainText("1");
  await expect(page.locator("[data-surveyed='Hall 3']")).toContainText("right as it is");
  const right = page.getByRole("region", { name: "To put it right" });
  await expect(right).toContainText("2 of 3 devices");
  await right.getByRole("button", { name: "Create the job for it" }).click();
  await expect(page.getByRole("heading", { name: `${name}: put right` })).toBeVisible();
  await expect(jobs.count("stop")).toHaveText("0 stops");
  await context.close();
});

test("two people at one wire: the other's change is seen at once, and a conflict shows both", async ({
  browser,
}) => {
  const context = await browser.newContext();
  const mine = new JobsOf(await context.newPage());
  await mine.make(`Shared ${Date.now()}`, "Mara Quist");
  await mine.type("new", "Wire", "1");
  await mine.type("1", "From", "DCP/X1:1");
  const theirs = new JobsOf(await (await browser.newContext()).newPage());
  await theirs.page.goto(mine.page.url());
  await theirs.nameMyself("Lio Brandt");
  await expect(theirs.cell("1", "From")).toHaveText("DCP/X1:1");
  await theirs.type("1", "Colour", "red");
  await expect(mine.cell("1", "Colour")).toHaveText("red");

  // A circuit, opened on both sides before either keeps it.
  await mine.page.getByRole("tab", { name: "Circuits" }).click();
  await mine.page.getByRole("button", { name: "Add a circuit" }).click();
  await mine.page.getByLabel("Name or number").fill("5");
  await mine.page.getByRole("button", { name: "Save" }).click();
  await theirs.page.getByRole("tab", { name: "Circuits" }).click();
  for (const { page } of [mine, theirs]) await page.getByRole("button", { name: "Edit circuit 5" }).click();
  await theirs.page.getByLabel("Breaker or fuse, A").fill("15");
  await theirs.page.getByRole("button", { name: "Save" }).click();
  await expect(theirs.page.getByRole("dialog")).toHaveCount(0);
  await mine.page.getByLabel("Breaker or fuse, A").fill("20");
  await mine.page.getByRole("button", { name: "Save" }).click();
  const conflict = mine.page.getByRole("dialog", { name: "Somebody else changed it too" });
  await expect(conflict.getByRole("row", { name: "Breaker or fuse 15 20" })).toBeVisible();
  await conflict.getByRole("button", { name: "Use my version" }).click();
  await expect(conflict).toHaveCount(0);
  await expect(theirs.page.locator("[data-circuit='5']")).toContainText("of 20 A");
  await context.close();
});

test("a job is archived and comes back, goes out as a file and is known when it comes back", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  const name = `Away ${Date.now()}`;
  await jobs.make(name, "Mara Quist");
  const download = page.waitForEvent("download");
  await fromMenu(page, "More for this job", "Export job file");
  const file = await (await download).path();
  await page.goto("/jobs");
  await page.getByRole("button", { name: `Archive ${name}` }).click();
  await expect(page.getByText(`Archived ${name}.`)).toBeVisible();
  await expect(page.locator(`[data-job="${name}"]`)).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.locator(`[data-job="${name}"]`)).toBeVisible();
  await page.locator("input[type=file]").setInputFiles(file);
  await expect(page.getByRole("alert").getByText("is here already")).toBeVisible();
});

test("a file that is no list is one sentence, and the page stays as it was", async ({ page }) => {
  const jobs = new JobsOf(page);
  await page.goto("/import");
  await jobs.sendList("once upon a time", "story.txt");
  await expect(page.getByRole("alert").getByText("holds no table")).toBeVisible();
  await expect(page.locator("#list-file")).toBeVisible();
});
