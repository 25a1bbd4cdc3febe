import { lazy, Suspense } from "react";

const load = () => import("./PaletteDialog").then((module) => ({ default: module.PaletteDialog }));
const PaletteDialog = lazy(load);

/** Fetches the palette before it is asked for: what is typed after its key must not fall into the page behind. */
export const preloadPalette = () => void load().catch(() => undefined);

export interface PaletteDeed {
  says: string;
  act: () => unknown;
}

/** The command palette, fetched when it is first asked for. */
export function Palette(props: { deeds: readonly PaletteDeed[]; onClose: () => void }) {
  return (
    <Suspense fallback={null}>
      <PaletteDialog {...props} />
    </Suspense>
  );
}
