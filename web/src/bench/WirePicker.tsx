import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useEffect, useRef, useState } from "react";
import { api, type Conductor, type Schemas } from "../client";
import { Sketch } from "../drawing/Sketch";
import { Choice } from "../shared/Choice";
import { thin } from "../shared/Units";
import { InsulationField } from "./InsulationField";
import { WireText } from "./WireText";

const Cell = chakra("button", {
  base: {
    display: "grid",
    gridTemplateRows: "1fr auto auto",
    justifyItems: "center",
    alignItems: "center",
    minH: "64px",
    minW: "70px",
    p: 1,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "transparent",
    fontSize: "14px",
    lineHeight: 1.2,
    cursor: "pointer",
    _hover: { bg: "paper.sunk" },
    "&[aria-pressed=true]": { bg: "copper.wash", borderColor: "copper", fontWeight: 700 },
  },
});

/** One scale for the whole rack, in pixels a millimetre: the largest wire just fits its cell. */
const rackScale = 4;

type System = "awg" | "metric";
const systemOf = (size: Schemas["RackSize"]): System => (size.system === "metric" ? "metric" : "awg");

export const WirePicker = memo(function WirePicker({
  wire,
  onChange,
}: {
  wire: Conductor;
  onChange: (wire: Conductor) => void;
}) {
  const rack = useQuery({
    queryKey: ["rack", wire.build],
    queryFn: () => api.rack(wire.build),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });
  const found = rack.data?.find((size) => size.name === wire.size);
  // Which half of the rack is shown follows the wire until somebody looks at the other half.
  const [looked, setLooked] = useState<{ from: string; at: System } | null>(null);
  const system = looked?.from === wire.size ? looked.at : wire.size.endsWith("mm²") ? "metric" : "awg";
  const chosen = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // No value is given back: browsers may answer with a promise, which is no clean-up.
    chosen.current?.scrollIntoView({ block: "nearest", inline: "center" });
  }, [wire.size, rack.isSuccess]);
  // Another size has another insulation: a measured diameter belongs to the wire it was measured on.
  const pick = (size: string) => onChange({ ...wire, size, insulationOuterDiameterMm: null });

  return (
    <Flex direction="column" gap={2} minH={0}>
      <WireText wire={wire} onChange={onChange} />
      <Choice
        label="Build"
        value={wire.build}
        onChange={(build) => onChange({ ...wire, build })}
        options={[
          ["solid", "Solid"],
          ["stranded", "Stranded"],
          ["fine-stranded", "Fine"],
        ]}
      />
      <Flex gap={2}>
        <Choice
          label="Sizes"
          value={system}
          onChange={(at) => setLooked({ from: wire.size, at })}
          options={[
            ["awg", "AWG"],
            ["metric", "mm²"],
          ]}
        />
        <Choice
          label="Material"
          value={wire.material ?? "copper"}
          onChange={(material) => onChange({ ...wire, material })}
          options={[
            ["copper", "Cu"],
            ["aluminium", "Al"],
          ]}
        />
      </Flex>
      <Box
        role="group"
        aria-label="Wire rack"
        overflow="auto"
        flex={1}
        minH={{ base: "auto", lg: "150px" }}
        display={{ base: "flex", lg: "grid" }}
        gridTemplateColumns="repeat(3, 1fr)"
        alignContent="start"
        gap={1}
      >
        {(rack.data ?? [])
          .filter((size) => systemOf(size) === system)
          .map((size) => {
            const on = size.name === wire.size;
            return (
              <Cell
                key={size.name}
                ref={on ? chosen : undefined}
                aria-pressed={on}
                onClick={() => pick(size.name)}
              >
                <Sketch scene={size.section} scale={rackScale} metal={wire.material ?? "copper"} />
                <span>{thin(size.name)}</span>
                <chakra.span color="ink.soft" fontWeight={400}>
                  {thin(system === "awg" ? size.area.metric : size.area.imperial)}
                </chakra.span>
              </Cell>
            );
          })}
      </Box>
      <InsulationField
        wire={wire}
        typical={found?.insulationOuterDiameter.metric ?? ""}
        onChange={onChange}
      />
    </Flex>
  );
});
