import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { SceneView } from "../drawing/SceneView";
import { FindingLines } from "../findings/FindingLines";
import { Choice } from "../shared/Choice";
import { DialogFrame } from "../shared/DialogFrame";
import { Action } from "../shared/Panel";
import { inOrder, thin, useUnits } from "../shared/Units";
import { EndFields } from "./EndFields";
import { jobApi } from "./jobApi";
import { EndStateWord } from "./Lace";
import { useChanges } from "./useChanges";

/** An end opened: its section, its readings, what was found about its wire. */
export function EndDialog({
  job,
  wire,
  side: first,
  onClose,
}: {
  job: string;
  wire: string;
  side: "a" | "b";
  onClose: () => void;
}) {
  const { lead } = useUnits();
  const { remove } = useChanges();
  const [side, setSide] = useState(first);
  const end = useQuery({
    queryKey: ["job", job, "end", wire, side, lead],
    queryFn: () => jobApi.end(job, wire, side, lead),
    placeholderData: (before) => before,
  });
  const findings = useQuery({
    queryKey: ["job", job, "findings", "of", wire, lead],
    queryFn: () => jobApi.findings(job, { wire }, lead),
  });
  const opened = end.data;
  return (
    <DialogFrame
      title={opened ? `Wire ${opened.wire.wire.name}` : "Wire"}
      open
      width="760px"
      onClose={onClose}
      footer={
        <>
          <Action
            disabled={!opened}
            onClick={() =>
              opened &&
              void remove(opened.wire.wire.id, opened.wire.version).then((gone) => gone && onClose())
            }
          >
            Take the wire out
          </Action>
          <Action look="main" onClick={onClose}>
            Close
          </Action>
        </>
      }
    >
      <Choice
        label="Which end"
        value={side}
        onChange={setSide}
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
          <EndFields key={`${wire}${side}`} wire={opened.wire} side={side} />
        </>
      )}
    </DialogFrame>
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
