import type { Schemas } from "../client";
import { jobApi } from "../job/jobApi";
import type { Changes } from "../job/useChanges";
import { useStable } from "../shared/useStable";
import type { BoardIndex, BoardWire, Side, Slot, Stub } from "../drawing/devices/boardModel";
import { inOrder, moved } from "../drawing/devices/order";

/** What hands and keys change on a board. */
export function useBoardChanges(
  job: Schemas["JobOverview"],
  enclosure: Schemas["Enclosure"],
  index: BoardIndex | null,
  send: Changes["send"],
) {
  const id = job.title.id;
  /** An end to the slot of that name. */
  const move = useStable((wire: BoardWire, side: Side, to: string) => {
    const over = (version: number) => (command: string) =>
      jobApi.typeWires(id, {
        id: command,
        enclosure: enclosure.name,
        rows: [{ wireId: wire.id, version, [side === "a" ? "from" : "to"]: to }],
      });
    const says = `Mine: end ${side.toUpperCase()} of wire ${wire.name} to ${to}.`;
    void send(over(wire.version), { says, over });
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
    void send((command) => jobApi.change(id, { id: command, changes, says }));
  });
  return { move, drop, reorder };
}
