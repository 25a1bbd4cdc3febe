import { Box, chakra } from "@chakra-ui/react";
import { Check, X } from "lucide-react";
import type { Schemas } from "../client";
import { thin } from "../shared/Units";
import { Table } from "../ui";

// On a phone what decides is there; the rest would be cut off.
const wide = { display: { base: "none", sm: "table-cell" } };

/** Every size beside its copper, true to each other: what it carries, what it loses, what it heats. */
export function SizeLadder({
  cords,
  least,
  amps,
}: {
  cords: Schemas["CordUnderLoadDocument"][];
  least: string | null;
  amps: number;
}) {
  return (
    <Box overflowX="auto" mt={3} tabIndex={0} role="region" aria-label="Every size">
      <Table.Root minW={{ sm: "480px" }}>
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Size</Table.ColumnHeader>
            <Table.ColumnHeader {...wide}>Copper</Table.ColumnHeader>
            <Table.ColumnHeader>Carries, of {amps.toFixed(1)} A</Table.ColumnHeader>
            <Table.ColumnHeader>Loses</Table.ColumnHeader>
            <Table.ColumnHeader {...wide}>Warms</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {cords.map((cord) => (
            <Table.Row
              key={cord.size}
              bg={cord.size === least ? "copper.wash" : undefined}
              fontWeight={cord.size === least ? 700 : 400}
              data-cord={cord.size}
              data-does={cord.does}
            >
              <Table.Cell>
                {thin(cord.size)}
                {!cord.isThickEnough && <Box textStyle="note">under the floor</Box>}
              </Table.Cell>
              <Table.Cell {...wide}>
                <svg width={40} height={26} viewBox="-20 -13 40 26" aria-hidden>
                  <circle
                    r={cord.diameterMm * 3.6}
                    fill="var(--chakra-colors-draw-copper)"
                    stroke="var(--chakra-colors-draw-copper-edge)"
                  />
                </svg>
              </Table.Cell>
              <Table.Cell>
                <Passes passes={cord.carriesIt} />
                {cord.ampacity.toFixed(1)} A
              </Table.Cell>
              <Table.Cell>
                <Passes passes={cord.dropsLittle} />
                {cord.dropPercent.toFixed(1)} %, {cord.dropVolts.toFixed(1)} V
              </Table.Cell>
              <Table.Cell {...wide}>{cord.lossWattsPerMetre.toFixed(1)} W/m</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}

function Passes({ passes }: { passes: boolean }) {
  const Icon = passes ? Check : X;
  return (
    <chakra.span color={passes ? "go" : "stop"} display="inline-block" verticalAlign="middle" me={1}>
      <Icon size={18} aria-label={passes ? "passes:" : "fails:"} />
    </chakra.span>
  );
}
