import { Box, chakra } from "@chakra-ui/react";
import { Check, X } from "lucide-react";
import type { Schemas } from "../client";
import { thin } from "../shared/Units";

const Cell = chakra("td", {
  base: { p: 2, borderTopWidth: "1px", borderColor: "line", fontFamily: "numerals" },
});
const Head = chakra("th", {
  base: { p: 2, textAlign: "start", fontSize: "14px", color: "ink.soft", fontWeight: 400 },
});

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
      <chakra.table w="100%" minW="480px">
        <thead>
          <tr>
            <Head>Size</Head>
            <Head>Copper</Head>
            <Head>Carries, of {amps.toFixed(1)} A</Head>
            <Head>Loses</Head>
            <Head>Warms</Head>
          </tr>
        </thead>
        <tbody>
          {cords.map((cord) => (
            <chakra.tr
              key={cord.size}
              bg={cord.size === least ? "copper.wash" : undefined}
              fontWeight={cord.size === least ? 700 : 400}
              data-cord={cord.size}
              data-does={cord.does}
            >
              <Cell>
                {thin(cord.size)}
                {!cord.isThickEnough && <Box fontSize="14px">under the floor</Box>}
              </Cell>
              <Cell>
                <svg width={40} height={26} viewBox="-20 -13 40 26" aria-hidden>
                  <circle
                    r={cord.diameterMm * 3.6}
                    fill="var(--chakra-colors-draw-copper)"
                    stroke="var(--chakra-colors-draw-copper-edge)"
                  />
                </svg>
              </Cell>
              <Cell>
                <Passes passes={cord.carriesIt} />
                {cord.ampacity.toFixed(1)} A
              </Cell>
              <Cell>
                <Passes passes={cord.dropsLittle} />
                {cord.dropPercent.toFixed(1)} %, {cord.dropVolts.toFixed(1)} V
              </Cell>
              <Cell>{cord.lossWattsPerMetre.toFixed(1)} W/m</Cell>
            </chakra.tr>
          ))}
        </tbody>
      </chakra.table>
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
