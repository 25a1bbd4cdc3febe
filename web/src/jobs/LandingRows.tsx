import { Box, chakra, Flex } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import type { Schemas } from "../client";
import { DevicePicture } from "../drawing/devices/DevicePicture";
import type { BoardDevice, BoardIndex } from "../drawing/devices/boardModel";
import { deviceTypes } from "../shared/deviceTypes";
import { thin } from "../shared/Units";
import { severities } from "../shown/severity";
import { Button, Panel } from "../ui";

type Row = Schemas["LandingRow"];

const identities: Record<NonNullable<Schemas["TerminalIdentity"]>, string> = {
  none: "",
  brass: "brass",
  silver: "silver",
  green: "green",
  line1: "L1",
  line2: "L2",
  line3: "L3",
  neutral: "N",
  earth: "PE",
};

/** Landings in their order, each device's together under its name: as it stands, and mark by mark. */
export function LandingRows({
  rows,
  devices,
  board,
  onDevice,
  onLanding,
}: {
  rows: Row[];
  devices: Schemas["VersionedOfDevice"][];
  /** The enclosure as it stands; null until it is read. */
  board: BoardIndex | null;
  onDevice: (part: Schemas["VersionedOfDevice"]["part"], version: number) => void;
  onLanding: (row: Row) => void;
}) {
  const say = useSay();
  const drawn = new Map(
    board?.board.rails.flatMap((rail) => rail.devices.map((device) => [device.id, device] as const)) ?? [],
  );
  const alone = rows.filter((row) => !row.landing.deviceId);
  return (
    <>
      {devices.map(({ part, version }) => {
        const own = rows.filter((row) => row.landing.deviceId === part.id);
        return (
          <Panel key={part.id} as="section" aria-label={part.name}>
            <Flex gap={3} alignItems="center" flexWrap="wrap">
              <chakra.h2 textStyle="lead" fontWeight={700}>
                {part.name}
              </chakra.h2>
              <Box color="ink.soft">
                {say(deviceTypes[part.type ?? "block"])}
                {part.ratingAmps && `, ${part.ratingAmps} A`}
              </Box>
              <Button
                variant="plain"
                onClick={() => onDevice(part, version)}
                aria-label={`Edit ${part.name}`}
              >
                Edit
              </Button>
            </Flex>
            {board && (
              <Picture device={drawn.get(part.id)} wires={board.wires} rows={own} onLanding={onLanding} />
            )}
            <Alike rows={own} onLanding={onLanding} />
          </Panel>
        );
      })}
      {alone.length > 0 && (
        <Panel as="section" aria-label="Single landings">
          <Alike rows={alone} onLanding={onLanding} />
        </Panel>
      )}
    </>
  );
}

function Picture({
  device,
  wires,
  rows,
  onLanding,
}: {
  device: BoardDevice | undefined;
  wires: BoardIndex["wires"];
  rows: Row[];
  onLanding: (row: Row) => void;
}) {
  if (!device) return null;
  return (
    <DevicePicture
      device={device}
      wires={wires}
      onSlot={(slot) => {
        const row = rows.find(({ landing }) => landing.id === slot.id);
        if (row) onLanding(row);
      }}
    />
  );
}

/** Landings that are alike, said once, each by its mark and its wire. */
function Alike({ rows, onLanding }: { rows: Row[]; onLanding: (row: Row) => void }) {
  const runs: Row[][] = [];
  for (const row of rows) {
    const run = runs.at(-1);
    if (run?.[0]?.says === row.says) run.push(row);
    else runs.push([row]);
  }
  return (
    <Flex direction="column" gap={2} mt={1}>
      {runs.map((run) => (
        <Box key={run[0]?.landing.id}>
          <Box textStyle="note" color="ink.soft">
            {thin(run[0]?.says ?? "")}
          </Box>
          <Flex gap={1} flexWrap="wrap">
            {run.map((row) => (
              <Mark key={row.landing.id} row={row} onLanding={onLanding} />
            ))}
          </Flex>
        </Box>
      ))}
    </Flex>
  );
}

function Mark({ row, onLanding }: { row: Row; onLanding: (row: Row) => void }) {
  const { landing, wires } = row;
  const worst = row.worst ? severities[row.worst] : null;
  const Icon = worst?.icon;
  const mark = [
    landing.identity && identities[landing.identity],
    landing.side && landing.side !== "none" && landing.side.toUpperCase(),
  ].filter(Boolean);
  const ends = wires.length > 0 ? `wire ${wires.join(", ")}` : landing.spare ? "spare" : "nothing";
  return (
    <Button
      variant="tile"
      gap={0}
      px={2}
      py={1}
      minW="64px"
      flex="none"
      rounded="md"
      onClick={() => onLanding(row)}
      data-landing={landing.name}
      aria-label={`Edit ${landing.name}${mark.length > 0 ? ` (${mark.join(", ")})` : ""}: ${ends}${worst ? `, ${worst.word.toLowerCase()}` : ""}`}
    >
      <Flex gap={1} alignItems="center" fontWeight={700} textStyle="dense">
        {Icon && (
          <chakra.span color={worst?.colour}>
            <Icon aria-hidden style={{ width: 16, height: 16 }} />
          </chakra.span>
        )}
        {landing.name}
        {mark.length > 0 && <span>· {mark.join(" · ")}</span>}
      </Flex>
      <Box textStyle="note" color="ink.soft">
        {ends}
      </Box>
    </Button>
  );
}
