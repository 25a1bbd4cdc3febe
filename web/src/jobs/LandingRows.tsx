import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
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

/** Landings in their order, each device's together under its name. */
export function LandingRows({
  rows,
  devices,
  onDevice,
  onLanding,
}: {
  rows: Row[];
  devices: Schemas["VersionedOfDevice"][];
  onDevice: (part: Schemas["VersionedOfDevice"]["part"], version: number) => void;
  onLanding: (row: Row) => void;
}) {
  const alone = rows.filter((row) => !row.landing.deviceId);
  return (
    <>
      {devices.map(({ part, version }) => (
        <Panel key={part.id} as="section" aria-label={part.name}>
          <Flex gap={3} alignItems="center" flexWrap="wrap">
            <chakra.h2 textStyle="lead" fontWeight={700}>
              {part.name}
            </chakra.h2>
            <Box color="ink.soft">
              {deviceTypes[part.type ?? "block"]}
              {part.ratingAmps && `, ${part.ratingAmps} A`}
            </Box>
            <Button variant="plain" onClick={() => onDevice(part, version)} aria-label={`Edit ${part.name}`}>
              Edit
            </Button>
          </Flex>
          <Landings rows={rows.filter((row) => row.landing.deviceId === part.id)} onLanding={onLanding} />
        </Panel>
      ))}
      {alone.length > 0 && (
        <Panel as="section" aria-label="Single landings">
          <Landings rows={alone} onLanding={onLanding} />
        </Panel>
      )}
    </>
  );
}

function Landings({ rows, onLanding }: { rows: Row[]; onLanding: (row: Row) => void }) {
  return (
    <Flex gap={2} flexWrap="wrap" mt={1}>
      {rows.map((row) => {
        const worst = row.worst ? severities[row.worst] : null;
        const Icon = worst?.icon;
        const { landing } = row;
        return (
          <Button
            key={landing.id}
            variant="tile"
            gap={0}
            p={2}
            minW="150px"
            maxW="230px"
            textStyle="note"
            onClick={() => onLanding(row)}
            data-landing={landing.name}
          >
            <Flex gap={1} alignItems="center" fontWeight={700} textStyle="dense">
              {Icon && <Icon aria-label={worst?.word} size={16} />}
              {landing.name}
              {landing.identity && landing.identity !== "none" && (
                <span>· {identities[landing.identity]}</span>
              )}
              {landing.side && landing.side !== "none" && <span>· {landing.side.toUpperCase()}</span>}
            </Flex>
            <Box color="ink.soft">{thin(row.says)}</Box>
            <Box>
              {row.wires.length ? `wire ${row.wires.join(", ")}` : landing.spare ? "spare" : "nothing"}
            </Box>
          </Button>
        );
      })}
    </Flex>
  );
}
