import { expect, test, type Page } from "@playwright/test";
import { handTo } from "./people";
import { JobsOf } from "./jobs";

const shop = [
  "Wire No,From Device,From Terminal,To Device,To Terminal,Size/Color,Lacquer",
  "101,TB1,1,PLC1,I0.0,18 BLU,q",
  "102,TB1,2,PLC1,I0.1,18 BLU,q",
  "103,TB1,3,,,,q",
].join("\r\n");

/** "Länge", "mm²" as a spreadsheet on Windows saves them. */
const german = Buffer.from(
  "Draht;Von;Nach;Querschnitt;L\xe4nge\r\n1;X1:1;X2:1;2,5 mm\xb2;3 m\r\n2;X1:2;X2:2;2,5 mm\xb2;3 m\r\n",
  "latin1",
);

const send = (page: Page, buffer: Buffer) =>
  page.locator("#list-file").setInputFiles({ name: "list.csv", mimeType: "text/csv", buffer });

test("device and terminal in columns of their own, size with colour: it lands, and what is missing is said first", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  const name = `Hatch ${Date.now()}`;
  await page.goto("/import");
  await jobs.sendList(shop);
  await expect(page.getByText("1 wire ends nowhere.")).toBeVisible();
  await expect(page.getByText("1 wire has no size.")).toBeVisible();
  await expect(page.getByText("One column is not read: Lacquer.")).toBeVisible();
  await expect(page.locator("[data-preview='101']")).toContainText("PLC1:I0.0");
  await expect(page.locator("[data-preview='101']")).toContainText("18 AWG stranded copper");
  await expect(page.locator("[data-preview='101']")).toContainText("blue");
  await page.getByLabel("What Lacquer holds").selectOption("remark");
  await expect(page.getByText("One column is not read")).toHaveCount(0);
  await page.getByLabel("What is the job called?").fill(name);
  await handTo(page, "Mara Quist");
  await page.getByRole("button", { name: "Import all 3" }).click();
  await expect(page.getByRole("heading", { name })).toBeVisible();

  // What the terminals are is asked once for all devices whose names begin alike.
  const strip = page.locator("[data-group=TB]");
  await expect(strip).toContainText("TB1, 3 terminals");
  await strip.getByRole("button", { name: "Choose what they are" }).click();
  await page.getByRole("button", { name: "Save for 3 terminals" }).click();
  await expect(strip).toHaveCount(0);
  await expect(page.locator("[data-group=PLC]")).toContainText("PLC1, 2 terminals");

  // The next list with these headings asks nothing, and its layout can be named, and deleted and brought back.
  await page.goto("/import");
  const layout = page.locator(`[data-layout="${name}"]`);
  await expect(layout).toContainText("From Terminal");
  await jobs.sendList(shop.replace("101", "901"));
  await expect(page.getByText(`Read as “${name}” was`)).toBeVisible();
  await expect(page.getByLabel("What Lacquer holds")).toHaveValue("remark");
  await page.getByRole("button", { name: "Read afresh" }).click();
  await expect(page.getByLabel("What Lacquer holds")).toHaveValue("note");
  await page.getByRole("button", { name: "Choose another file" }).click();
  await page.getByRole("button", { name: `Delete ${name}` }).click();
  await expect(layout).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(layout).toHaveCount(1);

  // What was exported elsewhere is taken from its file; what is no such file is said to be none.
  const exported = await (await page.request.get("/api/list-layouts")).body();
  await page.getByRole("button", { name: `Delete ${name}` }).click();
  await expect(layout).toHaveCount(0);
  const take = (buffer: Buffer) =>
    page
      .getByLabel("Import layouts")
      .and(page.locator("input"))
      .setInputFiles({ name: "layouts.json", mimeType: "application/json", buffer });
  await take(Buffer.from("no layouts"));
  await expect(page.getByText("layouts.json holds no layouts")).toBeVisible();
  await take(exported);
  await expect(layout).toHaveCount(1);
});

test("a list saved by a spreadsheet is read in its own encoding, which one choice changes", async ({
  page,
}) => {
  await page.goto("/import");
  await send(page, german);
  await expect(page.locator("[data-encoding=windows-1252]")).toContainText("mm²");
  await expect(page.locator("[data-encoding=windows-1252]")).toContainText("Länge");
  await expect(page.locator("[data-preview='1']")).toContainText("2.5");
  await page.getByLabel(/^The text (is|looks) written in$/).selectOption("macintosh");
  await expect(page.locator("[data-encoding=macintosh]")).not.toContainText("Länge");
});

test("a list without headings is asked about by wires that one recognises, by keyboard, on a phone", async ({
  page,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await page.goto("/import");
  await page.locator("#list-text").fill("1,TB1,1,K1,A1,18\n2,TB1,2,K2,A1,16\n3,TB1,3,K3,A1,18\n");
  await page.getByRole("button", { name: "Read the list" }).focus();
  await page.keyboard.press("Enter");
  const doubt = page.locator("[data-doubt]").first();
  await expect(doubt).toContainText("TB1:1 to K1:A1");
  const before = await page.locator("[data-doubt]").count();
  await doubt.getByRole("button").first().focus();
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-doubt]")).toHaveCount(before - 1);
  const overflow = await page.evaluate(() => {
    const work = document.getElementById("work");
    return work ? work.scrollWidth - work.clientWidth : 0;
  });
  expect(overflow).toBe(0);
});
