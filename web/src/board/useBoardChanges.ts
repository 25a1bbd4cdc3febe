import type { Schemas } from "../client";
import { jobApi, type Done } from "../jobs/jobApi";
import { useStable } from "../shared/useStable";
import type { BoardIndex, BoardWire, Side, Slot, Stub } from "./boardModel";
import { inOrder, moved } from "./order";

/** What hands and keys change on a board. */
export function useBoardChanges(
  job: Schemas["JobOverview"],
  enclosure: Schemas["EnclosureDocument"],
  index: BoardIndex | null,
  send: (change: (command: string, personId: string) => Promise<Done>) => Promise<Done | null>,
) {
  const id = job.title.id;
  /** An end to the slot of that name. */
  const move = useStable((wire: BoardWire, side: Side, to: string) => {
    void send((command, personId) =>
      jobApi.typeWires(id, {
        id: command,
        personId,
        enclosure: enclosure.name,
        rows: [{ wireId: wire.id, version: wire.version, [side === "a" ? "from" : "to"]: to }],
      }),
    );
  });
  /** An end let go over a slot. */
  const drop = useStable((_: Slot, end: Stub, onto: Slot) => {
    const wire = index?.wires.get(end.wireId);
    if (wire) move(wire, end.side, `${enclosure.name}/${onto.name}`);
  });
  /** A device to stand before another, or last. */
  const reorder = useStable((device: string, before: string | null) => {
    const devices = inOrder(job.devices, enclosure.id);
    const changes = moved(devices, device, before);
    if (changes.length === 0) return;
    const name = (of: string | null) => devices.find(({ part }) => part.id === of)?.part.name;
    const says = `Put ${name(device)} ${before ? `before ${name(before)}` : "last"}.`;
    void send((command, personId) => jobApi.change(id, { id: command, personId, changes, says }));
  });
  return { move, drop, reorder };
}
