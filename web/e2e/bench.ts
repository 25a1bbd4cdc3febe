import { expect, type Locator, type Page } from "@playwright/test";
import { handTo } from "./people";

/** Opens what is folded under its name. */
export async function unfold(page: Page, label: string | RegExp) {
  await page.getByRole("button", { name: label, expanded: false }).first().click();
}

/** Does what stands behind a menu’s button. */
export async function fromMenu(page: Page, menu: string, item: string) {
  await page.getByRole("button", { name: menu }).click();
  await page.getByRole("menuitem", { name: item }).click();
}

/** The Bench as a person meets it: by what is written on it. */
export class BenchOf {
  readonly strip: Locator;
  readonly prepare: Locator;
  readonly tighten: Locator;
  readonly done: Locator;

  constructor(readonly page: Page) {
    this.strip = page.locator("[data-reading=strip]");
    this.prepare = page.locator("[data-reading=prepare]");
    this.tighten = page.locator("[data-reading=tighten]");
    this.done = page.getByRole("button", { name: "Done", exact: true });
  }

  async open() {
    await this.page.goto("/");
    await expect(this.strip).toContainText("mm");
    await expect(this.page.locator("[data-scene]")).toBeVisible();
  }

  recent(wire: string) {
    return this.page.getByRole("group", { name: "Recent pairs" }).getByRole("button", { name: wire });
  }

  async typeWire(text: string) {
    const field = this.page.getByLabel("Type a wire (T)").first();
    await field.fill(text);
    await field.press("Enter");
  }

  async nameMyself(name: string) {
    await handTo(this.page, name);
  }

  /** Puts the hands back on the work: single keys act again. */
  leaveField() {
    return this.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  }

  /** The outline of a part as it stands on the page, in millimetres. */
  async part(id: string) {
    const path = this.page.locator(`[data-scene] [data-part=${id}]`).first();
    await expect(path).toBeAttached();
    return path.evaluate((element) => {
      const { x, y, width, height } = (element as SVGPathElement).getBBox();
      return { x, y, width, height };
    });
  }

  /** Holds until the live reading has come to a torque in N·m, then lets go. */
  async turnTo(torque: number, press: () => Promise<void>, letGo: () => Promise<void>) {
    await press();
    await this.page.waitForFunction(
      (least) =>
        Number.parseFloat(
          document.querySelector("[data-live=true] [data-reading-value]")?.textContent ?? "0",
        ) >= least,
      torque,
      { polling: 20, timeout: 15_000 },
    );
    await letGo();
    await expect(this.page.locator("[data-live=false]")).toContainText("peak");
  }
}
