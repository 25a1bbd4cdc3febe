import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { ReadingName } from "../bench/Readings";
import { Why } from "../bench/Why";
import type { Recipe } from "../client";
import { SceneView } from "../drawing/SceneView";
import { FindingLines } from "../findings/FindingLines";
import { EndRework } from "../rework/EndRework";
import { Choice } from "../shared/Choice";
import { InJob } from "../splices/InJob";
import { Link } from "react-router";
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
          {opened.splice ? (
            <InJob splice={opened.splice} metal={opened.wire.wire.conductor?.material ?? "copper"} />
          ) : opened.section ? (
            <SceneView
              scene={opened.section}
              metal={opened.wire.wire.conductor?.material ?? "copper"}
              height="170px"
            />
          ) : (
            <Box color="ink.soft">
              Not drawn: the wire’s size, or what it lands on, is not known.{" "}
              {!opened.wire.wire.conductor && <Link to="/bench/size">What size is it?</Link>}
            </Box>
          )}
          {opened.recipe && <Three recipe={opened.recipe} />}
          <FindingLines findings={findings.data?.items ?? []} />
          {children}
          <EndRework
            key={`rework${wire}${side}`}
            job={job}
            wire={wire}
            side={side}
            progress={opened.progress}
            found={opened.found}
            metal={opened.wire.wire.conductor?.material ?? "copper"}
          />
          <EndFields key={`${wire}${side}`} wire={opened.wire} side={side} />
        </>
      )}
    </>
  );
}

const Reading = chakra("button", {
  base: {
    flex: "1 1 150px",
    minH: "64px",
    p: 2,
    bg: "paper.sunk",
    rounded: "md",
    textAlign: "start",
    cursor: "pointer",
    "&[aria-expanded=true]": { outline: "2px solid {colors.copper}" },
  },
});

/** The three readings of an end; a tap on one opens its reasons. */
function Three({ recipe }: { recipe: Recipe }) {
  const { lead } = useUnits();
  const [why, setWhy] = useState<ReadingName | null>(null);
  const { strip, torque } = recipe;
  const reading = (name: ReadingName, label: string, says: string, beside: string | undefined) => (
    <Reading
      aria-expanded={why === name}
      aria-controls="why"
      onClick={() => setWhy(why === name ? null : name)}
      data-end-reading={name}
    >
      <Box fontSize="14px" color="ink.soft">
        {label}, why
      </Box>
      <Box
        fontSize={name === "prepare" ? "18px" : "24px"}
        fontFamily={name === "prepare" ? "body" : "numerals"}
      >
        {thin(says)}
      </Box>
      {beside && <Box fontSize="14px">{thin(beside)}</Box>}
    </Reading>
  );
  const [stripFirst, stripThen] = strip ? inOrder(strip.target, lead) : ["—"];
  const [torqueFirst, torqueThen] = torque ? inOrder(torque.target, lead) : [recipe.holding?.headline ?? "—"];
  return (
    <>
      <Flex gap={2} mt={2} flexWrap="wrap">
        {reading("strip", "STRIP", stripFirst, stripThen)}
        {reading("prepare", "PREPARE", recipe.preparation.headline, undefined)}
        {reading("tighten", "TIGHTEN", torqueFirst, torqueThen)}
      </Flex>
      {why && (
        <Box mt={2}>
          <Why recipe={recipe} of={why} onClose={() => setWhy(null)} />
        </Box>
      )}
    </>
  );
}
