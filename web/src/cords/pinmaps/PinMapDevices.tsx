import { Box } from "@chakra-ui/react";
import type { Schemas } from "../../client";
import type { Part } from "../../job/jobApi";
import { useChanges } from "../../job/useChanges";
import { Select } from "../../ui";

/** Which plug of the job a map’s pins are of, and to which machine they lead: then what is wired is held against it. */
export function PinMapDevices({
  job,
  part,
  version,
}: {
  job: Schemas["JobOverview"];
  part: Extract<Part, { part: "pin-map" }>;
  version: number;
}) {
  const { put } = useChanges();
  const places = new Map(job.enclosures.map((enclosure) => [enclosure.part.id, enclosure.part.name]));
  const options = (type: "plug" | null): [string, string][] => [
    ["", "none"],
    ...job.devices
      .filter((device) => (type ? device.part.type === type : device.part.type !== "plug"))
      .map((device): [string, string] => [
        device.part.id,
        `${places.get(device.part.enclosureId) ?? ""}/${device.part.name}`,
      ]),
  ];
  const change = (changed: Partial<typeof part>) => void put({ ...part, ...changed }, version);
  return (
    <Box w="100%" display="grid" gap={2} gridTemplateColumns={{ base: "1fr", sm: "1fr 1fr" }}>
      <Select
        label="Plug in the job"
        value={part.plugId ?? ""}
        options={options("plug")}
        onChange={(plugId) => change({ plugId: plugId || null })}
      />
      <Select
        label="Machine in the job"
        value={part.machineId ?? ""}
        options={options(null)}
        onChange={(machineId) => change({ machineId: machineId || null })}
      />
    </Box>
  );
}
