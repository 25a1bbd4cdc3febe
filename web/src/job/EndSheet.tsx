import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";

import { Why } from "../shown/Why";
import type { Recipe } from "../client";
import { SceneView } from "../drawing/SceneView";
import { FindingLines } from "../shown/FindingLines";
import { EndRework } from "./EndRework";
import { InJob } from "./InJob";
import { thin, useUnits } from "../shared/Units";
import { EndFields } from "./EndFields";
import { jobApi } from "./jobApi";
import { EndStateWord } from "./Lace";
import { Readings, type ReadingName } from "../shown/Readings";
import { ErrorMessage, Link, Segments } from "../ui";

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
      <Segments
        label="Which end"
        value={side}
        onChange={onSide}
        options={[
          ["a", `End A${opened?.wire.from ? ` · ${opened.wire.from}` : ""}`],
          ["b", `End B${opened?.wire.to ? ` · ${opened.wire.to}` : ""}`],
        ]}
      />
      <ErrorMessage of={end.error} />
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
              colours={{
                hue: opened.wire.hue,
                stripe: opened.wire.stripe,
                collar: opened.recipe?.ferrule?.colour?.name,
              }}
              height="200px"
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
          <EndFields key={`${wire}${side}`} job={job} wire={opened.wire} side={side} />
        </>
      )}
    </>
  );
}

/** The three readings of an end; a tap on one opens its reasons. */
function Three({ recipe }: { recipe: Recipe }) {
  const [why, setWhy] = useState<ReadingName | null>(null);
  return (
    <Flex direction="column" gap={2} mt={2}>
      <Readings
        recipe={recipe}
        size="beside"
        open={why}
        onOpen={(name) => setWhy(why === name ? null : name)}
      />
      {why && <Why recipe={recipe} of={why} onClose={() => setWhy(null)} />}
    </Flex>
  );
}
