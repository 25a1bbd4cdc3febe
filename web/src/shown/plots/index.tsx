import { lazy, Suspense, type ComponentProps } from "react";
import { Loading } from "../../ui";

// The chart library is fetched where a plot is looked at, not with the page.
const Harm = lazy(() => import("./HarmPlot"));
const Drop = lazy(() => import("./DropPlot"));
const Window = lazy(() => import("./WindowPlot"));

const waiting = <Loading what="Drawing the plot…" lines={1} height="120px" />;

export const HarmPlot = (of: ComponentProps<typeof Harm>) => (
  <Suspense fallback={waiting}>
    <Harm {...of} />
  </Suspense>
);
export const DropPlot = (of: ComponentProps<typeof Drop>) => (
  <Suspense fallback={waiting}>
    <Drop {...of} />
  </Suspense>
);
export const WindowPlot = (of: ComponentProps<typeof Window>) => (
  <Suspense fallback={waiting}>
    <Window {...of} />
  </Suspense>
);
