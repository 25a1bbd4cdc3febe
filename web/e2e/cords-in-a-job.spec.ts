import { expect, test } from "@playwright/test";
import { JobsOf } from "./jobs";

test("an end of a job leads to its cord, and is rejected and set aside from the list of wires, at 360 px", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  await jobs.make(`Ends ${Date.now()}`, "Mara Quist");
  await jobs.type("new", "Wire", "1");
  await jobs.type("1", "From", "HTR/P1:1");
  await jobs.type("1", "Size", "16");
  await jobs.type("1", "Type", "fine");
  await page.setViewportSize({ width: 360, height: 740 });
  await page.getByRole("button", { name: /Open wire 1/ }).click();
  const sheet = page.getByRole("dialog");
  // What was seen when it was looked at is what a rework begins with.
  await sheet.getByText("How it was found made").click();
  await sheet.getByRole("group", { name: "What else was wrong" }).getByLabel("Nicked").check();
  await sheet.getByLabel("Strands lost").last().fill("2");
  await sheet.getByLabel("of, counted").last().fill("19");
  await sheet.getByLabel("of, counted").last().blur();
  // Each tap is a change of its own: all of them have arrived.
  const job = /jobs\/([0-9a-f-]{36})/.exec(page.url())?.[1];
  await expect
    .poll(async () => {
      const { items } = await (await page.request.get(`/api/jobs/${job}/wires`)).json();
      return items[0].wire.a.found?.strandsLost;
    })
    .toBe(2);
  await page.reload();
  await expect(sheet.getByLabel("Strands lost").last()).toHaveValue("2");
  await sheet.getByText("Something is wrong with it, or it must wait").click();
  await expect(sheet.getByRole("group", { name: "What is wrong" }).getByLabel("Nicked")).toBeChecked();
  await sheet.getByRole("group", { name: "What is wrong" }).getByLabel("Twisted too far").check();
  await expect(sheet.locator("[data-verdict=cut-back]")).toContainText(
    "It costs the strip and about 10 mm of wire.",
  );
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await sheet.getByRole("button", { name: "Record" }).click();
  await expect(sheet.locator("[data-stands=rejected]")).toBeVisible();
  await sheet.getByLabel("Park it").selectOption("unclear");
  await sheet.getByRole("button", { name: "Park" }).click();
  await expect(sheet.locator("[data-stands=parked]")).toContainText("the plan is not clear");
  await sheet.getByRole("button", { name: "Resume" }).click();
  // What stood before stands again.
  await expect(sheet.locator("[data-stands=rejected]")).toBeVisible();
  await sheet.getByRole("link", { name: "which is which?" }).click();
  await expect(page).toHaveURL(/\/cords\/which/);
});

test("a pin map is kept in a job, changed there, and taken up on another day", async ({ page }) => {
  const jobs = new JobsOf(page);
  const job = `Maps ${Date.now()}`;
  await jobs.make(job, "Mara Quist");
  await page.goto("/cords/pins");
  await page.getByLabel("What it is").fill("Pier blower");
  await page.getByRole("button", { name: /Key above/ }).click();
  await page.getByLabel("Terminal of pin 1").fill("T1");
  const kept = page.getByRole("region", { name: "In a job" });
  await kept.getByLabel("Job", { exact: true }).selectOption({ label: job });
  await kept.getByRole("button", { name: "Save Pier blower" }).click();
  await expect(page.getByRole("status").getByText("Added pin map Pier blower.")).toBeVisible();
  await page.getByLabel("Terminal of pin 1").fill("U1");
  // A number that was read, typed whole.
  await page.getByLabel("Ω read from pin 1 to U1").fill("0,4");
  await page.getByLabel("Ω read from pin 1 to U1").press("Enter");
  await expect(page.locator("[data-step='1']")).toHaveAttribute("data-passed", "true");
  await kept.getByRole("button", { name: "Save the changes of Pier blower" }).click();
  await expect(page.getByRole("status").getByText("Changed pin map Pier blower.")).toBeVisible();
  // Another day, another map on the page; the one that was kept is opened as it was.
  await page.getByLabel("What it is").fill("Something else");
  await page.getByLabel("Terminal of pin 1").fill("Z9");
  await page.reload();
  await kept.getByRole("button", { name: "Open Pier blower" }).click();
  await expect(page.getByLabel("Terminal of pin 1")).toHaveValue("U1");
  await expect(page.getByLabel("What it is")).toHaveValue("Pier blower");
  await expect(page.getByRole("button", { name: /Key above/ })).toHaveAttribute("aria-pressed", "true");
  // Its test goes into the Log, what is wrong with it among the findings of the job; both lead back to it.
  await kept.getByRole("button", { name: "Record the test of Pier blower" }).click();
  await expect(kept.getByText("Recorded in the Log.")).toBeVisible();
  await page.goto("/log");
  // Others record at the same time: it is the newest of its kind.
  const entry = page.locator("[data-event]").filter({ hasText: "1 of 1 pins pass" }).first();
  await expect(entry).toBeVisible();
  await entry.getByRole("link", { name: /Open the pin map/ }).click();
  await expect(page.getByLabel("Terminal of pin 1")).toHaveValue("U1");
  await page.goto("/jobs");
  await page.getByRole("link", { name: new RegExp(job) }).click();
  await page.getByRole("tab", { name: /^Findings/ }).click();
  const finding = page.locator("[data-finding=pin-leads-nowhere]");
  await expect(finding).toContainText("pin map Pier blower");
  await finding.getByRole("link", { name: "Open pin map Pier blower" }).click();
  await expect(page.getByLabel("What it is")).toHaveValue("Pier blower");
});

test("a pin map is told its plug and its machine, and the wires at both are held against it", async ({
  page,
}) => {
  const jobs = new JobsOf(page);
  const job = `Plug ${Date.now()}`;
  await page.goto("/import");
  await jobs.sendList(
    [
      "Wire;From;From type;To;To type;Size;Type;Function",
      "1;P/X1:1;screw clamp;P/J1:1;plug screw;14 AWG;fine;neutral",
      "2;P/X1:2;screw clamp;P/J1:2;plug screw;14 AWG;fine;line",
    ].join("\r\n"),
  );
  await jobs.nameMyself("Mara Quist");
  await page.getByLabel("What is the job called?").fill(job);
  await page.getByRole("button", { name: /^Import/ }).click();
  await expect(page.getByRole("heading", { name: job })).toBeVisible();
  await page.getByRole("tab", { name: "Landings" }).click();
  await page.getByRole("button", { name: "Edit J1", exact: true }).click();
  await page.getByLabel("What it is").selectOption("plug");
  await page.getByRole("dialog").getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await page.goto("/cords/pins");
  await page.getByLabel("What it is").fill("Blower");
  const kept = page.getByRole("region", { name: "In a job" });
  await kept.getByLabel("Job", { exact: true }).selectOption({ label: job });
  await kept.getByRole("button", { name: "Save Blower" }).click();
  await kept.getByLabel("Plug in the job").selectOption({ label: "P/J1" });
  await expect(kept.getByLabel("Plug in the job")).not.toHaveValue("");
  // Kept again from the page, it is still that plug’s.
  await page.getByRole("button", { name: /Key above/ }).click();
  await kept.getByRole("button", { name: "Save the changes of Blower" }).click();
  await expect(page.getByRole("status").getByText("Changed pin map Blower.")).toBeVisible();
  await expect(kept.getByLabel("Plug in the job")).not.toHaveValue("");
  await page.goto("/jobs");
  await page.getByRole("link", { name: new RegExp(job) }).click();
  await page.getByRole("tab", { name: /^Findings/ }).click();
  await expect(page.locator("[data-finding=pin-against-wire]").first()).toContainText("J1:1");
});
