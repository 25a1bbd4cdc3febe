import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, type Schemas } from "../client";
import { usePerson } from "../people/person";
import { toast } from "../ui";

/** Changes to the Shelf, the last of which can be undone. */
export function useShelf() {
  const { who } = usePerson();
  const queries = useQueryClient();
  const changed = (batch: string | null, says: string) => {
    toast(says, { id: "shelf", undo: batch ? () => back.mutate(batch) : undefined });
    void queries.invalidateQueries({ queryKey: ["shelf"] });
  };
  const off = useMutation({
    mutationFn: async (entry: Schemas["ShelfEntry"]) => {
      const person = await who();
      return person && api.takeOffShelf(entry.id, entry.version, person.id);
    },
    onSuccess: (done, entry) => done && changed(done.batch, `Deleted ${entry.item.code}.`),
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
