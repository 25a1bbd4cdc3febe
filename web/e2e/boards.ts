import { expect, type Page } from "@playwright/test";
import type { Board } from "../src/drawing/devices/boardModel";
import { JobsOf } from "./jobs";

// The board as a person meets it: traced, narrowed, dragged on, typed into, put right, undone, printed.

const list = [
  "Wire;From;From type;To;To type;Size;Type;Colour;Function;Circuit;Breaker",
  "1;DCP/X1:1;push-in;DCP/X2:1;push-in;2,5;fine;blue;control +;24V;16",
  "2;DCP/X1:2;push-in;DCP/X2:2;push-in;2,5;fine;blue;control +;24V;16",
  "3;DCP/X1:3;push-in;BOX/R1:1;receptacle 15 A, brass screw;14 AWG;solid;black;line;5;15",
  "4;DCP/X1:4;push-in;BOX/R1:2;receptacle 15 A, silver screw;14 AWG;solid;white;neutral;5;15",
  "5;DCP/X1:5;push-in;BOX/R1:3;receptacle 15 A, green screw;14 AWG;solid;green/yellow;earth;5;15",
  "6;DCP/X3:1;screw clamp;;;4;fine;black;line;7;20",
].join("\r\n");

/** A small panel and a box, on its board. */
export async function open(page: Page) {
  const jobs = new JobsOf(page);
  const name = `Board ${Date.now()}`;
  await page.goto("/import");
  await jobs.sendList(list);
  await jobs.nameMyself("Mara Quist");
  await page.getByLabel("What is the job called?").fill(name);
  await page.getByRole("button", { name: /^Import/ }).click();
  await expect(page.getByRole("heading", { name })).toBeVisible();
  await page.getByRole("link", { name: "Board", exact: true }).click();
  // A phone shows the whole board from afar.
  const levels = (page.viewportSize()?.width ?? 0) < 768 ? /far|middle|near/ : /middle|near/;
  await expect(board(page)).toHaveAttribute("data-level", levels);
  await expect(page.locator("[data-device=X1]")).toBeAttached();
  return name;
}

export const board = (page: Page) => page.locator("[data-board]");
export const told = (page: Page) => page.locator("[data-told]");

/** The box of a slot on the screen: where the layout has it, through the eye that looks at it. */
export async function boxOf(page: Page, slot: string) {
  const job = await page.getByLabel("Job", { exact: true }).inputValue();
  const enclosure = await board(page).getAttribute("data-board");
  const answer = await page.request.get(`/api/jobs/${job}/boards/${enclosure}`);
  const { rails } = (await answer.json()) as Board;
  const box = rails
    .flatMap(({ devices }) => devices.flatMap(({ slots }) => slots))
    .find(({ name }) => name === slot)?.box;
  if (!box) throw new Error(`${slot} is not on the board.`);
  return page.locator("[data-drawn]").evaluate((drawn, { left, top, right, bottom }) => {
    const eye = (drawn as SVGGElement).getScreenCTM();
    const [a, b] = [new DOMPoint(left, top), new DOMPoint(right, bottom)].map((p) =>
      p.matrixTransform(eye ?? undefined),
    );
    return {
      x: a?.x ?? 0,
      y: a?.y ?? 0,
      width: (b?.x ?? 0) - (a?.x ?? 0),
      height: (b?.y ?? 0) - (a?.y ?? 0),
    };
  }, box);
}

/** Where a slot stands on the screen. */
export async function at(page: Page, slot: string) {
  await board(page).scrollIntoViewIfNeeded();
  const box = await boxOf(page, slot);
  return { x: box.x + box.width / 2, y: box.y + box.height / 2, top: box.y, bottom: box.y + box.height };
}
