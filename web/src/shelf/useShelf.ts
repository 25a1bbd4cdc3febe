import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, type Schemas } from "../client";
import { toast } from "../ui";

/** Changes to the Shelf, the last of which can be undone. */
export function useShelf() {
  const queries = useQueryClient();
  const changed = (batch: string | null, says: string) => {
    toast(says, { id: "shelf", undo: batch ? () => back.mutate(batch) : undefined });
    void queries.invalidateQueries({ queryKey: ["shelf"] });
  };
  const off = useMutation({
    mutationFn: (entry: Schemas["ShelfEntry"]) => api.takeOffShelf(entry.id, entry.version),
    onSuccess: (done, entry) => changed(done.batch, `Deleted ${entry.item.code}.`),
  });
  const back = useMutation({
    mutationFn: (batch: string) => api.undoOnShelf(batch),
    onSuccess: () => changed(null, "Undone."),
  });
  return {
    error: off.error ?? back.error,
    changed,
    takeOff: (entry: Schemas["ShelfEntry"]) => off.mutate(entry),
  };
}
