import { Box, Flex, Grid } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { NumberField } from "../shared/NumberField";
import type { Schemas } from "../client";
import { useRemembered } from "../shared/remembered";
import { thin } from "../shared/Units";
import { SceneView } from "../drawing/SceneView";
import { spliceApi } from "./spliceApi";
import { Checkbox, ErrorMessage, Panel, PanelTitle, Select, Table } from "../ui";
import { Source } from "../shown/Source";

interface Contents {
  volume: number | null;
  counts: { [size: string]: number | null };
  earths: number | null;
  earthSize: string;
  yokes: number | null;
  yokeSize: string;
  clamps: boolean;
  studs: number | null;
  hickeys: number | null;
  pigtails: number | null;
}

/** The sizes of NEC table 314.16(B). */
const sizes = ["18 AWG", "16 AWG", "14 AWG", "12 AWG", "10 AWG", "8 AWG", "6 AWG"];

const usual: Contents = {
  volume: 18,
  counts: { "14 AWG": 4 },
  earths: 2,
  earthSize: "14 AWG",
  yokes: 1,
  yokeSize: "14 AWG",
  clamps: true,
  studs: null,
  hickeys: null,
  pigtails: 3,
};

/** How full a box is: conductors, clamps, yokes and earths against its volume. */
export function BoxPart() {
  const say = useSay();
  const [box, setBox] = useRemembered("splice.box", usual);
  const set = (change: Partial<Contents>) => setBox({ ...box, ...change });
  const request: Schemas["BoxRequest"] = {
    volumeIn3: box.volume,
    conductors: sizes.flatMap((size) => {
      const count = box.counts[size] ?? 0;
      return count > 0 ? [{ size, count }] : [];
    }),
    earths: box.earths ? [{ size: box.earthSize, count: box.earths }] : [],
    yokes: Array.from({ length: Math.min(50, box.yokes ?? 0) }, () => box.yokeSize),
    innerClamps: box.clamps,
    studs: box.studs ?? 0,
    hickeys: box.hickeys ?? 0,
    pigtails: box.pigtails ?? 0,
  };
  const filled = useQuery({
    queryKey: ["box", request],
    queryFn: () => spliceApi.fill(request),
    placeholderData: keepPreviousData,
  });
  const options = sizes.map((size): [string, string] => [size, thin(size)]);
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "380px minmax(0,1fr)" }}>
      <Panel as="section" aria-label="The box">
        <NumberField
          label="Volume marked in it, in³"
          value={box.volume}
          onChange={(volume) => set({ volume })}
        />
        <PanelTitle mt={3}>Conductors from outside</PanelTitle>
        <Grid templateColumns="repeat(auto-fill, minmax(82px, 1fr))" gap={2}>
          {sizes.map((size) => (
            <NumberField
              key={size}
              label={thin(size)}
              value={box.counts[size] ?? null}
              onChange={(count) => set({ counts: { ...box.counts, [size]: count } })}
            />
          ))}
        </Grid>
        <Grid templateColumns="1fr 1fr" gap={2} mt={3} alignItems="end">
          <NumberField label={say("Earths")} value={box.earths} onChange={(earths) => set({ earths })} />
          <Select
            label={say("Largest earth")}
            value={box.earthSize}
            onChange={(earthSize) => set({ earthSize })}
            options={options}
          />
          <NumberField label="Yokes with devices" value={box.yokes} onChange={(yokes) => set({ yokes })} />
          <Select
            label="Largest on a yoke"
            value={box.yokeSize}
            onChange={(yokeSize) => set({ yokeSize })}
            options={options}
          />
          <NumberField label="Fixture studs" value={box.studs} onChange={(studs) => set({ studs })} />
          <NumberField label="Hickeys" value={box.hickeys} onChange={(hickeys) => set({ hickeys })} />
          <NumberField label="Pigtails" value={box.pigtails} onChange={(pigtails) => set({ pigtails })} />
        </Grid>
        <Checkbox checked={box.clamps} onChange={(clamps) => set({ clamps })}>
          Cable clamps inside
        </Checkbox>
        <ErrorMessage of={filled.error} />
      </Panel>
      {filled.data && !filled.error && <Filled fill={filled.data} />}
    </Grid>
  );
}

function Filled({ fill }: { fill: Schemas["BoxFillDocument"] }) {
  const { needed, volume, fits } = fill;
  const whole = Math.max(needed, volume ?? needed, 1);
  return (
    <Panel as="section" aria-label="How full" data-fits={fits ?? "unknown"}>
      <SceneView scene={fill.drawing} metal="copper" height="clamp(260px, 40vh, 380px)" />
      <Flex gap={6} flexWrap="wrap" alignItems="baseline">
        <Box>
          <Box textStyle="note" color="ink.soft">
            NEEDED
          </Box>
          <Box textStyle="figure.xl" lineHeight={1.1} aria-live="polite">
            {needed.toFixed(2)} in³
          </Box>
        </Box>
        <Box textStyle="title" color={fits === null ? "ink" : fits ? "go" : "stop"}>
          {fill.says}
        </Box>
      </Flex>
      <Flex
        h="44px"
        mt={3}
        borderWidth="1px"
        borderColor="line.strong"
        rounded="md"
        overflow="hidden"
        position="relative"
        bg="paper.sunk"
        role="img"
        aria-label={`${needed.toFixed(2)} of ${volume ?? "unknown"} cubic inches`}
      >
        {fill.shares.map((share, i) => (
          <Box
            key={share.what}
            w={`${(share.cubicInches / whole) * 100}%`}
            bg={i % 2 ? "copper" : "copper.wash"}
            borderInlineEndWidth="1px"
            borderColor="paper"
          />
        ))}
        {volume !== null && needed > volume && (
          <Box
            position="absolute"
            top={0}
            bottom={0}
            insetInlineStart={`${(volume / whole) * 100}%`}
            borderInlineStartWidth="4px"
            borderColor="stop"
          />
        )}
      </Flex>
      <Table.Root mt={3}>
        <Table.Header>
          <Table.Row>
            {["What", "Counts as", "in³", "By"].map((head, i) => (
              <Table.ColumnHeader key={head} textAlign={i === 1 || i === 2 ? "end" : "start"}>
                {head}
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {fill.shares.map((share) => (
            <Table.Row key={share.what}>
              <Table.Cell>{thin(share.what)}</Table.Cell>
              <Table.Cell textAlign="end" fontFamily="numerals">
                {share.allowances}
              </Table.Cell>
              <Table.Cell textAlign="end" fontFamily="numerals">
                {share.cubicInches.toFixed(2)}
              </Table.Cell>
              <Table.Cell>
                <Source of={share.source} />
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Panel>
  );
}
