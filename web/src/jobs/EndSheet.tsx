import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { SceneView } from "../drawing/SceneView";
import { FindingLines } from "../findings/FindingLines";
import { Choice } from "../shared/Choice";
import { inOrder, thin, useUnits } from "../shared/Units";
import { EndFields } from "./EndFields";
import { jobApi } from "./jobApi";
import { EndStateWord } from "./Lace";

/** An end as it is opened: its wire, its recipe, its section. */
export function useEnd(job: string, wire: string, side: "a" | "b") {
  const { lead } = useUnits();
  return useQuery({
    queryKey: ["job", job, "end", wire, side, lead],
    queryFn: () => jobApi.end(job, wire, side, lead),
    placeholderData: (before) => (before?.wire.wire.id === wire ? before : undefined),
  });
}

/** An end opened: its section to scale, its three readings, what was found, and what is known of it. */
export function EndSheet({
  job,
  wire,
  side,
  onSide,
  children,
}: {
  job: string;
  wire: string;
  side: "a" | "b";
  onSide: (side: "a" | "b") => void;
  /** What can be done about it, below what was found. */
  children?: React.ReactNode;
}) {
  const { lead } = useUnits();
  const end = useEnd(job, wire, side);
  const findings = useQuery({
    queryKey: ["job", job, "findings", "of", wire, lead],
    queryFn: () => jobApi.findings(job, { wire }, lead),
  });
  const opened = end.data;
  return (
    <>
      <Choice
        label="Which end"
        value={side}
        onChange={onSide}
        options={[
          ["a", `End A${opened?.wire.from ? ` · ${opened.wire.from}` : ""}`],
          ["b", `End B${opened?.wire.to ? ` · ${opened.wire.to}` : ""}`],
        ]}
      />
      <Box role="alert" color="stop">
        {end.error?.message}
      </Box>
      {opened && (
        <>
          <Flex justifyContent="space-between" my={2} gap={3} flexWrap="wrap">
            <span>{thin(`${opened.wire.size} ${opened.wire.type}`)}</span>
            <EndStateWord progress={opened.progress} />
          </Flex>
          {opened.section ? (
            <SceneView
              scene={opened.section}
              metal={opened.wire.wire.conductor?.material ?? "copper"}
              height="170px"
            />
          ) : (
            <Box color="ink.soft">Not drawn: the wire’s size, or what it lands on, is not known.</Box>
          )}
          {opened.recipe && <Three recipe={opened.recipe} />}
          <FindingLines findings={findings.data?.items ?? []} />
          {children}
          <EndFields key={`${wire}${side}`} wire={opened.wire} side={side} />
        </>
      )}
    </>
  );
}

const Reading = chakra("div", { base: { flex: "1 1 150px", p: 2, bg: "paper.sunk", rounded: "md" } });

function Three({ recipe }: { recipe: NonNullable<Awaited<ReturnType<typeof jobApi.end>>["recipe"]> }) {
  const { lead } = useUnits();
  const torque = recipe.torque;
  return (
    <Flex gap={2} mt={2} flexWrap="wrap">
      <Reading>
        <Box fontSize="14px" color="ink.soft">
          STRIP
        </Box>
        <Box fontSize="24px" fontFamily="numerals">
          {recipe.strip ? thin(inOrder(recipe.strip.target, lead)[0]) : "—"}
        </Box>
      </Reading>
      <Reading>
        <Box fontSize="14px" color="ink.soft">
          PREPARE
        </Box>
        <Box fontSize="18px">{thin(recipe.preparation.headline)}</Box>
      </Reading>
      <Reading>
        <Box fontSize="14px" color="ink.soft">
          TIGHTEN
        </Box>
        <Box fontSize="24px" fontFamily="numerals">
          {torque ? thin(inOrder(torque.target, lead)[0]) : (recipe.holding?.headline ?? "—")}
        </Box>
      </Reading>
    </Flex>
  );
}
