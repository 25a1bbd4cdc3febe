import { lazy, Suspense } from "react";

const PaletteDialog = lazy(() =>
  import("./PaletteDialog").then((module) => ({ default: module.PaletteDialog })),
);

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
