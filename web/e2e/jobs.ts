import { expect, type Page } from "@playwright/test";
import { handTo } from "./people";

/** The places of jobs as a person meets them. */
export class JobsOf {
  constructor(readonly page: Page) {}

  async nameMyself(name: string) {
    await handTo(this.page, name);
  }

  /** A new job, opened on its wires. */
  async make(name: string, who: string) {
    await this.page.goto("/jobs");
    await this.nameMyself(who);
    await this.page.getByRole("button", { name: "New job" }).click();
    await this.page.getByLabel("Name", { exact: true }).fill(name);
    await this.page.getByRole("button", { name: "Create" }).click();
    await expect(this.page.getByRole("heading", { name })).toBeVisible();
    await expect(this.page.locator("[data-row=new]")).toBeVisible();
  }

  async sendList(text: string, name = "list.csv") {
    await this.page
      .locator("#list-file")
      .setInputFiles({ name, mimeType: "text/csv", buffer: Buffer.from(text, "utf-8") });
  }

  cell(row: string, column: string) {
    return this.page.locator(`[data-row="${row}"] [data-cell="${column}"]`);
  }

  /** Types into a cell by keyboard, as into a spreadsheet. */
  async type(row: string, column: string, text: string) {
    await this.cell(row, column).click();
    await this.page.keyboard.type(text);
    await this.page.keyboard.press("Enter");
  }

  count(severity: "stop" | "fix" | "note") {
    return this.page.locator(`[data-count=${severity}]`).first();
  }
}

/** Two wires that are right and one that is too large for its landing. */
export const list = [
  "Dome slit wiring;;;;;;;",
  "Wire no;From;From type;To;To type;Gage;Colour;Beta",
  "1;DCP/X1:1;spring cage;DCP/X2:1;spring cage;14;black;3 m",
  "2;DCP/X1:2;spring cage;DCP/X2:2;spring cage;#6;black;3 m",
  "3;DCP/X1:3;spring cage;DCP/X2:3;spring cage;2,5 mm²;mauve;3 m",
  "Total;;;;;;;9 m",
].join("\r\n");
