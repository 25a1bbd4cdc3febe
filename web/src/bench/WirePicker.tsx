import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useEffect, useRef, useState } from "react";
import { api, type Conductor, type Schemas } from "../client";
import { Sketch } from "../drawing/Sketch";
import { thin } from "../shared/Units";
import { InsulationField } from "./InsulationField";
import { WireText } from "./WireText";
import { Button, Disclosure, Segments } from "../ui";

/** One scale for the whole rack, in pixels a millimetre: the largest wire just fits its cell. */
const rackScale = 4;
const rowHeight = 76;

const insulationOf = ({ designation, insulationOuterDiameterMm: od }: Conductor) =>
  ["Insulation", designation, od && `OD ${od}\u202fmm`].filter(Boolean).join(" ");

type System = "awg" | "metric";
const systemOf = (size: Schemas["RackSize"]): System => (size.system === "metric" ? "metric" : "awg");

export const WirePicker = memo(function WirePicker({
  wire,
  onChange,
}: {
  wire: Conductor;
  onChange: (wire: Conductor, colour?: Schemas["InsulationColourDocument"] | null) => void;
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
      <Segments
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
        <Segments
          label="Sizes"
          value={system}
          onChange={(at) => setLooked({ from: wire.size, at })}
          options={[
            ["awg", "AWG"],
            ["metric", "mm²"],
          ]}
        />
        <Segments
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
        // Three whole rows: no wire is cut in half.
        maxH={{ base: "none", lg: `${3 * rowHeight + 2 * 4}px` }}
        scrollSnapType="both proximity"
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
              <Button
                key={size.name}
                variant="card"
                ref={on ? chosen : undefined}
                h={`${rowHeight}px`}
                minW="70px"
                p={1}
                gap={0}
                textStyle="note"
                scrollSnapAlign="start"
                aria-pressed={on}
                onClick={() => pick(size.name)}
              >
                <Box flex={1} display="grid" placeItems="center">
                  <Sketch scene={size.section} scale={rackScale} metal={wire.material ?? "copper"} />
                </Box>
                <span>{thin(size.name)}</span>
                <chakra.span color="ink.soft" fontWeight={400}>
                  {thin(system === "awg" ? size.area.metric : size.area.imperial)}
                </chakra.span>
              </Button>
            );
          })}
      </Box>
      <Disclosure label={insulationOf(wire)}>
        <InsulationField
          wire={wire}
          typical={found?.insulationOuterDiameter.metric ?? ""}
          onChange={onChange}
        />
      </Disclosure>
    </Flex>
  );
});
