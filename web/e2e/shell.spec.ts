import { gzipSync } from "node:zlib";
import { expect, test } from "@playwright/test";
import { JobsOf } from "./jobs";

test("a place that does not open says so, leaves the others, and is loaded again by keyboard", async ({
  page,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  let lost = true;
  await page.route(/assets\/CordsPage/, (route) => (lost ? route.abort() : route.continue()));
  await page.goto("/cords");
  await expect(page.getByRole("alert").filter({ hasText: "This page did not open." })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await page.getByRole("link", { name: "Bench" }).click();
  await expect(page.getByRole("button", { name: /^Wire/ })).toBeVisible();
  await page.goto("/cords");
  await expect(page.getByRole("button", { name: "Load again" })).toBeVisible();
  lost = false;
  await page.getByRole("button", { name: "Load again" }).press("Enter");
  await expect(page.locator("[data-cord-verdict]").first()).toBeAttached();
});

test("what the network lost is asked again by itself; a refusal is not", async ({ page }) => {
  let asked = 0;
  await page.route("**/api/pin-maps/check*", (route) => (asked++ === 0 ? route.abort() : route.continue()));
  await page.goto("/cords/pins");
  await expect(page.locator("[data-finding=pin-key-not-seen]")).toBeVisible();
  expect(asked).toBeGreaterThan(1);
  let refused = 0;
  await page.route("**/api/cords/case*", (route) => {
    refused++;
    return route.fulfill({ status: 422, json: { detail: "That cannot be." } });
  });
  await page.goto("/cords/earth");
  await expect.poll(() => refused).toBe(1);
  await page.waitForTimeout(3000);
  expect(refused).toBe(1);
});

test("paper is light, and shows the work alone", async ({ browser }) => {
  const context = await browser.newContext({ colorScheme: "dark" });
  const page = await context.newPage();
  await page.goto("/bench");
  await expect(page.locator("[data-scene]").first()).toBeVisible();
  await page.evaluate(() => {
    window.addEventListener("beforeprint", () =>
      document.documentElement.setAttribute("data-printed", document.documentElement.className),
    );
  });
  await page.pdf();
  const root = page.locator("html");
  await expect(root).toHaveAttribute("data-printed", "light");
  await expect(root).toHaveClass("dark");
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("navigation")).toBeHidden();
  await expect(page.getByText("Local code and licensed practice rule").last()).toBeVisible();
  await context.close();
});

test("a list of wires goes on paper whole, not only the rows in view", async ({ page }) => {
  const jobs = new JobsOf(page);
  await page.goto("/import");
  const rows = Array.from({ length: 90 }, (_, i) => `${i + 1};DCP/X1:${i + 1};14 AWG`);
  await jobs.sendList(["Wire;From;Size", ...rows].join("\r\n"));
  await jobs.nameMyself("Mara Quist");
  await page.getByLabel("What is the job called?").fill(`Paper ${Date.now()}`);
  await page.getByRole("button", { name: /^Import/ }).click();
  await page.getByRole("tab", { name: "Wires" }).click();
  await expect(page.locator("[data-row='1']")).toBeVisible();
  await expect(page.locator("[data-row='90']")).toHaveCount(0);
  await page.evaluate(() => {
    window.addEventListener("beforeprint", () =>
      document.documentElement.setAttribute(
        "data-printed",
        String(document.querySelectorAll("[data-row]").length),
      ),
    );
  });
  await page.pdf();
  // Each wire, and the empty row below them.
  await expect(page.locator("html")).toHaveAttribute("data-printed", "91");
  await expect(page.locator("[data-row='90']")).toHaveCount(0);
});

test("what the first page fetches stays under 250 kB, gzipped", async ({ request }) => {
  const page = await (await request.get("/")).text();
  const files = [...page.matchAll(/(?:src|href)="(\/assets\/[^"]+\.(?:js|css))"/g)].flatMap(
    ([, file]) => file ?? [],
  );
  expect(files.length).toBeGreaterThan(2);
  let bytes = 0;
  for (const file of files) bytes += gzipSync(await (await request.get(file)).body()).length;
  expect(bytes).toBeLessThan(250_000);
});
