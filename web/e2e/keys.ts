import { expect, type Page } from "@playwright/test";

// Focus moves a frame after the key: on a busy machine the next key must wait for it, as a hand does.

/** From the tab that has the focus to another by an arrow, Home or End, and opens it. */
export async function openTab(
  page: Page,
  key: "ArrowRight" | "ArrowLeft" | "Home" | "End",
  name: string | RegExp,
) {
  const tab = page.getByRole("tab", { name });
  await page.keyboard.press(key);
  await expect(tab).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(tab).toHaveAttribute("aria-selected", "true");
}
