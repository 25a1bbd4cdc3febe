import { lazy, Suspense, type ComponentType } from "react";

/** A part that is fetched when it is first shown; nothing stands in its place meanwhile. */
export function later<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const Part = lazy(async () => ({ default: await load() })) as unknown as ComponentType<P>;
  return function Later(props: P) {
    return (
      <Suspense>
        <Part {...props} />
      </Suspense>
    );
  };
}
