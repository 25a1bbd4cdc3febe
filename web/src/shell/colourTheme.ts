import { recall, remember } from "../shared/remembered";

export type Theme = "light" | "dark";

/** What this device chose, else what its system prefers. */
export const rememberedTheme = (): Theme =>
  recall<Theme>("theme", window.matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light");

export function applyTheme(theme: Theme) {
  document.documentElement.classList.remove("light", "dark");
  document.documentElement.classList.add(theme);
  document.documentElement.style.colorScheme = theme;
}

/** Paper is light, in a dark cupboard too. */
export function printInLight() {
  window.addEventListener("beforeprint", () => applyTheme("light"));
  window.addEventListener("afterprint", () => applyTheme(rememberedTheme()));
}

export function chooseTheme(theme: Theme) {
  remember("theme", theme);
  applyTheme(theme);
}
