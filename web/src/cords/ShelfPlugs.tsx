import { useQuery } from "@tanstack/react-query";
import { api, type Schemas } from "../client";
import type { Plug } from "./Refit";
import { Select } from "../ui";

/** What is measured in a plug of the Shelf; null for what is none. */
function plugOf({ item }: Schemas["ShelfEntry"]): { name: string; plug: Omit<Plug, "size"> } | null {
  if (
    item.kind !== "landing" ||
    !("kind" in item.landing) ||
    item.landing.kind !== "plug-screw" ||
    !item.landing.toLineMm
  )
    return null;
  const { toLineMm, toNeutralMm, toEarthMm, screw, grip } = item.landing;
  return {
    name: item.name,
    plug: {
      kind: toEarthMm ? "three" : "two",
      line: toLineMm,
      neutral: toNeutralMm ?? toLineMm,
      earth: toEarthMm ?? null,
      screw: screw ?? "#6",
      grip: grip ?? "hook",
    },
  };
}

/** Plugs of the Shelf whose ways were measured: one that is chosen fills in what is asked below. */
export function ShelfPlugs({ onTake }: { onTake: (plug: Omit<Plug, "size">) => void }) {
  const shelf = useQuery({
    queryKey: ["shelf", "landing", "plug"],
    queryFn: ({ signal }) => api.shelf("landing", "plug", "", signal),
  });
  const plugs = (shelf.data?.items ?? []).flatMap((entry) => plugOf(entry) ?? []);
  if (plugs.length === 0) return null;
  return (
    <Select
      label="A plug of the Shelf"
      value=""
      onChange={(name) => {
        const taken = plugs.find((one) => one.name === name);
        if (taken) onTake(taken.plug);
      }}
      options={[["", "choose, or measure below"], ...plugs.map(({ name }): [string, string] => [name, name])]}
    />
  );
}
