import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../client";
import type { Person } from "../bench/recording";

/** Changes to the Shelf, the last of which can be undone. */
export function useShelf(person: Person | null) {
  const queries = useQueryClient();
  const [undo, setUndo] = useState<{ batch: string; says: string } | null>(null);
  const changed = (batch: string | null, says: string) => {
    setUndo(batch ? { batch, says } : null);
    void queries.invalidateQueries({ queryKey: ["shelf"] });
  };
  const off = useMutation({
    mutationFn: (entry: Schemas["ShelfEntry"]) => api.takeOffShelf(entry.id, entry.version, person?.id ?? ""),
    onSuccess: (done, entry) => changed(done.batch, `${entry.item.code} is off the Shelf.`),
  });
  const back = useMutation({
    mutationFn: (batch: string) => api.undoOnShelf(batch),
    onSuccess: () => changed(null, ""),
  });
  return {
    undo,
    error: off.error ?? back.error,
    changed,
    takeOff: (entry: Schemas["ShelfEntry"]) => off.mutate(entry),
    undoIt: () => undo && back.mutate(undo.batch),
  };
}
